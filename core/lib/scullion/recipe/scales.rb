# frozen_string_literal: true

module Scullion
  module Recipe
    # A prep list that gives each amount at several scales side by side ("x10   x40", "10 ptn   40 ptn"): the
    # last of them is the batch that is made, in grams where no unit stands.
    class Scales
      SO_MANY = "(?:(?:x|×|for|per|@)\\s*)?\\d{1,4}(?:\\s?#{Servings::THEM})?".freeze
      HEAD = /\A\s*(?:(?:ingredients?|items?|foods?|what)\b:?\s+)?#{SO_MANY}(?:\s+#{SO_MANY})+\s*\z/i.freeze
      # A cell of its own, two spaces off.
      APART = '\s{2,}(\d[\d.,]*\s?[[:alpha:]]*)'.freeze
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

        of_bare(line) || of_cells(line)
      end

      private

      def of_bare(line)
        cells = line.match(/\S#{'\s+([\d.]+)' * @scales.size}\s*\z/) or return
        "#{cells.captures.last} g #{named(line, cells)}" if in_step?(cells.captures)
      end

      # With units of their own they are a column each.
      def of_cells(line)
        cells = line.match(/\S#{APART * @scales.size}\s*\z/) or return
        "#{cells.captures.last} #{named(line, cells)}"
      end

      def named(line, cells) = line[0..cells.begin(0)].strip

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
