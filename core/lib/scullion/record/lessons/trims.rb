# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What is left after trimming, from what was weighed as bought and once trimmed.
      class Trims
        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan)
          plan.preps.filter_map { |prep| weighing(prep) if prep.component.trim }
        end

        private

        def least(prep) = prep.practice.fetch("record/learn/trimmed_share")

        # Nobody has more once it is trimmed: then something else was on the scale.
        def weighing(prep)
          bought, trimmed = %w[bought trimmed].map { |of| @weighed.grams(of, prep.at) }
          unless bought && trimmed && bought.positive? && trimmed.between?(bought * least(prep), bought)
            return
          end

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
