# frozen_string_literal: true

require_relative "written_recipes"

# How many of the facts that written steps tell are found, and how many of those are bound to their food:
# heat, minutes, rests, soaks and ways of cooking, by the truth beside the texts.
class WrittenSteps
  KINDS = %w[minutes method heat_c rest_minutes soak_minutes].freeze
  # What is said in words: what the truth calls it, and what it may be found as.
  SAID = {
    "warm" => %w[warm],
    "order" => %w[order],
    "cut_after" => %w[cut_after],
    "hold_back" => %w[hold_back],
    "toast" => %w[method minutes],
    "marinate" => %w[marinate_minutes minutes rest_minutes],
    "chill" => %w[chill_minutes minutes cold]
  }.freeze
  # °C that a heat may be off by rounding, and more where a fan is meant; minutes likewise.
  HEAT_OFF, FAN, MINUTES_OFF = 6, 20, 0.6
  # Share of a truth's words that the sentence must have, for a way of cooking.
  SAME_WORDS = 0.5

  # @param house [Scullion::House] @param recipes [WrittenRecipes]
  def initialize(house, recipes)
    @house, @recipes, @lexicon = house, recipes, house.lexicon
  end

  # @param paths [Array<String>] @return [Array(Integer, Integer, Integer)] said, found, bound
  def counted(paths)
    paths.map { |path| of(path) }.transpose.map(&:sum)
  end

  private

  def of(path)
    told = @recipes.draft(path).told_facts
    said = @recipes.steps(path).select { |step| KINDS.include?(step["fact"]) || SAID.key?(step["fact"]) }
    found =
      said.map { |step| [step, told.select { |fact| same?(fact, step) }] }.reject { |_, facts| facts.empty? }
    bound =
      found.count do |step, facts|
        facts.any? { |fact| bound?(fact, step["of"]) || listed?(fact, step, path) }
      end
    [said.size, found.size, bound]
  end

  def same?(fact, step)
    numbers = step["value"].to_s.scan(/\d+(?:\.\d+)?/).map(&:to_f)
    case step["fact"]
    when "method"
      fact.fact == "method" && alike?(fact.text, step["text"])
    when "heat_c"
      fact.fact == "celsius" && near?(fact, numbers + numbers.map { |each| each + FAN }, HEAT_OFF)
    when *SAID.keys
      SAID.fetch(step["fact"]).include?(fact.fact) && alike?(fact.text, step["text"])
    else
      fact.fact.end_with?("minutes") && near?(fact, numbers, MINUTES_OFF)
    end
  end

  def near?(fact, numbers, off)
    fact.value.any? { |value| numbers.any? { |each| (value - each).abs <= off } }
  end

  def alike?(one, other)
    wanted = words(other)
    (words(one) & wanted).size >= [wanted.size * SAME_WORDS, 1].max
  end

  # Of that food, by any of its names.
  def bound?(fact, name)
    named = words(name)
    size = named.size.downto(1).find { |count| @lexicon.food(named.last(count)) }
    keys = size ? @lexicon.food(named.last(size)) : []
    keys.empty? || fact.of.intersect?(keys) ||
      fact.of.any? { |key| words(key.tr("-", " ")).intersect?(named) }
  end

  # Of what was read in the line of the list that has the food under this name: "lacinato kale".
  def listed?(fact, step, path)
    named = words(step["of"])
    lines = @recipes.lines_with(path) { |food| words(food).intersect?(named) }
    lines.any? do |text|
      @recipes
        .draft(path)
        .reads
        .any? do |read|
          read.line.item.foods.intersect?(fact.of) && (words(read.line.text) - words(text)).empty? &&
            words(read.line.text).intersect?(named)
        end
    end
  end

  def words(text)
    Scullion::Recipe::Lexicon.fold(text).split.map { |word| Scullion::Recipe::Lexicon.singular(word) }
  end
end
