# frozen_string_literal: true

module Scullion
  class UseUp
    # How something that is left comes into a salad by its condition: stale bread is moistened and carries the
    # salad; tired leaf goes into the pot where it can be cooked, and into the dressing where it cannot.
    class WayIn
      LEAFY, MOISTEN = %w[leafy moisten].freeze
      # A weight to see by what becomes of it.
      ONE = { "grams" => 100.0 }.freeze

      # @param component [Hash] as it would come in otherwise @param conditions [Array<Condition>]
      # @param kind [String] see Left#kind @param house [House]
      def initialize(component, conditions, kind, house)
        @component, @conditions, @kind, @house = component, conditions, kind, house
        @food = house.larder.fetch(component["ingredient"])
      end

      # @return [Hash]
      def component = other ? other.except("grams") : @component

      # g finished of a g as it would come in otherwise.
      def times = other ? other["grams"] / ONE["grams"] : 1.0

      # Is it blended into the dressing?
      def dressing? = tired_leaf? && pot.nil?

      # @return [String, nil] what is done to it for that
      def said
        return BLENDED if dressing?

        COOKED if tired_leaf?
      end
      BLENDED = "It is blended into the dressing.".freeze
      COOKED = "It goes into the pot.".freeze

      private

      def other
        return @other if defined?(@other)

        way =
          if moistened?
            { "treat" => MOISTEN }
          elsif tired_leaf? && pot
            { "cook" => { "method" => pot } }
          end
        @other = way && changed(way)
      end

      def changed(way)
        made = Salad::AnotherWay.new(@component.merge(ONE), way, @house).to_h
        return made.merge("role" => "base") if moistened?

        made.merge("grams" => ONE["grams"] * (@house.left_after(made) || 1.0))
      end

      def moistened? = @conditions.any?(&:moistens?) && @food.figures.key?("treats/#{MOISTEN}/gain")
      def tired_leaf? = @kind == LEAFY && @component["cook"].nil? && @conditions.any?(&:wilts?)
      def pot = @food.methods_of_cooking.first
    end
  end
end
