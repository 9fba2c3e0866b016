# frozen_string_literal: true

module Scullion
  module Day
    # Cooling on trays as the day sees it: how many shelves and trays for how long. A layer that the house
    # rules allow, no deeper than is usual.
    class Chill
      # @param cooking [Cook::Method] @param brief [Brief]
      # @param share [Float] of it that is cooled at once
      # @param waited [Integer] minutes from the heat until it is in the cold
      def initialize(cooking, brief, share = 1.0, waited: 0)
        @cooking, @brief, @practice, @share = cooking, brief, brief.practice, share
        @waited = rinsed? ? 0 : [waited, Chill.usual_wait(brief)].max
      end

      # Minutes that pass as a rule from the heat until it is in the cold: gathered and spread.
      def self.usual_wait(brief)
        %w[gather_minutes spread_minutes].sum { |each| brief.practice.fetch("day/cool/#{each}") }.ceil
      end

      # Minutes that a thin layer stands in the room until it may go onto leaf.
      def self.until_frail(brief)
        practice = brief.practice
        slab =
          Hold::Slab.new(
            depth: practice.fetch("cooling/frail/depth_cm") / 100,
            surface: practice.fetch("display/surface"),
            ambient: practice.fetch("display/ambient_celsius"),
            diffusivity: practice.fetch("cooling/food/diffusivity"),
            conductivity: practice.fetch("cooling/food/conductivity")
          )
        slab
          .minutes_to([practice.fetch("cooling/frail/celsius")], brief.rules.hot_celsius, Moment::DAY)
          .first
          .ceil
      end

      # The deepest layer that is usual and cold in time. @param from [Float, nil] °C it begins at
      # @return [Float] cm
      def self.depth(brief, from = nil, waited = 0)
        cooling = Hold::Cooling.new(method(brief), brief.practice, brief.rules, from: from, waited: waited)
        [brief.practice.fetch("day/cool/depth_cm"), cooling.greatest_depth_cm].min.clamp(
          Hold::Cooling::STEP_CM,
          Hold::Cooling::DEEPEST_CM
        )
      end

      # How the kitchen's first chiller cools. @return [String]
      def self.method(brief)
        brief.kitchen.chillers.first&.method || brief.practice.words("cooling", "methods").keys.first
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
      def minutes = (reached.last || limit).ceil

      # @return [Array<Float, nil>] minutes until the middle has passed the first limit, and is cold
      def reached
        @reached ||=
          slab.minutes_to([@brief.rules.fetch("first_celsius"), @brief.rules.cold_celsius], from, limit)
      end

      # °C in the middle every few minutes, for a picture. @return [Array<Array(Integer, Float)>]
      def curve(every = 10)
        slab
          .curve(from, minutes)
          .select { |at, _| (at % every).zero? }
          .map { |at, celsius| [at.round, celsius.round(1)] }
          .to_a
      end

      # How it is to cool, for who watches it. @return [Hash] cm, W/m²K, °C round it and at the start
      def to_h
        {
          "depth_cm" => depth,
          "surface" => fetch("surface"),
          "ambient" => fetch("celsius"),
          "start" => from,
          "waited" => @waited
        }
      end

      # °C that it begins at: hot, or as the tap left it.
      def from
        rinsed? ? @cooking.rinsed_celsius : @brief.rules.hot_celsius
      end

      private

      def rinsed? = @cooking.cooled_by == "rinsed"
      def limit = @brief.rules.fetch("cooled_minutes").to_i
      def depth = @depth ||= Chill.depth(@brief, from, @waited)
      def tray = @brief.kitchen.trays.last
      def layers = (@cooking.finished_ml * @share / (tray.area * 10_000 * depth)).ceil

      def slab
        Hold::Slab.new(
          depth: depth / 100.0,
          surface: fetch("surface"),
          ambient: fetch("celsius"),
          diffusivity: @practice.fetch("cooling/food/diffusivity"),
          conductivity: @practice.fetch("cooling/food/conductivity")
        )
      end

      def fetch(what) = @practice.fetch("cooling/methods/#{Chill.method(@brief)}/#{what}")
    end
  end
end
