# frozen_string_literal: true

module Scullion
  module Recipe
    # What a scanner reads for what was printed: l for 1 and 1 for l, O for 0, where neither word nor number
    # is meant as it stands.
    module Scanned
      # What may stand right behind a 1 that is meant.
      COUNTED =
        /(?:tsp|tbsp|tbs|cup|dsp|inch|min|can|tin|bag|jar|bunch|head|clove|pack|pint|large|small)/i.freeze
      WORD =
        /(?<![[:alnum:].])
         (?:[[:alpha:]]+[01][[:alpha:]]+[01]?[[:alpha:]]*|[[:alpha:]]{3,}[01]
           |1(?!#{COUNTED.source})[[:alpha:]]{3,})
         (?![[:alnum:]])/x.freeze
      # Names of tins and additives.
      MEANT = /\A(?:[abB]\d+|A10|E\d+)\z/.freeze
      FRACTIONS = [
        [/\bH\s?[2₂]\s?O\b/, "water"],
        [%r{\bl\s?'\s?/(?=\d)}, "1 1/"],
        [%r{\bl/(?=\d)}, "1/"],
        [%r{(?<=\d)\s?'/(?=\d)}, " 1/"],
        [%r{(?<![[:alnum:]])'/(?=\d)}, "1/"],
        [/(?<![[:alnum:]'])l(?=\s+(?:tbsp?s?|tsps?|cups?|lb|oz)\b)/i, "1"],
        [/\A[lI](?=\s+(?:small|medium|large|big|head|bunch|tin|can|jar|clove|red|ripe)\b)/, "1"],
        [/(?<=\d)O(?=\b|[-\s])/, "0"],
        [/\bll(?=O?\s?(?:g|ml|oz)\b)/, "11"],
        [/(?<=\d)O(?=\s?(?:g|ml)\b)/, "0"],
        [/(?<=[[:upper:]])l(?=[[:upper:]])/, "I"],
        [/\bl(?=\d)/, "1"],
        [/(?<![[:alnum:]])[lI1]Vi(?![[:alnum:]])/, "1½"],
        [/(?<![[:alnum:]])Vi(?=\s*(?:tbsp|tsp|cup|lb|oz)\b)/, "½"],
        [/(?<=\d)OO(?![[:alnum:]])/, "00"],
        [/(?<![[:alnum:]])[lI](?=[½¼¾⅓⅔])/, "1"],
        [/(?<=\bof\s)[lI](?=\s[[:alpha:]])/, "1"],
        [/\b5(?=erv(?:es|ings?)\b)/, "S"]
      ].freeze

      # "lO0 ml", "25O g"
      WEIGHED = /(?<![[:alnum:]])(?=[lIO\d]*[lIO])[lIO\d]{2,5}(?=\s?(?:g|kg|ml|cm|mm)\b)/.freeze

      # @param text [String] a line @return [String]
      def self.mended(text)
        FRACTIONS
          .reduce(text) { |line, (pattern, meant)| line.gsub(pattern, meant) }
          .gsub(WEIGHED) { |number| number.tr("lIO", "110") }
          .gsub(WORD) { |word| word.match?(MEANT) ? word : word.tr("01", "ol") }
      end
    end
  end
end
