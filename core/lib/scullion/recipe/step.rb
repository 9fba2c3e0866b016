# frozen_string_literal: true

module Scullion
  module Recipe
    # What a step says of heat, minutes, and of what is kept back or rests.
    class Step
      def initialize(text)
        @text = text
      end

      NUMBER = /\d+(?:[.,½¼¾]\d*)?|[½¼¾]|one|two|three|four|half|a/.freeze
      # "1 part barley to 3 parts water", "twice its volume of water", "3 : 1".
      RATIOS = [
        /(?:#{NUMBER})\s+parts?\s+[^,.;]{0,40}?\s*(?:to|and)\s+(?:#{NUMBER})(?:\s+parts?)?
         (?:\s+(?:of\s+)?[[:alpha:]]+)?/ix,
        /(?:double|twice|three\ times|\d(?:[.,½]\d*)?\ times)\s+(?:its|their|the|as\ much)\s*(?:own\s+)?
         (?:volume|weight|amount)?(?:\s+(?:of|in)\s+[[:alpha:]]+)?/ix,
        /\b\d+(?:[.,]\d+)?\s*:\s*\d+(?:[.,]\d+)?\b(?!\s*(?:am|pm|h\b))/i
      ].freeze

      # @return [Hash] °C and minutes as written, both ends of a range; a ratio in its own words
      def to_h
        heat = @text.match(/(\d{2,3})\s*°?\s*([CF])\b/)
        {
          "text" => @text,
          "celsius" => heat && (heat[2] == "F" ? ((heat[1].to_i - 32) * 5 / 9.0).round : heat[1].to_i),
          "minutes" => minutes,
          "ratio" => RATIOS.filter_map { |pattern| @text[pattern] }.first,
          "reserve" => @text[/reserv\w+ (?:half|a third|a quarter|some|the rest|\d+ ?%)/i],
          "rest" => @text.match?(/\b(?:(?<!the )(?<!of )rest|leave|stand|chill|cool)\b/i)
        }.compact
      end

      private

      def minutes
        @text
          .scan(/(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(hours?|hrs?|h|minutes?|mins?|min)\b/i)
          .flat_map do |from, to, unit|
            [from, to].compact.map { |each| each.to_i * (unit.match?(/\Ah/i) ? 60 : 1) }
          end
      end
    end
  end
end
