# frozen_string_literal: true

module Scullion
  module Buy
    # A price in words, where some or all of what it is of has none that is known here: what comes ready cut,
    # and what nobody has given one. It is not free.
    module Price
      TO_ASK = "to ask".freeze

      # @param cost [Float] of what has a price @param unpriced [Boolean] is there anything that has none?
      # @param writer [Amount::Writer]
      # @return [String] "12.40", "12.40 + to ask", "to ask"
      def self.words(cost, unpriced, writer)
        return writer.money(cost) unless unpriced

        cost.positive? ? "#{writer.money(cost)} + #{TO_ASK}" : TO_ASK
      end

      # @param ingredient [Ingredient] @return [Boolean] is its price known?
      def self.of?(ingredient) = ingredient.figures.key?("price/per_kg")
    end
  end
end
