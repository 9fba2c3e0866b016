# frozen_string_literal: true

RSpec.describe Scullion::Cook::Blanch do
  # 16,170 ÷ 0.97 = 16,670 g; a drop is at most 28,274 ÷ (8 + 1/1.05) = 3,158 g, so six; 2.5 % salt in one pot
  # of water.
  it "blanches in drops that let the water boil again, salts it once, and ices by the heat in it" do
    beans = cooked("green-beans", "blanch", trim: "topped", cut: "sliced")
    expect(beans.batches).to eq 6
    expect(beans.water_grams).to be_within(1).of(16_670.1 / 6 * 8)
    expect(beans.salt_grams).to be_within(0.1).of(beans.water_grams * 0.025)
    # 3.7 × 95 K and a kilo of bath × 4.186 × 7 K, by 334 kJ of melting and 5 K of water: 1,073 g a kilo.
    expect(beans.ice_grams).to be_within(0.1).of(16_670.1 * ((3.7 * 95) + (4.186 * 7)) / (334 + (4.186 * 5)))
    # slices of 3 mm are cold in no longer than hands take: a minute
    expect(beans.drop_minutes).to eq (3.5 + 1) * 6
    expect(beans.snags).to eq []
    expect(cooked("green-beans", "blanch", covers: 400, cut: "sliced").snags.first.what).to match(
      /51.10 kg of ice; the bins hold 20.00 kg/
    )
  end
end
