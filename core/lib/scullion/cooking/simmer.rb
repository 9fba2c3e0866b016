# frozen_string_literal: true

module Scullion
  module Cooking
    # Pulses from dry: soaked, boiled hard, then simmered and kept covered. Rules of the job,
    # "Pulses from dry". Kidney-type beans always go into fresh water and boil hard first.
    class Simmer < Method
      KEY = "simmer"
      FORM = "cooked"
      SOAKS = %w[long quick].freeze
      WATERS = %w[fresh soak].freeze
      include InPot

      assumption :soaked_factor, "Soaked for dry", :factor, book: :ingredient, at: "simmer/soaked"
      assumption :cooked_factor, "Cooked for dry", :factor, book: :ingredient, at: "simmer/gain"
      assumption :simmer_minutes, "Bare simmer", :min, book: :ingredient, at: "simmer/minutes", shown: true
      assumption :hard_boil_minutes, "Hard boil first", :min, book: :practice, at: -> { "simmer/#{kidney_type? ? 'kidney_boil_minutes' : 'boil_minutes'}" }, shown: true
      assumption :soak_minutes, "Soak", :min, book: :practice, at: -> { "simmer/#{soak}/minutes" }, shown: true
      assumption :soak_cover_cm, "Soak water above the beans", :cm, book: :practice, at: "simmer/soak_cover_cm"
      assumption :cover_cm, "Water above the beans while cooking", :cm, book: :practice, at: "simmer/cover_cm"
      assumption :dry_density, "Dry, as scooped", :g_per_ml, book: :ingredient, at: "density/dry"
      assumption :solid_density, "The dry bean itself", :g_per_ml, book: :ingredient, at: "density/solid"
      assumption :soaked_density, "Soaked, as scooped", :g_per_ml, book: :practice, at: "simmer/soaked_density"
      assumption :soaked_solid_density, "The soaked bean itself", :g_per_ml, book: :practice, at: "simmer/soaked_solid_density"
      assumption :simmer_rate, "Boils off while simmering", :kg_per_m2_h, book: :practice, at: "evaporation/lid-ajar"

      figure(:dry_grams, "Dry, all batches", :g, from: %i[finished_grams cooked_factor], how: "cooked weight ÷ cooked for dry") { finished_grams / cooked_factor }
      figure(:most_dry_grams, "Most dry the pot takes", :g, shown: false, from: %i[most_full pot_litres pot_area cover_cm soaked_density soaked_factor],
             how: "soaked beans and the water above them, to the pot's limit") { room_for(pot) }
      figure(:soaked_grams, "Soaked, each batch", :g, from: %i[batch_dry_grams soaked_factor], how: "dry × soaked for dry") { batch_dry_grams * soaked_factor }
      figure(:soak_line_cm, "Soak water line", :cm, from: %i[batch_dry_grams dry_density pot_area soak_cover_cm],
             how: "dry beans' height + water above them") { (batch_dry_grams / dry_density / (pot_area * CM2)) + soak_cover_cm }
      figure(:soak_water_grams, "Soak water", :g, from: %i[soak_line_cm pot_area batch_dry_grams solid_density],
             how: "volume to the line − the beans'") { (soak_line_cm * pot_area * CM2) - (batch_dry_grams / solid_density) }
      figure(:grain_cm, "Soaked beans reach", :cm, from: %i[soaked_grams soaked_density pot_area], how: "soaked volume ÷ pot area") {
        soaked_grams / soaked_density / (pot_area * CM2)
      }
      figure(:water_line_cm, "Water line", :cm, from: %i[grain_cm cover_cm], how: "beans' height + water above them") { grain_cm + cover_cm }
      figure(:water_grams, "Water in the pot", :g, from: %i[water_line_cm pot_area soaked_grams soaked_solid_density],
             how: "volume to the line − the beans'") { (water_line_cm * pot_area * CM2) - (soaked_grams / soaked_solid_density) }
      figure(:top_up_grams, "Boiling water to top up, each half hour", :g, from: %i[simmer_rate pot_area],
             how: "rate × pot area × ½ h") { simmer_rate * pot_area * 500 }
      include HeatUp

      figure(:total_minutes, "From cold to cooked", :min, from: %i[heat_up_minutes hard_boil_minutes simmer_minutes],
             how: "heat up + hard boil + simmer") { heat_up_minutes + hard_boil_minutes + simmer_minutes }

      def raw_name = :dry_grams
      def soak = component.cook.fetch("soak", "long")
      def water = component.cook.fetch("water", "fresh")
      def kidney_type? = ingredient.facts.dig("simmer", "kidney") == true
      def setting = "#{soak} soak, simmer in #{water == 'fresh' ? 'fresh water' : 'the soak water'}"

      # Kidney-type beans in their soak water keep the toxin that soaking drew out.
      def snags
        return super unless kidney_type? && water == "soak"

        [Snag.new(severity: "stop", stage: "cook", what: "#{need.name} must not cook in their soak water: it holds the toxin that soaking drew out.",
                  remedy: "Drain, rinse, cook in fresh water, and boil hard for #{Amount::Writer.min(hard_boil_minutes)} first. Never slow-cook them from raw."), *super]
      end

      def rescues
        [{ "if" => "Some hard, some soft", "then" => "simmer on, covered by water; test five from different places." },
         { "if" => "Hard after twice the time", "then" => "old beans: leave them out and open tins." }]
      end

      private

      def room_for(pot)
        (((most_full * pot.litres * CM3) - (pot.area * CM2 * cover_cm)) * soaked_density / soaked_factor).floor(6)
      end
    end
  end
end
