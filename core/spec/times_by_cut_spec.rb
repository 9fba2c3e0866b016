# frozen_string_literal: true

# How long a piece takes by its size, and what a roast loses by it.
RSpec.describe Scullion::Cook::Sides do
  def minutes(food, method, cut, cook = {})
    cooked(food, method, cut: cut == "none" ? nil : cut, cook: cook).minutes
  end

  YAML
    .load_file(File.expand_path("usual_times.yml", __dir__))
    .each do |food, method, cut, low, high|
      it "takes the usual minutes: #{food}, #{method}, #{cut}" do
        expect(minutes(food, method, cut)).to be_between(low, high)
      end
    end

  # A dice of 15 mm takes 7 min, of which it heats through in 0.5 × 1.5² = 1.125; softening, 5.875, is the
  # same for all; one of 10 mm heats through in 0.5, of 6 mm in 0.5 × 0.6² = 0.18.
  it "softens in the same time whatever the cut, and heats through by the square of it" do
    expect(%w[diced-small diced diced-large].map { |cut| minutes("waxy-potato", "boil-cut", cut) }).to match [
            be_within(1e-9).of(5.875 + 0.18),
            be_within(1e-9).of(5.875 + 0.5),
            be_within(1e-9).of(7)
          ]
  end

  # Batons of 50 × 10 × 10: √(3 ÷ (1/2500 + 1/100 + 1/100)) = 12.13 mm.
  it "knows the dice that heats through like it, of a cut and of a whole or half one" do
    expect(cooked("carrot", "roast", cut: "batons").dice_mm).to be_within(0.01).of(12.13)
    whole = cooked("waxy-potato", "boil-cut", cut: nil)
    edge = Math.cbrt(whole.ingredient.fetch("pieces/medium") / 1.08) * 10
    expect(whole.dice_mm).to be_within(1e-9).of(edge)
    halves = cooked("waxy-potato", "boil-cut", cut: "halved")
    expect(halves.dice_mm).to be_within(1e-9).of(Math.sqrt(3 / ((2 / (edge**2)) + (4 / (edge**2)))))
    expect(minutes("green-beans", "blanch", "none")).to eq 3.5
  end

  # Softening × 1.6, and in boiling water what it would have done on the way: 0.5 + 5 % of the minutes up.
  it "boils until it is as soft as is asked, from cold or from boiling" do
    usual = cooked("waxy-potato", "boil-cut", cut: "diced")
    expect([usual.school("start"), usual.setting]).to eq ["cold", "boil gently from cold, drain"]
    expect(minutes("waxy-potato", "boil-cut", "diced", "softness" => "soft")).to be_within(1e-9).of(
      (5.875 * 1.6) + 0.5
    )
    from_boiling = cooked("waxy-potato", "boil-cut", cut: "diced", cook: { "start" => "boiling" })
    expect(from_boiling.minutes - usual.minutes).to be_within(1e-9).of(0.5 + (0.05 * usual.heat_up_minutes))
    expect(usual.stretches.first.first).to eq :hands
    expect(from_boiling.stretches.first.first).to eq :wait
    squash = cooked("butternut", "boil-cut", cut: "diced-large")
    expect(squash.school("start")).to eq "boiling"
    expect(squash.minutes).to be_within(1e-9).of(7)
    expect(minutes("butternut", "boil-cut", "diced-large", "start" => "cold")).to be < 7
  end

  # A dice of 10 mm: 30 × (0.5 + 0.5 × (10/25)²) = 17.4 min; its surface is 2.5 times that of one of 25 mm, so
  # it loses as much as that one would in 2.5 × 17.4 ÷ 30 = 1.45 times its minutes: 0.72 to the power of 1.45.
  it "roasts by size: sooner done, and more of it lost" do
    dice = cooked("carrot", "roast", cut: "diced")
    expect([dice.drying_minutes, dice.roast_yield]).to match [
            be_within(1e-9).of(17.4),
            be_within(1e-9).of(0.72**1.45)
          ]
    order = %w[shaved strips diced diced-large wedges].map { |cut| cooked("carrot", "roast", cut: cut) }
    expect(order.map(&:drying_minutes)).to eq order.map(&:drying_minutes).sort
    expect(order.map(&:roast_yield)).to eq order.map(&:roast_yield).sort
    # 1.5 mm × 0.72 of the tray × 1.05: a thin layer.
    expect([order.first.tray_load, order.last.tray_load]).to match [be_within(1e-9).of(1.134), 7.5]
  end

  # 210 °C dries by 130 °C, 180 °C by 100: 1.3 times as long, and as much lost; longer at one heat loses more.
  it "roasts by heat, and loses by the minutes that are written" do
    usual = cooked("carrot", "roast", cut: "diced")
    cooler = cooked("carrot", "roast", cut: "diced", cook: { "celsius" => 180 })
    expect(cooler.drying_minutes).to be_within(1e-9).of(17.4 * 1.3)
    expect(cooler.roast_yield).to be_within(1e-9).of(usual.roast_yield)
    longer = cooked("carrot", "roast", cut: "diced", cook: { "minutes" => 34.8 })
    expect(longer.roast_yield).to be_within(1e-9).of(usual.roast_yield**2)
    expect(cooked("carrot", "roast", cut: "shaved", cook: { "minutes" => 300 }).roast_yield).to eq 0.2
    # 85 °C still dry it, by 5 K; nothing dries it less than that.
    hardly =
      [85, 60].map { |celsius| cooked("carrot", "roast", cut: "diced", cook: { "celsius" => celsius }) }
    expect(hardly.map(&:minutes)).to all be_within(1e-6).of(17.4 * 130 / 5)
  end
end

# A full oven is slower: 9 trays of 1.85 kg (16.7 kg) of carrot dice warm by 60 K at 3.7 kJ a kilo and lose
# 0.379 as steam of 2,257 kJ: 17,960 kJ, of which 18 kW bring 0.6: 27.7 min, where a few trays take 17.4.
RSpec.describe Scullion::Cook::Roast do
  def roast(kilos)
    asked = { "ingredient" => "carrot", "cut" => "diced", "cook" => { "method" => "roast" } }
    Scullion::Cook::Single.read(asked.merge("raw_grams" => kilos * 1000.0), house).cooking
  end

  it "takes longer on full ovens, and no more loads for it" do
    few, full = roast(5), roast(50)
    expect([few, full].map { |each| each.minutes.round(1) }).to eq [17.4, 27.7]
    heat = full.raw_grams / full.loads / 1000 * ((3.7 * 60) + ((1 - full.roast_yield) * 2257))
    expect(full.minutes).to be_within(1e-6).of(heat / (18 * 0.6) / 60)
    expect(full.roast_yield).to be_within(1e-9).of(few.roast_yield)
    expect(full.oven_minutes).to be_within(1e-6).of(full.minutes * full.loads)
  end

  it "keeps minutes that the cook wrote" do
    written = cooked("carrot", "roast", covers: 900, cut: "diced", cook: { "minutes" => 22 })
    expect([written.minutes, written.loads > 1]).to eq [22, true]
  end
end

# Twice 3 kg of tap water of 12 °C for a kilo at 100: 3.7 ÷ (3.7 + 3 × 4.186) of the 88 K stay each time.
RSpec.describe Scullion::Cook::Rinsed do
  it "leaves what is rinsed nearly as cold as the tap, by the heat that both share" do
    pasta = cooked("fusilli", "boil", cook: { "serve" => "cold" })
    kept = 3.7 / (3.7 + (3 * 4.186))
    expect(pasta.rinsed_celsius).to be_within(1e-6).of(12 + (88 * (kept**2)))
    expect(pasta.rinsed_celsius.round(1)).to eq 16.6
    expect(pasta.rinse_grams).to be_within(1e-6).of(pasta.finished_grams * 6)
    chill = Scullion::Day::Chill.new(pasta, plan.brief)
    expect(chill.from).to eq pasta.rinsed_celsius
    expect(cooked("fusilli", "boil", cook: { "serve" => "warm" }).rinse_grams).to eq 0
  end
end

# Minutes in the ice by thickness: in a block of 10 mm the middle goes from 100 to 5 °C in 1 °C water when
# (4 ÷ π)³ · exp(−3π² ÷ 4 · Fo) is 4 ÷ 99: Fo = 0.53 and, half thick 5 mm at 1.4e-7 m²/s, 1.6 min.
RSpec.describe Scullion::Cook::Blanch do
  def shock(ingredient, **cut) = cooked(ingredient, "blanch", **cut).shock_minutes

  it "leaves what is thicker longer in the ice, and what is thin as long as hands take" do
    fourier = Math.log(((4 / Math::PI)**3) * 99 / 4) / (3 * (Math::PI**2) / 4)
    expect(fourier * 2.5e-5 / 1.4e-7 / 60).to be_within(0.05).of(1.6)
    expect(shock("celery", cut: "diced")).to be_within(1e-9).of(1.6)
    expect(shock("celery", cut: "diced-small")).to eq 1
    expect(shock("leek", cut: "diced")).to be > shock("leek", cut: "sliced")
    expect(shock("broccoli", cut: "florets")).to eq 3
  end

  it "chills an egg by its weight" do
    eggs = %w[quail-egg hen-egg duck-egg].map { |egg| cooked(egg, "eggs").chill_minutes }
    expect(eggs).to eq eggs.sort.uniq
  end
end

# Ice by the energy that is in what it cools.
RSpec.describe Scullion::Cook::Iced do
  def ice(**changes)
    cooked("green-beans", "blanch").then do |beans|
      changed =
        beans.practice.with(changes.transform_keys(&:to_s).transform_values { |value| [value, "here"] })
      allow(beans).to receive(:practice).and_return(changed)
      beans.ice_per_kg
    end
  end

  it "is less for less of a bath, and none for what is as cold already" do
    food = 3.7 * 95 / (334 + (4.186 * 5)) * 1000
    expect(ice("heating/bath_per_kg": 0.0)).to be_within(1e-6).of(food)
    expect(ice("heating/celsius/tap": 5.0)).to be_within(1e-6).of(food)
    expect(ice("heating/celsius/tap": 4.0)).to be_within(1e-6).of(food)
    expect(ice("heating/celsius/iced": 100.0, "heating/celsius/tap": 12.0)).to eq 0
  end
end
