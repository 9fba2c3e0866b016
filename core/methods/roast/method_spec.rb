# frozen_string_literal: true

RSpec.describe Scullion::Cook::Roast do
  # 140 × 60 g × 1.05 = 8,820 g; ÷ 0.72 = 12,250 g raw; a 0.24 m² tray takes 7.5 × 0.24 = 1.8 kg.
  it "roasts in one layer: trays, oil and salt by raw weight, cooler with a fan" do
    carrot = in_example("Roast carrot")
    expect(carrot.raw_grams).to be_within(0.01).of(12_250)
    expect([carrot.trays, carrot.loads, carrot.celsius]).to eq [7, 1, 190]
    expect([carrot.oil_grams, carrot.salt_grams]).to match [
            be_within(0.01).of(306.25),
            be_within(0.01).of(98)
          ]
    expect(in_example("Roast carrot", covers: 400).snags.first.what).to include("2 oven loads")
  end

  it "roasts halves hotter, longer and closer together" do
    halves = cooked("carrot", "roast", cut: "halved", cook: { "shape" => "halves" })
    expect([halves.minutes, halves.celsius, halves.tray_load]).to eq [48.0, 205.0, 11.0]
  end
end
