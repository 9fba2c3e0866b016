# frozen_string_literal: true

module Scullion
  module Recipe
    # What only the running text of a recipe says: foods with an amount that no list holds, and what is
    # whisked together.
    class Prose
      include LeftOpen
      include OnlyTold
      include ToldPlaces
      include ToldSentences

      # What is done to a dressing alone.
      SAUCE =
        /\b(?:(?:whisk|emulsi|blitz|whizz)\w*|blend(?!\w|\s+of\b)
           |for\s(?:the|a|my|our|your|its)\s(?:dressing|vinaigrette)(?=\s+(?:I|we|you|use|take|it)\b)
           |\A(?:for|to\smake)\s(?:the|a|your)\s(?:\S+\s)?(?:dressing|vinaigrette)(?=,)
           |(?:the|my|our)\s(?:dressing|vinaigrette)\s(?:is|has|gets|takes)
           |make\s(?:the|a)\s(?:sauce|dressing|vinaigrette)\s(?:with|from|of)
           |beat|shake\s(?:the|it|as|up|well|together)|mash\sgarlic|
            pound(?:ed)?\s(?:the|those|it|garlic|with)|dressing\swants|like\sa\smayonnaise)\b/ix.freeze

      # "That you boiled yesterday, peel and dice them with two apples"
      DONE_BETWEEN = /\b(?:peel|dice|cut|slice|chop|toss|mix|fold|dress|stir\s+in)\b/i.freeze
      LISTED_WITH =
        /\bwith\b(?:(?!\b(?:then|drain\w*|add|toss\w*|stir\w*|until|till|while|when)\b)[^.;])*\z/i.freeze
      STRANGER = /\A(?-i:[[:alpha:]]{4,})\z/.freeze
      # New foods with an amount from which a sentence is a list.
      LIST = 2
      # What a list of the sort does not add by its name alone: water, a dressing that is made here.
      NOT_BESIDE = %w[water bought-].freeze

      # What is whisked stands before what it then goes on.
      BEFORE_IT_GOES =
        /\A.*?(?=\b(?:on|onto|over|through|and\s+(?:put|pour|toss|dress|tip|spoon|stir(?!\s+with)))\b
            |[,;]\s+(?:then\s+|and\s+)?(?:put|pour|toss|dress|tip|spoon|fold)\b)/ix.freeze
      # What boils is no part of it, unless it is made smooth with it.
      SMOOTH = /\b(?:blitz|whizz|blend|pur[ée]|mash|pound)/i.freeze

      STIRRED = /\A\W*(?:\d+[.)]?\s+)?(?:stir|mix|beat|combine)\b(?!\s+(?:in|into|through)\b)[^.;]*/i.freeze
      SALT_THEM =
        /\bsalt\s+(?:them|it|both|each|these|those)\b
          |\bsalt\b.*\b(?:squeeze\s+(?:it|them)|pour\s+off\s+the\s+water)\b/ix.freeze
      # Eggs come hard-boiled.
      BOILED = /\b(?:simmer\w*|(?<!hard[ -]|soft[ -])boil\w*|poach\w*|water|h2o|stock)\b/i.freeze
      JUICED = /\bjuic\w*/i.freeze
      # "A few sage leaves" cook along.
      FEW_LEAVES = 5
      IN_WATER = /\b(?:water|h2o|stock)\b/i.freeze

      # @param lines [Array<Page::Line>] laid out @param items [Items]
      def initialize(lines, items)
        @lines, @items = lines, items
        @in_list = listed(lines).select { |line| line.item&.food? }
        @listed = @in_list.flat_map { |line| line.item.foods }.to_h { |key| [key, true] }
        @alone = @listed.empty?
        @told_amounts = {}
        @heads = listed_heads(lines.filter_map(&:item).select(&:name))
        note_amounts if @alone
        @mostly_told = mostly_told?
      end

      # @return [Array<Page::Line>] and a line for each food that stands in the steps alone; where there is no
      #   list, for those without an amount too
      def lines
        @all = @lines.flat_map { |line| line.kind == "step" ? [line, *said_in(line)] : [line] }
        @all.flat_map { |line| line.item&.food? ? [line, *tell(line)] : [line] }
      end

      private

      # Told as a whole, with a row or two beside it.
      def mostly_told?
        @lines.sum { |line| told_in(line).size } > @listed.size
      end

      # What stands in a row of its own, and not in the midst of what is told; in two columns a row has both.
      def listed(lines)
        told = lines.select { |line| line.kind == "step" }.group_by(&:row)
        columns = lines.each_cons(2).any? { |one, other| other.row < one.row }
        lines.reject do |line|
          told.fetch(line.row, []).any? { |step| !columns || step.text.include?(line.text) }
        end
      end

      # @return [Hash{String=>Array<String>}] what stands in the list by the last word of its name
      def listed_heads(items)
        items.group_by { |item| head(item.name) }.transform_values { |all| all.flat_map(&:foods) }
      end

      def said_in(line)
        sentences(line).flat_map do |sentence|
          words = @items.plain(sentence)
          [*new_in(sentence), *strangers_in(sentence)].map { |item| line_of(item, line, words, sentence) }
        end
      end

      def new_in(sentence)
        items = @items.of(sentence, prose: true)
        fresh = items.select { |item| new?(item, sentence) }
        return fresh if fresh.count(&:amount) < LIST

        items.select { |item| fresh.include?(item) || beside_new?(item) }
      end

      # "Add 200 g kohl": weighed, and nobody here knows it.
      def strangers_in(sentence)
        return [] unless @alone

        @items.of(sentence, prose: true).select { |item| !item.food? && weighed_stranger?(item) }
      end

      def weighed_stranger?(item)
        return false if !%i[g ml].include?(item.amount&.unit) || item.amount.estimated || item.of_dressing?

        known = [@items.lexicon.verbs, @items.lexicon.words("kept").fetch("vessels")]
        strange = item.unknown.select { |word, _, beside| beside && word.match?(STRANGER) }.map(&:first)
        strange.any? { |word| known.none? { |each| each.include?(word.downcase) } }
      end

      # "A big spoon of harissa, juice of 2 lemons, oil, honey": in a list, what is to taste.
      def beside_new?(item)
        new =
          item.food? && item.amount.nil? && item.foods.none? { |key| @listed.key?(key) } &&
            !(@alone && item.foods.intersect?(@amounted)) &&
            NOT_BESIDE.none? { |key| item.foods.first.start_with?(key) } && !listed_head?(item) &&
            !of_the_list?(item)
        item.foods.each { |key| @listed[key] = true } if new
        new
      end

      def talk?(sentence) = @talk.include?(sentence)

      def note_amounts
        all = @lines.flat_map { |line| told_in(line) }
        weighed = all.map { |text| @items.of(text, prose: true).select { |item| item.food? && item.amount } }
        @talk = all.first(weighed.index(&:any?) || 0)
        @amounted = weighed.flatten.flat_map(&:foods)
        @amounted_heads = weighed.flatten.map { |item| head(item.name) }
      end

      def head(name) = Lexicon.singular(Lexicon.fold(name).split.last.to_s)

      def line_of(item, line, words, sentence)
        into = into(item, sentence)
        item.place ||= into if into == "pot"
        Page::Line.new(
          row: line.row,
          text: Page.own_words(words, item),
          kind: "ingredient",
          heading: line.heading,
          item: item,
          into: into
        )
      end

      # Whisked together it is a dressing; what is poured while something cooks is for cooking.
      def into(item, sentence)
        return unless item.food?
        return "salad" if item.foods.first.end_with?("salt") && sentence.match?(SALT_THEM)
        return "dressing" if sauced?(item, sentence) || (item.parts == %w[zest] && sentence.match?(JUICED))
        return "cook" if @items.poured?(item) && in_heat?(sentence) && !afterwards?(sentence, item)

        "pot" if boiled_along?(item, sentence)
      end

      # Whisked; what is not poured only behind the verb: not "boil 5 eggs and beat the yolks".
      def sauced?(item, sentence)
        at = sentence =~ SAUCE or return false
        return false if @items.lexicon.boiled?(item.foods.first) && !sentence.match?(SMOOTH)

        @items.poured?(item) || @items.lexicon.aromatic?(item.foods.first) || item.parts.any? ||
          sentence.downcase.index(item.name.downcase).to_i > at
      end

      # Told of heat, or followed by a sentence that puts what it speaks of there.
      def in_heat?(sentence)
        return true if sentence.match?(COOKING)
        return false unless @alone

        @followed ||= told.each_cons(2).to_h { |(one, _), (other, foods)| [one, (other if foods.empty?)] }
        @followed[sentence].to_s.match?(ROASTED_THEN)
      end

      # "Simmer them with a bay leaf and half an onion": what cooks along, and is not in the list.
      def boiled_along?(item, sentence)
        return false if @items.poured?(item)

        at = sentence =~ BOILED or return false
        named = sentence.downcase.index(item.name.downcase) or return false
        named > at && !sentence[at...named].match?(DONE_BETWEEN) &&
          (
            thrown_out?(sentence, named) || goes_along?(item, sentence) ||
              sentence[at...named].match?(/\bwith\b[^,;]*\z/i) ||
              (one_of_it?(item) && sentence[at...named].match?(LISTED_WITH))
          )
      end

      # "Simmer them with an onion, a carrot and some parsley stalks": one of each, and nothing done to it.
      def one_of_it?(item)
        return false unless item.words.empty? && !@items.lexicon.eaten?(item.foods.first)

        few = item.counted? && item.amount.value <= (herb?(item) ? FEW_LEAVES : 1)
        item.amount.nil? || few
      end

      def herb?(item) = @items.lexicon.family(item.foods.first) == "herb"

      # "Boiled with an onion, a carrot and two bay leaves (all thrown out)"
      def thrown_out?(sentence, named)
        with = sentence.index(LinePlaces::THROWN_OUT)
        !with.nil? && named > with
      end

      def goes_along?(item, sentence)
        lexicon = @items.lexicon
        return false if @alone

        lexicon.seasons?(item.foods.first) || lexicon.cooked_in?(item.foods.first) ||
          ((item.amount.nil? || item.counted?) && sentence.match?(IN_WATER))
      end

      # What part of a fruit it is, and where it goes.
      # @return [Array<Page::Line>] what else there is of it
      def tell(line)
        more = [tell_part(line)].flatten.compact
        tell_state(line.item)
        [line, *more].each { |each| each.told_into(told_into(each)) if open?(each) }
        more
      end

      def open?(line) = line.into.nil? && line.item.place.nil?

      # Is all of it on the tray or in the pan, by the one sentence that speaks of it?
      def fried?(item)
        spoken = mentions(item)
        spoken.any? &&
          spoken.all? { |text| text.match?(COOKING) && !some_of?(text, item) && !afterwards?(text, item) }
      end

      # A part with a name of its own that is whisked: "blitz the salsa verde".
      def part_whisked?(line)
        name = line.heading.to_s.downcase.delete("#*:").strip
        # "Whisk the dressing ingredients": those of the dressing, and not all.
        return false if name.empty? || @items.lexicon.heading("list").include?(name)

        @parts_whisked ||= {}
        @parts_whisked.fetch(name) do
          @parts_whisked[name] = whisked.any? { |text| text.downcase.include?(name) }
        end
      end

      # Is it whisked into a dressing somewhere in the steps?
      def whisked?(item)
        return true if herb?(item) && whisked.any? { |text| text.match?(/\bherbs\b/i) && stirred?(text) }

        whisked_items.any? { |each| each.foods.intersect?(item.foods) && !(each.parts.any? && cut?(item)) } ||
          item.parts.any? { |part| whisked.any? { |text| text.match?(/\b#{part}\b/i) } }
      end

      # Oranges in segments, of which the zest is whisked: those are no dressing.
      def cut?(item) = item.words.key?("cuts") && item.parts.empty?

      # "Blitz the sourdough to crumbs" is no dressing.
      def whisked
        @whisked ||=
          told.map(&:first).select { |text| text.match?(SAUCE) || stirred?(text) }.grep_v(/\bcrumbs?\b/i)
      end

      # "Stir soured cream, horseradish, herbs and lemon juice": what is poured, and what goes into that.
      def stirred?(text)
        return false unless text.match?(STIRRED)

        foods = @items.of(text[STIRRED], prose: true).select(&:food?)
        poured, others = foods.partition { |item| @items.poured?(item) || item.parts.any? }
        poured.size > 1 &&
          others.all? { |item| !@items.lexicon.eaten?(item.foods.first) && goes_into_it?(item) }
      end

      def goes_into_it?(item)
        @items.lexicon.seasons?(item.foods.first) || @items.lexicon.aromatic?(item.foods.first)
      end

      def whisked_items
        @whisked_items ||=
          whisked.flat_map do |text|
            said = text[BEFORE_IT_GOES] || text
            @items.of(said, prose: true).select { |item| item.food? && sauced?(item, said) }
          end
      end
    end
  end
end
