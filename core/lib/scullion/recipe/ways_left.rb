# frozen_string_literal: true

module Scullion
  module Recipe
    # The ways of a line that none of its foods has: "blanched, then griddled", "one grilled, one raw". As one
    # food is cooked one way here, the word that is left over is asked about.
    class WaysLeft
      ROLES = %w[cooks treats].freeze
      # What comes so is not done here.
      COMES = "tinned"
      RAW = "raw"
      # What is not done, or only might be.
      UNDONE = %w[not never no without or for to].freeze

      # @param word [String] the way @return [String] the question
      def self.question(word) = "“#{word}” too: one food is cooked one way here. Take it without?"

      # @param tokens [Array<Lexer::Token>] of the line @param lexicon [Lexicon]
      def initialize(tokens, lexicon)
        @tokens, @lexicon = tokens, lexicon
      end

      # Says of each which word it is. @param items [Array<Item>] with all that is known of them
      def of(items)
        foods = items.select { |item| item.food? && item.amount && !@lexicon.poured?(item.foods.first) }
        return if foods.empty?

        @tokens.each_with_index do |token, index|
          left(token, foods) if token.kind == :word && !undone?(index) && left?(token, index, items)
        end
      end

      private

      def left(token, foods)
        food = foods.reverse.find { |item| item.from <= token.at } or return
        food.left ||= token.text
      end

      def left?(token, index, items)
        return raw_left?(index, items) if token.value["states"] == RAW

        ways = token.value.values_at(*ROLES).compact - [COMES]
        ways.any? && ways.none? { |way| items.any? { |item| item.words.value?(way) } }
      end

      # A weight may be that of the raw food: "(from 2 cups raw)"; "raw, roast in skins" is how it is bought.
      def raw_left?(index, items)
        return false if @tokens.first(index).none? { |token| token.kind == :word && token.value["cooks"] }
        return false if beside(index).any? { |token| token&.kind == :amount && token.value.unit != :piece }

        items.none? { |item| item.raw? && item.words["cooks"].nil? }
      end

      def undone?(index) = index.positive? && UNDONE.include?(Around.word(@tokens[index - 1]))
      def beside(index) = [(@tokens[index - 1] if index.positive?), @tokens[index + 1]]
    end
  end
end
