# frozen_string_literal: true

module Scullion
  module Record
    # A tray that cools, watched: readings are laid beside the curve of its depth and place, with what may be
    # otherwise than planned (how fast heat leaves it, how hot it began); one reading in some may be wrong. It
    # says when each limit is passed, between when and when, and calls a miss while something can be done. A
    # Bayesian grid over both; spreads in practice/record.yml. Rules of the job, "The record".
    class Watch
      SURFACES = 31
      STARTS = 17
      REACH = 2.6
      LONGEST = Moment::DAY / 2

      # When it passes a limit. celsius, by: the limit; at, from, to: minutes, nil for not within half a day;
      # miss: the chance that it is passed too late.
      Passing = Struct.new(:celsius, :by, :at, :from, :to, :miss, keyword_init: true)

      # @param depth [Float] cm @param surface [Float] W/m²K as planned @param ambient [Float] °C
      # @param start [Float] °C as planned @param practice [Practice]
      def initialize(depth:, surface:, ambient:, start:, practice:)
        @depth, @surface, @ambient, @start, @practice = depth, surface, ambient, start, practice
      end

      # @param readings [Array<Array(Numeric, Numeric)>] minutes since it left the heat, °C
      # @param limits [Array<Array(Numeric, Numeric)>] °C and by which minute
      # @return [Array<Passing>]
      def passings(readings, limits)
        weights = weighed(readings)
        limits.map do |celsius, by|
          times = weights.map { |surface, start, weight| [time_to(surface, start, celsius), weight] }
          passing(times.sort_by(&:first), celsius, by)
        end
      end

      # Passed too late, as good as surely. @param passing [Passing]
      def called?(passing) = passing.miss >= fetch("miss_share")

      # °C in the middle at a minute, as most likely. @return [Float]
      def now(readings, minute)
        weighed(readings).sum { |surface, start, weight| weight * celsius(surface, start, minute) }
      end

      # How much sooner it would be through in layers of half the depth from a minute on.
      # @param passing [Passing] @return [Numeric, nil] minutes to spare, fewer than none for too late still
      def halved(readings, minute, celsius, by)
        from = now(readings, minute)
        return if from <= celsius

        slab = Hold::Slab.new(depth: @depth / 200.0, surface: likely(readings), ambient: @ambient, **food)
        needed = slab.minutes_to([celsius], from, LONGEST).first
        needed && (by - minute - needed)
      end

      private

      def fetch(name) = @practice.fetch("record/watch/#{name}")
      def likely(readings) = weighed(readings).sum { |surface, _, weight| surface * weight }
      def food
        {
          diffusivity: @practice.fetch("cooling/food/diffusivity"),
          conductivity: @practice.fetch("cooling/food/conductivity")
        }
      end

      # Every way that it may cool, with how likely it is by now. @return [Array<Array(Float, Float, Float)>]
      def weighed(readings)
        (@weighed ||= {})[readings] ||= begin
          logs =
            ways.map do |surface, start, prior|
              [surface, start, prior + likelihood(surface, start, readings)]
            end
          most = logs.map(&:last).max
          all = logs.map { |surface, start, log| [surface, start, Math.exp(log - most)] }
          sum = all.sum(&:last)
          all.filter_map { |surface, start, weight| [surface, start, weight / sum] if weight > most_unlikely }
        end
      end

      def most_unlikely = 1e-6

      def ways
        @ways ||=
          steps(SURFACES)
            .product(steps(STARTS))
            .map do |fast, hot|
              surface = @surface * Math.exp(fast * fetch("surface_spread_share"))
              [surface, @start + (hot * fetch("start_spread_k")), -((fast**2) + (hot**2)) / 2]
            end
      end

      def steps(count) = Array.new(count) { |index| REACH * ((2.0 * index / (count - 1)) - 1) }

      # Mostly as the probe spreads; a wrong one is far off.
      def likelihood(surface, start, readings)
        spread, wrong, share = fetch("reading_spread_k"), fetch("wrong_spread_k"), fetch("wrong_share")
        readings.sum do |minute, read|
          off = read - celsius(surface, start, minute)
          right = (1 - share) / spread * Math.exp(-((off / spread)**2) / 2)
          Math.log(right + (share / wrong * Math.exp(-((off / wrong)**2) / 2)) + 1e-30)
        end
      end

      def celsius(surface, start, minute)
        shares = shares_of(surface)
        at = minute.clamp(0, LONGEST - 1)
        low = at.floor
        share = shares[low] + ((shares[low + 1] - shares[low]) * (at - low))
        @ambient + ((start - @ambient) * share)
      end

      def time_to(surface, start, celsius)
        share = (celsius - @ambient) / (start - @ambient)
        at = shares_of(surface).bsearch_index { |each| each <= share } or return LONGEST
        return 0 if at.zero?

        before, after = shares_of(surface)[at - 1], shares_of(surface)[at]
        at - 1 + ((before - share) / (before - after))
      end

      # Of the heat above what is round it, what is left in the middle, minute by minute.
      def shares_of(surface)
        (@shares ||= {})[surface] ||= Hold::Slab
          .new(depth: @depth / 100.0, surface: surface, ambient: 0.0, **food)
          .curve(1.0, LONGEST, step: 120.0)
          .flat_map { |minute, share| [[minute, share]] }
          .to_a
          .each_cons(2)
          .flat_map { |(_, one), (_, other)| [one, (one + other) / 2] }
      end

      def passing(times, celsius, by)
        tail = (1 - fetch("band_share")) / 2
        from, at, to = [tail, 0.5, 1 - tail].map { |share| quantile(times, share) }
        miss = times.sum { |time, weight| time > by ? weight : 0.0 }
        Passing.new(celsius: celsius, by: by, at: at, from: from, to: to, miss: miss)
      end

      def quantile(times, share)
        sum = 0.0
        found = times.find { |_, weight| (sum += weight) >= share } || times.last
        found.first >= LONGEST ? nil : found.first
      end
    end
  end
end
