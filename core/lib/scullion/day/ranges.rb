# frozen_string_literal: true

module Scullion
  module Day
    # When one task may begin if nothing else of a solved day moves: what it waits for and what
    # waits for it, how long it keeps, and what hands and heat are free.
    class Ranges
      STEP = 5

      def initialize(solution)
        @solution, @instance = solution, solution.instance
      end

      # @param key [String] @return [Array<Array(Integer, Integer)>] first and last start of each range
      # @raise [UnknownFigure]
      def of(key)
        task = @instance[key] or
          raise UnknownFigure,
                Fault.new(
                  what: "There is no task #{Fault.shown(key)} in this day.",
                  where: "task",
                  remedy: "Load the day again; the plan may have changed."
                )
        low, high = bounds(task)
        return [] if low > high

        free =
          [*low.step(high, STEP), high, @solution.start(key)].uniq
            .select { |start| start.between?(low, high) && free?(task, start) }
            .sort
        free.slice_when { |one, next_one| next_one - one > STEP }.map { |run| [run.first, run.last] }
      end

      private

      def bounds(task)
        before = task.after.map { |link| [@solution.end(link.task), link] }
        after = @instance.followers[task.key].map { |follower, link| [@solution.start(follower.key), link] }
        low = [
          @instance.from,
          *task.earliest,
          *before.map { |ended, link| ended + link.least },
          *after.filter_map { |start, link| link.most && (start - link.most - task.minutes) }
        ].max
        high =
          [*task.latest, @instance.to, *after.map { |start, link| start - link.least }].min - task.minutes
        [low, [high, *before.filter_map { |ended, link| link.most && (ended + link.most) }].min]
      end

      def free?(task, start)
        held =
          task.demands.all? do |offset, minutes, use|
            able(task, use).any? do |each|
              each.free_from(start + offset, minutes, use.amount, use.mode) == start + offset
            end
          end
        held &&
          @instance
            .stints(task)
            .all? { |stint| able(task, stint.use).any? { |cook| stint.free_at?(cook, start) } }
      end

      def able(task, use) = bookings(task).fetch(use.kind, []).select { |each| each.resource.takes?(use) }

      # Everything but this task.
      def bookings(task)
        @bookings ||=
          begin
            by_key = @instance.resources.to_h { |resource| [resource.key, Bookings.new(resource)] }
            @solution.each_stretch do |segment, from, taken, other|
              next if other.key == task.key

              segment.uses.each do |use|
                by_key[taken[use.kind]]&.book(from, segment.minutes, use.amount, use.mode)
              end
            end
            by_key.values.group_by { |each| each.resource.kind }
          end
      end
    end
  end
end
