# frozen_string_literal: true

require_relative "server_helper"

# What a kitchen measures with: its cup, its spoons and its weighed pots.
RSpec.describe "This kitchen's own measures", :server do
  CARROT = { "ingredient" => "carrot", "role" => "base", "trim" => "peeled", "cut" => "diced" }.freeze
  SALAD = {
    "key" => "one-cup",
    "name" => "One cup",
    "components" => [CARROT.merge("amount" => "1 cup")]
  }.freeze

  def measure(**measures)
    kitchen = ask(:get, "/api/kitchen")
    ask(
      :put,
      "/api/kitchen",
      kitchen.merge("measures" => kitchen["measures"].merge(measures.transform_keys(&:to_s)))
    )
  end

  # One cup of diced carrots, by every way that reads one.
  def cups
    trial = ask(:post, "/api/trials", { "salad" => SALAD })["salad"]["components"][0]["grams"]
    saved = ask(:post, "/api/salads", SALAD)["components"][0]["grams"]
    ask(:delete, "/api/salads/one-cup")
    brief = ask(:get, "/api/services/1/brief").merge("salads" => [SALAD])
    brief["service"]["lines"] = [{ "salad" => "one-cup" }]
    planned = ask(:post, "/api/plan", brief.except("kitchen"))["count"][0]["layers"][0]["grams"]["value"]
    one = { "texts" => ["1 cup"], "ingredient" => "carrot", "form" => "diced" }
    said = ask(:post, "/api/amounts/read", one).dig(0, "grams")
    recipe = { "text" => "Cups\nServes 1\n1 cup carrots, diced" }
    pasted = ask(:post, "/api/paste", recipe).dig("salad", "components", 0, "grams")
    [trial, saved, planned, said, *pasted&.round].map(&:round)
  end

  [200, 236.6, 250].each do |cup|
    it "reads a cup of #{cup} ml everywhere" do
      measure(cup_ml: cup)
      grams = (cup * house.larder["carrot"].density("diced")).round
      expect(cups.first(4)).to eq [grams] * 4
      change("salads/barley-roast-carrot-dill/components/1/grams", "1 cup")
      roast = answer["plan"]["count"][0]["layers"][1]["grams"]["value"]
      expect(roast).to be_within(0.01).of((cup * house.larder["carrot"].density("roast")).round(2))
      change("service/stock/carrot", "2 cups")
      whole = house.larder["carrot"].density("whole")
      expect(
        answer["plan"]["buy"].find { |line| line["ingredient"] == "carrot" }["on_hand_grams"]["value"]
      ).to be_within(0.1).of(cup * 2 * whole)
    end
  end

  it "judges four spoons as it saves them, and mends a jug that is measured in cups" do
    measure(tablespoon_ml: 20)
    spoons =
      SALAD.merge(
        "components" => [
          {
            "ingredient" => "pearl-barley",
            "role" => "base",
            "amount" => "4 Tbsp",
            "cook" => {
              "method" => "absorption"
            }
          }
        ]
      )
    judged = ask(:post, "/api/trials", { "salad" => spoons })["salad"]["components"][0]["grams"]
    expect(ask(:post, "/api/salads", spoons)["components"][0]["grams"]).to eq judged
    expect(judged).to be_within(0.01).of(80 * house.larder["pearl-barley"].density("cooked"))
    small, large =
      [200, 300].map do |cup|
        measure(cup_ml: cup)
        jug = { "left" => "10 cups", "complaint" => "too-sharp" }
        ask(:post, "/api/salads/barley-roast-carrot-dill/correct", jug).dig(
          "additions",
          0,
          "parts",
          0,
          "grams"
        )
      end
    expect(large / small).to be_within(0.01).of(1.5)
  end

  it "keeps a cup and spoons of its own when it turns to pounds and back, and changes the usual ones" do
    measure(cup_ml: 200, tablespoon_ml: 20)
    there = ask(:post, "/api/kitchen/measures/turn")["measures"]
    expect(there).to include(
      "system" => "us",
      "degrees" => "f",
      "cup_ml" => 200,
      "tablespoon_ml" => 20,
      "teaspoon_ml" => 4.929
    )
    expect(ask(:post, "/api/kitchen/measures/turn")["measures"]).to include(
      "system" => "metric",
      "degrees" => "c",
      "cup_ml" => 200,
      "teaspoon_ml" => 5
    )
    measure(cup_ml: 250)
    expect(ask(:post, "/api/kitchen/measures/turn")["measures"]).to include("cup_ml" => 236.588)
  end

  # 25.13 kg/m² h in a 40 cm pot: what was weighed is planned, whatever the house sets for the others,
  # before or after.
  it "plans a weighed pot at what it was weighed to" do
    weigh =
      lambda do
        version = ask(:get, "/api/kitchen")["version"]
        ask(
          :post,
          "/api/kitchen/pots/pot-40/calibration",
          {
            "version" => version,
            "lid" => "ajar",
            "before_grams" => 10_000,
            "after_grams" => 8743.4,
            "minutes" => 30
          }
        )
      end
    rate = -> { ask(:get, "/api/services/1/working?at=cook/0/simmer_rate").values_at("value", "source") }
    weigh.call
    expect(rate.call).to match [be_within(0.02).of(20.0), "40 cm pot: weighed in your kitchen."]
    own("practice/evaporation/lid-ajar", 30)
    expect(rate.call.first).to be_within(0.02).of(20.0)
    weigh.call
    expect(rate.call.first).to be_within(0.02).of(20.0)
  end

  it "offers what a hand holds, from a few weighings, and reads recipes with it once it is taken" do
    entries =
      (1..5).map do |index|
        {
          "uid" => "handful-#{index}",
          "at" => "2026-11-28T09:4#{index}:00Z",
          "clock" => "2026-11-28T09:4#{index}",
          "kind" => "weighed",
          "of" => "measure",
          "about" => "handful",
          "by" => "ML",
          "value" => 60 + index
        }
      end
    ask(:post, "/api/entries", { "entries" => entries })
    lesson = ask(:get, "/api/lessons").find { |each| each["at"] == "practice/measures/handful" }
    expect(lesson).to include("count" => 5, "hands" => ["ML 61 g of 5"])
    handful = -> { ask(:get, "/api/loose-measures").find { |each| each["word"] == "handful" }["text"] }
    expect(handful.call).to eq "20 g to 40 g"
    lesson["sets"]
      .reverse_each
      .first(1)
      .each do |set|
        ask(:put, "/api/house-figures", { **set, "by" => "ML" })
        expect(last_response.status).to eq(422)
      end
    lesson["sets"].each { |set| ask(:put, "/api/house-figures", { **set, "by" => "ML" }) }
    expect(handful.call).to eq "57 g to 66 g"
    read = ask(:post, "/api/amounts/read", { "texts" => ["a handful"] }).first
    expect(read["metric"]).to eq "57 g to 66 g"
    expect(ask(:get, "/api/lessons").map { |each| each["at"] }).not_to include("practice/measures/handful")
  end
end
