# frozen_string_literal: true

module Scullion
  module Records
    # The days that were solved last. The same brief has the same day, so that a day, its lists, its
    # labels and its calendar are worked out once between them.
    class SolvedDays
      KEPT = 24

      def initialize(keeps: KEPT)
        @days = Once.new(keeps: keeps)
      end

      # @param document [Hash] a brief @param house [House]
      # @return [Day::Roster] solved
      # @raise [InvalidBrief] @raise [UnworkableDay] @raise [Apart::TooLong]
      def of(document, house)
        @days.of(Digest::SHA256.digest(JSON.generate(document))) do
          roster = Day::Roster.new(Plan.for(Brief.read(document, house)))
          roster.solved_as(*Apart.run { roster.solution.to_a })
        end
      end
    end
  end
end
