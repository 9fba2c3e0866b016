# frozen_string_literal: true

module Scullion
  module Recipe
    # "Pots" are potatoes, and what herbs, seeds and yoghurt come in or a dressing goes into: "2 pots of
    # basil", "pomegranate seeds, 2 pots (125 g)", "herbs 3 pots", "dressing in pots".
    class Pots
      NAME = %w[pots].freeze
      INTO = %w[in into little small].freeze
      BIG = %w[big large good small].freeze
      # "40 x 200 g pots"
      OF_A_SIZE = /\d\s*[x×]\s*\d+\s?(?:g|ml)\s+pots\b/i.freeze

      # @param tokens [Array<Lexer::Token>] of a line @param text [String] the line
      # @return [Array<Lexer::Token>] with the pots that hold something as words
      def self.of(tokens, text) = tokens.any? { |token| pots?(token) } ? new(tokens, text).told : tokens
      def self.pots?(token) = token.kind == :food && token.folded == NAME

      def initialize(tokens, text)
        @tokens, @text = tokens, text
      end

      def told
        @tokens.map.with_index do |token, index|
          next token unless Pots.pots?(token) && hold?(index)

          token.dup.tap { |word| word.kind, word.value = :word, token.value[:roles] }
        end
      end

      private

      def hold?(index)
        INTO.include?(Around.word(before(index))) || @text.match?(OF_A_SIZE) ||
          ((counted?(before(index)) || sized?(index)) && of_something?(index))
      end

      # Behind what is in them, or before it, or with the size of one.
      def of_something?(index)
        return false if @tokens[index + 1]&.kind == :amount

        before(index - 1)&.kind == :food || @tokens[index + 1]&.kind == :food || all_of_it?(index) ||
          %w[of (].include?(@tokens[index + 1]&.text)
      end

      # "Cress, 3 pots"
      def all_of_it?(index)
        before, mark, = @tokens
        index == 3 && before.kind == :food && mark.text == "," &&
          @tokens.drop(4).all? { |token| token.text == "." }
      end

      # Three big ones of something.
      def sized?(index) = BIG.include?(Around.word(before(index))) && counted?(before(index - 1))

      def counted?(token) = token&.kind == :amount && token.value.unit == :piece
      def before(index) = index.positive? ? @tokens[index - 1] : nil
    end
  end
end
