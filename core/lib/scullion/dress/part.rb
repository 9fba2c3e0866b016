# frozen_string_literal: true

module Scullion
  module Dress
    # One ingredient of a dressing batch.
    class Part < Worksheet
      include Buy::FromFruit

      attr_reader :dressing, :part

      brought :whisk_grams, of: :dressing
      assumption :density, "Density", :g_per_ml, book: :ingredient, at: -> { ingredient.dressing_density }
      decision(
        :share,
        "Its share of the formula",
        :share,
        change: nil,
        shown: false,
        source: -> { "The formula of #{dressing.recipe.name}, by weight." }
      ) { part.grams / dressing.formula_grams }
      figure(:needed_grams, "It takes", :g, shown: false, how: "to whisk × share") do |whisk_grams, share|
        whisk_grams * share
      end
      figure(
        :needed_ml,
        "It takes, by volume",
        :ml,
        shown: false,
        how: "grams ÷ density"
      ) { |needed_grams, density| needed_grams / density }
      figure(
        :grams,
        "Weigh",
        :g,
        writes: :g_weighed,
        how: "to whisk × share, in whole scale steps so that the parts add up exactly"
      ) { |_whisk_grams, _share| @split }
      figure(:ml, "Measure", :ml, how: "grams ÷ density") { |grams, density| grams / density }

      def initialize(at, dressing, part, grams)
        super(at)
        @dressing, @part, @split = dressing, part, grams
        # Garlic, chilli, spice and salt do not grow with the batch: taste before the last quarter.
        @strong =
          STRONG.include?(ingredient.family) && dressing.times >= practice.fetch("dressing/strong/from_times")
      end

      assumption :start_share,
                 "Begin with, of a strong seasoning",
                 :share,
                 book: :practice,
                 none: [1.0, "Not strong, or not many times the formula."],
                 at: -> { "dressing/strong/start_share" if strong? }
      figure(
        :start_grams,
        "Begin with",
        :g,
        how: "weigh × the share to begin with; then taste, up to the whole"
      ) { |grams, start_share| grams * start_share }

      STRONG = %w[spice allium salt root fruiting].freeze

      def ingredient = part.ingredient
      def fruit = part.fruit
      def fruit_figure = :needed_grams
      def role = part.role
      def practice = dressing.practice

      def strong? = @strong

      def words
        {
          "at" => at,
          "ingredient" => ingredient.key,
          "name" => ingredient.name,
          "role" => role,
          "colour" => ingredient.colour,
          "strong" => strong?,
          "fruit" => fruit_words,
          "written" => part.written
        }.compact
      end
    end
  end
end
