# frozen_string_literal: true

module Scullion
  module Recipe
    # Where the words of a whole line put its foods: into the pot, on the tray, over the top. For WholeLine,
    # which it is a part of.
    module LinePlaces
      include PotPlaces
      include OnTheTray

      # Foods behind a label from which they are a sauce where so great a share of them is poured.
      SAUCE_ROW, MOSTLY = 4, 0.6
      # So much more of it is eaten than poured: "baba ganoush: aubergine 6 kg, tahini 300 g, lemon 150 ml".
      EATEN = 2
      # Foods joined by "+" in which all that is not poured is mixed.
      MIXED = 3
      SAUCE_LABEL =
        /\A(?!\W*(?:quick[- ])?(?:pickled|candied|cured|confit|marinated)\b)
          (?!.*\b(?:rub|coating|seasoning|spice\smix)\b)[^:=\d]{3,30}[:=]\s/ix.freeze
      # "2.4 kg tahini sauce, tahini 1 kg, lemon 300 ml, water 900 ml"
      SAUCE_WEIGHED =
        /\A\W*\d[\d.,]*\s*(?:k?g|m?l)\s+[^\d,]{0,30}
          \b(?:sauce|sce|dressing|drsg|vinaigrette)\b\s*[,(:–-]/ix.freeze
      BLENDED =
        /#{SAUCE_LABEL.source}
          .*\b(?:blitz|blend|whizz?|liquidi[sz]e|shake)(?:ed|zed)?\b[^,;:.\d]{0,24}[.!]?\z/ix.freeze
      HALF = 0.5
      BAY = %w[bay-leaf].freeze
      WITH_BAY = %r{\b(?:with|w/|w)\s*(?:(?:an?|two|\d)\s+)?bay\b}i.freeze
      DRAWN = /\b(?:colander|sieve|weep|sweat|to\s+draw|squeez\w*|press(?:ed)?)\b/i.freeze
      SIMMERED_WITH = %r{\b(?:simmer|boil|poach)\w*\s+(?:with|w/|w)\s}i.freeze
      # So many of one thing, at the most, give their taste to the water.
      FLAVOURS = 3
      LEFT_TO_DRAW =
        /\A[^;.]*\d\s*(?:mins?|minutes|hrs?|hours?|h)\b[^;.]*\b(?:drain|squeeze|rinse|pat\s+dry)/i.freeze
      # "Simmer 22 min w/ bay, 1 carrot, 1 onion"
      BOILED_WITH = /\A\W*(?:simmer|boil|poach|cook)\b/i.freeze
      TOSSED_BEHIND = /\b(?:toss|coat|mix|slick|loosen)\w*\s+(?:in|with|through)\s+\z/i.freeze
      WHISKED_WITH =
        %r{\b(?:(?:whisk|blend|blitz|whizz|loosen|thin|shak|slacken)\w*|let)\s+(?:(?:up|down|out)\s+)?
          (?:with\b|in\b|w/)}ix.freeze
      FOR_WATER =
        /\b(?:for|in|into)\s+(?:(?:the|a|every|each|of|\d[\d.,]*\s*(?:l|lit(?:re|er)s?|ltrs?))\s+){0,4}
          (?!(?:iced?|cold|warm|rose|orange|lemon)\b)(?:(?-i:[[:alpha:]]+)\s+)?water\b/ix.freeze
      BRACKETED_WITH =
        %r{\(\s*(?:w/|with\b)|\b(?:candied|glazed|caramelised|caramelized)\s*(?:\(|w/|with\b)}i.freeze
      # "Pecans 600 g - candied by Jo, sugar 150 g, egg white 1"
      CANDIED_THEN = /\b(?:candied|caramelis(?:ed|e)|glazed)\b[^,;()\d]{0,16},/i.freeze
      CANDIES = /\A(?:.*sugar|honey|.*syrup|butter|hen-egg|pasteurised-white)\z/.freeze
      LAID_OVER =
        /\b(?:dot|scatter|strew|sprinkl|crumbl|crack|grat|shav|spoon|dollop|drap|flak|snip|shower|piled?|laid|
            lay|torn|tear|broken|break)\w*\s+(?:(?:it|them|all|up|thickly|thinly)\s+)?
            (?:over\b|on\b(?!\s+(?:an?\s+|the\s+)?
              (?:tray|sheet|board|paper|rack|cloth|diagonal|slant|bias
                |large|big|coarse|fine|small|box|micro\w*|grater|mandolin\w*|slicer)))
         |\b(?:shav|grat|crumbl|flak)\w*\s+(?:\S+\s+){0,2}to\s+order\b
         |(?:[,-]|\d\s?k?g)\s*(?:to\s+go\s+|goes\s+)?over(?:\s+(?:at\s+)?(?:the\s+)?(?:last|end))?\W*\z
         |,\s*(?:on|added|in)?\s*(?:at\s+)?(?:the\s+very\s+|the\s+)?last\W*\z/ix.freeze

      private

      # Of each where the line says that it goes.
      def into_places(items)
        thrown_out(items)
        stuck(items)
        poached_in(items)
        row_for_the_pot(items)
        into_the_pot(items)
        cooked_as_labelled(items)
        cooked_as_ordered(items)
        cooked_here(items)
        rubbed_in(items)
        marinated_with(items)
        cooked_with_it(items)
        cooked_behind(items)
        for_cooking(items)
        heated(items)
        behind_the_heat(items)
        in_its_water(items)
        fat_in_water(items)
        loosened(items)
        bracketed_with(items)
        candied_with(items)
        brushed_on(items)
        whisked_with(items)
        salts_the_water(items)
        draws_water(items)
        sauce_row(items)
        mixed_with(items)
      end

      # "Lentils 2.5 kg w/ bay + ½ onion": what is boiled with the bay is not eaten.
      def in_its_water(items)
        cooked_out(items)
        bay = items.index { |item| BAY.include?(item.foods.first) } or return
        boiled = bay.positive? ? lexicon.boiled?(items.first.foods.first) : @plain.match?(BOILED_WITH)
        return unless boiled && @plain.match?(WITH_BAY)

        items
          .drop(bay)
          .select { |item| item.place.nil? && (item.amount.nil? || item.counted?) }
          .each do |item|
            item.place = "pot"
            item.flags << :taste if item.amount.nil?
          end
      end

      # "Dried beans 4 kg, simmer w/ 1 onion + 10 g bicarb": one or two of what gives its taste to the water.
      def cooked_out(items)
        return unless lexicon.boiled?(items.first&.foods&.first)

        at = @plain =~ SIMMERED_WITH or return
        from = @plain[0..at].bytesize
        behind = items.drop(1).select { |item| item.food? && item.place.nil? && item.from >= from }
        flavours =
          behind.take_while { |item| item.words.empty? && (few?(item) || lexicon.seasons?(item.foods.first)) }
        flavours.each { |item| item.place = "pot" }
      end

      def few?(item)
        item.counted? && item.amount.value <= FLAVOURS && !lexicon.eaten?(item.foods.first)
      end

      # "Orzo, boiled, tossed with 100 ml oil": it goes with the pasta, and dresses nothing.
      def loosened(items)
        items.each_cons(2) do |food, oil|
          next unless oil.food? && lexicon.fat?(oil.foods.first) && oil.place.nil?
          next unless food.food? && lexicon.sticks?(food.foods.first)

          between = @plain.byteslice(food.from...oil.from).to_s.scrub
          oil.place = "cook" if between.match?(TOSSED_BEHIND)
        end
      end

      # "Nuoc cham: soy 100 / lime 120 / sugar 60 / chilli 2": what is poured takes the others along.
      def sauce_row(items)
        foods = items.select(&:food?)
        return blended(foods) if foods.size >= SAUCE_ROW && @plain.match?(BLENDED)

        weighed = foods.size > 1 && @plain.match?(SAUCE_WEIGHED)
        return unless weighed || (foods.size >= SAUCE_ROW && @plain.match?(SAUCE_LABEL))

        return if foods.any? { |item| lexicon.eaten?(item.foods.first) } || labelled_by_food?(foods.first)

        poured, eaten = foods.partition { |item| item.parts.any? || lexicon.sauced?(item.foods.first) }
        return if poured.size < foods.size * MOSTLY && !weighed

        among = weight(eaten) > weight(poured) * EATEN ? foods.select { |item| in_a_dressing?(item) } : foods
        among.each { |item| item.place ||= "dressing" }
      end

      # "GODDESS: 1.2 kg mayo, 600 g soured cream, 200 g herbs, 4 anchovies; blitz": all of it is poured then.
      def blended(foods)
        poured = foods.count { |item| item.parts.any? || lexicon.sauced?(item.foods.first) }
        return if poured < foods.size * HALF || labelled_by_food?(foods.first)

        foods.each { |item| item.place ||= "dressing" }
      end

      # g or ml of what is measured.
      def weight(items)
        items.filter_map(&:amount).reject { |amount| amount.unit == :piece }.sum(&:value)
      end

      # "200 g crème fraîche + 40 g horseradish + lemon + salt": all but one of them is poured or seasons.
      def mixed_with(items)
        foods = items.select(&:food?)
        return unless foods.size >= MIXED && @plain.scan(/\s\+\s/).size >= foods.size - 1

        others = foods.reject { |item| in_a_dressing?(item) }
        return if others.size > 1 || !lexicon.poured?(foods.first.foods.first)

        foods.each { |item| item.place ||= "dressing" }
      end

      def in_a_dressing?(item)
        item.parts.any? || lexicon.sauced?(item.foods.first) || lexicon.seasons?(item.foods.first)
      end

      # "Cauliflower: 9 heads, tossed with 180 ml oil, 30 g salt": it is called by what is in it.
      def labelled_by_food?(item)
        @plain.match?(/\A\W*#{Regexp.escape(item.name)}\s*[:=]/i) && !lexicon.sauced?(item.foods.first)
      end

      def salt?(item) = item.foods.first.to_s.end_with?("salt")

      # "15 cucumbers, smash, salt 60 g, 20 min, drain well"
      def drained_behind?(item) = @plain.byteslice(item.from..).to_s.scrub.match?(LEFT_TO_DRAW)

      def candied_with(items)
        at = @plain =~ CANDIED_THEN or return
        from = @plain[0..at].bytesize
        items.each do |item|
          item.place ||= "cook" if item.from > from && item.foods.first.to_s.match?(CANDIES)
        end
      end

      # "Walnuts 1 kg, candied (w/ 300 g sugar, 20 g butter)": it goes where they go.
      def bracketed_with(items)
        at = @plain =~ BRACKETED_WITH or return
        from, to = [at, @plain.index(")", at) || @plain.length].map { |chars| @plain[0...chars].bytesize }
        return if items.empty? || items.first.from >= from || lexicon.poured?(items.first.foods.first)

        items.select { |item| item.from.between?(from, to) }.each { |item| item.place ||= "cook" }
      end

      # "250 g tahini, whisk with lemon juice 150 ml, water 200 ml": the water too.
      def whisked_with(items)
        at = @plain =~ WHISKED_WITH or return
        from = @plain[0...at].bytesize
        items.each { |item| item.place ||= "dressing" if item.from > from && item.foods.first == "water" }
      end

      # "80 g salt for 4 l of cooking water", "30 g salt for the pasta water": no part of what is eaten.
      def salts_the_water(items)
        items.each_cons(2) { |water, salt| salt.place ||= "pot" if salted_water?(water, salt) }
        at = @plain =~ FOR_WATER or return
        from = @plain[0...at].bytesize
        items.each { |item| item.place ||= "pot" if item.from < from && salt?(item) }
      end

      # "In 15 l water w/ 100 g salt"
      def salted_water?(water, salt)
        water.foods.first == "water" && salt?(salt) &&
          @plain.byteslice(water.from...salt.from).to_s.scrub.match?(%r{(?:\bwith|\bw/?|\+|&)\s*\z}i)
      end

      # "Salt 2 tsp for the tomatoes, colander": it draws their water, and stays on them.
      def draws_water(items)
        drawn = lexicon.boiled?(items.first&.foods&.first) ? "pot" : "salad"
        items.drop(1).each { |item| item.place ||= drawn if salt?(item) && drained_behind?(item) }
        return unless @plain.match?(DRAWN)

        items.each { |item| item.place = "salad" if salt?(item) && item.place == "cook" }
      end

      # "A flatbread each", whole: it lies beside the salad.
      def beside_the_plate(items)
        items.each do |item|
          bread = item.food? && item.said?(:per_head) && lexicon.bread?(item.foods.first)
          item.place ||= "table" if bread && item.words.empty?
        end
        items.each_cons(2) { |one, other| one.place ||= "table" if laid_together?(one, other) }
      end

      # "Brown bread & butter on the side": both of them.
      def laid_together?(one, other)
        other.place == "table" && [one, other].all? { |item| item.food? && item.amount.nil? } &&
          between(one, other).match?(/\A#{Regexp.escape(one.name)}\s*(?:&|\+|\band)\s*\z/i)
      end

      # "Goat's cheese, dotted on at the last", "pine nuts, over"
      def laid_over(items)
        foods = items.select(&:food?)
        return unless foods.size == 1 && foods.first.place.nil? && foods.first.held.nil?
        return if lexicon.poured?(foods.first.foods.first)

        foods.first.place = "top" if @plain.match?(LAID_OVER)
      end
    end
  end
end
