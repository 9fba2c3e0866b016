# frozen_string_literal: true

module Scullion
  class Salad
    # What cooks along with a component: so many grams for a serving of it; it stays in, or is taken out.
    With =
      Struct.new(:ingredient, :grams, :stays, keyword_init: true) do
        def times(factor) = self.class.new(**to_hash, grams: grams * factor)
        def to_hash = { ingredient: ingredient, grams: grams, stays: stays }

        # What tells it from another one: two that take more or less of it to the kilo have a pot each.
        # @param component_grams [Numeric] a serving of what it cooks with
        def signature(component_grams) = [ingredient.key, stays, (grams / component_grams).round(4)].join(":")
        def to_h = { "ingredient" => ingredient.key, "grams" => grams, "stays" => stays || nil }.compact
      end
    # g for a serving
    With::GRAMS = (0.001..500.0).freeze
    With::FIELDS = %w[ingredient grams stays].freeze
  end
end
