# frozen_string_literal: true

# How long what a day or the record is told may be, exactly at the limit and one letter or step beyond.
RSpec.describe "Limits of what a day and the record are told" do
  def reader(data) = Scullion::DocumentReader.new(data, "", [])

  def refused?(data)
    fields = reader(data)
    yield fields
    fields.faults.any?
  end

  def day?(data)
    refused?(data) { |fields| Scullion::Day::ProgressForm.new(fields, Date.new(2026, 11, 28)).read }
  end

  def entry?(data) = refused?(data) { |fields| Scullion::Record::Entry.read(fields, house.practice) }

  day = {
    "marks" => {
      "task" => "t",
      "state" => "done",
      "at" => "2026-11-28T10:00"
    },
    "control" => {
      "preparation" => "p",
      "way" => Scullion::Safety::Control::WAYS.first
    },
    "taken_on" => {
      "key" => "k",
      "by" => "MK",
      "reason" => "r"
    },
    "outings" => {
      "salad" => "s",
      "name" => "n",
      "minutes" => 10
    },
    "otherwise" => {
      "preparation" => "p",
      "way" => "w"
    },
    "pins" => {
      "task" => "t",
      "at" => "2026-11-28T10:00"
    },
    "ahead" => {
      "preparation" => "p",
      "days" => 1
    },
    "skilled" => {
      "cook" => "MK",
      "skill" => "knife"
    },
    "brings" => {
      "preparation" => "p",
      "for" => "f"
    },
    "makes" => {
      "preparation" => "p",
      "for" => "f",
      "grams" => 100
    },
    "more" => {
      "preparation" => "p",
      "for" => "f",
      "grams" => 100
    },
    "lots" => {
      "preparation" => "p",
      "name" => "n",
      "grams" => 100,
      "code" => "A1"
    },
    "taken" => {
      "on" => "oven-0",
      "from" => "2026-11-28T10:00",
      "to" => "2026-11-28T11:00",
      "for" => "b"
    }
  }

  it "takes the day's rows as they stand here" do
    day.each { |list, row| expect(day?({ list => [row] })).to be(false), list }
  end

  {
    "marks/task" => 80,
    "control/preparation" => 200,
    "taken_on/key" => 200,
    "taken_on/by" => 12,
    "taken_on/reason" => 200,
    "outings/name" => 120,
    "otherwise/preparation" => 200,
    "otherwise/way" => 80,
    "pins/task" => 80,
    "ahead/preparation" => 200,
    "brings/preparation" => 200,
    "brings/for" => 120,
    "makes/preparation" => 200,
    "makes/for" => 120,
    "more/for" => 120,
    "lots/preparation" => 200,
    "lots/name" => 120,
    "lots/code" => 12,
    "taken/on" => 120,
    "taken/for" => 120
  }.each do |at, most|
    it "takes #{most} letters of #{at}, and not one more" do
      list, field = at.split("/")
      told =
        [most, most + 1].map { |length| day?({ list => [day.fetch(list).merge(field => "x" * length)] }) }
      expect(told).to eq [false, true]
    end
  end

  {
    "outings/minutes" => [0, 1440, 1],
    "makes/grams" => [0.1, 1_000_000, 0.01],
    "more/grams" => [0.1, 1_000_000, 0.01],
    "lots/grams" => [0.1, 1_000_000, 0.01]
  }.each do |at, (least, most, step)|
    it "takes #{at} from #{least} to #{most}" do
      list, field = at.split("/")
      values = [least, most, least - step, most + step]
      told = values.map { |value| day?({ list => [day.fetch(list).merge(field => value)] }) }
      expect(told).to eq [false, false, true, true]
    end
  end

  it "tells the minute of a day ahead and of one behind, and nothing further off" do
    minute =
      lambda do |now|
        Scullion::Day::ProgressForm.new(reader({ "now" => now }), Date.new(2026, 11, 28)).read.now
      end
    expect(minute["2026-11-28T09:40"]).to eq 580
    expect(minute["2026-11-29T00:05"]).to eq 1445
    expect(minute["2026-11-27T23:59"]).to eq(-1)
    # From two weeks before to the end of the second day after.
    expect(minute["2026-11-14T00:00"]).to eq(-14 * 1440)
    expect(minute["2026-11-13T23:59"]).to eq(-14 * 1440)
    expect(minute["2026-11-30T23:59"]).to eq((3 * 1440) - 1)
    expect(minute["2026-12-01T00:01"]).to eq 3 * 1440
  end

  entry = {
    "uid" => "3f2a9c1e-77b0",
    "at" => "2026-11-28T09:40:00Z",
    "clock" => "2026-11-28T09:40",
    "kind" => "note",
    "note" => "n"
  }

  it("takes the entry as it stands here") { expect(entry?(entry)).to be false }

  {
    "by" => 12,
    "task" => 80,
    "lot" => 12,
    "about" => 120,
    "device" => 80,
    "note" => 500
  }.each do |field, most|
    it "takes #{most} letters of an entry's #{field}, and not one more" do
      told = [most, most + 1].map { |length| entry?(entry.merge(field => "x" * length)) }
      expect(told).to eq [false, true]
    end
  end

  it "takes an entry's service from 1 to the most that a number of the records can be" do
    told = [1, 2_147_483_647, 0, 2_147_483_648].map { |number| entry?(entry.merge("service" => number)) }
    expect(told).to eq [false, false, true, true]
  end
end
