# frozen_string_literal: true

require "strscan"

module Scullion
  module Recipe
    # A line as tokens: numbers with their unit, foods, words with their roles, marks between them. No letter is
    # left out: what has no role is a word.
    class Lexer
      # kind: :amount, :length, :time, :heat, :food, :word or :mark; text: as it stands; value: an Amount, foods'
      # keys, or roles; at: its place in the line; folded: its words
      Token = Struct.new(:kind, :text, :value, :at, :folded, keyword_init: true)

      FRACTIONS = Amount::Words::FRACTIONS
      WORDS = Amount::Words::NUMBERS.except("third", "quarter", "thirds", "quarters", "halves").freeze
      NUMBER = %r{\d+\s+\d+/\d+|\d+/\d+|\d{1,3}(?:,\d{3})+|\d+(?:[.,]\d+)?|\.\d+}.freeze
      WORD_NUMBER = /(?:#{WORDS.keys.sort_by { |word| -word.length }.join("|")})\b/i.freeze
      TO = /\s*(?:-|–|—)\s*|\s+(?:to|or|and)\s+/i.freeze
      UNIT = /(fl\.?\s?oz|fluid\s+ounces?|dessertsp\w*|desertsp\w*|dsp|hg|[[:alpha:]]+|#(?!\d))\.?/i.freeze
      # Written in a kitchen beside the units of amount.rb.
      SHORT = { "T" => "tbsp", "t" => "tsp", "#" => "lb", "tblsp" => "tbsp", "tspn" => "tsp", "C" => "cup" }.freeze
      DESSERTSPOON = /\A(?:dess?erts|dsp)/i.freeze
      LENGTH = /\s*-?\s*(?:cm|mm|inch(?:es)?|in\.|")(?![[:alpha:]])/i.freeze
      TIME = /\s*-?\s*(?:mins?\b|minutes?\b|hrs?\b|hours?\b|h\b|secs?\b|seconds?\b|days?\b|d\b|['′″]|m\b)/i.freeze
      HEAT = /\s*(?:°|º|degrees?\b|C\b|F\b|fan\b)|\s*%/.freeze
      DEGREES = /\s*(?:°|º|degrees?\b)|\s*%/.freeze
      # A number before a bare C or F is heat from here on.
      HOT = 40

      attr_reader :lexicon

      # @param lexicon [Lexicon] @param practice [Practice] the house's measures and spoons
      def initialize(lexicon, practice)
        @lexicon, @loose, @measures = lexicon, practice.loose, practice.measures
      end

      # @param text [String] @return [Array<Token>]
      def read(text)
        @scan, @tokens = StringScanner.new(plain(text)), []
        until @scan.eos?
          next if @scan.skip(/\s+/)

          number || phrase || mark
        end
        @tokens
      end

      # The spoon or measure that so many of were meant. @param amount [Amount] in ml
      def spoon(amount)
        [@measures.cup, @measures.tablespoon, @measures.teaspoon].find { |each| (amount.value / each % 0.25).abs < 0.01 && amount.value >= each } || 1.0
      end

      # What a food is counted by, where this word is one. @param word [String] folded
      def piece(word) = @lexicon.roles([word])["pieces"]

      # One kind of fraction and dash.
      def plain(text)
        text
          .gsub(/[#{FRACTIONS.keys.join}]/o) { |char| " #{FRACTIONS[char]} " }
          .tr("⁄×", "/x")
          .gsub(/[–—‒−]/, "-")
          .gsub(/(\d)\s+-\s+(?=\d)/, '\1-')
          .tr("’‘", "''")
          .gsub(%r{(\d+)\s+/\s*(\d)}, '\1/\2')
          .squeeze(" ")
      end

      private

      def push(kind, from, value = nil, folded: nil)
        text = @scan.string.byteslice(from...@scan.pos).strip
        @tokens << Token.new(kind: kind, text: text, value: value, at: from, folded: folded)
        true
      end

      # --- numbers

      def number
        from = @scan.pos
        low = fraction_of || one
        return false unless low

        high = low
        between = @scan.pos
        if @scan.skip(TO) && (more = one)
          high = more
        else
          @scan.pos = between
        end
        low, high = [low, high].minmax
        kind_of(from, low, high)
      end

      # "half a", "½ of a", "a third of a" before what is counted.
      def fraction_of
        from = @scan.pos
        if @scan.skip(/(?:an?\s+)?(half|third|quarter)\b(?:\s+(?:of|the|an?)\b)*\s*/i)
          value = { "half" => 0.5, "third" => 1 / 3r, "quarter" => 0.25 }[@scan[1].downcase].to_f
          return value * 12 if @scan.skip(/dozen\b/i)

          return value
        end
        @scan.pos = from
        nil
      end

      def one
        return plain_number(@scan.matched) if @scan.scan(NUMBER)

        from = @scan.pos
        if @scan.scan(WORD_NUMBER)
          value = WORDS[@scan.matched.downcase].to_f
          value *= WORDS[@scan[1].downcase] if @scan.scan(/\s+(dozen|hundred)\b/i)
          value += { "half" => 0.5, "quarter" => 0.25 }[@scan[1].downcase] if @scan.scan(/\s+and\s+a\s+(half|quarter)\b/i)
          # "a" counts only before what can be counted, "one" not after "the good".
          return value unless unmeant?(from)
        end
        @scan.pos = from
        nil
      end

      def unmeant?(from)
        word = @scan.string.byteslice(from...@scan.pos)
        return !countable? if word.match?(/\Aan?\z/i)

        word.match?(/\Aone\z/i) && @tokens.last&.kind == :word && !@tokens.last.value["places"]
      end

      def countable? = @scan.check(/\s+[[:alpha:]]/) && !@scan.check(/\s+(?:bit|few|little|lot|while|minute|time)\b/i)

      def plain_number(text)
        whole, part = text.split
        return whole.to_f + fraction(part) if part
        return fraction(text) if text.include?("/")

        text.match?(/\A\d{1,3}(?:,\d{3})+\z/) ? text.delete(",").to_f : text.tr(",", ".").to_f
      end

      def fraction(text)
        over, under = text.split("/").map(&:to_f)
        under.zero? ? 0.0 : over / under
      end

      def kind_of(from, low, high)
        if @scan.skip(LENGTH)
          @scan.skip(/\s*(?:thick|long|wide|deep)\b/i)
          return push(:length, from)
        end
        return push(:time, from) if @scan.skip(TIME)
        return push(:heat, from) if @scan.skip(high >= HOT ? HEAT : DEGREES)

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
        unit, factor = unit_word
        unless unit
          @scan.pos = from
          return
        end

        low, high = [low, high].map { |each| each * factor * fill }
        more = smaller_part(unit, factor)
        skip_double
        Amount.new(low + more, high + more, unit)
      end

      def fill_word
        @scan.skip(/\s*(?:(?:big|good|really)\s+)?/i) if @scan.check(/\s*(?:big|good|really)\s+(?:heaped|heaping)\b/i)
        word = @scan.scan(/(?:#{@loose.fill_words.source})\s+/i)
        word ? @loose.fills.fetch(word.strip.downcase) : 1.0
      end

      # @return [Array(Symbol, Float), nil] :g or :ml, and how many of it
      def unit_word
        start = @scan.pos
        @scan.scan(UNIT) or return
        word = @scan[1]
        return [:g, 100.0] if word.downcase == "hg"
        return [:ml, @loose["dessertspoon"].first] if word.match?(DESSERTSPOON)

        unit = SHORT[word] || Amount::Units::SPELLINGS[word.downcase.sub(/\s+/, " ")]
        factor, base = unit && Amount::Units.base(unit == "fl. oz" ? "fl oz" : unit, @measures)
        if base && !@scan.check(/[[:alpha:]]/)
          @scan.skip(/(?=\s)/)
          return [base, factor]
        end
        @scan.pos = start
        nil
      end

      def smaller_part(base, size)
        from = @scan.pos
        @scan.skip(/\s*(?:plus|\+|and)?\s*/i)
        if (value = one) && @scan.skip(/\s*/) && (unit = unit_word) && unit.first == base && unit.last < size &&
             !@scan.check(/\s*[[:alpha:]]+\s+(?:more|extra)\b/i) && !@scan.string.byteslice(from...@scan.pos).include?(",")
          return value * unit.last
        end

        @scan.pos = from
        0.0
      end

      # "200g/7oz": the same said in the other system.
      def skip_double
        from = @scan.pos
        return if @scan.skip(%r{\s*/\s*}) && one && @scan.skip(/\s*/) && unit_word

        @scan.pos = from
      end

      def loose(low, high)
        from = @scan.pos
        @scan.skip(/\s*(?:of\s+)?(?:an?\s+)?/i)
        word = loose_word
        unless word
          @scan.pos = from
          return
        end
        least, most, unit = @loose[word]
        Amount.new(low * least, high * most, unit, estimated: true)
      end

      BIG = /(?:(?:very\s+)?(?:small|smallish|large|big|good|generous|heaped|fat|decent|tiny)\s+)?/i.freeze

      def loose_word
        from = @scan.pos
        @scan.skip(BIG)
        if @scan.scan(/[[:alpha:]]+/)
          word = @scan.matched.downcase
          found = [word, word.chomp("s"), word.chomp("es")].find { |each| @loose.key?(each) }
          return found if found
        end
        @scan.pos = from
        nil
      end

      # --- words

      WORD = /A10\b|[[:alpha:]][[:alpha:]\p{M}']*(?:\.[[:alpha:]])*(?:-[[:alpha:]]+)*|#\d+/.freeze

      # The longest food or phrase that begins here, else one word; "handful" and "tsp" are one of them.
      def phrase
        from = @scan.pos
        return false unless @scan.check(WORD)

        alone = unit_alone(from)
        return alone if alone

        words, ends = ahead
        words.size.downto(1) do |size|
          # A word with a hyphen is not taken apart.
          next if ends[size] == ends[size - 1]

          found = named(words.first(size))
          next unless found

          @scan.pos = ends[size - 1]
          return push(*found.first(1), from, found.last, folded: words.first(size))
        end
        @scan.pos = ends.first
        push(:word, from, Lexicon::NOTHING, folded: words.first(ends.count(ends.first)))
      end

      # A unit or a loose measure with no number is one of it.
      def unit_alone(from)
        previous = @tokens.last
        return if previous&.kind == :amount && previous.value.unit == :piece && previous.at + 8 > from && previous.text.match?(/\Aan?\z/i)

        fill = fill_word
        word = loose_word
        if word && !@scan.check(/[[:alpha:]-]/)
          least, most, unit = @loose[word]
          return push(:amount, from, Amount.new(least * fill, most * fill, unit, estimated: true))
        end
        @scan.pos = from
        fill = fill_word
        if @scan.check(/(?:tsps?|tbsps?|teaspoons?|tablespoons?|cups?|pints?|tspn|tblsp|dsp)\b/i) && (unit = unit_word)
          return push(:amount, from, Amount.new(unit.last * fill, unit.last * fill, unit.first))
        end
        @scan.pos = from
        nil
      end

      # Words ahead on this side of any mark, folded, and where each ends.
      def ahead
        from, words, ends = @scan.pos, [], []
        while words.size < Lexicon::LONGEST && @scan.scan(words.empty? ? WORD : /(?:[ -]|\s*&\s*|\s*\+\s*)(?:#{WORD.source})/)
          matched = @scan.matched
          parts = Lexicon.fold(matched).split
          break if parts.empty?

          words.concat(parts)
          ends.concat([@scan.pos] * parts.size)
        end
        @scan.pos = from
        words.empty? ? [[Lexicon.fold(@scan.check(WORD))], [from + @scan.check(WORD).bytesize]] : [words, ends]
      end

      def named(words)
        keys = @lexicon.food(words)
        roles = @lexicon.roles(words)
        return [:food, { keys: keys, roles: roles }] if keys
        return [:word, roles] if roles.any?

        [:word, { "aside" => true }] if @lexicon.aside?(words.join(" "))
      end

      def mark
        from = @scan.pos
        @scan.getch
        push(:mark, from)
      end
    end
  end
end
