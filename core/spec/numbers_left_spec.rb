# frozen_string_literal: true

require_relative "read_texts"

# Every number of a line has its place, or is asked about: kinds that are counted, parts of a whole, shares in
# per cent, parts of a dressing.
RSpec.describe Scullion::Recipe::NumbersLeft do
  include ReadTexts

  def why(line) = draft("Salad for 20\n2 kg pearl barley\n#{line}")["lines"].last["why"]

  it "asks what a number is that no food of the line has" do
    {
      "2 kg yoghurt strained to 1.4" => "1.4",
      "200 g raisins soaked in 100 ml rum" => "100 ml",
      "4 tins tuna (160 g, 112 drained)" => "112",
      "balsamic 300 ml reduced to 150" => "150",
      "12 eggs (6 boiled, 6 for mayonnaise)" => "6",
      "3 kg swede, 2 cm dice, roasted; 500 g raw, grated" => "500 g",
      "40 figs (20 for the plate, 20 torn)" => "20",
      "half a cup palm sugar; 6 zorgles, chopped" => "6",
      "half a red cabbage per 20" => "20"
    }.each { |line, number| expect(why(line)).to eq("What is “#{number}” here?"), line }
  end

  it "marks the number that it asks about" do
    marks = draft("Salad for 20\n2 kg pearl barley\n2 kg yoghurt strained to 1.4")["lines"].last["marks"]
    expect(marks.select { |mark| mark["role"] == "open" }.map { |mark| mark["text"] }).to eq ["1.4"]
    expect(marks.first).to eq("text" => "2 kg", "role" => "amount")
    marks = draft("Salad for 20\n2 kg pearl barley\n1 kg spinach, wilted")["lines"].last["marks"]
    expect(marks.last).to eq("text" => "wilted", "role" => "open")
  end

  it "asks nothing of what says the same again, and of what is no amount" do
    [
      "1 kg mozzarella (8 balls)",
      "2.5 kg butternut = 1 large",
      "6 x 400 g tins of kidney beans (240 g drained each)",
      "700 g smoked mackerel, flaked (about 10 fillets)",
      "1 kg cooked beetroot, about 1.3 raw",
      "carrots 500 g → 2500 g",
      "6 oz parsley, chopped, 3 cups",
      "2 kg carrots, roast at 200 for 25 min",
      "hazelnuts 300 g, roasted 160 for 12 min",
      "French beans 200 g, boiled 4 min",
      "1 kg cucumber, sliced in 4",
      "600 g yoghurt, 10 % fat",
      "300 g sugar snaps, £4 a kilo",
      "200 g hazelnuts, 50 g of which for the top",
      "1 kg chicory, 20 g per person",
      "1 kg tomatoes, for 20"
    ].each { |line| expect(why(line)).to be_nil, line }
  end

  # The two are as near as one in ten: what is said in two systems is rounded.
  it "takes two numbers for one up to so much, and no further" do
    expect(why("1 kg white cabbage, 900 g shredded fine")).to be_nil
    expect(why("1 kg white cabbage, 899 g shredded fine")).to match(/899 g|Two amounts/)
  end

  it "knows a kind by its own word behind its number" do
    expect_the_same(
      "peppers, red, 10; yellow, 6" => "10 red peppers\n6 yellow peppers",
      "tomatoes: 2 kg beef, 1 kg cherry" => "2 kg beef tomatoes\n1 kg cherry tomatoes",
      "four green peppers and four red" => "4 green peppers\n4 red peppers",
      "cabbage 2 kg white, 1 kg red" => "2 kg white cabbage\n1 kg red cabbage",
      "1 kg quinoa, 500 g red and 500 g white" => "500 g red quinoa\n500 g white quinoa",
      "3 kg potatoes of which 1 kg purple" => "2 kg potatoes\n1 kg purple potatoes",
      "900 g rice, 1/3 of it wild" => "600 g rice\n300 g wild rice",
      "1 white cabbage and half a red one" => "1 white cabbage\n½ red cabbage",
      "potatoes 14 kg charlotte, halved" => "14 kg charlotte potatoes, halved",
      "cheese 2 kg feta" => "2 kg feta",
      "oil 60 ml, 2 lemons" => "60 ml oil\n2 lemons",
      "peppers, red 10, yellow 6, 3 oranges" => "10 red peppers\n6 yellow peppers\n3 oranges",
      "1 lime, zest and half the juice" => "zest of 1 lime\njuice of ½ lime"
    )
  end

  # A hundredth less than all of it is all of it; less than that may be of it or beside it.
  it "asks where kinds are less than the whole of it, and nobody says that they are of it" do
    expect_the_same("1 kg quinoa, 500 g red and 490 g white" => "500 g red quinoa\n490 g white quinoa")
    ["1 kg quinoa, 500 g red and 489 g white", "1 kg peppers, 600 g red"].each do |line|
      asked = draft("Salad for 20\n2 kg pearl barley\n#{line}")["lines"].map { |each| each["why"] }
      expect(asked).to include("Two amounts in one line: which is it?"), line
    end
  end

  # Two of them come to as many as the first.
  it "loses no food to others that add up to it" do
    expect_the_same(
      "6 carrots, 2 mooli and 4 green papaya" => "6 carrots\n2 mooli\n4 green papaya",
      "6 peppers, 2 red and 4 green" => "2 red peppers\n4 green peppers",
      "3 bunches of mint and 3 of coriander" => "3 bunches mint\n3 bunches coriander"
    )
  end

  it "cuts all that a line begins to cut, and nothing that has no such cut" do
    cuts = draft("Salad for 10\nJulienne 6 carrots, 2 mooli and 4 green papaya")["salad"]["components"]
    expect(cuts.map { |part| part["cut"] }).to eq %w[strips strips strips]
    cuts = draft("Salad for 10\nSlice 6 carrots, 200 g peas and add 2 cucumbers")["salad"]["components"]
    expect(cuts.map { |part| part["cut"] }).to eq ["sliced", nil, "diced"]
  end

  it "does to some of it what is said of some, and leaves the rest" do
    expect_the_same(
      "10 oranges: 4 juiced, the rest segmented" => "juice of 4 oranges\n6 oranges, segmented",
      "2 kg carrots, half of it grated, the rest in batons" => "1 kg carrots, grated\n1 kg carrots, in batons"
    )
    # Roasted, 63 % of them is left; halved, 97 %.
    parts = draft("Salad for 10\n600 g cherry tomatoes, a third of them roasted")["salad"]["components"]
    expect(parts.map { |part| [part["grams"], part.dig("cook", "method")] }).to eq(
      [[12.6, "roast"], [38.8, nil]]
    )
  end

  # 1 part of lemon juice (1.03 g/ml) to 4 of oil (0.913) in 900 ml: 180 and 720 ml.
  it "shares out a dressing by its parts, wherever the whole of it is said" do
    [
      "dressing: 1 part lemon juice to 4 oil, 900 ml all told",
      "dressing: lemon juice 1 : oil 4, 900 ml in all",
      "dressing 900 ml (4:1 oil/lemon juice)"
    ].each do |line|
      expect(grams("Salad for 10\n#{line}")).to eq(grams("Salad for 10\n180 ml lemon juice\n720 ml oil")),
      line
    end
  end

  it "weighs what is in per cent by what it is of, and asks where nobody says of what" do
    expect_the_same(
      "1 kg cabbage with 2 % salt" => "1 kg cabbage\n20 g salt",
      "5 kg carrots (= 100 %)\n20 % walnuts\n3 % sherry vinegar" =>
        "5 kg carrots\n1 kg walnuts\n150 g sherry vinegar"
    )
    expect(why("5 % salt of the cabbage")).to include "how much is that in all"
  end

  it "takes so much a head of as many foods as a line has" do
    foods = %w[carrots leeks fennel celery kale rocket peas radishes cucumber courgettes beetroot mango]
    said = foods.map { |food| "#{food} 20 g a head" }.join(", ")
    expect_the_same(said => foods.map { |food| "200 g #{food}" }.join("\n"))
  end

  it "offers a pulse dry before it offers it from a tin" do
    guesses = draft("Salad for 10\n500 g chickpeas")["lines"].last["guesses"]
    expect(guesses.map { |guess| guess["key"] }.first(2)).to eq %w[dry-chickpeas chickpeas]
  end

  it "counts a sheet's column as amounts whatever it is headed" do
    text = "Salad for 60\n\nITEM\tEP WT\tNOTE\nFennel\t1.8 kg\t3 mm, iced\nParsley\t300 g\tcoarse"
    expect(grams(text)).to eq("fennel" => "30 g", "parsley" => "5 g")
    expect(grams(text.sub("EP WT", "wk 12"))).to eq grams("Salad for 60\n1.8 kg fennel\n300 g parsley")
  end
end
