# frozen_string_literal: true

# Room for what may run over, where it can be had.
RSpec.describe Scullion::Day::Room do
  def day(air:, from: 0, most: nil, safety: nil)
    Scullion::Day::Instance.from_h(
      "from" => from,
      "to" => 600,
      "resources" => [{ "key" => "a", "name" => "A", "kind" => "cook", "capacity" => 1 }],
      "tasks" => [
        { "key" => "roast", "name" => "Roast", "segments" => [{ "minutes" => 100, "uses" => [] }] },
        {
          "key" => "mix",
          "name" => "Mix",
          "latest" => 300,
          "segments" => [{ "minutes" => 20, "uses" => [{ "kind" => "cook", "amount" => 1 }] }],
          "after" => [
            { "task" => "roast", "least" => 0, "most" => most, "air" => air, "safety" => safety }.compact
          ]
        }
      ]
    )
  end
  def solve(sure: true, **of)
    asked = []
    found =
      described_class
        .new(day(**of)) do |solution|
          asked << solution.first
          sure
        end
        .solve
    [found.start("roast"), asked]
  end

  # Mixed at 280, the roast of 100 would begin at 180.
  it "has it ready so much sooner, and as late as can be where none is wished" do
    expect(solve(air: 30).first).to eq 150
    expect(solve(air: 0).first).to eq 180
  end

  it "takes no more than half of how long it may wait, and nothing of a clock" do
    expect(solve(air: 30, most: 41).first).to eq 160
    expect(solve(air: 30, most: 41, safety: true).first).to eq 180
  end

  it "does without where it would not fit" do
    expect(solve(air: 30, from: 150).first).to eq 150
    expect(solve(air: 30, from: 151).first).to eq 180
  end

  # 181 min would have it begun on the day before: only where it is not sure enough without.
  it "begins no day sooner for it where the day is sure enough without" do
    expect(solve(air: 180, from: -1440)).to eq [0, []]
    expect(solve(air: 181, from: -1440, sure: true)).to eq [180, [180]]
    expect(solve(air: 181, from: -1440, sure: false)).to eq [-1, [180]]
  end

  it "is a share of how long the last work of a food may run over" do
    roster = Scullion::Day::Roster.new(plan)
    job = roster.layout.jobs.find { |each| each.need.name == "Roast carrot" }
    over = ->(kind) { roster.plan.brief.practice.fetch("chance/#{kind}/most_times") - 1 }
    minutes =
      job.tasks.last.segments.sum do |each|
        kind = Scullion::Day::Course.kind_of(each)
        kind ? each.minutes * over[kind] : 0
      end
    expect(job.air).to eq (minutes * 0.6).ceil
    links = roster.instance["build/0/mix"].after.select { |link| job.done.include?(link.task) }
    expect(links.map(&:air)).to eq [job.air] * links.size
  end
end
