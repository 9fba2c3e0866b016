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

  def draft(text) = Scullion::Recipe::Draft.new(text, house).to_h
  def told(text) = draft(text)["told"].map { |fact| fact["what"] }

  it "cooks nothing that is only laid in water, unless that boils" do
    [
      "soaked in cold water 10 min",
      "soak in hot water for 10 min",
      "left in iced water 10 minutes",
      "leave in a bowl of warm water, 10 min",
      "stand in lightly salted water 10 min"
    ].each { |done| expect(told("Serves 4\n1 red onion, #{done}").join).not_to include("boil"), done }
    expect(told("Serves 4\n200 g rice noodles, soak in boiling water 8 min")).to include "boil and drain"
  end

  it "takes the time of what is only begun for no time of cooking" do
    beans = "Serves 10\n1.8 kg dried kidney beans\n\n"
    [
      "Boil 10 minutes hard, then simmer until tender.",
      "Boil the beans rapidly for 10 min and then turn down and cook till soft.",
      "Boil the beans 10 min, then reduce the heat until they are done."
    ].each { |step| expect(told(beans + step).join(" ")).not_to include("10 min"), step }
    expect(told("#{beans}Boil the beans 10 min then simmer 50 min until soft.")).to include "50 min"
    expect(told("#{beans}Simmer the beans 50 min until tender, then drain.")).to include "50 min"
  end

  it "takes how many it was for, for no time" do
    expect(
      told("Serves 40\nlast time it was 4 kilos of beans for 40 and that was spot on").join
    ).not_to match(/min/)
    expect(told("Serves 4\n1 kg squash\n\nRoast 1 kg squash for 40 and cool.")).to include "40 min"
  end

  # A soak that is told not to be done was one, and took the minutes of the cooking.
  it "takes what is not done for not done, and what is done beside it for done" do
    {
      "not soaked, simmered 20 minutes" => ["boil and drain", "20 min"],
      "no need to soak, simmered 20 minutes" => ["boil and drain", "20 min"],
      "never soaked, just simmered 20 minutes" => ["boil and drain", "20 min"],
      "don't rinse, simmered 20 minutes" => ["boil and drain", "20 min"]
    }.each do |done, facts|
      said = told("Serves 10\n750 g puy lentils, #{done}")
      expect(said.join(" ")).not_to match(/soak|rest/), done
      facts.each { |fact| expect(said.join(" ")).to include(fact), done }
    end
    expect(told("Serves 10\n750 g dried chickpeas, soaked 8 h, boiled 40 min").join).to match(/soak/)
    expect(draft("Serves 10\n750 g puy lentils, not soaked, simmer 20 min")["told"].first["text"]).to include(
      "not soaked"
    )
  end

  it "tells what is said of a food of a step with the step, and of no other food" do
    said =
      draft(
        "Serves 4\n800 g beetroot\n1 red onion\n100 g pecans\n\nMethod\n" \
          "Put the onion with 2 pinches of salt in a colander for 20 minutes.\nChop the pecans."
      )
    times = said["told"].select { |fact| fact["what"].include?("20 min") }
    expect(times.map { |fact| fact["line"] }.uniq.size).to eq 1
  end

  it "cooks what is counted in words behind its name, and loses nothing of it" do
    lines =
      draft("Serves 12\nLeeks: Six, white part only, sliced, sweated in 50 g butter for ten minutes.")[
        "lines"
      ]
    expect(lines.filter_map { |each| each.dig("taken", "key") }).to eq %w[leek butter]
    plain = draft("Serves 12\nOnions: Six, sliced, cooked in oil until soft.")["lines"]
    expect(plain.filter_map { |each| each["taken"] }.size).to be >= 1
  end
end
