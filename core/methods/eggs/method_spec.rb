# frozen_string_literal: true

RSpec.describe Scullion::Cook::Eggs do
  # 16,170 ÷ 0.88 ÷ 58 = 316.8 eggs; 50 kg/m² in the 40 cm pot is 6,283 g, so three batches.
  it "boils eggs by count, a layer and a half at a time, and minds the yolk" do
    eggs = cooked("hen-egg", "eggs")
    expect([eggs.eggs, eggs.batches, eggs.minutes]).to eq [317, 3, 10.5]
    expect(cooked("quail-egg", "eggs").minutes).to be_within(0.01).of(10.5 * ((12 / 58.0)**(2 / 3.0)))
    chilled = cooked("quail-egg", "eggs").chill_minutes / eggs.chill_minutes
    expect(chilled).to be_within(0.0001).of((12 / 58.0)**(2 / 3.0))
    expect(cooked("hen-egg", "eggs", cook: { "yolk" => "soft" }).snags.last.what).to include(
      "not for high-risk guests"
    )
  end
end
