# frozen_string_literal: true

module Scullion
  module Recipe
    # The way of cooking or keeping that a line names: the first of what its word may mean that the food has.
    # Where it has none, it is asked: what is written "braised" is not planned raw without a word. Part of
    # LineReader.
    module WrittenWay
      # Families that come as they are, and states in which a food comes cooked or kept.
      KEPT, COMES = %w[cured pickle].freeze, %w[cooked tinned jarred frozen dry].freeze
      # Nuts are blanched for their skins.
      SKINNED, PICKLED = "blanch", "quick-pickle"

      # @param word [String] the way @return [String] the question
      def self.question(word) = "“#{word}”: there are no figures here for that. Take it without?"

      # What seasons, what is poured and what comes cooked is as it is.
      # @param item [Item] @param food [Ingredient] @param lexicon [Lexicon]
      def self.asked?(item, food, lexicon)
        %i[seasons? poured? aromatic? squeezed?].none? { |kind| lexicon.public_send(kind, food.key) } &&
          !KEPT.include?(food.family) && !COMES.include?(item.words["states"]) && item.place.nil?
      end

      private

      # @return [String, nil] the question
      def way_not_here(item, food)
        return unless WrittenWay.asked?(item, food, @house.lexicon)

        word = ways_named(item, food).find { |_, ways| ways.none? { |way| food.facts.key?(way) } }&.first
        word ||= pickled_not_here(item, food)
        WrittenWay.question(word) if word
      end

      # @return [String, nil] the method's key
      def way_here(item, food)
        ways_named(item, food).values.flatten.find { |way| food.facts.key?(way) }
      end

      # @return [Hash{String=>Array<String>}] what each word of the line that cooks may mean
      def ways_named(item, food)
        said =
          item.unknown.to_h { |word, *| Lexicon.fold(word).then { |plain| [plain, strange_ways(plain)] } }
        named = { **own_way(item.words["cooks"]), **said.compact }
        food.family == "nut-or-seed" ? named.reject { |_, ways| ways.include?(SKINNED) } : named
      end

      def own_way(method)
        return {} unless method

        word = @house.practice.words("recipe_words", "cook").key(method) || method
        { word => told_ways[word] || [method] }
      end

      # None for a way that no food has here; nil for what is no way of cooking.
      def strange_ways(word)
        return [] if @house.lexicon.words("ways").include?(word)

        told_ways[word] if word.end_with?("ed")
      end

      def told_ways = @house.lexicon.words("told").fetch("cook")

      def pickled_not_here(item, food)
        return if item.words["treats"] != PICKLED || food.facts.fetch("treats", {}).key?(PICKLED)

        @house.lexicon.words("treats").key(PICKLED)
      end
    end
  end
end
