# frozen_string_literal: true

module Scullion
  module Cooking
    # Minutes to bring a pot to the boil: mass · c · ΔT ÷ (efficiency · burner power).
    module HeatUp
      def self.included(sheet)
        sheet.class_eval do
          assumption :water_heat, "Heat capacity of water", :heat, book: :practice, at: "heating/capacity/water"
          assumption :grain_heat, "Heat capacity of the dry food", :heat, book: :practice, at: "heating/capacity/dry"
          assumption :tap_celsius, "Tap water", :celsius, book: :practice, at: "heating/celsius/tap"
          assumption :boil_celsius, "Boiling", :celsius, book: :practice, at: "heating/celsius/boil"
          assumption :efficiency, "Heat that reaches the pot", :share, book: :practice, at: "heating/efficiency"
          decision(:burner_kw, "Burner", :kw, change: nil, source: "Your kitchen's burner.", shown: false) do
            kitchen.burner_kw
          end
          figure(:heat_up_minutes, "Heat up", :min,
                 from: %i[water_grams batch_dry_grams water_heat grain_heat tap_celsius boil_celsius efficiency burner_kw],
                 how: "(water × its heat capacity + dry food × its own) × degrees to the boil ÷ power that reaches the pot") do
            kilojoules = ((water_grams * water_heat) + (batch_dry_grams * grain_heat)) / 1000 * (boil_celsius - tap_celsius)
            kilojoules / (efficiency * burner_kw) / 60
          end
        end
      end
    end
  end
end
