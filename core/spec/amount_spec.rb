# frozen_string_literal: true

RSpec.describe Scullion::Amount do
  let(:reader) { Scullion::Amount::Reader.new(loose: house.practice.loose) }

  written = YAML.safe_load_file(File.join(__dir__, "written_amounts.yml"))

  it "knows at least 150 ways of writing an amount" do
    expect(written.size).to be >= 150
  end

  written.each do |text, (low, high, unit, piece)|
    it "reads #{text}" do
      amount = reader.read(text)
      expect([amount.low.round(3), amount.high.round(3), amount.unit, amount.piece]).to eq [
           low,
           high,
           unit.to_sym,
           piece
         ]
    end
  end

  it "takes the house's cup and spoons" do
    house =
      Scullion::Amount::Measures.new(
        system: "metric",
        degrees: "c",
        cup: 236.6,
        tablespoon: 14.8,
        teaspoon: 4.9
      )
    reader = described_class::Reader.new(measures: house)
    expect(["1 cup", "1 Tbsp", "2 tsp"].map { |text| reader.read(text).value.round(1) }).to eq [
         236.6,
         14.8,
         9.8
       ]
  end

  it "keeps what is left over, for the name of the ingredient" do
    expect(reader.read("2 cups of cooked barley").rest).to eq "cooked barley"
  end

  {
    "" => "nothing to read",
    "5" => "no unit",
    "abc" => '"abc"',
    "1/0 cup" => "under the line",
    "3 medium 4" => '"4"',
    "\xFF g" => "not valid text",
    "2 to x cups" => '"x cups"'
  }.each do |text, part|
    it "says what it cannot read in #{text.inspect}" do
      expect { reader.read(text) }.to raise_error(Scullion::UnreadableAmount) { |error|
        expect(error.faults.first.what).to include(part)
        expect(error.faults.first.remedy).to include("120 g")
      }
    end
  end

  it "goes from volume to weight by the density of the form, and from pieces by their weight" do
    carrot = house.larder["carrot"]
    expect(reader.read("1 cup").grams(carrot, "diced")).to be_within(0.01).of(250 * 0.541)
    expect(reader.read("3 medium").grams(carrot, "diced")).to eq 225
    expect(reader.read("2 tins").grams(house.larder["chickpeas"], "drained")).to eq 480
    expect(reader.read("juice of 2 limes").grams(house.larder["lime"], "whole")).to eq 66
    expect(reader.read("zest of 1 lemon").grams(house.larder["lemon"], "whole")).to eq 6
    expect(reader.read("half a lemon").grams(house.larder["lemon"], "whole")).to eq 54
    expect { reader.read("1 cup").grams(house.larder["dill"], "roast") }.to raise_error(
      Scullion::MissingFigure,
      /Dill has no density as "roast"/
    )
  end

  describe Scullion::Amount::UsWriter do
    {
      [:g, 2] => "2 g (under ¼ oz)",
      [:g, 28.35] => "1 oz",
      [:g, 120] => "4¼ oz",
      [:g, 1020.6] => "2 lb 4 oz",
      [:g, 907.2] => "2 lb",
      [:ml, 4.93] => "1 tsp",
      [:ml, 2.5] => "½ tsp",
      [:ml, 30] => "2 Tbsp",
      [:ml, 118.3] => "½ cup",
      [:ml, 355] => "1½ cups",
      [:ml, 236.6] => "1 cup",
      [:ml, 1893] => "2 qt",
      [:celsius, 200] => "390 °F",
      [:celsius, 175] => "345 °F"
    }.each do |(unit, value), text|
      it("writes #{value} #{unit} as #{text}") do
        expect(described_class.for(Scullion::Amount::Measures::US).write(value, unit)).to eq text
      end
    end
  end

  describe Scullion::Amount::Writer do
    {
      [:g, 6.34] => "6.3 g",
      [:g, 87.4] => "87 g",
      [:g, 303] => "305 g",
      [:g, 1247] => "1.245 kg",
      [:g, 4411] => "4.41 kg",
      [:ml, 4] => "¾ tsp",
      [:ml, 37] => "2½ Tbsp",
      [:ml, 121] => "120 ml",
      [:ml, 4870] => "4.87 l",
      [:min, 69] => "1 h 09",
      [:min, 120] => "2 h",
      [:share, 0.05] => "5 %",
      [:cm, 12.44] => "12.5 cm",
      [:ratio, 2.148] => "2.15 : 1",
      [:packs, 1] => "1 pack",
      [:covers, 4375] => "4,375 covers",
      [:g_exact, 4699.0] => "4,699 g",
      [:g_exact, 12.3] => "12.3 g",
      [:batches, 2] => "2 batches"
    }.each do |(unit, value), text|
      it("writes #{value} #{unit} as #{text}") do
        expect(described_class.for(Scullion::Amount::Measures::METRIC).write(value, unit)).to eq text
      end
    end
  end

  describe Scullion::Amount::Split do
    it "gives parts that add up to the whole exactly, whatever the weights" do
      random = Random.new(7)
      200.times do
        weights = Array.new(random.rand(1..12)) { random.rand * 10**random.rand(-3..4) }
        whole = random.rand(0..100_000)
        parts = described_class.exact(whole, weights)
        expect(parts.sum).to eq whole
        parts
          .zip(weights)
          .each { |part, weight| expect(part).to be_within(1).of(whole * weight / weights.sum) }
      end
    end

    it "gives the odd step to the largest remainder" do
      expect(described_class.exact(10, [1, 1, 1])).to eq [4, 3, 3]
      expect(described_class.exact(100, [0.5, 0.3, 0.2])).to eq [50, 30, 20]
      expect(described_class.exact(7, [0, 0])).to eq [4, 3]
    end

    # Of 100 g in parts of 90, 7 and 3, on a scale of 5 g: three are a spoon, and the others 97 in steps.
    it "leaves to the spoon what a coarse scale does not show, just under its step" do
      expect(described_class.weighable(100.0, [90, 7, 3], 5.0, 5.0)).to eq [90.0, 5.0, 3.0]
      expect(described_class.weighable(100.0, [90, 5, 5], 5.0, 5.0)).to eq [90.0, 5.0, 5.0]
      # Of 101 g 3 are a spoon, and 98 are nearer to twenty steps than to nineteen.
      expect(described_class.weighable(101.0, [0.59, 0.39, 0.03], 5.0, 5.0)).to eq [60.0, 40.0, 3.0]
      expect(described_class.weighable(100.0, [90, 5.1, 4.9], 5.0, 5.0)).to eq [90.0, 5.0, 4.9]
      expect(described_class.weighable(20.05, [3, 1], 0.1, 0.1)).to eq described_class.steps(
           20.05,
           [3, 1],
           0.1
         )
    end

    it "weighs small batches to a tenth of a gram" do
      expect(described_class.steps(20.05, [3, 1], 0.1)).to eq [15.1, 5.0]
    end
  end
end

RSpec.describe Scullion::Amount::Measures do
  it "turns usual cups and spoons along, and leaves the house's own, to a tenth of a millilitre" do
    metric = described_class::METRIC
    turned = metric.turned
    expect(turned).to eq described_class::US
    expect(turned.turned).to eq metric
    own = ->(cup) { described_class.new(**metric.to_h, cup: cup).turned.cup }
    near = metric.cup + 0.09, metric.cup - 0.09, metric.cup + 0.11, metric.cup - 0.11, 200.0
    us = described_class::US.cup
    expect(near.map { |cup| own[cup] }).to eq [us, us, metric.cup + 0.11, metric.cup - 0.11, 200.0]
  end

  # A handful is 20 to 40 g, a glug 15 to 30 ml.
  it "takes a small handful for the least that one ever is, and a big one for the most" do
    reader, lexer = house.reader, house.recipe_lexer(nil)
    {
      "handful" => [20, 40],
      "small handful" => [20, 20],
      "2 big handfuls" => [80, 80],
      "large glug" => [30, 30]
    }.each do |text, ends|
      expect([reader.read(text).low, reader.read(text).high]).to eq(ends), text
      written = lexer.read(text).find { |token| token.kind == :amount }.value
      expect([written.low, written.high]).to eq(ends), text
    end
  end
end
