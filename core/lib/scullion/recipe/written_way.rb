# frozen_string_literal: true

module Scullion
  module Recipe
    # The way of cooking or keeping that a line names, and its cut: the first of what its word may mean that
    # the food has. Where it has none, it is asked: "braised" is not planned raw without a word, nor
    # "in wedges" diced. Part of LineReader.
    module WrittenWay
      # Families that come as they are, and states in which a food comes cooked or kept.
      KEPT, COMES = %w[cured pickle].freeze, %w[cooked tinned jarred frozen dry].freeze
      # Not cut at all, where the line says so.
      WHOLE = "whole"
      NOT_RAW = "Raw? It is cooked here: take it so?"
      # "Roast peppers, 6 kg raw weight": those of a jar are not weighed raw.
      KEPT_RAW = "Weighed raw? This one comes cooked."
      WEIGHED_RAW = /\braw\s+w(?:eigh)?ts?\b|\bweighed\s+raw\b/i.freeze
      BOUGHT_COOKED = /\A(?:jarred|tinned|cooked)-/.freeze
      BOUGHT_RAW = %w[meat fish cured egg nut-or-seed grain pasta pulse].freeze
      BEHIND_RAW = /[,;]\s*raw\b/i.freeze
      # Nuts are blanched for their skins.
      SKINNED = "blanch"
      FRIED = /(?:fried|crisped)\z/.freeze
      # What leaves a part of a food, and not all that is good of it.
      PARTS_LEFT = ["crusts off", "rind only", "pale heart", "green part"].freeze
      # Bread is rubbed with garlic, nuts in a cloth.
      RUBBED = "massage"

      # @param word [String] the way @return [String] the question
      def self.question(word) = "“#{word}”: there are no figures here for that. Take it without?"

      # @param method [String, nil] @return [String, nil] as a line says it: "roasted"
      def self.said(method, practice) = practice.words("recipe_words", "cook").key(method) || method

      # @param written [String, nil] a cut @param food [Ingredient] @param lexicon [Lexicon]
      # @return [String, nil] what it is of this food
      def self.cut(written, food, lexicon)
        [written, *lexicon.words("alike_cuts")[written]].find { |cut| food.cuts.include?(cut) }
      end

      # @param food [Ingredient] @return [Boolean] whether it may stay in one piece here
      def self.left_whole?(food) = food.figures.key?("density/whole")

      # Both where the food has a figure for both, and else what takes most.
      # @param written [String, nil] what is taken off: "peeled and seeded" @param food [Ingredient, nil]
      # @return [String, nil]
      def self.trim(written, food)
        return written if written.nil? || food.nil? || food.trims.key?(written)

        parts = written.split(" and ")
        parts.select { |part| food.trims.key?(part) }.min_by { |part| food.fetch("trims/#{part}/yield") } ||
          parts.first
      end

      # What seasons and what is poured is as it is.
      # @param item [Item] @param food [Ingredient] @param lexicon [Lexicon]
      def self.asked?(item, food, lexicon)
        return false unless item.place.nil?

        kinds = %i[seasons? poured? aromatic?]
        kinds << :squeezed? if item.parts.any? || item.words["cooks"].nil?
        kinds.none? { |kind| lexicon.public_send(kind, food.key) }
      end

      # Nor is what comes cooked or kept cooked here.
      def self.cooked?(item, food, lexicon)
        asked?(item, food, lexicon) && !KEPT.include?(food.family) && !COMES.include?(item.words["states"])
      end

      private

      # @return [String, nil] the question
      def way_not_here(item, food)
        return unless WrittenWay.asked?(item, food, @house.lexicon)
        return NOT_RAW if not_eaten_raw?(item, food)
        return KEPT_RAW if food.key.match?(BOUGHT_COOKED) && (item.raw? || @line.text.match?(WEIGHED_RAW))

        word = cooked_not_here(item, food) || cut_not_here(item, food) || part_not_here(item, food)
        return WrittenWay.question(word) if word

        second = cooked_again(item, food)
        WaysLeft.question(second) if second
      end

      # "Fine beans, a third left raw": what grows and is not eaten so is cooked here, and not without a word.
      # Of meat and fish it is how they are bought.
      def not_eaten_raw?(item, food)
        return false if !item.raw? || item.words.key?("cooks") || BOUGHT_RAW.include?(food.family)
        return false unless item.said?(:stays_raw) || @line.text.match?(BEHIND_RAW)

        @house.default_component(food).to_h.key?("cook") && Safety::Catalogue.shipped.kind(food).raw != "fine"
      end

      # "Steamed, then fried crisp": cooked one way, and then another that the food has too.
      def cooked_again(item, food)
        return unless WrittenWay.cooked?(item, food, @house.lexicon)

        way = way_here(item, food)
        ways_done(item, food).find { |_, ways| !ways.include?(way) }&.first
      end

      def cooked_not_here(item, food)
        return unless WrittenWay.asked?(item, food, @house.lexicon)

        strange = ways_done(item, food).find { |_, ways| ways.none? { |way| food.facts.key?(way) } }
        strange&.first || treated_not_here(item, food)
      end

      # What comes cooked or kept was cooked so before; what it is fried to then is done here.
      def ways_done(item, food)
        ways = ways_named(item, food)
        return ways if WrittenWay.cooked?(item, food, @house.lexicon)

        ways.slice(*item.unknown.map { |word, *| Lexicon.fold(word) }.grep(FRIED))
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

        word = WrittenWay.said(method, @house.practice)
        { word => told_ways[word] || [method] }
      end

      # None for a way that no food has here; nil for what is no way of cooking.
      def strange_ways(word)
        return [] if @house.lexicon.words("ways").include?(word)

        # "Pan-roasted"
        told_ways[word] || told_ways[word.split.last] if word.end_with?("ed")
      end

      def told_ways = @house.lexicon.words("told").fetch("cook")

      # Where a size is written, the nearest is taken, if any is near.
      def cut_not_here(item, food)
        return if food.cuts.empty?

        cut = item.words["cuts"]
        size = CutSize.of(@line.text, cut)
        near = size&.nearest(food.cuts, @house.practice)
        return size&.to_s || StrangeCut.of(@line.text, strange_words(item)) unless near || cut
        return as_written("cuts", cut) unless near || cut_here?(cut, food)

        StrangeCut.done(@line.text, strange_words(item))
      end

      def cut_here?(cut, food)
        food.trims.key?(cut) || !WrittenWay.cut(cut, food, @house.lexicon).nil? ||
          (cut == WHOLE && WrittenWay.left_whole?(food))
      end

      # "Crusts off", "rind only", "only the white" of bread: of what is left nobody knows the share. Other
      # trims come near one that the food has, or are done before it is bought.
      def part_not_here(item, food)
        part = item.words["trims"]
        return if part.nil? || food.trims.key?(part)

        as_written("trims", part) if PARTS_LEFT.include?(part) || @house.lexicon.bread?(food.key)
      end

      # The word of the line that means it, the longest first.
      def as_written(file, meaning)
        words = @house.lexicon.words(file).select { |_, meant| meant == meaning }.keys
        text = Lexicon.fold(@line.text)
        words.sort_by { |word| -word.length }.find { |word| text.include?(word) } || words.first || meaning
      end

      # Words without a role that are no way of cooking.
      def strange_words(item)
        item.unknown.map(&:first).reject { |word| strange_ways(Lexicon.fold(word)) }
      end

      def treated_not_here(item, food)
        treat = item.words["treats"]
        return if [nil, RUBBED].include?(treat) || food.facts.fetch("treats", {}).key?(treat)

        as_written("treats", treat)
      end
    end
  end
end
