# frozen_string_literal: true

require_relative "stand_in"

module Devices
  # A bench scale. W? says what lies on it beyond the tare and whether it has settled; TARE takes what lies on
  # it as nothing. For trying: PUT 1234.5 lays so many g on it. It settles slowly, drifts a little, and is
  # over its load beyond 30 kg.
  class Scale < StandIn
    MOST, STEP = 30_000.0, 1.0
    # Seconds in which it comes e times nearer; and when it calls itself settled.
    SETTLES, NEAR = 0.25, 1.0
    DRIFT_PER_MINUTE = 0.2

    def initialize(...)
      super
      @load, @from, @since, @tare, @on = 0.0, 0.0, now, 0.0, now
    end

    private

    def faults = StandIn::FAULTS + ["drift"]

    def asked(word, rest, _client)
      case word
      when "W?"
        weight
      when "TARE"
        @tare = shown
        @on = now
        "OK"
      when "PUT"
        put(number(rest))
      else
        "E WORD"
      end
    end

    def put(grams)
      return "E NUMBER" unless grams

      @from, @load, @since = shown, grams, now
      "OK"
    end

    def weight
      return "E OVER" if shown > MOST

      format("W %.1f %s", ((shown - @tare + drift) / STEP).round * STEP, state)
    end

    def shown = @load + ((@from - @load) * Math.exp(-(now - @since) / SETTLES))
    def state = (shown - @load).abs < NEAR ? "S" : "M"
    def drift = (@fault == "drift" ? 50 : 1) * DRIFT_PER_MINUTE * (now - @on) / 60
  end
end
