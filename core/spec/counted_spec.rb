# frozen_string_literal: true

require_relative "taken_lines"

# What a line counts, shares out, swaps and compares: the number that is meant, or a question.
RSpec.describe Scullion::Recipe::Counted do
  include TakenLines

  # Pieces of the last food of a line, in a salad for twenty.
  def counted(line)
    read = Scullion::Recipe::Draft.new("Salad for 20\n2 kg pearl barley\n#{line}", house).reads.last
    read.amount.value * (read.per_head ? 20 : 1)
  end

  # 6 tins of 240 g; 3 trays of 30 are 90; 2 boxes of 18 avocados of 142 g.
  it "takes a bare number behind a container for its grams, or for the pieces in it" do
    ["@ 240 drained", "(240 drained)", "@ 240 g drained"].each do |each|
      expect(taken("6 tins chickpeas #{each}")).to eq([["chickpeas", 1440, "salad"]]), each
    end
    expect(taken("2 boxes of avocados (18s)")).to eq taken("36 avocados")
    expect(taken("3 trays of eggs (30 each)")).to eq taken("90 eggs")
    expect(taken("2 punnets of cherry tomatoes (250)")).to eq taken("500 g cherry tomatoes")
    expect(taken("2 boxes of avocados (48 each)")).to eq taken("96 avocados")
  end

  # A lemon has 47 g of juice, and weighs 108 g; 99 % of it is left in wedges.
  it "shares out what is counted in words as in figures, and squeezes what is for the dressing" do
    ["two for the dressing, two in wedges", "2 for the dressing, 2 in wedges"].each do |each|
      expect(taken("4 lemons, #{each}")).to eq([["lemon-juice", 94, "dressing"], ["lemon", 214, "salad"]]),
      each
    end
    ["2 juiced, 2 in wedges", "half for the dressing, half in wedges"].each do |each|
      expect(taken("4 lemons, #{each}")).to eq([["lemon-juice", 94, "dressing"], ["lemon", 214, "salad"]]),
      each
    end
    expect(taken("4 lemons for the dressing")).to eq [["lemon-juice", 188, "dressing"]]
    expect(taken("4 oranges, segmented, in the dressing").first.first).to eq "orange"
    expect(taken("2 oranges → 1 = segments, 1 = dressing whole").map(&:first)).to eq %w[orange orange]
  end

  it "keeps a half for where it goes, and none of the other half for the top" do
    expect(taken("100 g capers, half in the dressing, half on top").map(&:last)).to eq %w[dressing top]
    expect(taken("200 g parmesan, half in the dressing, half shaved").map(&:last)).to eq %w[dressing salad]
    expect(taken("2 punnets of raspberries, 1 for the dressing, 1 for the top").map(&:last)).to eq(
      %w[dressing top]
    )
    expect(taken("2 kg carrots, half grated, half grated")).to eq [["carrot", 1940, "salad"]]
  end

  it "asks how much that is where it is said by what is not here" do
    [
      "carrots - double what we had last time (was 2 kg)",
      "carrots, half what we had last time",
      "mint: a third of that",
      "half that much parsley",
      "carrots, same as last time",
      "2 kg carrots, double it",
      "12 peaches less 2 for the staff",
      "1 kg feta (swap for vegan block for the 6 vegans)",
      "500 g bacon (swap smoked tofu for veg)"
    ].each { |line| expect(taken(line)).to eq(["?"]), line }
    expect(taken("2 kg white cabbage, half it and slice it").first.first).to eq "white-cabbage"
    expect(taken("1 kg carrots, grated, less than usual")).to eq [["carrot", 970, "salad"]]
  end

  it "salts the water that something cooks in, and not the dressing" do
    [
      "80 g salt for 4 l of cooking water",
      "80 g salt for the pasta water",
      "salt, 80 g, for the cooking water",
      "80 g salt in the potato water"
    ].each { |line| expect(taken(line).first).to eq(["fine-salt", 80, "pot"]), line }
    expect(taken("10 g salt in iced water").first.last).to eq "dressing"
    expect(taken("10 g salt").first.last).to eq "dressing"
  end

  # A squash of 2 kg has 1.5 kg once peeled; an orange has 6 g of zest and weighs 200 g.
  it "takes what is weighed dry or peeled as it is weighed then" do
    [
      "1 kg orzo cooked (dry weight 450 g)",
      "1 kg cooked orzo (450 g dry)",
      "1 kg cooked orzo, from 450 g raw"
    ].each { |line| expect(taken(line)).to eq(taken("450 g orzo")), line }
    expect(taken("2 kg squash (peeled weight 1.5 kg)").first[1]).to eq 1500
    expect(taken("2 kg leeks (net weight: 1.2 kg)").first[1]).to eq 1200
    expect(taken("500 g cooked beetroot, 200 g raw beetroot").map { |each| each[1] }).to eq [500, 200]
  end

  it "zests as many as are said, and keeps the fruit" do
    expect(taken("5 oranges, zest of 2")).to match [["orange", 1000, "salad"], ["orange", 12, anything]]
    expect(taken("6 lemons, zest of 3").first).to eq "?"
    expect(taken("2 oranges, zest and juice").map(&:first)).to eq %w[orange-juice orange]
  end

  it "cuts each of two as it is said" do
    cut = ->(line) { Scullion::Recipe::Draft.new("Salad for 20\n2 kg barley\n#{line}", house).to_h["salad"] }
    said = cut["2 cucumbers, one diced, one ribboned"]["components"].filter_map { |each| each["cut"] }
    expect(said.last(2)).to eq %w[diced ribbons]
  end

  it "asks which of two amounts is meant where one is out of the other, and in another measure" do
    expect(taken("1 l buttermilk, 100 g of it for the dressing")).to eq ["?"]
    expect(taken("1 l oil, 250 ml of it for roasting").map(&:last)).to eq %w[cook dressing]
    expect(taken("1 l passata")).to eq ["?"]
  end

  # 2 kg of each; a carrot keeps 0.82 of its weight peeled, and 0.97 of that grated.
  it "does with all of a line what is said of both, or of all of them" do
    cook = ->(line) do
      salad = Scullion::Recipe::Draft.new("Salad for 20\n2 kg feta\n#{line}", house).to_h["salad"]
      salad["components"].drop(1).map { |each| each.dig("cook", "method") }
    end
    expect(cook["carrots 2 kg + parsnips 2 kg, both roasted"]).to eq %w[roast roast]
    expect(cook["1 kg courgettes, 1 kg peppers, 500 g aubergine - all roasted"]).to eq %w[roast roast roast]
    expect(taken("2 kg carrots and 1 kg parsnips, both peeled and grated").map { |each| each[1] }).to eq(
      [1591, 776]
    )
    expect(taken("1 kg carrots, 1 kg parsnips, grated").map { |each| each[1] }.first).to eq 1000
  end

  it "asks of all that is joined how much it is in all, and whether what pickles dresses the salad" do
    expect(taken("30 ml oil + 10 ml vinegar + 5 g mustard per 100 g leaves")).to eq %w[? ? ?]
    expect(taken("1 kg green beans, 8 g salt per kg").last).to eq "?"
    expect(taken("1 kg green beans, 8 g salt per kg").first).to eq ["green-beans", 1000, "salad"]
    expect(taken("4 red onions, pickled in 300 ml vinegar and 100 g sugar").drop(1)).to eq %w[? ?]
    expect(taken("4 red onions, pickled in the juice of 4 limes").last).to eq ["lime-juice", 132, "dressing"]
    expect(taken("1 bottle (500 ml) sherry vinegar - use half")).to eq ["?"]
    expect(taken("500 g cold roast lamb").first.first).to eq "cooked-lamb"
  end

  it "parts what is weighed by so much of each, where that is all of it" do
    apart = taken("3 kg carrots: 2 kg roasted, 1 kg grated")
    expect(apart).to eq [["carrot", 2000, "salad"], ["carrot", 970, "salad"]]
    expect(taken("2 kg cherry tomatoes, 1 kg roasted low and slow, 1 kg raw").map { |each| each[1] }).to eq(
      [1000, 1000]
    )
    expect(taken("3 kg carrots, 2 kg roasted, 500 g grated")).to eq ["?"]
  end

  it "asks of what is for a syrup or a cure, and keeps a food whose oil goes elsewhere where it is" do
    expect(taken("300 g sugar + 300 ml water (syrup for the peaches)")).to eq %w[? ?]
    expect(taken("20 g salt for curing")).to eq ["?"]
    expect(taken("600 g chorizo (cooked, oil kept for the dressing)").first.last).to eq "salad"
  end

  it "asks whether another food stands in, where the larder has one by that name for its figures" do
    ["2 kg red mullet", "1 kg snapper", "500 g ranch dressing", "400 g coppa, sliced"].each do |line|
      expect(taken(line)).to eq(["?"]), line
    end
    ["2 kg haddock", "1 kg peaches", "400 g chorizo sausage", "1 kg smoked chicken"].each do |line|
      expect(taken(line)).not_to eq(["?"]), line
    end
    names = house.words["stand_ins"]
    known = names.select { |name| house.lexicon.food(Scullion::Recipe::Lexicon.singulars(name)) }
    expect(names - known).to eq []
  end

  it "takes no food by an everyday name that is another food's own" do
    folded = ->(name) { Scullion::Recipe::Lexicon.singulars(name).join(" ") }
    own = house.larder.each_value.to_h { |food| [folded[food.name], food.key] }
    taken_away =
      house.words["names"].select do |name, keys|
        own.key?(folded[name]) && !Array(keys).include?(own[folded[name]])
      end
    expect(taken_away).to eq({})
    expect(taken("20 g kosher salt").first.first).to eq "kosher-salt"
  end

  # 2 pots of 125 g; 3 of 150 g; potatoes of 120 g.
  it "takes pots for potatoes only where nothing is in them" do
    expect(taken("pom seeds 2 pots (125 g)")).to eq [["pomegranate-seeds", 250, "salad"]]
    expect(taken("3 pots yoghurt (150 g)")).to eq [["yoghurt", 450, "dressing"]]
    ["2 pots of basil", "herbs 3 pots (parsley, dill, mint)", "cress, 3 pots", "4 pots hummus"].each do |line|
      expect(taken(line)).to eq(["?"]), line
    end
    expect(taken("6 pots, boiled and halved").first.first(2)).to eq ["waxy-potato", 720]
    expect(taken("carrots 2, pots 3").map(&:first)).to eq %w[carrot waxy-potato]
  end

  it "weighs no tub as a gram, where what stands before it is weighed" do
    expect(taken("200 g feta, 4 tubs hummus")).to eq [["brined-white-cheese", 200, "salad"], "?"]
  end

  # 1,000 ml less 250; 500 ml less 100. Rapeseed oil has 0.92 g/ml.
  it "fills up with what is missing, and asks where nobody knows what is there" do
    expect(taken("tuna oil 250 ml + rapeseed oil to make 1 l").last[1]).to eq 690
    expect(taken("sherry vinegar 100 ml, topped up with rapeseed oil to 500 ml").last[1]).to eq 368
    expect(taken("juice of 6 oranges, made up to 1 litre with water").last).to eq "?"
    expect(taken("400 ml rapeseed oil to make the dressing").last[1]).to eq 368
  end

  # A heaped teaspoon of mustard powder, and two level ones of sugar: 10 ml of 0.85 g.
  it "carries on no heap to the next" do
    expect(taken("tsp mustard powder, heaped; 2 of sugar").last[1]).to be_within(1).of 8
  end

  it "takes the cloves in an onion for the spice, those of garlic for garlic, and asks of others" do
    expect(taken("1 onion stuck with 2 cloves").map(&:first)).to eq %w[white-onion clove]
    expect(taken("1 onion stuck with 2 cloves").map(&:last)).to eq %w[pot pot]
    expect(taken("garlic, 3 cloves").map(&:first)).to eq ["garlic"]
    ["1 clove, grated", "6 cloves", "half a clove"].each { |line| expect(taken(line)).to eq(["?"]), line }
  end

  # Zest of 6 g a lemon.
  it "zests as many as it says of those that were counted" do
    expect(taken("¼ c lemon juice, ~2 lemons, zest 1 of em too").last.first(2)).to eq ["lemon", 6]
    expect(taken("3 oranges, zest one, segment all").map(&:first)).to eq %w[orange orange]
    expect(taken("100 ml lemon juice (2 lemons), zest one").last.first(2)).to eq ["lemon", 6]
  end

  it "reads a row of names and numbers with its unit behind it, and asks about so much per 100 ml" do
    expect(taken("dressing: oil 300 vinegar 100 honey 30 (ml)").map { |each| each[1] }).to eq [274, 101, 30]
    expect(taken("dressing: 250 ml cream, horseradish to taste").first).to eq [
         "double-cream",
         248,
         "dressing"
       ]
    expect(taken("dressing: tahini 300 g, garlic half a clove").last).to eq ["garlic", 2, "dressing"]
    expect(taken("3 tbsp pomegranate molasses per 100 ml oil, 500 ml oil").last).to eq "?"
    expect(taken("3 kg kale, massaged w/ 1 l oil").last).not_to eq "?"
  end

  it "takes what is measured behind a drizzle or a handful for how much it is" do
    expect(taken("pomegranate molasses drizzle 200 ml").first[1]).to be > 200
    expect(taken("mint, handful 45 g")).to eq [["mint", 45, "salad"]]
  end

  it "takes what several of them come to for all of them, where the line says so" do
    ["3 trays squash (call it 9 kg)", "3 bags of squash, 9 kg altogether"].each do |line|
      expect(taken(line).first[1]).to eq(9000), line
    end
    expect(taken("3 x 3 kg squash").first[1]).to eq 9000
  end

  it "asks which share is kept back where nobody knows" do
    expect(taken("1 tin chickpeas, keep a handful back for the top")).to eq ["?"]
  end

  it "takes so many of something each for pieces, where nobody eats so many" do
    expect(taken("40 cucumbers each").first[1]).to be_between(9000, 14_000)
    expect(taken("figs, 3 each").first[1]).to be_between(2500, 3500)
    # Eleven for each of twenty, and twelve in all.
    eleven, twelve = ["figs, 11 each", "figs, 12 each"].map { |line| counted(line) }
    expect([eleven, twelve]).to eq [220, 12]
  end

  it "squeezes all of what was counted, of which some are zested" do
    squeezed = [["lemon-juice", 282, "dressing"], ["lemon", 12, "dressing"]]
    expect(taken("lemon: 6 - zest 2, juice all")).to eq squeezed
  end

  it "asks whether what the larder has from a jar is made here" do
    expect(taken("roast peppers: 12 kg mixed, charred, skins off")).to eq ["?"]
    expect(taken("400 g roast peppers from a jar").first.first).to eq "jarred-peppers"
  end
end
