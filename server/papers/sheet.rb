# frozen_string_literal: true

module Scullion
  module Papers
    # One list as a plain table.
    # wall: set large, to be read from two metres. widths: of the columns, against each other.
    # amounts: columns of numbers, which stand under each other. warnings: what can hurt somebody there, the
    # gravest first.
    Sheet =
      Struct.new(
        :key,
        :title,
        :note,
        :head,
        :rows,
        :widths,
        :wall,
        :amounts,
        :warnings,
        keyword_init: true
      ) do
        # What to order of a line, with the whole fruit in it.
        # @param line [Hash] of the plan's or the week's order
        def self.order(line) = line.values_at("order", "ready_cut", "pieces", "fruit").compact.join("; ")

        # For a table program: numbers as numbers with their unit in the heading, dates with their year.
        # What can hurt somebody stands below, marked in the first column.
        def to_csv
          rest = [nil] * [head.size - 2, 0].max
          Table.write(head, rows + (warnings || []).map { |each| [each.word, each.text, *rest] })
        end
      end

    # What stands in a table where that is more than a text: how it is read on paper, and what it is.
    # unit: of a number, nil for a date or a time.
    Sheet::Cell =
      Struct.new(:text, :value, :unit) do
        # @param figure [Hash] of a plan @param writer [Amount::Writer] of the house that it is for
        # @return [Cell, String] its words alone where no number is known: a price that is to be asked
        def self.of(figure, writer)
          return figure["text"] if figure["unit"] == "money" && figure["text"].end_with?(Buy::Price::TO_ASK)

          value, unit = writer.measured(*figure.values_at("value", "unit"))
          text = figure["text"]
          new(text, value.is_a?(Float) && value == value.to_i ? value.to_i : value, unit)
        end

        def to_s = text
      end
  end
end
