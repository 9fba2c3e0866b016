# frozen_string_literal: true

require_relative "taken_lines"

# Cards and sheets as kitchens write them: weights in pounds and ounces, what comes ready made, what is left
# out, and the rest of the herbs.
RSpec.describe "A kitchen's card" do
  include TakenLines

  def of(text, key) = all(text).find { |food| food.include?(key) }

  it "has pounds and ounces as one weight, wherever they stand" do
    rows = [
      "AP WEIGHT   ITEM       EP",
      "16 lb       Cabbage    12 lb 12 oz",
      "3 lb        Carrots    2 lb 8 oz"
    ]
    sheet = ["Slaw (approx 80 x 4 oz)", "", *rows].join("\n")
    expect(all(sheet).map { |each| each[1] }).to eq [5783, 1134]
    expect(reads(sheet).to_h["servings"]).to eq 80
    expect(taken("3 lb carrots (2 lb 8 oz peeled)").map { |each| each[1] }).to eq [1134]
    expect(taken("5 lb carrots (4 lb peeled)").map { |each| each[1] }).to eq [1814]
  end

  it "is called by what stands before its batch, and weighs nothing out of that" do
    text = "GREEK ORZO (cold bar)   batch: 6 L tub   shelf life: 3 d\norzo 2 kg"
    expect(all(text)).to eq [["orzo", 2000, "salad"]]
  end

  it "asks of a dressing that nobody here makes, and heads one by how much of it there is" do
    expect(all("Salad for 8\n2 kg tomatoes\ndressing = house vin 750 ml").last).to eq "?"
    expect(all("Salad for 8\n2 kg tomatoes\nDressing (5 l batch, use 3.5)\n200 ml oil").map(&:last)).to eq %w[
         salad
         dressing
       ]
    expect(
      reads("Salad for 8\n2 kg tomatoes\nDressing: about 20 ml each").to_h["lines"].last["kind"]
    ).to eq "heading"
  end

  it "leaves out what it says no to, and nothing else" do
    ["anchovies – no, she's allergic", "anchovies - nope", "onion: no thanks"].each do |line|
      expect(taken(line)).to eq([]), line
    end
    expect(taken("eggs – no. 12").first.first).to eq "hen-egg"
  end

  it "drains all tins to the number that is said without its unit" do
    expect(taken("tuna 10 tins (160g, drained 112)")).to eq taken("tuna 10 tins (160 g, drained 112 g)")
  end

  it "tips in what is no tip" do
    lines = ->(row) { reads("Salad for 8\n2 kg beans\n\nMethod\n#{row}").to_h["lines"].last["kind"] }
    expect(lines["Tip in the beans, warm."]).to eq "step"
    expect(lines["Tip: use more beans."]).to eq "note"
  end

  it "keeps the rest of each where most of all of them goes in" do
    list =
      "Salad for 8\n1 bunch each mint and parsley\n1 pomegranate\n2 spring onions\n2 kg freekeh\n\nMethod\n"
    told = "Seed the pomegranate; tear the herbs; slice the leeks. Fold most of these through. "
    held = ->(text) do
      reads(list + text).to_h["salad"]["components"]
        .to_h { |each| each.values_at("ingredient", "held_back") }
        .compact
    end
    expect(held["#{told}Finish with the rest of the herbs, pomegranate and dressing."]).to eq(
      "mint" => 0.25,
      "parsley" => 0.25,
      "pomegranate" => 0.25
    )
    expect(held["#{told}Serve."]).to eq({})
  end

  it "lays over and scatters in one sentence" do
    list = "Salad for 8\n2 kg rocket\n2 avocados\n50 g pumpkin seeds\n\nMethod\n"
    told = "Fold through the rocket, lay the sliced avocado over and scatter the seeds."
    expect(all(list + told).map(&:last)).to eq %w[salad top top]
  end
end
