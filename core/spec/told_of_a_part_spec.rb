# frozen_string_literal: true

# What a line says of a part of its food, or of each who is served, is said of no more than that.
RSpec.describe "What is said of a part of a line" do
  # @param lines [Array<String>] of a salad for six @return [Array<Array(String, Float, String)>] key, g as
  #   written, where it goes
  def read(*lines)
    draft =
      Scullion::Recipe::Draft.new(["Kale for the staff", "Serves 6", "600 g kale", *lines].join("\n"), house)
    draft
      .reads
      .drop(1)
      .map do |each|
        taken = draft.taken(each)
        [taken.ingredient.key, taken.prepared&.round(1), taken.into]
      end
  end

  it "keeps oil in the dressing where only what is extra is for the heat" do
    ["plus extra for roasting", "+ a little for frying", "and a bit more for the tray"].each do |said|
      expect(read("100 g walnut oil, #{said}", "30 ml cider vinegar").first).to eq [
           "walnut-oil",
           100.0,
           "dressing"
         ]
    end
    expect(read("100 g walnut oil for roasting").first.last).to eq "cook"
  end

  it "shares oil out as it is written" do
    roasted, dressed = ["walnut-oil", 33.3, "cook"], ["walnut-oil", 66.7, "dressing"]
    [
      "100 g walnut oil (20 dressing / 10 roasting)",
      "100 g walnut oil, 10 to roast, 20 for the dressing"
    ].each { |line| expect(read(line)).to contain_exactly(roasted, dressed) }
    expect(read("30 g walnut oil (10 for roasting, the rest for the dressing)")).to eq(
      [["walnut-oil", 10.0, "cook"], ["walnut-oil", 20.0, "dressing"]]
    )
    # 2 tbsp of 100 ml are 30, and not 2.
    all = read("100 ml walnut oil").first[1]
    [
      "100 ml walnut oil (2 tbsp for roasting, the rest for the dressing)",
      "100 ml walnut oil (2 tbsp roasting, 70 ml dressing)"
    ].each do |line|
      expect(read(line).map { |_, grams, into| [(grams / all).round(2), into] }).to eq [
           [0.3, "cook"],
           [0.7, "dressing"]
         ]
    end
    expect(read("60 g walnut oil, half to roast, half for the dressing").map(&:last)).to eq %w[cook dressing]
    expect(read("400 g carrots, 2 trays, 1 oven")).to eq [["carrot", 400.0, "salad"]]
  end

  it "shares out what is said of so much of it" do
    [
      "750 g walnut oil, of which 500 for roasting",
      "750 g walnut oil, 500 g of it for roasting",
      "750 g walnut oil, 250 of it for the dressing"
    ].each do |line|
      expect(read(line)).to contain_exactly(["walnut-oil", 500.0, "cook"], ["walnut-oil", 250.0, "dressing"])
    end
    expect(read("1 kg walnut oil, of which 300 for the dressing").map { |_, grams, _| grams }).to eq [
         300.0,
         700.0
       ]
    # Grated, 97 % of it is left; the other half is cut as it usually is.
    expect(read("2 kg carrots, half of them grated").map { |_, grams, _| grams }).to eq [970.0, 1000.0]
  end

  # What is said behind the oil is said of what lies in it.
  it "roasts what is tossed in something, and not what it is tossed in" do
    {
      "2 kg carrots in 100 ml oil, roasted 25 min at 200" => ["roast", 25, 200],
      "2 kg firm tofu, tossed in 60 ml soy + 30 ml sesame oil, roasted 25 at 200" => ["roast", 25, 200],
      "2 kg cauliflower tossed with 20 g curry powder and 80 ml oil, roasted" => ["roast", nil, nil]
    }.each do |line, way|
      draft = Scullion::Recipe::Draft.new("Salad for 20\n1 kg rocket\n#{line}", house).to_h
      cook = draft["salad"]["components"].last["cook"]
      expect(cook.values_at("method", "minutes", "celsius")).to eq(way), line
      expect(draft["lines"].drop(3).map { |each| each["to"] }.uniq).to eq(["cook"]), line
    end
  end

  it "does to both what is said of both, and not to what comes after" do
    read = ->(line) { house.recipe_items.of(line).map { |item| item.words.slice("cuts", "cooks") } }
    expect(read["4 leeks, 2 carrots, 6 gherkins, both chopped small, and 6 boiled eggs, broken up"]).to eq [
         {},
         { "cuts" => "diced-small" },
         { "cuts" => "diced-small" },
         { "cuts" => "crumbled", "cooks" => "boil-cut" }
       ]
    expect(read["carrots 2 kg + parsnips 2 kg, both roasted"]).to eq [{ "cooks" => "roast" }] * 2
  end

  def held(line)
    draft = Scullion::Recipe::Draft.new("Kale for the staff\nServes 6\n600 g kale\n#{line}", house)
    draft.taken(draft.reads.last).read.line.item.held&.round(3)
  end

  it "keeps back what is said of so much of it" do
    ["600 g walnuts, 200 g of them for the top", "600 g walnuts, of which 200 g to garnish"].each do |line|
      expect(held(line)).to eq(0.333), line
    end
    expect(held("1 kg walnuts, 250 g of them over")).to eq 0.25
    expect(held("600 g walnuts")).to be_nil
  end

  # On a plate. @return [Array<Float>] of each line of food
  def plated(*lines)
    Scullion::Recipe::Draft.new(["Leeks for the staff", "Serves 20", *lines].join("\n"), house).to_h["lines"]
      .select { |line| line["kind"] == "ingredient" }
      .map { |line| line["grams"] }
  end

  # 2 kg for twenty: 100 g each where they are weighed trimmed, half of that as they are bought.
  it "has a weight as it was weighed" do
    [
      "2 kg trimmed leeks",
      "2 kg leeks (net)",
      "2 kg net leeks",
      "leeks 2 kg net",
      "2 kg leeks EP",
      "2 kg leeks, net weight",
      "2 kg leeks, prepped wt",
      "2 kg leeks after trimming",
      "2 kg leeks (weight after trimming)",
      "2 kg leeks, trimmed (weight after)",
      "2 kg leeks once trimmed",
      "2 kg leeks, weighed trimmed",
      "2 kg leeks weighed after trimming",
      "3.5 kg leeks (2 kg trimmed)",
      "3.5 kg leeks = 2 kg once trimmed"
    ].each { |line| expect(plated(line)).to eq([100.0]), line }
    bought = plated("2 kg leeks")
    expect(bought.first).to be < 60
    ["2 kg leeks, trimmed", "2 kg leeks (trimmed)", "2 kg leeks, sliced after trimming"].each do |line|
      expect(plated(line)).to eq(bought), line
    end
    # Said of one, and not of the others.
    expect(plated("2 kg leeks, net weight", "2 kg leeks")).to eq [100.0, *bought]
    expect(plated("All weights net", "2 kg leeks", "2 kg leeks").last(2)).to eq [100.0, 100.0]
  end

  it "asks how much goes in where there is more of it" do
    [
      "a 10 kg sack of carrots, 6 kg used",
      "5 l tub of yoghurt, use 3",
      "2 kg leeks (use only 1.5 kg)"
    ].each do |line|
      draft = Scullion::Recipe::Draft.new("Leeks for the staff\nServes 20\n#{line}", house)
      expect(draft.settled?(draft.reads.first)).to be(false), line
    end
    expect(plated("1.200 g leeks", "1,200 g leeks", "1.2 kg leeks").uniq.size).to eq 1
    expect(plated("oil 2l5", "oil 2.5 l").uniq.size).to eq 1
  end

  it "weighs raw what is said to be so much once cooked" do
    raw = plated("700 g quinoa")
    expect(raw.first).to be > 90
    expect(plated("700 g quinoa = 2.1 kg cooked")).to eq raw
    expect(plated("700 g quinoa (2.1 kg cooked)")).to eq raw
    expect(plated("700 g cooked quinoa")).to eq [35.0]
  end

  # 25 g to each kilo of 3 kg are 75 g, and not 25: nobody knows of which of the foods.
  it "asks how much what is said by the weight of other food is in all" do
    asked = ->(*lines) do
      draft =
        Scullion::Recipe::Draft.new(
          ["Kale for the staff", "Serves 6", "600 g kale", *lines].join("\n"),
          house
        )
      draft.reads.drop(1).to_h { |each| [draft.taken(each).ingredient.key, draft.settled?(each)] }
    end
    [
      "25 g salt per kilo of kale",
      "salt 12 g/kg",
      "1 tsp salt per kg",
      "15 ml walnut oil per litre",
      "30 g parsley for each kg",
      "salt, 1.2 % of the kale",
      "salt 1.2 % of the weight",
      "10 g salt per 100 g"
    ].each { |line| expect(asked[line].values.first).to be(false), line }
    expect(asked["per litre:", "150 g carrots", "80 g walnuts"]).to eq("carrot" => false, "walnuts" => false)
    ["2 kg carrots", "200 g yoghurt, 10 % fat", "1 kg bag carrots", "5 g mustard per portion"].each do |line|
      expect(asked[line].values.first).to be(true), line
    end
  end

  it "has a weight once where only its pieces are each one's" do
    expect(read("salmon 600 g, 1 piece pp").first[1]).to eq 600.0
    expect(read("goat's cheese log 900 g, 2 slices pp on top").first).to eq ["goat-cheese", 900.0, "top"]
    expect(read("salmon 100 g pp").first[1]).to eq 600.0
    expect(read("salmon, 1 piece (100 g) pp").first[1]).to eq 600.0
  end

  # Two to four of them: three, and not one.
  it "counts a few as nobody counted them" do
    three = read("3 sprigs mint").first[1]
    ["a few sprigs of mint", "few sprigs mint", "mint, a few sprigs", "mint (a few sprigs)"].each do |line|
      expect(read(line).first).to eq ["mint", three, "salad"]
    end
    expect(read("a few radishes").first).to eq read("3 radishes").first
    expect(read("a few handfuls of rocket").first[1]).to be_within(15).of(
      3 * read("a handful of rocket").first[1]
    )
    expect(read("carrots 200 g, a few minutes in the oven").first[1]).to eq 200.0
  end

  it "takes no brine from a weight" do
    figures = house.larder["black-olives"].figures
    left = figures["trims/pitted/yield"] / figures["trims/drained/yield"]
    expect(read("100 g black olives, stoned").first[1]).to be_within(0.1).of(100 * left)
    expect(read("100 g pitted black olives").first[1]).to eq 100.0
  end

  it "begins a new line where a row begins with a measure, however long the one above is" do
    rows = [
      "1 tsp each cumin seeds and coriander seeds, toasted well",
      "small bunch of mint",
      "handful of rocket"
    ]
    expect(read(*rows).map(&:first)).to eq %w[cumin-seed coriander-seed mint rocket]
  end

  it "has what it came from no second time" do
    {
      "60 ml lemon juice, from about 2 lemons" => "lemon-juice",
      "60 ml lime juice, about 3 limes" => "lime-juice",
      "300 g cooked beetroot, from 4 beetroots" => "cooked-beetroot",
      "120 g breadcrumbs from half a stale loaf" => "breadcrumbs"
    }.each { |line, key| expect(read(line).map(&:first)).to eq [key] }
    expect(read("60 ml lime juice, 2 limes in wedges").map(&:first)).to eq %w[lime-juice lime]
    expect(read("1 tbsp oil from a 200 g jar of sun-dried tomatoes").size).to eq 2
  end

  it "presses leaf into a cup where it is packed, and nothing that lies close already" do
    [
      "4 packed cups kale",
      "4 cups kale, packed",
      "4 cups (packed) kale",
      "4 cups firmly packed kale"
    ].each { |line| expect(read(line).first[1]).to be_within(0.1).of(2 * read("4 cups kale").first[1]) }
    expect(read("4 cups loosely packed kale").first[1]).to eq read("4 cups kale").first[1]
    expect(read("1 cup packed brown sugar").first[1]).to eq read("1 cup brown sugar").first[1]
  end

  it "goes on where a row begins with slices or a size, however it is broken" do
    rows = [
      "1 kg carrots, peeled and washed, then cut across into",
      "large chunks for the tray, and 200 g rocket"
    ]
    expect(read(*rows).map { |key, grams,| [key, grams] }).to include(["rocket", 200.0])
    expect(read(*rows).size).to eq 2
  end

  # Leaf at just that weight is not pressed.
  it "presses only what lies lighter than the house says" do
    at = "practice/reading/pressed/loose_density"
    loose = house.larder["kale"].density("whole")
    grams =
      [loose, loose + 0.001].map do |limit|
        text = "Lunch\nServes 6\n4 cups packed kale"
        draft = Scullion::Recipe::Draft.new(text, house.with(figures: { at => [limit, "here"] }))
        draft.taken(draft.reads.first).prepared
      end
    expect(grams.last).to be_within(0.01).of(2 * grams.first)
  end
end
