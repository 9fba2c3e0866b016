# frozen_string_literal: true

module Scullion
  module Recipe
    # Several kinds of one food that share its name: "red and yellow peppers", "peppers, red/green/yellow".
    # An item each, of the amount that is said of each of them, or of its share. For Items, which it is a part
    # of.
    module KindsOfIt
      BETWEEN = %w[/ & +].freeze
      ONE_OF_IT = %w[one ones].freeze
      HALVES = /\bhalf\b.*\bhalf\b/i.freeze
      OF_IT = /\bof\s+(?:it|them|which)\b/i.freeze
      # Share of a whole that its kinds may be short of it, and are still all of it.
      ALL_OF_IT = 0.01

      private

      # Said before the name.
      def kinds_of_it(token)
        kinds = @around.enumerated(@tokens.index(token)).map { |word| [word, kind_called(word, token)] }
        return if kinds.empty? || kinds.any? { |_, keys| keys.nil? || keys == item.foods }
        return item.others.concat(kinds.flat_map(&:last)) if either?(kinds.first.first, kinds.size + 1)

        whole = item
        share_among(whole, kinds.size + 1)
        whole.unknown.reject! { |word, *| kinds.any? { |kind, _| kind.text == word } }
        of_kinds(kinds, whole, token)
      end

      # "1 red/green pepper", "a pepper, red or green": one of them, and which is asked.
      def either?(first, many)
        sign = @tokens[@tokens.index(first) + 1]
        return true if sign.folded == %w[or]

        sign.text == "/" && !item.said?(:each) && item.counted? && item.amount.value < many
      end

      def share_among(whole, many)
        whole.amount = whole.amount&.times(1.0 / many) unless whole.said?(:each)
      end

      def of_kinds(kinds, whole, token)
        last = whole.dup
        (word, keys), *others = kinds
        whole.foods, whole.name = keys, "#{word.text} #{token.text.split.last}"
        others.each { |other, named| @items << another_kind(whole, named, other, token.text.split.last) }
        @items << last.tap { |each| each.from = token.at }
        @items.last(kinds.size + 1).each_cons(2) { |one, other| one.to = other.from }
      end

      def another_kind(whole, keys, word, head)
        whole.dup.tap do |each|
          each.foods, each.name, each.from = keys, "#{word.text} #{head}", word.at
          each.words, each.flags, each.unknown = whole.words.dup, whole.flags.dup, []
        end
      end

      def kind_called(word, token) = @lexicon.food([Lexicon.fold(word.text), token.folded.last])

      # Said behind the name, which the first of them has turned. What is said after them is said of each.
      def kinds_behind(token, head)
        kinds = listed_kinds(@tokens.index(token), head)
        return if kinds.empty?

        @said = @tokens.index(kinds.last.first)
        return item.others.concat(kinds.flat_map(&:last)) if either?(token, kinds.size + 1)

        whole = item
        share_among(whole, kinds.size + 1)
        whole.flags << :kinds
        kinds.each { |word, keys| @items << another_kind(whole, keys, word, head) }
        @items.last(kinds.size + 1).each_cons(2) { |one, other| one.to = other.from }
      end

      # @return [Array<Array(Lexer::Token, Array<String>)>] each word with the keys of its kind
      def listed_kinds(at, head)
        found = []
        while between?(@tokens[at + 1]) && (word = @tokens[at + 2])&.kind == :word
          keys = @lexicon.food([*word.folded, *Lexicon.fold(head).split]) if word.value.empty?
          break if keys.nil? || keys == item.foods || @parts.key?(Around.word(word))

          found << [word, keys]
          at += 2
        end
        found
      end

      def between?(token) = BETWEEN.include?(token&.text) || token&.folded == %w[or] || Around.joins?(token)

      # "Tomatoes: 2 kg beef, 1 kg cherry", "four green peppers and four red", "1 kg rice, 1/3 of it wild": a
      # kind that is named by its own word alone.
      def kind_counted?(index)
        # "Half golden, half candy" is Halved's.
        if !item.food? || @text.match?(HALVES) || @clauses.or? || @lexicon.poured?(item.foods.first)
          return false
        end

        word = kind_word(index) || kind_word_before(index) or return false
        # "Peppers: 10 red, 6 yellow, 3 oranges": a food of its own, but where nothing is counted before it.
        return false if word.kind == :food && head_of_kinds.amount
        keys = kind_by(word)
        keys && keys != item.foods && @lexicon.kin?(item.foods.first, keys.first) &&
          kind_ends?([@tokens.index(word), index].max + 1)
      end

      # Also "half a red one".
      def kind_ends?(at)
        at += 1 if ONE_OF_IT.include?(Around.word(@tokens[at]))
        ends = @tokens[at]
        ends.nil? || %i[mark amount].include?(ends.kind) || Around.joins?(ends)
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

      def kind_by(word) = @lexicon.food([*word.folded, *Lexicon.fold(head_of_kinds.name).split.last(1)])
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

      # What is said behind the last of them holds for each.
      def kinds_alike
        @items
          .chunk_while { |one, other| one.said?(:kinds) && other.said?(:kinds) }
          .select { |group| group.size > 1 }
          .each { |group| alike(group) }
      end

      def alike(group)
        last = group.last
        unless group.first.amount
          share_among(last, group.size)
          group.each { |each| each.amount = last.amount }
        end
        group.each { |each| each.words, each.piece = last.words.merge(each.words), each.piece || last.piece }
      end
    end
  end
end
