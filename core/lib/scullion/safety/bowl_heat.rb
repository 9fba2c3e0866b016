# frozen_string_literal: true

module Scullion
  module Safety
    # The temperature of a bowl when it is mixed: Σ mass · heat capacity · temperature of what goes in, over
    # Σ mass · heat capacity.
    class BowlHeat
      # What holds little heat, by the reason why it needs no cold; all else is mostly water.
      DRY = %w[dry fat].freeze

      def initialize(build, batch, asked, control)
        @build, @batch, @asked, @control = build, batch, asked, control
      end

      # °C
      def celsius
        @celsius ||=
          begin
            parts = [*layers.map { |layer| part(layer) }, *dressing]
            parts.sum { |grams, heat, celsius| grams * heat * celsius } /
              parts.sum { |grams, heat, _| grams * heat }
          end
      end

      # Does it go in while it is warm?
      # @param layer [Count::Layer]
      def warm?(layer) = celsius_of(layer) > ambient

      private

      def layers = @build.portion.layers
      def ambient = @asked.practice.fetch("display/ambient_celsius")
      def part(layer) = [layer.grams, capacity(layer.ingredient), celsius_of(layer)]

      # kJ per kg and K, see facts/practice/heating.
      def capacity(ingredient) = heat_of(DRY.include?(@asked.kind(ingredient).because) ? "dry" : "wet")
      def heat_of(food) = @asked.practice.fetch("heating/capacity/#{food}")

      # Out of the cold, from the heat by way of standing until it may go onto leaf, or as the room is.
      def celsius_of(layer)
        cooking = @control.cooking_of(layer.component)
        case cooking && @control.of(cooking)
        when "clock"
          @control.celsius_into_the_bowl(cooking)
        when "cold"
          @asked.rules.cold_celsius
        else
          layer.component.tcs? ? @asked.rules.cold_celsius : ambient
        end
      end

      def dressing
        return [] unless @batch

        celsius =
          Keeping.new(@batch.recipe.parts, @asked.practice).cold? ? @asked.rules.cold_celsius : ambient
        [[@build.portion.dressing_grams, heat_of("wet"), celsius]]
      end
    end
  end
end
