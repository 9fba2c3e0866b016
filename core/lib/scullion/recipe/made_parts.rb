# frozen_string_literal: true

module Scullion
  module Recipe
    # The made parts of a recipe: what stands below a heading of its own that names one ("Walnut paste", "for
    # the pickle"), several foods that become one.
    class MadeParts
      Part = Struct.new(:name, :how, :taken, keyword_init: true)

      # Foods from which a part is made of several.
      SEVERAL = 2
      WORDS_AROUND = /\A(?:for\s+)?(?:the\s+)?|\s*\(.*\)\s*|[^[:alnum:])]+\z|\A[^[:alnum:]]+/i.freeze

      # @param taken [Array<Taken>] all of the recipe @param lexicon [Lexicon]
      def initialize(taken, lexicon)
        @taken, @always, @beside = taken, *lexicon.words("made").values_at("always", "beside")
      end

      # @return [Array<Part>] in the recipe's order
      def to_a
        @to_a ||=
          by_heading.filter_map do |heading, taken|
            how = how(heading, taken) or next
            Part.new(name: name(heading), how: how, taken: taken)
          end
      end

      # The part that a food goes into, or that its own line speaks of. @return [Part, nil]
      def of(taken) = to_a.find { |part| part.taken.include?(taken) || spoken_of?(part, taken) }

      # "60 g pecans, candied (see below)": that is the part itself.
      SEE = /\b(?:see|recipe|from)\s+(?:below|above|overleaf)\b|\bbelow\)/i.freeze
      def spoken_of?(part, taken)
        return false unless taken.read.line.text.match?(SEE)

        Lexicon.fold(part.name).split.intersect?(Lexicon.fold(taken.read.name).split)
      end

      private

      def by_heading
        @taken
          .reject { |taken| taken.read.line.heading.nil? || taken.beside? }
          .group_by { |taken| taken.read.line.heading }
          .select { |_, taken| taken.size >= SEVERAL }
      end

      def how(heading, taken)
        words = Lexicon.fold(heading).split
        always = words.reverse.filter_map { |word| @always[word] }.first
        return always if always

        words.reverse.filter_map { |word| @beside[word] }.first if (@taken - taken).any?(&:dressing?)
      end

      def name(heading)
        heading.gsub(WORDS_AROUND, "").strip.downcase.capitalize[0, 60]
      end
    end
  end
end
