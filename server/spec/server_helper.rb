# frozen_string_literal: true

require "spec_helper"
require "rack/test"
require "committee"
require "tmpdir"
require_relative "../server"

# The whole stack on a database of its own, with the demo in it; every answer is checked
# against the contract.
module ServerHelper
  include Rack::Test::Methods
  include Committee::Test::Methods

  SCHEMA = Scullion::Contract.schema
  STACK = Scullion::Stack.of(hosts: %w[127.0.0.1 localhost])

  def app = STACK
  def committee_options
    { schema: SCHEMA, strict_reference_validation: true, parse_response_by_content_type: true }
  end
  def request_object = last_request
  def response_data = [last_response.status, last_response.headers, last_response.body]

  def ask(verb, path, body = nil, **headers)
    header "Host", headers.fetch(:host, "127.0.0.1")
    header "Origin", headers[:origin]
    header "Content-Type", "application/json"
    public_send(verb, path, body.is_a?(String) ? body : body && JSON.generate(body))
    if answer && path.start_with?("/api/") && path != "/api/none"
      assert_response_schema_confirm(last_response.status)
    end
    answer
  end

  def answer = (JSON.parse(last_response.body) if last_response.headers["content-type"].to_s.include?("json"))

  # Any file or answer as it is sent.
  # @return [String]
  def raw(route)
    header "Host", "127.0.0.1"
    get(route)
    expect(last_response.status).to eq(200), route
    last_response.body
  end

  # What a file says, without how often it was written before.
  def said(route) = raw(route).gsub(/^(SEQUENCE|DTSTAMP).*\r?\n/, "")

  # Sets one of the kitchen's own figures; nil goes back to the shipped one.
  def own(at, value) = ask(:put, "/api/house-figures", { "at" => at, "value" => value })

  # Faults as where => what.
  def told = answer.fetch("faults").to_h { |fault| [fault["where"], fault["what"]] }

  def change(at, value, version: service["version"], **more)
    ask(
      :post,
      "/api/services/1/changes",
      { "version" => version, "at" => at, "value" => value }.merge(more.transform_keys(&:to_s))
    )
  end

  def service = Scullion::Records::Service.find(1).to_document
end

# The demo's database: laid out once, and a copy of it for each file of specs.
module DemoDatabase
  TODAY = Date.new(2026, 11, 24)

  module_function

  # @param folder [String] where a copy is put @return [String] what it is opened by
  def in(folder)
    return ENV["SCULLION_TEST_DB"].tap { |url| lay_out(url) } if ENV["SCULLION_TEST_DB"]

    File.join(folder, "spec.sqlite3").tap { |file| FileUtils.cp(whole, file) }
  end

  def whole
    @whole ||=
      File
        .join(Dir.mktmpdir, "demo.sqlite3")
        .tap do |file|
          lay_out(file)
          let_go
        end
  end

  def throw_away = @whole && FileUtils.rm_rf(File.dirname(@whole))

  def lay_out(url)
    Scullion::Records::Database.at(url).throw_away
    Scullion::Records.open(url)
    Scullion::Demo.load(today: TODAY)
  end

  def let_go
    ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
    Scullion::Records.database&.let_go
  end
end

RSpec::Matchers.define_negated_matcher :not_include, :include

# What is otherwise here than in a kitchen. Set once: with each constant that is set anew, and each that is
# loaded late, Ruby forgets what it has compiled.
module AsItIs
  SHAKES = Scullion::Day::Solver::SHAKES

  def self.instead(owner, name, value)
    owner.send(:remove_const, name)
    owner.const_set(name, value)
  end

  Zeitwerk::Loader.eager_load_all
  # On a slow machine a day takes longer than anyone would wait; how long is measured elsewhere.
  instead(Scullion::Apart, :LONGEST_SECONDS, 120)
  # Few are tried of what a day could be.
  instead(Scullion::Day::Solver, :SHAKES, ->(_) { 4 })
end

RSpec.configure do |config|
  config.include ServerHelper, :server
  # What is about the one kind of database only.
  config.filter_run_excluding ENV["SCULLION_TEST_DB"] ? :sqlite : :postgres
  config.before(:context, :server) do
    @folder = Dir.mktmpdir
    Scullion::Records.open(DemoDatabase.in(@folder))
  end
  # What an example did is undone after it, and its stamps come again.
  # How good a day is, is the core's to prove; here few are tried, but where it is asked how sure one is.
  config.before(:example, :best_day) { stub_const("Scullion::Day::Solver::SHAKES", AsItIs::SHAKES) }
  config.around(:example, :server) do |example|
    Scullion::App.set :plans, Scullion::Exchange::Plans.new
    Scullion::App.set :seen, Scullion::Once.new(keeps: 100)
    ActiveRecord::Base.transaction(joinable: false) do
      example.run
      raise ActiveRecord::Rollback
    end
  end
  config.after(:context, :server) do
    ActiveRecord::Base.connection_pool.disconnect!
    FileUtils.rm_rf(@folder)
  end
  config.after(:suite) { DemoDatabase.throw_away }
end
