# frozen_string_literal: true

RSpec.describe Scullion::Cook::Boil do
  # 140 × 110 × 1.05 = 16,170 g drained; ÷ 2.15 = 7,520.9 g dry. A 40 cm pot to ¾ takes 28,274 ml:
  # 8 ml of water and 1/1.4 ml of pasta a gram, so 3,244 g at most: three batches of 2,507 g in 20.06 l.
  it "boils pasta in plenty of water, in batches that fit the pot" do
    pasta = planned({ "ingredient" => "small-pasta", "cook" => { "method" => "boil" } }).cooking.first
    expect(pasta.dry_grams).to be_within(0.1).of(7520.9)
    expect(pasta.most_dry_grams).to be_within(1).of(3244.5)
    expect([pasta.batches, pasta.water_grams.round, pasta.salt_grams.round]).to eq [3, 20_056, 201]
    expect(pasta.water_line_cm).to be <= 0.75 * 30
  end

  it "rinses and oils pasta that is served cold, and not what is served warm" do
    cold, warm = %w[cold warm].map { |serve| cooked("small-pasta", "boil", cook: { "serve" => serve }) }
    expect([cold.oil_grams.round(2), warm.oil_grams]).to eq [(16_170 * 0.0075).round(2), 0]
  end
end
