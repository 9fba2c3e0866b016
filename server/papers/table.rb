# frozen_string_literal: true

require "csv"

module Scullion
  module Papers
    # A table as CSV that any table program opens as it is meant: marked as UTF-8, no cell of it a formula,
    # numbers as numbers.
    module Table
      MARK = "\uFEFF"
      # What a program would take for a formula, also behind spaces.
      FORMULA = /\A[\t\r]|\A\s*[=+\-@\uFF1D\uFF0B\uFF0D\uFF20]/.freeze
      QUOTE = "'"
      # Units that a column's own name says already.
      UNSAID = %w[money moment].freeze

      # @param head [Array<String>] @param rows [Array<Array<String, Sheet::Cell, nil>>]
      # @return [String]
      def self.write(head, rows)
        columns = head.each_index.flat_map { |index| column(head[index], rows.map { |row| row[index] }) }
        MARK + CSV.generate { |csv| columns.transpose.each { |cells| csv << cells } }
      end

      # A text that no program takes for a formula. @return [String]
      def self.safe(text) = text.match?(FORMULA) ? "#{QUOTE}#{text}" : text

      # The text that was made safe. @return [String]
      def self.plain(text)
        text.start_with?(QUOTE) && text[1..].match?(FORMULA) ? text.delete_prefix(QUOTE) : text
      end

      # One column, or two where its numbers have different units: the number, and its unit.
      def self.column(name, cells)
        units = cells.grep(Sheet::Cell).filter_map(&:unit).uniq - UNSAID
        values = cells.map { |cell| value(cell) }
        return [[safe(name), *values]] if units.empty?
        return [["#{safe(name)} (#{units.first})", *values]] if units.one?

        [[safe(name), *values], ["Unit", *cells.map { |cell| cell.is_a?(Sheet::Cell) ? cell.unit : "" }]]
      end

      # Nothing where nothing is said.
      def self.value(cell)
        return cell && safe(cell.to_s) unless cell.is_a?(Sheet::Cell)

        cell.value
      end
      private_class_method :column, :value
    end
  end
end
