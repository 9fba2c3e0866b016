# frozen_string_literal: true

require_relative "taken_lines"

# Columns of a sheet: which of them is meant, in which unit, and what numbers or labels its rows.
RSpec.describe Scullion::Recipe::Table do
  include TakenLines

  it "takes the letters that number a list for none of its words" do
    list = "Serves 48\n\nA. Soba dry 2.4 kg\nB. Edamame podded 1 kg\nC. Dressing 1 kg: soy 600 g, mirin 450 g"
    expect(all(list)).to eq [
         ["soba", 2400, "salad"],
         ["edamame", 1000, "salad"],
         ["soy-sauce", 600, "dressing"],
         ["rice-wine", 450, "dressing"]
       ]
    expect(all("Serves 48\n2 T. oil\nC. sugar 30 g").size).to eq 2
    expect(all("Serves 48\nSesame, white 150 g").first.first(2)).to eq ["sesame", 150]
  end

  it "drops no amount of a column whose head or unit it does not know" do
    rows = "Heritage tomatoes\t9 kg\tbite size\nMozzarella\t24 x 125g\ttorn\nBasil\t8 pots\tpicked"
    %w[ORDER NEED COUNT Zork].each do |head|
      read = reads("Bowl\n85 pax\n\nITEM\t#{head}\tNOTES\n#{rows}")
      taken = read.reads.map { |each| [read.taken(each).prepared&.round, read.settled?(each)] }
      expect([head, taken]).to eq [head, [[8820, true], [3000, true], [528, false]]]
    end
  end

  it "takes the first of two columns for so many each, and serves as many" do
    sheet = "Qty/10   Qty/60   Item\n1.2 kg   7.2 kg   sweet potato, peeled\n2        12       red peppers"
    expect(reads(sheet).to_h["servings"]).to eq 10
    expect(all(sheet).map(&:first)).to eq %w[sweet-potato red-pepper]
  end

  it "asks nothing of the row that says whom it serves, nor of the dish's own foods" do
    text =
      "For the 14th\nConfirmed 42 guests (3 vegan).\nSalad to be: fennel, blood orange, burrata.\n" \
        "- fennel 14 bulbs\n- blood oranges 30\n- burrata 21"
    expect(all(text).map(&:first)).to eq %w[fennel blood-orange burrata]
    expect(reads(text).to_h["servings"]).to eq 42
    yields = "Soba\nBatch yield 12 kg = 48 x 250 g\nsoba 2.4 kg\nedamame 1 kg"
    expect(reads(yields).to_h["servings"]).to eq 48
  end

  it "weighs by the unit that heads a column, though the row's last cell is empty" do
    sheet = "Serves 200\nRAW MATERIAL;KG;PREP\nRICE DRY;12.00;BOIL\nPARSLEY;0.60;\nVINEGAR WHITE WINE;1.00;"
    expect(all(sheet).map { |key, grams, _| [key, grams] }).to eq [
         ["white-rice", 12_000],
         ["parsley", 600],
         ["white-wine-vinegar", 1000]
       ]
  end

  it "weighs by the unit that stands beside the word for it, and keeps what is remarked" do
    sheet = "Serves 9\nItem;AP kg;Trim %;EP kg;Remarks\nTomato;8;5;7.6;wedges\nPotato, waxy;16;10;14.4;slice"
    tomato, potato = reads(sheet).to_h["lines"].select { |line| line["status"] }
    expect(tomato["grams"]).to be_between(700, 900)
    expect(potato["grams"]).to be_between(1500, 1800)
    expect(tomato["done"]).to eq "wedges"
  end

  it "takes what is gross for gross on a sheet of net weights, and so much of a batch for so much" do
    sheet = "PREP LIST, 140 pax\nbutternut 18 kg (gross), peel"
    expect(all(sheet).first[1]).to be < 16_000
    batch = "PREP LIST, 140 pax\ncarrots 3 kg\nDRESSING (5 L batch, use 3.5)\nyoghurt 3 kg\ntahini 1 kg"
    expect(reads(batch).to_h["told"].map { |fact| fact["what"] }).to include(/70 %/)
  end

  it "has what is left where a sheet says nothing of what is bought" do
    head = "| Ingredient | Gross | Net | Notes |\n|---|---|---|---|"
    sheet = "Serves 40\n\n#{head}\n| Carrots | 5.0 kg | 4 kg | dice |\n| Orange juice | | 0.1 l | squeezed |"
    expect(all(sheet).map { |key, grams, _| [key, grams] }).to eq [["carrot", 4000], ["orange-juice", 104]]
  end

  it "takes what there is in all where what is on one stands before it" do
    text = <<~TEXT
      Poke-style bowl (veg)  per bowl    x50
      sushi rice, cooked     180 g       9 kg
      edamame                30 g        1.5 kg
      avocado                1/4         13 ea
      radish, thin           10 g        500 g
    TEXT
    draft = reads(text).to_h
    expect(draft.values_at("title", "servings")).to eq ["Poke-style bowl (veg)", 50]
    expect(all(text).map { |each| each[1] }).to eq [9000, 1500, 1846, 490]
  end

  it "keeps rows set in that have dots up to their amounts" do
    text =
      "Leeks for 48\nLeeks ...... 96\nRomesco:\n  almonds ..... 450 g\n  oil, olive ..... 400 ml\n" \
        "  sherry vinegar ..... 90 ml\nHazelnuts ..... 240 g"
    expect(all(text).last).to eq ["hazelnuts", 240, "salad"]
  end

  it "takes a column for the batch beside what is in each box, and a measure for the same once more" do
    boxes =
      "Makes 24 boxes\n\n| Component | Per box | Batch |\n|---|---|---|\n| Soba, dry | 70 g | 1.68 kg |\n" \
        "| Carrot, julienne | 25 g | 600 g |"
    expect(all(boxes).map { |each| each[1] }).to eq [1680, 582]
    card =
      "Beet salad  yield: 100 portions\nINGREDIENTS   WEIGHT   MEASURE\nBEETS   18 lb   4 gal\n" \
        "FETA   3 lb   3 qt"
    expect(reads(card).to_h.values_at("title", "servings")).to eq ["Beet salad", 100]
    expect(all(card).map(&:first)).to eq %w[beetroot brined-white-cheese]
  end

  it "asks nothing of a row that says how large a portion is" do
    head = "Portions 60   Portion weight 220 g   Codes: HE"
    lines = reads("Barley\n#{head}\nPearl barley   2400 g").to_h["lines"]
    expect(lines.filter_map { |line| line["status"] }).to eq %w[sure]
  end
end
