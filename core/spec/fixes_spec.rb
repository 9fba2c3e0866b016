# frozen_string_literal: true

# A day that does not work: what is said of it, and the ways out, each found by solving it again.
RSpec.describe Scullion::Day::Fixes do
  def roster(covers, progress = {}, &change)
    Scullion::Day::Roster.new(
      plan(covers: covers) do |data|
        data["day"] = progress
        change&.call(data)
      end
    )
  end

  # What a fix decides, as it would be kept.
  def kept(decide)
    (decide["all"] || [decide])
      .flat_map(&:to_a)
      .group_by(&:first)
      .transform_values { |said| said.map(&:last) }
  end

  # Trying all ways out of so full a day takes seconds: once for all examples.
  before(:context) do
    @full = roster(900)
    @fixes = described_class.new(@full).to_a
  end

  let(:full) { @full }
  let(:fixes) { @fixes }

  it "offers a few, each with what to do, what it does and what to send" do
    expect(fixes.size).to be_between(1, described_class::MOST)
    expect(fixes).to all(include("what" => /\S/, "effect" => /\S/, "decide" => be_a(Hash)))
    expect(fixes.map { |fix| fix["what"] }.uniq.size).to eq fixes.size
    expect(fixes.first["effect"]).to match(/→/)
  end

  it "promises what deciding it then brings, and puts the best first" do
    troubles = fixes.map { |fix| roster(900, kept(fix["decide"])).solution.score.first(4) }
    expect(troubles).to eq troubles.sort
    expect(troubles).to all(satisfy { |trouble| (trouble <=> full.solution.score.first(4)).negative? })
  end

  def by_one_cook(covers)
    roster(covers) do |data|
      data["kitchen"]["cooks"] = [{ "initials" => "A", "from" => "09:00", "to" => "14:30" }]
    end
  end

  # One cook for 350: without the cucumber something is still late, without the dill there is no time for it
  # all.
  it "tries two together where none is enough" do
    alone = by_one_cook(350)
    both = described_class.new(alone).to_a.first
    expect(both["what"]).to eq "Leave out cucumber, salted; and leave out dill"
    troubles =
      [both["decide"], *both["decide"]["all"]].map do |decide|
        alone.with(alone.progress.with(left_out: kept(decide)["left_out"])).solution.score.first(4)
      end
    expect(troubles.first).to eq [0, 0, 0, 0]
    expect(troubles.drop(1)).to all(satisfy { |trouble| trouble.sum.positive? })
  end

  it "puts what asks least of the kitchen first among those that do the same, and never pairs them" do
    enough = described_class.new(by_one_cook(150)).to_a
    expect(enough.map { |fix| fix["effect"] }.uniq.size).to eq 1
    expect(enough.map { |fix| fix["decide"].keys.first }.uniq).to eq %w[extra left_out]
  end

  it "has somebody there for what is to be done after the last has gone" do
    gone =
      roster(140) do |data|
        data["kitchen"]["cooks"] = [{ "initials" => "A", "from" => "07:00", "to" => "12:00" }]
      end
    expect(gone.says).to include(/Plate .* fits nowhere in the hours there are/)
    expect(described_class.new(gone).to_a.first).to include(
      "what" => "One more cook, 11:00 to 14:07",
      "effect" => a_string_starting_with("not done at all: 2 → 0 tasks")
    )
  end

  it "offers hands only while somebody is there to work beside them" do
    alone = by_one_cook(150)
    shifts = alone.instance.of_kind("cook").flat_map(&:open)
    hours = described_class.new(alone).to_a.flat_map { |fix| kept(fix["decide"])["extra"] || [] }
    expect(hours).not_to be_empty
    read = roster(150, { "extra" => hours }).progress.extra
    read.each do |from, to|
      expect(shifts.any? { |opens, closes| from >= opens - 1 && to <= closes + 60 }).to be true
    end
  end

  it "offers a second pot where one is filled over and over" do
    few = roster(900) { |data| data["kitchen"]["pots"].select! { |pot| pot["key"] == "pot-40" } }
    expect(few.short_of).to include("pot-pot-40")
    expect(few.called("pot-pot-40")).to eq "40 cm pot"
    expect(few.called("oven")).to eq "oven"
  end

  # One oven of two places: the carrots go in by many loads, and seeds wait for them.
  it "finds where the oven is too small, and says what could go in by more loads" do
    small =
      roster(140) do |data|
        data["kitchen"]["ovens"] = [data["kitchen"]["ovens"].first.merge("positions" => 5)]
      end
    expect(small.divisible.map(&:first)).to include("Roast carrot")
    name, preparation, loads = small.divisible.first
    again =
      roster(140, { "loads" => [{ "preparation" => preparation, "loads" => loads }] }) do |data|
        data["kitchen"]["ovens"] = [data["kitchen"]["ovens"].first.merge("positions" => 5)]
      end
    expect(again.divisible.find { |each| each.first == name }&.last).to eq(loads + 1).or be_nil
  end

  it "moves to the day before only what keeps, and buys ready cut only what is cut" do
    half_a_day, moved = 12 * 60, full.movable.map(&:last)
    keeps, gone = full.layout.jobs.partition { |job| moved.include?(job.need.component.preparation) }
    expect(keeps).to all(
      satisfy do |job|
        job.keeps >= half_a_day && job.tasks.any? { |task| full.solution.start(task.key) >= 0 }
      end
    )
    expect(gone).to all(
      satisfy do |job|
        job.keeps < half_a_day || job.tasks.all? { |task| full.solution.start(task.key).negative? }
      end
    )
    expect(full.cut_here.map(&:first)).to include("Roast carrot", "Cucumber, salted")
    expect(full.cut_here.map(&:first)).not_to include("Pearl barley", "White beans")
    expect(full.cut_here.first.first).to eq "Roast carrot"
  end

  it "offers no second time what was decided already" do
    barley = full.layout.jobs.find { |job| job.need.name == "Pearl barley" }.need.component.preparation
    carrot = full.cut_here.first.last
    decided = roster(900, { "ahead" => [{ "preparation" => barley, "days" => 1 }], "cut" => [carrot] })
    expect(decided.movable.map(&:last)).not_to include(barley)
    expect(decided.cut_here.map(&:last)).not_to include(carrot)
  end

  it "has nothing to offer for a day that works" do
    expect(described_class.new(roster(140)).to_a).to eq []
  end

  describe "what is said" do
    it "names a job once, by the part that misses the most" do
      said = full.says.map { |line| line[/\A[^:]+: [a-z, 0-9]+/] || line }
      expect(said.uniq.size).to eq said.size
      expect(full.says.join).not_to include("one of")
    end

    it "says the unsafe first, then the late, then the stale" do
      kinds =
        full.says.filter_map do |line|
          { "longer than is safe" => 0, " late" => 1, "past its best" => 2 }.find do |words, _|
              line.include?(words)
            end
            &.last
        end
      expect(kinds).to eq kinds.sort
    end

    it "says when the shifts cannot hold the work, and never hangs at it" do
      much = roster(2000)
      expect(much.says.first).to match(
        /\AThe work is \d+ h \d* ?with hands; the shifts of these days have \d+ h/
      )
      expect(much.solution.unplaced).not_to be_empty
      expect(much.solution.placed).not_to be_empty
    end

    it "names the fullest half-hour by what is short in it" do
      problem = full.problem
      expect(problem["what"]).to match(/\A\S.*: \d+ min wanted, \d+ there, \d+ too many\.\z/)
      expect(problem["over_minutes"]).to be_positive
      expect(roster(140).problem).to be_nil
    end
  end

  describe Scullion::Day::Overload do
    def overload(tasks, resources)
      described_class.new(
        Scullion::Day::Instance.from_h(
          "format" => "scullion/day@1",
          "from" => 0,
          "to" => 600,
          "resources" => resources,
          "tasks" => tasks
        )
      )
    end

    def task(key, kind, minutes, latest: 600, amount: 1)
      {
        "key" => key,
        "name" => key,
        "latest" => latest,
        "segments" => [{ "minutes" => minutes, "uses" => [{ "kind" => kind, "amount" => amount }] }]
      }
    end

    let(:kitchen) do
      [
        { "key" => "c", "name" => "C", "kind" => "cook", "capacity" => 1, "open" => [[0, 600]] },
        { "key" => "o", "name" => "O", "kind" => "oven", "capacity" => 4, "moded" => true }
      ]
    end

    # Two places for 60 min each: 2 × 2 × 30 of 120 in each of the last half-hours: just enough.
    it "counts what is asked for in amounts times minutes" do
      expect(
        overload([task("a", "oven", 60, amount: 2), task("b", "oven", 60, amount: 2)], kitchen).worst
      ).to be_nil
      expect(
        overload([task("a", "oven", 60, amount: 2), task("b", "oven", 60, amount: 3)], kitchen).worst.to_h
      ).to eq(kind: "oven", from: 540, wanted: 150, have: 120)
    end

    it "finds the fullest of one kind, though another is tighter" do
      both =
        overload(
          [
            task("a", "oven", 60, amount: 4),
            task("b", "oven", 60, amount: 4),
            task("c", "cook", 20),
            task("d", "cook", 20)
          ],
          kitchen
        )
      expect(both.worst.kind).to eq "oven"
      expect(both.worst_hands.to_h).to eq(kind: "cook", from: 570, wanted: 40, have: 30)
      expect(overload([task("c", "cook", 20)], kitchen).worst_hands).to be_nil
    end

    it "knows that nobody is there out of hours" do
      early = [{ "key" => "c", "name" => "C", "kind" => "cook", "capacity" => 1, "open" => [[0, 300]] }]
      expect(overload([task("a", "cook", 10)], early).worst.to_h).to eq(
        kind: "cook",
        from: 570,
        wanted: 10,
        have: 0
      )
      expect(overload([task("a", "cook", 10, latest: 300)], early).worst).to be_nil
    end

    # An hour for each of three, all due at once: two of them are asked for in the hour before.
    it "carries what does not fit into the half-hour before" do
      expect(overload([task("a", "cook", 30), task("b", "cook", 30, latest: 570)], kitchen).worst).to be_nil
      expect(overload([task("a", "cook", 30), task("b", "cook", 30)], kitchen).worst.over).to eq 30
    end
  end
end
