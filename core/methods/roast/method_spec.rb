# frozen_string_literal: true

RSpec.describe Scullion::Cook::Roast do
  # 140 × 60 g × 1.05 = 8,820 g. Batons of 50 × 10 × 10 mm have 1.8333 times the surface of cubes and take
  # 0.5 + 0.5 × 147.06 ÷ 625 = 0.6176 of their minutes: 0.72 to the power of 1.1324 is left, 0.68937; 12,794 g
  # raw; a 0.24 m² tray takes 7.5 × 0.24 = 1.8 kg.
  it "roasts in one layer: trays, oil and salt by raw weight, cooler with a fan" do
    carrot = in_example("Roast carrot")
    expect(carrot.raw_grams).to be_within(1).of(12_794)
    expect([carrot.trays, carrot.loads, carrot.celsius]).to eq [8, 1, 190]
    expect([carrot.oil_grams, carrot.salt_grams]).to match [
            be_within(0.01).of(319.86),
            be_within(0.01).of(102.36)
          ]
    expect(in_example("Roast carrot", covers: 300).snags.first.what).to include("2 oven loads")
  end

  it "roasts halves hotter, longer and closer together" do
    halves = cooked("carrot", "roast", cut: "halved", cook: { "shape" => "halves" })
    expect([halves.minutes, halves.celsius, halves.tray_load]).to eq [48.0, 205.0, 11.0]
  end
end
