# frozen_string_literal: true

RSpec.describe Scullion::Salad::Swap do
  let(:swap) { described_class.new(house) }
  let(:salad) { brief.salads.values.first }
  let(:document) { example["salads"].first }

  def goal(key) = Scullion::Salad::Goal.new(salad, key, swap, house.practice)
  def suits(document)
    plan { |data| data["salads"][0] = document }.taste.to_a.first["suits"]["diets"].to_h do |row|
      row.values_at("name", "suits")
    end
  end

  it "knows every stand-in it names, and each can be planned with as offered" do
    members =
      house.practice.keys("swaps").flat_map { |key| house.practice.words("swaps", key)["members"].keys }
    expect(members.reject { |key| house.larder.key?(key) }).to eq []
    salad.components.each do |component|
      swap
        .for_component(component)
        .each do |offer|
          expect { plan { |data| data["salads"][0]["components"] << offer.line } }.not_to raise_error
        end
    end
  end

  # Seeds for seeds one to one; white cheese for soft goat cheese the same; three and a half of fresh oregano
  # for one dried.
  it "offers like for like by the factor, most alike first" do
    seeds = swap.for_component(salad.components.last)
    expect(seeds.first).to have_attributes(grams: 10.0, stand_in: have_attributes(family: "nut-or-seed"))
    oregano =
      Scullion::Salad::Component.new(
        ingredient: house.larder["oregano"],
        grams: 7.0,
        role: "garnish",
        cut: "chopped"
      )
    expect(swap.for_component(oregano).map { |offer| [offer.stand_in.key, offer.grams] }).to include(
      ["dried-oregano", 2.0]
    )
  end

  it "swaps acids by the acid in them" do
    vinegar = salad.dressing.parts.find { |part| part.role == "acid" }
    rice = swap.for_part(vinegar).find { |offer| offer.stand_in.key == "rice-vinegar" }
    expect(rice.grams).to be_within(0.1).of(vinegar.grams * 5 / 4.3)
  end

  it "keeps role, cut and what is held back" do
    cheese =
      Scullion::Salad::Component.new(
        ingredient: house.larder["brined-white-cheese"],
        grams: 28.0,
        role: "accent",
        cut: "crumbled",
        held_back: 0.5
      )
    expect(swap.for_component(cheese).find { |offer| offer.stand_in.key == "vegan-feta" }.line).to include(
      "role" => "accent",
      "cut" => "crumbled",
      "held_back" => 0.5
    )
  end

  it "takes over how long it is treated, where the stand-in is treated so" do
    soaked =
      Scullion::Salad::Component.new(
        ingredient: house.larder["red-onion"],
        grams: 20.0,
        role: "accent",
        cut: "sliced",
        treat: "cold-soak",
        treat_minutes: 25.0
      )
    offers = swap.for_component(soaked).map(&:line)
    treated, others = offers.partition { |line| line["treat"] == "cold-soak" }
    expect(treated.map { |line| line["treat_minutes"] }.uniq).to eq [25.0]
    expect(others.filter_map { |line| line["treat_minutes"] }).to eq []
  end

  %w[vegan dairy-free gluten-free nut-free egg-free vegetarian].each do |key|
    it "makes it #{key} with a whole set, or names what is left" do
      made = goal(key)
      result = made.apply(document)
      expect(suits(result)[key]).to be(made.left.empty?)
    end
  end

  it "changes only what is in the way, and says what for what" do
    vegan = goal("vegan").tap { |each| each.apply(document) }
    expect(vegan.changes.map(&:from)).to eq ["White brined cheese", "Honey"]
    expect(goal("nut-free").tap { |each| each.apply(document) }.changes).to eq []
  end

  it "makes it cheaper" do
    cost = ->(salad) { plan { |data| data["salads"][0] = salad }.taste.costs.first.cost }
    cheaper = goal("cheaper")
    result = cheaper.apply(document)
    expect(cheaper.changes.map(&:from)).to eq ["White brined cheese"]
    expect(cost.call(result)).to be < cost.call(document)
  end

  it "makes it hold longer, from the line that fades first" do
    leafy =
      document.merge(
        "components" =>
          document["components"] +
            [{ "ingredient" => "rocket", "grams" => 15, "role" => "garnish", "trim" => "picked" }]
      )
    read = brief { |data| data["salads"][0] = leafy }.salads.values.first
    longer = Scullion::Salad::Goal.new(read, "hold-longer", swap, house.practice)
    expect(longer.apply(leafy)["components"].last["ingredient"]).to eq "kale"
  end
end
