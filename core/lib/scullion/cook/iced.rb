# frozen_string_literal: true

module Scullion
  module Cook
    # What is shocked in ice water: so much ice as melts while the food, and the water it lies in, come down
    # to cold. By the energy that is in them: physics. The method says what goes in (dry_grams).
    module Iced
      extend Worksheet::Figures

      assumption :iced_heat,
                 "Heat capacity of what is iced",
                 :heat,
                 book: :practice,
                 at: "heating/capacity/wet"
      assumption :bath_heat, "Heat capacity of the bath", :heat, book: :practice, at: "heating/capacity/water"
      assumption :hot_celsius, "Out of the pot", :celsius, book: :practice, at: "heating/celsius/boil"
      assumption :bath_celsius, "Tap water for the bath", :celsius, book: :practice, at: "heating/celsius/tap"
      assumption :cold_celsius, "Cold in the ice", :celsius, book: :practice, at: "heating/celsius/iced"
      assumption :melting,
                 "Heat that ice takes as it melts",
                 :kj_per_kg,
                 book: :practice,
                 at: "heating/melting"
      assumption :bath_per_kg, "Water for a kilo", :g_per_kg, book: :practice, at: "heating/bath_per_kg"
      figure(
        :ice_per_kg,
        "Ice for a kilo",
        :g_per_kg,
        shown: false,
        how:
          "(what is iced × its heat capacity × degrees down + its bath likewise) ÷ what ice takes, " \
            "melting and as water"
      ) do |iced_heat, bath_heat, hot_celsius, bath_celsius, cold_celsius, melting, bath_per_kg|
        food = iced_heat * [hot_celsius - cold_celsius, 0.0].max
        bath = bath_per_kg / 1000 * bath_heat * [bath_celsius - cold_celsius, 0.0].max
        (food + bath) / (melting + (bath_heat * [cold_celsius, 0.0].max)) * 1000
      end
      figure(:ice_grams, "Ice", :g, how: "raw × ice for a kilo") do |dry_grams, ice_per_kg|
        dry_grams * ice_per_kg / 1000
      end
    end
  end
end
