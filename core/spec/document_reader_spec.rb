# frozen_string_literal: true

RSpec.describe Scullion::DocumentReader do
  let(:fields) { described_class.new(data, "/here") }
  let(:faults) { fields.faults.map { |fault| [fault.where, fault.what, fault.remedy] } }

  context "with a list" do
    let(:data) { { "pots" => [{}, {}, {}], "trays" => [{}], "pans" => 3, "bowls" => [{}, {}] } }

    it "says how many there are and how many there may be" do
      fields.list("pots", 1..2, "pots") { 1 }
      fields.list("trays", 2..4, "trays") { 1 }
      fields.list("pans", 1..2, "pans") { 1 }
      expect(fields.list("bowls", 2..2, "bowls") { 1 }).to eq [1, 1]
      expect(faults).to eq [
           ["/here/pots", "There are 3 pots.", "Keep to 2."],
           ["/here/trays", "There are no trays.", "Add at least 2."],
           ["/here/pans", "This should be a list of pans.", "Send [ … ]."]
         ]
    end
  end

  context "with text" do
    let(:data) { { "full" => "x" * 120, "over" => "x" * 121, "none" => "  ", "number" => 3, "odd" => "y" } }

    it "takes up to 120 letters, and never nothing" do
      read = %w[full over none number].map { |name| fields.text(name) }
      expect(read).to eq ["x" * 120, nil, nil, nil]
      expect(faults.map { |_, what, remedy| "#{what} #{remedy}" }).to eq [
           "This is 121 letters long. Keep it to 120.",
           "This is empty. Write at least one letter.",
           "This should be text. Put it in quotes."
         ]
    end

    it "refuses what nobody reads, under its name" do
      fields.only("full", "over", "none", "number")
      expect(faults).to eq [
           ["/here/odd", 'Unknown field "odd".', "Remove it, or use one of: full, over, none, number."]
         ]
    end
  end

  context "with numbers" do
    let(:data) { { "half" => 2.5, "many" => 9, "word" => "nine", "infinite" => Float::INFINITY } }

    it "tells a whole number from another, and where it may lie" do
      expect(fields.whole("many", 1..9, "pots")).to eq 9
      expect(fields.number("half", 2.5..3, "kg")).to eq 2.5
      expect(fields.whole("half", 1..9, "pots")).to be_nil
      expect(fields.number("many", 1..8, "kg")).to be_nil
      expect(fields.number("word", 1..8, "kg")).to be_nil
      expect(fields.number("infinite", 1..8, "kg")).to be_nil
      expect(faults.map(&:first)).to eq %w[/here/half /here/many /here/word /here/infinite]
    end
  end

  it "takes only an object" do
    reader = described_class.new([1], "/there")
    expect(reader.faults.map(&:where)).to eq ["/there"]
    expect(reader.data).to eq({})
  end
end
