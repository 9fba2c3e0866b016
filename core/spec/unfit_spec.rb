# frozen_string_literal: true

# Why a task fits nowhere, exactly at each limit.
RSpec.describe Scullion::Day::Unfit do
  def use(kind, amount = 1, **more) = { "kind" => kind, "amount" => amount, **more.transform_keys(&:to_s) }

  def task(key, minutes, *uses, **more)
    segments = [{ "minutes" => minutes, "uses" => uses }]
    { "key" => key, "name" => key.capitalize, "segments" => segments }.merge(more.transform_keys(&:to_s))
  end

  def cook(key, **more)
    { "key" => key, "name" => key, "kind" => "cook", "capacity" => 1, "open" => [[0, 120]] }.merge(
      more.transform_keys(&:to_s)
    )
  end

  def oven(capacity) = { "key" => "oven", "name" => "Oven", "kind" => "oven", "capacity" => capacity }

  def reasons(tasks, resources)
    day =
      Scullion::Day::Instance.from_h(
        "format" => "scullion/day@1",
        "from" => 0,
        "to" => 600,
        "tasks" => tasks,
        "resources" => resources
      )
    described_class.new(Scullion::Day::Solver.new(day).solve).reasons.transform_keys(&:key)
  end

  it "says what is not there, who cannot do it, and how much too much it is" do
    here = [cook("a", skills: ["knife"]), oven(2)]
    expect(reasons([task("steam", 10, use("steamer"))], here)).to eq("steam" => "there is no steamer")
    expect(reasons([task("boil", 10, use("cook", skill: "stove"))], here)).to eq(
      "boil" => "nobody there does stove"
    )
    expect(reasons([task("chop", 10, use("cook", skill: "knife"))], here)).to eq({})
    expect(reasons([task("roast", 10, use("oven", 3))], here)).to eq(
      "roast" => "it takes 3 of “Oven” at once, and there are 2"
    )
    expect(reasons([task("roast", 10, use("oven", 2))], here)).to eq({})
  end

  it "says for how long in one go nobody is there" do
    expect(reasons([task("stir", 120, use("cook"))], [cook("a")])).to eq({})
    expect(reasons([task("stir", 121, use("cook"))], [cook("a"), cook("b")])).to eq(
      "stir" => "it takes a cook for 121 min in one go, and there are 120 min at most"
    )
  end

  # There from 0 to 120: of a job that may begin at 100, 20 minutes.
  it "says that nobody is there while it may be done" do
    expect(reasons([task("plate", 20, use("cook"), earliest: 100)], [cook("a")])).to eq({})
    expect(reasons([task("plate", 21, use("cook"), earliest: 100)], [cook("a")])).to eq(
      "plate" => "it takes a cook for 21 min in one go, and while it may be done there are 20 min"
    )
    expect(reasons([task("plate", 8, use("cook"), earliest: 300)], [cook("a")])).to eq(
      "plate" => "it takes a cook for 8 min in one go, and while it may be done there are 0 min"
    )
  end

  it "says that its own times leave no room, or that others take the hours" do
    late = [cook("a", open: [[0, 600]])]
    expect(reasons([task("prove", 60, use("cook"), earliest: 541)], late)).to eq(
      "prove" => "it takes 60 min, and between when it may begin and when it must be over are 59 min"
    )
    expect(reasons([task("prove", 60, use("cook"), earliest: 540)], late)).to eq({})
    full = reasons([task("one", 120, use("cook")), task("other", 120, use("cook"))], [cook("a")])
    expect(full.values).to eq ["others take the hours that it could have"]
  end
end
