# frozen_string_literal: true

module Scullion
  module Cook
    # What toasting and crisping share: one layer on trays in the oven, or in a pan that hands never leave.
    # A kind of it says what one layer is (`load`), how long it takes and what stands over a flame.
    module OneLayer
      extend Worksheet::Figures

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
        source: -> { over_flame? ? "One pan is watched at a time." : "Your kitchen's ovens." },
        shown: false
      ) { over_flame? ? 1 : kitchen.oven_positions }
      figure(
        :batches,
        "Batches",
        :batches,
        how: "raw ÷ (one layer × area), rounded up"
      ) { |raw_grams, load, vessel_area| [Amount::Whole.up(raw_grams / (load * vessel_area * 1000)), 1].max }
      figure(:batch_grams, "Each batch", :g, how: "raw ÷ batches") do |raw_grams, batches|
        raw_grams / batches
      end
      figure(
        :total_minutes,
        "All batches",
        :min,
        how: "minutes × (batches ÷ batches at once, rounded up)"
      ) { |minutes, batches, at_once| minutes * batches.fdiv(at_once).ceil }

      # With the minutes and the heat that the salad writes, in place of the house's own.
      def initialize(at, need, brief)
        super
        @practice = @practice.with(written)
      end

      def raw_name = :raw_grams

      def demands(_beside)
        return [Demand.new(kind: "burner", amount: 1)] if over_flame?

        OnTrays.demands(kitchen, practice.fetch("#{self.class.key}/#{on}/celsius"), batches)
      end

      def on = school("on")
      def over_flame? = practice.schools(self.class.key).dig("on", on, "over_flame") == true
      def vessel = (over_flame? ? kitchen.pans : kitchen.trays).last
      def words = super.merge("vessel" => vessel.name)

      # In a pan hands never leave it.
      def stretches
        return super unless over_flame?

        [%i[hands load_minutes], %i[hands total_minutes], %i[hands tend_minutes]]
      end

      private

      def written
        { "minutes" => written_minutes, "celsius" => written_celsius }.compact
          .transform_keys { |field| "#{self.class.key}/#{on}/#{field}" }
          .select { |at, _| practice.figures.key?(at) }
          .transform_values { |value| [value, "this salad, as it is written"] }
      end
    end
  end
end
