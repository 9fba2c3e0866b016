# frozen_string_literal: true

module Scullion
  module Recipe
    # Where a sentence speaks of the foods of a recipe: by any of their names, by a word of what they are
    # called in the list ("steak"), or by their kind ("the fish").
    class Mentions
      # keys: what the food may be; at, to: its place in the plain sentence, in letters
      Mention = Struct.new(:keys, :at, :to, keyword_init: true)

      KINDS = {
        "fish" => %w[fish],
        "meat" => %w[meat cured],
        "nuts" => %w[nut-or-seed],
        "seeds" => %w[nut-or-seed],
        "beans" => %w[pulse tinned-pulse pod],
        "grain" => %w[grain],
        "grains" => %w[grain],
        "lents" => %w[pulse tinned-pulse],
        "bns" => %w[pulse tinned-pulse pod],
        "pasta" => %w[pasta],
        "noodles" => %w[pasta],
        "bread" => %w[bread],
        "croutons" => %w[bread],
        "crumbs" => %w[bread],
        "cheese" => %w[cheese],
        "cream" => %w[dairy],
        "leaves" => %w[leaf]
      }.freeze
      # All of the list that are of that kind, and not the first of them.
      ALL_OF_A_KIND = { "herbs" => %w[herb], **KINDS.slice("nuts", "seeds", "leaves", "grains") }.freeze
      # What some of them are called by how they grow or are cut.
      GROWN = {
        "spears" => %w[asparagus tenderstem],
        "florets" => %w[broccoli cauliflower tenderstem romanesco],
        "cobs" => %w[corn-cob],
        "bulbs" => %w[fennel]
      }.freeze
      SHORTEST = 4
      # "Shred both cabbages": each that is called so.
      EACH_OF_THEM = /\b(?:both|all)\s+(?:(?:of\s+)?the\s+)?\z/i.freeze

      # @param items [Items] @param listed [Array<Item>] the foods of the list @param larder [Hash]
      def initialize(items, listed, larder)
        @items, @larder = items, larder
        @listed = listed.map(&:foods).uniq
        @called = called(listed)
        @heads =
          listed
            .group_by { |item| Lexicon.singulars(item.name).last }
            .transform_values { |all| all.map(&:foods) }
        @cut_so = cut_so(listed)
        @along = listed.select { |item| item.place == "pot" }.map(&:foods)
      end

      # Said beside what the sentence is about: what is poured, and what cooks along.
      def beside?(mention)
        key = mention.keys.first
        @items.poured_key?(key) || @items.lexicon.cooked_in?(key) || @along.include?(mention.keys)
      end

      def seasons?(mention) = @items.lexicon.seasons?(mention.keys.first)
      def aromatic?(mention) = @items.lexicon.aromatic?(mention.keys.first)

      # @param words [Array<String>] folded @return [String, nil] the cut that they name
      def cut(words) = @items.lexicon.roles(words)["cuts"]

      # @param sentence [String] @return [Array<Mention>] in order
      def in(sentence)
        @sentence = @items.plain(sentence)
        [nil, *@items.tokens(sentence)].each_cons(2)
          .reject { |before, token| of_its_name?(before, token) }
          .filter_map { |before, token| mention(token, both(token) || keys(token) || by_cut(before, token)) }
      end

      # A sentence as its mentions count their places in it.
      def plain(sentence) = @items.plain(sentence)

      # Do two of them stand side by side?
      def together?(one, other, between)
        first, second = [one, other].sort_by(&:at)
        @sentence[first.to...second.at].to_s.match?(between)
      end

      private

      # "Sage leaves" are no leaves of the list.
      def of_its_name?(before, token)
        before&.kind == :food && token.kind == :word && KINDS.key?(token.folded.last)
      end

      # Tokens count bytes.
      def letters(bytes) = @sentence.byteslice(0...bytes).to_s.scrub.length

      def mention(token, keys)
        return unless keys

        at = letters(token.at)
        Mention.new(keys: keys, at: at, to: at + token.text.length)
      end

      # "Ribbons last", "the wedges": what alone is cut so. Not "cut into wedges".
      def by_cut(before, token)
        return unless token.kind == :word && token.text.end_with?("s") && token.value["cuts"]
        return unless before.nil? || before.kind == :mark || before.folded == %w[the]

        @cut_so[token.value["cuts"]]
      end

      # @return [Array<String>, nil] of two foods or more that share this word
      def both(token)
        return if token.folded.nil? || !@sentence.byteslice(0...token.at).to_s.scrub.match?(EACH_OF_THEM)

        so_called = @heads.fetch(Lexicon.singular(token.folded.last), [])
        so_called.flatten if so_called.size > 1
      end

      def keys(token)
        return if token.folded.nil?

        word = Lexicon.singular(token.folded.last)
        return @called[word] || kind(token.folded.last) unless token.kind == :food

        named = token.value[:keys]
        @listed.find { |keys| keys.intersect?(named) } || @called[word] || kind(token.folded.last) ||
          of_that_name(named) || only_one(word) || (named if @listed.empty?)
      end

      # Of each cut that only one food has, that food.
      def cut_so(listed)
        listed
          .group_by { |item| item.words["cuts"] }
          .select { |_, so| so.one? }
          .transform_values { |so| so.first.foods }
      end

      # "Rice" where the list has a pouch of basmati, "ham" where it has one that is air-dried: the only one
      # that has this word in a name of its own.
      def only_one(word)
        so_called = @listed.select { |keys| @items.lexicon.in_name?(keys.first, word) }
        so_called = so_called.reject { |keys| @items.poured_key?(keys.first) } if so_called.size > 1
        so_called.first if so_called.one?
      end

      # "Toms" where the list has heritage tomatoes.
      def of_that_name(named)
        word = Lexicon.fold(@larder[named.first]&.name.to_s).split.first
        @called[Lexicon.singular(word)] if word
      end

      def kind(word)
        grown = GROWN[word]
        return @listed.find { |keys| keys.intersect?(grown) } if grown

        all = of_kinds(ALL_OF_A_KIND[word]).flatten
        return all if all.any?

        of_kinds(KINDS[word]).first ||
          (@listed.find { |keys| @larder[keys.first]&.allergens&.include?("fish") } if word == "fish")
      end

      def of_kinds(families)
        families ? @listed.select { |keys| families.include?(@larder[keys.first]&.family) } : []
      end

      # The words that each is called by in the list, what is poured by those that nothing else has; "fresh
      # thyme" not by what "fresh water" is too. A short word is a name where it is the last: "smoked eel".
      def called(listed)
        listed
          .partition { |item| @items.poured_key?(item.foods.first) }
          .flatten
          .flat_map { |item| names(item).map { |word| [word, item.foods] } }
          .reject { |word, _| @items.lexicon.roles([word]).any? }
          .to_h
      end

      def names(item)
        words = Lexicon.singulars(item.name)
        short = words.last unless @items.poured_key?(item.foods.first)
        words.select { |word| word.length >= SHORTEST || word == short }
      end
    end
  end
end
