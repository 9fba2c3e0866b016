# frozen_string_literal: true

RSpec.describe "The ways of cooking" do
  def cooked(ingredient, method, covers: 140, **more)
    cook = { "method" => method }.merge(more.delete(:cook) || {})
    planned(
      { "ingredient" => ingredient, "cook" => cook }.merge(more.transform_keys(&:to_s)),
      covers: covers
    ).cooking.first
  end

  # Raw 16,170 ÷ 0.98 = 16,500 g. A 40 cm pot to ¾ holds 28,274 ml; 3 cm of water above takes 3,770 of it,
  # and 0.62 g/ml of pieces the rest: 15,193 g, so two batches of 8,250 g, which stand 10.59 cm high.
  it "boils cut vegetables just covered, by the square of their thickness" do
    potato = cooked("waxy-potato", "boil-cut", trim: "peeled", cut: "diced")
    expect(potato.dry_grams).to be_within(0.01).of(16_500)
    expect([potato.batches, potato.batch_dry_grams]).to eq [2, 8250]
    expect(potato.grain_cm).to be_within(0.01).of(8250 / 0.62 / 1256.637)
    expect(potato.water_grams).to be_within(1).of((13.589 * 1256.637) - (8250 / 1.05))
    expect(potato.minutes).to be_within(0.001).of(6.5 * ((10.0 / 15)**2))
    expect(cooked("waxy-potato", "boil-cut", cut: "diced-large").minutes).to be_within(1e-9).of(6.5)
  end

  # 16,170 ÷ 0.97 = 16,670 g; a drop is at most 28,274 ÷ (8 + 1/1.05) = 3,158 g, so six; 2.5 % salt in one pot
  # of water.
  it "blanches in drops that let the water boil again, salts it once, and ices one to one" do
    beans = cooked("green-beans", "blanch", trim: "topped", cut: "sliced")
    expect(beans.batches).to eq 6
    expect(beans.water_grams).to be_within(1).of(16_670.1 / 6 * 8)
    expect(beans.salt_grams).to be_within(0.1).of(beans.water_grams * 0.025)
    expect(beans.ice_grams).to be_within(0.1).of(16_670.1)
    expect(beans.drop_minutes).to eq (3.5 + 3) * 6
    expect(beans.snags).to eq []
    expect(cooked("green-beans", "blanch", covers: 400, cut: "sliced").snags.first.what).to match(
      /47.63 kg of ice; the bins hold 20.00 kg/
    )
  end

  # 16,500 g raw on 2.4 kg trays: 7, in 2 loads of 5; 10 min × (10/15)² = 4.44 and 3 to come back, twice.
  it "steams in loose layers and never boils dry" do
    carrot = cooked("carrot", "steam", cut: "diced")
    expect([carrot.trays, carrot.batches]).to eq [7, 2]
    expect(carrot.steaming_minutes).to be_within(0.01).of(14.89)
    # 2.17 kg × 4.186 × 88 K ÷ (0.85 × 9 kW)
    expect(carrot.heat_up_minutes).to be_within(0.01).of(2.17 * 4.186 * 88 / (0.85 * 9) / 60)
    expect(carrot.water_grams).to be_within(1).of((14.889 * 45) + 1500)
    without =
      planned({ "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "steam" } }) do |data|
        data["kitchen"]["steamers"] = []
      end
    expect(without.snags.first.what).to include("no steamer for Carrots")
  end

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

  # Four 28 cm pans are 0.2463 m²: 2.956 kg of fish at 12 kg/m², 19,024 g raw, 7 batches of 2 × 4 min, 3 to
  # heat.
  it "sears by the side, to a core temperature" do
    salmon = cooked("salmon-fillet", "sear")
    expect([salmon.batches, salmon.total_minutes]).to eq [7, 59.0]
    expect(salmon.to_h["done"]).to include("Core 63 °C; your local code decides.")
    expect(salmon.cools?).to be true
  end

  it "chars on a ridged pan or under the grill, by thickness" do
    pan = cooked("courgette", "grill", cut: "sliced-thick")
    expect(pan.batches).to eq (16_170 / 0.8 / (9 * 0.2463009 * 1000)).ceil
    expect(cooked("courgette", "grill", cut: "sliced-thick", cook: { "on" => "tray" }).batches).to be <
      pan.batches
    expect(cooked("courgette", "grill", cut: "sliced").minutes).to be_within(1e-6).of(3 * 0.09)
  end

  # 0.72 left of the bread and 0.05 of oil: 21,000 g; 0.72 kg a tray: 30, ten at once, three times 17 min.
  it "bakes croutons, or fries them with twice the oil" do
    baked = cooked("white-loaf", "crisp", cut: "diced")
    expect([baked.raw_grams.round, baked.oil_grams.round, baked.batches, baked.total_minutes]).to eq [
         21_000,
         1050,
         30,
         51.0
       ]
    fried = cooked("white-loaf", "crisp", cut: "diced", cook: { "on" => "fry" })
    expect(fried.oil_grams / fried.raw_grams).to be_within(1e-9).of(0.1)
    expect(fried.stretches.map(&:first)).to all(eq(:hands))
  end

  # 16,170 ÷ 0.88 ÷ 58 = 316.8 eggs; 50 kg/m² in the 40 cm pot is 6,283 g, so three batches.
  it "boils eggs by count, a layer and a half at a time, and minds the yolk" do
    eggs = cooked("hen-egg", "eggs")
    expect([eggs.eggs, eggs.batches, eggs.minutes]).to eq [317, 3, 10.5]
    expect(cooked("quail-egg", "eggs").minutes).to be_within(0.01).of(10.5 * ((12 / 58.0)**(2 / 3.0)))
    expect(cooked("hen-egg", "eggs", cook: { "yolk" => "soft" }).snags.last.what).to include(
      "not for high-risk guests"
    )
  end

  it "mashes after cooking: what leaves the pot is more than what is served" do
    mash =
      planned(
        {
          "ingredient" => "waxy-potato",
          "trim" => "peeled",
          "cut" => "diced-large",
          "treat" => "mash",
          "cook" => {
            "method" => "boil-cut"
          }
        }
      )
    expect(mash.cooking.first.finished_grams).to be_within(0.01).of(16_170 / 0.98)
    expect(mash.preps.first.treat_yield).to eq 1.0
    expect(mash.preps.first.words["treat"]["after_cooking"]).to be true
  end

  describe "schools" do
    it "counts the water that clings from rinsing" do
      expect(
        cooked("pearl-barley", "absorption", cook: { "lid" => "ajar", "rinse" => "rinse" }).water_grams
      ).to be_within(0.1).of(10_780 + 795.9 - (5390 * 0.12))
    end

    it "leaves the salt out of stock, buys the powder, and tells its allergens" do
      made =
        planned({ "ingredient" => "quinoa", "cook" => { "method" => "absorption", "liquid" => "stock" } })
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

    it "roasts halves hotter, longer and closer together" do
      halves = cooked("carrot", "roast", cut: "halved", cook: { "shape" => "halves" })
      expect([halves.minutes, halves.celsius, halves.tray_load]).to eq [48.0, 205.0, 11.0]
    end

    it "rinses and oils pasta that is served cold, and not what is served warm" do
      cold, warm = %w[cold warm].map { |serve| cooked("small-pasta", "boil", cook: { "serve" => serve }) }
      expect([cold.oil_grams.round(2), warm.oil_grams]).to eq [(16_170 * 0.0075).round(2), 0]
    end

    it "stops at kidney-type beans brought straight to a simmer, and lets others be" do
      expect(
        cooked("dry-kidney-beans", "simmer", cook: { "start" => "simmer" }).snags.first
      ).to have_attributes(severity: "stop", what: /straight to a simmer/)
      expect(
        cooked("dry-chickpeas", "simmer", cook: { "start" => "simmer" }).snags.map(&:severity)
      ).not_to include("stop")
    end

    it "salts the soak by its water, and buys the salt" do
      salted = cooked("dry-chickpeas", "simmer", cook: { "soak_salt" => "salted" })
      expect(salted.all_soak_salt_grams).to be_within(0.1).of(
        salted.soak_water_grams * 0.012 * salted.batches
      )
      expect(salted.uses).to eq [["salt", :all_soak_salt_grams]]
    end

    it "gives every choice a name and a reason, and every method its own" do
      Scullion::Cook::Parcels.all.each_key do |method|
        house
          .practice
          .schools(method)
          .each_value { |choices| expect(choices.values).to all(include("name", "why")) }
      end
      expect(
        cooked("pearl-barley", "absorption").to_h["schools"].find { |school| school["option"] == "lid" }
      ).to include("chosen" => "ajar")
    end

    it "refuses a choice that does not belong to the method" do
      where = "/salads/0/components/0/cook/"
      {
        { "method" => "roast", "lid" => "on" } => "lid",
        { "method" => "absorption", "yolk" => "soft" } => "yolk",
        { "method" => "roast", "pot" => "pot-40" } => "pot"
      }.each do |cook, option|
        expect { planned({ "ingredient" => "carrot", "cook" => cook }) }.to raise_error(
          Scullion::InvalidBrief
        ) { |e| expect(e.faults.map(&:where)).to include(where + option) }
      end
    end
  end

  # Each method with an ingredient that is cooked by it.
  everyone = {
    "absorption" => "quinoa",
    "boil" => "penne",
    "boil-cut" => "butternut",
    "simmer" => "dry-chickpeas",
    "tinned" => "chickpeas",
    "roast" => "beetroot",
    "blanch" => "broccoli",
    "steam" => "cauliflower",
    "microwave" => "frozen-peas",
    "sear" => "firm-tofu",
    "grill" => "aubergine",
    "toast" => "almonds",
    "crisp" => "flatbread",
    "eggs" => "hen-egg"
  }

  it("has them all") { expect(everyone.keys).to match_array Scullion::Cook::Parcels.keys }

  everyone.each do |method, ingredient|
    it "#{method}: there and back, never less for more covers, with hands, volumes and a way to tell" do
      ask =
        lambda do |grams|
          Scullion::Cook::Single.read(
            { "ingredient" => ingredient, "cook" => { "method" => method } }.merge(grams),
            house
          )
        end
      there = ask.call("finished_grams" => 7000)
      expect(ask.call("raw_grams" => there.raw_grams).cooking.finished_grams).to be_within(0.01).of(7000)
      sizes = [1, 10, 139, 140, 1000, 5000].map { |covers| cooked(ingredient, method, covers: covers) }
      [:hands_minutes, sizes.first.raw_name, :raw_ml, :finished_ml].each do |figure|
        expect(sizes.map(&figure).each_cons(2)).to all(satisfy { |less, more| less < more })
      end
      expect(sizes.map(&:total_minutes).min).to be >= 0 if method != "tinned"
      expect(there.to_h["cooking"]).to include(
        "done" => /\w/,
        "stretches" => be_an(Array),
        "rescue" => be_an(Array)
      )
      expect(house.practice.cautions).to include(method)
    end
  end
end

RSpec.describe Scullion::Prep::Line do
  def prep(kitchen_tools: [{ "key" => "mandoline" }, { "key" => "disc" }], covers: 140, **component)
    made =
      plan(covers: covers) do |data|
        data["kitchen"]["tools"] = kitchen_tools
        data["salads"][0]["components"] = [
          { "role" => "base", "grams" => 110 }.merge(component.transform_keys(&:to_s))
        ]
      end
    [made.preps.first, made]
  end

  # 16,170 ÷ 0.97 ÷ 0.82 = 20,329 g as purchased at 10 kg/h is 122 min; 16,670 g at 90 kg/h on the disc is 11
  # min; 6 to set it up and 10 to wash come once for the bench.
  it "picks the tool that is done first, washing up included, and counts its minutes" do
    disc, disc_plan = prep(ingredient: "carrot", trim: "peeled", cut: "diced")
    expect(disc.tool).to eq "disc"
    expect(disc.trimming_minutes).to be_within(0.1).of(122)
    expect(disc.cutting_minutes).to be_within(0.1).of(16_670.1 / 90 * 0.06)
    expect(disc_plan.benches.first.hands_minutes).to be_within(0.1).of(disc.hands_minutes + 16)
    expect(prep(ingredient: "carrot", trim: "peeled", cut: "diced", covers: 4).first.tool).to eq "knife"
    expect(
      prep(ingredient: "carrot", trim: "peeled", cut: "diced", kitchen_tools: []).first.tool
    ).to eq "knife"
  end

  it "says when the kitchen has not the tool, and keeps the caution where the hand is" do
    line, made = prep(ingredient: "fennel", cut: "shaved", kitchen_tools: [])
    expect(made.snags.map(&:what)).to include("Fennel is cut with a mandoline; the kitchen has none.")
    expect(line.words["cautions"].join).to include("guard")
    expect(line.bench).to eq "Slicing bench"
  end

  it "takes brine for a quick-pickle by the kilo, and buys its vinegar, sugar and salt" do
    line, made = prep(ingredient: "red-onion", trim: "peeled", cut: "sliced", treat: "quick-pickle")
    expect(line.treat_vinegar_grams).to be_within(0.1).of(16_170 / 0.95 * 0.5)
    expect(made.purchases.map { |purchase| purchase.ingredient.key }).to include(
      "white-wine-vinegar",
      "caster-sugar",
      "fine-salt"
    )
    expect(line.words["treat"]).to include("minutes" => 45, "takes" => include(/vinegar/))
  end

  it "moistens stale bread: it gains weight" do
    line, = prep(ingredient: "white-loaf", cut: "torn", treat: "moisten")
    expect(line.prepped_grams).to be_within(0.1).of(16_170 / 1.7)
  end
end
