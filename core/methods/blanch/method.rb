# frozen_string_literal: true

module Scullion
  module Cook
    # A short boil in plenty of salted water, in drops that let it boil again at once, then ice.
    # Rules of the job, "Blanch": salt 2 to 3 % of the water, ice by the heat in it. The water serves
    # every drop.
    class Blanch < Method
      include InPot
      include InPlenty
      include ByThickness
      include HeatUp
      include Iced

      STATE = "wet"

      shows at_the_stove: %i[
              batch_dry_grams
              batches
              minutes
              ice_grams
              water_grams
              salt_grams
              heat_up_minutes
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
              batch_finished_grams
              dry_grams
              grain_cm
              water_line_cm
              drop_minutes
            ]

      assumption :blanch_yield, "Left after blanching", :factor, book: :ingredient, at: "blanch/gain"
      assumption :water_per_kg, "Water for a kilo", :g_per_kg, book: :practice, at: "blanch/water_per_kg"
      assumption :salt_share, "Salt for the water", :share, book: :practice, at: "blanch/salt_share"
      assumption :solid_density,
                 "The piece itself",
                 :g_per_ml,
                 book: :practice,
                 at: "blanch/piece_solid_density"
      assumption :iced_through_minutes,
                 "A dice of 10 mm is cold in the ice in",
                 :min,
                 book: :practice,
                 at: "heating/iced_through_minutes"
      assumption :usual_shock_minutes,
                 "In the ice, of no known size",
                 :min,
                 book: :practice,
                 at: "blanch/shock_minutes"
      assumption :least_shock_minutes,
                 "In the ice, at least",
                 :min,
                 book: :practice,
                 at: "blanch/least_shock_minutes"
      NAMES.each_with_index do |name, index|
        assumption :"iced_#{name}_mm",
                   "#{name.capitalize} of what lies in the ice",
                   :mm,
                   book: :practice,
                   none: [0.0, "Not cut to a size."],
                   at: -> { "cuts/#{cut}/mm/#{index}" if cut && !practice.cuts.fetch(cut).key?("shape") }
      end
      figure(
        :iced_dice_mm,
        "Cold in the ice like a dice of",
        :mm,
        shown: false,
        how: "√(3 ÷ the sum of 1 ÷ side²); 0 where it is cut to no size"
      ) do |iced_length_mm, iced_width_mm, iced_thickness_mm|
        sides = [iced_length_mm, iced_width_mm, iced_thickness_mm]
        sides.all?(&:positive?) ? Sides.dice(sides) : 0.0
      end
      figure(
        :shock_minutes,
        "In the ice",
        :min,
        shown: false,
        how: "that of a 10 mm dice × (dice ÷ 10 mm)², at least what hands take; as usual where it has no size"
      ) do |iced_through_minutes, usual_shock_minutes, least_shock_minutes, iced_dice_mm|
        next usual_shock_minutes if iced_dice_mm.zero?

        [iced_through_minutes * ((iced_dice_mm / KNOWN_MM)**2), least_shock_minutes].max
      end

      figure(
        :dry_grams,
        "Raw, all drops",
        :g,
        how: "blanched ÷ what is left after blanching"
      ) { |finished_grams, blanch_yield| finished_grams / blanch_yield }
      figure(
        :salt_grams,
        "Salt",
        :g,
        how: "water × salt share; the same water serves every drop"
      ) { |water_grams, salt_share| water_grams * salt_share }
      figure(
        :grain_cm,
        "A drop reaches",
        :cm,
        how: "raw volume ÷ pot area"
      ) { |batch_dry_grams, raw_density, pot_area| batch_dry_grams / raw_density / (pot_area * CM2) }
      figure(
        :drop_minutes,
        "All drops",
        :min,
        how: "(in the water + in the ice) × drops"
      ) { |minutes, shock_minutes, batches| (minutes + shock_minutes) * batches }
      figure(
        :total_minutes,
        "From cold to iced",
        :min,
        how: "heat up + all drops"
      ) { |heat_up_minutes, drop_minutes| heat_up_minutes + drop_minutes }

      def uses = [["salt", :salt_grams]]
      def setting = "blanch, ice"
      def cooled_by = tcs? ? "iced" : nil

      # Its figures are for all drops.
      def picture = super.merge("each" => false)
      def stretches
        [%i[wait heat_up_minutes], %i[hands load_minutes], %i[hands drop_minutes], %i[hands tend_minutes]]
      end

      # Many drops in one water are the way to do it, and no snag.
      def snags = most_dry_grams.positive? ? [too_little_ice].compact : super

      def rescues
        [
          {
            "if" => "Dull green",
            "then" => "more water, smaller drops: it must boil again within a minute."
          },
          { "if" => "Raw in the middle", "then" => "back in for half the time, then ice again." }
        ]
      end

      private

      def too_little_ice
        bins = kitchen.ice_machines.sum { |machine| machine.bin_kg * 1000.0 }
        return if ice_grams <= bins || bins.zero?

        snag(
          "look",
          "#{need.name} takes #{writer.g(ice_grams)} of ice; the bins hold #{writer.g(bins)}.",
          "Make ice the day before, or change the water and use half."
        )
      end
    end
  end
end
