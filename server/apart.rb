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
    # Of a long list that is given at once.
    SLICE = 100
    # Of a thread whose turn lasts an eighth as long as any other's.
    LOW = -3

    class << self
      # @param most [Numeric] seconds
      # @param waiting [#call, nil] called at every beat, and with (done, of, found) when there is word; what
      #   it raises stops the work
      # @yield [#call] in the process of its own, with what to call with (done, of, found)
      # @return what the block gives
      # @raise [TooLong], or what the block raises
      def run(most: LONGEST_SECONDS, waiting: nil, &work)
        Guards::Turns.aside { modestly { done(most, waiting, &work) } }
      end

      # What long work leaves to be done here, in short turns, so that whoever else asks waits the less.
      # @return what the block gives
      def modestly
        before, Thread.current.priority = Thread.current.priority, LOW
        yield
      ensure
        Thread.current.priority = before
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
        give(writer, yield(->(*word) { say(writer, [:word, word]) }))
      rescue StandardError => e
        say(writer, [:failed, e])
      ensure
        exit!(0)
      end

      # A long list in parts, so that nobody waits while all of it is taken in.
      def give(writer, result)
        return say(writer, [:done, result]) unless result.is_a?(Array) && result.size > SLICE

        result.each_slice(SLICE) { |part| say(writer, [:part, part]) }
        say(writer, [:all])
      end

      def say(writer, word) = writer.tap { Marshal.dump(word, writer) }.flush

      def listen(reader, until_then, waiting)
        parts = []
        loop do
          raise TooLong if now > until_then
          next waiting&.call unless reader.wait_readable(BEAT_SECONDS)

          kind, said = heard(reader)
          case kind
          when :done
            return said
          when :part
            parts.concat(said)
            Thread.pass
          when :all
            return parts
          when :failed
            raise said
          else
            waiting&.call(*said)
          end
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
