# frozen_string_literal: true

require "date"
require_relative "random_salads"
require_relative "wide_answers"

# Days as they go wrong, for WorkedAnswers: some of it done, one task late, one spoilt, one held where it is,
# a pot in loads, a cook more, and what another service has of the kitchen.
module CrowdedDays
  HOUSE = Scullion::House.shipped

  module_function

  # @return [Hash] marks of what is shown of the day once all that is known, and what is offered then
  def answer(seed)
    brief = RandomSalads.new(HOUSE, seed, most_covers: 400, most_grams: 250).brief
    usual = roster(brief)
    now = roster(brief.merge("day" => decided(usual, Random.new(seed))))
    shown = now.to_h
    {
      "misses" => now.solution.misses.map { |miss| [miss.kind, miss.minutes.round] },
      "spare" => [now.spare.size, now.cut_here.size],
      "ranges" => WideAnswers.mark(now.instance.tasks.first(12).map { |task| now.ranges(task.key) }),
      "ways out" => Scullion::Day::WaysOut.new(now).to_a.map { |fix| [fix.what, fix.decide] },
      **shown.transform_values { |part| WideAnswers.mark(part) }
    }
  rescue Scullion::Error => e
    { "unworkable" => e.message }
  end

  def roster(brief) = Scullion::Day::Roster.new(WideAnswers.planned(brief))

  def decided(usual, dice)
    tasks = usual.to_h["tasks"].sort_by { |task| task["start"] }
    done, late, spoilt, pinned = tasks.values_at(0, 1, 2, tasks.size / 2)
    preparations = usual.plan.needs.map { |need| need.component.preparation }.uniq
    {
      "now" => late["start"],
      "marks" => [
        { "task" => done["key"], "state" => "done", "at" => late["start"] },
        { "task" => late["key"], "state" => "late", "at" => late["start"], "minutes" => dice.rand(1..90) },
        {
          "task" => spoilt["key"],
          "state" => "failed",
          "at" => spoilt["start"],
          "share" => dice.rand(1..9) / 10.0
        }
      ],
      "pins" => [{ "task" => pinned["key"], "at" => pinned["start"] }],
      "ahead" => [{ "preparation" => preparations.sample(random: dice), "days" => dice.rand(1..2) }],
      "loads" => [{ "preparation" => preparations.sample(random: dice), "loads" => dice.rand(2..3) }],
      "borrowed" => [%w[plater cook].sample(random: dice)],
      "taken" =>
        usual.to_h["lanes"].sample(2, random: dice).flat_map { |lane| taken(lane["key"], pinned, dice) }
    }
  end

  # Stretches of another service that touch, and one apart.
  def taken(resource, task, dice)
    from = DateTime.iso8601(task["start"]).to_time
    length = 60 * dice.rand(10..50)
    [0, length, 4 * length].map do |after|
      {
        "on" => resource,
        "amount" => 1,
        "for" => "Another service",
        "from" => (from + after).strftime("%FT%R"),
        "to" => (from + after + length).strftime("%FT%R")
      }
    end
  end
end
