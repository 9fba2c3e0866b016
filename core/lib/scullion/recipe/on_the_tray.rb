# frozen_string_literal: true

module Scullion
  module Recipe
    # What of a line goes into the pan or onto the tray: the fat that something is roasted with, and the spice
    # in it. For LinePlaces, which it is a part of.
    module OnTheTray
      FOR_COOKING =
        /\bfor\s+(?:the\s+)?
          (?!(?:top|table|dressing|vinaigrette|sauce|paste|finish|garnish|mayo|drizzl|serv|pot)\w*)
          (?:(?:shallow|deep|stir|pan)[ -]?)?
          (?:roast|fry|cook|toss|brush|greas|sear|grill|tray|pan|oven|toast)\w*
         |\bto\s+(?:(?:shallow|deep|stir|pan)[ -])?(?:roast|fry|sear|brush|grease|grill)\b
         |\b(?:on|over|rubbed\s+in)\s+(?:(?:the\s+)?(?-i:[[:alpha:]]+)\s+)?before\s+
          (?:(?:the\s+)?oven|roasting|baking|grilling|frying|searing|cooking)\b
         |\((?:roast|fry|grill|sear|toast|roasting|frying|grilling|cooking|searing|toasting)\)/ix.freeze
      # "4 tbsp oil, plus extra for roasting": that is said of what is not weighed.
      MORE_OF_IT =
        /(?:\bplus|\+|\band|&)\s+
          (?:an?\s+(?:little|bit|touch|splash|drop|glug|drizzle|dash)|some|extra|more)\b
          (?!.*\d)[^;]*/ix.freeze
      DRESSED = /\b(?:dress|drsg|vinaigrette|whisk|sauce|toss\w*\s+(?:in|with|through))/i.freeze
      # "2 tbsp oil, 1 tsp cumin → roast 220"
      INTO_HEAT =
        /(?:→|->|=>)\s*(?:roast|fry|bake|grill|oven|pan)\b
         |(?:→|->|=>)\s*crumbs?\b.*(?:→|->|=>)\s*(?:oil|butter)\b
         |\s[–—-]\s+baste\b|\btossed\s+(?:with|in)\b.*\b\d{3}\s?°?\s?[CF]\b
         |\b(?:oil|butter)\b[^,;]{0,14},\s*(?:roast|fry|bake|grill|sear)\b
         |\b(?:oil|butter)\b[^;]{0,24},\s*oven\s+\d{3}\b/ix.freeze
      TOSSED_WITH = /\btossed\s+(?:with|in)\b.*\b\d{3}\s?°?\s?[CF]\b/i.freeze
      TOSSED_IN = %r{\b(?:toss|coat|mix|marinat|dress|rub|brush)\w*\s+(?:in\b|with\b|w\b|w/)}i.freeze
      ROASTED_WITH =
        %r{\b(?:roast|bak|fri|fry|grill|toast|char|sear|saut)\w*(?:\s[^,;()]{0,25})?\s
           (?:with|w/|in)\s*\z}ix.freeze
      # "Fried in 2 tbsp oil with 1 tsp cumin"
      LISTED_ON = /(?:,|\band|&|\+|\b(?:oil|butter|ghee|fat)\s+with)\s*\z/i.freeze
      # "Courgettes 3 kg, grill, oil 150 ml", "squash 3 kg - roast 200C 30 min; oil 150 ml"
      BEHIND_HEAT =
        /\b
          (?:roast|bake|baked|fry|fried|(?:char)?grill|griddle|char|sear|saute|blister|brown)
          (?:ed|d|led|red)?\b
          (?:[\s,;:.–-]|\d|[°º]|[CF]\b|min(?:ute)?s?\b|a\sside\b
             |on\s(?:one|both|each)\ssides?\b|only\b|hard\b|hot\b|until\s\w+\b)*
          (?:[\d.,½¼¾]+\s*(?:m?l|g|dl|cl|tbsps?|tsps?)\b\.?\s*(?:of\s+)?)?\z/ix.freeze

      # "Lamb 3 kg, marinate overnight w/ 1.5 l yoghurt, 30 g oregano", in a row or in a step.
      MARINATED =
        %r{\bmarinat\w*\b[^.;()]*?(?:\b(?:in|with)\b|\bw/)
           (?<what>(?:(?!\bthen\b)(?:[^.;]|\.(?=\d)))*)}ix.freeze
      # What is marinated raw.
      RAW = %w[meat fish plant-protein].freeze

      BRUSHED_ON =
        /\A[^:\d]{3,30}:.*(?:->|[→,;–-])\s*(?:to\s+)?(?:brush|baste)(?:ed|d)?
          (?:\s+(?:on|over|with))?\W*\z/ix.freeze

      private

      # What a raw food of the row is marinated in goes where that goes.
      def marinated_with(items)
        return unless RAW.include?(lexicon.family(items.first&.foods&.first.to_s))

        found = @plain.match(MARINATED) or return
        from, to = %i[begin end].map { |edge| @plain[0...found.public_send(edge, :what)].bytesize }
        items
          .drop(1)
          .select { |item| item.food? && item.from.between?(from, to) && in_a_dressing?(item) }
          .each { |item| item.place ||= "cook" }
      end

      # "Roasted with 100 ml oil and 2 tbsp paprika", "roasted w/ cumin 30 g, oil 250 ml": fat and spice go
      # where the first of them goes.
      def cooked_with_it(items)
        items.each_cons(2) do |one, other|
          next unless other.place.nil? && seasoning?(other.foods.first)

          between = @plain.byteslice(one.from...other.from).to_s.scrub
          first = one.food? && !seasoning?(one.foods.first) && between.match?(ROASTED_WITH)
          next unless first || (one.said?(:in_it) && one.place == "cook" && between.match?(LISTED_ON))

          other.place, other.flags = "cook", [*other.flags, :in_it]
        end
      end

      # "Tofu, tossed in 60 ml soy and 30 ml sesame oil, roasted": nobody roasts the oil.
      def cooked_behind(items)
        items
          .each_cons(2)
          .to_a
          .reverse_each do |food, poured|
            way = poured.words["cooks"] if poured.food? && lexicon.sauced?(poured.foods.first)
            next unless way && food.food? && food.words["cooks"].nil? && done_in?(poured)

            food.words["cooks"], poured.words = way, poured.words.except("cooks", "states")
            poured.place = "cook"
          end
      end

      # "All → oil 400 ml, thyme, 200° 40 min": what is poured or seasons, on a row that says how hot.
      def heated(items)
        if @tokens.none? { |token| token.kind == :heat && token.text.to_i >= BareNumbers::OVEN_HEATS.begin }
          return
        end

        foods = items.select { |item| item.food? && (item.amount || given?(item)) }
        # "Cauliflower 9 kg, oil 300 ml, cumin 20 g, 230C 20 min": what is listed behind what is roasted.
        foods = foods.drop(1) if foods.size > 1 && !given?(foods.first) && !dressed?
        only = foods.all? { |item| item.words.empty? && given?(item) }
        return foods.each { |item| item.place ||= "cook" } if only

        on_the_row(items.select(&:food?))
      end

      # "Veg: 6 kg peppers, 5 kg courgettes, 1 l oil, 200C 30 min": the fat right before the heat, on a row of
      # nothing that dresses.
      def on_the_row(foods)
        fat = foods.last
        return if foods.size < 2 || dressed? || !fat.amount || !lexicon.fat?(fat.foods.first)
        return if foods[0...-1].any? { |item| lexicon.poured?(item.foods.first) || item.place }

        fat.place ||= "cook"
      end

      # Fat, spice or garlic.
      def given?(item) = seasoning?(item.foods.first) || lexicon.aromatic?(item.foods.first)

      def dressed? = @plain.match?(DRESSED)

      def seasoning?(key) = lexicon.fat?(key) || lexicon.seasons?(key)

      # The fat that stands behind a food and how it is heated, where nothing is listed that dresses.
      def behind_the_heat(items)
        foods = items.select(&:food?)
        at = foods.index { |item| item.place.nil? && lexicon.fat?(item.foods.first) }
        return if at.nil? || at.zero? || seasoning?(foods[at - 1].foods.first)

        rest = foods.drop(at)
        between = @plain.byteslice(foods[at - 1].from...rest.first.from).to_s.scrub
        return unless rest.all? { |item| seasoning?(item.foods.first) }
        return if dressed? || !between.match?(BEHIND_HEAT)

        rest.each { |item| item.place ||= "cook" }
      end

      def done_in?(item)
        item.place == "cook" || @plain.byteslice(0...item.from).to_s.scrub.match?(TOSSED_IN)
      end

      # "Honey 200 g over the parsnips before the oven" too.
      def on_tray?(key) = lexicon.sweet?(key) || key.match?(/oil|butter|ghee|fat\z/)

      # "Miso butter: 500 butter, 150 white miso, 40 honey -> brush": all of it.
      def brushed_on(items)
        return unless @plain.match?(BRUSHED_ON)

        items.each { |item| item.place ||= "cook" if item.food? }
      end

      # "2 Tbs olive oil for the roasters": for something that is neither dressed nor served with it.
      def for_cooking(items)
        roasted = @plain.match?(INTO_HEAT)
        return unless roasted || @plain.sub(MORE_OF_IT, "").match?(FOR_COOKING)

        said_of(items)
          .select { |item| item.food? && item.place.nil? && lexicon.poured?(item.foods.first) }
          .each { |item| item.place = "cook" if roasted || on_tray?(item.foods.first) }
        herb_on_tray(items)
        return with_oil(items) if @plain.match?(TOSSED_WITH)

        # "3 tbsp oil and 1 tsp each fennel seed and chilli flakes for roasting"
        return unless items.first&.place == "cook" && @plain.match?(/#{FOR_COOKING}\W*\z/o)

        items.each { |item| item.place ||= "cook" if lexicon.seasons?(item.foods.first) }
      end

      # "Thyme 6 sprigs for roasting"
      def herb_on_tray(items)
        only = items.one? && items.first.place.nil? && @plain.match?(/#{FOR_COOKING}\W*\z/o)
        items.first.place = "cook" if only && lexicon.seasons?(items.first.foods.first)
      end

      # "100 ml oil + 50 ml for frying": of two of one food it is said of the one that it stands behind.
      def said_of(items)
        items.select do |item|
          items.one? { |other| other.foods == item.foods } ||
            @plain.byteslice(item.from...(item.to || @plain.bytesize)).to_s.scrub.match?(FOR_COOKING)
        end
      end

      # "Tossed with 180 ml oil, 3 tbsp cumin seeds, 30 g salt. 220C": all that it is tossed with.
      def with_oil(items)
        at = @plain[0...@plain.index(TOSSED_WITH)].bytesize
        items.each { |item| item.place ||= "cook" if item.from >= at && lexicon.seasons?(item.foods.first) }
      end
    end
  end
end
