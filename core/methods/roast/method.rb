# frozen_string_literal: true

module Scullion
  module Cook
    # Roasting in one layer on trays. Rules of the job, "Roast": load by tray area, loss by
    # weight, fat and salt by raw weight; halves run hotter and longer and lie closer than cubes;
    # fan ovens run cooler.
    class Roast < Method
      include InOven

      shows at_the_stove: %i[
              raw_grams
              celsius
              minutes
              trays
              tray_grams
              loads
              oil_grams
              salt_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes oven_minutes]

      assumption :roast_yield, "Left after roasting", :share, book: :ingredient, at: "roast/yield"
      assumption :usual_minutes, "In cubes", :min, book: :ingredient, at: "roast/minutes"
      assumption :minutes_share,
                 "In this shape, against cubes",
                 :factor,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/times" }
      assumption :usual_celsius,
                 "Oven without fan, for cubes",
                 :celsius,
                 book: :ingredient,
                 at: "roast/celsius"
      assumption :hotter_celsius,
                 "Hotter for this shape",
                 :celsius,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/hotter_celsius" }
      assumption :tray_load,
                 "Single layer",
                 :kg_per_m2,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/load" }
      assumption :oil_per_kg, "Oil for roasting", :g_per_kg, book: :practice, at: "roast/oil_per_kg"
      assumption :salt_per_kg, "Salt for roasting", :g_per_kg, book: :practice, at: "roast/salt_per_kg"

      figure(
        :raw_grams,
        "Onto the trays, raw",
        :g,
        how: "roast weight ÷ what is left after roasting"
      ) { |finished_grams, roast_yield| finished_grams / roast_yield }
      figure(
        :minutes,
        "Each load",
        :min,
        how: "minutes in cubes × this shape's, unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) { |usual_minutes, minutes_share| usual_minutes * minutes_share }
      figure(
        :oven_celsius,
        "Oven without fan",
        :celsius,
        how: "for cubes + hotter for this shape, unless the salad writes it",
        source: "Written so in the salad.",
        decided: -> { written_celsius },
        shown: false
      ) { |usual_celsius, hotter_celsius| usual_celsius + hotter_celsius }
      figure(:oil_grams, "Oil", :g, how: "raw × oil per kg") do |raw_grams, oil_per_kg|
        raw_grams * oil_per_kg / 1000
      end
      figure(:salt_grams, "Salt", :g, how: "raw × salt per kg") do |raw_grams, salt_per_kg|
        raw_grams * salt_per_kg / 1000
      end

      def uses = [["oil", :oil_grams], ["salt", :salt_grams]]
      def setting = school("shape") == "halves" ? "roast in halves, cut after" : "roast, one layer"
      def words = super.merge("vessel" => tray.name)

      def rescues
        cooler = writer.celsius(celsius - practice.fetch("roast/rescue/celsius"))
        [
          { "if" => "Steaming, not browning", "then" => "spread over one more tray; crowding steams." },
          {
            "if" => "Dark at the edge, hard inside",
            "then" =>
              "oven down to #{cooler}, cover loosely, " \
                "#{writer.min(practice.fetch("roast/rescue/minutes"))} more."
          },
          { "if" => "One end browner", "then" => "swap top and bottom and turn the trays half way." }
        ]
      end
    end
  end
end
