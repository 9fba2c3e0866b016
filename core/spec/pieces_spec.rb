# frozen_string_literal: true

# What one of a food weighs, and what is taken off it: figures that say the same thing agree.
RSpec.describe "Pieces and trims of the larder" do
  # By how much two figures of one thing may differ, as a share.
  let(:agree) { 0.2 }
  let(:foods) { house.larder.map(&:last) }

  def piece(food, size) = food.figures["pieces/#{size}"]

  def differ(one, other) = one && other && (one - other).abs > agree * [one, other].max

  it "has them in order: small, medium, large" do
    wrong =
      foods.reject do |food|
        sizes = %w[small medium large].filter_map { |size| piece(food, size) }
        sizes.each_cons(2).all? { |one, other| one < other }
      end
    expect(wrong.map(&:key)).to eq []
  end

  # One of garlic is a clove.
  it "means by one of them a medium one, a head or a bulb, as it is bought" do
    wrong =
      foods.select do |food|
        next if piece(food, "clove")

        %w[medium head].any? { |size| differ(piece(food, size), piece(food, "each")) } ||
          differ(piece(food, "medium"), piece(food, "bulb"))
      end
    expect(wrong.map(&:key)).to eq []
  end

  it "gets as much juice from one as from a kilo of them" do
    wrong =
      foods.select do |food|
        yields = food.figures["trims/juiced/yield"] or next
        one = piece(food, "each") || piece(food, "medium")
        differ(piece(food, "juice"), one * yields)
      end
    expect(wrong.map(&:key)).to eq []
  end

  # A berry has no core, and what is dried, frozen or in a tin was trimmed before.
  it "lends nobody a trim that it does not have" do
    usual = YAML.load_file("core/facts/families.yml").fetch("fruit").fetch("usual")["trims"]
    expect(usual).to be_nil
    ready = foods.select { |food| food.name.match?(/\b(?:dried|frozen|tinned|raisins|currants)\b/i) }
    wrong = ready.reject { |food| (food.trims.keys - %w[drained pitted skinned picked]).empty? }
    expect(wrong.map(&:key)).to eq []
    expect(
      %w[prunes raisins frozen-peas tinned-tomatoes].flat_map { |key| house.larder[key].trims.keys }
    ).to eq []
  end

  # Edible weights of composition tables over what is left of them, as recalled: 905 ÷ 0.51, 336 ÷ 0.7,
  # 282 ÷ 0.56, 118 ÷ 0.64 and 18 ÷ 0.52.
  it "weighs fruit as it is bought, skin, stone and all" do
    {
      "pineapple" => 1775,
      "mango" => 480,
      "pomegranate" => 504,
      "banana" => 184,
      "passion-fruit" => 35
    }.each do |key, grams|
      expect(piece(house.larder[key], "medium")).to be_within(grams * 0.03).of(grams), key
    end
  end
end
