# frozen_string_literal: true

RSpec.describe "What reaches the plate" do
  def tasted(&change) = plan(&change).taste
  def components(data) = data["salads"][0]["components"]

  describe Scullion::Salad::Ledger do
    let(:ledger) { tasted.ledgers.first }

    # Barley: 86.8 g of salt in 16,170 g, 110 g a serving: 0.59 g. Carrot: 102.4 g in 8,820 g, 60 g: 0.70 g,
    # and 0.13 % of its own, as it was raw, 60 ÷ 0.6894: 0.11 g. Cucumber: 8 g a kilo before it drains to
    # 0.88, 0.4 of it stays: 42 × 0.008 ÷ 0.88 × 0.4 = 0.15 g.
    it "counts salt from the ingredient, from cooking, from the treatment and from the dressing" do
      salt = ledger.lines.to_h { |line| [line.name, line.salt_grams] }
      expect(salt["Pearl barley"]).to be_within(0.01).of((86.82 / 16_170 * 110) + 0.011)
      expect(salt["Roast carrot"]).to be_within(0.01).of((102.36 / 8820 * 60) + (60 / 0.6894 * 0.13 / 100))
      expect(salt["Cucumber, salted"]).to be_within(0.01).of(
        (42 * 0.008 / 0.88 * 0.4) + (42 / 0.88 * 0.02 / 100)
      )
      expect(salt["White brined cheese"]).to be_within(1e-9).of(28 * 2.5 / 100)
      expect(salt["Fine salt"]).to be_within(0.001).of(31.96 * 1.5 / 86.2)
      expect(ledger.salt_grams).to be_within(1e-9).of(ledger.lines.sum(&:salt_grams))
    end

    # 18 g of powder a kilo of water, 45 % of it salt, all of it drunk.
    it "counts the salt of the stock that a grain is cooked in" do
      stocked = plan { |data| components(data)[0]["cook"]["liquid"] = "stock" }
      barley = stocked.taste.ledgers.first.lines.first
      powder = stocked.cooking.first.all_stock_grams
      expect(barley.salt_grams).to be_within(1e-6).of((powder * 0.45 / 16_170 * 110) + (110 * 0.01 / 100))
      expect(barley.salt_grams).to be > ledger.lines.first.salt_grams
      expect(stocked.taste.ledgers.first.salt_verdict).not_to eq "low"
    end

    it "soaks some of its salt out of a cheese" do
      soaked = tasted { |data| components(data)[4].merge!("treat" => "cold-soak") }
      expect(soaked.ledgers.first.lines[4].salt_grams).to be_within(1e-9).of(28 * 2.5 / 100 * 0.6)
    end

    it "rinses a third of a tin's salt away, and less when it is only drained" do
      drained =
        tasted { |data| components(data)[2]["cook"]["drain"] = "drain" }.ledgers.first.lines[2].salt_grams
      expect(ledger.lines[2].salt_grams / drained).to be_within(1e-9).of(0.65)
    end

    it "says how much to add to reach the aim, and never more than" do
      bland =
        tasted do |data|
          data["salads"][0]["dressing"]["parts"].reject! { |part| part["role"] == "salt" } &&
            components(data).reject! { |each| each["ingredient"] == "brined-white-cheese" }
        end.ledgers.first
      expect(bland.salt_share).to be_between(0.005, 0.007)
      expect(bland.to_add_grams).to be_within(1e-9).of(
        [(0.006 * bland.portion_grams) - bland.salt_grams, 0].max
      )
      expect(bland.room_grams).to be_within(1e-6).of(((0.009 * bland.portion_grams) - bland.salt_grams) * 147)
    end

    # 15 g a kilo before it drains to 0.91, 0.12 of it stays once it is rinsed.
    it "counts of the salt that is rinsed off only what stays" do
      rinsed = tasted { |data| components(data)[3]["treat"] = "salt-and-rinse" }
      cucumber = rinsed.ledgers.first.lines.find { |line| line.name == "Cucumber, salted" }
      expect(cucumber.treated_salt_grams).to be_within(1e-6).of(42 * 0.015 / 0.91 * 0.12)
    end

    it "gives the acid by the weight of the salad" do
      vinegar = 31.96 * (20 * 1.01 / 86.2) * 5 / 100
      expect(ledger.acid_share).to be > vinegar / ledger.portion_grams * 100
      expect(ledger.acid_share).to be_within(0.2).of(vinegar / ledger.portion_grams * 100)
    end
  end

  describe Scullion::Salad::Cost do
    # Carrot: 60 g roast from 60 ÷ 0.6894 ÷ 0.97 ÷ 0.82 = 109.4 g bought, at 1.60 a kilo.
    it "costs what is bought, not what is eaten, and names the dearest" do
      cost = tasted.costs.first
      expect(cost.lines[1].cost).to be_within(0.001).of(109.42 / 1000 * 1.6)
      expect(cost.cost).to be_within(1e-9).of(cost.lines.sum(&:cost))
      expect(cost.dearest.map(&:name)).to include("White brined cheese")
    end
  end

  describe Scullion::Salad::DietsAndAllergens do
    it "derives allergens and diets from every line, with the line that causes it" do
      suits = tasted.to_a.first["suits"]
      expect(suits["allergens"].to_h { |row| row.values_at("name", "lines") }).to eq(
        "gluten" => ["Pearl barley"],
        "milk" => ["White brined cheese"],
        "mustard" => ["Mustard"]
      )
      diets = suits["diets"].to_h { |row| row.values_at("name", "lines") }
      expect(diets).to include(
        "vegan" => ["White brined cheese", "Honey"],
        "vegetarian" => [],
        "nut-free" => [],
        "dairy-free" => ["White brined cheese"]
      )
    end

    it "counts what cooking brings" do
      stock =
        tasted { |data| components(data)[0]["cook"]["liquid"] = "stock" }.to_a.first["suits"]["allergens"]
      expect(stock).to include(a_hash_including("name" => "celery", "lines" => ["Pearl barley"]))
    end
  end

  describe Scullion::Salad::Balance do
    def notes(&change) = tasted(&change).to_a.first["balance"]["notes"].to_h { |note| [note["key"], note] }
    def only(*keys)
      ->(data) { components(data).select! { |component| keys.include?(component["ingredient"]) } }
    end

    it "finds nothing to say of the example" do
      expect(notes).to eq({})
    end

    it "says what is missing, why, and what from the larder would mend it" do
      plain = notes(&only("pearl-barley", "white-beans"))
      expect(plain.keys).to include("crunchy", "fresh", "sweet", "colour")
      expect(plain["crunchy"]).to include(
        "what" => "Nothing crunchy",
        "why" => "0 % of it crunches; 3 % is felt."
      )
      expect(plain["crunchy"]["adds"].map { |add| add["name"] }).to include("Sunflower seeds")
    end

    it "has remedies that can be taken as they stand, and that mend it" do
      house
        .practice
        .keys("balance")
        .each do |key|
          Array(
            house.practice.words("balance", key).then { |words| words["add"] if words.is_a?(Hash) }
          ).each do |add|
            expect { plan { |data| components(data) << add } }.not_to raise_error,
            "#{key}: #{add["ingredient"]}"
          end
        end
      mended =
        notes do |data|
          only("pearl-barley", "white-beans").call(data) &&
            components(data) << house.practice.words("balance", "crunchy")["add"].first
        end
      expect(mended.keys).not_to include("crunchy")
    end

    it "warns of juicy cuts beside a grain, of cuts that do not match, and of leaf on warm grain" do
      wet = notes { |data| components(data)[3].merge!("grams" => 120).delete("treat") }
      expect(wet["moisture"]["lines"]).to eq ["Cucumber, salted"]
      expect(notes { |data| components(data)[1]["cut"] = "wedges" }["size"]["why"]).to include(
        "Roast carrot is 25 mm, pearl barley 4 mm"
      )
      expect(
        notes do |data|
          components(data) << { "ingredient" => "rocket", "grams" => 10, "role" => "garnish" }
        end.keys
      ).to include("wilting")
    end
  end

  describe Scullion::Salad::Resize do
    let(:salad) { brief.salads.values.first }

    it "lands on the target, dressed, and keeps crunch and accents sensible" do
      [115.0, 160.0, 340.0].each do |target|
        grams = described_class.new(salad, house.practice).to(target)
        dressed =
          plan do |data|
            components(data).each_with_index { |component, index| component["grams"] = grams[index] }
          end.portions.first.portion_grams
        expect(dressed).to be_within(0.6).of(target)
      end
      small, large = [115.0, 340.0].map { |target| described_class.new(salad, house.practice).to(target) }
      expect(large[0] / small[0]).to be > large[6] / small[6]
    end
  end

  it "takes a component by its share of the build" do
    read = brief { |data| components(data)[1].delete("grams") && components(data)[1]["amount"] = "30 %" }
    grams = read.salads.values.first.components.map(&:grams)
    expect(grams[1] / grams.sum).to be_within(0.001).of(0.3)
    expect(
      faults do |data|
        components(data).each { |component| component.delete("grams") && component["amount"] = "30 %" }
      end[
        "/salads/0/components"
      ]
    ).to include("leave nothing")
  end

  it "shares one cooked component between two salads, and counts its salt in each by what it gets" do
    two =
      plan do |data|
        data["salads"] << JSON.parse(JSON.generate(data["salads"][0])).merge(
          "key" => "second",
          "name" => "Second"
        )
        data["service"]["lines"] << { "salad" => "second", "covers" => 20 }
      end
    expect(two.needs.size).to eq 7
    expect(two.taste.ledgers.map(&:salt_grams).uniq.size).to eq 1
  end

  # The barley feeds 100 and the same without its cheese, mustard and honey 40: 140 vegetarian, 40 vegan, with
  # 5 % made on top.
  it "counts for each diet the portions of the whole service that suit it" do
    counted =
      plan do |data|
        data["salads"][1] = Marshal.load(Marshal.dump(data["salads"][0])).merge("key" => "bare")
        data["salads"][1]["components"].reject! do |component|
          component["ingredient"] == "brined-white-cheese"
        end
        data["salads"][1]["dressing"]["parts"].reject! { |part| part["ingredient"] == "honey" }
        data["service"].merge!(
          "lines" => [
            { "salad" => data["salads"][0]["key"], "covers" => 100 },
            { "salad" => "bare", "covers" => 40 }
          ],
          "covers" => 140
        )
      end.taste.to_a.map do |taste|
        taste["suits"]["diets"].to_h { |diet| diet.values_at("name", "portions") }
      end
    expect(counted).to all(
      include("vegetarian" => "147 portions", "vegan" => "42 portions", "gluten-free" => "0 portions")
    )
  end
end
