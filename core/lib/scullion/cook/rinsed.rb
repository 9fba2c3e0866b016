# frozen_string_literal: true

module Scullion
  module Cook
    # What is rinsed under the tap, a few times with so much water: how warm it leaves that, by the heat that
    # food and water share. Physics: each time (food × its heat capacity × °C + water × its own × °C of the
    # tap) ÷ both capacities.
    module Rinsed
      extend Worksheet::Figures

      assumption :rinsed_heat,
                 "Heat capacity of what is rinsed",
                 :heat,
                 book: :practice,
                 at: "heating/capacity/wet"
      assumption :tap_heat, "Heat capacity of the water", :heat, book: :practice, at: "heating/capacity/water"
      assumption :drained_celsius, "Out of the pot", :celsius, book: :practice, at: "heating/celsius/boil"
      assumption :tap_celsius, "Tap water", :celsius, book: :practice, at: "heating/celsius/tap"
      assumption :rinses, "Rinsed", :factor, book: :practice, at: "cooling/rinse/times"
      assumption :rinse_per_kg,
                 "Water each time, for a kilo",
                 :g_per_kg,
                 book: :practice,
                 at: "cooling/rinse/per_kg"
      figure(
        :rinsed_celsius,
        "Leaves the tap at",
        :celsius,
        shown: false,
        how: "(food's heat + the tap water's) ÷ both, each time it is rinsed"
      ) do |rinsed_heat, tap_heat, drained_celsius, tap_celsius, rinses, rinse_per_kg|
        kept = rinsed_heat / (rinsed_heat + (rinse_per_kg / 1000 * tap_heat))
        tap_celsius + ((drained_celsius - tap_celsius) * (kept**rinses))
      end
      figure(
        :rinse_grams,
        "Water to rinse with",
        :g,
        shown: false,
        how: "drained × water each time × times rinsed; none where it is not"
      ) do |finished_grams, rinses, rinse_per_kg|
        cooled_by == "rinsed" ? finished_grams / 1000 * rinse_per_kg * rinses : 0.0
      end
    end
  end
end
