# frozen_string_literal: true

# How a food comes into a salad where nothing else is written.
RSpec.describe Scullion::DefaultComponent do
  def written(line)
    Scullion::Recipe::Draft.new("Serves 10\n#{line}", house).to_h["salad"]["components"].first["cut"]
  end

  it "takes its first cut, or the usual one, which is one of them" do
    carrot = house.larder["carrot"]
    usual = ->(cut) { Scullion::Ingredient.new(carrot.facts.merge("usual_cut" => cut), carrot.figures) }
    expect(house.default_component(carrot).to_h["cut"]).to eq carrot.cuts.first
    expect(house.default_component(usual["grated"]).to_h["cut"]).to eq "grated"
    expect(house.default_component(usual["none"]).to_h).not_to have_key("cut")
    faults = []
    Scullion::IngredientForm.read(
      carrot.facts.merge("usual_cut" => "flaked"),
      sources: house.sources,
      faults: faults
    )
    expect(faults.map(&:where)).to eq ["/usual_cut"]
  end

  it "cuts nothing that is eaten as it is, unless that is written" do
    ["60 g capers", "raisins 100 g", "200 g rocket", "100 g croutons", "200 g bean sprouts"].each do |line|
      expect(written(line)).to be_nil, line
    end
    expect(written("60 g capers, chopped")).to eq "chopped"
    expect(written("100 g raisins, chopped")).to eq "chopped"
    expect(written("3 red onions, cut in petals")).to eq "wedges"
  end
end

RSpec.describe Scullion::Finder do
  let(:finder) { described_class.new(house.larder) }

  {
    "carot" => "Carrots",
    "zucchini" => "Courgettes",
    "zuchini" => "Courgettes",
    "arugala" => "Rocket",
    "garbanzo" => "Chickpeas",
    "barly" => "Pearl barley",
    "Burghul" => "Coarse bulgur",
    "scallions" => "Spring onions",
    "cilantro" => "Coriander leaf",
    "butternutt" => "Butternut squash",
    "cous cous" => "Couscous",
    "QUINOA" => "Quinoa",
    "kinoa" => "Quinoa",
    "sunflower" => "Sunflower oil",
    "fennell" => "Fennel",
    "caulis" => "Cauliflower"
  }.each do |typed, name|
    it("finds #{name} by #{typed}") { expect(finder.find(typed).first(2).map(&:name)).to include(name) }
  end

  it "finds nothing for nothing, and nothing for nonsense" do
    expect(finder.find("")).to eq []
    expect(finder.find("🥗")).to eq []
    expect(finder.find("xqzwv")).to eq []
  end

  # What stands before a comma finds its ingredient while no other name begins so.
  it "finds the same over a changed larder, made from another or from the beginning" do
    larder, dice = house.larder, Random.new(6001)
    finder = described_class.new(larder)
    10.times do |round|
      gone = larder.keys.sample(round.even? ? 3 : 60, random: dice)
      come = house.larder.keys.sample(round.even? ? 5 : 80, random: dice) - larder.keys
      larder = larder.except(*gone).merge(house.larder.slice(*come))
      changed =
        gone.to_h { |key| [key, nil] }.merge(come.to_h { |key| [key, described_class.names(larder[key])] })
      finder = finder.over(larder, changed)
      fresh = described_class.new(larder)
      [
        "dried",
        "beans",
        "oil",
        "carot",
        "cranberries",
        "stock",
        *larder.values.sample(9, random: dice).map(&:name)
      ].each { |text| expect(finder.ranked(text)).to eq(fresh.ranked(text)), text }
    end
  end
end

RSpec.describe Scullion::IngredientPage do
  def page(key, changes = {})
    described_class.new(
      house.larder[key].with(changes),
      house.with(figures: changes.transform_keys { |at| "larder/#{key}/#{at}" })
    ).to_h
  end
  def stage(page, name)
    page["stages"].find { |stage| stage["name"] == name }["rows"].to_h { |row| [row["name"], row["grams"]] }
  end

  # 1,000 × 0.82 = 820; small dice leave 0.95 of that: 779; so small a roast leaves 0.485: 377.7.
  it "shows what a kilo as bought becomes, trimmed, cut and cooked" do
    carrot = page("carrot")
    expect(stage(carrot, "Trimmed")).to eq("peeled" => 820.0, "scrubbed" => 920.0)
    expect(stage(carrot, "Cut")).to include("6 mm dice" => 779.0)
    expect(stage(carrot, "Cooked")).to include("roast" => 377.7)
    expect(stage(page("pearl-barley"), "Cooked")).to eq("absorption" => 3000.0)
  end

  it "calls no two foods by one name" do
    names = house.larder.map { |_, food| food.name.downcase }
    expect(names.tally.select { |_, times| times > 1 }).to be_empty
  end

  it "knows a way into a salad for every ingredient that can be in one" do
    ways =
      house.larder.values.map { |ingredient| Scullion::DefaultComponent.new(ingredient, house.families).to_h }
    refused =
      ways.reject do |way|
        plan { |data| data["salads"][0]["components"] = [way] }
      rescue StandardError
        false
      end
    kinds = house.larder.values_at(*refused.map { |way| way["ingredient"] }).map(&:family).uniq
    expect(kinds - %w[fat acid sweetener condiment spice salt liquid dairy]).to eq []
    expect(ways.find { |way| way["ingredient"] == "pearl-barley" }).to eq(
      "ingredient" => "pearl-barley",
      "role" => "base",
      "grams" => 110.0,
      "cook" => {
        "method" => "absorption"
      }
    )
  end

  it "tells how it is cooked, how it holds and what its family still lacks" do
    expect(page("carrot")["methods"].map { |method| method["key"] }).to eq(
      %w[boil-cut roast steam microwave grill]
    )
    expect(page("carrot")["holds"]).to include(a_hash_including("form" => "shaved", "dressed" => "1 h"))
    bare =
      Scullion::Gaps.new(house.families).of(
        Scullion::Ingredient.new(
          house.larder["carrot"].facts.except("pieces", "roast", "boil-cut", "steam", "treats"),
          house.larder["carrot"].figures
        )
      )
    expect(bare).to eq ["pieces", "roast boil-cut steam treats"]
  end

  it "gives every figure with unit, bounds and source, and the larder's own beside the kitchen's" do
    house.larder.each_key do |key|
      expect(page(key)["figures"]).to all(include("label", "text", "least", "most", "source"))
    end
    changed =
      page("carrot", { "trims/peeled/yield" => [0.75, "this kitchen"] })["figures"].find do |figure|
        figure["label"] == "Trim: peeled"
      end
    expect(changed).to include(
      "text" => "75 %",
      "default" => "82 %",
      "source" => a_string_starting_with("Set for this kitchen")
    )
  end
end
