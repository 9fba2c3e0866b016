# frozen_string_literal: true

module Scullion
  module Safety
    # One dressing as its hazards see it.
    class Sauce
      include Said

      ASKED = %w[guests kinds families keeps_as cold_kept jugs never_raw].freeze

      # @param batch [Dress::Batch] @param asked [Asked]
      def initialize(batch, asked)
        @batch, @asked = batch, asked
        @keeping = Keeping.new(batch.recipe.parts, asked.practice)
      end

      def name = @batch.recipe.name
      def at(_hand) = @batch.at
      def kinds = @keeping.kinds
      def families = @keeping.families
      def keeps_as = @keeping.key
      def cold_kept = @keeping.cold?
      def days = writer.days(@keeping.days)
      def class_why = @keeping.why
      def acid = @keeping.acid.round(1)

      # Does some of it stand in jugs on the tables?
      def jugs = @batch.stages.any? { |stage| stage.into == "table" }
      def never_raw = raw_parts.any?
      def never_raw_names = raw_parts.map { |part| part.ingredient.name.downcase }.join(", ")

      private

      def raw_parts
        @batch.recipe.parts.select { |part| asked.kind(part.ingredient).raw == "never" }
      end
    end
  end
end
