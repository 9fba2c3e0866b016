# frozen_string_literal: true

module Scullion
  module Guards
    # How long the next guess at the access code has to wait: twice as long after each wrong one from an
    # address, and, once there have been many from anywhere, from everywhere.
    class Guesses
      LONGEST_SECONDS = 900.0
      # Wrong ones in all before everyone waits, and how long they are remembered.
      MANY = 20
      REMEMBERED_SECONDS = 3600
      MOST_ADDRESSES = 10_000

      # @param clock [#call] seconds that only go forwards
      def initialize(clock: -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) })
        @clock, @lock = clock, Mutex.new
        @wrong = Hash.new { |wrong, from| wrong[from] = [] }
      end

      # @param from [String] an address @return [Float] seconds; 0 when it may guess now
      def wait(from) = @lock.synchronize { [own_wait(from), common_wait, 0.0].max }

      # @return [Float] seconds that the next guess from there has to wait
      def wrong(from)
        @lock.synchronize do
          forget
          @wrong[from] << @clock.call
          [own_wait(from), common_wait].max
        end
      end

      def right(from) = @lock.synchronize { @wrong.delete(from) }

      private

      def own_wait(from) = left(@wrong.fetch(from, []), 0)
      def common_wait = left(@wrong.values.flatten.sort, MANY)

      # Twice as long after each beyond so many.
      def left(times, beyond)
        return 0.0 if times.size <= beyond

        [2.0**(times.size - beyond - 1), LONGEST_SECONDS].min - (@clock.call - times.last)
      end

      def forget
        since = @clock.call - REMEMBERED_SECONDS
        @wrong.each_value { |times| times.reject! { |time| time < since } }
        @wrong.delete_if { |_, times| times.empty? }
        @wrong.shift while @wrong.size >= MOST_ADDRESSES
      end
    end
  end
end
