# frozen_string_literal: true

module Scullion
  module Recipe
    # What the food of a line is called, when its name stands in one piece, on both sides of a bracket, or is
    # turned by a word behind it.
    module Naming
      # Foods that a name may be from which it is one for a whole kind: cheese, nuts.
      GENERIC = 3
      WHOLE_KINDS = (Mentions::KINDS.keys + %w[mushrooms oil vinegar sugar rice lentils lettuce salad]).freeze

      private

      # "→ ice water 10": what it is put into.
      def chilled_in?(token, index)
        item.food? && token.value[:keys].first == "water" && @around.arrow_before?(index) &&
          !@around.weighed_next?(index)
      end

      # A number behind it is of minutes.
      def chill(index)
        following = @tokens[index + 1]
        @said = index + 1 if following&.kind == :amount && following.value.unit == :piece
      end

      # Two foods of one name are an item each.
      def named(token)
        name(token)
        name_over_bracket(token)
        token.value.fetch(:also, []).each { |key| name_too(key, token) }
        kinds_of_it(token)
      end

      # "Red and yellow peppers": an item each, of the amount that is said of each of them, or of its share.
      def kinds_of_it(token)
        kinds = @around.enumerated(@tokens.index(token)).map { |word| [word, kind_called(word, token)] }
        return if kinds.empty? || kinds.any? { |_, keys| keys.nil? || keys == item.foods }

        whole, amount = item, item.amount
        share = whole.said?(:each) || amount.nil? ? 1 : kinds.size + 1
        whole.unknown.reject! { |word, *| kinds.any? { |kind, _| kind.text == word } }
        whole.amount = amount&.times(1.0 / share)
        of_kinds(kinds, whole, token)
      end

      def of_kinds(kinds, whole, token)
        last = whole.dup
        (word, keys), *others = kinds
        whole.foods, whole.name = keys, "#{word.text} #{token.text.split.last}"
        others.each { |other, named| @items << another_kind(whole, named, other, token) }
        @items << last.tap { |each| each.from = token.at }
        @items.last(kinds.size + 1).each_cons(2) { |one, other| one.to = other.from }
      end

      def another_kind(whole, keys, word, token)
        whole.dup.tap do |each|
          each.foods, each.name, each.from = keys, "#{word.text} #{token.text.split.last}", word.at
        end
      end

      def kind_called(word, token) = @lexicon.food([Lexicon.fold(word.text), token.folded.last])

      # "Small red (Spanish) onion": the word before the bracket is a part of the name.
      def name_over_bracket(token)
        word = @around.before_bracket(@tokens.index(token)) or return
        keys = @lexicon.food([*word.folded, *token.folded]) or return

        item.foods, item.name = keys, "#{word.text} #{token.text}"
        item.unknown.reject! { |unknown, *| unknown == word.text }
      end

      def name_too(key, token)
        before = item
        before.to = token.at + token.text.bytesize
        @items << Item.begun(token.at)
        item.foods, item.name, item.clause, item.amount = [key], token.text, @clauses.number, before.amount
      end

      def name(token)
        item.foods, item.name, item.clause = token.value[:keys], token.text, @clauses.number
        item.parts.push(*(token.folded & %w[zest])) if @lexicon.fruit?(item.foods.first)
        said_further_off(token)
        juice_of_so_many(token)
        rind_of_it unless @lexicon.fruit?(item.foods.first)
        # A garlic clove is one of them, flat leaf parsley is no leaf.
        ends = token.folded.values_at(-1, 0)
        item.piece ||= ends.filter_map { |word| @lexer.piece(word) }.first if token.folded.size > 1
        Items::ROLES.each { |name| token.value[:roles][name]&.then { |value| item.words[name] ||= value } }
      end

      # "3 lemons' juice": so many lemons.
      def juice_of_so_many(token)
        fruit = token.text[/\A((?-i:[[:alpha:]]+))s['’]\s+juice\z/i, 1] or return
        keys = @lexicon.food([fruit.downcase]) or return

        item.foods = keys
        item.parts << "juice"
      end

      # "Salted roasted peanuts": another word stands between what makes it another food and the name.
      def said_further_off(token)
        between, word = @tokens.first(@tokens.index(token)).last(2).reverse
        return unless [between, word].all? { |each| each&.kind == :word }

        words = [*word.folded, *token.folded]
        return unless @lexicon.own?(words) && @lexicon.food(words) != item.foods

        item.foods, item.name = @lexicon.food(words), "#{word.text} #{token.text}"
      end

      # "The rind of 1 preserved lemon": what is not eaten of it is taken off.
      def rind_of_it
        item.words["trims"] ||= "rind only" if item.parts.delete("zest")
      end

      # "Mixed nuts (walnuts)", "mush (chestnut)"
      def kind_of_it(token)
        return unless @around.opens?(@tokens.index(token))

        keys = @lexicon.food([*token.folded, Lexicon.fold(item.name.to_s).split.last.to_s])
        if keys && keys != item.foods
          item.foods, item.name = keys, "#{token.text} #{item.name}"
          return
        end
        return unless item.foods.first.start_with?("mixed-")

        item.foods, item.name = token.value[:keys], token.text
      end

      # "Cheese, mozzarella": what is said behind a name for several says which.
      def which_of_them?(token)
        item.amount.nil? && WHOLE_KINDS.include?(item.name.downcase) && item.foods.size >= Naming::GENERIC &&
          @clauses.number == item.clause + 1 && token.value[:keys].one? && !@prose &&
          @lexicon.kin?(item.foods.first, token.value[:keys].first)
      end

      def which(token)
        item.foods, item.name = token.value[:keys], token.text
      end

      def other_name(token)
        return if (token.value[:keys] - item.foods).empty?

        item.others.concat(item.foods)
        item.foods, item.name = token.value[:keys], "#{item.name} #{token.text}"
      end

      # "Oil 60 ml, lime", "oil, lemon": no lemon oil.
      def poured_apart?(token)
        return false unless @lexicon.poured?(item.foods.first)

        !item.amount.nil? || @lexicon.squeezed?(token.value[:keys].first)
      end

      # "Onions, red": what is said behind the name makes it another food.
      def turned_name?(token)
        return false unless item.food? && item.piece.nil? && @clauses.number <= item.clause + 1

        return false if @prose && !%i[mark food].include?(@around.before(@tokens.index(token))&.kind)
        return false if @around.before(@tokens.index(token))&.text == ";"
        return false if token.kind == :food && poured_apart?(token)
        return false if @around.joined?(@tokens.index(token)) || told_of_it?(token)
        return false if @clauses.bracketed? && @around.or_not?(@tokens.index(token))
        if @around.half_before?(@tokens.index(token)) || cut_so_small?(token) ||
             @around.done_in?(@tokens.index(token))
          return false
        end

        words = [*token.folded, *Lexicon.fold(item.name).split]
        unless token.kind == :food || token.value.empty? || token.value["aside"] || @lexicon.own?(words)
          return false
        end

        keys = @lexicon.food(words)
        return false if keys.nil? || keys == item.foods

        item.foods, item.name = keys, "#{token.text} #{item.name}"
        true
      end

      # "Oil, roasted very hot": in the midst of other words.
      def told_of_it?(token)
        before = @around.before(@tokens.index(token))
        return false unless token.kind == :word && before&.kind == :word

        before.value.empty? && !@sizes.key?(Around.word(before))
      end

      # "Cucumber, diced small": how it is cut makes no other food of it.
      def cut_so_small?(token)
        before = @around.before(@tokens.index(token))
        @sizes.key?(token.folded.last) && before&.kind == :word && before.value.key?("cuts")
      end

      # "feta cheese": the second is what the first is anyway.
      def own_name?(token)
        token.folded.size == 1 && @lexicon.in_name?(item.foods.first, token.folded.first)
      end
    end
  end
end
