# frozen_string_literal: true

module Scullion
  module Day
    # Where a day is too full: every task as late as it could be if there were hands and heat
    # without end. What a half-hour cannot take is carried into the one before; the kind of resource
    # with the longest queue is the tight one, and its fullest half-hour is named. Cooks are looked
    # at together, and skill by skill where not all of them do it.
    class Overload
      SLOT = 30

      # A kind of resource, or the cooks who are down for one skill.
      Kind = Struct.new(:name, :skill)
      Worst =
        Struct.new(:kind, :skill, :from, :wanted, :have, keyword_init: true) do
          def over = wanted - have
          def to_h = super.compact
        end

      def initialize(instance)
        @instance = instance
      end

      # @return [Worst, nil] minutes wanted and had in the fullest half-hour of the tight kind; nil when all
      #   fits
      def worst = worst_among(kinds)

      # @return [Worst, nil] the same among cooks alone
      def worst_hands = worst_among(kinds.select { |kind| kind.name == COOK })

      # What not all cooks do, and too few. @return [Array<String>] skills, the shortest first
      def short_skills
        kinds
          .select { |kind| kind.skill && queue(kind).positive? }
          .sort_by { |kind| [-queue(kind), kind.skill] }
          .map(&:skill)
      end

      # What none of them does. @return [Array<String>] skills
      def nobody = kinds.filter_map { |kind| kind.skill if kind.skill && able(kind).empty? }

      # Minutes of hands wanted in all, and had between the first and the last day.
      # @return [Array(Integer, Integer)]
      def hands
        had = @instance.of_kind(COOK).sum { |cook| cook.minutes_within(@instance.from, @instance.to) }
        [@instance.tasks.sum(&:hands_minutes), had]
      end

      private

      def kinds = wanted.keys.map(&:first).uniq

      def worst_among(kinds)
        tight = kinds.max_by { |kind| [queue(kind), kind.name, kind.skill.to_s] }
        return if tight.nil? || queue(tight).zero?

        slots(tight)
          .map do |slot|
            Worst.new(
              kind: tight.name,
              skill: tight.skill,
              from: slot * SLOT,
              wanted: wanted[[tight, slot]],
              have: had(tight, slot)
            )
          end
          .select { |each| each.over.positive? }
          .max_by { |each| [each.have.positive? ? 1 : 0, each.over, -each.from] }
      end

      def able(kind)
        (@able ||= {})[kind] ||= @instance.of_kind(kind.name).select { |resource| resource.does?(kind.skill) }
      end

      # What a use counts towards.
      def counted(use)
        @counted ||=
          Hash.new do |all, each|
            all[each] = [
              Kind.new(each.kind),
              (
                if each.skill && @instance.of_kind(each.kind).any? { |cook| !cook.does?(each.skill) }
                  Kind.new(each.kind, each.skill)
                end
              )
            ].compact
          end
        @counted[use]
      end

      # The longest that work waits for this kind, in half-hours of all of it.
      def queue(kind)
        carried = longest = 0
        slots(kind)
          .max
          &.downto(slots(kind).min) do |slot|
            carried = [carried + wanted[[kind, slot]] - had(kind, slot), 0].max
            longest = carried if carried > longest
          end
        longest.fdiv(able(kind).sum(&:capacity).clamp(1, nil) * SLOT)
      end

      def slots(kind)
        (@slots ||= wanted.keys.group_by(&:first).transform_values { |keys| keys.map(&:last) }).fetch(
          kind,
          []
        )
      end

      # By kind and half-hour: amount × minutes.
      def wanted
        @wanted ||=
          @instance
            .tasks
            .each_with_object(Hash.new(0)) do |task, all|
              at = task.pinned || starts[task.key]
              task.segments.each do |segment|
                segment.uses.each { |use| spread(use, at, at + segment.minutes, all) }
                at += segment.minutes
              end
            end
      end

      def spread(use, from, to, all)
        (from.div(SLOT)..(to - 1).div(SLOT)).each do |slot|
          counted(use).each do |kind|
            all[[kind, slot]] += use.amount * ([to, (slot + 1) * SLOT].min - [from, slot * SLOT].max)
          end
        end
      end

      def had(kind, slot)
        able(kind).sum { |resource| resource.minutes_within(slot * SLOT, (slot + 1) * SLOT) }
      end

      # As late as deadlines and what follows allow.
      def starts
        @starts ||=
          @instance
            .in_order
            .reverse
            .each_with_object({}) do |task, done|
              ends = [
                *task.latest,
                *@instance.followers[task.key].map { |follower, link| done[follower.key] - link.least }
              ]
              done[task.key] = (ends.min || @instance.to) - task.minutes
            end
      end
    end
  end
end
