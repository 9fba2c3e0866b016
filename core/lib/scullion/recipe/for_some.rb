# frozen_string_literal: true

module Scullion
  module Recipe
    # Amounts that are none of the whole: for so many heads, by the weight of other food, less what somebody
    # else gets, as much as at another time, or what only pickles. For WholeLine, which it is a part of; what
    # is for so many heads goes by how many are served, all the others are asked about.
    module ForSome
      # "A handful per 10 people", "two mangoes for every twenty"
      HEADS =
        /(?:#{Servings::PEOPLE}
            |(?:guest|cover|portions?|plates?|heads?|box(?:es)?|lunch(?:es)?|bowls?)\b)/ix.freeze
      PER = "(?:per|(?:for|to)\\s+(?:every|each))".freeze
      # What is handed out, and nothing that a food comes in.
      BOXED = /(?:box(?:es)?|bowls?)\z/i.freeze
      EVERY_OTHER = { "other" => 2, "second" => 2, "third" => 3, "fourth" => 4 }.freeze
      FOR_SOME =
        /\b#{PER}\s+
          (?<heads>#{EVERY_OTHER.keys.join("|")}|\d{1,4}
            |#{Amount::Words::SPELLED}|#{Amount::Words::BELOW_HUNDRED})\s+#{HEADS}/ix.freeze
      PER_DOZEN = /\b#{PER}\s+doz(?:en)?\b\.?/i.freeze
      SHARE_OF_HEADS = /\((?<own>\d+|an?|one|half)\s+(?=#{FOR_SOME})/i.freeze
      # "10 tomatoes per table (6 tables)"
      PER_GROUP =
        /\b#{PER}\s+(?<group>table|platter|board|coach|class|boat|tray|gastro|batch|bowl)\b
          (?:\s*\(\s*(?<groups>\d{1,3})\s+\k<group>(?:s|es)?\s*\))?/ix.freeze
      # "12 peaches less 2 for the staff", "feta (swap …)"
      LESS = /\b(?:less|minus|except)\s+(?:\d|one\b|two\b|three\b|an?\s|half\b)|#{Lexer::SWAPPED}/i.freeze
      # "Mint, a third of that", "double what we had last time", "carrots, same as usual"
      COMPARED =
        /\b(?:(?:an?\s+)?(?:third|half|quarter)|double|twice|three\s+times)\s+(?:of\s+)?that\b
         |\b(?:double|twice|half|triple|same|as\s+(?:much|many))\s+(?:(?:of|as)\s+)?
          (?:what\s+(?:we|it|they|i)\b|(?:the\s+)?(?:last|usual|previous)\b|before\b|always\b|yesterday)
         |\b(?:double|triple|treble)\s+(?:it|them|this)\b(?!\s+(?:on|in|for|to|over|at)\b)/ix.freeze
      # "25 g per kilo", "12 g/kg", "15 ml for every litre", "1.2 % of the squash": of another food's weight;
      # "450g/1lb" and "500g/1lb 2oz" are the same once more.
      BY_WEIGHT =
        %r{(?:\b#{PER}\s+|(?<=[[:alpha:]\d])(?<![wW])(?<![45]\d\dg|[45]\d\d\sg)\s?/\s?)(?:1\s*)?
          (?:kilo(?:gram(?:me)?)?s?|kg|lit(?:re|er)s?|l|pounds?|lbs?|100\s?(?:g|ml))\b(?!\s*\d+\s*oz)
          (?!\s*(?:bag|box|pack|tub|tin|jar))
          |\d\s*%\s*(?:of|by)\b(?!\s*fat)}ix.freeze
      # "300 g sugar (syrup for the peaches)", "20 g salt for curing", "500 ml milk to soak the bread"
      BY_THE_WAY =
        /\b(?:for|to\s+make)\s+(?:(?:the|an?)\s+)?
            (?:syrup|brine|brining|cure|curing|caramel|poaching|soaking|steeping)\b
         |\bto\s+(?:soak|steep|poach|brine|cure)\b
         |\(\s*(?:syrup|brine|caramel|cure)\b|\bbrined?\s+(?:for\s+)?\d+\s*h[^(]{0,8}\(/ix.freeze
      # "Salmon 2 kg, cure: 300 g salt, 300 g sugar"
      CURED_WITH =
        /[,;(-]\s*(?:(?:dry|quick|wet)[ -])?(?:cure|brine|pickle)\s*:
          |\bpickled\b[^()]{0,40}\((?=[^)]*\bvin)/ix.freeze
      PLUMPED = /\b(?:soak|plump)/i.freeze
      STEEPED_IN =
        /\b(?:pickled?|pkle?d?|(?:soak|steep|plump)(?=\s+in\b)|
            (?:pickl|plump|soak|steep|poach|macerat|infus|rehydrat)(?:ed|ing))\b
          [^;()]*?\b(?:in|with|into)\s+
         |\b(?:pickled?|pkle?d?)\s*(?:raw\s*)?[–—:(-]+\s*(?=[\d½¼]|(?-i:[[:alpha:] ]+)\d)
         |\binto\s+(?=[^;()]*?\bfor\s+(?:an?\s+hour|half\s+an\s+hour|\d+\s*(?:min|h))|[^;()]*?\bovernight)
         |\b(?:whip(?:ped)?|beaten|whizzed|blitzed|blended)\s+(?:up\s+)?with\s+/ix.freeze

      private

      # By heads, or by the weight of other food: so much of the last one with an amount.
      def for_some(items)
        share_of_heads(items)
        by_groups(items)
        items.last&.flags&.push(:for_some) if @plain.match?(LESS)
        compared(items)
        in_percent(items)
        steeped_in(items)
        items.each { |item| item.flags << :by_the_way if item.place.nil? } if @plain.match?(BY_THE_WAY)
        cured_with(items)
        return unless @plain.match?(BY_WEIGHT)

        weighed = items.select(&:amount)
        return weighed.each { |item| item.flags << :for_some } if labelled?(weighed)

        (weighed.any? ? together(weighed) : items).each { |item| item.flags << :for_some }
      end

      # "Dressing per kg: 550 g oil, 200 g vinegar": said of all that follows.
      def labelled?(items)
        label = @plain[/\A[^\d:]*(?:1\s*)?[^\d:]*:/] or return false
        items.size > 1 && label.match?(BY_WEIGHT)
      end

      # So much for so many of those who are served: the one of them has that share of it.
      def share_of_heads(items)
        said = @plain[FOR_SOME, :heads] || (@plain.match?(PER_DOZEN) ? "12" : return)
        heads = EVERY_OTHER[said.downcase] || (said.match?(/\d/) ? said.to_i : Amount::Words.spelled(said))
        item = items.last
        return item&.flags&.push(:for_some) unless item&.amount && heads.positive?
        return item.flags << :contradicts if another_share?(item)

        item.amount = item.amount.times(1.0 / heads)
        item.container = nil if @plain[FOR_SOME].to_s.match?(BOXED)
        item.flags << :per_head
      end

      # "4 burrata (1 per 2 people)": which of the two holds?
      def another_share?(item)
        each = @plain[SHARE_OF_HEADS, :own] or return false
        item.counted? && item.amount.value != (Amount::Words::NUMBERS[each.downcase] || each.to_f)
      end

      # "12 lettuce leaves, 2 per bowl", "sauce per bowl: 15 ml soy": no amount of it stands before that.
      def of_another?(item, at)
        amount = @tokens.reverse.find { |token| token.kind == :amount && token.at < at }
        !amount&.value.equal?(item.amount)
      end

      # For so many tables so often; nobody knows for how many where it does not say.
      def by_groups(items)
        found = @plain.match(PER_GROUP)
        item = items.last if found
        return if item&.amount.nil? || of_another?(item, found.pre_match.bytesize)

        item.place = nil if item.place == "table"
        groups = found[:groups].to_i
        groups.positive? ? item.amount = item.amount.times(groups) : item.flags << :for_some
      end

      # Of what it is said behind, or ahead of: "half that much parsley".
      def compared(items)
        at = @plain =~ COMPARED or return
        before, after = items.partition { |item| item.from <= @plain[0...at].bytesize }
        (before.last(1) | (before.empty? ? after : [])).each do |item|
          item.flags = item.flags - [:same] + [:compared]
        end
      end

      def cured_with(items)
        found = @plain.match(CURED_WITH) or return
        from = @plain[0...(found.end(0) - 1)].bytesize
        to = from + (@plain.byteslice(from..)[/\A\([^)]*\)/] || @plain.byteslice(from..)).bytesize
        items.each { |item| item.flags << :by_the_way if item.place.nil? && item.from.between?(from, to) }
      end

      # "4 red onions, pickled in 300 ml vinegar and 100 g sugar", "cranberries plumped in 300 ml juice": does
      # that dress the salad? Nobody says.
      def steeped_in(items)
        at = @plain =~ STEEPED_IN or return
        from = @plain[0...(at + @plain[STEEPED_IN].length)].bytesize
        others, ahead = items.select(&:food?).partition { |item| item.from >= from - 1 }
        soaks_in_water(others.first, ahead.first)
        return unless steeps?(others.first, ahead.first)

        also =
          others
            .drop(1)
            .select { |item| lexicon.seasons?(item.foods.first) || lexicon.sweet?(item.foods.first) }
        [others.first, *also].each { |item| item.flags << :by_the_way if item.place.nil? }
      end

      # "Raisins, plumped in 100 ml hot water", which nobody eats; that of saffron is.
      def soaks_in_water(item, food)
        return if item.nil? || food.nil? || lexicon.seasons?(food.foods.first)

        item.place ||= "pot" if item.foods.first == "water"
      end

      # Something poured, or the juice of so many, that is no fat and no water; not what is poured itself.
      def steeps?(item, food)
        return false if item&.amount.nil? || food.nil? || lexicon.poured?(food.foods.first)

        key = item.foods.first
        return @plain.match?(PLUMPED) if item.parts == %w[juice]

        lexicon.poured?(key) && !lexicon.seasons?(key) && !lexicon.fat?(key) && !lexicon.cooked_in?(key)
      end

      # The last, and what it is joined to: "30 ml oil + 10 ml vinegar per 100 g leaves".
      def together(items)
        items
          .slice_when do |one, other|
            !@plain.byteslice(one.from...other.from).scrub.match?(/(?:[+&]|\band)\s*\z/i)
          end
          .to_a
          .last
      end
    end
  end
end
