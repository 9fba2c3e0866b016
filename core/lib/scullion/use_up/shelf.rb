# frozen_string_literal: true

module Scullion
  class UseUp
    # A salad of the shelf for so many covers: what of all that is left it would take. What is made already
    # goes in as it is, where the salad has it made the same way; what is raw is cut and cooked as the salad
    # has it.
    class Shelf
      attr_reader :salad

      # @param build [Hash] a salad as a brief has it @param stocks [Array<Stock>] @param meal [Meal]
      # @param house [House]
      def initialize(build, stocks, meal, house)
        @build, @stocks, @meal, @house = build, stocks, meal, house
        @salad = Salad::Form.read(DocumentReader.new(build), house)
      end

      # Can it be read, and is nothing in the bowl or the dressing for those whom it does not suit?
      def suits?
        !salad.nil? &&
          [*salad.components, *salad.dressing&.parts].all? { |each| @meal.suits.food?(each.ingredient) }
      end

      # Is it good for as long as it is served, and does everything that reaches the plate suit?
      def stands? = trial.plan.stops.empty? && @meal.suits.portion?(trial.portion)

      # What is to be minded of how long it holds. @return [Array<String>]
      def minded = trial.plan.windows.flat_map(&:snags).map { |snag| "#{snag.what} #{snag.remedy}" }

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

      def trial = @trial ||= @meal.trial(@build, @house)

      # First what goes first.
      def take(component, all)
        needed = component.grams * @meal.made
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
