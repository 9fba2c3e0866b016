# frozen_string_literal: true

module Scullion
  module Recipe
    # What was counted before a food, and is another: a stranger, half of the dressing, a dressing that is
    # made with it. For Items, which it is a part of.
    module AmountTaken
      private

      def amount_taken?(index)
        return @behind && item.amount if item.food?

        item.of_dressing? || stranger_counted? || stranger_done?(index)
      end

      # "Flat pars 20 bunches, mint 10": what nobody knows has an amount of its own behind it.
      def stranger_counted?
        return false if item.food? || item.amount.nil? || item.unknown.empty? || @prose

        word, clause = item.unknown.first
        counted = @tokens.index { |token| token.value.equal?(item.amount) }.to_i
        clause < @clauses.number && @tokens.index { |token| token.text == word }.to_i < counted &&
          @tokens[counted...@tokens.index(@token)].any? { |token| token.kind == :mark }
      end

      # "3 ficelles, brushed with oil": the oil is not what is counted.
      def stranger_done?(index)
        if item.food? || item.amount.nil? || @prose || !%w[with w].include?(@around.word_before(index))
          return false
        end

        item.unknown.any? { |_, clause, beside| beside && clause < @clauses.number }
      end

      # "I made a French dressing with 600 ml oil": what it is made with is listed; a jar of it is bought.
      def made_with?(token, index)
        Amounted::MADE_HERE.include?(token.folded.last) && @around.done_in?(index) &&
          (item.amount.nil? || (item.counted? && item.container.nil?))
      end
    end
  end
end
