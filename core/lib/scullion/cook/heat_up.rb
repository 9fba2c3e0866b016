# frozen_string_literal: true

module Scullion
  module Cook
    # Minutes to bring a pot to the boil: mass · c · ΔT ÷ (efficiency · burner power).
    module HeatUp
      extend Worksheet::Figures

      # The food that is heated, by what its heat capacity is known as; wet where the method says so.
      STATE = "dry"

      assumption :water_heat, "Heat capacity of water", :heat, book: :practice, at: "heating/capacity/water"
      assumption :food_heat,
                 "Heat capacity of the food",
                 :heat,
                 book: :practice,
                 at: -> { "heating/capacity/#{self.class::STATE}" }
      assumption :tap_celsius, "Tap water", :celsius, book: :practice, at: "heating/celsius/tap"
      assumption :boil_celsius, "Boiling", :celsius, book: :practice, at: "heating/celsius/boil"
      assumption :efficiency, "Heat that reaches the pot", :share, book: :practice, at: "heating/efficiency"
      decision(
        :burner_kw,
        "Burner",
        :kw,
        change: nil,
        shown: false,
        source: -> { "#{kitchen.burner.name}, your kitchen's strongest." }
      ) { kitchen.burner.kw }
      brought :heated_grams, of: :itself, as: -> { heated_name }
      figure(
        :power_kw,
        "Power that reaches the pot",
        :kw,
        shown: false,
        how: "burner × heat that reaches it"
      ) { |burner_kw, efficiency| burner_kw * efficiency }
      figure(
        :heat_up_minutes,
        "Heat up",
        :min,
        how: "(water × its heat capacity + food × its own) × degrees to the boil ÷ power that reaches the pot"
      ) do |water_grams, heated_grams, water_heat, food_heat, tap_celsius, boil_celsius, power_kw|
        kilojoules =
          ((water_grams * water_heat) + (heated_grams * food_heat)) / 1000 * (boil_celsius - tap_celsius)
        kilojoules / power_kw / 60
      end

      private

      # What is heated with the water.
      def heated_name = :batch_dry_grams
    end
  end
end
