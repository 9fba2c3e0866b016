# frozen_string_literal: true

module Scullion
  class UseUp
    # What a cook says of what is left: "tired", "mouldy", "no date". From facts/practice/use_up, with what
    # that means for a kind of food.
    class Condition
      attr_reader :key

      # @param house [House] @return [Array<Condition>]
      def self.all(house)
        house.practice.words("use_up", "conditions").keys.map { |key| new(key, house) }
      end

      def initialize(key, house)
        @key, @house, @row = key, house, house.practice.words("use_up", "conditions").fetch(key)
      end

      def name = @row["name"]
      def why = @row["why"]
      def source = @house.sources[@row["source"] || "practice"]

      # How it is said, the longest first. @return [Array<String>]
      def words = @words ||= @row["words"].split(",").map(&:strip).sort_by { |word| -word.size }

      # Can it be said of this food at all?
      # @param kind [String, nil] see Left#kind
      def of?(ingredient, kind)
        return false if @row["only"] && !@row["only"].include?(ingredient.key)
        return @row["only_kinds"].include?(kind) if @row["only_kinds"]

        # "Soft cheese" is what it is called.
        @row["bin"] || @row["bin_but"] || @row["lost"].key?(kind)
      end

      # Is it thrown? @param family [String] of the food @param cold [Boolean] must it be kept cold
      def bins?(kind, family, cold:)
        return true if kind == "firm" && @row["firm_families"]&.include?(family) == false
        return false if @row["needs_cold"] && !cold
        return !@row["bin_but"].include?(kind) if @row["bin_but"]

        @row["bin"] == true
      end

      # Of bread: is it to be moistened? Of leaf: to be cooked or blended, not strewn?
      def moistens? = @row["moistens"] == true
      def wilts? = @row["wilts"] == true

      # @return [Float] the share that is trimmed away
      def lost(kind) = @house.practice.figures["use_up/conditions/#{key}/lost/#{kind}"] || 0.0
    end
  end
end
