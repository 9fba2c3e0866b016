# frozen_string_literal: true

require "open3"
require "rbconfig"
require "socket"

module Scullion
  # What the server is told from outside, and refuses to start without.
  module Boot
    # Something in the surroundings stops the server from starting; the message is one line.
    Refused = Records::Refused

    ROOT = File.expand_path("..", __dir__)
    # How often it is looked whether the day's copy is due.
    LOOK_SECONDS = 3600
    # From the start to the first look: who has just started it waits for pages.
    SETTLED_SECONDS = 30
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

    # Behind a proxy that says who asks, and does the encrypting.
    def self.proxied? = !ENV["SCULLION_PROXY"].to_s.empty?

    # Beyond this machine only encrypted, by whoever does it.
    def self.tls? = !loopback? && !proxied?

    # @return [Array(String, String)] paths of the certificate and its key: given, or its own
    def self.certificate
      given = ENV.values_at("SCULLION_TLS_CERT", "SCULLION_TLS_KEY").compact
      return Certificate.own(folder, hosts + [Socket.gethostname]) if given.empty?
      return given if given.size == 2 && given.all? { |path| File.readable?(path) }

      refuse("SCULLION_TLS_CERT and SCULLION_TLS_KEY must both name files that can be read.")
    end

    # Where what belongs to the data is kept.
    def self.folder = Records::Database.at(database).folder

    # What Puma binds to.
    def self.address(scheme = tls? ? "https" : "http")
      "#{scheme}://#{host.include?(":") ? "[#{host}]" : host}:#{port}"
    end

    # Host headers that are answered: this machine's, and any named in SCULLION_HOSTS.
    def self.hosts
      LOOPBACK + ["[::1]"] + [host] +
        ENV.fetch("SCULLION_HOSTS", "").split(",").map(&:strip).reject(&:empty?) - ["0.0.0.0"]
    end

    # @raise [Refused] in one clear line
    def self.open_database
      # Before a day that is still to come nothing is over yet.
      Records.open(database) { Demo.load(today: demo_from, past: demo_from <= Date.today) }
    rescue ActiveRecord::ActiveRecordError => e
      refuse("Cannot write the database #{Records.database}: #{(e.cause || e).message.lines.first.strip}")
    end

    # Throws the data away, so that opening it finds the demo again; not while it is served.
    def self.reset_demo
      TCPServer.new(host, port).close
      Records::Database.at(database).throw_away
    end

    # @return [#call]
    def self.application
      code = access_code
      open_database
      warm_up
      copy_daily
      Stack.of(hosts: hosts, access_code: code, proxied: proxied?)
    end

    # Plans once, so that the first change of the day is as quick as the rest.
    def self.warm_up
      service = Records::Service.first and
        Plan.for(Exchange::Briefing.brief(service, Records::House.ours)).to_h
    rescue Scullion::Error
      nil
    end

    # Runs one of the commands on the data that is open, in a process of its own, so that nobody waits for it.
    # @return [Array(String, Process::Status)] what it said, and how it ended
    def self.door(name, *arguments)
      url = { "SCULLION_DB" => Records.database.url }
      Open3.capture2e(url, RbConfig.ruby, File.join("bin", name), *arguments, chdir: ROOT)
    end

    # The day's copy.
    def self.copy_daily
      Thread.new do
        sleep SETTLED_SECONDS
        loop do
          said, status = door("backup", "--daily")
          warn said.strip unless status.success?
          sleep LOOK_SECONDS
        end
      end
    end

    def self.refuse(line) = raise(Refused, line)
    private_class_method :refuse, :warm_up, :copy_daily
  end
end
