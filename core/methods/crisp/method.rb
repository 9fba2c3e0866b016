# frozen_string_literal: true

module Scullion
  module Cook
    # Croutons and crisp bread, baked on trays or fried. Rules of the job, "Pan and oven
    # crispness": it loses water and takes up oil.
    class Crisp < Method
      shows at_the_stove: %i[
              raw_grams
              minutes
              celsius
              batches
              batch_grams
              oil_grams
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes]

      assumption :dried_share, "Left of the bread", :share, book: :ingredient, at: "crisp/yield"
      assumption :oil_share, "Oil it takes up", :share, book: :practice, at: -> { "crisp/#{on}/oil_share" }
      assumption :tray_load, "One layer", :kg_per_m2, book: :practice, at: -> { "crisp/#{on}/load" }
      assumption :minutes, "Each batch", :min, book: :practice, at: -> { "crisp/#{on}/minutes" }, shown: true
      assumption :celsius,
                 "Oven without fan, or oil",
                 :celsius,
                 book: :practice,
                 at: -> { "crisp/#{on}/celsius" },
                 shown: true
      decision(
        :vessel_area,
        "Area",
        :square_metre,
        change: nil,
        source: -> { "#{vessel.name} in your kitchen." },
        shown: false
      ) { vessel.area }
      decision(
        :at_once,
        "Batches at once",
        :batches,
        change: nil,
        source: -> { on == "fry" ? "One pan of oil." : "Your kitchen's ovens." },
        shown: false
      ) { on == "fry" ? 1 : kitchen.oven_positions }

      figure(
        :raw_grams,
        "Bread",
        :g,
        how: "crisp ÷ (left of the bread + oil it takes up)"
      ) { |finished_grams, dried_share, oil_share| finished_grams / (dried_share + oil_share) }
      figure(:oil_grams, "Oil", :g, how: "bread × oil it takes up") do |raw_grams, oil_share|
        raw_grams * oil_share
      end
      figure(
        :batches,
        "Batches",
        :batches,
        how: "bread ÷ (one layer × area), rounded up"
      ) do |raw_grams, tray_load, vessel_area|
        [(raw_grams / (tray_load * vessel_area * 1000) - 1e-9).ceil, 1].max
      end
      figure(:batch_grams, "Each batch", :g, how: "bread ÷ batches") do |raw_grams, batches|
        raw_grams / batches
      end
      figure(
        :total_minutes,
        "All batches",
        :min,
        how: "minutes × (batches ÷ batches at once, rounded up)"
      ) { |minutes, batches, at_once| minutes * batches.fdiv(at_once).ceil }

      def raw_name = :raw_grams

      def demands(_beside)
        return [Demand.new(kind: "burner", amount: 1)] if on == "fry"

        OnTrays.demands(kitchen, practice.fetch("crisp/#{on}/celsius"), batches)
      end

      def on = school("on")
      def vessel = (on == "fry" ? kitchen.pans : kitchen.trays).last
      def uses = [["oil", :oil_grams]]
      def setting
        on == "fry" ? "fry at #{writer.celsius(celsius)}" : "bake at #{writer.celsius(celsius)}, turn often"
      end
      def words = super.merge("vessel" => vessel.name)
      def stretches
        on == "fry" ? [%i[hands load_minutes], %i[hands total_minutes], %i[hands tend_minutes]] : super
      end

      def rescues
        [
          {
            "if" => "Brown outside, soft inside",
            "then" => "heat down a little, a few minutes more; it crisps as it cools."
          },
          { "if" => "Soft again", "then" => "5 min in a hot oven, cool open, into a dry tin." }
        ]
      end
    end
  end
end
