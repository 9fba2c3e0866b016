# frozen_string_literal: true

module Scullion
  module Recipe
    # What cooks along: at the pot bay and onion with the lentils and stock for the grain, on the tray or in
    # the pan the spice and honey that stay on what is roasted, and the fat that somebody may not eat. Water,
    # and other fat of tray and pan, are the plan's own.
    class Company
      # @param taken [Array<Taken>] all of the recipe @param servings [Integer]
      def initialize(taken, practice, servings)
        @practice, @servings = practice, servings
        @along = taken.select { |each| each.into == "pot" && each.ingredient.key != "water" }
        @on_tray = taken.select { |each| each.into == "cook" && !own_fat?(each.ingredient) }
      end

      # @param solid [Array<Taken>] what is eaten
      # @return [Array<Hash>] its components, the one in a pot and those on a tray with their company
      def along_with(solid)
        all = solid.map(&:served)
        in_pot(all)
        on_tray(all, solid)
        all
      end

      private

      # Oil that the house's own may stand in for: not butter, nor lard, nor the oil of sesame or nuts.
      def own_fat?(ingredient)
        ingredient.family == "fat" && !barred?(ingredient)
      end

      # Something that somebody may not eat?
      def barred?(ingredient) = ingredient.allergens.any? || !ingredient.diets.include?("vegan")

      def in_pot(components)
        pots = components.each_index.select { |index| kind(components[index])&.in_pot? }
        at = pots.find { |index| !in_shell?(components[index]) } || pots.first
        return @along.each { |taken| kept_in_sight(components, taken) } unless at

        components[at] = accompanied(components[at]) if @along.any?
      end

      # With what stands above it in the text, or else with the first that is cooked without water.
      def on_tray(components, solid)
        dry = components.each_index.select { |index| dry?(components[index]) }
        @on_tray.each do |taken|
          next kept_in_sight(components, taken) if dry.empty?

          at =
            dry.reverse.find { |index| solid[index].read.line.number < taken.read.line.number } || dry.first
          add(components, at, weighed(taken)&.merge("stays" => true))
        end
      end

      # Where nothing is roasted or fried, or boiled, what somebody may not eat is eaten all the same.
      def kept_in_sight(components, taken)
        components << taken.served if barred?(taken.ingredient)
      end

      def kind(component) = Cook::Parcels.kind(component.dig("cook", "method"))
      # In the oven, on metal or in a pan: nothing is poured away, and what is on it stays on it.
      def dry?(component)
        kind = kind(component)
        !kind.nil? && [Cook::InOven, Cook::OnMetal, Cook::OneLayer].any? { |way| kind.include?(way) }
      end

      # What cooks in its shell takes nothing of its company.
      def in_shell?(component) = component.dig("cook", "method") == "eggs"

      def add(components, at, with)
        return unless with

        components[at] = components[at].merge("with" => [*components[at]["with"], with])
      end

      def accompanied(component)
        stock, others = @along.partition { |taken| stock?(taken) }
        with = others.filter_map { |taken| weighed(taken) }
        cook = component["cook"]
        cook = cook.merge("liquid" => "stock") if stock.any? && liquids(cook).include?("stock")
        component.merge("cook" => cook, "with" => (with unless with.empty?)).compact
      end

      # The house's own has no meat in it: stock of chicken or beef goes along by its name.
      def stock?(taken) = taken.ingredient.family == "liquid" && taken.ingredient.diets.include?("vegan")
      def liquids(cook) = @practice.schools(cook["method"]).fetch("liquid", {}).keys

      def weighed(taken)
        grams = taken.grams or return
        {
          "ingredient" => taken.ingredient.key,
          "grams" => (grams / @servings).round(3).clamp(Salad::With::GRAMS)
        }
      end
    end
  end
end
