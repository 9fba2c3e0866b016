# frozen_string_literal: true

module Scullion
  module Recipe
    # A list in which a bare number is so much of what nobody counts ("dijon 40, lemon juice 100, oil 700"):
    # grams, of what is poured millilitres. For AmongLines, which it is a part of.
    module BareAmong
      # Bare numbers of what is never counted, from which all of the list is written so.
      LEAST_BARE = 2
      # From here on a number of what may be counted is so much of it.
      LEAST = 5

      # g of what is so small that it may be weighed, and how many of it nobody counts.
      SMALL, LEAST_SMALL = 10, 20
      # g of one food, and pieces of it, that nobody is served, and g of one that everybody may be.
      MOST_EATEN, MOST_PIECES, WEIGHED_EACH = 1500, 30, [3, 400].freeze

      private

      def in_bare_numbers
        too_many_to_eat
        bare = bare_lines.map(&:item).select { |item| item.food? && item.size.nil? && !item.amount.estimated }
        plain = bare.select { |item| Counted.many?(item.amount) && !counted_by_one?(item) }
        return if plain.map { |item| item.foods.first }.uniq.size < LEAST_BARE

        jugs = plain.any? { |item| juice?(item) || @lexicon.acid?(item.foods.first) }
        bare.each do |item|
          next item.amount = so_much(item, jugs) if so_much?(item)

          next unless so_small?(item)

          Counted.many?(item.amount) ? item.amount = so_much(item, jugs) : item.flags << :which_unit
        end
      end

      # "Waxy potatoes 750" for six: nobody has 125 of them, everybody has 125 g.
      def too_many_to_eat
        return unless @servings

        bare_lines
          .reject { |line| counts_them?(line) }
          .map(&:item)
          .each do |item|
            one = @lexicon.one_weighs(item.foods.first) if Counted.many?(item.amount) && item.size.nil?
            next if one.nil? || item.parts.any? || item.said?(:per_head)

            each = item.amount.value / @servings
            next unless (each * one > MOST_EATEN || each > MOST_PIECES) && each.between?(*WEIGHED_EACH)

            item.amount = Amount.new(item.amount.low, item.amount.high, :g)
          end
      end

      # "300 carrots" may be so many.
      def counts_them?(line) = line.text.match?(/\A\W*\d/) && line.item.name.to_s.match?(/s\z/i)

      def so_much?(item)
        key = item.foods.first
        return true if nobody_counts?(item)
        return false unless juice?(item) || (@lexicon.poured?(key) && item.parts.empty?)
        return true if Counted.many?(item.amount)

        !counted_by_one?(item) && (@lexicon.seasons?(key) || item.amount.value >= LEAST)
      end

      # "40 ginger, grated": what has no weight of one, and too many of it; not "quinoa 40" in twenty bowls.
      def nobody_counts?(item)
        key, many = item.foods.first, item.amount.value
        return false if @lexicon.one_known?(key) || item.said?(:per_head) || many < LEAST_SMALL

        @servings.nil? || !@lexicon.eaten?(key) || many / @servings >= LEAST
      end

      # "Anchovy 40" beside "dijon 30": grams, or forty of them?
      def so_small?(item)
        one = @lexicon.one_weighs(item.foods.first)
        !one.nil? && one < SMALL && item.amount.value >= LEAST_SMALL && !item.said?(:per_head)
      end

      # "Lemon juice 100" are no lemons.
      def counted_by_one?(item)
        key = item.foods.first
        @lexicon.one_known?(key) && !juice?(item)
      end

      # Not "juice of 60 lemons".
      def juice?(item) = item.name.to_s.match?(Items::JUICE)

      # Oil as what stands beside it.
      def so_much(item, jugs)
        key = item.foods.first
        unit = juice?(item) || @lexicon.acid?(key) || (jugs && @lexicon.in_jugs?(key)) ? :ml : :g
        Amount.new(item.amount.low, item.amount.high, unit)
      end
    end
  end
end
