# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Scullion::Changes::WrittenNumber do
  {
    "82 %" => 0.82,
    "82%" => 0.82,
    "0,82" => 0.82,
    "35 min" => 35,
    "× 3" => 3,
    "2 g per g" => 2,
    "1.25 kg" => 1250,
    "320 g" => 320,
    "0.62 g/ml" => 0.62,
    " 7 " => 7,
    "-4" => -4,
    ".5" => 0.5
  }.each do |text, number|
    it("reads #{text.inspect} as #{number}") do
      expect(described_class.read(text)).to be_within(1e-9).of(number)
    end
  end

  ["much", "", "3 blobs", "1e9", "=1+1", "12 12", nil, [1]].each do |value|
    it("leaves #{value.inspect} for the reader to refuse") { expect(described_class.read(value)).to eq value }
  end

  it "counts covers by digits alone" do
    expect([described_class.count(" 140 "), described_class.count("-3"), described_class.count(12)]).to eq [
         140,
         -3,
         12
       ]
    ["2 kg", "140 g", "1e3", "14.5", "fourteen", ""].each do |text|
      expect(described_class.count(text)).to eq text
    end
  end
end

RSpec.describe Scullion::Changes::ServiceChange, :server do
  def changed(at, value, **more)
    house = Scullion::Records::House.ours
    service = Scullion::Records::Service.find(1)
    described_class.new(service, house, at, value, there: service.to_brief, **more).apply.previous
  end

  it "gives back what stood there, so that the same call undoes it" do
    {
      "service/covers" => 99,
      "service/name" => "Late lunch",
      "service/from" => "11:00",
      "service/over_prep" => 0.1,
      "salads/barley-roast-carrot-dill/components/1/grams" => 75.0,
      "larder/carrot/roast/yield" => 0.6,
      "service/lines/0/portion_grams" => 250.0
    }.each do |at, value|
      before = changed(at, value)
      expect(changed(at, before)).to eq(value), at
      expect(changed(at, value)).to eq(before), at
      changed(at, before)
    end
  end

  it "refuses covers with a unit, for the service and for one salad of it" do
    %w[service/covers service/lines/0/covers].each do |at|
      expect { changed(at, "2 kg") }.to raise_error(Scullion::InvalidBrief, /"2 kg" is not a whole number/)
    end
  end
end
