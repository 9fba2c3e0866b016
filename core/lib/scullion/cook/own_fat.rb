# frozen_string_literal: true

module Scullion
  module Cook
    # What is cooked in fat: in the house's own, unless the salad names which, and how much of it.
    module OwnFat
      NONE = [0.0, "The salad names the fat that it cooks in."].freeze

      def own_fat? = component.with.any? { |with| with.stays && with.ingredient.family == "fat" }
    end
  end
end
