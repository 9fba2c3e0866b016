# frozen_string_literal: true

module Scullion
  module Safety
    # Where one lot is from the heat (or the bench) until it is eaten, stretch by stretch without a gap, in
    # minutes that really pass; and what the house rules say to it.
    class Path
      # state: cooling, cold, clock (out on purpose, since the heat), out (cut, mixed, plated, on display).
      Stretch = Struct.new(:state, :from, :to, :name, keyword_init: true) { def minutes = to - from }
      OUT = %w[clock out].freeze
      # What it breaks: which limit, at which minute, by how many.
      Miss = Struct.new(:limit, :at, :over, keyword_init: true)

      attr_reader :stretches

      # @param stretches [Array<Stretch>] in order @param rules [HouseRules]
      # @param first [Integer, nil] minute at which it is out of the hot zone; cold [Integer, nil] at which
      #   cold
      # @param before [Numeric] minutes that it was out already, at another service
      # @param last_day [Integer, nil] the minute at which its last day ends
      def initialize(stretches, rules, first: nil, cold: nil, before: 0, last_day: nil)
        @stretches, @rules, @first, @cold, @before, @last_day =
          stretches.reject { |each| each.minutes <= 0 },
          rules,
          first,
          cold,
          before,
          last_day
      end

      def from = stretches.first&.from
      def to = stretches.last&.to

      # Out of control in all, over every outing. @return [Numeric] minutes
      def out = @before + stretches.sum { |each| OUT.include?(each.state) ? each.minutes : 0 }

      # The gravest thing that it breaks. @return [Miss, nil]
      def miss = @miss ||= misses.first

      private

      def misses = [gap, *cooling, too_long_out, past_its_day].compact

      # Nobody says where it is between two stretches.
      def gap
        stretches
          .each_cons(2)
          .find { |one, other| other.from > one.to }
          &.then { |one, other| Miss.new(limit: "gap", at: one.to, over: other.from - one.to) }
      end

      def cooling
        begun = stretches.find { |each| each.state == "cooling" }&.from or return []
        [%w[first first_minutes], %w[cold cooled_minutes]].zip([@first, @cold])
          .filter_map do |(name, limit), at|
            by = begun + @rules.fetch(limit)
            Miss.new(limit: name, at: at || by, over: (at || to) - by) if at.nil? || at > by
          end
      end

      def too_long_out
        left = @rules.fetch("out_minutes")
        return if out <= left

        Miss.new(limit: "out", at: to, over: out - left)
      end

      def past_its_day
        Miss.new(limit: "dated", at: @last_day, over: to - @last_day) if @last_day && to && to > @last_day
      end
    end
  end
end
