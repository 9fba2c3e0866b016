# frozen_string_literal: true

require "json"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "scullion"
require_relative "../../bench/large_day"
require_relative "recipe_texts"
require_relative "../../bench/written_recipes"
require_relative "wide_answers"
require_relative "edge_answers"
require_relative "commented_answers"
require_relative "searched_answers"
require_relative "varied_answers"
require_relative "crowded_days"
require_relative "../../bench/made_lines"
require_relative "../../bench/made_recipes"

# Whole answers of the core, kept in core/spec/worked so that no figure moves unseen. Where one is meant to
# move, `bundle exec ruby core/spec/worked_answers.rb` writes them anew, and the difference says which did.
module WorkedAnswers
  FOLDER = File.expand_path("worked", __dir__)
  HOUSE = Scullion::House.shipped
  # Said alike in every plan.
  WORDS = %w[schools facts].freeze

  module_function

  # @return [Hash{String=>Proc}] what is asked, by the name of its file
  def all
    {
      "example" => -> { whole(plan(example)) },
      "every-way" => -> { whole(plan(every_way)) },
      "pounds" => -> { texts(plan(every_way.merge("kitchen" => pounds))) },
      "too-full" => -> do
        roster(plan(example.merge("service" => example["service"].merge("covers" => 900)))).to_h
      end,
      "under-way" => -> { under_way },
      "week" => -> { week(plan(example), plan(every_way)) },
      "salads" => -> { example_and_others.to_h { |salad| [salad["key"], tried(salad)] } },
      "larder" => -> { pages },
      "recipes" => -> { RecipeTexts::ALL.first(12).to_h { |each| [each["title"], draft(each["text"])] } },
      "mending" => -> { mending },
      **WideAnswers.all,
      **EdgeAnswers.all,
      **CommentedAnswers.all,
      **SearchedAnswers.all,
      **VariedAnswers.all
    }
  end

  def plan(brief) = Scullion::Plan.for(Scullion::Brief.read(brief, HOUSE))
  def example = JSON.parse(File.read(File.expand_path("../../docs/brief.example.json", __dir__)))

  def roster(plan) = Scullion::Day::Roster.new(plan)

  # The example's day at half past eight: some of it done, one task late, one spoilt, one held where it is.
  def under_way
    usual = roster(plan(example))
    on_the_day =
      usual.to_h["tasks"]
        .select { |task| task["start"].start_with?("2026-11-28") }
        .sort_by { |task| task["start"] }
    done, doing, spoilt, pinned = *on_the_day.first(3), on_the_day[8]
    marks = [
      { "task" => done["key"], "state" => "done", "at" => "2026-11-28T07:20" },
      { "task" => doing["key"], "state" => "late", "at" => "2026-11-28T07:15", "minutes" => 12 },
      { "task" => spoilt["key"], "state" => "failed", "at" => "2026-11-28T08:10", "share" => 0.25 }
    ]
    decided = {
      "now" => "2026-11-28T08:30",
      "marks" => marks,
      "pins" => [{ "task" => pinned["key"], "at" => pinned["start"] }],
      "ahead" => [{ "preparation" => usual.plan.needs[3].component.preparation, "days" => 1 }],
      "borrowed" => ["plater"],
      "extra" => [{ "from" => "2026-11-28T09:00", "to" => "2026-11-28T11:00" }]
    }
    now = roster(plan(example.merge("day" => decided)))
    { "day" => now.to_h, "ranges" => now.instance.tasks.to_h { |task| [task.key, now.ranges(task.key)] } }
  end

  # Two services ordered at once, and what changes from one to the other.
  def week(one, other)
    order = Scullion::Buy::WeekOrder.new([one, other])
    {
      "order" => order.to_a,
      "cost" => order.cost,
      "packs_saved" => order.packs_saved,
      "difference" => Scullion::Plan::Difference.new(one, other).to_a
    }
  end

  # A plan with its day, its labels, its tastes and how all that is hot is cooled.
  def whole(plan)
    roster = roster(plan)
    {
      "plan" => plan.to_h,
      "day" => roster.to_h,
      "lots" => roster.lots.select(&:path).map(&:to_h),
      "hazards" => roster.hazards.map(&:to_h),
      "taste" => plan.taste.to_a,
      "cooling" => plan.cooking.select(&:cools?).to_h { |pot| [pot.at, plan.cool_down(pot.at).to_h] },
      "short" => plan.purchases.first(3).map { |line| short(plan, line) },
      "weighed" => weighed(plan)
    }
  end

  def short(plan, line)
    Scullion::Buy::ShortDelivery.new(plan, line.ingredient.key, line.need_grams * 0.6, HOUSE.swap).to_h
  end

  def weighed(plan)
    plan.waves.map do |waves|
      Scullion::Build::CheckWeigh.new(waves, [338.0, 341.0, 347.0, 352.0, 351.0]).to_h
    end
  end

  # Every way of cooking, several treatments, an emulsion on egg, jugs on tables; one salad for some only.
  def every_way
    salads = YAML.safe_load_file(File.join(FOLDER, "every_way.yml"))
    lines = salads.map { |salad| { "salad" => salad["key"] } }
    lines[1]["covers"] = 57
    served = { "covers" => 173, "tables" => 9, "served_as" => "family", "stock" => { "quinoa" => 750.5 } }
    service = example["service"].merge(served, "lines" => lines)
    example.merge("salads" => salads, "service" => service)
  end

  def pounds = example["kitchen"].merge("measures" => { "system" => "us", "degrees" => "f" })

  # Everything that is said, without the numbers behind it.
  def texts(plan)
    said = []
    find =
      lambda do |value|
        case value
        when Hash
          value.key?("text") ? said << "#{value["at"]}: #{value["text"]}" : value.each_value(&find)
        when Array
          value.each(&find)
        end
      end
    find.call(plan.to_h)
    { "texts" => said, "paper" => Scullion::Plan::Paper.new(plan).to_s.lines(chomp: true) }
  end

  def example_and_others = [*example["salads"], *LargeDay.brief(example)["salads"].first(2)]

  def tried(salad)
    trial = Scullion::Salad::Trial.new(salad, HOUSE)
    {
      "tried" => trial.to_h,
      "resized" =>
        [90.0, 400.0].map do |grams|
          trial.resized(grams).document["components"].map { |each| each["grams"] }
        end,
      "swaps" =>
        trial.salad.components.map do |component|
          HOUSE
            .swap
            .for_component(component)
            .map { |offer| [offer.stand_in.key, offer.grams.round(3), offer.why] }
        end,
      "parts" =>
        trial.dressing.parts.map do |part|
          HOUSE.swap.for_part(part).map { |offer| [offer.stand_in.key, offer.grams.round(3), offer.why] }
        end,
      "goals" => Scullion::Salad::Goal::KEYS.to_h { |key| [key, goal(trial, key)] }
    }
  end

  def goal(trial, key)
    goal = Scullion::Salad::Goal.new(trial.salad, key, HOUSE.swap, HOUSE.practice)
    { "made" => goal.apply(trial.document), "changes" => goal.changes.map(&:to_h), "left" => goal.left }
  end

  def pages
    %w[pearl-barley carrot cucumber dry-kidney-beans rapeseed-oil hen-egg].to_h do |key|
      [key, Scullion::IngredientPage.new(HOUSE.larder[key], HOUSE).to_h]
    end
  end

  def draft(text) = Scullion::Recipe::Draft.new(text, HOUSE).to_h

  def mending
    parts = Scullion::Salad::Trial.new(example["salads"][0], HOUSE).dressing.parts
    HOUSE
      .practice
      .words("corrections", "complaints")
      .keys
      .to_h { |complaint| [complaint, Scullion::Dress::Correction.new(parts, 1234.0, complaint, HOUSE).to_h] }
  end

  # As it comes back from a file, each figure in one line.
  def answer(name) = short_form(JSON.parse(JSON.generate(all.fetch(name).call)))

  def short_form(value)
    case value
    when Hash
      return "#{value["value"]} (#{value["text"]})" if value.key?("text") && value.key?("value")

      value.except(*WORDS).transform_values { |each| short_form(each) }
    when Array
      value.map { |each| short_form(each) }
    else
      value
    end
  end

  def kept(name) = JSON.parse(File.read(File.join(FOLDER, "#{name}.json")))

  # Each place at which two answers differ, as "where: before → now".
  def differences(before, now, at = "")
    return [] if before == now

    case [before, now]
    in [Hash, Hash]
      (before.keys | now.keys).flat_map { |key| differences(before[key], now[key], "#{at}/#{key}") }
    in [Array, Array] if before.size == now.size
      before
        .zip(now)
        .each_with_index
        .flat_map { |(one, other), index| differences(one, other, "#{at}/#{index}") }
    else
      ["#{at}: #{before.inspect[0, 80]} → #{now.inspect[0, 80]}"]
    end
  end

  def write
    all.each_key do |name|
      File.write(File.join(FOLDER, "#{name}.json"), "#{JSON.pretty_generate(answer(name))}\n")
    end
  end
end

WorkedAnswers.write if $PROGRAM_NAME == __FILE__
