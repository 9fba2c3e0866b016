# frozen_string_literal: true

module Scullion
  module Cook
    # Eggs boiled in the shell, chilled in ice and peeled. Minutes go with the egg's weight to
    # the power of two thirds, as heat reaches the middle of a ball.
    class Eggs < Method
      include InPot
      include Covered
      include HeatUp
      include Iced

      STATE = "wet"

      shows at_the_stove: %i[
              eggs
              minutes
              chill_minutes
              batches
              batch_dry_grams
              water_grams
              ice_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              headroom_cm
            ],
            beside: %i[
              raw_ml
              finished_ml
              load_minutes
              tend_minutes
              pot_litres
              batch_finished_grams
              dry_grams
              grain_cm
              water_line_cm
            ]

      assumption :peeled_share, "Peeled for whole", :share, book: :ingredient, at: "eggs/yield"
      assumption :egg_grams,
                 "One egg, in its shell",
                 :g,
                 book: :ingredient,
                 at: -> { Eggs.one_at(ingredient) }
      assumption :reference_minutes,
                 "The reference egg takes",
                 :min,
                 book: :practice,
                 at: -> { "eggs/minutes/#{school("yolk")}" }
      assumption :reference_grams, "The reference egg", :g, book: :practice, at: "eggs/grams"
      assumption :load, "In the pot", :kg_per_m2, book: :practice, at: "eggs/load"
      assumption :cover_cm, "Water above the eggs", :cm, book: :practice, at: "eggs/cover_cm"
      assumption :lying_density, "Eggs as they lie", :g_per_ml, book: :practice, at: "eggs/lying_density"
      assumption :lying_solid_density, "The egg itself", :g_per_ml, book: :practice, at: "eggs/solid_density"
      assumption :reference_chill,
                 "The reference egg is cold in",
                 :min,
                 book: :practice,
                 at: "eggs/chill_minutes"

      figure(
        :dry_grams,
        "In the shell, all batches",
        :g,
        how: "peeled ÷ peeled for whole"
      ) { |finished_grams, peeled_share| finished_grams / peeled_share }
      figure(:eggs, "Eggs", :pieces, how: "in the shell ÷ one egg, rounded up") do |dry_grams, egg_grams|
        Amount::Whole.up(dry_grams / egg_grams)
      end
      figure(
        :most_dry_grams,
        "Most the pot takes",
        :g,
        shown: false,
        how: "a layer and a half, under water, to the pot's limit"
      ) { |_load, _pot_area, _most_full, _pot_litres, _cover_cm, _lying_density| room_for(pot) }
      figure(
        :minutes,
        "In boiling water",
        :min,
        how: "the reference's minutes × (egg ÷ reference egg)^⅔"
      ) do |reference_minutes, egg_grams, reference_grams|
        reference_minutes * ((egg_grams / reference_grams)**(2 / 3.0))
      end
      figure(
        :chill_minutes,
        "In the ice",
        :min,
        how: "the reference's minutes × (egg ÷ reference egg)^⅔"
      ) do |reference_chill, egg_grams, reference_grams|
        reference_chill * ((egg_grams / reference_grams)**(2 / 3.0))
      end
      figure(
        :total_minutes,
        "From cold to chilled",
        :min,
        how: "heat up + (boil + ice) × batches"
      ) do |heat_up_minutes, minutes, chill_minutes, batches|
        heat_up_minutes + ((minutes + chill_minutes) * batches)
      end

      # Where the weight of the usual one stands.
      def self.one_at(ingredient) = %w[pieces/each pieces/medium].find { |at| ingredient.figures.key?(at) }

      def setting = "boil in the shell, #{school("yolk")}"
      def cooled_by = tcs? ? "iced" : nil
      def stretches
        [
          %i[wait heat_up_minutes],
          %i[hands load_minutes],
          %i[wait minutes],
          %i[wait chill_minutes],
          %i[hands tend_minutes]
        ]
      end

      def snags
        return super if school("yolk") == "hard"

        [
          *super,
          snag(
            "look",
            "#{need.name} with a #{school("yolk")} yolk is not for high-risk guests.",
            "Boil hard, or say so on the card. Your local code decides."
          )
        ]
      end

      def rescues
        [
          { "if" => "Green ring", "then" => "shorter, colder: ice at once next time." },
          { "if" => "Hard to peel", "then" => "crack all over, back in the ice water 5 min." }
        ]
      end

      private

      def room_for(pot) = [load * pot.area * 1000, room_under_water(pot)].min
    end
  end
end
