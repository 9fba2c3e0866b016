# frozen_string_literal: true

module Scullion
  module Cook
    # What searing and grilling share: a hot surface, pieces apart, so many minutes a side.
    module OnMetal
      extend Worksheet::Figures

      include ByThickness
      include OwnFat

      assumption :gain, "Left after cooking", :factor, book: :ingredient, at: -> { "#{self.class.key}/gain" }
      assumption :load, "Pieces apart", :kg_per_m2, book: :practice, at: -> { "#{self.class.key}/load" }
      assumption :oil_per_kg,
                 "Oil",
                 :g_per_kg,
                 book: :practice,
                 none: OwnFat::NONE,
                 at: -> { "#{self.class.key}/oil_per_kg" unless own_fat? }
      assumption :salt_per_kg, "Salt", :g_per_kg, book: :practice, at: -> { "#{self.class.key}/salt_per_kg" }
      assumption :heat_up_minutes,
                 "Heat the metal",
                 :min,
                 book: :practice,
                 at: -> { "#{self.class.key}/preheat_minutes" },
                 shown: true
      decision(
        :surface_area,
        "Area of the metal",
        :square_metre,
        change: nil,
        source: -> { "#{vessel.name} in your kitchen." },
        shown: false
      ) { vessel.area * vessel.count }

      # Heat comes through one face at a time: by its thickness alone.
      figure(:dice_mm, "Heats through as", :mm, shown: false, how: "its thickness") do |thickness_mm|
        thickness_mm
      end
      figure(:raw_grams, "Raw", :g, how: "cooked ÷ what is left after cooking") do |finished_grams, gain|
        finished_grams / gain
      end
      figure(
        :batches,
        "Batches",
        :batches,
        how: "raw ÷ (pieces apart × area), rounded up"
      ) do |raw_grams, load, surface_area|
        [Amount::Whole.up(raw_grams / (load * surface_area * 1000)), 1].max
      end
      figure(:batch_grams, "Each batch", :g, how: "raw ÷ batches") do |raw_grams, batches|
        raw_grams / batches
      end
      figure(:oil_grams, "Oil", :g, how: "raw × oil per kg") do |raw_grams, oil_per_kg|
        raw_grams * oil_per_kg / 1000
      end
      figure(:salt_grams, "Salt", :g, how: "raw × salt per kg") do |raw_grams, salt_per_kg|
        raw_grams * salt_per_kg / 1000
      end
      figure(
        :metal_minutes,
        "On the metal, all batches",
        :min,
        how: "both sides × batches"
      ) { |minutes, batches| minutes * 2 * batches }
      figure(
        :total_minutes,
        "From cold to done",
        :min,
        how: "heat the metal + all batches"
      ) { |heat_up_minutes, metal_minutes| heat_up_minutes + metal_minutes }

      def raw_name = :raw_grams
      def demands(_beside) = [Demand.new(kind: "burner", amount: 1)]
      def rounds(_beside) = batches.to_i
      def rounds_in_minutes = batches
      def uses = [["oil", :oil_grams], ["salt", :salt_grams]]
      def stretches
        [%i[wait heat_up_minutes], %i[hands load_minutes], %i[hands metal_minutes], %i[hands tend_minutes]]
      end
      def words = super.merge("vessel" => vessel.name)

      private

      def whole_by_size? = false
    end
  end
end
