# frozen_string_literal: true

module Scullion
  module Cook
    # Food lying in a pot and kept covered by water: beans, cut vegetables, eggs. The method says
    # what lies there (lying_name) and declares lying_density, lying_solid_density and cover_cm.
    module Covered
      def self.included(sheet)
        sheet.class_eval do
          figure(:grain_cm, "The food reaches", :cm, from: -> { [lying_name, :lying_density, :pot_area].map { |name| [self, name] } },
                 how: "its volume as it lies ÷ pot area") { public_send(lying_name) / lying_density / (pot_area * InPot::CM2) }
          figure(:water_line_cm, "Water line", :cm, from: %i[grain_cm cover_cm], how: "the food's height + water above it") { grain_cm + cover_cm }
          figure(:water_grams, "Water in the pot", :g, from: -> { [:water_line_cm, :pot_area, lying_name, :lying_solid_density].map { |name| [self, name] } },
                 how: "volume to the line − the food's own") { (water_line_cm * pot_area * InPot::CM2) - (public_send(lying_name) / lying_solid_density) }
        end
      end

      private

      def lying_name = :batch_dry_grams
      def heated_name = lying_name

      # g lying in the pot at its limit, under its water.
      def room_under_water(pot)
        (((most_full * pot.litres * InPot::CM3) - (pot.area * InPot::CM2 * cover_cm)) * lying_density).floor(6)
      end
    end
  end
end
