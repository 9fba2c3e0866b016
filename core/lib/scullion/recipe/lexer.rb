# frozen_string_literal: true

require "strscan"

module Scullion
  module Recipe
    # A line as tokens: numbers with their unit, foods, words with their roles, marks between them. No letter
    # is left out: what has no role is a word.
    class Lexer
      # kind: :amount, :length, :time, :heat, :food, :word or :mark; text: as it stands; value: an Amount,
      # foods' keys, or roles; at: its place in the line; folded: its words
      Token =
        Struct.new(:kind, :text, :value, :at, :folded, keyword_init: true) do
          # Its words as one. @return [String, nil]
          def word = @word ||= folded&.join(" ")
        end

      include OneWriting
      include OrdersBehind
      include Quantities

      WORD = /A10\b|[[:alpha:]][[:alpha:]\p{M}']*(?:\.[[:alpha:]])*(?:-[[:alpha:]]+)*|#\d+/.freeze
      NEXT_WORD = /(?:[ -]|\.\s(?=[[:lower:]])|\s*&\s*|\s*\+\s*)(?:#{WORD.source})/.freeze

      # A measure with no number is one of it: "tsp cumin", "kilo of mayo".
      SPOON_ALONE = /(?:tsps?|tbsps?|teaspoons?|tablespoons?|cups?|pints?|tspn|tblsp|dsp|desp)\b/i.freeze
      SO_MUCH_OF = /(?:kilo|litre|liter|pound|quart)\s+of\b/i.freeze
      # "Spoon over the rest of the cream": what is done, and no amount.
      # "Wrap them", at the beginning of a sentence; "wrap in foil" at that of a clause too.
      TOLD_TO = /\A\s+(?:it|them|each|these|those)\b/i.freeze
      TO_THE = /\A\s+(?:the|your)\s/i.freeze
      TOLD_IN = /\A\s+in\s+(?:foil|paper|cling|parchment|the|an?)\b/i.freeze
      POURING =
        /(?:spoon|ladle|dollop|drizzle|sprinkle|scattering)\s+with\b
         |(?:spoon|ladle|dollop|splash|drizzle|dash|glug|squeeze|drop|pinch|sprinkle|scattering)\s+
          (?:over|on|onto|into|in|the|it|them|out|up|around|across|some|half|all|this|that|your
            |off|through|to)\b
         |(?:spoon|ladle|drop|pinch)\s+(?!of\b)
          (?:(?-i:[[:alpha:]]+)\s+){1,3}(?:over|onto|into|off|through|on\s+(?:it|them))\b/ix.freeze
      attr_reader :lexicon, :measures

      # @param lexicon [Lexicon] @param practice [Practice] the house's loose measures
      # @param measures [Amount::Measures] the house's cup and spoons, or those that a recipe says it means
      # @param imperial [Boolean] its pints are British
      def initialize(lexicon, practice, measures, imperial: false)
        @lexicon, @loose, @measures, @imperial = lexicon, practice.loose, measures, imperial
        @folded, @read, @plain = {}, {}, {}
      end

      # Words that mean one thing or another by what stands around them are told.
      # @param text [String] @return [Array<Token>]
      def read(text)
        @read[text] ||= Corrected.of(Cloves.of(Pots.of(tokens(text), text), plain(text)), @lexicon)
      end

      # The spoon or measure that so many of were meant. @param amount [Amount] in ml
      def spoon(amount)
        [@measures.cup, @measures.tablespoon, @measures.teaspoon].find do |each|
          (amount.value / each % 0.25).abs < 0.01 && amount.value >= each
        end || 1.0
      end

      # What a food is counted by, where this word is one. @param word [String] folded
      def piece(word) = @lexicon.roles([word])["pieces"]

      # One kind of fraction and dash.
      def plain(text) = @plain[text] ||= in_one_writing(text)

      IN_OIL = %w[in oil].freeze
      SALT = %w[salt].freeze
      SO_MANY = %w[four six eight].freeze

      private

      def tokens(text)
        @scan, @tokens = StringScanner.new(plain(text)), []
        @hours = Hours.in(@scan.string).to_h { |from, to, _| [from, to] }
        until @scan.eos?
          next if @scan.skip(/\s+/)

          hours || number || phrase || mark
        end
        @tokens
      end

      def hours
        to = @hours[@scan.charpos] or return false
        from = @scan.pos
        @scan.pos = @scan.string[0...to].bytesize
        push(:time, from)
      end

      def push(kind, from, value = nil, folded: nil)
        text = @scan.string.byteslice(from...@scan.pos).strip
        @tokens << Token.new(kind: kind, text: text, value: value, at: from, folded: folded)
        true
      end

      # The longest food or phrase that begins here, else one word; "handful" and "tsp" are one of them.
      def phrase
        from = @scan.pos
        return false unless @scan.check(WORD)

        alone = unit_alone(from)
        return alone if alone

        words, ends = ahead
        [words.size, @lexicon.longest_from(words.first)].min
          .downto(1) do |size|
            # A word with a hyphen is not taken apart.
            next if ends[size] == ends[size - 1]

            roles = cut_alone(words.first(size), ends[size - 1])
            roles ||= ordered(words, ends.first) || trimmed(words, ends.first) if size == 1
            found = roles ? [:word, roles] : named(words.first(size))
            next if found.nil? || somebodys?(found, from, ends[size - 1])
            next if cut_behind?(found, words, size)
            next if told_to?(words.first(size), ends[size - 1]) || fried_in?(words.first(size))
            next if in_so_many?(words.first(size), ends[size - 1])

            @scan.pos = ends[size - 1]
            return push(*found.first(1), from, found.last, folded: words.first(size))
          end
        @scan.pos = ends.first
        folded = words.first(ends.count(ends.first))
        push(:word, from, cooked_so(folded), folded: folded)
      end

      # "Eggs, in four"; not "stir in four tablespoons".
      def in_so_many?(words, to)
        words.size == 2 && words.first == "in" && SO_MANY.include?(words.last) && !order_ends?(to)
      end

      # "Slow-roasted", "char-grilled": how it is cooked stands last, where nobody knows the whole word.
      def cooked_so(words)
        return Lexicon::NOTHING if words.size < 2 || way?(words)

        @lexicon.roles(words.last(1)).slice("cooks", "states")
      end

      # A unit or a loose measure with no number is one of it.
      def unit_alone(from)
        previous = @tokens.last
        if previous&.kind == :amount && previous.value.unit == :piece && previous.at + 8 > from &&
             previous.text.match?(/\Aan?\z/i)
          return
        end

        return if @scan.check(POURING) || !@scan.check(@lexicon.unit_words)

        fill = fill_word
        word, size = loose_word
        # "Molasses drizzle 200 ml": how much it is stands behind it.
        if word && !@scan.check(/[[:alpha:]-]|\s*\d/)
          least, most, unit = @loose[word, size]
          return push(:amount, from, Amount.new(least * fill, most * fill, unit, estimated: true))
        end
        @scan.pos = from
        fill = fill_word
        if (@scan.check(SPOON_ALONE) || (clause_begins? && @scan.check(SO_MUCH_OF))) && (unit = unit_word)
          return push(:amount, from, Amount.new(unit.last * fill, unit.last * fill, unit.first))
        end
        @scan.pos = from
        nil
      end

      # Neither "per kilo of" nor "the litre of".
      def clause_begins? = [nil, :mark].include?(@tokens.last&.kind) || Around.joins?(@tokens.last)

      # Words ahead on this side of any mark, folded, and where each ends.
      def ahead
        from, words, ends = @scan.pos, [], []
        while words.size < Lexicon::LONGEST && @scan.scan(words.empty? ? WORD : NEXT_WORD)
          matched = @scan.matched
          parts = @folded[matched] ||= Lexicon.fold(matched).split
          break if parts.empty?

          words.concat(parts)
          ends.concat([@scan.pos] * parts.size)
        end
        @scan.pos = from
        if words.empty?
          [[Lexicon.fold(@scan.check(WORD))], [from + @scan.check(WORD).bytesize]]
        else
          [words, ends]
        end
      end

      # "Nan's coleslaw" has no bread in it.
      def somebodys?(found, from, to)
        found.first == :food && @scan.string.byteslice(from...to).match?(/\A[[:upper:]][[:lower:]]+['’]s\z/)
      end

      # "Cucumber small dice" are no small cucumbers, "tomatoes chopped" none of a tin.
      def cut_behind?(found, words, size)
        return false if found.first != :food || size < 2
        return true if size == 2 && cut_by_turning?(words)

        ((size + 1)..words.size).any? { |to| @lexicon.roles(words[(size - 1)...to])["cuts"] }
      end

      def cut_by_turning?(words)
        @lexicon.turned?(words.first(2)) && !@lexicon.roles(words[1, 1])["cuts"].nil? &&
          @lexicon.food(words.first(1)).to_a.intersect?(@lexicon.food(words.first(2)).to_a)
      end

      # "Wrap them in foil": what is to be done, at the beginning of a sentence, and no food.
      def told_to?(words, to)
        return false if words.size > 1 || !@lexicon.verbs.key?(words.first)

        last, rest = @tokens.last, @scan.string.byteslice(to..).to_s
        (
          [nil, "."].include?(last&.text) &&
            (rest.match?(TOLD_TO) || (wrapped?(words) && rest.match?(TO_THE)))
        ) || ([nil, :mark].include?(last&.kind) && rest.match?(TOLD_IN))
      end

      # "Wrap the beetroot", "shell the peas"; what is salted needs its salt.
      def wrapped?(words) = words != SALT && !@lexicon.food(words).nil?

      # "Fry in oil 200 ml": the oil is a food then, and no way to be kept.
      def fried_in?(words)
        words == IN_OIL && @tokens.last&.kind == :word &&
          @lexicon.words("told").fetch("cook").key?(@tokens.last.folded.last)
      end

      def named(words)
        pair = @lexicon.pair(words)
        return :food, { keys: pair.first(1), also: pair.drop(1), roles: Lexicon::NOTHING } if pair

        keys = @lexicon.food(words)
        roles = @lexicon.roles(words)
        return :food, { keys: keys, roles: roles } if keys
        return :word, roles if roles.any?

        return :word, { "aside" => true } if @lexicon.aside?(words.join(" "))

        # "Salt baked" has no salt in it.
        [:word, Lexicon::NOTHING] if words.size > 1 && way?(words)
      end

      def way?(words) = @lexicon.words("ways").include?(words.join(" "))

      def mark
        from = @scan.pos
        @scan.getch
        push(:mark, from)
      end
    end
  end
end
