# frozen_string_literal: true

module Scullion
  module Recipe
    # How the steps say that the food of a line is cut, where the line itself does not. For Bound, which it is
    # a part of.
    module BoundCuts
      # How the steps say that a line's food is cut, as this food is cut here.
      # @param read [LineReader::Read] @param ingredient [Ingredient] @return [String, nil]
      def cut(read, ingredient) = cut_of(set(read), ingredient)

      private

      # "Grate the carrots" where the line has them grated.
      def said_itself?(fact)
        read = fact.fact == "cut" && @reads.find { |each| each.line.number == fact.line }
        read && read.words["cut"] == fact.value.first
      end

      # The first that is told, and the second where that goes on from it: "halve, then slice".
      def cut_of(told, ingredient)
        cuts = told.select { |fact| fact.fact == "cut" }.map { |fact| told_cut(fact, ingredient) }
        first_cuts = @house.lexicon.words("kept").fetch("first_cuts")
        cuts.reduce do |one, other|
          before, after = [one, other].map { |each| first_cuts.index(each) }
          before && (after.nil? || after > before) ? other : one
        end
      end

      # @return [String, nil] what it is of this food
      def told_cut(fact, ingredient)
        cut, size = fact.value
        sized = size && CutSize.of(size, cut)&.nearest(ingredient.cuts, @house.practice)
        sized || WrittenWay.cut(cut, ingredient, @house.lexicon)
      end

      def cuts?(fact, read)
        food = food(read)
        return false if food.nil? || read.words["cut"] || CutSize.of(read.line.text.to_s, nil)

        taken = Taken.new(read, food, @house, 1)
        !taken.dressing? && !taken.beside? && !told_cut(fact, food).nil?
      end
    end
  end
end
