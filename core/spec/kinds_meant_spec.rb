# frozen_string_literal: true

require_relative "taken_lines"

# What a name of a line may mean besides, and how much is of which.
RSpec.describe "Kinds that are meant" do
  include TakenLines

  it "asks whether a weight of salt and pepper is of both or of each" do
    expect(all("Serves 160\n0.16 kg s & p")).to eq %w[? ?]
    expect(all("Serves 160\ns & p").map(&:first)).to eq %w[fine-salt black-pepper]
  end

  it "tells a kind that only some are, whatever is said behind it" do
    row = "6 oranges, 2 of them blood if you see them"
    expect(all("Serves 8\n#{row}").map(&:first)).to eq %w[orange blood-orange]
  end

  it "measures by a unit alone, where so much of something follows" do
    expect(all("Serves 9\nDressing: kilo of mayo, litre of oil").map { |each| each[1] }).to eq [1000, 913]
    expect(all("Serves 9\nkilo 3")).not_to include(["kale", 1000, "salad"])
  end

  it "takes no number before a dash and a time for the other end of a range" do
    expect(all("Serves 70\nEggs 140 - 7 min, halved").first.first(2)).to eq ["hen-egg", 8120]
    expect(all("Serves 70\n10-8 eggs").first[1]).to eq 522
  end
end
