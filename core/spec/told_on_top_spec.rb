# frozen_string_literal: true

require_relative "read_texts"

# What the steps scatter, sprinkle and finish with is kept for the top: all of it, or what is left of it.
RSpec.describe Scullion::Recipe::ToldOnTop do
  include ReadTexts

  let(:list) do
    "Carrot salad\nServes 6\n1 kg carrots\n100 g rocket\n50 g flaked almonds, toasted\n75 g feta\n" \
      "1 bunch mint\n60 g pomegranate seeds\n200 g lentils, tinned\n100 ml olive oil\n\n"
  end

  # Shares kept for the top by food, without those that have none.
  def held(steps)
    parts = draft(list + steps)["salad"]["components"]
    parts.filter_map { |each| each.values_at("ingredient", "held_back") if each["held_back"] }.to_h
  end

  it "keeps all that follows a word for it, by its name or what it is" do
    [
      "Fold through the rocket. Scatter with the almonds, the mint and the feta.",
      "Scatter over the almonds, mint and feta.",
      "Scatter the almonds, mint and feta over.",
      "Toss it all. Top with the almonds, feta and mint.",
      "Finish with feta, mint leaves and almonds.",
      "Serve scattered with the almonds, mint and feta.",
      "Shower with the feta, almonds and mint.",
      "Toss, then strew with almonds, mint and feta and serve.",
      "Just before service top with feta, mint and almonds.",
      "Toss. Almonds, mint and feta over.",
      "Toss it all. Lay over it the almonds, mint and feta.",
      "Toss it all. Top with the shallots, feta, mint and almonds."
    ].each do |steps|
      whole = { "flaked-almonds" => 1.0, "brined-white-cheese" => 1.0, "mint" => 1.0 }
      expect([steps, held(steps)]).to eq [steps, whole]
    end
  end

  it "keeps what is thrown over, and what is told of alone in a sentence of eggs that come boiled" do
    expect(held("Toss it all and throw the flaked almonds over.")).to eq("flaked-almonds" => 1.0)
    told = "Boil the lentils. Lay over it six hard-boiled eggs, chopped, and a sprinkling of dill."
    expect(held(told)).to eq("hen-egg" => 1.0, "dill" => 1.0)
  end

  it "keeps the rest of what is in it by then" do
    {
      "Fold in most of the mint. Scatter with the almonds and the remaining mint." => {
        "flaked-almonds" => 1.0,
        "mint" => 0.25
      },
      "Fold in half the mint. Top with the rest of the mint." => {
        "mint" => 0.5
      },
      "Stir in most of the feta. Top with the rest." => {
        "brined-white-cheese" => 0.25
      }
    }.each { |steps, kept| expect([steps, held(steps)]).to eq [steps, kept] }
  end

  it "lays nothing on top that is a salad's body, or that goes on a tray" do
    [
      "Spread the yoghurt over a platter. Top with the carrots, lentils and feta.",
      "Top with the rocket and carrots.",
      "Crumble in the feta.",
      "Scatter the carrots over a tray with the almonds and roast at 200C for 30 minutes.",
      "Scatter over some of the mint."
    ].each { |steps| expect([steps, held(steps)]).to eq [steps, {}] }
  end

  it "measures nothing by what is only done with it" do
    lines =
      draft("#{list}Toss; sprinkle with the pomegranate. Drizzle with the oil, spoon with care.")["lines"]
    expect(lines.count { |line| line["status"] }).to eq 8
  end

  it "is shown as found, and each may be declined" do
    text = "#{list}Fold through the rocket. Scatter with the almonds, the mint and the feta."
    told = draft(text)["told"].select { |fact| fact["key"].include?("/order/") }
    expect(told.map { |fact| [fact["can"], fact["set"]] }).to eq [[true, true]] * 3
    almonds = told.find { |fact| fact["line"] == taken(text)["flaked-almonds"]["number"] }["key"]
    declined = Scullion::Recipe::Draft.new(text, house, declined: [almonds]).to_h
    kept = declined["salad"]["components"].to_h { |each| each.values_at("ingredient", "held_back") }
    expect(kept.slice("flaked-almonds", "mint")).to eq("flaked-almonds" => nil, "mint" => 1.0)
    expect(declined["told"].find { |fact| fact["key"] == almonds }["set"]).to be false
  end
end
