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

  # Meat, fish, cheese and jars are no more alike in size than mince is a chicken, or a lobster a prawn: what
  # one of them weighs is said of each, or not known.
  it "lends nobody the weight of one where likeness is no likeness in size" do
    alone = %w[meat fish cured dairy cheese condiment fat pickle plant-protein spice]
    written =
      Dir["core/facts/larder/*.yml"].flat_map { |path| YAML.load_file(path) }.to_h { |row| [row["key"], row] }
    lent =
      written.values.select do |row|
        next unless row["like"] && alone.include?(row["family"]) && !row.key?("pieces")

        food = house.larder[row["key"]]
        %w[small medium large each].any? { |size| piece(food, size) }
      end
    expect(lent.map { |row| row["key"] }).to eq []
    {
      "lobster" => nil,
      "duck-leg" => nil,
      "meatballs" => 25,
      "dragon-fruit" => 350,
      "frozen-mango" => nil
    }.each { |key, grams| expect(piece(house.larder[key], "each")).to eq(grams), key }
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

# What foods contain, as far as it stands in a table that can be looked up.
RSpec.describe Scullion::Tables do
  let(:rows) { YAML.load_file("core/facts/tables/ifct2017.yml") }
  let(:tables) { described_class.new(rows) }
  let(:cited) do
    house.larder.flat_map do |_, food|
      food
        .figures
        .addresses
        .grep(%r{\Acontent/})
        .filter_map do |at|
          code = food.figures.source(at)[/\AIFCT 2017, (\w+):/, 1]
          [food, at.delete_prefix("content/"), code] if code
        end
    end
  end

  # Carrot, orange: 0.05233 g of sodium is 0.13 g of salt; citric, malic and tartaric acid are 0.23 g.
  it "takes what a row says, salt by its sodium, acids together, and nothing from a zero" do
    expect(tables.contents(rows["F002"])).to include(
      "water" => 87.69,
      "sugar" => 3.23,
      "salt" => 0.13,
      "acid" => 0.23
    )
    expect(tables.contents(rows["E063"].merge("sugars_g" => 0))).not_to include "sugar"
  end

  it "is what the larder says wherever it is cited, with the code" do
    expect(cited.size).to be > 500
    cited.each do |food, what, code|
      expect(food.figures["content/#{what}"]).to eq(tables.contents(rows[code])[what]), "#{food.key} #{what}"
    end
  end

  # Apricots are like plums, and were not looked up.
  it "says nothing of one food for another that is like it" do
    expect(
      house.larder["apricots"].figures.source("content/sugar")
    ).to start_with "As the food that it is like"
  end

  it "is counted, with all the other kinds of source, in docs/larder.md" do
    counted =
      File.read("docs/larder.md").scan(/^\| ([a-z ]+) \| (\d+) \|$/).to_h { |kind, count| [kind, count.to_i] }
    expect(Scullion::SourceKind.counted(house.larder)).to eq counted
    expect(Scullion::SourceKind.of("Weighed here, 3 times")).to eq "yours"
  end

  it "has every row used" do
    expect(rows.keys - cited.map(&:last)).to eq []
  end

  it "leaves what an ingredient writes itself, and names a row that is not there" do
    faults = []
    own =
      tables.complete({ "table" => "G011", "content" => { "sugar" => 1.0 } }, where: "here", faults: faults)
    expect(own["content"]).to include("sugar" => 1.0, "protein" => 6.92)
    expect(own["sources"]).not_to include "content/sugar"
    expect(tables.complete({ "table" => "Z9" }, where: "here", faults: faults)).to eq({})
    expect(faults.map(&:where)).to eq ["here/table"]
  end

  # Water, protein, fat, carbohydrate and fibre of one food are no more than all of it, but for rounding.
  it "adds up to no more than a hundred" do
    parts = %w[water protein fat carbohydrate fibre]
    wrong =
      house.larder.values.select { |food| parts.sum { |part| food.figures["content/#{part}"] || 0 } > 101 }
    salty =
      house.larder.values.select do |food|
        %w[salt sugar fat acid].sum { |part| food.figures["content/#{part}"] || 0 } > 100.5
      end
    expect([wrong, salty].flatten.map(&:key)).to eq []
  end
end
