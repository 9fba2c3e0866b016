# frozen_string_literal: true

module Scullion
  module Day
    # What a cooking method takes of the kitchen, stretch by stretch: as often as it is filled or loaded.
    class Heat
      # @param cooking [Cook::Method] @param beside [Cook::Beside]
      def initialize(cooking, beside)
        @cooking, @beside = cooking, beside
      end

      # @return [Array<Segment>] a pot that is too small is filled and emptied as often as it takes, an oven
      #   loaded
      def segments
        first, *rest = stretches
        return [first] if rest.empty?

        [first, *Array.new(rounds) { rest.map { |each| share(each) } }.flatten]
      end

      def rounds = @cooking.rounds(@beside)

      # @return [String, nil] a kind of resource
      def short_of = @cooking.short_of(@beside)

      # Several trays go in at once that could go in one after the other.
      def divisible? = @cooking.divisible?(@beside)

      private

      # Hands are shared out; a pot stands as long in each round, and an oven's wait is for all loads that
      # must be.
      def share(segment)
        parts = segment.hands? ? rounds : @cooking.rounds_in_minutes
        Segment.new(minutes: (segment.minutes / parts.to_f).ceil, uses: segment.uses, name: segment.name)
      end

      # Soaking is a task of its own.
      def stretches
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
