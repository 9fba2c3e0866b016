# frozen_string_literal: true

module Scullion
  module Changes
    # One choice within a way of cooking (the lid, the soak water, the pot). What several salads of
    # the service share is cooked once, so the choice holds for all of them.
    class SchoolChoice
      # @param key [String] a salad's @param place [Integer] of the component @param option [String]
      def initialize(service, house, key, place, option)
        @service, @house, @option = service, house, option
        @component = service.salads.find { |salad| salad.key == key }&.components&.[](place) or
          refuse("at", "There is no such component in this service.", "Reload the page.")
      end

      # @param value [String, nil] nil for the usual choice
      # @return [String, nil] what stood there before
      # @raise [InvalidBrief] when it is not one of the choices
      def take(value)
        unless @component.cook
          refuse("value", "#{@component.ingredient.name} is not cooked.", "Give it a way of cooking first.")
        end
        cook = @component.cook.merge(@option => value.presence).compact
        check(cook)
        previous = @component.cook[@option]
        same.each do |component|
          component.update!(cook: cook)
          component.salad.touch_version
        end
        previous
      end

      private

      def check(cook)
        fields =
          DocumentReader.new(
            "key" => "x",
            "name" => "x",
            "components" => [@component.to_document.merge("cook" => cook)]
          )
        Salad::Form.read(fields, @house)
        raise InvalidBrief.new(fields.faults).at("/value") if fields.faults.any?
      end

      # Every component of the service that is prepared the same way.
      def same
        alike = preparation(@component)
        @service.salads.flat_map(&:components).select { |component| preparation(component) == alike }
      end

      def preparation(component)
        component.values_at(:ingredient_id, :trim, :cut, :treat, :treat_minutes, :cook)
      end

      def refuse(where, what, remedy)
        raise(InvalidBrief, Fault.new(what: what, where: "/#{where}", remedy: remedy))
      end
    end
  end
end
