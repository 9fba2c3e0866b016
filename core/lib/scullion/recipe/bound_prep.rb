# frozen_string_literal: true

module Scullion
  module Recipe
    # How the steps say that the food of a line is trimmed and cut, where the line itself does not. For Bound,
    # which it is a part of.
    module BoundPrep
      PREP = %w[trim cut].freeze
      PEELED, SCRUBBED = %w[peeled].freeze, /\bscrub/i.freeze

      # What the steps say of a line's food, as this food is trimmed and cut here.
      # @param read [LineReader::Read] @param ingredient [Ingredient] @return [Hash] cut and trim
      def prepped(read, ingredient) = prep_of(set(read), ingredient)

      private

      # "Grate the carrots" where the line has them grated; and an egg's shell is peeled off anyway.
      def said_itself?(fact)
        return false unless PREP.include?(fact.fact)

        read = @reads.find { |each| each.line.number == fact.line } or return false
        read.words[fact.fact].to_s.split(" and ").include?(fact.value.first) ||
          (fact.fact == "trim" && food(read)&.trims.to_h.empty?)
      end

      def prep_of(told, ingredient)
        trims, cuts =
          PREP.map do |name|
            told.select { |fact| fact.fact == name }.map { |fact| told_so(fact, ingredient) }
          end
        { "trim" => all_of(trims, ingredient), "cut" => last_of(cuts) }.compact
      end

      # "Peel and core": both, where the food has a figure for both.
      def all_of(trims, ingredient) = WrittenWay.trim((trims.uniq.join(" and ") if trims.any?), ingredient)

      # The first that is told, and the second where that goes on from it: "halve, then slice".
      def last_of(cuts)
        first_cuts = @house.lexicon.words("kept").fetch("first_cuts")
        cuts.reduce do |one, other|
          before, after = [one, other].map { |each| first_cuts.index(each) }
          before && (after.nil? || after > before) ? other : one
        end
      end

      # @return [String, nil] what it is of this food
      def told_so(fact, ingredient)
        said, size = fact.value
        return [said].find { |trim| ingredient.trims.key?(trim) } if fact.fact == "trim"

        sized = size && CutSize.of(size, said)&.nearest(ingredient.cuts, @house.practice)
        sized || WrittenWay.cut(said, ingredient, @house.lexicon)
      end

      # Is it cut so in the end? What is taken off may be part of what the food has a figure for.
      def prepped_so?(fact, component)
        return component.key?("trim") if fact.fact == "trim"

        read = @reads.find { |each| each.line.number == fact.line }
        component["cut"] == told_so(fact, food(read))
      end

      # What its line says of it goes before.
      def prepped?(fact, read)
        food = food(read)
        return false if food.nil? || (read.words[fact.fact] && !scrubbed_before?(fact, read))
        return false if fact.fact == "cut" && CutSize.of(read.line.text.to_s, nil)

        taken = Taken.new(read, food, @house, 1)
        !taken.dressing? && !taken.beside? && !told_so(fact, food).nil?
      end

      # "6 beetroot, scrubbed" are peeled all the same, once they are cooked; those left in their skin are
      # not.
      def scrubbed_before?(fact, read)
        fact.value == PEELED && read.words["trim"] == DoneToIt::UNPEELED && read.line.text.match?(SCRUBBED)
      end
    end
  end
end
