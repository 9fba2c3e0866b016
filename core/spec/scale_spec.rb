# frozen_string_literal: true

# What a kitchen's own scale can weigh: in its steps, and below them by the spoon.
RSpec.describe "Weights on the kitchen's scale" do
  def on_scale(grams, covers: 140)
    plan(covers: covers) { |data| data["kitchen"]["measures"] = { "scale_g" => grams } }
  end

  def in_steps?(grams, step) = ((grams / step) - (grams / step).round).abs < 1e-6

  it "weighs dressing and bowls in its steps, and they add up all the same" do
    made = on_scale(5)
    made.dressings.each do |batch|
      expect(batch.parts.map(&:grams)).to all(satisfy { |grams| grams < 5 || in_steps?(grams, 5) })
      expect(batch.parts.sum(&:grams)).to be_within(5).of(batch.whisk_grams)
      expect(batch.stages.sum(&:grams)).to eq batch.batch_grams
    end
    made
      .builds
      .flat_map(&:shares)
      .each do |share|
        expect(share.per_bowl).to all(satisfy { |grams| in_steps?(grams, 5) })
        expect(share.per_bowl.sum + share.top_grams).to be_within(2.5).of(share.layer.finished_grams)
      end
  end

  it "says that it is less than the scale shows, and how many spoons that is" do
    pepper =
      on_scale(5, covers: 20).dressings.first.parts.find { |part| part.ingredient.key == "black-pepper" }
    expect(pepper.grams).to be_within(0.05).of(pepper.needed_grams)
    expect(pepper.to_h["grams"]["text"]).to eq "under 5 g"
    expect(pepper.to_h["ml"]["text"]).to match(/tsp|Tbsp/)
    expect(on_scale(0.1).dressings.first.parts.map { |part| part.to_h["grams"]["text"] }).to all match(
          /\d g\z/
        )
  end

  it "weighs as before where nothing is said of a scale" do
    usual = plan.to_h["dress"]
    expect(on_scale(0.1).to_h["dress"]).to eq usual
  end

  it "keeps its scale when the house turns to pounds, and takes no scale that cannot be" do
    kept = Scullion::Amount::Measures::METRIC.dup.tap { |measures| measures.scale = 2.0 }.turned
    expect(kept.scale).to eq 2.0
    refused = faults { |data| data["kitchen"]["measures"] = { "scale_g" => 50 } }
    expect(refused.keys.join).to include("scale_g")
  end
end
