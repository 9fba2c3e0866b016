# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What a pot boils off, from the water that it was given beyond what the grain takes up.
      class Water
        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan)
          plan.cooking.filter_map do |cooking|
            weighing(cooking) if cooking.respond_to?(:simmer_rate) && cooking.respond_to?(:boiled_off_grams)
          end
        end

        private

        def weighing(cooking)
          used = @weighed.grams(nil, cooking.at, kind: "water") or return
          change = cooking.working("simmer_rate").to_h["change"] or return
          boiled = cooking.boiled_off_grams * cooking.batches
          more = used - cooking.all_water_grams
          return unless boiled.positive? && (boiled + more).positive?

          value = cooking.simmer_rate * (boiled + more) / boiled
          return unless value.between?(change["least"], change["most"])

          Weighing.new(
            at: change["at"],
            name: "#{cooking.need.name}: what the pot boils off",
            usual: cooking.simmer_rate,
            value: value,
            sheet: cooking,
            unit: :kg_per_m2_h
          )
        end
      end
    end
  end
end
