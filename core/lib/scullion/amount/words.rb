# frozen_string_literal: true

module Scullion
  class Amount
    # The words that written amounts are made of, as cooks spell them.
    module Words
      FRACTIONS = {
        "½" => "1/2",
        "⅓" => "1/3",
        "⅔" => "2/3",
        "¼" => "1/4",
        "¾" => "3/4",
        "⅛" => "1/8",
        "⅜" => "3/8",
        "⅝" => "5/8",
        "⅞" => "7/8",
        "⅕" => "1/5",
        "⅖" => "2/5",
        "⅗" => "3/5",
        "⅘" => "4/5",
        "⅙" => "1/6",
        "⅚" => "5/6"
      }.freeze
      # Arabic-Indic and Extended Arabic-Indic digits; full-width ones fall to Unicode's own folding.
      DIGITS = "٠١٢٣٤٥٦٧٨٩۰۱۲۳۴۵۶۷۸۹"
      ASCII = "01234567890123456789"

      NUMBERS = {
        "a" => 1,
        "an" => 1,
        "one" => 1,
        "two" => 2,
        "three" => 3,
        "four" => 4,
        "five" => 5,
        "six" => 6,
        "seven" => 7,
        "eight" => 8,
        "nine" => 9,
        "ten" => 10,
        "eleven" => 11,
        "twelve" => 12,
        "thirteen" => 13,
        "fourteen" => 14,
        "fifteen" => 15,
        "sixteen" => 16,
        "seventeen" => 17,
        "eighteen" => 18,
        "nineteen" => 19,
        "twenty" => 20,
        "thirty" => 30,
        "forty" => 40,
        "fifty" => 50,
        "sixty" => 60,
        "seventy" => 70,
        "eighty" => 80,
        "ninety" => 90,
        "hundred" => 100,
        "dozen" => 12,
        "doz" => 12,
        "couple" => 2,
        "half" => 0.5,
        "third" => 1 / 3r,
        "quarter" => 0.25,
        "fifth" => 0.2,
        "eighth" => 0.125,
        "thirds" => 1 / 3r,
        "quarters" => 0.25,
        "fifths" => 0.2,
        "eighths" => 0.125,
        "halves" => 0.5
      }.freeze
      # "Third", "quarters": never a number by itself.
      PARTS = NUMBERS.select { |word, value| value < 1 && word != "half" }.freeze

      UNITS = %w[one two three four five six seven eight nine].join("|").freeze
      TENS = %w[twenty thirty forty fifty sixty seventy eighty ninety].join("|").freeze
      TEENS = NUMBERS.keys.grep(/teen\z|\Aten\z|eleven|twelve/).join("|").freeze
      BELOW_HUNDRED = "(?:(?:#{TENS})(?:[ -](?:#{UNITS}))?|#{TEENS}|#{UNITS})".freeze
      # "Twenty-five", "a hundred and twenty": what is said in several words, as the source of a pattern.
      SPELLED =
        "(?:(?:(?:a|#{UNITS})\\s+)?hundred(?:\\s+and\\s+#{BELOW_HUNDRED})?" \
          "|(?:#{TENS})[ -](?:#{UNITS}))\\b".freeze

      # @param text [String] such words @return [Integer]
      def self.spelled(text)
        (text.downcase.split(/[\s-]+/) - ["and"]).reduce(0) do |sum, word|
          word == "hundred" ? [sum, 1].max * 100 : sum + NUMBERS.fetch(word)
        end
      end

      # A measure that is written in two words: "wine glass", "tea-spoon", "egg cups".
      IN_TWO = /\b((?-i:[[:alpha:]]+))[\s-]+(cup|glass|spoon)(?:fuls?|s|es)?\b/i.freeze

      # Said before an amount without changing it.
      # "About", in whatever word, before a number: one list for every pattern that may find it there.
      ROUGHLY =
        '(?:(?:about|around|roughly|approx(?:imately)?\.?|circa|ca?\.|ca|abt\.?|some(?=\s+\d)|nearly|almost' \
          '|maybe|perhaps)\s+|[~≈]\s*)'.freeze
      ABOUT = /(?:#{ROUGHLY}|(?:ca?\.|say|up\sto|at\sleast)\s*)/i.freeze

      SIZES = %w[small medium large].freeze
      PIECES = %w[bunch head clove sprig stick slice leaf stalk ear bulb fillet wedge punnet].freeze
      # Whole packs, whatever they are called; how much is in one is the larder's to say.
      PACK_WORDS = %w[
        tin
        tins
        can
        cans
        pack
        packs
        packet
        packets
        bag
        bags
        jar
        jars
        carton
        cartons
        bottle
        bottles
        tub
        tubs
        pouch
        pouches
        box
        boxes
      ].freeze
      PLURALS = {
        "bunches" => "bunch",
        "leaves" => "leaf",
        "sm" => "small",
        "med" => "medium",
        "lg" => "large",
        "lge" => "large"
      }.merge(
        (SIZES + PIECES).to_h { |word| ["#{word}s", word] },
        PACK_WORDS.to_h { |word| [word, "pack"] }
      ).freeze
      PACKS = /(?:tins?|cans?|packs?|packets?|bags?|jars?|cartons?|bottles?|tubs?|pouch(?:es)?)\b/.freeze
    end
  end
end
