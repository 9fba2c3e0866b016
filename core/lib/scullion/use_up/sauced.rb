# frozen_string_literal: true

module Scullion
  class UseUp
    # The dressing of a composed salad: the house's own, in which what is left that pours takes the place of
    # its like, or a part of it.
    class Sauced
      # What is never strewn into a bowl, taken by the dressing or not.
      FAMILIES = %w[dairy fat acid condiment sweetener liquid].freeze

      # @param stock [Stock] @param house [House]
      # @return [Boolean] does it go into the dressing, not into the bowl?
      def self.takes?(stock, house)
        stock.blended || FAMILIES.include?(house.larder.fetch(stock.ingredient).family)
      end

      # @param stocks [Array<Stock>] that it takes @param made [Float] servings @param house [House]
      # @param suits [Suits] whom it must suit
      def initialize(stocks, made, house, suits)
        @stocks, @made, @house, @suits = stocks, made, house, suits
      end

      # @return [Hash] a dressing, as a brief has it
      def to_h
        own = @house.practice.words("use_up", "dressing")
        whole = @stocks.find { |stock| ready?(stock) }
        return own.merge("name" => whole.name, "parts" => [whole_part(whole)]) if whole

        parts = own["parts"].select { |part| @suits.food?(@house.larder.fetch(part["ingredient"])) }
        own.merge("parts" => @stocks.reduce(parts) { |all, stock| with(all, stock) })
      end

      private

      def ready?(stock)
        @house.practice.words("use_up", "ready_dressings").include?(stock.ingredient) &&
          stock.grams / @made >= serving
      end

      def whole_part(stock) = { "ingredient" => stock.ingredient, "role" => "fat", "grams" => 100 }

      def with(parts, stock)
        food = @house.larder.fetch(stock.ingredient)
        role = @house.default_component(food).in_dressing
        like = parts.find { |part| part["role"] == role && part["ml"] }
        if %w[fat acid].include?(role) && like && enough?(stock, like["ml"])
          parts.map { |part| part.equal?(like) ? part.merge("ingredient" => stock.ingredient) : part }
        elsif stock.blended || food.family == "dairy"
          most = stock.blended ? "leaf_share" : "dairy_share"
          [*parts, { "ingredient" => stock.ingredient, "role" => role, "grams" => share(stock, most) }]
        else
          parts
        end
      end

      def serving = @house.practice.fetch("use_up/sauced/serving_grams")

      # Of a scale of a hundred parts, about.
      def enough?(stock, parts) = stock.grams / @made >= serving * parts / 100

      def share(stock, most)
        grams = [stock.grams / @made, serving * @house.practice.fetch("use_up/sauced/#{most}")].min
        (100 * grams / (serving - grams)).round(1)
      end
    end
  end
end
