# frozen_string_literal: true

module Scullion
  module Day
    # In which order services have the kitchen: the earlier one has its hands and its heat, the later one is
    # planned around it. Rules of the job, "The day".
    class Turns
      # @param practice [Practice] @param first [Date] of the service that all of this is asked for
      def initialize(practice, first)
        @first = first
        @ahead = practice.fetch("day/ahead/days").to_i
        @since = first - practice.fetch("day/beside/most_days").to_i
      end

      # The days from which a service's own day may be taken.
      # @param date [Date] of a service @return [Range<Date>]
      def reach(date) = [date - @ahead, @since].max..date

      # May a service of a date be worked for on a day?
      # @param date [Date] of the service @param day [Date]
      def worked_on?(date, day) = ((date - @ahead)..date).cover?(day)

      # The days from which the day of any of them may be taken. @return [Range<Date>]
      def all_days = [@since, @first - @ahead].min..@first

      # @param turn [Array] date, start and number of a service
      # @param others [Array<Array>] the same of others
      # @return [Array<Array>] those that have the kitchen before it, in that order
      def before(turn, others)
        others.sort.select { |other| reach(turn.first).cover?(other.first) && (other <=> turn).negative? }
      end
    end
  end
end
