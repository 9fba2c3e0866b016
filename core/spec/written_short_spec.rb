# frozen_string_literal: true

require_relative "taken_lines"

# What a cook writes short, or says once of two: half of each, washed three times, so many in a case.
RSpec.describe "What is written short" do
  include TakenLines

  def component(line, at = -1)
    draft = reads("Salad for 20\n2 kg pearl barley\n#{line}")
    draft.taken(draft.reads[at]).component
  end

  it "does to each of two what is said behind both" do
    lines = [
      "1 kg each of parsnips and beetroot, peeled, in wedges",
      "1 kg each parsnips and beetroot (peeled, wedges)"
    ]
    lines.each do |line|
      both = [component(line, 1), component(line, 2)]
      expect(both.map { |each| each.values_at("trim", "cut") }.uniq).to eq [%w[peeled wedges]]
    end
    expect(component("500 g each of leeks and carrots, sliced", 1)["cut"]).to eq "sliced"
    expect(component("2 tbsp each of oil and parsley, chopped", 1)).not_to have_key("cut")
  end

  it "takes the halves of what is halved, and half of what is one" do
    [
      "4 punnets cherry tomatoes, ½",
      "1 kg cherry tomatoes, in ½",
      "200 g cherry tomatoes, 1/2'd"
    ].each { |line| expect(component(line)["cut"]).to eq "halved" }
    expect(component("12 eggs, 1/4d")["cut"]).to eq "wedges"
    expect(taken("onion, ½").map { |each| each[1] }).to eq [75]
    expect(taken("2 tbsp olive oil, lemon (½)").last.first).to eq "lemon-juice"
  end

  it "spins what is washed, and never mistakes it for spinach" do
    [
      "3 kg rocket, wash x3, spin",
      "3 kg rocket, wash & spin dry",
      "3 kg rocket, rinse twice, spin"
    ].each { |line| expect(taken(line).map { |each| each.values_at(0, 1) }).to eq [["rocket", 3000]] }
    expect(taken("3 kg spin, wash x2").map { |each| each.values_at(0, 1) }).to eq [["spinach", 3000]]
    expect(all("Beans for 4\nDrain and rinse 2 x 400 g tins cannellini.").map { |each| each[1] }).to eq [480]
  end

  it "counts what is in the case, and serves nobody by its heads" do
    text = "Caesar\n60 g garlic\nromaine 2 cases (24 heads), trimmed"
    expect(reads(text).to_h["servings_said"]).to be_falsey
    expect(taken("romaine 2 cases (24 heads)")).to eq taken("24 heads romaine")
    expect(taken("2 boxes cherry tomatoes (18 punnets)")).to eq taken("18 punnets cherry tomatoes")
  end

  it "weighs what nobody counts among bare numbers, and asks of a few grams of what is eaten" do
    list = "Noodles for 20\n2 kg soba\nDressing\n250 tahini\n120 rice vinegar\n60 soy sauce\n"
    expect(all("#{list}40 ginger, grated").last).to eq ["ginger", 39, "dressing"]
    expect(all("#{list}Bowl\nquinoa 40").last).to eq "?"
  end

  it "lists a food behind the name of the dish, and heads a part by how much it makes" do
    text =
      "Slaw (house) – cabbage 4 kg, shredded\n1 kg carrots\nDressing / makes 3 l\n150 g anchovies\n1 l oil"
    expect(all(text)).to eq [
         ["white-cabbage", 3920, "salad"],
         ["carrot", 1000, "salad"],
         ["anchovies", 150, "dressing"],
         ["olive-oil", 913, "dressing"]
       ]
    expect(reads(text).to_h["title"]).to eq "Slaw (house)"
    expect(all("Slaw – 40 portions\n4 kg cabbage").size).to eq 1
    expect(all("Caesar – romaine 2 heads\n4 heads romaine").size).to eq 1
  end

  it "dresses with the whites and lays the greens on top" do
    [
      "12 spring onions - whites in dressing, greens on top",
      "12 spring onions, whites in the dressing, greens over"
    ].each { |line| expect(taken(line).map(&:last)).to eq %w[dressing top] }
    expect(taken("6 leeks, whites in the salad, greens in stock").map(&:last)).to eq %w[salad pot]
  end

  it "has a food with its number spelled out behind a comma, however long its row" do
    line = "red onions, a dozen, chopped v. fine and steeped in the vinegar for half an hour"
    expect(taken(line).map { |each| each.values_at(0, 1) }).to eq [["red-onion", 1764]]
  end

  it "lays round the edge and to order" do
    expect(taken("Two dozen eggs, quartered, go round the edge of the platters").last.last).to eq "top"
    expect(taken("shaved parmesan to order, 10 g a plate").last.last).to eq "top"
  end

  it "keeps oranges in segments out of the dressing that has their zest" do
    told = "Whisk 2 tbsp sherry vinegar with 4 tbsp oil and a scrape of orange zest."
    fruit = ->(line) do
      all("Salad for 4\n300 g rocket\n#{line}\n\nMethod\n#{told}").find { |each| each.first == "orange" }
    end
    expect(fruit["3 oranges, segmented"].last).to eq "salad"
    expect(fruit["3 oranges"].last).to eq "dressing"
  end

  it "steams nothing that is left to steam dry" do
    told = ->(step) do
      reads("Salad for 20\n4 kg potatoes\n\nMethod\n#{step}").to_h["told"].filter_map do |each|
        each["what"] if each["set"]
      end
    end
    expect(told["Boil for 20 min, let them steam dry."].join).not_to include("steam")
    expect(told["Boil for 20 min, leave to steam off in a colander."].join).not_to include("steam")
    expect(told["Dress while they steam."].join).not_to include("steam")
    expect(told["Steam the potatoes for 20 min."].join).to include("steam")
  end

  it "cuts what its name would turn into a tin, and grates what comes grated" do
    expect(component("6 tomatoes chopped as fine as you can")).to include(
      "ingredient" => "tomato",
      "cut" => "diced"
    )
    expect(component("1 kg tomatoes chopped")["ingredient"]).to eq "tomato"
    expect(component("400 g tin chopped tomatoes")["ingredient"]).to eq "tinned-tomatoes"
    expect(component("60 g horseradish grated")["ingredient"]).to eq component("60 g grated horseradish")[
         "ingredient"
       ]
  end

  it "asks about what nobody knows and is put to a food, and weighs the food without it" do
    melon = ->(line) { all("Salad for 90\n2 kg rocket\n#{line}").drop(1) }
    [
      "watermelon 3 lrg, compress w/ 200ml gin",
      "watermelon 3 large, compressed with 200 ml gin"
    ].each { |line| expect(melon[line]).to eq [*melon["3 large watermelons"], "?"] }
  end

  it "spoons by the French spoon" do
    expect(taken("2 c. à s. mustard")).to eq taken("2 tbsp mustard")
    expect(taken("1 cuillère à café de salt")).to eq taken("1 tsp salt")
    expect(taken("3 c.à.s. d'olive oil")).to eq taken("3 tbsp olive oil")
  end

  it "reads on past a spoon that ends a sentence" do
    told = "tahini, two cloves of garlic and cold water till it drops off the spoon. Put the rest beside."
    expect { all("Salad for 12\n#{told}\n2 kg rocket") }.not_to raise_error
  end

  it "cuts both, and softens nothing in a pan that is left to soften" do
    text = "Slaw for 8\n500 g red cabbage\n500 g white cabbage\n1 kg kale\n\nMethod\n"
    set = ->(told) do
      reads(text + told).to_h["told"].select { |each| each["set"] }.map { |each| each["key"] }
    end
    expect(set["Core and shred both cabbages."]).to include("2/cut/shredded", "3/cut/shredded")
    expect(set["Shred the red cabbage."]).not_to include("3/cut/shredded")
    asked = ->(told) { all(text + told).count("?") }
    expect(asked["Leave the cabbage for 10 minutes to soften. Massage the kale until softened."]).to eq 0
    expect(asked["Soften the kale in a pan."]).to eq 1
  end

  it "grills what is held over a flame" do
    told = ->(step) do
      reads("Salad for 12\n8 aubergines\n\nMethod\n#{step}").to_h["told"].map { |each| each["key"] }
    end
    expect(told["Hold the aubergines over the flame till they collapse."]).to include("2/method/grill")
  end

  it "weighs so many pieces of what is cut by the piece, and asks where nobody knows it" do
    expect(taken("12 lemon wedges")).to eq taken("12 wedges of lemon")
    ["focaccia - 25 fingers, toasted", "12 batons of carrot", "8 tomato wedges"].each do |line|
      expect(taken(line)).to eq(["?"]), line
    end
    expect(taken("2 fennel wedges")).to eq taken("2 fennel, wedges")
    expect(taken("6 carrots, 5 cm batons")).to eq taken("6 carrots, batons")
  end

  it "opens all the tins of the size that is said of all" do
    tins = "two tins of kidney beans, two of chickpeas, one of butter beans"
    [" (all the big ones, 800 g)", " (all 800 g)"].each do |size|
      expect(taken(tins + size).map { |each| each[1] }).to eq [960, 960, 472]
    end
  end

  it "heads parts by one word in capitals each, and lists none of them again on the plate" do
    text = <<~TEXT
      Labneh, carrot, dukkah, 8 pax
      CARROT
      1.6 kg carrots, halved, roast 200° 30'
      LABNEH
      1 kg thick yoghurt
      DUKKAH
      100 hazelnut / 60 sesame / 20 coriander seed

      PLATE: 3-4 carrots, pickle, dukkah 1 tbsp
    TEXT
    read = reads(text).to_h
    expect(read["lines"].select { |line| line["kind"] == "heading" }.map { |line| line["text"] }).to eq %w[
         CARROT
         LABNEH
         DUKKAH
       ]
    expect(all(text).map(&:first)).to eq %w[carrot strained-yoghurt hazelnuts sesame coriander-seed]
    expect(read["told"].map { |each| each["key"] }.grep(/pickle/)).to eq []
  end

  it "stirs in what is not boiled along, and halves a pint" do
    told =
      "For 8: boil 600 g beetroot. Dissolve the gelatine in half a pint of boiling water, " \
        "and when nearly setting stir in the beetroot with two sticks of celery, chopped."
    places = all(told).reject { |each| each == "?" }.to_h { |key, _, into| [key, into] }
    expect(places["celery"]).to eq "salad"
    water = ->(text) do
      all("For 8: boil 600 g beetroot in #{text} of water.").find { |each| each.first == "water" }
    end
    expect(water["half a pint"][1]).to eq (water["1 pint"][1] / 2.0).round
  end

  it "lays on top what goes on at the last second" do
    told = "Toss all but the cashews; cashews on at the last second."
    expect(all("Slaw for 8\n1 kg wombok\n200 g cashews\n\nMethod\n#{told}").last.last).to eq "top"
  end

  it "is cut by a noun behind a mark, where the food may be cut so, and asked where nothing is" do
    cut = ->(line) { component(line)["cut"] }
    expect(cut["4 beetroot, quarters"]).to eq "wedges"
    expect(cut["2 kg potatoes, halves"]).to eq "halved"
    expect(cut["6 carrots, sticks"]).to eq "batons"
    expect(cut["2 bunches radish, wafer"]).to eq cut["2 bunches radish, wafer-thin"]
    expect(cut["6 spring onions, bias"]).to eq "sliced"
    expect(taken("500 g walnuts, halves")).to eq taken("500 g walnuts")
    ["6 carrots, fans", "1 kg potatoes, hasselback", "3 shallots, ciselées"].each do |line|
      expect(taken(line)).to eq(["?"]), line
    end
  end

  it "pickles, seeds and lays on last by the short words for it" do
    expect(component("20 cucumbers, quick-pickled")["treat"]).to eq "quick-pickle"
    expect(component("half a cucumber, the seeds scraped out")["trim"]).to eq "seeded"
    expect(taken("50 g sesame, last sec").last.last).to eq "top"
    expect(
      all("Salad for 20\n2 kg barley\nDressing\n1 l oil\n2 sprigs tarragon, last second").last.last
    ).to eq "dressing"
  end

  it "does the same to the red as to the yellow, and measures by a tea glass" do
    draft = reads("Salad for 20\n2 kg barley\n6 red + 6 yellow peppers, blistered & skinned, strips")
    cooks = draft.reads.drop(1).map { |read| draft.taken(read).component.values_at("cut", "cook") }
    expect(cooks.uniq).to eq [["strips", { "method" => "grill" }]]
    expect(taken("½ tea glass oil").last[1]).to eq 46
    expect(taken("a tub and a half of ricotta (250 g)").last[1]).to eq 375
    expect(taken("2 soup spoons tomato paste").last[1]).to be_within(4).of(
      taken("2 tbsp tomato paste").last[1]
    )
  end
end
