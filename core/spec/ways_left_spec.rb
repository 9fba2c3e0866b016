# frozen_string_literal: true

require_relative "read_texts"

# Every way of a line has its food, or is asked about; and of two cuts or trims both are done.
RSpec.describe Scullion::Recipe::WaysLeft do
  include ReadTexts

  def lines(text) = draft("Salad for 20\n2 kg pearl barley\n#{text}")["lines"].drop(2)
  def why(text) = lines(text).last["why"]
  def worked(text) = draft("Salad for 20\n#{text}")["salad"]["components"].last

  it "asks about a second way of cooking" do
    {
      "3 kg broccoli florets, blanched then griddled" => "griddled",
      "4 kg tenderstem, blanched 90 seconds, refreshed, charred" => "charred"
    }.each do |line, way|
      expect(why(line)).to eq "“#{way}” too: one food is cooked one way here. Take it without?"
    end
  end

  it "asks nothing where the way is had, is not done, or is that of a weight" do
    [
      "3 kg broccoli florets, blanched",
      "3 kg carrots, grated, not roasted",
      "2.1 kg cooked quinoa (from 700 g raw)",
      "2 kg beetroot, half roasted",
      "400 g walnuts, toasted, half chopped"
    ].each { |line| expect(why(line)).to be_nil, line }
  end

  it "cuts it as the last word says, the earlier being how it is begun" do
    {
      "12 peaches, stoned, cut into wedges" => "wedges",
      "6 pointed cabbages, quartered, cored and shaved" => "shaved",
      "2 cucumbers, halved lengthways, sliced on an angle" => "sliced",
      "1.9 kg salami, sliced, then in strips" => "strips",
      "200 g green olives, stoned, halved" => "halved"
    }.each { |line, cut| expect(worked(line)["cut"]).to eq(cut), line }
  end

  it "keeps the first cut where the other is of some of it, an alternative, or comes before by its kind" do
    {
      "2 cucumbers, sliced (or shaved)" => "sliced",
      "2 cucumbers, sliced or shaved" => "sliced",
      "2 cucumbers, shaved, in halves" => "shaved"
    }.each { |line, cut| expect(worked(line)["cut"]).to eq(cut), line }
  end

  # Of 1 kg as bought, 63 % are left of a cucumber that is peeled and seeded, 97 % of that diced; an apple's
  # core goes with its peel: 78 %, diced 97 %.
  it "takes off both where a line says both" do
    cucumber = worked("20 kg cucumber as bought, peeled and deseeded, diced")
    expect(cucumber.values_at("trim", "grams")).to eq ["peeled and seeded", 611.1]
    expect(worked("20 kg apples, cored and peeled, diced")["trim"]).to eq "peeled"
  end

  it "takes longer to peel and seed than to do either" do
    pace = ->(trim) { house.practice.fetch("trimming/kg_per_h/#{trim}") }
    house
      .larder
      .values
      .flat_map { |food| food.trims.keys.grep(%r{ and }) }
      .uniq
      .each { |both| expect(pace[both]).to be < both.split(" and ").map { |trim| pace[trim] }.min }
  end

  it "salts what a line says is salted and left, squeezed or rinsed" do
    {
      "3 kg cucumbers, peeled, salted 30 min" => "salt-and-drain",
      "3 kg cucumbers, sliced, salted, rinsed and dried" => "salt-and-rinse",
      "3 kg cucumbers, sliced" => nil
    }.each { |line, treat| expect(worked(line)["treat"]).to eq(treat), line }
    expect(why("1 kg turnips, salted, squeezed")).to start_with "“salted and drained”: there"
    expect(why("1 kg hazelnuts, rubbed in a cloth")).to be_nil
  end

  it "zests some of the fruit that is all cut up, and puts rinds and water into the pot" do
    oranges = lines("10 oranges, zest of 3, all segmented").map { |line| line["taken"]["key"] }
    expect(oranges.size).to eq 2
    expect(why("6 lemons, juice of 4, zest of all")).to eq "What is “4” here?"
    ["400 g parmesan rind for the stock", "3 litres water for the lentils"].each do |line|
      expect(lines(line).last["to"]).to eq("pot"), line
    end
  end

  it "asks about what something is steeped or whipped in, and not about its oil or water" do
    steeped = "Something is pickled or made in it: does it dress the salad too?"
    [
      "600 g dried cranberries plumped in 300 ml orange juice",
      "1 kg red onions, macerated in 150 ml red wine vinegar",
      "1 kg ricotta whipped with 200 ml double cream",
      "4 red onions, pickled in 300 ml cider vinegar"
    ].each { |line| expect(why(line)).to eq(steeped), line }
    ["500 g raisins soaked in 500 ml water", "1 kg lentils, poached in 2 l vegetable stock"].each do |line|
      expect(lines(line).map { |each| each["why"] }).not_to include steeped
    end
  end

  it "moistens bread that is soaked, and fries none of it" do
    ["300 g stale baguette soaked in milk, squeezed", "4 slices sourdough, moistened"].each do |line|
      bread = draft("Salad for 20\n#{line}")["salad"]["components"].first
      expect(bread.values_at("treat", "cook")).to eq(["moisten", nil]), line
    end
    expect(worked("300 g baguette, sliced, fried").dig("cook", "method")).to eq "crisp"
  end

  it "asks whether shellfish are so heavy in the shell, unless their meat is named" do
    shell = "So heavy whole, or its meat?"
    ["5 kg mussels, cleaned, steamed, shelled", "2 kg clams", "1 kg crab, picked"].each do |line|
      expect(why(line)).to eq(shell), line
    end
    ["500 g cooked mussels", "1 kg crab meat", "2 tins crab"].each do |line|
      expect(why(line)).not_to eq(shell), line
    end
  end

  it "takes no other food by a word that is excepted, an alternative, or said of a part" do
    {
      "2 kg squash (any sort but spaghetti)" => "butternut",
      "1 kg ripe apricots or 400 g dried" => "apricots",
      "2 kg baby carrots, tops left on" => "carrot"
    }.each { |line, key| expect(lines(line).last.dig("taken", "key")).to eq(key), line }
  end

  it "puts on the tray what a food is roasted with, wherever its amounts stand" do
    [
      "6 kg carrots roasted w/ cumin 30 g, oil 250 ml",
      "6 kg carrots roasted with 30 g cumin, 250 ml oil",
      "carrots 6 kg, roasted with cumin 30 g and oil 250 ml"
    ].each { |line| expect(lines(line).map { |each| each["to"] }).to eq(%w[salad cook cook]), line }
    expect(lines("6 kg carrots roasted with oil 250 ml, vinegar 50 ml").last["to"]).to eq "dressing"
  end

  it "asks about what is written raw and is cooked here, and not where it may be eaten so or is bought so" do
    raw = "Raw? It is cooked here: take it so?"
    ["1 kg green beans, raw", "2 kg aubergine, raw"].each { |line| expect(why(line)).to eq(raw), line }
    expect(lines("1.8 kg fine beans, a third left raw, the rest blanched").map { |each| each["why"] }).to eq [
         raw,
         nil
       ]
    ["1 kg asparagus, raw, shaved", "1 kg prawns, raw", "1 kg raw beetroot"].each do |line|
      expect(why(line)).not_to eq(raw), line
    end
  end
end
