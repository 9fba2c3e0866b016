# frozen_string_literal: true

# What cools of a service: which trays are watched, from when until when, and what is said of each.
RSpec.describe Scullion::Record::Trays do
  # The example's roast carrot leaves the oven, is cooled and held cold.
  let(:usual) { Scullion::Day::Roster.new(plan) }
  let(:lot) { usual.lots.find { |each| each.path && each.name == "Roast carrot" } }
  let(:heat) { lot.path.stretches.first.from }

  # The same day, with the roast begun when it was planned to, or done with.
  def marked(state)
    mark = { "task" => lot.task, "state" => state, "at" => usual.iso(usual.solution.start(lot.task)) }
    Scullion::Day::Roster.new(plan { |data| data["day"] = { "now" => usual.iso(heat), "marks" => [mark] } })
  end

  def reading(minute, celsius, **other)
    Scullion::Record::Entry.new(
      uid: "reading-#{minute}",
      at: "2026-11-28T10:#{format("%02d", minute % 60)}:00Z",
      clock: usual.iso(heat + minute),
      kind: "temperature",
      of: "cooling",
      service: 7,
      task: lot.task,
      value: celsius,
      **other
    )
  end

  def trays(readings = [], now: heat + 30, day: usual)
    log = Scullion::Record::Log.new(readings)
    described_class.new(day, log, 7).to_a(now).select { |tray| tray["task"] == lot.task }
  end

  it "watches what has left the heat, once that is marked or read, and not before" do
    begun = marked("started")
    expect(trays).to eq []
    expect(trays([], day: begun).size).to eq 1
    expect(trays([], day: begun, now: heat).size).to eq 1
    expect(trays([], day: begun, now: heat - 1)).to eq []
    expect(trays([reading(0, 60)]).size).to eq 1
    expect(trays([reading(-1, 60)])).to eq []
  end

  it "watches it until it is done, or a day after" do
    read = [reading(20, 55)]
    expect(trays(read, now: heat + 1440).size).to eq 1
    expect(trays(read, now: heat + 1441)).to eq []
    expect(trays(read, day: marked("done"))).to eq []
  end

  it "takes the readings of this tray in this service alone" do
    others = [
      reading(10, 60, service: 8),
      reading(11, 60, task: "prep/0"),
      reading(12, 60, of: "fridge"),
      reading(13, 60, kind: "weighed")
    ]
    expect(trays([*others, reading(20, 55)]).first["readings"]).to eq [[20, 55]]
  end

  # Every 30 minutes from the heat on.
  it "says when it is read next, and how long it has been out of the heat" do
    every = house.practice.fetch("record/watch/read_each_minutes").to_i
    at = ->(minute) { trays([reading(minute, 55)], now: heat + minute).first }
    expect(at[every - 1]["next"]).to eq usual.iso(heat + every)
    expect(at[every]["next"]).to eq usual.iso(heat + (2 * every))
    expect(trays([], day: marked("started")).first["next"]).to eq usual.iso(heat + every)
    expect(at[20]).to include("minutes" => 20, "heat" => usual.iso(heat), "name" => "Roast carrot")
  end

  it "draws its curve from the heat to half an hour past the last limit, every quarter of an hour" do
    tray = trays([reading(20, 55)]).first
    last = tray["limits"].last.last
    expect(tray["curve"].map(&:first)).to eq((0..(last + 30)).step(15).to_a)
    expect(tray["curve"].map(&:last)).to eq(tray["curve"].map(&:last).sort.reverse)
    expect(tray["curve"].flat_map { |_, celsius| celsius.round(1) - celsius }).to all(eq(0))
  end

  it "calls a miss from two readings on, with what can be done while there is time" do
    slow = [reading(20, 57), reading(50, 53)]
    expect(trays(slow.first(1)).first).to include("called" => false).and(satisfy { |tray| !tray.key?("do") })
    called = trays(slow, now: heat + 50).first
    expect(called["called"]).to be true
    expect(called["do"]).to match(/\AIt (?:will be|may be) too late, \d+ in 100\. /)
    missed = called["passings"].max_by { |each| each["miss"] }
    expect(missed["said"]).to match(%r{ after .+ \(.+ to .+\), by .+ at the latest\z|not within half a day\z})
    by = (heat..(heat + 720)).find { |minute| usual.iso(minute) == missed["by"] } - heat
    last = [by - 1, by].map { |minute| trays(slow, now: heat + minute).first["do"] }
    expect(last.map { |said| said.end_with?(described_class::TOO_LATE) }).to eq [false, true]
    over = trays([*slow, reading(115, 45)], now: heat + 130).first
    expect(over["do"]).to end_with described_class::TOO_LATE
  end

  it "says nothing is late of what cools as planned" do
    watch = described_class.new(usual, Scullion::Record::Log.new([]), 7)
    quick = [reading(20, 30), reading(50, 12)]
    tray = trays(quick, now: heat + 50).first
    expect(tray).to include("called" => false).and(satisfy { |each| !each.key?("do") })
    expect(tray["passings"].map { |each| each["miss"] }).to all(be < 0.1)
    expect(watch.to_a(heat)).to eq []
  end
end
