# frozen_string_literal: true

RSpec.describe Scullion::Cook::BoilCut do
  # Raw 16,170 ÷ 0.98 = 16,500 g. A 40 cm pot to ¾ holds 28,274 ml; 3 cm of water above takes 3,770 of it,
  # and 0.62 g/ml of pieces the rest: 15,193 g, so two batches of 8,250 g, which stand 10.59 cm high.
  it "boils cut vegetables just covered, softening and heating through" do
    potato = cooked("waxy-potato", "boil-cut", trim: "peeled", cut: "diced")
    expect(potato.dry_grams).to be_within(0.01).of(16_500)
    expect([potato.batches, potato.batch_dry_grams]).to eq [2, 8250]
    expect(potato.grain_cm).to be_within(0.01).of(8250 / 0.62 / 1256.637)
    expect(potato.water_grams).to be_within(1).of((13.589 * 1256.637) - (8250 / 1.05))
    expect(potato.minutes).to be_within(0.001).of(7 - (0.5 * 2.25) + 0.5)
    expect(cooked("waxy-potato", "boil-cut", cut: "diced-large").minutes).to be_within(1e-9).of(7)
  end

  it "keeps a potato's weight and buys it with its trim" do
    made =
      planned(
        {
          "ingredient" => "waxy-potato",
          "trim" => "peeled",
          "cut" => "diced",
          "cook" => {
            "method" => "boil-cut"
          }
        }
      )
    potato = made.purchases.find { |line| line.ingredient.key == "waxy-potato" }
    expect(potato.need_grams).to be_within(0.1).of(16_170 / 0.98 / 0.97 / 0.81)
  end

  it "mashes after cooking: what leaves the pot is more than what is served" do
    mash =
      planned(
        {
          "ingredient" => "waxy-potato",
          "trim" => "peeled",
          "cut" => "diced-large",
          "treat" => "mash",
          "cook" => {
            "method" => "boil-cut"
          }
        }
      )
    expect(mash.cooking.first.finished_grams).to be_within(0.01).of(16_170 / 0.98)
    expect(mash.preps.first.treat_yield).to eq 1.0
    expect(mash.preps.first.words["treat"]["after_cooking"]).to be true
  end
end
