# frozen_string_literal: true

module Scullion
  module Cook
    # Food lying in a pot and kept covered by water: beans, cut vegetables, eggs. The method says
    # what lies there (lying_name) and declares lying_density, lying_solid_density and cover_cm.
    module Covered
      extend Worksheet::Figures

      brought :lying_grams, of: :itself, as: -> { lying_name }
      figure(
        :grain_cm,
        "The food reaches",
        :cm,
        how: "its volume as it lies ÷ pot area"
      ) { |lying_grams, lying_density, pot_area| lying_grams / lying_density / (pot_area * InPot::CM2) }
      figure(
        :water_line_cm,
        "Water line",
        :cm,
        how: "the food's height + water above it"
      ) { |grain_cm, cover_cm| grain_cm + cover_cm }
      figure(
        :water_grams,
        "Water in the pot",
        :g,
        how: "volume to the line − the food's own"
      ) do |water_line_cm, pot_area, lying_grams, lying_solid_density|
        (water_line_cm * pot_area * InPot::CM2) - (lying_grams / lying_solid_density)
      end

      private

      def lying_name = :batch_dry_grams
      def heated_name = lying_name

      # g lying in the pot at its limit, under its water.
      def room_under_water(pot)
        (((most_full * pot.litres * InPot::CM3) - (pot.area * InPot::CM2 * cover_cm)) * lying_density).floor(
          6
        )
      end
    end
  end
end
