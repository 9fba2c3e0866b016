# frozen_string_literal: true

module Scullion
  class Amount
    # Loose measures: a typical value and its spread, per word. The figures are data
    # (facts/measures.yml) because every hand differs.
    class Loose
      # @param table [Hash{String=>Hash}] word => { "low", "high", "unit" => "g"|"ml" }
      def initialize(table)
        @table = table
        freeze
      end

      NONE = new({}.freeze)

      def key?(word) = @table.key?(word)
      def words = @table.keys

      # @return [Array(Float, Float, Symbol)] low, high, unit of one of them
      def [](word) = @table.fetch(word).then { |row| [row["low"], row["high"], row["unit"].to_sym] }
    end
  end
end
