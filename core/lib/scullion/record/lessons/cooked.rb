# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What comes out of the heat of what went in: what grain takes up, what a roast loses. Where nobody
      # weighed what went in, it is what was planned.
      class Cooked
        FIGURES = %r{/(?:uptake/\w+|yield|gain|drained)\z}.freeze

        # @param weighed [Weighed]
        def initialize(weighed)
          @weighed = weighed
        end

        # @param plan [Plan] @return [Array<Weighing>]
        def of(plan) = plan.cooking.filter_map { |cooking| weighing(cooking, plan.brief.house) }

        private

        def weighing(cooking, house)
          cooked = @weighed.grams("cooked", cooking.at) or return
          planned = cooking.public_send(cooking.raw_name)
          raw = @weighed.grams("raw", cooking.at) || planned
          return unless raw.positive? && cooked.positive?

          name, change = figure(cooking)
          return unless name

          usual = cooking.public_send(name)
          value = as_told(change["at"], usual, (cooked / raw) / (cooking.need.cooked_grams / planned))
          return unless value.between?(change["least"], change["most"])
          return unless tells?(cooking, house, change["at"], value, cooked / raw)

          Weighing.new(
            at: change["at"],
            name: "#{cooking.need.name}, once cooked",
            usual: usual,
            value: value,
            sheet: cooking,
            unit: change["at"].include?("/uptake/") ? :g_per_g : :share
          )
        end

        # The assumption that says what comes out. @return [Array(Symbol, Hash), nil]
        def figure(cooking)
          cooking.class.definitions.each_value do |definition|
            next unless definition.kind == :assumption

            change = cooking.working(definition.name).to_h["change"]
            return definition.name, change if change && change["at"].match?(FIGURES)
          end
          nil
        end

        # By so many times the share that was planned.
        def as_told(at, usual, times)
          at.include?("/uptake/") ? ((usual + 1) * times) - 1 : usual * times
        end

        # With it the plan would have come to what was weighed.
        def tells?(cooking, house, at, value, share)
          left = house.with(figures: { at => [value, "house"] }).left_after(cooking.component.to_h)
          !left.nil? && ((left - share) / share).abs <= house.practice.fetch("record/learn/told_share")
        end
      end
    end
  end
end
