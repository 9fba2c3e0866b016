# frozen_string_literal: true

# Rows that say for how many a recipe is: each has a number, and none that is a food's.
RSpec.describe Scullion::Recipe::Servings do
  it "has a number wherever a row says for how many it is" do
    [
      "Servings 24  Prep 15m",
      "SERVINGS 24 | PREP 15M",
      "Recipe no. 1147   Yield: 24 x #8 scoop (4 oz)"
    ].each do |row|
      read = Scullion::Recipe::Draft.new("Bean salad\n#{row}\n2 kg beans", house).to_h
      expect(read.values_at("servings", "servings_said")).to eq([24, true]), row
      expect(read["lines"][1]["kind"]).to eq "servings"
    end
  end

  it "has one in each recipe of which a row says so" do
    Dir[File.join(__dir__, "jotted", "*.txt")].each do |path|
      texts = Scullion::Recipe::Rows.new(File.read(path)).texts
      next if texts.grep_v(described_class::FOR_PART).grep(described_class::LINE).empty?

      expect(described_class.new(texts).number).not_to be_nil, path
    end
  end

  it "adds up who comes, cooks for those it allows for, and serves nobody by what is left of a food" do
    {
      "Slaw — the neighbours (6 of them + 4 of us)\n2 kg cabbage" => 10,
      "Slaw\n22 booked, allow 25\n2 kg cabbage" => 25,
      "Bean salad\n2 kg beans\n1 kg feta\nmix the lot. feeds the cricket team (11) plus teas (4)" => 15,
      "Labneh, 8 pax\n1 kg yoghurt, 10 g salt, hang 24 h (yields 600)" => 8,
      "Pasta pots\nMakes 120 (150 g pots)\n4.5 kg pasta" => 120
    }.each do |text, many|
      expect(Scullion::Recipe::Draft.new(text, house).to_h["servings"]).to eq(many), text
    end
    pots = Scullion::Recipe::Draft.new("Pasta pots\nMakes 120 (150 g pots)\n4.5 kg pasta", house).to_h
    expect(pots["lines"].map { |line| line["kind"] }).to eq %w[title servings ingredient]
  end
end
