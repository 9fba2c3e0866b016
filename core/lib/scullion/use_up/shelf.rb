# frozen_string_literal: true

module Scullion
  class UseUp
    # A salad of the shelf for so many covers: what of all that is left it would take. What is made already
    # goes in as it is, where the salad has it made the same way; what is raw is cut and cooked as the salad
    # has it.
    class Shelf
      attr_reader :salad

      # @param salad [Salad] @param stocks [Array<Stock>] @param covers [Integer] @param house [House]
      def initialize(salad, stocks, covers, house, over_prep: Service::OVER_PREP)
        @salad, @stocks, @house = salad, stocks, house
        @made = covers * (1 + over_prep)
      end

      # g of each that it takes, finished as the stock is. @return [Hash{Stock=>Float}]
      def used
        @used ||=
          salad
            .components
            .each_with_object(Hash.new(0.0)) { |component, all| take(component, all) }
            .select { |_, grams| grams.positive? }
      end

      # Lots and other things that are made already, by the preparation that they are of.
      # @return [Hash{String=>Hash{Stock=>Float}}]
      def made
        salad.components.to_h do |component|
          [component.preparation, used.select { |stock, _| stock.made && same?(stock, component) }]
        end
      end

      private

      # First what goes first.
      def take(component, all)
        needed = component.grams * @made
        @stocks
          .select do |stock|
            stock.made ? same?(stock, component) : stock.ingredient == component.ingredient.key
          end
          .sort_by(&:first)
          .each do |stock|
            times = stock.made ? 1.0 : gives(component) * stock.bought / stock.grams
            grams = [needed / times, stock.grams - all[stock]].min
            next unless grams.positive?

            all[stock] += grams
            needed -= grams * times
          end
      end

      # A lot by how it was prepared; what has no code by what it is and how it was cooked.
      def same?(stock, component)
        return preparation(stock) == component.preparation if stock.code

        stock.ingredient == component.ingredient.key &&
          stock.component.dig("cook", "method") == component.cook["method"]
      end

      def preparation(stock)
        @preparations ||= {}
        @preparations[stock] ||= UseUp.preparation(stock.component, @house)
      end

      # g finished of a g as bought, trimmed, cut and cooked as the salad has it.
      def gives(component)
        figures = component.ingredient.figures
        trim = figures["trims/#{component.trim}/yield"] || 1.0
        cut = @house.practice.figures["cuts/#{component.cut}/yield"] || 1.0
        trim * cut * (component.method ? @house.left_after(component.to_h) || 1.0 : 1.0)
      end
    end
  end
end
