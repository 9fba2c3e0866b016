# frozen_string_literal: true

require_relative "told_texts"

# Which of several foods a sentence of the steps tells of: what is in one pot, what stands beside its time,
# what is treated.
RSpec.describe Scullion::Recipe::Told do
  include ToldTexts

  # What was put into the pot first is what the time is of, whatever was added to it.
  it "tells of all that is in one pot" do
    [
      "Cover the lentils with cold water, add the carrots, bring up and simmer for 22 minutes.",
      "Put the lentils in a pan with the carrots, cover with water, bring to the boil and simmer 22 minutes.",
      "Tip lentils into a large pan, pour in water to cover, add the carrots, then simmer gently for 22 min.",
      "Cover the lentils by 5 cm with water. Add the carrots. Simmer 22 minutes.",
      "Cover the lentils with water. Add the carrots, bring to the boil and simmer 22 minutes."
    ].each do |sentence|
      found = cook(steps(sentence), "dry-puy-lentils")
      expect(found.values_at("method", "minutes")).to eq(["boil", 22.0]), sentence
    end
    apart =
      steps("Put the lentils in a pan with water and simmer 22 minutes. Add the carrots and boil 3 minutes.")
    expect([cook(apart, "dry-puy-lentils"), cook(apart, "carrot")].map { |each| each["minutes"] }).to eq [
         22.0,
         3.0
       ]
  end

  it "sears nothing in a pan of water" do
    text = "Serves 4\n500 g chicken breast\nPut the chicken in a pan, cover with water, poach 15 min"
    expect(told(text)).not_to include("sear")
    expect(told(text.sub(", cover with water, poach", " with a lid,"))).to include("sear")
  end

  it "tells of what is meant by it, and not of what it is done with or of what is left out" do
    bread = "Serves 4\n400 g sourdough\n1 kg tomatoes\n30 g basil\n"
    facts = ->(steps) { read(bread + steps)["told"].map { |fact| fact.values_at("line", "what") } }
    expect(facts["Toast the bread 10 minutes. Soak it in the tomato for 15 minutes."]).to include(
      [2, "soak 15 min"]
    )
    rested = facts["Mix everything but the basil, rest for 30 minutes, tear in the basil."]
    expect(rested).to include [4, "torn"]
    expect(rested.reject { |_, what| what.match?(/back|torn/) }.map(&:first).uniq).to eq [nil]
  end

  it "puts on the tray what is tossed before the sentence that roasts it" do
    list = "Serves 24\n4 kg aubergine\n300 ml olive oil\n10 g cumin\n20 g salt\n600 g yoghurt\ntahini\n"
    steps = "Cut the aubergine up, toss with oil, half the salt and the cumin. Roast at 210C for 30 mins."
    into = ->(told) { read(list + told)["lines"].to_h { |line| line.values_at("name", "to") } }
    expect(into["#{steps} Mix yoghurt and tahini."]).to include("olive oil" => "cook", "cumin" => "cook")
    expect(into[steps.sub("with oil", "with half the oil")]).to include("olive oil" => "dressing")
    expect(into[steps.sub(" Roast", " Serve")]).to include("olive oil" => "dressing")
  end

  it "has what is marinated above a list that has some of the same too" do
    text =
      "Beef salad for 36\n\nFlank steak, 4.5kg trimmed weight. Marinate in 300ml fish sauce, 150g honey, " \
        "60g garlic overnight. Grill hard, rest, slice.\n\n1 kg cucumber\n\nNam jim\n600 ml lime juice\n" \
        "450 ml fish sauce\n80 g garlic"
    lines = read(text)["lines"].filter_map { |line| line.values_at("name", "to") if line["status"] }
    expect(lines.tally).to include(
      ["fish sauce", "cook"] => 1,
      ["fish sauce", "dressing"] => 1,
      %w[garlic cook] => 1,
      %w[garlic dressing] => 1
    )
  end

  # Each by its own figures, and declinable like the rest.
  it "treats raw vegetables as the steps say, each as far as it has figures for it" do
    list =
      "Serves 4\n200 g kale\n2 cucumbers\n400 g white cabbage\n2 red onions\n1 fennel bulb\n400 g butternut\n"
    treat = ->(step, key, **rest) do
      read(list + step, **rest)["salad"]["components"].find { |each| each["ingredient"] == key }["treat"]
    end
    {
      "Massage the kale with a spoon of oil for 5 minutes." => %w[kale massage],
      "Salt the cucumbers, 20 min, squeeze." => %w[cucumber salt-and-drain],
      "Toss the cabbage with the salt, leave half an hour, rinse and squeeze." => %w[
        white-cabbage
        salt-and-rinse
      ],
      "Soak the onions in cold water for 10 minutes." => %w[red-onion cold-soak],
      "Shave the fennel into iced water." => %w[fennel ice-water],
      "Boil the butternut 12 min, mash it." => %w[butternut mash]
    }.each { |step, (key, treated)| expect(treat[step, key]).to eq(treated), step }
    {
      "Boil the butternut 12 min, mash half of it." => "butternut",
      "Season the cucumbers with salt and drain them." => "cucumber",
      "Blanch the cabbage 2 minutes, into iced water." => "white-cabbage",
      "Salt the water well, drain the cabbage." => "white-cabbage"
    }.each { |step, key| expect(treat[step, key]).to be_nil, step }
    salted = "Salt the cucumbers, 20 min, squeeze."
    declined = read(list + salted)["told"].find { |fact| fact["what"] == "salt and drain" }["key"]
    expect(treat[salted, "cucumber", declined: [declined]]).to be_nil
    expect(treat["2 more cucumbers, salted and rinsed", "cucumber"]).to be_nil
  end

  # Where a food stands as long as is written, and not as long as the house has it.
  it "lets it stand as long as is written, in a step or in its line" do
    list = "Serves 4\n2 cucumbers\n400 g white cabbage\n1 fennel bulb\n200 g kale\n1 aubergine\n"
    stands = ->(text, key) do
      read(text)["salad"]["components"].find { |each| each["ingredient"] == key }["treat_minutes"]
    end
    {
      "Salt the cucumbers, 35 min, squeeze." => ["cucumber", 35.0],
      "Salt the cabbage and leave it an hour, then squeeze." => ["white-cabbage", 60.0],
      "Shave the fennel into ice water for 15 to 20 min." => ["fennel", 20.0],
      "Salt the cucumbers and squeeze them." => ["cucumber", nil],
      "Massage the kale 5 min." => ["kale", nil],
      "Salt the aubergine 20 min, pat dry, roast 25 min." => ["aubergine", nil]
    }.each { |step, (key, minutes)| expect(stands[list + step, key]).to eq(minutes), step }
    expect(stands["Serves 4\n½ red onion, thin, soaked 10 min", "red-onion"]).to eq 10.0
    expect(stands["Serves 4\n2 cucumbers, salted and drained 30 min", "cucumber"]).to eq 30.0
    expect(stands["Serves 4\n2 red onions, soaked in vinegar 10 min", "red-onion"]).to be_nil
    found = read("Serves 4\n½ red onion, soaked 10 min")["told"].find { |fact| fact["what"] == "for 10 min" }
    declined =
      read("Serves 4\n½ red onion, soaked 10 min", declined: [found["key"]])["salad"]["components"].first
    expect(declined.values_at("treat", "treat_minutes")).to eq ["cold-soak", nil]
  end

  # As a card writes them, so that they are read again when somebody changes a word of it.
  it "reads the house's own names of its treatments, with how long they stand" do
    {
      "Red onions, peeled, sliced, soak in cold water, 25 min" => ["cold-soak", 25.0],
      "Cucumbers, seeded, diced, salt and drain, 35 min" => ["salt-and-drain", 35.0],
      "White cabbage, cored, shredded, salt rinse and squeeze, 40 min" => ["salt-and-rinse", 40.0],
      "Fennel, shaved, crisp in ice water, 15 min" => ["ice-water", 15.0],
      "Red onions, sliced, quick-pickle, 50 min" => ["quick-pickle", 50.0],
      "Kale, picked, torn, massage" => ["massage", nil]
    }.each do |line, treated|
      found = read("Serves 4\n300 g #{line}\n100 g feta")["salad"]["components"].first
      expect(found.values_at("treat", "treat_minutes")).to eq(treated), line
    end
  end

  it "gives each of several foods the time that is said in its place" do
    list = "Serves 4\n200 g green beans\n200 g frozen peas\n500 g carrots\n3 red peppers\n4 eggs\n"
    minutes = ->(step) do
      read(list + step)["told"]
        .select { |fact| fact["set"] && fact["what"].end_with?("min") }
        .to_h { |fact| [fact["line"], fact["what"]] }
    end
    expect(minutes["Blanch beans and peas separately, 3 and 2 minutes."]).to eq(2 => "3 min", 3 => "2 min")
    expect(minutes["Roast peppers and carrots at 210 for 25 and 35 minutes."]).to eq(
      5 => "25 min",
      4 => "35 min"
    )
    expect(minutes["Boil the beans, peas and carrots 4, 2 and 7 minutes."]).to eq(
      2 => "4 min",
      3 => "2 min",
      4 => "7 min"
    )
    # Two times for three foods say nothing of which.
    expect(minutes["Boil the beans, peas and carrots 4 and 7 minutes."].values.uniq).to eq ["7 min"]
  end

  it "leaves a way of cooking to the food that it stands behind" do
    list = "Serves 4\n500 g carrots\n400 g tinned chickpeas\n200 g puy lentils, dry\n200 g halloumi\n"
    ways = ->(step) { read(list + step)["told"].map { |fact| fact.values_at("line", "what") } }
    roast = ways["Toss carrots in oil, roast 25 min at 200C, then add the chickpeas."]
    expect(roast).to eq [[2, "roast"], [2, "25 min"], [2, "200 °C"]]
    expect(ways["While the lentils simmer (20 min), grill the halloumi."]).not_to include([5, "simmer"])
    expect(ways["Boil the carrots."].map(&:first)).to eq [2]
    expect(ways["Carrots into a 190 oven for half an hour."]).to include([2, "190 °C"])
  end

  it "soaks what stands in cold water, and takes a bare heat behind at" do
    expect(told("Serves 4\n1 kg fennel, shaved, ice water 10'")).to include("for 10 min")
    expect(told(steps("Roast the carrots for 40 minutes at 150."))).to include("150 °C")
    expect(told(steps("Roast the carrots at 350 until soft, 40 minutes."))).to include("177 °C")
    expect(told(steps("Plate the carrots at 150 g each, roast them 40 minutes."))).not_to include(/°C/)
  end

  it "takes neither the heat of a core for that of an oven, nor what must never be for what is" do
    expect(told(steps("Roast the carrots until the eggs are at 75°C core."))).not_to include("75 °C")
    expect(told(steps("Roast the carrots at 200 °C to 75°C in the middle."))).to include("200 °C")
    expect(told(steps("Dress the carrots and chill, never overnight."))).not_to include(/12 h/)
    expect(told(steps("Chill the carrots overnight."))).to include("chill 12 h")
  end

  it "reads seconds behind minutes, and a heat before its time" do
    {
      "Boil the eggs for 6 min 30." => "6 min 30 s",
      "Boil the eggs 6 minutes 30 seconds." => "6 min 30 s",
      "Boil the eggs 7 and a half minutes." => "7 min 30 s",
      "Boil the eggs 6 min, 30 g butter" => "6 min",
      "Sear the eggs 1 min 30 a side." => "3 min"
    }.each { |step, time| expect(told(steps(step))).to include(time), step }
    expect(told("Serves 4\n1 kg carrots, 160, 1hr")).to eq ["1 h", "160 °C", "roast"]
    expect(told("Serves 4\n1 kg farro, simmer 25 min\n1 kg broccoli, 210C 12 min")).to include(
      "roast",
      "210 °C"
    )
  end

  it "takes no herb for what is cooked, and all that is cooked together" do
    list = "Serves 4\n400 g sourdough\n10 g rosemary\n200 g dry cannellini\n1 carrot\n"
    minutes = ->(step, line) do
      read(list + step)["told"]
        .find { |fact| fact["line"] == line && fact["what"].end_with?("min", "30") }
        &.fetch("what")
    end
    expect(minutes["Tear up the bread, rosemary, oven at 190 for 12 minutes.", 2]).to eq "12 min"
    expect(minutes["Simmer the beans with a carrot for 90 min.", 4]).to eq "1 h 30"
  end

  it "gives the heat of the oven to what is in it alone, and a heat to the time behind it" do
    list =
      "Serves 20\n6 kg squash, roast 200 fan 28 min\n600 g hazelnuts, 160 12min, rub skins\n" \
        "500 g dried cranberries, soak in hot tea 30 min"
    heats =
      read(list)["told"]
        .select { |fact| fact["what"].end_with?("°C") }
        .map { |fact| fact.values_at("line", "what") }
    expect(heats).to eq [[2, "220 °C"], [3, "160 °C"]]
    expect(read(list)["told"].map { |fact| fact["what"] }).to include("12 min", "soak 30 min")
  end

  # "→ simmer 25, drain" below each food is said of it; several rows that begin so are steps.
  it "tells what stands below a food, set in, of that food" do
    text =
      "Serves 12\nfarro ... 900 g dry\n   -> simmer 25, drain\nsugar snaps ... 600 g\n   -> blanch 45 sec\n"
    facts = read(text)["told"].select { |fact| fact["set"] }.map { |fact| fact.values_at("line", "what") }
    expect(facts).to eq [[2, "absorption"], [2, "25 min"], [3, "blanch"], [3, "45 s"]]
    list = "Serves 4\n400 g carrots\n200 g feta\n  -> Roast the carrots 25 min.\n  -> Crumble the feta over."
    expect(read(list)["lines"].count { |line| line["kind"] == "step" }).to eq 2
  end

  # Below a list, without a heading and without numbers.
  it "tells what becomes of what is listed above, by its name and a dash" do
    list = "Serves 20\nfreekeh 1kg\nred onions 6\noil 250 ml\nlemon juice 80 ml\n"
    rows = [
      "freekeh - toast dry 5 min, boil 25 min in 3 l water",
      "onions - thin rings, cover w/ hot pickle, min 1 hr",
      "dressing - lemon juice, rest of the oil"
    ]
    found = read(list + rows.join("\n"))
    foods = found["lines"].filter_map { |line| line.dig("taken", "key") if line["grams"] }
    expect(foods - %w[water]).to eq %w[freekeh red-onion olive-oil lemon-juice]
    expect(found["told"].map { |fact| fact.values_at("line", "what") }).to include(
      [2, "25 min"],
      [3, "soak 1 h"]
    )
    other = read("Serves 4\nfreekeh 1kg\nbeetroot - roast 40 min, 600 g\nonions - sliced, 2")
    expect(other["lines"].map { |line| line.dig("taken", "key") }).to include("beetroot", "white-onion")
  end

  it "tells of a food by its short name, by its kind, or by a word of its own that no other has" do
    list =
      "Serves 4\n300 g gigantes beans (dry)\n60 g air-dried ham\n200 g sourdough\n2 pouches basmati rice\n"
    of = ->(step) { read(list + step)["told"].filter_map { |fact| fact["line"] }.uniq }
    {
      "Simmer bns 90 min." => [2],
      "Toss the salad, ham draped over at the end." => [3],
      "Toss the salad, croutons last." => [4],
      "Microwave the rice 90 sec." => [5]
    }.each { |step, line| expect(of[step]).to eq(line), step }
  end
end
