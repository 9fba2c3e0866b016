# frozen_string_literal: true

# Fridges made up with a fixed seed: things that are left, each so much of it. Used by the specs and the
# bench.
module LeftOvers
  FAMILIES = %w[
    leaf
    brassica
    root
    allium
    stalk
    fruiting
    pod
    fruit
    herb
    grain
    pasta
    pulse
    tinned-pulse
    cheese
    dairy
    meat
    fish
    bread
    mushroom
    squash
    nut-or-seed
    condiment
  ].freeze
  COVERS = [10, 20, 40, 80].freeze

  module_function

  # @return [Array(Integer, Array<Scullion::UseUp::Stock>)] covers, and what is left
  def fridge(house, seed, size: nil)
    dice = Random.new(seed)
    foods = house.larder.values.select { |food| FAMILIES.include?(food.family) }
    covers = COVERS.sample(random: dice)
    stocks = Array.new(size || dice.rand(3..9)) { stock(house, foods.sample(random: dice), covers, dice) }
    [covers, stocks.uniq(&:name)]
  end

  def stock(house, food, covers, dice)
    component = house.default_component(food).to_h
    Scullion::UseUp::Stock.new(
      name: food.name,
      component: component,
      grams: [covers * component["grams"] * (0.2 + (1.4 * dice.rand)), 40.0].max,
      made: !component["cook"].nil?,
      worth: 1.0
    )
  end

  # The most that any shares of each would use, on a grid of so many steps, by the same rules.
  # @return [Float] g
  def most_used(house, stocks, covers, steps: 5)
    meal = Scullion::UseUp::Meal.of(covers)
    composed = Scullion::UseUp::Composed.new(stocks, meal, house, tries: Float::INFINITY)
    most = composed.most
    shares = (0..steps).map { |step| step.fdiv(steps) }
    return 0.0 if most.empty?

    grid = shares.product(*Array.new(most.size - 1) { shares })
    grid.reduce(0.0) do |best, each|
      servings = most.zip(each).to_h { |(stock, grams), share| [stock, grams * share] }
      servings.select! { |_, grams| grams >= 2 }
      used = servings.sum { |stock, grams| [grams * covers * 1.05, stock.grams].min }
      used > best && servings.any? && composed.sound_with?(servings) ? used : best
    end
  end
end
