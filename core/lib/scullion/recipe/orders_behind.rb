# frozen_string_literal: true

module Scullion
  module Recipe
    # What is to be done to a food where it stands alone behind it: "leeks 2 kg, trim", "red onion, thin". For
    # Lexer, which it is a part of.
    module OrdersBehind
      ORDERED = %w[cuts trims treats].freeze
      ORDERED_BEHIND = %i[mark amount].freeze
      ALONE_BEHIND = [*ORDERED_BEHIND, :food].freeze
      # Role of a word that orders: "peel" is no zest then.
      ORDER = "order"
      THEN = %w[and then next].freeze
      SO_MUCH =
        /\A(?:\s+(?:and|then|&)\s+(?-i:[[:alpha:]]+)
             |\s*,\s*(?-i:[[:alpha:]]+)(?:\s+and\s+(?-i:[[:alpha:]]+))?)?\s+
           (?:#{Amount::Words::ROUGHLY})?
           (?:[\d½¼¾⅓⅔]|(?:#{Amount::Words::NUMBERS.keys.grep_v(/\Aan?\z/).join("|")})\b
              |an?\s+(?!bit|little|few))/ix.freeze
      QUARTER = %r{quarter\s*(?=[,;.)+/]|\z|and\b)}i.freeze
      ORDER_ENDS = %r{\A\s*(?:[,;.()+|/→-]|\z|(?:and|then|n)\b)}.freeze

      # @return [Array<String>] the participles that a verb may have
      def self.done(verb) = ["#{verb}ed", "#{verb}d", "#{verb}#{verb[-1]}ed"]

      private

      def quarter_them? = ORDERED_BEHIND.include?(@tokens.last&.kind) && @scan.check(QUARTER)

      # "Leeks 2 kg, trim", "tomatoes, quarter": an order behind a food says what "trimmed" does.
      # @return [Hash, nil] its roles
      def ordered(words, to)
        return if !ORDERED_BEHIND.include?(@tokens.last&.kind) || @tokens.last.text == "("

        roles = @lexicon.roles(words)
        return done_too(roles, words, to) if (roles.keys - Lexicon::COUNTED_BY).any?
        return if roles.any? && @tokens.last.kind == :amount

        # "Aubergines, cube"; not "leaf + stem".
        meant = roles.any? ? %w[cuts] : ORDERED
        found = done(words.first).map { |word| @lexicon.roles([word]).slice(*meant) }.find(&:any?) or return
        found if !names?(words) && order_ends?(to)
      end

      # "Peel 500 g beetroot", "scrub and slice six carrots": an order before so much of it.
      # @return [Hash, nil]
      def trimmed(words, to)
        trim = @lexicon.words("told")["trim"][words.first] or return
        last = @tokens.last
        return unless last.nil? || ORDERED_BEHIND.first == last.kind || THEN.include?(last.folded&.last)

        { "trims" => trim, ORDER => true } if @scan.string.byteslice(to..).to_s.scrub.match?(SO_MUCH)
      end

      # "Garlic, mince"; not "lamb, mince".
      def done_too(roles, words, to) = (roles if @lexicon.food(words) && !goes_on?(words) && order_ends?(to))

      # "Red onion, thin", "parsley 2 bunches, fine". @return [Hash, nil] its roles
      def cut_alone(words, to)
        cut = @lexicon.words("cuts_alone")[words.join(" ")]
        cut ||= cut_by_noun(words)
        cut ||= "very-thin" if as_thin_as?(words)
        return unless cut
        return if @tokens.empty? || @tokens.last.text == "("
        return unless ALONE_BEHIND.include?(@tokens.last.kind) || counts?(@tokens.last)
        # "12 sl" are slices.
        return if words.first.start_with?("sl") && @tokens.last.kind == :amount && counted?(@tokens.last)

        { "cuts" => cut } if order_ends?(to) && !names?(words) && !cut_already?
      end

      # "4 beetroot, quarters"; not "12 slices", nor "walnuts, halves".
      def cut_by_noun(words)
        cut = @lexicon.words("cut_nouns")[words.join(" ")] or return
        food = @tokens.rindex { |token| token.kind == :food } or return
        cut if @tokens.last.kind == :mark && @lexicon.cut_so?(@tokens[food].value[:keys].first, cut)
      end

      # "Wisp thin", "hair-thin"; not "to thin", "pencil-thin asparagus".
      def as_thin_as?(words)
        words.size == 2 && words.last == "thin" && !@lexicon.verbs.key?(words.first) &&
          @lexicon.food(words.first(1)).nil? &&
          [words, words.first(1)].all? { |said| @lexicon.roles(said).empty? } &&
          [words.first, words.join(" ")].none? { |said| @lexicon.aside?(said) }
      end

      def counted?(token) = token.value.unit == :piece

      # "2 bunches"
      def counts?(token) = token.kind == :word && token.value.keys.intersect?(Lexicon::COUNTED_BY)

      # "Slice 6 red onions finely"
      def cut_already?
        food = @tokens.rindex { |token| token.kind == :food } or return false
        clause = @tokens[0...food].rindex { |token| token.kind == :mark } || -1
        said = @tokens[(clause + 1)..food] + @tokens.drop(food + 1).take_while { |token| token.kind != :mark }
        said.any? { |token| token.kind == :word && token.value["cuts"] }
      end

      def order_ends?(to) = @scan.string.byteslice(to..).match?(ORDER_ENDS)

      def names?(words) = @lexicon.food(words) || goes_on?(words)

      # "Coriander, seed": the name goes on behind the mark.
      def goes_on?(words)
        food = @tokens.reverse.find { |token| token.kind == :food }
        @lexicon.food([*food&.folded, *words])
      end

      def done(verb) = OrdersBehind.done(verb)
    end
  end
end
