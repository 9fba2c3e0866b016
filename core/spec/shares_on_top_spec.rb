# frozen_string_literal: true

require_relative "taken_lines"

# A share of a food that the steps lay on top: kept back, shown, and declined by the cook who means it
# otherwise.
RSpec.describe "A share laid on top" do
  include TakenLines

  let(:list) do
    "Slaw for 20\n2 kg cabbage\n250 g walnuts\n1 bunch dill\n100 g feta\n300 ml yoghurt\n\nMethod\n"
  end

  def draft(told, declined: [])
    Scullion::Recipe::Draft.new(list + told, Scullion::House.shipped, declined: declined)
  end

  def held(told, **options)
    draft(told, **options).to_h["salad"]["components"].to_h do |each|
      each.values_at("ingredient", "held_back")
    end
  end

  it "is what is scattered of it, and what goes on the top" do
    [
      "Half the walnuts go on the top.",
      "Scatter half the walnuts over.",
      "Toss, with half of the walnuts on top.",
      "Finish with half the walnuts.",
      "Keep half the walnuts for the top."
    ].each { |told| expect(held(told)).to include("walnuts" => 0.5, "white-cabbage" => nil), told }
    expect(held("Scatter two thirds of the feta over the salad.")["brined-white-cheese"]).to be_within(
      0.001
    ).of 0.667
  end

  it "is none where it is mixed in, or roasted" do
    [
      "Stir in half the walnuts.",
      "Scatter half the walnuts over and bake at 180 for 8 min.",
      "Put half the walnuts on a tray.",
      "Serve half the walnuts on the side."
    ].each { |told| expect(held(told)["walnuts"]).to be_nil, told }
  end

  it "is of what running text alone lists" do
    text =
      "For 20 I shred 2 kg cabbage and toast 250 g walnuts. " \
        "Half the walnuts go on the top with a bunch of dill."
    expect(all(text).map { |each| each.values_at(0, 2) }).to eq [
         %w[white-cabbage salad],
         %w[walnuts salad],
         %w[dill top]
       ]
    kept = Scullion::Recipe::Draft.new(text, Scullion::House.shipped).to_h["salad"]["components"]
    expect(kept.find { |each| each["ingredient"] == "walnuts" }["held_back"]).to eq 0.5
  end

  it "is shown as found, and declined each by itself" do
    told =
      "Keep a third of the walnuts for the top. Stir in most of the feta. Scatter over the rest of the feta."
    found = draft(told).to_h["told"].select { |each| each["set"] }.map { |each| each["key"] }
    expect(found.map { |key| key[%r{\A\d+/[a-z_]+}] }).to eq %w[3/hold_back 5/order]
    kept = found.map { |key| held(told, declined: [key]).values_at("walnuts", "brined-white-cheese") }
    expect(kept.map { |each| each.map { |share| share&.round(2) } }).to eq [[nil, 0.25], [0.33, nil]]
  end
end
