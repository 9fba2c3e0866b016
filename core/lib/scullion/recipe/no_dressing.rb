# frozen_string_literal: true

module Scullion
  module Recipe
    # A list below the heading of a dressing that holds more of what is eaten than of what is poured: its
    # heading ends where the first of that stands, whatever parted them on paper.
    class NoDressing
      # So many foods at least that nobody dresses with.
      EATEN = 3

      # @param lines [Array<Page::Line>] laid out @param lexicon [Lexicon]
      def initialize(lines, lexicon)
        @lines, @lexicon = lines, lexicon
      end

      # @return [Array<Page::Line>] the same
      def lines
        @lines.chunk_while { |one, other| one.heading.equal?(other.heading) }.each { |part| ended(part) }
        @lines
      end

      private

      def ended(part)
        foods = part.select { |line| line.into == "dressing" && line.item&.food? }
        eaten = foods.select { |line| @lexicon.eaten?(key(line)) }
        return if eaten.size < EATEN || eaten.size <= foods.count { |line| dresses?(line) }

        foods.drop_while { |line| dresses?(line) }.each { |line| line.into = nil }
      end

      def dresses?(line)
        @lexicon.poured?(key(line)) || @lexicon.aromatic?(key(line)) || @lexicon.seasons?(key(line)) ||
          line.item.parts.any?
      end

      def key(line) = line.item.foods.first
    end
  end
end
