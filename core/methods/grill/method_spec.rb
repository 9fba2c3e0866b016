# frozen_string_literal: true

RSpec.describe Scullion::Cook::Grill do
  it "chars on a ridged pan or under the grill, by thickness" do
    pan = cooked("courgette", "grill", cut: "sliced-thick")
    expect(pan.batches).to eq (16_170 / 0.8 / (9 * 0.2463009 * 1000)).ceil
    expect(cooked("courgette", "grill", cut: "sliced-thick", cook: { "on" => "tray" }).batches).to be <
      pan.batches
    # 3 min at 10 mm, half a minute of it heating through: 2.5, and 0.5 × 0.3² for 3 mm.
    expect(cooked("courgette", "grill", cut: "sliced").minutes).to be_within(1e-6).of(2.5 + (0.5 * 0.09))
  end
end
