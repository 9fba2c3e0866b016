# frozen_string_literal: true

module Scullion
  module Day
    # A day run backwards: what was as early as possible becomes as late as possible.
    module Mirror
      # @param instance [Instance] @return [Instance]
      def self.of(instance)
        Instance.new(
          from: -instance.to,
          to: -instance.from,
          handover: instance.handover,
          resources: instance.resources.map { |resource| turned(resource) },
          tasks: instance.tasks.map { |task| turned_task(instance, task) }
        )
      end

      # @param solution [Solution] of the mirrored day @return [Solution] of the day itself
      def self.back(instance, solution)
        starts = instance.tasks.to_h { |task| [task.key, -solution.starts.fetch(task.key) - task.minutes] }
        Solution.new(instance, starts, solution.taken.transform_values(&:reverse), solution.unplaced)
      end

      def self.turned(resource)
        resource.dup.tap do |turned|
          turned.open = resource.open&.map { |from, to| [-to, -from] }&.reverse
          turned.busy =
            resource.busy&.map do |each|
              Busy.new(from: -each.to, to: -each.from, amount: each.amount, mode: each.mode)
            end
        end
      end

      def self.turned_task(instance, task)
        Task.new(
          key: task.key,
          name: task.name,
          segments: task.segments.reverse,
          earliest: task.latest && -task.latest,
          latest: task.earliest && -task.earliest,
          pinned: task.pinned && (-task.pinned - task.minutes),
          after:
            instance.followers[task.key].map do |follower, link|
              Link.new(task: follower.key, least: link.least, most: link.most, safety: link.safety)
            end
        )
      end
      private_class_method :turned, :turned_task
    end
  end
end
