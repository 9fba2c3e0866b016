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

  it "hears every number in words, alone and in several" do
    {
      "Chicory & pear for fourteen" => 14,
      "Voice memo. For the hundred and twenty tomorrow" => 120,
      "Beans for twenty-five" => 25,
      "Beans for ninety" => 90,
      "CAESAR x 25 (fn room 2)" => 25,
      "Lunch boxes, 36 off, Thurs" => 36
    }.each { |title, number| expect(draft("#{title}\n2 kg kale")["servings"]).to eq(number), title }
    expect(draft("to: prep\nre potato salad x 110\n2 kg kale").values_at("title", "servings").last).to eq 110
    expect(line("twenty-five radishes")["grams"]).to eq line("25 radishes")["grams"]
    expect(line("a hundred and twenty olives")["grams"]).to eq line("120 olives")["grams"]
  end

  it "leaves on the tray the spice that is only there, and with the leaves what is said of the leaves" do
    text =
      "Carrots for 4\n600 g carrots\n2 tsp cumin seeds\n\nToss the carrots with the cumin and roast them."
    expect(taken(text)["cumin-seed"]["to"]).to eq "cook"
    expect(line("oil (200 ml), roast 210/25")["to"]).to eq "cook"
    expect(line("2 celery hearts, sliced, leaves reserved for garnish")["to"]).to eq "salad"
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

  it "reads amounts that stand behind their names, in one unit, and of each in a row" do
    jam = taken("Dip for 30\nnam dip: garlic 20g coriander root 15g palm sugar 120g lime 180ml")
    expect(jam.keys).to eq %w[garlic coriander palm-sugar lime-juice]
    expect(jam["palm-sugar"]["grams"]).to eq 4
    sheet = "Tray of beetroot (25 x 100 g)\nSoured cream 0.400\nSugar 0.020\n(all kg)"
    expect(grams(sheet)).to eq("sour-cream" => "16 g", "caster-sugar" => "0.8 g")
    each = grams("Salad for 9\nmint/coriander/thai basil 30g ea\n1 can each: green beans, wax beans (400 g)")
    expect(each.keys).to eq %w[mint coriander thai-basil tinned-green-beans tinned-wax-beans]
    expect(each["tinned-green-beans"]).to eq each["tinned-wax-beans"]
    expect(grams("Salad for 55\nricotta 2.75 (50 g a head)")["ricotta"]).to eq "50 g"
    expect(line("sourdough toast, one each")["grams"]).to be < 60
  end

  it "reads a table of several columns, what a pot is made of, and what is some of the dressing" do
    table = <<~TEXT
      | # | Ingredient | Per 10 | Per 50 | Notes |
      |---|---|---|---|---|
      | 1 | Pecans | 100 g | 500 g | toast, chop |
      | 2 | Celery | 200 g | 1 kg | fine dice |
    TEXT
    expect(taken(table).transform_values { |line| line["text"] }).to eq(
      "pecans" => "100 g Pecans, toast, chop",
      "celery" => "200 g Celery, fine dice"
    )
    salmon = taken("Lunch for 14\nSalmon 2.4kg poached in court bouillon: 3L water, 1 onion, 2 carrots, bay")
    expect(salmon.transform_values { |line| line["to"] }).to eq(
      "salmon-fillet" => "salad",
      "water" => "pot",
      "white-onion" => "pot",
      "carrot" => "pot",
      "bay-leaf" => "pot"
    )
    potatoes = "Salad for 14\nnew potatoes 2kg, boiled, dressed with 60ml of the vinaigrette"
    expect(taken(potatoes).keys).to eq %w[waxy-potato]
    expect(line("dill 60g — 40 in, 20 on top")["held"]).to be_within(0.01).of(1 / 3.0)
    expect(line("1/4 c toasted cashews on top").values_at("held", "to")).to eq [nil, "top"]
    expect(line("lemons 4, wedges, table")["to"]).to eq "table"
    expect(draft("☆ slaw jar (meal prep x5) ☆\n1 carrot")["servings"]).to eq 5
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

  it "reads for how many by its base, by who has booked, and by what it will serve" do
    {
      "Cauli salad\n(base recipe 10, we need ×6)\n2 cauliflowers" => 60,
      "pea thing for Tues, I've 55 booked\n4 kg peas" => 55,
      "Salmon. ONE BATCH = 25. We have 75 booked so make it 3 times\n4 kg peas" => 25,
      "Bean salad\n1 kg beans\nLet stand overnight. Will serve 10-12." => 10
    }.each { |text, number| expect(draft(text)["servings"]).to eq(number), text }
    onion = line("1 red onion, pickled in lemon")
    expect(onion["taken"]["key"]).to eq "red-onion"
    expect(line("pea shoots to top").values_at("kind", "to")).to eq %w[ingredient top]
  end
end
