# frozen_string_literal: true

RSpec.describe Scullion::Brief do
  def component(data, index = 1) = data["salads"][0]["components"][index]

  it "reads the example without a fault" do
    expect(faults).to eq({})
  end

  {
    0 => "outside",
    -3 => "outside",
    1_000_000_000 => "outside",
    1.5 => "not a whole number",
    "many" => "not a whole number",
    nil => "missing",
    [] => "not a whole number"
  }.each do |covers, says|
    it "refuses #{covers.inspect} covers" do
      expect(faults { |data| data["service"]["covers"] = covers }["/service/covers"]).to include(says)
    end
  end

  it "reads an amount as a cook writes it, and names the unit it does not know" do
    read = brief { |data| component(data).delete("grams") && component(data)["amount"] = "½ cup" }
    expect(read.salads.values[0].components[1].grams).to be_within(0.01).of(125 * 0.62)
    expect(
      faults { |data| component(data).delete("grams") && component(data)["amount"] = "3 blobs" }[
        "/salads/0/components/1/amount"
      ]
    ).to include('"blobs"', "neither a unit nor Carrots")
  end

  it "refuses an ingredient that has no density in the form asked for" do
    expect(
      faults { |data| component(data, 5)["cut"] = "wedges" }["/salads/0/components/5/cut"]
    ).to eq 'Dill has no density as "wedges".'
  end

  it "finds every fault at once, each with its place" do
    found =
      faults do |data|
        data["colour"] = 1
        data["service"].merge!("to" => "11:00", "date" => "2026-02-30")
        component(data, 0)["ingredient"] = "unobtainium"
        component(data, 1).merge!("trim" => "polished", "held_back" => 2)
        component(data, 3)["cook"] = { "method" => "absorption" }
        data["kitchen"]["pots"][0]["diameter_cm"] = 0
        data["house_rules"] = "z"
      end
    expect(found.keys).to include(
      "/colour",
      "/service/date",
      "/salads/0/components/0/ingredient",
      "/salads/0/components/1/held_back",
      "/kitchen/pots/0/diameter_cm",
      "/house_rules",
      "/salads/0/components/3/cook"
    )
    expect(found["/service/date"]).to include("not a day")
  end

  it "refuses a salad with no components, two salads' worth of nothing, and what is no object" do
    expect(faults { |data| data["salads"][0]["components"] = [] }["/salads/0/components"]).to include(
      "no components"
    )
    expect(faults { |data| data["salads"] = [] }["/salads"]).to include("no salads")
    expect { described_class.read([1], house) }.to raise_error(Scullion::InvalidBrief, /should be an object/)
  end

  it "refuses a service that ends before it starts, and a line whose salad is not there" do
    expect(faults { |data| data["service"]["to"] = "11:00" }["/service/to"]).to include("would last 23.3 h")
    expect(
      faults { |data| data["service"]["lines"][0]["salad"] = "gone" }["/service/lines/0/salad"]
    ).to include('no salad "gone"')
  end

  it "knows whom it feeds beside the usual, each once, and refuses whom it does not know" do
    guests = ->(said) { ->(data) { data["service"]["guests"] = said } }
    expect(brief(&guests[%w[ill older ill]]).service.guests).to eq %w[ill older]
    [%w[ill martians], "ill", [1]].each do |said|
      expect(faults(&guests[said])).to match("/service/guests" => /are not guests that are known here/)
    end
  end

  it "takes its own ingredient, with its own figures, and refuses one that cannot be" do
    own = house.larder["carrot"].facts.merge("key" => "purple-carrot", "name" => "Purple carrots")
    read =
      brief { |data| data.merge!("ingredients" => [own]) && component(data)["ingredient"] = "purple-carrot" }
    expect(Scullion::Plan.for(read).purchases.map { |line| line.ingredient.name }).to include(
      "Purple carrots"
    )
    expect(faults { |data| data["ingredients"] = [own.merge("density" => { "roast" => 99 })] }.keys).to eq [
         "/ingredients/0/density/roast"
       ]
  end

  it "refuses a figure that is not there, or out of bounds" do
    at = "larder/carrot/trims/peeled/yield"
    expect(
      faults { |data| data["figures"] = [{ "at" => at, "value" => 1.4 }] }["/figures/0/value"]
    ).to include("outside")
    %w[larder/carrot/nothing larder/none/density/dry practice/none ../x practice].each do |wrong|
      expect(
        faults { |data| data["figures"] = [{ "at" => wrong, "value" => 0.5 }] }["/figures/0/at"]
      ).to include("no figure")
    end
  end

  it "renders any name as it is, and keeps Unicode" do
    made = plan { |data| data["salads"][0]["name"] = "<img onerror=alert(1)> سلطة 🥗" }
    expect(made.to_h["count"][0]["name"]).to eq "<img onerror=alert(1)> سلطة 🥗"
  end
end
