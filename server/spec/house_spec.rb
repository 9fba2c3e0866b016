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
      server/db/migrate/20261126210000_guests_and_midnight.rb
      server/db/migrate/20261128090000_scale_of_the_house.rb
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
      next expect(ExampleBrief::SHIPPED.bound(at)).to be_nil if ExampleBrief::SHIPPED.bound(at).nil?

      before = routes.to_h { |route| [route, said(route)] }
      own(at, value)
      expect(last_response.status).to eq 200
      unmoved = routes.select { |route| said(route) == before[route] }
      expect(unmoved).to eq []
      own(at, nil)
      expect(routes.reject { |route| said(route) == before[route] }).to eq []
    end
  end

  it "asks for corrections, slips and portions by its own limits" do
    jug = { "left" => "1 kg", "complaint" => "too-salty" }
    additions = -> { ask(:post, "/api/salads/barley-roast-carrot-dill/correct", jug)["additions"] }
    expect(additions.call).not_to eq []
    own("practice/corrections/growth/share", 0.01)
    expect(additions.call).to eq []
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
