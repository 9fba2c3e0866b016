# frozen_string_literal: true

# What is taken off and what stays on, where a food has no figure for it, and bread that lies beside a plate.
RSpec.describe "What is left of a food as it is written" do
  def read(line)
    draft = Scullion::Recipe::Draft.new("Salad for 20\n2 kg couscous\n#{line}", house)
    last = draft.reads.last
    [draft.taken(last), draft.settled?(last), last.why]
  end

  # Of bread nobody knows the share of its crust; other trims come near one that the food has.
  it "asks about a part of which nobody knows the share" do
    lines = [
      "500 g white bread, crusts off",
      "1 slice old bread, only the white",
      "1 kg leeks, only the white"
    ]
    expect(lines.map { |line| read(line)[1] }).to eq [false, false, true]
    expect(read(lines.first).last).to start_with("“crusts off”")
  end

  it "leaves the skin on, and takes off what is taken off else" do
    {
      "2 kg butternut squash, skin on" => "seeded",
      "2 kg pumpkin, skin on, seeds scooped" => "seeded",
      "2 kg pumpkin, peeled and seeded" => "peeled",
      "2 kg crown prince squash, peeled" => "peeled",
      "2 kg crown prince squash, skin on" => "seeded",
      "2 kg tomatoes, skins on" => "cored",
      "8 apples, skin on, diced" => "cored",
      "2 kg carrots, skin on" => "scrubbed",
      "2 kg skin-on salmon fillets" => nil
    }.each { |line, trim| expect(read(line).first.component["trim"]).to eq(trim), line }
  end

  it "lays bread that each has whole beside the plate, and none that is cut or baked" do
    {
      "a flatbread each" => "table",
      "1 slice of crusty bread a head" => "table",
      "1 slice of crusty bread each, torn" => "salad",
      "1 kg crusty bread" => "salad"
    }.each { |line, into| expect(read(line).first.into).to eq(into), line }
  end
end
