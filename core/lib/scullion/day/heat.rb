# frozen_string_literal: true

module Scullion
  module Day
    # What a cooking method takes of the kitchen, stretch by stretch: as often as it is filled or loaded.
    class Heat
      # What comes out of the heat together. waited: minutes that the first of it stood until the last was
      # out; share: of all that is cooked.
      Load = Struct.new(:segments, :waited, :share, keyword_init: true)

      # @param cooking [Cook::Method] @param beside [Cook::Beside]
      # @param gather [Integer] minutes that one round may stand until the next ones are out too
      def initialize(cooking, beside, gather = 0)
        @cooking, @beside, @gather = cooking, beside, gather
      end

      # A pot that is too small is filled and emptied as often as it takes, an oven loaded. What must be
      # cooled does not wait for the last: short rounds are gathered, and each other is a load of its own.
      # @return [Array<Load>] one after the other
      def loads
        first, *rest = stretches
        return [Load.new(segments: [first], waited: 0, share: 1.0)] if rest.empty?

        round = rest.map { |each| share(each) }
        minutes = round.sum(&:minutes)
        counts(minutes).each_with_index.map do |count, index|
          Load.new(
            segments: [*([first] if index.zero?), *Array.new(count) { round }.flatten],
            waited: (count - 1) * minutes,
            share: count.fdiv(rounds)
          )
        end
      end

      def rounds = @cooking.rounds(@beside)

      # @return [String, nil] a kind of resource
      def short_of = @cooking.short_of(@beside)

      # Several trays go in at once that could go in one after the other.
      def divisible? = @cooking.divisible?(@beside)

      private

      # Rounds in each load. @param minutes [Integer] that a round takes
      # @return [Array<Integer>]
      def counts(minutes)
        return [rounds] unless @cooking.cools?

        Amount::Split.evenly(rounds, rounds.fdiv((@gather / [minutes, 1].max) + 1).ceil)
      end

      # Hands are shared out; a pot stands as long in each round, and an oven's wait is for all loads that
      # must be.
      def share(segment)
        parts = segment.hands? ? rounds : @cooking.rounds_in_minutes
        Segment.new(minutes: (segment.minutes / parts.to_f).ceil, uses: segment.uses, name: segment.name)
      end

      # Soaking is a task of its own. What heats up by itself is switched on by somebody.
      def stretches
        found = worked
        return found if found.empty? || found.first.hands?

        [Segment.new(minutes: 1, name: "Switch on", uses: [hands, *found.first.uses]), *found]
      end

      def worked
        @cooking.stretches.filter_map do |kind, name|
          minutes = @cooking.public_send(name).ceil
          next if minutes.zero? || name == :soak_minutes

          label = @cooking.class.definitions.fetch(name).label
          Segment.new(minutes: minutes, name: label, uses: (kind == :hands ? [hands] : []) + held(name))
        end
      end

      def hands = Use.new(kind: COOK, amount: 1, skill: @cooking.skill)

      # An oven heats up empty.
      def held(name)
        name == :heat_up_minutes ? equipment.reject { |each| each.kind.start_with?("tray-") } : equipment
      end

      def equipment
        @equipment ||= @cooking.demands(@beside).map { |demand| Use.new(**demand.to_h) }
      end
    end
  end
end
