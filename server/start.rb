# frozen_string_literal: true

# Serves Scullion. Called by bin/start once everything is installed and built.
require_relative "server"
require "puma"
require "puma/configuration"
require "puma/events"
require "puma/io_buffer"
require "puma/launcher"
require "puma/log_writer"

Puma::IOBuffer.prepend(Scullion::PumaBuffers)

begin
  boot = Scullion::Boot
  boot.reset_demo if ARGV.delete("--reset-demo")
  shared = ARGV.delete("--share")
  raise boot::Refused, "I do not know #{ARGV.first}. Use --share, --reset-demo, or nothing." if ARGV.any?

  Scullion::Share.over(ENV, boot.folder) if shared

  application = boot.application
  address = boot.address
  # One process, threads enough that a short answer never waits for one behind long ones.
  config =
    Puma::Configuration.new do |puma|
      puma.environment "production"
      puma.workers 0
      puma.threads 4, 24
      if boot.tls?
        certificate, key = boot.certificate
        puma.ssl_bind boot.host, boot.port, { cert: certificate, key: key, verify_mode: "none" }
      else
        puma.bind boot.address("tcp")
      end
      puma.app application
      puma.quiet
      puma.lowlevel_error_handler do
        Scullion::Guards::Problems.answer(500, "Something went wrong here; nothing was saved.")
      end
    end
  events = Puma::Events.new
  events.after_booted do
    puts Scullion::Share.said(boot.port, ENV.fetch("SCULLION_ACCESS_CODE")) if shared
    puts "Scullion is at #{address}  (Ctrl-C stops it; data in #{boot.database})"
  end
  $stdout.sync = true
  Puma::Launcher.new(config, events: events, log_writer: Puma::LogWriter.new(StringIO.new, $stderr)).run
rescue Scullion::Boot::Refused => e
  abort "bin/start: #{e.message}"
rescue Errno::EADDRINUSE
  abort "bin/start: port #{boot.port} is taken. Stop what uses it, or choose another: PORT=4568 bin/start"
rescue SocketError, Errno::EADDRNOTAVAIL, Errno::EACCES
  abort "bin/start: cannot serve on #{boot.host}:#{boot.port}. Check SCULLION_HOST and PORT."
end
