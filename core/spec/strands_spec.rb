# frozen_string_literal: true

RSpec.describe Scullion::Day::Strands do
  let(:roster) { Scullion::Day::Roster.new(plan) }
  let(:strands) { roster.to_h["strands"] }
  let(:rows) { strands.flat_map { |strand| strand["rows"] } }

  it "is each food of each salad, in the order of the salad, with all that makes it" do
    foods = rows.select { |row| row["preparation"] }
    made = roster.layout.jobs.select { |job| job.tasks.any? }
    expect(foods.map { |row| row["name"] }).to eq(made.map { |job| job.need.name })
    expect(foods.flat_map { |row| row["tasks"] }).to match_array(made.flat_map { |job| job.tasks.map(&:key) })
  end

  it "shows everything of a day but what belongs to no salad" do
    shown = rows.flat_map { |row| row["tasks"] } + strands.flat_map { |strand| strand["tasks"] }
    rest = roster.solution.instance.tasks.map(&:key) - shown
    expect(rest).to all(match(%r{\A(?:break|clear|clean)/}))
    expect(shown.tally.values.uniq).to eq [1]
  end

  it "is ready before it goes in, and goes in when the bowl is mixed or topped" do
    starts = roster.solution.instance.tasks.map { |task| roster.iso(roster.solution.start(task.key)) }
    rows.each do |row|
      expect(row["into"]).to eq row["into"].sort
      expect(row["into"]).not_to be_empty, row["name"]
      expect(row["ready_at"]).to be <= row["into"].first unless row["preparation"].nil?
    end
    barley = rows.find { |row| row["name"].include?("Pearl barley") }
    expect(starts).to include(*barley["into"])
    dill = rows.find { |row| row["name"].include?("Dill") }
    expect(dill["into"].size).to eq 2
  end

  # Mixed at once, it is at its best for so long from when hands leave the bowl.
  it "says until when a salad is at its best" do
    mix = roster.solution.instance["build/0/mix"]
    dressed = roster.solution.start(mix.key) + mix.segments.first.minutes
    until_ = dressed + roster.plan.waves.first.window.dressed_minutes.to_i
    expect(strands.first["best"]).to eq(
      "until" => roster.iso(until_),
      "said" => "best to #{roster.moment(until_)}"
    )
  end

  it "says how long each wave is, where a salad is dressed wave by wave" do
    leaf =
      plan do |data|
        data["salads"].first["components"] = [{ "ingredient" => "rocket", "grams" => 60, "role" => "base" }]
      end
    best = Scullion::Day::Roster.new(leaf).to_h["strands"].first["best"]
    expect(best.keys).to eq ["said"]
    expect(best["said"]).to match(/\Aeach wave best for \d+ min\z/)
  end

  # A cup of one herb in two salads is one job, and a way of its own in both.
  it "shows what two salads share in each of them" do
    two =
      plan do |data|
        salad = data["salads"].first
        data["salads"] = [salad, salad.merge("key" => "other", "name" => "Other")]
        data["service"]["lines"] = [{ "salad" => salad["key"] }, { "salad" => "other" }]
      end
    strands = Scullion::Day::Roster.new(two).to_h["strands"]
    foods =
      strands.map { |strand| strand["rows"].select { |row| row["preparation"] }.map { |row| row["tasks"] } }
    expect(foods.uniq.size).to eq 1
    expect(strands.map { |strand| strand["tasks"] }.reduce(:&)).to be_empty
  end
end
