# frozen_string_literal: true

require "did_you_mean/levenshtein"
require "strscan"

module Scullion
  class Amount
    # Reads what cooks write: "1 1/2 cups", "1½ c", "2–3 Tbsp", "two 400 g tins", "3 medium",
    # "half a lemon", "juice of 2 limes", "1 bunch", "heaped tsp", "a glug", "to taste",
    # "1 kg 200", "2 lb 4 oz". What it cannot read it says so, with the part that failed.
    class Reader
      include Numbers

      # A unit's name this long or longer may be misspelt by so many letters; shorter ones are too
      # close to other words (grains and grams, pinto and pint).
      MISSPELT = { letters: 8, by: 2 }.freeze

      # @param loose [Loose] this cook's pinches and glugs
      # @param measures [Measures] which cup and spoon
      def initialize(loose: Loose::NONE, measures: Amount::Measures::METRIC)
        @loose, @measures = loose, measures
      end

      # @param text [String]
      # @return [Amount]
      # @raise [UnreadableAmount] naming the part that failed
      def read(text)
        @text = text.to_s.scrub
        fail_at(@text, "it is not valid text.") unless text.to_s.valid_encoding?
        @scan = StringScanner.new(plain(@text))
        blank
        fail_at(@text, "there is nothing to read.") if @scan.eos?
        to_taste || part_of || counted || fail_at(@scan.rest)
      end

      private

      # "A wine glass", "2 tea spoons": one word of what is known as one.
      def in_one_word(text)
        text.gsub(Words::IN_TWO) do |said|
          word = "#{Regexp.last_match(1)}#{Regexp.last_match(2)}"
          @loose.key?(word) || Units::SPELLINGS.key?(word) ? word : said
        end
      end

      # Lower case, except that T is a tablespoon and t a teaspoon; one kind of dash, digit and fraction.
      def plain(text)
        text =
          text
            .gsub(/(?<=[\d\s½¼¾])T(?=\s|\.|\z)/, "tbsp")
            .gsub(/(?<=[\d\s½¼¾])t(?=\s|\.|\z)/, "tsp")
            .gsub(/[#{Words::FRACTIONS.keys.join}]/) { |char| " #{Words::FRACTIONS[char]}" }
        text =
          text
            .unicode_normalize(:nfkc)
            .tr(Words::DIGITS, Words::ASCII)
            .tr("⁄", "/")
            .gsub(/[–—‒−]/, "-")
            .tr("×", "x")
            .downcase
            .strip
        in_one_word(text)
      end

      # "to taste", "salt, to taste"
      def to_taste
        return unless @scan.exist?(/\b(?:to taste|as needed|as required|q\.?s\.?)\z/)

        name = @scan.rest.sub(/,?\s*\(?(?:to taste|as needed|as required|q\.?s\.?)\)?\z/, "").strip
        Amount.new(0, 0, :taste, rest: name) unless name.match?(/\d/)
      end

      # "juice of 2 limes", "zest of half a lemon", "zest and juice of a lemon": the juice is the more.
      def part_of
        return unless @scan.scan(/(juice|zest)\s+(?:(?:and|&)\s+(juice|zest)\s+)?(?:of|from)\s+/)

        part = [@scan[1], @scan[2]].include?("juice") ? "juice" : "zest"
        low, high = range || [1.0, 1.0]
        Amount.new(low, high, :piece, piece: part, part: part, rest: rest)
      end

      def counted
        @scan.skip(Words::ABOUT)
        few = few_of_them
        low, high = few || range || ([1.0, 1.0] if loose_ahead || fill_ahead?)
        return unless low

        @few = !few.nil?
        packs(low, high) || filled(low, high) || pieces(low, high)
      end

      # "a few sprigs": nobody counted them.
      def few_of_them
        word = @scan.check(/(?:an?\s+)?([a-z]+)\s+/) && @scan[1]
        return unless word && @loose.count?(word)

        @scan.skip(/(?:an?\s+)?[a-z]+\s+/)
        @loose[word].first(2)
      end

      # "two 400 g tins", "1 x 400 g can", "1 (14 oz) can", "2 tins (400 g each)", "4 x 125 g"
      def packs(low, high)
        start = @scan.pos
        times = @scan.skip(/x\s*/)
        size =
          if @scan.skip(/\(/)
            size_of_pack { @scan.skip(/\)\s*/) && @scan.skip(Words::PACKS) }
          elsif @scan.skip(Words::PACKS)
            @scan.skip(/\s*\(/) && size_of_pack { @scan.skip(/(?:each\s*)?\)/) }
          else
            size_of_pack { @scan.skip(Words::PACKS) || (times && @scan.eos?) }
          end
        return Amount.new(low * size.first, high * size.first, size.last, rest: rest) if size

        @scan.pos = start
        nil
      end

      # @yield what must follow the size
      # @return [Array(Float, Symbol), nil] grams or millilitres in one pack
      def size_of_pack
        size = number
        @scan.skip(/-/)
        unit = unit_word if size
        return unless unit && yield

        factor, base = Units.base(unit, @measures)
        [size * factor, base]
      end

      # Of the loose measures a spoon is heaped as well; a handful is as it comes.
      def filled(low, high)
        fill = @loose.fills.fetch(fill_word, 1.0)
        measured(low, high, fill) || loose(low, high, fill)
      end

      # "1½ c", "heaped tsp", "2 lb 4 oz", "1 kg 200"
      def measured(low, high, fill)
        unit = unit_word or return
        factor, base = Units.base(unit, @measures)
        extra = smaller_part(unit, base)
        @scan.skip(/\([^)]*\)\s*/)
        @scan.skip(/#{Words::PACKS}\s+/o)
        Amount.new((low * fill * factor) + extra, (high * fill * factor) + extra, base, rest: rest)
      end

      # The "4 oz" of "2 lb 4 oz", the "200" of "1 kg 200", the "plus 2 Tbsp" of "1 cup plus 2 Tbsp",
      # the "and a half" of "a cup and a half".
      def smaller_part(unit, base)
        start = @scan.pos
        @scan.skip(/(?:and|plus|\+|,)\s*/)
        more = number
        smaller = unit_word if more
        if more && smaller.nil? && @scan.eos?
          return more * Units.base(unit, @measures).first if more < 1
          return more if unit == "kg"
        end

        factor, other = Units.base(smaller, @measures)
        return more * factor if other == base

        @scan.pos = start
        0.0
      end

      def loose(low, high, fill)
        word = loose_ahead or return
        @scan.scan(/(?:(small|large|big|good|generous)\s+)?[a-z]+/)
        least, most, unit = @loose[word, @scan[1]&.sub("big", "large")]
        low, high = low * fill, high * fill if word.end_with?("spoon")
        Amount.new(low * least, high * most, unit, rest: rest, estimated: true)
      end

      # "3 medium", "half a lemon", "2 limes", "1 large head of cauliflower": a count of the thing itself.
      def pieces(low, high)
        @scan.skip(/(?:of\s+)?an?\s+/)
        kind = piece
        left = rest
        fail_at(left) if left.match?(/\d/)
        fail_at(@text, "it has no unit.") if kind == "each" && left.empty?
        Amount.new(low, high, :piece, piece: kind, rest: left, estimated: @few)
      end

      def piece
        size = named(Words::SIZES)
        named(Words::PIECES + ["pack"]) || size || "each"
      end

      def named(known)
        word = @scan.check(/[a-z]+/)
        name = Words::PLURALS.fetch(word, word)
        return unless known.include?(name)

        @scan.skip(/[a-z]+\.?-?(?:sized)?/)
        blank
        name
      end

      def unit_word
        @scan.scan(/(fl\.?\s*oz|fluid\s+ounces?)\b\.?|([a-z]+)\b\.?/) or return
        unit = @scan[1] ? "fl oz" : Units::SPELLINGS[@scan[2]] || nearly(@scan[2])
        unit ? blank : @scan.unscan
        unit
      end

      # The unit that a misspelt word means.
      def nearly(word)
        return if word.length < MISSPELT[:letters]

        spelling =
          Units::SPELLINGS
            .keys
            .select { |known| known.length >= MISSPELT[:letters] }
            .min_by { |known| DidYouMean::Levenshtein.distance(known, word) }
        Units::SPELLINGS[spelling] if DidYouMean::Levenshtein.distance(spelling, word) <= MISSPELT[:by]
      end

      def fill_word
        word = @scan.scan(@loose.fill_words)
        blank
        word
      end

      def fill_ahead? = @scan.check(@loose.fill_words)

      def loose_ahead
        @scan.check(/(?:(?:small|large|big|good|generous)\s+)?([a-z]+)/) or return
        word = @scan[1]
        [word, word.chomp("s"), word.chomp("es")].find { |form| @loose.key?(form) }
      end

      def blank = @scan.skip(/\s+/)
      def rest = @scan.rest.sub(/\A[\s,]*(?:of\s+)?/, "").strip.tap { @scan.terminate }

      def fail_at(part, why = "I do not know this part.")
        raise UnreadableAmount,
              Fault.new(
                what: "Cannot read #{Fault.shown(part.to_s.strip)} in #{Fault.shown(@text)}: #{why}",
                where: "amount",
                remedy: "Write a number and a unit, for example 120 g, 1½ cups, 2 Tbsp or 3 medium."
              )
      end
    end
  end
end
