# frozen_string_literal: true

require_relative "read_texts"

# What one line, or one step, makes of its foods: where they go, how much each has, and what is no food.
RSpec.describe "Lines of a recipe" do
  include ReadTexts

  it "reads how many it is for in a kitchen's own words" do
    {
      "Kale bowl\nfeeds around 30\n1 kg kale" => 30,
      "WALDORF, GASTRO 1/1, 45 ptn\ncelery 2.4 kg" => 45,
      "Bean bowl\nPrep 20 min · Cook 1 hr · 6 servings\n1 kg kale" => 6,
      "Serves 10 as a side.\n1 kg kale" => 10
    }.each { |text, number| expect(draft(text)["servings"]).to eq(number), text }
    expect(kinds("Bean bowl\nPrep 20 min · Cook 1 hr · 6 servings\n1 kg kale")[1]).to eq "servings"
    expect(draft("Serves 10 as a side.\n1 kg kale")).not_to include "title"
  end

  it "loses no food to a line that also says how many it is for" do
    text = "For 8 I boil 1 kg potatoes for 20 minutes.\n\nThen whisk 100 ml oil with the juice of 2 lemons."
    expect(taken(text).transform_values { |line| line["to"] }).to eq(
      "waxy-potato" => "salad",
      "olive-oil" => "dressing",
      "lemon-juice" => "dressing"
    )
  end

  it "counts one of something behind another, however it is done; a half moon is no half" do
    {
      "1 tsp mustard and one crushed clove of garlic" => "1 clove garlic",
      "200 g feta, and one finely sliced shallot" => "1 shallot, sliced",
      "60 ml oil and one small red onion" => "1 small red onion",
      "cucumber, seeded, half moon 3 ea" => "3 cucumbers, seeded, sliced"
    }.each do |text, plain|
      one, other = [text, plain].map { |line| draft("Bowl\nServes 1\n#{line}")["lines"].last }
      expect(one.values_at("grams", "status")).to eq(other.values_at("grams", "status")), text
    end
  end

  it "leaves an amount to the one that it stands behind" do
    expect_the_same(
      "2 onions in lemon juice (50 ml)" => "2 onions\n50 ml lemon juice",
      "200 g beetroot tossed in red wine vinegar (30 ml)" => "200 g beetroot\n30 ml red wine vinegar",
      "12 shallots, put in the vinegar (sherry, 200ml)" => "12 shallots\n200 ml sherry vinegar",
      "1 red onion, in lime juice, half a litre" => "1 red onion\n500 ml lime juice",
      "1 cucumber (300 g) in salt (10 g)" => "1 cucumber (300 g)\n10 g salt"
    )
    expect(taken("Serves 4\n6 anchovies in oil (20 g)").keys).to eq ["anchovies"]
  end

  it "shares an amount among all that it is said of, and not among those who eat" do
    expect_the_same(
      "½ bunch each dill and mint" => "½ bunch dill\n½ bunch mint",
      "½ bunch each of dill, mint" => "½ bunch dill\n½ bunch mint",
      "1 tsp each of mustard, sugar & salt" => "1 tsp mustard\n1 tsp sugar\n1 tsp salt",
      "2 sprigs each thyme and rosemary" => "2 sprigs thyme\n2 sprigs rosemary",
      "1 tin each chickpeas and kidney beans" => "1 tin chickpeas\n1 tin kidney beans",
      "2 each red and yellow peppers" => "2 red peppers\n2 yellow peppers",
      "4 red and yellow peppers" => "2 red peppers\n2 yellow peppers",
      "600 g red, green and yellow peppers" => "200 g red peppers\n200 g green peppers\n200 g yellow peppers",
      "1 kg red & white onions" => "500 g red onions\n500 g white onions",
      "Peppers red/green/yellow, 1.5 kg each" =>
        "1.5 kg red peppers\n1.5 kg green peppers\n1.5 kg yellow peppers",
      "1.5 kg each red/green peppers" => "1.5 kg red peppers\n1.5 kg green peppers",
      "6 peppers, red/green/yellow" => "2 red peppers\n2 green peppers\n2 yellow peppers",
      "2 kg cabbage, red and white, shredded" => "1 kg red cabbage, shredded\n1 kg white cabbage, shredded",
      "Onions red/white 500 g each, sliced" => "500 g red onions, sliced\n500 g white onions, sliced"
    )
    expect(grams("Salad for 10\n½ burrata each")).to eq grams("Salad for 10\n5 burrata")
  end

  # A colour makes another food of it, or it does not.
  it "asks about a colour only where there is a food of that colour" do
    status = ->(line) { taken("Salad for 4\n#{line}").values.first&.fetch("status") }
    expect(status["4 red apples"]).to eq "sure"
    expect(status["2 kg purple carrots"]).to eq "sure"
    expect(status["6 red or yellow peppers"]).to eq "doubtful"
    expect(status["1 pepper, red or yellow"]).to eq "doubtful"
    expect(status["1 red/green pepper"]).to eq "doubtful"
  end

  # As a storeroom lists them: the kind behind the name.
  it "takes what is said behind a name as its kind, and never as a food beside it" do
    expect_the_same(
      "20 apples, Braeburn, unpeeled" => "20 Braeburn apples, unpeeled",
      "1 kg potatoes, charlotte, halved" => "1 kg charlotte potatoes, halved",
      "500 g cheese, feta, crumbled" => "500 g feta, crumbled",
      "200 ml oil, olive" => "200 ml olive oil",
      "400 g vinegar, sherry" => "400 g sherry vinegar",
      "500 g nuts, walnuts, chopped" => "500 g walnuts, chopped",
      "1 kg squash, butternut, roasted" => "1 kg butternut squash, roasted",
      "2 tbsp vinegar, sherry 1 tbsp" => "2 tbsp vinegar\n1 tbsp sherry"
    )
    expect(taken("Serves 4\n3 kg apples, pears").keys).to eq %w[apple pear]
    expect(taken("Serves 4\n500 g nuts, walnuts and almonds").keys).to eq %w[mixed-nuts walnuts almonds]
  end

  it "takes both of a pair wherever it stands in its line, and a name that is cut short" do
    expect_the_same(
      "30 ml oil, 10 ml vinegar, salt pepper" => "30 ml oil, 10 ml vinegar\nsalt\npepper",
      "400 g feta, s&p" => "400 g feta\nsalt\npepper",
      "veg oil 90 ml, curry pwd 6 g, honey 12 g" => "90 ml veg oil\n6 g curry powder\n12 g honey"
    )
    stranger = Scullion::Recipe::Draft.new("Serves 8\nfeta 90 g, blonk gromp 60 g, mint 20 g", house).to_h
    expect(stranger["lines"].map { |line| line["text"] }).to include("blonk gromp 60 g")
  end

  it "lists no water that a food is only kept in" do
    lines = ["1.5 kg fennel, shaved, ice water 10'", "1 kg apples, diced, acidulated water"]
    lines.each { |line| expect(taken("Serves 20\n#{line}").size).to eq(1), line }
    expect(taken("Serves 20\n1 kg bulgur, water 1.5 l").keys).to eq %w[coarse-bulgur water]
  end

  it "takes nothing that the cook does not want" do
    ["NO lettuce", "no onion, no garlic", "without salt", "no olives"].each do |line|
      text = "Salad for 4\n400 g feta\n#{line}"
      expect(taken(text).keys).to eq(["brined-white-cheese"]), line
      expect(kinds(text).uniq).to contain_exactly("title", "ingredient", "note"), line
    end
  end

  it "reads a list behind its label to the last word" do
    [
      "For the dressing: 4 Tbsp olive oil; zest and juice of 1 orange; flaky salt.",
      "Dress = 200 ml olive oil / juice and zest of 1 orange / flaky salt"
    ].each do |line|
      to = taken("Potatoes\n1 kg potatoes\n#{line}").transform_values { |each| each["to"] }
      expect(to).to eq(
        "waxy-potato" => "salad",
        "olive-oil" => "dressing",
        "orange-juice" => "dressing",
        "orange" => "dressing",
        "sea-salt-flakes" => "dressing"
      ),
      line
    end
  end

  it "dresses with what has oil and acid in it, wherever its heading says that it is poured" do
    text =
      "Kale for 4\n400 g kale\n\nfor over the top:\n90 ml rapeseed oil\n30 ml cider vinegar\n1 tbsp honey"
    expect(taken(text).values.map { |line| line["to"] }).to eq %w[salad dressing dressing dressing]
    crumbs = "Kale bowl for 4\n400 g kale\n\nfor the top:\n30 ml oil\n80 g walnuts"
    expect(taken(crumbs)["walnuts"]["to"]).to eq "top"
  end

  it "leaves on the tray what is listed with what is roasted" do
    text = <<~TEXT
      Carrots for 10
      For the carrots: 1.2 kg carrots; 3 Tbsp olive oil; 2 tsp cumin seeds; 1 Tbsp date syrup
      For the dressing: 4 Tbsp extra virgin olive oil; 1 Tbsp sherry vinegar
      1. Toss the carrots in the oil, cumin and date syrup, and roast 30 minutes.
    TEXT
    expect(taken(text).transform_values { |line| line["to"] }).to eq(
      "carrot" => "salad",
      "olive-oil" => "cook",
      "cumin-seed" => "cook",
      "date-syrup" => "cook",
      "extra-virgin-olive-oil" => "dressing",
      "sherry-vinegar" => "dressing"
    )
  end

  it "dresses with stock that is poured over, and boils in stock that boils" do
    list = "Potatoes for 8\n- 1 kg potatoes\n- 200 ml beef stock, hot\n- 3 tbsp oil\n"
    to = ->(step) { taken(list + step)["beef-stock"]["to"] }
    expect(to["Pour the hot stock over the warm slices, then the oil."]).to eq "dressing"
    expect(to["Simmer the potatoes in the stock. Spoon the stock over them."]).to eq "pot"
    expect(to["Slice the potatoes."]).to eq "pot"
  end

  it "takes what is told again below the steps for no second food" do
    text =
      "Potatoes for 8\n- 1 kg potatoes\n- 4 eggs\nBoil the potatoes for 20 minutes.\neggs quartered on top"
    expect(kinds(text)).to eq %w[title ingredient ingredient step step]
    expect(taken(text)["hen-egg"]["to"]).to eq "top"
  end

  it "takes the name of a dish for no food" do
    text = "I make this bean salad for a dozen people: I soak half a kilo of dried cannellini and boil them."
    expect(taken(text).keys).to eq %w[dry-cannellini]
  end

  it "cuts first what is told to be cooked behind its cut" do
    done = ->(line) { taken("Squash for 8\n- #{line}\n- 100 g rocket").values.first["done"] }
    expect(done["roast squash - 3 kg, 2 cm chunks, 200 fan for 35 min"]).not_to include "once it is cooked"
    expect(done["1 kg spuds, boiled in their skins 20 min, peeled and sliced"]).to include "once it is cooked"
  end

  it "says that nothing is cooked here which comes cooked" do
    ["250 g pouch cooked puy lentils", "2 tins tuna in oil (160 g drained each)"].each do |line|
      expect(taken("Lunch for 4\n#{line}").values.first["done"].to_s).not_to include("from raw"), line
    end
  end

  it "takes one amount of two kinds for half of each" do
    expect_the_same(
      "300 ml oil (half walnut half sunflower)" => "150 ml walnut oil\n150 ml sunflower oil",
      "1 kg grains (half wheat berries, half wild rice)" => "500 g wheat berries\n500 g wild rice",
      "2 kg beetroot, half golden half candy" => "1 kg golden beetroot\n1 kg candy beetroot"
    )
    expect(taken("Salad for 10\n1 kg potatoes, half boiled half roasted").keys).to eq %w[waxy-potato]
  end

  it "eats what is only cooked in water, and what is told in a bracket is told of what stands there" do
    expect(taken("Salad for 16\neggs 16 poached (vinegar in the water)")["hen-egg"]["to"]).to eq "salad"
  end

  it "is made from what is weighed" do
    text = "Salad for 8\n2 heads frisee\ncroutons from 1 stale baguette"
    expect(taken(text).keys).to eq %w[frisee baguette]
  end

  it "counts heads of a lettuce as no guests, and a staff or scoops as such" do
    {
      "Lyonnaise – staff of 16\nfrisée 4 heads, washed" => 16,
      "beans\n1 kg beans\nserve @ room temp, 110 scoops" => 110
    }.each { |text, number| expect(draft(text)["servings"]).to eq(number), text }
  end

  it "hears of the list's own oil and nuts in the steps" do
    text = <<~TEXT
      Peaches for 4
      400 g peaches
      40 g hazelnuts
      4 tbsp olive oil
      1 tbsp lemon juice
      Brush the peaches with 1 tbsp of the oil and griddle for 2 minutes. Whisk the lemon juice and the oil.
      Top with the peaches and nuts, then spoon over the rest.
    TEXT
    expect(taken(text).keys).to eq %w[peach hazelnuts olive-oil lemon-juice]
  end

  it "puts on top what stands beside the words, and not all of the sentence" do
    text = "Frisée for 4\n2 heads frisee\n4 eggs\nDress the frisee, eggs on top last."
    expect(taken(text).transform_values { |line| line["to"] }).to eq("frisee" => "salad", "hen-egg" => "top")
  end

  it "reads a text that is all in capitals" do
    text = "COLD BEEF - FEEDS 5\nABOUT A POUND OF COLD ROAST BEEF CUT IN STRIPS\nFRENCH BEANS HALF A POUND"
    expect(taken(text).keys).to include("roast-beef", "green-beans")
  end

  it "whisks so little water, and cooks in more" do
    to = ->(water) { taken("Lunch for 40\n1 kg couscous\n200 g tahini\n#{water}")["water"]["to"] }
    expect(to["0.2 kg water"]).to eq "dressing"
    expect(to["0.21 kg water"]).to eq "pot"
  end

  it "puts on the tray what is said to be for roasting" do
    expect(
      taken("Lunch for 40\n3 kg cauliflower\n0.16 kg olive oil (roasting)")["olive-oil"]["to"]
    ).to eq "cook"
  end

  it "takes nobody's name for bread" do
    expect(
      taken("Nan's coleslaw for 6\nNan's coleslaw: half a white cabbage, two carrots").keys
    ).not_to include "naan"
  end

  # A word that is passed over must change nothing of what is eaten.
  it "passes over no word that makes another food, or keeps it from somebody" do
    telling = %w[smoked hot-smoked cold-smoked cured dry-cured pickled candied fermented sprouted raw]
    telling += %w[vegan plant-based vegetarian gluten-free dairy-free nut-free egg-free lactose-free]
    expect(house.words.fetch("asides") & telling).to eq []
    {
      "2 hot-smoked trout fillets" => "smoked-trout",
      "200 g vegan feta" => "vegan-feta",
      "200 g gluten-free pasta" => "gluten-free-pasta"
    }.each { |line, key| expect(taken("Lunch for 2\n#{line}").keys).to eq([key]), line }
    ["100 g hot-smoked halibut", "100 g vegan sausage", "100 g gluten-free tortilla"].each do |line|
      statuses = draft("Lunch for 2\n#{line}")["lines"].drop(1).map { |each| each["status"] }
      expect(statuses).not_to include("sure"), line
    end
  end

  it "tops beans where a sheet says so, and puts on top what is said to go there" do
    beans = ->(how) { taken("Beans for 12\n900 g French beans, #{how}")["green-beans"] }
    expect(beans["top, boil 4 min"]["to"]).to eq "salad"
    expect(beans["on top"]["to"]).to eq "top"
  end

  it "takes for juice what is measured as juice, whatever is cut of the fruit" do
    ["orange juice 200 ml from the segments", "200 ml orange jce, from the segments"].each do |line|
      expect(taken("Beets for 12\n#{line}").keys).to eq(["orange-juice"]), line
    end
    expect(taken("Beets for 12\n2 oranges in segments, their juice squeezed out after").keys).to eq ["orange"]
  end
end
