# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# Recipes as other cooks jot them down: rows set out with leaders, bare numbers, what is said beside a food.
RSpec.describe "Recipes in other hands" do
  include ReadTexts
  include TakenLines

  it "reads a row whose leaders are short as those of the others, and none where there are no others" do
    list = ->(dots) { "Serves 20\nRed onions .... 1 kg\nCelery ...... 2 kg\nSweetcorn, tinned #{dots} 4 kg" }
    expect(all(list["."])).to eq all(list["....."])
    expect(all("Serves 20\n1 kg red onions\nSweetcorn . 4 kg").last).not_to eq all(list["....."]).last
  end

  it "takes a bare number in a list that is written so as grams, and as millilitres where it is poured" do
    text = "Serves 24\n24 eggs\noil 60\nparmesan 120\ndijon 40\nlemon jc 100\nsalt 8\ngarlic 3\nanchovy 40"
    weighed = "24 eggs\noil 60 ml\nparmesan 120 g\ndijon 40 g\nlemon jc 100 ml\nsalt 8 g\n3 cloves garlic"
    expect(all(text)).to eq [*all("Serves 24\n#{weighed}"), "?"]
    # One such number alone says nothing of the others.
    expect(all("Serves 24\n2 kg carrots\nparmesan 120\ndijon 40").last).to eq "?"
  end

  # 48 is the least of so many; 4 and 5 the ends of what a condiment weighs in such a list.
  it "asks below the least that is so many, and below the least that is weighed" do
    list = ->(cheese, mustard) do
      all("Serves 24\n2 kg carrots\noil 60\nfeta #{cheese}\nmustard #{mustard}").last
    end
    expect([list[50, 5], list[50, 4]].map { |each| each == "?" }).to eq [false, true]
    expect(list[45, 5]).to eq "?"
  end

  # 750 potatoes are 125 for each of six; 30 cherry tomatoes each are the most that are counted.
  it "weighs what nobody is served so many of, and counts what somebody may be" do
    expect(all("Serves 6\nwaxy potatoes 750")).to eq [["waxy-potato", 750, "salad"]]
    expect(all("Serves 6\nfigs 60")).to eq ["?"]
    expect(all("Serves 10\ncherry tomatoes 310").first).to eq ["cherry-tomato", 310, "salad"]
    expect(all("Serves 10\ncherry tomatoes 300")).to eq ["?"]
    expect(all("Serves 6\n300 carrots")).to eq ["?"]
  end

  it "takes net of what stands beside it gross, of so many too" do
    sheet = ->(net) do
      "Serves 50\ningredient | gross | net\ntomato | 5 kg | #{net}\ncress | 10 bunches | 800 g"
    end
    expect(all(sheet["4.5 kg"]).first).to eq ["tomato", 4500, "salad"]
    expect(all(sheet["4.5 kg"]).last[1]).to eq 800
    expect(all(sheet["5 kg"]).first).to eq all("Serves 50\n5 kg tomatoes").first
    spaced = "Serves 50\nITEM        GROSS     NET\nTomato      5 KG      4.5 KG    dice\n"
    expect(all(spaced).first).to eq all(sheet["4.5 kg"]).first
  end

  it "has an amount for each box where its label or its slash says so" do
    box = ->(row) { all("LUNCHES x4\n\n240 g dry quinoa\n#{row}").last }
    expect(box["veg per box: 60 g carrot, grated"]).to eq box["240 g carrot, grated"]
    expect(box["topper: peanuts 10 g/box"][1]).to eq 40
    expect(taken("sesame seeds (1 tsp each), rocket 100 g").first).to eq taken("20 tsp sesame seeds").first
    expect(taken("mint, parsley (20 g each)").map { |each| each[1] }).to eq [20, 20]
  end

  it "counts several of what is counted without a number for nobody" do
    ["celery sticks", "garlic cloves", "anchovy fillets", "bunches of parsley"].each do |line|
      expect(taken(line)).to eq(["?"]), line
    end
    expect(taken("stick of celery")).to eq taken("1 stick celery")
    expect(taken("basil leaves").first.first).to eq "basil"
    expect(taken("2 romaine hearts")).to eq taken("2 hearts of romaine")
  end

  it "takes no tool, vessel or note for a food" do
    {
      "2 kg carrots, in ribbons with a peeler" => "2 kg carrots, in ribbons",
      "2 kg avocado, scooped with a spoon" => "2 kg avocado",
      "50 g dijon – check: some have wheat flour" => "50 g dijon",
      "400 g mayonnaise (check: egg)" => "400 g mayonnaise",
      "500 g potatoes, boiled, dressed hot with the chive dressing" => "500 g potatoes, boiled",
      "1 tbsp anchovy paste (leave out for the vegans ×3)" => "1 tbsp anchovy paste"
    }.each { |line, food| expect(taken(line)).to eq(taken(food)), line }
    expect(taken("120 g honey, whisked with a spoon of mustard").size).to eq 2
    pots = reads("Serves 9\n1 kg penne\n200 g feta\n\nCook the pasta in 3 pots. Cool it.")
    expect(pots.reads.size).to eq 2
  end

  it "puts each of a row where it goes: into the water, on the tray, on the salad" do
    into = ->(line) { taken(line).map(&:last) }
    expect(into["8 kg new potatoes, 1 bunch mint in the water, dress with 600 ml crème fraîche"]).to eq(
      %w[salad pot dressing]
    )
    expect(into["toss: 60 ml oil, 30 g honey, 4 g cumin"]).to eq %w[cook cook cook]
    expect(into["toss: 60 ml oil, 30 ml lemon juice"]).not_to include "cook"
    expect(into["2 tsp salt for the tomatoes, in a colander"]).to eq %w[salad]
    expect(into["3 punnets cress. Dressing on the side"]).to eq %w[salad]
    expect(into["20 g salt in the pasta water"]).to eq %w[pot]
  end

  it "divides oil that one sentence coats with, and the next one roasts, and leaves other oil alone" do
    oils = ->(list, steps) do
      all("Serves 6\n1.2 kg pumpkin\n#{list}\n30 ml lemon juice\n\n#{steps}")
        .select { |key, *| key.include?("oil") }
        .map { |each| each.drop(1) }
    end
    roast = "Toss the pumpkin with half the oil. Roast for 40 min. Whisk the remaining oil with the lemon."
    expect(oils["60 ml olive oil", roast]).to eq [[27, "cook"], [27, "dressing"]]
    whisked = "Whisk a quarter of the oil with the lemon. Roast the pumpkin in the remaining oil."
    expect(oils["60 ml olive oil", whisked]).to eq [[41, "cook"], [14, "dressing"]]
    tray = "Toss the pumpkin with the roasting oil. Roast for 40 min."
    expect(oils["60 ml olive oil (roasting)\n90 ml olive oil", tray].map(&:last)).to eq %w[cook dressing]
  end

  it "reads a list that is told in one breath with all that it names" do
    told = "Serves 6\n1 kg couscous\nA big spoon of harissa, juice of 2 lemons, oil, honey."
    expect(reads(told).reads.map { |read| read.line.item.foods.first }).to eq(
      %w[couscous harissa lemon olive-oil honey]
    )
    expect(all(told).last(2)).to eq %w[? ?]
  end

  it "does not take what stands beside for the name: oil for lemon oil, a preserved lemon for its juice" do
    expect(taken("juice of 2 lemons, 60 ml oil").map(&:first)).to eq %w[lemon-juice olive-oil]
    juice = reads("Serves 6\n1 preserved lemon\n200 g freekeh\n\nWhisk the juice of a lemon with 60 ml oil.")
    expect(juice.reads.map { |read| juice.taken(read).ingredient.key }).to include "lemon-juice"
    expect(taken("juice of a lemon and a half")).to eq taken("juice of 1½ lemons")
    expect(taken("30 ml sunflower or rapeseed oil")).to eq ["?"]
    guesses = reads("Serves 6\n30 ml sunflower or rapeseed oil").reads.first.guesses.map(&:key)
    expect(guesses).to eq %w[sunflower-oil rapeseed-oil]
  end

  it "reads for how many it is, in other words" do
    {
      "Slaw batch = 40 x 250 g" => 40,
      "Niçoise (Marg) — 6 as lunch" => 6,
      "Pasta salad (camp, 48 + 6 leaders)" => 54,
      "Fridge salad, did us 3" => 3,
      "Couscous    Yield: 50 x 6 oz" => 50,
      "Fattoush\ncucumber 3 little ones\nbread last. serves us 5." => 5,
      "Bean salad for the fete. Do two cans of beans, one bag of rocket. Enough for twelve with the ham." =>
        12,
      "20/8 mackerel and beet\n4 fillets mackerel\nx4. Good." => 4,
      "[12/06, 09:20] Ro: for 4: 250 g orzo\n[12/06, 09:21] Ro: 200 g feta\n[12/06, 09:22] Jo: ok" => 4
    }.each { |text, number| expect(draft("#{text}\n1 kg carrots")["servings"]).to eq(number), text }
    chat = "[12/06, 09:20] Ro: for 4: 250 g orzo\n[12/06, 09:21] Ro: 200 g feta\n[12/06, 09:22] Jo: ok"
    expect(all(chat)).to eq all("Serves 4\n250 g orzo\n200 g feta")
  end

  it "joins what was broken at an and, and what a scanner read for numbers" do
    broken = "Serves 8\n1 large bunch each parsley,\nmint and dill, chopped\n1 cucumber, peeled and\ndiced"
    whole = "Serves 8\n1 large bunch each parsley, mint and dill, chopped\n1 cucumber, peeled and diced"
    expect(all(broken)).to eq all(whole)
    scanned = "Serves 8\n25O g bulgur\nlO0 ml olive oil\njuice of l½ lemons\nseeds of l large pomegranate"
    expect(all(scanned)).to eq(
      all("Serves 8\n250 g bulgur\n100 ml olive oil\njuice of 1½ lemons\nseeds of 1 large pomegranate")
    )
  end

  it "takes the unit of a column from the row above it" do
    head = "Pasta salad      100 portions\n\n                    kg/l\n"
    expect(all("#{head}Fusilli, dry        4.000\nSpring onion        0.400")).to eq(
      all("Pasta salad\n100 portions\n4 kg fusilli\n400 g spring onions")
    )
  end

  it "takes no list for a step: semicolons in it, a zest in front, a word cut short" do
    {
      "parsley, huge bunch; mint & basil, small ones" => 3,
      "Lemon: zest of 2, juice of 1" => 2,
      "red on. ×2 → same tray for the last 20 min" => 1,
      "spelt 250 g dry → about 600 ckd. (pearled, 25 min)" => 1
    }.each { |row, foods| expect(reads("Serves 6\n#{row}\n2 kg rice").reads.size).to eq(foods + 1), row }
    told = reads("Serves 6\n2 kg quinoa\nRinse and cook the quinoa, covered, 12 min.")
    expect(told.reads.size).to eq 1
  end

  it "takes what is answered for how much of it, and an answer with a food for that" do
    thread = ->(reply) { "Ro: 2 kg rice\nJo: how much coriander\nRo: #{reply}\nJo: ok\nRo: 300 g feta" }
    coriander = all("Serves 6\n4 bunches of coriander")
    expect(all("Serves 6\n#{thread["4 bunches"]}")).to include(*coriander)
    expect(all("Serves 6\n#{thread["two bags of baby spinach"]}")).not_to include(*coriander)
  end

  it "asks for whom a row is that is for some of them, and keeps apart what is saved for the top" do
    expect(all("Serves 60\n2 kg rocket\nNUT FREE x4: pumpkin seeds 60 g").last).to eq "?"
    kept = reads("Serves 6\n4 eggs, hard cooked: chop 3, save 1 to slice on top\n2 kg rice")
    expect(kept.reads.size).to eq 2
    expect(kept.reads.first.line.item.held).to eq 0.25
    wedge = all("Serves 6\n1 wedge parmesan (150 g), half grated, half shaved")
    expect(wedge.sum { |each| each[1] }).to be_between(135, 150)
  end

  it "takes salt that something is salted with for salt, and dots between foods for commas" do
    cucumber, salt = "½ cucumber, peeled, sliced", "1 tsp salt"
    salted = all("Serves 6\n#{cucumber}, salted 1 tsp, 15 min, squeezed\n2 kg rice")
    expect(salted.map { |each| each[1] }).to eq(
      all("Serves 6\n#{salt}\n#{cucumber}\n2 kg rice").map { |each| each[1] }
    )
    dots = "Serves 8\n1 kg potatoes\nSAUCE: peanut butter 250 · soy 3T · lime 2 · garlic 2"
    expect(all(dots)).to eq all(dots.gsub(" ·", ","))
    expect(draft("12 covers, Sunday, starter: burrata and mint\n2 kg rocket")["servings"]).to eq 12
    expect(reads("12 covers, Sunday, starter: burrata and mint\n2 kg rocket").reads.size).to eq 1
  end

  it "takes more of the same for another place, and weights in a bracket for each" do
    expect(taken("3 tbsp olive oil, plus 5 tbsp for the dressing").map(&:last)).to eq %w[cook dressing]
    expect(taken("2 tbsp olive oil for roasting, 3 tbsp for the dressing").map { |each| each.drop(1) }).to eq(
      [[27, "cook"], [41, "dressing"]]
    )
    expect(taken("100 ml oil + 50 ml for frying").map(&:last)).to eq %w[dressing cook]
    expect(taken("rocket 1.35 kg (15 g pp)")).to eq taken("rocket 1.35 kg")
  end

  it "takes from a tin or frozen what the larder has so, and asks about what it has not" do
    taken = ->(text) do
      line(text).values_at("status", "taken").then { |status, food| [status, food&.fetch("key")] }
    end
    {
      "1 tin peas (300 g), drained" => %w[sure tinned-peas],
      "300 g peas" => %w[sure frozen-peas],
      "1 (15 oz) can sliced beets, drained" => %w[sure tinned-beetroot],
      "5 lb green beans, cut, frozen" => %w[sure frozen-green-beans],
      "600 g carrots, tossed in a big tin" => %w[sure carrot]
    }.each { |text, food| expect(taken[text]).to eq(food), text }
    expect(line("1 tin spinach (300 g), drained")["why"]).to include "as it grows"
  end

  it "hears heats and halves that are spoken" do
    told =
      reads(
        "Serves 6\n6 eggs\n200 g cashews\n\n" \
          "Boil the eggs six and a half minutes. " \
          "Put the cashews in the oven at one eighty for eight minutes."
      )
    facts = told.told_facts.map { |fact| [fact.of.first, fact.fact, Array(fact.value).first] }
    expect(facts).to include ["hen-egg", "minutes", 6.5], ["cashews", "celsius", 180]
  end

  it "takes what all of them get where so many each are written out in full" do
    {
      "egg noodles, 3 nests each person, roughly = 700 g" => "egg noodles 700 g",
      "eggs 1 each = 40" => "40 eggs",
      "halloumi – 3 slices pp = 60 g pp" => "halloumi 60 g pp"
    }.each { |each, total| expect(taken(each)).to eq(taken(total)), each }
  end

  it "pours no seed, and tells short onions from seeds and lemons" do
    expect(all("400 ml sunflower\n2 kg rice").first.first).to eq "sunflower-oil"
    expect(all("2 tbsp sunflower seeds\n2 kg rice").first.first).to eq "sunflower-seeds"
    expect(all("1 l walnuts\n2 kg rice").first.first).to eq "walnuts"
    expect(all("150 ml lemon\n2 kg rice").first.first).to eq "lemon-juice"
    ["s. onions", "s onions", "s/onions"].each do |short|
      expect(all("3 bunches #{short}\n2 kg rice")).to eq all("3 bunches spring onions\n2 kg rice")
      expect(all("4 #{short}\n2 kg rice").first).to eq "?"
    end
  end

  it "keeps for the top the share that the steps hold back, by whatever name" do
    held = ->(step) do
      reads("Serves 40\n2 kg farfalle\n500 g cheddar, grated\n300 g walnuts\n\nMethod\n#{step}")
        .reads
        .to_h { |read| [read.line.item.foods.first, read.line.held] }
        .compact
    end
    expect(held["Combine all but half the cheese. Cheese on top."]).to eq("cheddar" => 0.5)
    expect(held["Stir in half the cheese. Scatter the rest over."]).to eq("cheddar" => 0.5)
    expect(held["Keep a quarter of the nuts back."]).to eq("walnuts" => 0.25)
    expect(held["Keep half the walnuts for another day."]).to eq({})
  end

  # Of 50 for a hundred each has half a gram or half a peach.
  it "counts what nobody weighs out, from below the least that each may have" do
    peaches = ->(servings) { all("Serves #{servings}\n2 kg rice\npeaches 50").last }
    expect(peaches[100]).to eq "?"
    expect(peaches[101]).to eq all("Serves 101\n2 kg rice\n50 peaches").last
  end
end
