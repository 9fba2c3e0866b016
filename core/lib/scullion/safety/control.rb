# frozen_string_literal: true

module Scullion
  module Safety
    # How what is cooked and needs it is kept safe until it is served: cooled (cold), or on the clock, its
    # minutes out counted from the heat to the last plate. What the cook decided, or what is proposed: cold
    # where the kitchen can cool, else the clock.
    class Control
      WAYS = [COLD = "cold", CLOCK = "clock"].freeze
      # Nothing cools it, and nothing counts.
      NONE = "none"

      # @param brief [Brief] @param cooking [Array<Cook::Method>]
      def initialize(brief, cooking)
        @brief, @cooking = brief, cooking
      end

      # @param cooking [Cook::Method, nil]
      # @return [String, nil] nil where nothing cooked needs it
      def of(cooking)
        return unless cooking&.tcs?
        return COLD if cooking.cooled_by == "iced"

        @ways ||= {}
        @ways[cooking.at] ||= @brief.progress.control[cooking.component.preparation] || proposed(cooking)
      end

      def cooking_of(component)
        @cooking.find { |each| each.need.layers.any? { |of| of.component == component } }
      end

      # On the clock: dressed warm it goes in hot; else it stands until what it meets does not wilt.
      def celsius_into_the_bowl(cooking)
        if cooking.component.dressed_warm?(@brief.practice)
          @brief.rules.hot_celsius
        else
          @brief.practice.fetch("cooling/frail/celsius")
        end
      end

      # The deepest layer that is cold in time, here. cm
      def depth = Day::Chill.depth(@brief, nil, Day::Chill.usual_wait(@brief))

      private

      def proposed(cooking)
        return COLD if cools? && cold_in_time?(cooking)
        return CLOCK if served_in_time?

        cools? ? COLD : NONE
      end

      # Begun as soon as it may be.
      def cold_in_time?(cooking)
        from = [@brief.progress.since, @brief.progress.now].compact.max
        return true if from.nil? || from >= @brief.service.from.minutes
        return true if @brief.progress.marks.any?

        takes = cooking.total_minutes + Day::Chill.new(cooking, @brief).minutes
        from + takes + @brief.practice.fetch("day/clock/beside_minutes") <= @brief.service.from.minutes
      end

      def cools? = @brief.kitchen.chillers.any? || @brief.kitchen.ice_machines.any?
      def served_in_time?
        @brief.service.to - @brief.service.from < @brief.rules.fetch("out_minutes")
      end
    end
  end
end
