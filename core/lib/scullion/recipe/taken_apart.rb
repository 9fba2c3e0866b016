# frozen_string_literal: true

module Scullion
  module Recipe
    # A food of which the parts go their own ways, where the line has one alone, or has others only to season
    # one of its halves. For WholeLine, which it is a part of.
    module TakenApart
      private

      def taken_apart(items)
        foods = items.select(&:food?)
        food, *others = foods
        return items unless food
        return each_apart(items, foods) unless others.all? { |item| seasons_it?(item) }

        apart = Apart.new(@plain, @tokens, lexicon)
        return not_apart(items) unless apart.two?(food) && (others.empty? || apart.shared?(food))

        others.each { |item| cooked_to_taste(item) if item.amount.nil? || item.counted? }
        items.flat_map { |item| item.equal?(food) ? apart.of(item) : item }
      end

      # "2 onions, one sliced, one diced, 3 carrots, grated": by what stands up to the next food.
      def each_apart(items, foods)
        items.flat_map do |item|
          next shared_out(item) unless item.food? && item.amount && !lexicon.poured?(item.foods.first)

          ends = foods.map(&:from).select { |from| from > item.from }.min || @plain.bytesize
          tokens = @tokens.select { |token| (item.from...ends).cover?(token.at) }
          apart = Apart.new(@plain.byteslice(0...ends).scrub, tokens, lexicon)
          apart.shared?(item) ? apart.of(item) : item
        end
      end

      def not_apart(items)
        foods = items.select(&:food?)
        foods.first.left ||= SharesUnsaid.new(@plain, lexicon).word if foods.one?
        items.flat_map { |item| shared_out(item) }
      end

      # "Carrots, half roasted with cumin, half raw": the cumin goes with the half that is cooked, to taste.
      # So does the sugar that they are crushed with, which is weighed.
      def seasons_it?(item)
        lexicon.seasons?(item.foods.first) || lexicon.sweet?(item.foods.first)
      end

      def cooked_to_taste(item)
        item.amount, item.place, item.words, item.flags = nil, "cook", {}, [:taste]
      end

      # Of what is poured.
      def shared_out(item)
        return [item] unless item.food? && item.amount && lexicon.poured?(item.foods.first)

        parts = SharedOut.new(@plain, @lexer.measures).of(item)
        # "1 litre buttermilk, 100 g of it for the dressing"
        item.flags << :contradicts if parts.one? && @plain.match?(SharedOut::OF_IT)
        parts
      end
    end
  end
end
