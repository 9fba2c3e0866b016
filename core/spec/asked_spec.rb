# frozen_string_literal: true

require_relative "read_texts"

# What is too unlikely to be taken without a question, and what must not be lost or moved in silence.
RSpec.describe "Amounts, states and places that are not taken blindly" do
  include ReadTexts

  def line(text) = draft("Salad for 10\n2 kg waxy potatoes\n200 ml olive oil\n#{text}")["lines"].last

  it "asks about more of a food than a salad ever has, until it is said to be right" do
    text = "Salad for 10\n2 kg waxy potatoes\n90 g rocket\n80 ml olive oil\n180 g salt"
    salt = draft(text)["lines"].last
    expect(salt.values_at("status", "why")).to eq ["doubtful", Scullion::Recipe::Draft::NEVER]
    right = Scullion::Recipe::Draft.new(text, house, right: [salt["number"]])
    expect(right.to_h["settled"]).to be true
    expect(draft(text.sub("180", "20"))["settled"]).to be true
  end

  it "takes what comes frozen as trimmed, and what comes in the pod as it grows" do
    expect(line("1 kg frozen broad beans").dig("taken", "key")).to eq "frozen-broad-beans"
    expect(line("1 kg broad beans in the pod").dig("taken", "key")).to eq "broad-beans"
    expect(line("1 kg frozen peas")["serving"]).to eq "98 g"
    expect(line("1 kg frozen mango")["serving"]).to eq "97 g"
  end

  it "puts on top what is laid over, and not what is cut on something" do
    over = ["100 g goat's cheese, dotted on", "50 g pine nuts, over", "50 g parmesan, shaved over the lot"]
    expect(over.map { |text| line(text)["to"] }).to all eq "top"
    other = ["2 cloves garlic, grated on the microplane", "1 kg beetroot, laid on a tray to roast"]
    expect(other.map { |text| line(text)["to"] }).not_to include "top"
    expect(line("200 g basil, half in, half over")["held"]).to eq 0.5
  end

  it "takes nothing for a part of the dressing that is tossed in some of it" do
    expect(line("1 kg cooked beetroot, tossed in 2 tbsp of the dressing")["to"]).to eq "salad"
    expect(line("100 ml buttermilk for the dressing")["to"]).to eq "dressing"
    expect(line("1 apple, in acidulated water")["to"]).to eq "salad"
  end

  # 100 g of pickled ginger is 60 g of a jar of 167; raisins have no core and frozen peas no tops.
  it "weighs what is eaten where it comes ready" do
    ready = [
      "raisins",
      "dried apricots",
      "pickled ginger",
      "cornichons",
      "roast beef",
      "edamame",
      "tinned sweetcorn"
    ]
    ready.each { |food| expect(line("500 g #{food}")["grams"]).to be_within(1.6).of(50), food }
    expect(line("400 g cooked chicken").values_at("serving", "done")).to eq ["40 g", nil]
    expect(line("1 jar (500 g) pickled ginger")["grams"]).to be < 35
    expect(line("120 g pomegranate seeds")["serving"]).to eq "12 g"
    expect(line("seeds of 2 pomegranates")["grams"]).to be_within(1).of(2 * 280 * 0.56 / 10)
  end

  it "is not misled by can, by small, or by who sat in what" do
    expect(line("1 kg of the best tomatoes you can find").dig("taken", "key")).to eq "tomato"
    expect(line("1 cucumber, diced small").dig("taken", "key")).to eq "cucumber"
    expect(line("3 tbsp red wine vinegar that 2 shallots sat in")["to"]).not_to eq "cook"
    peppers = grams("Salad for 10\n2 peppers, one red one green\n3 apples: 2 red, 1 green")
    expect(peppers.keys).to include "red-pepper", "green-pepper"
  end

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
    off = taken("#{slaw}vinaigrette 1.5 l [walnut oil 1000, sherry vinegar 50]")
    expect(off.keys).not_to include "sherry-vinegar"
  end

  it "takes the number that a card is scaled to, and counts what each has" do
    text = "Beans — scaled ×5 from the 10 card\nblack-eyed beans 500 g → 2500 g (dry)\nred pepper 3 → 15"
    expect(draft(text)["servings"]).to eq 50
    expect(grams(text)["red-pepper"]).to eq "37 g"
    expect(draft("Beans for 32\nanchovy fillets 64")["lines"].last["status"]).to eq "sure"
    expect(draft("Figs for 32\n64 figs")["lines"].last["status"]).to eq "sure"
    expect(draft("Figs for 32\n96 figs")["lines"].last["status"]).to eq "doubtful"
    expect(draft("Boxes 60 no.\n60 flatbreads")["lines"].last["status"]).to eq "sure"
    expect(draft("Boxes for 70\n60 flatbreads")["lines"].last["status"]).to eq "doubtful"
  end

  it "asks about what the larder has raw and the cook in a tin, or pickled" do
    ["500 g tinned peaches", "300 g jarred beetroot", "900 g pickled turnip"].each do |text|
      expect(line(text)["status"]).to eq("doubtful"), text
    end
    [
      "600 g slim carrots, in a roasting tin",
      "300 g pickled onions",
      "2 x 400 g tins tomatoes"
    ].each { |text| expect(line(text)["status"]).to eq("sure"), text }
    expect(line("lemon 300 ml").dig("taken", "key")).to eq "lemon-juice"
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

  it "reads for how many behind a sum, for one, and beside other numbers" do
    {
      "Couscous. I make it for eight with leftovers for two lunches.\n300 g couscous" => 8,
      %({ "dish": "Pear salad", "pax": 28 }\n7 pears) => 28,
      "Coronation chickpea (vegan), makes 3 litres approx = 24 x 125 ml scoops\n4 tins chickpeas" => 24
    }.each do |text, number|
      expect(draft(text)["servings"]).to eq(number), text
      expect(kinds(text)).to eq(%w[title ingredient]), text
    end
    expect(draft("Rice salad for the tea (22 + umps = 24)\n1 kg rice")["servings"]).to eq 24
    expect(draft("Grain bowl, costing sheet (1 bowl)\n45 g bulgur")["servings"]).to eq 1
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

  # Four tablespoons and two of them: 15 ml each, 30 ml of vinegar for 8 are 3.8 g.
  it "hears a number in words, what is thrown out, and what is cooked in its water" do
    letter = <<~TEXT
      Dear Bea,
      A pound of dry butter beans, boiled with an onion, a carrot and two bay leaves (all thrown out).
      While they're hot I stir in four tablespoons of olive oil and two of cider vinegar.
      It feeds eight.
    TEXT
    found = taken(letter)
    expect(draft(letter)["servings"]).to eq 8
    expect(kinds(letter).last).to eq "servings"
    expect(found.values_at("white-onion", "carrot", "bay-leaf").map { |each| each["to"] }).to all eq "pot"
    expect(found["cider-vinegar"]["grams"]).to be_within(0.2).of(3.8)
    expect_the_same("1 cup quinoa, cooked in 1¾ cups water" => "1 cup dry quinoa\n1¾ cups water for the pot")
    expect_the_same("White cabbage 2.00 kg, AP 2.40" => "2 kg prepped white cabbage")
    expect(draft("The Greek (12 pax of 80 total)\n1 kg feta")["servings"]).to eq 80
    title = 'Mezze plate - "salad 2": burnt aubergine, tomato, mint (ptn 80g, makes 50)'
    expect(kinds("#{title}\naubergines 5kg")).to eq %w[title ingredient]
  end

  it "sums what is written as a sum, and leaves a kind behind its comma with its food" do
    text = "Fri 27 / Sat 40\nlardons 1.6 + 2.4 kg\nchilli, red 4 ea\nbig bunch mint + big bunch coriander"
    expect(draft(text)["servings"]).to eq 67
    found = taken(text)
    expect(found.keys).to eq %w[bacon red-chilli mint coriander]
    expect(found["bacon"]["grams"]).to be_within(2).of(4000 / 67.0)
    expect(draft("Service: Fri 27 / Sat 28\n1 kg rice")["servings_said"]).to be false
    pots = draft("Mango & black bean. 40 x 200g pots\nlime jc 200ml")
    expect(pots["lines"].map { |each| each.dig("taken", "key") }).to eq [nil, "lime-juice"]
    clams = taken("Salad for 50\n5 kg clams, steamed w/ 500 ml white wine, keep liquor 300 ml")
    expect(clams["white-wine"]["grams"]).to be_within(0.2).of(9.9)
  end

  it "says the same of what is said to be the same" do
    expect_the_same("10 g mint\nparsley, same again" => "10 g mint\n10 g parsley")
    expect(line("sushi rice 3kg raw (vinegar mix 450)").dig("taken", "key")).to eq "short-grain-rice"
  end

  it "asks about what is counted and not known, behind what is" do
    lines = draft("Salad for 10\n80 g palm sugar, 2 tiger chillies, 60 ml water")["lines"]
    expect(lines[1..].map { |each| each["text"] }).to eq [
         "80 g palm sugar",
         "2 tiger chillies",
         "60 ml water"
       ]
    expect(lines[2]["status"]).not_to eq "sure"
  end

  it "does to them what stands behind their number, where nobody knows one such piece" do
    expect(line("avocado 6 slice").values_at("status", "done")).to eq %w[sure sliced]
    expect(line("sourdough 12 slices")["done"]).to be_nil
    expect(line("feta 1 kg crumb").values_at("status", "done")).to eq %w[sure crumbled]
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
end
