# frozen_string_literal: true

module Scullion
  class Salad
    # What a serving of a salad costs, and what makes it dear.
    class Cost < Worksheet
      # What one line of a salad costs a serving, from what is bought of it.
      class Line < Worksheet
        assumption :price,
                   "Price",
                   :a_kilo,
                   book: :ingredient,
                   none: [0.0, "No price yet."],
                   at: -> { "price/per_kg" if ingredient.figures.key?("price/per_kg") }
        figure(:cost, "A serving", :money, how: "bought × price a kilo") do |bought_grams, price|
          bought_grams / 1000 * price
        end

        def words
          { "at" => at, "name" => name, "ingredient" => ingredient.key, "colour" => ingredient.colour }
        end
      end

      # A component's line.
      class OfLayer < Line
        attr_reader :layer, :prep

        brought :grams, of: :layer
        brought :ap_grams, of: :prep
        brought :finished_grams, of: :need
        figure(
          :bought_grams,
          "Bought for a serving",
          :g,
          how: "what is bought of it, by the serving"
        ) { |grams, ap_grams, finished_grams| grams * ap_grams / finished_grams }

        # @param layer [Count::Layer] @param prep [Prep::Line]
        def initialize(at, layer, prep)
          super(at)
          @layer, @prep = layer, prep
        end

        def need = prep.need
        def ingredient = layer.ingredient
        def practice = layer.practice
        def name = layer.component.name
      end

      # A part of the dressing's line.
      class OfPart < Line
        attr_reader :portion, :part

        brought :dressing_grams, of: :portion
        brought :share, of: :part
        figure(
          :bought_grams,
          "Bought for a serving",
          :g,
          how: "what is bought of it, by the serving"
        ) { |dressing_grams, share| dressing_grams * share }

        # @param portion [Count::Portion] @param part [Dress::Part]
        def initialize(at, portion, part)
          super(at)
          @portion, @part = portion, part
        end

        def ingredient = part.ingredient
        def practice = part.practice
        def name = ingredient.name
      end

      attr_reader :portion, :lines

      DEAREST = 3

      brought :servings, of: :portion
      gather(:of_lines, :cost) { lines }
      figure(:cost, "A serving", :money, how: "every line added up") { |of_lines| of_lines.sum }
      figure(:all, "All portions", :money, how: "a serving × portions to make") do |cost, servings|
        cost * servings
      end

      def initialize(at, portion, lines)
        super(at)
        @portion, @lines = portion, lines
      end

      def practice = portion.practice
      def dearest = lines.max_by(DEAREST, &:cost)
      def words
        {
          "at" => at,
          "salad" => portion.salad.key,
          "dearest" => dearest.map(&:at),
          "lines" => lines.map(&:to_h)
        }
      end
    end
  end
end
