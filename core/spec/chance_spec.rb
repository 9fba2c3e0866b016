# frozen_string_literal: true

# How sure a day is: played with other minutes than planned.
RSpec.describe Scullion::Day::Course do
  def task(key, *minutes, after: [], uses: "cook", **more)
    segments =
      minutes.map do |each|
        Scullion::Day::Segment.new(
          minutes: each,
          uses: uses ? [Scullion::Day::Use.new(kind: uses, amount: 1, skill: nil)] : []
        )
      end
    links = after.map { |other, least| Scullion::Day::Link.new(task: other, least: least) }
    Scullion::Day::Task.new(key: key, name: key, segments: segments, after: links, **more)
  end

  def cook(key) = Scullion::Day::Resource.new(key: key, name: key, kind: "cook", capacity: 1)

  def solved(tasks, cooks = 1, to: 600)
    Scullion::Day::Solver.new(
      Scullion::Day::Instance.new(
        tasks: tasks,
        resources: Array.new(cooks) { |index| cook("cook-#{index}") },
        from: 0,
        to: to
      )
    ).solve
  end

  def ends(solution, times = {}, **options)
    course = described_class.new(solution, **options)
    over, = course.play(course.stretches.map { |each| each.minutes * times.fetch(each.task, 1) })
    solution.instance.tasks.to_h { |each| [each.key, over[course.last_of(each.key)]] }
  end

  # One cook: 10 min to cut, 20 to dress; the first takes twice as long and the second begins 10 min later.
  it "passes what is late on to what waits for it, and to who does it" do
    one = solved([task("cut", 10), task("dress", 20, after: [["cut", 0]], latest: 100)])
    expect(ends(one)).to eq({ "cut" => 80, "dress" => 100 })
    expect(ends(one, { "cut" => 2 })).to eq({ "cut" => 90, "dress" => 110 })
    apart = solved([task("cut", 10, latest: 90), task("sweep", 10, latest: 100)])
    expect(ends(apart, { "cut" => 2 })).to eq({ "cut" => 100, "sweep" => 110 })
  end

  it "takes up what is late in the time there is, and begins nothing before its time" do
    gap = solved([task("cut", 10, latest: 40), task("dress", 20, after: [["cut", 0]], latest: 100)], 2)
    late = ends(gap, { "cut" => 1.5 })
    expect(late["dress"]).to eq 100
    expect(ends(gap, { "cut" => 0.5 })["dress"]).to eq 100
  end

  it "gives an ill cook's work to the others, one thing after the other" do
    two = solved([task("cut", 60, latest: 100), task("dress", 60, latest: 100)], 2)
    expect(ends(two).values).to eq [100, 100]
    ill = ends(two, ill: two.taken["cut"].first["cook"])
    expect(ill.values.sort).to eq [100, 160]
  end

  # Whatever day it is, played as planned it is the plan.
  it "is the plan where everything takes as long as planned" do
    [plan, plan(covers: 400)].each do |made|
      solution = Scullion::Day::Roster.new(made).solution
      course = described_class.new(solution)
      over, = course.play(course.stretches.map(&:minutes))
      solution.placed.each do |each|
        expect(over[course.last_of(each.key)]).to eq(solution.end(each.key)), each.key
      end
    end
  end
end

RSpec.describe Scullion::Day::Chance do
  def chance(changes = {}, **options)
    practice = house.with(figures: changes.transform_values { |value| [value, "this kitchen"] })
    data = example
    data["service"]["covers"] = options.fetch(:covers, 140)
    data["service"].merge!(options.fetch(:window, {}))
    described_class.new(Scullion::Day::Roster.new(Scullion::Plan.for(Scullion::Brief.read(data, practice))))
  end

  # Nothing runs over: what is planned to be ready is ready.
  let(:exact) do
    kinds = %w[knife stove blades dressing build heat cold pace]
    kinds
      .flat_map do |kind|
        [["practice/chance/#{kind}/least_times", 1], ["practice/chance/#{kind}/most_times", 1]]
      end
      .to_h
  end

  it "is 100 of 100 days where nothing takes longer, and blames nobody" do
    sure = chance(exact)
    expect([sure.ready, sure.said, sure.blamed]).to eq [1.0, "Ready in 100 of 100 days.", []]
    expect(sure.to_h["waves"].map { |wave| wave.values_at("days", "late") }.uniq).to eq [[100, nil]]
  end

  it "is the same each time it is asked, between none and all, with what decides it" do
    one, other = chance.to_h, chance.to_h
    expect(one).to eq other
    expect(one["days"]).to be_between(0, 100)
    expect(one["blame"].sum { |each| each["share"] }).to be <= 1.03
    expect(one["cases"].map { |each| each["name"] }).to include(/is ill/, /slow/, /delivery/i)
  end

  it "is never surer where work spreads wider, or a mishap comes on top" do
    wide =
      chance(
        exact.merge("practice/chance/knife/most_times" => 1.5, "practice/chance/build/most_times" => 1.5)
      )
    wider =
      chance(exact.merge("practice/chance/knife/most_times" => 3, "practice/chance/build/most_times" => 3))
    expect([1.0, wide.ready, wider.ready]).to eq [1.0, wide.ready, wider.ready].sort.reverse
    expect(wider.ready).to be < 1
  end

  # Cooks go home at 15:00: nobody plates at six.
  it "is ready on no day that has no room for a wave, however well the rest goes" do
    late = chance(exact, window: { "from" => "18:00", "to" => "19:00" })
    expect([late.days, late.enough?, late.said]).to eq [
         0,
         false,
         "Ready in 0 of 100 days: there is no room for Barley, roast carrot, dill."
       ]
    words = late.to_h
    expect(words["waves"].map { |wave| wave.values_at("days", "fits", "late") }.uniq).to eq [[0, false, nil]]
    expect(words["blame"]).to eq []
    expect(words["cases"].map { |each| each["days"] }.uniq).to eq [0]
  end

  # Of 400 days 116 are 29 in 100, though 0.29 × 100 is a little less; and 399 are no 100.
  it "counts days in whole ones, and says 100 only where none was late" do
    counted = ->(fine) { chance.send(:in_hundred, Array.new(400) { |index| index < fine }, &:itself) }
    expect([0, 3, 116, 399, 400].map(&counted)).to eq [0, 0, 29, 99, 100]
  end

  # Grace is 5 min, from the first guest for the beginning and from the last for the end.
  it "is late past the grace, and not at it" do
    made = chance
    wave = described_class::Wave.new(places: [0], due: 100, over: 120, fits: true)
    late = ->(from, to) { made.send(:late, wave, [to], [to - from]) }
    expect([late[105, 115], late[100, 125]]).to eq [0.0, 0.0]
    expect([late[105.5, 115], late[100, 125.5]]).to eq [5.5, 5.5]
  end

  it "is enough at the share that is aimed at, and not under it" do
    slow = { "practice/chance/build/most_times" => 3, "practice/chance/knife/most_times" => 3 }
    share = chance(slow).ready
    enough = ->(aim) { chance(slow.merge("practice/chance/aim/share" => aim)).to_h["enough"] }
    expect(share).to be < 0.99
    expect([enough[share], enough[share + 0.0025]]).to eq [true, false]
  end

  # A triangle from 0.85 over 1 to 1.45: its mean is a third of their sum, 1.1.
  it "draws from a triangle between the shortest and the longest" do
    drawn = chance.send(:quantiles, "knife")
    expect(drawn.sum / drawn.size).to be_within(0.001).of(1.1)
    expect(drawn.minmax).to match [be_within(0.03).of(0.85), be_within(0.03).of(1.45)]
    expect(drawn).to eq drawn.sort
  end
end
