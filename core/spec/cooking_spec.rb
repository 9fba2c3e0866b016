# frozen_string_literal: true

RSpec.describe Scullion::Cook do
  def cooked(name, covers: 140, &change)
    plan(covers: covers, &change).cooking.find { |method| method.need.name == name }
  end

  describe Scullion::Cook::Absorption do
    # By hand: 140 covers × 110 g × 1.05 = 16,170 g cooked; ÷ (1 + 2.0) = 5,390 g dry, which
    # takes up 10,780 g. The 40 cm pot has π · 0.2² = 0.12566 m²; lid ajar 35 min at 10 and
    # resting 10 min at 3 kg/m² h boil off (350 + 30) / 60 × 0.12566 = 0.7959 kg.
    let(:barley) { cooked("Pearl barley") }

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
          cooked("Pearl barley", covers: covers) do |data|
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
      expect(cooked("Pearl barley", covers: 10).pot.key).to eq "pot-24"
      named =
        cooked("Pearl barley", covers: 10) do |data|
          data["salads"][0]["components"][0]["cook"]["pot"] = "pot-32"
        end
      expect(named.pot.key).to eq "pot-32"
    end

    it "takes up less for firm and more for soft" do
      waters =
        %w[firm tender soft].map do |texture|
          cooked("Pearl barley") do |data|
            data["salads"][0]["components"][0]["cook"]["texture"] = texture
          end.cooked_factor
        end
      expect(waters.map { |factor| factor.round(6) }).to eq [2.7, 3.0, 3.3]
    end
  end

  # 140 × 60 g × 1.05 = 8,820 g; ÷ 0.72 = 12,250 g raw; a 0.24 m² tray takes 7.5 × 0.24 = 1.8 kg.
  it "roasts in one layer: trays, oil and salt by raw weight, cooler with a fan" do
    carrot = cooked("Roast carrot")
    expect(carrot.raw_grams).to be_within(0.01).of(12_250)
    expect([carrot.trays, carrot.loads, carrot.celsius]).to eq [7, 1, 190]
    expect([carrot.oil_grams, carrot.salt_grams]).to match [
            be_within(0.01).of(306.25),
            be_within(0.01).of(98)
          ]
    expect(cooked("Roast carrot", covers: 400).snags.first.what).to include("2 oven loads")
  end

  it "toasts on trays, or in as many pans as the layer asks for" do
    seeds = cooked("Sunflower seeds")
    expect(seeds.raw_grams).to be_within(0.01).of(1470 / 0.95)
    expect(seeds.batches).to eq 3
    pan = cooked("Sunflower seeds") { |data| data["salads"][0]["components"][6]["cook"]["on"] = "pan" }
    expect(pan.batches).to eq (1470 / 0.95 / (3 * Math::PI * 0.14**2 * 1000)).ceil
  end

  it "opens tins for the drained weight: 5,880 g drained of 0.6 is 9,800 g net, 25 tins" do
    expect(cooked("White beans").net_grams).to be_within(0.01).of(9800)
    expect(plan.purchases.find { |line| line.ingredient.key == "white-beans" }.packs).to eq 25
  end
end

RSpec.describe "Cooking in water" do
  # The example with one component replaced.
  def cooked_with(component, covers: 140)
    plan(covers: covers) do |data|
      data["salads"][0]["components"][0] = { "role" => "base", "grams" => 110 }.merge(component)
    end
  end

  # 140 × 110 × 1.05 = 16,170 g drained; ÷ 2.15 = 7,520.9 g dry. A 40 cm pot to ¾ takes 28,274 ml:
  # 8 ml of water and 1/1.4 ml of pasta a gram, so 3,244 g at most: three batches of 2,507 g in 20.06 l.
  it "boils pasta in plenty of water, in batches that fit the pot" do
    pasta = cooked_with({ "ingredient" => "small-pasta", "cook" => { "method" => "boil" } }).cooking.first
    expect(pasta.dry_grams).to be_within(0.1).of(7520.9)
    expect(pasta.most_dry_grams).to be_within(1).of(3244.5)
    expect([pasta.batches, pasta.water_grams.round, pasta.salt_grams.round]).to eq [3, 20_056, 201]
    expect(pasta.water_line_cm).to be <= 0.75 * 30
  end

  it "keeps a potato's weight and buys it with its trim" do
    made =
      cooked_with(
        {
          "ingredient" => "waxy-potato",
          "trim" => "peeled",
          "cut" => "diced",
          "cook" => {
            "method" => "boil-cut"
          }
        }
      )
    potato = made.purchases.find { |line| line.ingredient.key == "waxy-potato" }
    expect(potato.need_grams).to be_within(0.1).of(16_170 / 0.98 / 0.97 / 0.81)
  end

  describe Scullion::Cook::Simmer do
    let(:beans) do
      cooked_with({ "ingredient" => "dry-kidney-beans", "cook" => { "method" => "simmer" } }).cooking.first
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
        cooked_with({ "ingredient" => "dry-chickpeas", "cook" => { "method" => "simmer" } })
          .cooking
          .first
          .hard_boil_minutes
      ).to eq 2
    end

    it "stops at kidney-type beans in their soak water, with the reason; lets others keep it" do
      kept = { "cook" => { "method" => "simmer", "water" => "soak" } }
      stopped = cooked_with(kept.merge("ingredient" => "dry-kidney-beans")).snags.first
      expect(stopped).to have_attributes(
        severity: "stop",
        what: /must not cook in their soak water/,
        remedy: /Boil hard for 10 min/
      )
      expect(cooked_with(kept.merge("ingredient" => "dry-chickpeas")).snags.map(&:severity)).not_to include(
        "stop"
      )
    end
  end

  it "says when a pot that is asked for is not in this kitchen, and plans in one that is" do
    without = plan { |data| data["salads"][0]["components"][0]["cook"]["pot"] = "pot-99" }
    expect(without.snags.map(&:what)).to include(/a pot this kitchen has not \(pot-99\)/)
    expect(without.cooking[0].pot.key).to eq plan.cooking[0].pot.key
  end
end
