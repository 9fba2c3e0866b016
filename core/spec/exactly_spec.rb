# frozen_string_literal: true

require_relative "read_texts"

# Where a rule turns at a number, exactly there.
RSpec.describe "Exactly there" do
  include ReadTexts

  it "takes a word for the share that it is" do
    shares = {
      ["two thirds", "two-thirds", "2/3", "⅔"] => 0.6667,
      ["three quarters", "three-quarters", "3/4", "¾"] => 0.75,
      ["other half", "a half", "half", "1/2", "½"] => 0.5,
      ["a third", "one third", "1/3", "⅓"] => 0.3333,
      ["a quarter", "one quarter", "1/4", "¼"] => 0.25
    }
    meant = shares.flat_map { |words, share| words.map { |word| [word, share] } }.to_h
    expect(Scullion::Recipe::Shares::WORDS.transform_values { |share| share.to_f.round(4) }).to eq meant
  end

  # 100 ml of fat at 3.7 to 1 are 27.03 ml of acid: of 30 ml, 33.33 in the formula, 30.03.
  it "brings a formula to another ratio, to the hundredth" do
    part = Struct.new(:role, :ingredient, :ml, :amount)
    parts = [
      part.new("fat", house.larder["olive-oil"], 100.0, 111.111),
      part.new("acid", house.larder["cider-vinegar"], 30.0, 33.333)
    ]
    expect(Scullion::Dress::Ratio.amounts(parts, 3.7, house.practice)).to eq [111.11, 30.03]
  end

  it "takes a break only where some of the shift is left on either side" do
    refused = ->(from, to) do
      shift = { "from" => "08:00", "to" => "16:00", "break_from" => from, "break_to" => to }
      found = faults { |data| data["kitchen"]["cooks"] = [data["kitchen"]["cooks"][0].merge(shift)] }
      found.keys.any? { |at| at.include?("break_from") }
    end
    expect([%w[08:00 08:30], %w[15:30 16:00], %w[10:00 10:00]].map { |ends| refused[*ends] }).to all(be true)
    expect([%w[08:01 08:30], %w[15:30 15:59], %w[10:00 10:01]].map { |ends| refused[*ends] }).to all(be false)
  end

  it "weighs what cooks along with what it cooks with" do
    row = {
      "ingredient" => "dry-cannellini",
      "role" => "body",
      "grams" => 50,
      "cook" => {
        "method" => "simmer"
      },
      "with" => [{ "ingredient" => "bay-leaf", "grams" => 0.2 }]
    }
    fields = Scullion::DocumentReader.new("key" => "beans", "name" => "Beans", "components" => [row])
    component = Scullion::Salad::Form.read(fields, house).components.first
    expect(component.weighing(150.0).with.map { |each| each.grams.round(6) }).to eq [0.6]
    expect(component.weighing(25.0).with.map { |each| each.grams.round(6) }).to eq [0.1]
  end

  it "refuses an ingredient of which any part has another shape than it should" do
    %w[density content holds_for carries hold sources].each do |field|
      facts = { "key" => "own", "name" => "Own", "family" => "herb", "colour" => "#55aa33", field => "much" }
      done = Scullion::FillIn.new(house.families, house.practice).complete(facts)
      expect(done[field]).to eq("much"), field
    end
  end

  it "finds the name itself before what begins with it, and that before what only holds it" do
    scores = house.finder.ranked("rocket").to_h { |food, score| [food.key, score] }
    expect(scores["rocket"]).to be >= 2
    expect(house.finder.ranked("rock").find { |food, _| food.key == "rocket" }.last).to be_between(
      1,
      2
    ).exclusive
  end

  it "takes a first row of ten words for a title, though something is weighed in it" do
    ten = "The big salad with 400 g rocket for our lunch"
    expect(ten.split.size).to eq Scullion::Recipe::Kinds::TITLE_WORDS
    expect(kinds("#{ten}\n100 g feta")).to eq %w[title ingredient]
    expect(kinds("#{ten} today\n100 g feta").first).not_to eq "title"
  end

  it "ends a part that is listed behind its heading where three of it stand there" do
    to = ->(listed) { taken("Lunch for 4\n400 g rocket\nDressing: #{listed}\n20 g wholegrain mustard") }
    expect(to["60 ml oil, 20 ml vinegar, 5 g salt"].keys).to include "wholegrain-mustard"
    lines = ->(listed) { draft("Lunch for 4\n400 g rocket\nDressing: #{listed}\n40 g walnuts")["lines"] }
    walnuts = ->(listed) { lines[listed].find { |line| line.dig("taken", "key") == "walnuts" }["to"] }
    expect(walnuts["60 ml oil, 20 ml vinegar, 5 g salt"]).to eq "salad"
    expect(walnuts["60 ml oil, 20 ml vinegar"]).to eq "dressing"
  end

  it "keeps a row whole up to its longest, and cuts it behind a comma" do
    most = Scullion::Recipe::Rows::LONGEST_ROW
    said = "b" * 10
    whole = "#{"a" * (most - 12)}. #{said}"
    texts = ->(row) { Scullion::Recipe::Rows.new("Salad\n#{row}").texts.drop(1) }
    expect(texts[whole]).to eq [whole]
    expect(texts["a#{whole}"]).to eq ["a#{"a" * (most - 12)}.", said]
    expect(texts["#{"a" * 380}, #{"b" * 50}"]).to eq ["#{"a" * 380},", "b" * 50]
  end

  it "takes an oven of one heat, and none whose hottest is below its coolest" do
    refused = ->(least, most) do
      heat = { "least_celsius" => least, "most_celsius" => most }
      found = faults { |data| data["kitchen"]["ovens"] = [data["kitchen"]["ovens"][0].merge(heat)] }
      found.keys.any? { |at| at.include?("most_celsius") }
    end
    expect([refused[180, 180], refused[180, 179]]).to eq [false, true]
  end

  it "asks about one that only a sentence speaks of, where most stands in a list" do
    list = %w[rocket feta walnuts tomatoes cucumber].map { |food| "100 g #{food}\n" }.join
    told = ->(number) { taken("Salad for 10\n#{list}\nSlice #{number} red onion and steep it.")["red-onion"] }
    expect(told["1"]["status"]).to eq "doubtful"
    expect(told["½"]).to be_nil
  end

  # 4 parts of 120 ml are 30 ml: 90 of oil and 30 of vinegar, whatever else stands in the row.
  it "shares out parts though not all that stands there has them" do
    row = grams("Dressing for 1\n3 parts olive oil to 1 part vinegar, mustard, about 120 ml")
    expect(row.values_at("olive-oil", "red-wine-vinegar")).to eq(
      grams("Dressing for 1\n90 ml olive oil\n30 ml red wine vinegar").values
    )
  end

  it "counts the hours of a shift: with a break, with half a break said, and over midnight" do
    hours = ->(**said) { Scullion::Kitchen::Cook.new(**said).hours }
    expect(hours[from: "08:00", to: "16:00", break_from: "10:00", break_to: "10:30"]).to eq(
      [[480, 600], [630, 960]]
    )
    expect(hours[from: "08:00", to: "16:00", break_from: "10:00"]).to eq [[480, 960]]
    expect(hours[from: "22:00", to: "06:00"]).to eq [[1320, 1800]]
    expect(hours[from: "08:00", to: "08:00"]).to eq [[480, 480]]
  end

  it "keeps grams for the top from a twentieth of them on" do
    held = ->(grams) { line("100 g feta, #{grams} on top")["held"] }
    expect([held[5], held[4]]).to eq [0.05, nil]
  end

  it "tells days that are served from dates by the last of a month" do
    served = ->(day) { draft("Fri 27 / Sat #{day}\n1 kg rice").values_at("servings_said", "servings") }
    expect([served[31], served[32]]).to eq [[false, 4], [true, 59]]
  end

  it "weighs a part of a list for one for all of them from two grams each on" do
    soy = ->(ml) { grams("Tubs - 48 units\nper unit\n50 g rocket\n\nsauce:\nhoney #{ml}g")["honey"] }
    expect([soy[96], soy[95]]).to eq ["2 g", "95 g"]
  end

  it "takes behind a list in one unit a whole number ahead of what is counted for a question" do
    sheet = ->(row) { taken("Tray (25 x 100 g)\n#{row}\n(all kg)").values.first }
    expect(sheet["Carrots 1.5"].values_at("status", "serving")).to eq ["sure", "47 g"]
    expect(sheet["4 lemons"]["status"]).to eq "doubtful"
  end

  it "puts into the pot what comes out after, and not what is boiled in the water itself" do
    into = ->(row) { taken("Plates for 8\n#{row}").transform_values { |line| line["to"] } }
    expect(into["1 onion, 1 carrot (both out after)"].values.uniq).to eq ["pot"]
    expect(into["500 g beetroot, 1 bay, 1 carrot (both out after)"]["beetroot"]).to eq "salad"
    boiled = into["Boil in salted water: 1 kg carrots, 500 g peas"]
    expect(boiled.values_at("carrot", "frozen-peas")).to eq %w[salad salad]
  end
end
