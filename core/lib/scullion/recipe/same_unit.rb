# frozen_string_literal: true

module Scullion
  module Recipe
    # A bare number that goes on in the unit before it: "a dessertspoon of vinegar, two of oil", "2 tbsp
    # vinegar, 5 oil", "a bunch of mint and one of coriander". For SaidOnce, which it is a part of.
    module SameUnit
      MILLILITRES = /\d\s*(?:mi?ls?|cc|millilit\w+)\z/i.freeze
      LITRES = /\d\s*l(?:tr?s?|it(?:re|er)s?)?\z/i.freeze

      SO_MANY_OF = "(?:\\d|(?:#{Amount::Words::BELOW_HUNDRED}))\\s+of\\s+(?:\\S+\\s+){0,2}".freeze

      private

      # "3 bunches of mint and 3 of coriander", "a cup of walnuts and two of pecans".
      def same_measure(one, other)
        bare = one.amount && other.counted? && !other.amount.estimated && other.food?
        # "A litre of mayonnaise, 250 of yoghurt": not so many litres.
        return unless bare && [other.piece, other.container].none? && !Counted.many?(other.amount)

        said = @plain.byteslice(one.from..).to_s.scrub
        return unless said.match?(/#{SO_MANY_OF}#{Regexp.escape(other.name)}/i)

        one.counted? ? as_counted(one, other) : as_measured(one, other)
      end

      def as_counted(one, other)
        other.piece, other.container, other.size = one.piece, one.container, other.size || one.size
        other.words["states"] ||= one.words["states"] if one.container && one.words["states"]
      end

      # As often the measure before it: of a cup, a handful, a kilo.
      def as_measured(one, other)
        times = number_of(token_of(one)) or return
        other.amount = one.amount.times(other.amount.value / times)
      end

      # @return [Float, nil] as it is written before its unit
      def number_of(token)
        said = token&.text.to_s
        word = said[/\A[[:alpha:]]+/].to_s.downcase
        number =
          Amount::Words::NUMBERS[word]&.to_f || said[%r{\A\d+(?:[.,]\d+)?(?![\d/])}]&.tr(",", ".")&.to_f
        number if number&.positive?
      end

      # A bare number of what is poured goes on in the unit before it: "a dessertspoon of one, two of oil".
      # @param steps [Hash{Amount=>Float}] what one of such an amount is
      def same_unit(one, other, steps)
        bare = other.counted? && !other.amount.estimated && other.food?
        return unless bare && [other.piece, other.container].none?
        return unless lexicon.poured?(other.foods.first) && one.amount && !one.counted?
        # "Mayonnaise 400 g: 2 yolks"
        return if lexicon.one_known?(other.foods.first) && !lexicon.acid?(other.foods.first)

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
