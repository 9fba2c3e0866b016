# frozen_string_literal: true

require_relative "taken_lines"

# Rows that hold a part of the dish with all that is in it: what is roasted with its oil, a sauce with what it
# is made of, what is pickled with its vinegar.
RSpec.describe "A row with a part of its own" do
  include TakenLines

  def places(text) = all("Serves 60\n#{text}").map { |each| each == "?" ? each : each.last }

  it "has on the tray what is listed behind what is roasted, and only what seasons" do
    expect(places("9 kg cauliflower florets, oil 300 ml, cumin 20 g, salt 60 g. 230C, 20 min")).to eq(
      %w[salad cook cook cook]
    )
    expect(places("9 kg cauliflower, oil 300 ml, cumin 20 g").last(2)).to eq %w[dressing dressing]
    expect(places("9 kg cauliflower, 230C 20 min, dressing: oil 300 ml, cumin 20 g").last(2)).to eq(
      %w[dressing dressing]
    )
  end

  it "has in the dressing all that a sauce is made of, its water too" do
    row = "2.4 kg tahini sauce, tahini 1 kg, lemon 300 ml, water 900 ml, garlic 40 g"
    expect(places(row)).to eq %w[? dressing dressing dressing dressing]
  end

  it "mixes what is joined by plus signs, where all but one of it is poured or seasons" do
    mixed = "200 g crème fraîche + 40 g horseradish + squeeze of lemon + salt"
    expect(places(mixed)).to eq %w[dressing dressing dressing dressing]
    expect(places("200 g yoghurt + 2 kg carrots + 1 kg peas").drop(1)).to eq %w[salad salad]
    expect(places("2 kg carrots + 40 g horseradish + salt").first).to eq "salad"
  end

  it "asks whether what something is pickled in dresses, behind a dash too" do
    expect(places("600 g red onion, pickled - 300 ml red wine vinegar, 60 g sugar").drop(1)).to eq %w[? ?]
  end

  it "asks what a dressing is made of that is weighed in one, with the weight on either side" do
    expect(places("Dressing (bought-in, harissa & lemon) 600 g")).to eq %w[?]
    expect(places("0.9 kg dressing (lemon and tahini)")).to eq %w[?]
  end

  it "takes a catering tin for one wherever that is said" do
    catering = all("Serves 60\n1 A10 tin chickpeas, drained")
    expect(all("Serves 60\n1 tin Chickpeas A10 drained")).to eq catering
    expect(catering.first[1]).to be > 1000
  end

  it "ends a part that is told in one row with the blank line below it, and not where it is listed on" do
    rows = "Dressing: 100 ml oil, 50 ml vinegar"
    expect(places("#{rows}\n\n2 kg hazelnuts").last).to eq "salad"
    expect(places("Dressing: 100 ml oil\n40 g mustard\n30 g hazelnuts").last).to eq "dressing"
  end

  it "heads nothing with a dressing that is weighed itself, nor a salad with one" do
    expect(places("dressing 1.5L (bottled)\nanchovy 60 fillets")).to eq %w[? salad]
    expect(places("dressing 1.5 l (oil 1 l, vinegar 500 ml)\nham 2 kg")).to eq %w[dressing dressing salad]
    listed = "oil 500 ml\nvinegar 200 ml\ncucumbers 8\ncos 4\nchicken breast 3 kg\neggs 12"
    expect(places("Dressing\n#{listed}")).to eq %w[dressing dressing salad salad salad salad]
    # Two that are eaten are in many a dressing.
    expect(places("Dressing\noil 500 ml\nvinegar 200 ml\n4 eggs\n30 g anchovies").last(2)).to eq(
      %w[dressing dressing]
    )
  end

  it "takes the amount for all where each row has one before its name for few" do
    rows = "1kg tomatoes             10kg\n1 cucumber               10\n50g basil                500g\n"
    rows += "120ml oil                1.2L"
    expect(all("Serves 6  x 10 batch = 60\n#{rows}").map { |each| each[1] }).to eq [10_000, 3200, 500, 1096]
  end

  it "takes a flat top for no place on the salad" do
    expect(places("2 kg frozen sweetcorn, char on flat top, no oil").first).to eq "salad"
  end

  it "heads nothing with what is drizzled, served or brushed on, and loses no row of it" do
    expect(places("oil to drizzle\n2 kg kale")).to eq %w[dressing salad]
    expect(places("chilli oil to drizzle\n2 kg kale")).to eq %w[top salad]
    expect(places("Drizzle\n100 ml oil\n2 tbsp honey")).to eq %w[dressing dressing]
  end

  it "loses no row that ends in where it goes, and nothing of a bracket with amounts of its own" do
    expect(all("Serves 38\nsesame 100 g toasted top\nspring onion 5 bunches top").map(&:last)).to eq %w[
         top
         top
       ]
    row = "sushi rice 2.5 kg + seasoning (rice vinegar 300 ml, sugar 100 g, salt 30 g)"
    expect(all("Serves 38\n#{row}").map { |each| each[1] }).to eq [2500, 303, 100, 30]
    expect(places("8 carrots, grated on the big holes")).to eq %w[salad]
  end

  it "has on the tray the oil whose amount a step says again, and the other in the dressing" do
    list = "6 onions\n2 tbsp olive oil\n50 ml olive oil\n50 ml vinegar"
    steps = "Roast the onions, tossed in the 2 tbsp oil, until black. Mix everything."
    expect(places("#{list}\n\nMethod\n#{steps}").values_at(1, 2)).to eq %w[cook dressing]
  end

  it "takes letters and stages for headings, and none of them for a food" do
    rows = "Group A (base)\n2 kg carrots\nStage 2  Mayonnaise       600 g"
    expect(all("Serves 60\n#{rows}").map { |each| each[1] }).to eq [2000, 600]
  end

  it "buys no vinaigrette that is made below, and takes for nobody's food whom it is for" do
    made = "25 ml vinaigrette\nVinaigrette: 270 ml oil, 100 ml vinegar, 20 g dijon"
    expect(places("2 kg tuna\n#{made}")[1]).to eq "?"
    expect(all("Serves 45\nFeta 1.2 kg on half the trays (vegans!)").first.first).to eq "brined-white-cheese"
    expect(all("Serves 36\nlardon fat 200 ml").first.first).to eq "goose-fat"
  end

  it "leaves what is as much poured as eaten below a dressing's heading" do
    eaten = "4 eggs\n30 g anchovies\n200 g tinned chickpeas"
    expect(places("Dressing\n300 ml oil\n80 ml vinegar\n60 g mustard\n#{eaten}").uniq).to eq ["dressing"]
  end

  it "stands below its label, where each of several rows begins with one of its own" do
    rows = "GRAIN Pearl barley 5 kg\nCHEESE Feta 2 kg\nDRESS Lemon juice 400 ml; garlic 20 g; salt 30 g"
    expect(all("Serves 100\n\n#{rows}")).to eq [
         ["pearl-barley", 5000, "salad"],
         ["brined-white-cheese", 2000, "salad"],
         ["lemon-juice", 412, "dressing"],
         ["garlic", 20, "dressing"],
         ["fine-salt", 30, "dressing"]
       ]
    columns = <<~TEXT
      Serves 24

      Grains      Pearl barley        900 g
                  Red quinoa          600 g
      Top         Sunflower seeds     150 g     toasted
      Dressing    Tahini              300 g
                  Water               200 ml
    TEXT
    expect(all(columns)).to eq [
         ["pearl-barley", 900, "salad"],
         ["red-quinoa", 600, "salad"],
         ["sunflower-seeds", 150, "top"],
         ["tahini", 300, "dressing"],
         ["water", 200, "dressing"]
       ]
  end

  it "leaves its capitals to what they name" do
    rows = "RED Onions 2 kg\nGREEN Beans 3 kg\nWHITE Cabbage 5 kg"
    expect(all("Serves 100\n\n#{rows}").map(&:first)).to eq %w[red-onion green-beans white-cabbage]
  end

  it "salts the water that something boils in, and not the dressing" do
    row = "pearl barley 5 kg, simmer 35 min in 15 l water w/ 100 g salt, drain"
    expect(places("#{row}\nsalt 30 g")).to eq %w[salad pot pot dressing]
  end

  it "has the kind of it from the bracket, with its amount" do
    expect(all("Serves 9\nvinegar (150 ml red wine)").first.first(2)).to eq ["red-wine-vinegar", 152]
    expect(all("Serves 9\noil (300 ml olive)").first.first).to eq "olive-oil"
  end

  it "roasts with the honey that goes on before the oven, and cuts by an order behind a stroke" do
    rows = "parsnips 5 kg peel/quarter/core, roast\nhoney 200 g over parsnips before oven"
    expect(places(rows)).to eq %w[salad cook]
    expect(reads("Serves 80\n#{rows}").to_h["lines"][1]["done"]).to include "wedges"
  end

  it "puts an oil that is made into the dressing, and lists no second time what has its own heading" do
    text =
      "Serves 25\n\nFor the basil oil\n100 g basil\n300 ml olive oil\n\nDressing\n100 ml lemon juice\n" \
        "the basil oil"
    expect(all(text).map { |key, _, to| [key, to] }).to eq [
         %w[basil dressing],
         %w[olive-oil dressing],
         %w[lemon-juice dressing]
       ]
  end

  it "dresses nothing with what is mostly eaten, whatever is poured on it" do
    row = "baba ganoush: aubergine 6 kg charred, tahini 300 g, lemon 150 ml, garlic 25 g"
    expect(places(row)).to eq %w[salad dressing dressing dressing]
  end

  it "asks about what comes cooked and was weighed raw" do
    expect(all("Serves 9\nroast peppers - 6 kg raw weight")).to eq %w[?]
    expect(all("Serves 9\nroast peppers - 6 kg").first.first).to eq "jarred-peppers"
  end

  it "has what a thing is made of, and not that thing as well" do
    row = "450 g horseradish cream: creme fraiche 350 g, fresh horseradish 60 g, lemon juice 20 ml"
    expect(all("Serves 30\n#{row}").map(&:first)).to eq %w[creme-fraiche horseradish lemon-juice]
    [
      ["tahini 300 g, lemon juice 120 ml, water 180 ml", %w[tahini lemon-juice water]],
      ["lemon juice 400 ml, lemon zest 5 g, oil 400 ml", %w[lemon-juice lemon olive-oil]],
      ["rice vinegar 300 ml, rice wine 200 ml, soy 100 ml", %w[rice-vinegar rice-wine soy-sauce]]
    ].each { |listed, keys| expect(all("Serves 30\n#{listed}").map(&:first)).to eq(keys), listed }
  end

  it "asks whether what cures something dresses too, and not whether the food does" do
    row = "salmon fillet 2 kg, cure: 300 g salt, 300 g sugar, zest of 3 lemons"
    expect(places(row)).to eq %w[salad ? ? ?]
  end

  it "has one more of what is listed, by another" do
    text = "Serves 4\n2 kg carrots\njuice of a lime\n\nThen: 3 tbsp oil, another lime, black pepper."
    expect(reads(text).reads.map { |read| read.line.item.foods.first }.tally["lime-juice"] || 0).to be <= 2
    expect(all("Serves 4\nanother 100 ml oil").first.first(2)).to eq ["olive-oil", 91]
    expect(reads(text).reads.count { |read| read.line.text.include?("lime") }).to eq 2
  end

  it "asks whether small tomatoes are cherries, and takes a small bowl for no size of theirs" do
    expect(all("Serves 30\n10 small tomatoes")).to eq %w[?]
    expect(all("Serves 30\ntomatoes 10, small bowl").first.first).to eq "tomato"
  end

  it "asks whether what is pickled in a bracket dresses too, and of nothing behind it" do
    row = "Pickled red onion, 300 g (slice 300 g onion, 200 ml vinegar, 50 g sugar)"
    expect(places("#{row}\n2 kg squash").last(3)).to eq %w[? ? salad]
  end

  it "draws water with the salt that stands before a time and a draining, and boils in it what is boiled" do
    expect(places("15 cucumbers, smash, salt 60 g, 20 min, drain well")).to eq %w[salad salad]
    expect(places("pearl barley 2 kg, salt 20 g, 30 min, drain")).to eq %w[salad pot]
  end

  it "gives to the water what one or two of something are simmered with" do
    expect(places("dried broad beans 4 kg, 3 h simmer w/ 1 onion + bicarb 10 g")).to eq %w[salad pot pot]
    expect(places("dried broad beans 4 kg, simmer with 2 kg carrots").last).to eq "salad"
  end

  it "roasts with the oil that stands before the heat of a row" do
    row = "veg: 6 kg peppers mixed, 5 kg courgettes, 1 l oil, 200C 30 min in 4 batches"
    expect(places(row)).to eq %w[salad salad cook]
  end
end
