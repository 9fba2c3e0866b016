# frozen_string_literal: true

# How many a recipe is for, in the ways that cooks say it: in its title, in a row of its own; and what only
# looks like it.
RSpec.describe Scullion::Recipe::Servings do
  let(:titles) { <<~TEXT.lines(chomp: true) }
      Potato salad for 24
      Potato salad for the office (24 of them)
      Potato salad for the camp - 24 of em - from memory
      Potato salad (there'll be 24-odd)
      Potato salad (feeds us both for 12 lunches = 24)
      Potato salad — 24 pp
      Potato salad, 24 raciones
      Potato salad, 24 porties
      Potato salad (24)
      Potato salad (24 for 7pm)
      Potato salad, 24 at 1.30 pm
      Potato salad? 24 of them
      Potato salad - bowl for the volunteers (24)
      Potato salad! 24 jars
      Potato salad, that's 24.
      Potato salad (trays = 24 P.)
      24 @ 19:00 potato salad
      Potato salad (canteen, 24 port.)
      staff tea thurs 24 head
      Potato salad, 24 portions
      Potato salad – serves 24
      Potato salad x24
      Potato salad – 6 plates (each for 4)
      Potato salad – starter 24
      Potato salad BATCH 24
      Potato salad. Numbers: 18 adults, 6 little ones.
      Potato salad for the staff (24ish)
      Potato salad (enough for a 24-person table, 3 platters)
      Potato salad (school fete, 24 cups of 150 g)
      Potato salad x 24
      24 x potato salad
      Potato salad for twenty-four
      Potato salad, 24 pax
      Potato salad, 24 seats
      Potato salad 24 covers
      Potato salad (24 couverts)
      Potato salad (cover: 24)
      Potato salad - 24
      Potato salad: 24 people
      Potato salad (for 24)
      Potato salad (24 people)
      Potato salad for 24 people
      Potato salad for 24 (buffet)
      Potato salad, buffet for 24
      Potato salad — feeds 24
      Potato salad [24]
      Potato salad, 24 guests, Friday
      Potato salad for Friday's 24
      Potato salad Friday 24 covers
      Potato salad - 24 hd
      Potato salad for two dozen
      Potato salad for 24 kids
      Potato salad for around 24
      Potato salad for about 24
      Potato salad, enough for 24
      Potato salad 24 ppl
      Potato salad for 24 pers.
      Potato salad (service 24, portion 210 g)
      Potato salad, per plate (we are 24)
      Potato salad for the staff of 6 plus 18 paying
      Potato salad / 24
      Potato salad for 24 hungry walkers
      Potato salad for the 24 at table 9
      Potato salad, makes 24 sides
      24 portions potato salad
      For 24: potato salad
      Potato salad (makes 24)
      Potato salad yield 24
      Potato salad 24 servings
      Potato salad, 2 doz covers
      Potato salad, staff and 10 walk-ins = say 24
      potato salad for Sat, 24 inc kids
      potato salad, it does about twenty-four
      Potato salad, 24 for lunch
      Potato salad 24pp
      potato salad, order 24, Tuesday
      Potato salad, we were 24 last time
      Potato salad club, usually 24 of them
      Potato salad, yields approx. 24 x 150g
      Lunch for 24 on the 12th - potato salad
      Potato salad for 24 @ 250 g
      24 covers: potato salad
      Potato salad, wedding, 24 adults
      Potato salad - order 24
      Potato salad 20+4 covers
    TEXT

  let(:rows) { <<~TEXT.lines(chomp: true) }
      Serves 24
      serves: 24
      Serves 24.
      SERVES 24
      Servings: 24
      24 servings
      24 portions
      Portions 24
      Portions: 24
      Yield: 24
      Yield 24 portions
      Yields 24
      Makes 24
      Makes 24 portions
      Makes enough for 24
      Feeds 24
      Feeds 24 people
      For 24
      For 24 people
      Covers: 24
      Covers 24
      24 covers
      Pax 24
      pax: 24
      24 pax
      No. of portions: 24
      Number of servings: 24
      No of covers 24
      portions = 24
      Serves twenty-four
      Serves two dozen
      (serves 24)
      [serves 24]
      *Serves 24*
      Serves about 24
      Serves approx. 24
      Serves 24 as a starter
      Serves 24 as a side, 12 as a main
      Serves 24 generously
      Serves a hungry 24
      Should do 24
      Does 24
      Good for 24
      Enough for 24
      enough for 24 with bread
      That's for 24
      This is for 24
      it does 24 people
      scaled for 24
      Qty: 24
      Quantity 24 portions
      Batch: 24 portions
      Batch size 24
      Guests: 24
      guests 24
      24 guests
      People: 24
      24 people
      For a party of 24
      party of 24
      table of 24
      24 hungry people
      Portionen: 24
      Prep 20 min, serves 24
      Serves 24 | Prep 20 min
      Serves: 24 · Time: 40 min
      Time: 40 min. Serves 24.
      Serves 24 (200 g each)
      24 x 200 g portions
      24 portions of 200 g
      24 × 200g
      24 boxes
      24 bowls
      24 plates
      24 lunchboxes
      24 tubs of 200 g
      makes 24 boxes
      Makes 24 x 200g
      to serve 24
      To feed 24
      Persons: 24
      24 pers
      24 pp
      24 ppl
      24p
    TEXT

  let(:others) { <<~TEXT.lines(chomp: true) }
      Potato salad 2024
      Potato salad, week 24
      Potato salad v2
      Potato salad no. 24
      Potato salad (recipe 24)
      24 hour potato salad
      Potato salad 24/11
      Potato salad, table 24
      Potato salad p. 24
      24 November potato salad
      Potato salad 24.11.
      Potato salad @ 24 °C
      Potato salad, 24 min
      24-hour slaw
    TEXT

  def served(top)
    read = Scullion::Recipe::Draft.new("#{top}\n2 kg waxy potatoes\n300 g feta\n200 ml olive oil", house).to_h
    read["servings"] if read["servings_said"]
  end

  it "hears it in the title" do
    expect(titles.reject { |title| served(title) == 24 }).to eq []
  end

  it "hears it in a row below the title, which is no food then" do
    expect(rows.reject { |row| served("Potato salad\n#{row}") == 24 }).to eq []
    foods =
      rows.to_h do |row|
        read = Scullion::Recipe::Draft.new("Potato salad\n#{row}\n2 kg waxy potatoes", house).to_h
        [row, read["lines"].count { |line| line["kind"] == "ingredient" }]
      end
    expect(foods.reject { |_, count| count == 1 }).to eq({})
  end

  it "hears it in a row of several facts between bars, none of which is a food" do
    text = "Potato salad\nServes: 12 | Prep: 30 min | Cook: 25 min\n1 kg potatoes"
    read = Scullion::Recipe::Draft.new(text, house).to_h
    expect(read.values_at("servings", "servings_said")).to eq [12, true]
    expect(read["lines"].count { |line| line["kind"] == "ingredient" }).to eq 1
  end

  it "takes neither a year nor a date, a page, a heat nor hours for it" do
    expect(others.select { |title| served(title) }).to eq []
  end

  it "adds up all who are served, and not those who are among them" do
    {
      "Potato salad, 18 guests + 6 crew" => 24,
      "Wedding hall – salad 3 – 14 adults 10 kids" => 24,
      "Potato salad for twenty adults and four children" => 24,
      "Potato salad, 10 guests and a crew of 14" => 24,
      "Potato salad - 20 pax + 4 veg" => 24,
      "Potato salad, 12 guests, 8 staff + 4 kids" => 24,
      "Potato salad for 3 tables of 8" => 24,
      "Potato salad, four patrols of six" => 24,
      "Potato salad for 24 guests, 6 veggies" => 24,
      "Potato salad, serves 24 adults or 40 kids" => 24
    }.each { |title, served| expect(served(title)).to eq(served), title }
    expect(served("Potato salad, 3 teams of 800 g")).not_to eq 2400
  end

  it "takes no number of tubs, boxes or portions of a food for those who are served" do
    [
      "4 tubs hummus",
      "4 tubs of hummus",
      "hummus 2 tubs 500 g",
      "2 boxes couscous",
      "3 large boxes of dates",
      "200 g feta, 4 tubs hummus",
      "12 portions tofu",
      "6 easy peelers",
      "honey dressing (500 ml batch = 300 oil, 150 vinegar, 50 honey)"
    ].each do |line|
      ["Serves 24", "for 24"].each do |said|
        read =
          Scullion::Recipe::Draft.new("Kitchen salad\n#{said}\n2 kg barley\n#{line}\n1 kg leeks", house).to_h
        expect(read["servings"]).to eq(24), "#{said}: #{line}"
        expect(read["lines"].map { |each| each["kind"] }.count("servings")).to eq(1), line
      end
    end
  end

  it "takes what the dish is called by before what a line further down may mean" do
    ["Salad for 24", "Kitchen salad\nfor 24"].each do |said|
      read = Scullion::Recipe::Draft.new("#{said}\n2 kg barley\n8 portions of fries", house).to_h
      expect(read["servings"]).to eq(24), said
    end
  end

  it "is no part of what the dish is called" do
    ways = [
      "for 24 people",
      "(for 24 salads)",
      "for 24",
      "(24)",
      ", serves 24",
      ", 24 seats",
      "x 24",
      "x24",
      ", enough for 24 guests",
      "(feeds about 24)",
      "for about 24"
    ]
    ways.each do |way|
      read = Scullion::Recipe::Draft.new("Potato salad #{way}\n2 kg potatoes", house).to_h
      expect(read.values_at("title", "servings")).to eq(["Potato salad", 24]), way
    end
  end
end
