# frozen_string_literal: true

module Scullion
  module Devices
    # One question to a device, and its answer, in a line each; waited for no longer than somebody with wet
    # hands waits.
    class Line
      CONNECT_SECONDS, ANSWER_SECONDS, LONGEST = 0.5, 1.0, 200

      # @param address [String] host:port
      def initialize(address)
        @address = address
        @host, port = address.split(":")
        @port = port.to_i
      end

      # @param more [String] what follows the line, as it is @return [String] @raise [Gone]
      def ask(line, more = "")
        Socket.tcp(@host, @port, connect_timeout: CONNECT_SECONDS) do |socket|
          socket.write("#{line}\n#{more}")
          answer(socket)
        end
      rescue SystemCallError, SocketError, IOError
        raise Gone, "Nothing answers at #{@address}. Is it on, and in reach? Type it in meanwhile."
      end

      private

      def answer(socket)
        read, till = +"", now + ANSWER_SECONDS
        until read.include?("\n")
          left = till - now
          unless left.positive? && socket.wait_readable(left)
            raise Gone, "#{@address} takes too long to answer. Type it in meanwhile."
          end

          read << socket.read_nonblock(LONGEST)
          raise Gone, "#{@address} answers what nobody understands." if read.bytesize > LONGEST
        end
        read.lines.first.strip.force_encoding("UTF-8").scrub("?")
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
