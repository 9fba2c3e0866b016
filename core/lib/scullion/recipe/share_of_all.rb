# frozen_string_literal: true

module Scullion
  module Recipe
    # How much of a pack goes in, and how many there are: "a jar (2 kg), half of it", "a tub (500 g) x 3". For
    # Items, which it is a part of.
    module ShareOfAll
      ABOUT_SO = %w[about roughly].freeze
      POURED = %w[pour spoon toss drizzle tip dress use keep].freeze

      private

      # "Salad cream, 1 jar (2 kg), about half of it", ", about half": so much of it all.
      def share_of_all?(amount, index)
        if !item.food? || item.amount.nil? || amount.unit != :piece || !amount.value.between?(0.1, 0.9)
          return false
        end

        ends = index + words_of_it(index)
        return false if ends == index + 1 && !ABOUT_SO.include?(@around.word_before(index))

        [nil, :mark].include?(@tokens[ends]&.kind)
      end

      # "And pour half of it over the potatoes": of what is listed before, and no amount of the last.
      def poured_of_it?(amount, index)
        @prose && amount.unit == :piece && amount.value < 1 && words_of_it(index) > 1 &&
          POURED.include?(@around.word_before(index))
      end

      def share_of_all(amount)
        item.amount = item.amount.times(amount.value)
        item.flags << :shared
      end

      # "Half of it", of which the lexer has the "of" too.
      def words_of_it(index)
        return 3 if @around.of_them?(index)

        if @tokens[index].text.match?(/\sof\z/i) && SpokenOf::THEM.include?(Around.word(@tokens[index + 1]))
          2
        else
          1
        end
      end

      # "A tub of rocket (500 g) x 3": as often.
      def times_behind?(amount, index)
        amount.unit == :piece && item.container && item.size && item.counted? &&
          @around.word_before(index) == "x" && [nil, :mark].include?(@tokens[index + 1]&.kind)
      end
    end
  end
end
