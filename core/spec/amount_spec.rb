# frozen_string_literal: true

RSpec.describe Scullion::Amount do
  let(:reader) { Scullion::Amount::Reader.new(loose: facts.practice.loose) }

  # text => [low, high, unit, piece]
  {
    "1 1/2 cups" => [375, 375, :ml], "1½ c" => [375, 375, :ml], "2–3 Tbsp" => [30, 45, :ml], "2 T" => [30, 30, :ml], "2 t" => [10, 10, :ml],
    "two 400 g tins" => [800, 800, :g], "1 x 28 oz can" => [793.787, 793.787, :g], "3 medium" => [3, 3, :piece, "medium"],
    "half a lemon" => [0.5, 0.5, :piece, "each"], "juice of 2 limes" => [2, 2, :piece, "juice"], "1 bunch" => [1, 1, :piece, "bunch"],
    "heaped tsp" => [7.5, 7.5, :ml], "a glug" => [15, 30, :ml], "two pinches" => [0.4, 1.0, :g], "to taste" => [0, 0, :taste],
    "1 kg 200" => [1200, 1200, :g], "2 lb 4 oz" => [1020.583, 1020.583, :g], "1 cup plus 2 Tbsp" => [280, 280, :ml], "1,200 g" => [1200, 1200, :g],
    "1,5 kg" => [1500, 1500, :g], "12 fl oz" => [354.882, 354.882, :ml], "1 to 2 cups" => [250, 500, :ml], "¾ l" => [750, 750, :ml], "a dozen eggs" => [12, 12, :piece, "each"]
  }.each do |text, (low, high, unit, piece)|
    it "reads #{text}" do
      amount = reader.read(text)
      expect([amount.low, amount.high]).to all(be_a(Float))
      expect([amount.low.round(3), amount.high.round(3), amount.unit, amount.piece]).to eq [low, high, unit, piece]
    end
  end

  it "keeps what is left over, for the name of the ingredient" do
    expect(reader.read("2 cups of cooked barley").rest).to eq "cooked barley"
  end

  { "" => "nothing to read", "5" => "no unit", "abc" => '"abc"', "1/0 cup" => "under the line", "3 medium 4" => '"4"', "\xFF g" => "not valid text",
    "2 to x cups" => '"x cups"' }.each do |text, part|
    it "says what it cannot read in #{text.inspect}" do
      expect { reader.read(text) }.to raise_error(Scullion::UnreadableAmount) { |error|
        expect(error.faults.first.what).to include(part)
        expect(error.faults.first.remedy).to include("120 g")
      }
    end
  end

  it "goes from volume to weight by the density of the form, and from pieces by their weight" do
    carrot = facts.larder["carrot"]
    expect(reader.read("1 cup").grams(carrot, "diced")).to be_within(0.01).of(250 * 0.541)
    expect(reader.read("3 medium").grams(carrot, "diced")).to eq 183
    expect { reader.read("1 cup").grams(facts.larder["dill"], "roast") }
      .to raise_error(Scullion::MissingFigure, /Dill has no density as "roast"/)
  end

  describe Scullion::Amount::Writer do
    { [:g, 6.34] => "6.3 g", [:g, 87.4] => "87 g", [:g, 303] => "305 g", [:g, 1247] => "1.245 kg", [:g, 4411] => "4.41 kg", [:ml, 4] => "¾ tsp",
      [:ml, 37] => "2½ Tbsp", [:ml, 121] => "120 ml", [:ml, 4870] => "4.87 l", [:min, 69] => "1 h 09", [:min, 120] => "2 h", [:share, 0.05] => "5 %",
      [:cm, 12.44] => "12.5 cm", [:ratio, 2.148] => "2.15 : 1", [:packs, 1] => "1 pack", [:covers, 4375] => "4,375 covers", [:g_exact, 4699.0] => "4,699 g",
      [:g_exact, 12.3] => "12.3 g", [:batches, 2] => "2 batches" }.each do |(unit, value), text|
      it("writes #{value} #{unit} as #{text}") { expect(described_class.write(value, unit)).to eq text }
    end
  end

  describe Scullion::Split do
    it "gives parts that add up to the whole exactly, whatever the weights" do
      random = Random.new(7)
      200.times do
        weights = Array.new(random.rand(1..12)) { random.rand * 10**random.rand(-3..4) }
        whole = random.rand(0..100_000)
        parts = described_class.exact(whole, weights)
        expect(parts.sum).to eq whole
        parts.zip(weights).each { |part, weight| expect(part).to be_within(1).of(whole * weight / weights.sum) }
      end
    end

    it "gives the odd step to the largest remainder" do
      expect(described_class.exact(10, [1, 1, 1])).to eq [4, 3, 3]
      expect(described_class.exact(100, [0.5, 0.3, 0.2])).to eq [50, 30, 20]
      expect(described_class.exact(7, [0, 0])).to eq [4, 3]
    end

    it "weighs small batches to a tenth of a gram" do
      expect(described_class.grams(20.05, [3, 1])).to eq [15.1, 5.0]
    end
  end
end
