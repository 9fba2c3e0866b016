# frozen_string_literal: true

module Scullion
  class UseUp
    # Whom all of it must suit: diets, and what guests must not have.
    class Suits
      KEYS = [*Salad::DietsAndAllergens::FREE.keys, *IngredientForm::DIETS].freeze

      # @param keys [Array<String>] of KEYS; none: anybody
      def initialize(keys = [])
        @keys = keys
      end

      def food?(ingredient) = @keys.all? { |key| Salad::DietsAndAllergens.suits?(ingredient, key) }

      # Everything that reaches the plate. @param portion [Count::Portion]
      def portion?(portion) = @keys.empty? || portion.lines_eaten.all? { |line| food?(line.ingredient) }
    end
  end
end
