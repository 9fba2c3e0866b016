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
                   none: -> { [0.0, ready_cut? ? "Bought ready cut: ask its price." : "No price yet."] },
                   at: -> { "price/per_kg" unless unpriced? }
        figure(
          :cost,
          "A serving",
          :money,
          how: "bought × price a kilo",
          writes: :by_sheet
        ) { |bought_grams, price| bought_grams / 1000 * price }

        # Juice and zest cost what the fruit that they come from costs.
        def ingredient = fruit ? fruit.whole : food
        def fruit = nil
        # As on the order, it has no price then.
        def ready_cut? = false
        def unpriced? = ready_cut? || !Buy::Price.of?(ingredient)
        def text_by_sheet(figure) = Buy::Price.words(public_send(figure), unpriced?, writer)

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
        brought :one_gives, of: :prep
        brought :one_weighs, of: :prep
        figure(
          :bought_grams,
          "Bought for a serving",
          :g,
          how: "what is bought of it, by the serving; of fruit what gives its zest or juice"
        ) do |grams, ap_grams, finished_grams, one_gives, one_weighs|
          grams * ap_grams / finished_grams / one_gives * one_weighs
        end

        # @param layer [Count::Layer] @param prep [Prep::Line]
        def initialize(at, layer, prep)
          super(at)
          @layer, @prep = layer, prep
        end

        def need = prep.need
        def food = layer.ingredient
        def fruit = layer.component.fruit
        def practice = layer.practice
        def ready_cut? = prep.ready_cut?
        def name = [layer.component.name, *("price #{Buy::Price::TO_ASK}" if ready_cut?)].join(", ")
      end

      # The line of what cooks along with a component.
      class OfAlong < Line
        attr_reader :layer, :along

        brought :grams, of: :layer
        brought :along_grams, of: :along, as: :grams
        brought :finished_grams, of: :along
        figure(
          :bought_grams,
          "Bought for a serving",
          :g,
          how: "into the pot × a serving of what it cooks with ÷ cooked in all"
        ) { |grams, along_grams, finished_grams| along_grams * grams / finished_grams }

        # @param layer [Count::Layer] @param along [Cook::Along]
        def initialize(at, layer, along)
          super(at)
          @layer, @along = layer, along
        end

        def food = along.ingredient
        def practice = layer.practice
        def name = food.name
      end

      # A part of the dressing's line.
      class OfPart < Line
        attr_reader :portion, :part

        brought :dressing_grams, of: :portion
        brought :share, of: :part
        brought :one_gives, of: :part
        brought :one_weighs, of: :part
        figure(
          :bought_grams,
          "Bought for a serving",
          :g,
          how: "what is bought of it, by the serving; of fruit what gives its zest or juice"
        ) { |dressing_grams, share, one_gives, one_weighs| dressing_grams * share / one_gives * one_weighs }

        # @param portion [Count::Portion] @param part [Dress::Part]
        def initialize(at, portion, part)
          super(at)
          @portion, @part = portion, part
        end

        def food = part.ingredient
        def fruit = part.fruit
        def practice = part.practice
        def name = ingredient.name
      end

      attr_reader :portion, :lines

      DEAREST = 3

      brought :servings, of: :portion
      gather(:of_lines, :cost) { lines }
      figure(:cost, "A serving", :money, how: "every line added up", writes: :by_sheet) do |of_lines|
        of_lines.sum
      end
      figure(
        :all,
        "All portions",
        :money,
        how: "a serving × portions to make",
        writes: :by_sheet
      ) { |cost, servings| cost * servings }

      # @param lines [Array<Line>] of fruit that is zested and squeezed the dearer one counts
      def initialize(at, portion, lines)
        super(at)
        @portion = portion
        @lines =
          lines
            .group_by { |line| line.fruit ? line.ingredient : line }
            .map { |_, same| same.max_by { |line| line.fruit ? line.cost : 0 } }
      end

      def practice = portion.practice
      def unpriced? = lines.any?(&:unpriced?)
      def text_by_sheet(figure) = Buy::Price.words(public_send(figure), unpriced?, writer)
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
