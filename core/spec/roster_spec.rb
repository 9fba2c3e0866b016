# frozen_string_literal: true

RSpec.describe Scullion::Day::Roster do
  def roster(progress = {}, **options, &change)
    made = plan(**options, &change)
    fields = Scullion::DocumentReader.new(progress)
    described_class
      .new(made, Scullion::Day::ProgressForm.new(fields, made.brief.service.from.date).read)
      .tap { raise fields.faults.inspect if fields.faults.any? }
  end

  let(:usual) { roster }
  let(:date) { usual.plan.brief.service.from.date.iso8601 }

  def named(roster, part) = roster.to_h["tasks"].find { |each| each["name"].include?(part) }

  it "is derived from the plan: every bench line, pot and bowl, ready by service, nobody double-booked" do
    expect(broken(usual.solution)).to be_empty
    expect(usual.to_h).to include("works" => true, "says" => [])
    names = usual.to_h["tasks"].map { |each| each["name"] }
    expect(names).to include(
      /Pearl barley: absorb/,
      /Roast carrot: peeled/,
      /Cucumber, salted: salt and drain/,
      /Whisk/,
      /Mix and dress/,
      /^Re-dress and top/,
      /^Plate/,
      "Clean down, all hands"
    )
    expect(named(usual, "Re-dress")["end"]).to eq "#{date}T11:33"
    # What Build says of plating and what the day does are one figure.
    expect(named(usual, "Plate")["start"]).to eq usual.plan.waves.first.start_at.iso
  end

  # The salt goes into the barley's water on Friday, long before the dressing is whisked; lemons are bought
  # for their juice.
  it "says by when each thing of the order is wanted, by the first that takes it" do
    squeezed =
      roster do |data|
        data["salads"][0]["dressing"]["parts"] << {
          "ingredient" => "lemon-juice",
          "role" => "acid",
          "grams" => 3,
          "fruit" => "juice"
        }
      end
    tasks, solution = squeezed.instance.tasks, squeezed.solution
    first = ->(part) { tasks.select { |task| task.name[part] }.map { |task| solution.start(task.key) }.min }
    expect(squeezed.needed_by).to include(
      "pearl-barley" => first["Pearl barley"],
      "fine-salt" => [first["Pearl barley"], first["Roast carrot"], first["Cucumber"], first["Whisk"]].min,
      "mustard" => first["Whisk"],
      "lemon" => first["Whisk"]
    )
  end

  # 147 portions in one wave rest an hour from mixing; the cucumber keeps 12 h cut, barley three days
  # cooked.
  it "keeps the rest after mixing, and says what may be made ahead" do
    expect(usual.instance["build/0/mix"].segments.last).to have_attributes(
      name: "Rests, in the cold",
      minutes: 60,
      hands?: false
    )
    expect(usual.solution.start("build/0/finish/1")).to be >= usual.solution.end("build/0/mix")
    tiers = usual.to_h["ahead"].to_h { |line| [line["name"], line["tier"]] }
    expect(tiers).to include("Pearl barley" => "two days before", "Cucumber, salted" => "this morning")
  end

  # By house rules of two days, what is cooked the day before is at its last; by rules of one it is cooked
  # on the day.
  it "lets nothing be made before its date mark allows" do
    strict = {
      "key" => "strict",
      "name" => "Strict",
      "cold_celsius" => 5,
      "hot_celsius" => 60,
      "out_minutes" => 240,
      "days" => 2,
      "first_celsius" => 21,
      "first_minutes" => 120,
      "cooled_minutes" => 360
    }
    day = roster { |data| data["house_rules"] = strict }
    barley = day.to_h["ahead"].find { |line| line["name"] == "Pearl barley" }
    expect(barley).to include("tier" => "the day before", "why" => "Strict: 2 days with the day it is made")
    same = roster { |data| data["house_rules"] = strict.merge("days" => 1) }
    expect(same.solution.start("cook/0")).to be >= 0
    expect(same.to_h["works"]).to be false
  end

  # Out of the cold from the topping on: with a limit of one hour, a service of 1 h 45 is not safe to its
  # end in one wave.
  it "says what stands out of the cold longer than the house rules allow" do
    short = {
      "key" => "short",
      "name" => "Short",
      "cold_celsius" => 5,
      "hot_celsius" => 60,
      "out_minutes" => 10,
      "days" => 4,
      "first_celsius" => 21,
      "first_minutes" => 120,
      "cooled_minutes" => 360
    }
    link = roster { |data| data["house_rules"] = short }.instance["build/0/plate/1/1"].after.first
    expect(link.to_h).to include("most" => 10, "safety" => true, "why" => "Short: out of the cold")
  end

  it "makes ahead what it is told to" do
    carrot = usual.to_h["ahead"].find { |line| line["name"] == "Roast carrot" }["preparation"]
    moved = roster({ "ahead" => [{ "preparation" => carrot, "days" => 1 }] })
    expect(moved.solution.end("cook/1")).to be <= 0
    expect(moved.to_h["works"]).to be true
  end

  it "never starts later for more covers, and says where a day is too full" do
    expect(roster(covers: 280).solution.first).to be <= usual.solution.first
    full = roster(covers: 900)
    expect(full.to_h).to include(
      "works" => false,
      "problem" => include("what" => /\d+ min wanted, \d+ there, \d+ too many/)
    )
  end

  it "replans from now: what is done stays, what is under way keeps its time, the rest is not before now" do
    now = "#{date}T09:30"
    begun = usual.solution.start("prep/1/trim/1")
    late =
      roster(
        {
          "now" => now,
          "marks" => [
            { "task" => "cook/0", "state" => "done", "at" => "#{date}T07:00" },
            { "task" => "prep/1/trim/1", "state" => "started", "at" => "#{date}T09:10" }
          ]
        }
      )
    expect(late.solution.end("cook/0")).to eq 420
    expect(late.solution.start("prep/1/trim/1")).to eq(550).and(be > begun)
    expect(late.to_h["tasks"].reject { |each| each["state"] }.map { |each| each["start"] }.min).to be >= now
    expect(broken(late.solution) - ["cook-0"]).to be_empty
  end

  it "makes again what was spoilt, with hands for its share" do
    burnt =
      roster(
        { "now" => "#{date}T10:00", "marks" => [{ "task" => "cook/1", "state" => "failed", "share" => 0.5 }] }
      )
    expect(burnt.instance["cook/1"].hands_minutes).to be < usual.instance["cook/1"].hands_minutes
    expect(burnt.solution.start("cook/1")).to be >= 600
    expect(named(burnt, "Roast carrot: roast")["name"]).to end_with("once more")
    expect(burnt.notes.first).to match(
      /Roast carrot, 50 % once more: [\d.]+ kg of carrots as bought.*what is left serves 70/
    )
  end

  it "holds a task where it is put, and gives the range in which it may stand" do
    range = usual.ranges("prep/4/cut").first
    expect(range["from"]).to be <= usual.to_h["tasks"].find { |each| each["key"] == "prep/4/cut" }["start"]
    held = roster({ "pins" => [{ "task" => "prep/4/cut", "at" => range["from"] }] })
    expect(held.iso(held.solution.start("prep/4/cut"))).to eq range["from"]
    expect { usual.ranges("none") }.to raise_error(Scullion::UnknownFigure)
  end

  it "says that nobody is on shift, and that a service is over" do
    alone = roster { |data| data["kitchen"]["cooks"] = [] }
    expect(alone.to_h["says"]).to eq ["No cook is on shift: add one to the kitchen, with hours."]
    expect(roster({ "now" => "#{date}T20:00" }).to_h["says"]).to eq [
         "The service is over: its day is shown as it was planned."
       ]
    expect(faults { |data| data["kitchen"]["cooks"][0]["break_from"] = "05:00" }.values).to include(
      /does not lie within the shift/
    )
  end
end
