# frozen_string_literal: true

# Made parts, what cooks along, and juice and zest from whole fruit.
RSpec.describe Scullion::Salad::Made do
  PASTE = <<~TEXT
    Potatoes, herb and nut paste
    Serves 8
    1.6 kg waxy potatoes
    2 bay leaves and half an onion, for the pot
    Herb and nut paste
    100 g walnuts
    90 g flat parsley
    8 g garlic
    137 g olive oil
    juice of 1 lemon
    60 g parmesan
    Boil the potatoes. Pound the paste and fold it in.
  TEXT

  def draft(text = PASTE) = Scullion::Recipe::Draft.new(text, house).to_h
  def salad(text = PASTE) = draft(text)["salad"].merge("key" => "paste")

  # 60 covers and 5 % on top are 63 portions.
  define_method(:planned) do |*salads, covers: 60|
    document = {
      "format" => Scullion::Brief::FORMAT,
      "service" => {
        "name" => "Friday",
        "date" => "2026-11-27",
        "from" => "12:00",
        "to" => "13:00",
        "covers" => covers,
        "over_prep" => 0.05,
        "lines" => salads.map { |each| { "salad" => each["key"] } }
      },
      "salads" => salads
    }
    Scullion::Plan.for(Scullion::Brief.read(document, house))
  end

  # 100 + 90 + 8 + 137 + 47 + 60 = 442 g, of which 0.95 comes out of the mortar: 419.9 g, for 8 52.5 g each.
  it "is read from a heading of its own, at the written grams" do
    part = salad["components"].last
    expect(part).to include("name" => "Herb and nut paste", "grams" => 52.5)
    expect(part["made"]["parts"].map { |each| each.values_at("ingredient", "grams") }).to eq(
      [
        ["walnuts", 100.0],
        ["parsley", 90.0],
        ["garlic", 8.0],
        ["olive-oil", 137.0],
        ["lemon-juice", 47.0],
        ["parmesan", 60.0]
      ]
    )
    expect(draft["lines"].count { |line| line["to"] == "made" }).to eq 6
    expect(salad).not_to have_key("dressing")
  end

  # 63 × 52.5 = 3,307.5 g, ÷ 0.95 = 3,481.6 g to make, of which 100/442 walnuts: 787.7 g.
  it "is weighed out, bought and made once, and keeps as its riskiest part does" do
    made = planned(salad)
    batch = made.made.first
    expect(batch.make_grams).to be_within(0.1).of(3481.6)
    expect(batch.parts.first.grams).to be_within(0.1).of(787.7)
    expect(batch.parts.sum(&:grams)).to be_within(1e-6).of(batch.make_grams)
    bought = made.purchases.to_h { |each| [each.ingredient.key, each.need_grams] }
    expect(bought["walnuts"]).to be_within(0.1).of(787.7)
    expect(bought).not_to have_key("basil-pesto")
    expect(batch.days).to eq 4
    expect(batch.words).to include(
      "cold" => true,
      "contains" => %w[milk nuts],
      "thin" => /lemon juice or oil/
    )
    expect(made.portions.first.contains).to eq %w[milk nuts]
  end

  it "has a task, and a lot with its own label, of its own" do
    roster = Scullion::Day::Roster.new(planned(salad))
    task = roster.instance.tasks.find { |each| each.name.start_with?("Herb and nut paste: pound") }
    lot = roster.lots.find { |each| each.name == "Herb and nut paste" }
    expect(task.minutes).to be > 5
    expect(lot.to_h).to include("allergens" => %w[milk nuts], "discard" => start_with("2026-11-30T23:59"))
  end

  it "is made once for all the salads that have the same" do
    made = planned(salad, salad.merge("key" => "again", "name" => "Again"), covers: 30)
    expect(made.made.size).to eq 1
    expect(made.made.first.words["for"].size).to eq 2
  end

  it "is for safety what the riskiest of its parts is" do
    raw = salad
    raw["components"].last["made"]["parts"] << { "ingredient" => "hen-egg", "grams" => 50 }
    made = planned(raw)
    expect(made.hazards.map(&:what)).to include("Herb and nut paste goes in uncooked.")
    expect(made.portions.first.contains).to include("eggs")
  end

  # 2 bay leaves of 0.2 g are not eaten, and half an onion of 150 g, peeled, is 65.4 g for 8: 8.2 g each.
  it "has its pot company bought and weighed at the pot" do
    potatoes = salad["components"].first
    expect(potatoes["with"].map { |each| each["ingredient"] }).to eq %w[bay-leaf white-onion]
    made = planned(salad)
    along = made.along.to_h { |each| [each.ingredient.key, each.grams] }
    expect(along["white-onion"]).to be_within(1).of(63 * potatoes["with"].last["grams"])
    expect(made.purchases.map { |each| each.ingredient.key }).to include("white-onion", "bay-leaf")
  end

  # Half an onion here, four there: neither is what both were written with.
  it "cooks two salads with other amounts of the same beside them in a pot each, and with the same in one" do
    strong = JSON.parse(JSON.generate(salad)).merge("key" => "strong", "name" => "Strong")
    strong["components"].first["with"].last["grams"] *= 8
    apart = planned(salad, strong)
    onions = apart.along.select { |each| each.ingredient.key == "white-onion" }
    expect(onions.map { |each| each.grams.round }.sort).to eq(
      [1, 8].map { |times| (63 * salad["components"].first["with"].last["grams"] * times).round }
    )
    expect(planned(salad, salad.merge("key" => "again")).along.size).to eq 2
  end

  # An onion at 1.2 a kilo, peeled: what the potatoes are written with is paid for too.
  it "counts what cooks along in the cost, and of fruit what is bought of it" do
    lines = planned(salad).taste.costs.first.lines.to_h { |line| [line.name, line] }
    onion = lines.fetch("White onions")
    grams = salad["components"].first["with"].last["grams"]
    expect(onion.bought_grams).to be_within(0.01).of(grams)
    expect(onion.cost).to be_within(1e-6).of(grams / 1000 * onion.price)

    squeezed = "Leaves\nServes 8\n400 g rocket\nzest of 2 lemons and juice of 3\n100 ml olive oil"
    lemon = planned(salad(squeezed)).taste.costs.first.lines.select { |line| line.ingredient.key == "lemon" }
    expect(lemon.map(&:bought_grams)).to match [a_value_within(0.2).of(3 * 108 / 8.0)]
  end

  it "takes the strictest of its parts, whichever stands first" do
    with =
      lambda do |*keys|
        data = salad
        data["components"].last["made"]["parts"] = keys.map { |key| { "ingredient" => key, "grams" => 50 } }
        planned(data).made.first.need.ingredient.facts["kind"]
      end
    both = %w[cooked-ham hen-egg].then { |keys| [with.call(*keys), with.call(*keys.reverse)] }
    expect(both.uniq).to eq ["egg"]
  end

  # The zest of two for eight, a serving a quarter of one: 63 portions are 15.75, so 16 at 0.8 minutes.
  it "takes minutes to zest, and says what of" do
    zest = "Peas\nServes 8\n800 g frozen peas\nzest of 2 lemons\n100 ml olive oil"
    made = planned(salad(zest))
    line = made.preps.find { |each| each.ingredient.key == "lemon" }
    expect([line.fruit_minutes, line.words["fruit"]]).to eq [16 * 0.8, "16 lemons, zested"]
  end

  # Stock powder is 45 % salt; all of it stays where the grain takes up the water.
  it "counts the salt and the allergens of what cooks along" do
    change = lambda { |with| plan { |data| data["salads"][0]["components"][0].merge!("with" => with) } }
    plain = change.call([])
    salted = change.call([{ "ingredient" => "vegetable-stock-powder", "grams" => 1.0, "stays" => true }])
    more = [salted, plain].map { |made| made.taste.ledgers.first.salt_grams }.reduce(:-)
    expect(more).to be_within(0.001).of(0.45)
    expect(salted.portions.first.contains - plain.portions.first.contains).to eq %w[celery]
  end

  # 3 for 8 are 23.6 for 63 portions: 24; the zest of 2 for 8 comes from the same.
  it "buys whole fruit for juice and zest, as many as the greater need asks, and none in bottles" do
    text =
      "Lemony potatoes\nServes 8\n1.6 kg waxy potatoes\nzest of 2 lemons and juice of 3\n100 ml olive oil"
    made = planned(salad(text))
    lemons = made.purchases.find { |each| each.ingredient.key == "lemon" }
    expect(lemons.fruit_count).to eq 24
    expect(lemons.need_grams).to eq 24 * 108
    expect(made.purchases.map { |each| each.ingredient.key }).not_to include("lemon-juice")
    zest = text.sub("zest of 2", "zest of 4")
    expect(planned(salad(zest)).purchases.find { |each| each.ingredient.key == "lemon" }.fruit_count).to eq 32
  end

  it "refuses what cannot be, at its place" do
    faults =
      lambda do |change|
        wrong = salad
        change.call(wrong["components"].last)
        planned(wrong)
        []
      rescue Scullion::InvalidBrief => e
        e.faults.map(&:where)
      end
    expect(faults.call(->(part) { part["made"]["parts"] = [] })).not_to be_empty
    expect(faults.call(->(part) { part["made"]["how"] = "wished" })).to include(end_with("/made/how"))
    expect(faults.call(->(part) { part["made"]["parts"][0]["grams"] = 0 })).to include(
      end_with("/parts/0/grams")
    )
    expect(faults.call(->(part) { part["made"]["parts"][0]["ingredient"] = "paste" })).not_to be_empty
    expect(
      faults.call(->(part) { part["with"] = [{ "ingredient" => "bay-leaf", "grams" => 1 }] })
    ).not_to be_empty
    expect(faults.call(->(part) { part["fruit"] = "juice" })).not_to be_empty
  end

  # Half an egg on each plate: 63 portions are 32 eggs, whatever they weigh.
  it "counts what is laid on the plate, through every stage" do
    text = "Egg salad\nServes 8\n400 g rocket\n4 eggs, halved, on top\n100 ml olive oil"
    egg = salad(text)["components"].find { |each| each["ingredient"] == "hen-egg" }
    expect(egg["pieces"]).to eq 0.5
    made = planned(salad(text))
    layer = made.portions.first.layers.find { |each| each.component.pieces }
    expect(layer.words["pieces"]).to eq "½ each, 32 pieces in all"
    expect(made.preps.find { |line| line.ingredient.key == "hen-egg" }.words["pieces"]).to eq "32 pieces"
    expect(made.purchases.find { |line| line.ingredient.key == "hen-egg" }.words["pieces"]).to eq(
      "32 pieces for the plates"
    )
    share = made.builds.first.ordered.find { |each| each.layer == layer }
    expect(share.words["pieces"]).to eq layer.words["pieces"]
    paper = Scullion::Plan::Paper.new(made).to_s
    expect(paper.scan("½ each, 32 pieces in all").size).to eq 2
    expect(paper).to include("ready; halves; 32 pieces; cut once cooked\n", "32 pieces for the plates")
    expect(salad("Egg salad\nServes 8\n400 g rocket\n4 eggs, chopped")["components"].last).not_to have_key(
      "pieces"
    )
  end
end
