# frozen_string_literal: true

module Scullion
  module Recipe
    # A recipe told by question and answer, both in a row: "Leeks? — Six, white part only" is of leeks.
    class Answered
      ROW = /\A\s*(?<asked>[[:upper:]][^?:\d]{1,40})\?\s*(?:[-–—]\s*)?(?<answer>[^\s?][^?]*)\z/.freeze
      # Of so many such rows it is sure that they are meant so.
      LEAST = 3
      HOW_MANY = /\A(?:for\s+|serves\s+)?how\s+many\b/i.freeze
      LAST = /\b(?:on\s+top|to\s+(?:finish|serve))\b/i.freeze
      # What names no food by itself.
      OPEN = /\A(?:what|which|how|when|where|and|any\w*|who|is|are|do|does)\b/i.freeze

      # @param lines [Array<Array(Integer, String)>] with their numbers
      def initialize(lines)
        @lines = lines
      end

      # @return [Array<Array(Integer, String)>]
      def lines
        return @lines if @lines.count { |_, line| line.match?(ROW) } < LEAST

        @lines.map { |number, line| [number, line.match(ROW)&.then { |found| said(found) } || line] }
      end

      private

      def said(found)
        asked, answer = found.values_at(:asked, :answer)
        return "Serves #{answer}" if asked.match?(HOW_MANY)
        return "#{asked[LAST].capitalize}: #{answer}" if asked.match?(LAST)

        asked.match?(OPEN) ? answer : "#{asked}: #{answer}"
      end
    end
  end
end
