# frozen_string_literal: true

require_relative "crowded_days"
require_relative "../../bench/days"

# What is searched for with a seed, for WorkedAnswers: shortest days, days as they are sketched, how sure a
# day is, and what readings of a tray tell. A search finds something whatever it is made of; only what it
# found before shows that it goes otherwise.
module SearchedAnswers
  # Minutes since it left the heat, and °C: as planned, one far off, faster, slower, and hardly anything.
  READINGS = [
    [[0, 60], [30, 42.5], [60, 31], [90, 23]],
    [[0, 60], [30, 42.5], [45, 88], [60, 31]],
    [[0, 64], [30, 36], [60, 21.5]],
    [[0, 58], [40, 51], [80, 45], [120, 39.5]],
    [[20, 50]],
    []
  ].freeze
  LIMITS = [[21, 120], [5, 360]].freeze

  module_function

  # @return [Hash{String=>Proc}] what is asked, by the name of its file
  def all
    {
      "shortest" => -> do
        [[12, 7], [20, 8], [20, 9], [32, 10]].to_h { |day| [day.join("/"), shortest(*day)] }
      end,
      "sketched" => -> { (7301..7306).to_h { |seed| [seed.to_s, sketched(seed)] } },
      "chance" => -> { { "example" => chance(example), **crowded } },
      "watched" => -> { READINGS.each_with_index.to_h { |readings, index| [index.to_s, watched(readings)] } }
    }
  end

  def shortest(size, seed)
    quick = Scullion::Day::Solver.new(GeneratedDays.make(size, seed), by: :makespan).quick
    found = Scullion::Day::Shortest.new(quick, most: 600).run
    { "minutes" => found.last - found.first, "starts" => found.starts.values.join(" ") }
  end

  # Ways of solving one day that has much to do and little room.
  def sketched(seed)
    brief = RandomSalads.new(CrowdedDays::HOUSE, seed, most_covers: 400, most_grams: 250).brief
    instance = CrowdedDays.roster(brief).instance
    solver = Scullion::Day::Solver.new(instance)
    { "quick" => solver.quick, "sketch" => solver.sketch }.transform_values do |found|
      [found.score.first(4), WideAnswers.mark(found.starts)]
    end
  rescue Scullion::Error => e
    { "unworkable" => e.message }
  end

  def crowded
    [7303, 7307, 7316, 7318].to_h do |seed|
      brief = RandomSalads.new(CrowdedDays::HOUSE, seed, most_covers: 400, most_grams: 250).brief
      [seed.to_s, chance(CrowdedDays.roster(brief))]
    end
  end

  def watched(readings)
    watch =
      Scullion::Record::Watch.new(
        depth: 4.0,
        surface: 25.0,
        ambient: 3.0,
        start: 60.0,
        practice: CrowdedDays::HOUSE.practice
      )
    passings = watch.passings(readings, LIMITS)
    {
      "passings" => passings.map { |each| each.to_h.values.map { |number| number&.round(4) } },
      "called" => passings.map { |each| watch.called?(each) },
      "now" => watch.now(readings, 60).round(4),
      "halved" => watch.halved(readings, 60, 21, 120)&.round(4)
    }
  end

  def example = WorkedAnswers.roster(WorkedAnswers.plan(WorkedAnswers.example))
  def chance(roster) = Scullion::Day::Chance.new(roster, plays: 80).to_h
end
