# frozen_string_literal: true

module Scullion
  module Devices
    # What measures: a scale in g, a probe in °C.
    class Meter
      # settled: it moves no more.
      Reading = Struct.new(:value, :settled, keyword_init: true)

      ASKS = { "scale" => "W?", "probe" => "T?" }.freeze
      SAID = {
        "scale" => /\AW (-?\d{1,7}(?:\.\d{1,2})?) ([SM])\z/,
        "probe" => /\AT (-?\d{1,3}(?:\.\d{1,2})?) ([SM])\z/
      }.freeze
      ERRORS = {
        "E OVER" => "There is too much on the scale.",
        "E BATTERY" => "The battery of the probe is empty."
      }.freeze

      # @param kind [String] scale or probe @param address [String]
      def initialize(kind, address)
        @kind, @line, @address = kind, Line.new(address), address
      end

      # @return [Reading] @raise [Gone]
      def read
        said = @line.ask(ASKS.fetch(@kind))
        found = said.match(SAID.fetch(@kind))
        return Reading.new(value: found[1].to_f, settled: found[2] == "S") if found

        raise Gone, ERRORS.fetch(said) { "#{@address} answers what nobody understands: #{said[0, 40]}" }
      end

      # What lies on it counts as nothing. @raise [Gone]
      def tare
        said = @line.ask("TARE")
        said == "OK" or raise Gone, "#{@address} would not take the tare: #{said[0, 40]}"
      end
    end
  end
end
