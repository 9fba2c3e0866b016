# frozen_string_literal: true

RSpec.describe Scullion::Cook::Microwave do
  # 16,500 g in dishes of 1.5 kg: 11; 6 min a kilo × 1.5 × 1,000 ÷ 1,800 W = 5 min each.
  it "microwaves by the load and the power" do
    peas = cooked("frozen-peas", "microwave")
    expect([peas.batches, peas.minutes.round(6), peas.total_minutes.round(6)]).to eq [11, 5.0, 57.0]
    none =
      planned({ "ingredient" => "frozen-peas", "cook" => { "method" => "microwave" } }) do |data|
        data["kitchen"]["microwaves"] = []
      end
    expect(none.snags.first).to have_attributes(severity: "stop", what: /no microwave/)
  end
end
