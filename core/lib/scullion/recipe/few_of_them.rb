# frozen_string_literal: true

module Scullion
  module Recipe
    # "A few sprigs", "several radishes": how many nobody counted. For Quantities, which it is a part of.
    module FewOfThem
      private

      # "A few sprigs", "several radishes": nobody counted them. @return [Array(Numeric, Numeric), nil]
      def few_of_them
        from = @scan.pos
        if @scan.skip(/(?:an?\s+)?(few|several)\b/i)
          few = @scan[1].downcase
          return @loose[few].first(2) if !known_with?(few) && (piece_ahead? || loose_ahead? || food_ahead?)
        end
        @scan.pos = from
        nil
      end

      # "Few needles" is known as it stands.
      def known_with?(word)
        following = @scan.check(/\s+[[:alpha:]]+/) or return false
        @lexicon.roles([word, Lexicon.fold(following).strip]).any?
      end

      def piece_ahead?
        words = Lexicon.fold(@scan.check(/(?:\s+[[:alpha:]]+){1,2}/).to_s).split
        words.shift if words.size > 1 && done_or_sized?(words.first)
        words.any? && @lexicon.words("pieces").key?(words.first)
      end

      def loose_ahead?
        from = @scan.pos
        @scan.skip(/\s+/)
        !loose_word.nil?
      ensure
        @scan.pos = from
      end
    end
  end
end
