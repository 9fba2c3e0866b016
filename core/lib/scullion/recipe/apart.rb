# frozen_string_literal: true

module Scullion
  module Recipe
    # A food that its line takes apart, each part going its own way: "whites in, greens on top", "stalks
    # pounded, leaves kept for the end". Each is half of it, as nobody weighs them.
    class Apart
      PART = /whites?|greens?|stalks?|stems?|leaves|fronds|tops|bulbs?/i.freeze
      SAID = /\b(?:the\s+)?(?<part>#{PART.source})\b(?<done>[^,;.()]{1,40})/i.freeze
      TOP =
        /\b(?:on\s+top|over|at\s+the\s+end|for\s+the\s+end|to\s+finish|(?:for\s+)?later|last|
              (?:kept|held|set|put)\s+(?:back|aside)|to\s+(?:garnish|scatter|serve))\b/ix.freeze
      DRESSING =
        /\b(?:pounded|blitzed|blended|whizzed
              |(?:in|into|for)\s+(?:the\s+)?(?:dressing|paste|sauce))\b/ix.freeze
      POT = /\b(?:(?:in|into|for)\s+(?:the\s+)?(?:pot|water|stock))\b/i.freeze
      WHOLE = /\bwhole\b/i.freeze
      TABLE = /\b(?:(?:for|at|on)\s+the\s+table|to\s+serve|alongside)\b/i.freeze
      COOK = /\A(?:(?:to|for)\s+)?(?:roast|fry|grill|bake|sear)/i.freeze
      ROLES = %w[cuts treats cooks trims].freeze

      # Where such words say that it goes. @return [String, nil]
      def self.going(done)
        return "table" if done.match?(TABLE)
        return "dressing" if done.match?(/\bdressing\b/i)

        "top" if done.match?(TOP) || done.match?(/(?:\A|\bfor\s+)the\s+top\b/i)
      end

      # @param plain [String] the line as its tokens count their places @param tokens [Array<Lexer::Token>]
      # @param lexicon [Lexicon]
      def initialize(plain, tokens, lexicon)
        @lexicon, @ways = lexicon, SharedWays.new(plain, tokens, lexicon)
        @parts =
          plain
            .to_enum(:scan, SAID)
            .map { Regexp.last_match }
            .filter_map { |found| part(found) }
            .uniq(&:first)
      end

      # @param item [Item] @return [Boolean] whether so much of it goes one way, and so much another
      def shared?(item) = !ways(item).nil?

      # @param item [Item] @return [Boolean] whether it goes two ways
      def two?(item) = shared?(item) || (@parts.size == 2 && @parts.map { |_, place| place }.uniq.size == 2)

      # @param item [Item] @return [Array<Item>]
      def of(item)
        return [item] unless (amount = amount_of(item)) && two?(item)

        item.amount = amount
        return in_shares(item) if shared?(item)

        @parts.map do |part, place, done|
          item.dup.tap do |each|
            each.amount, each.name, each.held = item.amount.times(0.5), "#{item.name}, #{part}", nil
            each.place = place == "salad" ? nil : place
            others = @parts.reject { |other, *| other == part }.map { |*, said| roles(said) }
            each.words = without(item.words, others).merge(roles(done)).merge("plant_part" => part)
            each.unknown = item.unknown.reject { |word, *| word.match?(/\A(?:#{PART.source})\z/i) }
          end
        end
      end

      private

      # A piece without a number is one.
      def amount_of(item)
        item.amount || (Amount.new(1, 1, :piece, piece: "each") if item.piece || item.container)
      end

      def ways(item)
        @of ||= {}.compare_by_identity
        @of.fetch(item) { @of[item] = amount_of(item)&.then { |amount| @ways.of(item, amount) } }
      end

      def in_shares(item)
        item.amount, item.size = whole(item)
        ways(item).map { |way| item.dup.tap { |each| way.done ? take(each, way) : keep(each, way) } }
      end

      # All of it, which "half the carrots" does not say, and the size of one.
      # @return [Array(Amount, Amount)]
      def whole(item)
        return item.amount, nil unless item.counted?
        # "A good wedge (150 g), half grated, half shaved": one, of so much.
        one = item.container.nil? && item.amount.value == 1
        return item.size, nil if item.size && (one || !item.each_sized?)

        [(item.amount unless ways(item).any?(&:named)), item.size]
      end

      # What is left as it was.
      def keep(item, way)
        item.amount = item.amount&.times(way.times)
        item.words = without(item.words, others(way))
        item.unknown = item.unknown.reject { |word, *| said_of_others?(word, way) }
        item.place = nil if ways_of_others(way).any? { |other| Apart.going(other.done.to_s) == item.place }
      end

      def take(item, way)
        poured, said = @lexicon.poured?(item.foods.first), way.done
        keep(item, way)
        item.words = raw_or_not(item.words, way).merge(poured ? {} : way.roles)
        item.flags |= [:stays_raw] if raw?(item, way)
        item.flags -= [:contradicts]
        item.held = nil
        item.place = Apart.going(said) || (poured && said.match?(COOK) ? "cook" : nil)
        item.parts = parts(said)
        item.parts << "juice" if item.place == "dressing" && !said.match?(WHOLE) && @lexicon.juiced?(item)
      end

      # @return [Array<String>] juice, zest
      def parts(said)
        said.scan(SharedWays::FRUIT).flatten.map { |word| word.match?(/\Azest/i) ? "zest" : "juice" }.uniq
      end

      # So it is written, or it is only cut where others are cooked.
      def raw?(item, way)
        way.done.match?(SharedWays::RAW) ||
          (item.words["cooks"].nil? && others(way).any? { |roles| roles.key?("cooks") })
      end

      def ways_of_others(way) = @of.values.compact.flatten.reject { |each| each.equal?(way) }
      # What is done to the other shares. @return [Array<Hash>]
      def others(way) = ways_of_others(way).filter_map(&:roles)

      def said_of_others?(word, way)
        ways_of_others(way).any? { |other| other.done.to_s.match?(/\b#{Regexp.escape(word)}\b/) }
      end

      # "Peeled, half roasted, half raw": both are peeled.
      def raw_or_not(words, way)
        return words.except("cooks") if way.done.match?(SharedWays::RAW)

        words["states"] == "raw" ? words.except("states") : words
      end

      # What is said of others alone is not said of it. @param others [Array<Hash>]
      def without(words, others)
        apart = others.flat_map(&:to_a)
        words.reject { |role, word| apart.include?([role, word]) }
      end

      def roles(words) = @lexicon.roles_in(words).slice(*ROLES)

      # @return [Array(String, String, String), nil] which part, where it goes, and what is said of it
      def part(found)
        place(found[:done])&.then { |place| [found[:part].downcase, place, found[:done]] }
      end

      # @return [String, nil] where what is done to it says that it goes
      def place(done)
        return "top" if done.match?(TOP)
        return "dressing" if done.match?(DRESSING)
        return "pot" if done.match?(POT)

        "salad" if done.match?(/\A\s+(?:in|through|go\s+in|mixed|tossed)\b/i)
      end
    end
  end
end
