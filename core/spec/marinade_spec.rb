# frozen_string_literal: true

# Some of the dressing on one component by name, ahead of the rest, for as long as it is written.
RSpec.describe "A marinade for one component" do
  recipe = <<~TEXT
    Courgette and feta plate
    Serves 6
    3 courgettes, in ribbons
    150 g feta, crumbled
    2 tbsp mint, chopped

    Dressing
    6 tbsp olive oil
    2 tbsp lemon juice
    1 tsp honey

    %s
  TEXT

  define_method(:stages) do |step|
    draft = Scullion::Recipe::Draft.new(format(recipe, step), house).to_h
    expect(draft["lines"].last["kind"]).to eq "step"
    draft["salad"]["dressing"]["stages"].map { |stage| stage.values_at("into", "share", "to", "minutes") }
  end

  it "is found in the steps with its share, its food and its time" do
    rest = ["bowl", 0.6667, [], nil]
    [
      "Marinate the courgettes in a third of the dressing for 40 minutes. Toss with the rest.",
      "A third of the vinaigrette on the courgettes, leave 40 min.",
      "Steep the courgette ribbons in a third of the dressing, 40 mins, then fold the mint in."
    ].each { |step| expect(stages(step)).to eq([["ahead", 0.3333, ["courgette"], 40], rest]), step }
    expect(stages("Half the dressing over the courgettes, marinate overnight. Feta on top.").first).to eq(
      ["ahead", 0.5, ["courgette"], 720]
    )
  end

  it "is none where what is dressed is warm, or no food is named" do
    expect(stages("Half the dressing over the warm courgettes, leave 10 min.").first.first).to eq "warm"
    expect(stages("Toss with half the dressing and leave everything 10 minutes.").first.first).to eq "bowl"
  end

  def marinated(minutes: nil, to: "cucumber")
    plan do |data|
      data["salads"][0]["dressing"]["stages"] = [
        {
          "key" => "marinate",
          "name" => "Marinate",
          "when" => "on the cucumber",
          "share" => 0.25,
          "into" => "ahead",
          "to" => [to],
          "minutes" => minutes
        }.compact,
        { "key" => "toss", "name" => "Toss", "share" => 0.75 }
      ]
    end
  end

  # A quarter of the whole batch, all of it on the cucumber.
  it "goes on what it names, and on nothing else" do
    batch = marinated(minutes: 40).dressings.first
    first = batch.stages.first
    expect(first.pours.map { |pour| pour.layer.component.ingredient.key }).to eq ["cucumber"]
    expect(first.pours.sum(&:grams)).to be_within(1e-6).of(first.grams)
    expect(first.grams).to be_within(10).of(batch.batch_grams / 4)
    expect(batch.snags).to be_empty
  end

  def stood(minutes)
    roster = Scullion::Day::Roster.new(marinated(minutes: minutes))
    task = roster.instance.tasks.find { |each| each.key.end_with?("/marinate") }
    [task.segments.last.minutes, task.segments.last.name, roster.to_h["works"]]
  end

  # Longer than raw cuts may stand at most, 60 min, it stands in the cold, and may wait there as long again.
  it "stands as long as it is written, in the cold where that is long; else as long as usual" do
    expect(stood(nil)).to eq [15, "Stands in it", true]
    expect(stood(60)).to eq [60, "Stands in it", true]
    expect(stood(61)).to eq [61, "Stands in it, covered, in the cold", true]
    expect(stood(720)).to eq [720, "Stands in it, covered, in the cold", true]
  end

  it "says so wherever it is said when it is poured" do
    paper = Scullion::Plan::Paper.new(marinated(minutes: 40)).to_s
    expect(paper).to match(/Marinate .*on the cucumber; stands 40 min/)
    expect(Scullion::Plan::Paper.new(marinated).to_s).not_to include("; stands")
  end

  it "says where the salad has not what it is meant for, and reads neither that nor a time that cannot be" do
    plan = marinated(to: "celery")
    expect(plan.snags.map(&:what)).to include(/Marinate is meant for celery, which .* has not/)
    expect(plan.dressings.first.stages.first.pours.size).to be > 1
    expect { marinated(to: "gravel") }.to raise_error(Scullion::InvalidBrief, /neither a kind of component/)
    [1, 2880].each { |minutes| expect { marinated(minutes: minutes) }.not_to raise_error }
    [0, 2881].each do |minutes|
      expect { marinated(minutes: minutes) }.to raise_error(Scullion::InvalidBrief, /minutes/)
    end
  end
end
