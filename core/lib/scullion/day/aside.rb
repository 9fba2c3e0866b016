# frozen_string_literal: true

module Scullion
  module Day
    # What comes last and has no room is set after all the rest, wherever there is room left for it, late as
    # that may be, or nowhere: that nobody is there to clean down any more leaves the rest of the day as good
    # as it would be without.
    class Aside < Pass
      # Of a day that is set backwards: what would begin before it may, where nothing else waits for it.
      # @param solution [Solution] @return [Array<Task>]
      def self.last(solution)
        early = solution.early
        waiting = early.flat_map { |task| solution.instance.followers[task.key].map(&:first) } - early
        waiting.any? ? [] : early
      end

      # @param rest [Solution] of the day, or of the day without them @param last [Array<Task>]
      def initialize(instance, rest, last)
        super(instance, rest.starts)
        resume(rest, except: last)
        @last = instance.in_order & last
      end

      # @return [Solution]
      def run
        @last.each { |task| place(task, fit(task)) }
        Solution.new(@instance, @starts, @taken, @unplaced)
      end
    end
  end
end
