# frozen_string_literal: true

RSpec.describe Scullion::Dress do
  let(:recipe) { brief.salads.values.first.dressing }

  def parts(*list)
    list.map do |key, role, grams|
      Scullion::Salad::Part.new(ingredient: house.larder.fetch(key), role: role, amount: grams, by: "grams")
    end
  end

  describe Scullion::Dress::Correction do
    def correct(complaint, list = recipe.parts, left: 1000.0)
      described_class.new(list, left, complaint, house)
    end

    def grams(offer)
      offer.additions.flat_map { |each| each.mixed.map { |food, share| [food.key, each.grams * share] } }
    end

    # 20.2 g of vinegar at 5 % and 5 g of mustard at 3 % in 86.2 g: 1.346 % of acid. A kilo with a fifth less
    # of it is 1,250 g, so 250 g of something without acid, which is just what goes in at once. A fifth more
    # takes vinegar: 0.2 × 13.46 ÷ (0.05 − 0.01615) = 79.5 g.
    it "solves what lands the target, exactly" do
      sharp = grams(correct("too-sharp").offers.first)
      expect(sharp.map { |key, each| [key, each.round(1)] }).to eq [["rapeseed-oil", 250.0]]
      flat = grams(correct("flat").offers.first).first
      expect(flat).to match ["cider-vinegar", be_within(0.2).of(79.5)]
    end

    # With 200 g of oil at once: 13.46 − 0.010768 × 1,200 = 0.54 g too much; sugar hides a quarter of its
    # weight: 0.54 ÷ (0.010768 + 0.25) = 2.07 g.
    it "adds two small things where one is more than a cook would dare" do
      careful = house.with(figures: { "practice/corrections/dare/fat" => [0.2, "Here."] })
      offer = described_class.new(recipe.parts, 1000.0, "too-sharp", careful).offers
      expect(grams(offer.first)).to match [["rapeseed-oil", 200.0], ["honey", be_within(0.02).of(2.07)]]
      expect(grams(offer.last).map(&:first)).to eq %w[honey]
    end

    it "dilutes with the dressing's own without what it has too much of" do
      salty =
        parts(
          ["olive-oil", "fat", 60],
          ["walnut-oil", "fat", 20],
          ["cider-vinegar", "acid", 18],
          ["fine-salt", "salt", 2]
        )
      offer = grams(correct("too-salty", salty).offers.first).to_h
      expect(offer.keys).to eq %w[olive-oil walnut-oil cider-vinegar]
      expect(offer["olive-oil"] / offer["walnut-oil"]).to be_within(1e-9).of(3)
      expect(offer.values.sum).to be_within(1).of(250)
    end

    it "takes oil in its own ratio where there are two" do
      sharp = parts(["olive-oil", "fat", 45], ["walnut-oil", "fat", 15], ["cider-vinegar", "acid", 40])
      offer = grams(correct("too-sharp", sharp).offers.first).to_h
      expect(offer["olive-oil"] / offer["walnut-oil"]).to be_within(1e-9).of(3)
    end

    it "only ever adds, in proportion to what is left, and never more at once than a cook would dare" do
      house
        .practice
        .words("corrections", "complaints")
        .each_key do |complaint|
          offers = [100.0, 1000.0].map { |left| correct(complaint, left: left).offers }
          all = offers.map { |each| each.flat_map(&:additions) }
          expect(all.flatten.map(&:grams)).to all(be_positive)
          expect(all.last.map(&:grams)).to match(all.first.map { |each| be_within(1e-6).of(each.grams * 10) })
          most = all.last.map { |each| house.practice.fetch("corrections/dare/#{each.role}") * 1000 }
          expect(all.last.map(&:grams).zip(most)).to all(satisfy { |grams, dare| grams <= dare + 1e-9 })
        end
    end

    it "refuses with the reason, and what to do instead, where it would take too much" do
      mostly_vinegar = parts(["cider-vinegar", "acid", 70], ["rapeseed-oil", "fat", 30])
      expect(correct("flat", mostly_vinegar).refusal).to include(
        "more than goes into such a jug",
        "half batch"
      )
      expect(correct("flat", parts(["cider-vinegar", "acid", 95], ["honey", "sweet", 5])).refusal).to include(
        "Nothing here is strong enough"
      )
      expect(
        correct("too-strong", parts(["olive-oil", "fat", 60], ["cider-vinegar", "acid", 20])).refusal
      ).to include("none of it in this dressing")
    end
  end

  # 100 ml of soya milk take 200 to 400 ml of oil.
  describe Scullion::Dress::FullEmulsion do
    def whisked(oil, base: "soya-milk")
      plan do |data|
        data["salads"][0]["dressing"]["parts"] = [
          { "ingredient" => "rapeseed-oil", "role" => "fat", "ml" => oil },
          { "ingredient" => base, "role" => "emulsifier", "ml" => 100 },
          { "ingredient" => "cider-vinegar", "role" => "acid", "ml" => 20 }
        ]
      end
    end

    def full(oil, **options) = whisked(oil, **options).dressings.first.full

    it "says how much oil the base takes, for this batch" do
      made = full(300)
      expect(made.oil_times).to be_within(0.01).of(3)
      expect([made.least_oil_ml, made.most_oil_ml]).to eq [made.base_ml * 2, made.base_ml * 4]
      expect(made.base_ml + made.oil_ml).to be < made.dressing.batch_ml
      expect(made.to_h).to include(
        "base" => "Soya milk",
        "fits" => true,
        "room" => "20 °C",
        "rescue" => /Split/
      )
    end

    it "gives the order, everything at room temperature, the acid last" do
      expect(full(300).to_h["order"]).to match [/room temperature/, /drops/, /Acid last/, /water/]
    end

    # 500 ml of oil want 125 ml of base: a quarter more than there is.
    it "says when it would split or stay thin, and what is missing" do
      split, thin =
        [500, 150].map do |oil|
          whisked(oil).snags.find { |snag| snag.stage == "dress" && snag.what.match?(/splits|thin/) }
        end
      base = full(500).base_ml
      expect([split.what, split.remedy]).to match [
              /more oil than its base takes, and splits/,
              /#{Regexp.escape(plan.brief.practice.writer.ml(base / 4))} more base/
            ]
      expect(thin.what).to include("stays thin")
      expect(whisked(300).snags.map(&:what).grep(/splits|thin/)).to be_empty
    end

    it "is not for what is bought as an emulsion, held by mustard, or not held at all" do
      expect(full(100, base: "mayonnaise")).to be_nil
      expect(full(60, base: "mustard")).to be_nil
      expect(plan.dressings.first.full).to be_nil
    end

    it "goes by the food, whatever role its line has" do
      made =
        %w[emulsifier liquid aromatic].map do |role|
          rows = [["rapeseed-oil", role, 300], ["soya-milk", role, 100], ["cider-vinegar", "liquid", 20]]
          parts = rows.map { |key, as, ml| { "ingredient" => key, "role" => as, "ml" => ml } }
          plan { |data| data["salads"][0]["dressing"]["parts"] = parts }.dressings.first
        end
      expect(made.map { |each| [each.full.oil_times.round(2), each.fat_to_acid.round(2)] }.uniq).to eq [
           [3, 15]
         ]
      held = made.map { |dressing| dressing.words["character"] }
      expect(held.map { |each| [each.dig("emulsion", "name"), each.dig("keeping", "text")] }.uniq).to eq(
        [["full", "4 days"]]
      )
    end

    it "knows egg as a base too" do
      expect(full(350, base: "pasteurised-yolk").to_h["base"]).to eq "Egg yolk, pasteurised"
    end
  end

  describe Scullion::Dress::Character do
    def character(*list) = described_class.new(parts(*list), house.practice)

    it "knows how it holds together by what binds it" do
      expect(character(["olive-oil", "fat", 60], ["cider-vinegar", "acid", 20]).emulsion).to eq "loose"
      expect(described_class.new(recipe.parts, house.practice).emulsion).to eq "held"
      expect(
        character(["mayonnaise", "emulsifier", 60], ["cider-vinegar", "acid", 20]).to_h["emulsion"]
      ).to include("name" => "full", "rescue" => /Split/)
    end

    # Soy sauce is of soya, and no base; a condiment holds oil only where it is thick.
    it "calls loose what no food in it binds, though it is called an emulsifier" do
      dark = character(["sesame-oil", "fat", 60], ["soy-sauce", "emulsifier", 25])
      expect([dark.emulsion, dark.bases]).to eq ["loose", []]
      expect(character(["rapeseed-oil", "fat", 20], ["vegan-mayonnaise", "fat", 60]).emulsion).to eq "full"
      expect(character(["rapeseed-oil", "fat", 60], ["mustard", "aromatic", 5]).emulsion).to eq "held"
    end

    it "keeps two days on raw egg, four on soya, and on bought mayonnaise thinned with something else" do
      {
        "pasteurised-yolk" => "2 days",
        "pasteurised-egg" => "2 days",
        "soya-milk" => "4 days",
        "mayonnaise" => "4 days"
      }.each do |key, days|
        expect(character(["rapeseed-oil", "fat", 60], [key, "emulsifier", 25]).to_h["keeping"]["text"]).to eq(
          days
        ),
        key
      end
    end

    it "keeps as long as the most perishable thing in it" do
      {
        "honey" => "4 days",
        "garlic" => "4 days",
        "parsley" => "4 days",
        "yoghurt" => "4 days",
        "lime-juice" => "3 days"
      }.each do |key, days|
        list =
          parts(["olive-oil", "fat", 60]) +
            [
              Scullion::Salad::Part.new(
                ingredient: house.larder[key],
                role: "aromatic",
                amount: 5,
                by: "grams"
              )
            ]
        expect(described_class.new(list, house.practice).to_h["keeping"]["text"]).to eq days
      end
    end
  end

  it "brings a formula to another ratio: the fat stays, the acid follows, there and back" do
    sharp = Scullion::Dress::Ratio.amounts(recipe.parts, 1.5, house.practice)
    expect(sharp.first(2)).to eq [60.0, 40.0]
    oil = parts(["olive-oil", "fat", 60])
    expect { Scullion::Dress::Ratio.amounts(oil, 3, house.practice) }.to raise_error(
      Scullion::InvalidBrief,
      /no acid/
    )
  end

  it "begins with three quarters of strong seasonings once the formula is made four times" do
    pepper = ->(made) { made.dressings.first.parts.find { |part| part.ingredient.key == "black-pepper" } }
    expect(pepper.call(plan(covers: 140)).start_grams).to be_within(1e-9).of(
      pepper.call(plan(covers: 140)).grams * 0.75
    )
    expect(pepper.call(plan(covers: 5)).strong?).to be false
  end

  it "pours by the ladle, in halves" do
    ladles = Scullion::Dress::Ladles.new(house.practice)
    {
      840 => "3½ ladles of 250 ml",
      125 => "1 ladle of 120 ml",
      34 => "1 spoon of 30 ml",
      7 => "½ spoon of 15 ml"
    }.each { |ml, text| expect(ladles.of(ml)).to eq text }
  end

  house = ExampleBrief::SHIPPED
  house.practice.presets.each_key do |preset|
    it "#{preset}: its stages add up to the batch at any covers, and only the bowl gets pours" do
      [1, 7, 140, 2777].each do |covers|
        batch =
          plan(covers: covers) { |data| data["salads"][0]["dressing"]["preset"] = preset }.dressings.first
        expect(batch.stages.sum { |stage| (stage.grams * 10).round }).to eq (batch.batch_grams * 10).round
        expect(
          batch.stages.select { |stage| %w[plate table back].include?(stage.into) }.flat_map(&:pours)
        ).to eq []
      end
    end
  end

  # What is whisked is 2 % more than what pours; a stage measures what it weighs, and the jug keeps what
  # sticks.
  it "measures every stage as heavy as it is poured" do
    batch = plan.dressings.first
    density = batch.whisk_grams / batch.batch_ml
    batch.stages.each { |stage| expect(stage.grams / stage.ml).to be_within(1e-9).of(density) }
    expect(batch.batch_ml - batch.stages.sum(&:ml)).to be_within(0.01).of(
      (batch.whisk_grams - batch.batch_grams) / density
    )
  end

  it "takes stages of the salad's own, which add up to the whole" do
    own = [
      { "key" => "first", "name" => "First", "share" => 0.6 },
      { "key" => "jug", "name" => "Jug", "share" => 0.4, "into" => "table" }
    ]
    expect(
      plan { |data| data["salads"][0]["dressing"]["stages"] = own }.dressings.first.stages.map do |stage|
        [stage.name, stage.grams]
      end
    ).to eq [["First", 2819.0], ["Jug", 1880.0]]
    own.last.delete("share")
    expect(
      plan { |data| data["salads"][0]["dressing"]["stages"] = own }.dressings.first.stages.map(&:grams)
    ).to eq [2819.0, 1880.0]
    expect(
      faults do |data|
        data["salads"][0]["dressing"]["stages"] = [{ **own[0], "share" => 1, "to" => ["gravel"] }]
      end
    ).to include("/salads/0/dressing/stages/0/to" => include("neither a kind"))
    own.first["share"] = 1
    expect(
      faults { |data| data["salads"][0]["dressing"]["stages"] = own }["/salads/0/dressing/stages"]
    ).to include("leave nothing for Jug")
    own.first["share"] = 0.6
    own.last["share"] = 0.3
    expect(
      faults { |data| data["salads"][0]["dressing"]["stages"] = own }["/salads/0/dressing/stages"]
    ).to include("add up to 90")
  end
end
