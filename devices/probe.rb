# frozen_string_literal: true

require_relative "stand_in"

module Devices
  # A probe thermometer. T? says what it reads, in °C, and whether it stands still; B? what its battery has,
  # in percent. For trying: IN 63.5 puts it into something as hot, COOL 90 3 45 into a tray that cools from 90
  # °C towards 3, in 45 minutes e times nearer; BATTERY 4.
  class Probe < StandIn
    # Seconds in which it comes e times nearer to what it is in; what it wavers by; when it stands still.
    LAG, NOISE, STILL = 1.0, 0.1, 0.4
    ROOM, EMPTY = 21.0, 2

    def initialize(...)
      super
      @dice, @read, @at, @battery = Random.new(7), ROOM, now, 87
      @food = ->(_) { ROOM }
    end

    private

    def asked(word, rest, _client)
      case word
      when "T?"
        temperature
      when "B?"
        "B #{@battery}"
      when "IN"
        into(number(rest))
      when "COOL"
        cooling(*rest.split.map { |each| number(each) })
      when "BATTERY"
        @battery = number(rest).to_i
        "OK"
      else
        "E WORD"
      end
    end

    def into(celsius)
      return "E NUMBER" unless celsius

      follow
      @food = ->(_) { celsius }
      "OK"
    end

    def cooling(from = nil, towards = nil, minutes = nil)
      return "E NUMBER" unless from && towards && minutes&.positive?

      follow
      began = now
      @food = ->(at) { towards + ((from - towards) * Math.exp(-(at - began) / 60 / minutes)) }
      "OK"
    end

    def temperature
      return "E BATTERY" if @battery < EMPTY

      follow
      still = (@read - @food.call(now)).abs < STILL
      format("T %.1f %s", @read + (NOISE * (@dice.rand - 0.5)), still ? "S" : "M")
    end

    # What it reads comes nearer to what it is in.
    def follow
      seconds, @at = now - @at, now
      @read += (@food.call(@at) - @read) * (1 - Math.exp(-seconds / LAG))
    end
  end
end
