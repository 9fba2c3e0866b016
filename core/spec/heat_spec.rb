# frozen_string_literal: true

# What each way of cooking takes of the kitchen, stretch by stretch.
RSpec.describe Scullion::Day::Heat do
  def heat(component, covers: 140, loads: 1, borrowed: [], &change)
    made = planned(component, covers: covers, &change)
    described_class.new(made.cooking.first, Scullion::Cook::Beside.new(loads: loads, borrowed: borrowed))
  end

  def segments(heat) = heat.loads.flat_map(&:segments)
  def kinds(heat) = segments(heat).flat_map { |segment| segment.uses.map(&:kind) }.uniq.sort
  def amounts(heat, kind)
    segments(heat).flat_map(&:uses).select { |use| use.kind == kind }.map(&:amount).uniq
  end

  barley = { "ingredient" => "pearl-barley", "cook" => { "method" => "absorption" } }
  carrot = { "ingredient" => "carrot", "grams" => 50, "cut" => "batons", "cook" => { "method" => "roast" } }
  seeds = { "ingredient" => "sunflower-seeds", "grams" => 10, "cook" => { "method" => "toast" } }
  steamed = { "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "steam" } }
  peas = { "ingredient" => "frozen-peas", "cook" => { "method" => "microwave" } }

  it "takes one pot and one burner for what is cooked in a pot" do
    expect(kinds(heat(barley))).to eq %w[burner cook pot-pot-40]
    expect([amounts(heat(barley), "burner"), amounts(heat(barley), "pot-pot-40")]).to eq [[1], [1]]
  end

  it "takes oven positions at its heat and trays for a roast, and heats up empty" do
    roast = heat(carrot)
    expect(kinds(roast)).to eq %w[cook oven tray-tray-60]
    # Somebody switches it on, and goes.
    expect(segments(roast).first(2).map { |each| each.uses.map(&:kind) }).to eq [%w[cook oven], ["oven"]]
    expect(segments(roast).flat_map(&:uses).filter_map(&:mode).uniq).to eq [
         planned(carrot).cooking.first.celsius.round(-1)
       ]
  end

  it "takes a steamer where there is one, and a burner for the covered pan where there is none" do
    expect(kinds(heat(steamed))).to eq %w[cook steamer]
    expect(kinds(heat(steamed) { |data| data["kitchen"]["steamers"] = [] })).to eq %w[burner cook]
  end

  it "takes the microwave, or nothing where a snag has said that there is none" do
    expect(kinds(heat(peas))).to eq %w[cook microwave]
    expect(kinds(heat(peas) { |data| data["kitchen"]["microwaves"] = [] })).to eq ["cook"]
  end

  it "takes the oven for seeds on trays and a burner for seeds in a pan" do
    expect(kinds(heat(seeds))).to eq %w[cook oven tray-tray-60]
    expect(kinds(heat(seeds.merge("cook" => { "method" => "toast", "on" => "pan" })))).to eq %w[burner cook]
  end

  it "takes hands alone for tins" do
    expect(kinds(heat({ "ingredient" => "white-beans", "cook" => { "method" => "tinned" } }))).to eq ["cook"]
  end

  describe "more than fits at once" do
    # 560 covers of 110 g are four batches in the 40 cm pot.
    it "fills the pot as often as there are batches, heating up once" do
      big = heat(barley, covers: 560)
      batches = planned(barley, covers: 560).cooking.first.batches
      expect(big.rounds).to eq batches
      expect(segments(big).map(&:name).tally).to include("Weigh and load" => 1, "Simmer" => batches)
    end

    # Nothing that must be cold waits for the last: each filling is a load; short ones are gathered while the
    # first stands no longer than it may.
    it "makes a load of each filling, and gathers what follows quickly" do
      pots = heat(barley, covers: 560)
      expect(pots.loads.map(&:waited)).to eq [0] * pots.rounds
      pans = described_class.new(cooked("salmon-fillet", "sear"), Scullion::Cook::Beside.new(loads: 1), 40)
      expect(pans.loads.map(&:waited).max).to be_between(1, 40)
      expect(pans.loads.sum(&:share)).to be_within(1e-9).of(1)
      expect(pans.loads.size).to be < pans.rounds
    end

    it "halves the rounds with a second pot, if there is a burner for it" do
      batches = planned(barley, covers: 560).cooking.first.batches
      expect(heat(barley, covers: 560, borrowed: ["pot-pot-40"]).rounds).to eq (batches / 2.0).ceil
      one =
        heat(barley, covers: 560, borrowed: ["pot-pot-40"]) do |data|
          data["kitchen"]["burners"].each { |burner| burner["count"] = 1 }.slice!(1..)
        end
      expect(one.rounds).to eq batches
      both =
        heat(barley, covers: 560, borrowed: %w[pot-pot-40 burner]) do |data|
          data["kitchen"]["burners"].each { |burner| burner["count"] = 1 }.slice!(1..)
        end
      expect(both.rounds).to eq (batches / 2.0).ceil
    end

    it "knows which pot it is short of, and none when one filling is enough" do
      expect(heat(barley, covers: 560).short_of).to eq "pot-pot-40"
      expect([heat(barley).short_of, heat(carrot, covers: 560).short_of]).to eq [nil, nil]
    end

    # Trays share out; each load stands as long as one, so two loads take twice the wait and no more hands.
    it "puts a roast in by as many loads as it is told to, never fewer than it must" do
      once, twice = heat(carrot), heat(carrot, loads: 2)
      waits =
        lambda do |each|
          segments(each).reject(&:hands?).reject { |segment| segment.name == "Preheat" }.sum(&:minutes)
        end
      hands = ->(each) { segments(each).select(&:hands?).sum(&:minutes) }
      expect(waits[twice]).to eq 2 * waits[once]
      expect(hands[twice]).to be_between(hands[once], hands[once] + 4)
      expect(amounts(twice, "oven").max).to eq (amounts(once, "oven").max / 2.0).ceil
      must = planned(carrot, covers: 900).cooking.first.loads
      expect([heat(carrot, covers: 900).rounds, heat(carrot, covers: 900, loads: 2).rounds]).to eq [
           must,
           must
         ]
    end

    it "can be divided while a load holds more than one tray" do
      trays = planned(carrot).cooking.first.trays
      expect(
        [heat(carrot).divisible?, heat(carrot, loads: trays).divisible?, heat(barley).divisible?]
      ).to eq [true, false, false]
    end

    it "never takes more trays or positions than the kitchen has" do
      [140, 900, 2500].each do |covers|
        roast = heat(carrot, covers: covers)
        kitchen = planned(carrot).brief.kitchen
        expect(amounts(roast, "oven").max).to be <= kitchen.ovens.map(&:positions).max
        expect(amounts(roast, "tray-tray-60").max).to be <= kitchen.trays.last.count
      end
    end
  end
end
