# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Scullion::Once do
  # How often each was worked out.
  let(:worked) { Hash.new(0) }

  def ask(once, *keys) = keys.each { |key| once.of(key) { worked[key] += 1 } }

  it "keeps the last that were asked for, and no more" do
    ask(described_class.new(keeps: 2), :soup, :salad, :soup, :bread, :soup, :salad)
    expect(worked).to eq(soup: 1, salad: 2, bread: 1)
  end

  it "keeps of each thing the latest version, where it is told what is one" do
    once = described_class.new(keeps: 3) { |(of, _)| of }
    ask(once, ["lunch", 1], ["dinner", 1], ["lunch", 2], ["dinner", 1], ["lunch", 2], ["lunch", 1])
    expect(worked).to eq(["lunch", 1] => 2, ["dinner", 1] => 1, ["lunch", 2] => 1)
  end

  it "gives whoever waits for an earlier version what it asked for" do
    once = described_class.new(keeps: 3) { |(of, _)| of }
    begun, go = Queue.new, Queue.new
    asker = Thread.new { once.of(["lunch", 1]) { begun << true && go.pop } }
    begun.pop
    waiting = Thread.new { once.of(["lunch", 1]) { :again } }
    sleep 0.01 until waiting.status == "sleep"
    ask(once, ["lunch", 2])
    go << :first
    expect([asker.value, waiting.value]).to eq %i[first first]
  end

  it "keeps nothing that went wrong" do
    once = described_class.new(keeps: 2)
    expect { once.of(:soup) { raise "burnt" } }.to raise_error "burnt"
    ask(once, :soup)
    expect(worked).to eq(soup: 1)
  end
end
