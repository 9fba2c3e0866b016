# frozen_string_literal: true

# What is written of a dressing is what is planned; what the house would do stands beside it.
RSpec.describe "A dressing as it is written" do
  define_method(:portion) do |grams: nil, &change|
    plan = plan { |data| change_of(data, grams, change) }
    plan.portions.first
  end

  def change_of(data, grams, change)
    salad = data["salads"][0]
    salad["dressing"]["grams"] = grams if grams
    change&.call(salad, data)
  end

  # The worked example carries 31.96 g on its build of 326 g; written 40 g is 40 g, on each as it carries.
  it "is that much on a serving, on each component as it carries" do
    carried, written = portion, portion(grams: 40)
    expect(carried.dressing_grams).to be_within(0.01).of(31.96)
    expect(written.dressing_grams).to be_within(1e-9).of(40)
    expect(written.carries_grams).to be_within(0.01).of(31.96)
    expect(written.portion_grams - carried.portion_grams).to be_within(0.01).of(8.04)
    shares =
      [carried, written].map { |each| each.layers.map { |layer| layer.dressing_grams / each.dressing_grams } }
    shares.first.zip(shares.last).each { |one, other| expect(one).to be_within(1e-9).of(other) }
  end

  it "is on all alike where nothing carries any" do
    lone =
      portion(grams: 10) do |salad, data|
        salad["components"] = [
          { "ingredient" => "sunflower-seeds", "grams" => 30, "role" => "crunch" },
          { "ingredient" => "pumpkin-seeds", "grams" => 10, "role" => "crunch" }
        ]
        carried = house.practice.words("dressing", "uptake").keys
        data["figures"] = carried.map { |kind| { "at" => "practice/dressing/uptake/#{kind}", "value" => 0 } }
      end
    expect(lone.build_carries).to eq 0
    expect(lone.layers.map { |layer| layer.dressing_grams.round(6) }).to eq [7.5, 2.5]
  end

  it "weighs nothing where the salad has none" do
    bare = portion { |salad| salad.delete("dressing") }
    expect(bare.dressing_grams).to eq 0
    expect(bare.portion_grams).to be_within(1e-9).of(bare.layers.sum(&:grams))
  end

  it "says by how much it is drowned or dry, and what would be carried instead" do
    snags = ->(grams) do
      plan { |data| change_of(data, grams, nil) }.snags.map { |snag| [snag.what, snag.remedy] }
    end
    expect(snags[150].flatten).to include(
      /is drowned/,
      /Written 150 g a serving; its components would carry 32 g/
    )
    expect(snags[5].flatten).to include(/is dry/)
    expect(snags[40].flatten.grep(/drowned|is dry/)).to be_empty
  end

  it "says for how many, and when, it was tried" do
    tried =
      [[4, %w[18:00 19:00]], [100, %w[12:00 13:00]]].map do |covers, hours|
        shown = Scullion::Salad::Trial.new(example["salads"][0], house, covers: covers, hours: hours)
        [shown.plan.brief.service.covers, shown.to_h["tried_for"]]
      end
    expect(tried).to eq [
         [4, { "covers" => 4, "from" => "18:00", "to" => "19:00" }],
         [100, { "covers" => 100, "from" => "12:00", "to" => "13:00" }]
       ]
  end

  it "goes along when the salad is made larger, exactly" do
    salad = example["salads"][0]
    salad["dressing"]["grams"] = 40
    trial = Scullion::Salad::Trial.new(salad, house, covers: 4).resized(500)
    expect(trial.portion.portion_grams).to be_within(0.5).of(500)
    share = ->(portion) { portion.dressing_grams / portion.layers.sum(&:grams) }
    before = Scullion::Salad::Trial.new(salad, house, covers: 4).portion
    expect(share[trial.portion]).to be_within(0.001).of(share[before])
  end

  it "is refused where it cannot be" do
    [0.1, 2000].each do |grams|
      expect(faults { |data| data["salads"][0]["dressing"]["grams"] = grams }).to eq({}), grams.inspect
    end
    [0, 0.09, -3, 2000.01, "much"].each do |grams|
      found = faults { |data| data["salads"][0]["dressing"]["grams"] = grams }
      expect(found.keys).to include("/salads/0/dressing/grams"), grams.inspect
    end
  end
end
