# frozen_string_literal: true

# What a serving contains, worked out from the same contents as its taste.
RSpec.describe Scullion::Salad::Label do
  def label(*components, dressing: nil)
    planned(components.first) do |data|
      data["salads"][0]["components"] = components.map do |each|
        { "role" => "base", "grams" => 100 }.merge(each)
      end
      data["salads"][0]["dressing"] = dressing || data["salads"][0]["dressing"]
      data["salads"][0].delete("dressing") if dressing == :none
    end.taste.labels.first
  end

  # 100 g of almonds, raw: 58.49 g of fat, 3.04 of carbohydrate, 18.41 of protein, 13.06 of fibre.
  it "is fat, carbohydrate, protein and fibre by what a gram of each gives" do
    almonds = label({ "ingredient" => "almonds" }, dressing: :none)
    expect(almonds.kj).to be_within(1e-6).of((58.49 * 37) + (3.04 * 17) + (18.41 * 17) + (13.06 * 8))
    expect(almonds.kcal).to be_within(1e-6).of((58.49 * 9) + (3.04 * 4) + (18.41 * 4) + (13.06 * 2))
    expect(almonds.saturated_grams).to be_within(1e-6).of(4.36)
    expect(almonds.rests.keys).to eq ["looked up"]
    expect(almonds.said).to eq "From tables, 100 % of it looked up; worked out, not analysed."
  end

  # 100 g of roast carrot are 145 g raw, and 20 g of oil a kilo raw of which 0.8 is eaten.
  it "counts the water that is lost and the oil that is taken up" do
    carrot = { "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "roast" } }
    roast = planned(carrot, covers: 140).cooking.first
    raw = 100 * roast.raw_grams / roast.finished_grams
    oil = 100 * roast.oil_grams / roast.finished_grams * 0.8
    found = label(carrot, dressing: :none)
    expect(found.carbohydrate_grams).to be_within(1e-6).of(raw * 5.55 / 100)
    expect(found.fat_grams).to be_within(1e-6).of((raw * 0.47 / 100) + oil)
    expect(found.saturated_grams).to be_within(1e-6).of((raw * 0.09 / 100) + (oil * 0.07))
  end

  # Contents of grains are of them cooked, whatever they weighed dry; those of a tin are of it drained.
  it "takes what is cooked or drained as it is given" do
    barley =
      label({ "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" } }, dressing: :none)
    expect(barley.carbohydrate_grams).to be_within(1e-6).of(24.5)
    beans = label({ "ingredient" => "white-beans", "cook" => { "method" => "tinned" } }, dressing: :none)
    expect(beans.protein_grams).to be_within(1e-6).of(7.0)
  end

  # 26.5 g moistened were 15.6 g of bread; crisp, they take up 5 % of oil.
  it "counts bread as bread, moistened or crisp" do
    soft = label({ "ingredient" => "white-loaf", "cut" => "torn", "treat" => "moisten" }, dressing: :none)
    expect(soft.carbohydrate_grams).to be_within(1e-6).of(48 / 1.7)
    crisp =
      label(
        { "ingredient" => "white-loaf", "cut" => "torn", "cook" => { "method" => "crisp" } },
        dressing: :none
      )
    expect(crisp.carbohydrate_grams).to be_within(1e-6).of(48 / 0.77)
    expect(crisp.fat_grams).to be_within(1e-6).of((1.6 / 0.77) + (5 / 0.77))
    fried =
      label(
        { "ingredient" => "white-loaf", "cut" => "torn", "cook" => { "method" => "crisp", "on" => "fry" } },
        dressing: :none
      )
    expect(fried.fat_grams).to be_within(1e-6).of((1.6 + 10) / 0.82)
  end

  it "adds the dressing, and the salt as the ledger has it" do
    made = plan.taste
    expect(made.labels.first.salt_grams).to be_within(1e-9).of(made.ledgers.first.salt_grams)
    without = label({ "ingredient" => "cucumber" }, dressing: :none)
    with = label({ "ingredient" => "cucumber" })
    expect(with.fat_grams).to be > without.fat_grams + 1
  end

  it "says what it rests on, adding up to all of it, and makes no claim" do
    found = plan.taste.labels.first
    expect(found.rests.values.sum).to be_within(1e-9).of(1)
    expect(found.rests.keys - Scullion::SourceKind::KINDS.keys).to eq []
    expect(found.in_words).to match(/\A[\d,]+ kJ \(\d+ kcal\), fat \d+ g, of which saturated/)
    expect("#{found.in_words} #{found.said}").not_to match(/health|light|low|rich|free/i)
  end
end
