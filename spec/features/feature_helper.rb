# frozen_string_literal: true

require "spec_helper"
require "capybara/rspec"
require "capybara/cuprite"
require "rspec/retry"
require "net/http"
require "tmpdir"

# The real server in a process of its own, on a free port and a fresh demo; the real browser.
class RunningServer
  attr_reader :url

  class << self
    # One for all the journeys; each leaves the demo as it found it.
    def shared = @shared ||= new.start
    def stop = @shared&.stop
  end

  def initialize
    @folder = Dir.mktmpdir
    @port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
    @url = "http://127.0.0.1:#{@port}"
  end

  def start
    environment = {
      "PORT" => @port.to_s,
      "SCULLION_DB" => File.join(@folder, "scullion.sqlite3"),
      "SCULLION_DEMO_FROM" => weeks_ahead
    }
    @pid =
      Process.spawn(
        environment,
        "bundle",
        "exec",
        "ruby",
        "server/start.rb",
        chdir: ROOT,
        out: File.join(@folder, "log"),
        err: %i[child out]
      )
    wait_until_up
    self
  end

  # No farewell, as when the power goes.
  def kill
    Process.kill("KILL", @pid)
    Process.wait(@pid)
  end

  def stop
    kill
    FileUtils.rm_rf(@folder)
  end

  private

  # A Monday far enough ahead that no journey depends on the day it is made.
  def weeks_ahead = (Date.today + 21 - Date.today.wday).next_day.iso8601

  def wait_until_up
    1200.times do
      return if Net::HTTP.get_response(URI("#{url}/api/health")).is_a?(Net::HTTPOK)
    rescue Errno::ECONNREFUSED
      sleep 0.05
    end
    raise "The server did not come up:\n#{File.read(File.join(@folder, "log"))}"
  end
end

Capybara.register_driver(:chromium) do |app|
  Capybara::Cuprite::Driver.new(
    app,
    window_size: [1280, 800],
    process_timeout: 180,
    timeout: 60,
    protocol_timeout: 60,
    js_errors: true,
    browser_path:
      ENV["BROWSER_PATH"] ||
        %w[chromium-headless-shell chromium chromium-browser]
          .map { |name| "/usr/bin/#{name}" }
          .find { |path| File.exist?(path) },
    browser_options: {
      "no-sandbox" => nil,
      "disable-gpu" => nil,
      "no-first-run" => nil,
      "disable-background-networking" => nil,
      "disable-component-update" => nil,
      "disable-sync" => nil,
      "disable-quic" => nil,
      "disable-dev-shm-usage" => nil,
      "force-prefers-reduced-motion" => nil
    }
  )
end
Capybara.enable_aria_label = true
Capybara.run_server = false
Capybara.default_driver = :chromium
# Long, for a slow machine: it is spent only when something is wrong.
Capybara.default_max_wait_time = 40
# Asking ever again costs the page as much time as the page has.
Capybara.default_retry_interval = 0.1

# A salad for one journey alone: what other journeys do to theirs cannot reach it.
module SaladOfItsOwn
  def barley
    JSON.parse(Net::HTTP.get(URI("#{@server.url}/api/salads/barley-roast-carrot-dill"))).except(
      "id",
      "version"
    )
  end

  def put_on_the_shelf(salad)
    answer =
      Net::HTTP.post(
        URI("#{@server.url}/api/salads"),
        JSON.generate(salad),
        "Content-Type" => "application/json"
      )
    raise answer.body unless answer.is_a?(Net::HTTPSuccess)
  end
end

# What the page shows at once is with the server a moment later.
module KeptByTheServer
  def kept
    Timeout.timeout(Capybara.default_max_wait_time) { sleep 0.05 until yield }
  end
end

RSpec.configure do |config|
  config.include KeptByTheServer, :journey
  config.include SaladOfItsOwn, :journey
  config.before(:example, :journey) do
    @server = RunningServer.shared
    Capybara.app_host = @server.url
  end
  config.after(:suite) { RunningServer.stop }

  # What a journey that fails has begun would fail those after it.
  config.after(:example, :journey) do |journey|
    next unless journey.exception

    headers = { "Content-Type" => "application/json" }
    [1, 2].each do |service|
      uri = URI("#{@server.url}/api/services/#{service}/day")
      Net::HTTP.post(uri, JSON.generate({ "restore" => { "marks" => [] } }), headers)
    end
  end

  # A browser that hangs or dies is started anew and the journey with it; what the page itself
  # gets wrong is never tried again.
  config.around(:example, :journey) do |journey|
    journey.run_with_retry(
      retry: 3,
      exceptions_to_retry: [Ferrum::TimeoutError, Ferrum::DeadBrowserError, Ferrum::ProcessTimeoutError]
    )
  end
  config.retry_callback = ->(example) { Capybara.current_session.driver.quit if example.metadata[:journey] }
end
