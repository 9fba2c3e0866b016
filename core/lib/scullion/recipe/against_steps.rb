# frozen_string_literal: true

module Scullion
  module Recipe
    # A recipe's list held against its own steps: what is in one and not in the other.
    class AgainstSteps
      EVERYTHING = /\b(?:everything|all (?:the )?ingredients|the rest)\b/
      MOST = 10
      NONE = %w[no not without any].freeze
      # More than the list has, beyond rounding; and a teaspoon for a tablespoon.
      MORE = 1.02
      ANOTHER_SPOON = (2.9..4.1).freeze

      # @param page [Page] @param larder [Hash{String=>Ingredient}]
      # @param listed [Array<Array(LineReader::Read, Ingredient)>] each line and what it was taken for, or nil
      # @param mentions [Mentions] where a sentence speaks of them @param items [Items]
      # @param writer [Amount::Writer]
      def initialize(page, larder, listed, mentions, items, writer)
        @larder, @reads, @taken = larder, listed.map(&:first), listed.filter_map(&:last)
        @sentences = page.steps.flat_map { |line| Sentences.of(NumberedSteps.bare(line.text)) }
        @steps = @sentences.join(" ").downcase
        @mentions, @items, @writer = mentions, items, writer
      end

      # In the steps and not in the list: names of the larder that stand there whole, and whatever else
      # somebody may not eat; with the allergens of each.
      # @return [Array<String>] "butter (milk)"
      def missing
        return [] if @steps.empty?

        taken = @taken.to_h { |ingredient| [ingredient.key, true] }
        named = @items.lexicon.named_in(Lexicon.words_of(@steps)).reject { |_, name| only_done?(name) }
        named
          .merge(barred.except(*named.keys))
          .reject { |key, name| taken.key?(key) || in_list?(name) }
          .map { |key, name| [name, @larder[key].allergens_said].compact.join(" ") }
          .uniq
          .first(MOST)
      end

      # In the list and not in the steps.
      # @return [Array<String>] lines as they were written
      def unused
        return [] if @steps.empty? || @steps.match?(EVERYTHING)

        @reads.reject { |read| spoken_of?(read) }.map { |read| read.line.text }
      end

      # Of which the steps use more than the list has, or as many of another spoon; fruit of which they leave
      # some, and say nothing of it.
      # @return [Array<String>] in words
      def differs
        left = @reads.select { |read| read.line.item.said?(:some_left) }
        left.map { |read| "#{read.name}: the steps squeeze less than the list has" } + used_otherwise
      end

      private

      def used_otherwise
        @reads.filter_map do |read|
          used = in_steps(read)
          next if used.empty? || read.amount.nil? || read.per_head

          said = used.find { |amount| other?(read.amount, amount) }
          differing(read, said) if said
        end
      end

      # "Wrap the beetroot": no food there.
      def only_done?(name)
        return false unless @items.lexicon.verbs.key?(name)

        @sentences.none? do |sentence|
          @items.tokens(sentence).any? { |each| each.kind == :food && each.word == name }
        end
      end

      # Foods of the steps that not everybody may eat, of a family that the list has none of.
      # @return [Hash{String=>String}] names by key
      def barred
        listed, lexicon = @taken.map(&:family), @items.lexicon
        @sentences
          .flat_map { |sentence| [nil, *@items.tokens(sentence)].each_cons(2).to_a }
          .select { |before, token| token.kind == :food && !NONE.include?(before&.word) }
          .to_h { |_, token| [token.value[:keys].first, token.word] }
          .reject do |key, name|
            @larder[key].for_anybody? || listed.include?(@larder[key].family) || lexicon.bought?(key) ||
              lexicon.verbs.key?(name)
          end
      end

      def spoken_of?(read)
        read.name.split.any? { |word| in_steps?(word) } || mentioned.include?(read.line.item.foods)
      end

      # By name, by what it is called in the list, or by its kind.
      def mentioned
        @mentioned ||= @sentences.flat_map { |sentence| @mentions.in(sentence).map(&:keys) }.uniq
      end

      # Amounts of it that the steps say, weighed or measured.
      def in_steps(read)
        read.line.item.foods.flat_map { |key| told.fetch(key, []) }.uniq
      end

      # @return [Hash{String=>Array<Amount>}] by food
      def told
        @told ||=
          @sentences
            .select { |sentence| @items.tokens(sentence).any? { |token| token.kind == :amount } }
            .flat_map { |sentence| @items.of(sentence, prose: true) }
            .each_with_object({}) do |item, all|
              amount = item.amount
              next if amount.nil? || amount.estimated || amount.unit == :piece

              item.foods.each { |key| (all[key] ||= []) << amount }
            end
      end

      def other?(listed, used)
        used.unit == listed.unit && !listed.estimated &&
          (used.value > listed.value * MORE || ANOTHER_SPOON.cover?(listed.value / used.value))
      end

      def differing(read, used)
        "#{read.name}: #{read.amount.written(@writer)} in the list, #{used.written(@writer)} in the steps"
      end

      def names(ingredient) = [ingredient.name, *ingredient.aliases].map(&:downcase)

      def in_steps?(word) = word.length > 2 && @steps.include?(word.chomp("s"))

      # To its end: hazelnuts are nuts, and salted anchovies no salt.
      def in_list?(name)
        in_list.match?(/#{Regexp.escape(name.chomp("s"))}s?(?![[:alpha:]])/)
      end

      def in_list
        @in_list ||= [*@taken.flat_map { |each| names(each) }, *@reads.map(&:name)].join(" ").downcase
      end
    end
  end
end
