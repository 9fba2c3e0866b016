# frozen_string_literal: true

# Lines of recipes made from parts, so that their truth is known: amount × food × preparation × aside, in a
# dozen ways of writing them. The same seed makes the same lines.
class MadeLines
  # What is written, and what it comes to.
  Line = Struct.new(:text, :key, :unit, :value, :cut, keyword_init: true)

  WEIGHTS = [["%d g", :g, 1], ["%dg", :g, 1], ["%d grams", :g, 1], ["%d gr", :g, 1]].freeze
  KILOS = [["%s kg", :g, 1000], ["%skg", :g, 1000], ["%s kilo", :g, 1000]].freeze
  POUNDS = [["%s lb", :g, 453.59237], ["%s lbs", :g, 453.59237], ["%s pounds", :g, 453.59237]].freeze
  OUNCES = [["%d oz", :g, 28.349523125], ["%d ounces", :g, 28.349523125]].freeze
  SPOONS = [
    ["%s tbsp", :ml, 15],
    ["%s Tbsp.", :ml, 15],
    ["%s T", :ml, 15],
    ["%s tsp", :ml, 5],
    ["%s t", :ml, 5]
  ].freeze
  JUGS = [["%d ml", :ml, 1], ["%dml", :ml, 1]].freeze
  CUPS = [["%s cup", :ml, 250], ["%s cups", :ml, 250], ["%s c.", :ml, 250]].freeze
  SMALL = {
    "½" => 0.5,
    "1" => 1,
    "1½" => 1.5,
    "2" => 2,
    "1 1/2" => 1.5,
    "3" => 3,
    "¼" => 0.25,
    "2-3" => 2.5,
    "¾" => 0.75
  }.freeze
  CUTS = {
    "diced" => "diced",
    "finely diced" => "diced-small",
    "chopped" => "chopped",
    "roughly chopped" => "chopped",
    "thinly sliced" => "sliced",
    "grated" => "grated",
    "shredded" => "shredded",
    "in wedges" => "wedges",
    "torn" => "torn",
    "halved" => "halved"
  }.freeze
  ASIDES = [
    "",
    "",
    "",
    ", as fresh as you can get",
    " (the good stuff)",
    ", whatever looks best at the market",
    ", at room temperature",
    " – don't skimp"
  ].freeze
  # What nobody writes as one food of one line: several states under one name.
  AMBIGUOUS = %w[pulse tinned-pulse herb spice salt fish meat].freeze
  POURED = %w[fat acid condiment sweetener liquid dairy].freeze

  # @param house [Scullion::House] @param seed [Integer]
  def initialize(house, seed)
    @house, @dice = house, Random.new(seed)
    @foods = house.larder.values.reject { |food| AMBIGUOUS.include?(food.family) }
  end

  # @return [Array<Line>]
  def lines(many) = Array.new(many) { line }

  # How so many are read: right, wrong (without a word, or gone) or asked about.
  # @return [Hash{String=>Integer}]
  def read(many)
    counted = Hash.new(0)
    lines(many).each_slice(40) { |part| verdicts(part).each { |verdict| counted[verdict] += 1 } }
    counted
  end

  private

  def verdicts(part)
    draft = Scullion::Recipe::Draft.new("Lunch\nServes 40\n#{part.map(&:text).join("\n")}", @house)
    rows = draft.reads.group_by { |read| read.line.row }
    part.each_with_index.map { |line, place| verdict(line, rows.fetch(place + 3, []), draft) }
  end

  def verdict(line, reads, draft)
    return "wrong" if reads.size != 1

    read = reads.first
    return "asked" unless draft.settled?(read)

    same = draft.taken(read).ingredient.key == line.key && read.amount.unit == line.unit
    near = same && (read.amount.value - line.value).abs <= line.value * 0.01
    near && (line.cut.nil? || read.words["cut"] == line.cut) ? "right" : "wrong"
  end

  def pick(list) = list.to_a[@dice.rand(list.size)]

  def line
    food = pick(@foods)
    poured = POURED.include?(food.family)
    amount, unit, value = amount(poured)
    word, cut =
      (
        if poured || @dice.rand < 0.4
          ["", nil]
        else
          pick(CUTS.select { |_, key| food.cuts.include?(key) }.to_a << ["", nil])
        end
      )
    Line.new(
      text: written(amount, name(food), word, pick(ASIDES)),
      key: food.key,
      unit: unit,
      value: value,
      cut: cut
    )
  end

  # One of its names that no other food has.
  def name(food)
    named = [food.name, *food.aliases].reject { |name| name.include?(",") }
    alone =
      named.select { |name| @house.lexicon.food(Scullion::Recipe::Lexicon.fold(name).split) == [food.key] }
    pick(alone.empty? ? [food.name] : alone).downcase
  end

  def amount(poured)
    kind = pick(poured ? [SPOONS, JUGS, CUPS] : [WEIGHTS, WEIGHTS, KILOS, POUNDS, OUNCES])
    form, unit, size = pick(kind)
    return whole(form, unit, size) if form.include?("%d")

    text, number = pick(SMALL)
    [format(form, text), unit, number * size]
  end

  def whole(form, unit, size)
    number = form.match?(/oz|ounces/) ? 2 + @dice.rand(14) : (1 + @dice.rand(60)) * 10
    [format(form, number), unit, number * size]
  end

  def written(amount, name, word, aside)
    how = word.empty? ? "" : ", #{word}"
    case @dice.rand(8)
    when 0
      "#{name.capitalize}#{how} - #{amount}#{aside unless aside.start_with?(" –")}"
    when 1
      "- #{amount} #{name}#{how}#{aside}"
    when 2
      "#{amount} of #{name}#{how}#{aside}"
    when 3
      if word.empty? || word.start_with?("in ")
        "#{amount} #{name}#{how}#{aside}"
      else
        "#{amount} #{word} #{name}#{aside}"
      end
    when 4
      "#{name.capitalize}#{how} ........ #{amount}"
    when 5
      "* about #{amount} #{name}#{how}#{aside}"
    else
      "#{amount} #{name}#{how}#{aside}"
    end
  end
end
