# frozen_string_literal: true

module Scullion
  module Records
    # The days that were solved last. The same brief has the same day, so that a day, its lists, its
    # labels and its calendar are worked out once between them.
    class SolvedDays
      KEPT = 24

      def initialize(keeps: KEPT)
        @days, @lock, @keeps = {}, Mutex.new, keeps
      end

      # @param document [Hash] a brief @param house [House]
      # @return [Day::Roster] solved
      # @raise [InvalidBrief] @raise [UnworkableDay]
      def of(document, house)
        key = Digest::SHA256.digest(JSON.generate(document))
        day =
          @lock.synchronize { @days[key] } ||
            Day::Roster.new(Plan.for(Brief.read(document, house))).tap(&:solution)
        keep(key, day)
      end

      private

      # The latest last; the one not asked for longest goes.
      def keep(key, day)
        @lock.synchronize do
          @days.delete(key)
          @days[key] = day
          @days.shift if @days.size > @keeps
        end
        day
      end
    end
  end
end
