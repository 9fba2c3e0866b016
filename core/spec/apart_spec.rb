# frozen_string_literal: true

# Foods that a line takes apart, and what a text says of all its lines: its measures, margins and headings.
RSpec.describe Scullion::Recipe::Apart do
  def read(text)
    draft = Scullion::Recipe::Draft.new("Kitchen salad\nServes 4\n#{text}", house)
    draft.reads.map do |each|
      taken = draft.taken(each)
      next each.name, "?" unless draft.settled?(each)

      [taken.ingredient.key, taken.prepared&.round, taken.into, each.words["cut"]].compact
    end
  end

  def draft_of(line)
    Scullion::Recipe::Draft.new("Kitchen salad\nServes 4\n#{line}", house).to_h["salad"]["components"]
  end

  it "takes the parts of a plant where each of them goes, half and half" do
    expect(read("30 g coriander, stalks pounded, leaves kept for the end")).to eq(
      [%w[coriander dressing crushed], %w[coriander top]].map { |key, *rest| [key, 15, *rest] }
    )
    expect(read("2 bunches spring onions, whites in, greens on top").map { |each| each[2] }).to eq %w[
         salad
         top
       ]
    expect(read("30 g coriander, stalks and all, chopped").size).to eq 1
  end

  it "takes halves that are done two ways" do
    expect(read("4 carrots, half grated, half in ribbons").map(&:last)).to eq %w[grated ribbons]
    expect(read("200 g feta, half in, half on top").size).to eq 1
  end

  it "keeps for both what is said of both, and seasons the half that is cooked" do
    carrots = draft_of("3 kg carrots, peeled, half roasted with cumin, half raw and grated")
    expect(carrots.map { |each| each.values_at("ingredient", "trim", "cut") }).to eq(
      [%w[carrot peeled chunks], %w[carrot peeled grated]]
    )
    expect(carrots.map { |each| each.dig("cook", "method") }).to eq ["roast", nil]
    onions = draft_of("2 red onions, one finely diced, one sliced and pickled")
    expect(onions.map { |each| each.values_at("cut", "treat") }).to eq(
      [["diced-small", nil], %w[sliced quick-pickle]]
    )
    expect(read("12 limes, half juiced, half in wedges for the table")).to eq(
      [["lime-juice", 198, "dressing"], ["lime", 475, "table", "wedges"]]
    )
    expect(read("9 oranges: 3 juiced, 6 sliced into rounds").map(&:first)).to eq %w[orange-juice orange]
    # The larder has no juice of these.
    expect(read("9 blood oranges: 3 juiced, 6 sliced into rounds")).to eq(
      [["blood oranges", "?"], ["blood-orange", 1176, "salad", "sliced"]]
    )
    expect(read("6 eggs, hard-boiled, 4 chopped in, 2 sliced for the top").map { |each| each[2] }).to eq(
      %w[salad top]
    )
    radicchio = draft_of("2 heads radicchio, one grilled, one raw")
    expect(radicchio.map { |each| each.dig("cook", "method") }).to eq ["grill", nil]
  end

  # 3 of 4 beetroot of 130 g are 390 g; shaving leaves 94 % of the fourth.
  it "takes so many for this and so many for that, where the numbers add up" do
    expect(read("4 beetroot: 3 to roast, 1 to shave raw").map { |each| each.values_at(0, 1) }).to eq(
      [["beetroot", 390], ["beetroot", 122]]
    )
    expect(read("lemons: 6 for juice in the dressing, another 8 in wedges for the table")).to eq(
      [["lemon-juice", 282, "dressing"], ["lemon", 855, "table", "wedges"]]
    )
    expect(read("2 to 3 carrots, in 1 to 2 cm dice").size).to eq 1
    expect(read("Rapeseed oil 5 tbsp, 2 to roast, 3 for dressing").map { |each| each[2] }).to eq %w[
         cook
         dressing
       ]
  end

  it "asks what a lemon is for, unless its line, its neighbours or the steps say so" do
    expect(read("2 limes\n200 g rocket").first).to eq %w[limes ?]
    text = "Leaves\nServes 4\n200 g rocket\n2 limes"
    asked = Scullion::Recipe::Draft.new(text, house).to_h["lines"].last
    expect(asked["guesses"].map { |guess| guess["key"] }).to eq %w[lime-juice lime]
    chosen = Scullion::Recipe::Draft.new(text, house, choices: { asked["number"] => "lime-juice" })
    expect(chosen.taken(chosen.reads.last).prepared).to eq 66
    expect(read("200 g rocket\n2 limes\nSqueeze the limes over the rocket.").last).to eq [
         "lime-juice",
         66,
         "dressing"
       ]
    expect(read("tahini 4 tbsp, lemon 1, garlic 1").map(&:first)).to eq %w[tahini lemon-juice garlic]
  end

  it "measures with the spoons that the text says it means, and with British pints where it is British" do
    expect(read("NB tablespoon = 20 ml\n2 tbsp tahini").last[1]).to eq 40
    expect(read("1 pt vegetable stock\n2 tins chickpeas\n200 g rocket").first[1]).to eq 568
    expect(read("1 pt vegetable stock\n2 cups chickpeas\n200 g arugula").first[1]).to eq 473
  end

  it "ends a part that is set in where the text goes back to its margin" do
    text = "Dressing: 3 tbsp oil\n  1 tbsp vinegar\n  1 tsp mustard\nspring onions, 3"
    expect(read(text).last).to eq ["spring-onion", 42, "salad"]
  end

  it "weighs a kitchen's own list as it is prepared" do
    expect(read("PREP LIST\ncucumber, peeled and seeded 1800 g").last).to eq ["cucumber", 1800, "salad"]
    expect(read("cucumber, peeled and seeded 1800 g").last[1]).to be < 1600
  end

  it "takes spice and honey of what is roasted along to it, and what stands above a dressing not for that" do
    text = <<~TEXT
      700 g parsnips, in batons
      1 tbsp clear honey
      For the dressing
      5 tbsp hazelnut oil
      1 tbsp sherry vinegar
      Method
      Roast the parsnips for 35 minutes with the honey.
    TEXT
    salad = Scullion::Recipe::Draft.new("Parsnips\nServes 4\n#{text}", house).to_h["salad"]
    expect(salad["components"].first["with"]).to eq(
      [{ "ingredient" => "honey", "grams" => (21.3 / 4).round(3), "stays" => true }]
    )
    expect(salad["dressing"]["parts"].map { |part| part["ingredient"] }).to eq %w[hazelnut-oil sherry-vinegar]
  end

  it "takes pot company to what takes it up, and not to the eggs" do
    text = "Lentils\nServes 4\n4 eggs, boiled\n300 g puy lentils, dry, simmered\n2 bay leaves, for the pot"
    components = Scullion::Recipe::Draft.new(text, house).to_h["salad"]["components"]
    expect(components.map { |each| each["with"]&.size }).to eq [nil, 1]
  end

  it "takes no full stop of a short word for the end of a sentence" do
    expect(Scullion::Recipe::Sentences.of("1 Tbs. vinegar, 3 tsp. oil. Whisk it.")).to eq(
      ["1 Tbs. vinegar, 3 tsp. oil.", "Whisk it."]
    )
  end

  it "joins what was broken at a width, and nothing else" do
    list = "a handful of pumpkin seeds, toasted with a bit of salt\nbag of rocket\n1 red onion, thin"
    expect(read(list).map(&:first)).to include("pumpkin-seeds", "red-onion")
    broken = "Whisk 6 tbsp of rapeseed oil with a heaped teaspoon of Dijon and the juice\nof half a lemon."
    expect(read(broken).map(&:first)).to eq %w[rapeseed-oil mustard lemon-juice]
  end

  it "reads a table of Markdown, a labelled list and a list below its sum" do
    table = "| Qty | Unit | Item |\n|---|---|---|\n| 400 | g | orzo |\n| 60 | ml | olive oil |"
    expect(read(table).map { |each| each.first(2) }).to eq [["orzo", 400], ["olive-oil", 55]]
    expect(read("Roast veg: courgettes 5 kg, aubergines 4 kg").map(&:first)).to eq %w[courgette aubergine]
    sum = "400 g rocket\nsherry vinaigrette 750 ml\n  - sherry vinegar 180 ml\n  - walnut oil 300 ml"
    expect(read(sum).map { |each| each.values_at(0, 2) }).to eq(
      [%w[rocket salad], %w[sherry-vinegar dressing], %w[walnut-oil dressing]]
    )
  end

  it "drops no second food of a line, and lists nothing that is only brushed on" do
    expect(read("a fistful each of mint and parsley").map { |each| each.first(2) }).to eq(
      [["mint", 30], ["parsley", 30]]
    )
    expect(read("a bag of rocket and spinach").map(&:first)).to eq %w[rocket spinach]
    expect(read("3 eggs, a tin of mackerel").map(&:first)).to eq %w[hen-egg mackerel]
    expect(read("2 pittas, split, brushed with oil, baked").map(&:first)).to eq %w[flatbread]
    expect(read("oil 2 tbsp / lemon, a squeeze / salt").map(&:first)).to eq %w[
         olive-oil
         lemon-juice
         fine-salt
       ]
  end

  it "takes a bare number for grams where the sheet is headed so, and a thread for what is said in it" do
    sheet = "(per portion, g)\nRice, brown, cooked      120\nParsley, chopped      2"
    expect(read(sheet).map { |each| each.first(2) }).to eq [["brown-rice", 4 * 120], ["parsley", 4 * 2]]
    thread = "Kim: 200 g rocket\nLee: olives?\nKim: 60 g feta\nLee: lovely"
    expect(read(thread).map(&:first)).to include("rocket", "brined-white-cheese")
  end

  # 4 tbsp of oil at 913 g/l are 54.8 g.
  it "divides the oil of a list as the steps do, and as nobody says it leaves it whole" do
    oil = ->(steps) do
      read("800 g carrots\n4 tbsp olive oil, divided\n30 ml lemon juice\n#{steps}")
        .select { |each| each.first == "olive-oil" }
        .map { |each| each[1, 2] }
    end
    {
      "Roast the carrots in half the oil. Whisk the remaining oil with the lemon." => [
        [27, "cook"],
        [27, "dressing"]
      ],
      "Roast the carrots in 1 tbsp of the oil. Whisk the rest of the oil in." => [
        [14, "cook"],
        [41, "dressing"]
      ],
      "Fry the carrots in 1 tbsp oil, the lemon in 1 tbsp oil in a pan. Whisk in remaining oil." => [
        [27, "cook"],
        [27, "dressing"]
      ],
      "Whisk a quarter of the oil with lemon. Roast the carrots in the remaining oil." => [
        [41, "cook"],
        [14, "dressing"]
      ],
      "Toss the carrots in half of the oil and roast at 200 C. Whisk the rest with the lemon." => [
        [27, "cook"],
        [27, "dressing"]
      ],
      "Coat the carrots with 1 tbsp of the oil, roast at 200 C." => [[14, "cook"], [41, "dressing"]],
      "Roast the carrots in the oil at 200 C. Stir in the lemon." => [[55, "cook"]],
      "Roast the carrots at 200 C, then toss with the oil and lemon." => [[55, "dressing"]],
      "Roast the carrots. Whisk oil and lemon." => [[55, "dressing"]]
    }.each { |steps, parts| expect(oil[steps]).to eq(parts), steps }
  end

  it "leaves a fruit in the salad whose juice alone is for the dressing, and spreads what is spread" do
    expect(read("14 oranges, segmented, juice kept for the dressing").map { |each| each[2] }).to eq %w[salad]
    expect(read("2 lemons, juice for the dressing").map { |each| each.values_at(0, 2) }).to eq [
         %w[lemon-juice dressing]
       ]
    spread = read("200 g labneh\n800 g carrots\nSpread the labneh over a platter, carrots on top.")
    expect(spread.first[2]).to eq "salad"
    expect(read("160 g tuna in oil, drained, oil kept").first.first).to eq "tinned-tuna"
  end

  # A card that is written for two sizes is read at the one that it is for, else at the first.
  it "takes one of several scales that stand side by side, with its own number" do
    head, *rows =
      ["Ingredient        10 ptn     40 ptn", "Carrots   1.0 kg     4.0 kg", "Olive oil   60 ml   240 ml"]
    sheet = ["Item\tx10\tx40", "Carrots\t1 kg\t4 kg", "Olive oil\t60 ml\t240 ml"].join("\n")
    {
      [head, *rows].join("\n") => 10,
      ["Yield 40 portions", head, *rows].join("\n") => 40,
      ["          10 ptn     40 ptn", *rows].join("\n") => 40,
      sheet => 10,
      "Yield 40 portions\n#{sheet}" => 40,
      sheet.gsub(/x(\d+)/, '\1 ptn') => 10,
      sheet.gsub(/x(\d+)/, 'for \1') => 10
    }.each do |text, many|
      found = Scullion::Recipe::Draft.new("Carrot salad\n#{text}", house)
      expect(found.to_h.values_at("servings", "servings_said")).to eq([many, true]), text
      grams = found.reads.map { |each| found.taken(each).prepared.round }
      expect(grams).to eq([many * 100, (many * 6 * 0.913).round]), text
    end
  end

  it "takes every amount for each of them where a row says so, wherever that stands" do
    pots = ["80 g cooked puy lentils", "60 g roasted peppers"]
    [
      [*pots, "All weights per pot."],
      ["All weights per pot", *pots],
      [*pots, "NB amounts are per pot"]
    ].each do |rows|
      found = Scullion::Recipe::Draft.new("POTS (makes 24)\n#{rows.join("\n")}", house)
      expect(found.reads.map { |each| found.taken(each).prepared.round }).to eq([1920, 1440]), rows.join("; ")
    end
  end

  it "says a size once of all tins, and reads the number of a part's own name as none of a food" do
    tins = read("one can green beans, one can wax beans, one can kidney beans (all 15 oz), drained")
    expect(tins.map(&:last)).not_to include("?")
    part =
      Scullion::Recipe::Draft.new(
        "Eggs\nCovers 20\n400 g rocket\nGribiche for 20: 6 hard eggs, 60ml w/w vinegar",
        house
      )
    others = "Eggs\nCovers 20\n400 g rocket\nGribiche for 40: 6 hard eggs, 60ml vinegar"
    asked = Scullion::Recipe::Draft.new(others, house)
    expect(asked.reads.map { |each| asked.settled?(each) }).to eq [true, false, false]
    expect(part.reads.map { |each| part.taken(each)&.ingredient&.key }).to eq %w[
         rocket
         hen-egg
         white-wine-vinegar
       ]
  end

  it "drinks up the stock that couscous is covered with, and dresses with what is only poured over" do
    couscous = "450 g couscous\n900 ml vegetable stock\n"
    into = ->(steps) { read(couscous + steps).last[2] }
    expect(into["Pour the stock over the couscous, cover, leave 20 min, fork through."]).to eq "pot"
    expect(into["Pour the stock over, cover 10 mins, fluff up."]).to eq "pot"
    expect(
      read("1 kg potatoes\n200 ml vegetable stock\nPour the stock over the potatoes.").last[2]
    ).to eq "dressing"
  end

  it "weighs what is so much of a food with an article between" do
    expect(read("120g of hazelnuts and 200g of a crumbly blue cheese").map { |each| each.first(2) }).to eq(
      [["hazelnuts", 120], ["blue-cheese", 200]]
    )
  end

  it "asks of the bare numbers, in a row in which some are weighed, of what might be counted" do
    row = read("dressing: greek yog 300, parsley 60, chives 20, anchovy 12, olive oil 120, garlic 6")
    expect(row.select { |each| each.last == "?" }.map(&:first)).to eq %w[anchovy garlic]
    expect(row.values_at(1, 2).map { |each| each.first(2) }).to eq [["parsley", 60], ["chives", 20]]
    expect(
      read("dressing: olive oil 60 ml, vinegar 20 ml, garlic 2 cloves, anchovy 4").map(&:last)
    ).not_to include("?")
  end
end
