# frozen_string_literal: true

module Scullion
  module Day
    # Clearing goes along: each salad's bench is cleared once its work is over, before the doors; and when the
    # last plate is out, all who are there clean down together. Rules of the job, "Sense".
    class Clearing
      STAGE = "clear"

      # Of a task that only clears, which no food waits for. @param task [Task]
      def self.of?(task) = task.about&.fetch("stage", nil) == STAGE

      # @param plan [Plan] @param jobs [Array<Jobs>] @param plated [Array<Task>] all that plates
      def initialize(plan, jobs, plated)
        @plan, @jobs, @plated, @practice = plan, jobs, plated, plan.brief.practice
      end

      # @return [Array<Task>]
      def tasks = [*along, *down]

      private

      def along
        @plan.portions.each_with_index.filter_map do |portion, index|
          benches = benches_of(portion)
          next if benches.empty? || along_minutes.zero?

          task(
            "clear/#{index}",
            "Clear the bench of #{portion.salad.name}",
            along_minutes,
            benches,
            latest: @plan.brief.service.from.minutes,
            salads: [portion.salad.name]
          )
        end
      end

      # What is cut, trimmed or treated for it.
      def benches_of(portion)
        @jobs
          .select { |job| job.need.layers.any? { |layer| layer.portion.equal?(portion) } }
          .flat_map(&:tasks)
          .select { |task| task.about["stage"] == "prep" }
      end

      # All hands that there are then, each as long.
      def down
        each = ((setup + ((per_salad - along_minutes) * @plan.portions.size)) / hands).ceil
        Array.new(hands) do |index|
          task(
            "clean/#{index + 1}",
            "Clean down#{", all hands" if hands > 1}",
            each,
            @plated,
            earliest: service_to,
            latest: service_to + each + @practice.fetch("day/clean/soon_minutes").to_i
          )
        end
      end

      # Cooks on shift when the last guest is served; one at least.
      def hands
        @hands ||=
          @plan
            .brief
            .kitchen
            .cooks
            .count { |cook| cook.hours.any? { |from, to| from <= clock && clock < to } }
            .clamp(1, nil)
      end

      def clock = service_to % Moment::DAY
      def service_to = @plan.brief.service.to.minutes
      def setup = @practice.fetch("day/clean/setup_minutes")
      def per_salad = @practice.fetch("day/clean/per_salad_minutes")
      def along_minutes = [@practice.fetch("day/clean/along_minutes"), per_salad].min.ceil

      def task(key, name, minutes, after, salads: [], **window)
        Task.new(
          key: key,
          name: name,
          segments: [Segment.new(minutes: minutes, uses: [Use.new(kind: COOK, amount: 1)])],
          after: after.map { |each| Link.new(task: each.key, least: 0) },
          about: {
            "stage" => STAGE,
            "for" => salads
          },
          **window
        )
      end
    end
  end
end
