# frozen_string_literal: true

module Scullion
  module Recipe
    # What a whole line says is done to its foods: cooked as its label has it, toasted, salted, or not cooked
    # at all. For WholeLine, which it is a part of.
    module DoneInLine
      NOT_COOKED = /\b(?:not|never|no\s+need\s+to|don't|do\s+not|without)\s+(?:be\s+)?(?:boil|cook)/i.freeze
      SALTED =
        /[,;(]\s*(?:lightly\s+|well\s+)?salted\b[^.;()]*?
          (?:\b(?:squeez|drain|wrung|wring|press|rins)|\d\s*(?:min|h))/ix.freeze
      SOAKED = /\b(?:soaked|moistened|bathed|dampened|wetted)\b/i.freeze
      CUT_LATER = /\b(?:cut|carved?|chop|slice)\b/i.freeze
      CROUTONS = /(?:\b(?:for|as|into|make|to)|→|->|=)\s*(?:the\s+)?croutons?\b|\bcroutons?\s*:/i.freeze
      RUBBED = /\A\W*(?:toss|coat|rub|baste|glaze|brush)(?:\s+(?:with|in))?\s*:\s/i.freeze
      COOKED_HERE = /\bcooked\s+(?:#{Naming::HOW.join("|")})\b/i.freeze
      IN_OVEN = Regexp.union(Bound::IN_OVEN, /\b(?:foil|gas\s\d)\b/i).freeze
      # "Peaches, each in 8"
      IN_SO_MANY = /\b(?:each|cut|them)\s+in(?:to)?\s+(?:4|6|8|10|12)(?:ths)?\b/i.freeze
      # What an order stands behind; what is said of it then.
      ENDED = %i[mark amount].freeze
      HOW_HOT = %w[hot hard till until at in on over under to well].freeze
      LEFT = %w[left kept leave keep stay stays boiled].freeze

      private

      # "Roast veg: courgettes 5 kg, peppers 4 kg": all of them.
      def cooked_as_labelled(items)
        return unless @plain.match?(Kinds::LABELLED)

        label = @tokens.take_while { |token| !token.text.match?(/\A[:=]\z/) }
        cook = label.filter_map { |token| token.value["cooks"] if token.kind == :word }.first or return
        items.each { |item| item.words["cooks"] ||= cook unless lexicon.poured?(item.foods.first) }
      end

      # "Courgettes 3 kg, half moons, grill", "→ blanch 2 min": what is to be done stands behind it as an
      # order. What is boiled anyway is not asked about its water.
      def cooked_as_ordered(items)
        @tokens.each_with_index do |token, index|
          next unless order?(index)

          food = items.reverse.find { |item| item.food? && item.from < token.at } or next
          key = food.foods.first
          next if seasoning?(key) || lexicon.poured?(key) || lexicon.boiled?(key)

          way = lexicon.cooked_so(key, token.folded.join(" "))
          food.words["cooks"] ||= way if way
          food.left ||= token.text if way.nil? || way != food.words["cooks"]
        end
      end

      # "Beetroot, cooked whole in foil at 180 C": here, and it is not weighed cooked.
      def cooked_here(items)
        return unless @plain.match?(COOKED_HERE)

        items
          .select { |item| item.words["states"] == "cooked" }
          .each do |item|
            item.words = item.words.except("states")
            roast = lexicon.cooked_so(item.foods.first, "roasted") if @plain.match?(IN_OVEN)
            item.words["cooks"] ||= roast if roast
          end
      end

      # A mark, how much, or how it is cut: "almonds slivered tst".
      def ends_before?(token)
        ENDED.include?(token.kind) || (token.kind == :word && token.value.keys.intersect?(%w[cuts trims]))
      end

      def order?(index)
        token, after = @tokens[index], @tokens[index + 1]
        return false unless token.kind == :word && index.positive? && ends_before?(@tokens[index - 1])
        return false unless lexicon.words("kept").fetch("orders").include?(token.folded.join(" "))

        case after&.kind
        when :food
          false
        when :word
          HOW_HOT.include?(after.word) || Around.joins?(after)
        else
          true
        end
      end

      # "Toss: oil 60 g, honey 30 g, cumin 4 g": what is roasted is tossed in it.
      def rubbed_in(items)
        return unless @plain.match?(RUBBED)

        foods = items.select(&:food?)
        rubbed = foods.all? { |item| seasoning?(item.foods.first) || lexicon.sweet?(item.foods.first) }
        foods.each { |item| item.place ||= "cook" } if rubbed
      end

      def bread(items)
        toasted_by_the_slice(items)
        into_croutons(items)
      end

      # "Sourdough toast, one each"
      def toasted_by_the_slice(items)
        return unless @plain.match?(/\btoasts?\b/i)

        items.each do |item|
          item.piece ||= "slice" if item.counted? && lexicon.piece_known?(item.foods.first, "slice")
        end
      end

      # "2 slices of bread for croutons", "bread 500 g → croutons", "sourdough croutons: 1 loaf, 3 tbsp oil"
      def into_croutons(items)
        return unless @plain.match?(CROUTONS)

        breads = items.select { |item| item.food? && lexicon.bread?(item.foods.first) }
        breads.first.words["cooks"] ||= "crisp" if breads.one?
      end

      # "Frozen peas, defrosted not cooked"
      def not_cooked(items)
        return unless @plain.match?(NOT_COOKED) && items.one?(&:food?)

        items.each { |item| item.flags |= [:stays_raw] }
      end

      # "Stale baguette, soaked in milk, squeezed"
      def soaked_bread(items)
        return unless @plain.match?(SOAKED)

        items
          .select { |item| item.food? && lexicon.bread?(item.foods.first) && item.words["cooks"].nil? }
          .each do |item|
            item.words["treats"] ||= "moisten"
            item.flags |= [:stays_raw]
          end
      end

      # "New potatoes, boiled, left whole", "carrots roasted whole"; not "a whole carrot" or "whole milk".
      def left_whole(items)
        return if @plain.match?(CUT_LATER)

        at = @tokens.index.with_index { |token, index| token.folded == ["whole"] && left_so?(index) } or
          return
        item = items.reverse.find { |each| each.food? && each.from <= @tokens[at].at } or return
        item.words["cuts"] ||= WrittenWay::WHOLE unless lexicon.poured?(item.foods.first)
      end

      def left_so?(index)
        before, after = index.zero? ? nil : @tokens[index - 1], @tokens[index + 1]
        return false unless before && (after.nil? || after.kind == :mark || Around.towards?(after))

        before.kind == :mark || LEFT.include?(Around.word(before)) ||
          (before.kind == :word && before.value.key?("cooks"))
      end

      def in_so_many(items)
        food = items.find(&:food?) if items.one?(&:food?)
        food.words["cuts"] ||= "wedges" if food && @plain.match?(IN_SO_MANY)
      end

      # "Turnips, salted, squeezed", "cucumbers, salted 30 min"; not "salted butter".
      def salted(items)
        said = @plain[SALTED] or return
        food = items.find(&:food?) if items.one?(&:food?)
        return unless food && !lexicon.poured?(food.foods.first)

        food.words["treats"] ||= said.match?(/\brins/i) ? "salt-and-rinse" : "salt-and-drain"
      end
    end
  end
end
