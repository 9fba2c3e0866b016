# frozen_string_literal: true

module Scullion
  module Recipe
    # What a line says once and means of several of its foods: "a handful of each", "1 red and 1 green
    # pepper", "oil : vinegar = 3 : 1, make 400 ml", "2 tbsp vinegar, 5 oil".
    class SaidOnce
      include MadeUp
      include DoneBehind
      include OfBoth
      include SameUnit

      ALL_DONE =
        /(?:[,:;(]|\s-)\s*(?<which>both|all(?:\s+(?:three|four|five|of\s+(?:it|them)))?)\s+
          (?<done>[^;:()]+)/ix.freeze
      MANY = { "both" => 2, "all three" => 3, "all four" => 4, "all five" => 5 }.freeze
      DONE_AHEAD = /\A\W*(?<done>(?-i:[[:alpha:]]+))\s+(?:(?:the|all|up)\s+)?[\d½¼¾]/i.freeze
      TOLD_ON = /[.;:(]|\b(?:add|with|then|into|in|over)\b/i.freeze
      DONE = %w[cuts trims treats cooks].freeze
      OF_EACH = /\b(?:of\s+)?(?:each|ea|apiece|both)\b[\s.)!]*\z/i.freeze
      # What stands behind "each", or before it, up to a number or another sentence.
      EACH_LISTED = /\beach\s+(?:of\s+)?(?<list>(?-i:[[:alpha:]]+)\s*,[^.;()\d]*)/i.freeze
      LISTED_EACH =
        /\A(?<list>[^.;()\d]{3,80}),\s+an?\s+(?-i:[[:alpha:]]+)\s+(?:of\s+)?each\b[\s.)!]*\z/i.freeze
      COUNTED_BY = "(?:#{[*Amount::Words::PIECES, "handful", "bag"].join("|")})(?:e?s)?".freeze
      EACH_IN_IT =
        /\bof\s+(?:each|both)\b(?=\s*[,;.])|(?<=,\s|[a-z]\s|\()\d+\s+#{COUNTED_BY}\s+each(?=\s*[,)])/i.freeze
      THE_SAME = /\bthe\s+same\s+(?:amount\s+)?of\b/i.freeze
      MIX = %r{\A[^\d:]*[[:alpha:]]\s?[/,&+]\s?[[:alpha:]][^\d:]*\bmix(?:ed|ture)?\b}i.freeze
      UNIT_BEHIND = %r{\(\s*(?:all\s+)?(?:in\s+)?(?:g|grams|ml|g\s*/\s*ml|ml\s*/\s*g)\s*\)\W*\z}i.freeze
      IN_ALL = /\b(?:makes?|making|to make|total|in all|about|approx\w*|abt)\b/i.freeze
      # "800 ml in all": said behind it.
      SAID_BEHIND = /\b(?:in all|in total|all told|altogether|all together|total)\W*\z/i.freeze
      # Bare numbers to a row, those among them that nobody counts to, and how many anybody counts.
      BARE_ROW, UNCOUNTED, FEW = 4, 2, 3
      CHAIN = /(?:=\s*|[[:alpha:]],?\s+\(?)(?<parts>\d+(?:[.,]\d+)?(?:\s*:\s*\d+(?:[.,]\d+)?)+)/.freeze

      # @param plain [String] the line as its tokens count their places @param lexer [Lexer]
      def initialize(plain, lexer)
        @plain, @lexer = plain, lexer
      end

      # @param items [Array<Item>] of the line, in order
      def of(items)
        name_heads(items)
        all_done(items)
        done_ahead(items)
        done_behind(items)
        each_as_much(items)
        the_same(items)
        done_the_same(items)
        half_and_half(items)
        halves_of_all(items)
        of_both(items)
        strangers_among(items)
        strangers_listed(items)
        mix(items)
        one_size(items)
        unit_behind(items)
        bare_row(items)
        chain_ahead(items) || chain(items)
        share_out(items)
        made_up(items)
        items.each_cons(2) { |one, other| same_measure(one, other) }
        steps = {}.compare_by_identity
        items.each_cons(2) { |one, other| same_unit(one, other, steps) }
      end

      private

      def lexicon = @lexer.lexicon

      # "1 red and 1 green pepper": the first of them has the other's name behind its own word.
      def name_heads(items)
        items.each_cons(2) do |one, other|
          next unless other.food?

          one.food? ? head_too(one, other) : head_of(one, other)
        end
      end

      # "Carrots 2 kg + parsnips 2 kg, both roasted": what is done to the last is done to all of them.
      def all_done(items)
        found = @plain.match(ALL_DONE) or return
        at = found.pre_match.bytesize
        foods = items.select { |item| item.food? && item.from < at }
        said = done_so(found[:done])
        foods
          .last(MANY.fetch(found[:which].downcase, foods.size))
          .each { |item| item.words = said.merge(item.words) }
      end

      # What such words do, up to the next food: "both chopped small, and six hard-boiled eggs".
      def done_so(text)
        @lexer
          .read(text)
          .take_while { |token| !Around::NAMED.include?(token.kind) }
          .select { |token| token.kind == :word }
          .map { |token| token.value.slice(*DONE) }
          .reduce({}, :merge)
      end

      # "Julienne 6 carrots, 2 mooli and 4 green papaya": what is told ahead is done to each, until more is
      # told.
      def done_ahead(items)
        cut = lexicon.roles([Lexicon.fold(@plain[DONE_AHEAD, :done].to_s)])["cuts"] or return
        foods = items.select { |item| item.food? && item.amount }
        foods
          .drop(1)
          .take_while { |item| !@plain.byteslice(0...item.from).to_s.scrub.match?(TOLD_ON) }
          .each { |item| item.words["cuts"] ||= cut if lexicon.cut_so?(item.foods.first, cut) }
      end

      def head_of(one, other)
        return if one.amount.nil? || one.unknown.empty?

        keys = with_head(one.unknown.map(&:first).join(" "), other) or return
        one.foods, one.name, one.unknown, one.clause = keys, other.name, other.unknown.dup, other.clause
        one.words = other.words.merge(one.words)
      end

      # "Cumin and coriander seed", "lemon and lime juice".
      def head_too(one, other)
        return unless other.amount.nil? || other.amount.equal?(one.amount)
        # Oil and chilli are no chilli oil.
        return unless other.name.to_s.include?(" ")

        keys = with_head(one.name, other)
        one.foods = keys if keys && joined?(one, other)
      end

      def with_head(word, other)
        lexicon.food([*Lexicon.fold(word).split, Lexicon.fold(other.name).split.last])
      end

      def joined?(one, other)
        between = @plain.byteslice(one.from...(other.from + other.name.bytesize)).to_s.scrub
        between.match?(/#{Regexp.escape(one.name)}\s*(?:&|\+|\band\b|\bor\b)/i)
      end

      # "Mint, dill, coriander – a handful of each"
      def each_as_much(items)
        last = each_of(items) or return

        others = items[0...items.index(last)].reverse.take_while { |item| item.food? && item.amount.nil? }
        others.each do |item|
          item.amount, item.piece, item.big = last.amount, item.piece || last.piece, item.big || last.big
        end
      end

      # The last of those that "each" is said of: at the end of the line, or of a clause.
      def each_of(items)
        return if items.size < 2

        at = @plain =~ OF_EACH || @plain =~ EACH_IN_IT or return
        last = items.reverse.find { |item| item.from < @plain[0...at].bytesize }
        last if last&.amount
      end

      # "300 g each of goji, cranberries and sultanas": what nobody knows is one of them.
      def strangers_among(items)
        list = @plain[EACH_LISTED, :list] || @plain[LISTED_EACH, :list]
        return unless list && items.count(&:food?) > 1

        named = items.map(&:clause)
        items.each do |item|
          word, =
            item.unknown.find do |said, clause, beside|
              list.include?(said) && (beside ? clause != item.clause : !named.include?(clause))
            end
          item.left ||= word
        end
      end

      # "Two carrots in matchsticks and a red pepper the same": cut so, as its amount is said.
      def done_the_same(items)
        items.each_cons(2) { |one, other| other.done_like(one, @plain) }
      end

      # "A handful of dill and the same of parsley"
      def the_same(items)
        return unless @plain.match?(THE_SAME)

        items.each_cons(2) do |one, other|
          next unless one.amount && other.food? && other.amount.nil?
          next unless @plain.byteslice(one.from...other.from).to_s.scrub.match?(THE_SAME)

          other.amount, other.piece, other.container = one.amount, other.piece || one.piece, one.container
          one.flags.delete(:same)
        end
      end

      # "Tarragon/chervil/chive mix: 120 g": as much of each, and all of them so much.
      def mix(items)
        last = items.last
        return unless last&.amount && @plain.match?(/mix/i) && @plain.match?(MIX)

        among = items.select(&:food?)
        return unless among.size > 1 && among[0...-1].all? { |item| item.amount.nil? }

        share = last.amount.times(1.0 / among.size)
        among.each { |item| item.amount, item.piece = share, last.piece }
      end

      # "Soy 100 / lime 120 / garlic 15 (g/ml)"
      def unit_behind(items)
        return unless @plain.match?(UNIT_BEHIND)

        items.each do |item|
          next unless item.food? && item.counted? && item.piece.nil? && item.container.nil?

          unit = lexicon.in_jugs?(item.foods.first) && @plain.match?(/ml/i) ? :ml : :g
          item.amount = Amount.new(item.amount.low, item.amount.high, unit)
        end
      end

      # "1 can each: green beans, wax beans, kidney beans (15 oz)", "a can of these, one of those (all 15 oz)"
      def one_size(items)
        return unless items.size > 1 && items.last.size
        return unless @plain.match?(/\b(?:each|ea)(?:\s+of)?\s*:|\b(?:all|both)\s+(?:[^()\d]{0,24}\s)?\d/i)

        items
          .select { |item| item.counted? && item.piece.nil? }
          .each do |item|
            item.size ||= items.last.size
            item.flags |= [:each]
          end
      end

      # "Yoghurt 300, parsley 60, anchovy 12, garlic 6": what may be counted may be weighed like the rest.
      def bare_row(items)
        bare =
          items.select { |item| item.food? && item.counted? && !item.piece && !item.container && !item.size }
        return if bare.size < BARE_ROW || bare.count { |item| Counted.many?(item.amount) } < UNCOUNTED

        bare.each { |item| item.flags << :which_unit if item.amount.value > FEW }
      end

      # "Walnut oil : canola : vinegar = 2 : 1 : 1", "vinegar and oil 1:3"
      def chain(items)
        found = @plain.match(CHAIN) or return
        parts = found[:parts].split(":").map { |part| part.tr(",", ".").to_f }
        named = items.select { |item| item.food? && item.from < @plain[0...found.begin(0)].bytesize }
        return unless named.size == parts.size && parts.size > 1
        # "Oil and vinegar 1:3" is no time.
        return unless found[0].start_with?("=") || named.all? { |item| lexicon.poured?(item.foods.first) }

        named.zip(parts) do |item, part|
          item.size ||= nil
          item.amount = Amount.new(part, part, :piece, piece: "each")
          item.flags << :parts
        end
      end

      # "3 parts oil to 1 part vinegar, about 120 ml": so much in all, shared out by parts.
      def share_out(items)
        among = items.select { |item| item.food? && item.counted? }
        return if among.size < 2

        among = parts_of(among) unless colons?
        whole = in_all(items) if among.size > 1
        return if whole.nil?

        parts = among.sum { |item| item.amount.value }
        among.each do |item|
          share = item.amount.value / parts
          item.amount, item.size = Amount.new(whole.low * share, whole.high * share, whole.unit), nil
          item.flags.delete(:contradicts)
          item.flags << :shared
        end
        items.select!(&:food?)
      end

      # "1 part lemon to 4 oil": the others are parts too, but for what is counted by something.
      def parts_of(items)
        return [] if items.none? { |item| item.said?(:parts) }

        items.select { |item| item.said?(:parts) || (item.piece.nil? && item.container.nil?) }
      end

      def colons? = @plain.match?(/[[:alpha:]]\s+\d+(?:\.\d+)?\s*:\s*[[:alpha:]]/)

      # The amount behind "make", or of which the parts are said to be.
      def in_all(items)
        sized = items.filter_map(&:size).last
        return sized if sized && items.any? { |item| item.said?(:parts) }

        amounts = ->(text) do
          @lexer.read(text).select { |token| token.kind == :amount && token.value.unit != :piece }
        end
        return amounts[@plain].last&.value if @plain.match?(SAID_BEHIND)

        at = @plain.rindex(IN_ALL) or return
        amounts[@plain[at..]].first&.value
      end
    end
  end
end
