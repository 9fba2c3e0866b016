# frozen_string_literal: true

module Scullion
  module Cook
    # Croutons and crisp bread, baked on trays or fried. Rules of the job, "Pan and oven
    # crispness": it loses water and takes up oil.
    class Crisp < Method
      include OneLayer
      include OwnFat

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
      assumption :load, "One layer", :kg_per_m2, book: :practice, at: -> { "crisp/#{on}/load" }
      assumption :minutes, "Each batch", :min, book: :practice, at: -> { "crisp/#{on}/minutes" }, shown: true
      assumption :celsius,
                 "Oven without fan, or oil",
                 :celsius,
                 book: :practice,
                 at: -> { "crisp/#{on}/celsius" },
                 shown: true

      figure(
        :raw_grams,
        "Bread",
        :g,
        how: "crisp ÷ (left of the bread + oil it takes up)"
      ) { |finished_grams, dried_share, oil_share| finished_grams / (dried_share + oil_share) }
      figure(
        :oil_grams,
        "Oil",
        :g,
        how: "bread × oil it takes up, unless the salad names its own"
      ) { |raw_grams, oil_share| own_fat? ? 0.0 : raw_grams * oil_share }

      assumption :bath_per_kg,
                 "Oil to fry a kilo in",
                 :g_per_kg,
                 book: :practice,
                 none: [0.0, "Baked, or fried in what the salad names: without a bath."],
                 at: -> { "crisp/fry/bath_per_kg" if over_flame? && !own_fat? }
      figure(
        :bath_grams,
        "Oil in the pan",
        :g,
        shown: false,
        how: "a batch × oil to fry a kilo in; strained and kept"
      ) { |batch_grams, bath_per_kg| batch_grams * bath_per_kg / 1000 }
      figure(
        :all_oil_grams,
        "Oil to have",
        :g,
        shown: false,
        how: "what it takes up + what it is fried in"
      ) { |oil_grams, bath_grams| oil_grams + bath_grams }

      def uses = [["oil", :all_oil_grams]]
      def eaten_oil = :oil_grams
      def setting
        over_flame? ? "fry at #{writer.celsius(celsius)}" : "bake at #{writer.celsius(celsius)}, turn often"
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
