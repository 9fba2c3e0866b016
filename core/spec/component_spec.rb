# frozen_string_literal: true

# One food of a salad as it is weighed out and written.
RSpec.describe Scullion::Salad::Component do
  # Yoghurt, oil or salt that a recipe lists above a dressing of its own.
  it "lies in a bowl as it is poured or strewn where it never lies whole, whatever the food" do
    poured = ->(food) { %w[liquid solid].any? { |form| food.figures.key?("density/#{form}") } }
    never = house.larder.values.select(&poured).reject { |food| food.figures.key?("density/whole") }
    never.reject! { |food| house.default_component(food).to_h.key?("cook") || food.cuts.any? }
    expect(never.map(&:key)).to include("strained-yoghurt", "olive-oil", "fine-salt")
    never.each do |food|
      bowl = {
        "key" => "x",
        "name" => "X",
        "components" => [{ "ingredient" => food.key, "grams" => 20, "role" => "body" }]
      }
      expect(Scullion::Salad::Form.read(Scullion::DocumentReader.new(bowl), house)).not_to be_nil, food.key
    end
  end

  def component(grams, **more)
    salad = {
      "ingredient" => "hen-egg",
      "grams" => grams,
      "role" => "garnish",
      "cook" => {
        "method" => "eggs"
      }
    }
    planned(salad.merge(more.transform_keys(&:to_s))).portions.first.layers.first.component
  end

  # Half of two eggs is one; what keeps it company in the pot halves with it.
  it "takes along at another weight what is counted and what is cooked with it" do
    along = { "with" => [{ "ingredient" => "bay-leaf", "grams" => 2 }] }
    barley = {
      "ingredient" => "pearl-barley",
      "grams" => 80,
      "role" => "base",
      "cook" => {
        "method" => "absorption"
      }
    }
    pot = planned(barley.merge(along)).portions.first.layers.first.component
    half = pot.weighing(pot.grams / 2)
    expect([half.grams, half.with.map(&:grams)]).to eq [pot.grams / 2, pot.with.map { |each| each.grams / 2 }]
    counted = component(100.0).changed(pieces: 2.0)
    expect([counted.weighing(50.0).pieces, component(100.0).weighing(50.0).pieces]).to eq [1.0, nil]
  end

  # 0.1 g to 5 kg a serving, to the hundredth of a gram.
  it "is written in grams a serving between two bounds, both of them within" do
    written = ->(text) { Scullion::Salad::WrittenGrams.read(text, component(100.0), house.practice) }
    expect(["0.1 g", "5 kg", "33.333 g"].map(&written)).to eq [0.1, 5000.0, 33.33]
    ["0.09 g", "5.001 kg"].each do |text|
      expect { written[text] }.to raise_error(Scullion::UnreadableAmount, /outside 0.1 g to 5 kg/)
    end
  end
end
