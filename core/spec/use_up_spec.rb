# frozen_string_literal: true

require_relative "left_overs"

RSpec.describe Scullion::UseUp do
  let(:today) { Date.new(2026, 11, 28) }

  def left(text, used: today) = Scullion::UseUp::Left.new(text, house, today: today, used: used)

  describe "what a cook writes of what is left" do
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
      [
        "4 courgettes, one mouldy",
        "200 g runner beans, mouldy",
        "1 bunch spring onions, mouldy"
      ].each { |text| expect(left(text).fate).to eq("bin"), text }
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

  describe "a composed salad" do
    let(:fridges) { (1..200).map { |seed| LeftOvers.fridge(house, seed) } }

    it "stands by the rules of any salad in at least 95 of 100 fridges, and never takes more than there is" do
      sound =
        fridges.count do |covers, stocks|
          composed = Scullion::UseUp::Composed.new(stocks, Scullion::UseUp::Meal.of(covers), house)
          expect(composed.used.all? { |stock, grams| grams <= stock.grams + 0.01 }).to be true
          next false unless composed.sound?

          expect(composed.trial.plan.stops).to be_empty
          true
        end
      expect(sound).to be >= 190
    end

    it "uses at least 85 of 100 g of what the best of all shares would" do
      pairs =
        (301..306).map do |seed|
          covers, stocks = LeftOvers.fridge(house, seed, size: 3)
          composed = Scullion::UseUp::Composed.new(stocks, Scullion::UseUp::Meal.of(covers), house)
          [
            composed.sound? ? composed.used.slice(*composed.most.keys).values.sum : 0.0,
            LeftOvers.most_used(house, stocks, covers, steps: 3)
          ]
        end
      expect(pairs.sum(&:first)).to be >= 0.85 * pairs.sum(&:last)
    end

    it "takes what must go first first" do
      stock = ->(name, till) do
        Scullion::UseUp::Stock.new(
          name: name,
          component: house.default_component(house.larder["carrot"]).to_h,
          grams: 3000.0,
          made: true,
          worth: 1.0,
          until: till
        )
      end
      late, soon = stock["Late", "2026-12-04T23:59"], stock["Soon", "2026-11-29T23:59"]
      used = Scullion::UseUp::Composed.new([late, soon], Scullion::UseUp::Meal.of(20), house).used
      expect(used.fetch(soon, 0)).to be > used.fetch(late, 0)
    end
  end

  describe "offers" do
    def use_up(written, held: [], builds: [], **meal)
      meal = Scullion::UseUp::Meal.of(20, **meal)
      described_class.new(written, held, builds, house, meal: meal, date: "2026-11-29", today: today)
    end

    def held(code, discard, grams: 1500.0)
      component = {
        "ingredient" => "carrot",
        "role" => "body",
        "trim" => "peeled",
        "cut" => "batons",
        "cook" => {
          "method" => "roast"
        }
      }
      lot =
        Scullion::Record::Lot.new(code: code, name: "Roast carrots", discard: discard, component: component)
      Scullion::Record::ColdRoom::Held.new(lot: lot, grams: grams, promised: [], state: "there")
    end

    it "take lots to the minute that they are good, and nothing that is binned or asked about" do
      offers =
        use_up(
          "slimy spinach 200 g\nsome parsley\n2 cucumbers",
          held: [held("28A", "2026-11-29T13:00"), held("28B", "2026-11-29T12:59")]
        )
      names = offers.offers.flat_map { |offer| offer.used.keys.map { |stock| stock.code || stock.name } }.uniq
      expect(names).to include("28A").and include("Cucumbers")
      expect(names).not_to include("28B")
      expect(names.grep(/spinach|parsley/i)).to eq []
    end

    it "take no lot that is to be thrown before a last guest after midnight" do
      lots = [held("28A", "2026-11-29T23:59"), held("28B", "2026-11-30T00:30")]
      found = use_up("2 kg cooked chickpeas, made today", held: lots, hours: %w[22:30 00:30])
      expect(found.stocks.filter_map(&:code)).to eq ["28B"]
    end

    it "rank by what they take of what would be lost, and say what stays" do
      found = use_up("2 kg cooked chickpeas, made today\n3 cucumbers")
      best = found.offers.first
      alone = found.offers.reject(&:after).map(&:grams)
      expect(alone).to eq alone.sort.reverse
      left_over = found.still(best).sum(&:last)
      expect(best.grams + left_over).to be_within(2).of(found.grams)
      expect(use_up("").offers).to eq []
    end

    it "leave enough for each other, composed one after the other" do
      found =
        use_up("4 kg cooked chickpeas, made today\n6 cucumbers\n3 kg cooked barley, made today\n2 kg carrots")
      composed = found.offers.select(&:salad)
      expect(composed.size).to eq 2
      found.stocks.each do |stock|
        expect(composed.sum { |offer| offer.used.fetch(stock, 0.0) }).to be <= stock.grams + 0.1
      end
      expect(found.offers.index(composed.last)).to eq found.offers.index(composed.first) + 1
      expect(composed.map(&:after)).to eq [nil, composed.first]
    end

    it "suit whom they must, down to the dressing and what comes from the cupboard" do
      written =
        "2 kg cooked chickpeas, made today\n3 cucumbers\n300 g feta\n200 g walnuts\n1 loaf stale bread"
      salads = example["salads"]
      %w[vegan gluten-free nut-free dairy-free].each do |suits|
        found = use_up(written, builds: salads, suits: [suits])
        expect(found.offers).not_to be_empty
        found
          .offers
          .filter_map(&:salad)
          .each do |salad|
            lines = Scullion::UseUp::Meal.of(20).trial(salad, house).portion.lines_eaten
            bad = lines.reject { |line| Scullion::Salad::DietsAndAllergens.suits?(line.ingredient, suits) }
            expect(bad.map(&:name)).to eq []
          end
      end
      expect(use_up(written).offers.flat_map { |each| each.used.keys.map(&:name) }).to include(
        "White brined cheese"
      )
    end

    it "hold for as long as they are served, and say what is to be minded" do
      long = use_up("2 kg cooked chickpeas, made today\n3 cucumbers\n1 kg rocket", hours: %w[11:00 15:00])
      long
        .offers
        .filter_map(&:salad)
        .each do |salad|
          plan = Scullion::UseUp::Meal.of(20, hours: %w[11:00 15:00]).trial(salad, house).plan
          expect(plan.windows.flat_map(&:snags).map(&:what)).to eq []
        end
    end
  end

  describe "by its condition" do
    def component(text) = left(text).component

    it "moistens stale bread, and lets it carry the salad" do
      expect(component("1 loaf stale sourdough")).to include("treat" => "moisten", "role" => "base")
      expect(component("1 loaf stale sourdough")).not_to include("cook")
      gain = house.larder["white-loaf"].figures["treats/moisten/gain"]
      diced = house.practice.fetch("cuts/diced/yield")
      expect(left("1 loaf stale sourdough").finished).to be_within(1).of(800 * gain * diced)
      expect(component("1 loaf sourdough")).to include("cook" => { "method" => "crisp" })
    end

    it "cooks tired leaf that can be cooked, and blends what cannot into the dressing" do
      expect(component("500 g tired spinach")).to include("cook" => { "method" => "blanch" })
      expect(component("500 g spinach")).not_to include("cook")
      tired, fresh = left("200 g limp parsley"), left("200 g parsley")
      expect([tired, fresh].map { |each| each.way_in.dressing? }).to eq [true, false]
      expect([tired, fresh, left("500 g tired spinach")].map(&:why)).to match([/dressing/, nil, /pot/])
      stock = Scullion::UseUp::Stock.of_left(tired)
      beans = Scullion::UseUp::Stock.of_left(left("3 kg cooked chickpeas, made today"))
      composed = Scullion::UseUp::Composed.new([stock, beans], Scullion::UseUp::Meal.of(20), house)
      expect(composed.salad["dressing"]["parts"].map { |part| part["ingredient"] }).to include("parsley")
      expect(composed.used.fetch(stock)).to be_between(50, 200)
      expect(composed.salad["components"].map { |each| each["ingredient"] }).not_to include("parsley")
    end
  end
end
