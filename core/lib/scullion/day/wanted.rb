# frozen_string_literal: true

module Scullion
  module Day
    # By when each thing that is bought is first wanted on the bench: what is prepared and all that goes
    # with it (salt, oil, what cooks along, the parts of what is made), what is whisked, the fruit that is
    # squeezed. What nothing is done to is wanted by the doors.
    class Wanted
      # @param roster [Roster] solved
      def initialize(roster)
        @plan, @solution = roster.plan, roster.solution
        @begun = {}.compare_by_identity
        roster.layout.jobs.each { |job| @begun[job.need] = first_of(job.tasks) }
      end

      # @return [Hash{String=>Integer}] minutes, by the key of each ingredient of the order
      def to_h
        @plan.purchases.to_h do |purchase|
          [purchase.ingredient.key, purchase.uses.map { |sheet, _| from(sheet) }.min]
        end
      end

      private

      def from(sheet)
        return @solution.start(Assembly.whisk_key(sheet.dressing)) if sheet.is_a?(Dress::Part)

        @begun[sheet.need] || @plan.brief.service.from.minutes
      end

      def first_of(tasks) = tasks.map { |task| @solution.start(task.key) }.min
    end
  end
end
