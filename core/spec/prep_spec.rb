# frozen_string_literal: true

RSpec.describe Scullion::Prep::Line do
  def prep(kitchen_tools: [{ "key" => "mandoline" }, { "key" => "disc" }], covers: 140, **component)
    made =
      plan(covers: covers) do |data|
        data["kitchen"]["tools"] = kitchen_tools
        data["salads"][0]["components"] = [
          { "role" => "base", "grams" => 110 }.merge(component.transform_keys(&:to_s))
        ]
      end
    [made.preps.first, made]
  end

  # 16,170 ÷ 0.97 ÷ 0.82 = 20,329 g as purchased at 10 kg/h is 122 min; 16,670 g at 90 kg/h on the disc is 11
  # min; 6 to set it up and 10 to wash come once for the bench.
  it "picks the tool that is done first, washing up included, and counts its minutes" do
    disc, disc_plan = prep(ingredient: "carrot", trim: "peeled", cut: "diced")
    expect(disc.tool).to eq "disc"
    expect(disc.trimming_minutes).to be_within(0.1).of(122)
    expect(disc.cutting_minutes).to be_within(0.1).of(16_670.1 / 90 * 0.06)
    expect(disc_plan.benches.first.hands_minutes).to be_within(0.1).of(disc.hands_minutes + 16)
    expect(prep(ingredient: "carrot", trim: "peeled", cut: "diced", covers: 4).first.tool).to eq "knife"
    expect(
      prep(ingredient: "carrot", trim: "peeled", cut: "diced", kitchen_tools: []).first.tool
    ).to eq "knife"
  end

  it "says when the kitchen has not the tool, and keeps the caution where the hand is" do
    line, made = prep(ingredient: "fennel", cut: "shaved", kitchen_tools: [])
    expect(made.snags.map(&:what)).to include("Fennel is cut with a mandoline; the kitchen has none.")
    expect(made.hazards.select { |found| found.at == line.at }.map(&:what).join).to include("guard")
    expect(line.bench).to eq "Slicing bench"
  end

  it "takes brine for a quick-pickle by the kilo, and buys its vinegar, sugar and salt" do
    line, made = prep(ingredient: "red-onion", trim: "peeled", cut: "sliced", treat: "quick-pickle")
    expect(line.treat_vinegar_grams).to be_within(0.1).of(16_170 / 0.95 * 0.5)
    expect(made.purchases.map { |purchase| purchase.ingredient.key }).to include(
      "white-wine-vinegar",
      "caster-sugar",
      "fine-salt"
    )
    expect(line.words["treat"]).to include("minutes" => 45, "takes" => include(/vinegar/))
  end

  it "stands as long as the cook says: on the bench, in the day, and apart from what stands otherwise" do
    onion = { ingredient: "red-onion", trim: "peeled", cut: "sliced", treat: "cold-soak" }
    waits = ->(made) do
      tasks = Scullion::Day::Layout.new(made, made.brief.progress).instance.tasks
      tasks.find { |task| task.key.end_with?("/treat") }.segments.find { |each| each.name == "Waits" }.minutes
    end
    usual, as_usual = prep(**onion)
    line, made = prep(**onion, treat_minutes: 35)
    expect([usual, line].map { |each| each.words["treat"]["minutes"] }).to eq [12, 35]
    expect([as_usual, made].map(&waits)).to eq [12, 35]
    expect(line.words["treat"]["said"]).to eq "Soak in cold water, 35 min"
    expect(Scullion::Plan::Paper.new(made).to_s).to include("soak in cold water, 35 min")
    expect(
      prep(ingredient: "kale", trim: "picked", cut: "torn", treat: "massage").first.words["treat"]["said"]
    ).to eq("Massage")
    expect([usual, line].map { |each| each.component.preparation }.uniq.size).to eq 2
    expect(line.component.to_h["treat_minutes"]).to eq 35
    expect(line.component.weighing(50.0).treat_minutes).to eq 35
    expect(usual.component.to_h).not_to have_key("treat_minutes")
  end

  it "moistens stale bread: it gains weight" do
    line, = prep(ingredient: "white-loaf", cut: "torn", treat: "moisten")
    expect(line.prepped_grams).to be_within(0.1).of(16_170 / 1.7)
  end
end

# Minutes of hands by what is really done: rocket is looked over, herbs are plucked.
RSpec.describe Scullion::Prep::Trimming do
  def rate(ingredient, trim)
    asked = { "ingredient" => ingredient, "grams" => 30, "trim" => trim }
    planned(asked, covers: 80).preps.first.trim_rate
  end

  # 80 portions of 30 g and 5 % over are 2.65 kg of rocket: 13 min at 12 kg an hour, and not 80 at 2.
  it "looks over what hardly loses anything, strips leaves by the handful and plucks herbs" do
    expect(%w[rocket spinach cherry-tomato grapes].map { |food| rate(food, "picked") }).to all eq 12
    expect([rate("kale", "picked"), rate("parsley", "picked"), rate("dill", "picked")]).to eq [5, 2, 2]
    expect([rate("carrot", "peeled"), rate("pineapple", "cored")]).to eq [10, 15]
    rocket = planned({ "ingredient" => "rocket", "grams" => 30, "trim" => "picked" }, covers: 80).preps.first
    expect(rocket.trimming_minutes).to be_within(0.1).of(2520 / 0.95 / 12_000 * 60)
  end

  # Left 0.9 of it is the first that is only looked over.
  it "tells one from the other by what is left" do
    house_of = ->(left) { plan.preps.first.practice.with("trimming/picked_over_share" => [left, "here"]) }
    rocket = planned({ "ingredient" => "rocket", "grams" => 30, "trim" => "picked" }, covers: 80).preps.first
    expect(
      [0.95, 0.951].map do |least|
        allow(rocket).to receive(:practice).and_return(house_of.call(least))
        rocket.trim_rate_at
      end
    ).to eq ["trimming/kg_per_h/picked over", "trimming/kg_per_h/stripped"]
  end
end
