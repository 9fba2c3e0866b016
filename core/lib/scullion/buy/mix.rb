# frozen_string_literal: true

module Scullion
  module Buy
    # The packs that cover what is needed and cost least, where something is sold in several sizes; each pack
    # that is opened counts as a little more of it. As many of each size as cover it, tried from the largest.
    class Mix
      # So many sizes at most, and so many mixes of them are tried.
      SIZES, TRIED = 6, 3000

      # @param packs [Array<Ingredient::Pack>] @param price [Float] a kilo, of packs without their own price
      # @param handling [Float] g that opening one more pack counts as
      def initialize(packs, price, handling)
        @packs, @price, @handling = packs.first(SIZES), price, handling
      end

      # @param grams [Float] to be covered @return [Hash{Ingredient::Pack=>Integer}] none for nothing
      def for(grams)
        return {} unless grams.positive?

        best(@packs.sort_by { |pack| -pack.grams }, grams).select { |_, count| count.positive? }
      end

      # @return [Float] in the house's money
      def price_of(mix) = mix.sum { |pack, count| count * (pack.price || (pack.grams / 1000 * @price)) }

      private

      def best(packs, grams)
        pack, *smaller = packs
        alone = [Amount::Whole.up(grams / pack.grams), 0].max
        return { pack => alone } if smaller.empty?

        ([alone - fewer, 0].max..alone)
          .map { |count| { pack => count }.merge(best(smaller, grams - (count * pack.grams))) }
          .min_by { |mix| [weighed(mix), mix.values.sum] }
      end

      # Of the larger sizes, so many fewer than would cover it alone.
      def fewer = (TRIED**(1.0 / (@packs.size - 1))).floor - 1

      # Without any price, by weight.
      def weighed(mix)
        each = @price.positive? ? @price / 1000 : 1.0
        mix.sum { |pack, count| count * ((pack.price || (pack.grams * each)) + (@handling * each)) }
      end
    end
  end
end
