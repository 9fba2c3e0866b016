# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A salad tried", :server do
  let(:barley) { ask(:get, "/api/salads/barley-roast-carrot-dill").except("id", "version") }

  def judge(salad = barley, path = "/api/trials", **more)
    ask(:post, path, { "salad" => salad }.merge(more.transform_keys(&:to_s)))
  end
  def with(salad, place, change)
    salad.merge(
      "components" =>
        salad["components"].each_with_index.map do |component, index|
          index == place ? component.merge(change) : component
        end
    )
  end

  it "judges a salad before it is saved, and keeps nothing" do
    judged =
      judge(with(barley, 1, { "amount" => "½ cup" }).tap { |salad| salad["components"][1].delete("grams") })
    expect(judged["salad"]["components"][1]["grams"]).to be_within(0.01).of(77.5)
    expect(judged["taste"]["suits"]["allergens"].map { |row| row["name"] }).to eq %w[gluten milk mustard]
    expect(judged["portion"]["layers"].size).to eq 7
    expect(ask(:get, "/api/salads/barley-roast-carrot-dill")["components"][1]["grams"]).to eq 60
  end

  it "says what is wrong at its place in the salad" do
    judge(with(barley, 1, { "grams" => -3 }))
    expect([last_response.status, told.keys]).to match [422, include("/salad/components/1/grams")]
    judge(with(barley, 0, { "cook" => { "method" => "roast" } }))
    expect(told.keys).to include("/components/0/cook")
  end

  it "says what stands there twice, and that the second is to be taken out" do
    twice =
      judge(
        barley.merge("components" => barley["components"] + [barley["components"][5].merge("grams" => 3)])
      )
    expect(twice["slips"].map { |slip| [slip["at"], slip["reading"]["factor"]] }).to eq [["components/7", 0]]
    expect(judge["slips"]).to eq []
  end

  it "explains any figure of it" do
    expect(judge(barley, "/api/trials/working?at=taste/0/salt_share")).to include(
      "label" => "Salt, of the salad",
      "text" => "0.9 %"
    )
    expect(judge(barley, "/api/trials/working?at=cost/0/cost")["from"].size).to eq 13
  end

  it "resizes by role, to how it is served or to a weight" do
    side = judge(barley.merge("serves_as" => "side"), "/api/trials/resize")
    expect(side["portion"]["portion_grams"]["value"]).to be_within(0.6).of(115)
    expect(judge(barley, "/api/trials/resize", grams: 300)["portion"]["portion_grams"]["value"]).to be_within(
      0.6
    ).of(300)
  end

  it "has a shelf of all salads, with what tells them apart" do
    shelf = ask(:get, "/api/shelf")
    expect(shelf.size).to eq 6
    expect(shelf.first).to include(
      "name" => "Barley, roast carrot, dill",
      "base" => "grain",
      "allergens" => %w[gluten milk mustard],
      "served_in" => ["Count weekend, Saturday lunch"]
    )
    expect(
      shelf.find { |salad| salad["key"] == "pasta-courgette-olive" || salad["name"].start_with?("Pasta") }[
        "months"
      ]
    ).to eq [6, 7, 8, 9]
  end

  it "gives a service's taste, a salad at a time, for the front of house" do
    taste = ask(:get, "/api/services/2/taste")
    expect(taste.map { |salad| salad["name"] }).to eq(
      ask(:get, "/api/services/2/plan")["count"].map { |portion| portion["name"] }
    )
    expect(taste.flat_map { |salad| salad["suits"]["diets"].map { |diet| diet["name"] } }.uniq).to include(
      "vegan",
      "nut-free"
    )
  end

  it "keeps a salad as it was before each change, with what the change did" do
    record = ask(:get, "/api/salads/barley-roast-carrot-dill")
    first = record.except("id", "version")
    ask(
      :put,
      "/api/salads/barley-roast-carrot-dill",
      with(first, 1, { "grams" => 80 }).merge("version" => record["version"])
    )
    version = answer["version"]
    ask(
      :put,
      "/api/salads/barley-roast-carrot-dill",
      with(first, 1, { "grams" => 80 }).merge(
        "components" => with(first, 1, { "grams" => 80 })["components"].drop(1),
        "version" => version
      )
    )
    earlier = ask(:get, "/api/salads/barley-roast-carrot-dill/earlier")
    expect(earlier.map { |each| each["what"] }).to eq ["Pearl barley taken out", "Roast carrot 60 → 80 g"]
    expect(earlier.last["salad"]).to eq first
    ask(
      :put,
      "/api/salads/barley-roast-carrot-dill",
      earlier.last["salad"].merge("version" => ask(:get, "/api/salads/barley-roast-carrot-dill")["version"])
    )
    expect(ask(:get, "/api/salads/barley-roast-carrot-dill").except("id", "version")).to eq first
  end

  it "knows no component by anything but its number" do
    salad = ask(:get, "/api/salads/barley-roast-carrot-dill").except("version", "months")
    %w[swaps way].each do |route|
      ask(
        :post,
        "/api/trials/#{route}",
        { "salad" => salad, "component" => "0", "way" => {} }.slice(
          *%w[salad component],
          *("way" if route == "way")
        )
      )
      expect([404, 422]).to include(last_response.status)
    end
  end
end
