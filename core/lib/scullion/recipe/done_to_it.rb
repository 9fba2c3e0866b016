# frozen_string_literal: true

module Scullion
  module Recipe
    # What a word of a line says is done to its food: how it is cut, trimmed, treated and cooked, in what
    # state it comes, and where it goes. For Items, which it is a part of.
    module DoneToIt
      ROLES = %w[cuts trims treats cooks states].freeze
      PARTS_OF_IT = %w[leaves leaf tops fronds greens stalks juice juices oil fat].freeze
      # "Tear them into strips": what is said behind it is how they are cut.
      CUT_INTO = %w[chopped torn sliced].freeze
      TORN, PIECES = "torn", %w[pieces bits chunks].freeze
      PARTS_WEIGHED = %w[florets segments supremes leaves flesh].freeze
      # "8 lb AP, peeled": weighed before it is.
      PURCHASED = "AP|as\\s+purchased|gross|as\\s+bought".freeze
      AS_BOUGHT = /\b(?:#{PURCHASED}|unpeeled|untrimmed)\b/.freeze
      # What is scrubbed keeps its skin.
      UNPEELED = "scrubbed"
      # Of one food, one after the other.
      TAKEN_OFF = %w[cored peeled seeded].freeze
      COOKED_HOW = %w[in with for until till].freeze
      OF_THE = %w[of the].freeze
      # The nearest first.
      FOR_THE = %w[the for].freeze
      ONCE = %w[once when after].freeze
      USED_OF_IT =
        /\b(?:oil|liquor|brine|juices?)\b[^.;]*
          \b(?:us|keep|sav|reserv|put|tip)\w*\s+(?:it|that|this)\s*\z/ix.freeze

      private

      def role(token, index)
        roles = token.value
        return if @around.word_before(index) == "not" || @around.may?(index) || @around.other_amount?(index)

        counted = roles["pieces"] || roles["containers"]
        begin_item(token) if item.food? && ((counted && @around.of_food?(index)) || told_next?(token, index))
        if roles["pieces"] && counts?(index, roles)
          # "3 thick slices"
          item.big ||= @sizes[token.folded.first] if token.folded.size > 1
          return counted_as(roles["pieces"], index)
        end
        # "A cupful of peas, or a small tin": what else it may be.
        return if roles["containers"] && (@around.vessel?(index) || (@clauses.or? && !item.amount.nil?))
        return packed(roles, index) if roles["containers"] && holds?(index)

        return if half_of?(token, index)

        cut_counted(token, index) if roles["cuts"]
        known = ROLES.select { |name| roles[name] }
        item.flags << :done_ahead if ahead_of_name?(roles)
        item.flags << :done_each if !item.food? && item.said?(:each) && known.intersect?(SaidOnce::DONE)
        item.flags << :prepared if weighed_so?(token, roles, index) || left_of_it?(roles, index)
        item.words.delete("trims") if peeled_then?(roles)
        item.flags << :called_cooked if roles["cooks"] && !item.food?
        item.words.delete("cuts") if chopped_into?(roles, index) || cut_again?(roles["cuts"], index)
        trimmed_too(roles["trims"])
        drains_only(token, roles)
        known.each { |name| item.words[name] ||= roles[name] unless name == "states" && to_be_cooked?(index) }
        return item.words["trims"] ||= "topped" if topped?(token, index)

        item.place ||= roles["places"] unless @around.more?(index) || dressed_in?(roles, index) ||
          leaves_of_it?(index) || sentence_of_dressing?(index) || heads_next?(roles, index) ||
          lasts?(index) || top_of_it?(index) || said_of_another?(token) || bowl_of_steps?(token)
        unknown(token, index) if known.empty? && roles.empty?
      end

      # "200 g peeled carrots", "500 g broccoli florets": weighed as they are then; not "200 g carrots,
      # peeled".
      def weighed_so?(token, roles, index)
        return false unless roles.keys.intersect?(%w[trims cuts]) && item.amount&.unit == :g
        return false if item.amount.estimated || @text.match?(AS_BOUGHT)
        if (roles["trims"] == UNPEELED && roles["cuts"].nil?) || (@prose && !weighed_right_before?(index))
          return false
        end

        !item.food? || (PARTS_WEIGHED.include?(token.folded.last) && @around.before(index).kind == :food)
      end

      # "Boil 600 g of peeled potatoes": nothing but words between the weight and this.
      def weighed_right_before?(index)
        @tokens.first(index).reverse.drop_while { |token| token.kind == :word }.first&.kind == :amount
      end

      # "Picked parsley 120 g": its weight stands behind, and is of what it is then too.
      def ahead_of_name?(roles)
        roles.keys.intersect?(%w[trims cuts]) && !item.food? && item.amount.nil? && !@prose &&
          roles["trims"] != UNPEELED && !@text.match?(AS_BOUGHT)
      end

      # "6 bunches parsley (600 g picked)", "4 bunches, 120 g once picked": the second weight is what is left.
      def left_of_it?(roles, index)
        return false unless roles.keys.intersect?(%w[trims cuts]) && item.food? && item.counted?
        return false if roles["trims"] == UNPEELED

        index -= 1 if ONCE.include?(@around.word_before(index))
        before = @around.before(index)
        before&.kind == :amount && before.value.unit == :g && !before.value.estimated
      end

      # "Chopped in cubes", "chopped into batons"; "torn into large pieces" is torn.
      def chopped_into?(roles, index)
        roles["cuts"] && CUT_INTO.include?(item.words["cuts"]) && !torn_up?(index) &&
          %w[in into].include?(@around.word_before(index))
      end

      def torn_up?(index)
        item.words["cuts"] == TORN && PIECES.include?(@tokens[index].folded.last)
      end

      # "Stoned, halved", "quartered and shaved": how it is cut in the end; not "two torn and one sliced".
      def cut_again?(cut, index)
        return false if cut.nil? || @clauses.bracketed? || @clauses.or? || parted?(index)

        before, after = [item.words["cuts"], cut].map { |each| @first_cuts.index(each) }
        !before.nil? && (after.nil? || after > before)
      end

      # So much of it is cut so, and the rest is not.
      def parted?(index) = @around.before(index)&.kind == :amount

      # "Peeled, deseeded": both are taken off.
      def trimmed_too(trim)
        before = item.words["trims"]
        return unless before != trim && [before, trim].all? { |each| TAKEN_OFF.include?(each) }

        item.words["trims"] = [before, trim].sort.join(" and ")
      end

      # "Tossed in half the dressing" halves nothing.
      def half_of?(token, index)
        token.folded == %w[in half] && %w[the of].include?(Around.word(@tokens[index + 1]))
      end

      # "Mustard, and turn all in that but the herring, which goes on top": of what stands nearer.
      def said_of_another?(token)
        return false unless @prose && item.food?
        return true if @lexicon.poured?(item.foods.first) && @clauses.number > item.clause.to_i

        spoken = @tokens.take_while { |each| !each.equal?(token) }.reverse.find { |each| each.kind == :food }
        !spoken.nil? && spoken.at > item.from && !spoken.value[:keys].intersect?(item.foods)
      end

      # "Soak the beans in separate bowls": no bowl that stands beside the salad.
      def bowl_of_steps?(token) = @prose && token.folded.last.match?(/\Abowls?\z/)

      # "The top of the milk" is what of it.
      def top_of_it?(index) = @tokens[index + 1, 2].to_a.map { |token| Around.word(token) } == OF_THE

      # "With 1 tsp paprika for the last minute": so long it is in the pan.
      def lasts?(index) = @around.clause_before(index).first(2) == FOR_THE

      # "Celery hearts, leaves kept for garnish": of a part of it; "parsley leaves to garnish" are all of it.
      def leaves_of_it?(index)
        back = @around.clause_before(index).index { |word| PARTS_OF_IT.include?(word) }
        item.food? && !back.nil? && @around.before(index - 1 - back)&.kind != :food
      end

      # "Slice two avocados and shred half a cabbage": done to what follows.
      def told_next?(token, index)
        @prose && token.value["cuts"] && @around.word_before(index) == "and" &&
          @tokens[index + 1]&.kind == :amount && @lexicon.verbs.key?(token.folded.first)
      end

      # "Tomatoes, seeded, diced, drained": from no tin, unless that is said too.
      def drains_only(token, roles)
        return unless roles["states"] == "tinned"

        alone = token.folded.include?("drained") && item.words["states"].nil? && item.container.nil?
        alone ? item.flags << :drains_only : item.flags.delete(:drains_only)
      end

      # "Quinoa, cooked in 1¾ cups of water" was weighed dry.
      def to_be_cooked?(index)
        @tokens[index].folded == %w[cooked] && COOKED_HOW.include?(Around.word(@tokens[index + 1]))
      end

      # "Beetroot, tossed in 2 tbsp of the dressing", "half the dressing goes on hot": it is no part of that.
      def dressed_in?(roles, index)
        roles["places"] == "dressing" && item.food? && !@lexicon.poured?(item.foods.first) &&
          (
            @around.dressed_before?(index) || @around.then_the?(index) || of_what_it_lies_in?(index) ||
              (!@prose && @around.share_of_it?(index))
          )
      end

      # "Dried tomatoes, in oil, drain that off and use it in the dressing"
      def of_what_it_lies_in?(index) = @text.byteslice(0...@tokens[index].at).scrub("").match?(USED_OF_IT)

      # "3 punnets cress. Dressing on the side"
      def sentence_of_dressing?(index)
        began = @around.sentence_begins(index) or return false
        item.food? && item.from < began.at && began.text.match?(/\A[[:upper:]]/) && began.value.is_a?(Hash) &&
          began.value["places"] == "dressing"
      end

      # "3 bunches of mint, dressing 1.5 l mayonnaise": said of what follows.
      def heads_next?(roles, index)
        roles["places"] == "dressing" && item.food? && !@lexicon.poured?(item.foods.first) &&
          @around.before(index)&.text == "," && @tokens[index + 1]&.kind == :amount
      end

      # "French beans, top, boil 4 min": off with their ends.
      def topped?(token, index)
        token.folded == %w[top] && @around.alone?(index) && @around.before(index).text == "," && item.food? &&
          @lexicon.topped?(item.foods.first)
      end

      # "Boiled in their skins, then peeled"
      def peeled_then?(roles)
        roles["trims"] == "peeled" && item.words["trims"] == "scrubbed" && item.words.key?("cooks")
      end
    end
  end
end
