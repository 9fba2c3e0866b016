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

      # Forwards from the start of the time there is; then backwards again, as late as what is late anyhow
      # allows.
      def late(best)
        slack = late_first.min_by(&@by)
        relaxed =
          @instance.with(
            tasks:
              @instance.tasks.map do |task|
                task.dup.tap { |each| each.latest = task.latest && [task.latest, slack.end(task.key)].max }
              end
          )
        fresh = Solver.new(relaxed, by: @by).settled(by_ends(slack)).on(@instance)
        [slack, fresh, best].select { |each| each.early.empty? }.min_by(&@by) || slack
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
