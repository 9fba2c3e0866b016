# frozen_string_literal: true

require_relative "read_texts"

# Numbers of a text: of how many it is for, in words, in sums, scaled, behind their names and in tables.
RSpec.describe "Numbers of a recipe" do
  include ReadTexts

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

  it "squeezes so many lemons, gives each its bunch, and loses nobody that stands ahead of the herbs" do
    lemons = taken("Salad for 35\n60g tahini + 3 lemons' juice")["lemon-juice"]
    expect(lemons["grams"]).to be_within(0.1).of(3 * 47 / 35.0)
    expect_the_same("dill & chives - a bunch each" => "1 bunch dill\n1 bunch chives")
    expect(line("300 ml oil, roasted v hot").dig("taken", "key")).to eq "olive-oil"
    herbs = draft("Crab / starter / 22\nmarshwort, chives")
    expect(herbs["servings"]).to eq 22
    expect(herbs["lines"].filter_map { |each| each["status"] }).to contain_exactly("sure", "unknown")
    lunch = "Lunchbox, unit weight 320 g, run of 250\n80 g quinoa, cooked"
    expect(grams(lunch)).to eq("quinoa" => "80 g")
    expect(draft("Smoky aubergine (veg option, 35 of the 180)\n2 kg freekeh")["servings"]).to eq 35
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

  # A burrata is 125 g as the larder has it: three are 375 g, for six 62.5; three celeriac of 1.8 kg are all.
  it "weighs so many by the weight of one where it is that of one" do
    expect(grams("Plates for 6\n3 burrata, 125 g")).to eq grams("Plates for 6\n375 g burrata")
    expect(grams("Plates for 6\n3 celeriac, 1.8 kg")).to eq grams("Plates for 6\n1.8 kg celeriac")
    one = house.larder["burrata"].figures["pieces/each"]
    least, most = %w[least most].map { |name| house.practice.fetch("reading/one/#{name}_times") * one }
    weighed = ->(each) { grams("Plates for 2\n2 burrata, #{each.round(4)} g")["burrata"].to_f }
    expect(weighed[least]).to be_within(1).of(least)
    expect(weighed[least - 0.01]).to be_within(1).of(least / 2)
    expect(weighed[most]).to be_within(1).of(most)
    expect(weighed[most + 0.01]).to be_within(1).of(most / 2)
  end

  it "reads the units that stand behind a row, and a sauce by what is in it" do
    sauce =
      taken("Tofu for 15\ncham: soy 100 / lime 120 / sugar 60 / water 100 / chilli 2 / garlic 15 (g/ml)")
    expect(sauce.transform_values { |line| line["to"] }.values.uniq).to eq ["dressing"]
    expect(sauce["garlic"]["grams"]).to be_between(0.8, 1)
    expect(sauce["caster-sugar"]["grams"]).to eq 4
    oranges = line("2 oranges in segments, their juice squeezed out after")
    expect(oranges.dig("taken", "key")).to eq "orange"
  end

  it "reads who they are, whatever they are called" do
    {
      "Smoked tofu salad, 15 staff\n1 kg tofu" => 15,
      "Fennel, from memory. Fed six.\n3 fennel" => 6,
      "BANQUET 220 - COLD STARTER: Ham hock\n11 kg peas" => 220,
      "Lentil tray salad | 4 | 35 min\n250 g lentils" => 4
    }.each { |text, number| expect(draft(text)["servings"]).to eq(number), text }
  end

  it "reads for how many behind a word for numbers, and by the size of what is served" do
    {
      "Retreat, lunch 30/11, nos: 48\n1 kg feta" => 48,
      "Chicken salad\nYield: 8 quarts, about 45 4-oz scoops\n1 kg feta" => 45
    }.each { |text, number| expect(draft(text)["servings"]).to eq(number), text }
    expect(kinds("Chicken salad\nYield: 8 quarts, about 45 4-oz scoops\n1 kg feta")[1]).to eq "servings"
    expect(line("2 tbsp roasted rice powder")["status"]).to eq "doubtful"
    expect(line("2 tsp turmeric powder").values_at("status")).to eq %w[sure]
  end
end
