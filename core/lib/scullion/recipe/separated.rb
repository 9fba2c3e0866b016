# frozen_string_literal: true

module Scullion
  module Recipe
    # The lines of a sheet whose cells are set apart by commas, semicolons or bars, below heads that say so:
    # by tabs, as those of any other sheet.
    class Separated
      SIGNS = %w[, ; |].freeze

      # @param lines [Array<Array(Integer, String)>] with their numbers
      def initialize(lines)
        @lines = lines
        @sign = SIGNS.find { |sign| lines.any? { |_, line| Table.head?(line.split(sign).map(&:strip)) } }
      end

      # @return [Array<Array(Integer, String)>]
      def lines
        return @lines unless @sign

        @lines.map { |number, line| [number, line.include?(@sign) ? cells(line).join("\t") : line] }
      end

      private

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
