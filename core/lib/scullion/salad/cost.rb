# frozen_string_literal: true

module Scullion
  class Salad
    # What a serving of a salad costs, and what makes it dear.
    class Cost < Worksheet
      # What one line of a salad costs a serving, from what is bought of it.
      class Line < Worksheet
        attr_reader :ingredient, :practice, :name

        assumption :price, "Price", :a_kilo, book: :ingredient, none: [0.0, "No price yet."], at: -> { "price/per_kg" if ingredient.figures.key?("price/per_kg") }
        figure(:bought_grams, "Bought for a serving", :g, from: -> { @from }, how: "what is bought of it, by the serving") { @bought.call }
        figure(:cost, "A serving", :money, from: %i[bought_grams price], how: "bought × price a kilo") { bought_grams / 1000 * price }

        # @param from [Array<Array(Worksheet, Symbol)>] what the weight bought is made from
        # @yield [] g bought for a serving
        def initialize(at, ingredient, practice, name, from, &bought)
          super(at)
          @ingredient, @practice, @name, @from, @bought = ingredient, practice, name, from, bought
        end

        def words = { "at" => at, "name" => name, "ingredient" => ingredient.key, "colour" => ingredient.colour }
      end

      attr_reader :portion, :lines

      DEAREST = 3

      brought :servings, of: :portion
      figure(:cost, "A serving", :money, from: -> { lines.map { |line| [line, :cost] } }, how: "every line added up") { lines.sum(&:cost) }
      figure(:all, "All portions", :money, from: %i[cost servings], how: "a serving × portions to make") { cost * servings }

      def initialize(at, portion, lines)
        super(at)
        @portion, @lines = portion, lines
      end

      def practice = portion.practice
      def dearest = lines.max_by(DEAREST, &:cost)
      def words = { "at" => at, "salad" => portion.salad.key, "dearest" => dearest.map(&:at), "lines" => lines.map(&:to_h) }
    end
  end
end
