# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What a cook's hand and spoons hold: a handful, a pinch, a ladle of water, put on the scale. Every hand
      # differs, so whose it was stays beside it.
      class Measures
        # @param log [Log] @param house [House]
        def initialize(log, house)
          @log, @house, @loose = log, house, house.practice.loose
        end

        # Is this the address of one?
        def self.of?(at) = at.start_with?(AT)

        # What a recipe that says so is read as: from one spread below what was weighed to one above.
        # @param at [String] its address @param own [Float] @param spread [Float] @param usual [Float]
        # @return [Hash{String=>Float}] figures by address, in the order in which they can be set
        def self.sets(at, own, spread, usual)
          low = [own - spread, own * LEAST].max
          ends = { "#{at}/low" => low.round(2), "#{at}/high" => (own + spread).round(2) }
          own > usual ? ends.to_a.reverse.to_h : ends
        end
        AT = "practice/measures/".freeze
        # Of what was weighed on the average.
        LEAST = 0.5

        # @return [Array<Weighing>]
        def all
          @log
            .of(kind: "weighed", of: "measure")
            .select { |entry| entry.value.to_f.positive? && @loose.key?(entry.about) }
            .map { |entry| weighing(entry) }
        end

        private

        # Weighed with water where it is a volume, so that a gram is a millilitre.
        def weighing(entry)
          low, high, unit = @loose[entry.about]
          Weighing.new(
            at: "#{AT}#{entry.about}",
            name: entry.about.capitalize,
            usual: (low + high) / 2.0,
            value: entry.value,
            sheet: @house,
            unit: unit,
            by: entry.by
          )
        end
      end
    end
  end
end
