# frozen_string_literal: true

module Scullion
  module Day
    # Cooling on trays as the day sees it: how many shelves and trays for how long. A layer that the house
    # rules allow, no deeper than is usual.
    class Chill
      def initialize(cooking, brief)
        @cooking, @brief, @practice = cooking, brief, brief.practice
      end

      # Shelves and trays while it chills: no more than the largest chiller has, no shelf where there is none.
      # @return [Array<Use>]
      def uses
        most = @brief.kitchen.chillers.map(&:shelves).max
        [most && Use.new(kind: "chiller", amount: layers.clamp(1, most)), *trays].compact
      end

      # @return [Array<Use>] no more than the kitchen has
      def trays = [Use.new(kind: "tray-#{tray.key}", amount: layers.clamp(1, tray.count))]

      # @return [Integer] minutes until the middle is cold, by the house rules at the latest
      def minutes
        cold, limit = @brief.rules.cold_celsius, @brief.rules.fetch("cooled_minutes").to_i
        (slab.minutes_to([cold], @brief.rules.hot_celsius, limit).first || limit).ceil
      end

      private

      def chiller = @brief.kitchen.chillers.first
      def method = chiller ? chiller.method : @brief.practice.words("cooling", "methods").keys.first

      def depth
        @depth ||= [
          @practice.fetch("day/cool/depth_cm"),
          Hold::Cooling.new(method, @practice, @brief.rules).greatest_depth_cm
        ].min.clamp(Hold::Cooling::STEP_CM, Hold::Cooling::DEEPEST_CM)
      end

      def tray = @brief.kitchen.trays.last
      def layers = (@cooking.finished_ml / (tray.area * 10_000 * depth)).ceil

      def slab
        Hold::Slab.new(
          depth: depth / 100.0,
          surface: fetch("surface"),
          ambient: fetch("celsius"),
          diffusivity: @practice.fetch("cooling/food/diffusivity"),
          conductivity: @practice.fetch("cooling/food/conductivity")
        )
      end

      def fetch(what) = @practice.fetch("cooling/methods/#{method}/#{what}")
    end
  end
end
