# frozen_string_literal: true

module Scullion
  module Recipe
    # Fruit that is asked for by its juice or its zest, and how much that is. Part of LineReader.
    module OfFruit
      private

      # A fruit asked for its juice is so many grams of that juice, for its zest so many zests.
      # @return [Array(Amount, Array<Ingredient>)]
      def of_part(item, amount, candidates)
        fruit = candidates.first
        part = item.parts.first || ("juice" if poured?(amount, fruit))
        return amount, candidates unless part && fruit&.family == "fruit"

        amount = Amount.new(1, 1, :piece, piece: "each") if amount.nil? || amount.unit == :taste
        return zest(amount), candidates if part == "zest"

        juice = @larder["#{fruit.key}-juice"] or return amount, candidates
        [squeezed(amount, fruit), [juice, *candidates]]
      end

      # "Lemon 300 ml": nobody measures the fruit.
      def poured?(amount, fruit)
        !fruit.nil? && amount&.unit == :ml && !amount.estimated && @house.lexicon.squeezed?(fruit.key)
      end

      # @return [Hash{String=>Amount}] by the juice's key
      def juice_of(fruit, amount)
        key = "#{fruit.key}-juice"
        @larder.key?(key) ? { key => squeezed(amount, fruit) } : {}
      end

      def squeezed(amount, fruit)
        each = fruit.figures["pieces/juice"]
        return amount unless each && amount.unit == :piece

        Amount.new(amount.low * each, amount.high * each, :g, part: "juice", estimated: true)
      end

      def zest(amount)
        return amount unless amount.unit == :piece

        Amount.new(amount.low, amount.high, :piece, piece: "zest", part: "zest")
      end
    end
  end
end
