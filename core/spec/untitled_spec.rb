# frozen_string_literal: true

require_relative "taken_lines"

# A list that has no title begins with its first food: nothing of it is what the dish is called.
RSpec.describe "A list without a title" do
  include TakenLines

  def keys(text) = all(text).map { |each| each == "?" ? each : each.first }
  def title(text) = reads(text).to_h["title"]

  it "has all its foods, whichever of them stands first" do
    rows = [
      "Olive oil 200 ml",
      "White cabbage 12 kg, shredded",
      "Feta 2 kg, crumbled",
      "Mint 6 bunches, picked"
    ]
    rows.each do |first|
      text = [first, *(rows - [first])].join("\n")
      expect(title(text)).to be_nil, first
      expect(keys(text)).to match_array %w[olive-oil white-cabbage brined-white-cheese mint]
    end
    expect(keys("Garlic 30 g")).to eq %w[garlic]
    expect(keys("Garlic 30 g, cold water 700 ml")).to eq %w[garlic water]
  end

  it "begins with what is only counted, where the next row is a food's too" do
    expect(keys("Cucumbers 12\nTomatoes 40\nFeta 2 kg").size).to eq 3
    expect(keys("Red onion, 1\nCucumber, 2").size).to eq 2
    expect(reads("Red onion, 1\nCucumber, 2").to_h["servings_said"]).to be false
  end

  it "begins with the first of its numbers" do
    rows = "1) CHICK PEA 5KG DRY (SOAK O/N)\n2) BABY SPINACH 2.5KG\nSERVES 110"
    expect(title(rows)).to be_nil
    expect(keys(rows)).to eq %w[dry-chickpeas spinach]
  end

  it "names a food in full by the word behind its mark" do
    rows = "Sugar, caster 20 g\nSalt, table 20 g\nVinegar, malt 20 g\nPotatoes, charlotte, 700 g"
    expect(all(rows).map { |each| each.first(2) }).to eq [
         ["caster-sugar", 20],
         ["fine-salt", 20],
         ["malt-vinegar", 20],
         ["waxy-potato", 700]
       ]
    expect(all("Serves 9\nSalt, table 20 g").first.last).not_to eq "table"
  end

  it "is no dish's name where several of its foods are weighed" do
    row = "For the salad: 6 kg beetroot, 2 small gem leaves per portion, so 150 leaves, 2 kg new potatoes."
    text = "Dear Chef, here is the recipe scaled to 75 portions.\n\n#{row}"
    expect(title(text)).to match(/Dear Chef/)
    expect(reads(text).reads.map { |read| read.line.item.foods.first }).to include("beetroot", "waxy-potato")
  end

  it "has a title where the first row is a dish's, or says how many there are" do
    ["Beetroot and feta 12 kg", "Carrot salad 5 kg", "Beetroot 90", "Quinoa, 60 portions"].each do |first|
      expect(title("#{first}\n\nbeetroot 8 kg\ncarrots 2 kg")).not_to be_nil, first
    end
  end

  it "has one all the same where a dish is called so, and how much of it is made" do
    row = "Prep sheet – Coronation cauliflower salad (deli counter, 6 kg finished)"
    text = "#{row}\ncauliflower florets 3 kg\nmayonnaise 1 kg"
    expect([title(text), keys(text)]).to eq [row, %w[cauliflower mayonnaise]]
  end

  it "takes for no food what a page says above the heading of its list" do
    said = [
      "Dietary Vegetarian",
      "Skill level: easy",
      "1 of your five-a-day",
      "By Joris",
      "Prep 20 mins",
      "Freezable"
    ]
    page = ["Lentil salad", "Serves 4", *said, "Ingredients", "200 g dry puy lentils", "1 red onion"].join(
      "\n"
    )
    expect(keys(page)).to eq %w[dry-puy-lentils red-onion]
    expect(reads("Lentils\nDifficulty: easy\nSuitable for vegetarians\n2 kg carrots").reads.size).to eq 1
    weighed = reads("Lentils\n200 g zorblax\nIngredients\n2 kg carrots").to_h["lines"]
    expect(weighed.find { |line| line["text"].include?("zorblax") }["status"]).to eq "unknown"
    expect(reads("Lentils\nLevel teaspoon salt\n2 kg carrots").reads.size).to eq 2
    expect(title("A dish of lentils and beets, for twelve.\n200 g carrots")).to match(/dish of lentils/)
  end

  it "lists what is seasoned with by name and amount, and tells nothing of it" do
    text = "Rice\nServes 20\n2 kg white rice\n1 kg red peppers\nsalt 60 g, pepper 10 g"
    expect(keys(text)).to eq %w[white-rice red-pepper fine-salt black-pepper]
    told = reads("Rice\nServes 20\n2 kg white rice\nsalt 2 kg aubergines, leave an hour").to_h
    expect(told["lines"].map { |line| line["kind"] }).to include "step"
  end
end
