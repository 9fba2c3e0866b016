# frozen_string_literal: true

module Scullion
  module Cook
    # Roasting in one layer on trays. Rules of the job, "Roast": load by tray area, loss by
    # weight, fat and salt by raw weight; halves run hotter and longer and lie closer than cubes;
    # fan ovens run cooler. Smaller pieces heat through sooner (by the square of their thickness) and lose
    # more (by their surface); what dries and browns them goes with how much hotter the oven is than they.
    class Roast < Method
      include OwnFat
      include InOven
      include Sides

      shows at_the_stove: %i[
              raw_grams
              celsius
              minutes
              trays
              tray_grams
              loads
              oil_grams
              salt_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes oven_minutes]

      # K that an oven dries by, however cool it is.
      LEAST_KELVIN = 5.0
      # kg a m² of a layer 1 mm high.
      LAYER = 1.05

      assumption :usual_yield, "Left after roasting, in cubes", :share, book: :ingredient, at: "roast/yield"
      assumption :usual_minutes, "In cubes", :min, book: :ingredient, at: "roast/minutes"
      assumption :through_share,
                 "Of these, it heats through in",
                 :share,
                 book: :practice,
                 at: "roast/through_share"
      assumption :surface_celsius,
                 "Its surface, as it dries",
                 :celsius,
                 book: :practice,
                 at: "roast/surface_celsius"
      assumption :cover_share, "Of the tray under pieces", :share, book: :practice, at: "roast/cover_share"
      assumption :minutes_share,
                 "In this shape, against cubes",
                 :factor,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/times" }
      assumption :usual_celsius,
                 "Oven without fan, for cubes",
                 :celsius,
                 book: :ingredient,
                 at: "roast/celsius"
      assumption :hotter_celsius,
                 "Hotter for this shape",
                 :celsius,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/hotter_celsius" }
      assumption :usual_load,
                 "Single layer of cubes",
                 :kg_per_m2,
                 book: :practice,
                 at: -> { "roast/#{school("shape")}/load" }
      assumption :oil_per_kg,
                 "Oil for roasting",
                 :g_per_kg,
                 book: :practice,
                 none: OwnFat::NONE,
                 at: -> { "roast/oil_per_kg" unless own_fat? }
      assumption :salt_per_kg, "Salt for roasting", :g_per_kg, book: :practice, at: "roast/salt_per_kg"

      figure(
        :size_times,
        "Minutes for its size, against cubes",
        :factor,
        shown: false,
        how: "1 − the share in which it heats through + that share × (dice ÷ the reference's)²"
      ) do |through_share, dice_mm, reference_mm|
        1 - through_share + (through_share * ((dice_mm / reference_mm)**2))
      end
      figure(
        :surface_times,
        "Surface for its size, against cubes",
        :factor,
        shown: false,
        how: "sum of 1 ÷ side ÷ that of the reference"
      ) do |length_mm, width_mm, thickness_mm, reference_mm|
        [length_mm, width_mm, thickness_mm].sum { |side| 1.0 / side } * reference_mm / NAMES.size
      end
      figure(
        :heat_times,
        "Dries at this heat, against the usual one",
        :factor,
        shown: false,
        how: "(oven − surface) ÷ (usual oven − surface)"
      ) do |oven_celsius, usual_celsius, hotter_celsius, surface_celsius|
        dries(oven_celsius - surface_celsius) / dries(usual_celsius + hotter_celsius - surface_celsius)
      end
      assumption :least_share, "Left of it when it is dry", :share, book: :practice, at: "roast/least_share"
      figure(
        :roast_yield,
        "Left after roasting",
        :share,
        shown: false,
        how:
          "what is left in cubes, to the power of surface × heat × minutes ÷ those of cubes; not less than " \
            "when it is dry"
      ) do |usual_yield, surface_times, heat_times, drying_minutes, usual_minutes, minutes_share, least_share|
        usual = usual_minutes * minutes_share
        dried = usual.zero? ? 1 : heat_times * drying_minutes / usual
        [usual_yield**(surface_times * dried), least_share].max
      end
      figure(
        :tray_load,
        "Single layer",
        :kg_per_m2,
        shown: false,
        how: "that of cubes, or of a layer as thin as this, if that is less"
      ) do |usual_load, cover_share, thickness_mm|
        sized? ? [usual_load, thickness_mm * cover_share * LAYER].min : usual_load
      end
      figure(
        :raw_grams,
        "Onto the trays, raw",
        :g,
        how: "roast weight ÷ what is left after roasting"
      ) { |finished_grams, roast_yield| finished_grams / roast_yield }
      figure(
        :drying_minutes,
        "Heats through and browns in",
        :min,
        shown: false,
        how: "minutes in cubes × this shape's × this size's ÷ this heat's, unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) do |usual_minutes, minutes_share, size_times, heat_times|
        usual_minutes * minutes_share * size_times / heat_times
      end
      assumption :food_heat, "Heat capacity of the food", :heat, book: :practice, at: "heating/capacity/wet"
      assumption :evaporating,
                 "Heat that water takes to steam",
                 :kj_per_kg,
                 book: :practice,
                 at: "heating/evaporating"
      assumption :power_share,
                 "Of the ovens' power that reaches the food",
                 :share,
                 book: :practice,
                 at: "roast/power_share"
      figure(
        :load_kj,
        "Heat that a load takes",
        :kj,
        shown: false,
        how:
          "raw ÷ loads × (its heat capacity × degrees to its surface's + the water it loses × steam's heat)"
      ) do |raw_grams, loads, roast_yield, food_heat, evaporating, surface_celsius, room_celsius|
        warms = food_heat * [surface_celsius - room_celsius, 0.0].max
        raw_grams / loads / 1000 * (warms + ((1 - roast_yield) * evaporating))
      end
      figure(
        :slower_minutes,
        "Longer, as the ovens are full",
        :min,
        shown: false,
        how:
          "heat that a load takes ÷ what of the ovens' power reaches it, as far as that is longer than it " \
            "heats through and browns in"
      ) do |load_kj, oven_kw, power_share, drying_minutes|
        [(load_kj / (oven_kw * power_share) / 60) - drying_minutes, 0.0].max
      end
      figure(
        :minutes,
        "Each load",
        :min,
        how: "heats through and browns in + longer, as the ovens are full, unless the salad writes them",
        source: "Written so in the salad.",
        decided: -> { written_minutes }
      ) { |drying_minutes, slower_minutes| drying_minutes + slower_minutes }
      figure(
        :oven_celsius,
        "Oven without fan",
        :celsius,
        how: "for cubes + hotter for this shape, unless the salad writes it",
        source: "Written so in the salad.",
        decided: -> { written_celsius },
        shown: false
      ) { |usual_celsius, hotter_celsius| usual_celsius + hotter_celsius }
      figure(:oil_grams, "Oil", :g, how: "raw × oil per kg") do |raw_grams, oil_per_kg|
        raw_grams * oil_per_kg / 1000
      end
      figure(:salt_grams, "Salt", :g, how: "raw × salt per kg") do |raw_grams, salt_per_kg|
        raw_grams * salt_per_kg / 1000
      end

      def uses = [["oil", :oil_grams], ["salt", :salt_grams]]
      def setting = school("shape") == "halves" ? "roast in halves, cut after" : "roast, one layer"
      def words = super.merge("vessel" => tray.name)

      def rescues
        cooler = writer.celsius(celsius - practice.fetch("roast/rescue/celsius"))
        [
          { "if" => "Steaming, not browning", "then" => "spread over one more tray; crowding steams." },
          {
            "if" => "Dark at the edge, hard inside",
            "then" =>
              "oven down to #{cooler}, cover loosely, " \
                "#{writer.min(practice.fetch("roast/rescue/minutes"))} more."
          },
          { "if" => "One end browner", "then" => "swap top and bottom and turn the trays half way." }
        ]
      end

      private

      def dries(kelvin) = [kelvin, LEAST_KELVIN].max

      # The minutes of what is not cut are its own.
      def whole_by_size? = false
    end
  end
end
