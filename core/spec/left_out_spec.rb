# frozen_string_literal: true

RSpec.describe "What the salads of a day do without" do
  def left_out(*preparations, **more, &change)
    plan(**more) do |data|
      data["day"] = { "left_out" => preparations }
      change&.call(data)
    end
  end

  let(:whole) { plan }
  let(:dill) { whole.portions.first.layers.find { |layer| layer.component.ingredient.key == "dill" } }
  let(:without) { left_out(dill.component.preparation) }

  # A serving is lighter by the dill and the dressing that the dill carried; nothing else of it moves.
  it "is neither bought, prepped, dressed nor built, and the serving is lighter by just that" do
    expect(whole.portions.first.portion_grams - without.portions.first.portion_grams).to be_within(1e-9).of(
      dill.grams * (1 + (dill.uptake / 100))
    )
    expect(
      [
        without.needs.map(&:name),
        without.preps.map { |prep| prep.need.name },
        without.purchases.map { |line| line.ingredient.name }
      ].flatten
    ).not_to include("Dill")
    expect(without.portions.first.layers.to_h { |layer| [layer.index, layer.grams] }).to eq whole
         .portions
         .first
         .layers
         .to_h { |layer| [layer.index, layer.grams] }
         .except(dill.index)
    expect(without.dressings.first.stages.sum(&:grams)).to be_within(2).of(
      without.portions.first.dressing_grams * without.portions.first.servings
    )
  end

  it "is said, keeps its address beside it, and is never the last thing in a salad" do
    expect(without.snags.map(&:what)).to include(
      "Dill is left out of Barley, roast carrot, dill for this day."
    )
    expect(
      without.portions.first.layers.map do |layer|
        layer.working("build_grams").to_h["change"] || layer.words["change_at"]
      end
    ).not_to include("salads/barley-roast-carrot-dill/components/#{dill.index}/grams")
    everything = whole.portions.first.layers.map { |layer| layer.component.preparation }
    expect(left_out(*everything).portions.first.layers.size).to eq everything.size
    expect(left_out("a thing that is not there").to_h).to eq plan { |data| data["day"] = {} }.to_h
  end

  it "is one of the ways out of a day that does not work, by what it really does" do
    full = Scullion::Day::Roster.new(plan(covers: 600))
    names = full.spare.map(&:first)
    expect(names).to include("Dill", "Sunflower seeds")
    expect(names).not_to include("Pearl barley", "Roast carrot")
    tried = full.with(full.progress.with(left_out: [dill.component.preparation]))
    expect(tried.instance.tasks.map(&:name)).not_to include(/Dill:/)
    expect(tried.instance.tasks.sum(&:hands_minutes)).to be < full.instance.tasks.sum(&:hands_minutes)
    expect(tried.to_h["decided"]["left_out"]).to eq [
         { "preparation" => dill.component.preparation, "name" => "Dill" }
       ]
  end
end
