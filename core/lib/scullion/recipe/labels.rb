# frozen_string_literal: true

module Scullion
  module Recipe
    # The foods of a row that only say what follows: its label, the kind that it is of, what it is made from.
    # For WholeLine, which it is a part of.
    module Labels
      # Foods with an amount that make a row of them.
      IN_ROW = 3
      FROM = /\b(?:from|out\s+of)\s+#{Amount::Words::ROUGHLY}?\z/i.freeze
      # Only a word, or so much, between a comma and the name.
      BEHIND_COMMA = /,\s*(?:[\d.,]+\s*k?g\s*)?(?:[[:alpha:]]+\s*)?\z/.freeze

      # The label, with how much of it there is.
      MADE_OF =
        /\A[^:(=,]{0,50}\d\s*(?:k?g|m?l)\b[^:(=\d]{0,40}[:(=]
          |\A[^:(=]{3,50}[:(=]\s*\d[\d.,]*\s*(?:k?g|m?l)\b\s*[,:-]/ix.freeze
      # What is mixed from other things, by the last word of its name.
      MIXED_FROM = %w[cream sauce dressing mayo mayonnaise aioli paste pesto salsa dip relish].freeze
      # Share of it that its parts weigh: some of them are to taste, or boil away.
      OF_IT = [0.75, 1.4].freeze

      private

      # "Beans – 600 g dried cannellini beans": said of the next before it is said in full.
      def without_labels(items)
        return items.drop(1) if made_of_the_rest?(items)

        named = named_by(items)
        return items.drop(named) if named.positive?
        return items unless @plain.match?(/\A[^\d,]*\s?(?:[-:]\s?\d|from\s)/)

        items.reject.with_index { |item, index| label?(item, items[index + 1]) }
      end

      # "Pasta, wholemeal penne 3.5 kg", "3.5 kg pasta, wholemeal penne": the kind, and what of it.
      def without_kinds(items)
        items.each_cons(2) do |one, other|
          unless (one.amount.nil? || items.size == 2) && kind_said?(one, other) &&
                   between(one, other).match?(BEHIND_COMMA)
            next
          end

          other.amount ||= one.amount
          return items - [one]
        end
        items
      end

      def kind_said?(one, other)
        return false unless one.food? && other.food?
        return false if (one.amount && other.amount) || one.words.any? || one.place || one.piece

        Mentions::KINDS.fetch(one.name.downcase, []).include?(lexicon.family(other.foods.first))
      end

      # "Lime & chipotle: juice 4 limes, 6 tbsp oil, 2 tsp chipotle paste": what the part is called by.
      # One food that is not listed behind it may be meant itself.
      # @return [Integer] foods of its name
      def named_by(items)
        name = @plain[/\A[^\d:,;.]{3,32}:(?=\s)/] or return 0
        named, listed = items.partition { |item| item.from < name.bytesize }
        return 0 unless named.all? { |item| item.amount.nil? && item.food? }
        return 0 if listed.count { |item| item.food? && item.amount } < IN_ROW

        named.size > 1 || listed.any? { |item| named.any? { |one| label?(one, item) } } ? named.size : 0
      end

      # "Horseradish cream 450 g: crème fraîche 350, horseradish 60, lemon 20": what it is made of weighs as
      # much, and it is not there as well.
      def made_of_the_rest?(items)
        made, *rest = items
        return false unless rest.size > 1 && [made, *rest].all?(&:food?) && measured(made).positive?
        return false if @plain.match?(/\bor\b/i)
        unless lexicon.sauced?(made.foods.first) && (@plain.match?(MADE_OF) || named_after?(made, rest))
          return false
        end

        (rest.sum { |item| measured(item) } / measured(made)).between?(*OF_IT)
      end

      # "Horseradish cream 450 g, crème fraîche 350, horseradish 60"; not "lemon juice 400 ml, lemon zest".
      def named_after?(made, rest)
        *words, head = Lexicon.singulars(made.name)
        MIXED_FROM.include?(head) && rest.any? { |item| Lexicon.singulars(item.name).intersect?(words) }
      end

      # g or ml, of bare numbers too; 0 where nobody says how much.
      def measured(item) = item.amount ? item.amount.value : 0

      def label?(item, other)
        return true if made_from?(item, other)

        item.food? && item.amount.nil? && (item.words.keys - %w[cuts]).empty? && other&.food? &&
          Lexicon.fold(item.name).split.any? { |word| lexicon.in_name?(other.foods.first, word) }
      end

      # "Croutons from 1 stale baguette": what is weighed is what they are made from.
      def made_from?(item, other)
        item.food? && item.amount.nil? && other&.amount && between(item, other).match?(FROM)
      end
    end
  end
end
