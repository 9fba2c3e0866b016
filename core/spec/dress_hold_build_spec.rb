# frozen_string_literal: true

RSpec.describe "Dressing, holding and building" do
  let(:made) { plan }

  # Per serving: 110 × 18 % + 60 × 6 % + 40 × 13 % + 42 × 8 % = 19.8 + 3.6 + 5.2 + 3.36 = 31.96 g; × 147 =
  # 4,698.1 g.
  it "makes as much dressing as the components carry" do
    expect(made.portions[0].dressing_grams).to be_within(1e-9).of(31.96)
    expect(made.dressings[0].batch_grams).to eq 4699
  end

  # By weight: 60 ml × 0.92 + 20 ml × 1.01 + 5 + 4 + 1.5 + 0.3 = 86.2 g.
  it "whisks what sticks to the jug as well, splits it by the formula, and keeps fat to acid" do
    oil, vinegar = made.dressings[0].parts.first(2)
    expect(made.dressings[0].whisk_grams).to eq 4795
    expect(oil.grams).to be_within(1).of(4795 * 55.2 / 86.2)
    expect(vinegar.grams).to be_within(1).of(4795 * 20.2 / 86.2)
    expect(made.dressings[0].fat_to_acid).to be_within(0.01).of(3)
  end

  it "soaks the warm grain first, tosses everything, and keeps a tenth back" do
    stages = made.dressings[0].stages
    expect(stages.map(&:grams)).to eq [2584, 1645, 470]
    expect(stages[0].pours.map { |pour| pour.layer.component.name }).to eq ["Pearl barley"]
    expect(stages[1].pours.map { |pour| pour.layer.component.name }).to eq [
         "Pearl barley",
         "Roast carrot",
         "White beans",
         "Cucumber, salted"
       ]
    expect(stages[2].pours).to eq []
  end

  # Dressed 10:45, served to 13:30: 2.75 h. Barley drinks 4.5 % an hour of its 19.8 g, carrot 2 % of 3.6,
  # beans 3 % of 5.2,
  # cucumber nothing: (0.891 + 0.072 + 0.156) × 2.75 = 3.07725 g a serving, × 147 = 452.4 g, less than the 470
  # kept back.
  it "works out from the time it stands how much the salad drinks, and whether enough is kept back" do
    expect(made.dressings[0].stages.last.needed_grams).to be_within(0.1).of(452.4)
    expect(made.snags.map(&:what)).not_to include(/drinks/)
    long = plan { |data| data["service"]["to"] = "14:45" }
    expect(long.snags.map(&:what)).to include(
      /stands dressed 4 h and drinks 660 g of its dressing; 470 g is kept back/
    )
  end

  it "keeps back by the hold exactly what will be drunk, more for longer, and never more than the most" do
    kept =
      lambda do |to|
        plan do |data|
          [data["service"]["to"] = to, data["salads"][0]["dressing"]["preset"] = "by-the-hold"]
        end.dressings[
          0
        ].then do |batch|
          [
            batch.stages.last.grams,
            batch.drunk_grams,
            batch.stages.sum(&:grams) == batch.batch_grams,
            batch.snags.size
          ]
        end
      end
    expect(kept["13:30"]).to match [be_within(1).of(452), be_within(0.1).of(452.4), true, 0]
    expect(kept["15:30"]).to match [be_within(1).of(781), be_within(0.1).of(781.4), true, 0]
  end

  # 30 % of 4,699 g is 1,410 g; at the jug's own density. 140 covers by 8 are 18 tables.
  it "fills a jug for each table, and as many jugs as it takes" do
    at_tables =
      lambda do |tables|
        plan do |data|
          [data["service"]["tables"] = tables, data["salads"][0]["dressing"]["preset"] = "table-jug"]
        end.dressings[
          0
        ].stages.last
      end
    guessed, laid, few = at_tables[nil], at_tables[20], at_tables[3]
    expect([guessed.tables, laid.tables, few.tables]).to eq [18, 20, 3]
    expect([laid.jugs_each, few.jugs_each, few.jugs]).to eq [1, 2, 6]
    [guessed, laid, few].each { |stage| expect(stage.fill_ml * stage.jugs).to be_within(1e-6).of(stage.ml) }
    expect([guessed, laid, few].map(&:fill_ml)).to all(be <= 250)
    expect(laid.to_h).to include("jugs" => include("text" => "20 jugs"), "fill_ml" => include("unit" => "ml"))
  end

  it "says when a salad is drowned or dry" do
    drowned =
      plan do |data|
        data["figures"] = [
          { "at" => "practice/dressing/uptake/warm-grain", "value" => 60 },
          { "at" => "practice/dressing/uptake/roast", "value" => 50 }
        ]
      end
    expect(drowned.snags.map(&:what)).to include(/is drowned: dressing is 2\d/)
    dry = plan { |data| data["salads"][0]["components"].select! { |component| component["role"] == "body" } }
    expect(dry.snags.map(&:what)).not_to include(/drowned/)
  end

  it "leaves a salad without dressing undressed" do
    bare = plan { |data| data["salads"][0].delete("dressing") }
    expect(bare.dressings).to eq []
    expect(bare.builds[0].pours).to eq []
  end

  # Cucumber lasts 4 h dressed, so not before 13:30 − 4 h; barley rests 1 h, so by 11:45 − 1 h.
  describe Scullion::Hold::Window do
    let(:window) { made.windows[0] }

    it "dresses late enough to be at its best at the end, early enough to rest before the start" do
      expect([window.dress_from, window.dress_by, window.ready_from].map(&:to_s)).to eq %w[09:30 10:45 10:30]
      # Salted cucumber keeps 12 h undressed, as the dill does.
      expect(window.ready_after.to_s).to eq "Fri 27 Nov, 22:45"
      expect(window.to_h["limits"]).to eq(
        "rest" => "Pearl barley",
        "kept" => "Cucumber, salted",
        "dressed" => "Cucumber, salted",
        "topped" => "Sunflower seeds",
        "discard" => "time out of the cold",
        "first_made" => "10:45"
      )
    end

    it "is best until the first component fades, and discarded by the stricter house rule, named" do
      expect([window.best_until, window.out_until, window.date_mark, window.discard_by].map(&:to_s)).to eq [
           "14:45",
           "15:27",
           "Fri 4 Dec, 23:59",
           "15:27"
         ]
      expect(window.to_h["rules"]).to eq "House rules A"
    end

    # Made on 28 March and kept 7 days, that day being the first: until the end of 3 April, whether or not the
    # clocks change in between.
    it "counts date marks in days of the calendar, across month ends, year ends and changes of the clocks" do
      marks =
        %w[2026-03-28 2026-02-25 2028-02-25 2026-12-29 2026-10-24].map do |date|
          plan { |data| data["service"]["date"] = date }.windows[0].date_mark
        end
      expect(marks.map { |mark| [mark.date.iso8601, mark.clock] }).to eq [
           %w[2026-04-03 23:59],
           %w[2026-03-03 23:59],
           %w[2028-03-02 23:59],
           %w[2027-01-04 23:59],
           %w[2026-10-30 23:59]
         ]
    end

    it "says that no moment is right when the rest outlasts the best" do
      never =
        plan do |data|
          data["figures"] = [{ "at" => "practice/holds/juicy-raw/dressed_minutes", "value" => 50 }]
        end
      expect(never.snags.map { |snag| [snag.severity, snag.what] }).to include(
        ["stop", /Pearl barley rests 1 h dressed, and Cucumber, salted lasts only 50 min/]
      )
    end

    it "asks for waves when rest and freshness cannot both be had" do
      fading =
        plan do |data|
          data["figures"] = [{ "at" => "practice/holds/juicy-raw/dressed_minutes", "value" => 90 }]
        end
      expect(fading.snags.map(&:what)).to include(/Cucumber, salted lasts 1 h 30 dressed/)
    end

    it "stops a service that stands out longer than the rules allow" do
      long = plan { |data| data["service"]["to"] = "17:00" }
      expect(long.snags.first).to have_attributes(severity: "stop", what: /longer than House rules A/)
    end

    it "counts date marks over the end of a month and of a year" do
      moment = Scullion::Moment.at(Date.new(2026, 12, 29), "10:00")
      expect(moment.end_of_day(6).iso).to eq "2027-01-04T23:59"
    end
  end

  describe Scullion::Build::Bowls do
    let(:build) { made.builds[0] }

    it "mixes sturdy first, the salty cheese after the toss, herbs by hand; seeds wait for the top" do
      expect(build.ordered.map { |share| share.layer.component.name }).to eq [
           "Pearl barley",
           "Roast carrot",
           "White beans",
           "Cucumber, salted",
           "White brined cheese",
           "Dill",
           "Sunflower seeds"
         ]
      expect(build.pours.map { |pour| pour.words["after"] }).to eq [0, 3, nil]
    end

    # Into the bowl per serving: 110/0.664 + 60/0.62 + 40/0.757 + 42/0.562 × 0.85/0.88 (salted and drained) +
    # 28/0.634 + 4/0.2 × ½ and the dressing.
    it "takes as many bowls as keep each under its fill" do
      ml =
        (110 / 0.664) + (60 / 0.62) + (40 / 0.757) + (42 / 0.562 * 0.85 / 0.88) + (28 / 0.634) + 10 +
          made.portions[0].dressing_ml
      expect(build.mix_ml).to be_within(0.01).of(ml * 147)
      expect(build.batches).to eq (ml * 147 / 24_000).ceil
    end

    it "says how each goes in by what it is, whatever its line is called" do
      said = ->(shares) do
        shares.to_h { |share| [share.layer.component.name, share.words.values_at("step", "why")] }
      end
      words = said.call(build.ordered)
      expect(words["Pearl barley"]).to eq ["In first", "drinks dressing, so it is dressed early"]
      expect(words["White brined cheese"]).to eq ["After seasoning", "salty: taste before and after"]
      expect(words["Dill"]).to eq ["By hand", "tender, wilts in dressing"]
      expect(words["Sunflower seeds"].first).to eq "Last"
      accents =
        planned({ "ingredient" => "red-onion", "cut" => "sliced", "role" => "accent" }) do |data|
          data["salads"][0]["components"] << {
            "ingredient" => "salmon-fillet",
            "role" => "base",
            "grams" => 50,
            "cook" => {
              "method" => "sear"
            }
          }
        end
      words = said.call(accents.builds[0].ordered)
      expect(words[house.larder["red-onion"].name].last).not_to include("salty")
      expect(words[house.larder["salmon-fillet"].name]).to eq ["Fold in", "falls to flakes if tossed"]
    end

    it "has a word for whatever a part can hold as" do
      held =
        house.practice.keys("manners").flat_map { |key| house.practice.words("manners", key)["holds"].to_a }
      expect(held.sort).to eq house.practice.keys("holds").sort
    end

    it "holds back for the top what the build says" do
      dill, seeds = build.ordered.last(2)
      expect([dill.top_grams, dill.in_bowls_grams, seeds.top_grams, seeds.in_bowls_grams]).to eq [
           294,
           294,
           1470,
           0
         ]
      expect(seeds.top_per_serving_grams).to eq 10
    end
  end
end
