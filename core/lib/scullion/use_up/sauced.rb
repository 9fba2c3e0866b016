# frozen_string_literal: true

module Scullion
  class UseUp
    # The dressing of a composed salad: the house's own, in which what is left that pours takes the place of
    # its like, or a part of it.
    class Sauced
      # g of dressing on a serving, about, and the most of it that what is left may be.
      SERVING, MOST_SHARE = 30.0, 0.4
      # What is never strewn into a bowl, taken by the dressing or not.
      FAMILIES = %w[dairy fat acid condiment sweetener liquid].freeze

      # @return [Boolean] does this food go into the dressing, not into the bowl?
      def self.pours?(ingredient) = FAMILIES.include?(ingredient.family)

      # @param stocks [Array<Stock>] that pour @param made [Float] servings @param house [House]
      def initialize(stocks, made, house)
        @stocks, @made, @house = stocks, made, house
      end

      # @return [Hash] a dressing, as a brief has it
      def to_h
        own = @house.practice.words("use_up", "dressing")
        whole = @stocks.find { |stock| ready?(stock) }
        return own.merge("name" => whole.name, "parts" => [whole_part(whole)]) if whole

        own.merge("parts" => @stocks.reduce(own["parts"]) { |parts, stock| with(parts, stock) })
      end

      private

      def ready?(stock)
        @house.practice.words("use_up", "ready_dressings").include?(stock.ingredient) &&
          stock.grams / @made >= SERVING
      end

      def whole_part(stock) = { "ingredient" => stock.ingredient, "role" => "fat", "grams" => 100 }

      def with(parts, stock)
        food = @house.larder.fetch(stock.ingredient)
        role = @house.default_component(food).in_dressing
        like = parts.find { |part| part["role"] == role && part["ml"] }
        if %w[fat acid].include?(role) && like && enough?(stock, like["ml"])
          parts.map { |part| part.equal?(like) ? part.merge("ingredient" => stock.ingredient) : part }
        elsif food.family == "dairy"
          [*parts, { "ingredient" => stock.ingredient, "role" => role, "grams" => share(stock) }]
        else
          parts
        end
      end

      # Of a scale of a hundred parts, about.
      def enough?(stock, parts) = stock.grams / @made >= SERVING * parts / 100

      def share(stock)
        serving = [stock.grams / @made, SERVING * MOST_SHARE].min
        (100 * serving / (SERVING - serving)).round(1)
      end
    end
  end
end
