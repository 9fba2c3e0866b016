# frozen_string_literal: true

module Scullion
  module Recipe
    # What cooks along, at the pot that it cooks in: bay and onion with the lentils, stock for the grain.
    # Water is the plan's own.
    class Company
      # @param taken [Array<Taken>] all of the recipe @param servings [Integer]
      def initialize(taken, practice, servings)
        @practice, @servings = practice, servings
        @along = taken.select { |each| each.into == "pot" && each.ingredient.key != "water" }
      end

      # @param components [Array<Hash>] @return [Array<Hash>] the one in a pot with its company
      def along_with(components)
        at = components.index { |component| in_pot?(component) }
        return components if at.nil? || @along.empty?

        components.each_with_index.map { |component, index| index == at ? accompanied(component) : component }
      end

      private

      def in_pot?(component)
        kind = Cook::Parcels.kind(component.dig("cook", "method"))
        kind&.in_pot?
      end

      def accompanied(component)
        stock, others = @along.partition { |taken| stock?(taken) }
        with = others.filter_map { |taken| weighed(taken) }
        cook = component["cook"]
        cook = cook.merge("liquid" => "stock") if stock.any? && liquids(cook).include?("stock")
        component.merge("cook" => cook, "with" => (with unless with.empty?)).compact
      end

      def stock?(taken) = taken.ingredient.family == "liquid"
      def liquids(cook) = @practice.schools(cook["method"]).fetch("liquid", {}).keys

      def weighed(taken)
        grams = taken.grams or return
        {
          "ingredient" => taken.ingredient.key,
          "grams" => (grams / @servings).round(3).clamp(Salad::With::GRAMS)
        }
      end
    end
  end
end
