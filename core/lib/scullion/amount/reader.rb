# frozen_string_literal: true

require "strscan"

module Scullion
  class Amount
    # Reads what cooks write: "1 1/2 cups", "1½ c", "2–3 Tbsp", "two 400 g tins", "3 medium",
    # "half a lemon", "juice of 2 limes", "1 bunch", "heaped tsp", "a glug", "to taste",
    # "1 kg 200", "2 lb 4 oz". What it cannot read it says so, with the part that failed.
    class Reader
      VULGAR = { "½" => "1/2", "⅓" => "1/3", "⅔" => "2/3", "¼" => "1/4", "¾" => "3/4", "⅛" => "1/8", "⅜" => "3/8",
                 "⅝" => "5/8", "⅞" => "7/8", "⅕" => "1/5", "⅙" => "1/6" }.freeze
      WORDS = { "a" => 1, "an" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "five" => 5, "six" => 6,
                "seven" => 7, "eight" => 8, "nine" => 9, "ten" => 10, "eleven" => 11, "twelve" => 12, "dozen" => 12,
                "half" => 0.5, "quarter" => 0.25, "couple" => 2 }.freeze
      FILL = { "heaped" => 1.5, "heaping" => 1.5, "rounded" => 1.25, "level" => 1.0, "scant" => 0.9 }.freeze
      PIECES = %w[small medium large bunch head clove sprig tin can pack bag stick slice leaf stalk ear].freeze
      PLURALS = { "bunches" => "bunch", "leaves" => "leaf" }
                .merge(PIECES.to_h { |word| ["#{word}s", word] }).freeze
      PACKS = /(?:tins?|cans?|packs?|bags?|jars?|cartons?)\b/.freeze

      # @param loose [Loose] this cook's pinches and glugs
      # @param house [Units::House] which cup and spoon
      def initialize(loose: Loose::NONE, house: Units::METRIC)
        @loose, @house = loose, house
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
        whole || fail_at(@scan.rest)
      end

      private

      def whole
        to_taste || part_of || counted
      end

      # Lower case, except that T is a tablespoon and t a teaspoon; one kind of dash and fraction.
      def plain(text)
        text.unicode_normalize(:nfc).gsub(/(?<=[\d\s½¼¾])T(?=\s|\.|\z)/, "tbsp").gsub(/(?<=[\d\s½¼¾])t(?=\s|\.|\z)/, "tsp")
            .gsub(/[#{VULGAR.keys.join}]/) { |char| " #{VULGAR[char]}" }
            .tr("⁄", "/").gsub(/[–—]/, "-").tr("×", "x").downcase.strip
      end

      def to_taste
        Amount.new(0, 0, :taste, rest: rest) if @scan.skip(/to taste\b|as needed\b/)
      end

      # "juice of 2 limes", "zest of half a lemon"
      def part_of
        return unless @scan.scan(/(juice|zest)\s+of\s+/)

        part = @scan[1]
        low, high = range || [1.0, 1.0]
        Amount.new(low, high, :piece, piece: part, part: part, rest: rest)
      end

      def counted
        low, high = range || ([1.0, 1.0] if loose_ahead || fill_ahead?)
        return unless low

        packs(low, high) || measured(low, high) || loose(low, high) || pieces(low, high)
      end

      # "two 400 g tins", "1 x 400 g can"
      def packs(low, high)
        start = @scan.pos
        @scan.skip(/x\s*/)
        if (size = number) && (unit = unit_word) && @scan.skip(PACKS)
          factor, base = Units.base(unit, @house)
          return Amount.new(low * size * factor, high * size * factor, base, rest: rest)
        end
        @scan.pos = start
        nil
      end

      # "1½ c", "heaped tsp", "2 lb 4 oz", "1 kg 200"
      def measured(low, high)
        fill = FILL.fetch(@scan.scan(/(?:heaped|heaping|rounded|level|scant)\b/), 1.0)
        blank
        unit = unit_word or return

        factor, base = Units.base(unit, @house)
        extra = smaller_part(unit, base)
        Amount.new((low * fill * factor) + extra, (high * fill * factor) + extra, base, rest: rest)
      end

      # The "4 oz" of "2 lb 4 oz", the "200" of "1 kg 200", the "plus 2 Tbsp" of "1 cup plus 2 Tbsp".
      def smaller_part(unit, base)
        start = @scan.pos
        @scan.skip(/(?:and|plus)\s+/)
        more = number
        smaller = unit_word if more
        return more if more && smaller.nil? && unit == "kg" && @scan.eos?

        factor, other = Units.base(smaller, @house)
        return more * factor if other == base

        @scan.pos = start
        0.0
      end

      def loose(low, high)
        word = loose_ahead or return
        @scan.skip(/[a-z]+/)
        least, most, unit = @loose[word]
        Amount.new(low * least, high * most, unit, rest: rest, estimated: true)
      end

      # "3 medium", "half a lemon", "2 limes": a count of the ingredient itself.
      def pieces(low, high)
        @scan.skip(/(?:of\s+)?an?\s+/)
        kind = piece
        left = rest
        fail_at(left) if left.match?(/\d/)
        fail_at(@text, "it has no unit.") if kind == "each" && left.empty?
        Amount.new(low, high, :piece, piece: kind, rest: left)
      end

      def piece
        word = @scan.check(/[a-z]+/)
        name = PLURALS.fetch(word, word)
        return "each" unless PIECES.include?(name)

        @scan.skip(/[a-z]+/)
        blank
        name
      end

      def range
        low = number or return
        high = @scan.skip(/(?:-|to\b|or\b)\s*/) ? (number || fail_at(@scan.rest)) : low
        [low, high].minmax
      end

      # 1 1/2, 1/2, 1.5, 1,5, 1,200, twelve, half
      def number
        value = mixed || word_number
        blank if value
        value
      end

      def mixed
        if @scan.scan(%r{(?:(\d+)\s+)?(\d+)\s*/\s*(\d+)})
          fail_at(@scan.matched, "a fraction needs something under the line.") if @scan[3].to_i.zero?
          return @scan[1].to_f + (@scan[2].to_f / @scan[3].to_i)
        end
        return @scan.matched.delete(",").to_f if @scan.scan(/\d{1,3}(?:,\d{3})+(?:\.\d+)?(?!\d)/)

        @scan.matched.tr(",", ".").to_f if @scan.scan(/\d+(?:[.,]\d+)?|\.\d+/)
      end

      # "half a", "two dozen": number words multiply.
      def word_number
        value = nil
        while (factor = WORDS[@scan.check(/[a-z]+\b/)])
          @scan.skip(/[a-z]+\s*/)
          value = (value || 1.0) * factor
        end
        @scan.skip(/of\s+/) if value
        value
      end

      def unit_word
        @scan.scan(/(fl\.?\s*oz|fluid ounces?)\b\.?|([a-z]+)\b\.?/) or return
        unit = @scan[1] ? "fl oz" : Units::SPELLINGS[@scan[2]]
        unit ? blank : @scan.unscan
        unit
      end

      def fill_ahead? = @scan.check(/(?:heaped|heaping|rounded|level|scant)\b/)

      def loose_ahead
        word = @scan.check(/[a-z]+/) or return
        [word, word.chomp("s"), word.chomp("es")].find { |form| @loose.key?(form) }
      end

      def blank = @scan.skip(/\s+/)
      def rest = @scan.rest.sub(/\A\s*(?:of\s+)?/, "").strip.tap { @scan.terminate }

      def fail_at(part, why = "I do not know this part.")
        raise UnreadableAmount, Fault.new(
          what: "Cannot read #{part.to_s.strip[0, 60].inspect} in #{@text.strip[0, 120].inspect}: #{why}", where: "amount",
          remedy: "Write a number and a unit, for example 120 g, 1½ cups, 2 Tbsp or 3 medium."
        )
      end
    end
  end
end
