# frozen_string_literal: true

module Scullion
  module Recipe
    # What is a part of a food that its line names: the juice or zest of a fruit, what a pickle lies in.
    module PartOfIt
      # What a pickle or something in oil lies in, by what it is called beside it.
      LIQUORS = {
        "juice" => "pickle-brine",
        "brine" => "pickle-brine",
        "liquid" => "pickle-brine",
        "liquor" => "pickle-brine",
        "oil" => "jar-oil"
      }.freeze
      DONE = %w[juiced zested jcd jced].freeze
      # "of the juice"
      LIQUOR_WORDS = 3

      private

      def part?(word, index)
        return false if @tokens[index].value[OrdersBehind::ORDER]

        if @around.of_ahead?(index) || @around.parts_of?(index, @parts) ||
             (@around.of_or_amount?(index) && @around.food_after?(index))
          return true
        end
        return false if @around.kept?(index) || @around.was_kept?(index) || comes_in_juice?(index)
        if @parts[word] == "zest" && item.name.to_s.match?(Items::JUICE) && @around.amount_near?(index)
          return true
        end
        # "Whisk 3 tbsp of the juice with the vinegar": of what was squeezed before.
        return false if !item.food? && Around.word(@tokens[index + 1]) == "with"
        return false if word == "peel" || (item.food? && !@lexicon.fruit?(item.foods.first))

        true
      end

      # "A tin of pineapple, in juice"
      def comes_in_juice?(index)
        @around.word_before(index) == "in" && !@around.of_ahead?(index) &&
          (!item.container.nil? || item.words["states"] == "tinned")
      end

      # "and the juice of half a lemon", "2 Tbsp oil and zest of 1 lime": a food of its own.
      def part(word, index)
        own = item.food? && @around.food_after?(index) && !DONE.include?(word)
        own &&=
          (item.parts.empty? && (@around.of_or_amount?(index) || @around.parts_of?(index, @parts))) ||
            (item.amount && Around.joins?(@around.before(index)))
        if @parts[word] == "zest" && item.name.to_s.match?(Items::JUICE) && @around.amount_near?(index)
          return zest_of_same(index)
        end

        return first_of_it.parts << @parts[word] if of_all?(word, index)
        if of_another?(word) && (@around.some_of_same?(index) || zested?(word, index))
          return of_same(@parts[word], index)
        end

        begin_item(@tokens[index]) if own
        item.parts << @parts[word]
      end

      # "25 lemons: zest 5, juice all": of what was counted first.
      def of_all?(word, index)
        @parts[word] == "juice" && Around.word(@tokens[index + 1]) == "all" && item.parts.any? &&
          first_of_it.parts.empty?
      end

      def first_of_it = @items.find { |each| each.foods == item.foods }

      # Where the number before it is of fruit.
      def zested?(word, index)
        item.counted? && item.parts.empty? && @parts[word] == "zest" && @around.so_many_of_same?(index)
      end

      # Not of all of what was counted before: "5 oranges, zest of 2".
      def of_another?(word)
        item.food? && (item.parts.any? || (item.counted? && @parts[word] == "zest"))
      end

      # "Zest of 2 lemons and juice of 3", "5 oranges, zest of 2"
      def of_same(part, index)
        same = item
        begin_item(@tokens[index])
        item.foods, item.name, item.clause, item.parts = same.foods, same.name, @clauses.number, [part]
      end

      # "Juice 4 limes, zest 2", "juice of 4 limes, zest of 2": so many for each.
      def part_counted?(token, index)
        return false unless item.food? && item.parts.size > 1 && token.value.unit == :piece

        at = @around.word_before(index) == "of" ? index - 1 : index
        @parts.key?(@around.word_before(at)) && [nil, :mark].include?(@tokens[index + 1]&.kind)
      end

      def part_counted(token)
        same, part = item, item.parts.pop
        begin_item(token).amount = token.value
        item.foods, item.name, item.clause, item.parts = same.foods, same.name, @clauses.number, [part]
      end

      # "½ c. sweet pickle + 2 Tbsp of the juice": what the first lies in.
      def liquor?(index)
        item.food? && !@clauses.bracketed? && (@around.joined?(index) || @around.kept?(index)) &&
          @around.of_its?(index, LIQUORS.keys)
      end

      def liquor(token, index)
        key = LIQUORS.fetch(@around.of_its(index))
        begin_item(token).amount = token.value
        item.foods, item.name, item.clause = [key], key.tr("-", " "), @clauses.number
        @said = index + LIQUOR_WORDS
      end

      # "Lemon juice 150 ml, + zest of 3 of them first"
      def zest_of_same(index)
        fruit = item.foods.first.delete_suffix("-juice")
        begin_item(@tokens[index])
        item.foods, item.name, item.clause, item.parts =
          [fruit],
          fruit.tr("-", " "),
          @clauses.number,
          ["zest"]
      end

      # "Tuna, in oil", "anchovy, oil … 2 fillets"
      def lies_in?(token)
        item.amount.nil? && token.folded == %w[oil] && @lexicon.preserved?(item.foods.first)
      end
    end
  end
end
