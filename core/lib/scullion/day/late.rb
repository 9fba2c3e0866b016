# frozen_string_literal: true

module Scullion
  module Day
    # How a Solver goes about a day that does not fit backwards: forwards from its beginning, to see what is
    # late and by how much; the rest is set backwards from that.
    module Late
      # So often what is amiss is mended.
      MENDS = 4
      # Minutes that outweigh any order of a day.
      LONG = 10_000

      private

      # Forwards from the start of the time there is; where only what comes last has no room, all but that as
      # if it were not there; otherwise backwards again, as late as what is late anyhow allows.
      def late(best)
        slack, without = late_first.min_by(&@by), without_last(best)
        kept_all = without && without.misses.empty? && without.unplaced.size <= slack.unplaced.size
        kept_all ? without : kept([slack, relaxed(slack), best, without].compact) || slack
      end

      # What fits nowhere comes after all the rest, where it would make the rest begin too early.
      def relaxed(slack)
        found = relieved(slack, []).on(@instance)
        gone = @instance.tasks.select { |task| slack.unplaced.include?(task.key) }
        return found if found.early.empty? || gone.empty?

        Aside.new(@instance, relieved(slack, gone), gone).run
      end

      def relieved(slack, gone)
        keys = gone.map(&:key)
        later =
          (@instance.tasks - gone).map do |task|
            task.dup.tap do |each|
              each.latest = task.latest && [task.latest, slack.end(task.key)].max
              each.after = task.after.reject { |link| keys.include?(link.task) }
            end
          end
        Solver.new(@instance.with(tasks: later), by: @by).settled(by_ends(slack).except(*keys))
      end

      # The best of those that begin nothing before it may. @return [Solution, nil]
      def kept(solutions) = solutions.select { |each| each.early.empty? }.min_by(&@by)

      # Where only what comes last has no room: the day without it, as good as that can be, and then that.
      # @return [Solution, nil]
      def without_last(best)
        last = Aside.last(best)
        return if last.empty? || last.size == @instance.tasks.size

        rest = Solver.new(@instance.with(tasks: @instance.tasks - last), by: @by).settled
        Aside.new(@instance, rest, last).run if rest.feasible?
      end

      # Forwards, by when each must be over, and by the longest way after it. @return [Array<Solution>]
      def late_first
        [due, @instance.tails.transform_values(&:-@)].flat_map { |order| forwards(order) }
      end

      # What came too late by itself goes first in the next pass, and what it waits for before it.
      # @return [Array<Solution>]
      def forwards(order)
        Array.new(MENDS) do
          Pass
            .new(@instance, order)
            .run
            .tap do |found|
              order = order.merge(leading_to(too_late(found)).to_h { |key| [key, order[key] - LONG] })
            end
        end
      end

      # Not only because something before it was.
      def too_late(found)
        late = @instance.tasks.select { |task| found.end(task.key) > due[task.key] }
        keys = late.map(&:key)
        late.reject { |task| task.after.any? { |link| keys.include?(link.task) } }.map(&:key)
      end

      def leading_to(keys)
        @instance
          .in_order
          .reverse
          .each_with_object(keys.dup) do |task, all|
            all.concat(task.after.map(&:task)) if all.include?(task.key)
          end
          .uniq
      end

      # When each task must be over at the latest, by its own deadline and those after it.
      def due
        @due ||=
          @instance
            .in_order
            .reverse
            .each_with_object({}) do |task, all|
              all[task.key] = [
                *task.latest,
                *@instance.followers[task.key].map do |follower, link|
                  all[follower.key] - follower.minutes - link.least
                end,
                @instance.to
              ].min
            end
      end
    end
  end
end
