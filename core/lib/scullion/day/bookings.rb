# frozen_string_literal: true

module Scullion
  module Day
    # How much of one resource is taken when, as steps in time, and the first time from which
    # something more fits.
    class Bookings
      FOREVER = 1 << 40

      attr_reader :resource, :load

      def initialize(resource)
        @resource, @open, @moded, @load = resource, resource.open, resource.moded, 0
        # Level and mode hold from one time to the next.
        @times, @levels, @modes = [-FOREVER, FOREVER], [0, 0], [nil, nil]
        resource.busy&.each { |other| fill(other.from, other.to - other.from, other.amount, other.mode) }
      end

      # The first minute at or after +start+ from which so much is free for so long; nil for never.
      # @return [Integer, nil]
      def free_from(start, minutes, amount, mode)
        return if amount > resource.capacity

        start = free_of_bookings(start, minutes, amount, mode)
        while @open
          open = open_from(start, minutes)
          return open if open.nil? || open == start

          start = free_of_bookings(open, minutes, amount, mode)
        end
        start
      end

      def book(from, minutes, amount, mode)
        fill(from, minutes, amount, mode)
        @load += minutes
      end

      # Given back.
      def free(from, minutes, amount)
        first, last = step_at(from), step_at(from + minutes)
        (first...last).each { |index| @levels[index] -= amount }
        @load -= minutes
      end

      private

      def fill(from, minutes, amount, mode)
        first, last = step_at(from), step_at(from + minutes)
        (first...last).each do |index|
          @levels[index] += amount
          @modes[index] = mode
        end
      end

      # In the first of its hours that are long enough from then on.
      def open_from(start, minutes)
        index = 0
        while (hours = @open[index])
          from = hours.first
          from = start if from < start
          return from if from + minutes <= hours.last

          index += 1
        end
      end

      def free_of_bookings(start, minutes, amount, mode)
        index, most = holding(start), resource.capacity - amount
        while @times[index] < start + minutes
          start = @times[index + 1] if @levels[index] > most ||
            (@moded && @levels[index].positive? && @modes[index] != mode)
          index += 1
        end
        start
      end

      # The step that a time falls into.
      def holding(time)
        times, low, high = @times, 0, @times.size - 1
        while high - low > 1
          middle = (low + high) >> 1
          times[middle] > time ? high = middle : low = middle
        end
        low
      end

      # The step that begins at a time, made if there is none.
      def step_at(time)
        index = holding(time)
        return index if @times[index] == time

        @times.insert(index + 1, time)
        @levels.insert(index + 1, @levels[index])
        @modes.insert(index + 1, @modes[index])
        index + 1
      end
    end
  end
end
