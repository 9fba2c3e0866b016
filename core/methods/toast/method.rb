# frozen_string_literal: true

module Scullion
  module Cook
    # Nuts and seeds toasted in a dry pan or on oven trays, one layer. Rules of the job,
    # "Pan and oven crispness".
    class Toast < Method
      shows at_the_stove: %i[
              raw_grams
              minutes
              batches
              batch_grams
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes]

      assumption :toast_yield, "Left after toasting", :share, book: :ingredient, at: "toast/yield"
      assumption :load, "Single layer", :kg_per_m2, book: :practice, at: "toast/load"
      assumption :minutes, "Each batch", :min, book: :practice, at: -> { "toast/#{on}/minutes" }, shown: true
      decision(
        :vessel_area,
        "Area",
        :square_metre,
        change: nil,
        source: -> { "#{vessel.name} in your kitchen." },
        shown: false
      ) { vessel.area }

      figure(
        :raw_grams,
        "Raw",
        :g,
        how: "toasted weight ÷ what is left after toasting"
      ) { |finished_grams, toast_yield| finished_grams / toast_yield }
      figure(
        :batches,
        "Batches",
        :batches,
        how: "raw ÷ (single layer × area), rounded up"
      ) { |raw_grams, load, vessel_area| [(raw_grams / (load * vessel_area * 1000) - 1e-9).ceil, 1].max }
      figure(:batch_grams, "Each batch", :g, how: "raw ÷ batches") do |raw_grams, batches|
        raw_grams / batches
      end
      decision(
        :at_once,
        "Batches at once",
        :batches,
        change: nil,
        source: -> { on == "pan" ? "One pan is watched at a time." : "Your kitchen's ovens." },
        shown: false
      ) { on == "pan" ? 1 : kitchen.oven_positions }
      figure(
        :total_minutes,
        "All batches",
        :min,
        how: "minutes × (batches ÷ batches at once, rounded up)"
      ) { |minutes, batches, at_once| minutes * batches.fdiv(at_once).ceil }

      def raw_name = :raw_grams

      def demands(_beside)
        return [Demand.new(kind: "burner", amount: 1)] if on == "pan"

        OnTrays.demands(kitchen, practice.fetch("toast/#{on}/celsius"), batches)
      end

      def on = school("on")
      def vessel = (on == "pan" ? kitchen.pans : kitchen.trays).last
      def setting
        if on == "pan"
          "toast, dry pan, medium-low"
        else
          "toast on trays, #{writer.celsius(practice.fetch("toast/tray/celsius"))}"
        end
      end
      def words = super.merge("vessel" => vessel.name)

      # In a pan hands never leave it.
      def stretches
        on == "pan" ? [%i[hands load_minutes], %i[hands total_minutes], %i[hands tend_minutes]] : super
      end

      def rescues
        [
          { "if" => "One side pale", "then" => "shake or turn, 1 min more; look every 30 s." },
          { "if" => "Smells sharp", "then" => "tip out at once; bitter ones go in the bin." }
        ]
      end
    end
  end
end
