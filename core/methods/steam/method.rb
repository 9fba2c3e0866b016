# frozen_string_literal: true

module Scullion
  module Cook
    # Steamed on perforated trays, loose enough for the steam to pass; the water is never boiled
    # dry. Rules of the job, "Steam".
    class Steam < Method
      include ByThickness

      shows at_the_stove: %i[
              raw_grams
              minutes
              trays
              batches
              tray_grams
              water_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes steaming_minutes]

      assumption :steam_yield, "Left after steaming", :factor, book: :ingredient, at: "steam/gain"
      assumption :load, "Loose layer", :kg_per_m2, book: :practice, at: "steam/load"
      assumption :recover_minutes, "Until it steams again", :min, book: :practice, at: "steam/recover_minutes"
      assumption :boils_away, "Boils away", :g_per_min, book: :practice, at: "steam/water_grams_per_minute"
      assumption :reserve_grams, "Never boil dry: keep", :g, book: :practice, at: "steam/reserve_grams"
      assumption :water_heat, "Heat capacity of water", :heat, book: :practice, at: "heating/capacity/water"
      assumption :tap_celsius, "Tap water", :celsius, book: :practice, at: "heating/celsius/tap"
      assumption :boil_celsius, "Boiling", :celsius, book: :practice, at: "heating/celsius/boil"
      assumption :efficiency, "Heat that reaches the water", :share, book: :practice, at: "steam/efficiency"
      decision(
        :heater_kw,
        "The steamer",
        :kw,
        change: nil,
        source: "Your kitchen's steamer; a burner where there is none.",
        shown: false
      ) { (kitchen.steamers.any? ? kitchen.steamers : [kitchen.burner]).sum(&:kw) }
      decision(
        :tray_area,
        "The tray's area",
        :square_metre,
        change: nil,
        source: -> { "#{tray.name} in your kitchen." },
        shown: false
      ) { tray.area }
      decision(
        :positions,
        "Trays the steamer takes",
        :trays,
        change: nil,
        source: "Your kitchen's steamer; a covered pan with one insert where there is none.",
        shown: false
      ) { [kitchen.steamers.sum(&:positions), 1].max }

      figure(
        :raw_grams,
        "Raw",
        :g,
        how: "steamed ÷ what is left after steaming"
      ) { |finished_grams, steam_yield| finished_grams / steam_yield }
      figure(
        :trays,
        "Trays",
        :trays,
        how: "raw ÷ (loose layer × tray area), rounded up"
      ) { |raw_grams, load, tray_area| [Amount::Whole.up(raw_grams / (load * tray_area * 1000)), 1].max }
      figure(
        :batches,
        "Loads",
        :loads,
        how: "trays ÷ trays the steamer takes, rounded up"
      ) { |trays, positions| trays.fdiv(positions).ceil }
      figure(:tray_grams, "On each tray", :g, how: "raw ÷ trays") { |raw_grams, trays| raw_grams / trays }
      figure(
        :steaming_minutes,
        "Steaming, all loads",
        :min,
        how: "(until it steams again + steam) × loads"
      ) { |minutes, recover_minutes, batches| (minutes + recover_minutes) * batches }
      figure(
        :water_grams,
        "Water in the steamer",
        :g,
        how: "minutes × what boils away + the reserve"
      ) { |steaming_minutes, boils_away, reserve_grams| (steaming_minutes * boils_away) + reserve_grams }
      figure(
        :heat_up_minutes,
        "Heat up",
        :min,
        how: "water × its heat capacity × degrees to the boil ÷ power that reaches it"
      ) do |water_grams, water_heat, tap_celsius, boil_celsius, efficiency, heater_kw|
        water_grams / 1000 * water_heat * (boil_celsius - tap_celsius) / (efficiency * heater_kw) / 60
      end
      figure(
        :total_minutes,
        "From cold to steamed",
        :min,
        how: "heat up + steaming"
      ) { |heat_up_minutes, steaming_minutes| heat_up_minutes + steaming_minutes }

      def rounds(_beside) = batches.to_i
      def rounds_in_minutes = batches
      def raw_name = :raw_grams

      def demands(_beside)
        return [Demand.new(kind: "burner", amount: 1)] if kitchen.steamers.empty?

        [Demand.new(kind: "steamer", amount: [trays.to_i, kitchen.steamers.map(&:positions).max].min)]
      end

      def tray = kitchen.trays.last
      def setting = "steam, one loose layer"
      def stretches
        [%i[wait heat_up_minutes], %i[hands load_minutes], %i[wait steaming_minutes], %i[hands tend_minutes]]
      end
      def words = super.merge("vessel" => kitchen.steamers.first&.name || tray.name)

      def snags
        return [] if kitchen.steamers.any?

        [
          snag(
            "look",
            "There is no steamer for #{need.name}.",
            "Steam one tray at a time over a covered pan, or boil it instead."
          )
        ]
      end

      def rescues
        [
          { "if" => "Uneven", "then" => "thinner layer; stir once half way." },
          { "if" => "Soft already", "then" => "out at once, spread, fan cold." }
        ]
      end
    end
  end
end
