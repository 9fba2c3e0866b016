# frozen_string_literal: true

require_relative "read_texts"

# Texts as they come: numbers in words, lists in one line, by days and for one, parts and their formulas, and
# paragraphs beside a list; nothing of them is lost, and nothing is taken twice.
RSpec.describe "Texts as they come" do
  include ReadTexts

  # 40 % of 1,400 g are 560, for 40 people 14 g each.
  it "shares a dressing out by the formula in its brackets" do
    slaw = "Slaw for 40\n1 kg cabbage\n"
    by_percent = taken("#{slaw}Goddess dressing 1.4 kg (mayo 40%, soured cream 35%, lemon 25%)")
    expect(
      by_percent.values_at("mayonnaise", "sour-cream", "lemon-juice").map { |each| each["grams"] }
    ).to eq([14, 12.25, 8.75])
    bare = taken("#{slaw}vinaigrette 1.5 l [walnut oil 1000, sherry vinegar 500]")
    expect(bare["walnut-oil"].values_at("to", "status")).to eq %w[dressing sure]
    expect(bare["walnut-oil"]["grams"]).to be_within(0.5).of(1000 * 0.92 / 40)
    # 250 ml of vinegar at 1.01 g and 700 of oil at 0.92, for 40; garlic has an amount of its
    # own, and loses 15 % with its skins.
    listed =
      taken("#{slaw}dressing = 1L: 250 red wine vin, 700 rapeseed, 50 wholegrain mustard + garlic 4 clv")
    expect(listed.values_at("red-wine-vinegar", "rapeseed-oil").map { |each| each["grams"] }).to match(
      [be_within(0.01).of(6.31), be_within(0.01).of(16.1)]
    )
    expect(listed["garlic"].values_at("grams", "to")).to eq [0.34, "dressing"]
    off = taken("#{slaw}vinaigrette 1.5 l [walnut oil 1000, sherry vinegar 50]")
    expect(off.keys).not_to include "sherry-vinegar"
  end

  # Half a litre, 1 to 3: 125 ml of vinegar at 1.01 g, 375 of oil at 0.913, for 20.
  it "shares out what is said to be one to three behind both" do
    slaw = "Slaw for 20\n1 kg cabbage\n"
    ["dressing: red wine vinegar and olive oil 1:3, about 500 ml", <<~TEXT.chomp].each do |row|
      dressing is just red wine vin + olive oil 1:3 (need abt half a litre), a teaspoon of dijon
    TEXT
      told = taken("#{slaw}#{row}")
      expect(told["red-wine-vinegar"]["grams"]).to be_within(0.01).of(6.31)
      expect(told["olive-oil"]["grams"]).to be_within(0.01).of(17.12)
    end
  end

  it "lays on the table what its row says so of, though nobody says how much" do
    ["crusty bread on the table", "bread for the table", "crusty bread to serve"].each do |row|
      salad = Scullion::Recipe::Draft.new("Serves 20\n2 kg carrots\n#{row}", house).to_h["salad"]
      expect([row, salad["at_table"]]).to eq [row, %w[white-loaf]]
    end
  end

  it "counts for so many, and takes that number for how many the list is for" do
    text = "Melon\nFor every 10 people:\n2 kg watermelon\n200 g feta\nWe are 130 on Saturday."
    found = Scullion::Recipe::Draft.new(text, house).to_h
    expect(found.values_at("servings", "servings_others")).to eq [10, [130]]
    expect(found["lines"].filter_map { |line| line["status"] }).to eq %w[sure sure]
    list = "Fattoush (30ish)\n2 cos hearts per 10 ppl\n3 kg tomatoes"
    cos = Scullion::Recipe::Draft.new(list, house)
    expect([cos.to_h["servings"], cos.taken(cos.reads.first).prepared]).to eq [30, 900.0]
  end

  it "lays on the table what is headed so" do
    told = taken(<<~TEXT)
      Slaw for 20
      1 kg cabbage
      Harissa yoghurt to serve: 500 g yoghurt + 3 tbsp harissa
      Pickles for the table: 300 g gherkins
    TEXT
    expect(told.values_at("yoghurt", "harissa", "gherkins").map { |each| each["to"] }).to eq ["table"] * 3
  end

  it "lists nothing twice that is laid on a plate, kept for later, or cheese by its kind" do
    text = "Niçoise for 10\n10 eggs\n20 anchovies\nper plate: 1 egg, 2 anchovies"
    expect(kinds(text)).to eq %w[title ingredient ingredient step]
    beans = "Beans for 10\n900 g dried white beans, cooked with sage (keep 1 cup of the liquor)"
    expect(taken(beans).keys).to eq %w[dry-white-beans sage]
    steps =
      "Courgettes for 8\n600 g courgettes\n80 g ricotta salata\n\nDress the slices and let them wait, then " \
        "cheese and mint on top."
    expect(taken(steps).keys).to eq %w[courgette ricotta-salata]
  end

  it "loses nothing that only a paragraph tells, and lists a part behind its number" do
    told = <<~TEXT
      Couscous for 8
      300 g couscous goes in a bowl with a stock cube crumbled over and 350 ml of boiling water, 10 minutes.
      While that sits slice 3 red onions finely and steep them. For the dressing, juice of 2 lemons and oil.
      A 400 g tin of chickpeas.
      100 g of feta. I hold back about a third for the top.
    TEXT
    found = taken(told)
    expect(found.keys).to include "couscous", "red-onion", "lemon-juice", "chickpeas"
    expect([found["couscous"]["to"], found["red-onion"]["status"]]).to eq %w[salad doubtful]
    expect(draft(told)["lines"].last.values_at("held", "status")).to eq [1 / 3.0, "sure"]
    listed = "Salad for 90\n8. Dressing (made Tues, 4 L): vinegar 1 L / oil 2.5 L / sugar 60 g / salt 9 g"
    expect(kinds(listed)).to eq %w[title heading ingredient ingredient ingredient ingredient]
    garnish = draft("Salad for 9\n9 pears\npea shoots - garnish")["lines"].last
    expect(garnish.values_at("kind", "to")).to eq %w[ingredient top]
  end

  it "reads a list in one line, between bars, and a list by days" do
    bars = "Cold soba, per 10 portions: soba 1 kg | edamame 3 g | carrots 3. Dressing: tahini 9 g, soy 8 ml"
    expect(draft(bars).values_at("title", "servings")).to eq ["Cold soba", 10]
    expect(taken(bars).transform_values { |line| line["to"] }).to eq(
      "soba" => "salad",
      "edamame" => "salad",
      "carrot" => "salad",
      "tahini" => "dressing",
      "soy-sauce" => "dressing"
    )
    days = <<~TEXT
      Monday: cook 3kg red quinoa (dry) -> cool on trays
      Monday: roast 8kg butternut dice 2cm, 400ml oil, 60g za'atar
      Tuesday am: pick 500g mint, 500g parsley
      Tuesday 11.00: toss all, dress (900ml oil, 150ml sherry vinegar, salt)
      Tuesday 11.30: 1.5kg feta crumbled, 600g pistachios, on top
      Covers: 130
    TEXT
    found = draft(days)["lines"].select { |each| each["taken"] }
    expect(found.map { |each| each["taken"]["key"] }).to eq(
      %w[red-quinoa butternut olive-oil zaatar mint parsley olive-oil sherry-vinegar] +
        %w[brined-white-cheese pistachios]
    )
    expect(found.map { |each| each["status"] }.uniq).to eq %w[sure]
    expect(found[8]["serving"]).to eq "11 g"
    less = days.sub("900ml oil", "90ml oil")
    expect(draft(less)["lines"].map { |each| each["status"] }).to include "doubtful"
  end

  it "leaves on the tray the spice that is only there, and with the leaves what is said of the leaves" do
    text =
      "Carrots for 4\n600 g carrots\n2 tsp cumin seeds\n\nToss the carrots with the cumin and roast them."
    expect(taken(text)["cumin-seed"]["to"]).to eq "cook"
    expect(line("oil (200 ml), roast 210/25")["to"]).to eq "cook"
    expect(line("2 celery hearts, sliced, leaves reserved for garnish")["to"]).to eq "salad"
  end

  it "says the same of what is said to be the same" do
    expect_the_same("10 g mint\nparsley, same again" => "10 g mint\n10 g parsley")
    expect(line("sushi rice 3kg raw (vinegar mix 450)").dig("taken", "key")).to eq "short-grain-rice"
  end

  it "reads how much several packs are in all" do
    expect(line("3 trays of cherry tomatoes (about 2.5 kg)")["grams"]).to be_between(240, 250)
    expect(line("3 x 400 g tins chickpeas")["grams"]).to be < 100
  end

  it "reads a paragraph whole that has a dressing in the midst of it" do
    text =
      "For 30 people. Slice 6 red onions and steep them in 200 ml red wine vinegar. Toast 900 g ciabatta " \
        "in a hot oven with 150 ml olive oil. The dressing is just 300 ml more of the oil."
    expect(taken(text).keys).to include "red-onion", "red-wine-vinegar", "ciabatta"
    told = draft(text)["told"].map { |fact| fact["key"] }
    expect(told.grep(/celsius/)).to be_empty
  end

  it "reads a list for one to its end, and what is behind a name for what it is" do
    text = "Tubs - 48 units\nper unit\nrice ckd 120g\nedamame 20g\n\nsauce pot:\nsoy 8ml\nmirin 4ml"
    expect(draft(text)["servings"]).to eq 48
    expect(grams(text)).to eq(
      "white-rice" => "120 g",
      "edamame" => "20 g",
      "soy-sauce" => "9.2 g",
      "rice-wine" => "4 g"
    )
    expect(draft(text)["lines"].last["to"]).to eq "dressing"
    batch = text.sub("8ml", "300ml").sub("4ml", "200ml")
    expect(grams(batch)["soy-sauce"]).to eq "7.2 g"
  end

  it "reads a bare number behind how it is cooked as minutes" do
    text = "Salad for 10\n1 kg dry spelt, soaked, simmer 40\n1 kg green beans, blanch 4, shock"
    expect(kinds(text)).to eq %w[title ingredient ingredient]
    expect(draft(text)["told"].map { |fact| fact["key"] }).to include "2/minutes/40.0-40.0",
            "3/minutes/4.0-4.0"
  end

  it "loses no food that stands in the first row of a paragraph, or at the head of a part" do
    text =
      "For lunch (about 70 of us) it was a sack of beetroot, 5 kilos, roasted for an hour. 2 kg goat's curd."
    expect(taken(text).keys).to eq %w[beetroot goat-cheese]
    nuts = draft("Salad for 10\n1 kg rocket\nWalnuts, 10 halves per plate - spiced:\n1 tsp maple syrup")
    expect(nuts["lines"].filter_map { |each| each.dig("taken", "key") }).to include "walnuts", "maple-syrup"
  end

  it "takes half of something else for no share of the dressing" do
    said = ->(step) { draft("Slaw for 10\n1 kg cabbage\n100 ml oil\n50 ml vinegar\n\n#{step}")["told"] }
    [
      "Make a dressing with half a pint of oil and the vinegar.",
      "Toss half the cabbage with the dressing."
    ].each { |step| expect(said[step].map { |fact| fact["key"] }).not_to include("dressing/split"), step }
    [
      "Toss with half of the dressing.",
      "Dress the cabbage with two thirds, the rest of the dressing later."
    ].each { |step| expect(said[step].map { |fact| fact["key"] }).to include("dressing/split"), step }
  end

  it "takes a remark in brackets for no food" do
    expect(kinds("Slaw for 8\n(nuts can be done on Friday)\n1 kg cabbage")).to eq %w[title note ingredient]
    expect(kinds("Slaw\n(feeds 4 hungry)\n1 kg cabbage")).to eq %w[title servings ingredient]
    expect(kinds("Slaw for 8\n(100 g walnuts)")).to eq %w[title ingredient]
  end

  it "takes no food of a list for a kind of the one before" do
    expect(grams("Salad for 10\ntomato 1.2kg, cucumber 1kg, red pepper 500g").keys).to eq %w[
         tomato
         cucumber
         red-pepper
       ]
    expect(grams("Salad for 10\ntomatoes, cucumber 1kg").keys).to eq %w[tomato cucumber]
    expect(grams("Salad for 10\ncheese, mozzarella, 500 g").keys).to eq %w[mozzarella]
    bowls = "Bowls, do 16.\nchicken thighs 2.4 kg. Marinade: yoghurt 300, lemon 60ml, garlic 20 g"
    expect(taken(bowls).keys).to eq %w[chicken-thigh yoghurt lemon-juice garlic]
  end

  it "takes out what comes out after, and asks about a dressing that is made elsewhere" do
    lentils = taken("Plates for 8\n300 g dry puy lentils, 1 bay, 1 carrot (both out after)")
    expect(lentils.transform_values { |line| line["to"] }).to eq(
      "dry-puy-lentils" => "salad",
      "bay-leaf" => "pot",
      "carrot" => "pot"
    )
    expect(line("0.9 kg dressing (lemon/tahini)")["status"]).to eq "doubtful"
    expect(line("3 bird's eye chillies").dig("taken", "key")).to eq "small-chilli"
    expect(draft("Chickpeas YIELD 36 x 220g\n1 kg feta")["servings"]).to eq 36
  end

  it "tells a letter, a dish by its number or in quotes, and how large a portion is from what is in it" do
    {
      "Dear team, here is the recipe as promised.\n2 kg carrots" => %w[note ingredient],
      "Mezze x40\nNo. 1 Carrot, cumin & orange\n5 kg carrots" => %w[title heading ingredient],
      "Tues – salad B\n\"Squash, kale, seeds\"  portions: 110\n5 kg squash" => %w[title title ingredient],
      "Lunchbox\nportion: 250g + 40g dsg pot\n5 kg carrots" => %w[title note ingredient]
    }.each do |text, kinds|
      expect(
        [text, Scullion::Recipe::Draft.new(text, house).to_h["lines"].map { |line| line["kind"] }]
      ).to eq [text, kinds]
    end
  end

  it "has nothing of what it says there is none of" do
    ["NO onion (yr 3)", "No nuts! 2 allergies", "no garlic, 3 kids hate it"].each do |row|
      draft = Scullion::Recipe::Draft.new("Serves 39\n2 kg pasta\n#{row}", house)
      expect([row, draft.reads.size]).to eq [row, 1]
    end
    other = Scullion::Recipe::Draft.new("Serves 39\n2 kg pasta\nno onion, 2 kg carrots instead", house)
    expect(other.taken(other.reads.last).ingredient.key).to eq "carrot"
  end

  it "reads a label in capitals that has no colon, and words that are cut short" do
    row = "DRSG buttermilk 350 / cid vin 40 / rape oil 80 / salt 8 / sug 10"
    draft = Scullion::Recipe::Draft.new("Serves 20\n900 g buckwheat\n#{row}", house)
    expect(draft.reads.drop(1).map { |read| draft.taken(read).into }.uniq).to eq %w[dressing]
    expect(draft.reads.size).to eq 6
    lines = Scullion::Recipe::Draft.new("Serves 20\noil 80 / zorg. 20 / salt 8", house).to_h["lines"]
    expect(lines.filter_map { |line| line["status"] }).to include "unknown"
    expect(lines.last["name"]).to eq "salt"
  end

  describe "a part under a name that says nothing" do
    def parts(head, rows)
      text = "Potatoes\nServes 40\n7 kg potatoes\n\n#{head}\n#{rows.join("\n")}"
      draft = Scullion::Recipe::Draft.new(text, house)
      draft.reads.drop(1).map { |read| draft.taken(read).into }.uniq
    end

    let(:poured) do
      ["mayo 1.2 kg", "soured cream 600 g", "herbs 200 g", "anchovies 60 g", "lemon juice 100 ml"]
    end

    it "is a dressing with all that is in it where nearly all of it is poured" do
      ["Goddess", "The gloop:", "In the blender", "Zhug"].each do |head|
        expect([head, parts(head, poured)]).to eq [head, %w[dressing]]
      end
    end

    it "is none with what is eaten in it, with what is cut, or with less than 0.6 poured" do
      expect(parts("Goddess", [*poured, "tuna 300 g"])).to include "salad"
      expect(parts("Goddess", [*poured, "carrots 300 g, grated"])).to include "salad"
      enough = ["mayo 500 g", "lemon juice 100 ml", "capers 200 g", "parsley 200 g"]
      expect(parts("Goddess", enough)).to eq %w[dressing]
      expect(parts("Goddess", [*enough, "gherkins 20 g"])).to include "salad"
    end
  end
end
