# frozen_string_literal: true

# What stands where a kitchen says nothing, breaks and services at their limits, packs by weight and price,
# and what is only written another way.
RSpec.describe "Where nothing is said, and at the limit" do
  def kitchen
    brief { |data| yield data["kitchen"] }.kitchen
  end

  def faults_of(&change)
    brief(&change)
    []
  rescue Scullion::Error => e
    e.faults.map(&:where)
  end

  it "has an oven from 50 to 280 °C and of 10 kW" do
    oven = kitchen { |data| data["ovens"] = [{ "name" => "Oven", "positions" => 6 }] }.ovens.first
    expect([oven.least_celsius, oven.most_celsius, oven.kw, oven.fan]).to eq [50, 280, 10, false]
  end

  it "cooks from a thousandth of a gram to half a kilo a serving along, and no more" do
    told =
      lambda do |grams|
        faults_of do |data|
          component = data["salads"][0]["components"].find { |each| each["cook"] }
          component["with"] = [{ "ingredient" => "fine-salt", "grams" => grams }]
        end
      end
    expect([0.001, 500, 0.0009, 500.1].map { |grams| told[grams].empty? }).to eq [true, true, false, false]
  end

  it "offers what is left by the sum of its grams, and by what they cost" do
    stock = Struct.new(:price)
    offer = Scullion::UseUp::Offer.new(used: { stock.new(0.5) => 10.0, stock.new(2.0) => 4.0 })
    expect([offer.grams, offer.worth]).to eq [14.0, 13.0]
    expect(%i[grams worth].map { |each| Scullion::UseUp::Offer.new(used: {}).public_send(each) }).to eq [
         0.0,
         0.0
       ]
  end

  # Of the years about it the one in which that day is nearest.
  it "knows a month by its whole name and by how it is shortened" do
    today = Date.new(2026, 11, 28)
    Date::MONTHNAMES.compact.each_with_index do |name, index|
      days = [2026, 2027].map { |year| (Date.new(year, index + 1, 5) - today).to_i }.min_by(&:abs)
      [name, name[0, 3]].uniq.each do |month|
        said = Scullion::UseUp::Dated.new("1 kg yoghurt, use by 5 #{month}", today)
        expect(said.until).to eq(days), month
      end
    end
  end

  # A cook from 07:00 to 15:00.
  it "takes a break within the shift, and none with one end or over its edge" do
    told =
      lambda do |from, to|
        faults_of do |data|
          cook = {
            "initials" => "ML",
            "from" => "07:00",
            "to" => "15:00",
            "break_from" => from,
            "break_to" => to
          }
          data["kitchen"]["cooks"] = [cook.compact]
        end.any? { |where| where.include?("break") }
      end
    breaks = [%w[10:00 10:30], %w[07:01 14:59], [nil, nil], ["10:00", nil], [nil, "10:00"]]
    over = [%w[07:00 07:30], %w[14:30 15:00], %w[10:30 10:00], %w[10:00 10:00]]
    expect(breaks.map { |ends| told.call(*ends) }).to eq [false, false, false, true, true]
    expect(over.map { |ends| told.call(*ends) }.uniq).to eq [true]
  end

  it "takes a service of 16 hours, over midnight too, and not a minute more" do
    told = ->(from, to) { faults_of { |data| data["service"].merge!("from" => from, "to" => to) } }
    expect([%w[06:00 22:00], %w[12:00 04:00]].map { |ends| told.call(*ends) }).to eq [[], []]
    expect([%w[06:00 22:01], %w[12:00 04:01], %w[12:00 12:00]].map { |ends| told.call(*ends) }.uniq).to eq [
         ["/service/to"]
       ]
  end

  # Sold by weight, without a price: 3 × 1000 g are 3 packs and 3000 g; of one price both cost the same.
  it "opens as few packs as may be where no price is known, each as so many grams more" do
    pack = ->(name, grams) do
      Scullion::Ingredient::Pack.new(name: name, grams: grams, plural: "#{name}s", price: nil)
    end
    packs = [pack["small", 1000.0], pack["large", 3200.0]]
    mix = ->(price, handling) do
      Scullion::Buy::Mix.new(packs, price, handling).for(3000.0).transform_keys(&:name)
    end
    # 3000 + 3 × 101 > 3200 + 101, and 3000 + 3 × 99 < 3200 + 99.
    expect(mix[0.0, 101]).to eq({ "large" => 1 })
    expect(mix[0.0, 99]).to eq({ "small" => 3 })
    expect([mix[2.5, 101], mix[2.5, 99]]).to eq [mix[0.0, 101], mix[0.0, 99]]
  end

  it "writes how long a heat is held in seconds up to a minute, and then in minutes" do
    writer = house.practice.writer
    said = ->(seconds) do
      Scullion::Safety::Core.new("x", { "celsius" => 70, "seconds" => seconds }, house.rules).text(writer)
    end
    expect([1, 2, 59, 60, 120].map { |seconds| said[seconds] }).to eq [
         "70 °C",
         "70 °C, held 2 s",
         "70 °C, held 59 s",
         "70 °C, held 1 min",
         "70 °C, held 2 min"
       ]
  end

  it "cuts a row that is too long where something ends, and else at a space or anywhere" do
    longest = Scullion::Recipe::Rows::LONGEST_ROW
    cut = ->(text) { Scullion::Recipe::Rows.new("Salad\n").send(:cut, text) }
    whole = "a" * longest
    expect(cut[whole]).to eq [whole]
    expect(cut["#{whole}a"]).to eq [whole, "a"]
    spaced = "#{"a" * (longest - 2)} bbb"
    expect(cut[spaced]).to eq ["a" * (longest - 2), "bbb"]
  end
end
