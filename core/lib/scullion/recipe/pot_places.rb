# frozen_string_literal: true

module Scullion
  module Recipe
    # What of a line goes into the pot: what is taken out again, what is poached in, what the row says is for
    # it. For LinePlaces, which it is a part of.
    module PotPlaces
      # "1 onion, 2 bay, half a head of garlic (pot)": all of the row.
      # "1 onion, 1 carrot - for the pan, then out"
      ROW_FOR_POT =
        /\(\s*(?:(?:all|both|these)\s+)?(?:for\s+(?:the\s+)?)?(?:pot|stock)\s*\)\W*\z
         |(?:\(|\s-)\s*(?:(?:all|both|these)\s+)?(?:for|in)\s+the\s+(?:pot|pan|stock|water),?\s+
          (?:then|and)\s+(?:comes?\s+)?(?:out|thrown|binned|discarded|fished)\b[^;.()]*\)?\W*\z/ix.freeze
      # "300 g lentils, 1 bay, 1 carrot (both out after)"
      OUT_AFTER = /\(\s*(?<which>both|all\s+three|all|these|they)\s+(?:come\s+)?out\b/i.freeze
      OUT = { "both" => 2, "all three" => 3 }.freeze
      THROWN_OUT =
        /\bwith\b[^.;]*\b(?:thrown\s+(?:out|away)|discarded|fished\s+out|taken\s+out|binned)\b/i.freeze
      POACHED_IN =
        /\b(?:poach|simmer|boil|cook)\w*\b[^:.]*\bin\s+(?:an?\s+|the\s+)?(?:(?-i:[[:alpha:]]+)\s+)?
          (?:bouillon|broth|stock|water|liquor)\s*:/ix.freeze
      DRESSED_THEN = /\b(?:dress|toss|whisk|mix|stir)\b/i.freeze
      POT_ALONE = /\bfor\s+(?:the\s+)?(?:pot|stock|water|broth)\b|\bonly\b|\bbin\b|\bfished\b/i.freeze

      WITH_FAT = /\bwith\s+(?:an?\s+(?:\S+\s+)?(?:glug|splash|drop|knob|dash)\s+of\s+)?\z/i.freeze

      private

      # "Two litres of hot stock with a good glug of oil in it"
      def fat_in_water(items)
        items.each_cons(2) do |one, other|
          next unless one.food? && lexicon.cooked_in?(one.foods.first) && lexicon.fat?(other.foods.first.to_s)

          between = @plain.byteslice(one.from...other.from).to_s.scrub
          other.place ||= "cook" if between.match?(WITH_FAT)
        end
      end

      # "An onion stuck with 2 cloves" is cooked along.
      def stuck(items)
        return unless @plain.match?(Cloves::STUCK_WITH)

        items.each { |item| item.place ||= "pot" if item.food? }
      end

      # "Boiled with an onion, a carrot and two bay leaves (all thrown out)"
      def thrown_out(items)
        out = @plain[OUT_AFTER, :which]
        return out_after(items, out.downcase) if out

        at = @plain.index(THROWN_OUT) or return
        from = @plain[0...at].bytesize
        goes_along(items.drop(1).select { |item| item.from > from })
      end

      # Into the pot, and takes nothing along.
      def goes_along(items)
        items
          .reject(&:place)
          .each do |item|
            item.place = "pot"
            item.flags << :in_it
          end
      end

      # Both are the last two; all is what is not eaten.
      def out_after(items, which)
        among = items.last(OUT.fetch(which.squeeze(" "), items.size))
        goes_along(among.reject { |item| lexicon.eaten?(item.foods.first) })
      end

      # "Poach in court bouillon: 3 l water, 1 onion, 2 carrots"
      def poached_in(items)
        at = @plain.index(POACHED_IN) or return
        from = @plain[0...(at + @plain[POACHED_IN].length)].bytesize
        # "Boil in salted water: 1 kg carrots" is of the carrots.
        ahead = items.select { |item| item.food? && item.from < from - 1 }
        return if ahead.all? { |item| lexicon.cooked_in?(item.foods.first) }

        items.each { |item| item.place = "pot" if item.from >= from - 1 }
      end

      def row_for_the_pot(items)
        return unless @plain.match?(ROW_FOR_POT) && items.size > 1

        items.each { |item| item.place ||= "pot" if item.counted? || item.amount.nil? }
      end

      # "8 kg new potatoes, 1 bunch mint in the water": what is weighed is eaten, but for what seasons.
      def weighed?(item)
        key = item.foods.first
        item.amount&.unit == :g && !item.amount.estimated && !@plain.match?(POT_ALONE) &&
          !lexicon.seasons?(key) && !lexicon.poured?(key)
      end

      # Up to where something else is done: "mint in the water, dress with 600 ml cream".
      def in_the_pot(items)
        last = items.rindex { |item| item.place == "pot" }
        after =
          items.drop(last).each_cons(2).take_while { |one, other| !between(one, other).match?(DRESSED_THEN) }
        items.first(last + 1) + after.map(&:last)
      end

      # What goes with it goes there too. What is eaten is only cooked there ("lentils, simmered in stock",
      # "chicken breasts, poached with a bay leaf"), unless the line says that it is for the pot alone.
      def into_the_pot(items)
        return if items.none? { |item| item.place == "pot" && !item.said?(:in_it) }

        eaten, company =
          in_the_pot(items).partition { |item| lexicon.eaten?(item.foods.first) || weighed?(item) }
        company.each { |item| item.place ||= "pot" }
        eaten.each { |item| item.place = nil if item.place == "pot" } unless @plain.match?(POT_ALONE)
      end
    end
  end
end
