# frozen_string_literal: true

module Scullion
  module Papers
    # One list as a plain table.
    # wall: set large, to be read from two metres. widths: of the columns, against each other.
    # amounts: columns of numbers, which stand under each other.
    Sheet =
      Struct.new(:key, :title, :note, :head, :rows, :widths, :wall, :amounts, keyword_init: true) do
        def to_csv
          CSV.generate { |csv| [head, *rows].each { |row| csv << row.map { |cell| safe(cell.to_s) } } }
        end

        private

        # A spreadsheet must not take a name for a formula.
        def safe(text) = text.match?(/\A[=+@\t\r]/) ? "'#{text}" : text
      end
  end
end
