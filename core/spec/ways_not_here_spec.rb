# frozen_string_literal: true

# A way of cooking that is written and that the food has no figures for is asked, never replaced unsaid.
RSpec.describe "A way of cooking without figures" do
  def read(text) = Scullion::Recipe::Draft.new("Serves 16\n#{text}", house).to_h
  def asked(line) = read(line)["lines"][1]["why"].to_s[/“(.+)”: there are no figures/, 1]
  def method(line) = read(line)["salad"]["components"].first.dig("cook", "method")

  it "is asked where the line names it" do
    {
      "1.6 kg chicken thighs, poached 20 min" => "poached",
      "2 kg fennel, braised" => "braised",
      "1 kg aubergine, deep-fried" => "deep fried",
      "16 eggs, fried" => "fried",
      "400 g feta, grilled" => "grilled",
      "1 kg salmon, cured" => "cured",
      "1 kg cauliflower, pickled" => "pickled",
      "1 kg strawberries, roasted" => "roasted",
      "1 kg spinach, wilted" => "wilted",
      "1 kg carrots, par-boiled and cooled" => nil,
      "1 kg beetroot, salt-baked" => "salt baked"
    }.each { |line, word| expect(asked(line)).to eq(word), line }
  end

  it "is asked where the steps say it of the food by its name, and their minutes are no other way's" do
    list = "1.6 kg chicken thighs\n1 kg fennel\n500 g halloumi\n"
    found = read("#{list}Poach the chicken 20 min. Braise the fennel 40 min. Fry the halloumi 2 min.")
    expect(found["lines"][1..3].map { |line| line["why"].to_s[/“(.+)”/, 1] }).to eq [
         "boil gently",
         "braise",
         nil
       ]
    minutes = found["told"].select { |fact| fact["what"].end_with?("min") }
    expect(minutes.map { |fact| fact.values_at("line", "set", "can") }).to eq [
         [2, false, false],
         [3, false, false],
         [4, true, true]
       ]
  end

  it "is any of those that its word may mean" do
    {
      "500 g halloumi, fried" => "sear",
      "100 g hazelnuts, roasted" => "toast",
      "300 g white bread, fried" => "crisp",
      "800 g pearl barley, boiled" => "absorption",
      "16 eggs, boiled" => "eggs"
    }.each do |line, way|
      expect(asked(line)).to be_nil, line
      expect(method(line)).to eq(way), line
    end
  end

  it "is what its last word says where nobody knows the whole word" do
    {
      "1 kg squash, slow-roasted" => "roast",
      "1 kg onions, pan-roasted" => "roast",
      "1 kg red peppers, char-grilled" => "grill",
      "1 kg red peppers, chargrilled" => "grill",
      "400 g bacon, crisped" => "sear"
    }.each { |line, way| expect([asked(line), method(line)]).to eq([nil, way]), line }
  end

  # A word that changes nothing is no way of cooking or cutting.
  it "is no word that is passed over" do
    lexicon = house.lexicon
    ways = lexicon.words("ways") + lexicon.words("told").fetch("cook").keys
    # A "crisp" apple; "toasted" oil; "blanched" almonds.
    expect(ways.select { |word| lexicon.aside?(word) } - %w[crisp toasted blanched]).to eq []
  end

  it "is none of what seasons, is poured, or comes as it is" do
    [
      "10 g cumin seeds, toasted",
      "1 bunch sage, fried",
      "100 g blanched almonds",
      "2 lemons, charred"
    ].each { |line| expect(asked(line)).to be_nil, line }
    # Cooked as it comes, but fried here.
    ["2 tins chickpeas, fried", "200 g serrano ham, fried"].each do |line|
      expect(asked(line)).to eq("fried"), line
    end
  end

  # Every food with every way that a line can name: planned so, or asked.
  it "is never passed over, whatever the food" do
    words = house.practice.words("recipe_words", "cook").invert.values + house.lexicon.words("ways")
    foods =
      house.larder.values.select do |food|
        %w[root squash fruiting pod brassica].include?(food.family) && !food.name.match?(/tin/i) &&
          !house.lexicon.aromatic?(food.key)
      end
    passed =
      foods
        .sample(60, random: Random.new(29))
        .product(words.sample(6, random: Random.new(29)))
        .reject do |food, word|
          line = "2 kg #{food.name.downcase}, #{word}"
          found = read(line)["lines"][1]
          next true unless found.dig("taken", "key") == food.key && found["status"] == "sure"

          ways =
            house.words.fetch("told").fetch("cook")[word] ||
              house.practice.words("recipe_words", "cook").values_at(word)
          ways.include?(method(line))
        end
    expect(passed.map { |food, word| "#{food.key} #{word}" }).to eq []
  end

  # "Sweat the onions" in one sentence takes no minutes from the boiling in another.
  it "keeps no other way's minutes from it" do
    steps =
      "Boil the potatoes 18 min. Blanch the leeks 3 min, then roast. Sweat the potatoes and leeks 6 min."
    told = read("2 kg potatoes\n1 kg leeks\n800 g lardons\n#{steps} Render the lardons.")["told"]
    set = told.select { |fact| fact["set"] }.map { |fact| fact.values_at("line", "what") }
    expect(set).to include([2, "18 min"], [4, "sear"])
    expect(set).not_to include([2, "6 min"])
  end

  # A cut that is written is that cut, what it is of such a food, or a question; never the house's usual one.
  it "nor is a cut, whatever the food" do
    {
      "3 lb carrots, shredded" => "grated",
      "1 onion, halved" => "wedges",
      "2 tomatoes, chopped" => "diced",
      "1 cucumber in ribbons" => "ribbons",
      "2 cups shredded cheddar" => "grated",
      "2 fennel bulbs, cut in wedges" => "wedges"
    }.each { |line, cut| expect(read(line)["salad"]["components"].first["cut"]).to eq(cut), line }
    expect(asked("2 kg celeriac, remoulade cut")).to eq "remoulade cut"
    expect(asked("1 kg spinach, diced")).to eq "diced"
    alike = house.lexicon.words("alike_cuts")
    written = { "diced" => "diced", "in wedges" => "wedges", "grated" => "grated", "torn" => "torn" }
    lexicon = house.lexicon
    foods =
      house.larder.values.select do |food|
        food.cuts.any? && food.name.match?(/\A[[:alpha:]]+\z/) &&
          %i[seasons? squeezed?].none? { |kind| lexicon.public_send(kind, food.key) }
      end
    passed =
      foods
        .product(written.to_a)
        .reject do |food, (words, cut)|
          found = read("2 kg #{food.name.downcase}, #{words}")
          line = found["lines"][1]
          unless line.dig("taken", "key") == food.key && line["status"] == "sure" && line["to"] == "salad"
            next true
          end

          [cut, *alike[cut]].include?(found["salad"]["components"].first["cut"])
        end
    expect(passed.map { |food, (words, _)| "#{food.key} #{words}" }.join(", ")).to eq ""
  end
end
