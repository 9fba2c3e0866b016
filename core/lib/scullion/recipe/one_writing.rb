# frozen_string_literal: true

module Scullion
  module Recipe
    # A line in one writing: one kind of fraction, dash and apostrophe, short words in full, what is said in a
    # roundabout way said straight. For Lexer, which it is a part of.
    module OneWriting
      # Where a scanner may have taken a letter for another.
      READ_WRONG =
        /(?<![[:alnum:]])(?=[[:alnum:]]*[lIi105])
          [[:alpha:]0-9]*[[:alpha:]]{2}[[:alpha:]0-9]*(?![[:alnum:]])/x.freeze
      # "Feta (swap for vegan block for six)": the feta is meant, and what the others get is asked about.
      SWAP = /\((swap|sub|substitute|replace)\b[^()]*\)/i.freeze
      SWAPPED = '\((?:swap|sub|substitute|replace)\)'.freeze
      # "A splash, say a tablespoon, of": what is said second is how much.
      SAY = /\ban?\s[[:alpha:]]{3,9},\s(?:say|maybe|about|perhaps|call it)\s([^,;.]{3,20}),(?=\sof\b)/i.freeze

      # "One point eight kilos"
      DIGITS =
        { "zero" => 0, **Amount::Words::NUMBERS.except("a", "an") }.select do |_, value|
            value.is_a?(Integer) && value < 10
          end
          .freeze
      POINT = /\b(?:#{DIGITS.keys.join("|")})\spoint\s(?:#{DIGITS.keys.join("|")})\b/i.freeze

      # "1.200 g": nobody weighs carrots to the milligram. "2l5" is two and a half.
      THOUSANDS = /(?<![\d.,])(\d{1,3})\.(\d{3})(?=\s*(?:g|gr|grams?|grammes?|ml)\b)/.freeze
      UNIT_BETWEEN = /(?<![\d.,])(\d{1,2})(l|kg)(\d)(?![\d[:alpha:]])/.freeze

      # "Herbs (dill, chervil, chives) 20 g each": so much of each that is listed.
      KIND_LISTED =
        /\A(\W*)[[:alpha:]][[:alpha:] ]{2,20}\(([^()\d]+,[^()\d]+)\)\s*[:-]?\s*
          (\d[\d.,]*\s*[[:alpha:]]+)\s+(?:of\s+)?each\b/x.freeze

      # "1 case baby kale (4 x 1.5 lb)"
      CASE_OF =
        /\A(?<ahead>\W*(?:(?:1|an?|one)\s+)?(?:case|box|tray|crate|carton|sleeve|multipack)(?:\sof)?\s
           [^()\d]{3,40}\(\s*)(?<many>\d{1,3})\s*[x×]\s*(?<each>\d[\d.]*)
           (?=\s?(?:kg|g|lbs?|oz|ml|l)\b)/ix.freeze
      # "Romaine 2 cases (24 heads)": so many are in them.
      UNPACKED =
        /(?<![\d.,])\d[\d.]*\s+(?:cases?|box(?:es)?|crates?|trays?|cartons?|nets?)\b(?<food>[^()\d,]{0,40})
          \((?<all>#{Amount::Words::ROUGHLY}?\d{1,3}\s+
             (?:heads?|bunch(?:es)?|punnets?|bulbs?|bags?|loaves))\)/ix.freeze
      # "A packet and a half of couscous"
      AND_A_HALF = /\ban?\s+(?<pack>packet|pack|bag|tin|can|jar|tub|bottle|carton)\s+and\s+a\s+half\b/i.freeze
      # "(about 10 packed cups)"
      PACKED_CUPS =
        %r{(?<!\d)(\d[\d./]*)\s+((?:(?:tightly|firmly|loosely|lightly)\s+)?packed)\s+(cups?|c)\b}i.freeze
      # "Garlic 12 cl", and no wine by the centilitre.
      CLOVES_CUT_SHORT = /\bgarlic\W{0,3}\d{1,3}\s?cl\b|\b\d{1,3}\s?cl\b\.?\s(?:of\s)?garlic\b/i.freeze
      # "Puy-style lentils", "ranch-type dressing": as what it is like, where it has no name of its own;
      # not so what stands in for meat, fish or cheese: "ham-style slices".
      OF_A_STYLE = /(?-i:[[:alpha:]]{3,})-(?:style|type)\s+(?-i:[[:alpha:]]+)/i.freeze
      # "Cucumber 2 kg, deseed, salt 30 min, squeeze": an order, and no salt to taste.
      SALT_ORDERED =
        /(?<=[,;]\s)salt(?<long>\s+(?:for\s+)?\d+\s?(?:min\w*|hrs?|hours?|h)\b)?
          (?:\s*(?:[,;&]|and\b|then\b)\s*
            (?<done>rinse|drain|squeeze|press)\b(?:\s+(?:out|dry|well)\b)?)+/ix.freeze
      # "2 c. à s.", "1 cuillère à café"
      FRENCH_SPOONS =
        /\b(?:c\.?|cuill[èe]res?|cuill?\.)\s?[àa]\.?\s?(?:(?<soup>s\b\.?|soupe\b)|(?:c\b\.?|caf[ée]))
          (?:\s+d['’]|\s+de\b)?/ix.freeze
      # "10 tins (160g, drained 112)": in the same unit.
      DRAINED_BARE = /(?<=\d)\s?(?<unit>g|oz)[,;]?\s+(?:drained|net)\s+\d{2,4}(?=\s*\))/i.freeze
      # "The big jar (2.15 kg), three quarters of it": no three of them.
      SHARE_OF_IT =
        /\b(?:#{Shares::FIGURES.keys.join("|").gsub(" ", "[ -]")})(?=\s+of\s+(?:it|them)\W*\z)/io.freeze
      # "Wash x3, spin dry": how often, and no spinach.
      TIMES = '(?:\\s*(?:[x×]\\s?\\d|\\d\\s?[x×](?!\\s?\\d)|twice|thrice|\\d\\s+times|three\\s+times))'.freeze
      AND_SPIN = '\\s*(?:[,&+]|\\band\\b)\\s*spin\\b(?:\\s+dry)?'.freeze
      WASHED = /\b(?:(?<done>wash|rinse)(?:e?d)?)\b(?:#{TIMES}(?:#{AND_SPIN})?|#{AND_SPIN})/iox.freeze
      SPUN = /(?<=,\s)(?:then\s+)?spin(?:\s+dry)?\W*\z/i.freeze
      # "4 punnets cherry tomatoes, ½", "200 g tomatoes, in ½", "eggs 12, 1/4d": how it is cut.
      PARTS = { "1/2" => "halved", "1/4" => "quartered" }.freeze
      CUT_IN_PARTS =
        %r{(?<=\d)(?<ahead>[^\d,(]*,\s*(?:in(?:to)?\s+)?)(?<part>1/[24])(?:'?d\b)?(?=\s*\z)}i.freeze

      private

      def in_one_writing(text)
        @lexicon
          .initials(text)
          .gsub(/[#{Amount::Words::FRACTIONS.keys.join}]/o) { |char| " #{Amount::Words::FRACTIONS[char]} " }
          .tr("⁄×", "/x")
          .sub(CUT_IN_PARTS) { |_| "#{Regexp.last_match[:ahead]}#{PARTS.fetch(Regexp.last_match[:part])}" }
          .gsub(/\ba couple(?: of)?\b/i, "2")
          .gsub(AND_A_HALF, '1.5 \k<pack>s')
          .gsub(/\bin\s+half\s+an?\s+(?=(?:pint|lit(?:re|er)|cup|gallon|quart)\b)/i, "in 1/2 ")
          .gsub(/(?<=\d)(\s?(?:k?g|ml|l|oz|lbs?)\s+of)\s+an?\s+/i, '\1 ')
          .gsub(%r{\b([wr])/w(?=\s+vin)}i) { |wine| wine.match?(/\Aw/i) ? "white wine" : "red wine" }
          .gsub(%r{(?<![[:alnum:]])s\s?/\s?p(?![[:alnum:]])}i, "s&p")
          .gsub(/(?<=\d)(\s?)spr\b(?!\.?\s*on)/i, '\1sprigs')
          .gsub(SALT_ORDERED) { |said| salted(said, Regexp.last_match[:long]) }
          .gsub(WASHED) { |_| Regexp.last_match[:done].downcase.sub(/e?\z/, "ed") }
          .sub(SPUN, "spun")
          .gsub(DRAINED_BARE, '\0\k<unit>')
          .gsub(POINT) { |said| in_figures(said) }
          .gsub(SAY, '\1')
          .gsub(/(?<=[,;–-]\s)(?:let['’]s\s+)?call it (?=\d)/i, "about ")
          .gsub(FRENCH_SPOONS) { |_| Regexp.last_match[:soup] ? "tbsp " : "tsp " }
          .gsub(SHARE_OF_IT) { |said| Shares::FIGURES.fetch(said.downcase.tr("-", " ")) }
          .gsub(CASE_OF) { |_| multiplied(Regexp.last_match) }
          .gsub(UNPACKED) { |_| "#{Regexp.last_match[:all]}#{Regexp.last_match[:food]}" }
          .gsub(PACKED_CUPS, '\1 \3 \2')
          .gsub(CLOVES_CUT_SHORT) { |said| said.sub(/\s?cl\b/i, " cloves") }
          .gsub(OF_A_STYLE) { |said| of_a_style(said) }
          .sub(KIND_LISTED, '\1\3 each \2')
          .gsub(SWAP, '(\1)')
          .gsub(%r{\(\s*z(?:est)?\s*[+&/]\s*j(?:uice)?\s*\)}i, "zest and juice")
          .gsub(/[–—‒−]/, "-")
          .gsub(/(\d)\s+-\s+(?=\d)/, '\1-')
          .tr("’‘", "''")
          .gsub(%r{(\d+)\s+/\s*(\d)}, '\1/\2')
          .gsub(THOUSANDS, '\1\2')
          .gsub(UNIT_BETWEEN, '\1.\3 \2')
          .squeeze(" ")
          .gsub(READ_WRONG) { |word| @lexicon.misread(word) || word }
      end

      def in_figures(said)
        said.downcase.split(/\spoint\s/).map { |digit| DIGITS.fetch(digit) }.join(".")
      end

      def salted(said, long) = "salted and #{said.match?(/rinse/i) ? "rinsed" : "drained"}#{long}"

      # All that is in it.
      def multiplied(found)
        whole = found[:many].to_i * found[:each].to_f
        "#{found[:ahead]}#{whole.round(3).to_s.delete_suffix(".0")}"
      end

      def of_a_style(said)
        words = Lexicon.fold(said).split
        return said if @lexicon.food(words) || @lexicon.of_animals?(@lexicon.food(words.first(1)))

        said.sub(/-(?:style|type)\b/i, "")
      end
    end
  end
end
