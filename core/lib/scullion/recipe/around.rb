# frozen_string_literal: true

module Scullion
  module Recipe
    # What stands before and after a token of a line.
    class Around
      TOWARDS = %w[in into for from under over on than like as of by].freeze
      JOINS = %w[and n w with plus also et und then].freeze
      # "plus extra to serve": that is said of what is not weighed.
      MORE = %w[plus more extra some another].freeze

      # @param tokens [Array<Lexer::Token>]
      def initialize(tokens)
        @tokens = tokens
      end

      def self.joins?(token) = JOINS.include?(word(token))
      def self.towards?(token) = TOWARDS.include?(word(token))
      def self.word(token) = token&.folded&.join(" ")

      def before(index) = index.zero? ? nil : @tokens[index - 1]
      def word_before(index) = Around.word(before(index))
      def of_ahead?(index) = @tokens[index + 1]&.folded == ["of"]
      def food_after?(index) = @tokens.drop(index + 1).any? { |token| token.kind == :food }
      def times?(index) = word_before(index) == "x"

      # Comes a food before the next mark, amount or "or"?
      def food_follows?(index)
        @tokens
          .drop(index + 1)
          .each do |token|
            return true if token.kind == :food
            return false if stops?(token)
          end
        false
      end

      # "crumbled in barley water", "for the squash": since the last mark it is spoken of, not listed.
      def towards?(index)
        @tokens
          .first(index)
          .reverse_each do |token|
            return false if token.kind == :mark || token.value.is_a?(Amount) || Around.joins?(token)
            return true if Around.towards?(token)
          end
        false
      end

      # A mark or an "and" stands between this food and the one before.
      def apart?(index)
        @tokens
          .first(index)
          .reverse_each do |token|
            return false if token.kind == :food
            return true if token.kind == :mark || Around.joins?(token)
          end
        false
      end

      def joined?(index)
        before = before(index)
        before&.kind == :mark ? before.text == "+" : Around.joins?(before)
      end

      # What comes after this amount has a name that nobody knows.
      def stranger?(index)
        after = @tokens.drop(index + 1).find { |token| token.folded != ["of"] }
        after&.kind == :word && after.value.empty?
      end

      # More of the same: "1 Tbsp extra", "a slosh for the bread", "2 Tbsp juice".
      def extra?(index, parts)
        word = Around.word(@tokens[index + 1])
        MORE.include?(word) || word == "for" || parts.key?(word)
      end

      def for?(index) = [index - 1, index - 2].any? { |at| at >= 0 && Around.word(@tokens[at]) == "for" }
      def more?(index) = @tokens[[index - 2, 0].max...index].any? { |each| MORE.include?(Around.word(each)) }

      # A number of pieces stands before it, but for words that change nothing.
      def count_before?(index)
        token = @tokens.first(index).reverse.find { |each| each.kind != :word || !each.value["aside"] }
        token&.kind == :amount && token.value.unit == :piece
      end

      private

      def stops?(token)
        case token.kind
        when :amount
          true
        when :mark
          token.text != "."
        when :word
          token.folded == ["or"] || (Around.towards?(token) && token.folded != ["of"])
        end
      end
    end
  end
end
