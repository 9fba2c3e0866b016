# frozen_string_literal: true

# How it is sold: by the piece, in several sizes, in the sizes of the country.
RSpec.describe Scullion::Buy::Mix do
  def pack(name, grams, price = nil)
    Scullion::Ingredient::Pack.new(name: name, grams: grams, plural: "#{name}s", price: price)
  end

  let(:tins) { [pack("tin", 400.0), pack("big tin", 2500.0)] }

  def mix(grams, packs = tins, price: 2.0, handling: 50)
    described_class.new(packs, price, handling).for(grams).transform_keys(&:name)
  end

  # 13 tins are 100 g less than two big ones and a tin, and ten more to open.
  it "covers what is needed with what costs least, and does not open thirteen tins for three" do
    expect(mix(5100)).to eq({ "big tin" => 2, "tin" => 1 })
    expect(mix(5100, handling: 0)).to eq({ "tin" => 13 })
    expect([mix(400), mix(401), mix(0), mix(-1)]).to eq [{ "tin" => 1 }, { "tin" => 2 }, {}, {}]
  end

  it "goes by the price of a pack where that is known" do
    dear = [pack("tin", 400.0, 2.0), pack("big tin", 2500.0, 5.0)]
    expect(mix(900, dear)).to eq({ "big tin" => 1 })
    expect(described_class.new(dear, 2.0, 0).price_of({ dear[0] => 2, dear[1] => 1 })).to eq 9.0
  end

  it "always covers it, and with no size left over" do
    random = Random.new(7)
    200.times do
      packs = Array.new(random.rand(1..5)) { |index| pack("p#{index}", random.rand(50.0..5000)) }
      grams = random.rand(1.0..60_000)
      found = described_class.new(packs, 1.0, 0).for(grams)
      weights = found.map { |each, count| each.grams * count }
      expect(weights.sum).to be >= grams
      found.each_key { |each| expect(weights.sum - each.grams).to be < grams }
    end
  end

  describe "an order" do
    def order(component, **options, &change)
      made = planned(component, **options, &change)
      made.purchases.find { |purchase| purchase.ingredient.key == component["ingredient"] }
    end

    # 140 × 1.05 × 30 g ÷ 320 g: 13.8 of them.
    it "is in pieces of what is sold by the piece" do
      bought = order({ "ingredient" => "cucumber", "grams" => 30 })
      expect([bought.order, bought.packs, bought.bought_grams]).to eq ["14 cucumbers of 320 g", 14, 4480.0]
      lettuce = order({ "ingredient" => "cos-lettuce", "grams" => 3 }, covers: 20)
      expect(lettuce.order).to eq "1 head of 450 g"
    end

    it "is called once by its name, and by what is counted where that is another" do
      said = ->(food, to) do
        one = { "ingredient" => food, "grams" => 40 }
        Scullion::Plan::Difference.new(planned(one, covers: 20), planned(one, covers: to)).to_a
      end
      expect(said.call("cucumber", 30)).to include("+1 cucumber")
      expect(said.call("cos-lettuce", 60)).to include(/\A\+\d+ heads cos lettuce\z/)
    end

    it "is a mix of sizes, and says what one cover more adds" do
      tins = { "ingredient" => "tinned-kidney-beans", "grams" => 21, "cook" => { "method" => "tinned" } }
      bought = order(tins)
      expect(bought.order).to eq "2 × 2.5 kg tin + 1 × 400 g tin"
      expect(bought.packs).to eq 3
      expect(bought.surplus_grams).to be_within(1e-6).of(5400 - (147 * 21 / 0.6))
      more = Scullion::Plan::Difference.new(planned(tins), planned(tins, covers: 160)).to_a
      expect(more).to include "+2 400 g tins kidney beans"
    end

    # 100 g of pitted olives are 222 g of the jar: brine and stones.
    it "buys olives with their brine and stones" do
      jar = order({ "ingredient" => "black-olives", "trim" => "pitted", "grams" => 10 }, covers: 100)
      expect(jar.need_grams).to be_within(1e-6).of(105 * 10 / 0.45)
    end
  end

  describe "where amounts are in pounds and cups" do
    let(:there) do
      kitchen = Scullion::House.shipped.kitchen
      house.with(kitchen: kitchen.dup.tap { |each| each.instance_variable_set(:@measures, us) })
    end
    let(:us) { Scullion::Amount::Measures::US }

    it "knows the weight classes and the cans of that side of the ocean, and forgets them again" do
      egg = there.larder["hen-egg"]
      expect(%w[small medium large].map { |size| egg.figures["pieces/#{size}"] }).to eq [43, 50, 57]
      expect(egg.figures.source("pieces/large")).to include("pounds and cups").and include(
              "The larder says 68"
            )
      expect(there.larder["tinned-kidney-beans"].packs.map(&:name)).to eq ["15.5 oz can", "no. 10 can"]
      back = there.with(kitchen: house.kitchen)
      expect(back.larder["hen-egg"].figures["pieces/large"]).to eq 68
    end

    it "leaves what the house weighed itself" do
      own = there.with(figures: { "larder/hen-egg/pieces/large" => [63.0, "this kitchen"] })
      expect(own.larder["hen-egg"].figures["pieces/large"]).to eq 63.0
    end
  end
end
