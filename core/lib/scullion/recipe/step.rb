# frozen_string_literal: true

module Scullion
  module Recipe
    # What a step says of ratios, and of what is kept back or rests.
    class Step
      def initialize(text)
        @text = text
      end

      NUMBER = /\d+(?:[.,½¼¾]\d*)?|[½¼¾]|one|two|three|four|half|a/.freeze
      # "1 part barley to 3 parts water", "twice its volume of water", "3 : 1".
      RATIOS = [
        /(?:#{NUMBER})\s+parts?\s+[^,.;]{0,40}?\s*(?:to|and)\s+(?:#{NUMBER})(?:\s+parts?)?
         (?:\s+(?:of\s+)?(?-i:[[:alpha:]]+))?/ix,
        /(?:double|twice|three\ times|\d(?:[.,½]\d*)?\ times)\s+(?:its|their|the|as\ much)\s*(?:own\s+)?
         (?:volume|weight|amount)?(?:\s+(?:of|in)\s+(?-i:[[:alpha:]]+))?/ix,
        /\b\d+(?:[.,]\d+)?\s*:\s*\d+(?:[.,]\d+)?\b(?!\s*(?:am|pm|h\b))/i
      ].freeze

      # @return [Hash] with a ratio in its own words
      def to_h
        {
          "text" => @text,
          "ratio" => RATIOS.filter_map { |pattern| @text[pattern] }.first,
          "reserve" => @text[/reserv\w+ (?:half|a third|a quarter|some|the rest|\d+ ?%)/i],
          "rest" => @text.match?(/\b(?:(?<!the )(?<!of )rest|leave|stand|chill|cool)\b/i)
        }.compact
      end
    end
  end
end
