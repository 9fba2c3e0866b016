# frozen_string_literal: true

module Scullion
  module Recipe
    # What the food of a line is called, when its name stands in one piece, on both sides of a bracket, or is
    # turned by a word behind it.
    module Naming
      include InBrackets

      # Foods that a name may be from which it is one for a whole kind: cheese, nuts.
      GENERIC = 3
      # For whom something is, and not what it is.
      DIETS = %w[vegans veggies vegetarians coeliacs].freeze
      HOW = %w[whole in at for until till over slowly gently].freeze
      FRIED = %w[fried grilled roasted baked].freeze
      HEADED = %w[, :].freeze
      WITH_IT = %w[( w with].freeze
      CANDIED = %w[candied glazed caramelised caramelized].freeze
      PARTS_KEPT = %w[top tops leaves greens fronds stalks].freeze
      # "Oil, garlic" are two.
      INFUSED = %w[infused-oil].freeze
      KEPT = %w[left kept saved on off removed trimmed reserved attached intact].freeze
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

      # "Onions, red": what is said behind the name makes it another food.
      def turned_name?(token)
        return true if @clauses.bracketed? && (@turned.equal?(item) || @clauses.or?) && other_kind(token)
        return false unless item.food? && item.piece.nil? && @clauses.behind?(item.clause)
        return false if DIETS.include?(Around.word(token)) || cooked_here?(token) || size_of_another?(token)

        return false if @prose && !%i[mark food].include?(@around.before(@tokens.index(token))&.kind)
        return false if @around.before(@tokens.index(token))&.text == ";"
        if token.kind == :food &&
             (poured_apart?(token) || poured_too?(token) || liquor_kept?(token) || weighed_too?(token))
          return false
        end
        return false if @around.joined?(@tokens.index(token)) || told_of_it?(token)
        return false if @around.excepted?(@tokens.index(token)) || part_kept?(token) || candied_here?(token)
        return false if @clauses.bracketed? && @around.or_not?(@tokens.index(token))
        if @around.some_before?(@tokens.index(token), item.amount) || cut_so_small?(token) ||
             @around.done_in?(@tokens.index(token)) || @around.or_other_state?(@tokens.index(token))
          return false
        end

        words = [*token.folded, *Lexicon.fold(item.name).split]
        unless token.kind == :food || token.value.empty? || token.value["aside"] || @lexicon.own?(words)
          return false
        end

        keys = @lexicon.food(words)
        return false if keys.nil? || keys == item.foods || (token.kind == :food && keys == INFUSED)

        head = item.name
        @turned = item if @clauses.bracketed?
        item.foods, item.name = keys, "#{token.text} #{head}"
        # "Puy lentils, 2 pouches"
        item.container ||= token.value["containers"] if token.kind == :word
        kinds_behind(token, head)
        true
      end

      # "Tofu, fried", "beetroot, cooked whole in foil": a way of cooking that it has here, and no other food.
      def cooked_here?(token)
        word = Around.word(token)
        return true if word == "cooked" && HOW.include?(Around.word(@tokens[@tokens.index(token) + 1]))

        FRIED.include?(word) && !@lexicon.cooked_so(item.foods.first, word).nil?
      end

      # "Pecans, candied (sugar 200, butter 50)": with what stands behind it, and not bought so.
      def candied_here?(token)
        CANDIED.include?(Around.word(token)) &&
          WITH_IT.include?(@tokens[@tokens.index(token) + 1]&.text.to_s.downcase)
      end

      # "Carrots, tops left on": what becomes of a part, and no name.
      def part_kept?(token)
        PARTS_KEPT.include?(Around.word(token)) &&
          KEPT.include?(Around.word(@tokens[@tokens.index(token) + 1]))
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
