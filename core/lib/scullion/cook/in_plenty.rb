# frozen_string_literal: true

module Scullion
  module Cook
    # What methods in plenty of water share: water by the kilo, and how high it stands with the food in
    # it. The method says how much water a kilo takes (water_per_kg) and what the food displaces
    # (solid_density).
    module InPlenty
      extend Worksheet::Figures

      figure(
        :most_dry_grams,
        "Most raw the pot takes",
        :g,
        shown: false,
        how: "what fills the pot to its limit with its water"
      ) { |_most_full, _pot_litres, _water_per_kg, _solid_density| room_for(pot) }
      figure(
        :water_grams,
        "Water",
        :g,
        how: "raw in the pot × water for a kilo"
      ) { |batch_dry_grams, water_per_kg| batch_dry_grams * water_per_kg / 1000 }
      figure(
        :water_line_cm,
        "Water line",
        :cm,
        how: "(water + food) ÷ pot area"
      ) do |water_grams, batch_dry_grams, solid_density, pot_area|
        (water_grams + (batch_dry_grams / solid_density)) / (pot_area * InPot::CM2)
      end

      private

      # g of raw food that the pot takes with its water.
      def room_for(pot) = most_full * pot.litres * InPot::CM3 / ((water_per_kg / 1000) + (1 / solid_density))
    end
  end
end
