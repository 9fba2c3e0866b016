# frozen_string_literal: true

require "yaml"

# The made-up recipes, and how many of their lines are read as they are meant.
module RecipeTexts
  ALL = YAML.safe_load_file(File.join(__dir__, "recipe_texts.yml")).freeze

  # @return [Array<Array(String, String)>] what is expected and what was read, line by line
  def self.pairs(recipe, facts, finder)
    draft = Scullion::Recipe::Draft.new(recipe["text"], facts.larder, finder, facts.practice, facts.families)
    recipe["lines"].zip(draft.reads.map { |read| "#{draft.taken(read)&.key || 'none'} #{amount(read.amount)}" })
  end

  # A line that is to be asked about is right when it is not taken for sure.
  def self.share(facts, finder)
    asked, right = 0, 0
    ALL.each { |recipe| pairs(recipe, facts, finder).each { |meant, read| (asked += 1) && (right += 1 if meant == read || (meant.start_with?("ask") && meant.split[1..] == read.to_s.split[1..])) } }
    right.fdiv(asked)
  end

  def self.amount(amount)
    return "?" unless amount
    return "taste" if amount.unit == :taste

    "#{format('%.1f', amount.value).delete_suffix('.0')} #{amount.unit == :piece ? 'x' : amount.unit}"
  end
end
