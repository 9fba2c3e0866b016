# frozen_string_literal: true

module Scullion
  module Recipe
    # Foods that a bracket lists behind a name: what that is made of, several that it stands for, kinds of it.
    # For Naming, which it is a part of.
    module InBrackets
      # Between the foods of such a list.
      LISTED = %w[, /].freeze

      private

      # "Rice + seasoning (rice vin 300, sugar 100)": each has an amount of its own.
      def listed_with_amount?(token, index)
        return true if @around.weighed_next?(index)
        return false if item.amount.nil? || same_kind?(token) || @prose || @lexicon.bought?(item.foods.first)

        ["(", *LISTED].include?(@around.before(index)&.text) && @tokens[index + 1]&.kind == :amount
      end

      # "Root veg (carrot, parsnip, swede) 2 kg": several that stand for one word, none of which is lost.
      def listed_in_bracket?(index)
        told = @prose && !(item.amount && @around.bracket_of_names?(index))
        !told && @clauses.in_bracket?(item.clause) && !item.said?(:made_itself) &&
          (@around.joined?(index) || LISTED.include?(@around.before(index)&.text))
      end

      def listed_in_bracket(token)
        return listed_too(token) unless @around.bracket_of_names?(@tokens.index(token))

        item.flags << :both
        begin_item(token).flags << :both
        name(token)
        head_over_bracket(token)
      end

      # "Seeds (pumpkin, sunflower)": the head stands before the bracket.
      def head_over_bracket(token)
        return unless @clauses.bracketed?

        head = @around.before_opening(@tokens.index(token)) or return
        keys = @lexicon.food([*token.folded, *head.folded])
        return if keys.nil? || keys == item.foods

        @items.each { |each| each.unknown.reject! { |unknown, *| unknown == head.text } }
        item.foods, item.name = keys, "#{token.text} #{head.text}"
      end

      # "Cheese (feta or goat) 200 g": one of them, and the others are asked about.
      def listed_names?(token)
        index = @tokens.index(token)
        !@prose && @around.bracket_of_names?(index) && !@around.opens?(index)
      end

      def kind_in_bracket(token)
        head = Lexicon.fold(item.name.to_s).split.last.to_s
        item.foods = @lexicon.food([*token.folded, head]) || token.value[:keys]
        item.name, @turned = "#{token.text} #{head}", item
      end

      # "Tomatoes (plum, cherry) 2 kg": another kind than the one it was taken for.
      def other_kind(token)
        keys = @lexicon.food([*token.folded, Lexicon.fold(item.name.to_s).split.last.to_s])
        return false if keys.nil? || keys == item.foods || item.others.intersect?(keys)

        item.others.concat(keys)
        true
      end
    end
  end
end
