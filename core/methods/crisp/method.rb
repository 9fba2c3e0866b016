# frozen_string_literal: true

module Scullion
  module Cook
    # Croutons and crisp bread, baked on trays or fried. Rules of the job, "Pan and oven
    # crispness": it loses water and takes up oil.
    class Crisp < Method
      include OneLayer

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
      figure(:oil_grams, "Oil", :g, how: "bread × oil it takes up") do |raw_grams, oil_share|
        raw_grams * oil_share
      end

      def over_flame? = on == "fry"
      def uses = [["oil", :oil_grams]]
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
