# frozen_string_literal: true

module Scullion
  module Cook
    # Pulses from dry: soaked, boiled hard, then simmered and kept covered. Rules of the job,
    # "Pulses from dry". Common beans boil hard first.
    class Simmer < Method
      include InPot
      include Covered
      include HeatUp

      STATE = "wet"
      # Kinds with the toxin of the common bean.
      BEANS = %w[kidney-bean common-bean].freeze

      shows at_the_stove: %i[
              batch_dry_grams
              soak_water_grams
              water_grams
              batch_finished_grams
              soaked_grams
              soak_minutes
              soak_line_cm
              hard_boil_minutes
              simmer_minutes
              top_up_grams
              all_soak_salt_grams
              total_minutes
              hands_minutes
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
              grain_cm
              water_line_cm
              heat_up_minutes
            ]

      assumption :soaked_factor, "Soaked for dry", :factor, book: :ingredient, at: "simmer/soaked"
      assumption :cooked_factor, "Cooked for dry", :factor, book: :ingredient, at: "simmer/gain"
      assumption :simmer_minutes, "Bare simmer", :min, book: :ingredient, at: "simmer/minutes", shown: true
      assumption :hard_boil_minutes,
                 "Hard boil first",
                 :min,
                 book: :practice,
                 none: [0.0, "Brought straight to a simmer."],
                 shown: true,
                 at: lambda { "simmer/#{boil_kind}boil_minutes" if school("start") == "boil" }
      assumption :soak_minutes,
                 "Soak",
                 :min,
                 book: :practice,
                 at: -> { "simmer/#{school("soak")}/minutes" },
                 shown: true
      assumption :soak_cover_cm,
                 "Soak water above the beans",
                 :cm,
                 book: :practice,
                 at: "simmer/soak_cover_cm"
      assumption :cover_cm, "Water above the beans while cooking", :cm, book: :practice, at: "simmer/cover_cm"
      assumption :soak_salt_share,
                 "Salt for the soak",
                 :share,
                 book: :practice,
                 none: [0.0, "A plain soak."],
                 at: -> { "simmer/soak_salt_share" if school("soak_salt") == "salted" }
      assumption :solid_density, "The dry bean itself", :g_per_ml, book: :ingredient, at: "density/solid"
      assumption :lying_density, "Soaked, as scooped", :g_per_ml, book: :practice, at: "simmer/soaked_density"
      assumption :lying_solid_density,
                 "The soaked bean itself",
                 :g_per_ml,
                 book: :practice,
                 at: "simmer/soaked_solid_density"
      assumption :simmer_rate,
                 "Boils off while simmering",
                 :kg_per_m2_h,
                 book: :practice,
                 at: -> { rate_at("lid-ajar") },
                 none: -> { weighed_rate("lid-ajar") }

      figure(
        :dry_grams,
        "Dry, all batches",
        :g,
        how: "cooked weight ÷ cooked for dry"
      ) { |finished_grams, cooked_factor| finished_grams / cooked_factor }
      figure(
        :most_dry_grams,
        "Most dry the pot takes",
        :g,
        shown: false,
        how: "soaked beans and the water above them, to the pot's limit"
      ) { |_most_full, _pot_litres, _pot_area, _cover_cm, _lying_density, _soaked_factor| room_for(pot) }
      figure(
        :soaked_grams,
        "Soaked, each batch",
        :g,
        how: "dry × soaked for dry"
      ) { |batch_dry_grams, soaked_factor| batch_dry_grams * soaked_factor }
      figure(
        :soak_line_cm,
        "Soak water line",
        :cm,
        how: "dry beans' height + water above them"
      ) do |batch_dry_grams, raw_density, pot_area, soak_cover_cm|
        (batch_dry_grams / raw_density / (pot_area * CM2)) + soak_cover_cm
      end
      figure(
        :soak_water_grams,
        "Soak water",
        :g,
        how: "volume to the line − the beans'"
      ) do |soak_line_cm, pot_area, batch_dry_grams, solid_density|
        (soak_line_cm * pot_area * CM2) - (batch_dry_grams / solid_density)
      end
      figure(
        :all_soak_salt_grams,
        "Salt for the soak, all batches",
        :g,
        how: "soak water × its salt × batches"
      ) { |soak_water_grams, soak_salt_share, batches| soak_water_grams * soak_salt_share * batches }
      figure(
        :top_up_grams,
        "Boiling water to top up, each half hour",
        :g,
        how: "rate × pot area × ½ h"
      ) { |simmer_rate, pot_area| simmer_rate * pot_area * 500 }
      figure(
        :total_minutes,
        "From cold to cooked",
        :min,
        how: "heat up + hard boil + simmer"
      ) do |heat_up_minutes, hard_boil_minutes, simmer_minutes|
        heat_up_minutes + hard_boil_minutes + simmer_minutes
      end

      def uses = all_soak_salt_grams.positive? ? [["salt", :all_soak_salt_grams]] : []
      def soaking_minutes = soak_minutes
      def setting
        "#{school("soak")} soak, simmer in #{school("water") == "fresh" ? "fresh water" : "the soak water"}"
      end
      def stretches
        [
          %i[wait soak_minutes],
          %i[hands load_minutes],
          %i[wait heat_up_minutes],
          %i[wait hard_boil_minutes],
          %i[wait simmer_minutes],
          %i[hands tend_minutes]
        ]
      end

      def rescues
        [
          {
            "if" => "Some hard, some soft",
            "then" => "simmer on, covered by water; test five from different places."
          },
          { "if" => "Hard after twice the time", "then" => "old beans: leave them out and open tins." }
        ]
      end

      private

      def lying_name = :soaked_grams
      def room_for(pot) = room_under_water(pot) / soaked_factor

      # Common beans have a toxin that only a full boil takes away; longer in the water it went into.
      def boil_kind
        return unless BEANS.include?(@asked.kind(ingredient).key)

        school("water") == "soak" ? "bean_soak_" : "bean_"
      end
    end
  end
end
