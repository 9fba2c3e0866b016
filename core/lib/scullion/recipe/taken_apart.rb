# frozen_string_literal: true

module Scullion
  module Recipe
    # A food of which the parts go their own ways, where the line has one alone, or has others only to season
    # one of its halves. For WholeLine, which it is a part of.
    module TakenApart
      private

      # Where the line has one food alone.
      def taken_apart(items)
        foods = items.select(&:food?)
        apart = Apart.new(@plain, lexicon)
        return items unless foods.size == 1 || (foods.any? && apart.halves? && only_seasoned?(foods))
        return items.flat_map { |item| item.food? ? shared_out(item) : item } unless apart.two?

        counted_from_one(foods.first)
        items.flat_map { |item| item.equal?(foods.first) ? apart.of(item) : item }
      end

      # "Carrots, half roasted with cumin, half raw": the cumin goes with the half that is cooked, to taste.
      def only_seasoned?(foods)
        seasonings = foods.drop(1)
        unless seasonings.all? { |item| lexicon.seasons?(item.foods.first) && share?(item.amount) }
          return false
        end

        seasonings.each { |item| cooked_to_taste(item) }
      end

      def cooked_to_taste(item)
        item.amount, item.place, item.words, item.flags = nil, "cook", {}, [:taste]
      end

      def share?(amount) = amount.nil? || amount.value < 1

      # Of what is poured.
      def shared_out(item)
        return [item] unless item.amount && lexicon.poured?(item.foods.first)

        parts = SharedOut.new(@plain, @lexer.measures).of(item)
        # "1 litre buttermilk, 100 g of it for the dressing"
        item.flags << :contradicts if parts.one? && @plain.match?(SharedOut::OF_IT)
        parts
      end

      # A piece without a number is one.
      def counted_from_one(item)
        item.amount ||= Amount.new(1, 1, :piece, piece: "each") if item.piece || item.container
      end
    end
  end
end
