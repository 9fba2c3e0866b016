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

      # "A bunch of mint and one of coriander"
      def another_of_them?
        words = Lexicon.fold(@scan.check(/\s+of(?:\s+(?-i:[[:alpha:]]+)){1,2}/i).to_s).split.drop(1)
        words.size.downto(1).any? { |size| @lexicon.food(words.first(size)) }
      end

      # "Four white cabbages and one red"
      def kind_of_last?
        word = Lexicon.fold(@scan.check(/\s+[[:alpha:]]+/).to_s)
        head = @tokens.reverse.find { |token| token.kind == :food }&.folded&.last
        !word.empty? && !head.nil? && !@lexicon.food([word, head]).nil?
      end
    end
  end
end
