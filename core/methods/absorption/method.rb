# frozen_string_literal: true

module Scullion
  module Cook
    # Grain cooked in just the water it takes up. Rules of the job, "Absorption": the grain
    # takes up a fixed weight for the texture wanted and the rest boils off, so
    #   water = uptake · dry + evaporation rate · pot area · time
    # and the ratio falls as the batch grows.
    class Absorption < Method
      include InPot
      include HeatUp

      shows at_the_stove: %i[
              batch_dry_grams
              water_grams
              salt_grams
              batch_finished_grams
              ratio_by_weight
              ratio_by_volume
              heat_up_minutes
              cook_minutes
              rest_minutes
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
              cooked_factor
              dry_grams
              boiled_off_grams
              taken_up_grams
              clinging_grams
              all_water_grams
              all_salt_grams
              all_stock_grams
              grain_cm
              water_line_cm
              cooked_line_cm
              drying_minutes
            ]

      LIDS = { "on" => "lid-on", "ajar" => "lid-ajar", "off" => "simmer-open" }.freeze
      CURVE_POINTS = 16

      assumption :uptake,
                 "Water taken up",
                 :g_per_g,
                 book: :ingredient,
                 at: -> { "absorption/uptake/#{texture}" }
      assumption :cook_minutes, "Simmer", :min, book: :ingredient, at: "absorption/minutes", shown: true
      assumption :rest_minutes, "Rest, lid on", :min, book: :ingredient, at: "absorption/rest", shown: true
      assumption :clinging,
                 "Water that clings from rinsing",
                 :g_per_g,
                 book: :practice,
                 none: [0.0, "Not rinsed."],
                 at: -> { "absorption/rinse_uptake" if school("rinse") == "rinse" }
      assumption :dry_density, "Dry, as scooped", :g_per_ml, book: :ingredient, at: "density/dry"
      assumption :solid_density, "The dry kernel itself", :g_per_ml, book: :ingredient, at: "density/solid"
      assumption :simmer_rate,
                 "Boils off while simmering",
                 :kg_per_m2_h,
                 book: :practice,
                 at: -> { rate_at(LIDS.fetch(lid)) },
                 none: -> { weighed_rate(LIDS.fetch(lid)) }
      assumption :rest_rate,
                 "Boils off while resting",
                 :kg_per_m2_h,
                 book: :practice,
                 at: -> { rate_at("lid-on") },
                 none: -> { weighed_rate("lid-on") }
      assumption :open_rate,
                 "Boils off, lid off",
                 :kg_per_m2_h,
                 book: :practice,
                 at: -> { rate_at("simmer-open") },
                 none: -> { weighed_rate("simmer-open") }
      assumption :salt_share,
                 "Salt for the water",
                 :share,
                 book: :practice,
                 none: [0.0, "The stock brings its own salt."],
                 at: -> { "absorption/salt_share" unless stock? }
      assumption :stock_per_kg,
                 "Stock powder",
                 :g_per_kg,
                 book: :practice,
                 none: [0.0, "Cooked in water."],
                 at: -> { "absorption/stock_per_kg" if stock? }

      figure(:cooked_factor, "Cooked for dry", :factor, how: "1 + water taken up") { |uptake| 1 + uptake }
      figure(
        :dry_grams,
        "Dry, all batches",
        :g,
        how: "cooked weight ÷ cooked factor"
      ) { |finished_grams, cooked_factor| finished_grams / cooked_factor }
      figure(
        :boiled_off_grams,
        "Boils off",
        :g,
        how: "(rate simmering × minutes + rate resting × minutes) × pot area"
      ) do |simmer_rate, rest_rate, pot_area, cook_minutes, rest_minutes|
        ((simmer_rate * cook_minutes) + (rest_rate * rest_minutes)) / 60 * pot_area * 1000
      end
      figure(
        :most_dry_grams,
        "Most dry the pot takes",
        :g,
        shown: false,
        how: "what fills the pot to its limit, raw in its water or cooked, whichever is less",
        reading: {
          boils_off: :boiled_off_grams
        }
      ) do |_most_full, _pot_litres, _cooked_factor, _finished_density, _uptake, _solid_density, boils_off|
        most_dry(pot, boils_off)
      end
      figure(:taken_up_grams, "Taken up", :g, how: "dry × uptake") do |batch_dry_grams, uptake|
        batch_dry_grams * uptake
      end
      figure(
        :clinging_grams,
        "Clings already",
        :g,
        how: "dry × what clings from rinsing"
      ) { |batch_dry_grams, clinging| batch_dry_grams * clinging }
      figure(
        :water_grams,
        "Water, cold",
        :g,
        how: "taken up + boils off − what clings already"
      ) do |taken_up_grams, boiled_off_grams, clinging_grams|
        taken_up_grams + boiled_off_grams - clinging_grams
      end
      figure(:all_water_grams, "Water, all batches", :g, how: "water × batches") do |water_grams, batches|
        water_grams * batches
      end
      figure(:salt_grams, "Salt, each batch", :g, how: "water × salt share") do |water_grams, salt_share|
        water_grams * salt_share
      end
      figure(:all_salt_grams, "Salt, all batches", :g, how: "salt × batches") do |salt_grams, batches|
        salt_grams * batches
      end
      figure(
        :all_stock_grams,
        "Stock powder",
        :g,
        how: "water × stock powder a kilo"
      ) { |all_water_grams, stock_per_kg| all_water_grams * stock_per_kg / 1000 }
      figure(
        :grain_cm,
        "Dry grain reaches",
        :cm,
        how: "dry volume ÷ pot area"
      ) { |batch_dry_grams, dry_density, pot_area| batch_dry_grams / dry_density / (pot_area * CM2) }
      figure(
        :water_line_cm,
        "Water line",
        :cm,
        how: "(water + dry kernels) ÷ pot area"
      ) do |water_grams, batch_dry_grams, solid_density, pot_area|
        (water_grams + (batch_dry_grams / solid_density)) / (pot_area * CM2)
      end
      figure(
        :cooked_line_cm,
        "Cooked level",
        :cm,
        how: "cooked volume ÷ pot area"
      ) do |batch_finished_grams, finished_density, pot_area|
        batch_finished_grams / finished_density / (pot_area * CM2)
      end
      figure(
        :ratio_by_weight,
        "Water to dry, by weight",
        :ratio,
        how: "water ÷ dry"
      ) { |water_grams, batch_dry_grams| water_grams / batch_dry_grams }
      figure(
        :ratio_by_volume,
        "Water to dry, by volume",
        :ratio,
        how: "ratio by weight × density of the dry grain"
      ) { |ratio_by_weight, dry_density| ratio_by_weight * dry_density }
      figure(
        :total_minutes,
        "From cold to rested",
        :min,
        how: "heat up + simmer + rest"
      ) { |heat_up_minutes, cook_minutes, rest_minutes| heat_up_minutes + cook_minutes + rest_minutes }
      figure(
        :drying_minutes,
        "To boil off 100 g, lid off",
        :min,
        how: "100 g ÷ (rate × pot area)"
      ) { |open_rate, pot_area| 0.1 / (open_rate * pot_area) * 60 }

      def uses = stock? ? [["stock", :all_stock_grams]] : [["salt", :all_salt_grams]]
      def texture = school("texture")

      # The pot's lid as chosen, or as usual for this grain.
      def school(option)
        option == "lid" ? component.cook["lid"] || ingredient.facts.dig("absorption", "lid") || super : super
      end
      def lid = school("lid")
      def stock? = school("liquid") == "stock"
      def setting = "absorb, lid #{lid}, #{texture}"
      def stretches
        [
          %i[hands load_minutes],
          %i[wait heat_up_minutes],
          %i[wait cook_minutes],
          %i[wait rest_minutes],
          %i[hands tend_minutes]
        ]
      end

      def words = super.merge("curve" => curve)

      def rescues
        [
          {
            "if" => "Wet",
            "then" => "lid off, medium, #{writer.min([drying_minutes, 1].max)} for each 100 g left."
          },
          {
            "if" => "Dry and hard",
            "then" =>
              "add #{writer.g(batch_dry_grams * practice.fetch("absorption/rescue/water_share"))} boiling " \
                "water, lid on, " \
                "#{writer.min(practice.fetch("absorption/rescue/minutes"))}."
          }
        ]
      end

      # How the ratio falls as the batch grows in this pot, and where this batch stands on it.
      # @return [Hash] points of [dry g, water per dry g]; what the smallest batch's ratio would
      #   pour too much if it were multiplied up to this batch
      def curve
        most = [most_dry_grams, batch_dry_grams].max
        points =
          (1..CURVE_POINTS)
            .map { |step| most * step / CURVE_POINTS }
            .map { |dry| [dry.round, (uptake + (boiled_off_grams / dry)).round(3)] }
        {
          "points" => points,
          "here" => [batch_dry_grams.round, ratio_by_weight.round(3)],
          "doubling" => writer.g(((points.first.last - ratio_by_weight) * batch_dry_grams).abs),
          "small" => writer.g(points.first.first)
        }
      end

      private

      def lines = %i[water_line_cm cooked_line_cm]
      def room_for(pot) = most_dry(pot, boiled_off(pot))

      # g that any pot boils off in all.
      def boiled_off(pot)
        ((boils_off(pot, LIDS.fetch(lid)) * cook_minutes) + (boils_off(pot, "lid-on") * rest_minutes)) / 60 *
          pot.area * 1000
      end

      def most_dry(pot, boiled_off)
        room = most_full * pot.litres * CM3
        [room * finished_density / cooked_factor, (room - boiled_off) / (uptake + (1 / solid_density))].min
      end
    end
  end
end
