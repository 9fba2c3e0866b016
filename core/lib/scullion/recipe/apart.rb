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
      ROLES = %w[cuts treats cooks trims].freeze

      # @param plain [String] the line @param lexicon [Lexicon]
      def initialize(plain, lexicon)
        @lexicon = lexicon
        @halves = halves(plain)
        @parts =
          plain
            .to_enum(:scan, SAID)
            .map { Regexp.last_match }
            .filter_map { |found| place(found[:done])&.then { |place| [found[:part].downcase, place] } }
            .uniq(&:first)
      end

      # Do two parts of it go two ways?
      def two? = !@halves.nil? || (@parts.size == 2 && @parts.map(&:last).uniq.size == 2)

      # @param item [Item] @return [Array<Item>]
      def of(item)
        return [item] unless two? && item.amount
        return in_halves(item) if @halves

        @parts.map do |part, place|
          item.dup.tap do |each|
            each.amount, each.name, each.held = item.amount.times(0.5), "#{item.name}, #{part}", nil
            each.place = place == "salad" ? nil : place
            each.unknown = item.unknown.reject { |word, *| word.match?(/\A(?:#{PART.source})\z/i) }
          end
        end
      end

      private

      # "Half grated, half in ribbons": what is done to each.
      # @return [Array<Hash>, nil] roles of both, where each has one
      def halves(plain)
        found = plain.match(HALF) or return
        said = [found[:one], found[:other]].map { |words| roles(words) }
        said if said.all?(&:any?) && said.uniq.size == 2
      end

      def roles(words)
        Lexicon
          .fold(words)
          .split
          .map { |word| @lexicon.roles([word]).slice(*ROLES) }
          .reduce({}) { |all, one| one.merge(all) }
      end

      def in_halves(item)
        @halves.map do |roles|
          item.dup.tap do |each|
            each.amount, each.words = item.amount.times(0.5), item.words.except(*ROLES).merge(roles)
          end
        end
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
