# frozen_string_literal: true

module Scullion
  module Day
    # Cooling on trays as the day sees it: how many shelves for how long. A layer that the house
    # rules allow, no deeper than is usual.
    class Chill
      def initialize(cooking, brief)
        @cooking, @brief, @practice = cooking, brief, brief.practice
      end

      # @return [Integer] shelves taken, no more than the largest chiller has; 0 where there is none
      def shelves
        most = @brief.kitchen.chillers.map(&:shelves).max or return 0
        trays.clamp(1, most)
      end

      # @return [Integer] minutes until the middle is cold, by the house rules at the latest
      def minutes
        cold, limit = @brief.rules.cold_celsius, @brief.rules.fetch("cooled_minutes").to_i
        (slab.minutes_to([cold], @brief.rules.hot_celsius, limit).first || limit).ceil
      end

      private

      def chiller = @brief.kitchen.chillers.first
      def method = chiller ? chiller.method : @brief.practice.words("cooling", "methods").keys.first

      def depth
        @depth ||= [@practice.fetch("day/cool/depth_cm"), Holding::Cooling.new(method, @practice, @brief.rules).greatest_depth_cm].min.clamp(Holding::Cooling::STEP_CM, Holding::Cooling::DEEPEST_CM)
      end

      def trays = (@cooking.finished_ml / (@brief.kitchen.trays.last.area * 10_000 * depth)).ceil

      def slab
        Holding::Slab.new(depth: depth / 100.0, surface: fetch("surface"), ambient: fetch("celsius"), diffusivity: @practice.fetch("cooling/food/diffusivity"),
                          conductivity: @practice.fetch("cooling/food/conductivity"))
      end

      def fetch(what) = @practice.fetch("cooling/methods/#{method}/#{what}")
    end
  end
end
