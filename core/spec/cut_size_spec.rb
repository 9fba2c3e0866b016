# frozen_string_literal: true

# The size that is written for a cut is the size that it has here, as near as the house cuts.
RSpec.describe Scullion::Recipe::CutSize do
  def cut(line)
    read = Scullion::Recipe::Draft.new("Bowl\nServes 10\n#{line}\n200 g feta", house).to_h
    read["salad"]["components"].first["cut"]
  end

  it "reads inches by their short name at the end of a clause, and no place in it" do
    expect(described_class.of("celery 1 lb, 1/4 in", nil).mm).to be_within(0.01).of 6.35
    expect(described_class.of("celery 1 lb, 2 in a bowl", nil)).to be_nil
  end

  it "takes the cut that is nearest to what is written" do
    {
      "1 kg carrots, 15 mm dice" => "diced-large",
      "1 kg carrots, 1 cm dice" => "diced",
      "1 kg carrots in 5mm cubes" => "diced-small",
      "1 kg potatoes, cut into 3cm pieces" => "chunks",
      "1 kg squash, peeled, 2-3 cm chunks" => "chunks",
      "1 kg squash in 1-inch chunks" => "chunks",
      "1 kg carrots, ½-inch dice" => "diced-large",
      "1 kg potatoes, cut into 1 1/2 inch cubes" => "chunks",
      "500 g courgettes, 3 mm slices" => "sliced",
      "500 g carrots, sliced 1 cm thick" => "sliced-thick",
      "500 g carrots in 1 cm batons" => "batons",
      "500 g carrots, 5 mm strips" => "strips",
      "1 kg carrots, diced" => "diced"
    }.each { |line, wanted| expect(cut(line)).to eq(wanted), "#{line}: #{cut(line)}" }
  end

  # 30 mm ÷ 1.7 = 17.6, × 1.7 = 51.
  it "cuts across what is long and slim" do
    {
      '500 g green beans, cut in 1" pieces' => "lengths",
      "500 g asparagus in 2-inch lengths" => "lengths",
      "500 g green beans in short lengths" => "lengths",
      "500 g green beans, 3 mm slices" => "sliced",
      "500 g carrots in 2 cm pieces" => "chunks"
    }.each { |line, wanted| expect(cut(line)).to eq(wanted), "#{line}: #{cut(line)}" }
    near = ->(text) { described_class.of(text, "diced").nearest(%w[sliced lengths], house.practice) }
    at_the_limits = ["17.7 mm lengths", "17.6 mm lengths", "5.1 cm lengths", "5.2 cm lengths"]
    expect(at_the_limits.map(&near)).to eq ["lengths", nil, "lengths", nil]
  end

  # 6 mm × 1.7 = 10.2: the last that is called near.
  it "takes none that is nowhere near, and no length that is not a cut's" do
    near = ->(text) { described_class.of(text, "diced").nearest(%w[diced-small], house.practice) }
    expect([near.call("10.2 mm dice"), near.call("10.3 mm dice")]).to eq ["diced-small", nil]
    expect(described_class.of("1 cucumber, 30 cm, peeled", nil)).to be_nil
    expect(described_class.of("3 cm of ginger", nil)).to be_nil
    expect(described_class.of("a 20 cm tin", nil)).to be_nil
  end

  # A size alone was read, and nothing was cut.
  it "cuts by a size with no shape, thin into slices and else into pieces, unless a cut is named" do
    {
      "1.5 kg red onions, 2 mm" => "shaved",
      "1 kg carrots (1 cm)" => "diced",
      "sweet potato 6 kg – 2 cm, roast" => "chunks",
      "3 kg potatoes 3cm" => "chunks",
      "500 g green beans, 3 cm" => "lengths",
      "leeks 2 kg, 2 cm, halved" => "wedges",
      "carrots 2 kg julienne, 4 cm" => "strips",
      "ginger, 5 cm, grated" => "grated"
    }.each { |line, wanted| expect(cut(line)).to eq(wanted), "#{line}: #{cut(line)}" }
    shapes = ["carrots 2 kg, 4.9 mm", "carrots 2 kg, 5 mm", "carrots 2 kg, 60 mm", "carrots 2 kg, 61 mm"]
    expect(shapes.map { |text| described_class.of(text, nil)&.shape }).to eq [:slice, :dice, :dice, nil]
    expect(described_class.of("carrots 2 kg, 2 cm", "grated")).to be_nil
  end
end
