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

  it "leaves oil that the house's own stands in for to the plan" do
    salad =
      Scullion::Recipe::Draft.new("Salad for 10\n2 kg carrots, roasted with 100 ml olive oil", house).to_h
    expect(salad["salad"]["components"].first).not_to include "with"
  end
end
