# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# What is measured beside what is only counted or guessed at: the weight that is written goes before.
RSpec.describe "Weights as they are written" do
  include ReadTexts
  include TakenLines

  def one(line) = all("Serves 20\n#{line}").first

  {
    "Parsley: 6 large bunches (600g picked)" => ["parsley", 600],
    "Dill - 4 bunches, 120 g once picked" => ["dill", 120],
    "basil, 3 bunches = 150 g picked" => ["basil", 150],
    "cauliflower, 3 large (2.4 kg trimmed)" => ["cauliflower", 2400],
    "corn, 6 cobs (900g off the cob)" => ["corn-cob", 900],
    "3 bunches radishes (450g trimmed)" => ["radish", 450],
    "kale 2 kg AP / 1.2 kg EP" => ["kale", 1200],
    "kale, AP 2 kg, EP 1.2 kg" => ["kale", 1200],
    "kale EP 1.2 kg / AP 2 kg" => ["kale", 1200],
    "kale 2 kg, net 1.2 kg" => ["kale", 1200],
    "kale, 2 kg (EP 1,200 g)" => ["kale", 1200],
    "40 g chervil picks" => ["chervil", 40],
    "3 mangoes (600 g flesh)" => ["mango", 600],
    "2 grapefruit, 300 g segments" => ["grapefruit", 300],
    "2 pomegranates (300 g seeds)" => ["pomegranate-seeds", 300]
  }.each do |line, (key, grams)|
    it "has what is left once it is trimmed of “#{line}”" do
      expect(one(line).first(2)).to eq [key, grams]
      expect(all("Serves 20\n#{line}").size).to eq 1
    end
  end

  it "has as bought what no line says is trimmed, and of each what is nearer to one of them" do
    expect(one("parsley, 600 g, picked")[1]).to be < 600
    expect(one("3 burrata (125 g)")[1]).to eq 375
    expect(one("2 pomegranates and 300 g pomegranate seeds")[1]).to eq 1000
  end

  it "takes what is measured, in whatever unit, for what is guessed at" do
    vinegar = one("50 ml red wine vinegar")
    expect(one("red wine vinegar - a good splash (50ml?)")).to eq vinegar
    expect(one("a good glug of oil (about 60 ml)")).to eq one("60 ml oil")
    expect(one("a handful of parsley (20 g)")[1]).to eq 20
    expect(one("salt, a big pinch (5 g)")[1]).to eq 5
    expect(one("3 handfuls parsley (20 g each)")[1]).not_to eq 20
  end

  it "counts every spoon of those that are called big, in a row and in what is told" do
    expect(one("three big tablespoons of mayo")).to eq one("3 tbsp mayo")
    told = "Lunch for 18. I boil 2 kg potatoes. I make the dressing: three big tablespoons of mayo, "
    expect(all("#{told}2 tsp mustard.")[1]).to eq all("Serves 18\n3 tbsp mayo").first
  end

  it "counts as large all those that one word calls so" do
    both = all("Serves 20\na big bunch of mint\na big bunch of dill")
    expect(all("Serves 20\nmint and dill, a big bunch of each")).to eq both
    expect(one("half a Chinese leaf")[1]).to eq 450
    expect(one("thyme, 5 spr")).to eq one("5 sprigs of thyme")
  end

  it "takes for dry what is weighed raw and eaten cooked" do
    expect(one("puy lentils, raw 500 g").first).to eq "dry-puy-lentils"
    expect(one("quinoa, raw, 500 g").first).to eq "quinoa"
    expect(one("tinned chickpeas 500 g").first).to eq "chickpeas"
  end

  it "takes what is drained after it was cut for what grows, and from a tin what says so" do
    expect(one("Tomatoes: 1kg, finely diced, drained").first).to eq "tomato"
    expect(one("800 g drained tinned tomatoes").first).to eq "tinned-tomatoes"
    expect(one("sweetcorn, drained, 600 g").first).to eq "sweetcorn"
    expect(one("chickpeas, drained 800 g").first).to eq "chickpeas"
    expect(one("3 kg tinned beans")).to eq "?"
  end

  it "takes the last of several scales behind strokes, where every row is in step with them" do
    rows = "harissa  5g / 50g / 200g\nchickpeas, tinned 80g / 800g / 3.2kg"
    expect(all("Salad (V) serves 1 / 10 / 40\n#{rows}").map { |each| each[1] }).to eq [200, 3200]
    expect(all("Salad serves 1 / 10 / 40\n#{rows}\noil 5g / 50g / 300g").last).to eq "?"
    expect(all("Salad serves 1 / 10 / 40\nharissa 5g / 50g / 200g")).to eq ["?"]
    expect(reads("Salad serves 1 / 10 / 40\n#{rows}").to_h["servings"]).to eq 40
  end

  it "uses of a dressing what its heading says is used, where both are measured alike" do
    share = ->(said) do
      text = "Serves 25\n2 kg kale\nDressing (#{said})\n500 g mayo\n250 g yoghurt"
      reads(text).to_h["told"].find { |fact| fact["key"] == "dressing/split" }&.fetch("what")
    end
    expect(share["makes 1 litre - use about 700 ml"]).to start_with "70 %"
    expect(share["makes 2 kg, use 500 g"]).to start_with "25 %"
    expect(share["makes 1 litre, use 500 g"]).to be_nil
    expect(share["makes 1 litre, use 1 litre"]).to be_nil
  end

  it "puts neither what boils nor what stands before a dressing into it" do
    text =
      "Serves 24\n1.2 kg pearl barley\n200 ml oil\nWhisk the dressing, toss the barley with half while warm."
    expect(all(text).map(&:last)).to eq %w[salad dressing]
    said = "Serves 80\n2kg peas, 3 bunches of mint, dressing 1.5 litres of mayonnaise"
    expect(all(said).map(&:last)).to eq %w[salad salad dressing]
  end

  it "halves what is weighed of two that share a name, and asks where it may be of each" do
    expect(all("Serves 9\n150 g sunflower + pumpkin seeds").map { |each| each[1] }).to eq [75, 75]
    expect(all("Serves 9\n300 g mint and parsley")).to eq %w[? ?]
    expect(all("Serves 9\nwalnuts and hazelnuts, 200 g")).to eq %w[? ?]
    expect(all("Serves 9\n50 g each mint and parsley").map { |each| each[1] }).to eq [50, 50]
    expect(all("Serves 9\n200 g feta and 1 bunch parsley").first).to eq ["brined-white-cheese", 200, "salad"]
  end

  it "takes no second weight behind a stroke for the same in another system, unless it is" do
    expect(one("200g/7oz feta")[1]).to eq 200
    expect(one("fennel 1.5 kg/3.3 lb")[1]).to eq 1500
    expect(one("750g/1lb 10oz feta")[1]).to eq 750
    expect(one("2 el white wine vinegar")[1]).to eq one("2 tbsp white wine vinegar")[1]
    expect(one("450g/1lb feta")[1]).to eq 450
    expect(one("1lb 2oz/500g feta")[1]).to eq 510
    expect(one("500g/2lb 2oz feta")).to eq "?"
    expect(one("salt 12 g/lb")).to eq "?"
    expect(one("Fennel, 1.5 kg / 1.1 kg, shaved")).to eq "?"
    expect(one("Lemons 8 / 300 ml juice").first(2)).to eq ["lemon-juice", 309]
  end

  it "reads a sheet whose cells are parted by strokes, and whose heads say what its numbers are of" do
    rows = "Fennel / 1.5 kg / 1.1 kg / shave\nFarro / 1 kg / 1 kg / boil"
    expect(all("Serves 20\nIngredients / Qty AP / Qty EP / Method\n#{rows}").map { |each| each[1] }).to eq(
      [1100, 1000]
    )
    sheet =
      "| Component | Per cover (g) | x 85 (kg) |\n|---|---|---|\n| Feta | 25 | 2.125 |\n| Kale | 15 | 1.275 |"
    expect(all(sheet).map { |each| each[1] }).to eq [2125, 1275]
    expect(reads(sheet).to_h["servings"]).to eq 85
  end

  it "asks of all that stands behind a label that says by what weight" do
    expect(all("Serves 85\nDressing per kg: 550 g rapeseed oil, 200 g cider vinegar")).to eq %w[? ?]
  end

  it "asks about what no scale would show, from below 50 mg on" do
    expect(one("0.05 g saffron")[1]).to eq 0
    expect(one("0.04 g saffron")).to eq "?"
  end

  it "has what is left by a bare number in a bracket, in the unit before it or in grams" do
    expect(one("carrot 2.4kg (1.6 peeled)")).to eq ["carrot", 1600, "salad"]
    expect(one("kale curly 1 kg bag (700 stripped)")[1]).to eq 700
    expect(one("edamame in pods 800g, podded = 400g")[1]).to eq 400
  end

  it "asks about as much again that is done otherwise" do
    expect(all("Serves 9\nbeetroot raw 1kg grated, 1kg cooked cubed")).to eq ["?"]
    expect(all("Serves 9\n4 burrata (1 per 2 people)")).to eq ["?"]
    expect(all("Serves 8\n4 burrata (4 per 8 people)").first[1]).to eq 500
  end

  it "has so much of each that a bracket lists, and by the ratio of all that is named behind it" do
    expect(all("Serves 40\nherbs (dill, chervil, chives) 20g each").map { |each| each[1] }).to eq [20, 20, 20]
    named = all("Serves 24\n1:2:6 honey / sherry vinegar / walnut oil. 360 ml total")
    expect(named).to eq all("Serves 24\n40 ml honey\n80 ml sherry vinegar\n240 ml walnut oil")
    expect(all("Serves 24\noil 3:1 with vinegar, 400 ml")).to eq all("Serves 24\n300 ml oil\n100 ml vinegar")
  end

  it "spoons seed of what is leaf by weight or chopped" do
    expect(one("2 tsp coriander").first).to eq "coriander-seed"
    expect(one("2 tsp coriander, chopped").first).to eq "coriander"
    expect(one("fresh turmeric, 20 g")).to eq "?"
  end

  it "weighs baby ones by their own share of one" do
    expect(one("10 baby carrots")[1]).to be < one("10 small carrots")[1]
    expect(one("2 baby gems")).to eq one("2 little gems")
  end

  it "asks how much of each of two that are poured, whichever side the amount is on" do
    expect(all("Serves 9\nhoney & mustard 400 ml")).to eq %w[? ?]
    expect(all("Serves 9\n1 tbsp oil and salt").first[1]).to eq 14
  end

  it "has so much per dozen of all there are" do
    expect(all("Serves 24\nfeta 120 g per dozen").first[1]).to eq 240
  end

  it "asks about what nobody would meet in a serving, from below 1.5 g on" do
    beetroot = ->(grams) do
      all("Serves 20\n2 kg barley\n1 kg beans\n1 kg courgettes\n#{grams} g cooked beetroot").last
    end
    expect(beetroot[30]).to eq ["cooked-beetroot", 30, "salad"]
    expect(beetroot[29]).to eq "?"
    expect(all("Serves 20\n2 kg barley\n1 kg peas\n1 kg courgettes\n2 red chillies").last[1]).to eq 30
    expect(all("2 kg barley\n1 kg peas\n1 kg courgettes\n5 g feta").last).not_to eq "?"
    asked =
      reads("Serves 20\n2 kg barley\n1 kg beans\n1 kg courgettes\n9 g cooked beetroot").to_h["lines"].last
    expect(asked["why"]).to start_with "So little of it?"
    many = (1..22).map { |index| "1 kg courgettes, #{index} cm dice" }.join("\n")
    expect(all("Serves 20\n#{many}\n2 kg barley\n1 kg beans\n9 g cooked beetroot").last).to eq "?"
    expect(
      all("Serves 20\n#{many}\n2 kg barley\n1 kg beans\n1 kg peas\n9 g cooked beetroot").last
    ).not_to eq "?"
  end

  it "spoons leaves of what is called so, and counts each of two colours" do
    expect(one("1 tbsp thyme leaves").first).to eq "thyme"
    expect(all("Serves 10\n1 red and 1 green capsicum").map(&:first)).to eq %w[red-pepper green-pepper]
    expect(one("pinch of salt - 2 tbsp each in little pots")[1]).to eq 0
  end

  it "asks about a word alone in a list of names" do
    expect(all("Serves 9\nsalt, vitpeppar").first).to eq "?"
    expect(all("Serves 9\nsalt, pepper, loads")).not_to include "?"
  end

  it "asks about a bare share under a quarter of one, and takes a quarter" do
    expect(one("0.25 white cabbage").first).to eq "white-cabbage"
    expect(one("0.24 white cabbage")).to eq "?"
  end

  it "weighs what is left of what was bought, behind an equals sign" do
    expect(all("Serves 110\nkale: 4 kg bought, stalks out = 2.4 kg").first[1]).to eq 2400
    expect(reads("Kale bowl (110)\n14 kg potatoes, 210° for 35-40").to_h["servings"]).to eq 110
  end
end
