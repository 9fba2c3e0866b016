# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # How much is cut in an hour, from when the work was begun and when it was done. Only where cutting is
      # most of it: what takes longer is then the cut.
      class CutRates
        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan)
          plan.preps.filter_map { |prep| weighing(prep) if prep.component.cut && prep.tool }
        end

        private

        def learn(prep, name) = prep.practice.fetch("record/learn/#{name}")

        # Nobody cuts so much faster or slower: then somebody forgot to tick.
        def believed?(prep, times)
          times.between?(learn(prep, "slowest_times"), learn(prep, "fastest_times"))
        end

        def weighing(prep)
          minutes = @weighed.minutes(prep.at) or return
          planned = prep.hands_minutes + prep.tool_minutes
          unless prep.cutting_minutes >= prep.hands_minutes * learn(prep, "cutting_share") &&
                   planned.positive?
            return
          end

          times = planned / minutes
          return unless believed?(prep, times)

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
