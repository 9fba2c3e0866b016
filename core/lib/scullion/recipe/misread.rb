# frozen_string_literal: true

module Scullion
  module Recipe
    # Words that a scanner read wrong, where one letter or two make it one that is known: "sl1ced", "vlnegar".
    class Misread
      ALIKE = {
        "l" => %w[i],
        "i" => %w[l],
        "I" => %w[l i],
        "1" => %w[l i],
        "0" => %w[o],
        "5" => %w[s]
      }.freeze
      # Letters from which a word read wrong shows by itself; a shorter one has a capital or a digit in it.
      SHORTEST, ODD = 4, /[[:lower:]][I01]|[015][[:lower:]]{2}/.freeze
      # An amount with its unit.
      COUNTED = /\A(?:\d\d|[2-46-9])/.freeze

      # @param words [Array<String>] that are known, folded
      def initialize(words)
        @known, @meant = words.to_h { |word| [word, true] }, {}
      end

      # @return [String, nil] what is meant; nil where it is known as it stands, or nothing is near it
      def meant(word) = @meant.fetch(word) { @meant[word] = meant_by(word) }

      private

      def meant_by(word)
        return if word.match?(COUNTED) || known?(word) || (word.length < SHORTEST && !word.match?(ODD))

        once = alike(word)
        [*once, *once.flat_map { |each| alike(each) }].find { |each| known?(each) }
      end

      def alike(word)
        word.each_char.with_index.flat_map do |char, index|
          ALIKE.fetch(char, []).map { |other| word.dup.tap { |each| each[index] = other } }
        end
      end

      def known?(word)
        folded = Lexicon.fold(word)
        @known.key?(folded) || @known.key?(Lexicon.singular(folded))
      end
    end
  end
end
