# frozen_string_literal: true

module Scullion
  module Recipe
    # What only the whole of a line says of its foods, once all of it is read.
    class WholeLine
      include KindsMeant
      include AmountTells
      include DoneInLine
      include ForSome
      include FruitParts
      include Labels
      include LinePlaces
      include PerCent
      include TakenApart

      TASTE = /\b(?:to taste|as needed|as required|q\.?\s?[sb]\.?|tt|if you like|how u like it)\b/i.freeze
      A_HEAD =
        %r{(?:\b(?:per|a|each|every)[ -]|/\s?)(?:person|head|plate|portion|cover|guest|box)\b(?!\sof)
           |(?:\b(?:per|each|every)\s|/\s?)(?<held>jar|pot|tub|wrap|roll|lunch\s?box|serving)\b
             (?!\sof)}ix.freeze

      # "Figs, 3 each", "half a burrata each": of the only food of a line, and no size of it.
      EACH_HAS =
        %r{\b(?:[\d/]+|an?|one|two|three|four|half(?:\s+an?)?)(?:\s+(?!of\s+each)(?-i:[[:alpha:]]+)){0,3}
          \s+each\b
          (?!\s+(?:of|about|c\.|weigh|\d))(?![^,;(]*\d)}ix.freeze
      EACH_LAST = /(?<!\bof )\beach\W*\z/i.freeze
      # "Sesame seeds (1 tsp each), nori"
      EACH_BRACKETED =
        %r{\A(?!.*\band\b)[^(\d,;&+]*
           \([\d½¼¾][\d.,/]*\s?(?-i:[[:alpha:]]+)\s+each\)}ix.freeze
      # So many of something each: "cucumber, 40 each" is 40 pieces.
      NOBODY_EATS = 12
      # Times that a line says so.
      MOST_HEADS = 40
      AS_PURCHASED = /\b(?:#{DoneToIt::PURCHASED})\s*[:=]?\s*\d/.freeze
      # Counts that are the same.
      SLIGHT = 0.01
      TWO_KINDS =
        %r{(?-i:[[:alpha:]])\s?(?:[+&/]|\sand\s)\s?(?-i:[[:alpha:]]+),?
           \s+\d[\d.,]*\s?(?-i:[[:alpha:]]*)\s+each\W*\z}ix.freeze
      TAKEN_BACK = /\A[^?]{2,60}\?+\s*(?:no\s*(?:→|->|,|[–—-][^?]{0,40}\buse\b)|(?:→|->))/i.freeze
      # "2 tbsp of the pickle juice" is of no list.
      LIQUOR = /\b(?:juice|brine)\z/i.freeze
      # "60 ml lime juice or the juice of 3 limes"
      OR_THE_SAME = /\bor\s+(?:the\s+)?\z/i.freeze
      ABOUT = /[,=]\s*(?:#{Amount::Words::ROUGHLY}|(?:say|or\s+so)\s*)\z/i.freeze
      # @param plain [String] the line as its tokens count their places @param tokens [Array<Lexer::Token>]
      # @param lexer [Lexer]
      def initialize(plain, tokens, lexer)
        @plain, @tokens, @lexer = plain, tokens, lexer
      end

      # @param items [Array<Item>] @return [Array<Item>]
      def of(items)
        listed = without_origins(without_kinds(without_labels(not_taken_back(items.reject(&:nothing?)))))
        all = Halved.new(@plain, lexicon).of(of_fruit(listed))
        if all.all? { |item| item.amount.nil? } && @plain.match?(TASTE)
          all.each { |item| item.flags << :taste }
        end
        kinds_meant(all)
        into_places(all)
        bread(all)
        SaidOnce.new(@plain, @lexer).of(all)
        all.each { |item| item.parts << "juice" if squeezed?(item) || for_dressing?(item) }
        shared_fruit(all)
        out_of_it(all)
        keep_back(all)
        not_cooked(all)
        salted(all)
        in_so_many(all)
        left_whole(all)
        soaked_bread(all)
        laid_over(all)
        trimmed_already(all)
        WeighedHow.new(@plain).of(all)
        weighed = all.select { |item| item.food? && item.amount }
        beside(all, weighed.size)
        for_some(all)
        mark_heads(all)
        ends(all)
        many_of(all)
        zest_of_some(all)
        beside_the_plate(all)
        taken_apart(all)
          .flat_map { |item| both_parts(item) }
          .tap { |each| NumbersLeft.new(@plain, @tokens).of(each) }
          .tap { |each| WaysLeft.new(@tokens, lexicon).of(each) }
      end

      private

      def lexicon = @lexer.lexicon

      # "Ricotta salata?? no → ricotta 3 tbsp": what the cook herself takes back is not there.
      def not_taken_back(items)
        at = @plain[TAKEN_BACK]&.bytesize or return items
        kept = items.select { |item| item.from >= at }
        return counted_otherwise(items, at) if kept.none?(&:food?)
        return items unless kept.any? { |item| item.food? && item.amount }

        kept.each { |item| item.flags << :instead }
      end

      # "Spring onions 40 bunches? → 12 bunches": so many of the same.
      def counted_otherwise(items, at)
        food = items.find(&:food?)
        other = @tokens.find { |token| token.kind == :amount && token.at >= at }
        return items unless food && other

        food.amount = other.value
        food.flags = food.flags - [:contradicts] + [:instead]
        items.select { |item| item.from < at }
      end

      # "60 ml lemon juice, from 2 lemons", "300 g cooked beetroot from about 4 beetroots": what it was before
      # is not there as well.
      def without_origins(items)
        items.reject.with_index { |item, index| index.positive? && origin?(items[index - 1], item) }
      end

      def origin?(item, other)
        return false unless [item, other].all? { |each| each.food? && each.amount }

        said = between(item, other)
        if said.match?(FROM) || (other.parts.any? && said.match?(OR_THE_SAME))
          return of_the_same?(item, other)
        end

        other.counted? && lexicon.squeezed?(other.foods.first) && said.match?(ABOUT) &&
          named_alike?(item, other)
      end

      def of_the_same?(item, other)
        named_alike?(item, other) || lexicon.kin?(item.foods.first, other.foods.first)
      end

      def named_alike?(item, other) = Lexicon.singulars(item.name).intersect?(Lexicon.singulars(other.name))
      def between(item, other) = @plain.byteslice(item.from...other.from).to_s.scrub

      # "60 g pp", "2 slices a head": so much for each who is served.
      def mark_heads(items)
        @plain
          .to_enum(:scan, A_HEAD)
          .map { Regexp.last_match }
          .first(MOST_HEADS)
          .each { |found| mark_head(items, found.pre_match.bytesize, found[:held]) }
      end

      def each_has?(item)
        item.food? && item.counted? && item.amount.value < NOBODY_EATS && item.size.nil? &&
          !item.said?(:per_head) && so_many_of_it?(item, behind_its_name(item)[EACH_HAS])
      end

      def for_each(item, all)
        return item.amount = item.amount.times(2) if of_two_kinds?(item, all)
        return one_each(item) if one_each?(item)

        item.flags << :per_head if so_much_each?(item, all)
        item.flags << :per_head if each_has?(item) && !shared?(item, all)
      end

      # "Sesame seeds, black + white, 90 g each": for each of two kinds that have no name of their own here.
      def of_two_kinds?(item, all)
        item.amount && all.one? && @plain.match?(TWO_KINDS)
      end

      # "30 g feta each": of the only food, and no number of it.
      def so_much_each?(item, all)
        return false unless item.food? && item.amount && !item.counted? && !item.said?(:per_head)
        return false if [item.container, item.piece].any?

        (all.one? && @tokens.one? { |token| token.kind == :amount } && @plain.match?(EACH_LAST)) ||
          (item.equal?(all.first) && @plain.match?(EACH_BRACKETED))
      end

      # "Hard-boiled egg each": one for each who is served.
      def one_each?(item)
        item.food? && item.amount.nil? && item.said?(:each) &&
          lexicon.piece_known?(item.foods.first, "each") &&
          @plain.match?(/#{Regexp.escape(item.name)}\s+each\b/i)
      end

      def one_each(item)
        item.amount = Amount.new(1, 1, :piece, piece: "each")
        item.flags << :per_head
      end

      # Not "baby gem 11 halves → ½ head each".
      def so_many_of_it?(item, said)
        return false if said.nil?

        over, under = said[%r{\A\d+(?:/\d+)?}].to_s.split("/").map(&:to_f)
        over.nil? || (over / (under || 1)).between?(item.amount.low - SLIGHT, item.amount.high + SLIGHT)
      end

      def many_of(items)
        items.each do |item|
          for_each(item, items)
          fruit_of(item) if item.counted?
        end
        in_all(items)
      end

      # "Dill & chives, a bunch each": of each of them.
      def shared?(item, items)
        items.count { |other| other.food? && other.amount.equal?(item.amount) } > 1
      end

      # "Half a burrata each"; not "½ bunch each dill and mint".
      def behind_its_name(item)
        words = @plain.byteslice(item.from...item.to).scrub
        named = words.downcase.index(item.name.downcase.split.last) or return ""
        words.index(/\beach\b/i, named) ? words : ""
      end

      def mark_head(items, at, held)
        item = items.reverse.find { |each| each.from <= at }
        amount = @tokens.reverse.find { |token| token.kind == :amount && token.at < at }
        return if item.nil? || amount.nil? || (held && holds_it?(item))

        # "Ricotta 2.75 (50 g a head)"
        item.amount, item.size = item.size, nil if amount.value.equal?(item.size)
        return unless amount.value.equal?(item.amount)

        item.flags << :per_head unless @plain.byteslice(amount.at...at).scrub.match?(/[,;(]/)
      end

      # "500 g yoghurt per tub", "olives 340 g per jar": what it comes in.
      def holds_it?(item) = !item.container.nil? || lexicon.preserved?(item.foods.first)

      def ends(items)
        items.each_cons(2) { |one, other| one.to ||= other.from }
        items.last&.then { |last| last.to ||= @plain.bytesize }
      end

      # "Massage with 100 ml of the oil": of what is listed elsewhere, or as well? Nobody says.
      def out_of_it(items)
        items
          .select { |item| item.food? && item.amount && lexicon.poured?(item.foods.first) }
          .reject { |item| item.name.match?(LIQUOR) || item.name.match?(/\bof the\b/) }
          .each do |item|
            ahead =
              @plain.byteslice(item.from..).to_s.scrub[
                /\A.{0,24}?(?=\b#{Regexp.escape(item.name.split.last)}\b)/i
              ]
            item.flags << :out_of_it if ahead.to_s.match?(/\bof\s+the\s+\z/i)
          end
      end

      # Of the only food, or of the one that it is said of.
      def keep_back(items)
        foods = items.select(&:food?)
        return unless foods.size == 1

        food, kept = foods.first, KeptBack.new(@plain, @lexer)
        share = kept.of(food.amount)
        food.left ||= kept.some unless share
        food.held, food.place, food.flags = share, nil, food.flags - [:contradicts] if share
      end

      # "White cabbage 2.00 kg, AP 2.40": what it was as purchased is said apart.
      def trimmed_already(items)
        at = @plain =~ AS_PURCHASED or return
        before = @plain[0...at].bytesize
        weighed = items.find { |item| item.amount&.unit == :g && item.from < before }
        amount = @tokens.find { |token| token.kind == :amount && token.value.equal?(weighed&.amount) }
        weighed.flags << :prepared if amount && amount.at < before
      end

      # Without an amount of its own beside what has one, or in a row of several that have.
      def beside(items, weighed)
        return if weighed.zero?

        bare = items.select { |item| item.amount.nil? }
        bare.each { |item| item.flags << :beside_weighed }
        bare.each { |item| item.flags << :in_row } if weighed >= IN_ROW
      end
    end
  end
end
