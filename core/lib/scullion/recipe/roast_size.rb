# frozen_string_literal: true

module Scullion
  module Recipe
    # In which size a food is roasted, where the recipe roasts it and writes no cut: not small as it comes
    # into a salad otherwise, which the written minutes would dry to nothing, but so that as much of it is
    # left as its usual roast leaves.
    class RoastSize
      # @param house [House]
      def initialize(house)
        @house = house
      end

      # @param component [Hash] roasted in its usual cut @param ingredient [Ingredient]
      # @return [Hash] in the cut that its minutes and heat are for, or whole
      def of(component, ingredient)
        usual = @house.left_after(component.merge("cook" => { "method" => "roast" }).except("cut")) or
          return component
        return component if left(component) >= usual * least

        cuts = @house.lexicon.words("kept").fetch("roasted_in") & ingredient.cuts
        shares = cuts.to_h { |cut| [cut, left(component.merge("cut" => cut)) / usual] }
        cut, = shares.find { |_, share| share.between?(least, 1 / least) }
        cut ||= shares.min_by { |_, share| (share - 1).abs }&.first
        cut ? component.merge("cut" => cut) : component.except("cut")
      end

      private

      def left(component) = @house.left_after(component) || 0.0
      def least = @house.practice.fetch("reading/roasted_share")
    end
  end
end
