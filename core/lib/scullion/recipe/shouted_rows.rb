# frozen_string_literal: true

module Scullion
  module Recipe
    # Rows in capitals that head what stands below them. For Kinds, which it is a part of.
    module ShoutedRows
      CAPITALS = %r{\A[[:upper:]][[:upper:] &'’/-]{4,}(?:\s*\(\d{1,4}\))?:?\z}.freeze
      # Words to a heading in capitals.
      SHOUTED_WORDS = 6
      # "CARROT", "LABNEH", "DUKKAH", each over a row with an amount: so many of them head its parts.
      ONE_LOUD_WORD, LOUD_WORDS = /\A[[:upper:]]{3,16}:?\z/.freeze, 3

      private

      # @return [Array<String>] rows of one word in capitals, where there are several
      def loud_words(texts)
        found =
          texts
            .each_cons(2)
            .filter_map do |row, below|
              row if row.match?(ONE_LOUD_WORD) && below.match?(/\d/) && below.match?(/[[:lower:]]{2}/)
            end
        found.size < LOUD_WORDS ? [] : found
      end

      # "PICKLED CARROTS" among rows in small letters.
      def capitals?(text)
        words = text.match?(/\(\d/) ? 1 : 2
        @small_letters && text.match?(CAPITALS) &&
          text.scan(/[[:alpha:]]+/).size.between?(words, Kinds::PART_WORDS)
      end

      # Near the top, where not all of the text is in capitals.
      def capitals_alone?(text)
        @small_letters && text.match?(/\A[^[:lower:]\d]{7,}\z/) && text.match?(%r{[ /]})
      end

      # "SATURDAY - in separate tubs"
      def shouted?(text)
        @small_letters && text.match?(/\A[[:upper:]]{4,}\b[^\d,]*\z/) && text.split.size <= SHOUTED_WORDS &&
          @items.of(text).none?(&:food?)
      end
    end
  end
end
