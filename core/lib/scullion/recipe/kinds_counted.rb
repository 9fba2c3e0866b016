# frozen_string_literal: true

module Scullion
  module Recipe
    # A kind that has a number of its own and is named by its own word alone: "tomatoes: 2 kg beef, 1 kg
    # cherry", "four green peppers and four red", "1 kg rice, 1/3 of it wild". For Items, which it is a part
    # of.
    module KindsCounted
      ONE_OF_IT = %w[one ones].freeze
      # "2 of them blood if you see them"
      IF = %w[if when where].freeze
      HALVES = /\bhalf\b.*\bhalf\b/i.freeze
      # Of a spring onion or a leek, and no kind of it.
      PLANT_PARTS = /\A(?:whites|greens)\z/i.freeze
      OF_IT = /\bof\s+(?:it|them|which)\b/i.freeze
      # Share of a whole that its kinds may be short of it, and are still all of it.
      ALL_OF_IT = 0.01

      private

      def kind_counted?(index)
        # "Half golden, half candy" is Halved's.
        if !item.food? || @text.match?(HALVES) || @clauses.or? || @lexicon.poured?(item.foods.first)
          return false
        end

        word = kind_word(index) || kind_word_before(index) or return false
        # "Peppers: 10 red, 6 yellow, 3 oranges": a food of its own, but where nothing is counted before it.
        return false if word.kind == :food && head_of_kinds.amount
        keys = kind_by(word) unless PLANT_PARTS.match?(word.text)
        keys && keys != item.foods && @lexicon.kin?(item.foods.first, keys.first) &&
          kind_ends?([@tokens.index(word), index].max + 1)
      end

      # Also "half a red one".
      def kind_ends?(at)
        at += 1 if ONE_OF_IT.include?(Around.word(@tokens[at]))
        ends = @tokens[at]
        ends.nil? || %i[mark amount].include?(ends.kind) || Around.joins?(ends) ||
          IF.include?(Around.word(ends))
      end

      # The word behind an amount, or behind "of it". @return [Lexer::Token, nil]
      def kind_word(index)
        at = index + 1
        at += 2 if @around.of_ahead?(index) && %w[it them which].include?(Around.word(@tokens[at + 1]))
        @tokens[at] if %i[word food].include?(@tokens[at]&.kind) && !@parts.key?(Around.word(@tokens[at]))
      end

      # "Peppers, red, 10; yellow, 6", of which the first has its amount.
      def kind_word_before(index)
        at = @around.before(index)&.text == "," ? index - 2 : index - 1
        word = @tokens[at] if at.positive? && item.amount
        word if word&.kind == :word && word.value.empty?
      end

      def kind_by(word) = kind_named(word, Lexicon.fold(head_of_kinds.name).split.last)
      def head_of_kinds = @wholes[item] || item

      def kind_counted(token, index)
        ahead = kind_word(index)
        whole, word = head_of_kinds, ahead || kind_word_before(index)
        keys = kind_by(word)
        item.unknown.reject! { |unknown, *| unknown == word.text }
        begin_item(ahead ? token : word)
        @wholes[item] = whole
        item.amount, item.foods, item.clause = token.value, keys, @clauses.number
        item.name = "#{word.text} #{whole.name.split.last}"
        @said = [@tokens.index(word), @tokens.index(token)].max
      end

      # What is left of a whole of which kinds are counted: nothing where they are all of it.
      def kinds_of_wholes
        @wholes.keys.group_by { |kind| @wholes[kind] }.each { |whole, kinds| kinds_of_whole(whole, kinds) }
      end

      def kinds_of_whole(whole, kinds)
        whole.words = kinds.last.words.dup if whole.words.empty?
        kinds.each do |kind|
          share = kind.counted? && kind.amount.value < 1
          kind.amount = whole.amount.times(kind.amount.value) if share && whole.amount
          kind.words = whole.words.merge(kind.words.any? ? kind.words : kinds.last.words)
        end
        left = left_of(whole, kinds) or return
        return whole.amount = whole.amount.times(left) if left.positive?

        kinds.first.from = whole.from
        @items.reject! { |each| each.equal?(whole) }
      end

      # @return [Numeric, nil] the share of it; nil where the kinds are beside it
      def left_of(whole, kinds)
        return 0 if whole.amount.nil?
        # "Four green peppers and four red": a kind itself.
        return if whole.name.include?(" ") && !@text.match?(OF_IT)
        return unless kinds.all? { |kind| kind.amount.unit == whole.amount.unit }

        left = 1 - (kinds.sum { |kind| kind.amount.value } / whole.amount.value)
        return 0 if left.abs <= ALL_OF_IT
        return left if left.positive? && @text.match?(OF_IT)

        # "1 kg peppers, 600 g red": of it, or beside it? Nobody says.
        whole.flags << :contradicts if left.positive?
        nil
      end
    end
  end
end
