# frozen_string_literal: true

# Several numbers of whom a recipe serves: one is taken, and the others are offered.
RSpec.describe Scullion::Recipe::Servings do
  it "says what other number may be meant, but for the far end of a range" do
    may_be = {
      "Potato salad for 24 covers, order of 30" => [24, [30]],
      "Potato salad, buffet for 90 (3 salads, this is no. 2)" => [90, nil],
      "Prep, buffet (65): salad 2 of 3" => [65, nil],
      "Potato salad\nSERVES 24\nDo it for 140" => [140, [24]],
      "Bowl menu – bowl 3 of 5 – 150 bowls" => [150, [5]],
      "Potato salad – church barbecue (60+)" => [60, nil],
      "Potato salad, 6-24 people" => [6, nil],
      "Potato salad, 6-25 people" => [25, [6]],
      "Potato salad, serves 6-8" => [6, nil],
      "Potato salad, 6 to 8 people" => [6, nil],
      "Potato salad, serves 24" => [24, nil]
    }
    read =
      may_be.to_h do |top, _|
        draft = Scullion::Recipe::Draft.new("#{top}\n2 kg waxy potatoes\n300 g feta", house).to_h
        [top, draft.values_at("servings", "servings_others")]
      end
    expect(read).to eq may_be
  end

  it "takes what somebody does with two of a food for none who is served" do
    text = "Bulgur for the hall\nyou do two cucumbers and 1 kg bulgur. it's for about thirty"
    expect(Scullion::Recipe::Draft.new(text, house).to_h["servings"]).to eq 30
    four = "Potato salad. Does four\n2 kg waxy potatoes"
    expect(Scullion::Recipe::Draft.new(four, house).to_h["servings"]).to eq 4
  end
end
