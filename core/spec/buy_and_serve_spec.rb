# frozen_string_literal: true

RSpec.describe "Buying and serving" do
  let(:swap) { house.swap }

  def bought(plan, key) = plan.purchases.find { |purchase| purchase.ingredient.key == key }

  it "subtracts what is on hand before it rounds up to packs, and never orders less than nothing" do
    usual = bought(plan, "carrot")
    some = bought(plan { |data| data["service"]["stock"] = { "carrot" => 3000 } }, "carrot")
    expect(some.order_grams).to be_within(1e-6).of(usual.need_grams - 3000)
    expect(some.bought_grams).to be >= some.order_grams
    plenty = bought(plan { |data| data["service"]["stock"] = { "carrot" => 500_000 } }, "carrot")
    expect([plenty.packs, plenty.order, plenty.surplus_grams.round]).to eq [
         0,
         "none",
         (500_000 - plenty.need_grams).round
       ]
  end

  describe "what is bought ready cut" do
    def ready_cut(names, &change)
      keys =
        plan(&change)
          .needs
          .select { |need| names.include?(need.name) }
          .map { |need| need.component.preparation }
      plan do |data|
        change&.call(data)
        data["day"] = { "cut" => keys }
      end
    end

    def prep(plan, name) = plan.preps.find { |line| line.need.name == name }

    it "is ordered at the weight that goes in, beside what comes whole, and is cut no more" do
      whole = prep(plan, "Roast carrot")
      cut = prep(ready_cut(["Roast carrot"]), "Roast carrot")
      expect([cut.ap_grams, cut.trim_grams, cut.hands_minutes, cut.tool]).to eq [
           whole.prepped_grams,
           0,
           0,
           nil
         ]
      expect(cut.working("ap_grams").to_h["from"].last["source"]).to eq "Bought ready cut."
      expect(cut.words["cut"]).to include("key" => whole.component.cut, "tool" => "bought ready cut")
      expect(cut.ready_grams).to eq whole.ready_grams
      expect([cut, whole].map { |line| line.words["ready_cut"] }).to eq [true, nil]
    end

    it "is on the order as what it is, in no pack and at no price" do
      grams = prep(plan, "Roast carrot").prepped_grams
      line = bought(ready_cut(["Roast carrot"]), "carrot")
      said = "#{line.writer.g(grams)} ready cut (batons 50 × 10 mm), price to ask"
      expect([line.order, line.words["ready_cut"]]).to eq [line.writer.g(grams), said]
      expect([line.packs, line.cost, line.order_grams]).to eq [0, 0, 0]
      expect(line.to_h.dig("cost", "text")).to eq "to ask"
      whole, cut = [plan, ready_cut(["Roast carrot"])]
      sums = [whole, cut].map { |each| each.purchases.sum(&:cost) }
      expect([whole, cut].map { |each| each.to_h.dig("service", "order_cost") }).to eq [
           format("%.2f", sums.first),
           format("%.2f + to ask", sums.last)
         ]
      week = Scullion::Buy::WeekOrder.new([cut, plan])
      expect(week.price(line.writer)).to eq format("%.2f + to ask", week.cost)
      expect(line.words).not_to include "surplus_use"
      expect([line.bought_grams, line.need_grams]).to eq [grams, grams]
      expect([line.surplus_grams, line.enough_for]).to eq [0, 140]
    end

    # What is counted on the shelf is whole: it is no part of what comes cut.
    it "has packs beside it for what of the same food is cut here, less what there is" do
      beside = ->(data) do
        raw = { "ingredient" => "carrot", "grams" => 50, "role" => "base", "trim" => "peeled" }
        data["salads"].first["components"] << raw.merge("name" => "Raw carrot")
        data["service"]["stock"] = { "carrot" => 1000 }
      end
      line = bought(ready_cut(["Roast carrot"], &beside), "carrot")
      raw = prep(plan(&beside), "Raw carrot").ap_grams
      expect(line.order_grams).to be_within(1e-6).of(raw - 1000)
      cut = line.writer.g(line.ready_cut_grams)
      expect(line.order).to eq "#{line.writer.g(line.bought_grams - line.ready_cut_grams)} + #{cut}"
      week = Scullion::Buy::WeekOrder.new([ready_cut(["Roast carrot"], &beside), plan])
      both = week.lines.find { |each| each.ingredient.key == "carrot" }
      expect(both.ready_cut_grams).to eq line.ready_cut_grams
      expect(both.order_grams).to be_within(1e-6).of(line.order_grams + bought(plan, "carrot").need_grams)
      expect(both.words["ready_cut"]).to eq line.words["ready_cut"]
    end

    it "is eaten raw only once it is washed, or sold so" do
      cucumber = prep(ready_cut(["Cucumber, salted"]), "Cucumber, salted")
      expect(cucumber.words["first"]).to eq "Wash it, unless it is sold ready to eat"
      expect(cucumber.treat_salt_grams).to be_positive
      expect(prep(ready_cut(["Roast carrot"]), "Roast carrot").words).not_to include("first")
    end

    # As on the order: what it costs is not known here, and is said so.
    it "costs a serving nothing that is not known, by its own name" do
      line = ->(plan) do
        plan
          .taste
          .sheets
          .grep(Scullion::Salad::Cost::OfLayer)
          .find { |each| each.need.name == "Roast carrot" }
      end
      cut = line[ready_cut(["Roast carrot"])]
      expect([cut.cost, cut.text_of(:cost), cut.name]).to eq [0.0, "to ask", "Roast carrot, price to ask"]
      expect(cut.working("price").source).to eq "Bought ready cut: ask its price."
      expect(line[plan].cost).to be_positive
      sums = [plan, ready_cut(["Roast carrot"])].map { |each| each.taste.costs.first }
      expect(sums.map { |sum| sum.text_of(:cost) }).to eq [
           format("%.2f", sums.first.cost),
           format("%.2f + to ask", sums.last.cost)
         ]
    end

    # On no bench any more: what is said of washing goes with it to its bowl.
    it "keeps its caution where nothing is left to do at a bench" do
      plain = ->(data) do
        cucumber = data["salads"].first["components"].find { |each| each["ingredient"] == "cucumber" }
        cucumber.delete("treat")
        cucumber["name"] = "Cucumber"
      end
      decided = ready_cut(["Cucumber"], &plain)
      expect(prep(decided, "Cucumber")).not_to be_bench
      said = decided.hazards.map { |finding| finding.snag.what }
      expect(said).to include("Wash Cucumber before it is cut; it is eaten raw.")
    end

    it "is planned anew where a day decides it" do
      roster = Scullion::Day::Roster.new(plan)
      key = roster.cut_here.first.last
      decided = roster.with(roster.progress.with(cut: [key]))
      expect(decided.plan.preps.find { |line| line.component.preparation == key }).to be_ready_cut
    end
  end

  # Half of what is needed serves half the covers, or gives each half.
  it "says what less of something than was ordered does: covers, a smaller share, or a stand-in" do
    need = bought(plan, "carrot").need_grams
    short = Scullion::Buy::ShortDelivery.new(plan, "carrot", need / 2, swap).to_h
    expect(short).to include("enough_for" => 70, "share" => 0.5)
    ample = Scullion::Buy::ShortDelivery.new(plan, "carrot", need * 2, swap).to_h
    expect(ample).to include("enough_for" => 140, "share" => 1.0)
    expect(short["servings"].first).to include("now" => "60 g", "then" => "30 g", "then_grams" => 30.0)
    expect(
      Scullion::Buy::ShortDelivery.new(plan, "sunflower-seeds", 10.0, swap).to_h["servings"].first["swaps"]
    ).not_to be_empty
    expect { Scullion::Buy::ShortDelivery.new(plan, "saffron", 1.0, swap) }.to raise_error(
      Scullion::UnknownFigure
    )
  end

  it "reads on the scale what has gone into the first bowl so far, to its whole weight" do
    build = plan.builds[0]
    poured = build.pours.reject { |pour| pour.after.nil? }
    expect(build.scale.size).to eq build.ordered.size + poured.size
    expect(build.scale.last["text"]).to eq plan.brief.practice.writer.g_exact(
         (build.ordered + poured).sum { |sheet| sheet.per_bowl.first }.round(1)
       )
  end

  describe Scullion::Build::Waves do
    let(:waves) { plan.waves[0] }

    # Cucumber lasts 4 h dressed, the barley rests 1 h, seeds last 3 h on top: 3 h, and the service 1 h 45.
    it "needs one wave while the whole service fits in the time at its best, and more when it does not" do
      expect([waves.lasts_minutes, waves.service_minutes, waves.waves, waves.dressed_in_waves?]).to eq [
           180,
           105,
           1,
           false
         ]
      fading =
        plan do |data|
          data["figures"] = [{ "at" => "practice/holds/juicy-raw/dressed_minutes", "value" => 100 }]
        end.waves[
          0
        ]
      expect([fading.lasts_minutes, fading.waves, fading.dressed_in_waves?]).to eq [40, 3, true]
      # Three waves of 35 min: 100 min to the last guest of each, an hour's rest before the first.
      expect(fading.list.map { |wave| [wave.dress_from, wave.dress_by].join(" ") }).to eq [
           "10:40 10:45",
           "11:15 11:20",
           "11:50 11:55"
         ]
      expect(waves.list.first.dress_from).to be_nil
      expect(fading.list.sum(&:covers)).to eq 140
      expect(fading.list.map { |wave| wave.to - wave.from }).to all(be <= 40)
    end

    # 140 plates at 18 s by two are 21 min; 12 min of them before the first guest.
    it "begins plating so early that the first plates stand ready" do
      expect([waves.plating_minutes, waves.start_at.to_s, waves.portions_per_minute.round(2)]).to eq [
           21,
           "11:33",
           6.67
         ]
      family = plan { |data| data["service"]["served_as"] = "family" }.waves[0]
      expect(family.plating_minutes).to be_within(0.01).of(45 / 60.0 * 18 / 2)
    end

    # One lump from 3 to 5 °C in 22 °C: ln(19 / 17) of its time constant. A smaller bowl warms sooner.
    it "predicts when a bowl on display is warmer than cold" do
      mass, volume = waves.wave_grams, waves.wave_grams / 0.6 / 1e6
      expect(waves.warm_minutes).to be_within(0.1).of(
        mass * 3.5 / (9 * 4.84 * (volume**(2 / 3.0))) / 60 * Math.log(19 / 17.0)
      )
      expect(plan(covers: 10).waves[0].warm_minutes).to be < waves.warm_minutes
    end
  end

  describe Scullion::Build::CheckWeigh do
    def weigh(*weights) = described_class.new(plan.waves[0], weights.map(&:to_f))

    # 320, 330, 340, 350, 360: mean 340, each 10 g heavier, standard deviation √250.
    it "gives mean, spread and drift, and who would get none" do
      weighed = weigh(320, 330, 340, 350, 360)
      expect([weighed.mean, weighed.drift, weighed.spread.round(2)]).to eq [340, 10, 15.81]
      expect(weighed.to_h["drift"]).to eq "10 g heavier with each"
      heavy = weigh(400, 400, 400)
      expect(heavy.to_h["says"]).to match(/\A\d+ guests would get none/)
      expect(heavy.enough_for).to eq (plan.portions[0].finished_grams / 400).floor
      expect(weigh(plan.waves[0].portion_grams).to_h).to include(
        "says" => "On the mark.",
        "drift" => "steady"
      )
    end
  end
end
