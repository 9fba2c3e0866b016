# frozen_string_literal: true

require "socket"

module Scullion
  # What the server is told from outside, and refuses to start without.
  module Boot
    # Something in the surroundings stops the server from starting; the message is one line.
    class Refused < StandardError
    end

    LOOPBACK = %w[127.0.0.1 localhost ::1].freeze

    def self.database = ENV.fetch("SCULLION_DB") { File.expand_path("../var/scullion.sqlite3", __dir__) }
    def self.port
      Integer(ENV.fetch("PORT", "4567"), exception: false)&.then do |port|
        port if port.between?(1, 65_535)
      end || refuse("PORT must be a whole number from 1 to 65535.")
    end
    def self.host = ENV.fetch("SCULLION_HOST", "127.0.0.1")
    def self.loopback? = LOOPBACK.include?(host)

    # The day that the demo's services come after.
    def self.demo_from
      Date.iso8601(ENV.fetch("SCULLION_DEMO_FROM") { Date.today.iso8601 })
    rescue Date::Error
      refuse("SCULLION_DEMO_FROM must be a date such as 2026-11-28.")
    end

    # Beyond this machine, only with a code that guests cannot guess.
    def self.access_code
      code = ENV["SCULLION_ACCESS_CODE"].to_s
      return nil if loopback? && code.empty?
      return code if code.length >= 8

      refuse(
        "Serving on #{host} needs SCULLION_ACCESS_CODE with at least 8 characters; unset SCULLION_HOST to " \
          "serve this machine only."
      )
    end

    # Host headers that are answered: this machine's, and any named in SCULLION_HOSTS.
    def self.hosts
      LOOPBACK + ["[::1]"] + [host] +
        ENV.fetch("SCULLION_HOSTS", "").split(",").map(&:strip).reject(&:empty?) - ["0.0.0.0"]
    end

    # @raise [Refused] in one clear line
    def self.open_database
      Records.open(database)
      Demo.load(today: demo_from)
    rescue SystemCallError, ActiveRecord::ActiveRecordError => e
      refuse("Cannot write the database #{database}: #{(e.cause || e).message.lines.first.strip}")
    end

    # Throws the database away, so that opening it finds the demo again; not while it is served.
    def self.reset_demo
      TCPServer.new(host, port).close
      FileUtils.rm_f(["", "-wal", "-shm"].map { |tail| "#{database}#{tail}" })
    end

    # @return [#call]
    def self.application
      code = access_code
      open_database
      warm_up
      Stack.of(hosts: hosts, access_code: code)
    end

    # Plans once, so that the first change of the day is as quick as the rest.
    def self.warm_up
      service = Records::Service.first and
        Plan.for(Exchange::Briefing.brief(service, Records::House.ours)).to_h
    rescue Scullion::Error
      nil
    end

    def self.refuse(line) = raise(Refused, line)
    private_class_method :refuse, :warm_up
  end
end
