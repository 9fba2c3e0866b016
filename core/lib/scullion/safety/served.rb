# frozen_string_literal: true

module Scullion
  module Safety
    # From when a lot comes out of the cold until it is eaten, as the day has it. Part of Lots.
    module Served
      private

      # From when it comes out of the cold: of the salads and waves that it goes into the one that has it out
      # longest.
      # @return [Array<Path::Stretch>]
      def served(job)
        nexts = followers(job.done) - [nil]
        ways = nexts.reject { |task| job.done.include?(task.key) }.map { |task| from_then(task) }
        ways.max_by { |way| out_in(way) } ||
          [stretch("out", @brief.service.from.minutes, service_to, "Served")]
      end

      # A task, and what comes after it until it is eaten: worked on it is out; between it is back in the cold
      # where the kitchen has one.
      def from_then(task)
        from = @solution.start(task.key)
        nexts = task.key.include?("/finish/") ? [] : followers([task.key])
        return [stretch("out", from, eaten_by(task), "Finished and served")] if nexts.empty?

        ways =
          nexts.map do |other|
            worked = [from + worked_minutes(task), @solution.start(other.key)].min
            [
              stretch("out", from, worked, "Mixed"),
              between(worked, @solution.start(other.key)),
              *from_then(other)
            ]
          end
        ways.max_by { |way| out_in(way) }
      end

      def followers(keys)
        found = keys.flat_map { |key| @roster.instance.followers[key] }.map(&:first)
        found.reject { |task| unplaced?(task.key) || Day::Clearing.of?(task) }.uniq
      end

      def out_in(way) = way.sum { |each| Path::OUT.include?(each.state) ? each.minutes : 0 }

      # Until hands leave it.
      def worked_minutes(task)
        last = task.segments.rindex(&:hands?) || 0
        task.segments.first(last + 1).sum(&:minutes)
      end

      def between(from, to)
        if @brief.kitchen.chillers.any?
          stretch("cold", from, to, "Back in the cold")
        else
          stretch("out", from, to, "Waits")
        end
      end

      # The end of the wave that a task is for; of the service where it is for all of it.
      def eaten_by(task)
        number = task.key[%r{/finish/(\d+)}, 1] or return service_to
        waves = @plan.waves.find { |each| @plan.builds[@plan.waves.index(each)].at == task.about["at"] }
        waves.list.fetch(number.to_i - 1).to.minutes
      end
    end
  end
end
