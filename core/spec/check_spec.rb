# frozen_string_literal: true

# The checker that every solution is held against finds each thing that a day asks and that is not kept, from
# the minute on that it is not.
RSpec.describe Scullion::Day::Check do
  def use(kind, amount = 1, **more) = { "kind" => kind, "amount" => amount, **more.transform_keys(&:to_s) }
  def task(key, minutes, *uses, after: [], **more)
    segments = [{ "minutes" => minutes, "uses" => uses }]
    { "key" => key, "name" => key, "segments" => segments, "after" => after, **more.transform_keys(&:to_s) }
  end

  def link(key, **more) = { "task" => key, "least" => 0, "why" => "needed", **more.transform_keys(&:to_s) }

  let(:resources) do
    [
      { "key" => "ana", "name" => "Ana", "kind" => "cook", "capacity" => 1, "skills" => ["knife"] },
      { "key" => "hob", "name" => "Hob", "kind" => "burner", "capacity" => 2, "open" => [[0, 300]] },
      { "key" => "oven", "name" => "Oven", "kind" => "oven", "capacity" => 4, "moded" => true }
    ]
  end

  # @param taken [Hash{String=>String}] by task the resource that its only stretch takes
  def faults(tasks, starts, taken, **change)
    day =
      Scullion::Day::Instance.from_h(
        "format" => Scullion::Day::Instance::FORMAT,
        "from" => 0,
        "to" => 600,
        "resources" => resources.map { |each| each.merge(change.fetch(each["key"].to_sym, {})) },
        "tasks" => tasks
      )
    kinds = day.tasks.to_h { |each| [each.key, each.segments.first.uses.first&.kind] }
    used = taken.to_h { |key, resource| [key, [{ kinds[key] => resource }]] }
    described_class.read(day, "starts" => starts, "taken" => used).faults
  end

  it "finds what begins before what it waits for is done, and before it may" do
    tasks = [
      task("peel", 20, use("cook")),
      task("cut", 10, use("cook"), after: [link("peel", least: 5)], earliest: 30)
    ]
    taken = { "peel" => "ana", "cut" => "ana" }
    expect(faults(tasks, { "peel" => 10, "cut" => 35 }, taken)).to eq []
    expect(faults(tasks, { "peel" => 10, "cut" => 34 }, taken)).to eq ["cut begins before peel lets it"]
    expect(faults(tasks, { "peel" => 0, "cut" => 29 }, taken)).to eq ["cut begins before it may"]
    pinned = [tasks.first, tasks.last.merge("pinned" => 29)]
    expect(faults(pinned, { "peel" => 0, "cut" => 29 }, taken)).to eq []
  end

  it "finds what is later than it may be, after what it follows and by its deadline" do
    tasks = [
      task("boil", 20, use("burner")),
      task("dress", 10, use("cook"), after: [link("boil", most: 15)], latest: 60)
    ]
    taken = { "boil" => "hob", "dress" => "ana" }
    expect(faults(tasks, { "boil" => 10, "dress" => 45 }, taken)).to eq []
    expect(faults(tasks, { "boil" => 10, "dress" => 46 }, taken)).to eq [
         "dress follows boil 1 min later than it may"
       ]
    expect(faults(tasks, { "boil" => 30, "dress" => 50 }, taken)).to eq []
    expect(faults(tasks, { "boil" => 30, "dress" => 52 }, taken)).to eq ["dress is 2 min late"]
  end

  it "finds hands that are wanted twice at once, and not those that come free that minute" do
    tasks = [task("peel", 20, use("cook")), task("cut", 10, use("cook"))]
    taken = { "peel" => "ana", "cut" => "ana" }
    expect(faults(tasks, { "peel" => 0, "cut" => 20 }, taken)).to eq []
    expect(faults(tasks, { "peel" => 0, "cut" => 19 }, taken)).to eq ["ana is over full at 19"]
    busy = { ana: { "busy" => [{ "from" => 100, "to" => 130, "amount" => 1 }] } }
    expect(faults(tasks, { "peel" => 80, "cut" => 130 }, taken, **busy)).to eq []
    expect(faults(tasks, { "peel" => 81, "cut" => 130 }, taken, **busy)).to eq ["ana is over full at 100"]
    expect(faults(tasks, { "peel" => 0, "cut" => 129 }, taken, **busy)).to eq ["ana is over full at 129"]
  end

  it "finds a pot too many, and one outside of the hours of its hob" do
    tasks = %w[a b c].map { |key| task(key, 20, use("burner")) }
    taken = %w[a b c].to_h { |key| [key, "hob"] }
    expect(faults(tasks, { "a" => 0, "b" => 0, "c" => 20 }, taken)).to eq []
    expect(faults(tasks, { "a" => 0, "b" => 10, "c" => 19 }, taken)).to eq ["hob is over full at 19"]
    expect(faults(tasks, { "a" => 0, "b" => 0, "c" => 280 }, taken)).to eq []
    expect(faults(tasks, { "a" => 0, "b" => 0, "c" => 281 }, taken)).to eq ["hob is not there at 281"]
  end

  it "finds two heats in one oven" do
    tasks = [task("squash", 30, use("oven", 2, mode: 200)), task("nuts", 10, use("oven", 1, mode: 160))]
    taken = { "squash" => "oven", "nuts" => "oven" }
    expect(faults(tasks, { "squash" => 0, "nuts" => 30 }, taken)).to eq []
    expect(faults(tasks, { "squash" => 0, "nuts" => 29 }, taken)).to eq ["oven has two heats at 29"]
    same = [tasks.first, task("nuts", 10, use("oven", 1, mode: 200))]
    expect(faults(same, { "squash" => 0, "nuts" => 10 }, taken)).to eq []
  end

  it "finds work that a cook is not down for, and what nobody does" do
    tasks = [task("stir", 10, use("cook", skill: "stove")), task("cut", 10, use("cook", skill: "knife"))]
    starts = { "stir" => 0, "cut" => 10 }
    expect(faults(tasks, starts, { "stir" => "ana", "cut" => "ana" })).to eq ["ana is not down for stir"]
    both = { ana: { "skills" => %w[knife stove] } }
    expect(faults(tasks, starts, { "stir" => "ana", "cut" => "ana" }, **both)).to eq []
    expect(faults(tasks.last(1), { "cut" => 0 }, {})).to eq ["cut takes something of nobody"]
  end

  it "reads no solution that lacks a start" do
    expect { faults([task("cut", 10, use("cook"))], {}, {}) }.to raise_error(
      Scullion::UnworkableDay,
      /no start for cut/
    )
  end
end
