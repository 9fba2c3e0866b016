# frozen_string_literal: true

# What the steps of a recipe say stands in the plan where its switch is on; and what the plan cannot take is
# shown without one.
RSpec.describe Scullion::Recipe::StandingFacts do
  def draft(text, declined = []) = Scullion::Recipe::Draft.new(text, house, declined: declined)
  def said(text) = draft(text).to_h["told"]
  def cooked(text, key)
    draft(text).to_h["salad"]["components"].find { |each| each["ingredient"] == key }["cook"]
  end

  # Where it stands in a line's component.
  def stands?(component, kind, value)
    cook = component.fetch("cook", {})
    case kind
    when "minutes"
      [cook["minutes"], component["treat_minutes"]].include?(value) || cook.key?("yolk")
    when "celsius"
      cook["celsius"] == value
    when "warm", "cold"
      cook.key?("serve")
    when "cut_after"
      cook["cut_after"]
    when "treat", "treat_minutes"
      component.key?("treat")
    else
      true
    end
  end

  # Every step of the written recipes.
  it "has no switch that is on and changes nothing" do
    kept = 0
    Dir["#{__dir__}/../../bench/recipes/*.txt"].each do |path|
      read = draft(File.read(path))
      read.to_h["told"].each do |fact|
        next unless fact["set"] && fact["line"]

        taken = read.taken(read.reads.find { |each| each.line.number == fact["line"] })
        kind, value = fact["key"].split("/").values_at(1, 2)
        kept += 1
        expect(stands?(taken.component, kind, value.to_s.split("-").last.to_f)).to be_truthy,
        "#{File.basename(path)}: #{fact["what"]} of #{taken.ingredient.key}"
      end
    end
    expect(kept).to be > 250
  end

  it "toasts and bakes as long and as hot as is written, in the pan or on the tray" do
    text = "Salad for 20\n400 g walnuts\n500 g sourdough\n300 g almonds\n"
    steps =
      "Toast the walnuts in the oven at 160C for 9 min. Bake the bread at 190C for 12 min.\n" \
        "Toast the almonds in a dry pan 4 min."
    expect(cooked(text + steps, "walnuts")).to eq(
      { "method" => "toast", "minutes" => 9.0, "celsius" => 160, "on" => "tray" }
    )
    expect(cooked(text + steps, "white-loaf")).to eq(
      { "method" => "crisp", "minutes" => 12.0, "celsius" => 190, "on" => "oven" }
    )
    expect(cooked(text + steps, "almonds")).to eq({ "method" => "toast", "minutes" => 4.0, "on" => "pan" })
  end

  it "shows minutes of what is not cooked, and heat of what has none, without a switch" do
    text =
      "Slaw for 20\n2 red cabbages, shredded\n400 g pearl barley\nLeave the cabbage 20 min in the oven. " \
        "Cook the barley at 200C for 30 min."
    switches = said(text).to_h { |fact| [fact["what"], fact["can"]] }
    expect(switches).to include("200 °C" => false, "30 min" => true)
    expect(said(text).select { |fact| fact["line"] == 2 }.map { |fact| fact["can"] }.uniq).to eq [false]
  end

  it "goes by the food that the cook has chosen, and sets nothing of a line that is left out" do
    text = "Salad for 20\n400 g walnuts\n1 kg carrots\nToast the walnuts in the oven at 160C for 9 min."
    set =
      lambda do |choice|
        chosen = Scullion::Recipe::Draft.new(text, house, choices: { 2 => choice })
        chosen.to_h["told"].select { |fact| fact["set"] }.map { |fact| fact["what"] }
      end
    expect(set["almonds"]).to eq ["toast", "9 min", "160 °C"]
    expect(set["rocket"]).to eq []
    expect(set["leave"]).to eq []
  end
end
