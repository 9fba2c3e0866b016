# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The kitchen, its tools and its measures", :server do
  def kitchen = ask(:get, "/api/kitchen")
  def save(change) = ask(:put, "/api/kitchen", kitchen.merge(change))
  def calibrate(**sent)
    ask(
      :post,
      "/api/kitchen/pots/pot-40/calibration",
      { "version" => kitchen["version"] }.merge(sent.transform_keys(&:to_s))
    )
  end

  it "keeps heat, cold, tools and hands, and gives them back" do
    before = kitchen
    expect(before["burners"]).to eq [{ "name" => "Gas ring", "kw" => 7.0, "count" => 6 }]
    expect(before["chillers"].first).to eq("name" => "Cold room", "method" => "fan-fridge", "shelves" => 12)
    expect(
      save("cooks" => [{ "initials" => "ML", "from" => "06:00", "to" => "14:00" }]).except("version")
    ).to eq before.except("version").merge(
         "cooks" => [{ "initials" => "ML", "from" => "06:00", "to" => "14:00" }]
       )
  end

  it "keeps what each cook is down for" do
    cooks = [
      { "initials" => "ML", "from" => "06:00", "to" => "14:00" },
      { "initials" => "RT", "from" => "07:00", "to" => "15:00", "skills" => %w[knife build] }
    ]
    expect(save("cooks" => cooks)["cooks"]).to eq cooks
    save("cooks" => [cooks.last.merge("skills" => [])])
    expect(last_response.status).to eq 422
    expect(JSON.parse(last_response.body)["faults"]).to contain_exactly(
      include("where" => "/cooks/0/skills", "what" => "This cook is down for no work at all.")
    )
    expect(
      ask(:get, "/api/kitchen/choices")["skills"].map { |skill| skill["key"] }
    ).to eq Scullion::Day::SKILLS
  end

  it "says what is wrong with every part of it at once" do
    save(
      "pots" => [{ "key" => "a", "name" => "A", "diameter_cm" => 30, "height_cm" => 0 }] * 2,
      "tools" => [{ "key" => "chainsaw" }],
      "cooks" => [{ "initials" => "X", "from" => "15:00", "to" => "15:00" }],
      "chillers" => [{ "name" => "F", "method" => "cellar", "shelves" => 2 }],
      "ovens" => [{ "name" => "O", "positions" => 4, "least_celsius" => 200, "most_celsius" => 100 }]
    )
    expect(last_response.status).to eq 422
    expect(told.keys).to include(
      "/pots/0/height_cm",
      "/pots",
      "/tools/0/key",
      "/cooks/0/to",
      "/chillers/0/method",
      "/ovens/0/most_celsius"
    )
  end

  it "offers kitchens to begin from that can be saved as they are" do
    starters = ask(:get, "/api/kitchen/starters")
    expect(starters.map { |starter| starter["name"] }).to eq ["School canteen", "Small café", "Caterer"]
    starters.each do |starter|
      save(starter.except("key", "why"))
      expect([last_response.status, answer["name"]]).to eq [200, starter["name"]]
      expect(ask(:get, "/api/services/2/plan")["service"]["kitchen"]).to eq starter["name"]
    end
  end

  # 0.12566 m² of pot at 27 kg/m² h lose 1,696 g in half an hour; 848 g gone is half of that.
  it "sets what a pot boils off from weighing it, and every plan follows" do
    calibrate(lid: "off", before_grams: "14.2 kg", after_grams: "13.352 kg", minutes: "30")
    expect(answer["pots"].last["boil_factor"]).to be_within(0.001).of(0.5)
    barley = ask(:get, "/api/services/1/plan")["cook"].first
    expect(barley["water_grams"]["value"]).to be_within(1).of(10_780 + (795.9 / 2))
    expect(
      ask(:get, "/api/services/1/working?at=cook/0/boiled_off_grams")["from"].map { |input| input["text"] }
    ).to include("5 kg/m² h")
    calibrate
    expect(answer["pots"].last).not_to include("boil_factor")
  end

  it "refuses a weighing that cannot be" do
    {
      { before_grams: 1000, after_grams: 1200, minutes: 30 } => "no less than before",
      { before_grams: 30_000, after_grams: 100, minutes: 5 } => "times what simmers off",
      { before_grams: 1000, after_grams: 900, minutes: 0 } => "outside"
    }.each do |sent, says|
      calibrate(**sent)
      expect([last_response.status, told.values.join]).to match [422, a_string_including(says)]
    end
    calibrate(version: 99, before_grams: 1000, after_grams: 900, minutes: 30)
    expect(last_response.status).to eq 409
  end

  it "lists tools with their rates, and takes the kitchen's own" do
    at = "practice/cuts/diced/rates/knife"
    rate = -> { ask(:get, "/api/kitchen/choices")["tools"].first["cuts"].find { |cut| cut["at"] == at } }
    expect(rate.call).to include("kg_per_h" => 10.0)
    ask(:put, "/api/house-figures", { "at" => at, "value" => "14", "by" => "TR" })
    expect(rate.call).to include("kg_per_h" => 14.0, "default" => 10.0)
    expect(Scullion::Records::OwnFigure.find_by(at: at).set_for).to match(/\Athis kitchen, by TR on /)
  end

  it "writes every figure as the house measures, and reads with its cup" do
    save(
      "measures" => {
        "system" => "us",
        "degrees" => "f",
        "cup_ml" => 236.6,
        "tablespoon_ml" => 14.8,
        "teaspoon_ml" => 4.93
      }
    )
    plan = ask(:get, "/api/services/1/plan")
    expect(plan["cook"][0]["water_grams"]["text"]).to eq "25 lb 8 oz"
    expect(plan["cook"][1]["celsius"]["text"]).to eq "375 °F"
    expect(plan["cook"][0]["water_line_cm"]["text"]).to eq "5 in"
    expect(
      ask(:get, "/api/house-rules").first["words"]
    ).to start_with "Cold at 41 °F or less, hot at 135 °F or more"
    expect(ask(:post, "/api/amounts/read", { "texts" => ["1 cup"] }).first["low"]).to eq 236.6
    expect(ask(:get, "/api/ingredients/carrot/page")["stages"][0]["rows"][0]["text"]).to eq "2 lb 3 oz"
    save("measures" => { "system" => "imperial" })
    expect(told.keys).to eq ["/measures/system"]
  end
end

RSpec.describe "At the stove and at the bench", :server do
  def cook(place, option) = "salads/barley-roast-carrot-dill/components/#{place}/cook/#{option}"

  it "takes a choice within a method, and undoes it by the same call" do
    changed = change(cook(0, "lid"), "on")
    expect(changed["plan"]["cook"][0]["setting"]).to eq "absorb, lid on, tender"
    expect(changed["previous"]).to eq "ajar"
    expect(change(cook(0, "rinse"), "rinse")["previous"]).to be_nil
    expect(
      change(cook(0, "rinse"), nil)["plan"]["cook"][0]["schools"].find do |school|
        school["option"] == "rinse"
      end[
        "chosen"
      ]
    ).to eq "none"
  end

  it "refuses a choice that is none, and says which there are" do
    {
      cook(0, "lid") => "half",
      cook(0, "yolk") => "soft",
      cook(3, "lid") => "on",
      cook(9, "lid") => "on"
    }.each do |at, value|
      change(at, value)
      expect(last_response.status).to eq(422), at
    end
    change(cook(0, "lid"), "half")
    expect(answer["faults"].first["remedy"]).to eq "Use one of: on, ajar, off."
  end

  it "holds a choice for every salad that shares the pot" do
    version = ask(:get, "/api/services/2")["version"]
    place =
      ask(:get, "/api/services/2/plan")["cook"].find { |line| line["ingredient"] == "pumpkin-seeds" }[
        "schools"
      ].first[
        "at"
      ]
    ask(:post, "/api/services/2/changes", { "version" => version, "at" => place, "value" => "pan" })
    expect(
      answer["plan"]["cook"]
        .select { |line| line["ingredient"] == "pumpkin-seeds" }
        .map { |line| line["setting"] }
    ).to eq ["toast, dry pan, medium-low"]
  end

  it "ticks off a preparation and takes it back, without touching the plan" do
    key = ask(:get, "/api/services/1/plan")["prep"][1]["key"]
    version = service["version"]
    2.times { expect(ask(:put, "/api/services/1/ticks", { "key" => key, "done" => true })).to eq [key] }
    expect(ask(:get, "/api/services/1/ticks")).to eq [key]
    expect(ask(:put, "/api/services/1/ticks", { "key" => key, "done" => false })).to eq []
    expect(service["version"]).to eq version
    ask(:put, "/api/services/99/ticks", { "key" => key, "done" => true })
    expect(last_response.status).to eq 404
  end

  it "adds up each bench, with every tool set up and washed once" do
    plan = ask(:get, "/api/services/2/plan")
    lines = plan["prep"].to_h { |line| [line["at"], line["hands_minutes"]["value"]] }
    bench = plan["benches"].find { |each| each["name"] == "Machine" }
    expect(bench["hands_minutes"]["value"]).to be_within(0.01).of(bench["lines"].sum { |at| lines[at] } + 16)
  end
end

RSpec.describe "A cook's own ingredient", :server do
  def add(**sent) = ask(:post, "/api/ingredients", sent.transform_keys(&:to_s))

  it "begins as the one it is like, and is found and planned with" do
    add(name: "Wild dill", like: "dill", aliases: ["marsh dill"])
    expect(last_response.status).to eq 201
    expect(answer).to include(
      "key" => "wild-dill",
      "aliases" => ["marsh dill"],
      "pieces" => house.larder["dill"].facts["pieces"]
    )
    expect(ask(:get, "/api/ingredients?find=marsh%20dil").first["key"]).to eq "wild-dill"
    roast = { "ingredient" => "carrot", "cook" => { "method" => "roast" }, "raw_grams" => 1000 }
    expect(ask(:post, "/api/cook", roast).dig("cooking", "raw_grams", "value")).to be_within(0.1).of(1000)
  end

  it "is completed from its family alone, and says what is only typical of it" do
    add(name: "Sea beet", family: "leaf", colour: "#336633")
    expect(
      ask(:get, "/api/ingredients/sea-beet/page")["figures"].find do |figure|
        figure["at"].end_with?("density/whole")
      end[
        "source"
      ]
    ).to start_with "Typical of its family"
  end

  it "refuses what cannot be: a name taken, no such likeness, an impossible yield, no family" do
    add(name: "Dill")
    expect(last_response.status).to eq 409
    {
      { name: "X", like: "nothing" } => /no "nothing" to be like/,
      { name: "Y", like: "dill", trims: { picked: { yield: 1.6 } } } => /1.6 is not possible/,
      { name: "Z" } => /missing/
    }.each do |sent, says|
      add(**sent)
      expect([last_response.status, told.values.join(" ")]).to match [422, says]
    end
  end

  it "is replaced on the version that was seen, and not on an older one" do
    version = ask(:get, "/api/ingredients/dill")["version"]
    facts = ask(:get, "/api/ingredients/dill").merge("surplus" => "into oil")
    expect(ask(:put, "/api/ingredients/dill", facts)).to include(
      "surplus" => "into oil",
      "version" => version + 1
    )
    ask(:put, "/api/ingredients/dill", facts)
    expect(last_response.status).to eq 409
  end

  it "filters the larder by what is missing" do
    add(name: "Bare root", family: "root", colour: "#aa8855")
    expect(ask(:get, "/api/ingredients?missing=anything").map { |each| each["key"] }).to eq ["bare-root"]
    expect(ask(:get, "/api/ingredients?missing=own").size).to be > 50
  end
end

RSpec.describe "Mixed lines", :server do
  def covers(value) = change("service/lines/0/covers", value)["plan"]["count"][0]["covers"]["value"]

  it "takes covers of one salad as a count or a share of the guests, and everyone again" do
    expect(covers("90 covers")).to eq 90
    expect(covers("30 %")).to eq 42
    expect(covers(nil)).to eq 140
    change("service/lines/0/covers", "some")
    expect(last_response.status).to eq 422
  end

  it "changes the limits of a set of house rules, and every hold follows" do
    rules = ask(:get, "/api/house-rules").find { |set| set["key"] == "a" }.except("key", "words", "source")
    ask(:put, "/api/house-rules/a", rules.merge("out_minutes" => 60))
    expect(ask(:get, "/api/services/1/plan")["snags"].map { |snag| snag["what"] }).to include(
      /longer than House rules A lets food stand/
    )
    ask(:put, "/api/house-rules/a", rules.merge("cold_celsius" => 60))
    expect([last_response.status, answer["faults"].first["where"]]).to eq [422, "/cold_celsius"]
    expect(
      ask(:put, "/api/house-rules/ours", rules.merge("name" => "Ours")).map { |set| set["name"] }
    ).to include("Ours")
  end
end
