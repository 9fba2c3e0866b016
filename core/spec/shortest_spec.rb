# frozen_string_literal: true

require "spec_helper"
require_relative "day_bound"
require_relative "../../bench/days"

RSpec.describe Scullion::Day::Shortest do
  def shortest(instance) = Scullion::Day::Solver.new(instance, by: :makespan).solve
  def length(solution) = solution.last - solution.first

  # Proven to be the shortest by a constraint solver that keeps every link.
  it "is the shortest day there is, of ten and of twenty tasks" do
    proven = {
      [10, 1] => 163,
      [10, 2] => 175,
      [10, 3] => 154,
      [20, 1] => 210,
      [20, 2] => 206,
      [20, 3] => 185
    }
    stub_const("#{described_class}::RUNS", ->(_) { 1200 })
    expect(
      proven.keys.to_h { |size, seed| [[size, seed], length(shortest(GeneratedDays.make(size, seed)))] }
    ).to eq(proven)
  end

  def in_few_runs = stub_const("#{described_class}::RUNS", ->(_) { 120 })

  it "is the same whenever it is asked for, and never longer than what it begins with" do
    in_few_runs
    days = [1, 2, 3].map { |seed| GeneratedDays.make(25, seed) }
    expect(days.map { |day| shortest(day).starts }).to eq(days.map { |day| shortest(day).starts })
    begun = days.map { |day| length(Scullion::Day::Solver.new(day, by: :makespan).quick) }
    expect(days.zip(begun)).to all(satisfy { |day, longer| length(shortest(day)) <= longer })
  end

  # Days as kitchens have them: some cooks do not do all, jobs stay with who began them, shifts end, an oven
  # of two is somebody else's for an hour, a task may not begin before a minute.
  def kitchen(seed)
    dice = Random.new(seed)
    data = GeneratedDays.make(20, seed).to_h
    data["handover"] = [nil, 0, 30].sample(random: dice)
    cooks, others = data["resources"].partition { |each| each["kind"] == "cook" }
    cooks.each { |cook| cook["open"] = [[dice.rand(-300..-60), 400], [430, 720]] } if dice.rand < 0.6
    cooks.first["skills"] = ["knife"] if dice.rand < 0.5
    oven = others.find { |each| each["kind"] == "oven" }
    others << oven.merge("key" => "oven-more", "capacity" => 6)
    oven["busy"] = [{ "from" => 500, "to" => 560, "amount" => dice.rand(2..8), "mode" => 150 }]
    data["tasks"].each do |task|
      task["segments"].each do |segment|
        hands = segment["uses"].find { |use| use["kind"] == "cook" } or next
        hands["skill"] = dice.rand < 0.3 ? "knife" : "stove" if dice.rand < 0.4
        hands["who"] = cooks.last["key"] if dice.rand < 0.05
      end
    end
    data["tasks"].sample(random: dice)["earliest"] = 100
    Scullion::Day::Instance.from_h(JSON.parse(JSON.generate(data.merge("resources" => cooks + others))))
  end

  it "keeps whatever a day asks, by the checker that goes by the format alone" do
    in_few_runs
    found = (1..20).map { |seed| shortest(kitchen(seed)) }
    whole = found.select { |solution| solution.feasible? && solution.misses.empty? }
    expect(whole.size).to be >= 10
    expect(whole.flat_map { |solution| Scullion::Day::Check.new(solution).faults }).to eq []
    expect(whole).to all(
      satisfy { |solution| length(solution) >= Scullion::Day::Bound.new(solution.instance).minutes }
    )
  end

  it "leaves a day under way, or one that does not fit, to the other ways of solving it" do
    day = GeneratedDays.make(20, 1)
    pinned = day.tasks.map { |task| task.dup.tap { |each| each.pinned = 100 if each.after.empty? } }
    expect(shortest(day.with(tasks: pinned)).starts.values_at(*pinned.select(&:pinned).map(&:key))).to all(
      eq(100)
    )
    late = day.tasks.map { |task| task.dup.tap { |each| each.earliest = 700 if each.after.empty? } }
    expect(shortest(day.with(tasks: late)).sum(:late)).to be_positive
  end

  it "has the minutes of a resource as bits" do
    found = [0b0, 0b1, 0b0111, 0b1011, -1, -2].map { |bits| Scullion::Day::Bits.ones(bits) }
    expect(found).to eq([0, 1, 3, 2, nil, 0])
  end

  # Beside a plain count of what is taken in each of twenty minutes, never more than there is of it.
  it "takes and gives back as if it were counted out" do
    dice = Random.new(4)
    levels, counted, held = [-1, 0, 0, 0, 0, 0], Array.new(20, 0), []
    300.times do
      from, minutes, amount = dice.rand(0..19), dice.rand(1..8), dice.rand(1..5)
      stretch = from...[from + minutes, 20].min
      bits = stretch.sum { |minute| 1 << minute }
      if held.any? && dice.rand < 0.5
        bits, amount, stretch = held.delete_at(dice.rand(held.size))
        Scullion::Day::Bits.free(levels, bits, amount)
        stretch.each { |minute| counted[minute] -= amount }
      elsif counted[stretch].max + amount <= 5
        Scullion::Day::Bits.take(levels, bits, amount)
        stretch.each { |minute| counted[minute] += amount }
        held << [bits, amount, stretch]
      end
      seen = Array.new(20) { |minute| (1..5).count { |level| levels[level][minute] == 1 } }
      expect(seen).to eq counted
    end
  end
end
