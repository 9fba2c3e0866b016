# frozen_string_literal: true

RSpec.describe Scullion::Cook::Toast do
  it "toasts on trays, or in as many pans as the layer asks for" do
    seeds = in_example("Sunflower seeds")
    expect(seeds.raw_grams).to be_within(0.01).of(1470 / 0.95)
    expect(seeds.batches).to eq 3
    pan = in_example("Sunflower seeds") { |data| data["salads"][0]["components"][6]["cook"]["on"] = "pan" }
    expect(pan.batches).to eq (1470 / 0.95 / (3 * Math::PI * 0.14**2 * 1000)).ceil
  end
end
