# frozen_string_literal: true

require "yaml"

# The made-up recipes, and how many of their lines are read as they are meant.
module RecipeTexts
  ALL = YAML.safe_load_file(File.join(__dir__, "recipe_texts.yml")).freeze

  # @return [Array<Array(String, String)>] what is expected and what was read, line by line
  def self.pairs(recipe, house)
    draft = Scullion::Recipe::Draft.new(recipe["text"], house)
    recipe["lines"].zip(
      draft.reads.map { |read| "#{draft.taken(read)&.ingredient&.key || "none"} #{amount(read.amount)}" }
    )
  end

  HELD_OUT = YAML.safe_load_file(File.join(__dir__, "held_out_texts.yml")).freeze

  # @return [Float] from 0 to 1
  def self.share(house, recipes = ALL)
    read = recipes.flat_map { |recipe| pairs(recipe, house) }
    read.count { |meant, found| right?(meant, found) }.fdiv(read.size)
  end

  # A line that is to be asked about is right when its amount is: whatever is offered is only offered.
  def self.right?(meant, found)
    meant == found || (meant.start_with?("ask") && meant.split[1..] == found.to_s.split[1..])
  end

  def self.amount(amount)
    return "?" unless amount
    return "taste" if amount.unit == :taste

    "#{format("%.1f", amount.value).delete_suffix(".0")} #{amount.unit == :piece ? "x" : amount.unit}"
  end
end
