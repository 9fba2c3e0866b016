# frozen_string_literal: true

require_relative "read_texts"
require_relative "../../bench/days"

# Rules that turn at a number or at an end, tried there and on either side.
RSpec.describe "At the turn" do
  include ReadTexts

  def served(text)
    read = draft(text)
    read["servings"] if read["servings_said"]
  end

  it "hears a bare number of guests near the top and in the very last row, and in none between" do
    rows = ["Barley bowl", "400 g barley", "200 g carrots", "100 g feta", "30 g dill", "20 g mint"]
    expect(served([*rows, "for six"].join("\n"))).to eq 6
    expect(served([*rows, "for six", "20 g chives"].join("\n"))).to be_nil
    expect(served(["Barley bowl", "for six", *rows.drop(1)].join("\n"))).to eq 6
  end

  it "hears a number of guests said as a word, and not that of one" do
    list = "\n400 g barley\n200 g carrots"
    said = ["Serves a dozen", "Serves two", "Serves twelve", "Serves one"].map { |row| served(row + list) }
    expect(said).to eq [12, 2, 12, nil]
  end

  # A cup from 150 to 300 ml, a tablespoon from 10 to 25, a teaspoon from 3 to 8.
  it "takes a recipe's own measures where they can be such" do
    usual = Scullion::Amount::Measures::METRIC
    said = ->(text) { Scullion::Recipe::OwnMeasures.new(text, usual).measures }
    limits = { cup: [150, 300], tablespoon: [10, 25], teaspoon: [3, 8] }
    limits.each do |name, (low, high)|
      read = [low, high, low - 0.5, high + 0.5].map { |ml| said["1 #{name} = #{ml} ml"][name] }
      expect(read).to eq([low, high, usual[name], usual[name]]), name.to_s
    end
  end

  it "joins no row of a sheet to the one above" do
    sheet =
      "Item\tQty\tUnit\tNotes\nPearl barley for the bowl, cooked and left in\t400\tg\tplain\nwater\t2\tl\t"
    expect(taken("Serves 4\n#{sheet}").keys).to eq %w[pearl-barley water]
  end

  it "tells eggs from a free range from what has none of it" do
    ["4 eggs free range", "4 eggs free range, beaten"].each do |eggs|
      expect(taken("Serves 4\n#{eggs}\n400 g carrots").keys).to eq(%w[hen-egg carrot]), eggs
    end
    expect(draft("Serves 4\n400 g carrots, nut free\n200 g feta")["lines"][1]["status"]).to eq "doubtful"
  end

  it "takes over from the line above what is said to be the same, and not what is said itself" do
    last = ->(*lines) { taken(["Serves 4", *lines].join("\n")).values.last["serving"] }
    {
      ["2 x 400 g tins chickpeas", "2 tins butter beans, same size"] => "2 x 400 g tins butter beans",
      ["2 x 400 g tins chickpeas", "2 x 800 g tins butter beans, same"] => "2 x 800 g tins butter beans",
      ["2 x 400 g tins chickpeas", "300 g butter beans, tinned, same brand"] => "300 g butter beans, tinned",
      ["2 tbsp oil", "3 tbsp vinegar, the same kind"] => "3 tbsp vinegar",
      ["a handful of parsley", "mint, same again"] => "a handful of mint"
    }.each { |lines, alone| expect(last[*lines]).to eq(last[alone]), lines.last }
  end

  # A slice is wider than three times its thickness, a dice as wide as one and a half of them.
  it "takes a cut for a slice by its sides" do
    cuts = house.practice.cuts
    sized = Scullion::Recipe::CutSize.of("sliced 3 mm thick", "sliced")
    flat = cuts.select { |_, facts| facts["mm"] && !facts.key?("shape") }
    found = sized.nearest(flat.keys, house.practice)
    small, middle, = flat.fetch(found)["mm"].sort
    expect(middle).to be > small * 3
    turned = flat.transform_values { |facts| facts.merge("mm" => [2.0, 7.0, 40.0]) }
    practice = Struct.new(:cuts, :figures) { def fetch(at) = figures.fetch(at) }
    almost = practice.new(turned, house.practice.figures)
    expect(sized.nearest(turned.keys, almost)).not_to be_nil
    square =
      practice.new(
        flat.transform_values { |facts| facts.merge("mm" => [3.0, 9.0, 40.0]) },
        house.practice.figures
      )
    expect(sized.nearest(flat.keys, square)).to be_nil
  end

  describe "a day" do
    let(:day) { GeneratedDays.make(20, 5) }

    def shifted(instance, minutes)
      data = JSON.parse(JSON.generate(instance.to_h))
      move = ->(hash, *fields) { fields.each { |field| hash[field] += minutes if hash[field] } }
      move[data, "from", "to", "over"]
      data["resources"].each do |resource|
        resource["open"]&.map! { |opens, closes| [opens + minutes, closes + minutes] }
        resource["busy"]&.each { |busy| move[busy, "from", "to"] }
      end
      data["tasks"].each { |task| move[task, "earliest", "latest", "pinned"] }
      Scullion::Day::Instance.from_h(data)
    end

    it "is solved alike whenever it is" do
      data = JSON.parse(JSON.generate(day.to_h))
      last = data["tasks"].last
      last["latest"] = Scullion::Day::Solver.new(day).solve.end(last["key"]) + 5
      data["tasks"].first["earliest"] = data["from"] + 10
      one = Scullion::Day::Instance.from_h(data)
      solutions =
        [0, 1440, -1440].map { |minutes| [minutes, Scullion::Day::Solver.new(shifted(one, minutes)).solve] }
      starts = solutions.map { |minutes, found| found.starts.transform_values { |start| start - minutes } }
      expect(starts.uniq.size).to eq 1
      stub_const("Scullion::Day::Shortest::RUNS", ->(_) { 60 })
      shortest =
        [0, 1440, -1440].map do |minutes|
          found = Scullion::Day::Solver.new(shifted(one, minutes), by: :makespan).solve
          found.starts.transform_values { |start| start - minutes }
        end
      expect(shortest.uniq.size).to eq 1
    end

    it "has no fault in what begins the minute that it may, and one a minute sooner" do
      solution = Scullion::Day::Solver.new(day).solve
      key, start = solution.starts.min_by(&:last)
      faults = ->(earliest) do
        data = JSON.parse(JSON.generate(day.to_h))
        data["tasks"].find { |task| task["key"] == key }["earliest"] = earliest
        held = solution.dup
        held.instance_variable_set(:@instance, Scullion::Day::Instance.from_h(data))
        Scullion::Day::Check.new(held).faults.grep(/earl|soon|before it may/i)
      end
      expect(faults[start]).to eq []
      expect(faults[start + 1].size).to eq 1
    end

    it "holds a task from a fortnight before the service to two days behind it" do
      pinned = ->(date) do
        faults { |data| data["day"] = { "pins" => [{ "task" => "cook/0", "at" => "#{date}T10:00" }] } }.keys
      end
      from = Date.iso8601(example["service"]["date"])
      expect([-14, 2].map { |days| pinned[(from + days).iso8601] }).to all(eq([]))
      expect([-15, 3].map { |days| pinned[(from + days).iso8601] }).to all(eq(["/day/pins/0/at"]))
    end
  end

  it "is as strict as the strictest of what it is made of" do
    kinds = Scullion::Safety::Catalogue.shipped.kinds.values
    expect(kinds.map { |kind| kind.strictness[2] }.uniq.sort).to eq [0, 1]
    expect(kinds.map { |kind| kind.strictness[0] }.uniq.sort).to eq [0, 1]
    animal, plant = kinds.partition(&:animal?)
    expect(animal.map(&:strictness).min <=> plant.map(&:strictness).max).to eq 1
  end

  it "counts a food whose yield nobody knows as it is, on the shelf of what is left" do
    shelf = Scullion::UseUp::Shelf.allocate
    shelf.instance_variable_set(:@house, house)
    whole = ->(key, **rest) do
      Scullion::Salad::Component.new(ingredient: house.larder.fetch(key), grams: 20.0, role: "accent", **rest)
    end
    expect(shelf.send(:gives, whole["hen-egg"])).to eq 1.0
    carrot = house.larder.fetch("carrot")
    expect(shelf.send(:gives, whole["carrot", trim: "peeled"])).to eq carrot.figures["trims/peeled/yield"]
    diced = shelf.send(:gives, whole["carrot", trim: "peeled", cut: "diced"])
    expect(diced).to eq carrot.figures["trims/peeled/yield"] *
         (house.practice.figures["cuts/diced/yield"] || 1.0)
  end

  it "counts one for each of them where that is all that is said" do
    expect(taken("Serves 4\n400 g rocket\negg each")["hen-egg"]["serving"]).to eq(
      taken("Serves 4\n400 g rocket\n4 eggs")["hen-egg"]["serving"]
    )
  end

  it "shares a mix among its herbs, unless one of them has an amount of its own" do
    grams = ->(line) do
      reads = Scullion::Recipe::Draft.new("Serves 1\n400 g rocket\n#{line}", house).reads
      reads.drop(1).map { |each| each.amount&.value }
    end
    expect(grams["Tarragon/chervil/chive mix: 12 g"]).to eq [4.0] * 3
    expect(grams["2 g tarragon/chervil/chive mix: 12 g"].values_at(0, 2)).to eq [2.0, 12.0]
  end

  # 5,000 g that lose 700 in an hour from a pot of 0.07 m² are 10 kg per m² and hour.
  it "knows a pot's factor to the thousandth" do
    pot = Struct.new(:area).new(0.07)
    made =
      Scullion::Cook::Calibration.new(
        pot,
        house.practice,
        lid: "off",
        before: 5000.0,
        after: 4300.0,
        minutes: 60.0
      )
    expect(made.rate).to be_within(1e-9).of(10.0)
    expect(made.factor).to eq((10.0 / made.usual).round(3))
    expect(made.factor * 1000).to be_within(1e-9).of((made.factor * 1000).round)
  end

  it "says two ways out as one" do
    fix = Scullion::Day::WaysOut::Fix
    both =
      fix.of("Borrow a plater", { "borrowed" => "plater" }) { |each| each + 1 } +
        fix.of("Open the oven sooner", { "extra" => 1 }, food: "Softer.") { |each| each * 2 }
    expect(both.what).to eq "Borrow a plater; and open the oven sooner"
    expect(both.change[3]).to eq 8
    expect([both.kinds, both.food]).to eq [%w[borrowed extra], "Softer."]
    expect(both.decide).to eq("all" => [{ "borrowed" => "plater" }, { "extra" => 1 }])
  end
end
