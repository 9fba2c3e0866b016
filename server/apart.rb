# frozen_string_literal: true

require "io/wait"

module Scullion
  # Work that takes long, in a process of its own: whoever else asks something goes on meanwhile, it can be
  # stopped at any moment, and the memory that it took goes with it. It works with what is in memory and
  # touches no database; what it gives is plain data.
  module Apart
    # Taken longer than anyone waits.
    class TooLong < StandardError
    end

    LONGEST_SECONDS = 20
    # How often who waits is asked whether to go on.
    BEAT_SECONDS = 0.5
    # As many at once as a small computer has room for beside the server itself.
    PLACES = SizedQueue.new(3)

    class << self
      # @param most [Numeric] seconds
      # @param waiting [#call, nil] called at every beat, and with (done, of, found) when there is word; what
      #   it raises stops the work
      # @yield [#call] in the process of its own, with what to call with (done, of, found)
      # @return what the block gives
      # @raise [TooLong], or what the block raises
      def run(most: LONGEST_SECONDS, waiting: nil, &work)
        Guards::Turns.aside { done(most, waiting, &work) }
      end

      private

      def done(most, waiting, &)
        PLACES.push(true)
        reader, writer = IO.pipe(binmode: true)
        pid = begun(reader, writer, &)
        writer.close
        listen(reader, now + most, waiting)
      ensure
        ended(pid) if pid
        [reader, writer].compact.each(&:close)
        PLACES.pop
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      # While no other thread is inside the database.
      def begun(reader, writer, &work)
        Records.in_turn { fork { apart(reader, writer, &work) } }
      end

      def apart(reader, writer)
        reader.close
        Process.setpriority(Process::PRIO_PROCESS, 0, 5)
        say(writer, [:done, yield(->(*word) { say(writer, [:word, word]) })])
      rescue StandardError => e
        say(writer, [:failed, e])
      ensure
        exit!(0)
      end

      def say(writer, word) = writer.tap { Marshal.dump(word, writer) }.flush

      def listen(reader, until_then, waiting)
        loop do
          raise TooLong if now > until_then
          next waiting&.call unless reader.wait_readable(BEAT_SECONDS)

          kind, said = heard(reader)
          return said if kind == :done
          raise said if kind == :failed

          waiting&.call(*said)
        end
      end

      def heard(reader)
        Marshal.load(reader) # rubocop:disable Security/MarshalLoad -- our own process at the other end
      rescue EOFError
        raise "The work apart ended without a word"
      end

      def ended(pid)
        Process.kill("KILL", pid)
        Process.wait(pid)
      rescue Errno::ESRCH, Errno::ECHILD
        nil
      end
    end
  end
end
