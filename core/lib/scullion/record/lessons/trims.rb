# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What is left after trimming, from what was weighed as bought and once trimmed.
      class Trims
        # Less than this is left of nothing that is trimmed.
        LEAST = 0.05

        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan)
          plan.preps.filter_map { |prep| weighing(prep) if prep.component.trim }
        end

        private

        # Nobody has more once it is trimmed: then something else was on the scale.
        def weighing(prep)
          bought, trimmed = %w[bought trimmed].map { |of| @weighed.grams(of, prep.at) }
          return unless bought && trimmed && bought.positive? && trimmed.between?(bought * LEAST, bought)

          Weighing.new(
            at: "larder/#{prep.ingredient.key}/trims/#{prep.component.trim}/yield",
            name: "#{prep.ingredient.name}, #{prep.component.trim}",
            usual: prep.trim_yield,
            value: trimmed / bought,
            sheet: prep,
            unit: :share
          )
        end
      end
    end
  end
end
