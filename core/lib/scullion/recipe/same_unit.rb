# frozen_string_literal: true

module Scullion
  module Recipe
    # A bare number that goes on in the unit before it: "a dessertspoon of vinegar, two of oil", "2 tbsp
    # vinegar, 5 oil". For SaidOnce, which it is a part of.
    module SameUnit
      MILLILITRES = /\d\s*(?:mi?ls?|cc|millilit\w+)\z/i.freeze
      LITRES = /\d\s*l(?:tr?s?|it(?:re|er)s?)?\z/i.freeze

      private

      # A bare number of what is poured goes on in the unit before it: "a dessertspoon of one, two of oil".
      # @param steps [Hash{Amount=>Float}] what one of such an amount is
      def same_unit(one, other, steps)
        bare = other.counted? && !other.amount.estimated && other.food?
        return unless bare && [other.piece, other.container].none?
        return unless lexicon.poured?(other.foods.first) && one.amount && !one.counted?

        step = steps[one.amount] || step(one) or return
        # "3 tbsp horseradish + crème fraîche 300": not so many spoons.
        return if step > 1 && Counted.many?(other.amount)

        other.amount = Amount.new(other.amount.low * step, other.amount.high * step, one.amount.unit)
        steps[other.amount] = step
      end

      # g, or ml to a spoon, level as it may not be said of the next; none where so many litres cannot be
      # meant
      def step(item)
        amount = item.amount
        return 1.0 if amount.unit == :g

        one = token_of(item)
        return 1.0 if one&.text.to_s.match?(MILLILITRES)
        return if one&.text.to_s.match?(LITRES)

        number = Amount::Words::NUMBERS[one&.text.to_s[/\A[[:alpha:]]+/].to_s.downcase]
        return amount.value / number if number

        one&.text.to_s.match?(/\d/) ? @lexer.spoon(amount) : (one&.value || amount).value
      end

      # Its amount as it is written: its own, or the first in its part of the line where that was filled.
      def token_of(item)
        amounts = @lexer.read(@plain).select { |token| token.kind == :amount }
        amounts.find { |token| token.value.equal?(item.amount) } ||
          amounts.find { |token| token.at >= item.from && (item.to.nil? || token.at < item.to) }
      end
    end
  end
end
