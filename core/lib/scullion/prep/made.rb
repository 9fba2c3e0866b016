# frozen_string_literal: true

module Scullion
  module Prep
    # A made part, made once for all the salads that it goes into: how much, of what, and whose hands for how
    # long.
    class Made < Worksheet
      # One ingredient of it, weighed in.
      class Part < Worksheet
        include Buy::FromFruit

        attr_reader :made, :part

        brought :make_grams, of: :made
        decision(
          :share,
          "Its share of the formula",
          :share,
          change: nil,
          shown: false,
          source: -> { "The formula of #{made.name}, by weight." }
        ) { made.formula.share(part) }
        figure(:grams, "Weigh", :g, how: "to make × share") { |make_grams, share| make_grams * share }

        # @param made [Prep::Made] @param part [Salad::Made::Part]
        def initialize(at, made, part)
          super(at)
          @made, @part = made, part
        end

        def need = made.prep.need
        def ingredient = part.ingredient
        def fruit = part.fruit
        def fruit_figure = :grams
        def practice = made.practice
        def words
          {
            "at" => at,
            "ingredient" => ingredient.key,
            "name" => ingredient.name,
            "colour" => ingredient.colour,
            "allergens" => ingredient.allergens,
            "fruit" => fruit_words,
            "written" => part.written
          }.compact
        end
      end

      attr_reader :prep, :practice, :parts

      brought :ap_grams, of: :prep
      assumption :left, "Left out of bowl and mortar", :share, book: :practice, at: -> { "made/#{how}/yield" }
      figure(:make_grams, "To make", :g, how: "what the salads take ÷ what is left of it") do |ap_grams, left|
        ap_grams / left
      end
      assumption :set_up_minutes,
                 "Set up and wash up",
                 :min,
                 book: :practice,
                 at: -> { "made/#{how}/set_up_minutes" }
      assumption :per_kg_minutes,
                 "By hand, a kilo",
                 :min,
                 book: :practice,
                 at: -> { "made/#{how}/per_kg_minutes" }
      gather(:of_fruit, :fruit_minutes) { parts }
      figure(
        :hands_minutes,
        "Hands on",
        :min,
        how: "set up and wash up + kilos × minutes a kilo + fruit to zest and to squeeze"
      ) do |set_up_minutes, make_grams, per_kg_minutes, of_fruit|
        set_up_minutes + (make_grams / 1000 * per_kg_minutes) + of_fruit.sum
      end
      decision(
        :days,
        "Keeps, the day it is made being the first",
        :days,
        change: nil,
        source: -> { formula.keeping.why }
      ) { formula.keeping.days }

      # @param prep [Prep::Line] of the made part
      def initialize(at, prep)
        super(at)
        @prep, @practice = prep, prep.practice
        @parts =
          formula.parts.each_with_index.map { |part, index| Part.new("#{at}/parts/#{index}", self, part) }
      end

      def need = prep.need
      def name = need.name
      def formula = need.component.made
      def how = formula.how
      # How it is made, in words. @return [String]
      def do_it = practice.words("made", how)["do"]

      def words
        {
          "at" => at,
          "name" => name,
          "prep" => prep.at,
          "how" => practice.words("made", how)["name"],
          "do" => do_it,
          "thin" => practice.words("made", how)["thin"],
          "cold" => formula.keeping.cold?,
          "colour" => need.ingredient.colour,
          "contains" => need.ingredient.allergens,
          "for" => need.layers.map { |layer| layer.portion.salad.name }.uniq,
          "parts" => parts.map(&:to_h)
        }
      end
    end
  end
end
