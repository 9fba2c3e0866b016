# frozen_string_literal: true

RSpec.describe Scullion::Salad::Slip do
  lines = YAML.safe_load_file(File.join(__dir__, "slips.yml"))

  def slip(key, written, total)
    ingredient = house.larder.fetch(key)
    form = %w[liquid whole dry drained].find { |each| ingredient.figures.key?("density/#{each}") }
    grams = house.practice.reader.read(written).grams(ingredient, form)
    described_class.new(ingredient, grams, [total, grams * 1.05].max.to_f, house.practice)
  end

  it "is tried on at least 60 slips and 200 lines that are right" do
    expect([lines["wrong"].size, lines["right"].size]).to match [be >= 60, be >= 200]
  end

  it "catches at least 95 of 100 slips, and offers the reading that mends most of them" do
    caught = lines["wrong"].select { |key, written, total| slip(key, written, total).slip? }
    expect(caught.size.fdiv(lines["wrong"].size)).to be >= 0.95
    mended = caught.select { |key, written, total, name| slip(key, written, total).reading&.name == name }
    expect(mended.size.fdiv(caught.size)).to be >= 0.7
  end

  it "alarms at no more than 2 of 100 lines that are right" do
    alarms = lines["right"].select { |key, written, total| slip(key, written, total).slip? }
    expect(alarms.size.fdiv(lines["right"].size)).to be <= 0.02
  end

  # 2 Tbsp of ground clove, 12.9 g, in a kilo is 1.3 g per 100 g; it is never above 0.05.
  it "says what it ever is, and the nearest reading" do
    clove = slip("clove", "2 Tbsp", 1000)
    expect(clove.what).to eq "13 g of cloves, ground in 1 kg is more than it ever is."
    expect(clove.range).to eq "Usual: 0 g to 0.5 g."
    salt = slip("fine-salt", "2 Tbsp", 1500)
    expect(salt.reading).to have_attributes(name: "tsp, not Tbsp", grams: be_within(0.1).of(12.2))
  end

  it "finds them in a build and its dressing, but for what the cook calls right" do
    spoil =
      lambda do |right|
        plan { |data| data["salads"][0]["components"][6].merge!("grams" => 150, "right" => right) }
      end
    at =
      lambda do |made|
        described_class
          .of(made.portions.first, made.dressings.first, made.taste.ledgers.first)
          .map { |found| found["at"] }
      end
    expect(at.call(plan)).to eq []
    expect(at.call(spoil.call(false))).to eq ["components/6"]
    expect(at.call(spoil.call(true))).to eq []
  end

  describe Scullion::Salad::DoubleCounting do
    def slips(&change)
      made = plan(&change)
      described_class.new(made.portions.first, made.dressings.first, made.taste.ledgers.first).to_a
    end

    def salad(data) = data["salads"][0]

    it "finds one thing in two lines, and says to take the second out" do
      twice = slips { |data| salad(data)["components"] << salad(data)["components"][5].merge("grams" => 3) }
      expect(twice.map { |slip| slip.values_at("at", "what") }).to eq [
           ["components/7", "Dill stands here again: 4 g a serving before, 3 g here."]
         ]
      expect(twice.first["reading"]).to include("factor" => 0, "grams" => 0, "name" => "said twice")
    end

    it "lets one thing be there raw and cooked" do
      expect(
        slips do |data|
          salad(data)["components"] << {
            "ingredient" => "carrot",
            "cut" => "grated",
            "role" => "fresh",
            "grams" => 10
          }
        end
      ).to eq []
    end

    it "finds salt in two places, under whatever name" do
      again =
        slips do |data|
          salad(data)["dressing"]["parts"] << {
            "ingredient" => "sea-salt-flakes",
            "role" => "salt",
            "grams" => 1
          }
        end
      expect(again.map { |slip| slip["at"] }).to eq ["dressing/parts/6"]
    end

    it "believes the cook who says that it is right" do
      right =
        slips do |data|
          salad(data)["components"] << salad(data)["components"][5].merge("grams" => 3, "right" => true)
        end
      expect(right).to eq []
    end

    # Cooking brings 1.3 g a serving and the formula 0.5; with more than twice the salt in it either would be
    # enough alone.
    it "finds salt added to what was cooked in salt, and leaves as much as the aim allows" do
      salty =
        lambda do |grams|
          slips do |data|
            salad(data)["dressing"]["parts"].find { |part| part["role"] == "salt" }["grams"] = grams
          end
        end
      expect(salty[1.5]).to eq []
      found = salty[3.5].first
      expect(found).to include(
        "at" => "dressing/parts/4",
        "what" => /Salt counts twice: cooking brings .* this adds/,
        "range" => "Aim: no more than 0.9 %."
      )
      mended = salty[3.5 * found["reading"]["factor"]]
      expect(mended).to eq []
    end
  end
end
