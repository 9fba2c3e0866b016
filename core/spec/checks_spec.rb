# frozen_string_literal: true

RSpec.describe Scullion::Record::Checks do
  let(:kitchen) { house.kitchen }

  def read(of, clock, about: nil, service: nil, value: 3)
    Scullion::Record::Entry.new(
      uid: "#{of}-#{clock}-#{about}",
      at: "#{clock}:00Z",
      clock: clock,
      kind: "temperature",
      of: of,
      about: about,
      service: service,
      value: value
    )
  end

  def checks(*entries, services: [])
    described_class.new(kitchen, house.practice, Scullion::Record::Log.new(entries), services)
  end

  def states(checks, clock, of) = checks.of_day(clock).select { |each| each.of == of }.map(&:state)

  it "wants every fridge at its hours: later, due from half an hour before, late after 45 min, exactly" do
    names = kitchen.chillers.map(&:name)
    all = checks.of_day("2026-11-28T06:00").select { |each| each.of == "fridge" }
    expect(all.map(&:about).uniq).to match_array names
    expect(states(checks, "2026-11-28T06:59", "fridge").uniq).to eq ["later"]
    morning = ->(clock) { checks.of_day(clock).find { |each| each.of == "fridge" }.state }
    expect(morning["2026-11-28T07:00"]).to eq "due"
    expect(morning["2026-11-28T08:15"]).to eq "due"
    expect(morning["2026-11-28T08:16"]).to eq "late"
  end

  it "takes a reading of that fridge, on whichever shelf, as done, and of no other; nor one of another day" do
    name = kitchen.chillers.first.name
    found = checks(read("fridge", "2026-11-28T07:10", about: "#{name}, middle shelf"))
    done = found.of_day("2026-11-28T09:00").select { |each| each.state == "done" }
    expect(done.map { |each| [each.about, each.at[11..]] }).to eq [[name, "07:30"]]
    slow = checks(read("fridge", "2026-11-28T10:50", about: name))
    expect(slow.of_day("2026-11-28T11:00").find { |each| each.about == name }.state).to eq "done"
    early = checks(read("fridge", "2026-11-28T06:00", about: name))
    expect(early.of_day("2026-11-28T08:00").find { |each| each.about == name }.state).to eq "done"
    night = checks(read("fridge", "2026-11-28T05:59", about: name))
    expect(night.of_day("2026-11-28T08:00").find { |each| each.about == name }.state).to eq "due"
    old = checks(read("fridge", "2026-11-27T07:10", about: name))
    expect(states(old, "2026-11-28T09:00", "fridge")).not_to include("done")
  end

  it "wants the display each hour that it serves, and trays when they ask for it" do
    tray = { "name" => "Barley", "task" => "cook/0", "next" => "2026-11-28T09:40" }
    serving =
      described_class::Serving.new(
        id: 4,
        name: "Lunch",
        from: "2026-11-28T12:00",
        to: "2026-11-28T13:30",
        trays: [tray]
      )
    found = checks(read("display", "2026-11-28T12:05", service: 4), services: [serving])
    displays = found.of_day("2026-11-28T13:10").select { |each| each.of == "display" }
    expect(displays.map { |each| [each.at[11..], each.state] }).to eq [%w[12:00 done], %w[13:00 due]]
    barley = found.of_day("2026-11-28T09:45").find { |each| each.about == "Barley" }
    expect([barley.at, barley.state]).to eq %w[2026-11-28T09:40 due]
  end

  it "says which fridge stands warm, until it is read again" do
    warm = read("fridge", "2026-11-28T08:00", about: "Cold room", value: 9.4)
    expect(checks(warm).warm("2026-11-28T08:30", 5).map(&:value)).to eq [9.4]
    expect(
      checks(warm, read("fridge", "2026-11-28T09:00", about: "Cold room", value: 4)).warm(
        "2026-11-28T09:30",
        5
      )
    ).to eq []
  end
end
