# frozen_string_literal: true

RSpec.describe Scullion::Buy::WeekOrder do
  def service(covers, date, stock = {})
    plan(covers: covers) { |data| data["service"].merge!("date" => date, "name" => date, "stock" => stock) }
  end
  def line(order, key) = order.lines.find { |each| each.ingredient.key == key }

  let(:saturday) { service(60, "2026-11-28") }
  let(:sunday) { service(70, "2026-11-29") }
  let(:both) { described_class.new([saturday, sunday]) }

  # 60 covers take 2.31 kg of barley and 70 take 2.695: a bag of 5 kg each, 5.005 kg together: two. Of honey,
  # 1 kg tubs:
  # 95 and 111 g, one tub each, one together.
  it "rounds up to packs once, for all of them" do
    expect(
      [saturday, sunday].map { |made| made.purchases.find { |each| each.ingredient.key == "honey" }.packs }
    ).to eq [1, 1]
    expect([line(both, "honey").packs, line(both, "pearl-barley").packs]).to eq [1, 2]
    expect(both.packs_saved).to be_positive
  end

  it "adds up exactly, never to more packs than one by one, and alone is one service's own order" do
    both.lines.each do |all|
      alone =
        [saturday, sunday].flat_map(&:purchases).select { |each| each.ingredient.equal?(all.ingredient) }
      expect(all.need_grams).to be_within(1e-9).of(alone.sum(&:need_grams))
      expect(all.packs).to be <= alone.sum(&:packs)
      expect(all.bought_grams).to be >= all.need_grams - 1e-6
    end
    only = described_class.new([saturday]).lines
    expect(only.map { |each| [each.ingredient.key, each.packs, each.cost] }).to eq(
      saturday.purchases.map { |each| [each.ingredient.key, each.packs, each.cost] }
    )
  end

  # The same two tubs, counted for both days, are two tubs.
  it "takes off once what was counted for more than one" do
    counted =
      described_class.new(
        [service(60, "2026-11-28", "carrot" => 2000), service(70, "2026-11-29", "carrot" => 1500)]
      )
    expect(line(counted, "carrot").on_hand_grams).to eq 2000
    expect(line(both, "carrot").order_grams - line(counted, "carrot").order_grams).to eq 2000
  end

  it "says what each service takes, and explains a figure like any other" do
    honey = both.to_a.find { |each| each["ingredient"] == "honey" }
    expect(honey["services"].map { |each| each["date"] }).to eq %w[2026-11-28 2026-11-29]
    expect(line(both, "honey").working("need_grams").to_h.to_s).to include("every use added up")
    expect(described_class.new([]).to_a).to eq []
  end
end
