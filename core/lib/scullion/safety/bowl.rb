# frozen_string_literal: true

module Scullion
  module Safety
    # One mixed salad as its hazards see it: its temperature when it is mixed, what is in it, and where it was
    # before.
    class Bowl
      include Said

      ASKED = %w[guests kinds warm hot_onto ambient chilled_after stones by_hand outing].freeze
      STONES = /stone/i.freeze

      # @param build [Build::Bowls] @param window [Hold::Window] @param batch [Dress::Batch, nil]
      # @param asked [Asked] @param control [Control]
      def initialize(build, window, batch, asked, control)
        @build, @window, @batch, @asked, @control = build, window, batch, asked, control
      end

      def name = salad.name
      # Where its tasks are, so that a stop on it bars them.
      def at(_hand) = @build.at
      def kinds = ingredients.map { |ingredient| asked.kind(ingredient).key }.uniq

      # Warmer than the first step of cooling, when it is mixed.
      def warm = heat.celsius > asked.rules.fetch("first_celsius") + 1 && hot_layers.any?
      def celsius = writer.celsius(heat.celsius.round)
      def depth = writer.cm(@control.depth)

      # What is warm goes onto these.
      def hot_onto = hot_layers.any? ? frail.map { |layer| asked.kind(layer.ingredient).key }.uniq : []
      def hot_names = hot_layers.map { |layer| layer.component.name }.join(", ")
      def frail_names
        named = frail.select { |layer| FRAIL.include?(asked.kind(layer.ingredient).key) }
        named.map { |layer| layer.component.name.downcase }.join(", ")
      end

      FRAIL = %w[leaf unknown-leaf herb fresh-cheese].freeze

      # Nearer to the room than to the cold.
      def ambient
        heat.celsius > (asked.rules.cold_celsius + asked.practice.fetch("display/ambient_celsius")) / 2
      end
      def chilled_after = @window.rest_minutes.positive?
      def stones = layers.any? { |layer| layer.ingredient.caution.to_s.match?(STONES) }
      def by_hand = layers.any? { |layer| layer.component.treat == "massage" }

      # Was this salad out before? @return [String, nil] second, or over when nothing of its time is left
      def outing
        return if @window.outings.empty?

        @window.left_minutes.positive? ? "second" : "over"
      end

      def outing_names = @window.outings.map(&:name).join(", ")
      def outing_minutes = writer.min(@window.outings.sum(&:minutes))
      def left_minutes = writer.min([@window.left_minutes, 0].max)

      private

      def salad = @build.portion.salad
      def layers = @build.portion.layers
      def ingredients = layers.map(&:ingredient) + (@batch ? @batch.recipe.parts.map(&:ingredient) : [])
      def hot_layers = @hot_layers ||= layers.select { |layer| heat.warm?(layer) }
      def frail = layers - hot_layers
      def heat = @heat ||= BowlHeat.new(@build, @batch, asked, @control)
    end
  end
end
