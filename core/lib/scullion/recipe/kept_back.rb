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
            (?:to|for\s+the|for)\s+(?:finish|garnish)\w*
            |over(?:\s+at\s+the\s+(?:very\s+)?end)?(?=\s*(?:\z|[,;.)])))/ix.freeze
      BETWEEN = /(?:(?!\bin\b)[^,;.()]){0,32}?/.freeze
      # Share of what is weighed below which a number is no grams of it.
      LEAST = 0.05
      # "¼ c cashews on top" is how many there are.
      NO_UNIT =
        /(?!\s*(?:c|cups?|tsps?|tbsps?|tbs|t|lbs?|oz|k?g|pints?|pt|l|litres?|ml|bunch\w*|tins?|cans?|jars?
                |heads?|bags?)\b)/ix.freeze
      SAID =
        /(?<![[:alnum:]])(?<share>#{Shares::ANY}
           |(?:the\s+)?other(?:\s+one)?|\d{1,2}|#{NUMBERS.keys.join("|")})\b
           #{NO_UNIT}#{BETWEEN}\b#{FOR_TOP}/ix.freeze

      # "Hold back half for serving"
      HOLD_SHARE =
        /\b(?:keep|save|hold|reserve|set)\s+(?:back|aside)\s+#{Amount::Words::ROUGHLY}?
          (?<share>#{Shares::ANY})\b/ix.freeze
      # "200 g of them for the top", "of which 200 g to garnish"
      SOME_GRAMS =
        /(?:#{WeighedHow::WEIGHT}\s+of\s+(?:it|them|these|which)|of\s+which\s+#{WeighedHow::WEIGHT})\b
          #{BETWEEN}\b#{FOR_TOP}/ix.freeze

      # "Keep a handful back for the top", "save 100 g to finish"
      KEEP_SOME =
        %r{\b(?:keep|save|hold|reserve|set)\s+(?:(?:back|aside)\s+)?
          (?<some>(?:an?|one|two|[\d½¼¾⅓⅔][\d.,/]*)\s?(?-i:[[:alpha:]]+))\.?
          (?:\s+(?:of\s+(?:it|them)|back|aside|by))*\s+
          (?:for\s+(?:the\s+)?(?:top|garnish|finish)|to\s+(?:finish|garnish|scatter|serve)
             |back|aside)\b}ix.freeze

      # @param plain [String] the line @param lexer [Lexer] that knows a handful
      def initialize(plain, lexer)
        return unless plain.match?(FOR_TOP)

        @grams = plain.match(SOME_GRAMS)
        @some = plain[KEEP_SOME, :some]
        @kept = lexer.read(@some).find { |token| token.kind == :amount }&.value if @some
        @found = plain.match(SAID) || plain.match(HOLD_SHARE)
      end

      # @return [String, nil] what is kept, where nobody knows which share that is
      attr_reader :some

      # @param amount [Amount, nil] of the food, as it is written
      # @return [Float, nil] 0 to 1, without the ends
      def of(amount)
        return weighed(amount) if @grams && amount&.unit == :g
        return kept(amount) if @kept && amount && @kept.unit == amount.unit
        return unless @found

        said = @found[:share].downcase.squeeze(" ")
        share = Shares::WORDS[said] || counted(said, amount)
        share.to_f if share&.positive? && share < 1
      end

      private

      def weighed(amount)
        share = WeighedHow.grams(@grams) / amount.value
        share if share.between?(LEAST, 1) && share < 1
      end

      def kept(amount)
        share = @kept.value / amount.value
        share if share.positive? && share < 1
      end

      # Not "500 g, 2 handfuls of it for the top".
      def in_grams(said, amount)
        share = said.to_f / amount.value
        share if share >= LEAST
      end

      def counted(said, amount)
        # "60 g: 40 in, 20 on top"
        return in_grams(said, amount) if amount&.unit == :g && said.match?(/\A\d+\z/)
        return unless amount&.unit == :piece
        return 1 / amount.value if said.include?("other")

        (NUMBERS[said] || said.to_f) / amount.value
      end
    end
  end
end
