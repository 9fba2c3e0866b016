# frozen_string_literal: true

module Scullion
  module Recipe
    # One food of a line read: how much, of what, cut and cooked how, and how sure that is. Sure is only what
    # every word of has its role in; else it is asked, about the word that it is about.
    class LineReader
      # to: where the line itself says that it goes; skips: what it has behind it as it is written ("drained")
      # packed: weighed with what it is drained of; per_head: so much for each who is served
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
          keyword_init: true
        )

      GUESSES = 3
      # From so much likeness a name is the same one misspelt.
      NEARLY = 0.8
      DRY_OR_NOT = %w[pulse tinned-pulse].freeze
      # Which of several is taken without asking, by what the line says of its state.
      FITS = {
        "tinned" => /\A(tinned-|sweetcorn\z|jarred-)/,
        "dry" => /\A(dry-|dried-)/,
        "frozen" => /\Afrozen-/,
        "cooked" => /\A(cooked-|boiled-|roast-chicken|pouch-)/,
        "jarred" => /\A(marinated-|jarred-|tinned-)/,
        "smoked" => /\Asmoked-/,
        "raw" => /\Araw-/
      }.freeze
      # Of a big bunch or a small head there is so much more or less.
      BIG = { "large" => 1.35, "small" => 0.7 }.freeze
      # So many of one thing nobody counts.
      MANY = 48
      READY = %w[tinned cooked jarred].freeze
      # Counted like this it is what grows, spooned it is dried.
      GROWS = %w[bunch sprig leaf head ear stick stalk].freeze
      # Of which one may stand for the others until somebody says otherwise.
      ANY = %w[mixed-olives farro quinoa fig].freeze

      # @param house [House]
      def initialize(house)
        @larder, @finder, @practice = house.larder, house.finder, house.practice
        @reader = house.reader
      end

      # @param line [Page::Line] @param mended [String, nil] an amount to take in place of the line's own
      # @return [Read] status sure, doubtful or unknown; guesses best first
      def read(line, mended = nil)
        item = line.item
        amount = mended ? @reader.read(mended) : counted(item)
        candidates = candidates(item, amount)
        words = words(item, candidates.first)
        amount, candidates, words = parted(item, amount, candidates, words)
        status, why = verdict(item, amount, candidates, mended)
        Read.new(
          line: line,
          amount: amount,
          name: name(item),
          words: words,
          status: status,
          why: why,
          to: item.place,
          packed: packed?(item, amount),
          per_head: item.said?(:per_head),
          guesses: candidates.first(GUESSES)
        )
      end

      private

      # In a tin or jar, weighed or counted, and not said to be drained.
      def packed?(item, amount)
        return false unless %w[tin a10 jar].include?(item.container) && amount && amount.unit != :ml

        amount.unit == :piece ? false : !drained_weight?(item)
      end

      # As it is written: with the words beside it that nobody knows.
      def name(item)
        beside =
          item.unknown.select { |_, clause, beside| item.name.nil? || (beside && clause == item.clause) }
        [*beside.map(&:first), item.name].compact.join(" ").downcase
      end

      # --- what

      def candidates(item, amount)
        keys = fitting(item, amount)
        known = keys.filter_map { |key| @larder[key] }
        return known + others(item, known) if known.any?

        guessed(item)
      end

      def others(item, known) = (item.others.filter_map { |key| @larder[key] } - known)

      def fitting(item, amount)
        return item.foods if item.foods.size < 2

        state = state(item, amount)
        return dry_first(item.foods) unless state

        pattern = FITS[state]
        fits = pattern ? item.foods.select { |key| key.match?(pattern) || by_family(key, item, amount) } : []
        [*fits, *(item.foods - fits)]
      end

      # Where nothing is said of a pulse, it is dry.
      def dry_first(keys) = keys.sort_by.with_index { |key, index| [key.start_with?("dry-") ? 0 : 1, index] }

      def state(item, amount)
        said = item.words["states"]
        return said if said && FITS.key?(said)
        return "tinned" if %w[tin a10].include?(item.container)
        return "jarred" if item.container == "jar"
        return "dry" if item.words["treats"].nil? && item.name.to_s.match?(/\A(?:dry|dried)\b/i)
        "dry" if item.words["cooks"] == "simmer" || spooned_herb?(item, amount)
      end

      def spooned_herb?(item, amount)
        amount&.unit == :ml && amount.value <= 20 && item.words["cuts"].nil? &&
          item.foods.any? { |key| @larder[key]&.family == "spice" }
      end

      def by_family(key, item, amount)
        family = @larder[key]&.family
        case state(item, amount)
        when "tinned", "cooked"
          family == "tinned-pulse"
        when "dry"
          %w[pulse spice].include?(family)
        when "jarred"
          family == "pickle"
        else
          false
        end
      end

      # What the larder has that shares the word that a name ends in.
      def guessed(item)
        words = item.unknown.map(&:first)
        return [] if words.empty?

        name = words.join(" ")
        near =
          @finder
            .ranked(name)
            .select { |ingredient, score| score >= NEARLY && shares_head?(ingredient, words) }
        near.map(&:first)
      end

      def shares_head?(ingredient, words)
        heads = words.map { |word| Lexicon.singular(Lexicon.fold(word)) }
        [ingredient.name, *ingredient.aliases].any? do |name|
          Lexicon.fold(name).split.any? { |word| like?(Lexicon.singular(word), heads) }
        end
      end

      # The same word, or one letter astray in a long one.
      def like?(word, heads)
        heads.any? do |head|
          head == word ||
            (head.length >= 5 && DidYouMean::Levenshtein.distance(head, word) <= 1 + (head.length / 8))
        end
      end

      # --- how much

      # The amount that the line comes to: so many of that size, or the size of it all.
      def counted(item)
        return Amount.new(0, 0, :taste) if item.amount.nil? && (item.said?(:taste) || seasoning?(item))

        amount, size = item.amount, item.size
        amount = Amount.new(1, 1, :piece, piece: "each") if amount.nil? &&
          (item.piece || item.container || item.parts.any?)
        return amount if amount.nil?
        if size && (amount.unit == :piece || (amount.unit == :ml && size.unit == :g))
          return sized(item, amount, size)
        end

        amount.unit == :piece ? pieces(item, amount) : amount
      end

      # Salt and pepper without an amount are to taste.
      def seasoning?(item) = item.foods.first == "black-pepper" || @larder[item.foods.first]&.family == "salt"

      def sized(item, amount, size)
        return size unless amount.unit == :piece && item.each_sized?

        amount ? Amount.new(size.low * amount.low, size.high * amount.high, size.unit) : size
      end

      def pieces(item, amount)
        piece = item.container ? "pack" : item.piece || item.big || "each"
        times = item.piece ? BIG.fetch(item.big, 1) : 1
        Amount.new(amount.low * times, amount.high * times, :piece, piece: piece, estimated: amount.estimated)
      end

      # --- how

      def words(item, ingredient)
        states = item.words["states"]
        {
          "cut" => item.words["cuts"],
          "trim" => item.words["trims"],
          "treat" => item.words["treats"],
          "cook" => item.words["cooks"],
          "cooked" =>
            (true if states == "cooked" || drained_weight?(item) || item.name.to_s.match?(/\bcooked\b/i)),
          "dry" => (true if states == "dry"),
          "tinned" => (true if states == "tinned" || item.container == "tin")
        }.compact.then { |all| ready?(ingredient) ? all.except("cooked") : all }
      end

      def ready?(ingredient) = ingredient.nil? || ingredient.family == "cured"

      # "2 tins, 240 g drained": what is weighed is what is eaten.
      def drained_weight?(item)
        item.said?(:drained) && !item.size.nil? && !item.container.nil? && item.said?(:drained_size)
      end

      # A fruit asked for its juice is so many grams of that juice.
      def parted(item, amount, candidates, words)
        fruit = candidates.first
        return amount, candidates, words unless fruit&.family == "fruit" && item.parts.any?

        part = item.parts.include?("juice") ? "juice" : "zest"
        return amount, candidates, words if fruit.key.end_with?("-juice")

        amount = Amount.new(1, 1, :piece, piece: "each") if amount.nil? || amount.unit == :taste
        juice = @larder["#{fruit.key}-juice"]
        return spooned(amount, juice || fruit, candidates, words) if amount.unit == :ml && part == "juice"
        return zest(amount), candidates, words if part == "zest" || juice.nil?

        each = fruit.figures["pieces/juice"] or return amount, candidates, words
        squeezed =
          Amount.new(
            amount.low * each,
            amount.high * each,
            :g,
            part: "juice",
            rest: amount.rest,
            estimated: true
          )
        [squeezed, [juice, *candidates], words]
      end

      def spooned(amount, juice, candidates, words) = [amount, [juice, *candidates].uniq, words]

      def zest(amount)
        return amount unless amount.unit == :piece

        Amount.new(amount.low, amount.high, :piece, piece: "zest", part: "zest", rest: amount.rest)
      end

      # --- how sure

      def verdict(item, amount, candidates, mended)
        return "unknown", "Nothing in the larder by that name." if candidates.empty?
        return "doubtful", "Which of these is it?" unless item.food?
        return "doubtful", "Two amounts in one line: which is it?" if item.said?(:contradicts) && !mended
        return "doubtful", alternatives(candidates, item) if item.others.any?

        open = open_word(item)
        return "doubtful", "What is “#{open}” here?" if open
        return "doubtful", which(candidates) if several?(item, amount, candidates)
        return "doubtful", "The same as what?" if item.said?(:same) && amount.nil?
        return "doubtful", "No amount could be read." if amount.nil?
        return "doubtful", "#{amount.value.round} of what: grams, or pieces?" if many?(amount) && !mended
        return "doubtful", "How much is in one?" if unsized?(item, amount, candidates.first) && !mended

        ["sure", nil]
      end

      def alternatives(candidates, item)
        other = item.others.filter_map { |key| @larder[key] }.first
        "#{candidates.first.name}, or #{other&.name&.downcase}?"
      end

      # A word beside the name that nobody knows: it may be what makes it another food.
      def open_word(item)
        return if item.foods.empty?

        item.unknown.find { |word, clause, beside| beside && clause == item.clause && !variety?(word) }&.first
      end

      # A name of its own in the middle of a line: where it comes from, who grew it.
      def variety?(word) = word.match?(/\A[[:upper:]][[:lower:]]/)

      def several?(item, amount, candidates)
        return false if item.foods.size < 2 || ANY.include?(item.foods.first)

        pattern = FITS[state(item, amount)]
        fits = item.foods.select { |key| (pattern && key.match?(pattern)) || by_family(key, item, amount) }
        return false if fits.size == 1 || (pattern && fits.any?)
        return false if grows?(item, candidates)

        true
      end

      def grows?(item, candidates)
        GROWS.include?(item.piece) || (candidates.first&.family == "herb" && item.words["states"] != "dry")
      end

      def which(candidates)
        families = candidates.first(2).map(&:family)
        (families & DRY_OR_NOT).size == 2 ? "Dry, or from a tin?" : "Which of these is it?"
      end

      def many?(amount) = amount.unit == :piece && amount.piece == "each" && amount.value >= MANY

      # A pack of unknown size: the larder's own is taken for a tin of a pulse alone.
      def unsized?(item, amount, ingredient)
        return false unless item.container && amount.unit == :piece && amount.piece == "pack"

        !(item.container == "tin" && ingredient.family == "tinned-pulse")
      end
    end
  end
end
