# frozen_string_literal: true

module Scullion
  module Recipe
    # Several kinds of one food that share its name: "red and yellow peppers", "peppers, red/green/yellow".
    # An item each, of the amount that is said of each of them, or of its share. For Items, which it is a part
    # of.
    module KindsOfIt
      # What is said ahead of several holds for each of them.
      WEIGHED_SO = %i[done_each done_ahead prepared].freeze
      BETWEEN = %w[/ & +].freeze

      private

      # "A saltspoon each of mustard, sugar and salt", "1 cup each diced celery, pepper and onion"
      def as_much_each(same)
        item.amount, item.piece, item.container = same.amount, same.piece, same.container
        item.size, item.big = same.size, same.big
        item.flags.push(:each, :each_of)
        return unless same.said?(:done_each)

        item.flags |= same.flags & WEIGHED_SO
        item.words = same.words.slice(*SaidOnce::DONE)
      end

      # Said before the name.
      def kinds_of_it(token)
        kinds =
          @around.enumerated(@tokens.index(token)).map { |word| [word, kind_named(word, token.folded.last)] }
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

      # @param head [String] the name that it shares, as one word @return [Array<String>, nil] keys
      def kind_named(word, head) = @lexicon.food([*word.folded, head])

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
