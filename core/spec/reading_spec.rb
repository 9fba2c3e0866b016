# frozen_string_literal: true

# A recipe as a cook writes it: every word finds its role, or is asked about.
RSpec.describe "A recipe in its own words" do
  define_method(:draft) { |text, **more| Scullion::Recipe::Draft.new(text, house, **more).to_h }
  def foods(read) = read["lines"].select { |line| line["kind"] == "ingredient" }
  def food(text) = foods(draft("Serves 4\n#{text}")).first
  def named(read) = foods(read).map { |line| line.dig("taken", "key") }

  # 3 of 4 parts of 120 ml are 90 ml of oil, × 0.913 g/ml ÷ 6 = 13.7 g; 30 ml of vinegar × 1.01 ÷ 6 = 5 g.
  it "takes the whole of a note: parts with a total, what goes on top, how the dressing is split" do
    read = draft(<<~TEXT)
        Lentils, warm and cold
        Serves 6
        a mug of small dark lentils
        ½ red onion, thin, soaked 10 min
        big handful flat parsley, stalks and all
        100 g feta-style cheese crumbled over at the end
        s&p
        dressing: 3 parts oil to 1 part vinegar, about 120 ml, tsp mustard, squeeze of honey
        Dress the lentils warm with two thirds, the rest just before serving.
      TEXT
    expect(foods(read).reject { |line| line["status"] == "sure" }.map { |line| line["text"] }).to eq [
         "a mug of small dark lentils"
       ]
    oil, vinegar = foods(read).values_at(6, 7)
    expect(oil.values_at("grams", "to")).to match [be_within(0.05).of(13.7), "dressing"]
    expect(vinegar["grams"]).to be_within(0.06).of(5.05)
    salad = read["salad"]
    expect(salad["dressing"]["stages"].map { |stage| stage.values_at("into", "share") }).to eq [
         ["warm", 0.6667],
         ["bowl", 0.3333]
       ]
    cheese = salad["components"].find { |each| each["ingredient"] == "brined-white-cheese" }
    expect(cheese["held_back"]).to eq 1.0
    expect(named(read)).to include("fine-salt", "black-pepper")
  end

  it "holds every food of a line, each with its own amount" do
    {
      "2 tbsp sherry vin, 5 oil, tsp dijon" => {
        "sherry-vinegar" => 30,
        "olive-oil" => 75,
        "mustard" => 5
      },
      "150ml sunflower oil and 50ml walnut oil" => {
        "sunflower-oil" => 150,
        "walnut-oil" => 50
      },
      "1 T sugar, 3/4 t salt" => {
        "caster-sugar" => 15,
        "fine-salt" => 3.75
      }
    }.each do |text, meant|
      items = house.recipe_items.of(text)
      expect(items.to_h { |item| [item.foods.first, item.amount.value.round(2)] }).to eq(meant), text
    end
  end

  # What stands twice in a line, or beside its food, and is no food more.
  it "takes once what is said twice, and what is spoken of for nothing" do
    {
      "⅓ cup lime juice (about 3 limes)" => [["lime-juice", nil]],
      "400 g carrots (roughly 4 carrots), diced" => [["carrot", nil]],
      "1 apple, chopped about the size of a sugar lump" => [["apple", nil]],
      "6 chicken breasts, poached in stock with a bay leaf" => [
        ["chicken-breast", nil],
        %w[vegetable-stock pot],
        %w[bay-leaf pot]
      ],
      "500 g barley, simmered in stock" => [["pearl-barley", nil], %w[vegetable-stock pot]],
      "300 g green lentils, simmered in the stock" => [["green-lentils", nil]],
      "2 chicken thighs, for the pot only" => [%w[chicken-thigh pot]],
      "3 kg sweet potato, roasted with 100 ml oil and 2 tbsp smoked paprika" => [
        ["sweet-potato", nil],
        %w[olive-oil cook],
        %w[smoked-paprika cook]
      ],
      "2 pots of basil" => [["basil", nil]]
    }.each do |text, meant|
      items = house.recipe_items.of(text).select(&:food?)
      expect(items.map { |item| [item.foods.first, item.place] }).to eq(meant), text
    end
  end

  it "asks which of two weights is meant, and about what nobody knows; what remains is out of the whole" do
    drafted = ->(text) { Scullion::Recipe::Draft.new("Serves 4\n#{text}", house).to_h["lines"].drop(1) }
    expect(drafted["4 kg beetroot, roasted, 1 kg"].first["why"]).to match(/Two amounts/)
    # A tenth more or less is the same in another writing.
    expect(drafted["400 g beetroot, 440 g"].first["why"].to_s).not_to match(/Two amounts/)
    expect(drafted["400 g beetroot, 441 g"].first["why"]).to match(/Two amounts/)
    expect(drafted["400 g tin beans, 240 g drained"].first["why"].to_s).not_to match(/Two amounts/)
    expect(drafted["4 sticks celery, two Zorples left unpeeled"].map { |line| line["status"] }).to eq(
      %w[sure unknown]
    )
    salt = drafted["1½ tsp fine salt, divided\n500 g carrots\nRemaining ½ tsp salt"]
    expect(salt.first["grams"] / salt.last["grams"]).to be_within(0.02).of(2)
  end

  # A bare number goes on in the measure before it, whatever that is; of litres nobody means that.
  it "goes on in the measure before, and takes no kind's name for a count" do
    said = ->(text) do
      house.recipe_items.of(text).map { |item| [item.foods.first, item.amount&.value, item.piece] }
    end
    expect(said["200 mil soy, a hundred of rice vinegar, fifty of sesame oil"].map { |one| one[1] }).to eq(
      [200, 100, 50]
    )
    expect(said["200 ml oil, 50 vinegar"].last).to eq ["red-wine-vinegar", 50, nil]
    expect(house.recipe_items.of("1 l oil, 2 vinegar").last).to be_counted
    expect(said["flat leaf parsley, loads"]).to eq [["parsley", nil, nil]]
    expect(said["2 sticks celery, 6 bay leaves"].map(&:last)).to eq %w[stick leaf]
    expect(said["oil and chilli"].map(&:first)).to eq %w[olive-oil red-chilli]
  end

  it "is for each plate where the title says so, and for how many where it makes them" do
    plates =
      Scullion::Recipe::Draft.new(
        "Fish and egg, per plate (24 plates tonight)\nolives 60 g\nrocket 20 g",
        house
      )
    expect(plates.reads.map(&:per_head)).to eq [true, true]
    expect(plates.to_h["servings"]).to eq 24
    bulk =
      Scullion::Recipe::Draft.new(
        "SLAW BULK  makes 40 x 90g\n\nwhite cabbage 1.8kg\nwh pepper 2g",
        house
      ).to_h
    expect(bulk.values_at("servings", "servings_said")).to eq [40, true]
    expect(bulk["lines"].filter_map { |line| line.dig("taken", "key") }).to eq %w[white-cabbage white-pepper]
  end

  it "takes heads of lettuce for no guests, and starters and tubs of a title for them" do
    serves = ->(text) { Scullion::Recipe::Draft.new(text, house).to_h.values_at("servings", "servings_said") }
    expect(serves["Chicory and pear (10 starters)\n5 heads chicory\n200 g blue cheese"]).to eq [10, true]
    expect(serves["Lentils and feta for the stall - 35 tubs\n2 kg lentils\nhummus 2 tubs"]).to eq [35, true]
    expect(serves["Slaw\n2 heads cabbage\n200 g carrots"].last).to be false
    expect(serves["Slaw, lunch for 60 heads\n2 kg cabbage"]).to eq [60, true]
  end

  it "takes spice for the tray with its oil, halves of what is weighed, and what is ticked off" do
    items =
      house.recipe_items.of("3 tbsp olive oil and 1 tsp each fennel seed and chilli flakes for roasting")
    expect(items.map { |item| [item.foods.first, item.place] }).to eq(
      [%w[olive-oil cook], %w[fennel-seed cook], %w[chilli-flakes cook]]
    )
    drafted = ->(text) { Scullion::Recipe::Draft.new("Serves 4\n#{text}", house).to_h["lines"].last }
    expect(drafted["120 g walnuts, toasted, half chopped and half left in pieces"]["why"]).to be_nil
    expect(drafted["☐ za'atar to finish"]).to include("kind" => "ingredient", "to" => "top")
  end

  it "reads a sheet whose cells are set apart by bars" do
    sheet =
      "Serves 50\ningredient | gross | trim % | net\norange | 24 ea | - | 3.2 kg\nrocket | 800 g | 0 | 800 g"
    reads = Scullion::Recipe::Draft.new(sheet, house).reads
    expect(reads.map { |read| [read.line.item.foods.first, read.amount.value] }).to eq(
      [["orange", 3200.0], ["rocket", 800.0]]
    )
  end

  it "hears who asks and who answers in a thread" do
    thread = <<~TEXT
      [18:03] Priya: 1.2 kg orzo
      [18:04] Dan: how much spinach
      [18:04] Priya: 400 g baby spinach
      [18:06] Dan: basil?
      [18:06] Priya: yes 60 g
      [18:09] Dan: olives?
      [18:09] Priya: no, kids hate them
    TEXT
    lines = Scullion::Recipe::Draft.new("Serves 25\n#{thread}", house).to_h["lines"].drop(1)
    expect(lines.map { |line| line["taken"] ? line["taken"]["key"] : line["kind"] }).to eq(
      %w[orzo note spinach note basil note note]
    )
    expect(lines[4]["text"]).to eq "60 g of basil"
    more = "[18:10] Bo: 400 g feta?\n[18:11] Ada: no, but 200 g rocket"
    read = Scullion::Recipe::Draft.new("Serves 25\n#{thread}#{more}", house).reads.last(2)
    expect(read.map { |each| [each.line.item.foods.first, each.amount.value] }).to eq(
      [["brined-white-cheese", 400], ["rocket", 200]]
    )
  end

  it "settles the weight where it is said, of each or of all" do
    {
      "2 cans (15 oz.) kidney beans" => 850.5,
      "1 smallish butternut, 800g ish" => 800,
      "2 balls mozzarella, the 125g ones" => 250,
      "6 slices of air dried ham, mine came in a 90g packet" => 90,
      "half a 28g pack of flat-leaf parsley" => 14,
      "200g/7oz feta" => 200,
      "Carrots ..... 300 g" => 300
    }.each do |text, grams|
      read = Scullion::Recipe::Draft.new("Serves 4\n#{text}", house).reads.first
      expect([read.amount.unit, read.amount.value.round(1)]).to eq([:g, grams]), text
    end
  end

  it "asks about the word that may make it another food, and about nothing else" do
    expect(food("200 g zork carrots")).to include("status" => "doubtful", "why" => "What is “zork” here?")
    expect(food("200 g carrots, however you found them")["status"]).to eq "sure"
    expect(food("2 heads of chicory or a bag of frisée")["why"]).to include(", or curly endive?")
    expect(food("300 carrots")["why"]).to include("grams, or pieces")
    expect(food("1 bag rocket")["why"]).to eq "How much is in one?"
  end

  it "offers no guess that only has letters in common" do
    larder = house.larder.values
    %w[zzorp onyx chickory-root lemming brandysnap].each do |word|
      guesses = food("100 g #{word}").fetch("guesses", []).map { |guess| house.larder[guess["key"]] }
      names = guesses.flat_map { |guess| [guess.name, *guess.aliases] }.join(" ").downcase
      expect(guesses.size).to be < larder.size
      expect(guesses.all? { names.include?(word[0, 4]) }).to be(true), "#{word}: #{names}"
    end
  end

  it "reads running text, what it boils along and what it whisks" do
    read = draft(<<~TEXT)
        Pea supper
        For four of us I do a pound of new potatoes, boiled with a couple of bay leaves in the water, and
        about 200g of frozen peas. Whisk 6 tbsp of rapeseed oil with a heaped teaspoon of Dijon and the juice
        of half a lemon.
      TEXT
    expect(named(read)).to include("waxy-potato", "frozen-peas", "rapeseed-oil", "mustard", "lemon-juice")
    oil = foods(read).find { |line| line.dig("taken", "key") == "rapeseed-oil" }
    expect(oil["to"]).to eq "dressing"
    expect(read["servings"]).to eq 4
  end

  it "takes a part that is blitzed for the dressing, and what goes over last for the top" do
    read = draft(<<~TEXT)
        Potatoes, salsa verde
        Serves 50
        new potatoes 7.5kg
        200 g walnuts
        salsa verde:
        parsley 8 bunches
        capers 200g
        olive oil 1.5 litres
        1) boil the spuds 15-18 min
        2) blitz salsa verde
        3) dress spuds hot w/ half the salsa verde
        4) scatter the walnuts
      TEXT
    expect(foods(read).to_h { |line| [line.dig("taken", "key"), line["to"]] }).to eq(
      "waxy-potato" => "salad",
      "walnuts" => "top",
      "parsley" => "dressing",
      "capers" => "dressing",
      "olive-oil" => "dressing"
    )
    expect(food("2 slices of ham a head")["grams"]).to be_within(3).of(60)
  end

  it "asks about what is left over, and takes more of the same for what it is" do
    expect(food("125 ml chopped gherkins + 30 ml of the whatsit")["status"]).to eq "doubtful"
    brined = foods(draft("Serves 4\n125 ml chopped gherkins + 30 ml of the brine"))
    expect(brined.map { |line| line.dig("taken", "key") }).to eq %w[gherkins pickle-brine]
    both = foods(draft("Serves 4\n1½ tbsp lemon juice + 1 tbsp extra for the onion"))
    expect(both.map { |line| line.dig("taken", "key") }).to eq %w[lemon-juice lemon-juice]
  end

  it "passes over who wrote it and when, and loses nothing of it" do
    text =
      "[Tue 16:05] Moll: 250g pearl barley\n> 1 red onion\n- [x] **60 g** hazelnuts\nBest wishes\nGwen\n" \
        "Sent from my phone"
    read = draft(text)
    expect(named(read).compact).to eq %w[pearl-barley red-onion hazelnuts]
    expect(read["lines"].map { |line| line["row"] || line["text"] }).to include("Gwen", "Best wishes")
  end

  it "reads a sheet by its heads, columns by their gaps, and a scan by what was printed" do
    sheet =
      "Lunch\nItem\tQty\tUnit\tPrep\tGoes in\nCarrots\t180\tg\tdiced\tbase\nOlive oil\t2\ttbsp\t\tdressing"
    expect(named(draft(sheet))).to eq %w[carrot olive-oil]
    expect(food("1/2 tsp ja1apeno, minced").dig("taken", "key")).to eq "jalapeno"
    dated = "Item\tQty\tUnit\nRed onion\t2-Jan\tcup"
    expect(foods(draft("X\n#{dated}")).first["why"]).to eq "No amount could be read."
  end

  it "marks each word by what it became, and together they are the line" do
    marks = food("½ red onion, thinly sliced, for the top")["marks"]
    expect(marks.map { |mark| mark["text"] }.join.gsub(/\s+/, "")).to eq "½redonion,thinlysliced,forthetop"
    expect(marks.map { |mark| mark["role"] }).to include("amount", "food", "how", "place")
  end

  it "finds a larder's own and everyday names alike" do
    {
      "parmesan" => "parmesan",
      "bell pepper" => "red-pepper",
      "provolone" => "provolone",
      "scallions" => "spring-onion",
      "roasted peppers from a jar" => "jarred-peppers",
      "white balsamic" => "white-balsamic",
      "neutral oil" => "vegetable-oil",
      "mixed herbs" => "mixed-herbs",
      "romaine" => "cos-lettuce",
      "garbanzo beans, canned" => "chickpeas",
      "onions, red" => "red-onion"
    }.each { |name, key| expect(food("100 g #{name}").dig("taken", "key")).to eq(key), name }
  end
end
