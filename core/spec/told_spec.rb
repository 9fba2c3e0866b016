# frozen_string_literal: true

require_relative "told_texts"

# What the steps of a recipe tell of its foods, bound to the lines that it is about.
RSpec.describe Scullion::Recipe::Told do
  include ToldTexts

  # °F by (F − 32) × 5 / 9; 20 °C more without a fan; gas 6 is 400 °F.
  it "reads heat in every writing" do
    {
      "Roast the carrots at 350 degrees F." => "177 °C",
      "Roast the carrots at 180 °C fan." => "200 °C",
      "Roast the carrots, fan 190." => "210 °C",
      "Roast the carrots at 425°." => "218 °C",
      "Roast the carrots at gas 6." => "204 °C",
      "Heat the oven to 220C. Roast the carrots." => "220 °C",
      "Carrots toasted 160 for 8-10 min" => "160 °C"
    }.each { |words, heat| expect(told(steps(words))).to include(heat), words }
  end

  it "reads times in every writing" do
    {
      "1 1/2 hours" => "1 h 30",
      "1½ h" => "1 h 30",
      "half an hour" => "30 min",
      "¼ hour" => "15 min",
      "¾ hour" => "45 min",
      "2¼ hours" => "2 h 15",
      "35–40 min" => "35 min to 40 min",
      "nine minutes" => "9 min",
      "an hour and a half" => "1 h 30"
    }.each { |words, time| expect(told(steps("Simmer the lentils for #{words}."))).to include(time), words }
  end

  it "times the boiling by what is said to boil, whatever the water was before" do
    ["18 min from the boil", "18 min once they boil", "18 minutes after it comes to the boil"].each do |time|
      facts = read(steps("Carrots go on in cold water, #{time}, drain."))["told"]
      expect(facts.map { |fact| fact.values_at("what", "set") }).to include(["18 min", true]), time
    end
  end

  it "reads rows numbered in their order as steps, whatever they begin with and however they are numbered" do
    rows = ["lentils 25 min in salted water, spread out to cool", "carrots on a tray, 30-35 min", "eggs last"]
    ["1.", "1)", "1/", "1:", "1 -"].each do |first|
      numbered = rows.each_with_index.map { |row, index| "#{first.sub("1", (index + 1).to_s)} #{row}" }
      text = "Serves 4\n400 g carrots\n200 g puy lentils, dry\n4 eggs\n#{numbered.join("\n")}"
      found = read(text)
      expect(found["lines"].last(3).map { |line| line["kind"] }).to eq(%w[step] * 3), first
      facts = found["told"].select { |fact| fact["set"] }.map { |fact| fact.values_at("line", "what") }
      expect(facts).to include([3, "25 min"], [2, "30 min to 35 min"]), first
    end
    list = read("Serves 4\n1. 400 g carrots\n2. 200 g puy lentils\n3. dill, 2 bunches")["lines"].drop(1)
    expect(list.map { |line| line["kind"] }).to eq(%w[ingredient] * 3)
  end

  it "reads every time that says no unit, and none of another food's by a word that many have" do
    beans = "Serves 8\n400 g dried black-eyed beans\nsmall handful fresh thyme\nMethod\n"
    {
      "Drain the beans, cover with fresh water, boil for 10 minutes then simmer for 40." => "40 min",
      "Drain the beans, cover with fresh water, boil for 10 minutes then simmer for 40-50." =>
        "40 min to 50 min",
      "Boil the beans 10 min, then simmer for another 45." => "45 min"
    }.each do |step, minutes|
      set = read(beans + step)["told"].select { |fact| fact["set"] }
      expect(set.map { |fact| fact.values_at("line", "what") }).to eq([[2, "simmer"], [2, minutes]]), step
    end
  end

  it "sets no way of cooking that a food does not have, and none for what comes cooked" do
    told = read("Serves 60\nYou need 1.5 kilos of cooked chickpeas and salt..")["told"]
    expect(told.map { |fact| fact.values_at("what", "set") }).to eq [["boil gently", false]]
  end

  it "reads hours and minutes in every writing, and what is behind them as what it is" do
    {
      "1 h 20" => "1 h 20",
      "1h15" => "1 h 15",
      "1 h 59" => "1 h 59",
      "1 h 60" => "1 h",
      "1 h 05" => "1 h 05",
      "1 h 5 min" => "1 h 05",
      "1 hour 20" => "1 h 20",
      "1 hr 20 min" => "1 h 20",
      "1 hr. 15 min." => "1 h 15",
      "1 hour, 20 minutes" => "1 h 20",
      "1 hour and 20 minutes" => "1 h 20",
      "an hour and a quarter" => "1 h 15",
      "an hour and twenty minutes" => "1 h 20",
      "an hour and ten" => "1 h 10",
      "one and a half hours" => "1 h 30",
      "two hours and a half" => "2 h 30",
      "two and a quarter hours" => "2 h 15",
      "three quarters of an hour" => "45 min",
      "quarter of an hour" => "15 min",
      "1:10 h" => "1 h 10",
      "1h30m" => "1 h 30",
      "1 h 20 to 1 h 30" => "1 h 20 to 1 h 30",
      "1 h to 1 h 20" => "1 h to 1 h 20",
      "45 minutes to 1 hour" => "45 min to 1 h",
      "45 min to an hour" => "45 min to 1 h",
      "1 h 200 g salt in it" => "1 h",
      "1 hour 20 g salt in it" => "1 h",
      "1 hour 90 C" => "1 h",
      "2 hours, stirring every half an hour" => "2 h",
      "1 h 20, and cut them in quarters" => "1 h 20"
    }.each do |words, time|
      found = told(steps("Simmer the lentils for #{words}."))
      expect(found.grep(/\A\d+ (?:h|min)/)).to eq([time]), "#{words}: #{found.join(", ")}"
    end
    expect(told(steps("Roast the carrots for an hour and a quarter."))).to eq ["roast", "1 h 15"]
  end

  # What the plan has then: 10 min and an hour are 70 min, and a soak is no simmer.
  it "takes all the time that one food is cooked for" do
    cooked = ->(words) do
      Scullion::Recipe::Draft.new(
        "Beans for the staff\nServes 20\n\n1 kg dried black beans\n2 kg carrots\n\n#{words}",
        house
      ).to_h[
        "salad"
      ][
        "components"
      ].first(2).map { |part| part.dig("cook", "minutes") }
    end
    {
      "Bring the black beans to the boil, 10 min hard, then 1 hour gently." => [70.0, nil],
      "Simmer the black beans 45 min, then 15 more with the salt." => [60.0, nil],
      "Roast the carrots 25 to 30 minutes, then another 10 with the honey." => [nil, 40.0],
      "Simmer the black beans for 2 x 20 minutes." => [40.0, nil],
      "Boil the black beans hard for 10 minutes; simmer 50 minutes." => [50.0, nil],
      "Soak the black beans 12 h, then simmer 1 h." => [60.0, nil],
      "Simmer the black beans a bit over an hour, say 70 minutes." => [70.0, nil],
      "Simmer the black beans for 1 hour (the carrots 10 minutes)." => [60.0, nil],
      "Roast the carrots 40 min, turning after 20." => [nil, 40.0]
    }.each { |words, minutes| expect(cooked[words]).to eq(minutes), "#{words} #{cooked[words]}" }
  end

  # 40 s on each of two sides are 1 min 20, 4 min on each 8.
  it "reads a way of cooking in several words, both sides, and minutes without their word" do
    {
      "Carrots from cold, 20 min." => ["boil gently", "20 min"],
      "Carrots in loads of salted water, 12 mins." => ["boil gently", "12 min"],
      "Sear the carrots 4 min a side." => ["grill", "8 min"],
      'Sear the carrots 40" a side.' => ["grill", "1 min 20 s"],
      "Eggs 6:15, ice, peel." => ["6 min 15 s"],
      "Simmer the lentils 25 min, off heat 5 more." => ["25 min", "5 min"],
      "Simmer the lentils 90+ min." => ["1 h 30"],
      "Roast the carrots 220/18min." => ["220 °C", "18 min"]
    }.each { |words, facts| expect(told(steps(words))).to include(*facts), words }
  end

  it "binds the last minutes to what they are of, and salt alone to salt" do
    of = ->(words, what) { read(steps(words))["told"].find { |fact| fact["what"] == what }&.[]("line") }
    expect(of["Simmer the lentils 25 min, and in the last 3 minutes the carrots.", "3 min"]).to eq 2
    expect(of["Carrots in the oven for the last 6 min of the eggs.", "6 min"]).to eq 2
    salted = read("Serves 4\n200 g puy lentils\n1 tsp salt\n\nSimmer the lentils, salt only at the end.")
    expect(salted["told"].find { |fact| fact["what"].end_with?("at the end") }["line"]).to eq 3
    title = read("A salad for the first warm evening\nServes 4\n400 g carrots")
    expect(title["told"]).to eq []
  end

  it "binds each to the food that its sentence speaks of, and sets the plan" do
    text =
      steps(
        "Heat the oven to 220C. Roast the carrots for 35-40 min.",
        "Simmer the lentils 25 min.",
        "Boil the eggs 7 minutes, cool in ice.",
        "Leave the salad to stand 20 min."
      )
    expect(cook(text, "carrot")).to eq("method" => "roast", "minutes" => 40.0, "celsius" => 220)
    expect(cook(text, "dry-puy-lentils")).to eq("method" => "boil", "minutes" => 25.0)
    expect(cook(text, "hen-egg")).to eq("method" => "eggs", "yolk" => "jammy")
    rest = read(text)["told"].find { |fact| fact["what"] == "rest 20 min" }
    expect(rest).to include("set" => false, "can" => false)
    expect(rest).not_to have_key("line")
  end

  it "is declined by the cook, fact by fact" do
    text = steps("Roast the carrots for 40 min.")
    key = read(text)["told"].find { |fact| fact["what"] == "40 min" }["key"]
    expect(cook(text, "carrot", declined: [key])).to eq("method" => "roast")
    expect(read(text, declined: [key])["told"].find { |fact| fact["key"] == key }["set"]).to be false
  end

  it "leaves what the line itself says, and what is not to be done" do
    text = "Serves 4\n400 g carrots, steamed\n200 g peas\nRoast the carrots 40 min. Don't cook the peas."
    expect(cook(text, "carrot")["method"]).to eq "steam"
    expect(read(text)["told"].map { |fact| fact["what"] }).not_to include("blanch")
  end

  # 220 °C and 40 min as written, whatever the larder has for cubes; the fan takes its 20 °C off.
  it "holds through the plan" do
    made =
      plan do |data|
        data["salads"][0]["components"].find { |each| each["ingredient"] == "carrot" }["cook"].merge!(
          "minutes" => 40,
          "celsius" => 220
        )
      end
    roast = made.cooking.find { |each| each.ingredient.key == "carrot" }
    expect(roast.minutes).to eq 40
    expect(roast.oven_celsius).to eq 220
    expect(made.working("#{roast.at}/minutes").to_h["source"]).to eq "Written so in the salad."
  end

  it "refuses minutes that such cooking has none of, and such as nobody cooks" do
    expect { plan { |data| data["salads"][0]["components"][0]["cook"]["celsius"] = 200 } }.to raise_error(
      Scullion::InvalidBrief,
      /has no celsius/
    )
    expect { plan { |data| data["salads"][0]["components"][0]["cook"]["minutes"] = 1441 } }.to raise_error(
      Scullion::InvalidBrief
    )
  end

  it "says where the list and the steps do not say the same" do
    list = "Serves 4\n400 g carrots\n1 tbsp honey\n60 ml olive oil"
    text = "#{list}\nMethod\nWhisk 1 tsp honey with 30 ml olive oil."
    expect(read(text)["differs"]).to eq ["honey: 1 Tbsp in the list, 1 tsp in the steps"]
    more = text.sub("30 ml olive oil", "100 ml olive oil")
    expect(read(more)["differs"].join).to include("olive oil: 60 ml in the list, 100 ml in the steps")
  end

  it "knows a food in the steps by its kind" do
    text = "Serves 4\n300 g salmon fillet\n200 g rocket\nMethod\nFlake the fish over the leaves."
    expect(read(text)["unused"]).to eq []
  end

  it "binds by place in a sentence of many letters, and the heat to what is in the oven" do
    list = "Serves 4\n400 g carrots\n200 g pearl barley\nMethod"
    step = "Dès que la crème est prête — roast the carrots 1½ hrs at 200°C, simmer the barley 25 min."
    text = "#{list}\n#{step}"
    expect(cook(text, "carrot")).to eq("method" => "roast", "minutes" => 90.0, "celsius" => 200)
    expect(cook(text, "pearl-barley")).to eq("method" => "absorption", "minutes" => 25.0)
  end

  describe "cooked whole and cut then" do
    def planned(steps)
      text = <<~TEXT
        Potatoes
        Serves 8
        1.6 kg waxy potatoes, peeled
        100 g rocket
        4 tbsp olive oil
        1 tbsp red wine vinegar
        Boil the potatoes. #{steps}
      TEXT
      document = {
        "format" => Scullion::Brief::FORMAT,
        "service" => {
          "name" => "Friday",
          "date" => "2026-11-27",
          "from" => "12:00",
          "to" => "13:00",
          "covers" => 60,
          "lines" => [{ "salad" => "p" }]
        },
        "salads" => [read(text)["salad"].merge("key" => "p")]
      }
      Scullion::Plan.for(Scullion::Brief.read(document, house))
    end

    def tasks(plan) = Scullion::Day::Roster.new(plan).instance.tasks.to_h { |task| [task.key, task] }
    def last(line)
      read("Potatoes\nServes 8\n100 g rocket\n1.6 kg waxy potatoes, #{line}")["salad"]["components"].last
    end

    it "is read from the order of a line, and from the steps" do
      after = last("boiled in their skins, then peeled and diced")
      expect(after).to include("trim" => "peeled", "cut" => "diced", "cook" => include("cut_after" => true))
      expect(last("diced and boiled")["cook"]).not_to include("cut_after")
    end

    it "is trimmed and cut out of the cold, and said so at the bench" do
      made = planned("Dice the potatoes once they are cold.")
      expect(made.preps.first.words["cut"]).to include("after_cooking" => true)
      expect(Scullion::Plan::Paper.new(made).to_s).to include("; cut once cooked")
      all = tasks(made)
      trims = all.keys.grep(%r{\Aprep/0/trim})
      expect(all.fetch("prep/0/cut").after.map(&:task)).to eq trims
      expect(all.values_at(*trims).flat_map { |task| task.after.map(&:task) }.uniq).to eq ["cook/0"]
      expect(all.fetch("build/0/finish/1").after.map(&:task)).to include("prep/0/cut")
    end

    it "is cut warm where the dressing goes in warm" do
      warm =
        tasks(planned("Dice the potatoes once cooked. Pour half the dressing over while hot, the rest last."))
      expect(warm.keys).not_to include("prep/0/cut")
      expect(warm.fetch("cook/0").segments.map(&:name)).to include("Cut it warm")
    end
  end
end
