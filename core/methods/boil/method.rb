# frozen_string_literal: true

module Scullion
  module Cook
    # Boiled in plenty of water and drained: pasta, grains with bite, potatoes, small pulses.
    # Rules of the job, "Boil and drain". Water by the kilo; salt by the water.
    class Boil < Method
      include InPot
      include InPlenty
      include HeatUp
      include Rinsed

      shows at_the_stove: %i[
              batch_dry_grams
              water_grams
              salt_grams
              batch_finished_grams
              heat_up_minutes
              minutes
              total_minutes
              hands_minutes
              oil_grams
              headroom_cm
              raw_ml
              finished_ml
            ],
            beside: %i[
              load_minutes
              tend_minutes
              pot_litres
              batches
              dry_grams
              all_salt_grams
              grain_cm
              water_line_cm
            ]

      assumption :boil_yield, "Drained for raw", :factor, book: :ingredient, at: "boil/gain"
      assumption :water_per_kg, "Water for a kilo", :g_per_kg, book: :ingredient, at: "boil/water_per_kg"
      assumption :salt_share, "Salt for the water", :share, book: :ingredient, at: "boil/salt_share"
      assumption :minutes, "Boil", :min, book: :ingredient, at: "boil/minutes", shown: true
      assumption :oil_share,
                 "Oil on the drained food",
                 :share,
                 book: :practice,
                 none: [0.0, "Served warm: the starch holds the dressing."],
                 at: -> { "boil/oil_share" if school("serve") == "cold" }
      assumption :solid_density, "The food itself", :g_per_ml, book: :ingredient, at: "density/solid"

      figure(
        :dry_grams,
        "Raw, all batches",
        :g,
        how: "drained weight ÷ drained for raw"
      ) { |finished_grams, boil_yield| finished_grams / boil_yield }
      figure(:salt_grams, "Salt, each batch", :g, how: "water × salt share") do |water_grams, salt_share|
        water_grams * salt_share
      end
      figure(:all_salt_grams, "Salt, all batches", :g, how: "salt × batches") do |salt_grams, batches|
        salt_grams * batches
      end
      figure(
        :grain_cm,
        "Raw reaches",
        :cm,
        how: "raw volume ÷ pot area"
      ) { |batch_dry_grams, raw_density, pot_area| batch_dry_grams / raw_density / (pot_area * CM2) }
      figure(:oil_grams, "Oil, all batches", :g, how: "drained × oil share") do |finished_grams, oil_share|
        finished_grams * oil_share
      end
      figure(
        :total_minutes,
        "From cold to drained",
        :min,
        how: "heat up + boil"
      ) { |heat_up_minutes, minutes| heat_up_minutes + minutes }

      def uses
        [["salt", :all_salt_grams], ["oil", :oil_grams]].select { |_, name| public_send(name).positive? }
      end
      # Rinsed cold: what is left is from tap water to cold.
      def cooled_by = tcs? && school("serve") == "cold" ? "rinsed" : super
      def setting = school("serve") == "cold" ? "boil, drain, rinse, oil" : "boil, drain"
      def stretches
        [%i[hands load_minutes], %i[wait heat_up_minutes], %i[wait minutes], %i[hands tend_minutes]]
      end

      def rescues
        [
          { "if" => "Hard in the middle", "then" => "boil on, taste every minute." },
          { "if" => "Soft already", "then" => "drain at once, rinse cold, spread out; dress late." }
        ]
      end
    end
  end
end
