# frozen_string_literal: true

module Scullion
  module Recipe
    # A prep list that gives each amount at several scales side by side ("x10   x40"): the last of them is the
    # batch that is made, in grams where no unit stands.
    class Scales
      HEAD = /\A\s*(?:(?:x|×|for|per|@)\s*)?\d{1,4}(?:\s+(?:(?:x|×|for|per|@)\s*)?\d{1,4})+\s*\z/i.freeze
      # Share that a row may be off the scales of the head, by rounding.
      OFF = 0.1

      # @param lines [Array<String>]
      def initialize(lines)
        @head = lines.find { |line| line.match?(HEAD) }
        @scales = @head.to_s.scan(/\d+/).map(&:to_i)
        @scales = [] unless @scales.size > 1 && @scales.each_cons(2).all? { |one, other| one < other }
      end

      # @return [String, nil] the line at the last scale; nil where it has none
      def last(line)
        return if @scales.empty?
        return "Serves #{@scales.last}" if line.equal?(@head)

        cells = line.match(/\S#{'\s+([\d.]+)' * @scales.size}\s*\z/) or return
        "#{cells.captures.last} g #{line[0..cells.begin(0)].strip}" if in_step?(cells.captures)
      end

      private

      def in_step?(cells)
        cells
          .map(&:to_f)
          .each_cons(2)
          .zip(@scales.each_cons(2))
          .all? { |(one, other), (few, many)| one.positive? && ((other / one * few / many) - 1).abs <= OFF }
      end
    end
  end
end
