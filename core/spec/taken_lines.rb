# frozen_string_literal: true

# What a line is taken for below others.
module TakenLines
  # [key, g as prepared, where to], "?" where it is asked, of a line in a salad for twenty.
  def taken(line)
    draft = Scullion::Recipe::Draft.new("Salad for 20\n2 kg pearl barley\n1 kg courgettes\n#{line}", house)
    draft
      .reads
      .drop(2)
      .map do |read|
        food = draft.taken(read)
        draft.settled?(read) ? [food.ingredient.key, food.prepared&.round, food.into] : "?"
      end
  end
end
