# frozen_string_literal: true

RSpec.describe Scullion::Cook::Steam do
  # 16,500 g raw on 2.4 kg trays: 7, in 2 loads of 5; 8.875 to soften, 0.5 to heat through and 3 to
  # come back, twice.
  it "steams in loose layers and never boils dry" do
    carrot = cooked("carrot", "steam", cut: "diced")
    expect([carrot.trays, carrot.batches]).to eq [7, 2]
    expect(carrot.steaming_minutes).to be_within(0.01).of(24.75)
    # 2.614 kg × 4.186 × 88 K ÷ (0.85 × 9 kW)
    expect(carrot.heat_up_minutes).to be_within(0.01).of(2.61375 * 4.186 * 88 / (0.85 * 9) / 60)
    expect(carrot.water_grams).to be_within(1).of((24.75 * 45) + 1500)
    without =
      planned({ "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "steam" } }) do |data|
        data["kitchen"]["steamers"] = []
      end
    expect(without.snags.first.what).to include("no steamer for Carrots")
  end

  # 16,500 g on 2.4 kg trays are 7; the cabinet takes 5. Four covers' worth is one tray.
  it "takes the steamer's positions, as many as it has trays and no more, or a burner where there is none" do
    demand = ->(steamed) { steamed.demands(nil).map { |each| [each.kind, each.amount] } }
    expect(demand.call(cooked("carrot", "steam", cut: "diced"))).to eq [["steamer", 5]]
    expect(demand.call(cooked("carrot", "steam", cut: "diced", covers: 4))).to eq [["steamer", 1]]
    without =
      planned({ "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "steam" } }) do |data|
        data["kitchen"]["steamers"] = []
      end
    expect(demand.call(without.cooking[0])).to eq [["burner", 1]]
  end
end
