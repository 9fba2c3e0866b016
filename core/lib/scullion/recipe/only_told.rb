# frozen_string_literal: true

module Scullion
  module Recipe
    # Is a food of a sentence one that no list has, or only spoken of again? For Prose, which it is a part of.
    module OnlyTold
      # What is not to be taken.
      NOT =
        /\A\W*(?:no|not|never(?!\s+forget)|don't(?!\s+forget)|you\ can't|next\ time)\b
         |\bcan't\ use\b|\binstead\ of\b/ix.freeze
      # "Dress all three beans": what is listed.
      ALL_OF_THEM = "\\b(?:all|both)\\s+(?:(?:of\\s+)?the\\s+)?(?:two|three|four|five|\\d)?\\s*".freeze
      MORE = /\b(?:further|extra|another|more)\b/i.freeze
      SPOKEN = "\\b(?:#{Amount::Words::NUMBERS.keys.grep_v(/\Aan?\z/).join("|")})".freeze
      DISHES = /\b(?:salad|slaw|soup|bowl|sandwich|one|thing|dish)\b/i.freeze
      OF_IT = "\\b(?:the|that|this|its|your|remaining|rest of)".freeze

      private

      def new?(item, sentence)
        return false if !item.food? || sentence.match?(NOT) || of_a_dish?(item, sentence)
        return false if (item.from.to_i.zero? && sentence.match?(Kinds::SHARED)) || part_of_list?(item)
        return false if all_of_them?(item, sentence)
        return false if share_of_it?(item) || rest_of_it?(item, sentence) || share_of_listed?(item, sentence)
        return true if item.amount && (another?(item, sentence) || (@alone && more?(item, sentence)))
        return true if zest_of_the_same?(item, sentence) || told_again?(item, sentence)
        return true if weighed_above?(item, sentence)
        if item.foods.any? { |key| @listed.key?(key) } || listed_head?(item) || of_the_list?(item)
          return false
        end
        return false unless @alone || set_apart?(item) || weighed?(item) || counted?(item, sentence)
        return false if @alone && item.amount.nil? && !first_said?(item, sentence)

        (@heads[head(item.name)] ||= []).concat(item.foods)
        @told_amounts[item.foods] = [item.amount].compact
        item.foods.each { |key| @listed[key] = true }
      end

      # "Marinate in 300 ml fish sauce", above a list that has some too: that is not meant yet.
      def weighed_above?(item, sentence)
        if @alone || !%i[g ml].include?(item.amount&.unit) || !sentence.match?(OnTheTray::MARINATED)
          return false
        end

        @above ||= @lines.take_while { |line| !@in_list.include?(line) }.flat_map { |line| told_in(line) }
        @above.include?(sentence) && !sentence.match?(/#{OF_IT}\s+(?:\S+\s+)?#{Regexp.escape(item.name)}/i)
      end

      def all_of_them?(item, sentence)
        sentence.match?(/\b(?:all|both)\b/i) &&
          sentence.match?(/#{ALL_OF_THEM}#{Regexp.escape(item.name)}\b/i)
      end

      # "Dukkah 1 tbsp" on the plate, of the dukkah that is listed below its own heading.
      def part_of_list?(item)
        @parts ||=
          @lines
            .select { |line| line.kind == "heading" }
            .to_set { |line| Lexicon.fold(line.text.delete("#*:")) }
        @parts.include?(Lexicon.fold(item.name))
      end

      # By what it comes in, or as something that it is cooked in and somebody may not eat.
      def set_apart?(item) = item.piece || item.container || item.said?(:cooked_in)

      # "400 ml oil" for the tray in one step, "900 ml oil" to dress with in another, in no list: both. Less
      # than before may be out of that, and is asked about; "450 ml of the oil" is not out of a glug.
      def told_again?(item, sentence)
        before = @told_amounts[item.foods] or return false
        return false unless another_of_it?(item, sentence, before)

        item.flags << :told_alone if before.any? { |amount| amount.value > item.amount.value }
        before << item.amount
      end

      def another_of_it?(item, sentence, before)
        return false if item.amount.nil? || item.counted? || item.amount.estimated || before.empty?
        return false if before.any? { |amount| amount.unit != item.amount.unit }

        of_it = sentence.match?(/#{OF_IT}\s+(?:\S+\s+)?#{Regexp.escape(item.name)}/i)
        return before.sum(&:value) < item.amount.value if of_it

        before.none? { |amount| amount.value == item.amount.value }
      end

      # "Two thirds may go on while the wheat is warm": nothing of the wheat.
      def share_of_it?(item)
        between = item.unknown.select { |_, _, beside| beside }.map(&:first)
        item.counted? && item.piece.nil? && between.any? &&
          (item.amount.value < 1 || between.first.match?(/\A(?:thirds|quarters)\z/i))
      end

      # "Half of the lemon juice": of what is listed.
      def share_of_listed?(item, sentence)
        keys = item.foods.flat_map { |key| [key, *item.parts.map { |part| "#{key}-#{part}" }] }
        item.counted? && item.amount.value < 1 && keys.any? { |key| @listed.key?(key) } &&
          sentence.downcase.include?("the #{item.name.downcase}")
      end

      # "Spoon over the rest of the cream": of what is there.
      def rest_of_it?(item, sentence)
        item.amount.nil? && sentence.match?(/#{RestOfIt::LATER}#{Regexp.escape(item.name.split.last)}\b/i)
      end

      # "This bean salad": the name of a dish.
      def of_a_dish?(item, sentence)
        return false if (item.amount && !item.counted?) || !sentence.match?(DISHES)

        name = Regexp.escape(item.name)
        sentence.match?(
          /#{name}\s+(?:salad|slaw|soup|bowl|sandwich|thing|dish)
            |\b(?:the|that|this)\s+#{name}\s+one\b|\A\W*#{name}\s+one\W*\z/ix
        )
      end

      # The other of "zest and juice of an orange" is there with the first.
      def zest_of_the_same?(item, sentence)
        return false unless item.parts == %w[zest] && item.amount

        beside =
          @items.of(sentence, prose: true).find { |each| each.foods == item.foods && each.from == item.from }
        !beside.equal?(item)
      end

      # "3 tbsp oil, another lime": one more of what is listed.
      def another?(item, sentence)
        item.amount.value == 1 && sentence.match?(/\banother\s+#{Regexp.escape(item.name)}\b/i)
      end

      # "A further teaspoon of lemon juice": of what has been said already.
      def more?(item, sentence)
        item.foods.any? { |key| @listed.key?(key) } && sentence.match?(MORE)
      end

      # Without an amount it is the one that is meant only where none comes later, and not in the talk before
      # the first amount.
      def first_said?(item, sentence)
        return false if @amounted.any? && talk?(sentence)

        !item.foods.intersect?(@amounted) && @amounted_heads.none?(head(item.name))
      end

      # "The lentils" of a list with small dark lentils.
      def listed_head?(item)
        listed = @heads[head(item.name)] or return false
        # The juice of a lemon is not that of the preserved ones.
        return false if item.parts.any? && listed.none? { |key| @items.lexicon.squeezed?(key) }

        item.amount.nil? || (!@alone && !item.name.include?(" "))
      end

      # "1 tbsp of the oil", "the nuts": the list has it under its own name.
      def of_the_list?(item)
        return false if @alone

        key = item.foods.first
        return oil_listed? if key == "jar-oil"

        return @lines.any? { |line| line.into == "dressing" } if @items.lexicon.bought?(key)
        return true if kind_listed?(item)

        key.start_with?("mixed-") && @listed.each_key.any? { |each| @items.lexicon.kin?(key, each) }
      end

      # "Cheese" where the list has a cheese.
      def kind_listed?(item)
        Mentions::KINDS.key?(item.name.downcase) &&
          @listed.each_key.any? { |each| @items.lexicon.kin?(item.foods.first, each) }
      end

      def oil_listed?
        @listed.each_key.any? { |key| key.end_with?("-oil") }
      end

      # Weighed, or counted with nothing unknown between: not "two thirds of it on the lentils".
      def weighed?(item)
        item.amount && (!item.counted? || item.parts.any? || (item.unknown.empty? && item.place.nil?))
      end

      # So many of it, in more words: to be asked about.
      def counted?(item, sentence)
        return false unless item.counted? && item.amount.value >= 1 && !item.amount.estimated
        return false unless sentence.match?(/(?:\d|#{SPOKEN})\s+(?:\S+\s+){0,2}#{Regexp.escape(item.name)}/i)
        return false if @items.lexicon.cooked_in?(item.foods.first)

        item.flags << :told_alone unless @mostly_told
        true
      end
    end
  end
end
