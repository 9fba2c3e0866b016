# frozen_string_literal: true

module Scullion
  module Cooking
    # Roasting in one layer on trays. Rules of the job, "Roast": load by tray area, loss by
    # weight, fat and salt by raw weight; fan ovens run cooler.
    class Roast < Method
      KEY = "roast"
      FORM = "roast"

      assumption :roast_yield, "Left after roasting", :share, book: :ingredient, at: "roast/yield"
      assumption :minutes, "In the oven", :min, book: :ingredient, at: "roast/minutes", shown: true
      assumption :oven_celsius, "Oven without fan", :celsius, book: :ingredient, at: "roast/celsius"
      assumption :fan_celsius, "Less with a fan", :celsius, book: :practice, at: "roast/fan_celsius"
      assumption :tray_load, "Single layer", :kg_per_m2, book: :practice, at: "roast/load"
      assumption :oil_per_kg, "Oil for roasting", :g_per_kg, book: :practice, at: "roast/oil_per_kg"
      assumption :salt_per_kg, "Salt for roasting", :g_per_kg, book: :practice, at: "roast/salt_per_kg"
      decision(:tray_area, "The tray's area", :square_metre, change: nil, source: -> { "#{tray.name} in your kitchen." }, shown: false) { tray.area }
      decision(:positions, "Trays the ovens take at once", :trays, change: nil, source: "Your kitchen's ovens.", shown: false) { kitchen.oven_positions }

      figure(:raw_grams, "Onto the trays, raw", :g, from: %i[finished_grams roast_yield],
             how: "roast weight ÷ what is left after roasting") { finished_grams / roast_yield }
      figure(:trays, "Trays", :trays, from: %i[raw_grams tray_load tray_area],
             how: "raw ÷ (single layer × tray area), rounded up") { [(raw_grams / (tray_load * tray_area * 1000) - 1e-9).ceil, 1].max }
      figure(:tray_grams, "On each tray", :g, from: %i[raw_grams trays], how: "raw ÷ trays") { raw_grams / trays }
      figure(:loads, "Oven loads", :loads, from: %i[trays positions], how: "trays ÷ oven positions, rounded up") { trays.fdiv(positions).ceil }
      figure(:oil_grams, "Oil", :g, from: %i[raw_grams oil_per_kg], how: "raw × oil per kg") { raw_grams * oil_per_kg / 1000 }
      figure(:salt_grams, "Salt", :g, from: %i[raw_grams salt_per_kg], how: "raw × salt per kg") { raw_grams * salt_per_kg / 1000 }
      figure(:celsius, "Oven", :celsius, from: %i[oven_celsius fan_celsius], how: "less for a fan, if the oven has one") do
        kitchen.ovens.any?(&:fan) ? oven_celsius - fan_celsius : oven_celsius
      end
      figure(:total_minutes, "All loads", :min, from: %i[minutes loads], how: "minutes × loads") { minutes * loads }

      def raw_name = :raw_grams
      def tray = kitchen.trays.last
      def uses = [["oil", :oil_grams], ["salt", :salt_grams]]
      def setting = "roast, one layer"
      def words = super.merge("vessel" => tray.name)

      def snags
        snags = []
        snags << snag("#{need.name} needs #{loads} oven loads.", "Start #{Amount::Writer.min(total_minutes)} ahead, or roast part the day before.") if loads > 1
        return snags unless trays > tray.count && loads == 1

        snags << snag("#{need.name} needs #{trays} trays; the kitchen has #{tray.count}.", "Borrow trays, or roast in two loads.")
      end

      def rescues
        [{ "if" => "Steaming, not browning", "then" => "spread over one more tray; crowding steams." },
         { "if" => "Dark at the edge, hard inside", "then" => "oven down 20 °C, cover loosely, 8 min more." }]
      end

      private

      def snag(what, remedy) = Snag.new(severity: "look", stage: "cook", what: what, remedy: remedy)
    end
  end
end
