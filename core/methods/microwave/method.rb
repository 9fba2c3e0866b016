# frozen_string_literal: true

module Scullion
  module Cook
    # Covered dishes in a microwave: minutes go with the load. Rules of the job, "Microwave".
    class Microwave < Method
      shows at_the_stove: %i[
              raw_grams
              minutes
              batches
              batch_grams
              water_grams
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes]

      assumption :gain, "Left after cooking", :factor, book: :ingredient, at: "microwave/gain"
      assumption :kilo_cook_minutes, "A kilo takes", :min, book: :ingredient, at: "microwave/minutes"
      assumption :usual_watts, "At the power of", :watts, book: :practice, at: "microwave/watts"
      assumption :most_grams, "In one dish at most", :g, book: :practice, at: "microwave/most_grams"
      assumption :water_per_kg, "Water for a kilo", :g_per_kg, book: :practice, at: "microwave/water_per_kg"
      assumption :stand_minutes, "Stands covered", :min, book: :practice, at: "microwave/stand_minutes"
      decision(
        :watts,
        "Your microwave",
        :watts,
        change: nil,
        shown: false,
        source: -> { oven ? "#{oven.name} in your kitchen." : "Your kitchen has none: taken as usual." }
      ) { oven ? oven.watts : usual_watts }

      figure(:raw_grams, "Raw", :g, how: "cooked ÷ what is left after cooking") do |finished_grams, gain|
        finished_grams / gain
      end
      figure(
        :batches,
        "Dishes",
        :batches,
        how: "raw ÷ most in one dish, rounded up"
      ) { |raw_grams, most_grams| [Amount::Whole.up(raw_grams / most_grams), 1].max }
      figure(:batch_grams, "In each dish", :g, how: "raw ÷ dishes") do |raw_grams, batches|
        raw_grams / batches
      end
      figure(
        :water_grams,
        "Water, each dish",
        :g,
        how: "a dish × water for a kilo"
      ) { |batch_grams, water_per_kg| batch_grams * water_per_kg / 1000 }
      figure(
        :minutes,
        "Each dish",
        :min,
        how: "a kilo's minutes × kg × usual power ÷ yours"
      ) do |kilo_cook_minutes, batch_grams, usual_watts, watts|
        kilo_cook_minutes * batch_grams / 1000 * usual_watts / watts
      end
      figure(
        :total_minutes,
        "All dishes",
        :min,
        how: "minutes × dishes + the last one's standing"
      ) { |minutes, stand_minutes, batches| (minutes * batches) + stand_minutes }

      def raw_name = :raw_grams
      def demands(_beside) = kitchen.microwaves.any? ? [Demand.new(kind: "microwave", amount: 1)] : []
      def rounds(_beside) = batches.to_i
      def rounds_in_minutes = batches
      def oven = kitchen.microwaves.max_by(&:watts)
      def setting = "microwave, covered"
      def words = super.merge("vessel" => oven&.name || "microwave")

      def snags
        unless oven
          return [
            snag(
              "stop",
              "There is no microwave here for #{need.name}.",
              "Add one to the kitchen, or choose another method.",
              "no-microwave"
            )
          ]
        end

        if batches > 6
          [
            snag(
              "look",
              "#{need.name} takes #{batches} dishes, one after the other.",
              "Boil or steam this much."
            )
          ]
        else
          []
        end
      end

      def rescues
        [
          {
            "if" => "Hot at the edge, cold in the middle",
            "then" => "stir, stand 2 min, half the time again."
          }
        ]
      end
    end
  end
end
