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
        /\b(?:pounded|blitzed|blended|whizzed|(?:in|into|for)\s+the\s+(?:dressing|paste|sauce))\b/i.freeze
      POT = /\b(?:(?:in|into|for)\s+the\s+(?:pot|water|stock))\b/i.freeze

      HALF =
        /\bhalf\s+(?:of\s+(?:it|them)\s+)?(?<one>[[:alpha:]][^,;()]{2,24}?),?\s+(?:and\s+)?
          (?:the\s+other\s+)?half\s+(?<other>[[:alpha:]][^,;()]{2,24})/ix.freeze
      # "3 to roast, 1 to shave raw": so many of them each.
      SOME =
        /(?<count>\d{1,3}|½|¼|¾|one|two|three|four|five|six)\s*(?:=|to|for|in|into)\s+
          (?<done>[[:alpha:]][^,;=]{1,59})/ix.freeze
      # "2 juiced 2 segmented": so many of them done so.
      DONE =
        %r{(?<![\d.,/])(?<count>\d{1,3}|one|two|three|four|five|six)\s+
          (?<done>(?:(?-i:[[:alpha:]]+)ly\s+)?
            (?:(?-i:[[:alpha:]]+)ed(?:\s+and\s+(?-i:[[:alpha:]]+)ed)?|raw|whole|torn)
            (?:\s+(?:in|into|for|on)\b[^,;()\d]{0,30}?)?)\b
          (?=\s*(?:[,;&]|and\b|\d|\z))}ix.freeze
      # "½ shaved → ice water; ½ wedges → roast": shares that make up all of it.
      SHARED = /(?<count>#{Shares::ANY})\s+(?<done>[[:alpha:]][^⅓⅔½¼¾;]{1,59})/i.freeze
      # "10 oranges: 4 juiced, the rest segmented", "tomatoes, half of them roasted": so many, and what is
      # left.
      OTHERS =
        /(?<count>\d{1,3}|#{Shares::ANY})\s+(?:of\s+(?:it|them|these|those|which)\s+)?
          (?<done>[[:alpha:]][^,;()\d]{2,40}?),?\s+(?:and\s+)?(?:the\s+)?(?:rest|remainder|others)\s+
          (?<other>[[:alpha:]][^,;()\d]{2,40})/ix.freeze
      SOME_OF =
        /(?<count>\d{1,3}|#{Shares::ANY})\s+(?:of\s+(?:it|them|these|those|which)|left|kept)\s+
          (?<done>[[:alpha:]][^,;()\d]{2,40})
         |,\s*(?<count>#{Shares::ANY})\s+(?<done>(?:(?-i:[[:alpha:]]+)ed|raw)\b[^,;()\d]{0,40})/ix.freeze
      JUICED = /\b(?:juice|zest)(?:e?d)?\b/i.freeze
      WHOLE = /\bwhole\b/i.freeze
      WEIGHED = /#{WeighedHow::WEIGHT}\s+(?<done>[[:alpha:]][^,;()\d]{1,59})/i.freeze
      RAW = /\braw\b/i.freeze
      MOST_PARTS = 4
      # Counts that are the same.
      NEARLY = 0.01
      TABLE = /\b(?:(?:for|at|on)\s+the\s+table|to\s+serve|alongside)\b/i.freeze
      COOK = /\A(?:(?:to|for)\s+)?(?:roast|fry|grill|bake|sear)/i.freeze
      ROLES = %w[cuts treats cooks trims].freeze

      # Where such words say that it goes. @return [String, nil]
      def self.going(done)
        return "table" if done.match?(TABLE)
        return "dressing" if done.match?(/\bdressing\b/i)

        "top" if done.match?(TOP) || done.match?(/(?:\A|\bfor\s+)the\s+top\b/i)
      end

      # @param plain [String] the line @param lexicon [Lexicon]
      def initialize(plain, lexicon)
        @lexicon = lexicon
        @halves, @counts = halves(plain), counts(plain)
        @some = some(plain) unless @halves || @counts
        @parts =
          plain
            .to_enum(:scan, SAID)
            .map { Regexp.last_match }
            .filter_map { |found| place(found[:done])&.then { |place| [found[:part].downcase, place] } }
            .uniq(&:first)
      end

      # Is one half of it done so, and the other so?
      def halves? = !@halves.nil?
      # Do two parts of it go two ways?
      def two? = [@halves, @counts, @some].any? || (@parts.size == 2 && @parts.map(&:last).uniq.size == 2)

      # @param item [Item] @return [Array<Item>]
      def of(item)
        return [item] unless two? && item.amount
        return in_halves(item) if @halves
        return in_counts(item) if @counts
        return some_and_rest(item) if @some

        @parts.map do |part, place|
          item.dup.tap do |each|
            each.amount, each.name, each.held = item.amount.times(0.5), "#{item.name}, #{part}", nil
            each.place = place == "salad" ? nil : place
            each.words = item.words.merge("plant_part" => part)
            each.unknown = item.unknown.reject { |word, *| word.match?(/\A(?:#{PART.source})\z/i) }
          end
        end
      end

      private

      # "Half grated, half in ribbons", "half for the dressing, half in wedges": what is done to each.
      # @return [Array<String>, nil] where both say something, and not the same
      def halves(plain)
        found = plain.match(HALF) or return
        said = [found[:one], found[:other]]
        meant = said.map { |words| [roles(words), Apart.going(words), words[JUICED]] }
        said if meant.all? { |roles, *ways| roles.any? || ways.any? } && meant.uniq.size == 2
      end

      # What is done to some of it, and to the rest where that is said. @return [Array(Float, String, String)]
      def some(plain)
        found = plain.match(OTHERS) || plain.match(SOME_OF) or return
        return if Apart.going(found[:done]) || done_alike?(plain)

        other = found[:other] if found.names.include?("other")
        [number(found[:count]), found[:done], other] if said?(found[:done]) && (other.nil? || said?(other))
      end

      # "Half grated, half grated"
      def done_alike?(plain)
        found = plain.match(HALF)
        found && roles(found[:one]) == roles(found[:other])
      end

      def said?(done) = roles(done).any? || done.match?(RAW) || done.match?(/\bjuice/i)

      # As much of it as was said, and what is left as it was.
      def some_and_rest(item)
        count, done, other = @some
        share = count < 1 ? count : (count / item.amount.value if item.counted?)
        return [item] unless share&.between?(NEARLY, 1 - NEARLY)

        rest =
          item.dup.tap do |each|
            other ? take(each, 1 - share, other) : each.amount = item.amount.times(1 - share)
          end
        rest.words = rest.words.except(*roles(done).keys) unless other
        [item.dup.tap { |each| take(each, share, done) }, rest]
      end

      # What so many of them are for. @return [Array<Array(Float, String)>, nil]
      def counts(plain)
        some, done = [SOME, DONE].map { |pattern| all(plain, pattern) }
        # "2 juiced, 2 in wedges"
        both = (some + done).sort_by { |each| each.begin(0) }
        found = [some, done, both].find { |each| each.size > 1 }
        return shared(plain) || weighed(plain) unless found

        said = said_of(found)
        said if said.none? { |count, _| count.zero? }
      end

      def shared(plain)
        said = said_of(all(plain, SHARED))
        if said.size > 1 && (said.sum(&:first) - 1).abs < NEARLY && said.all? { |_, done| roles(done).any? }
          said
        end
      end

      # "2 kg tomatoes, 1 kg roasted, 1 kg raw": so much of all of it each.
      def weighed(plain)
        whole, *parts = all(plain, WEIGHED).map { |each| [WeighedHow.grams(each), each[:done]] }
        return if parts.size < 2 || (parts.sum(&:first) - whole.first).abs > whole.first * NEARLY

        return unless parts.all? { |_, done| roles(done).any? || done.match?(RAW) || Apart.going(done) }

        @adds_up = true
        parts
      end

      def said_of(found) = found.map { |each| [number(each[:count]), each[:done]] }

      def all(plain, pattern) = plain.to_enum(:scan, pattern).map { Regexp.last_match }.first(MOST_PARTS)

      def number(text) = (Shares::WORDS[text] || Amount::Words::NUMBERS[text.downcase] || text).to_f

      # By count, where the numbers add up to what there is, or where none is said but they.
      def in_counts(item)
        first, whole = @counts.first.first, @counts.sum(&:first)
        if item.counted? && [first, whole].none? { |count| (item.amount.value - count).abs < NEARLY }
          return [item]
        end

        of = item.counted? && (item.amount.value - first).abs < NEARLY ? first : whole
        @counts.map { |count, done| item.dup.tap { |each| take(each, count / of, done) } }
      end

      def take(item, share, done)
        poured = @lexicon.poured?(item.foods.first)
        item.amount = item.amount.times(share)
        item.words = said_of_all(item.words, done).merge(poured ? {} : roles(done))
        item.flags |= [:stays_raw] if done.match?(RAW)
        item.flags -= [:contradicts] if @adds_up
        item.held = nil
        item.place = Apart.going(done) || (poured && done.match?(COOK) ? "cook" : nil)
        item.parts = done.scan(/\b(juice|zest)(?:e?d)?\b/i).flatten.map(&:downcase).uniq
        item.parts << "juice" if item.place == "dressing" && !done.match?(WHOLE) && @lexicon.juiced?(item)
      end

      # "Peeled, half roasted, half raw": both are peeled.
      def said_of_all(words, done)
        apart =
          [*@halves, *@counts&.map(&:last), *@some&.drop(1)].compact.flat_map { |each| roles(each).to_a }
        cooked = done.match?(RAW) ? ["cooks"] : []
        raw = done.match?(RAW) ? nil : %w[states raw]
        words.except(*cooked).to_a.reject { |said| said == raw || apart.include?(said) }.to_h
      end

      def roles(words)
        Lexicon
          .fold(words)
          .split
          .map { |word| @lexicon.roles([word]).slice(*ROLES) }
          .reduce({}) { |all, one| one.merge(all) }
      end

      def in_halves(item) = @halves.map { |done| item.dup.tap { |each| take(each, 0.5, done) } }

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
