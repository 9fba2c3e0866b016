# frozen_string_literal: true

module Scullion
  module Recipe
    # What the food of a line is called, when its name stands in one piece or on both sides of a bracket.
    module Naming
      include InBrackets
      include TurnedNames

      # Foods that a name may be from which it is one for a whole kind: cheese, nuts.
      GENERIC = 3
      HEADED = %w[, :].freeze
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

      def named(token)
        name(token)
        head_over_bracket(token)
        name_over_bracket(token)
        name_behind_head(token)
        named_along(token)
        kinds_of_it(token)
        kinds_behind(token, token.folded.first) if token.folded.size > 1
      end

      # Two foods of one name are an item each.
      def named_along(token) = token.value.fetch(:also, []).each { |key| name_too(key, token) }

      # "Small red (Spanish) onion": the word before the bracket is a part of the name.
      def name_over_bracket(token)
        word = @around.before_bracket(@tokens.index(token)) or return
        keys = @lexicon.food([*word.folded, *token.folded]) or return

        item.foods, item.name = keys, "#{word.text} #{token.text}"
        item.unknown.reject! { |unknown, *| unknown == word.text }
      end

      # "Seeds, pumpkin 100 g", "powder: curry": its last word stands first.
      def name_behind_head(token)
        head, mark = @tokens.first(2)
        return unless @tokens[2].equal?(token) && head.kind == :word && HEADED.include?(mark.text)

        keys = @lexicon.food([*token.folded, *head.folded]) or return
        item.foods, item.name = keys, "#{token.text} #{head.text}"
        item.unknown.clear
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
        counted_in_name(token) if item.piece.nil? && token.folded.size > 1
        Items::ROLES.each { |name| token.value[:roles][name]&.then { |value| item.words[name] ||= value } }
      end

      # A garlic clove is one of them, flat leaf parsley is no leaf; a Chinese leaf is a whole one.
      def counted_in_name(token)
        piece = token.folded.values_at(-1, 0).filter_map { |word| @lexer.piece(word) }.first
        return if piece.nil?
        return if @lexicon.own?(token.folded) && !@lexicon.piece_known?(item.foods.first, piece)

        item.piece = piece
        several(token.text)
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
        return kind_in_bracket(token) if item.foods.size >= GENERIC && listed_names?(token)
        return unless @around.opens?(@tokens.index(token))

        keys = @lexicon.food([*token.folded, Lexicon.fold(item.name.to_s).split.last.to_s])
        if keys && keys != item.foods
          item.foods, item.name = keys, "#{token.text} #{item.name}"
          return
        end
        return unless item.foods.first.start_with?("mixed-")

        item.foods, item.name = token.value[:keys], token.text
      end

      # "Cheese, mozzarella", "20 apples, Braeburn": what is said behind a name says which of its kind.
      def which_of_them?(token)
        return false if @prose || @clauses.number != item.clause + 1

        item.amount.nil? ? one_of_its_kind?(token) : right_behind?(token) && its_kind?(token)
      end

      # No list of foods, and no amount of its own.
      def right_behind?(token)
        index = @tokens.index(token)
        @around.before(index)&.text == "," && !@around.weighed_next?(index) && !@around.listed_on?(index)
      end

      def its_kind?(token)
        keys = token.value[:keys]
        return true if keys.intersect?(item.foods)

        mixed = item.foods.first.start_with?("mixed-") && @lexicon.kin?(item.foods.first, keys.first)
        mixed || one_of_its_kind?(token)
      end

      # "Potatoes 14 kg charlotte": the steps may call it by either.
      def kind_behind(token)
        item.foods, item.name = token.value[:keys], "#{token.text} #{item.name}"
      end

      def same_kind?(token) = token.value[:keys].intersect?(item.foods) || one_of_its_kind?(token)

      def one_of_its_kind?(token)
        WHOLE_KINDS.include?(item.name.downcase) && item.foods.size >= GENERIC && token.value[:keys].one? &&
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

        amount_said = !item.amount.nil? && (@behind || @around.weighed_next?(@tokens.index(token)))
        amount_said || @lexicon.squeezed?(token.value[:keys].first) || flavoured?(token)
      end

      # "Juice of 2 lemons, oil, salt": no lemon oil.
      def poured_too?(token)
        @lexicon.poured?(token.value[:keys].first) && !@lexicon.poured?(item.foods.first) &&
          !@lexicon.own?([*token.folded, *Lexicon.fold(item.name).split])
      end

      # "250 ml cream, horseradish to taste": each a food of its own.
      def flavoured?(token)
        @around.before(@tokens.index(token))&.text == "," && !item.amount.nil? &&
          @lexicon.dairy?(item.foods.first)
      end

      # "1 tin tuna, oil kept": the fish is what is eaten.
      def liquor_kept?(token) = token.folded == %w[oil] && @lexicon.preserved?(item.foods.first)

      # "Garlic 20 g / salt 35 g": each has an amount of its own.
      def weighed_too?(token) = item.amount && @tokens[@tokens.index(token) + 1]&.kind == :amount

      # "Tomatoes 10, small bowl": that is the bowl.
      def size_of_another?(token)
        following = @tokens[@tokens.index(token) + 1]
        @sizes.key?(Around.word(token)) && following&.kind == :word &&
          !following.value.keys.intersect?(DoneToIt::ROLES) && !following.value["aside"]
      end

      # "feta cheese": the second is what the first is anyway.
      def own_name?(token)
        token.folded.size == 1 && @lexicon.in_name?(item.foods.first, token.folded.first)
      end
    end
  end
end
