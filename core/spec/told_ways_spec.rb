# frozen_string_literal: true

# One thing that the steps tell, in the ways that cooks tell it; " / " stands for a new row.
RSpec.describe "Ways of telling one thing" do
  let(:roasted) { <<~TEXT.lines(chomp: true) }
      Roast the squash at 200C for 25 minutes.
      Roast squash 25 min at 200°C.
      Roast the squash for 25 minutes at 200 degrees.
      Heat the oven to 200C. Roast the squash for 25 min.
      Oven 200. Squash in for 25 min.
      Squash: 200C, 25 min.
      Squash – roast 25 mins, 200°C
      200C oven, squash 25 min
      Squash into a 200C oven for 25 minutes.
      Put the squash on a tray and roast in a 200 °C oven for 25 min.
      Bake the squash, 200C, 25 minutes, until soft.
      Preheat the oven to 200°C. Toss the squash with the oil and roast for 25 minutes until golden.
      Toss squash in oil, roast 200/25
      Roast squash @ 200 x 25 min
      Roast squash 25' 200°
      Roast squash (200C, 25 min).
      Roast the squash at 200 for 25.
      Tray up the squash, 200C for 25 min.
      The squash wants 25 minutes at 200C.
      25 min at 200C for the squash.
      squash 25min 200c roast
      Roast the squash for twenty-five minutes at 200C.
      Give the squash 25 minutes in a hot oven (200C).
      Oven at 200C. Roast the squash in its oil. 25 minutes.
      1. Heat oven to 200 °C. / 2. Toss squash with oil. / 3. Roast 25 min.
      Oven to 200C. Roast squash for 20-25 mins.
      Roast the squash in the oven at 200C until soft, about 25 min.
      Set the oven at 200C and roast the squash till it gives, 25 minutes or so.
      Squash in the oven (200C) 25 min, cool.
      Slide the squash into the oven - 200C - for 25 mins.
    TEXT

  let(:boiled) { <<~TEXT.lines(chomp: true) }
      Simmer the lentils for 20 minutes.
      Lentils: simmer 20 min.
      Lentils 20 min simmer, drain.
      Boil the lentils for 20 minutes, drain.
      Cook the lentils in plenty of water for 20 minutes.
      Simmer lentils 20'.
      Lentils on, 20 mins, drain well.
      Cook lentils 20 min until tender.
      Bring the lentils to the boil, then simmer for 20 minutes.
      Put the lentils in cold water, bring up and simmer 20 min.
      The lentils take 20 minutes.
      Lentils in boiling water for 20 min.
      Give the lentils 20 minutes at a simmer.
      Simmer the lentils gently, 15-20 minutes.
      Lentils simmered 20 min, drained, dressed.
      20 min for the lentils, at a simmer.
      Drop the lentils in boiling salted water; 20 minutes should do.
      Get the lentils on first: 20 min at a simmer.
      Rinse the lentils, cover with water, simmer about 20 min.
      Lentils → simmer 20 → drain
    TEXT

  let(:warm) { <<~TEXT.lines(chomp: true) }
      Simmer the lentils 20 min and dress them warm.
      Dress the lentils while still warm.
      Dress the warm lentils.
      Simmer the lentils, drain and dress while hot.
      Toss lentils with half the dressing while they are warm.
      Pour the dressing over the hot lentils.
      Drain the lentils and stir in the dressing straight away, while warm.
    TEXT

  def cooked(food, told)
    list = "Salad\nserves 10\n1 kg squash\n300 g green lentils, dry\n200 g feta\n60 ml olive oil\n\n"
    read = Scullion::Recipe::Draft.new(list + told.gsub(" / ", "\n"), house).to_h
    read["salad"]["components"].find { |each| each["ingredient"] == food }["cook"]
  end

  it "roasts squash at 200 °C for 25 min" do
    said =
      roasted.reject do |told|
        cooked("butternut", told).values_at("method", "celsius", "minutes") == ["roast", 200, 25]
      end
    expect(said).to eq []
  end

  it "boils lentils for 20 min" do
    said =
      boiled.reject do |told|
        cooked("dry-green-lentils", told).values_at("method", "minutes") == ["boil", 20]
      end
    expect(said).to eq []
  end

  it "dresses them warm" do
    expect(warm.reject { |told| cooked("dry-green-lentils", told)["serve"] == "warm" }).to eq []
  end

  # What is so hot is an oven; what lies in vinegar meanwhile is not in it.
  it "puts nothing into the oven that another sentence speaks of" do
    expect(
      cooked("dry-green-lentils", "Oven 200. Squash in for 25 min. Lentils in the vinegar 20 min.")["method"]
    ).to eq("boil")
  end
end
