# frozen_string_literal: true

module Scullion
  class Salad
    # Whole fruit that a juice or a zest comes from. kind: juice or zest; whole: the Ingredient that is
    # bought.
    Fruit =
      Struct.new(:kind, :whole, keyword_init: true) do
        # @param kind [String] @param ingredient [Ingredient] the juice, or the fruit itself for its zest
        # @param larder [Hash{String=>Ingredient}]
        # @return [Fruit, nil] nil where it comes from no fruit that the larder knows so well
        def self.of(kind, ingredient, larder)
          whole = larder[kind == "juice" ? ingredient.key.delete_suffix("-juice") : ingredient.key]
          return unless whole && (kind == "zest" || whole.key != ingredient.key)

          fruit = new(kind: kind, whole: whole)
          fruit if whole.figures.key?("pieces/#{kind}") && fruit.weighs_at
        end

        # Where the larder says what one of it weighs. @param whole [Ingredient] @return [String, nil]
        def self.weighs_at(whole) = %w[pieces/each pieces/medium].find { |at| whole.figures.key?(at) }
        def weighs_at = Fruit.weighs_at(whole)

        # g of fruit for a gram of its juice or zest
        def whole_for_one = whole.fetch(weighs_at) / whole.fetch("pieces/#{kind}")
      end
    Fruit::KINDS = %w[juice zest].freeze
  end
end
