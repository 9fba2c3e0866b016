# frozen_string_literal: true

module Scullion
  module Recipe
    # What an amount in a line is of: the food that it stands beside, another one, or more of the same.
    module Amounted
      CM_AN_INCH = 2.54
      # Share by which one weight may differ in two writings.
      SAME = 0.1
      # What is weighed twice for a reason.
      THEN =
        %r{\b(?:drain\w*|trim\w*|peel\w*|net|gross|clean\w*|prep\w*|ready|cook\w*|dry|dried|raw|boned?|pod\w*|
            shell\w*|pit\w*|after|before|get|gives?|yields?|left|about|unpeeled|wt|weight|each|x|per|pp|ep|ap|
            lbs?|oz|tins?|cans?|packs?|packets?|bags?|jars?|tubs?|of|or|to|if|use|buy|need
            |altogether|all|total)\b
          |[~≈=]|(?<!\bw)/}ix.freeze
      SO_MUCH_ON_TOP = /\A[^,;.]{0,8}\.?[^,;.]{0,16}#{KeptBack::FOR_TOP}/.freeze
      SALT = %w[fine-salt].freeze
      ABOUT = %w[like maybe about say roughly].freeze
      PRICED = %w[£ $ €].freeze
      MADE_HERE = %w[dressing vinaigrette sauce marinade].freeze

      private

      # @return [Float] cm
      def long(text)
        number = text[/\d+(?:[.,]\d+)?/].to_f
        return number * CM_AN_INCH if text.match?(/in|"/)

        text.include?("mm") ? number / 10 : number
      end

      def amount(token, index)
        amount = token.value
        return if (@clauses.or? && item.food? && item.amount) || @around.size_of?(index)
        return if priced?(index)
        return item.amount = item.amount.times(1 + (0.5 / item.amount.value)) if and_a_half?(index)
        return item.amount = amount if item.food? && item.amount.nil? && @around.of_them?(index)
        return item.flags << :shared if poured_of_it?(amount, index)
        return share_of_all(amount) if share_of_all?(amount, index)
        return salted_with(token) if salted_with?(index)
        return kind_counted(token, index) if kind_counted?(index)
        return if item.food? && @around.share_of_part?(index, @parts)
        return if item.food? && (kept_liquor?(index) || of_the_dressing?(index) || kept_for_top?(index))
        return liquor(token, index) if liquor?(index)
        return part_counted(token) if part_counted?(token, index)

        return another(token) if another?(index)
        return more_of_it(token) if more_of_it?(index)

        item.flags |= [:which_unit] if weighed_bare?(token)
        item.flags |= [:each] if item.counted? && amount.unit != :piece && so_many_times?(index)
        if @clauses.bracketed? && (item.food? || item.amount || item.container) &&
             !weighed_times?(amount, index)
          return bracketed(amount)
        end
        return item.amount = amount if item.amount.nil?

        item.food? ? second_amount(amount, index) : before_name(amount, index)
      end

      # "Cucumber, sliced, salted ½ tsp, squeezed": so much salt, and no size of it.
      def salted_with?(index)
        item.food? && !item.amount.nil? && @token.value.unit != :piece &&
          @around.word_before(index) == "salted" && !@around.food_follows?(index)
      end

      def salted_with(token)
        salt = Item.begun(token.at)
        salt.foods, salt.name, salt.clause, salt.place = SALT, "salt", item.clause, "salad"
        salt.amount, salt.to = token.value, token.at + token.text.bytesize
        # What is said behind it is of what is salted.
        @items.insert(-2, salt)
      end

      # "A lemon and a half"
      def and_a_half?(index)
        @token.text.match?(/\Aa\s+half\z/i) && item.counted? && item.amount.value >= 1 &&
          @around.word_before(index) == "and" && @around.before(index - 1)&.kind == :food &&
          !@around.food_follows?(index)
      end

      # "£4", "£4 a kilo"
      def priced?(index)
        at = @around.before(index)&.kind == :amount ? index - 1 : index
        PRICED.include?(@around.before(at)&.text)
      end

      # "Dressed with 60 ml of the vinaigrette": some of what is made here.
      def of_the_dressing?(index)
        of, the, what = @tokens[index + 1, 3]
        of&.folded == %w[of] && the&.folded == %w[the] && MADE_HERE.include?(what&.folded&.last)
      end

      # "Chop 3, save 1 to slice on top", "save ½ c. for top"
      def kept_for_top?(index)
        SpokenOf::KEEP.include?(@around.word_before(index)) &&
          @text.byteslice(@token.at..).to_s.scrub.match?(SO_MUCH_ON_TOP)
      end

      # "Keep 1 cup of the liquor", "keep liquor 300 ml"
      def kept_liquor?(index)
        return true if @around.before(index)&.kind == :food && @around.kept?(index - 1)

        SpokenOf::KEEP.include?(@around.word_before(index)) && @around.of_ahead?(index)
      end

      # With the words before it that are of its own name; "fried in 2 Tbsp oil" is for cooking.
      def another(token)
        own, before = item.unknown.partition { |_, clause, _| stranger_before? && clause == @clauses.number }
        item.unknown = before
        # Spices bloomed in oil dress the salad with it.
        cooked_in = @around.cooked_in?(@tokens.index(token)) && !spice?(item)
        begin_item(own.any? ? beginning(own.first.first, token) : token).amount = token.value
        in_it(@around.cooking_next(@tokens.index(token), @lexicon)) if cooked_in
        item.unknown = own.map { |word, clause, _| [word, clause, true] }
      end

      # Where the name of a stranger begins that stands before its amount.
      def beginning(word, amount)
        @tokens.first(@tokens.index(amount)).reverse.find { |token| token.text == word } || amount
      end

      def spice?(item) = item.food? && @lexicon.spice?(item.foods.first)

      # What the food before is cooked in, which goes there alone.
      def in_it(place)
        item.place = place or return
        item.flags << :in_it
      end

      # "Potatoes 14 kg charlotte": which of its kind stands behind the amount.
      def kind_next?(index)
        before, food = @around.before(index), @around.food_next(index)
        return false if @prose || item.amount || food.nil? || !(before.kind == :food || before.text == ",")

        same_kind?(food)
      end

      # The amount of another food, known or not.
      def another?(index)
        return behind_stranger?(index) unless item.food?
        if behind_its_name?(index) || so_much_of_it?(index) || (@behind && item.amount.nil?) ||
             kind_next?(index)
          return false
        end
        return true if @around.joined?(index) && @around.stranger?(index) && !@around.extra?(index, @parts)

        return other_in_brackets?(index) if @clauses.bracketed?
        return true if @around.counted_stranger?(index) || weighed_stranger?(index)
        return true if @token.value.unit == :piece && @around.kind_of_next?(index)

        @around.food_follows?(index) || stranger_before?
      end

      def weighed_stranger?(index)
        return false if @tokens[index + 1]&.text.to_s.match?(/ed\z/i)

        !@prose && !@clauses.bracketed? && !clause_at(@token.at).match?(THEN) &&
          @around.weighed_stranger?(index, @flags.merge(@lexicon.verbs))
      end

      # What stands between the marks around a place of the line.
      def clause_at(at)
        before, after = @text.byteslice(0...at).to_s.scrub, @text.byteslice(at..).to_s.scrub
        before[/[^,;]*\z/].to_s + after[/\A[^,;]*/].to_s
      end

      # "2 tiger chillies, 60 ml water", "3 of those and 2 apples"
      def behind_stranger?(index)
        return false unless item.unknown.any? { |_, _, beside| beside } && item.amount

        @around.joined?(index) || (@around.before(index)&.text == "," && @around.food_follows?(index))
      end

      # "Gherkins 100 g and capers a spoonful", "oil 150 ml and the fat of the bacon": right behind the one.
      def behind_its_name?(index)
        item.amount.nil? && @around.before(index)&.kind == :food && @around.joins_behind?(index)
      end

      # "Dill, like a whole bunch, and capers"
      def so_much_of_it?(index)
        return false unless item.amount.nil? && @around.ends_behind?(index)
        return true if item.foods.first.to_s.end_with?("salt") && @around.word_before(index) == "with"

        ABOUT.include?(@around.word_before(index)) && @around.before(index - 1)&.kind == :food
      end

      # "3 aubergines (roasted in 4 tbsp oil)": an amount in brackets with a food of its own right behind it.
      def other_in_brackets?(index)
        food = @around.food_next(index)
        !food.nil? && !food.value[:keys].intersect?(item.foods) && !named_again?(food) && !kind_by_head?(food)
      end

      # "Vinegar (150 red wine)"
      def kind_by_head?(food)
        item.amount.nil? && @lexicon.own?([*food.folded, *Lexicon.fold(item.name).split])
      end

      # "⅓ cup lime juice (about 3 limes)": the same once more, counted.
      def named_again?(food)
        food.folded.map { |word| Lexicon.singular(word) }.intersect?(Lexicon.singulars(item.name))
      end

      # ", pom mol 60 ml": words that nobody knows, in a clause of their own before the amount.
      def stranger_before?
        return false if @prose || !item.food? || @clauses.number <= item.clause

        # "Tuna, yellowfin loin 1.6 kg": of the food that has no amount yet.
        return false if item.amount.nil? && @lexicon.eaten?(item.foods.first)

        at = @tokens.index(@token)
        !@around.kind_behind?(at, item.name.to_s, @lexicon) && @around.stranger_behind_mark?(at)
      end

      # "1½ Tbs lemon juice + 1 Tbs extra for the onion", "zest of 1 lemon plus 2 tablespoons juice"
      def more_of_it?(index)
        return false if !item.food? || @clauses.bracketed?
        return @around.extra?(index, @parts) if @around.joined?(index)

        @lexicon.poured?(item.foods.first) && @around.before(index)&.text == "," &&
          @token.value.unit != :piece && @tokens[index + 1]&.text.to_s.match?(/\Afor\s/i)
      end

      def more_of_it(token)
        same = item
        # "3 tbsp olive oil, plus 5 tbsp for the dressing": what is not for that.
        same.place ||= "cook" if @lexicon.fat?(same.foods.first) && for_dressing_next?(token)
        begin_item(token).amount = token.value
        item.foods, item.name, item.clause = same.foods, same.name, @clauses.number
      end

      def for_dressing_next?(token)
        @tokens[@tokens.index(token) + 1]&.text.to_s.match?(/\Afor\s+the\s+(?:dressing|vinaigrette)/i)
      end

      # "125 g ball x 2"; else the size of what is counted.
      def second_amount(amount, index)
        return item.amount = item.amount.times(amount.value) if times_behind?(amount, index)

        # "Half chopped and half left": of what is weighed already.
        return if amount.unit == :piece && amount.value.between?(0.49, 0.51) && !item.counted?

        return item.amount = amount if scaled_to?(amount, index)
        return item.amount = sum(amount, index) if summed?(amount, index)

        twice = @around.joined?(index) || another_weight?(amount) || weighed_behind_stroke?(amount, index)
        return item.flags << :contradicts if twice && !@prose
        return bracketed(amount) unless !item.counted? && amount.unit == :piece && times_three?(index)

        item.size, item.amount = item.amount, amount
        item.flags << :each
      end

      # "Lardons 1.6 + 2.4 kg", "eggs 27 + 40": for two services, and one of them has the unit; "2 tbsp oil +
      # 1 tbsp".
      def summed?(amount, index)
        return false unless @around.before(index)&.text == "+" && !amount.estimated

        before = @tokens[index - 2].kind
        return amount.unit == item.amount.unit if before == :food && index == @tokens.size - 1

        before == :amount && (item.counted? || amount.unit == item.amount.unit)
      end

      def sum(amount, index)
        said = @tokens[index].text[/\A[\d.,]+/].to_s.tr(",", ".").to_f
        times = amount.unit == item.amount.unit || said.zero? ? 1 : amount.value / said
        whole = amount.value + (item.amount.value * times)
        Amount.new(whole, whole, amount.unit, piece: amount.piece)
      end

      # "500 g → 2500 g": scaled up on the card itself.
      def scaled_to?(amount, index)
        @around.arrow_between?(index) && amount.unit == item.amount.unit && amount.value > item.amount.value
      end

      # Two amounts before the name: "two 400 g tins"; in a sentence the last one is meant.
      def before_name(amount, index)
        if summed?(amount, index)
          item.amount = sum(amount, index)
        elsif @prose && @around.before(index).kind != :amount
          item.amount, item.unknown = amount, []
        elsif item.counted? && amount.unit != :piece
          item.flags << (thousands?(index) ? :contradicts : :each)
          item.size ||= amount
        else
          item.flags << :contradicts unless amount.unit == :piece && (item.piece || item.container)
        end
      end
    end
  end
end
