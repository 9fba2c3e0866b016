# frozen_string_literal: true

module Scullion
  module Hold
    # Cooling hot food in a shallow layer, against the two limits of the house rules: from hot
    # to the first temperature in so many minutes, and to cold in so many in all.
    class Cooling
      STEP_CM = 0.5
      DEEPEST_CM = 15.0
      LONGEST = Moment::DAY

      attr_reader :method

      # @param method [String] a key of facts/practice/cooling methods
      # @param from [Float, nil] °C that it begins at; hot when nil
      # @param waited [Integer] minutes of the limits that had passed before
      def initialize(method, practice, rules, from: nil, waited: 0)
        @method, @practice, @rules, @from, @waited = method, practice, rules, from, waited
      end

      def name = @practice.words("cooling", "methods").fetch(method)["name"]

      # The deepest layer, in half centimetres, that meets both limits; 0 if none does.
      def greatest_depth_cm
        fits, fails = 0.0, DEEPEST_CM + STEP_CM
        while fails - fits > STEP_CM
          middle = ((fits + fails) / 2 / STEP_CM).floor * STEP_CM
          passes?(middle) ? fits = middle : fails = middle
        end
        fits
      end

      def passes?(depth_cm)
        slab(depth_cm)
          .minutes_to(limits.map(&:first), hot, limits.last.last)
          .zip(limits)
          .all? { |reached, (_, minutes)| reached && reached <= minutes }
      end

      # The limit that a layer misses, in words; nil when it meets both.
      def miss(depth_cm)
        writer = @practice.writer
        slab(depth_cm)
          .minutes_to(limits.map(&:first), hot, LONGEST)
          .zip(limits) do |reached, (celsius, minutes)|
            next if reached && reached <= minutes

            by = reached ? writer.min(reached - minutes) : "more than a day"
            return "stands #{writer.cm(depth_cm)} deep and misses #{writer.celsius(celsius)} by #{by}"
          end
        nil
      end

      # @return [Hash] the middle of the layer every few minutes, and the two limits
      def to_h(depth_cm)
        every = 10
        points =
          slab(depth_cm).curve(hot, limits.last.last).select { |minutes, _| (minutes % every).zero? }.to_a
        {
          "method" => method,
          "name" => name,
          "depth_cm" => depth_cm,
          "start" => hot,
          "miss" => miss(depth_cm),
          "points" => points.map { |minutes, celsius| [minutes.round, celsius.round(1)] },
          "limits" => limits.map { |celsius, minutes| { "celsius" => celsius, "minutes" => minutes } }
        }
      end

      private

      def hot = @from || @rules.hot_celsius
      def limits
        [
          [@rules.fetch("first_celsius"), @rules.fetch("first_minutes") - @waited],
          [@rules.cold_celsius, @rules.fetch("cooled_minutes") - @waited]
        ]
      end

      def slab(depth_cm)
        Slab.new(
          depth: depth_cm / 100.0,
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
