# frozen_string_literal: true

module Scullion
  module Cook
    # Cut vegetables boiled gently, just covered: potato dice, carrot, squash, sweetcorn. A hard
    # boil breaks the outside first: roots are begun in cold water, what is green in boiling. Rules of the
    # job, "Boil cut vegetables".
    class BoilCut < Method
      include InPot
      include ByThickness
      include Covered
      include HeatUp

      STATE = "wet"
      # Families of what is usually begun in cold water.
      FROM_COLD = %w[root].freeze

      shows at_the_stove: %i[
              batch_dry_grams
              water_grams
              salt_grams
              batch_finished_grams
              heat_up_minutes
              minutes
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
              all_salt_grams
            ]

      assumption :boil_yield, "Drained for raw", :factor, book: :ingredient, at: "boil-cut/gain"
      assumption :cover_cm, "Water above the pieces", :cm, book: :practice, at: "boil-cut/cover_cm"
      assumption :salt_share, "Salt for the water", :share, book: :practice, at: "boil-cut/salt_share"
      assumption :lying_density,
                 "Pieces as they lie",
                 :g_per_ml,
                 book: :practice,
                 at: "boil-cut/piece_density"
      assumption :lying_solid_density,
                 "The piece itself",
                 :g_per_ml,
                 book: :practice,
                 at: "boil-cut/piece_solid_density"

      figure(
        :dry_grams,
        "Raw, all batches",
        :g,
        how: "drained ÷ drained for raw"
      ) { |finished_grams, boil_yield| finished_grams / boil_yield }
      figure(
        :most_dry_grams,
        "Most the pot takes",
        :g,
        shown: false,
        how: "pieces and the water above them, to the pot's limit"
      ) { |_most_full, _pot_litres, _pot_area, _cover_cm, _lying_density| room_for(pot) }
      figure(:salt_grams, "Salt, each batch", :g, how: "water × salt share") do |water_grams, salt_share|
        water_grams * salt_share
      end
      figure(:all_salt_grams, "Salt, all batches", :g, how: "salt × batches") do |salt_grams, batches|
        salt_grams * batches
      end
      assumption :softness_times,
                 "Softening, against firm",
                 :factor,
                 book: :practice,
                 at: -> { "boil-cut/#{school("softness")}/times" }
      assumption :on_the_way_share,
                 "Of the minutes to the boil, it softens in",
                 :share,
                 book: :practice,
                 at: "boil-cut/on_the_way_share"
      figure(
        :on_the_way_minutes,
        "Done while it comes to the boil",
        :min,
        shown: false,
        how: "heats through + the share in which it softens, half of all at most"
      ) do |through_minutes, soften_minutes, heat_up_minutes, on_the_way_share|
        [through_minutes + (heat_up_minutes * on_the_way_share), (through_minutes + soften_minutes) / 2].min
      end
      figure(
        :minutes,
        "From the boil",
        :min,
        how:
          "softens × softness + heats through, more or less by what is done on the way to the boil " \
            "where it is not begun as usual, unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) do |soften_minutes, softness_times, through_minutes, on_the_way_minutes|
        (soften_minutes * softness_times) + through_minutes + (begun_otherwise * on_the_way_minutes)
      end
      figure(
        :total_minutes,
        "From cold to drained",
        :min,
        how: "heat up + boil"
      ) { |heat_up_minutes, minutes| heat_up_minutes + minutes }

      def uses = [["salt", :all_salt_grams]]
      def setting = "boil gently from #{from_cold? ? "cold" : "boiling"}, drain"

      # As it is usually begun, unless the salad decides it.
      def school(option) = option == "start" ? component.cook.fetch("start", usual_start) : super

      def stretches
        begun = [%i[hands load_minutes], %i[wait heat_up_minutes]]
        [*(from_cold? ? begun : begun.reverse), %i[wait minutes], %i[hands tend_minutes]]
      end

      def rescues
        [
          {
            "if" => "Outside breaks, middle hard",
            "then" => "off the boil, lid on, until a knife slides in."
          },
          { "if" => "Soft already", "then" => "drain, spread on a tray, do not toss until cold." }
        ]
      end

      private

      def usual_start = FROM_COLD.include?(ingredient.family) ? "cold" : "boiling"
      def from_cold? = school("start") == "cold"

      # Its minutes are those of its usual beginning: 1 begun in boiling water instead, -1 in cold.
      def begun_otherwise
        return 0 if school("start") == usual_start

        from_cold? ? -1 : 1
      end

      def room_for(pot) = room_under_water(pot)
    end
  end
end
