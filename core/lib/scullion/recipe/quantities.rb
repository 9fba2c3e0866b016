# frozen_string_literal: true

module Scullion
  module Recipe
    # The numbers of a line: amounts with their unit, and lengths, times and heats, which are none. Reads from
    # @scan, and leaves it where it was when there is no number.
    module Quantities
      include BareNumbers
      include FewOfThem
      include Fractions
      include Ranges

      FRACTIONS = Amount::Words::FRACTIONS
      WORDS = { **Amount::Words::NUMBERS.except(*Amount::Words::PARTS.keys), "another" => 1 }.freeze
      # "1-1/2" is one and a half.
      NUMBER =
        %r{\d+-\d/\d{1,2}(?!\d)|\d+\s+\d+/\d+|\d+/\d{1,2}(?!\d)|\d{1,3}(?:,\d{3})+
          |\d+(?:[.,]\d+)?|\.\d+}x.freeze
      WORD_NUMBER = /(?:#{WORDS.keys.sort_by { |word| -word.length }.join("|")})\b/i.freeze
      SPELLED = /#{Amount::Words::SPELLED}/i.freeze
      UNIT =
        /(fl\.?\s?oz|fluid\s+ounces?|(?:table|tea|dessert)[\s-]spoon\w*|dessertsp\w*|desertsp\w*
          |dsp|desp|hg|(?-i:[[:alpha:]]+)|\#(?!\d))\.?/ix.freeze
      # "A walnut of butter": as big as one.
      AS_BIG = /(?:wal)?nut(?=\s+of\s)/i.freeze
      # What is done too, and measures only "of" something: "a grating of nutmeg".
      DONE_TOO = %w[grating scrape].freeze
      # "A saltspoonful"
      FULL = /s?fuls?\z/.freeze
      # "Half and half" is a food, a half moon a cut.
      HALVES = /half(?:\s+(?:and|&|n)\s+half|[\s-]+(?:moons?|rounds?))\b/i.freeze
      # "Keep the water, 1/2 goes in the paste": of what was said before.
      SHARE_GOES = /(?:#{Shares::ANY})\s+(?:of\s+(?:it|them)\s+)?go(?:es)?\b/i.freeze
      # "Seeds from one pomegranate", "zest one"
      OF_ONE = [%w[from], %w[of], %w[zest], %w[juice]].freeze
      # "In ribbons with a peeler", "scooped with a spoon": nothing is counted.
      TOOL =
        /(?:an?|one)\s+(?:(?-i:[[:alpha:]]+)\s+){0,2}?
          (?:(?:peeler|grater|knife|fork|rolling\s+pin|cutter|microplane|slicer|zester|masher|ricer|processor
                |blender|whisk|sieve|skewer|cleaver|mallet|baller|brush|grinder)\b
            |(?:tea|table|dessert)?spoon(?=\s*(?:[,;.)]|\z)))/ix.freeze
      DONE_WITH = [%w[with], %w[w], %w[using], %w[on], %w[in], %w[through]].freeze
      # Written in a kitchen beside the units of amount.rb.
      SHORT = {
        "T" => "tbsp",
        "t" => "tsp",
        "#" => "lb",
        "tblsp" => "tbsp",
        "Tb" => "tbsp",
        "k" => "kg",
        "msk" => "tbsp",
        "tsk" => "tsp",
        "krm" => "ml",
        "EL" => "tbsp",
        "el" => "tbsp",
        "TL" => "tsp",
        "tl" => "tsp",
        "tspn" => "tsp",
        "C" => "cup"
      }.freeze
      # "Mixed with one kilo mayonnaise"
      ONE_UNIT = /\s+(?:kilos?|kg|lit(?:re|er)s?|pints?|pounds?|tin|jar|tub|bag|bunch|t\w+spoon)\b/i.freeze
      DESSERTSPOON = /\A(?:dess?erts|dsp|desp)/i.freeze
      LENGTH = /\s*-?\s*(?:cm|mm|inch(?:es)?|in(?:\.|(?=\s*(?:[,;)]|\z)))|")(?![[:alpha:]])/i.freeze
      TIME =
        /\s*-?\s*(?:mins?\b|minutes?\b|hrs?\b|hours?\b|h(?![[:alpha:]])|m\b|['′″]
          |secs?\b|seconds?\b|s(?=\s*(?:[,;.]|\z))|days?\b|d\b)/ix.freeze
      # "Twenty five thirty minutes"
      SPOKEN_TIME = /(?:\s+(?:#{WORD_NUMBER.source}))+(?:#{TIME.source})/ix.freeze
      HEAT = /\s*(?:°|º|degrees?\b|C\b|F\b|fan\b)|\s*%/.freeze
      DEGREES = /\s*(?:°|º|degrees?\b)|\s*%/.freeze
      BIG_WORDS = "very|small|large|big|good|generous|heaped|fat|decent|tiny|really"
      BIG = /(?:(?:very\s+)?(?:small|smallish|large|big|good|generous|heaped|fat|decent|tiny)\s+)?/i.freeze
      # "Three big tablespoons": a spoon is a spoon.
      BIG_SPOONS =
        /(?:small|large|big|fat|decent)\s+
          (?=(?:(?:table|tea|dessert)[\s-]?spoons?|[Tt]?bsps?|tsps?|cups?)\b)/ix.freeze

      private

      def number
        from = @scan.pos
        return false if @scan.check(HALVES) || quarter_them?
        return push(:word, from, { "aside" => true }, folded: %w[share]) if @scan.skip(SHARE_GOES)

        return push(:word, from, { "aside" => true }, folded: %w[tool]) if tool?
        return push(:time, from) if @scan.skip(TimeAndHeat::CLOCKED)
        return push(:heat, from) if @scan.skip(TimeAndHeat::HEAT_AND_TIME)

        few = few_of_them
        return kind_of(from, *few) if few

        low = fraction_of || one or return false
        kind_of(from, *[low, other_end(from, low)].minmax)
      end

      def tool? = DONE_WITH.include?(@tokens.last&.folded) && @scan.skip(TOOL)

      def one
        if @scan.scan(NUMBER)
          number = plain_number(@scan.matched) + and_a_part
          return @scan.skip(/\s?doz(?:en)?\b/i) ? number * 12 : number
        end

        from = @scan.pos
        return Amount::Words.spelled(@scan.matched).to_f if @scan.scan(SPELLED)

        if @scan.scan(WORD_NUMBER)
          value = WORDS[@scan.matched.downcase].to_f
          value *= WORDS[@scan[1].downcase] if @scan.scan(/\s+(dozen|hundred)\b/i)
          value += and_a_part
          # "a" counts only before what can be counted, "one" not after "the good".
          return value unless unmeant?(from)
        end
        @scan.pos = from
        nil
      end

      def unmeant?(from)
        word = @scan.string.byteslice(from...@scan.pos)
        return true if word == "ANOTHER"
        return !countable? if word.match?(/\Aan?(?:other)?\z/i)

        last = @tokens.last
        if food_ahead? || @scan.check(ONE_UNIT) ||
             (last&.folded == ["and"] && (another_of_them? || kind_of_last?))
          return false
        end

        word.match?(/\Aone\z/i) && last&.kind == :word && !last.value["places"] &&
          !OF_ONE.include?(last.folded)
      end

      # "One green pepper" behind a word is a pepper, "one crushed clove of garlic" a clove; "the good one" is
      # none.
      def food_ahead?
        words = Lexicon.fold(@scan.check(/(?:\s+[[:alpha:]]+){1,4}/).to_s).split
        words.shift while words.any? && done_or_sized?(words.first)
        words.size.downto(1).any? { |size| @lexicon.food(words.first(size)) }
      end

      def done_or_sized?(word)
        # "Finely", "roughly"
        return true if @lexicon.words("sizes").key?(word) || word.end_with?("ly")

        @lexicon.roles([word]).keys.intersect?(%w[cuts trims treats])
      end

      def countable?
        @scan.check(/\s+[[:alpha:]]/) && !@scan.check(/\s+(?:bit|few|little|lot|while|minute|time)\b/i)
      end

      def kind_of(from, low, high)
        return push(:time, from) if @scan.skip(SPOKEN_TIME)

        if @scan.skip(LENGTH)
          @scan.skip(/\s*(?:thick|long|wide|deep)\b/i)
          return push(:length, from)
        end
        return push(:time, from) if @scan.skip(TIME) || minutes_alone?(low)
        return push(:heat, from) if @scan.skip(high >= TimeAndHeat::HOT ? HEAT : DEGREES) || oven_heat?(low)

        @scan.skip(/\s*x\b(?=\s*\d)/i)
        @scan.skip(/\s+(?:of\s+)?(?:an?|the)\b(?=\s+[[:alpha:]])/i) if high < 1
        amount = measured(low, high) || loose(low, high) || Amount.new(low, high, :piece, piece: "each")
        push(:amount, from, amount)
      end

      # A number with its unit; "2 lb 4 oz" and "1 cup plus 2 Tbsp" are one.
      def measured(low, high)
        from = @scan.pos
        @scan.skip(/\s*-?\s*/)
        fill = fill_word
        @scan.skip(BIG_SPOONS)
        unit, factor = unit_word
        unless unit
          @scan.pos = from
          return
        end

        low, high = [low, high].map { |each| each * factor * fill }
        more = (and_a_part * factor) + grams_behind(unit, factor) + smaller_part(unit, factor)
        skip_double(unit, high + more)
        Amount.new(low + more, high + more, unit)
      end

      # "1kg250": so many grams more. @return [Float]
      def grams_behind(unit, factor)
        unit == :g && factor == 1000 && @scan.scan(/\d{3}(?![\d.,]|\s*(?:g|x)\b)/) ? @scan.matched.to_f : 0.0
      end

      def fill_word
        if @scan.check(/\s*(?:big|good|really)\s+(?:heaped|heaping)\b/i)
          @scan.skip(/\s*(?:(?:big|good|really)\s+)?/i)
        end
        word = @scan.scan(@lexicon.fill)
        word ? @loose.fills.fetch(word.strip.downcase) : 1.0
      end

      # @return [Array(Symbol, Float), nil] :g or :ml, and how many of it
      def unit_word
        start = @scan.pos
        @scan.scan(UNIT) or return
        word = @scan[1].sub(/\A(table|tea|dessert)[\s-]/i, '\1')
        return :g, 100.0 if word.downcase == "hg"
        return :ml, @loose["dessertspoon"].first if word.match?(DESSERTSPOON)

        unit = SHORT[word] || Amount::Units::SPELLINGS[word.downcase.sub(/\s+/, " ")]
        factor, base = unit && Amount::Units.base(unit == "fl. oz" ? "fl oz" : unit, @measures)
        factor = Amount::Units::IMPERIAL.fetch(unit, factor) if @imperial
        if base && !@scan.check(/[[:alpha:]]/)
          @scan.skip(/(?=\s)/)
          return base, factor
        end
        @scan.pos = start
        nil
      end

      def smaller_part(base, size)
        from = @scan.pos
        @scan.skip(/\s*(?:plus|\+|and)?\s*/i)
        if (value = one) && @scan.skip(/\s*/) && (unit = unit_word) && unit.first == base &&
             unit.last < size && !@scan.check(/\s*(?-i:[[:alpha:]]+)\s+(?:more|extra)\b/i) &&
             !@scan.string.byteslice(from...@scan.pos).include?(",")
          return value * unit.last
        end

        @scan.pos = from
        0.0
      end

      # "200g/7oz", "750g/1lb 10oz": the same said in the other system, or by the other pint; not
      # "1.5 kg / 1.1 kg".
      def skip_double(unit, many)
        from = @scan.pos
        if @scan.skip(%r{\s*/\s*}) && (again = one) && @scan.skip(/\s*/) && (other = unit_word)
          said = (again * other.last) + smaller_part(*other)
          return if other.first != unit || Amount::Units::IN_BOTH.any? { |pint| as_much?(said * pint, many) }
        end

        @scan.pos = from
      end

      def as_much?(one, other) = ((one / other) - 1).abs <= Amounted::SAME

      def loose(low, high)
        from = @scan.pos
        @scan.skip(/\s*(?:of\s+)?(?:an?\s+)?/i)
        word, size = loose_word
        unless word
          @scan.pos = from
          return
        end
        least, most, unit = @loose[word, size]
        Amount.new(low * least, high * most, unit, estimated: true)
      end

      # "Glass noodles", "knob celery": a measure's word that begins a food's own name.
      def begins_food?(word)
        following = @scan.check(/\s+[[:alpha:]]+/) or return false
        !@lexicon.food([word, Lexicon.fold(following)]).nil?
      end

      # @return [Array(String, String), nil] the measure, and whether it is said to be small or large
      def loose_word
        from = @scan.pos
        size = @lexicon.words("sizes")[@scan.scan(BIG).to_s.split.last.to_s.downcase]
        return "knob", size if @scan.scan(AS_BIG)
        # "A wine glass of water", "half a tea-cup"
        if @scan.scan(Amount::Words::IN_TWO)
          word = "#{@scan[1]}#{@scan[2]}".downcase
          return word, size if @loose.key?(word)

          @scan.unscan
        end
        if @scan.scan(/[[:alpha:]]+/)
          word = @scan.matched.downcase
          found =
            [word, word.chomp("s"), word.chomp("es"), word.sub(FULL, "")].find { |each| @loose.key?(each) }
          if found && !begins_food?(word) && !(DONE_TOO.include?(found) && !@scan.check(/\s+of\b/))
            return found, size
          end
        end
        @scan.pos = from
        nil
      end
    end
  end
end
