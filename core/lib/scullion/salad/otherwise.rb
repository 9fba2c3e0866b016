# frozen_string_literal: true

module Scullion
  class Salad
    # Other ways of making a component that ask less of a day: another choice within its way of cooking, or
    # from the tin what is cooked from dry. Figures in practice/otherwise.yml.
    class Otherwise
      # One of them. key: what a day keeps of it; name, why: in words; component: as it is then.
      Way = Struct.new(:key, :name, :why, :component, keyword_init: true)
      TIN = "tin"

      # @param component [Component] @param larder [Hash{String=>Ingredient}] @param practice [Practice]
      # @return [Hash{String=>Way}] by key
      def self.of(component, larder, practice) = new(component, larder, practice).to_h

      # The component as a day has it. @param chosen [Hash{String=>String}] keys by preparation
      # @return [Component]
      def self.as_chosen(component, chosen, larder, practice)
        key = chosen[component.preparation] or return component
        of(component, larder, practice)[key]&.component || component
      end

      def initialize(component, larder, practice)
        @component, @larder, @practice = component, larder, practice
      end

      def to_h = [*choices, *from_tin].to_h { |way| [way.key, way] }

      private

      def choices
        method = @component.cook["method"]
        (@practice.words("otherwise", "choices")[method] || {}).filter_map do |option, choice|
          schools = @practice.schools(method).fetch(option)
          next if (@component.cook[option] || schools.keys.first) == choice

          Way.new(
            key: "#{option}=#{choice}",
            **schools.fetch(choice).transform_keys(&:to_sym).slice(:name, :why),
            component: @component.changed(cook: @component.cook.merge(option => choice))
          )
        end
      end

      def from_tin
        tin = @larder[@practice.words("otherwise", "tins")[@component.ingredient.key]]
        return [] if tin.nil? || @component.made || @component.method.nil?

        said = @practice.words("otherwise", "from_tin")
        [
          Way.new(
            key: TIN,
            name: said["name"],
            why: said["why"],
            component:
              @component.changed(ingredient: tin, name: nil, cook: { "method" => said["method"] }, with: [])
          )
        ]
      end
    end
  end
end
