# frozen_string_literal: true

module Scullion
  module Cook
    # Fish and meat in a hot pan, so many minutes a side by thickness, to a core temperature.
    # Rules of the job, "Pan and oven crispness".
    class Sear < Method
      include OnMetal

      shows at_the_stove: %i[
              raw_grams
              minutes
              batches
              batch_grams
              oil_grams
              salt_grams
              heat_up_minutes
              total_minutes
              hands_minutes
              raw_ml
              finished_ml
            ],
            beside: %i[load_minutes tend_minutes metal_minutes]

      def vessel = kitchen.pans.last
      def setting = "sear, #{writer.min(minutes)} a side"

      def rescues
        [
          { "if" => "Sticks", "then" => "leave it; it lifts when the crust is made." },
          { "if" => "Brown, core still low", "then" => "lid on, low heat, a minute at a time; probe again." }
        ]
      end
    end
  end
end
