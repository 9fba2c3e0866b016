# frozen_string_literal: true

# Kinds of lines as cooks write them: what is said once of several foods, of one food in two places, beside it
# or in brackets. Each with what a careful reader takes from it: key, g as prepared, where it goes.
RSpec.describe Scullion::Recipe::Items do
  # [key, g, to] of all that was taken without a question; "?" for what is asked.
  def taken(text, above: "Serves 4")
    draft = Scullion::Recipe::Draft.new("Any\n#{above}\n#{text}", house)
    draft.reads.map do |read|
      food = draft.taken(read)
      next "?" unless draft.settled?(read)

      [food.ingredient.key, food.prepared&.round, food.into]
    end
  end

  # A medium pepper is 160 g, cored and diced 155 g; a handful of herbs 30 g.
  it "takes what is said once for each that it is said of" do
    expect(taken("1 red & 1 green pepper, diced")).to match [
            ["red-pepper", be_within(8).of(155), "salad"],
            ["green-pepper", be_within(8).of(155), "salad"]
          ]
    expect(taken("Mint, dill, coriander - a big handful of each").map { |each| each[0, 2] }).to eq(
      [["mint", 40], ["dill", 40], ["coriander", 40]]
    )
    expect(taken("1 tsp each cumin and coriander seed").map(&:first)).to eq %w[cumin-seed coriander-seed]
    expect(taken("50 g basil and mint")).to eq %w[? ?]
  end

  # 16 oz are 453.6 g: 226.8, 113.4 and 113.4; 1.6 l at 1 : 3 are 400 and 1,200 ml.
  it "shares out a ratio with its total" do
    chain = taken("walnut oil : canola : red wine vinegar = 2:1:1, make 16 oz")
    expect(chain.map { |each| each[1] }).to eq [227, 113, 113]
    parts = taken("Dressing: red wine vinegar 1 : olive oil 3 - make 1.6 L")
    expect(parts.map { |each| each[1] }).to eq [404, 1096]
  end

  it "keeps what is kept for the top as a share of the one food" do
    {
      "4 hard-boiled eggs (1 is for the top)" => 0.25,
      "100 g feta, half crumbled on top" => 0.5,
      "400 g feta, keep 100 g back for the top" => 0.25,
      "pumpkin seeds, 400 g. Keep a handful back for the top." => 0.075,
      "40 figs, keep two back for the top" => 0.05
    }.each do |text, share|
      draft = Scullion::Recipe::Draft.new("Any\nServes 4\n#{text}\n200 g carrots", house).to_h
      expect(draft["salad"]["components"].first["held_back"]).to eq(share), text
    end
    none = Scullion::Recipe::Draft.new("Any\nServes 4\n100 g feta, half a pack\n200 g carrots", house).to_h
    expect(none["salad"]["components"].first).not_to have_key("held_back")
  end

  it "takes the zest and the flesh, the zest of some and the juice of others" do
    expect(taken("1 orange - zest it first, then segments").map(&:first)).to eq %w[orange orange]
    expect(taken("zest of 2 lemons and juice of 3").map { |each| each[0, 2] }).to eq(
      [["lemon", 12], ["lemon-juice", 141]]
    )
    expect(taken("grapefruit 2, segmented, keep juice").size).to eq 1
  end

  it "takes what something is done with for cooking, or to taste, and what is kept for no food" do
    expect(taken("300 g tofu, fried in 2 tbsp oil").last).to eq ["olive-oil", 27, "cook"]
    expect(
      taken("3 aubergines (in chunks, roasted 220 for half an hour in 4 tbsp oil)").map(&:last)
    ).to eq %w[salad cook]
    expect(taken("400 g kale, massaged with oil and salt").map(&:first)).to eq %w[kale]
    expect(taken("280 g jarred peppers, drained, keep the oil").size).to eq 1
  end

  it "takes a piece of a root by its length, a leaf by its head, and a bunch wherever it stands" do
    # 4 g to the cm
    expect(taken("1 inch ginger, grated").first[1]).to be_within(1).of(10)
    expect(taken("1 cos lettuce").first[1]).to eq 450
    expect(taken("basil, big bunch").first[1]).to eq 40
  end

  it "begins another food where an amount has words of its own before it, known or not" do
    expect(taken("garlic 4 cloves crushed, pomegranate molasses 60ml").map(&:first)).to eq(
      %w[garlic pomegranate-molasses]
    )
    expect(taken("garlic 3 cloves, xylograph syrup 60 ml")).to eq [["garlic", 12, "dressing"], "?"]
  end

  it "is not led astray by the small words of a line" do
    expect(taken("1 small white cabbage, shredded as fine as you can").first).to include("white-cabbage")
    expect(taken("peas, fresh or frozen 400g")).to eq [["frozen-peas", 400, "salad"]]
    expect(taken("a grated garlic clove and a bit of water").map { |each| each[-1] }).to eq %w[dressing pot]
    expect(taken("1 x 400g tin of chickpeas, drained and patted dry").first).to eq ["chickpeas", 240, "salad"]
    expect(taken("English cucumber, 1 large, seeded, diced, 200g").first[1]).to eq 200
  end

  it "reads who is served in any of these words, and nobody in others" do
    {
      "does 4 as a main, 6 as a side" => 4,
      "Yield: 2.4 kg / 12 portions of 200 g" => 12,
      "makes 8 lunchbox portions (store 3 days)" => 8,
      "Starter x 8" => 8,
      "Enough for 10 hungry people!!" => 10,
      "serves 6ish" => 6,
      "Serves a dozen." => 12,
      "wk 3 lunches" => nil
    }.each { |text, number| expect(Scullion::Recipe::Servings.new(["Any", text]).number).to eq(number), text }
  end

  it "takes the last scale of a prep list, in grams" do
    list = "PREP\n               x10   x40\nheritage tomato, mixed   1400   5600\nolive oil   60   240"
    draft = Scullion::Recipe::Draft.new(list, house)
    expect(draft.to_h["servings"]).to eq 40
    expect(draft.reads.map { |read| draft.taken(read).prepared.round }).to eq [5600, 240]
  end

  it "splits a dressing as its own heading says" do
    text =
      lambda do |said|
        "Slaw\nServes 8\n1 white cabbage, shredded\nDressing (#{said})\n120 ml olive oil\n40 ml vinegar"
      end
    stages =
      lambda do |said|
        Scullion::Recipe::Draft.new(text.call(said), house).to_h["salad"]["dressing"]["stages"].map do |each|
          each.values_at("share", "into")
        end
      end
    expect(stages.call("makes double, use half, the rest in a bottle on the table")).to eq [
         [0.5, "bowl"],
         [0.5, "table"]
       ]
    expect(stages.call("makes double, use half")).to eq [[0.5, "bowl"], [0.5, "back"]]
  end

  it "leaves a split that the steps set to the cook, as every other fact of theirs" do
    text =
      "Slaw for 8\n1 white cabbage\n120 ml oil\n40 ml vinegar\nToss with half the dressing, the rest last."
    key = Scullion::Recipe::Split::KEY
    fact = ->(draft) { draft["told"].find { |each| each["key"] == key } }
    taken = Scullion::Recipe::Draft.new(text, house).to_h
    expect(fact[taken]).to include("what" => "50 % first, 50 % toss", "set" => true, "can" => true)
    expect(taken["salad"]["dressing"]["stages"].size).to eq 2
    declined = Scullion::Recipe::Draft.new(text, house, declined: [key]).to_h
    expect(fact[declined]["set"]).to be false
    expect(declined["salad"]["dressing"]).not_to include "stages"
  end

  # 7 spears of 20 g on each of four plates; the dressing is for all.
  it "takes a list that is headed so for each plate, until its next heading" do
    text = "(per plate)\n7 spears asparagus\n1 egg\nDressing, for the lot\n120 ml olive oil"
    expect(taken(text, above: "Six plates\nServes 4").map { |each| each[1] }).to eq [560, 232, 110]
  end

  it "takes so many leaves, or oil for the tray, for what they are" do
    expect(taken("12 butter lettuce leaves").first).to eq ["soft-lettuce", 120, "salad"]
    expect(taken("2 Tbsp olive oil for the roasters").first.last).to eq "cook"
    expect(taken("Oil for shallow frying, 3-4 tbsp will be needed").first.last).to eq "cook"
    expect(taken("2 Tbsp olive oil for the dressing").first.last).to eq "dressing"
  end

  it "reads two lists that are set side by side below headings of their own" do
    beside = <<~TEXT
      Bowl
      Serves 6

      SALAD                                     DRESSING
      200 g brown rice, cooked and cooled       80 ml lime juice
      300 g red cabbage, shredded               2 Tbsp rice vinegar
      140 g roasted salted cashews              3 Tbsp brown sugar
      45 g coriander, leaves and stalks         60 ml groundnut oil
    TEXT
    read = Scullion::Recipe::Draft.new(beside, house)
    expect(read.reads.to_h { |each| [read.taken(each).ingredient.key, read.taken(each).into] }).to eq(
      "brown-rice" => "salad",
      "red-cabbage" => "salad",
      "cashews" => "salad",
      "coriander" => "salad",
      "lime-juice" => "dressing",
      "rice-vinegar" => "dressing",
      "brown-sugar" => "dressing",
      "groundnut-oil" => "dressing"
    )
  end

  # 3 spoons are 45 ml; nobody means 300 of them, but two of oil behind a spoon of vinegar.
  it "goes on in the unit before it where that can be meant" do
    expect(taken("3 tbsp tahini + crème fraîche 300")).to include(["creme-fraiche", 300, "dressing"])
    expect(taken("a litre of mayo, 250 of yoghurt").last).to eq ["yoghurt", 250, "dressing"]
    expect(taken("1 tbsp vinegar, 2 of olive oil").last).to eq ["olive-oil", 27, "dressing"]
    expect(taken("1 tbsp vinegar, 47 of olive oil").last[1]).to eq 644
    expect(taken("1 tbsp vinegar, 48 of yoghurt").last).to eq ["yoghurt", 48, "dressing"]
  end

  it "leaves the oil that something is roasted with on its tray, however long and hot" do
    [
      "roast with 200 ml oil",
      "roast 25 min with 200 ml oil",
      "roast 220C 25 min w/ 200 ml oil",
      "roast at 200 for 25 mins with 200 ml oil",
      "roast, 200C, 25 min with 200 ml oil",
      "roast at 200/25 min w/ 200 ml oil"
    ].each { |done| expect(taken("8 aubergines, #{done}").last.last).to eq("cook"), done }
    ["steamed, with", "steamed, then with"].each do |done|
      expect(taken("1 kg carrots, #{done} 100 ml oil").last.last).to eq "dressing"
    end
  end

  it "takes what the dressing is shared out to for no part of it, and nothing for a half" do
    [
      "tossed in half the dressing",
      "dress warm w/ half the dressing",
      "dress warm with half the dressing",
      "half the dressing goes on hot",
      "most of the dressing on hot"
    ].each { |done| expect(taken("2 kg potatoes, #{done}")).to eq([["waxy-potato", 2000, "salad"]]), done }
    expect(taken("100 g capers, half in the dressing").first.last).to eq "dressing"
    expect(taken("6 eggs, cut in half")).to eq [["hen-egg", 348, "salad"]]
  end

  it "whisks water in with what else is whisked in" do
    expect(taken("250 g tahini, whisk with lemon juice 150 ml, water 900 ml").map(&:last)).to eq %w[
         dressing
         dressing
         dressing
       ]
  end
end
