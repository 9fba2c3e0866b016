# frozen_string_literal: true

module Scullion
  # A build of components in mixing order, and its dressing.
  class Salad
    # One part of a dressing: how much of it, by volume (ml) or weight (g), on any scale.
    # right: the cook says that an unusual amount is meant. fruit: the whole fruit that it comes from, or nil.
    # written: its row of the recipe, or nil.
    Part =
      Struct.new(:ingredient, :role, :amount, :by, :right, :fruit, :written, keyword_init: true) do
        def grams = by == "ml" ? amount * density : amount
        def ml = by == "ml" ? amount : amount / density
        def density = ingredient.fetch(ingredient.dressing_density)
      end
    # stages: its own split in place of the preset's, or nil. grams: how much of it is on a serving of the
    # build where that is written; nil: what the components carry.
    Dressing = Struct.new(:name, :preset, :parts, :stages, :grams, keyword_init: true)

    PART_ROLES = %w[fat acid emulsifier sweet salt aromatic liquid].freeze
    FIELDS = %w[key name serves_as components dressing at_table].freeze

    # at_table [Array<Ingredient>]: what stands on the table beside it, neither in it nor planned
    attr_reader :key, :name, :serves_as, :components, :dressing, :at_table

    def initialize(key:, name:, serves_as:, components:, dressing:, at_table: [])
      @key, @name, @serves_as, @components, @dressing = key, name, serves_as, components, dressing
      @at_table = at_table
      freeze
    end
  end
end
