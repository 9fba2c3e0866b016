# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# A prep list says what is to be done in one bare word behind the food: it is done, or asked about, and never
# passed over.
RSpec.describe "Orders behind a food" do
  include ReadTexts
  include TakenLines

  def draft(line)
    Scullion::Recipe::Draft.new("Bowl\nServes 10\n#{line}", house)
  end

  def part(line) = draft(line).to_h["salad"]["components"].first

  # @return [String, nil] what is asked of the first food
  def asked(line) = draft(line).to_h["lines"].find { |each| each["status"] == "doubtful" }&.fetch("why")

  {
    "courgettes 1 kg, half moons, grill" => "grill",
    "courgettes 1 kg (griddle)" => "grill",
    "red peppers 1 kg → char, peel" => "grill",
    "green beans 1 kg, blanch, refresh" => "blanch",
    "asparagus 1 kg - steam 4 min" => "steam",
    "pumpkin seeds 200 g, toast, garnish" => "toast",
    "sourdough 500 g, dice, toast" => "crisp",
    "courgettes 1 kg, half moons, char-grill" => "grill",
    "aubergines 1 kg, dice, salt, rinse, roast" => "roast",
    "smoked lardons 200 g, crisp" => "sear",
    "salmon 1 kg, bake, flake" => "roast"
  }.each do |line, way|
    it "cooks as ordered: “#{line}”" do
      expect(part(line).dig("cook", "method")).to eq way
    end
  end

  {
    "leeks 1 kg, trim" => %w[trim trimmed],
    "apples 10, core" => %w[trim cored],
    "parsley 4 bunches, pick" => %w[trim picked],
    "peaches 20, destone" => %w[trim pitted],
    "tomatoes 1 kg, quarter" => %w[cut wedges],
    "squash 1 kg, cube" => %w[cut diced],
    "aubergines 1 kg, cube" => %w[cut diced],
    "shallots 1 kg, mince" => %w[cut chopped],
    "red onions 1 kg, ring" => %w[cut sliced],
    "cucumbers 1 kg, deseed, salt, drain" => %w[treat salt-and-drain],
    "cucumbers 1 kg; salt 30 min, squeeze out" => %w[treat salt-and-drain],
    "aubergines 1 kg, dice, salt, rinse and press" => %w[treat salt-and-rinse],
    "chives 50 g, snip" => %w[cut chopped],
    "courgettes 1 kg, ribbon" => %w[cut ribbons],
    "fennel 1 kg, mandolin" => %w[cut shaved],
    "red onion 1 kg, slice, pickle" => %w[treat quick-pickle]
  }.each do |line, (what, wanted)|
    it "preps as ordered: “#{line}”" do
      expect(part(line)[what]).to eq wanted
    end
  end

  it "asks about an order that the food has no figures for, and about a second one" do
    expect(asked("aubergine 1 kg, fry")).to eq Scullion::Recipe::WrittenWay.question("fry")
    expect(asked("courgettes 1 kg, braise")).to eq Scullion::Recipe::WrittenWay.question("braise")
    expect(asked("spinach 1 kg, wilt")).to eq Scullion::Recipe::WrittenWay.question("wilt")
    expect(asked("broccoli 1 kg, blanch + char")).to eq Scullion::Recipe::WaysLeft.question("char")
  end

  it "tears into pieces what is torn, and into strips what is cut so" do
    expect(part("mozzarella 1 kg, torn into bite-sized pieces")["cut"]).to eq "torn"
    expect(part("cos 4, torn into large pieces")["cut"]).to eq "torn"
    expect(part("sourdough 1 kg, torn into strips")["cut"]).to eq "strips"
    expect(part("tomatoes 1 kg, bite size")["cut"]).to eq "diced-large"
    expect(part("bite-size mozzarella balls 400 g")["cut"]).not_to eq "diced-large"
  end

  it "puts with a raw food what it is marinated in, and nothing that is eaten for itself" do
    into = ->(line) { all("Serves 9\n#{line}").map { |each| each == "?" ? each : each.values_at(0, 2) } }
    expect(into["lamb shoulder 3 kg, marinate overnight w/ 100 ml oil, 30 g garlic"].drop(1)).to eq [
         %w[olive-oil cook],
         %w[garlic cook]
       ]
    expect(into["salmon fillet 2 kg, marinated in 100 ml oil and 20 g dill; 300 g cucumber"].last).to eq %w[
         cucumber
         salad
       ]
  end

  it "takes for no order what only sounds like one" do
    expect(all("Serves 9\ncoriander, seed, 10 g").first.first).to eq "coriander-seed"
    expect(all("Serves 9\nfennel, seed, 10 g").first.first).to eq "fennel-seed"
    expect(part("six crisp apples, cored")["cook"]).to be_nil
    expect(part("1 preserved lemon (skin)")["trim"]).not_to eq "skinned"
    expect(all("pea shoots 100 g, top")).to eq all("pea shoots 100 g on top")
    expect(all("Serves 9\nlamb, mince, 1 kg").first.first).to eq "lamb-mince"
    expect(part("coriander 6 bunches, leaf + stem")["trim"]).to eq part("coriander 6 bunches, leaf")["trim"]
    expect(part("tomatoes 1 kg, salt, pepper")["treat"]).to be_nil
    expect(part("quarter of a white cabbage")["cut"]).not_to eq "wedges"
    expect(asked("rice 1 kg, boil 12 min, drain")).to be_nil
  end

  it "has the fat behind it in the pan, where nothing is listed that dresses" do
    place = ->(line) { all("Serves 10\n#{line}").find { |each| each.include?("olive-oil") }.last }
    expect(place["courgettes 1 kg, half moons, grill, oil 150 ml"]).to eq "cook"
    expect(place["aubergine 1 kg - roast, oil 50 g"]).to eq "cook"
    expect(place["aubergine 1 kg, roast 200C 30 min, 50 ml oil"]).to eq "cook"
    expect(place["peppers 1 kg, roasted, oil 50 ml, vinegar 30 ml"]).to eq "dressing"
    expect(place["aubergine 1 kg, fry in oil 200 ml"]).to eq "cook"
  end

  it "cuts the same what is cut “the same”, on its line and on the one above" do
    expect(part("1 red pepper, diced\n1 yellow pepper, same")["cut"]).to eq "diced"
    sized = draft("200 g carrots, diced\n1 tin kidney beans, same size")
    expect(sized.to_h["salad"]["components"].last["cut"]).to be_nil
    both = draft("2 carrots in ribbons, 1 courgette the same").to_h["salad"]["components"]
    expect(both.map { |each| each["cut"] }).to eq %w[ribbons ribbons]
  end
end
