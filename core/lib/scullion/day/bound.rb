# frozen_string_literal: true

module Scullion
  module Day
    # The least time that a day can take, whatever the order: the longest chain of tasks that wait
    # for each other, and for each kind of resource its work spread over all of them between the
    # shortest way to it and the shortest way from it, for the work that is so far from both.
    class Bound
      MOST_STEPS = 16

      def initialize(instance)
        @instance = instance
      end

      # @return [Integer] minutes from the first start to the last end
      def minutes = [@instance.longest_chain, *kinds.map { |kind| by_load(kind) }].max

      private

      def kinds = @instance.resources.map(&:kind).uniq

      # What lies at least so far from the beginning and from the end must fit between them.
      def by_load(kind)
        stretches, resources = @instance.tasks.flat_map { |task| of(task, kind) }, @instance.of_kind(kind)
        steps(stretches, :before).product(steps(stretches, :after)).map do |before, after|
          inside = stretches.select { |each| each.before >= before && each.after >= after }
          inside.empty? ? 0 : before + busy(inside, resources).ceil + after
        end.max || 0
      end

      # Distances to try, smallest and largest among them.
      def steps(stretches, side)
        all = stretches.map(&side).uniq.sort
        all.size <= MOST_STEPS ? all : Array.new(MOST_STEPS) { |index| all[index * (all.size - 1) / (MOST_STEPS - 1)] }
      end

      # What needs another mode cannot go on at the same time, where there is only one to set.
      def busy(stretches, resources)
        return stretches.sum { |each| each.minutes * each.amount }.fdiv(resources.sum(&:capacity)) unless resources.size == 1 && resources.first.moded

        stretches.group_by(&:mode).each_value.sum do |alike|
          fit = alike.map(&:amount).uniq.size == 1 ? resources.first.capacity / alike.first.amount * alike.first.amount : resources.first.capacity
          alike.sum { |each| each.minutes * each.amount }.fdiv(fit)
        end
      end

      Stretch = Struct.new(:before, :minutes, :amount, :mode, :after)

      # The stretches of a task on that kind, with the minutes before and after each.
      def of(task, kind)
        at = 0
        task.segments.filter_map do |segment|
          before = at
          at += segment.minutes
          use = segment.uses.find { |each| each.kind == kind }
          Stretch.new(@instance.heads[task.key] + before, segment.minutes, use.amount, use.mode, task.minutes - at + @instance.tails[task.key]) if use
        end
      end
    end
  end
end
