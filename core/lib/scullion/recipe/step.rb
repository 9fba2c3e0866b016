# frozen_string_literal: true

module Scullion
  module Recipe
    # What a step says of heat, minutes, and of what is kept back or rests.
    class Step
      def initialize(text)
        @text = text
      end

      # @return [Hash] °C and minutes as written, both ends of a range
      def to_h
        heat = @text.match(/(\d{2,3})\s*°?\s*([CF])\b/)
        { "text" => @text, "celsius" => heat && (heat[2] == "F" ? ((heat[1].to_i - 32) * 5 / 9.0).round : heat[1].to_i), "minutes" => minutes,
          "reserve" => @text[/reserv\w+ (?:half|a third|a quarter|some|the rest|\d+ ?%)/i], "rest" => @text.match?(/\b(?:rest|leave|stand|chill|cool)\b/i) }.compact
      end

      private

      def minutes
        @text.scan(/(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(hours?|hrs?|h|minutes?|mins?|min)\b/i).flat_map do |from, to, unit|
          [from, to].compact.map { |each| each.to_i * (unit.match?(/\Ah/i) ? 60 : 1) }
        end
      end
    end
  end
end
