# frozen_string_literal: true

module Scullion
  module Build
    # How a part goes into the bowl and why, by what it is: a row of facts/practice/manners.yml.
    class Manner
      FIRST = "In first"

      # @param component [Salad::Component] @param practice [Practice]
      def initialize(component, practice)
        @component, @practice = component, practice
      end

      # @param first [Boolean] nothing is in the bowl yet
      def step(first)
        first && row["step"] == "Then" ? FIRST : row["step"]
      end

      def why = row["why"]
      def key = @key ||= @practice.keys("manners").find { |key| holds?(key) }

      private

      def row = @practice.words("manners", key)

      def holds?(key)
        row = @practice.words("manners", key)
        return salt >= @practice.fetch("manners/#{key}/salt_share") if row.key?("salt_share")
        return row["families"].include?(@component.ingredient.family) if row.key?("families")

        row["holds"].include?(@component.hold_class)
      end

      def salt = (@component.ingredient.figures["content/salt"] || 0.0) / 100
    end
  end
end
