# frozen_string_literal: true

require_relative "made_lines"

# Whole recipes made from parts, so that their truth is known: a title, who is served, a list in one of many
# styles, a dressing and a made part below headings of their own, and steps. The same seed makes the same.
class MadeRecipes
  # wanted: what each food is, where it goes; told: facts by food; servings
  Recipe = Struct.new(:text, :foods, :told, :servings, keyword_init: true)
  Food = Struct.new(:key, :to, keyword_init: true)

  SERVES = [
    "Serves %d",
    "serves: %d",
    "For %d people",
    "feeds %d",
    "Yield: %d portions",
    "%d servings",
    "makes %d servings",
    "enough for %d"
  ].freeze
  STYLES = {
    plain: ->(line) { line },
    bullets: ->(line) { "- #{line}" },
    dots: ->(line) { "• #{line}" },
    ticks: ->(line) { "- [ ] #{line}" },
    mail: ->(line) { "> #{line}" },
    chat: ->(line) { "[18:0#{line.length % 10}] Ivo: #{line}" },
    bold: ->(line) { line.sub(/\A(\S+)/, '**\1**') }
  }.freeze
  DRESSINGS = ["Dressing", "For the dressing", "## Dressing", "DRESSING:", "Vinaigrette"].freeze
  PARTS = {
    "Herb and nut paste" => "pounded",
    "For the pickle" => "pickled",
    "Spiced crumbs" => "toasted"
  }.freeze
  STEPS = {
    "roast" => [
      "Roast the {food} for {minutes} minutes at {heat} C.",
      "Roast {food}, {heat} °C, {minutes} min."
    ],
    "simmer" => ["Simmer the {food} for {minutes} minutes.", "Cook the {food} {minutes} min, drain."]
  }.freeze
  # Said by the steps alone, of what is raw.
  ORDERS = {
    "sliced" => ["Slice the {food}.", "Wash and slice the {food}.", "Trim the {food}, then slice."],
    "diced" => ["Dice the {food}.", "Cut the {food} into dice.", "Add the diced {food}."],
    "grated" => ["Grate the {food}.", "Wash the {food} and grate them."],
    "ribbons" => ["Shave the {food} into ribbons.", "Cut the {food} into ribbons."],
    "halved" => ["Halve the {food}.", "Cut the {food} in half."],
    "wedges" => ["Quarter the {food}.", "Cut the {food} into wedges."],
    "chopped" => ["Chop the {food}.", "Roughly chop the {food}."],
    "torn" => ["Tear the {food}.", "Tear up the {food}."]
  }.freeze
  PREPPED = %w[cucumber tomato red-onion radish kohlrabi apple courgette celery].freeze
  ROASTED = %w[butternut carrot beetroot parsnip cauliflower sweet-potato].freeze
  SIMMERED = %w[pearl-barley farro dry-puy-lentils].freeze
  LEAVES = %w[rocket spinach watercress].freeze
  POURED = %w[olive-oil cider-vinegar honey mustard lemon-juice].freeze
  MADE = %w[walnuts parsley garlic olive-oil].freeze

  # @param house [Scullion::House] @param seed [Integer]
  def initialize(house, seed)
    @house, @dice = house, Random.new(seed)
  end

  # How many of their foods are read right, wrong (without a word, or gone) or asked about; of their servings;
  # of what is told.
  # @return [Hash{String=>Integer}]
  def read(many)
    counted = Hash.new(0)
    Array.new(many) { recipe }.each { |recipe| judged(recipe).each { |verdict| counted[verdict] += 1 } }
    counted
  end

  # @return [Recipe]
  def recipe
    servings, style = pick(2..40), STYLES[pick(STYLES.keys)]
    roasted, simmered, prepped = pick(ROASTED), pick(SIMMERED), pick(PREPPED)
    solid = [roasted, simmered, prepped, pick(LEAVES)]
    made = pick([nil, *PARTS.keys])
    text =
      ["Lunch on #{pick(%w[Monday Friday Sunday])}", format(pick(SERVES), servings)] +
        (solid.map { |key| style.call(weighed(key)) }) + part(pick(DRESSINGS), POURED.first(3), style) +
        (made ? part(made, MADE, style) : []) + ["Method", *steps(roasted, simmered, prepped)]
    Recipe.new(text: text.join("\n"), foods: foods(solid, made), told: @told, servings: servings)
  end

  private

  def pick(list) = list.to_a[@dice.rand(list.to_a.size)]

  def weighed(key)
    name = named(key)
    amount = pick(1..60) * 10
    pick(
      [
        "#{amount} g #{name}",
        "#{amount}g #{name}",
        "#{name.capitalize} - #{amount} g",
        "about #{amount} g of #{name}"
      ]
    )
  end

  def named(key) = key == "dry-puy-lentils" ? "dry puy lentils" : key.tr("-", " ")

  def part(heading, keys, style)
    [heading, *keys.map { |key| style.call("#{pick(2..9)} tbsp #{named(key)}") }]
  end

  def steps(roasted, simmered, prepped)
    heat, first, second = pick(160..230), pick(20..50), pick(15..60)
    cut = pick(ORDERS.keys & @house.larder[prepped].cuts)
    @told = {
      roasted => {
        "minutes" => first,
        "celsius" => heat
      },
      simmered => {
        "minutes" => second
      },
      prepped => {
        "cut" => cut
      }
    }
    [
      filled(pick(ORDERS[cut]), "food" => named(prepped)),
      filled(pick(STEPS["roast"]), "food" => named(roasted), "minutes" => first, "heat" => heat),
      filled(pick(STEPS["simmer"]), "food" => named(simmered).sub("dry puy ", ""), "minutes" => second)
    ]
  end

  def filled(step, words) = step.gsub(/\{(\w+)\}/) { words.fetch(Regexp.last_match(1)) }

  def foods(solid, made)
    solid.map { |key| Food.new(key: key, to: "salad") } +
      POURED.first(3).map { |key| Food.new(key: key, to: "dressing") } +
      (made ? MADE.map { |key| Food.new(key: key, to: "made") } : [])
  end

  def judged(recipe)
    # Amounts as they fall are meant so, however much honey that is.
    draft = Scullion::Recipe::Draft.new(recipe.text, @house, right: (1..recipe.text.lines.size).to_a)
    document = draft.to_h
    lines = document["lines"].select { |line| line["kind"] == "ingredient" }
    recipe.foods.map { |food| verdict(food, lines) } + told(recipe, document) +
      [document["servings"] == recipe.servings ? "servings" : "other servings"]
  end

  def verdict(food, lines)
    line = lines.find { |each| each.dig("taken", "key") == food.key && each["to"] == food.to }
    return "wrong" unless line

    lines.delete(line)
    line["status"] == "sure" ? "right" : "asked"
  end

  def told(recipe, document)
    parts = document.fetch("salad")["components"]
    taken = parts.to_h { |part| [part["ingredient"], part.slice("cut").merge(part["cook"] || {})] }
    recipe.told.flat_map do |key, facts|
      facts.map { |name, value| same?(taken.dig(key, name), value) ? "told" : "not told" }
    end
  end

  def same?(taken, value) = value.is_a?(Numeric) ? taken.to_f.round == value : taken == value
end
