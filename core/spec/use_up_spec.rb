# frozen_string_literal: true

require_relative "left_overs"

RSpec.describe Scullion::UseUp do
  let(:today) { Date.new(2026, 11, 28) }

  def left(text, used: today) = Scullion::UseUp::Left.new(text, house, today: today, used: used)

  describe "a composed salad" do
    let(:fridges) { (1..100).map { |seed| LeftOvers.fridge(house, seed) } }

    it "stands by the rules of any salad in at least 95 of 100 fridges, and never takes more than there is" do
      sound =
        fridges.count do |covers, stocks|
          composed = Scullion::UseUp::Composed.new(stocks, Scullion::UseUp::Meal.of(covers), house)
          expect(composed.used.all? { |stock, grams| grams <= stock.grams + 0.01 }).to be true
          next false unless composed.sound?

          expect(composed.trial.plan.stops).to be_empty
          true
        end
      expect(sound).to be >= 95
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

  describe "what a composed salad bears" do
    let(:meal) { Scullion::UseUp::Meal.of(20) }

    def carrot(grams)
      kept = { component: house.default_component(house.larder["carrot"]).to_h, made: true, worth: 1.0 }
      Scullion::UseUp::Stock.new(name: "Carrot", grams: grams, until: "2026-11-29T23:59", **kept)
    end

    it "is what is so much on a serving, and not a hair less" do
      least = house.practice.fetch("use_up/least/serving_grams") * meal.made
      borne = ->(grams) { Scullion::UseUp::Composed.new([carrot(grams)], meal, house).most.size }
      expect([least - 1e-6, least].map(&borne)).to eq [0, 1]
    end

    it "fills no serving beyond the heaviest, whatever there is" do
      heaviest = house.practice.fetch("portions/#{meal.serves_as}/most_grams")
      dressed = 1 + house.practice.fetch("use_up/composed/dressing_share")
      stocks = LeftOvers.fridge(house, 7).last.map { |stock| stock.dup.tap { |each| each.grams = 1e6 } }
      servings = Scullion::UseUp::Composed.new(stocks, meal, house).servings
      expect(servings.values.sum * dressed).to be <= heaviest + 1
      expect(servings.values.sum).to be_positive
    end
  end

  # Twenty servings of 100 g of carrot, of which 60 g are of what was cut already.
  describe "a salad of the shelf" do
    def taken(*grams)
      carrot = house.default_component(house.larder["carrot"]).to_h.merge("grams" => 100.0)
      build = { "key" => "carrots", "name" => "Carrots", "components" => [carrot.merge("role" => "base")] }
      stocks = grams.map { |each| stock(carrot, each) }
      used = Scullion::UseUp::Shelf.new(build, stocks, Scullion::UseUp::Meal.of(20), house).used
      stocks.map { |each| used.fetch(each, 0).round }
    end

    def stock(component, grams)
      kept = { component: component, made: true, worth: 1.0, until: "2026-11-29T23:59" }
      Scullion::UseUp::Stock.new(name: "Carrot #{grams}", grams: grams, **kept)
    end

    it "takes of each no more than there is, and of all no more than it needs" do
      needed = taken(1e6).first
      expect(needed).to be >= 2000
      expect(taken(500.0)).to eq [500]
      expect(taken(500.0, 700.0)).to eq [500, 700]
      expect(taken(500.0, 1e6)).to eq [500, needed - 500]
    end
  end

  # On a serving of so many grams of dressing, yoghurt beside the house's own parts of a hundred.
  it "puts into the dressing what there is of a dairy, and no more than its share" do
    serving, most = %w[serving_grams dairy_share].map { |at| house.practice.fetch("use_up/sauced/#{at}") }
    taken =
      lambda do |grams|
        kept = { component: { "ingredient" => "yoghurt" }, made: false, worth: 1.0 }
        stock = Scullion::UseUp::Stock.new(name: "Yoghurt", grams: grams, **kept)
        parts =
          Scullion::UseUp::Sauced.new([stock], 20, house, Scullion::UseUp::Meal.of(20).suits).to_h["parts"]
        parts.find { |part| part["ingredient"] == "yoghurt" }["grams"]
      end
    expect(taken[20.0]).to eq (100.0 / (serving - 1)).round(1)
    full = serving * most
    expect([20 * full, 21 * full].map(&taken)).to eq([(100 * full / (serving - full)).round(1)] * 2)
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

    # 1,500 g at the carrot's price a kilo.
    it "are worth what was paid for what is in the lot" do
      price = house.larder["carrot"].figures["price/per_kg"]
      kept = Scullion::UseUp::Stock.of_lot(held("A", "2026-12-01T12:00"), house)
      expect(kept.worth).to be_within(1e-9).of(price * 1.5)
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
      expect([found.grams, use_up("").grams]).to eq [found.stocks.sum(&:grams), 0.0]
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
