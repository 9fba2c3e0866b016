# frozen_string_literal: true

require_relative "read_texts"

# What the rows of a text are: a sheet, messages, steps, words read wrong.
RSpec.describe "Rows of a recipe" do
  include ReadTexts

  it "reads a sheet that is set by wide gaps below its heads" do
    sheet = <<~TEXT
      CANTEEN, COUSCOUS          PORTIONS: 180
      ITEM                QTY          NOTES
      Couscous, medium    8 kg         soak in boiling stock
      Bouillon pdr        120 g
      Carrot              6 kg         1cm dice, roast
      Flatbread           ½ per portion
    TEXT
    list = <<~TEXT
      Couscous for 180
      8 kg couscous
      120 g vegetable stock powder
      6 kg carrots, 1 cm dice, roasted
      90 flatbreads
    TEXT
    expect(draft(sheet)["servings"]).to eq 180
    expect(grams(sheet)).to eq grams(list)
  end

  it "reads for each bowl what is listed so" do
    sauce = "Sauce per bowl: 15 ml soy, 5 ml sesame oil"
    text = "Poke bowl station — per bowl:\n30 g edamame\n#{sauce}\nBowls tonight: 55"
    all = "Poke for 55\n1650 g edamame\n825 ml soy\n275 ml sesame oil"
    expect(draft(text)["servings"]).to eq 55
    expect(grams(text)).to eq grams(all)
  end

  it "hears several things in one message" do
    thread = <<~TEXT
      [09:14] Anja: morning! covers tmrw 65
      [09:15] Tom: the nectarine one
      [09:17] Tom: nectarines 30. burrata 16 (quarter each). rocket 1.2k. honey 200 g
      [09:18] Anja: fine
    TEXT
    list = "For 65\n30 nectarines\n16 burrata\n1.2 kg rocket\n200 g honey"
    expect(draft(thread)["servings"]).to eq 65
    expect(grams(thread)).to eq grams(list)
  end

  it "loses no food to the verb before it" do
    list = "sat prep for 20\n- blanch asp 6 bun, shock\n- shave fen 12 hd\n- tst almond flk 500 g"
    expect(taken(list).keys).to eq %w[asparagus fennel flaked-almonds]
    step = "Salad for 4\n400 g rice\nDrain a 180 g pack of beetroot and slice it thinly over the rice."
    expect(kinds(step).last(2)).to include "step"
  end

  it "takes numbered steps for steps, and what they call the dressing for no other one" do
    text = <<~TEXT
      Chopped salad
      Yield: 6 servings
      1 cucumber, diced
      For the vinaigrette
      80 ml olive oil
      45 ml red wine vinegar
      Step 1
      In a jar, shake all vinaigrette ingredients.
      Step 2
      Toss with most of the dressing.
    TEXT
    expect(taken(text).keys).to eq %w[cucumber olive-oil red-wine-vinegar]
    expect(kinds(text).last(4)).to eq %w[heading step heading step]
  end

  it "takes a share of what is there for nothing more of it" do
    text = "Wheat for 6\n340 g wheat\n60 ml oil\n30 ml vinegar\n½ dress the wheat hot"
    expect(taken(text).keys).to eq %w[wheat-berries olive-oil red-wine-vinegar]
  end

  it "reads what a scanner read wrong where one letter or two make it a word that is known" do
    scanned =
      "Salad 5erves 6\n1 red 0nion, sl1ced\n2 tbsp capers, rlnsed\n125ml olive oiI\n3 tbsp red wine vlnegar"
    printed =
      "Salad serves 6\n1 red onion, sliced\n2 tbsp capers, rinsed\n125ml olive oil\n3 tbsp red wine vinegar"
    expect(grams(scanned)).to eq grams(printed)
    expect(house.lexicon.misread("zilch")).to be_nil
    expect(house.lexicon.misread("250ml")).to be_nil
  end

  it "takes spoken numbers before minutes for a time" do
    text = "For six: two cups of farro, cook that maybe twenty five thirty minutes, and a pound of feta."
    expect(taken(text).keys).to eq %w[farro brined-white-cheese]
  end

  it "shares a mix among all that are in it" do
    text = "Salad for 24\nTarragon/chervil/chive/parsley mix: 120 g"
    list = %w[tarragon chervil chives parsley].map { |herb| "30 g #{herb}" }.join("\n")
    expect(grams(text)).to eq grams("Salad for 24\n#{list}")
  end

  it "takes so many of them apart" do
    text = "Salad for 8\n4 oranges, 2 juiced 2 segmented"
    expect(grams(text)).to eq grams("Salad for 8\njuice of 2 oranges\n2 oranges, segmented")
  end

  it "leaves an amount with the name that it stands right behind" do
    text = "Salad for 8\ngherkins 100 g and capers 30 g\n150 ml oil and 50 ml vinegar"
    list = "Salad for 8\n100 g gherkins\n30 g capers\n150 ml oil\n50 ml vinegar"
    expect(grams(text)).to eq grams(list)
  end

  it "names the dish by its own label, and the kind by its bracket" do
    card = "RECIPE CARD 118\nDish: Green Goddess Salad\nPortions: 24\n2 kg mush (chestnut)"
    expect(draft(card)["title"]).to eq "Green Goddess Salad"
    expect(taken(card).keys).to eq %w[chestnut-mushrooms]
  end

  it "takes no pots that something is put into for potatoes" do
    expect(
      taken("Farro for 36\n2 kg farro\ndressing in pots separate 30 ml each").keys
    ).not_to include "waxy-potato"
  end

  it "roasts with what stands behind w/" do
    expect(taken("Lunch for 36\n2 kg mushrooms roast w/ 150ml oil")["olive-oil"]["to"]).to eq "cook"
  end

  it "asks what a dressing of something is, and takes it for no seeds" do
    lines = taken("Bowl for 50\n2.5 l sesame dressing")
    expect(lines["sesame"]["status"]).to eq "doubtful"
    expect(taken("Bowl for 50\n200 g sesame, for the dressing")["sesame"]["status"]).to eq "sure"
  end

  it "leaves to the pot what is cooked along and thrown out" do
    list = "Lentils for 4\n300 g lentils\n1 bay leaf\n1 onion, halved\n"
    to = ->(step) { taken(list + step)["white-onion"]["to"] }
    expect(to["Cook the lentils with bay and onion 20 min, drain, discard both."]).to eq "pot"
    expect(to["Cook the lentils with bay and onion 20 min, drain, discard the bay."]).to eq "salad"
    expect(taken("#{list}Cook the lentils 20 min.").keys.first).to eq "dry-green-lentils"
    expect(taken("#{list}Cook the lentils 20 min.").values.first["status"]).to eq "sure"
  end

  it "takes what was made before, and what is for another time, for nothing of this" do
    made = "Diary. Made the pea one for the fete, 60 went."
    diary = "#{made} 4 kg podded peas, mint and dill a bunch of each, 900 g feta. Next time 3 bunches mint."
    expect(draft(diary)["servings"]).to eq 60
    expect(grams(diary)).to eq grams("For 60\n4 kg podded peas\n1 bunch mint\n1 bunch dill\n900 g feta")
  end

  it "zests into the dressing what is juiced for it" do
    text = "For 60: 4 kg peas, 4 lemons zest and juice, 700 ml oil and salt."
    expect(taken(text)["lemon"]["to"]).to eq "dressing"
  end

  it "takes a part's heading for no title" do
    text = "For the lentils\n300 g lentils\nTo serve\n100 g feta\nServes 4. Simmer the lentils 20 min."
    expect(kinds(text).first(3)).to eq %w[heading ingredient heading]
    expect(draft(text)).not_to include "title"
  end

  it "counts all the groups that a kitchen cooks for" do
    {
      "TUNA PASTA – KS1 90 / KS2 120 / staff 12" => 222,
      "Slaw (for the rolls, 40)" => 40
    }.each { |title, number| expect(draft("#{title}\n9 kg carrots")["servings"]).to eq(number), title }
    expect(draft("Lunch, staff 12 g\nserves 8\n9 kg carrots")["servings"]).to eq 8
  end

  it "weighs and measures what nobody counts, and asks of oil and of what may be pieces" do
    bare = "Slaw for 40\n2 kg cabbage\ncreme fraiche 600\nwholegrain mustard 100\ncider vinegar 80"
    said = "Slaw for 40\n2 kg cabbage\n600 g creme fraiche\n100 g wholegrain mustard\n80 ml cider vinegar"
    expect(grams(bare)).to eq grams(said)
    statuses = taken("Slaw for 40\n2 kg cabbage\noil 400\nfigs 80").transform_values { |line| line["status"] }
    expect(statuses.values_at("olive-oil", "fig")).to eq %w[doubtful doubtful]
    most = Scullion::Recipe::Counted::MANY
    status = ->(count) { taken("Slaw for 40\n2 kg cabbage\nhoney #{count}")["honey"]["status"] }
    expect([status[most - 1], status[most]]).to eq %w[doubtful sure]
    cubes = taken("Slaw for 40\n2 kg cabbage\nstock cubes #{most}").values.last
    expect(cubes["grams"].to_f).not_to eq((most / 40.0).round(2))
  end

  it "reads a sheet of weights with measures beside them" do
    sheet = <<~TEXT
      Grains for 50
      Ingredient      Weight       Measure
      Brown rice      1 kg         1 qt
      Water                        4 l
    TEXT
    expect(kinds(sheet)).to eq %w[title note ingredient ingredient]
    expect(grams(sheet)).to eq grams("Grains for 50\n1 kg brown rice\n4 l water")
  end

  it "asks what is free of something, smoked or of another make, and takes it for nothing else" do
    [
      "pesto (nut free) 1.8 kg",
      "egg-free mayo 400 g",
      "vegan sausage 2 kg",
      "smoked tomatoes 2 kg"
    ].each do |line|
      lines = draft("Pasta 120\n9 kg fusilli\n#{line}")["lines"].drop(2)
      expect(lines.map { |each| each["status"] }).not_to include("sure"), line
      expect(lines.filter_map { |each| each.dig("taken", "key") }).not_to include("mixed-nuts", "hen-egg"),
      line
    end
    expect(taken("Pasta 120\n9 kg fusilli\nripe tomatoes 2 kg")["tomato"]["status"]).to eq "sure"
    expect(taken("Pasta 120\n9 kg fusilli\n12 eggs free range")["hen-egg"]["status"]).to eq "sure"
  end

  it "divides what it makes by a portion, and counts portions of a weight" do
    {
      "Makes approx. 2.5 kg, portion 100 g" => 25,
      "school kitchen / 120 @ 180 g" => 120
    }.each { |line, number| expect(draft("Slaw\n#{line}\n900 g cabbage")["servings"]).to eq(number), line }
  end

  it "gives each of them a slice where it says so" do
    text = "Peppers\nFor 6: chargrill 3 peppers until soft. Serve with a slice of sourdough each."
    expect(grams(text)["white-loaf"]).to eq grams("For 6\n6 slices of sourdough")["white-loaf"]
  end

  it "knows a column of units by each of its names" do
    %w[UOM UoM U/M Unit].each do |head|
      sheet =
        "Sheet\nServes 80\nDescription,Qty required,#{head},Prep\nBasmati rice,2.5,KG,rinse\nMint,3,BUNCH,"
      expect(draft(sheet)["lines"].filter_map { |line| line["status"] }.tally).to include("sure" => 2), head
    end
  end
end
