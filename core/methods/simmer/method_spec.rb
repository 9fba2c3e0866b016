# frozen_string_literal: true

RSpec.describe Scullion::Cook::Simmer do
  let(:beans) do
    planned({ "ingredient" => "dry-kidney-beans", "cook" => { "method" => "simmer" } }).cooking.first
  end

  # 16,170 ÷ 2.4 = 6,737.5 g dry; soaked × 2.1 = 14,148.75 g, 0.70 g/ml in 1,256.6 cm²: 16.08 cm and 2.5 cm
  # above.
  it "soaks, covers and tops up by the pot" do
    expect(beans.dry_grams).to be_within(0.1).of(6737.5)
    expect(beans.batches).to eq 1
    expect(beans.grain_cm).to be_within(0.01).of(14_148.75 / 0.70 / 1256.637)
    expect(beans.water_line_cm).to be_within(0.001).of(beans.grain_cm + 2.5)
    expect(beans.water_grams).to be_within(1).of((beans.water_line_cm * 1256.637) - (14_148.75 / 1.10))
    expect(beans.soak_line_cm).to be_within(0.01).of((6737.5 / 0.778 / 1256.637) + 6)
    expect(beans.top_up_grams).to be_within(0.5).of(10 * 0.1256637 * 500)
    weighed =
      plan do |data|
        data["salads"][0]["components"][0] = {
          "role" => "base",
          "grams" => 110,
          "ingredient" => "dry-kidney-beans",
          "cook" => {
            "method" => "simmer"
          }
        }
        data["kitchen"]["pots"].each { |pot| pot["boil_factor"] = 1.5 }
      end
    expect(weighed.cooking.first.top_up_grams).to be_within(0.01).of(beans.top_up_grams * 1.5)
  end

  it "boils kidney-type beans hard for ten minutes, others for two" do
    expect(beans.hard_boil_minutes).to eq 10
    expect(
      planned({ "ingredient" => "dry-chickpeas", "cook" => { "method" => "simmer" } })
        .cooking
        .first
        .hard_boil_minutes
    ).to eq 2
  end

  it "stops at kidney-type beans in their soak water, with the reason; lets others keep it" do
    kept = { "cook" => { "method" => "simmer", "water" => "soak" } }
    stopped = planned(kept.merge("ingredient" => "dry-kidney-beans")).snags.first
    expect(stopped).to have_attributes(
      severity: "stop",
      what: /must not cook in their soak water/,
      remedy: /Boil hard for 10 min/
    )
    expect(planned(kept.merge("ingredient" => "dry-chickpeas")).snags.map(&:severity)).not_to include("stop")
  end

  it "salts the soak by its water, and buys the salt" do
    salted = cooked("dry-chickpeas", "simmer", cook: { "soak_salt" => "salted" })
    expect(salted.all_soak_salt_grams).to be_within(0.1).of(salted.soak_water_grams * 0.012 * salted.batches)
    expect(salted.uses).to eq [["salt", :all_soak_salt_grams]]
  end
end
