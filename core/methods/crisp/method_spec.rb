# frozen_string_literal: true

RSpec.describe Scullion::Cook::Crisp do
  # 0.72 left of the bread and 0.05 of oil: 21,000 g; 0.72 kg a tray: 30, ten at once, three times 17 min.
  it "bakes croutons, or fries them with twice the oil" do
    baked = cooked("white-loaf", "crisp", cut: "diced")
    expect([baked.raw_grams.round, baked.oil_grams.round, baked.batches, baked.total_minutes]).to eq [
         21_000,
         1050,
         30,
         51.0
       ]
    fried = cooked("white-loaf", "crisp", cut: "diced", cook: { "on" => "fry" })
    expect(fried.oil_grams / fried.raw_grams).to be_within(1e-9).of(0.1)
    expect(fried.stretches.map(&:first)).to all(eq(:hands))
  end
end
