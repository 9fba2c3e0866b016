# frozen_string_literal: true

# What a recipe cooks in, where somebody may not eat it: it is not the house's own oil or stock, and stands in
# the salad by its name, with its allergens and the diets that it bars.
RSpec.describe Scullion::Recipe::Company do
  # @return [Scullion::Salad::DietsAndAllergens] of the salad as it is read
  def eaten(text)
    salad = Scullion::Recipe::Draft.new("Salad for 10\n#{text}", house).to_h["salad"]
    made = plan { |data| data["salads"] = [salad.merge("key" => data["salads"].first["key"])] }
    Scullion::Salad::DietsAndAllergens.new(made.portions.first.lines_eaten)
  end

  {
    "2 kg carrots, roasted with 100 ml sesame oil" => "sesame",
    "2 kg carrots, roasted with 100 ml walnut oil" => "nuts",
    "300 g bread, fried in 100 g butter" => "milk",
    "2 kg waxy potatoes, boiled\n100 g butter" => "milk",
    "2 kg waxy potatoes, boiled\n50 g butter\n\nMelt the butter in a pan." => "milk"
  }.each do |text, allergen|
    it "says #{allergen} of “#{text.tr("\n", " ")}”" do
      expect(eaten(text).allergens).to include allergen
    end
  end

  it "calls nothing vegan that was cooked in what animals give, and all of it that was not" do
    rows = {
      "1 kg pearl barley\n2 l chicken stock" => false,
      "1 kg pearl barley\n2 l beef stock" => false,
      "2 kg tomatoes\n200 ml chicken stock" => false,
      "2 kg carrots, roasted in 100 g lard" => false,
      "2 kg carrots, roasted in 100 g goose fat" => false,
      "1 kg pearl barley\n2 l vegetable stock" => true,
      "2 kg carrots, roasted with 100 ml olive oil" => true
    }
    expect(rows.to_h { |text, _| [text, eaten(text).diets["vegan"].empty?] }).to eq rows
  end

  it "asks how much there is of what a row only names, where somebody may not eat it" do
    asked = ->(row) do
      lines = Scullion::Recipe::Draft.new("Salad for 10\n500 g rocket\n#{row}", house).to_h["lines"]
      lines.select { |line| line["status"] == "doubtful" }.map { |line| line["text"] }
    end
    {
      "2 kg carrots, roasted in butter" => ["butter"],
      "1.5 kg chicken breast, marinated with yoghurt" => ["yoghurt"],
      "2 kg new potatoes, roasted with garlic butter" => ["butter"],
      "300 g rice, boiled in chicken stock" => ["chicken stock"],
      "2 kg carrots, roasted in olive oil" => [],
      "2 kg carrots, roasted with thyme" => [],
      "300 g rice, boiled in stock" => []
    }.each { |row, foods| expect(asked[row]).to eq(foods), row }
  end

  it "takes what the steps alone name to cook in, and says what else of theirs bars somebody" do
    read = ->(steps) do
      draft = Scullion::Recipe::Draft.new("Salad for 10\n2 kg carrots\n500 g rocket\n\n#{steps}", house)
      draft = draft.to_h
      [draft["salad"]["components"].map { |each| each["ingredient"] }, draft["missing"], draft["settled"]]
    end
    expect(read["Roast the carrots in butter until dark."]).to eq [%w[carrot rocket butter], [], false]
    expect(read["Roast the carrots with honey."]).to eq [%w[carrot rocket honey], [], false]
    expect(read["Roast the carrots. Serve with yoghurt."][1]).to eq ["yoghurt (milk)"]
    expect(read["Roast the carrots. Serve without yoghurt."][1]).to eq []
  end

  it "knows stock of fish and of shellfish for what it is" do
    expect(
      %w[fish shellfish].map { |kind| eaten("1 kg pearl barley\n2 l #{kind} stock").allergens }
    ).to match [include("fish"), include("crustaceans")]
  end

  # @return [Hash{String=>Array}] what goes along with each component, g a serving
  def along(text)
    salad = Scullion::Recipe::Draft.new("Salad for 10\n#{text}", house).to_h["salad"]
    salad["components"].to_h do |component|
      [
        component["ingredient"],
        (component["with"] || []).map { |with| with.values_at("ingredient", "grams") }
      ]
    end
  end

  # 100 ml × 0.913 ÷ 10
  it "lets the oil that is written for the tray stay on it, as much as is written" do
    expect(along("2 kg carrots, roasted with 100 ml olive oil")).to eq "carrot" => [["olive-oil", 9.13]]
  end

  it "leaves oil without an amount, and oil to fry in, to the plan" do
    expect(
      ["2 kg carrots, roasted in olive oil", "300 g bread, fried in 2 l sunflower oil"].map do |text|
        along(text).values
      end
    ).to eq [[[]], [[]]]
  end

  # 0.35 of the 1,169 g that are served: 409.15 g.
  it "lets oil stay up to the share of what it cooks, and no gram more" do
    served = Scullion::Recipe::Draft.new("Salad for 10\n2 kg carrots, roasted", house).to_h
    most = served["salad"]["components"].first["grams"] * 10 * 0.35
    expect(most).to be_within(0.01).of(409.15)
    oil = ->(grams) { along("2 kg carrots, roasted with #{grams} g olive oil")["carrot"].size }
    expect([oil[409], oil[410]]).to eq [1, 0]
  end

  it "says nothing of oil where it takes none of the house's own" do
    salad = Scullion::Recipe::Draft.new("Salad for 10\n2 kg carrots, roasted with 100 ml sesame oil", house)
    made = plan { |data| data["salads"] = [salad.to_h["salad"].merge("key" => data["salads"].first["key"])] }
    roast = made.cooking.find { |each| each.ingredient.key == "carrot" }
    expect(roast.words["facts"].map { |fact| fact["name"] }).to(
      include("salt_grams").and(satisfy { |names| !names.include?("oil_grams") })
    )
    expect(Scullion::Plan::Paper.new(made).to_s).to match(/sesame oil, cooks along/)
    expect(Scullion::Plan::Paper.new(made).to_s).not_to match(/^\s*Oil\b/)
  end

  it "shares oil among what is roasted, by what it weighs, and gives what is written for one to that one" do
    both = "2 kg carrots, roasted\n2 kg carrots, roasted\n200 g walnuts, toasted\n"
    expect(along("#{both}100 ml olive oil, to roast")).to eq(
      "carrot" => [["olive-oil", 4.565]],
      "walnuts" => []
    )
    other = "2 kg carrots, roasted\n2 kg squash, roasted\n"
    expect(along("#{other}100 ml olive oil for the carrots, to roast")).to eq(
      "carrot" => [["olive-oil", 9.13]],
      "butternut" => []
    )
  end

  it "plans and orders none of the house's own oil beside it" do
    salad = Scullion::Recipe::Draft.new("Salad for 10\n2 kg carrots, roasted with 100 ml sesame oil", house)
    made = plan { |data| data["salads"] = [salad.to_h["salad"].merge("key" => data["salads"].first["key"])] }
    roast = made.cooking.find { |each| each.ingredient.key == "carrot" }
    expect([roast.oil_grams, roast.own_fat?]).to eq [0.0, true]
    expect(made.purchases.map { |each| each.ingredient.key } & %w[rapeseed-oil sesame-oil]).to eq [
         "sesame-oil"
       ]
  end

  it "keeps in sight what was written for food that is not cooked" do
    text = "2 kg peppers, roasted\n200 g red onion, sliced\n1 tbsp sesame oil for the onion, to roast"
    expect(along(text)).to include "sesame-oil"
  end
end
