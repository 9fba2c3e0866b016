# frozen_string_literal: true

require_relative "server_helper"

# There is one house, and everything asks it: whatever a kitchen sets holds on every route and paper.
RSpec.describe "The one house", :server do
  # Shipped facts are touched only where a house is built, and where a new database is filled from them.
  it "is the only way to a figure" do
    builders = %w[
      core/lib/scullion/house.rb
      core/lib/scullion/house/facts.rb
      server/records/house.rb
      server/demo.rb
      bin/house.rb
    ]
    files =
      Dir.chdir(ROOT) do
        Dir["{core/lib,core/methods,server,bin}/**/*"].select do |path|
          File.file?(path) && path.match?(%r{\.rb\z|\Abin/})
        end
      end
    touching =
      files
        .grep_v(%r{/spec/|_spec\.rb\z})
        .select do |path|
          File.read(File.join(ROOT, path)).match?(/\bFacts\.load\b|House\.shipped\b|House::shipped\b/)
        end
    expect(touching - builders).to eq []
  end

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

  def raw(route)
    header "Host", "127.0.0.1"
    get(route)
    expect(last_response.status).to eq(200), route
    last_response.body
  end

  def own(at, value) = ask(:put, "/api/house-figures", { "at" => at, "value" => value })

  # One cup of diced carrots, by every way that reads one.
  def cups
    trial = ask(:post, "/api/trials", { "salad" => SALAD })["salad"]["components"][0]["grams"]
    saved = ask(:post, "/api/salads", SALAD)["components"][0]["grams"]
    ask(:delete, "/api/salads/one-cup")
    brief = ask(:get, "/api/services/1/brief").merge("salads" => [SALAD])
    brief["service"]["lines"] = [{ "salad" => "one-cup" }]
    planned = ask(:post, "/api/plan", brief.except("kitchen"))["count"][0]["layers"][0]["grams"]["value"]
    said =
      ask(:post, "/api/amounts/read", { "texts" => ["1 cup"], "ingredient" => "carrot", "form" => "diced" })[
        0
      ][
        "grams"
      ]
    pasted =
      ask(:post, "/api/paste", { "text" => "Cups\nServes 1\n1 cup carrots, diced" })["salad"]["components"][
        0
      ][
        "grams"
      ]
    [trial, saved, planned, said, *(pasted.round if pasted)].map(&:round)
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
        ask(
          :post,
          "/api/salads/barley-roast-carrot-dill/correct",
          { "left" => "10 cups", "complaint" => "too-sharp" }
        )[
          "additions"
        ][
          0
        ][
          "grams"
        ]
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

  # 25.13 kg/m² h in a 40 cm pot: what was weighed is what is planned, whatever the house sets for the others,
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

  # Every kind of setting, what it is set to, and what must follow.
  BARLEY = "larder/pearl-barley/absorption/uptake/tender"
  {
    BARLEY => [
      2.6,
      %w[
        /api/services/1/plan
        /api/services/1/lists/order.csv
        /api/salads/barley-roast-carrot-dill/card.md
        /api/ingredients/pearl-barley/page
        /api/weeks/2026-11-28/order
        /api/weeks/2026-11-28/order.csv
      ]
    ],
    "larder/carrot/trims/peeled/yield" => [
      0.5,
      %w[
        /api/services/1/plan
        /api/services/1/taste
        /api/services/1/lists/order.csv
        /api/shelf
        /api/ingredients/carrot/page
        /api/weeks/2026-11-28/order
        /api/salads/barley-roast-carrot-dill/card.jsonld
      ]
    ],
    "larder/carrot/price/per_kg" => [
      99,
      %w[
        /api/services/1/plan
        /api/services/1/taste
        /api/shelf
        /api/services/1/lists/order.csv
        /api/weeks/2026-11-28/order.csv
      ]
    ],
    "practice/dressing/uptake/warm-grain" => [
      30,
      %w[
        /api/services/1/plan
        /api/services/1/taste
        /api/shelf
        /api/services/1/lists/order.csv
        /api/salads/barley-roast-carrot-dill/card.md
        /api/weeks/2026-11-28/order
      ]
    ],
    "practice/evaporation/lid-ajar" => [20, %w[/api/services/1/plan]],
    "practice/holds/cooked-grain/dressed_minutes" => [
      60,
      %w[
        /api/services/1/plan
        /api/services/1/day
        /api/services/1/labels
        /api/shelf
        /api/ingredients/pearl-barley/page
      ]
    ],
    "practice/cuts/diced/rates/disc" => [
      10,
      %w[/api/services/1/plan /api/kitchen/choices /api/services/1/day.ics]
    ],
    "practice/tools/disc/setup_minutes" => [60, %w[/api/kitchen/choices /api/services/1/plan]],
    "practice/cuts/diced/yield" => [0.6, %w[/api/services/1/plan /api/ingredients/carrot/page]],
    "practice/keeping/plain/days" => [3, %w[/api/services/1/plan]],
    "practice/emulsions/held/rewhisk_minutes" => [7, %w[/api/services/1/plan]],
    "practice/presets/soak-toss-reserve/stages/0/share" => [0.5, %w[/api/services/1/plan]],
    "practice/ladles/sizes/5" => [500, %w[/api/services/1/plan]],
    "practice/day/ahead/days" => [1, %w[/api/services/1/day /api/services/2/day]],
    "practice/labour/absorption/setup_minutes" => [90, %w[/api/services/1/plan /api/services/1/day.ics]],
    "practice/salt/kept/absorption/share" => [0.5, %w[/api/services/1/taste]]
  }.each do |at, (value, routes)|
    it "follows #{at} on every route and paper that it is in" do
      # A figure that has no bounds has no setting either.
      next expect(Scullion::House.shipped.bound(at)).to be_nil if Scullion::House.shipped.bound(at).nil?

      before = routes.to_h { |route| [route, raw(route)] }
      own(at, value)
      expect(last_response.status).to eq 200
      unmoved = routes.select { |route| raw(route) == before[route] }
      expect(unmoved).to eq []
      own(at, nil)
      expect(routes.reject { |route| raw(route) == before[route] }).to eq []
    end
  end

  it "asks for corrections, slips and portions by its own limits" do
    ask(
      :post,
      "/api/salads/barley-roast-carrot-dill/correct",
      { "left" => "1 kg", "complaint" => "too-salty" }
    )
    expect(answer["additions"]).not_to eq []
    own("practice/corrections/growth/share", 0.01)
    expect(
      ask(
        :post,
        "/api/salads/barley-roast-carrot-dill/correct",
        { "left" => "1 kg", "complaint" => "too-salty" }
      )[
        "additions"
      ]
    ).to eq []
    build = ask(:get, "/api/salads/barley-roast-carrot-dill").except("id", "version")
    own("practice/portions/main/grams", 500)
    expect(
      ask(:post, "/api/trials/resize", { "salad" => build })["portion"]["portion_grams"]["text"]
    ).to eq "500 g"
    own("practice/slips/beyond/over_times", 0.1)
    expect(ask(:post, "/api/trials", { "salad" => build })["slips"]).not_to eq []
  end

  it "writes house rules, cooling and labels by the set that it chose and changed" do
    routes = %w[
      /api/services/1/plan
      /api/services/1/labels
      /api/services/1/cooling?at=cook/0
      /api/house-rules
    ]
    before = routes.map { |route| raw(route) }
    set =
      ask(:get, "/api/house-rules")
        .first
        .except("words", "key")
        .merge("days" => 2, "cold_celsius" => 2, "name" => "Ours")
    ask(:put, "/api/house-rules/a", set)
    expect(last_response.status).to eq(200), last_response.body
    expect(routes.map { |route| raw(route) }.zip(before).map { |now, then_| now == then_ }).to eq [false] * 4
    expect(ask(:get, "/api/services/1/labels").map { |label| label["rules"] }.uniq).to eq ["Ours"]
  end

  it "answers an unsaved brief and a single pot as its own, where they leave it to it" do
    own(BARLEY, 2.6)
    cooked =
      ask(
        :post,
        "/api/cook",
        { "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" }, "finished_grams" => 3600 }
      )
    expect(cooked["cooking"]["batch_dry_grams"]["value"]).to be_within(0.01).of(1000)
    brief = ask(:get, "/api/services/1/brief").except("figures", "kitchen", "house_rules", "ingredients")
    planned = ask(:post, "/api/plan", brief)["cook"][0]["cooked_factor"]["value"]
    expect(planned).to eq 3.6
  end
end
