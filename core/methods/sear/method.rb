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
              core_celsius
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

      assumption :core_celsius,
                 "Core, at the thickest",
                 :celsius,
                 book: :ingredient,
                 at: "sear/core",
                 shown: true

      def vessel = kitchen.pans.last
      def setting = "sear, #{writer.min(minutes)} a side"

      def done = "#{super} Core #{writer.celsius(core_celsius)}; your local code decides."

      def rescues
        [
          { "if" => "Sticks", "then" => "leave it; it lifts when the crust is made." },
          { "if" => "Brown, core still low", "then" => "lid on, low heat, a minute at a time; probe again." }
        ]
      end
    end
  end
end
