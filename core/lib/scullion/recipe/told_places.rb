# frozen_string_literal: true

module Scullion
  module Recipe
    # Where the steps put a food of the list: in the dressing, on the tray, on top. For Prose, which it is a
    # part of.
    module ToldPlaces
      include ToldOnTop

      COOKING =
        /\b(?:oven|roast\w*|bak(?:e|ed|ing)|fry|fried|frying|pan|skillet|griddle\w*|grill\w*
           |deglaz\w*|char(?:s|red|ring)?|sear(?:s|ed|ing)?|blister\w*|tray|foil|gas\s\d
           |\d{3}\s?°?\s?[CF])\b/ix.freeze
      DISCARDED =
        /\bwith\b(?<with>[^.;]*?)
          \b(?:discard|fish(?:ing)?\s+out|take\s+out|bin|throw\s+away|remove|lose)\b(?<what>.*)/ix.freeze
      ALL_OF_IT = /\b(?:both|them|all|these|aromatics)\b/i.freeze
      FOR_FOOD = /\Afor\s+(?:the\s+)?(?<what>(?-i:[[:alpha:]][[:alpha:] ]{2,30}))\W*\z/i.freeze
      POURED_OVER = /\b(?:pour|ladle|tip|spoon)\w*\b[^.;]*\b(?:over|onto|on)\b/i.freeze
      # "Spread the labneh over a platter": under the salad, and in no dressing.
      SPREAD =
        /\b(?:spread|smear|swoosh|swipe)\b(?<what>[^.;,]{2,40}?)
          \b(?:over|on|onto|across|in)\b[^.;,]{0,24}\b(?:platters?|plates?|dish|bowls?|board)\b/ix.freeze
      # What is drunk up by what it is poured over.
      DRUNK = /\b(?:cover(?:ed|ing)?\b(?!\s+the\s+plat)|absorb|fluff|fork\s+(?:up|through)|swell)/i.freeze
      BOILING = /\b(?:simmer|boil|poach|cook|absorb)\w*/i.freeze

      # "Roast until dark, toss with rocket and lemon juice": that is on no tray.
      AFTERWARDS =
        /[,;]\s+(?:and\s+|then\s+)*(?:toss|dress|mix|fold|finish|serve|scatter)\b
          (?![^.;]*\b(?:roast|bake|fry)\b)/ix.freeze
      # "Toss with oil and cumin. Roast at 210": the next sentence puts what is tossed in the oven.
      COATED = /\b(?:toss|coat|rub|drizzl|brush|tumbl|turn|mix|put|spread|lay)\w*\b/i.freeze
      ROASTED_THEN = /\A\W*(?:(?:then|and)\s+)?(?:roast|bake|grill|griddle|fry|char)\b/i.freeze
      SERVED_WITH =
        "\\b(?:serve[sd]?|eat)\\b[^.;,]{0,16}\\b(?:with|alongside)\\s+" \
          "(?:(?:the|some|warm|toasted|crusty|grilled)\\s+)*".freeze
      # "Deglaze with the wine"
      DEGLAZED = /\bdeglaz\w*\b[^.;,]*?\bwith\b(?<what>[^.;,]*)/i.freeze

      private

      # Where the steps say that it goes. @return [String, nil]
      def told_into(line)
        return "salad" if spread_under?(line)
        return "table" if bread_aside?(line.item) || wedges_aside?(line.item)
        if (whisked?(line.item) && !other_whisked?(line)) || part_whisked?(line) || zest_beside_juice?(line)
          return "dressing"
        end

        return "pot" if discarded?(line.item)
        return "cook" if deglazed?(line.item)
        return "cook" if on_tray_alone?(line.item) || with_what_is_roasted?(line)
        return "cook" if marinates?(line) || with_its_part?(line)
        return "dressing" if poured_over?(line.item)
        return "cook" if cooked_on?(line)
        return "salad" if above_dressing?(line)

        "top" if goes_on_top?(line.item)
      end

      # "1 lemon: half juiced, half in wedges … serve with the wedges".
      def wedges_aside?(item)
        item.words["cuts"] == "wedges" && @items.lexicon.squeezed?(item.foods.first) &&
          told.any? do |text, _|
            text.match?(/\bserve[sd]?\b[^.;]*\bwedges\b|\bwedges\b[^.;]*\bto\s+serve\b/i)
          end
      end

      # "Warm flatbreads on the side", "serve with the sourdough".
      def bread_aside?(item)
        return false unless @items.lexicon.bread?(item.foods.first)

        name = Regexp.escape(head(item.name))
        mentions(item).any? do |text|
          text.match?(/#{name}\w*\b[^.;,]{0,16}\bon\s+the\s+side\b|#{SERVED_WITH}#{name}/i)
        end
      end

      # "Blitz a handful of coriander", and further on "fold through 30 g coriander": that one is not.
      def other_whisked?(line)
        return false if @items.poured?(line.item) || line.item.parts.any?

        @all.any? do |other|
          !other.equal?(line) && other.into == "dressing" && other.item&.foods == line.item.foods
        end
      end

      # "Half of the oil", and not "oil and half the salt".
      def some_of?(text, item)
        text.match?(/#{SOME_OF_IT}[^,;.]{0,16}\b#{Regexp.escape(head(item.name))}/i)
      end

      def with_its_heat(text, following, foods)
        foods.empty? && text.match?(COATED) && following.match?(ROASTED_THEN) ? "#{text} #{following}" : text
      end

      # Said behind what is done once it is cooked?
      def afterwards?(text, item)
        before = text.downcase.partition(Lexicon.fold(item.name).split.last.to_s).first
        before.match?(COOKING) && before.match?(AFTERWARDS)
      end

      def spread_under?(line)
        return false if line.into == "dressing"

        @spread ||=
          told.filter_map { |text, _| text[SPREAD, :what] }.flat_map { |what| @items.of(what, prose: true) }
        @spread.any? { |item| item.foods.intersect?(line.item.foods) }
      end

      # Wine and stock; vinegar dresses what it is fried with.
      def deglazed?(item)
        return false unless @items.lexicon.family(item.foods.first) == "liquid"

        @deglazed ||= told.filter_map { |text, _| text[DEGLAZED, :what] }
        @deglazed.any? { |what| what.match?(/\b#{Regexp.escape(head(item.name))}\b/i) }
      end

      # Oil, honey and spice of which nothing else is told.
      def on_tray_alone?(item)
        fat = @items.poured?(item) || @items.lexicon.fat?(item.foods.first)
        if fat && !@items.lexicon.spice?(item.foods.first)
          return fried?(item) && (!other_on_tray?(item) || said_again?(item)) && meant_of_several?(item)
        end
        return false unless @items.lexicon.spice?(item.foods.first)

        said = mentions(item).any? ? mentions(item) : by_first_word(item)
        said.any? && said.all? { |text| text.match?(COOKING) && !some_of?(text, item) }
      end

      # "Marinate the chicken 2 hrs in yoghurt, curry paste", of what is cooked then.
      def marinates?(line)
        return false unless @items.poured?(line.item) || @items.lexicon.aromatic?(line.item.foods.first)

        @marinades ||=
          [["", []], *told].each_cons(2)
            .select do |before, (text, foods)|
              text.match?(OnTheTray::MARINATED) && (before.last + foods).any? { |key| raw?(key) }
            end
            .flat_map do |_, (text, _)|
              @items.of(text[OnTheTray::MARINATED, :what], prose: true).flat_map(&:foods)
            end
        @marinades.intersect?(line.item.foods)
      end

      def raw?(key) = OnTheTray::RAW.include?(@items.lexicon.family(key))

      # Oil and spice below "Veg" with what is roasted.
      def with_its_part?(line)
        return false if line.heading.nil? || line.into || !on_tray?(line.item) || line.item.place
        return false if tender?(line.item.foods.first)

        part = @lines.select { |other| other.heading == line.heading && other.item&.food? }
        part.any? { |other| @items.lexicon.roasted?(other.item.foods.first) && heated?(other.item) } &&
          part.none? { |other| @items.lexicon.acid?(other.item.foods.first) || other.item.parts.any? }
      end

      # "Parsley 60, mint 30" in a part that is roasted go in raw; thyme does not.
      def tender?(key)
        @items.lexicon.family(key) == "herb" && !@items.lexicon.words("kept").fetch("hardy").include?(key)
      end

      def heated?(item)
        item.words["cooks"] == "roast" || mentions(item).any? { |text| text.match?(COOKING) } ||
          told
            .each_cons(2)
            .any? { |(one, _), (_, foods)| one.match?(COOKING) && foods.intersect?(item.foods) }
      end

      # "Ras el hanout, with the cauliflower", which is roasted.
      def with_what_is_roasted?(line)
        return false unless @items.poured?(line.item) || @items.lexicon.spice?(line.item.foods.first)

        named = line.text[/\bwith\s+the\s+((?-i:[[:alpha:]]+))/i, 1] or return false
        keys = @items.of(named).flat_map(&:foods)
        listed = @lines.filter_map(&:item).select { |item| item.foods.intersect?(keys) }
        listed.any? { |item| item.words["cooks"] == "roast" }
      end

      # "Olive oil (roasting) 1 cup" beside another of 1½ cups: that one is not.
      def other_on_tray?(item)
        @lines
          .filter_map(&:item)
          .any? { |other| !other.equal?(item) && other.place == "cook" && other.foods.intersect?(item.foods) }
      end

      # "With the tablespoon of oil", where another line has 3 tbsp.
      def said_again?(item)
        mentions(item)
          .flat_map { |text| @items.of(text, prose: true) }
          .any? { |each| each.foods == item.foods && each.amount && each.amount.value == item.amount&.value }
      end

      # Of two lines of oil the one whose amount the step says again: "tossed in the 2 tbsp oil".
      def meant_of_several?(item)
        amounts =
          @lines
            .filter_map(&:item)
            .select { |other| other.foods == item.foods }
            .map { |other| other.amount&.value }
        said = mentions(item).flat_map { |text| @items.of(text, prose: true) }
        told =
          said.select { |each| each.foods == item.foods }.filter_map { |each| each.amount&.value } & amounts
        amounts.size < 2 || told.empty? || told.include?(item.amount&.value)
      end

      # "The cumin" of cumin seeds.
      def by_first_word(item)
        words = Lexicon.fold(item.name).split.values_at(0, -1).uniq
        said =
          words.map do |word|
            word.length < Lexicon::SHORTEST ? [] : told.map(&:first).grep(/\b#{Regexp.escape(word)}\b/i)
          end
        said.find(&:any?) || []
      end

      # "Cook the lentils with bay and onion, drain, discard both": what they are cooked with.
      def discarded?(item)
        mentions(item).any? do |text|
          found = text.match(DISCARDED) or next
          own = Lexicon.singulars(item.name)
          Lexicon.singulars(found[:with]).intersect?(own) &&
            (found[:what].match?(ALL_OF_IT) || Lexicon.singulars(found[:what]).intersect?(own))
        end
      end

      # "For the carrots: carrots, oil, cumin", where the carrots are roasted: what is with them on the tray.
      def cooked_on?(line)
        named = line.heading && line.heading[FOR_FOOD, :what] or return false
        return false unless on_tray?(line.item)

        headed = @items.of(named).flat_map(&:foods)
        headed.any? { |key| spoken.fetch(key, []).any? { |text| text.match?(COOKING) } }
      end

      def on_tray?(item)
        lexicon = @items.lexicon
        oil?(item) || lexicon.seasons?(item.foods.first) || lexicon.sweet?(item.foods.first)
      end

      # Stock that is poured over what it dresses, and boils nothing.
      def poured_over?(item)
        return false unless @items.lexicon.cooked_in?(item.foods.first)

        poured, others =
          told.map(&:first).grep(/\b(?:stock|broth)\b/i).partition { |text| text.match?(POURED_OVER) }
        poured.any? && others.none? { |text| text.match?(BOILING) } &&
          poured.none? { |text| text.match?(DRUNK) }
      end

      # "½ lemon, zest and juice"
      def zest_beside_juice?(line)
        line.item.parts == %w[zest] &&
          beside(line).any? do |other|
            other.item.parts == %w[juice] || other.item.name.to_s.match?(Items::JUICE)
          end
      end

      # Weighed above the heading of a dressing that has a list of its own: it is not for that.
      def above_dressing?(line)
        item = line.item
        return false unless item.amount && (@items.poured?(item) || item.parts.include?("juice"))
        return false if @items.lexicon.cooked_in?(item.foods.first)

        @dressing_at ||=
          @lines.index { |each| each.item&.food? && each.into == "dressing" && each.heading } || 0
        places.fetch(line, 0) < @dressing_at
      end

      # Where each line stands. @return [Hash{Page::Line=>Integer}]
      def places
        @places ||= {}.compare_by_identity.tap { |all| @lines.each_with_index { |line, at| all[line] = at } }
      end
    end
  end
end
