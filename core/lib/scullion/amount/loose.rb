# frozen_string_literal: true

module Scullion
  class Amount
    # Loose measures: a typical value and its spread, per word; and how full a heaped spoon or a
    # scant cup is. The figures are data (facts/practice) because every hand differs.
    class Loose
      # @param table [Hash{String=>Hash}] word => { "low", "high", "unit" => "g"|"ml"|"piece" }
      # @param fills [Hash{String=>Float}] word => factor of the level measure
      def initialize(table, fills = {}.freeze)
        @table, @fills = table, fills
        @fill_words = /(?:#{Regexp.union(fills.keys)})\b/
        freeze
      end

      attr_reader :fills, :fill_words

      NONE = new({}.freeze)

      # @return [Array<String>] its measures, without the counts
      def words = @table.keys.reject { |word| count?(word) }

      # A measure such as a pinch; a loose count ("few") is no measure.
      def key?(word) = @table.key?(word) && !count?(word)
      def count?(word) = @table.dig(word, "unit") == "piece"

      # @return [Array(Float, Float, Symbol)] low, high, unit of one of them
      def [](word) = @table.fetch(word).then { |row| [row["low"], row["high"], row["unit"].to_sym] }
    end
  end
end
