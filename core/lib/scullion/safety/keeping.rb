# frozen_string_literal: true

module Scullion
  module Safety
    # What a dressing is for safety, by its riskiest part: in the cold or on the shelf, and for how many days.
    # Rows of facts/safety/dressings.yml, the first that holds.
    class Keeping
      attr_reader :key, :kinds, :families

      # @param parts [Array<#ingredient, #grams>] @param practice [Practice]
      def initialize(parts, practice)
        @parts, @practice = parts, practice
        @kinds = parts.map { |part| Catalogue.shipped.kind(part.ingredient).key }.uniq
        @families = parts.map { |part| part.ingredient.family }.uniq
        @key, @row = Catalogue.shipped.dressings.find { |_, row| holds?(row) }
      end

      # The day it is made being the first.
      def days = @practice.fetch("keeping/#{key}/days").to_i
      def why = @practice.words("keeping", key)["why"]
      def cold? = @row["cold"]

      # g of acid in 100 g of what is not fat.
      def acid
        watery = @parts.sum { |part| part.grams * (1 - (content(part, "fat") / 100)) }
        return 0.0 unless watery.positive?

        @parts.sum { |part| part.grams * content(part, "acid") } / watery
      end

      private

      def content(part, what) = part.ingredient.figures["content/#{what}"] || 0.0

      def holds?(row)
        return acid >= row["least_acid"] && low_risk? if row.key?("least_acid")

        any?(row["parts"], @kinds) && any?(row["families"], @families) && any?(row["beside"], @kinds)
      end

      def any?(wanted, there) = wanted.nil? || wanted.intersect?(there)

      # Nothing in it needs the cold by itself.
      def low_risk?
        @parts.none? { |part| Catalogue.shipped.kind(part.ingredient).cold?(cooked: false, cut: true) }
      end
    end
  end
end
