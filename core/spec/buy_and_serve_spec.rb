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

  # Half of what is needed serves half the covers, or gives each half.
  it "says what less of something than was ordered does: covers, a smaller share, or a stand-in" do
    need = bought(plan, "carrot").need_grams
    short = Scullion::Buy::ShortDelivery.new(plan, "carrot", need / 2, swap).to_h
    expect(short).to include("enough_for" => 70, "share" => 0.5)
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
