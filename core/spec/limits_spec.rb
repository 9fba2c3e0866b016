# frozen_string_literal: true

# Every number that a brief may hold, from the least to the most, and the step just beyond that is refused.
RSpec.describe "Limits of what is written" do
  salad, component, part = %w[salads/0 salads/0/components/0 salads/0/dressing/parts/0]
  {
    "service/covers" => [1, 5000, 1],
    "service/tables" => [1, 1000, 1],
    "service/over_prep" => [0, 0.5, 0.001],
    "service/stock/carrot" => [0, 1_000_000, 0.1],
    "service/lines/0/covers" => [1, 5000, 1],
    "service/lines/0/portion_grams" => [10, 2000, 0.1],
    "#{component}/grams" => [0.1, 5000, 0.01],
    "#{component}/pieces" => [0.05, 200, 0.001],
    "#{component}/held_back" => [0, 1, 0.001],
    "#{part}/ml" => [0.01, 100_000, 0.001],
    "kitchen/measures/cup_ml" => [100, 400, 0.1],
    "kitchen/measures/tablespoon_ml" => [5, 30, 0.1],
    "kitchen/measures/teaspoon_ml" => [2, 10, 0.1],
    "kitchen/pots/0/diameter_cm" => [8, 150, 0.1],
    "kitchen/pots/0/height_cm" => [5, 120, 0.1],
    "kitchen/pots/0/boil_factor" => [0.1, 5, 0.001],
    "kitchen/trays/0/length_cm" => [10, 120, 0.1],
    "kitchen/trays/0/width_cm" => [10, 100, 0.1],
    "kitchen/trays/0/depth_cm" => [1, 30, 0.1],
    "kitchen/trays/0/count" => [1, 200, 1],
    "kitchen/pans/0/diameter_cm" => [10, 120, 0.1],
    "kitchen/pans/0/count" => [1, 50, 1],
    "kitchen/bowls/0/litres" => [0.5, 400, 0.01],
    "kitchen/bowls/0/count" => [1, 100, 1],
    "kitchen/burners/0/kw" => [0.5, 60, 0.01],
    "kitchen/burners/0/count" => [1, 40, 1],
    "kitchen/ovens/0/positions" => [1, 60, 1],
    "kitchen/ovens/0/kw" => [0.5, 200, 0.01],
    "kitchen/ovens/0/least_celsius" => [20, 200, 0.1],
    "kitchen/ovens/0/most_celsius" => [60, 400, 0.1],
    "kitchen/steamers/0/positions" => [1, 60, 1],
    "kitchen/steamers/0/kw" => [0.5, 100, 0.01],
    "kitchen/microwaves/0/watts" => [300, 5000, 1],
    "kitchen/chillers/0/shelves" => [1, 200, 1],
    "kitchen/ice_machines/0/kg_per_day" => [1, 5000, 0.1],
    "kitchen/ice_machines/0/bin_kg" => [0, 2000, 0.1],
    "house_rules/cold_celsius" => [0, 15, 0.1],
    "house_rules/hot_celsius" => [50, 90, 0.1],
    "house_rules/out_minutes" => [10, 480, 1],
    "house_rules/days" => [1, 14, 1],
    "house_rules/first_celsius" => [10, 40, 0.1],
    "house_rules/first_minutes" => [30, 360, 1],
    "house_rules/cooled_minutes" => [60, 720, 1],
    "day/marks/0/minutes" => [1, 600, 1],
    "day/marks/0/share" => [0.01, 1, 0.001],
    "day/ahead/0/days" => [0, 2, 1],
    "day/loads/0/loads" => [1, 6, 1],
    "day/taken/0/amount" => [1, 1000, 1],
    "day/taken/0/mode" => [0, 400, 1]
  }.each do |at, (least, most, step)|
    it "takes #{at} from #{least} to #{most}, and not a step beyond" do
      told = ->(value) { faults { |data| put(data, at, value) }.key?("/#{at}") }
      values = [least, most, least - step, most + step]
      expect(values.map { |value| told.call(value) }).to eq [false, false, true, true]
    end
  end

  # How long a text may be.
  {
    "service/name" => 120,
    "salads/0/name" => 120,
    "#{component}/name" => 60,
    "salads/0/dressing/stages/0/name" => 40,
    "salads/0/dressing/stages/0/when" => 120,
    "kitchen/name" => 120,
    "kitchen/cooks/0/initials" => 12,
    "figures/0/at" => 200,
    "figures/0/set_for" => 80,
    "day/marks/0/task" => 80,
    "day/pins/0/task" => 80,
    "day/ahead/0/preparation" => 200,
    "day/loads/0/preparation" => 200,
    "day/skilled/0/cook" => 12,
    "day/taken/0/on" => 120,
    "day/taken/0/for" => 120
  }.each do |at, most|
    it "takes #{most} letters of #{at}, and not one more" do
      said =
        [most, most + 1].map { |length| faults { |data| put(data, at, "x" * length) }.fetch("/#{at}", "") }
      expect(said.map { |text| text.include?("letters long") }).to eq [false, true]
    end
  end

  # How many of something there may be.
  {
    "salads" => [1, 60],
    "service/lines" => [1, 30],
    "#{salad}/components" => [1, 60],
    "#{salad}/dressing/parts" => [1, 30],
    "figures" => [0, 500],
    "kitchen/pots" => [1, 60],
    "kitchen/steamers" => [0, 60],
    "day/marks" => [0, 1000],
    "day/pins" => [0, 300],
    "day/extra" => [0, 20],
    "day/skilled" => [0, 60],
    "day/taken" => [0, 20_000]
  }.each do |at, (least, most)|
    it "takes #{least} to #{most} of #{at}" do
      told =
        lambda do |count|
          faults { |data| put(data, at, Array.new(count) { |index| sample(data, at, index) }) }.fetch(
            "/#{at}",
            ""
          ).include?("There are")
        end
      counts = [least, most, *(least - 1 unless least.zero?), most + 1]
      expect(counts.map { |count| told.call(count) }).to eq [false, false, *(true unless least.zero?), true]
    end
  end

  # Puts a value where it is told, making what is missing on the way there.
  def put(data, at, value)
    data["house_rules"] = rules if at.start_with?("house_rules")
    data["figures"] = [{ "at" => "practice/pots/fill", "value" => 0.7 }] if at == "figures/0/set_for"
    *way, last = steps(at)
    there = way.reduce(data) { |inner, step| inner[step] ||= step == "day" ? {} : made(at, step) }
    there[last] = value
  end

  def steps(at) = at.split("/").map { |step| step.match?(/\A\d+\z/) ? step.to_i : step }

  def rules
    limits = Scullion::HouseRules::LIMITS.keys.to_h { |limit| [limit, house.rules.fetch(limit)] }
    { "key" => "own", "name" => "Own", **limits }
  end

  def made(at, step)
    return [] if %w[marks pins skilled ahead loads taken stages figures].include?(step)

    {
      "day/marks" => {
        "task" => "a",
        "state" => "done",
        "at" => "10:00"
      },
      "day/ahead" => {
        "preparation" => "a"
      },
      "day/loads" => {
        "preparation" => "a"
      },
      "day/taken" => {
        "on" => "oven-0",
        "from" => "10:00",
        "to" => "11:00",
        "for" => "b"
      }
    }.fetch(at[%r{\Aday/[a-z]+}].to_s, {})
  end

  # The first of them again, under another name where it has one.
  def sample(data, at, index)
    first = steps(at).reduce(data) { |inner, step| inner&.[](step) }&.first || {}
    first.to_h { |field, value| [field, %w[key name].include?(field) ? "#{value}-#{index}" : value] }
  end
end
