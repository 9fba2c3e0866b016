# frozen_string_literal: true

# One weight takes three volumes: as scooped, once tossed with its dressing, and as it settles.
RSpec.describe "What a serving takes of room" do
  def layer(**asked) = planned(asked.transform_keys(&:to_s)).portions.first.layers.first

  # 60 g of torn kale at 0.089 g/ml are 674 ml; massaged, half of it. Tossed 0.85 and settled 0.8 of that.
  it "halves a leaf that is massaged" do
    raw = layer(ingredient: "kale", cut: "torn", grams: 60)
    massaged = layer(ingredient: "kale", cut: "torn", treat: "massage", grams: 60)
    expect([raw, massaged].map { |each| each.ml.round }).to eq [674, 337]
    expect([massaged.tossed_ml, massaged.settled_ml].map(&:round)).to eq [287, 270]
  end

  # 70 g of rocket at 0.085 g/ml: 824 ml loose, 535 tossed, 412 on the plate.
  it "mixes a tender leaf as tossed and plates it as settled" do
    made = planned({ "ingredient" => "rocket", "grams" => 70, "role" => "base" })
    rocket = made.portions.first.layers.first
    expect([rocket.ml, rocket.tossed_ml, rocket.settled_ml].map(&:round)).to eq [824, 535, 412]
    dressing = made.portions.first.dressing_ml
    expect(made.builds.first.serving_ml).to be_within(1e-6).of(rocket.tossed_ml + dressing)
    expect(made.waves.first.portion_ml).to be_within(1e-6).of(rocket.tossed_ml + dressing)
    expect(made.waves.first.settled_ml).to be_within(1e-6).of(rocket.settled_ml + dressing)
  end

  # 30 g moistened were 17.6 g of bread, torn at 0.15 g/ml: 118 ml, and 0.9 of that once it is soft.
  it "takes moistened bread for bread with water in it, and not for croutons" do
    soft = layer(ingredient: "white-loaf", cut: "torn", treat: "moisten", grams: 30)
    expect(soft.ml).to be_within(0.5).of(30 / 1.7 / 0.15 * 0.9)
    component = soft.component
    expect([component.hold_class, component.uptake_class, component.tcs?]).to eq ["soaked-bread"] * 2 + [true]
    crisp = layer(ingredient: "white-loaf", cut: "torn", cook: { "method" => "crisp" }, grams: 12).component
    expect([crisp.hold_class, crisp.uptake_class, crisp.tcs?]).to eq ["crisp-bread", "none", false]
  end

  it "shrinks what is cooked by its cooking, and by a treatment only where that comes after" do
    salted =
      layer(ingredient: "aubergine", cut: "diced", treat: "salt-and-drain", cook: { "method" => "roast" })
    mash = layer(ingredient: "waxy-potato", cut: "diced", treat: "mash", cook: { "method" => "boil-cut" })
    expect([salted.volume_share, mash.volume_share]).to eq [1.0, 0.75]
  end

  # A cup of torn bread is some 35 g, and one of rocket 20: no food lies looser than a tenth of a bowl unless
  # it is leaf or herb, or puffed up.
  it "lets only leaf lie as loose as leaf" do
    loose =
      house
        .larder
        .except("puffed-rice", "popcorn")
        .flat_map do |_, food|
          [*food.cuts, "whole"].filter_map do |form|
            density = food.figures["density/#{form}"]
            food.facts["family"] if density && density < 0.1
          end
        end
    expect(loose.uniq - %w[leaf herb]).to eq []
  end

  describe Scullion::Salad::AnotherWay do
    def way(before, way) = described_class.new(before, way, house).to_h

    let(:crisp) do
      { "ingredient" => "white-loaf", "grams" => 12.0, "cut" => "torn", "cook" => { "method" => "crisp" } }
    end

    it "stands as long as is said with the treatment, and no longer once that is another" do
      onion = { "ingredient" => "red-onion", "grams" => 20.0, "treat" => "cold-soak", "treat_minutes" => 25 }
      expect(way(onion, { "treat" => "quick-pickle" })).not_to have_key("treat_minutes")
      expect(way(onion, onion.slice("treat", "treat_minutes"))["treat_minutes"]).to eq 25
    end

    # 12 g crisp were 15.6 g of bread (0.72 is left, and 0.05 of oil), and are 26.5 g moistened (1.7 times).
    it "keeps the bread, whichever of both is chosen first" do
      soft = way(crisp, { "treat" => "moisten" })
      expect(soft.slice("grams", "treat", "cook")).to eq({ "grams" => 26.5, "treat" => "moisten" })
      both = way(crisp, { "treat" => "moisten", "cook" => { "method" => "crisp" } })
      expect([both["grams"], way(both, { "treat" => "moisten" })["grams"]]).to eq [12.0, 26.5]
      plain = way(crisp, {})
      expect([plain["grams"], way(plain, { "treat" => "moisten" })["grams"]]).to eq [15.6, 26.5]
    end

    it "leaves the grams of all that no treatment swells" do
      carrot = {
        "ingredient" => "carrot",
        "grams" => 60.0,
        "cut" => "diced",
        "cook" => {
          "method" => "roast"
        }
      }
      expect(way(carrot, { "cook" => { "method" => "steam" } })["grams"]).to eq 60.0
    end
  end
end
