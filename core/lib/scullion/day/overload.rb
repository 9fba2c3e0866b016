# frozen_string_literal: true

module Scullion
  module Day
    # Where a day is too full: every task as late as it could be if there were hands and heat
    # without end. What a half-hour cannot take is carried into the one before; the kind of resource
    # with the longest queue is the tight one, and its fullest half-hour is named.
    class Overload
      SLOT = 30

      Worst = Struct.new(:kind, :from, :wanted, :have, keyword_init: true) do
        def over = wanted - have
      end

      def initialize(instance)
        @instance = instance
      end

      # @return [Worst, nil] minutes wanted and had in the fullest half-hour of the tight kind; nil when all fits
      def worst = wanted.keys.map(&:first).uniq.max_by { |kind| [queue(kind), kind] }&.then { |kind| worst_of(kind) }

      # @return [Worst, nil] the fullest half-hour of one kind; nil when it is enough
      def worst_of(kind)
        return if queue(kind).zero?

        slots(kind).map { |slot| Worst.new(kind: kind, from: slot * SLOT, wanted: wanted[[kind, slot]], have: had(kind, slot)) }
                   .select { |each| each.over.positive? }.max_by { |each| [each.have.positive? ? 1 : 0, each.over, -each.from] }
      end

      # Minutes of hands wanted in all, and had between the first and the last day.
      # @return [Array(Integer, Integer)]
      def hands
        had = @instance.of_kind(COOK).sum { |cook| (cook.open || []).sum { |from, to| [[to, @instance.to].min - [from, @instance.from].max, 0].max } }
        [@instance.tasks.sum(&:hands_minutes), had]
      end

      private

      # The longest that work waits for this kind, in half-hours of all of it.
      def queue(kind)
        carried = longest = 0
        slots(kind).max&.downto(slots(kind).min) do |slot|
          carried = [carried + wanted[[kind, slot]] - had(kind, slot), 0].max
          longest = carried if carried > longest
        end
        longest.fdiv(@instance.of_kind(kind).sum(&:capacity).clamp(1, nil) * SLOT)
      end

      def slots(kind) = (@slots ||= wanted.keys.group_by(&:first).transform_values { |keys| keys.map(&:last) }).fetch(kind, [])

      # By kind and half-hour: amount × minutes.
      def wanted
        @wanted ||= @instance.tasks.each_with_object(Hash.new(0)) do |task, all|
          at = task.pinned || starts[task.key]
          task.segments.each do |segment|
            segment.uses.each { |use| spread(use, at, at + segment.minutes, all) }
            at += segment.minutes
          end
        end
      end

      def spread(use, from, to, all)
        (from.div(SLOT)..(to - 1).div(SLOT)).each { |slot| all[[use.kind, slot]] += use.amount * ([to, (slot + 1) * SLOT].min - [from, slot * SLOT].max) }
      end

      def had(kind, slot)
        @instance.of_kind(kind).sum do |resource|
          open = resource.open || [[slot * SLOT, (slot + 1) * SLOT]]
          resource.capacity * open.sum { |from, to| [[to, (slot + 1) * SLOT].min - [from, slot * SLOT].max, 0].max }
        end
      end

      # As late as deadlines and what follows allow.
      def starts
        @starts ||= @instance.in_order.reverse.each_with_object({}) do |task, done|
          ends = [*task.latest, *@instance.followers[task.key].map { |follower, link| done[follower.key] - link.least }]
          done[task.key] = (ends.min || @instance.to) - task.minutes
        end
      end
    end
  end
end
