# frozen_string_literal: true

module Scullion
  module Recipe
    # One food of a line read: how much, of what, cut and cooked how, and how sure that is. Sure is only what
    # every word of has its role in; else it is asked, about the word that it is about.
    class LineReader
      include ComesElse
      include OfFruit
      include WrittenWay

      # to: where the line itself says that it goes; packed: weighed with what it is drained of; per_head: so
      # much for each who is served; guesses: best first; instead: the amount by key, where another than the
      # first is chosen and counts otherwise
      Read =
        Struct.new(
          :line,
          :amount,
          :name,
          :words,
          :status,
          :guesses,
          :why,
          :to,
          :packed,
          :per_head,
          :instead,
          keyword_init: true
        ) do
          # "Beetroot, raw, grated": written raw, of what may be eaten so. @param food [Ingredient, nil]
          def eaten_raw?(food = guesses.first)
            line.item.raw? && !food.nil? && Safety::Catalogue.shipped.kind(food).raw == "fine"
          end
        end

      GUESSES = 3
      TWO_YOLKS = "Some soft and some hard: which are these? Take them as one?".freeze
      FOR_WHAT = "Its juice, or whole?".freeze
      LEFT_OUT_OR_NOT = "It says to leave it out: does it go in?".freeze
      LEFT_OUT =
        /\bleave\s+(?:it\s+|this\s+|them\s+)?out\b(?!\s+(?:to|at|of|overnight|for))
         |\?\s*no\b|\ballergic\b/ix.freeze
      # "Carrots (sorry, parsnips)", "600 g – no, make that 800 g"
      CHANGED =
        /\bsorry,?\s+[[:alnum:]]|\bscratch\s+that\b
         |\bmake\s+that\s+(?:[\d½¼¾]|an?\b|one\b|two\b|three\b|four\b|half\b)|\bcorrection\b|\boops\b
         |\bactually,?\s+(?:make|use|do)\b|[–—-]\s*no,\s|\?+\s*no\s*(?:,|→|->)/ix.freeze
      CHANGED_OR_NOT = "It is changed in the same line: which is meant?".freeze
      # "A 5 cm piece of cucumber" is no cucumber.
      CUT_OFF = /\A\W*(?:an?\s+)?[\d½.,]+[\s-]?(?:cm|inch|")[\s-]*(?:piece|length|chunk)\s/i.freeze
      MADE_ITSELF = "A dressing of its own: what is it made of?".freeze
      # Weighed without its shell.
      MEAT =
        /\b(?:cooked|shelled|picked|white|brown)\s+(?:mussel|clam|cockle|crab|lobster|crayfish)
         |\b(?:meat|flesh|tails?|tin(?:s|ned)?|jar(?:s|red)?|pot|frozen|net)\b/ix.freeze
      # The family of what nobody weighs.
      COUNTED = "egg"
      # So many of it to each who is served are counted.
      EACH = 2
      # g of one food that nobody weighs out for each.
      LEAST_EACH = 0.5

      # @param house [House] @param servings [Integer, nil] where somebody says how many
      def initialize(house, servings = nil)
        @house, @larder, @servings = house, house.larder, servings
      end

      # @param line [Page::Line] @param mended [String, nil] an amount to take in place of the line's own
      # @return [Read] status sure, doubtful or unknown
      def read(line, mended = nil)
        @line = line
        item, counted = line.item, Counted.new(line.item, @larder, @house.practice)
        amount = mended ? @house.reader.read(mended) : counted.amount
        found = Candidates.new(item, amount, @house)
        amount, candidates = of_part(item, amount, found.all)
        why = doubt(item, amount, candidates, found, counted, mended)
        instead = why == FOR_WHAT ? juice_of(candidates.first, amount) : {}
        candidates = [*instead.keys.map { |key| @larder[key] }, *candidates]
        Read.new(
          line: line,
          amount: amount,
          name: name(item),
          words: words(item, candidates.first, counted),
          status: status(candidates, why),
          why: why,
          to: item.place,
          packed: counted.packed?(amount),
          per_head: item.said?(:per_head),
          instead: instead,
          guesses: candidates.first(GUESSES)
        )
      end

      private

      def status(candidates, why)
        return "unknown" if candidates.empty?

        why ? "doubtful" : "sure"
      end

      # As it is written: with the words beside it that nobody knows.
      def name(item)
        words =
          (
            if item.name
              item.unknown.select { |_, clause, beside| beside && clause == item.clause }
            else
              item.unknown
            end
          )
        [*words.map(&:first), item.name].compact.join(" ").downcase
      end

      def words(item, ingredient, counted)
        said = item.words
        cooked = said["states"] == "cooked" || counted.drained? || item.name.to_s.match?(/\bcooked\b/i)
        {
          "cut" => said["cuts"],
          "trim" => WrittenWay.trim(said["trims"], ingredient),
          "treat" => said["treats"],
          "cook" => (way_here(item, ingredient) if ingredient) || said["cooks"],
          "cut_after" => (true if cooked_first?(item)),
          "cooked" => (true if cooked && ingredient&.family != "cured")
        }.compact
      end

      # "Boiled in their skins, then peeled and diced": by the order of its words; not "roast squash, 2 cm
      # chunks, 200 fan for 35 min", where how it is cooked stands last.
      def cooked_first?(item)
        order = item.words.keys
        return false if item.said?(:timed) && item.said?(:called_cooked)

        order.include?("cooks") && order.include?("cuts") && order.index("cooks") < order.index("cuts")
      end

      # What is to be asked of it, the first thing that is. @return [String, nil]
      def doubt(item, amount, candidates, found, counted, mended)
        what_it_is(item, candidates, found) ||
          (how_much(item, amount, candidates.first, counted) unless mended && amount)
      end

      def what_it_is(item, candidates, found)
        return "Nothing in the larder by that name." if candidates.empty?
        return "Which of these is it?" unless item.food?
        return MADE_ITSELF if item.said?(:made_itself) || by_ratio?(candidates.first)
        return "#{candidates.first.name}, or #{found.alternatives.first&.name&.downcase}?" if item.others.any?

        open = open_word(item, candidates.first) || ("smoked" if smoked_else?(item, candidates.first))
        return "What is “#{open}” here?" if open

        came_else(item, candidates.first) || which(found) || way_not_here(item, candidates.first)
      end

      def which(found)
        (found.dry_or_not? ? "Dry, or from a tin?" : "Which of these is it?") if found.open?
      end

      # A lemon of which nothing is said but how many.
      def for_what?(item, amount, ingredient)
        @house.lexicon.squeezed?(ingredient.key) && amount.unit == :piece && item.parts.empty? &&
          item.words.empty? && item.place.nil? && item.container.nil? && item.piece.nil?
      end

      def cut_off?(key) = @line.text.match?(CUT_OFF) && !@house.lexicon.piece_known?(key, "thumb")
      def how_much(item, amount, ingredient, counted)
        return "Two amounts in one line: which is it?" if item.said?(:contradicts)
        return item.said?(:same) ? "The same as what?" : "No amount could be read." if amount.nil?
        if which_unit?(item, amount)
          return "#{amount.value.round(2).to_s.delete_suffix(".0")} of what: by weight, or pieces?"
        end
        return "So heavy whole, or its meat?" if whole?(item, ingredient)
        unless item.said?(:instead)
          return CHANGED_OR_NOT if item.said?(:changed) || @line.text.match?(CHANGED)
          return LEFT_OUT_OR_NOT if @line.text.match?(LEFT_OUT)
        end
        return "So much for some of them: how much is that in all?" if for_some?(item)
        return "As much as when? How much is it now?" if item.said?(:compared)
        return "Something is pickled or made in it: does it dress the salad too?" if item.said?(:by_the_way)
        return "Out of what is listed elsewhere, or as well?" if item.said?(:out_of_it)
        return "It stands in no list, only in what is told: does it go in?" if item.said?(:told_alone)

        return "So much of both together, or of each?" if item.said?(:both)
        return TWO_YOLKS if ingredient.family == COUNTED && @house.lexicon.yolks(@line.text.to_s).size > 1
        return left_over(item) if item.left

        many = too_many(item, amount) unless counted.bare? || ingredient.family == COUNTED
        return "#{many.value.round} of what: grams, or pieces?" if many

        return FOR_WHAT if for_what?(item, amount, ingredient)

        "How much is in one?" if counted.unsized?(amount, ingredient) || cut_off?(ingredient.key)
      end

      # A number or a way of the line that no food of it has.
      def left_over(item)
        word, plain = item.left, Lexicon.fold(item.left)
        ordered = @house.lexicon.words("kept").fetch("orders").include?(plain)
        return WrittenWay.question(word) if ordered && !item.words.key?("cooks")

        way = ordered || @house.lexicon.roles([plain]).keys.intersect?(WaysLeft::ROLES)
        way ? WaysLeft.question(word) : "What is “#{word}” here?"
      end

      # "2 × 1.5 kg chickens, pulled", "5 kg mussels, steamed": what is served of them is weighed without
      # bones and shells.
      def whole?(item, ingredient)
        return true if item.counted? && item.size&.unit == :g && ingredient.key.end_with?("-picked")

        @house.lexicon.shelled?(ingredient.key) && item.amount&.unit == :g && !@line.text.match?(MEAT)
      end

      # By what it says itself, or by what stands above it: "per litre:".
      def for_some?(item)
        heading = @line.heading.to_s
        some = heading[WholeLine::FOR_SOME, :heads]
        item.said?(:for_some) || heading.match?(WholeLine::BY_WEIGHT) ||
          (!some.nil? && some.to_i != @servings)
      end

      # A number without a unit among weights, or one that nobody counts.
      def which_unit?(item, amount)
        item.said?(:which_unit) && item.counted? && item.size.nil? && amount.unit == :piece
      end

      # A bare number to which no one counts, unless they are so many for each. @return [Amount, nil]
      def too_many(item, amount)
        many = [(item.amount if item.piece.nil?), amount].compact.find { |each| Counted.many?(each) }
        many unless many && (each_counted?(item, many) || surely_counted?(item, many))
      end

      # Two anchovy fillets each, sixty flatbreads for sixty; not "figs 80", which may be grams.
      def each_counted?(item, many)
        return false unless @servings && (many.value % @servings).zero? && many.value <= @servings * EACH

        !item.piece.nil? || @line.text.match?(/\A\W*\d/)
      end

      # "Burrata 125 g x 62"; "peaches 50" for 120, of whom nobody has less than half a gram.
      def surely_counted?(item, many)
        return true if item.size&.unit == :g && item.each_sized? && @line.text.match?(/[x×]\s?\d/)

        !@servings.nil? && @house.lexicon.one_known?(item.foods.first) && many.value / @servings < LEAST_EACH
      end

      # A colour that no kind of it is called by.
      def only_coloured?(item, ingredient, word)
        head = Lexicon.fold(item.name.to_s).split.last.to_s
        lexicon = @house.lexicon
        lexicon.coloured?(ingredient.key, word) && lexicon.food([word, Lexicon.singular(head)]).nil?
      end

      # A word beside the name that nobody knows: it may be what makes it another food. A name of its own in
      # the middle of a line says where it comes from.
      def open_word(item, ingredient)
        found =
          item.unknown.find do |word, clause, beside|
            beside && clause == item.clause && !word.match?(/\A[[:upper:]][[:lower:]]/) &&
              !only_coloured?(item, ingredient, word.downcase)
          end
        found&.first
      end
    end
  end
end
