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

      # A small one is as little as it ever is, a big one as much.
      # @param size [String, nil] small or large, as it is said before it
      # @return [Array(Float, Float, Symbol)] low, high, unit of one of them
      def [](word, size = nil)
        row = @table.fetch(word)
        low, high = row.values_at("low", "high")
        low = high if size == "large"
        high = low if size == "small"
        [low, high, row["unit"].to_sym]
      end
    end
  end
end
