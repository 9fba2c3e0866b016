# frozen_string_literal: true

RSpec.describe Scullion::Cook::Absorption do
  # By hand: 140 covers × 110 g × 1.05 = 16,170 g cooked; ÷ (1 + 2.0) = 5,390 g dry, which
  # takes up 10,780 g. The 40 cm pot has π · 0.2² = 0.12566 m²; lid ajar 35 min at 10 and
  # resting 10 min at 3 kg/m² h boil off (350 + 30) / 60 × 0.12566 = 0.7959 kg.
  let(:barley) { in_example("Pearl barley") }

  it "gives dry grain, water and salt from uptake plus evaporation" do
    expect(barley.dry_grams).to be_within(0.01).of(5390)
    expect(barley.taken_up_grams).to be_within(0.01).of(10_780)
    expect(barley.boiled_off_grams).to be_within(0.1).of(795.9)
    expect(barley.water_grams).to be_within(0.1).of(11_575.9)
    expect(barley.salt_grams).to be_within(0.01).of(86.82)
    expect(barley.ratio_by_weight).to be_within(0.0005).of(2.1477)
  end

  it "draws the water as a depth in that pot: water and kernels over its area" do
    expect(barley.pot.name).to eq "40 cm pot"
    expect(barley.grain_cm).to be_within(0.01).of(5390 / 0.845 / 1256.64)
    expect(barley.water_line_cm).to be_within(0.01).of((11_575.9 + (5390 / 1.33)) / 1256.64)
    expect(barley.cooked_line_cm).to be_within(0.01).of(16_170 / 0.664 / 1256.64)
  end

  # (11.576 kg × 4.186 + 5.390 kg × 1.6) kJ/K × 88 K ÷ (0.5 × 7 kW) = 1,435 s
  it "heats up by mass, heat capacity and the burner's power" do
    expect(barley.heat_up_minutes).to be_within(0.05).of(23.92)
    expect(barley.total_minutes).to be_within(0.05).of(68.92)
  end

  it "never needs the same ratio for a larger batch in the same pot" do
    ratios =
      [60, 90, 120, 150].map do |covers|
        in_example("Pearl barley", covers: covers) do |data|
          data["kitchen"]["pots"].select! { |pot| pot["key"] == "pot-40" }
        end
      end
    expect(ratios.map(&:ratio_by_weight)).to eq ratios.map(&:ratio_by_weight).sort.reverse.uniq
  end

  it "splits into equal batches that fill no pot above its limit, and says so" do
    big = plan(covers: 1000)
    barley = big.cooking.first
    expect(barley.batches).to eq 7
    expect(barley.cooked_line_cm / barley.pot.height_cm).to be <= 0.75 + 1e-9
    expect(barley.water_line_cm / barley.pot.height_cm).to be <= 0.75 + 1e-9
    expect(barley.batch_dry_grams * barley.batches).to be_within(1e-6).of(barley.dry_grams)
    expect(big.snags.map(&:what)).to include(/Pearl barley does not fit one pot: 7 batches of 5.50 kg/)
  end

  it "stops when a pot boils off more than it holds, instead of planning it" do
    dry =
      plan do |data|
        data["figures"] = [
          { "at" => "practice/evaporation/lid-ajar", "value" => 200 },
          { "at" => "larder/pearl-barley/absorption/minutes", "value" => 1400 }
        ]
      end
    expect(dry.snags.first).to have_attributes(
      severity: "stop",
      what: /cannot hold Pearl barley and its water/
    )
  end

  it "takes the smallest pot that holds it, or the one the cook named" do
    expect(in_example("Pearl barley", covers: 10).pot.key).to eq "pot-24"
    named =
      in_example("Pearl barley", covers: 10) do |data|
        data["salads"][0]["components"][0]["cook"]["pot"] = "pot-32"
      end
    expect(named.pot.key).to eq "pot-32"
  end

  it "takes up less for firm and more for soft" do
    waters =
      %w[firm tender soft].map do |texture|
        in_example("Pearl barley") do |data|
          data["salads"][0]["components"][0]["cook"]["texture"] = texture
        end.cooked_factor
      end
    expect(waters.map { |factor| factor.round(6) }).to eq [2.7, 3.0, 3.3]
  end

  it "counts the water that clings from rinsing" do
    expect(
      cooked("pearl-barley", "absorption", cook: { "lid" => "ajar", "rinse" => "rinse" }).water_grams
    ).to be_within(0.1).of(10_780 + 795.9 - (5390 * 0.12))
  end

  it "leaves the salt out of stock, buys the powder, and tells its allergens" do
    made = planned({ "ingredient" => "quinoa", "cook" => { "method" => "absorption", "liquid" => "stock" } })
    expect(made.cooking.first.salt_grams).to eq 0
    expect(made.purchases.map { |line| line.ingredient.key }).to include("vegetable-stock-powder")
    expect(made.portions.first.contains).to include("celery")
  end

  it "gives a cooled grain the uptake of a cold one" do
    warm, cold =
      %w[warm cooled].map do |serve|
        planned({ "ingredient" => "quinoa", "cook" => { "method" => "absorption", "serve" => serve } })
      end
    expect([warm, cold].map { |made| made.portions.first.layers.first.uptake }).to eq [18, 12]
  end
end
