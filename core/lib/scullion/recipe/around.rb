# frozen_string_literal: true

module Scullion
  module Recipe
    # What stands before and after a token of a line.
    class Around
      include AmountsAround
      include SaidBeside
      include SpokenOf
      include Strangers

      TOWARDS = %w[in into for from under over on than like as of by].freeze
      JOINS = %w[and n w with plus also et und then].freeze
      MAY = %w[you u i we they one it that].freeze
      ARROW = %w[→ - > =].freeze
      # "plus extra to serve": that is said of what is not weighed.
      MORE = %w[plus more extra some another].freeze

      # @param tokens [Array<Lexer::Token>] @param sizes [Hash] words of how big one is
      def initialize(tokens, sizes)
        @tokens, @sizes = tokens, sizes
      end

      def self.joins?(token) = JOINS.include?(word(token))
      # "In", "soaked in"
      def self.towards?(token) = TOWARDS.include?(token&.folded&.last)
      def self.word(token) = token&.word

      # "Two bags of 60 g"
      def holder_of?(index)
        token = before(index)
        token&.kind == :word && token.folded.last == "of" &&
          token.value.keys.intersect?(%w[containers pieces])
      end

      def arrow_before?(index) = %w[→ >].include?(before(index)&.text)
      def mark_before?(index) = before(index)&.kind == :mark
      def before(index) = index.zero? ? nil : @tokens[index - 1]
      def word_before(index) = Around.word(before(index))
      def of_ahead?(index) = @tokens[index + 1]&.folded == ["of"]
      # "Sprig of mint" behind a mark: another food begins.
      def of_food?(index)
        return before(index)&.kind == :mark && @tokens[index + 2]&.kind == :food if of_ahead?(index)

        # "Big bunch mint + big bunch coriander", "pinch cayenne, sprig rosemary"
        at = index - 1
        at -= 1 while at.positive? && @sizes.key?(Around.word(@tokens[at]))
        %w[+ & ,].include?(@tokens[at]&.text) && @tokens[index + 1]&.kind == :food
      end

      def food_after?(index) = @tokens.drop(index + 1).any? { |token| token.kind == :food }
      def of_or_amount?(index) = of_ahead?(index) || @tokens[index + 1]&.kind == :amount

      # "Fresh or frozen": words of a state on both sides, and not another food.
      def either_state?(index)
        [@tokens[index - 1], @tokens[index + 1]].all? do |token|
          token&.kind == :word && (token.value["states"] || token.value["aside"])
        end
      end

      # "of 3", and no other food.
      def some_of_same?(index)
        of_ahead?(index) && @tokens[index + 2]&.kind == :amount && !food_after?(index)
      end

      # "2 lemons, zest 1 of them", "zest one": so many of what was counted before.
      def so_many_of_same?(index)
        following = @tokens[index + 1]
        following&.kind == :amount && following.value.unit == :piece && !food_after?(index)
      end

      # The food that this amount is of, but for words that change nothing and what it is counted by.
      # @return [Lexer::Token, nil]
      def food_next(index)
        after = @tokens.drop(index + 1).drop_while { |token| passed?(token) }.first
        after if after&.kind == :food
      end

      # "Fried in 2 Tbsp oil", "roasted with 100 ml oil", and not "beat in 2 Tbsp oil".
      def cooked_in?(index)
        return false if index < 2

        # "Roast w/ 150 ml oil"
        index -= 1 if %w[/ .].include?(before(index).text) && word_before(index - 1) == "w"
        case word_before(index)
        when "in"
          !ADDED.include?(word_before(index - 1))
        when *WITH
          cooked_before?(index - 2)
        end
      end

      # Also "roast at 200 for 25 min with": how hot and how long do not part them.
      def cooked_before?(at)
        at -= 1 while at.positive? && how_long?(at)
        @tokens[at].kind == :word && @tokens[at].value.key?("cooks")
      end

      def how_long?(at)
        token = @tokens[at]
        %i[time heat].include?(token.kind) || %w[at for about].include?(Around.word(token)) ||
          token.text == "/" || (token.kind == :amount && Around.word(@tokens[at - 1]) == "at") ||
          (token.text == "," && %i[time heat].include?(@tokens[at + 1]&.kind))
      end

      # Where what comes next goes when something is done in it: stock into the pot, oil into the pan.
      # @return [String, nil]
      def cooking_next(index, lexicon)
        key = food_next(index)&.then { |food| food.value[:keys].first } or return
        return "pot" if lexicon.cooked_in?(key)

        "cook" if lexicon.poured?(key) && (!lexicon.acid?(key) || (index > 1 && cooked_before?(index - 2)))
      end

      # The words before it that it is listed with: "red, green" of "red, green and yellow peppers".
      # @return [Array<Lexer::Token>] in the order of the line
      def enumerated(index)
        found = []
        at = index
        while between_words?(at - 1, found) && plain_word?(at - 2)
          found.unshift(@tokens[at - 2])
          at -= 2
        end
        found
      end

      # "And", before the last; commas only before that.
      def between_words?(at, found)
        return false if at < 1

        JOINS.include?(Around.word(@tokens[at])) || %w[& + /].include?(@tokens[at].text) ||
          (found.any? && @tokens[at].text == ",")
      end

      def plain_word?(at) = at >= 0 && @tokens[at].kind == :word && !Around.joins?(@tokens[at])

      # "Nut free", and not "eggs free range".
      def free_of?(index)
        @tokens[index + 1]&.folded == %w[free] && Around.word(@tokens[index + 2]).to_s[/\A\w+/] != "range"
      end

      # Between two marks, or at the end behind one.
      def alone?(index) = before(index)&.kind == :mark && [nil, :mark].include?(@tokens[index + 1]&.kind)

      # "2 onions, large", "onions, large, 2": a clause of its own, but for an amount.
      def clause_alone?(index)
        before(index)&.kind == :mark && [nil, :mark, :amount].include?(@tokens[index + 1]&.kind)
      end

      # The first in a bracket that holds nothing else.
      def opens?(index) = before(index)&.text == "(" && [nil, ")"].include?(@tokens[index + 1]&.text)

      # The word before a bracket of words alone that ends here. @return [Lexer::Token, nil]
      def before_bracket(index)
        return unless before(index)&.text == ")"

        opened = @tokens.first(index).rindex { |token| token.text == "(" } or return
        return if @tokens[opened...index].any? { |token| token.kind == :amount }

        word = opened.zero? ? nil : @tokens[opened - 1]
        word if word&.kind == :word
      end

      # "2 Tbsp of the juice", "a spoon of their oil": what it is that the food before lies in.
      # @return [String, nil]
      def of_its(index)
        of, whose, what = @tokens[index + 1, 3].to_a.map { |token| Around.word(token) }
        what if of == "of" && %w[the their its].include?(whose)
      end

      def of_its?(index, liquors) = liquors.include?(of_its(index))

      # "(roasted or not)"
      def or_not?(index) = @tokens[index + 1, 2].to_a.map { |token| Around.word(token) } == %w[or not]

      # "Half pickled, half diced", "1 kg onions, 400 g pickled": done to a part of it.
      # @param amount [Amount] of all of it
      def some_before?(index, amount)
        before(index)&.kind == :amount && !before(index).value.equal?(amount)
      end

      # "Half the juice"
      def share_of_part?(index, parts)
        @tokens[index].text.match?(/\A(?:half|an?\s\w+|third|quarter|½)/i) &&
          @tokens[index].value.value < 1 && parts.key?(Around.word(@tokens[index + 1]))
      end

      # An amount, an arrow, and this one.
      def arrow_between?(index)
        at = index - 1
        at -= 1 while at.positive? && ARROW.include?(@tokens[at].text)
        at < index - 1 && at >= 0 && @tokens[at].kind == :amount
      end

      # "Some of the dressing"
      def of_the?(index)
        index > 1 && [index - 2, index - 1].map { |at| Around.word(@tokens[at]) } == %w[of the]
      end

      # "Squash, any sort but spaghetti"
      def excepted?(index) = %w[but not except bar never].include?(word_before(index))

      # "Red onion, pickled in lemon", "green beans, cut": what is done to it, and no name.
      def done_in?(index)
        %w[in with].include?(Around.word(@tokens[index + 1])) || Around.word(@tokens[index]) == "cut"
      end

      # "Peas, fresh or frozen"
      def or_other_state?(index) = @tokens[index + 1]&.folded == %w[or] && either_state?(index + 1)

      # "Hot water to thin"
      def towards_what?(index) = @tokens[index + 1]&.folded == %w[to]

      # "Walnuts, almonds and seeds": one of several that are listed.
      def listed_on?(index)
        following = @tokens[index + 1]
        @tokens[index + 2]&.kind == :food && (following.text == "," || Around.joins?(following))
      end

      def times?(index) = word_before(index) == "x"

      # "Zest and juice of"
      def parts_of?(index, parts)
        Around.joins?(@tokens[index + 1]) && parts.key?(Around.word(@tokens[index + 2])) &&
          of_ahead?(index + 2)
      end

      # Comes a food before the next mark, amount or "or"?
      def food_follows?(index)
        after = @tokens.drop(index + 1)
        # "half a 28 g pack of"
        after = after.drop(1) if after.first&.kind == :amount
        after.each do |token|
          return !kept?(@tokens.index(token)) if token.kind == :food
          return false if stops?(token) || seasoned_with?(token) || loosened_with?(token)
        end
        false
      end

      # A mark or an "and" stands between this food and the one before.
      def apart?(index)
        @tokens
          .first(index)
          .reverse_each do |token|
            return false if token.kind == :food
            return true if token.kind == :mark || Around.joins?(token)
          end
        false
      end

      def joined?(index)
        before = before(index)
        before&.kind == :mark ? %w[+ &].include?(before.text) : Around.joins?(before)
      end

      # More of the same: "1 Tbsp extra", "a slosh for the bread", "2 Tbsp juice".
      def extra?(index, parts)
        word = Around.word(@tokens[index + 1])
        MORE.include?(word) || @tokens[index + 1]&.text.to_s.match?(/\A(?:for|to\s+(?:serve|finish))\b/i) ||
          parts.key?(word)
      end

      # "in the jar", "from a tin"
      def out_of?(index)
        %w[the a].include?(word_before(index)) && index > 1 && %w[in from of].include?(word_before(index - 1))
      end

      # "as fine as you can": that is no tin.
      def could?(index) = %w[you i we they one if].include?(word_before(index))

      # "The best you can find": that is no tin.
      def may?(index) = @tokens[index].folded == %w[can] && MAY.include?(word_before(index))
      def for?(index) = [index - 1, index - 2].any? { |at| at >= 0 && Around.word(@tokens[at]) == "for" }
      def more?(index) = @tokens[[index - 2, 0].max...index].any? { |each| MORE.include?(Around.word(each)) }

      private

      # "1 whole head"
      def passing?(token)
        token.value["aside"] || @sizes.key?(Around.word(token)) || token.folded == %w[whole]
      end

      def passed?(token) = token.kind == :word && (token.value["aside"] || token.folded == ["of"])
      def nothing?(token) = token.value.empty? || token.value["aside"]

      def stops?(token)
        case token.kind
        when :amount
          true
        when :mark
          token.text != "."
        when :word
          token.folded == ["or"] || (Around.towards?(token) && token.folded != ["of"])
        end
      end
    end
  end
end
