# frozen_string_literal: true

# What is roasted, and cut nobody says how: not as small as it comes into a salad otherwise.
RSpec.describe Scullion::Recipe::RoastSize do
  def roasted(row)
    Scullion::Recipe::Draft.new("Salad for 10\n#{row}", house).to_h["salad"]["components"].first
  end

  # Of small dice 28 g in 100 are left of half an hour, of chunks 74, of a usual roast 72.
  it "cuts it so that as much is left as of a usual roast, unless a cut is written" do
    {
      "2 kg carrots, roasted" => "chunks",
      "2 kg carrots, roasted 30 min at 200" => "chunks",
      "2 kg carrots, roasted 12 min at 220" => "diced-large",
      "2 kg carrots, diced small, roasted 30 min at 200" => "diced-small",
      "2 kg carrots, in batons, roasted 30 min at 200" => "batons",
      "1 kg cauliflower, roasted 25 min" => "florets",
      "2 kg carrots, boiled 8 min" => "diced-small"
    }.each { |row, cut| expect(roasted(row)["cut"]).to eq(cut), row }
  end

  # Of small dice a share of what a usual roast leaves: at that share they stay, a hair above they do not.
  it "keeps the usual cut exactly at the share that must be left" do
    dice = {
      "ingredient" => "carrot",
      "cut" => "diced-small",
      "trim" => "peeled",
      "cook" => {
        "method" => "roast"
      }
    }
    share = house.left_after(dice) / house.left_after(dice.except("cut"))
    cut = ->(least) do
      own = house.with(figures: { "practice/reading/roasted_share" => [least, "house"] })
      described_class.new(own).of(dice, own.larder["carrot"])["cut"]
    end
    expect([cut[share - 1e-9], cut[share + 1e-6]]).to eq %w[diced-small chunks]
  end

  it "serves of two kilos of carrots what a roast leaves of them" do
    expect(roasted("2 kg carrots, roasted 30 min at 200")["grams"]).to be_between(110, 130)
  end

  it "dries up no food that is usually roasted for long, by the half hour that is written" do
    dried =
      house.larder.values.select do |ingredient|
        next unless ingredient.figures["roast/minutes"].to_f >= 20

        usual = house.default_component(ingredient).to_h
        next unless usual["cut"]

        cook = { "method" => "roast", "minutes" => 30.0, "celsius" => 200 }
        component = described_class.new(house).of(usual.merge("cook" => cook), ingredient)
        left, whole =
          [cook, { "method" => "roast" }].map do |each|
            house.left_after(component.merge("cook" => each).except(*("cut" if each.size == 1)))
          end
        left && whole && left < whole * 0.6
      end
    expect(dried.map(&:key)).to eq []
  end
end
