# frozen_string_literal: true

require "socket"

module Devices
  # A small device that stands in for a real one: it speaks a line protocol over TCP (docs/devices.md), to as
  # many as ask, and can be told to fail. What each can be asked is a method named after the first word.
  class StandIn
    FAULTS = %w[none rubbish slow silent gone].freeze
    SLOW_SECONDS = 3
    LONGEST = 200

    attr_reader :port

    # @param port [Integer] 0 for any that is free
    def initialize(port, host: "127.0.0.1")
      @server = TCPServer.new(host, port)
      @port, @fault, @lock = @server.addr[1], "none", Mutex.new
    end

    # Answers until it is stopped.
    def run
      loop { Thread.new(@server.accept) { |client| serve(client) } }
    rescue IOError, Errno::EBADF
      nil
    end

    def start
      Thread.new { run }
      self
    end

    def stop = @server.close

    # @return [Float] seconds since some moment
    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    private

    def serve(client)
      while (line = client.gets("\n", LONGEST))
        word, *rest = line.strip.split(" ", 2)
        break if @fault == "gone" && word != "FAULT"

        answer(client, word.to_s, rest.first.to_s)
      end
    rescue SystemCallError, IOError
      nil
    ensure
      client.close
    end

    def answer(client, word, rest)
      return client.puts(fault(rest)) if word == "FAULT"
      return if @fault == "silent"

      sleep(SLOW_SECONDS) if @fault == "slow"
      said = @lock.synchronize { asked(word, rest, client) }
      client.puts(@fault == "rubbish" ? "#\xFF%?0 #{said.reverse}".b : said)
    end

    def fault(kind)
      return "E FAULTS: #{FAULTS.join(" ")}" unless faults.include?(kind)

      @fault = kind
      "OK"
    end

    def faults = FAULTS

    def number(text) = Float(text, exception: false)
  end
end
