# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# Nothing that is weighed is gone: not by a word that it begins with, not beside another, not in a thread, nor
# by what stands above it.
RSpec.describe "All of it is there" do
  include ReadTexts
  include TakenLines

  def keys(text) = all(text).map { |food| food == "?" ? "?" : food.first }
  def of(text, key) = all(text).find { |food| food.include?(key) }

  it "has what a sentence tips into a bowl, and a tip for a tip" do
    told = "Bean salad\nServes 4\n\nRoast 800 g squash for 20 min.\n\n"
    expect(keys("#{told}Tip 2 x 400 g tins of cannellini into a bowl with 30 ml oil.")).to include(
      "tinned-cannellini"
    )
    expect(keys("#{told}Tip: use 200 g feta if you like.")).not_to include("brined-white-cheese")
  end

  it "weighs by its own tins only what is in them" do
    rice = "Rice salad\nServes 6\n\nCook 300 g brown rice for 25 min."
    told = "#{rice} Toss 2 x 400 g cans black beans with the rice."
    expect(all(told).map(&:first)).to eq %w[brown-rice black-beans]
  end

  it "asks about what is weighed and nobody knows, in a list and in what is told" do
    expect(all("Serves 4\n200 g zorblax, 100 g feta")).to eq ["?", ["brined-white-cheese", 100, "salad"]]
    told =
      Scullion::Recipe::Draft.new("Lunch\nFor six I cook 400 g rice. Add 200 g zorblax and stir.", house).to_h
    strange = told["lines"].find { |line| line["status"] == "unknown" }
    expect(strange["text"]).to include("zorblax")
    vessel =
      "Lunch\nFor six I cook 400 g rice. Put it in a 2 litre dish. Whisk 50 ml oil with 30 ml lime juice."
    expect(all(vessel).map(&:first)).to eq %w[white-rice olive-oil lime-juice]
  end

  it "has each of both where one word stands for them" do
    expect(all("Serves 9\nwild rice / basmati half & half, 4 kg total")).to eq(
      [["wild-rice", 2000, "salad"], ["basmati-rice", 2000, "salad"]]
    )
    expect(all("Serves 9\nwalnut oil 400 / sunflower 600").map(&:first)).to eq %w[walnut-oil sunflower-oil]
    expect(all("Serves 9\nseeds, pumpkin 100 g").first.first(2)).to eq ["pumpkin-seeds", 100]
    expect(all("Serves 9\npasta, wholemeal penne 1 kg").first.first(2)).to eq ["penne", 1000]
    expect(all("Serves 9\n500 g nuts, walnuts and almonds").size).to eq 3
  end

  it "is for each jar where it is per jar, and asks how many trays there are" do
    expect(all("Serves 9\n40 g feta per jar").first[1]).to eq 360
    expect(all("Serves 9\n40 g feta per tray")).to eq ["?"]
    expect(all("Serves 9\n40 g feta per tray (3 trays)").first[1]).to eq 120
    expect(all("Serves 9\nolives 340 g per jar").first[1]).to eq 340
    expect(all("Serves 9\nyoghurt 2 tubs (500 g per tub)").first[1]).to eq 1000
  end

  it "has what is listed above a dressing in the salad, whatever the list is called" do
    blog = <<~TEXT
      Pasta salad
      Serves 8

      Ingredients
      450 g fusilli
      2 red peppers

      For the dressing
      150 ml mayonnaise
      2 limes, juice

      Directions
      Whisk the dressing ingredients. Toss the pasta and peppers with it.
    TEXT
    expect(all(blog).map(&:last)).to eq %w[salad salad dressing dressing]
  end

  it "has in a pan or a pot what is said to be there" do
    expect(of("Serves 9\ncumin 1 tbsp on the squash", "cumin").last).to eq "cook"
    expect(of("Serves 9\n2 tbsp oil on the leaves", "olive-oil").last).to eq "dressing"
    expect(of("Serves 9\ntwo litres hot stock with a good glug of oil", "olive-oil").last).to eq "cook"
    expect(
      of("Serves 9\nciabatta 4 → croutons, oil 120 ml, garlic 3 cl, 180/12", "olive-oil").last
    ).to eq "cook"
    expect(of("Serves 9\nraisins 100 g plumped in 200 ml hot water", "water").last).to eq "pot"
    told = <<~TEXT
      Bean lunch
      I do it for the rowers, twenty of them. Soak a kilo of dried haricots and simmer them with an onion, a
      carrot and some parsley stalks, an hour or so. Turn them in 200 ml oil and 80 ml red wine vinegar.
    TEXT
    expect([of(told, "white-onion").last, of(told, "carrot").last]).to eq %w[pot pot]
  end

  it "asks whether a marinade dresses too, and has in no dressing what meat is marinated in" do
    dressing = "Dressing\nlime juice 100 ml\nfish sauce 50 ml"
    expect(all("Serves 9\nbeef steak 1 kg\nsoy sauce 50 ml (marinade)\n\n#{dressing}")[1]).to eq "?"
    told = <<~TEXT
      Chicken salad
      Serves 12

      2 kg chicken thighs
      300 g yoghurt
      juice of 5 limes
      150 ml groundnut oil

      Marinate the chicken 2 hrs in yoghurt. Roast 220, 25 min. Whisk lime and oil.
    TEXT
    expect(all(told).map(&:last)).to eq %w[salad cook dressing dressing]
  end

  it "keeps in a thread what is said beside a no, and not the name of the dish" do
    thread = <<~TEXT
      Ana: salad? 14 ppl
      Raj: potato one. need 2.5 kilos charlottes
      Ana: mayo?
      Raj: no. plus 3 tbsp grain mustard
      Ana: ok
      Raj: 2 apples
    TEXT
    expect(all(thread).map { |food| food.first(2) }).to eq(
      [["waxy-potato", 2500], ["wholegrain-mustard", 47], ["apple", 320]]
    )
  end

  it "has the same of what says so, and of nothing behind it" do
    row = "Serves 6\nhalf a teaspoon mustard, the same of sugar, the top of the milk"
    expect(all(row).first(2).map(&:last)).to eq %w[dressing dressing]
    expect(all(row).last).to eq "?"
  end

  it "takes no standfirst, no favour and nothing with a time for a food of the list" do
    text = <<~TEXT
      CORN BOWL
      A winner with a smoky lime dressing that we'd happily drink.
      SERVES 6 | PREP 25 MINS
      300 g rice
      2 aubergines
      200 g feta
      50 ml olive oil
      aubergines in 2 cm dice, oil + salt, 220 for 25 mins
      Carl - please can you bring bread?
    TEXT
    expect(all(text).map(&:first)).to eq %w[white-rice aubergine brined-white-cheese olive-oil]
  end

  it "reads the list beside the steps in two columns as a list" do
    columns = <<~TEXT
      Spiced cauliflower          serves 6

      1 lg cauliflower, florets         Heat oven 220C.
      2 x 250g pouch puy lentils        Warm lentils in the pouches.
      150g baby spinach                 Yoghurt and chutney - stir.
      150g natural yoghurt              Spinach on plates, lentils,
      2 tbsp mango chutney              cauliflower over.
    TEXT
    expect(keys(columns)).to eq %w[cauliflower pouch-lentils spinach yoghurt mango-chutney]
  end

  it "has what is used where something is cancelled, and asks what is for some guests alone" do
    cancelled = "Serves 120\nasparagus 30 bundles?? NO – 3 cases cancelled, use tenderstem 3 kg"
    expect(all(cancelled).map { |food| food.first(2) }).to eq [["tenderstem", 3000]]
    version = "Serves 16\ngiant couscous 900 g\nGF version: use 900 g cooked quinoa for 3 plates"
    expect(all(version)).to eq [["giant-couscous", 900, "salad"], "?"]
  end

  it "holds back the share that is said behind the word, and has no mustard on top for what stands nearer" do
    kept = reads("Serves 5\n20 g sesame seeds (hold back half for serving)").to_h
    expect(kept["salad"]["components"].first["held_back"]).to eq 0.5
    told = <<~TEXT
      Herring and beetroot
      This does six. Take four beetroots that you boiled yesterday, peel them and dice them small with two
      apples and three pickled cucumbers. Stir together 200 ml soured cream and two teaspoons of mustard,
      and turn everything in that except the herring, which goes on the top.
    TEXT
    expect(of(told, "pickled-cucumber").last).to eq "salad"
    expect(of(told, "mustard").last).to eq "dressing"
  end

  it "wraps a beetroot in foil, and has no wrap, nor the vinegar twice" do
    steps = "1 Wrap the beetroot in foil and roast for an hour.\n2 Whisk 3 tbsp of juice with the vinegar."
    text = "Serves 8\n1 kg beetroot\n3 oranges\n15 ml sherry vinegar\n\n#{steps}"
    expect(keys(text)).to eq %w[beetroot orange sherry-vinegar]
    expect(reads(text).to_h["missing"]).to be_empty
    expect(keys("Serves 8\n1 kg beetroot\n8 wraps").size).to eq 2
  end

  it "has the zest of as many fruit as are counted, however their juice is measured" do
    zest = ->(line) { all("Serves 9\n#{line}").find { |food| food.first == "lime" }&.at(1) }
    two = zest["zest and juice of 2 limes"]
    expect(zest["zest and juice of 2 limes (60 ml)"]).to eq two
    expect(zest["2 limes, zest and juice (60ml)"]).to eq two
    expect(zest["lime zest 2 / juice 60 ml"]).to eq two
    expect(all("Serves 9\nzest and juice of 2 limes (60 ml)").first).to eq ["lime-juice", 62, "dressing"]
  end

  it "takes either pint for the millilitres beside it, and no law's word for a food" do
    expect(all("Serves 6\n150 ml / ¼ pint soured cream").first.first(2)).to eq ["sour-cream", 146]
    expect(all("Serves 6\n150 ml / ½ pint soured cream")).to eq ["?"]
    law = "Serves 6\nfeta 400 g\n\nDressing (SULPHITES, MUSTARD)\nolive oil 240 ml\nwine vinegar 90 ml"
    expect(all(law).map(&:first)).not_to include "mustard"
  end

  it "takes apart a list that is set as one paragraph" do
    run = "Re: Thurs, salad starter, 150\nBurrata: 75 balls, half each. Speck: 3 slices pp. Rocket: 3 kg."
    expect(all(run).map(&:first)).to eq %w[burrata speck rocket]
    expect(all(run).last[1]).to eq 3000
  end

  it "finds no candied walnuts in pecans, and no cream in what is half and half" do
    expect(all("Serves 9\ncandied pecans 200 g").first.first).to eq "candied-pecans"
    made = all("Serves 9\npecans 1.2 kg, candied (sugar 200 g, butter 50 g)")
    expect([made.first, *made.drop(1).map(&:last)]).to eq %w[? cook cook]
  end
end
