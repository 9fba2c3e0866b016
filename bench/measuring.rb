# frozen_string_literal: true

require "net/http"
require "tmpdir"
require "puma"
require "puma/server"
require_relative "../server/server"

module Bench
  ROUNDS = 15
  EXAMPLE = File.expand_path("../docs/brief.example.json", __dir__)
  Figure = Struct.new(:name, :value, :unit, :aim, :better, keyword_init: true)

  # The same stack, which answers a plan that is asked for with this header by what it is told to: the guards
  # let nothing through to a route that the contract does not know.
  class BareRoute < Scullion::App
    class << self
      attr_accessor :bytes
    end

    post("/api/plan") do
      pass unless request.env["HTTP_X_BARE"]

      content_type :json
      BareRoute.bytes
    end
  end

  # How a speed is taken: in turn with something bare in the same run, so that a slow or busy machine
  # changes both alike; each the median of its rounds.
  module Measuring
    def serving(&measure)
      Dir.mktmpdir do |folder|
        Scullion::Records.open(File.join(folder, "bench.sqlite3"))
        Scullion::Demo.load
        server =
          Puma::Server.new(
            Scullion::Stack.of(hosts: ["127.0.0.1"], app: BareRoute),
            nil,
            log_writer: Puma::LogWriter.null,
            min_threads: 1,
            max_threads: 1
          )
        port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
        server.run
        Net::HTTP.start("127.0.0.1", port, &measure)
      ensure
        server&.stop(true)
        ActiveRecord::Base.connection_pool.disconnect!
      end
    end

    # Median over rounds of one's time divided by the other's, timed in turn.
    def ratio(times, one, other)
      [one, other].each { |work| (times * 3).times { work.call } }
      Array.new(ROUNDS) { seconds(times, one) / seconds(times, other) }.sort[ROUNDS / 2].round(2)
    end

    # @return [Float] seconds for one call
    def seconds(times, work)
      start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      times.times { work.call }
      (Process.clock_gettime(Process::CLOCK_MONOTONIC) - start) / times
    end
  end
end
