# frozen_string_literal: true

require "fileutils"
require_relative "server_helper"

# A way of cooking is one folder: this one is made up, and nothing else knows of it.
RSpec.describe "A made-up way of cooking", :server do
  FACTS = <<~YAML
    label: Smoke
    order: 65
    words: [smoked]
    takes: raw
    uncut: false
    hot: true
    gives: { form: smoked, packing: 0.6, hold: roast-vegetable, carries: roast, feels: { as: [chewy] } }
    picture: { kind: trays }
    done: Amber and dry to the touch.
    hazards: { smoke: { what: Never leave the smoke alone. } }
    salt_kept: 0.5
    labour: { setup_minutes: 10, per_kg_minutes: 1, per_batch_minutes: 2 }
    figures: { minutes: 45, celsius: 90, load: 6 }
    schools:
      wood: { name: Wood, choices: { oak: { name: oak, why: Deep. }, hay: { name: hay, why: Sweet. } } }
  YAML

  METHOD = <<~RUBY
    module Scullion
      module Cook
        class ColdSmoke < Method
          shows at_the_stove: %i[raw_grams minutes trays hands_minutes],
                beside: %i[raw_ml finished_ml load_minutes tend_minutes total_minutes]

          assumption :smoke_yield, "Left after smoking", :share, book: :ingredient, at: "cold-smoke/yield"
          assumption :load, "One layer", :kg_per_m2, book: :practice, at: "cold-smoke/load"
          assumption :minutes, "In the smoke", :min, book: :practice, at: "cold-smoke/minutes", shown: true
          figure(:raw_grams, "Raw", :g, how: "smoked ÷ what is left") do |finished_grams, smoke_yield|
            finished_grams / smoke_yield
          end
          figure(:trays, "Trays", :trays, how: "raw ÷ (one layer × area), rounded up") do |raw_grams, load|
            (raw_grams / (load * kitchen.trays.last.area * 1000)).ceil
          end
          figure(:total_minutes, "In all", :min, how: "in the smoke") { |minutes| minutes }

          def raw_name = :raw_grams
          def rounds_name = :trays
          def setting = "smoke over \#{school('wood')}"
          def demands(_beside) = OnTrays.demands(kitchen, practice.fetch("cold-smoke/celsius"), trays)
          def rescues = [{ "if" => "Bitter", "then" => "less smoke." }]
        end
      end
    end
  RUBY

  def folder(facts: FACTS, method: METHOD)
    made = File.join(Dir.mktmpdir, "cold-smoke")
    FileUtils.mkdir_p(made)
    File.write(File.join(made, "facts.yml"), facts)
    File.write(File.join(made, "method.rb"), method)
    made
  end

  let(:carrot) do
    facts = house.larder["carrot"].facts
    facts.merge(
      "key" => "carrot-smoked",
      "name" => "Smoking carrots",
      "cold-smoke" => {
        "yield" => 0.8
      },
      "density" => facts["density"].merge("smoked" => 0.6),
      "hold" => facts["hold"].merge("smoked" => "roast-vegetable")
    )
  end

  let(:smoked) do
    example
      .merge("ingredients" => [carrot])
      .tap do |brief|
        brief["salads"][0]["components"][1] = {
          "ingredient" => "carrot-smoked",
          "grams" => 60,
          "role" => "body",
          "cut" => "batons",
          "cook" => {
            "method" => "cold-smoke",
            "wood" => "hay"
          }
        }
      end
  end

  around { |spec| Scullion::Cook::Parcels.with(folder) { spec.run } }

  # 140 × 60 g × 1.05 = 8,820 g smoked, ÷ 0.8 = 11,025 g raw; 6 kg/m² on trays of 0.24 m²: 8.
  it "plans, explains, tastes and prints it" do
    plan = Scullion::Plan.for(Scullion::Brief.read(smoked, Scullion::House.shipped))
    cooking = plan.cooking.find { |method| method.class.key == "cold-smoke" }
    expect([cooking.raw_grams.round, cooking.trays]).to eq [11_025, 8]
    expect(plan.working("#{cooking.at}/raw_grams").to_h["from"].map { |input| input["text"] }).to eq [
         "8.82 kg",
         "80 %"
       ]
    expect(plan.taste.to_a.first["balance"]["textures"].map { |row| row["name"] }).to include("chewy")
    expect(cooking.to_h).to include(
      "setting" => "smoke over hay",
      "done" => house.larder["carrot"].done("cold-smoke") || "Amber and dry to the touch."
    )
    expect(plan.hazards.map(&:what)).to include("Never leave the smoke alone.")
    expect(Scullion::Plan::Paper.new(plan).to_s).to include("Cook: Smoking carrots, smoke over hay")
  end

  it "schedules it on what it asks for, and nothing else, and sets it on paper" do
    roster =
      Scullion::Day::Roster.new(Scullion::Plan.for(Scullion::Brief.read(smoked, Scullion::House.shipped)))
    task = roster.instance.tasks.find { |each| each.name.include?("smoke over") }
    expect(task.equipment - %w[chiller]).to match_array %w[oven tray-tray-60]
    expect(task.segments.flat_map(&:uses).find { |use| use.kind == "oven" }).to have_attributes(
      amount: 8,
      mode: 90
    )
    sheets = Scullion::Papers::Sheets.new(roster)
    expect(sheets.all.map(&:title)).to include("Cook: Smoking carrots")
    expect(sheets.hold_labels.map { |label| label["name"] }).to include("Smoking carrots")
  end

  it "is in the contract, in the picker, in the larder and in what recipes say" do
    stack = Scullion::Stack.of(hosts: ["127.0.0.1"])
    asking = Rack::MockRequest.new(stack)
    get = ->(path) { JSON.parse(asking.get("http://127.0.0.1#{path}", "HTTP_HOST" => "127.0.0.1").body) }
    expect(
      Scullion::Contract.document["components"]["schemas"]["Cook"]["properties"]["wood"]["enum"]
    ).to eq %w[oak hay]
    expect(get["/api/kitchen/choices"]["methods"]).to include("key" => "cold-smoke", "name" => "Smoke")
    planned =
      asking.post(
        "http://127.0.0.1/api/plan",
        "HTTP_HOST" => "127.0.0.1",
        "CONTENT_TYPE" => "application/json",
        :input => JSON.generate(smoked)
      )
    expect(JSON.parse(planned.body)["cook"].map { |cook| cook["picture"] }).to include(
      "each" => false,
      "kind" => "trays"
    )
    house = Scullion::House.shipped
    page =
      Scullion::IngredientPage.new(Scullion::IngredientForm.read(carrot, sources: house.sources), house).to_h
    expect(page["methods"].find { |method| method["key"] == "cold-smoke" }).to include(
      "name" => "Smoke",
      "schools" => ["oak or hay"]
    )
    expect(house.practice.words("recipe_words", "cook")["smoked"]).to eq "cold-smoke"
  end

  it "says in one line what a folder lacks" do
    lacking =
      folder(
        facts:
          FACTS
            .sub("label: Smoke\n", "")
            .sub("done: Amber and dry to the touch.\n", "")
            .sub("per_batch_minutes: 2", "each: 2")
      )
    expect { Scullion::Cook::Parcels.with(lacking) { nil } }.to raise_error(Scullion::InvalidFacts) { |error|
      expect(error.message.lines.size).to eq 1
      expect(error.message).to include(
        "The method cold-smoke lacks label in facts.yml, done in facts.yml, labour/setup_minutes"
      )
    }
    nowhere =
      METHOD
        .sub("ColdSmoke", "ColdSmoke2")
        .sub("def demands", "def nothing")
        .sub("%i[raw_grams minutes trays hands_minutes]", "%i[raw_grams minutes smoke]")
    made =
      folder(method: nowhere)
        .tap { |path| File.rename(path, path.sub("cold-smoke", "cold-smoke2")) }
        .sub("cold-smoke", "cold-smoke2")
    expect { Scullion::Cook::Parcels.with(made) { nil } }.to raise_error(
      Scullion::InvalidFacts,
      /lacks demands in method.rb, .*trays in shows.*the figure smoke that shows names/
    )
    expect { Scullion::Cook::Parcels.with(File.join(Dir.tmpdir, "no-such")) { nil } }.to raise_error(
      Scullion::InvalidFacts,
      /The method no-such cannot be read/
    )
  end
end
