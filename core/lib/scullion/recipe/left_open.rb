# frozen_string_literal: true

module Scullion
  module Recipe
    # What a line leaves open and the steps, or what stands beside it, settle: the part of a fruit that is
    # meant, and whether a pulse is dry. For Prose, which it is a part of.
    module LeftOpen
      BOILED_DRY = /\b(?:simmer|boil|soak)\w*|\bcook\w*\b[^.;]*?\d\s*(?:min|h(?![[:alpha:]])|hour)/i.freeze
      ALL_OF_THEM = "(?:all|both|them|the\\s+(?:lot|rest|others?|whole))\\b".freeze

      # "Zest of 2 lemons and juice of 3."
      SO_MANY_OF_THEM = "(?:\\d|#{Amount::Words::BELOW_HUNDRED})\\s*(?:[.,;]|\\z)".freeze

      CUT_FRUIT = /\b(?:slic|segment|cut|peel|wedge|round)\w*/i.freeze
      JUICE_OTHERS =
        /\b(?:juice|squeeze)\s+(?:the\s+)?
          (?:third|fourth|fifth|sixth|other|last|remaining|rest|remainder)\b/ix.freeze

      private

      # "2 limes" that the steps squeeze, or zest.
      # @return [Page::Line, Array<Page::Line>, nil] what else there is of it: its zest, what is handed round
      def tell_part(line)
        item = line.item
        return others_juiced(line) if sliced_fruit?(item)
        return unless whole_fruit?(item)

        said = mentions(item).join(" ")
        return zested(line, said) if said.match?(/\bzest/i)

        item.parts << "juice" if said.match?(/\b(?:juice|squeeze)/i) || poured_with?(line)
        halved(line, said) if item.parts == %w[juice]
      end

      # "Slice 2 of the oranges. Juice the third.": so many of them are eaten, and the others squeezed.
      # @return [Page::Line, nil] the juice
      def others_juiced(line)
        texts, name = told.map(&:first), Regexp.escape(head(line.item.name))
        some = /\b(?<many>\d|#{Amount::Words::UNITS})\s+of\s+(?:the\s+|your\s+)?#{name}/i
        at = texts.index { |text| text.match?(some) && text.match?(CUT_FRUIT) } or return
        return unless texts[at, 3].join(" ").match?(JUICE_OTHERS)

        many =
          texts[at][some, :many].then do |said|
            said.match?(/\d/) ? said.to_f : Amount::Words.spelled(said).to_f
          end
        whole = line.item.amount
        return unless many < whole.value

        line.item.amount = whole.times(many / whole.value)
        line.dup.tap do |juice|
          juice.item = line.item.dup
          juice.item.parts, juice.item.amount = %w[juice], whole.times(1 - (many / whole.value))
        end
      end

      def sliced_fruit?(item)
        item.counted? && item.amount.value > 1 && item.parts.empty? && item.place.nil? &&
          @items.lexicon.juiced?(item) && !whole_fruit?(item)
      end

      # "The juice of half the lemon … the rest of it in wedges", "the juice of 2 limes" of three: what is
      # left of it is handed round, where the steps say so.
      # @return [Page::Line, nil] what is left of it
      def halved(line, said)
        item, whole = line.item, line.item.amount
        squeezed = so_many_squeezed(item, said) or return
        name = Regexp.escape(head(item.name))
        in_wedges = said.match?(/#{name}\w*[^.;]{0,24}\bwedge|\bwedges?\s[^.;]{0,12}#{name}/i)
        return if squeezed >= whole.value || (!in_wedges && used_too?(name, said))

        item.amount = whole.times(squeezed / whole.value)
        unless in_wedges
          item.flags << :some_left
          return
        end

        line.dup.tap do |rest|
          rest.item = item.dup
          rest.item.parts, rest.item.place = [], "table"
          rest.item.amount = whole.times(1 - (squeezed / whole.value))
        end
      end

      # @return [Float, nil]
      def so_many_squeezed(item, said)
        found =
          said.match(
            /\b(?:juice\s+of|squeeze)\s+(?<many>\d|half|#{Amount::Words::BELOW_HUNDRED})
              (?:\s+(?:of\s+)?(?<one>an?\s+|the\s+)?#{Regexp.escape(head(item.name))}|\s*(?:[.,;]|\z))/ix
          ) or return
        half = found[:many].casecmp?("half")
        return item.amount.value / 2 if half && found[:one].to_s.match?(/the/i)

        return 0.5 if half

        found[:many].match?(/\d/) ? found[:many].to_f : Amount::Words.spelled(found[:many]).to_f
      end

      def used_too?(name, said) = said.match?(/\b(?:rest|other|remaining|another)\b[^.;]{0,24}#{name}/i)

      # "Zest of 4 lemons and the juice of all", "zest one lime and juice all three": of what is zested the
      # juice is there too.
      def zested(line, said)
        item = line.item
        name = Regexp.escape(head(item.name))
        squeezed =
          /\b(?:juic|squeez)\w*\s+(?:\S+\s+){0,3}?#{name}|\b#{name}\w*\s+juice|\b(?:its|their)\s+juice
            |\b(?:juice\s+(?:of\s+)?|squeeze\s+)(?:#{ALL_OF_THEM}|#{SO_MANY_OF_THEM})/ix
        item.parts << (said.match?(squeezed) ? "juice" : "zest")
        return if item.parts != %w[juice]

        zest = zest_of(line, said) unless zest_listed?(item)
        [zest, halved(line, said)].compact
      end

      # So many of them, where that is said.
      def zest_of(line, said)
        many = said[/\bzest\s+of\s+(\d)\s+(?:of\s+the\s+)?#{Regexp.escape(head(line.item.name))}/i, 1].to_i
        line.dup.tap do |other|
          other.item = line.item.dup.tap { |zest| zest.parts = %w[zest] }
          whole = other.item.amount
          other.item.amount = whole.times(many / whole.value) if many.positive? && many < whole.value
        end
      end

      def zest_listed?(item)
        @zests ||= @all.select { |line| line.item&.parts == %w[zest] }.flat_map { |line| line.item.foods }
        item.foods.intersect?(@zests)
      end

      # "Tahini 4 tbsp, lemon 1, garlic 1"
      def poured_with?(line)
        beside(line).any? { |other| other.item.food? && other.item.amount && @items.poured?(other.item) }
      end

      # Lentils that the steps simmer are dry.
      def tell_state(item)
        return if item.foods.size < 2 || item.words.key?("states") || item.container
        return unless item.foods.any? { |key| key.start_with?("dry-") }

        timed = /\b#{Regexp.escape(head(item.name))}s?\s+(?:for\s+)?\d{1,3}\s*(?:min|h\b|hr|hour)/i
        dry =
          by_name(item).any? do |text|
            text.match?(BOILED_DRY) || (text.match?(timed) && !text.match?(ToldPlaces::COOKING))
          end
        item.words["states"] = "dry" if dry
      end

      # Sentences with it, or with the last word of its name: "the lentils" of small dark lentils.
      def by_name(item)
        word = head(item.name)
        named = word.length < Lexicon::SHORTEST ? [] : told.map(&:first).grep(/\b#{Regexp.escape(word)}s?\b/i)
        mentions(item) | named
      end

      def whole_fruit?(item)
        return false unless item.counted? && item.parts.empty? && item.words.empty? && item.place.nil?

        @items.lexicon.squeezed?(item.foods.first) || only_squeezed?(item)
      end

      # "Zest half the orange and squeeze the juice of all of it": nothing else is done to it.
      def only_squeezed?(item)
        return false unless @items.lexicon.juiced?(item)

        said = mentions(item).join(" ")
        said.match?(/\b(?:squeeze|juice\s+of|juice\s+the)\b/i) &&
          !said.match?(/\b(?:segment|slic|wedge|cut|chop|peel|dice|pith|round)/i)
      end

      # What else stands on its row. @return [Array<Page::Line>]
      def beside(line)
        @rows ||= @lines.select(&:item).group_by(&:row)
        @rows.fetch(line.row, []).reject { |other| other.equal?(line) }
      end
    end
  end
end
