# frozen_string_literal: true

# What cannot be in a salad, and what the cook is told about it.
RSpec.describe Scullion::Salad::Form do
  def spoiled(place = 0, **change)
    faults { |data| data["salads"][0]["components"][place].merge!(change.transform_keys(&:to_s)) }
  end

  def at(place, field) = "/salads/0/components/#{place}/#{field}"
  def dressing = faults { |data| yield(data["salads"][0]["dressing"]) }

  describe "a component" do
    it "is of the larder, and of a role, that there are" do
      expect(
        spoiled(ingredient: "moonflower")[at(0, "ingredient")]
      ).to eq 'There is no "moonflower" in the larder.'
      expect(spoiled(role: "hero").keys).to include(at(0, "role"))
    end

    it "weighs something, and no more than a serving can" do
      [0, -3, 5001, 1e9].each do |grams|
        expect(spoiled(grams: grams).keys).to include(at(0, "grams")), grams.to_s
      end
      expect(spoiled(grams: "lots").keys).to include(at(0, "grams"))
    end

    it "has its weight or an amount, not both" do
      expect(spoiled(amount: "½ cup")[at(0, "amount")]).to eq "Both grams and amount are given."
    end

    it "is held back by a share" do
      [-0.1, 1.5].each { |share| expect(spoiled(held_back: share).keys).to include(at(0, "held_back")) }
    end

    it "is trimmed, cut and treated in ways that it can be" do
      expect(spoiled(1, trim: "cored")[at(1, "trim")]).to include("has no trim \"cored\"")
      expect(spoiled(1, cut: "origami").keys).to include(at(1, "cut"))
      expect(spoiled(0, treat: "salt-and-drain")[at(0, "treat")]).to include("has no treatment")
    end

    it "stands as long as the cook says, from a minute to a day, where it stands at all" do
      kale = { ingredient: "kale", trim: "picked", cut: "torn", cook: nil }
      onion = { ingredient: "red-onion", trim: "peeled", cut: "sliced", cook: nil, treat: "cold-soak" }
      [1, 1440].each { |minutes| expect(spoiled(0, **onion, treat_minutes: minutes)).to eq({}), minutes.to_s }
      [0.9, 1440.1, -5, "long"].each do |minutes|
        expect(spoiled(0, **onion, treat_minutes: minutes).keys).to eq([at(0, "treat_minutes")]), minutes.to_s
      end
      [{ treat: "massage" }, {}].each do |treat|
        expect(spoiled(0, **kale, **treat, treat_minutes: 5)[at(0, "treat_minutes")]).to start_with(
          "Nothing is"
        )
      end
    end

    it "is cooked in ways that it can be, with choices that belong to them" do
      expect(spoiled(0, cook: { "method" => "roast" })[at(0, "cook")]).to include("is not cooked by roast")
      expect(spoiled(0, cook: { "method" => "prayer" }).keys).to include("#{at(0, "cook")}/method")
      expect(spoiled(0, cook: { "method" => "absorption", "lid" => "glass" }).keys).to include(
        "#{at(0, "cook")}/lid"
      )
      expect(
        spoiled(0, cook: { "method" => "absorption", "soak" => "long" })["#{at(0, "cook")}/soak"]
      ).to include("to choose in absorption")
      expect(spoiled(1, cook: { "method" => "roast", "pot" => "pot-40" })["#{at(1, "cook")}/pot"]).to include(
        "to choose in roast"
      )
    end

    it "carries no field that nobody reads" do
      expect(spoiled(0, colour: "blue").keys).to include(at(0, "colour"))
    end

    it "weighs a share of the rest, while there is a rest" do
      share =
        lambda do |*texts|
          faults do |data|
            data["salads"][0]["components"]
              .first(texts.size)
              .zip(texts) { |line, text| line.delete("grams") && line.merge!("amount" => text) }
          end
        end
      expect(share["20 %"]).to eq({})
      expect(
        share["60 %", "40 %"]["/salads/0/components"]
      ).to eq "The shares leave nothing for the other components."
    end
  end

  describe "a dressing" do
    it "has parts with a role and one amount" do
      expect(dressing { |data| data["parts"] = [] }.keys).to include("/salads/0/dressing/parts")
      expect(
        dressing { |data| data["parts"][0]["grams"] = 5 }["/salads/0/dressing/parts/0/grams"]
      ).to eq "Both ml and grams are given."
      expect(dressing { |data| data["parts"][0]["role"] = "magic" }.keys).to include(
        "/salads/0/dressing/parts/0/role"
      )
      expect(dressing { |data| data["parts"][0]["ml"] = 0 }.keys).to include("/salads/0/dressing/parts/0/ml")
    end

    # Rocket pounded into it takes the room of the solid leaf, 0.9 g/ml; it is not measured as loose leaves.
    it "is made of anything, which takes the room that it has in it" do
      expect(dressing { |data| data["parts"][0]["ingredient"] = "rocket" }).to eq({})
      rocket = house.larder["rocket"]
      part = Scullion::Salad::Part.new(ingredient: rocket, role: "aromatic", amount: 10, by: "ml")
      expect(part.grams).to be_within(1e-9).of(9)
      expect(house.larder.values.all? { |each| each.figures.key?(each.dressing_density) }).to be true
    end

    it "is split in a way that there is" do
      expect(dressing { |data| data["preset"] = "all-over-the-floor" }.keys).to include(
        "/salads/0/dressing/preset"
      )
    end

    it "has stages that add up, of which one may take the rest" do
      stages =
        lambda do |*shares|
          shares.each_with_index.map do |share, index|
            { "key" => "s#{index}", "name" => "Stage #{index}", "share" => share }.compact
          end
        end
      said = ->(*shares) { dressing { |data| data["stages"] = stages[*shares] } }
      expect(said[0.5, 0.5]).to eq({})
      expect(said[0.5, nil]).to eq({})
      expect(said[0.5, 0.4]["/salads/0/dressing/stages"]).to eq "The shares add up to 90.0 %."
      expect(
        said[0.6, 0.4, nil]["/salads/0/dressing/stages"]
      ).to eq "The shares add up to 100.0 % and leave nothing for Stage 2."
      expect(said[*([0.1] * 10)].keys).to include("/salads/0/dressing/stages")
    end

    it "goes into what there is" do
      own = [{ "key" => "s", "name" => "S", "share" => 1, "into" => "orbit" }]
      expect(dressing { |data| data["stages"] = own }.keys).to include("/salads/0/dressing/stages/0/into")
      %w[bowl warm ahead plate table back].each do |into|
        expect(dressing { |data| data["stages"] = [own.first.merge("into" => into)] }).to eq({}), into
      end
    end
  end

  describe "a salad" do
    it "has a name, a way it is served, and some components" do
      expect(faults { |data| data["salads"][0]["name"] = "" }.keys).to include("/salads/0/name")
      expect(faults { |data| data["salads"][0]["serves_as"] = "dessert" }.keys).to include(
        "/salads/0/serves_as"
      )
      expect(faults { |data| data["salads"][0]["components"] = [] }.keys).to include("/salads/0/components")
      expect(faults { |data| data["salads"][0]["components"] *= 20 }.keys).to include("/salads/0/components")
    end

    it "does not contain itself" do
      itself = faults { |data| data["salads"][0]["components"][0]["ingredient"] = data["salads"][0]["key"] }
      expect(itself[at(0, "ingredient")]).to eq "A salad cannot contain itself."
    end
  end
end
