# frozen_string_literal: true

# A word where a group should be, whichever group it is.
RSpec.describe Scullion::IngredientForm do
  let(:carrot) { house.larder.fetch("carrot").facts }

  groups = described_class::GROUPS + Scullion::Cook::Parcels.keys

  groups.each do |group|
    it "refuses #{group} that is a word, a list or a figure, and says where" do
      ["=1+1", ["x"], 3].each do |value|
        faults = []
        read = described_class.read(carrot.merge(group => value), sources: {}, faults: faults)
        expect(read).to be_nil
        expect(faults.map(&:where)).to include("/#{group}")
      end
    end
  end

  it "refuses a hold and an uptake that practice does not know" do
    %w[hold carries].each do |group|
      faults = []
      spoilt = carrot.merge(group => { "any" => "9999-12-31" })
      described_class.read(spoilt, sources: {}, practice: house.practice, faults: faults)
      expect(faults.map(&:where)).to include("/#{group}/any")
    end
    faults = []
    house.larder.each_value do |each|
      described_class.read(each.facts, sources: {}, practice: house.practice, faults: faults)
    end
    expect(faults.map(&:where).grep(%r{\A/(hold|carries)/})).to eq []
  end

  it "takes a field that is there and empty for none" do
    optional = Scullion::IngredientForm.fields - %w[key name section family colour hold density packs sources]
    known = carrot["sources"].values.to_h { |source| [source, source] }
    read = described_class.read(carrot.merge(optional.to_h { |field| [field, nil] }), sources: known)
    expect(read).to have_attributes(trims: {}, cuts: [], aliases: [], methods_of_cooking: [])
  end

  it "refuses a trim or a treatment that is a word" do
    described_class::NESTED.each do |group|
      faults = []
      described_class.read(carrot.merge(group => { "peeled" => "x" }), sources: {}, faults: faults)
      expect(faults.map(&:where)).to include("/#{group}")
    end
  end
end
