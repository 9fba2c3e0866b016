# frozen_string_literal: true

require_relative "taken_lines"

# So much of a food where its line says it by the heads that are served, by the food before it, or in two
# places.
RSpec.describe Scullion::Recipe::Counted do
  include TakenLines

  # Of 20 who are served: so much for 10 is twice as much in all, for every five four times.
  it "takes so much for so many heads by how many are served" do
    ways = ["500 g feta per 10 people", "500 g feta for every ten covers", "250 g feta for each 5 portions"]
    expect(ways.map { |way| taken(way) }.uniq).to eq [taken("1 kg feta")]
    expect(taken("2 mangoes per twenty guests")).to eq taken("2 mangoes")
    expect(taken("a mozzarella ball for every other guest")).to eq taken("10 mozzarella balls")
    expect(taken("1 mozzarella ball per two guests")).to eq taken("10 mozzarella balls")
    expect(taken("500 g feta per 0 people")).to eq ["?"]
  end

  it "takes so many of the next food in the measure of the one before" do
    {
      "2 bunches of mint and one of coriander" => ["2 bunches of mint", "1 bunch of coriander"],
      "a bunch of dill and three of chives" => ["a bunch of dill", "3 bunches of chives"],
      "3 handfuls of rocket and two of spinach" => ["3 handfuls of rocket", "2 handfuls of spinach"],
      "2 cups of walnuts and one of pecans" => ["2 cups of walnuts", "1 cup of pecans"],
      "2 kg carrots and 3 of parsnips" => ["2 kg carrots", "3 kg parsnips"],
      "2 tins of chickpeas and one of butter beans" => ["2 tins of chickpeas", "1 tin of butter beans"]
    }.each { |line, apart| expect(taken(line)).to eq(apart.flat_map { |each| taken(each) }), line }
  end

  # 2 to 4 of 0.05 to 0.1 g each: 0.1 to 0.4 g.
  it "counts a piece behind a comma with the food that follows it" do
    expect(taken("pinch of cayenne, sprig rosemary")).to eq(
      taken("pinch of cayenne") + taken("a sprig of rosemary")
    )
    draft = Scullion::Recipe::Draft.new("Salad for 20\nfew needles rosemary", house)
    expect(draft.taken(draft.reads.first).prepared).to be_within(0.001).of((0.1 + 0.4) / 2)
  end

  it "reads how hot behind how long as no amount" do
    expect(taken("2 kg squash, roasted 35 min at 200 with 50 ml oil")).to eq(
      taken("2 kg squash, roasted 35 min at 200 °C with 50 ml oil")
    )
  end

  # Three quarters are most of it.
  it "shares out what the steps take into the dressing first and finish with later" do
    draft = Scullion::Recipe::Draft.new(<<~TEXT, house)
      Serves 4. Beat 100 ml crème fraîche with 2 tsp horseradish and most of 20 g dill, chopped. Dress 400 g
      cooked beetroot with half of this. Finish with the remaining dill.
    TEXT
    dill = draft.reads.map { |read| draft.taken(read) }.select { |food| food.ingredient.key == "dill" }
    expect(dill.map(&:into)).to eq %w[dressing top]
    expect(dill[0].prepared / dill[1].prepared).to be_within(0.01).of(3)
  end

  def asked(line)
    Scullion::Recipe::Draft.new("Salad for 20\n2 kg pearl barley\n#{line}\n500 g feta", house).to_h["lines"]
  end

  it "asks about what nobody knows among foods of which there is so much each" do
    [
      "300 g each of wimbleberries, cranberries and sultanas",
      "mint, wimbleberries, dill, a bunch each"
    ].each do |line|
      expect(asked(line).filter_map { |each| each["why"] }).to eq(["What is “wimbleberries” here?"]), line
    end
  end

  it "asks about what is only soaked in, and what is served in it goes in" do
    expect(
      asked("2 litres buttermilk for soaking the chicken")[2]["why"]
    ).to start_with "Something is pickled"
    expect(asked("500 ml milk to soak the bread")[2]["why"]).to start_with "Something is pickled"
    expect(asked("2 litres buttermilk for the dressing")[2]["why"]).to be_nil
  end

  it "takes one word that nobody knows for a food, and what heads a part for its heading" do
    expect(asked("wimbleberries to finish").last(2).map { |line| [line["kind"], line["to"]] }).to eq [
         ["ingredient", nil],
         %w[ingredient salad]
       ]
    expect(asked("toppings to finish").last(2).map { |line| [line["kind"], line["to"]] }).to eq [
         ["heading", nil],
         %w[ingredient top]
       ]
  end

  def placed(text)
    draft = Scullion::Recipe::Draft.new("Serves 40\n4 bunches of dill\n2 kg cucumbers\n\n#{text}", house)
    dill = draft.reads.map { |read| draft.taken(read) }.select { |food| food.ingredient.key == "dill" }
    dill.map { |food| [food.into, food.prepared.round, food.held&.round(2)] }
  end

  # 4 bunches of 30 g.
  it "shares out what is listed as the steps do: into the dressing, into the salad, and the rest on top" do
    whisked =
      "Whisk 1 l yoghurt with 50 ml lemon juice and a third of the dill. Scatter over the rest of the dill."
    expect(placed(whisked)).to eq [["dressing", 40, nil], ["top", 80, nil]]
    expect(placed("Fold half the dill through the cucumbers. Top with the remaining dill.")).to eq [
         ["salad", 120, 0.5]
       ]
    expect(placed("Fold the dill through the cucumbers.")).to eq [["salad", 120, nil]]
  end

  it "squeezes what is zested where the steps squeeze it too" do
    juiced = ->(steps) do
      draft = Scullion::Recipe::Draft.new("Serves 40\n8 lemons\n2 kg cucumbers\n\n#{steps}", house)
      draft.reads.map { |read| draft.taken(read) }.to_h { |food| [food.ingredient.key, food.prepared.round] }
    end
    both = juiced["Dress with the zest and the juice of the lemons."]
    expect(juiced["Dress with the zest of 4 lemons and the juice of all."]).to eq(
      both.merge("lemon" => both["lemon"] / 2)
    )
    expect(juiced["Dress with the zest of the lemons."].keys).to eq %w[lemon cucumber]
  end

  it "takes so much for each of so many tables, and asks where nobody says how many" do
    expect(taken("10 vine tomatoes per table (6 tables)")).to eq taken("60 vine tomatoes")
    expect(taken("10 vine tomatoes per table")).to eq ["?"]
    expect(asked("10 vine tomatoes for every table")[2]["why"]).to start_with "So much for some of them"
  end

  it "asks about as much again, and not about what is only said twice" do
    expect(asked("300 g rocket to go under, 300 g through")[2]["why"]).to eq "What is “300 g” here?"
    expect(taken("300 g rocket, 300 g")).to eq taken("300 g rocket")
  end

  # A loaf of 800 g.
  it "takes the weight of a loaf for that of one where it is that of one" do
    expect(taken("3 loaves of sourdough (800 g)")).to eq taken("2.4 kg sourdough")
    expect(taken("2 loaves of sourdough (1.6 kg)")).to eq taken("1.6 kg sourdough")
    expect(taken("two bunches of asparagus (roughly 500 g)")).to eq taken("500 g asparagus")
  end

  it "reads a sheet whose heads are said in a cook's words" do
    sheet =
      "item | how much | what\nstale sourdough | 3 loaves (800g) | torn\nanchovies | 3 tins @ 50g | chopped"
    draft = Scullion::Recipe::Draft.new("Salad for 20\n#{sheet}", house)
    expect(draft.reads.map { |read| draft.taken(read).weighed.round }).to eq [2400, 150]
    expect(draft.reads.map { |read| draft.settled?(read) }).to eq [true, true]
  end

  it "gives as many packs of the same size to what is the same again, and asks about a second kind" do
    expect(taken("dill, 5 packs of 20 g\nchives same again").map { |food| food[1] }).to eq [100, 100]
    expect(taken("chicory red 12 white 12")).to eq ["?"]
  end
end
