# frozen_string_literal: true

module Scullion
  module Recipe
    # One amount beside two foods of a kind: "150 g sunflower and pumpkin seeds", "300 g mint and parsley".
    # For SaidOnce, which it is a part of.
    module OfBoth
      # So much, one name and the other, with nothing between them.
      BOTH =
        %r{\A(?:[\d½¼¾]|an?\s|handfuls?\s|bunch(?:es)?\s|big\s|large\s|small\s)
            [^,;:()]*\s(?:and|&|\+|/)\s*\z}ix.freeze
      JOINED = %r{\A[^\d,;:()]*\s(?:and|&|\+|/)\s*\z}i.freeze
      NO_LIST = /[\d(:;.!?½¼¾]|\A[^,]*\z/.freeze
      BETWEEN_NAMES = /\s*(?:,|\band\b|&|\+)\s*/i.freeze
      ONE_WORD = /\A(?-i:[[:alpha:]-]{4,})\z/.freeze
      RATIO = /\d\s*:\s*\d/.freeze
      KIND_OF_BOTH = %w[herb nut-or-seed leaf cheese mushroom].freeze

      HALF_AND_HALF = %r{\bhalf\s*(?:and|&|/|-|n)\s*half\b}i.freeze
      TWO_HALVES = /\bhalf\b[^;.]*\bhalf\b/i.freeze
      CREAM = %w[half-and-half].freeze

      private

      # "Wild rice / basmati, half & half, 4.5 kg": each is half of it, and no cream is in it.
      def half_and_half(items)
        return unless @plain.match?(HALF_AND_HALF)

        foods, others = items.partition { |item| item.food? && item.foods != CREAM }
        said = items.select(&:amount)
        whole = [said.first.size, said.first.amount].compact.find { |each| each.unit != :piece } if said.one?
        return unless whole && foods.size == 2

        items.replace(items - others)
        foods.each { |item| item.amount, item.size, item.piece = whole.times(0.5), nil, nil }
      end

      # "Half olive oil, half lemon, half a litre altogether"
      def halves_of_all(items)
        foods = items.select(&:food?)
        return if foods.size != 2 || @plain.match?(HALF_AND_HALF)
        return unless @plain.match?(TWO_HALVES) && @plain.match?(SaidOnce::SAID_BEHIND)

        whole =
          foods
            .flat_map { |item| [item.amount, item.size] }
            .compact
            .reject { |each| each.unit == :piece }
            .last
        foods.each { |item| item.amount, item.size, item.piece = whole.times(0.5), nil, nil } if whole
      end

      # "150 g sunflower and pumpkin seeds": half of it is each; "300 g mint and parsley" may be
      # so much of each.
      def of_both(items)
        items.each_cons(2) do |one, other|
          next unless one.food? && other.food? && other.place.nil? && of_one_kind?(one, other)

          between = @plain.byteslice(one.from...other.from).to_s.scrub
          next other.flags << :both if one.amount.nil? && other.amount && between.match?(JOINED)
          next unless one.amount && other.amount.nil? && between.match?(BOTH)

          headed?(one, other) && one.amount.unit != :piece ? halved(one, other) : one.flags << :both
        end
      end

      def of_one_kind?(one, other)
        keys = [one, other].map { |item| item.foods.first }
        kinds = keys.map { |key| lexicon.family(key) }
        (kinds.uniq.one? && KIND_OF_BOTH.include?(kinds.first)) ||
          (keys.all? { |key| dresses?(key) } && !@plain.match?(RATIO))
      end

      # Poured, and neither to taste nor for the pot.
      def dresses?(key)
        lexicon.poured?(key) && !lexicon.seasons?(key) && !lexicon.cooked_in?(key)
      end

      # "Salt, vitpeppar, dill": a word alone in a list of names may be a food that nobody here knows.
      def strangers_listed(items)
        return if @plain.match?(NO_LIST)

        names = @plain.split(BETWEEN_NAMES)
        unknown = items.flat_map { |item| item.unknown.map(&:first) } & names.drop(1).grep(ONE_WORD)
        unknown.reject! { |word| lexicon.verbs.key?(Lexicon.fold(word)) }
        return if unknown.empty? || items.count(&:food?) != names.size - unknown.size

        items.each { |item| item.left ||= item.unknown.map(&:first).find { |word| unknown.include?(word) } }
      end

      # The name of the first ends in the word that stands behind the second alone.
      def headed?(one, other)
        head = Lexicon.singular(Lexicon.fold(other.name).split.last.to_s)
        Lexicon.singular(Lexicon.fold(one.name).split.last.to_s) != head &&
          lexicon.in_name?(one.foods.first, head)
      end

      def halved(one, other)
        one.amount = other.amount = one.amount.times(0.5)
        [one, other].each { |item| item.flags << :shared }
      end
    end
  end
end
