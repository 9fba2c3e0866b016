# frozen_string_literal: true

module Scullion
  module Day
    # What is labelled in the cold room: each preparation when it is ready, each salad when it is
    # dressed. Best as long as it keeps, and discarded by the date mark of the house rules.
    class HoldLabels
      # ready, best, discard: Moments. allergens: of all that is in it.
      Label = Struct.new(:name, :ready, :best, :discard, :allergens, keyword_init: true)

      # @param roster [Roster]
      def initialize(roster)
        @roster = roster
      end

      # @return [Array<Label>]
      def to_a = preparations + salads

      private

      def preparations
        kept = @roster.plan.brief.rules.fetch("days").to_i - 1
        @roster
          .layout
          .jobs
          .reject { |job| job.tasks.empty? }
          .map do |job|
            ready = Moment.new(@roster.date, job.done.map { |key| @roster.solution.end(key) }.max)
            Label.new(
              name: job.need.name,
              ready: ready,
              best: [ready + job.keeps, ready.end_of_day(kept)].min,
              discard: ready.end_of_day(kept),
              allergens: job.need.ingredient.allergens
            )
          end
      end

      def salads
        @roster.plan.windows.map do |window|
          Label.new(
            name: window.portion.salad.name,
            ready: window.dress_at,
            best: window.best_until,
            discard: window.discard_by,
            allergens: window.portion.contains
          )
        end
      end
    end
  end
end
