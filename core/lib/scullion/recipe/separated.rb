# frozen_string_literal: true

module Scullion
  module Recipe
    # The lines of a sheet whose cells are set apart by commas, semicolons, bars or by wide gaps, below heads
    # that say so: by tabs, as those of any other sheet.
    class Separated
      SIGNS = %w[, ; |].freeze
      GAP = /\s{2,}/.freeze

      # @param lines [Array<Array(Integer, String)>] with their numbers
      def initialize(lines)
        @lines = lines
        @sign = SIGNS.find { |sign| lines.any? { |_, line| Table.head?(line.split(sign).map(&:strip)) } }
      end

      # @return [Array<Array(Integer, String)>]
      def lines
        return spaced unless @sign

        @lines.map { |number, line| [number, line.include?(@sign) ? cells(line).join("\t") : line] }
      end

      private

      # "ITEM      QTY      NOTES", and what stands below it.
      def spaced
        at = @lines.index { |_, line| Table.head?(line.strip.split(GAP)) } or return @lines

        columns = @lines[at].last.strip.split(GAP).size
        @lines.first(at) + @lines.drop(at).map { |number, line| [number, row(line, columns)] }
      end

      # A row that lacks its last cells has them empty.
      def row(line, columns)
        cells = line.strip.split(GAP, columns)
        cells.size > 1 ? (cells + ([""] * columns)).first(columns).join("\t") : line
      end

      # A cell in quotes may hold the sign.
      def cells(line)
        sign = Regexp.escape(@sign)
        line
          .scan(/\G(?:"((?:[^"]|"")*)"|([^#{sign}]*))(?:#{sign}|\z)/)
          .map { |quoted, bare| (quoted ? quoted.gsub('""', '"') : bare).strip }
      end
    end
  end
end
