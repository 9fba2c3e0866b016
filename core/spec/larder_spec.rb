# frozen_string_literal: true

RSpec.describe Scullion::Finder do
  let(:finder) { described_class.new(facts.larder.values) }

  { "carot" => "Carrots", "zucchini" => "Courgettes", "zuchini" => "Courgettes", "arugala" => "Rocket", "garbanzo" => "Chickpeas", "barly" => "Pearl barley", "Burghul" => "Coarse bulgur",
    "scallions" => "Spring onions", "cilantro" => "Coriander leaf", "butternutt" => "Butternut squash", "cous cous" => "Couscous", "QUINOA" => "Quinoa", "kinoa" => "Quinoa",
    "sunflower" => "Sunflower oil", "fennell" => "Fennel" }.each do |typed, name|
    it("finds #{name} by #{typed}") { expect(finder.find(typed).first(2).map(&:name)).to include(name) }
  end

  it "finds nothing for nothing, and nothing for nonsense" do
    expect(finder.find("")).to eq []
    expect(finder.find("🥗")).to eq []
    expect(finder.find("xqzwv")).to eq []
  end
end

RSpec.describe Scullion::IngredientPage do
  def page(key, changes = {}) = described_class.new(facts.larder[key].with(changes)).to_h

  it "shows what a kilo as bought becomes, trimmed and cooked" do
    roast = page("carrot")["chains"].find { |chain| chain["steps"].map { |step| step["name"] } == ["as bought", "peeled", "roast"] }
    expect(roast["steps"].map { |step| step["grams"] }).to eq [1000.0, 820.0, 590.4]
    expect(page("pearl-barley")["chains"].last["steps"].last["text"]).to eq "3.00 kg"
  end

  it "gives every figure with unit, bounds and source, and the larder's own beside the kitchen's" do
    facts.larder.each_key { |key| expect(page(key)["figures"]).to all(include("label", "text", "least", "most", "source")) }
    changed = page("carrot", { "trims/peeled/yield" => [0.75, "this kitchen"] })["figures"].find { |figure| figure["label"] == "Trim: peeled" }
    expect(changed).to include("text" => "75 %", "default" => "82 %", "source" => a_string_starting_with("Set for this kitchen"))
  end
end
