# frozen_string_literal: true

RSpec.describe Scullion::Count::Covers do
  it "reads a count, a share up to a whole guest, and nothing for everyone" do
    {
      "45" => 45,
      "45 covers" => 45,
      "1 cover" => 1,
      "1,200" => 1200,
      "30 %" => 42,
      "33.3%" => 47,
      "0 %" => 1,
      "-3" => -3,
      "half" => "half",
      " " => nil
    }.each { |text, count| expect(described_class.read(text, 140)).to eq(count), text }
  end

  it "keeps the share when the guests change, rounded, and never none" do
    expect(described_class.scaled(42, from: 140, to: 200)).to eq 60
    expect([1, 3].map { |count| described_class.scaled(count, from: 200, to: 50) }).to eq [1, 1]
    expect(described_class.scaled(5, from: 140, to: 70)).to eq 3
    expect(described_class.scaled(nil, from: 140, to: 200)).to be_nil
  end

  it "takes the middle of the counts before" do
    expect(
      [[120], [100, 150], [140, 100, 120], [200, 100, 120, 140]].map { |all| described_class.usual(all) }
    ).to eq [120, 125, 120, 130]
  end
end

RSpec.describe Scullion::Dress::Jug do
  let(:parts) { Scullion::Salad::Trial.new(example["salads"][0], house).dressing.parts }
  let(:density) { plan.dressings[0].then { |batch| batch.whisk_grams / batch.batch_ml } }

  it "weighs what is left, a volume by the dressing's own density" do
    expect(described_class.grams("800 g", parts, house)).to eq 800
    expect(described_class.grams("1.2 l", parts, house)).to be_within(1).of(1200 * density)
  end

  it "takes a gram to two tonnes, and says what it cannot read" do
    expect([1, 2_000_000].map { |grams| described_class.grams("#{grams} g", parts, house) }).to eq [
         1,
         2_000_000
       ]
    ["0.9 g", "2000001 g", "a splosh of it", ""].each do |left|
      expect { described_class.grams(left, parts, house) }.to raise_error(Scullion::InvalidBrief), left
    end
  end
end

RSpec.describe Scullion::Dress::OnTables do
  # Eight to a table: 144 covers are 18 tables, and the 145th guest sits at a nineteenth.
  it "lays a table for the odd guests" do
    tables =
      [144, 145, 1].map do |covers|
        made = plan(covers: covers) { |data| data["salads"][0]["dressing"]["preset"] = "table-jug" }
        made.dressings[0].stages.grep(described_class).first.tables
      end
    expect(tables).to eq [18, 19, 1]
  end
end
