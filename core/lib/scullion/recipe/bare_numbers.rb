# frozen_string_literal: true

module Scullion
  module Recipe
    # Numbers without a unit that are no amount: how long something is cooked, and how hot. For Quantities,
    # which it is a part of.
    module BareNumbers
      # A bare number behind how it is cooked is no heat up to here.
      MOST_MINUTES = 99
      COOKED_FOR = (TimeAndHeat::COOKED.split("|") + %w[rest stand cook lid]).freeze
      # Degrees that an oven has, °C, and what is set to them.
      OVEN_HEATS = (120..260)
      OVENS = %w[at oven fan roast roasted roasting bake baked].freeze

      # "Loads of oil 200 for 40 mins"
      FOR_MINUTES = /\s+for\s+#{Amount::Words::ROUGHLY}?\d{1,3}\s?(?:mins?|minutes?|h|hrs?|hours?)\b/i.freeze

      private

      # "Oven 180 till golden", "35 min at 200 with oil": how hot.
      def oven_heat?(number)
        return false unless OVEN_HEATS.cover?(number)
        return true if @scan.check(FOR_MINUTES)

        @tokens.last&.kind == :word && OVENS.include?(@tokens.last.folded.last) &&
          !@scan.check(/\s*(?:k?g|ml|c?l|oz|lbs?)\b/)
      end

      # "Simmer 40", "blanch 2, shock", "5 off the heat": how long.
      def minutes_alone?(number)
        return false unless number.between?(0.5, MOST_MINUTES)
        return true if @scan.check(/\s+off\s+the\s+heat\b/i)

        (cooked_for? || rested? || for_the_last?) && @scan.check(/\s*(?:[,;.)+]|->|→|\z)/)
      end

      def cooked_for?
        @tokens.last&.kind == :word && COOKED_FOR.include?(@tokens.last.folded.last)
      end

      # "Shallots join for the last 20", "same tray, last 15"
      def for_the_last?
        *before, last = @tokens.last(3).map { |token| token.folded&.last || "," }
        last == "last" && before.intersect?(%w[for ,])
      end

      # "Rest chicken 10, take off the bones"
      def rested?
        *, before, last = @tokens
        last&.kind == :food && before&.kind == :word && before.folded == %w[rest]
      end
    end
  end
end
