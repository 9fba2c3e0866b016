# frozen_string_literal: true

module Scullion
  module Recipe
    # What a whole line says of fruit: how many of them for their juice, their zest or their seeds. For
    # WholeLine, which it is a part of.
    module FruitParts
      # What a fruit is cut into that is eaten, and not its zest alone.
      FLESH = %w[segmented wedges sliced sliced-thick diced diced-large].freeze

      FRUIT_LABEL = /\A\W*\d+\s+(?-i:[[:alpha:]]+):\s/.freeze
      JUICE_OF = /\bjuice\s*\((?:from\s+|of\s+|about\s+)?\z/i.freeze

      private

      # "2 pomegranates (300 g seeds)": so much of them is eaten.
      def seeds_alone(items)
        items.each_cons(2) do |whole, seeds|
          next unless whole.food? && whole.counted? && seeds.amount&.unit == :g
          next unless seeds.foods.first.to_s.start_with?("#{whole.foods.first}-")

          items.delete(whole) unless @plain.byteslice(whole.from...seeds.from).to_s.match?(/\+|\band\b|&/)
        end
      end

      # "A squeeze of lime", "lemon, a squeeze"
      def squeezed?(item)
        return false unless item.food? && item.amount && item.parts.empty?
        return true if juice_ahead?(item)
        return false unless lexicon.squeezed?(item.foods.first)
        return true if item.counted? && item.words.empty? && @plain.match?(/\bsqueezed\b/i)

        @tokens.any? { |token| token.value.equal?(item.amount) && token.text.match?(/squeeze/i) }
      end

      # "4 oranges: zest 1, juice 2, segment 2": what becomes of all of them, and no more of them.
      def shared_fruit(items)
        whole, *parts = items
        return unless whole&.counted? && parts.size > 1 && @plain.match?(FRUIT_LABEL)
        return unless parts.all? { |item| item.foods == whole.foods }

        whole.flags << :contradicts
      end

      # "Raisins soaked in orange juice (1 orange)"
      def juice_ahead?(item)
        item.counted? && lexicon.fruit?(item.foods.first) &&
          @plain.byteslice(0...item.from).to_s.scrub.match?(JUICE_OF)
      end

      # "4 lemons for the dressing"
      def for_dressing?(item) = item.place == "dressing" && lexicon.juiced?(item)

      # "Lemon juice, 3 lemons", "orange zest, 2 oranges": a part of the fruit that is counted.
      def of_fruit(items)
        named, fruit = items
        return items unless items.size == 2 && named.food? && named.amount.nil? && fruit.counted?

        part = fruit.foods == named.foods ? named.parts.first : ("juice" if juice_of?(named, fruit))
        return items unless part && fruit.parts.empty? && fruit.words.empty?

        [fruit.tap { fruit.parts << part }]
      end

      def juice_of?(named, fruit) = fruit.foods.any? { |key| named.foods.include?("#{key}-juice") }

      # "Lemon juice (3 lemons)", "pomegranate: seeds of 5": so many fruit; "6 halves of lemon" are three.
      def fruit_of(item)
        whole = item.foods.first.to_s[/\A(.+)-seeds\z/, 1]
        item.foods = [whole] if whole && seeds_of?(item, whole)
        fruit = item.foods.first.to_s[/\A(.+)-juice\z/, 1]
        item.foods, item.parts = [fruit], ["juice"] if fruit && item.piece.nil? && lexicon.fruit?(fruit)
        return unless item.piece == "half" && lexicon.one_known?(item.foods.first)

        item.amount, item.piece = item.amount.times(0.5), "each"
      end

      # Not "pomegranate seeds 8", which are weighed.
      def seeds_of?(item, whole)
        item.size.nil? && lexicon.fruit?(whole) && !@plain.match?(/\b#{whole}\s+seeds/i)
      end

      # "10 oranges, zest of 3, all segmented": those three are among the ten, which are cut.
      def zest_of_some(items)
        items.each_cons(2) do |all, some|
          next unless some.parts == ["zest"] && all.parts.empty? && all.foods == some.foods
          next unless [all, some].all?(&:counted?) && some.amount.value <= all.amount.value

          all.words = some.words.slice("cuts").merge(all.words)
          some.words = some.words.except("cuts")
        end
      end

      # The zest and the juice of a fruit are two foods; so are its zest and the fruit itself, cut up.
      def both_parts(item)
        if item.parts == ["zest"] && FLESH.include?(item.words["cuts"])
          return item.dup.tap { |fruit| fruit.parts = [] }, item.dup.tap { |zest| zest.words = {} }
        end
        # "2 oranges in segments, their juice squeezed out after", not "200 ml juice from the segments".
        if item.parts == ["juice"] && item.amount&.unit != :ml && FLESH.first(1).include?(item.words["cuts"])
          item.parts.clear
        end
        return [item] unless item.parts.uniq.size == 2

        %w[juice zest].map do |part|
          item.dup.tap do |each|
            each.parts = [part]
            each.amount = each.amount&.times(share_of(part))
            zest_of_all(each) if part == "zest"
          end
        end
      end

      # "Zest and juice of 2 limes (60 ml)": so much is the juice, and the zest is of as many as there are.
      def zest_of_all(item)
        item.size = nil if item.size&.unit == :ml
        return unless item.amount&.unit == :ml

        item.amount = @tokens.find { |token| token.kind == :amount && token.value.unit == :piece }&.value
      end

      # "All the zest, half the juice"
      def share_of(part)
        said = @plain[/\b(#{Shares::ANY})\s+(?:of\s+)?(?:the\s+|its\s+)?#{part}\b/i, 1]
        said ? Shares::WORDS.fetch(said.downcase).to_f : 1
      end
    end
  end
end
