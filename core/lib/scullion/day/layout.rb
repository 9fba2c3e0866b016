# frozen_string_literal: true

module Scullion
  module Day
    # A plan laid out as a day to be scheduled: every task derived from it, tied to the others by
    # what comes first, how long it keeps and how soon it must follow. Rules of the job, "The day".
    class Layout
      # @param plan [Plan] @param progress [Progress]
      def initialize(plan, progress = plan.brief.progress)
        @plan, @brief, @practice, @progress = plan, plan.brief, plan.brief.practice, progress
      end

      # @return [Instance]
      # @raise [UnworkableDay] when the tasks wait for each other in a ring
      def instance
        @instance ||=
          Instance.new(
            tasks: Marks.new(@progress).on(tasks),
            resources: Resources.new(@brief, days, @progress).resources,
            handover: @practice.fetch("day/handover/minutes").ceil,
            from: from,
            to: service_to + @practice.fetch("day/clean/most_minutes").to_i
          )
      end

      # When work was free to begin, where that limits it; a service that was only written down after it began
      # is laid out whole.
      # @return [Integer, nil] minutes
      def since = @progress.since&.between?(first_day + 1, service_from - 1) ? @progress.since : nil

      # The jobs of each preparation.
      # @return [Array<Jobs>]
      def jobs
        @jobs ||=
          @plan.preps.map do |prep|
            need = prep.need
            Jobs.new(
              need,
              prep,
              @brief,
              @plan.control,
              cut: @progress.cut.include?(need.component.preparation),
              heat: prep.cooking && heat(need, prep.cooking),
              pours: warm_pours(need),
              whisked: whisked(need)
            )
          end
      end

      private

      def heat(need, cooking)
        Heat.new(
          cooking,
          Cook::Beside.new(
            loads: @progress.loads.fetch(need.component.preparation, 1),
            borrowed: @progress.borrowed
          ),
          @practice.fetch("day/cool/gather_minutes").to_i
        )
      end

      # @return [Array<String>] tasks that make the dressings of the salads that it goes into
      def whisked(need)
        @plan
          .dressings
          .select { |batch| need.layers.any? { |layer| layer.portion.equal?(batch.portion) } }
          .map { |batch| Assembly.whisk_key(batch) }
      end

      def warm_pours(need)
        stages = @plan.dressings.flat_map(&:stages).select { |stage| stage.into == Dress::Stage::WARM }
        stages
          .flat_map(&:pours)
          .select do |pour|
            pour.stage.before_bowl?(pour.layer) && need.layers.any? { |layer| layer.equal?(pour.layer) }
          end
      end

      def from = [first_day, *since, *@progress.now].max
      def first_day = midnight(-days)
      # The minute that a day begins, so many after the service's.
      def midnight(days) = Moment.minute(@brief.service.from.day, days * Moment::DAY)
      def days = @practice.fetch("day/ahead/days").to_i
      def service_from = @brief.service.from.minutes
      def service_to = @brief.service.to.minutes

      def tasks
        plated = salads.select { |task| task.key.include?("/plate/") }
        [*jobs.flat_map { |job| ahead(job) }, *salads, *Clearing.new(@plan, jobs, plated).tasks]
      end

      # What is to be made so many days ahead is ready by the end of that day.
      def ahead(job)
        days = @progress.ahead.fetch(job.need.component.preparation, 0)
        return job.tasks if days.zero?

        job.tasks.map { |task| task.dup.tap { |each| each.latest = midnight(1 - days) } }
      end

      def salads
        @salads ||=
          @plan
            .waves
            .zip(@plan.builds)
            .flat_map do |waves, build|
              batch = @plan.dressings.find { |dressing| dressing.portion.equal?(waves.portion) }
              Assembly
                .new(
                  waves,
                  build,
                  batch,
                  jobs.select { |job| job.need.layers.any? { |layer| layer.portion.equal?(waves.portion) } },
                  @practice,
                  cold: @brief.kitchen.chillers.any?
                )
                .tasks
                .each { |task| task.earliest = [*task.earliest, *brought(task, waves.portion)].max }
            end
      end

      # Nothing goes into a bowl before what another service makes for it is ready. @return [Array<Integer>]
      def brought(task, portion)
        return [] if task.about["stage"] == "dress" && !task.key.end_with?("/marinate")

        @plan
          .needs
          .select { |need| need.brought && need.layers.any? { |layer| layer.portion.equal?(portion) } }
          .filter_map { |need| need.brought.ready }
      end
    end
  end
end
