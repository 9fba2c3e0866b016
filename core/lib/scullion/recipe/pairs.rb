# frozen_string_literal: true

module Scullion
  module Recipe
    # Two ingredients written on one line: "salt and pepper", "juice and zest of 1 lemon",
    # "1 tsp each cumin and coriander seed".
    class Pairs
      AND = /\s+(?:and|&)\s+|\s*&\s*/.freeze
      FRUIT = /\A(?<bullet>\W*)(?:juice#{AND}zest|zest#{AND}juice)\s+(?:of|from)\s+(?<fruit>.+)\z/i.freeze
      SQUEEZED =
        /\A(?<fruit>.+?),?\s+
                 (?:zested#{AND}juiced|juiced#{AND}zested|juice#{AND}zest|zest#{AND}juice)\s*\z/ix.freeze
      EACH =
        /\A(?<amount>.*\d.*?)\s+each(?:\s+of)?\s+
             (?<first>[[:alpha:]\ -]+?)#{AND}(?<second>[[:alpha:]\ -]+)\z/ix.freeze

      # @param practice [Practice] whose recipe_words say which seasonings are written in pairs
      def initialize(practice)
        @seasoned = practice.words("recipe_words", "pairs").map { |first, second| seasoned(first, second) }
      end

      # @param row [String] @return [Array<String>] one line for each ingredient
      def apart(row)
        if (found = row.match(FRUIT) || row.match(SQUEEZED))
          [
            "juice of #{found[:fruit].sub(Page::BULLET, "")}",
            "zest of #{found[:fruit].sub(Page::BULLET, "")}"
          ]
        elsif (found = row.match(EACH))
          [found[:first], found[:second]].map { |name| "#{found[:amount]} #{name}" }
        elsif (found = @seasoned.filter_map { |pattern| row.match(pattern) }.first)
          [found[:first], found[:second]].map do |name|
            "#{name}#{found[:rest].strip.empty? ? ", to taste" : found[:rest]}"
          end
        else
          [row]
        end
      end

      private

      # Without an amount that could belong to only one of them.
      def seasoned(first, second)
        /\A(?<first>[^\d½¼¾]*\b#{first})#{AND}(?<second>[^\d½¼¾]*?\b#{second})(?<rest>\b\D*)\z/i
      end
    end
  end
end
