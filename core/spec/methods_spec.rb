# frozen_string_literal: true

# What every way of cooking keeps; what one of them does stands in its own folder.
RSpec.describe "The ways of cooking" do
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

  it "lacks a school where one of its choices has no name or no reason, whatever the others have" do
    good = { "name" => "Lid", "choices" => { "on" => { "name" => "On", "why" => "it keeps the steam" } } }
    lacks =
      lambda do |schools|
        parcel =
          Scullion::Cook::Parcel.new("nap", { "schools" => schools }, Class.new(Scullion::Cook::Method))
        parcel.faults.first.what.include?("a name and choices of each school")
      end
    bare = { "name" => "Lid", "choices" => { **good["choices"], "off" => { "name" => "Off" } } }
    expect([{ "lid" => good }, {}].map(&lacks)).to eq [false, false]
    expect([{ "lid" => good, "pot" => bare }, { "lid" => good, "pot" => {} }, nil].map(&lacks)).to all be true
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

  it "says when a pot that is asked for is not in this kitchen, and plans in one that is" do
    without = plan { |data| data["salads"][0]["components"][0]["cook"]["pot"] = "pot-99" }
    expect(without.snags.map(&:what)).to include(/a pot this kitchen has not \(pot-99\)/)
    expect(without.cooking[0].pot.key).to eq plan.cooking[0].pot.key
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

  # What a pan or a grill holds in one layer, and half a gram in a kilo more.
  it "lays no more on the metal than lies on it in one layer" do
    { "sear" => "firm-tofu", "grill" => "aubergine" }.each do |method, ingredient|
      batches =
        lambda do |grams|
          ask = { "ingredient" => ingredient, "cook" => { "method" => method }, "raw_grams" => grams }
          Scullion::Cook::Single.read(ask, house).cooking
        end
      full = batches[1000].then { |cooking| cooking.load * cooking.surface_area * 1000 }
      expect([full, full * 1.0005].map { |grams| batches[grams].batches }).to eq([1, 2]), method
    end
  end

  # 7 min at 175 °C on a tray, 10 min at 180 °C for bread, 4.5 min in a pan, unless the salad writes them.
  it "toasts and bakes as long and as hot as the salad writes" do
    cooking =
      lambda do |ingredient, cook|
        ask = { "ingredient" => ingredient, "cook" => cook, "raw_grams" => 500 }
        Scullion::Cook::Single.read(ask, house).cooking
      end
    nuts = cooking["almonds", { "method" => "toast", "minutes" => 9, "celsius" => 160 }]
    expect([nuts.minutes, nuts.setting]).to eq [9, "toast on trays, 160 °C"]
    expect(cooking["almonds", { "method" => "toast" }].minutes).to eq 7
    pan = cooking["almonds", { "method" => "toast", "on" => "pan", "minutes" => 4 }]
    expect([pan.minutes, pan.setting]).to eq [4, "toast, dry pan, medium-low"]
    # A pan has no heat to set.
    expect { cooking["almonds", { "method" => "toast", "on" => "pan", "celsius" => 150 }] }.to raise_error(
      Scullion::InvalidBrief,
      /no celsius of its own/
    )
    bread = cooking["flatbread", { "method" => "crisp", "minutes" => 12, "celsius" => 200 }]
    expect([bread.minutes, bread.celsius]).to eq [12, 200]
    oven = bread.demands(nil).find { |demand| demand.kind == "oven" }
    expect(oven.mode).to eq 200
  end

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
    end
  end
end
