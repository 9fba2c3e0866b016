# frozen_string_literal: true

require_relative "read_texts"

# Shares of a food: what becomes of each, what remains of it, and what is said of a measure behind its name.
RSpec.describe Scullion::Recipe::RestOfIt do
  include ReadTexts

  def lines(text)
    draft("Kitchen salad\nServes 4\n#{text}")["lines"].select { |line| line["kind"] == "ingredient" }
  end

  def one(text) = lines(text).first

  # Half a pack of 28 g and the rest of it: 28 g for four, half of it on top.
  it "keeps for the top what running text leaves of a pack, or of most of a weight" do
    told = "Stir half a 28g pack of parsley, chopped, into 300 g warm rice. Finish with "
    parsley = one("#{told}the rest of the parsley.")
    expect(parsley.values_at("held", "status")).to eq [0.5, "sure"]
    expect(one("#{told}a pinch of salt.")["grams"]).to be_within(0.01).of(parsley["grams"] / 2)
    most = "Fold 300 g warm rice with most of 16 g dill."
    dill = lines("#{most} Scatter the remaining dill on top.").last
    expect(dill.values_at("held", "grams")).to eq [0.25, lines(most).last["grams"]]
    list = "½ bunch parsley\n300 g rice\n\nStir most of it through. Scatter the rest of the parsley over."
    expect(one(list)["held"]).to be_nil
  end

  it "joins the shares that stand below a food to it, each done in its own way" do
    notes = "1 fennel (lge) → ½ shaved → ice H2O 10\n              → ½ wedges → roast"
    expect(lines(notes).map { |line| line["done"] }).to match [include("shaved"), include("roasted")]
    expect(lines(notes).map { |line| line["grams"] }).to all be > 15
    expect(lines("600 g carrots: ⅔ in wedges; ⅓ raw, grated").map { |line| line["grams"] }).to match [
            be_within(9).of(100 * 0.8),
            be_within(9).of(50 * 0.85)
          ]
    expect(lines("600 g carrots: ⅔ in wedges; ½ raw, grated").size).to eq 1
  end

  def ways(text)
    draft("Beets\nServes 4\n#{text}")["salad"]["components"].map { |each| each.dig("cook", "method") }
  end

  it "cooks nothing that is written raw, unless it is not eaten so or the steps cook it" do
    roasted = "\n\nRoast the beetroot 50 min at 200C."
    expect(ways("4 beetroot: 3 to roast, 1 to shave raw#{roasted}")).to eq ["roast", nil]
    expect(ways("300 g beetroot, wedges\n100 g beetroot, raw, shaved#{roasted}")).to eq ["roast", nil]
    expect(ways("300 g raw beetroot#{roasted}")).to eq ["roast"]
    expect(ways("200 g raw beetroot, grated\n1 head broccoli, raw, chopped\n90 g beetroot, raw")).to eq [
         nil
       ] * 3
    expect(ways("200 g raw chicken breast\n200 g raw prawns\n200 g raw potatoes").none?(&:nil?)).to be true
  end

  it "hears how full a spoon is, what a tin holds drained, and one for each, behind their names" do
    heaped, level = *%w[heaped level].map { |fill| one("2 tbsp tahini, #{fill}")["grams"] }
    expect(heaped).to be_within(0.1).of(level * 1.5)
    expect(one("2 tbsp olive oil, good")["grams"]).to be_within(0.1).of(2 * 15 * 0.913 / 4)
    [
      "1 tin of tuna (drained it's 280g)",
      "1 tin of tuna, drained 280 g",
      "1 tin of tuna (400 g, 280 g drained)"
    ].each { |text| expect(one(text)["grams"]).to be_within(0.1).of(70), text }
    expect(one("400 g dried chickpeas (or 2 jars, 570 g drained each)")["taken"]["key"]).to eq "dry-chickpeas"
    of_two =
      ["(240 g drained)", "(480 g drained)"].map { |said| one("2 x 400g tins chickpeas #{said}")["grams"] }
    expect(of_two).to all be_within(0.1).of(120)
    expect(one("hard boiled egg each, quartered").values_at("status", "grams")).to match ["sure", be > 40]
    expect(one("lemon wedge each")["status"]).to eq "doubtful"
  end

  # 3 packs of 200 g for four are 150 g each, and feta loses nothing but its brine.
  it "takes so many of a size for as many, behind the name too" do
    said = [
      "3 x 200g feta",
      "Feta 3 x 200g",
      "Feta 3x200g",
      "feta (3 x 200g)",
      "Feta 3 @ 200g",
      "Feta 200g x 3"
    ]
    expect(said.map { |text| one(text)["grams"] }.uniq.size).to eq 1
    expect(one("Tuna in brine 6 x 1.7kg (drained 1.2kg)")["grams"]).to be_within(1).of(1800)
    expect(one("2 x onions (300g)")["grams"]).to be < 75
  end

  # "200 g peeled carrots" is said of what is peeled, "200 g carrots, peeled" of what is bought.
  it "weighs what is trimmed or cut before its name as it is then, and what is behind it as it was" do
    eaten = ->(text) { one(text)["grams"] * 4 }
    [
      "200 g peeled carrots",
      "200 g orange segments",
      "200 g segmented oranges",
      "200 g diced mango"
    ].each { |text| expect(eaten[text]).to be_within(8).of(200), text }
    expect(eaten["200 g carrots, peeled"]).to be < 200 * 0.85
    expect(eaten["200 g oranges, segmented"]).to be < 120
    expect(eaten["2 lb AP, peeled carrots"]).to be < 907 * 0.85
    bought = draft("Broccoli\nServes 10\n500 g broccoli florets")["salad"]["components"][0]
    expect(bought["grams"]).to be > 30
  end

  it "asks what was weighed, where that may be soaked" do
    expect(one("400 g soaked chickpeas")["why"]).to eq "Weighed soaked, or dry?"
    expect(one("200 g dried chickpeas, soaked")["status"]).to eq "sure"
    expect(one("340 g can sweetcorn (285 g drained)")["grams"]).to be_within(0.5).of(285 / 4.0)
  end

  it "hears what a row is called by, and what its food is tossed with" do
    lime = lines("Lime & chipotle: juice 4 limes, zest 2; 6 tbsp rapeseed oil; 2 tsp chipotle paste")
    expect(lime.map { |line| [line["taken"]["key"], line["status"]] }.uniq).to eq(
      %w[lime-juice lime rapeseed-oil chipotle-paste].map { |key| [key, "sure"] }
    )
    expect(lime[2]["grams"]).to be_within(0.5).of(6 * 15 * 0.92 / 4)
    row = "Cauliflower: 2 heads, in florets, tossed with 60ml oil, 1 tbsp cumin seeds, 6g salt. 220C, 25 mins"
    expect(lines(row).map { |line| line["to"] }).to eq %w[salad cook cook cook]
    expect(lines("Tortilla strips: 4 corn tortillas cut in strips").size).to eq 1
  end

  it "counts fruit for its seeds, and what a punnet or half a block holds" do
    expect(one("Pomegranate: seeds of 2").dig("taken", "key")).to eq "pomegranate"
    expect(one("half of 100g pomegranate seeds").dig("taken", "key")).to eq "pomegranate-seeds"
    expect(one("Cherry tomatoes: punnet (250) x 3")["grams"]).to be_within(10).of(250 * 3 / 4)
    expect(one("smoked tofu ½ block (225)")["grams"]).to be_within(6).of(225 / 8.0)
    expect(one("Jalapeño: 2 pickled, from the jar")["why"]).to eq "Bought pickled, or pickled here?"
  end

  # 60 % of 25 g are 15 g for each of 48.
  it "reads a formula by per cent in the row below, for each, and no oil of a lemon" do
    text =
      "Grain box (unit weights, g) - order 48\nbulgur, cooked   110\nlemon dressing   25\n" \
        "  (oil 60% lemon 35% salt 5%)\nlid: pomegranate seeds 8"
    expect(grams(text)).to include(
      "olive-oil" => "15 g",
      "lemon-juice" => "8.8 g",
      "pomegranate-seeds" => "8 g"
    )
    expect(draft(text)["servings"]).to eq 48
    expect(taken("Bowl for 4\n1 kg kale\ndressing: oil, lemon, salt").keys).to include "olive-oil"
  end

  it "takes a part that the steps blend for a dressing, and what is plumped in water for no pot" do
    sauce =
      "Pasta for 4\n300 g pasta\n### Goddess\n200 g mayo\n2 tbsp chives\n\nCook pasta. Blend goddess. Toss."
    expect(taken(sauce).values_at("mayonnaise", "chives").map { |line| line["to"] }).to eq %w[
         dressing
         dressing
       ]
    told = "Grate 600 g carrots. Fold in a handful of parsley and 60 g raisins plumped in hot water."
    expect(lines(told).map { |line| line["to"] }).to eq %w[salad salad salad]
  end

  it "takes what is spooned as dried, slices that are thick as more, and no serving for a food" do
    expect(one("¼ tsp chilli").dig("taken", "key")).to eq "chilli-flakes"
    expect(["1 chilli, chopped", "2 tbsp chopped chilli"].map { |text| one(text).dig("taken", "key") }).to eq(
      %w[red-chilli red-chilli]
    )
    thick, thin = *["3 thick slices ham", "3 slices ham"].map { |text| one(text)["grams"] }
    expect(thick).to be_within(0.2).of(thin * 1.35)
    expect(draft("Freekeh\nyield: 24 x 220 g\n2 kg freekeh").values_at("servings", "missing")).to eq [24, []]
    shouted = "back of gas bill\nFENNEL/ORANGE/OLIVE\n1 fennel\n2 oranges\n90 g olives"
    expect(kinds(shouted)).to eq %w[title heading ingredient ingredient ingredient]
  end
end
