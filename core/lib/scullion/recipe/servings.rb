# frozen_string_literal: true

module Scullion
  module Recipe
    # How many a written recipe serves, where it says so.
    class Servings
      MOST = 5000
      WORDS = Amount::Words::NUMBERS.select { |_, value| value.is_a?(Integer) && value > 1 }.freeze
      NUMBER = /(?<number>\d{1,5}|#{WORDS.keys.join("|")})/i.freeze
      THEM =
        /(?:servings?|portions?|people|persons?|covers|guests|ppl|pax|of\ us|containers|lunches|dinners|
            eaters|mains?|(?:plates|heads|boxes)(?!\s+of)|
            hungry|as\ (?:a\s)?(?:side|starter|main|app))\b/ix.freeze
      NOT_THEM =
        /(?!\s*(?:-\s*\d+\s*)?(?:g|kg|ml|l|mins?|minutes?|h|hrs?|hours?|secs?|days?|d|cups?|tbsps?|tsps?|
                 loaves|jars?|oz|lbs?|%|x|°|c\b|third|weeks?|times?|pints?|litres?|"))(?!\d)/ix.freeze
      # A line that says this and little else.
      LINE =
        /\A\W*(?:serves|servings?|yields?|makes|portions?|feeds|pax|for)\s*:?\s*
          (?:about\s+|enough\s+for\s+|approx\.?\s+)?#{NUMBER}\b#{NOT_THEM}[^,]{0,30}\z
         |\A\W*(?:\d+\s*[-–]\s*)?#{NUMBER}\s*#{THEM}[^,.]{0,30}\z/ix.freeze
      IN_TITLE =
        /\W*\b(?:serves|servings?|feeds|makes)\s*:?\s*#{NUMBER}\W*\z
         |\s*\(\d{1,4}\)\z|\W*\b\d{1,4}\s*#{THEM}\W*\z/ix.freeze
      # The surest first.
      SAID = [
        /\b(?:serves\s*:?|feeds\s*:?|pax\s*:?|servings?\s*:|serving|yields?\s*:?|portions?\s*:)\s*
          (?:about\s+|up\s+to\s+|approx\.?\s+)?#{NUMBER}\b#{NOT_THEM}/ix,
        /\b#{NUMBER}(?:ish|\+)?\s*
          (?:-?\s*(?:main-dish|main|starter|good|small|large|generous|hungry)\s+)?#{THEM}/ix,
        /\bmakes\s+(?:enough\s+for\s+)?#{NUMBER}\b#{NOT_THEM}/ix,
        /\b(?:does|do|batch\s*=|lunch|supper|dinner|plate|salad)\s+(?:for\s+)?#{NUMBER}\b#{NOT_THEM}/ix,
        /\bfor\s+(?:about\s+)?#{NUMBER}\b#{NOT_THEM}(?!\s+(?:the|a|more|or\s+so\s+min))/ix,
        /\b#{NUMBER}ish\b#{NOT_THEM}/ix,
        /\A[^\d]{6,}\(#{NUMBER}\)\z/ix
      ].freeze

      # @return [Integer, nil]
      attr_reader :number

      # @param rows [Array<String>]
      # @raise [UnreadableAmount] when it says that nobody is served
      def initialize(rows)
        SAID.each_with_index do |pattern, index|
          # A bare "for six" is meant so near the top alone.
          searched = index >= 4 ? rows.first(4) : rows
          @number = searched.filter_map { |row| read(row, pattern) }.first
          break if @number
        end
      end

      private

      def read(row, pattern)
        found = row.match(pattern) or return
        number = WORDS[found[:number].downcase] || found[:number].to_i
        return number if number.between?(1, MOST)

        raise UnreadableAmount,
              Fault.new(
                what: "#{Fault.shown(row)}: nobody is served.",
                where: "text",
                remedy: "Write how many it serves, from 1 to #{MOST}."
              )
      end
    end
  end
end
