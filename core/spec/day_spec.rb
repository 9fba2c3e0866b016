# frozen_string_literal: true

require_relative "../../bench/days"
require_relative "day_bound"

RSpec.describe Scullion::Day do
  def task(key, minutes, after: [], latest: nil, uses: { "cook" => 1 }, **more)
    {
      "key" => key,
      "name" => key,
      "latest" => latest,
      "after" => after.map { |link| link.is_a?(String) ? { "task" => link, "least" => 0 } : link },
      "segments" =>
        more[:segments] ||
          [
            {
              "minutes" => minutes,
              "uses" => uses.map { |kind, amount| { "kind" => kind, "amount" => amount } }
            }
          ]
    }.merge(more.except(:segments).transform_keys(&:to_s))
  end

  def day(tasks, cooks: 1, open: [[0, 600]], resources: [], from: 0)
    hands =
      Array.new(cooks) do |index|
        { "key" => "cook-#{index}", "name" => "C#{index}", "kind" => "cook", "capacity" => 1, "open" => open }
      end
    Scullion::Day::Instance.from_h(
      "format" => "scullion/day@1",
      "from" => from,
      "to" => 600,
      "resources" => hands + resources,
      "tasks" => tasks
    )
  end

  def solve(...) = Scullion::Day::Solver.new(day(...)).solve

  # Plate (10) is due at 100, so it begins at 90; mix (20) at 70; of the two cuts (30 each, one cook) one
  # ends at 70 and one at 40. With two cooks both end at 70.
  it "sets everything as late as deadlines and hands allow" do
    tasks = [
      task("a", 30),
      task("b", 30),
      task("mix", 20, after: %w[a b]),
      task("plate", 10, after: ["mix"], latest: 100)
    ]
    expect(solve(tasks).starts).to include("plate" => 90, "mix" => 70).and(
      satisfy { |starts| starts.values_at("a", "b").sort == [10, 40] }
    )
    expect(solve(tasks, cooks: 2).starts.values_at("a", "b")).to eq [40, 40]
  end

  # A pot wants hands for 5, stands for 40, wants hands for 5: while it stands the cook cuts for 30.
  it "fills the waits of long unattended work" do
    pot =
      [[5, true], [40, false], [5, true]].map do |minutes, hands|
        { "minutes" => minutes, "uses" => hands ? [{ "kind" => "cook", "amount" => 1 }] : [] }
      end
    solved =
      solve(
        [task("pot", 50, segments: pot), task("cut", 30), task("mix", 10, after: %w[pot cut], latest: 100)]
      )
    expect([solved.start("pot"), solved.feasible?, solved.start("cut").between?(45, 55)]).to eq [
         40,
         true,
         true
       ]
  end

  # Two roasts at different heats cannot share the one oven; at the same heat they can.
  it "keeps an oven at one heat at a time" do
    oven = [{ "key" => "oven", "name" => "Oven", "kind" => "oven", "capacity" => 4, "moded" => true }]
    roast =
      lambda do |key, celsius|
        task(
          key,
          30,
          segments: [{ "minutes" => 30, "uses" => [{ "kind" => "oven", "amount" => 2, "mode" => celsius }] }],
          latest: 100
        )
      end
    expect(solve([roast["a", 180], roast["b", 180]], resources: oven).starts.values).to eq [70, 70]
    expect(solve([roast["a", 180], roast["b", 220]], resources: oven).starts.values.sort).to eq [40, 70]
  end

  # Dressed leaf keeps 20 min: with the cook away from 70 to 95, dressing waits until she is back.
  it "would rather be within a window than early, and says by how much it is not" do
    kept = [{ "task" => "dress", "least" => 0, "most" => 20 }]
    expect(
      solve(
        [task("dress", 10), task("plate", 5, after: kept, latest: 100)],
        open: [[0, 70], [80, 100]]
      ).starts
    ).to eq("dress" => 85, "plate" => 95)
    missed = solve([task("dress", 10), task("plate", 5, after: kept, uses: {}, latest: 100)], open: [[0, 60]])
    expect([missed.sum(:stale), missed.sum(:late)]).to eq [0, 0]
    expect(missed.start("plate")).to be <= 80
  end

  # Plating for 60 from 90 on is 50 late, whatever is done. The rest is in time and fresh all the same:
  # dressed at 80, for it keeps 15; the long cut before it.
  it "is late only by what nobody can help, and as fresh as ever" do
    plate =
      task("plate", 60, latest: 100, earliest: 90, after: [{ "task" => "dress", "least" => 0, "most" => 15 }])
    solved = solve([task("cut", 70), task("dress", 10, after: ["cut"]), plate])
    expect(solved.starts).to eq("cut" => 10, "dress" => 80, "plate" => 90)
    expect(solved.score.first(4)).to eq [0, 0, 50, 0]
  end

  # The pot takes hands from 0 to 5 and from 55 to 60: mixed at 70, 10 late. One cut of 40 fits into its wait,
  # the others end at 110 and at 150, 25 late. With the cuts first, mixing would be 90 late.
  it "lets a pot that came too late go first" do
    pot =
      [[5, true], [50, false], [5, true]].map do |minutes, hands|
        { "minutes" => minutes, "uses" => hands ? [{ "kind" => "cook", "amount" => 1 }] : [] }
      end
    cuts = Array.new(3) { |index| task("cut #{index}", 40, after: [], latest: 125) }
    solved = solve([task("pot", 60, segments: pot), *cuts, task("mix", 10, after: ["pot"], latest: 60)])
    expect(solved.sum(:late)).to eq 35
    expect(broken(solved)).to be_empty
  end

  it "waits for each other in a ring: refused" do
    expect { solve([task("a", 5, after: ["b"]), task("b", 5, after: ["a"])]) }.to raise_error(
      Scullion::UnworkableDay,
      /waits for itself/
    )
  end

  it "leaves aside what fits nowhere, and keeps the rest" do
    solved = solve([task("long", 700), task("short", 20, latest: 100)])
    expect(solved.unplaced).to eq ["long"]
    expect(solved.start("short")).to eq 80
    gone =
      solve(
        [
          task("long", 700),
          task("after", 10, after: [{ "task" => "long", "least" => 0, "most" => 5 }], latest: 100)
        ]
      )
    expect([gone.unplaced, gone.sum(:stale)]).to eq [["long"], 0]
  end

  # The cook goes home at 110: nobody cleans from 100 to 120, and plating at 100 is as it would be without.
  it "is not begun hours sooner because what comes last fits nowhere" do
    tasks = [
      task("pick", 20, latest: 90),
      task("plate", 10, after: [{ "task" => "pick", "least" => 0, "most" => 30 }], latest: 100, earliest: 90),
      task("clean", 20, after: ["plate"], earliest: 100, latest: 130)
    ]
    left = solve(tasks, open: [[0, 110]])
    expect([left.unplaced, left.misses]).to eq [["clean"], []]
    expect([left.start("pick"), left.start("plate")]).to eq [70, 90]
    # Where another is there a little longer, it is done late, and not at all too soon.
    late = solve(tasks, open: [[0, 110], [140, 170]])
    expect([late.unplaced, late.start("clean"), late.start("pick")]).to eq [[], 140, 70]
  end

  # Plated from 90 on it is 5 late, and nobody is there for the second at 105: picked at 70 all the same, for
  # it keeps 30.
  it "is as fresh as ever where one thing is late and another fits nowhere" do
    tasks = [
      task("pick", 20),
      task("plate", 10, after: [{ "task" => "pick", "least" => 0, "most" => 30 }], earliest: 90, latest: 95),
      task("second", 10, after: ["plate"], earliest: 105, latest: 120)
    ]
    left = solve(tasks, open: [[0, 110]])
    expect(left.unplaced).to eq ["second"]
    expect(left.starts.slice("pick", "plate")).to eq({ "pick" => 70, "plate" => 90 })
    expect(left.score.first(4)).to eq [1, 0, 5, 0]
  end

  describe Scullion::Day::Bound do
    def bound(...) = described_class.new(day(...)).minutes

    def roasts(*held)
      oven = [{ "key" => "oven", "name" => "Oven", "kind" => "oven", "capacity" => 4, "moded" => true }]
      bound(
        held.each_with_index.map do |(amount, celsius), index|
          task(
            "roast #{index}",
            30,
            segments: [
              { "minutes" => 30, "uses" => [{ "kind" => "oven", "amount" => amount, "mode" => celsius }] }
            ]
          )
        end,
        resources: oven
      )
    end

    # Three cuts of 30 by one cook are 90. By two they are 45 each on paper, but in any day under 60 all three
    # are at work at its middle. Six of 10 by two are 30. A chain of 30 and 30 is 60, however many hands.
    it "is the load spread over the hands, or the longest chain" do
      expect(
        [
          bound([task("a", 30), task("b", 30), task("c", 30)]),
          bound([task("a", 30), task("b", 30), task("c", 30)], cooks: 2)
        ]
      ).to eq [90, 60]
      expect(bound(Array.new(6) { |index| task("cut #{index}", 10) }, cooks: 2)).to eq 30
      expect(bound([task("a", 30), task("b", 30, after: ["a"])], cooks: 3)).to eq 60
    end

    # Three of the oven's four places: a second such tray waits. Two and two go together, unless at two heats.
    it "counts places in an oven that help nobody, and heats that never share" do
      expect([roasts([3, 180], [3, 180]), roasts([2, 180], [2, 180]), roasts([2, 180], [2, 210])]).to eq [
           60,
           30,
           60
         ]
    end

    # Two jobs of 30 have 100 of rest behind them, so that a day of under 170 leaves the cook no 10 minutes
    # for the tray before they are done: it roasts from 70 on, and of two roasts of 60 that begin after 50 one
    # ends no sooner than 170. By hands alone it would be 160, by the oven alone 130.
    it "puts off what has no room where it could begin first, and all that waits for it" do
      oven = [{ "key" => "oven", "name" => "Oven", "kind" => "oven", "capacity" => 1 }]
      hands, rest = { "minutes" => 30, "uses" => [{ "kind" => "cook", "amount" => 1 }] }, { "minutes" => 100 }
      jobs = %w[a b].map { |key| task(key, 130, segments: [hands, rest]) }
      tray, proving = task("tray", 10), task("proving", 50, uses: {})
      roasts = %w[tray proving].map { |key| task("roast #{key}", 60, uses: { "oven" => 1 }, after: [key]) }
      expect(bound([*jobs, tray, proving, *roasts], resources: oven)).to eq 170
      expect(bound([*jobs, tray], resources: oven)).to eq 160
      expect(bound([tray, proving, *roasts], resources: oven)).to eq 130
    end

    # Cut 10, pot 40, mix 10 with one cook: 60. A cut of 45 fits beside the pot for 40 of its minutes only, so
    # 65.
    it "sees what must fall into the same stretch of the day, though not all of it lies there" do
      pot = task("pot", 40, uses: {}, after: ["cut"])
      expect(bound([task("cut", 10), pot, task("mix", 10, after: ["pot"]), task("long", 45)])).to eq 65
    end
  end

  describe "generated days" do
    days = [10, 40, 80].flat_map { |size| [1, 2].map { |seed| GeneratedDays.make(size, seed) } }
    # Every other one for the shortest day as well: two as the kitchen asks, and one of them short.
    solved =
      days.flat_map.with_index do |instance, index|
        asked = index.even? ? %i[score makespan] : %i[score]
        asked.map { |by| Scullion::Day::Solver.new(instance, by: by).solve }
      end

    it "are never double-booked, out of order or at two heats at once" do
      expect(solved.map { |solution| broken(solution) }).to all(be_empty)
      expect(solved).to all(be_feasible)
    end

    # The checker of bin/day goes by the format's description, and knows nothing of how a day is solved.
    it "keep every link, as fresh and as short" do
      expect(solved.map { |solution| Scullion::Day::Check.new(solution).faults }).to all(eq([]))
      spoilt = solved.first.starts.merge(days[0].tasks.last.key => -500)
      faults =
        Scullion::Day::Check.read(days[0], { "starts" => spoilt, "taken" => solved.first.taken }).faults
      expect(faults).to include(/begins before/)
      expect { Scullion::Day::Check.read(days[0], { "starts" => {} }) }.to raise_error(
        Scullion::UnworkableDay,
        /no start for/
      )
    end

    it "never end sooner than the bound, and the same day is solved the same way" do
      solved.each do |solution|
        expect(solution.last - solution.first).to be >= Scullion::Day::Bound.new(solution.instance).minutes
      end
      expect(Scullion::Day::Solver.new(days[2]).solve.starts).to eq solved[3].starts
    end

    it "are shorter where they are solved to be short" do
      solved.each_slice(3) do |fresh, short, _|
        expect(short.last - short.first).to be <= fresh.last - fresh.first
      end
    end

    it "come back the same from their written form" do
      expect(Scullion::Day::Instance.from_h(JSON.parse(JSON.generate(days[1].to_h))).to_h).to eq days[1].to_h
    end
  end
end
