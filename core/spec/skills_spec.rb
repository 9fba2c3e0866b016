# frozen_string_literal: true

require_relative "day_bound"

RSpec.describe "Cooks and what they are down for" do
  def cook(key, skills = nil)
    {
      "key" => key,
      "name" => key,
      "kind" => "cook",
      "capacity" => 1,
      "open" => [[0, 600]],
      "skills" => skills
    }.compact
  end

  def task(key, skill, **more)
    {
      "key" => key,
      "name" => key,
      "latest" => 100,
      "after" => [],
      "segments" => [
        { "minutes" => 30, "uses" => [{ "kind" => "cook", "amount" => 1, "skill" => skill }.compact] }
      ]
    }.merge(more.transform_keys(&:to_s))
  end

  def instance(cooks, tasks)
    Scullion::Day::Instance.from_h(
      "format" => "scullion/day@1",
      "from" => 0,
      "to" => 600,
      "resources" => cooks,
      "tasks" => tasks
    )
  end
  def solve(...) = Scullion::Day::Solver.new(instance(...)).solve
  def hands(solved) = solved.taken.transform_values { |parts| parts.first["cook"] }

  # Two jobs of 30 at the stove for the one who does it end at 100 and at 70; cutting is for the other, beside
  # the later of them.
  it "gives each job to one who does it, and waits for her where there is one" do
    solved =
      solve(
        [cook("ML", %w[stove knife]), cook("RT", %w[knife])],
        [task("pot", "stove"), task("pan", "stove"), task("cut", "knife")]
      )
    expect(solved.starts.values_at("pot", "pan").sort).to eq [40, 70]
    expect([solved.start("cut"), hands(solved)]).to eq [70, { "pot" => "ML", "pan" => "ML", "cut" => "RT" }]
    expect(broken(solved)).to be_empty
  end

  # The earlier of two pots may move back, but not to where only the one who does not cook is free.
  it "lets a task be moved only to where somebody does it" do
    solved =
      solve(
        [cook("ML", %w[stove knife]), cook("RT", %w[knife])],
        [task("pot", "stove"), task("pan", "stove")]
      )
    earlier = solved.starts.min_by(&:last)
    expect(Scullion::Day::Ranges.new(solved).of(earlier.first)).to eq [[0, 40]]
  end

  it "keeps those who do more free for what only they do" do
    solved =
      solve(
        [cook("AA"), cook("ZZ", %w[knife])],
        [task("cut", "knife"), task("pot", "stove"), task("clean", nil, latest: 40)]
      )
    expect(hands(solved)).to include("cut" => "ZZ", "pot" => "AA")
    expect(solved.starts).to include("cut" => 70, "pot" => 70, "clean" => 10)
  end

  it "leaves aside what nobody does, and reads and writes it all" do
    day = instance([cook("RT", %w[knife])], [task("cut", "knife"), task("slice", "blades")])
    expect(Scullion::Day::Solver.new(day).solve.unplaced).to eq ["slice"]
    expect(Scullion::Day::Overload.new(day).nobody).to eq ["blades"]
    expect(Scullion::Day::Instance.from_h(JSON.parse(JSON.generate(day.to_h))).to_h).to eq day.to_h
  end

  # An hour and a half at the stove due at 90, for one of two cooks: 60 min are wanted of one half-hour of
  # hers.
  it "says which hands are too few, and when" do
    worst =
      Scullion::Day::Overload.new(
        instance([cook("ML"), cook("RT", %w[knife])], %w[a b c].map { |key| task(key, "stove", latest: 30) })
      ).worst
    expect([worst.kind, worst.skill, worst.from, worst.wanted, worst.have]).to eq ["cook", "stove", 0, 90, 30]
  end

  # Three jobs of 30 at the stove are 90 for the one who does them, whoever else is there.
  it "bounds the day by the few who do a thing" do
    bound =
      lambda do |*skills|
        Scullion::Day::Bound.new(
          instance(
            skills.map.with_index { |each, index| cook("C#{index}", each) },
            %w[a b c].map { |key| task(key, "stove") }
          )
        ).minutes
      end
    expect([bound[nil, %w[knife], %w[knife]], bound[nil, nil, nil]]).to eq [90, 30]
  end

  describe "in a kitchen" do
    def roster(*skills, day: {})
      plan(covers: 140) do |data|
        data["kitchen"]["cooks"] = skills.each_with_index.map do |each, index|
          { "initials" => "C#{index + 1}", "from" => "06:30", "to" => "15:30", "skills" => each }.compact
        end
        data["day"] = day
      end.then { |made| Scullion::Day::Roster.new(made) }
    end

    it "puts each of the day's jobs where it belongs" do
      kinds =
        roster(nil).instance.tasks.to_h do |task|
          [
            task.key,
            task
              .segments
              .flat_map(&:uses)
              .filter_map { |use| use.skill || ("none" if use.kind == "cook") }
              .uniq
          ]
        end
      expect(kinds.values.flatten.uniq).to match_array(Scullion::Day::SKILLS + ["none"])
      expect(kinds["clean/1"]).to eq ["none"]
      expect(Scullion::Day::SKILLS).to match_array(house.practice.keys("skills"))
    end

    it "never gives a cook what she is not down for, and says what nobody does" do
      split = roster(%w[stove dressing], %w[knife build], %w[knife build blades])
      expect(broken(split.solution)).to be_empty
      expect(split.solution.unplaced).to be_empty
      expect(roster(%w[knife build blades dressing]).says).to include(
        "Nobody on shift is down for stove and oven: tick it for a cook in Kitchen."
      )
    end

    it "proposes that another does it for once, but never at the blades" do
      expect(
        Scullion::Day::Fixes.new(roster(%w[knife build stove dressing])).to_a.map { |fix| fix["what"] }
      ).not_to include(/blades/)
      short = roster(%w[knife build blades dressing])
      said = []
      found = Scullion::Day::Fixes.new(short).to_a { |done, of| said << [done, of] }
      fix = found.find { |each| each["what"] == "C1 also at the stove" }
      expect(said.map(&:first)).to eq((1..said.last.last).to_a)
      expect(fix["decide"]).to eq("skilled" => { "cook" => "C1", "skill" => "stove" })
      mended = roster(%w[knife build blades dressing], day: { "skilled" => [fix["decide"]["skilled"]] })
      expect(mended.solution.unplaced.size).to be < short.solution.unplaced.size
      expect(mended.to_h["decided"]["skilled"]).to eq [
           { "cook" => "C1", "skill" => "stove", "text" => "C1 also at the stove" }
         ]
    end

    it "names what it cannot read" do
      told =
        lambda do |skills|
          faults do |data|
            data["kitchen"]["cooks"] = [
              { "initials" => "C1", "from" => "07:00", "to" => "15:00", "skills" => skills }
            ]
          end
        end
      expect(told[[]]).to eq("/kitchen/cooks/0/skills" => "This cook is down for no work at all.")
      expect(told[%w[juggling]].values.first).to start_with('["juggling"] is not a list of knife, blades')
      expect(told["knife"].values.first).to include("is not a list")
    end
  end
end
