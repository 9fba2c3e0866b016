# frozen_string_literal: true

module Scullion
  module Recipe
    # Amounts of a recipe that their foods never have in so much salad, as one misread has.
    class Unlikely
      LITTLE = %w[serving_grams usual_share].freeze

      # @param all [Array<Taken>] all that was taken
      # @param servings [Integer, nil] where somebody says how many
      def initialize(all, practice, servings)
        @all, @practice, @servings = all, practice, servings
      end

      # Of all that was taken, g.
      def whole = @whole ||= @all.sum { |taken| taken.grams.to_f }

      # Advice, with the reading that would mend it. @return [Hash, nil]
      def slip(taken)
        return if passed?(taken)

        found = Salad::Slip.new(taken.ingredient, taken.grams, whole, @practice)
        return unless found.slip?

        said = found.to_h.except("ingredient")
        said["reading"] &&= said["reading"].merge(
          "amount" => taken.read.amount.times(said["reading"]["factor"]).written(@practice.writer)
        )
        said
      end

      # So much more that it is asked about: beyond on a large portion too. Of a few foods, or for nobody
      # knows how many, nothing is known to be too much.
      def far_too_much?(taken)
        return false if passed?(taken) || @servings.nil? || @all.size < @practice.fetch("slips/asked/foods")

        least = @practice.fetch("slips/asked/portion_grams") * @servings
        Salad::Slip.new(taken.ingredient, taken.grams, [whole, least].max, @practice).more?
      end

      def so_little?(taken) = nothing?(taken) || far_too_little?(taken)

      # Of what is eaten for itself, so little to each that none of it would be met, and far under what it
      # usually is of a salad: an amount for one taken for all, or a unit misread. Where very many foods are
      # listed, none is known to be too little.
      def far_too_little?(taken)
        return false if passed?(taken) || !taken.eaten? || @servings.nil?
        few, many = %w[slips/asked/foods reading/little/foods].map { |at| @practice.fetch(at) }
        return false if taken.grams.zero? || !@all.size.between?(few, many)

        each, least, share =
          taken.grams / @servings,
          *LITTLE.map { |name| @practice.fetch("reading/little/#{name}") }
        usual = taken.ingredient.figures["usual/low"].to_f / 100 * whole / @servings
        each < least && each < usual * share
      end

      # Written, and less than can be weighed of it in all: a number misread.
      def nothing?(taken)
        !passed?(taken) && !taken.weighed.nil? &&
          taken.weighed * 1000 < @practice.fetch("reading/nothing_milligrams")
      end

      # A whole salad that nobody has on a plate, where somebody says how many it serves.
      # @return [String, nil] g a serving, in words
      def plate
        eaten = @all.reject(&:beside?).sum { |taken| taken.grams.to_f }
        return if @servings.nil? || @all.size < @practice.fetch("slips/asked/foods")

        each = eaten / @servings
        least, most = %w[least most].map { |name| @practice.fetch("reading/plate/#{name}_grams") }
        "#{@practice.writer.g(each)} a serving" unless each.between?(least, most)
      end

      private

      def passed?(taken) = taken.right? || taken.zest? || taken.beside? || taken.grams.nil?
    end
  end
end
