# frozen_string_literal: true

RSpec.describe Scullion::Hold::Slab do
  let(:food) { { diffusivity: 1.4e-7, conductivity: 0.5 } }

  # The exact answer for a slab cooled at both faces, as a series: the middle's share of the
  # first difference is Σ 4 sin ζ / (2ζ + sin 2ζ) · e^(−ζ² Fo), with ζ tan ζ = Bi.
  def exact(depth, surface, seconds)
    half = depth / 2
    biot = surface * half / food[:conductivity]
    fourier = food[:diffusivity] * seconds / half**2
    Array
      .new(40) { |index| root(biot, index) }
      .sum { |zeta| 4 * Math.sin(zeta) / ((2 * zeta) + Math.sin(2 * zeta)) * Math.exp(-zeta**2 * fourier) }
  end

  def root(biot, index)
    low, high = index * Math::PI, (index * Math::PI) + (Math::PI / 2) - 1e-12
    80.times do
      ((low + high) / 2).then { |middle| middle * Math.tan(middle) > biot ? high = middle : low = middle }
    end
    (low + high) / 2
  end

  it "agrees with the exact series within 2 % of the first difference, for every method, depth and time" do
    [10, 25, 45, 250].product([0.01, 0.025, 0.05, 0.10])
      .each do |surface, depth|
        curve =
          described_class.new(depth: depth, surface: surface, ambient: 3, **food).curve(57, 360).to_a.to_h
        [10, 30, 60, 120, 240, 360].each do |minutes|
          share = (curve.fetch(minutes.to_f) - 3) / 54
          expect(share).to be_within(0.02).of(exact(depth, surface, minutes * 60)),
          "#{surface} W/m²K, #{depth} m, #{minutes} min"
        end
      end
  end

  it "is stable whatever the step, and never passes its surroundings or warms up" do
    [1, 30, 600, 7200].each do |step|
      values =
        described_class
          .new(depth: 0.03, surface: 250, ambient: 1, **food)
          .curve(57, 600, step: step.to_f)
          .map(&:last)
          .to_a
      expect(values).to all(be_between(1 - 0.05, 57))
      expect(values.each_cons(2).drop(step > 60 ? 8 : 1).map { |before, after| after - before }).to all(
        be <= 0.05
      )
    end
  end

  describe Scullion::Hold::Cooling do
    let(:rules) { house.rule_sets["a"] }

    def cooling(method) = described_class.new(method, house.practice, rules)

    it "passes shallow and fails deep, and the greatest depth stands between" do
      %w[still-fridge fan-fridge blast-chiller ice-bath].each do |method|
        deepest = cooling(method).greatest_depth_cm
        expect(cooling(method).passes?(deepest)).to be true
        expect(cooling(method).passes?(deepest + 0.5)).to be(false), method
      end
    end

    it "lets a stronger chill take a deeper layer" do
      depths =
        %w[still-fridge fan-fridge blast-chiller ice-bath].map { |method| cooling(method).greatest_depth_cm }
      expect(depths).to eq depths.sort
      expect(depths.first).to be_between(2, 4)
    end

    it "names the limit that is missed, and by how much" do
      expect(cooling("still-fridge").miss(10)).to match(/misses 21 °C by \d+ h/)
      expect(cooling("still-fridge").miss(1)).to be_nil
    end
  end

  it "plans the cooling of a cooked grain: trays for each method, and what leaving it in the pot would do" do
    cooled = plan.cool_down("cook/0").to_h
    # 16,170 g ÷ 0.664 g/ml = 24.35 l; a 60 × 40 cm tray 5 cm deep holds 12 l.
    expect(cooled["methods"].to_h { |method| [method["key"], method["trays"]] }).to include(
      "fan-fridge" => 3,
      "still-fridge" => 5
    )
    expect(cooled["left"]).to match(/stands 19.5 cm deep and misses 21 °C/)
    expect(cooled["chosen"]["points"].first).to eq [0, 57.0]
    expect { plan.cool_down("cook/2") }.to raise_error(Scullion::UnknownFigure, /cooled/)
  end

  it "keeps so many findings, and lets the oldest go for one more" do
    found = ->(key) { described_class.found(key) { "anew" } }
    described_class.found(%w[kept first]) { "kept" }
    (described_class::MOST_FOUND - 1).times { |number| found.call(["kept", number]) }
    expect(found.call(%w[kept first])).to eq "kept"
    found.call(%w[kept last])
    expect(found.call(%w[kept first])).to eq "anew"
  end
end
