# frozen_string_literal: true

RSpec.describe Scullion::Cook::Sear do
  # Four 28 cm pans are 0.2463 m²: 2.956 kg of fish at 12 kg/m², 19,024 g raw, 7 batches of 2 × 4 min, 3 to
  # heat.
  it "sears by the side, to a core temperature" do
    salmon = cooked("salmon-fillet", "sear")
    expect([salmon.batches, salmon.total_minutes]).to eq [7, 59.0]
    expect(salmon.to_h["done"]).to include("Core 63 °C, held 15 s; your local code decides.")
    expect(salmon.cools?).to be true
  end
end
