# frozen_string_literal: true

# What a cook writes of what is left: what it is, how it is, since when, and what becomes of it.
RSpec.describe Scullion::UseUp::Left do
  let(:today) { Date.new(2026, 11, 28) }

  def left(text, used: today) = described_class.new(text, house, today: today, used: used)

  {
    "half a cucumber, tired" => ["cucumber", "use", 160, 144],
    "3 soft tomatoes" => ["tomato", "use", 360, 306],
    "two heels of bread" => ["white-loaf", "use", 120, 120],
    "1.2 kg cooked chickpeas from Tuesday" => ["chickpeas", "use", 1200, 1200],
    "500g roast carrots, made yesterday" => ["carrot", "use", 500, 500],
    "half a red cabbage" => ["red-cabbage", "use", 500, 500],
    "2 kg brown rice" => ["brown-rice", "use", 2000, 2000]
  }.each do |text, (key, fate, grams, usable)|
    it "reads #{text}" do
      odd = left(text)
      expect([odd.ingredient.key, odd.fate]).to eq [key, fate]
      expect(odd.grams).to be_within(1).of(grams)
      expect(odd.usable).to be_within(1).of(usable)
    end
  end

  it "bins what can hurt, whatever else is said of it, and says why" do
    {
      "bag of spinach, slimy" => /Slime/,
      "mouldy strawberries 250 g" => /cut 2.5 cm wide/,
      "cooked rice, no date, 900 g" => /Nobody can tell/,
      "600 g roast chicken, smells off, made today" => /nobody tastes/,
      "400 g yoghurt, past its date" => /not used after it/
    }.each do |text, why|
      odd = left(text)
      expect([odd.fate, odd.why]).to match(["bin", why]), text
    end
  end

  it "cuts mould from what is firm or a hard cheese" do
    firm, hard, soft =
      ["1 kg carrots, mouldy", "300 g parmesan, mould on it", "300 g soft cheese, mouldy"].map do |text|
        left(text)
      end
    expect([firm, hard].map(&:fate)).to eq %w[use use]
    expect(firm.usable).to be_within(1).of(650)
    expect(soft.fate).to eq "bin"
    expect(left("half a red cabbage, mouldy").fate).to eq "use"
    ["4 courgettes, one mouldy", "200 g runner beans, mouldy", "1 bunch spring onions, mouldy"].each do |text|
      expect(left(text).fate).to eq("bin"), text
    end
  end

  it "asks what it is, how much there is, and when cooked food was made, and uses none of it till then" do
    expect(left("some wilted parsley").why).to include("How much")
    expect(left("7 boiled eggs, peeled").why).to include("When was it made")
    expect(left("3 frobnications").why).to include("What is it")
    expect(left("300 g soft cheese").why).to include("Which of these is it?")
    expect(
      ["some wilted parsley", "7 boiled eggs", "3 frobnications"].map { |text| left(text).fate }.uniq
    ).to eq ["ask"]
  end

  # Seven days, the day it was made being the first: the last one is the sixth after it.
  it "keeps cooked food as long as the house rules say, to the day" do
    days = house.rules.fetch("days").to_i
    made = ->(ago) { "600 g cooked lentils, made #{ago} days ago" }
    expect(left(made[days - 1]).fate).to eq "use"
    expect(left(made[days]).fate).to eq "bin"
    expect(left(made[days - 1], used: today + 1).fate).to eq "bin"
  end

  it "asks for a date of raw meat and fish too, and keeps them two days, to the day" do
    expect(left("800 g chicken breast").why).to include("when did it come")
    expect(left("800 g chicken breast from yesterday").fate).to eq "use"
    expect(left("800 g chicken breast, 2 days old").fate).to eq "bin"
    expect(left("1 kg salmon fillet from yesterday", used: today + 1).fate).to eq "bin"
  end

  # Today is Saturday, 28 November.
  {
    "made on Tuesday" => [4, nil],
    "last night's" => [1, nil],
    "from the day before yesterday" => [2, nil],
    "a week old" => [7, nil],
    "four days in the fridge" => [4, nil],
    "36 hours old" => [2, nil],
    "opened yesterday, made on Monday" => [5, nil],
    "from 24 Nov" => [4, nil],
    "dated 2026-11-21" => [7, nil],
    "made last Saturday" => [7, nil],
    "use by yesterday" => [nil, -1],
    "use by tomorrow" => [nil, 1],
    "use-by 30 Nov, opened today" => [0, 2],
    "best before Dec 3rd" => [nil, 5],
    "good until Monday" => [nil, 2],
    "use by in a week" => [nil, 7],
    "use by 26/11" => [nil, -2],
    "exp 2 Jan" => [nil, 35]
  }.each do |words, (age, till)|
    it "reads when: #{words}" do
      said = Scullion::UseUp::Dated.new("600 g yoghurt, #{words}", today)
      expect([said.age, said.until, said.doubt]).to eq [age, till, nil]
      expect(said.rest.delete(",").strip).to eq "600 g yoghurt"
    end
  end

  it "asks where two dates could be meant, or one that is still to come" do
    ["use by Friday", "use by 3/12", "made 3 Dec", "use by 31 Nov"].each do |words|
      expect(Scullion::UseUp::Dated.new("600 g yoghurt, #{words}", today).doubt).to be_a(String), words
      expect(left("600 g yoghurt, #{words}").fate).to eq("ask"), words
    end
  end

  it "asks when a packet was opened, whatever the date on it, and goes by that then" do
    expect(left("400 g yoghurt, open, use by 4 Dec").why).to include("When was it made")
    expect(left("400 g yoghurt, opened yesterday, use by 4 Dec").fate).to eq "use"
    expect(left("350 g turkey mince, open, use by 4 Dec").fate).to eq "ask"
    expect(left("350 g turkey mince, opened 2 days ago, use by 4 Dec").fate).to eq "bin"
    expect(left("400 g yoghurt, use by 4 Dec").fate).to eq "use"
  end

  it "keeps what needs cold to the day that is written on it" do
    text = "300 g minced pork, use by tomorrow"
    expect([today, today + 1, today + 2].map { |day| left(text, used: day).fate }).to eq %w[use use bin]
    expect(left("300 g minced pork, use by yesterday").fate).to eq "bin"
    expect(left("500 g couscous, best before yesterday").fate).to eq "use"
  end

  it "leaves a word that is of the food's own name" do
    expect(left("200 g sun-dried tomatoes").ingredient.name).to match(/dried/i)
    expect(left("200 g sun dried tomatoes").grams).to eq 200
    expect(left("2 kg brown rice").conditions).to be_empty
    expect(left("300 g soft cheese").conditions).to be_empty
    expect(left("2 avocados, brown").conditions.map(&:key)).to eq ["yellow"]
  end
end
