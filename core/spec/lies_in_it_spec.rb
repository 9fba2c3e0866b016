# frozen_string_literal: true

require_relative "taken_lines"

# What a food is kept in, rolled in or finished with is a line of its own wherever somebody may not eat it:
# how much of it there is, is asked.
RSpec.describe "What a line only names" do
  include TakenLines

  def foods(line)
    reads("Salad for 50\n2 kg pearl barley\n#{line}")
      .reads
      .drop(1)
      .flat_map { |read| read.line.item.foods.first(1) }
  end

  def asked(line)
    draft = reads("Salad for 50\n2 kg pearl barley\n#{line}")
    draft.reads.drop(1).reject { |read| draft.settled?(read) }.map { |read| read.line.item.foods.first }
  end

  {
    "3 kg carrots, kept in milk" => "milk",
    "3 kg onions, soaked in milk" => "milk",
    "1 kg cod, held in butter" => "butter",
    "2 kg carrots in butter" => "butter",
    "2 kg potatoes, mashed with milk" => "milk",
    "2 kg new potatoes finished with cream" => "double-cream",
    "2 kg goat cheese rolled in sesame" => "sesame",
    "2 kg asparagus wrapped in ham" => "cooked-ham",
    "2 kg figs stuffed with goat cheese" => "goat-cheese"
  }.each do |line, key|
    it "asks how much #{key} goes with “#{line}”" do
      expect(asked(line)).to include key
    end
  end

  it "leaves what anybody may eat, water, and what the list has" do
    ["2 kg fennel, kept in iced water", "2 kg tuna in brine", "2 kg artichokes in oil"].each do |line|
      expect(foods(line).size).to eq(1), line
    end
    expect(asked("1 stock cube, crumbled in barley water")).to be_empty
    expect(foods("2 kg bread, fried in the butter").size).to eq 1
  end

  it "asks what a word is that it goes with, and nobody here knows" do
    expect(asked("2 kg asparagus with hollandaise")).to eq %w[asparagus]
  end

  it "puts into the dressing what a jar's oil is used for, and not what lay in it" do
    line = "Sun dried tomatoes, 2 kg, they come in oil, drain that off and use it in the dressing."
    expect(taken(line).first.last).to eq "salad"
    expect(taken("2 kg sun dried tomatoes, for the dressing").first.last).to eq "dressing"
  end

  it "has the water of a list that stands in rows, however its amount is said to be about so much" do
    %w[about ca circa abt bout ~ approx.].each do |about|
      row = "Dressing: tahini 900 g, garlic 30 g, iced water #{about} 700 ml, salt"
      expect(all("Serves 50\n#{row}").map(&:first)).to eq(%w[tahini garlic water fine-salt]), about
    end
    expect(taken("2 kg fennel, shaved, ice water 10 min").size).to eq 1
  end

  it "takes an order for one and measures nothing by it" do
    ["Shave, and drop into iced water.", "Spoon honey over.", "Ladle water on it."].each do |step|
      expect(all("Serves 70\n\nfennel 4 kg\n\n#{step}").size).to eq(1), step
    end
    expect(taken("a drop of sesame oil").first.first).to eq "sesame-oil"
    expect(taken("pinch of salt into the pan").first[1]).not_to be_nil
  end

  it "takes more of an oil than was spoken of before for more of it" do
    told = "For 70. Roast 4 kg parsnips with a glug of rapeseed oil. Toss with 300 ml cider vinegar and"
    oils = ->(text) { all(text).count { |each| each.first == "rapeseed-oil" } }
    expect(oils["#{told} 450 ml of the rapeseed oil."]).to eq 2
    one = "For 70. Roast 4 kg parsnips with 600 ml rapeseed oil. Toss with 300 ml cider vinegar and"
    expect(oils["#{one} 450 ml of the rapeseed oil."]).to eq 1
  end

  it "takes what herbs come in for pots, in a sentence too" do
    told = "For 50. Four kilos of fusilli. Basil, twenty five pots. Courgettes, seven kilos."
    expect(reads(told).reads.map { |read| read.line.item.foods.first }).to eq %w[fusilli basil courgette]
  end

  it "keeps for the top what is to be kept apart" do
    ["toasted, KEEP SEPARATE", "in a separate bowl", "kept apart until plating"].each do |said|
      expect(taken("500 g peanuts, #{said}").first.last).to eq("top"), said
    end
  end

  it "throws out all that a row has for the pan" do
    row = "1 onion, halved, 1 carrot, 1 bay leaf - for the pan, then out"
    expect(taken(row).map(&:last)).to eq %w[pot pot pot]
    expect(taken("1 onion, 1 carrot - for the pan").map(&:last)).not_to include "pot"
  end

  it "goes along with what it is in with, and lists that no second time" do
    row = "Serves 20\n2 kg mushrooms\n6 garlic cloves, sliced, in with the mushrooms"
    expect(all(row)).to match [["button-mushrooms", 2000, "salad"], ["garlic", 24, "cook"]]
  end

  it "leaves in the pan the wine that it is deglazed with" do
    steps = "Fry the mushrooms until brown. Deglaze with the wine. Whisk the vinegar with the oil."
    list = "150 ml red wine\n50 ml red wine vinegar\n100 ml oil\n2 kg mushrooms"
    expect(
      all("Serves 20\n\n#{list}\n\n#{steps}").reject { |each| each == "?" }.to_h { |key, _, to| [key, to] }
    ).to include("red-wine" => "cook", "red-wine-vinegar" => "dressing")
  end

  it "wraps in foil, and lists no bread" do
    expect(taken("5 kg beetroot, wrap in foil, 180 C 75 min, peel").map(&:first)).to eq %w[beetroot]
    expect(all("Serves 9\n20 wraps").size).to eq 1
  end

  it "asks which of two amounts it is that cannot both be of one food" do
    expect(all("Serves 50\n1 kg tamari 100 ml")).to eq %w[?]
    expect(taken("6 oz sugar 3/4 c").first.first).to eq "caster-sugar"
    expect(taken("1 oz parsley 2 c").first.first).to eq "parsley"
    expect(all("Serves 50\n2.4 kg potatoes, 100 abcd + 150 ml oil").first).to eq "?"
  end

  it "keeps what is on the table apart from what is planned" do
    text = "Serves 24\n24 peaches\n48 slices sourdough, on the side\n500 g aioli, on the table"
    expect(reads(text).to_h["salad"]["at_table"]).to eq %w[white-loaf garlic-mayonnaise]
    expect(reads("Serves 24\n24 peaches").to_h["salad"]).not_to include "at_table"
  end
end
