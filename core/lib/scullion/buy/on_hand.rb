# frozen_string_literal: true

module Scullion
  module Buy
    # What there is of an ingredient, as a cook counts it: grams, any amount, or packs.
    module OnHand
      PACKS = /\A\s*(\d+)\s*(?:packs?|tins?|bags?|cases?|heads?|bunch(?:es)?)?\s*\z/.freeze

      # @param written [Numeric, String] "2 kg", "3 bags", 500
      # @param ingredient [Ingredient]
      # @param house [House]
      # @return [Float, Integer] g
      # @raise [UnreadableAmount] @raise [MissingFigure]
      def self.grams(written, ingredient, house)
        numeric = Float(written.to_s.tr(",", "."), exception: false) and return numeric
        packs = written.to_s.match(PACKS) and return packs[1].to_i * ingredient.packs.first.grams

        amount = house.reader.read(written.to_s)
        return amount.grams(ingredient, "whole") if amount.rest.empty?

        raise UnreadableAmount,
              Fault.new(
                what: "Cannot read #{Fault.shown(amount.rest)}.",
                where: "value",
                remedy: "Write a weight or packs: 2 kg, 3 bags."
              )
      end
    end
  end
end
