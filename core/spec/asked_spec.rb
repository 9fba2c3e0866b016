# frozen_string_literal: true

require_relative "read_texts"

# What is too unlikely to be taken without a question, and what must not be lost or moved in silence.
RSpec.describe "Amounts, states and places that are not taken blindly" do
  include ReadTexts

  it "asks about more of a food than a salad ever has, until it is said to be right" do
    text = "Salad for 10\n2 kg waxy potatoes\n90 g rocket\n80 ml olive oil\n180 g salt"
    salt = draft(text)["lines"].last
    expect(salt.values_at("status", "why")).to eq ["doubtful", Scullion::Recipe::Draft::NEVER]
    right = Scullion::Recipe::Draft.new(text, house, right: [salt["number"]])
    expect(right.to_h["settled"]).to be true
    expect(draft(text.sub("180", "20"))["settled"]).to be true
  end

  # 4 × 110 g are 440 g: for 4 a plate, for 40 a spoonful.
  it "asks for how many it is where nobody has so little or so much" do
    text = ->(guests) do
      "Salad for #{guests}\n110 g rocket\n110 g feta\n110 g cooked beetroot\n110 g walnuts"
    end
    expect(draft(text[4])).not_to include "plate"
    expect(draft(text[40])["plate"]).to eq "11 g a serving"
    few = text[40].lines.first(3).join
    expect(draft(few)).not_to include "plate"
    food = Struct.new(:grams) { def beside? = false }
    plate = ->(grams) { Scullion::Recipe::Unlikely.new([food.new(grams / 4.0)] * 4, house.practice, 1).plate }
    least, most = %w[least most].map { |name| house.practice.fetch("reading/plate/#{name}_grams") }
    expect([least - 0.1, least, most, most + 0.1].map { |grams| plate[grams].nil? }).to eq(
      [false, true, true, false]
    )
  end

  # Peas in the pod are 38 % peas.
  it "takes peas as fresh where they are written so" do
    expect(line("1 kg peas, fresh, podded").values_at("status", "taken").last["key"]).to eq "fresh-peas"
    expect(line("2 kg peas in the pod").dig("taken", "key")).to eq "fresh-peas"
    expect(line("1 kg peas").dig("taken", "key")).to eq "frozen-peas"
  end

  it "asks whether so heavy a bird is whole, how citrus is grilled, and what dresses beside a pickle" do
    {
      "2 x 1.5 kg roast chickens, picked" => "So heavy whole, or its meat?",
      "6 lemons, halved and steamed" => "“steamed”: there are no figures here for that. Take it without?",
      "6 spring onions, 2 whites, rest greens" => "What is “2” here?"
    }.each { |written, why| expect(line(written)["why"]).to eq(why), written }
    grilled = draft("Salad for 20\n6 lemons, halved and grilled")["salad"]["components"].last
    expect(grilled.values_at("ingredient", "cook")).to match ["lemon", include("method" => "grill")]
    into = draft("Salad for 20\n1 kg carrots\n1 kg red onions into 200 ml vinegar for an hour")["lines"].last
    expect(into["why"]).to start_with "Something is pickled"
  end

  it "reads behind a food's name what stands behind its amount in a column" do
    slaw = draft(<<~TEXT)
      Slaw (serves about 80)

      White cabbage ............ 5 kg, finely shredded
      Apples, green ............ 15, in matchsticks, tossed in the juice of 3 lemons
      Sultanas ................. 500 g, soaked in hot tea 20 mins
    TEXT
    expect(slaw["lines"].last(4).map { |each| each.dig("taken", "key") }).to eq(
      %w[white-cabbage apple lemon-juice raisins]
    )
    expect(slaw["settled"]).to be true
  end

  it "cooks a row that is headed so, and not for the first food of it" do
    methods = ->(row) do
      draft("Salad for 5\n#{row}")["salad"]["components"].map { |each| each.dig("cook", "method") }
    end
    expect(methods["Roast veg: courgettes 1 kg, red peppers 1 kg"]).to eq %w[roast roast]
    expect(methods["Per box: 150 g roast sweet potato, 40 g red pepper, 30 g celery"]).to eq [
         "roast",
         nil,
         nil
       ]
  end

  it "knows a colour from a food, an oven's heat from an amount, and what is to be done from what is eaten" do
    carrots = draft("Salad for 20\n2.5 kg carrots (half orange, half purple), batons")["salad"]["components"]
    expect(carrots.map { |each| each.values_at("ingredient", "cut") }).to eq(
      [%w[carrot batons], %w[heritage-carrot batons]]
    )
    crisp = draft("Salad for 20\n2 kg sourdough, cubed, 200 ml oil, oven 180 till golden")["lines"].drop(1)
    expect(crisp.map { |each| [each.dig("taken", "key"), each["to"]] }).to eq(
      [%w[white-loaf salad], %w[olive-oil cook]]
    )
    told = draft("Beets for 10\n1.5 kg beetroot\n\nWrap them in foil and bake for an hour at 190.")["lines"]
    expect(told.filter_map { |each| each.dig("taken", "key") }).to eq ["beetroot"]
  end

  it "gives an amount to the food that it is of, whatever stands before it" do
    rocket = draft("For ten\n1.5 kg beetroot\nJust before eating, add 120 g of rocket and 2 oranges")["lines"]
    expect(rocket.map { |each| each.dig("taken", "key") }.last(2)).to eq %w[rocket orange]
    expect(rocket[-2]["status"]).to eq "sure"
    row = draft("For ten\n1.5 kg beetroot\ngarlic 20 g microplaned / salt 35 g")["lines"].last(2)
    expect(row.map { |each| each.dig("taken", "key") }).to eq %w[garlic fine-salt]
  end

  it "asks whether some of the oil is out of the list, or as well" do
    massaged =
      draft("For ten\n1 kg kale, massage with 100 ml of the oil\n500 ml olive oil\n300 g feta")["lines"]
    expect(massaged.map { |each| each["why"] }).to include "Out of what is listed elsewhere, or as well?"
    expect(line("2 tbsp of the pickle juice")["why"]).to be_nil
  end

  it "loses no food beside another: kinds in words, strangers that are brushed, a dressing that is made" do
    keys = ->(row) do
      draft("Salad for 20\n1 kg carrots\n#{row}")["lines"].drop(2).map { |each| each.dig("taken", "key") }
    end
    expect(keys["Four tins of sweetcorn, drained, six red and three green peppers, diced small"]).to eq(
      %w[sweetcorn red-pepper green-pepper]
    )
    expect(keys["I made a French dressing with 600 ml sunflower oil, 200 ml white wine vinegar"]).to eq(
      %w[sunflower-oil white-wine-vinegar]
    )
    expect(keys["3 ficelles, sliced thin, brushed with oil, baked crisp"]).to eq [nil, "olive-oil"]
  end

  it "cooks what is roasted in vinegar in it, and asks how what comes cooked is fried" do
    onions = draft("Salad for 20\n6 red onions, quartered, roasted in 100 ml balsamic")["lines"].last
    expect(onions.values_at("to", "status")).to eq %w[cook sure]
    expect(draft("Salad for 20\n2 onions in 100 ml balsamic")["lines"].last["to"]).to eq "dressing"
    expect(line("1 kg chickpeas (cooked weight), fried crisp")["why"]).to start_with "“fried”: there"
    expect(line("4 kg beetroot, raw, roast in skins at 180 for 1 h 20")["status"]).to eq "sure"
  end

  it "puts on the tray what stands beside an oven's heat, and into the pot what lentils are boiled with" do
    placed = ->(row) do
      draft("Salad for 20\n1 kg carrots\n#{row}")["lines"]
        .drop(2)
        .map { |each| [each.dig("taken", "key"), each["to"]] }
    end
    expect(placed["all → oil (rapeseed 400 ml), thyme 1/2 bunch, 200° 40 min, turn once"]).to eq(
      [%w[rapeseed-oil cook], %w[thyme cook]]
    )
    expect(placed["100 ml olive oil, 119°"]).to eq [%w[olive-oil dressing]]
    expect(placed["100 ml olive oil, 120°"]).to eq [%w[olive-oil cook]]
    expect(placed["Lemon dressing to serve: 100 ml olive oil"].last).to eq %w[olive-oil dressing]
    expect(placed["2.5 kg dry puy lentils w/ bay + 1/2 onion"]).to eq(
      [%w[dry-puy-lentils salad], %w[bay-leaf pot], %w[white-onion pot]]
    )
    expect(placed["2.5 kg dry puy lentils, 1/2 onion"].last).to eq %w[white-onion salad]
  end

  it "bakes what is brushed with oil, and not the oil" do
    pitta = draft("Salad for 20\n1 kg carrots\n12 pittas, split, brushed w/ 100 ml oil, baked crisp")
    expect(pitta["lines"].last(2).map { |each| each["to"] }).to eq %w[salad cook]
    expect(pitta["salad"]["components"].last.dig("cook", "method")).to eq "crisp"
  end

  it "lets pasta have the oil that it is tossed with, and leaves theirs" do
    tossed = ->(text) { draft("Salad for 20\n1 kg carrots\n#{text}")["lines"].last["to"] }
    expect(tossed["1.5 kg orzo, boiled, tossed with 100 ml oil so it does not stick"]).to eq "cook"
    expect(tossed["1 kg rocket, tossed with 100 ml oil"]).to eq "dressing"
  end

  it "takes what comes frozen as trimmed, and what comes in the pod as it grows" do
    expect(line("1 kg frozen broad beans").dig("taken", "key")).to eq "frozen-broad-beans"
    expect(line("1 kg broad beans in the pod").dig("taken", "key")).to eq "broad-beans"
    expect(line("1 kg frozen peas")["serving"]).to eq "98 g"
    expect(line("1 kg frozen mango")["serving"]).to eq "100 g"
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
    expect(line("seeds of 2 pomegranates")["grams"]).to be_within(1).of(2 * 500 * 0.56 / 10)
  end

  it "is not misled by can, by small, or by who sat in what" do
    expect(line("1 kg of the best tomatoes you can find").dig("taken", "key")).to eq "tomato"
    expect(line("1 cucumber, diced small").dig("taken", "key")).to eq "cucumber"
    expect(line("3 tbsp red wine vinegar that 2 shallots sat in")["to"]).not_to eq "cook"
    peppers = grams("Salad for 10\n2 peppers, one red one green\n3 apples: 2 red, 1 green")
    expect(peppers.keys).to include "red-pepper", "green-pepper"
  end

  it "asks about what the larder has raw and the cook in a tin, or pickled" do
    ["500 g tinned plums", "300 g jarred beetroot", "900 g pickled kohlrabi"].each do |text|
      expect(line(text)["status"]).to eq("doubtful"), text
    end
    [
      "600 g slim carrots, in a roasting tin",
      "300 g pickled onions",
      "2 x 400 g tins tomatoes"
    ].each { |text| expect(line(text)["status"]).to eq("sure"), text }
    expect(line("lemon 300 ml").dig("taken", "key")).to eq "lemon-juice"
  end

  it "asks about what it says to leave out, and heads a part with what is on its row alone" do
    expect(line("15 g pickled ginger? no - leave out, Sam allergic")["status"]).to eq "doubtful"
    expect(line("200 g butter beans, leave out overnight to dry")["status"]).to eq "sure"
    caesar =
      draft("Caesar for 25\ncroutons - 1 loaf (800), 80ml oil\nkale 2 kg\ndrsg - yolks 6, veg oil 500ml")
    expect(caesar["lines"].find { |each| each.dig("taken", "key") == "kale" }["to"]).to eq "salad"
    expect(caesar["lines"].last["to"]).to eq "dressing"
    box =
      "Boxes, 36 off\nper box:\n60 g rocket\npot of dressing 25 ml: for the batch 450 ml oil, 200 ml vinegar"
    expect(taken(box)["red-wine-vinegar"].values_at("to", "serving")).to eq ["dressing", "5.6 g"]
    expect(
      grams("Ham plates – quantities are for each plate, we do 36\n40 g burrata")["burrata"]
    ).to eq "40 g"
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

  it "asks which is meant where a line takes back what it says" do
    {
      "1 kg carrots (sorry, parsnips)" => true,
      "600 g feta – no, make that 800 g" => false,
      "500 g quinoa, actually make it bulgur" => true,
      "20 eggs, scratch that, 24" => false,
      "20 eggs, scratch that, they sold out" => true,
      "1 kg carrots, no need to peel" => false,
      "600 g feta - no brine" => false
    }.each do |line, taken_back|
      read = Scullion::Recipe::Draft.new("Salad for 20\n2 kg pearl barley\n#{line}", house).to_h["lines"][2]
      expect(read["why"] == "It is changed in the same line: which is meant?").to eq(taken_back), line
    end
  end

  it "leaves out what a line asks and says no to, and asks where nothing stands in its place" do
    read = ->(line) { draft("Salad for 20\n2 kg pearl barley\n#{line}")["lines"].drop(2) }
    {
      "ricotta salata?? no → ricotta 3 hpd tbsp, dolloped" => "ricotta",
      "halloumi 500 g? no, feta 500 g" => "brined-white-cheese"
    }.each do |line, key|
      expect(read[line].map { |each| each.dig("taken", "key") }).to eq([key]), line
      expect(read[line].first["why"]).to be_nil
    end
    expect(read["feta 200 g? no, too salty"].first["why"]).to start_with "It is changed"
  end

  it "takes no verb for a spoonful, nor the rest of a mixture for a food of its own" do
    dressed = "Dress 500 g cucumber with half of it. Spoon over the rest of the cream."
    text = "Salmon for 4\nBeat 100 ml crème fraîche with 1 tsp lemon juice. #{dressed}"
    keys = draft(text)["lines"].filter_map { |line| line.dig("taken", "key") }
    expect(keys).to eq %w[creme-fraiche lemon-juice cucumber]
  end

  it "dresses with the oil that spices are bloomed in" do
    lines =
      draft("Salad for 4\n1 kg carrots, roasted in 2 tbsp oil\n2 tsp ras el hanout fried in 5 tbsp oil")[
        "lines"
      ]
    expect(lines.filter_map { |line| line["to"] }).to eq %w[salad cook dressing dressing]
  end

  it "takes a fan's heat for no number of its food" do
    read = draft("Salad for 4\n2 fennel\nfan 190 → fennel 25 min")
    expect(read["lines"].filter_map { |line| line.dig("taken", "key") }).to eq ["fennel"]
  end
end
