# frozen_string_literal: true

module Scullion
  module Recipe
    # A food of which the parts go their own ways, where the line has one alone, or has others only to season
    # one of its halves. For WholeLine, which it is a part of.
    module TakenApart
      private

      def taken_apart(items)
        food, *others = items.select(&:food?)
        return items unless food

        apart = Apart.new(@plain, @tokens, lexicon)
        return items unless others.empty? || (apart.shared?(food) && others.all? { |item| seasons_it?(item) })
        return not_apart(items) unless apart.two?(food)

        others.each { |item| cooked_to_taste(item) }
        items.flat_map { |item| item.equal?(food) ? apart.of(item) : item }
      end

      def not_apart(items)
        foods = items.select(&:food?)
        foods.first.left ||= SharesUnsaid.new(@plain, lexicon).word if foods.one?
        items.flat_map { |item| item.food? ? shared_out(item) : item }
      end

      # "Carrots, half roasted with cumin, half raw": the cumin goes with the half that is cooked, to taste.
      def seasons_it?(item) = lexicon.seasons?(item.foods.first) && share?(item.amount)

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
    end
  end
end
