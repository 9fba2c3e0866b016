# frozen_string_literal: true

module Scullion
  module Cook
    # Minutes to bring a pot to the boil: mass · c · ΔT ÷ (efficiency · burner power).
    module HeatUp
      def self.included(sheet)
        sheet.class_eval do
          assumption :water_heat, "Heat capacity of water", :heat, book: :practice, at: "heating/capacity/water"
          assumption :food_heat, "Heat capacity of the food", :heat, book: :practice, at: -> { "heating/capacity/#{self.class::STATE}" }
          assumption :tap_celsius, "Tap water", :celsius, book: :practice, at: "heating/celsius/tap"
          assumption :boil_celsius, "Boiling", :celsius, book: :practice, at: "heating/celsius/boil"
          assumption :efficiency, "Heat that reaches the pot", :share, book: :practice, at: "heating/efficiency"
          decision(:burner_kw, "Burner", :kw, change: nil, source: -> { "#{kitchen.burner.name}, your kitchen's strongest." }, shown: false) { kitchen.burner.kw }
          figure(:heat_up_minutes, "Heat up", :min,
                 from: -> { [:water_grams, heated_name, :water_heat, :food_heat, :tap_celsius, :boil_celsius, :efficiency, :burner_kw].map { |name| [self, name] } },
                 how: "(water × its heat capacity + food × its own) × degrees to the boil ÷ power that reaches the pot") do
            kilojoules = ((water_grams * water_heat) + (public_send(heated_name) * food_heat)) / 1000 * (boil_celsius - tap_celsius)
            kilojoules / (efficiency * burner_kw) / 60
          end
        end
        sheet.const_set(:STATE, "dry") unless sheet.const_defined?(:STATE)
      end

      private

      # What is heated with the water.
      def heated_name = :batch_dry_grams
    end
  end
end
