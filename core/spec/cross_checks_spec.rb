# frozen_string_literal: true

# Figures of the larder held against each other: what says the same thing in two ways has to agree, and what
# stands far from its family says why.
RSpec.describe "Figures of the larder, against each other" do
  let(:foods) { house.larder.map(&:last) }

  # Weights and prices are each food's own.
  OWN = %r{\A(?:packs|price|usual|pieces)/}.freeze
  # A mean of fewer says nothing.
  FEWEST = 8

  # @return [Array<Array(String, String)>] food and address of what lies over three standard deviations off
  def outliers
    figures = foods.flat_map { |food| food.figures.addresses.grep_v(OWN).map { |at| [food, at] } }
    figures
      .group_by { |food, at| [food.family, at] }
      .values
      .select { |all| all.size >= FEWEST }
      .flat_map do |all|
        values = all.map { |food, at| food.figures[at] }
        mean = values.sum / values.size
        spread = Math.sqrt(values.sum { |value| (value - mean)**2 } / (values.size - 1))
        all
          .zip(values)
          .select { |_, value| (value - mean).abs > 3 * spread && spread.positive? }
          .map { |(food, at), _| [food.key, at] }
      end
  end

  it "explains what is far from its family, and nothing else" do
    explained = YAML.load_file("core/facts/outliers.yml")
    said = explained.flat_map { |key, row| row["of"].map { |at| [key, at] } }
    expect([outliers - said, said - outliers]).to eq [[], []]
    expect(explained.values.map { |row| row["why"] }).to all match(/\S{3}/)
  end

  it "has no more in a food than a hundred grams of it" do
    over =
      foods.reject do |food|
        parts = %w[water fat salt sugar].sum { |what| food.figures["content/#{what}"] || 0.0 }
        parts <= 100.0
      end
    expect(over.map(&:key)).to eq []
    all = %w[water protein fat fibre carbohydrate salt]
    over = foods.reject { |food| all.sum { |what| food.figures["content/#{what}"] || 0.0 } <= 102.0 }
    expect(over.map(&:key)).to eq []
    sugary = foods.select { |food| food.figures.key?("content/carbohydrate") }
    sugary.select! do |food|
      (food.figures["content/sugar"] || 0) > food.figures["content/carbohydrate"] + 0.5
    end
    expect(sugary.map(&:key)).to eq []
    fat =
      foods.select { |food| (food.figures["content/saturated"] || 0) > (food.figures["content/fat"] || 0) }
    expect(fat.map(&:key)).to eq []
  end

  it "loses nothing by being bought: what is eaten of it weighs no more than it" do
    over =
      foods.select do |food|
        food
          .figures
          .addresses
          .grep(%r{\A(?:trims/.*/yield|tinned/drained)\z})
          .any? { |at| food.figures[at] > 1 }
      end
    expect(over.map(&:key)).to eq []
  end

  # cm across, as one usually measures: a ball of it weighs what the larder says, to a quarter.
  {
    "cherry-tomato" => [3.0],
    "radish" => [3.0],
    "lemon" => [5.6, 5.6, 7.0],
    "orange" => [7.3],
    "apple" => [7.0],
    "waxy-potato" => [5.0, 5.0, 8.5],
    "beetroot" => [6.2],
    "hen-egg" => [4.4, 4.4, 5.7],
    "red-onion" => [6.8],
    "plum" => [5.2],
    "melon" => [13.0],
    "grapefruit" => [9.5]
  }.each do |key, sides|
    it "weighs a #{key} by its size and density as one is weighed" do
      food = house.larder[key]
      length, width, depth = (sides * 3).first(3)
      ball = Math::PI / 6 * length * width * depth * food.figures["density/solid"]
      one = food.figures["pieces/each"] || food.figures["pieces/medium"]
      expect(ball).to be_within(one * 0.25).of(one)
    end
  end

  # A cup of dry, by the method's own factor, is as many cups of cooked as both cup weights make it.
  it "lies looser cooked than dry, never so loose that a cup of dry fills more than five" do
    foods
      .select { |food| food.figures.key?("absorption/uptake/tender") && food.figures.key?("density/cooked") }
      .each do |food|
        factor = food.figures["absorption/uptake/tender"] + 1
        cups = factor * food.figures["density/dry"] / food.figures["density/cooked"]
        expect(cups).to be_between(1.3, 5), "#{food.key} #{cups}"
      end
  end
end
