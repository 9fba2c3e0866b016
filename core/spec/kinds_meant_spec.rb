# frozen_string_literal: true

require_relative "taken_lines"

# What a name of a line may mean besides, and how much is of which.
RSpec.describe "Kinds that are meant" do
  include TakenLines

  it "asks whether a weight of salt and pepper is of both or of each" do
    expect(all("Serves 160\n0.16 kg s & p")).to eq %w[? ?]
    expect(all("Serves 160\ns & p").map(&:first)).to eq %w[fine-salt black-pepper]
  end

  it "tells a kind that only some are, whatever is said behind it" do
    row = "6 oranges, 2 of them blood if you see them"
    expect(all("Serves 8\n#{row}").map(&:first)).to eq %w[orange blood-orange]
  end

  it "measures by a unit alone, where so much of something follows" do
    expect(all("Serves 9\nDressing: kilo of mayo, litre of oil").map { |each| each[1] }).to eq [1000, 913]
    expect(all("Serves 9\nkilo 3")).not_to include(["kale", 1000, "salad"])
  end

  it "takes no number before a dash and a time for the other end of a range" do
    expect(all("Serves 70\nEggs 140 - 7 min, halved").first.first(2)).to eq ["hen-egg", 8120]
    expect(all("Serves 70\n10-8 eggs").first[1]).to eq 522
  end

  it "tells the kind of what is counted by its colour alone, behind an \"and\"" do
    {
      "Four large white cabbages and one red" => %w[white-cabbage red-cabbage],
      "3 red peppers and one yellow" => %w[red-pepper yellow-pepper],
      "a white cabbage (2 kg) and a red one" => %w[white-cabbage red-cabbage]
    }.each { |row, keys| expect(all("Serves 20\n#{row}").map(&:first)).to eq(keys), row }
  end

  it "takes \"and\" for the other end of a range only behind \"between\"" do
    expect(all("Serves 9\nonions 4 and 2 leeks").map { |each| each[1] }).to eq [600, 400]
    expect(all("Serves 9\nbetween 40 and 60 g sugar").first[1]).to eq 50
    expect(all("Serves 9\nbetween four and six onions").first[1]).to eq 750
  end

  it "leaves an amount with the name that it stands behind, whatever is joined to it" do
    row = "Sunflower oil 150 ml and the fat of the bacon"
    expect(all("Serves 9\n#{row}")).to match [["sunflower-oil", 138, "dressing"], "?"]
    expect(all("Serves 9\nparsley 2 bunches and mint").first.first(2)).to eq ["parsley", 90]
  end

  it "asks what a dressing is made of that is said by a ratio" do
    expect(all("Serves 9\n400 ml vinaigrette (1:3)\n2 kg carrots").first).to eq "?"
    expect(all("Serves 9\n400 ml vinaigrette\n2 kg carrots").first.first).to eq "bought-vinaigrette"
  end

  it "takes big pots of a herb for what it comes in" do
    told = "For 40. Two kilos of mozzarella. Three big pots of basil."
    expect(reads(told).reads.last.line.item.foods.first).to eq "basil"
  end

  it "counts none of a jar's peppers, unless a jar is said" do
    ["6 peppers roasted", "roasted peppers 6", "6 peppers, roasted"].each do |row|
      expect(all("Serves 50\n#{row}").first.first).to eq("mixed-peppers"), row
    end
    expect(all("Serves 50\nroast peppers in the jar, 2 or 3 left").first.first).to eq "jarred-peppers"
  end

  it "halves what is said of both in all, and gives nothing of it to the water that is kept" do
    halves = all("Serves 50\nhalf olive oil, half lemon juice, 500 ml in all")
    expect(halves.map { |each| each[1] }).to eq [228, 258]
    told = "For 50. Two big tins (the 2.5 kg ones) of chickpeas, drained, keep some of the water."
    expect(all(told).last[1]).to be_nil
  end

  it "asks how much of the water a ratio is, and takes it for no two grams" do
    row = "freekeh 6 kg dry, pilaf, 1:2 veg stock, 25 min"
    expect(all("Serves 140\n#{row}").last).to eq "?"
  end

  it "takes one of a unit for an amount, behind a word too" do
    row = "two kilos sour cream mixed with one kilo mayonnaise"
    expect(all("Serves 95\n#{row}").map { |each| each[1] }).to eq [2000, 1000]
  end

  # A range falls to a quarter at the least; three of one thing flavour the water; two grams a millilitre are
  # the most of anything; parts weigh three quarters of what they make, to seven fifths of it.
  it "stands exactly at its limits" do
    expect(all("Serves 40\n40-10 eggs").first[1]).to eq 1450
    expect(all("Serves 40\n41-10 eggs").first).to eq "?"
    onions = ->(many) { all("Serves 60\ndry chickpeas 4 kg, simmer w/ #{many} onions").last.last }
    expect([3, 4].map(&onions)).to eq %w[pot salad]
    asked = ->(grams) { all("Serves 50\n#{grams} g tamari 100 ml").first == "?" }
    expect([2, 3, 200, 201].map(&asked)).to eq [true, false, false, true]
    parts = ->(grams) do
      all("Serves 30\n400 g tahini sauce: tahini #{grams} g, lemon juice 100 ml, water 100 ml").size
    end
    expect([99, 100, 360, 361].map(&parts)).to eq [4, 3, 3, 4]
  end

  it "is a dressing up to twice as much eaten as poured" do
    aubergines = ->(grams) do
      row = "baba ganoush: aubergine #{grams} g, tahini 300 g, lemon 150 ml, garlic 25 g"
      all("Serves 60\n#{row}").first.last
    end
    expect([950, 951].map(&aubergines)).to eq %w[dressing salad]
  end

  it "asks for what is fresh where the larder has it dried" do
    expect(all("Serves 9\nborlotti, 1 kg podded fresh").first).to eq "?"
    expect(all("Serves 9\n1 kg dried borlotti").first.first).to eq "dry-borlotti"
  end

  it "pours all of what is blended" do
    row = "GODDESS: 1.2 kg mayo, 600 g soured cream, 200 g mixed herbs, 4 anchovies - blitz till green"
    expect(all("Serves 40\n7 kg potatoes\n#{row}").drop(1).map(&:last).uniq).to eq %w[dressing]
  end

  it "cuts in so many, in digits too, and as thin as anything" do
    salad = reads("Serves 9\n7 peaches, each in 8\nchilli 1, wisp thin\n600 g celery sl").to_h["salad"]
    expect(salad["components"].map { |each| each["cut"] }).to eq %w[wedges sliced sliced]
    expect(reads("Serves 9\nsourdough 12 sl").to_h["salad"]["components"].first["cut"]).not_to eq "sliced"
  end

  it "takes a loaf for bread, and makes croutons of it below that name" do
    cooked = ->(text) do
      lines = reads("Serves 30\n2 kg carrots\n#{text}").to_h["lines"]
      lines.find { |line| line.dig("taken", "key") == "white-loaf" }["done"]
    end
    expect(all("Serves 30\nTear a loaf into rags. Add 2 kg carrots, grated.").first.first).to eq "white-loaf"
    ["Croutons: 1 loaf, torn", "sourdough croutons: 1 loaf, torn, 3 tbsp oil"].each do |row|
      expect([row, cooked[row]]).to eq [row, "torn, crisp"]
    end
  end

  it "takes molasses beside a pomegranate for that of the pomegranate" do
    expect(all("Serves 9\n6 pomegranates\nmolasses 120 ml").last.first).to eq "pomegranate-molasses"
    expect(all("Serves 9\n6 onions\nmolasses 120 ml").last.first).to eq "treacle"
  end

  it "asks whose a number is before another food, as behind a stroke" do
    expect(all("Serves 9\nrape oil 80 g / zorgle sliced 20 g / salt 8 g").first).to eq "?"
  end
end
