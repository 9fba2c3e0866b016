# frozen_string_literal: true

require "json"
require "socket"
require "scullion/facts"

ROOT = File.expand_path("..", __dir__)

# A fresh copy of the worked example that ships in docs, to plan or to spoil.
module ExampleBrief
  SHIPPED = Scullion::Facts.load

  def example = JSON.parse(File.read(File.join(ROOT, "docs/brief.example.json")))
  def facts = SHIPPED

  # @yield [Hash] the brief's data, to change before it is read
  def brief(covers: 140)
    data = example
    data["service"]["covers"] = covers
    yield data if block_given?
    Scullion::Brief.read(data, facts)
  end

  def plan(covers: 140, &change) = Scullion::Plan.for(brief(covers: covers, &change))

  # Every fault of a spoiled brief, as where => what.
  def faults(&spoil)
    brief(&spoil)
    {}
  rescue Scullion::InvalidBrief => e
    e.faults.to_h { |fault| [fault.where, fault.what] }
  end
end

RSpec.configure do |config|
  config.include ExampleBrief
  config.disable_monkey_patching!
  config.expect_with(:rspec) { |expect| expect.syntax = :expect }
  config.filter_run_when_matching :focus
end
