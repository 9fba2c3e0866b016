# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The API", :server do
  it "says that it is up, and what it speaks" do
    expect(ask(:get, "/api/health")).to eq("status" => "ok", "services" => 2)
    header "Host", "127.0.0.1"
    get "/api/openapi.yaml"
    expect(YAML.safe_load(last_response.body)["info"]["title"]).to eq "Scullion"
  end

  it "plans an unsaved brief, the same as core does" do
    expect(ask(:post, "/api/plan", example)).to eq JSON.parse(JSON.generate(plan.to_h))
  end

  it "explains a figure of an unsaved brief and of a service" do
    expect(ask(:post, "/api/plan/working?at=cook/0/water_grams", example)).to include(
      "label" => "Water, cold",
      "text" => "11.58 kg"
    )
    expect(
      ask(:get, "/api/services/1/working?at=cook/0/dry_grams")["from"].map { |input| input["label"] }
    ).to eq ["Out of the pot", "Cooked for dry"]
    ask(:get, "/api/services/1/working?at=cook/9/none")
    expect([last_response.status, answer["faults"].first["what"]]).to match [404, /Nothing in this plan/]
  end

  it "cooks one component by itself, by its raw weight, in this kitchen, with workings" do
    cooked =
      ask(
        :post,
        "/api/cook",
        { "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" }, "raw_grams" => 1000 }
      )
    expect(cooked["cooking"]["batch_finished_grams"]["value"]).to be_within(0.01).of(3000)
    expect(cooked["workings"].map { |working| working["label"] }).to include("Water, cold")
    ask(
      :post,
      "/api/cook",
      { "ingredient" => "dill", "cook" => { "method" => "absorption" }, "finished_grams" => -1 }
    )
    expect(told.keys).to eq ["/finished_grams"]
    ask(
      :post,
      "/api/cook",
      { "ingredient" => "dill", "cook" => { "method" => "absorption" }, "finished_grams" => 100 }
    )
    expect(told["/cook"]).to eq "Dill is not cooked by absorption."
  end

  it "plans every demo service whole: what two salads share is prepared once" do
    sunday = ask(:get, "/api/services/2/plan")
    expect(sunday["count"].size).to eq 3
    seeds = sunday["needs"].find { |need| need["ingredient"] == "pumpkin-seeds" }
    expect(seeds["for"].map { |share| share["salad"] }).to eq %w[chickpea-fennel leaf-beetroot-seed]
    expect(sunday["snags"].map { |snag| snag["what"] }).to include(/Leaf, beetroot, pumpkin seed cannot/)
  end

  it "simulates the cooling of a cooked grain by the method asked for" do
    expect(
      ask(:get, "/api/services/1/cooling?at=cook/0&method=ice-bath")["chosen"]["name"]
    ).to eq "Bag or pan in iced water"
    ask(:get, "/api/services/1/cooling?at=cook/2")
    expect(last_response.status).to eq 404
  end

  it "plans a service, and hands it out as a brief that plans the same elsewhere" do
    planned = ask(:get, "/api/services/1/plan")
    brief = ask(:get, "/api/services/1/brief")
    expect(ask(:post, "/api/plan", brief)).to eq planned
    expect(planned["service"]).to include(
      "date" => "2026-11-28",
      "covers" => 140,
      "kitchen" => "Saltmarsh field station"
    )
  end

  describe "services" do
    it "lists, adds, replaces and deletes" do
      added =
        ask(
          :post,
          "/api/services",
          service.except("id", "version").merge("name" => "Sunday <b>lunch</b>", "covers" => 60)
        )
      expect([last_response.status, added["covers"]]).to eq [201, 60]
      replaced = ask(:put, "/api/services/#{added["id"]}", added.except("id").merge("covers" => 61))
      expect(replaced).to include("covers" => 61, "name" => "Sunday <b>lunch</b>")
      ask(:put, "/api/services/#{added["id"]}", added.except("id"))
      expect(last_response.status).to eq 409
      expect(ask(:get, "/api/services").size).to eq 3
      ask(:delete, "/api/services/#{added["id"]}")
      ask(:get, "/api/services/#{added["id"]}")
      expect(last_response.status).to eq 404
    end

    it "names every fault of a service at once" do
      ask(
        :post,
        "/api/services",
        {
          "name" => "",
          "date" => "soon",
          "from" => "25:00",
          "to" => "13:00",
          "covers" => "many",
          "lines" => [],
          "colour" => 1
        }
      )
      expect(last_response.status).to eq 422
      expect(told.keys).to include("/name", "/date", "/from", "/covers", "/lines", "/colour")
    end
  end

  describe "salads" do
    let(:salad) { ask(:get, "/api/salads/barley-roast-carrot-dill") }

    it "adds, replaces and deletes; what goes in comes out" do
      build = salad.except("id", "version").merge("key" => "copy", "name" => "<img src=x onerror=alert(1)>")
      cucumber = build["components"].find { |component| component["treat"] }
      cucumber["treat_minutes"] = 35.0
      added = ask(:post, "/api/salads", build)
      expect(added.except("id", "version")).to eq build
      replaced = ask(:put, "/api/salads/copy", added.except("id").merge("serves_as" => "side"))
      expect(replaced["serves_as"]).to eq "side"
      ask(:put, "/api/salads/copy", added.except("id"))
      expect(last_response.status).to eq 409
      ask(:delete, "/api/salads/copy")
      expect(last_response.status).to eq 204
    end

    it "will not delete a salad that is served, nor an ingredient that is used, and says where" do
      ask(:delete, "/api/salads/#{salad["key"]}")
      expect([last_response.status, answer["used_in"]]).to eq [409, ["Count weekend, Saturday lunch"]]
      ask(:delete, "/api/ingredients/dill")
      expect([last_response.status, answer["used_in"], answer["title"]]).to eq [
           409,
           ["Barley, roast carrot, dill"],
           "Dill is still used."
         ]
      ask(:delete, "/api/ingredients/quinoa")
      expect(last_response.status).to eq 204
    end

    it "refuses one without components, one with a deleted ingredient, and a key used twice" do
      ask(:post, "/api/salads", salad.except("id", "version").merge("key" => "x", "components" => []))
      expect(told["/components"]).to eq "There are no components."
      ask(:delete, "/api/ingredients/quinoa")
      ask(
        :post,
        "/api/salads",
        salad.except("id", "version").merge(
          "key" => "x",
          "components" => [{ "ingredient" => "quinoa", "grams" => 5, "role" => "base", "cut" => "diced" }]
        )
      )
      expect(told["/components/0/ingredient"]).to include('no "quinoa" in the larder')
      ask(:post, "/api/salads", salad.except("id", "version"))
      expect(last_response.status).to eq 409
    end
  end

  it "keeps the kitchen and its house rules, and says what a pot cannot be" do
    kitchen = ask(:get, "/api/kitchen")
    expect(ask(:put, "/api/kitchen", kitchen.merge("house_rules" => "b"))["house_rules"]).to eq "b"
    expect(ask(:get, "/api/services/1/plan")["hold"][0]["rules"]).to eq "House rules B"
    ask(:put, "/api/kitchen", kitchen.merge("house_rules" => "z", "version" => 1))
    expect(told.keys).to eq ["/house_rules"]
    kitchen["pots"][0]["diameter_cm"] = 0
    ask(:put, "/api/kitchen", kitchen)
    expect(told).to eq("/pots/0/diameter_cm" => "0 is outside what can be planned.")
    expect(ask(:get, "/api/house-rules").map { |rules| rules["key"] }).to eq %w[a b c]
  end

  it "finds ingredients by any name, typos forgiven, by family and without an allergen" do
    expect(ask(:get, "/api/ingredients?find=zuchini").first["name"]).to eq "Courgettes"
    grains = ask(:get, "/api/ingredients?family=grain&without=gluten").map { |ingredient| ingredient["key"] }
    expect(grains).to include("quinoa").and(satisfy { |keys| !keys.include?("pearl-barley") })
  end

  it "shows an ingredient's page, takes the kitchen's own figure, and goes back" do
    at = "larder/carrot/trims/peeled/yield"
    page = ask(:put, "/api/house-figures", { "at" => at, "value" => "75 %" })
    expect(page["figures"].find { |figure| figure["at"] == at }).to include(
      "text" => "75 %",
      "default" => "82 %"
    )
    expect(ask(:get, "/api/services/1/plan")["prep"][1]["ap_grams"]["value"]).to be_within(0.1).of(
      12_794.36 / 0.97 / 0.75
    )
    expect(
      ask(:put, "/api/house-figures", { "at" => at, "value" => nil })["figures"].find do |figure|
        figure["at"] == at
      end
    ).to include("text" => "82 %")
    [
      ["larder/carrot/none", 1],
      [at, 1.5],
      [at, "much"],
      ["practice/pots/none", 0.5],
      ["practice/pots/fill", 5]
    ].each do |wrong, value|
      ask(:put, "/api/house-figures", { "at" => wrong, "value" => value })
      expect([last_response.status, answer["faults"].first["remedy"]]).to match [422, /Use/]
    end
  end

  it "lists the larder, each ingredient with its sources" do
    larder = ask(:get, "/api/ingredients")
    expect(larder.size).to be >= 40
    expect(ask(:get, "/api/ingredients/carrot")["sources"]).to include("any" => "practice")
  end

  it "reads written amounts, many at once, in both systems, and names the part it cannot read" do
    read =
      ask(
        :post,
        "/api/amounts/read",
        {
          "texts" => ["½ cup", "a glug of oil", "3 medium", "lots"],
          "ingredient" => "carrot",
          "form" => "diced"
        }
      )
    expect(read[0]).to include(
      "low" => 125.0,
      "unit" => "ml",
      "metric" => "125 ml",
      "us" => "½ cup",
      "grams" => 67.63
    )
    expect(read[1]).to include("estimated" => true, "rest" => "oil", "metric" => "1 Tbsp to 2 Tbsp")
    expect(read[2]).to include("piece" => "medium", "grams" => 225.0)
    expect(read[3]["fault"]["what"]).to include('"lots"')
    house = ask(:post, "/api/amounts/read", { "texts" => ["1 cup"], "house" => { "cup_ml" => 236.6 } })
    expect(house[0]["low"]).to eq 236.6
    ask(:post, "/api/amounts/read", { "texts" => [] })
    expect(told.keys).to eq ["/texts"]
  end

  it "answers malformed JSON, wrong types and unknown fields with what, where and what to do" do
    ask(:post, "/api/plan", "{\"format\": ")
    expect([last_response.status, answer["title"]]).to eq [400, "This is not JSON."]
    ask(:post, "/api/plan", example.merge("service" => "lunch", "colour" => 1))
    expect([last_response.status, last_response.headers["content-type"]]).to eq [
         422,
         "application/problem+json"
       ]
    expect(told).to include(
      "/service" => "This should be an object with named fields.",
      "/colour" => 'Unknown field "colour".'
    )
    expect(answer["faults"].map { |fault| fault["remedy"] }).to all(match(/\S/))
    ask(:post, "/api/plan", [1, 2])
    expect(last_response.status).to eq 422
  end
end
