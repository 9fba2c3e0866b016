# frozen_string_literal: true

# What lines are taken for: those of a whole text, or one below others.
module TakenLines
  def reads(text) = Scullion::Recipe::Draft.new(text, house)

  # [key, g as prepared, where to] of each food of a text, "?" where it is asked.
  def all(text)
    draft = reads(text)
    draft.reads.map do |read|
      food = draft.taken(read)
      draft.settled?(read) ? [food.ingredient.key, food.prepared&.round, food.into] : "?"
    end
  end

  # The same of a line in a salad for twenty.
  def taken(line) = all("Salad for 20\n2 kg pearl barley\n1 kg courgettes\n#{line}").drop(2)
end
