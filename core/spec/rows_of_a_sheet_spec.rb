# frozen_string_literal: true

require_relative "read_texts"
require_relative "taken_lines"

# Rows that head, name or go on: parts with how much of them is made, names of the dish, the same of another.
RSpec.describe "Rows of a recipe's sheet" do
  include ReadTexts
  include TakenLines

  it "takes as much of the second food of a row as of the first, where it is the same of it" do
    expect(all("Serves 20\n1 tsp mustard powder, same of sugar")).to eq all(
         "Serves 20\n1 tsp mustard powder\n1 tsp sugar"
       )
    expect(all("Serves 20\na handful of dill and the same of parsley").map(&:first)).to eq %w[dill parsley]
  end

  it "knows a part that is made, and how much of it, by its own row, below amounts for each" do
    text = "Serves 24\n\nPer plate\n70 g celeriac\n%s\n120 g mayonnaise\n20 g dijon"
    made = ["REMOULADE, makes 700 g", "Tahini dressing (yield 4 l, need 3)", "Dressing - makes 700 g"]
    grams = made.to_h { |row| [row, all(text % row).last(2).map { |food| food[1] }] }
    expect(grams.values.uniq).to eq([[120, 20]]), grams.inspect
    # A food with what it gives is no part.
    expect(all("Serves 24\n12 cucumbers, gives 3 kg peeled").first.first(2)).to eq ["cucumber", 3000]
  end

  it "takes names below the title, each of which is listed again, for no food" do
    list = "3 kg beetroot\n1 kg dry lentils\n200 g creamed horseradish"
    names = "Harvest lunch, serves 60\nBeetroot, lentil, horseradish\n#{list}"
    expect(all(names)).to eq all("Harvest lunch, serves 60\n#{list}")
    # Not each of them is listed again.
    expect(all("Harvest lunch, serves 60\nBeetroot, lentil, sumac\n#{list}").size).to be > 3
  end

  it "tempers the seed, pickles in what stands behind a short word, and buys chillies dry" do
    expect(all("Serves 25\n2 kg carrots\n\nTempering:\nmustard 2 tsp").last.first).to eq "mustard-seed"
    expect(all("Serves 25\n1.5 kg red onions, quick pkl (300 g sugar, 60 g salt)").last).to eq "?"
    expect(all("Serves 25\n4 dry red chillies").first.first).to eq "dried-chilli"
    expect(all("Serves 25\n12 pomegranates, seeds only, 1.2 kg yld").first[1]).to eq 1200
  end

  it "takes who wrote it, a mail's head and a page of a book for no food, and the next row for its name" do
    list = "3 kg beetroot\n1 kg feta"
    title = ->(text) { Scullion::Recipe::Draft.new(text, house).to_h.values_at("title", "servings") }
    before = ["From the kitchen of: Dottie", "From: Priya\nTo: Jan", "120", "Recipe by Dottie"]
    expect(before.map { |rows| title["#{rows}\nBeetroot salad, serves 60\n#{list}"] }.uniq).to eq [
         ["Beetroot salad", 60]
       ]
    mail = "From: Priya\nTo: Jan\nSent: Monday\n\nHi Jan,\n\nNumbers: 58 pupils + 4 of us\n\n#{list}"
    expect(title[mail].last).to eq 62
  end

  it "reads what is done behind the amount, a pass below the list, and what is not added for nothing" do
    list = [
      "Endive, white        12 hd   leaves separated",
      "Pears, conference     8 ea   cored, 6 wedges ea",
      "Feta                480 g    crumbled",
      "Walnuts             300 g    chopped",
      "Chives                1 bu   batons"
    ].join("\n")
    foods = all("Serves 24\n\n#{list}")
    expect(foods.map(&:first)).to eq %w[belgian-endive pear brined-white-cheese walnuts chives]
    below = "PU: 5 leaves, 2 wedges, cheese, nuts, 15 ml drsg, chives\nLow salt: no added salt."
    expect(all("Serves 24\n\n#{list}\n\n#{below}").count { |food| food.first == "chives" }).to eq 1
    expect(all("Serves 24\n\n#{list}\n\n#{below}").map(&:first)).not_to include "fine-salt"
  end

  it "weighs raw what is cooked by the row, keeps fruit whose juice is saved, and reads a point in words" do
    expect(
      all("Serves 30\n5 kg beetroot, cooked whole in foil at 180C for 90 minutes").first.first(2)
    ).to eq ["beetroot", 5000]
    expect(all("Serves 30\n5 kg beetroot, cooked").first.first).to eq "cooked-beetroot"
    expect(all("Serves 30\n10 oranges, sliced, juice saved").map(&:first)).to eq %w[orange]
    expect(all("Serves 30\none point eight kilos feta").first[1]).to eq 1800
    # As much as four tins hold.
    tins = "sweetcorn four of the big catering tins drained, one point eight kilos drained each"
    expect(all("Serves 120\n#{tins}").first[1]).to eq 7200
  end

  it "does all of the same where ditto is said, and cuts alone where it is the same dice" do
    ways = ->(row) do
      reads("Serves 20\n2 kg potatoes, peeled, boiled, 1 cm dice\n#{row}").reads.last.line.item.words
    end
    expect(ways["600 g carrots, ditto"]).to include "trims" => "peeled",
            "cooks" => "boil-cut",
            "cuts" => "diced"
    expect(ways["600 g carrots, same dice"]).to eq "cuts" => "diced"
  end

  it "leaves an amount with the food that is loosened, and reads seconds by their first letter" do
    loosened = all("Serves 35\n2 kg carrots\ntahini 300g loosened with water and the lemon")
    expect(loosened[1].first(2)).to eq ["tahini", 300]
    salad = reads("Serves 35\n20 bunches asparagus, trim, blanch 90s, shock").to_h["salad"]
    expect(salad["components"].first["cook"]).to eq "method" => "blanch", "minutes" => 1.5
  end

  it "takes a head for one, and no guest, where it is of a food" do
    heads = all("Serves 12\nhalf a head of celery\n½ head of celery\n1 head of celery")
    expect(heads.map { |food| food[1] }).to eq [heads[0][1], heads[0][1], heads[0][1] * 2]
    expect(all("Serves 12\nhalf a fig a head").first[1]).to eq all("Serves 12\n6 figs").first[1]
  end

  # What is cut, of each: all of one kind, or the last alone.
  it "cuts all of one kind as is said behind the last, and others as is said of them" do
    cuts = ->(row) { reads("Serves 20\n#{row}").reads.map { |read| read.line.item.words["cuts"] } }
    {
      "30 g each coriander, mint and dill, roughly chopped" => %w[chopped chopped chopped],
      "200 g each carrots and beetroot, grated" => %w[grated grated],
      "1 bunch mint and 1 bunch parsley (chopped)" => %w[chopped chopped],
      "10 g each mint and chives, chives snipped" => [nil, "chopped"],
      "100 g feta and 50 g walnuts, chopped" => [nil, "chopped"],
      "200 g torn rocket and 200 g spinach, chopped" => %w[torn chopped]
    }.each { |row, done| expect(cuts[row]).to eq(done), "#{row}: #{cuts[row]}" }
  end

  it "takes so much of them for the food before, and a pint for a British one where kilos are weighed" do
    seeds = all("Serves 25\n2 kg carrots\nsesame seeds, toast 4 tbsp of them")
    expect(seeds.last).to eq all("Serves 25\n2 kg carrots\n4 tbsp sesame seeds, toasted").last
    expect(all("Serves 25\n2 kg carrots\n1 pint milk").last[1]).to eq 585
    expect(all("Serves 25\n2 lb carrots\n1 pint milk").last[1]).to eq 487
  end

  it "asks what a diet's own tray gets, and shares out by the box" do
    expect(all("Serves 48\n5 kg potatoes\nVEGAN TRAY (6 of the 48): plain oil").last).to eq "?"
    expect(all("Serves 6\n1 avocado per 2 boxes").first[1]).to eq all("Serves 6\n3 avocados").first[1]
    expect(all("Serves 6\n1 cup dry brown rice → 3 cups cooked")).to eq all("Serves 6\n1 cup dry brown rice")
  end

  it "weighs what is measured cut as it lies when cut so, by whichever word" do
    ways =
      ["shredded", "grated", "finely grated"].map { |cut| all("Serves 6\n2 cups #{cut} cheddar").first[1] }
    expect(ways.uniq.size).to eq 1
    expect(ways.first).to be < 260
    packed = [
      "2 bunches cavolo nero, shredded (about 10 packed cups)",
      "10 packed cups cavolo nero, shredded"
    ]
    expect(packed.map { |line| all("Serves 10\n#{line}").first[1] }).to eq [400, 400]
  end

  it "counts garlic by the clove, also where that is cut short" do
    lines = ["garlic 12 cl", "garlic, 12cl, crushed", "12 cl garlic", "12 cl. of garlic"]
    grams = lines.to_h { |line| [line, all("Serves 60\n2 kg carrots\n#{line}").last[1].round(-1)] }
    expect(grams.values.uniq).to eq([50]), grams.inspect
    expect(all("Serves 60\n2 kg carrots\n12 cl white wine vinegar").last[1]).to be_within(5).of(120)
  end

  it "takes what is of a style for what it is like, unless it has a name of its own" do
    expect(all("Serves 60\n2 kg puy-style lentils")).to eq all("Serves 60\n2 kg puy lentils")
    expect(all("Serves 60\n2 kg greek-style yoghurt").first.first).to eq "strained-yoghurt"
    # Nobody who eats no meat gets any.
    plant = ["ham-style slices", "chicken-style pieces", "cheddar-style slices", "tuna-style flakes"]
    expect(plant.map { |name| all("Serves 60\n2 kg #{name}").first }.uniq).to eq ["?"]
  end

  it "takes the number behind a doubted one, and what there is of left-overs in all" do
    expect(all("Serves 60\nspring onions 40 bunches? -> 12 bunches is plenty")).to eq all(
         "Serves 60\nspring onions 12 bunches"
       )
    expect(all("Serves 20\nhalf a tray roast squash (1.8 kg left)").first[1]).to eq 1800
    expect(all("Serves 20\n2 tubs houmous (1 kg each)").first[1]).to eq 2000
  end

  it "counts yolks behind a weight, and knows one name on both sides of a bracket" do
    mayonnaise = "Serves 8\nmayonnaise about 400 g, home made: 2 yolks, 300 ml sunflower oil"
    expect(all(mayonnaise).find { |food| food.first == "pasteurised-yolk" }[1]).to eq 36
    expect(all("Serves 4\n1 hispi (sweetheart) cabbage, about 800 g, shredded").map(&:first)).to eq [
         "pointed-cabbage"
       ]
  end

  it "heads a part by a word in capitals with how many it is for, near the top as well" do
    text = "From: Tamsin\nSubject: lunch\n\nRICE (60)\n3 kg brown rice\n12 red peppers"
    expect(all(text).map(&:first)).to eq %w[brown-rice red-pepper]
  end

  it "counts all that is in one case, and asks how much a piece of something long is" do
    expect(all("Serves 60\n1 case baby kale (4 x 1.5 kg)").first[1]).to eq 6000
    expect(all("Serves 60\nbox of cherry tomatoes (9 × 250 g)").first[1]).to eq 2250
    expect(all("Serves 60\n2 tins chickpeas (2 x 400 g)").first[1]).to be < 900
    expect(all("Serves 6\na 5 cm piece of cucumber")).to eq ["?"]
    expect(all("Serves 6\na 5 cm piece of ginger").first.first).to eq "ginger"
  end

  it "asks about the green part alone, crisps bread for croutons, and fries in what sets" do
    parts = [
      "4 spring onions, greens only",
      "4 spring onions – green bits only",
      "4 scallions, white part only"
    ]
    expect(parts.map { |line| all("Serves 6\n#{line}").first == "?" }).to eq [true, true, false]
    crisp = ["2 slices bread for croutons", "300 g bread, made into croutons"]
    done = ->(line) { Scullion::Recipe::Draft.new("Salad for 6\n#{line}", house).to_h["lines"].last["done"] }
    expect(crisp.map(&done).uniq).to eq ["crisp"]
    expect(all("Serves 6\n1 kg potatoes\n25 g butter").last.last).to eq "cook"
    expect(all("Serves 6\n1 kg potatoes\n\nDressing\n25 g butter").last.last).to eq "dressing"
  end

  it "takes the last of several scales, with how it is done in a cell behind them" do
    sheet =
      "Pasta salad\n                     10 ptn     100 ptn\nFusilli, dry         600 g      6 kg\n" \
        "Cherry tomatoes      500 g      5 kg      halve\nMozzarella pearls    400 g      4 kg      drained"
    expect(all(sheet).map { |food| food[1] }).to eq [6000, 5000, 4000]
  end

  it "takes a weighed row of a list for no step, and part of a tray for what it weighs" do
    list = ->(row) { "Left, for 14\n\n- #{row}\n- pumpkin seeds 100 g\n- yoghurt 500 g" }
    expect(all(list["roast carrots from Sunday, call it 1 kg"]).first.first(2)).to eq ["carrot", 1000]
    expect(all(list["roast zorblax from Sunday, call it 1.2 kg"]).first).to eq "?"
    trays = ["half a tray roast squash, 1.8 kg", "half a tray roast squash (1800)"]
    expect(trays.map { |row| all(list[row]).first[1] }).to eq [1800, 1800]
    expect(all(list["half a tub houmous (400 g)"]).first[1]).to eq 200
  end

  it "weighs what is left by a fraction of a pound" do
    expect(all("Serves 6\n1 lb asparagus, trimmed (3/4 lb after)").first[1]).to eq 340
    expect(all("Serves 6\n1 1/2 lb leeks (1 lb trimmed)").first[1]).to eq 454
  end

  it "takes a dish with so many portions of so much for its name, below a heading for the week" do
    text =
      "WEEK 3 TUES – SALAD BAR\nColeslaw, no mayo     Portions: 180 x 60 g\n\n6.5 kg white cabbage\n30 g salt"
    expect(all(text).map(&:first)).to eq %w[white-cabbage fine-salt]
    expect(Scullion::Recipe::Draft.new(text, house).to_h["servings"]).to eq 180
  end

  it "puts spice and oil that go on before roasting onto the tray" do
    on = ["2 tsp cumin seed, crushed, on before roasting", "30 ml oil, rubbed in before baking"]
    expect(on.map { |line| all("Serves 6\n1 kg cauliflower\n#{line}").last.last }).to eq %w[cook cook]
  end

  it "loses none of a bracket in what is told, and dresses with nothing that a dressing is spooned over" do
    told =
      "Couscous for 24. Pour 1.8 litres hot stock on 1.5 kg couscous. Roast 3 kg mixed veg (peppers, " \
        "courgettes, red onion) in 1 cm dice, 25 min at 220."
    expect(all(told)).to include "?"
    over =
      "Soba for 4. Cook 300 g soba. Whisk 3 tbsp soy sauce, 2 tbsp rice vinegar. Sprinkle with 2 tbsp " \
        "sesame seeds and 20 g coriander, spoon over the remaining dressing."
    expect(all(over).last).to eq ["coriander", 20, "top"]
    soft = "Beans for 6. Cook 400 g dried butter beans. In the same fat soften two sliced red onions."
    expect(all(soft).last).to eq "?"
  end
end
