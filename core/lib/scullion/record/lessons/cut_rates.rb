# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # How much is cut in an hour, from when the work was begun and when it was done. Only where cutting is
      # most of it: what takes longer is then the cut.
      class CutRates
        MOST_OF_IT = 0.5
        # Nobody cuts so much faster or slower: then somebody forgot to tick.
        BELIEVED = (0.2..5.0).freeze

        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan)
          plan.preps.filter_map { |prep| weighing(prep) if prep.component.cut && prep.tool }
        end

        private

        def weighing(prep)
          minutes = @weighed.minutes(prep.at) or return
          planned = prep.hands_minutes + prep.tool_minutes
          return unless prep.cutting_minutes >= prep.hands_minutes * MOST_OF_IT && planned.positive?

          times = planned / minutes
          return unless BELIEVED.cover?(times)

          Weighing.new(
            at: "practice/cuts/#{prep.component.cut}/rates/#{prep.tool}",
            name: "#{prep.component.cut.capitalize}, with the #{prep.tool}",
            usual: prep.cut_rate,
            value: prep.cut_rate * times,
            sheet: prep,
            unit: :kg_per_h,
            by: @weighed.by(prep.at)
          )
        end
      end
    end
  end
end
