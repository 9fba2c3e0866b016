# frozen_string_literal: true

module Scullion
  module Recipe
    # A food's name that is turned by a word behind it: "onions, red", "sugar, caster". For Naming, which it
    # is a part of.
    module TurnedNames
      # For whom something is, and not what it is.
      DIETS = %w[vegans veggies vegetarians coeliacs].freeze
      HOW = %w[whole in at for until till over slowly gently].freeze
      FRIED = %w[fried grilled roasted baked].freeze
      WITH_IT = %w[( w with].freeze
      CANDIED = %w[candied glazed caramelised caramelized].freeze
      PARTS_KEPT = %w[top tops leaves greens fronds stalks].freeze
      # "Oil, garlic" are two.
      INFUSED = %w[infused-oil].freeze
      KEPT = %w[left kept saved on off removed trimmed reserved attached intact].freeze

      private

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

        turned(token)
      end

      # Its name with that word before it, where that is one.
      def turned(token)
        words = [*token.folded, *Lexicon.fold(item.name).split]
        return false unless may_name?(token) || @lexicon.own?(words)

        keys = @lexicon.food(words)
        # "Sugar, caster", "salt, table": its whole name, and nothing new.
        return said_in_full?(token, words) if keys == item.foods
        return false if keys.nil? || placed?(token) || (token.kind == :food && keys == INFUSED)

        head = item.name
        @turned = item if @clauses.bracketed?
        item.foods, item.name = keys, "#{token.text} #{head}"
        # "Puy lentils, 2 pouches"
        item.container ||= token.value["containers"] if token.kind == :word
        kinds_behind(token, head)
        true
      end

      def may_name?(token)
        token.kind == :food || token.value.empty? || token.value["aside"] || placed?(token)
      end

      # "Vinegar, red wine" too.
      def said_in_full?(token, words)
        if token.kind == :food
          return @lexicon.own?(words) if token.value[:keys] != item.foods

          return item.amount.nil?
        end

        placed?(token)
      end

      def placed?(token) = token.kind == :word && token.value.key?("places")

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
    end
  end
end
