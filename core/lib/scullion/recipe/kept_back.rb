# frozen_string_literal: true

module Scullion
  module Recipe
    # How much of a food its line keeps for the top: "half of it on top", "4 eggs (1 is for the top)", "one
    # crumbled in, the other kept back".
    class KeptBack
      NUMBERS =
        Amount::Words::NUMBERS.select { |_, value| value.is_a?(Integer) && value.between?(1, 12) }.freeze
      FOR_TOP =
        /(?:(?:for|on|over)\s+(?:the\s+)?top|(?:kept|keep|hold|held|set|saved?|put|left)\s+(?:it\s+)?
            (?:back|aside|by)|to\s+(?:slice|crumble|grate|shave|scatter)\s+(?:on|over)|
            (?:to|for\s+the|for)\s+(?:finish|garnish)\w*|over(?=\s*(?:\z|[,;.)])))/ix.freeze
      BETWEEN = /(?:(?!\bin\b)[^,;.()]){0,32}?/.freeze
      SAID =
        /(?<![[:alnum:]])(?<share>#{Shares::ANY}
           |(?:the\s+)?other(?:\s+one)?|\d{1,2}|#{NUMBERS.keys.join("|")})\b#{BETWEEN}\b#{FOR_TOP}/ix.freeze

      # @param plain [String] the line
      def initialize(plain)
        @found = plain.match(SAID)
      end

      # @param amount [Amount, nil] of the food, as it is written
      # @return [Float, nil] 0 to 1, without the ends
      def of(amount)
        return unless @found

        said = @found[:share].downcase.squeeze(" ")
        share = Shares::WORDS[said] || counted(said, amount)
        share.to_f if share&.positive? && share < 1
      end

      private

      def counted(said, amount)
        return unless amount&.unit == :piece
        return 1 / amount.value if said.include?("other")

        (NUMBERS[said] || said.to_f) / amount.value
      end
    end
  end
end
