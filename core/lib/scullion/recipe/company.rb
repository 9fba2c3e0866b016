# frozen_string_literal: true

module Scullion
  module Recipe
    # What cooks along: at the pot bay and onion with the lentils and stock for the grain; on the tray or in
    # the pan the spice and honey that stay on what is roasted, and the fat that is written for it. Water, fat
    # without an amount and fat to fry in are the plan's own, where anybody may eat them.
    class Company
      FOR = /\bfor\s+(?:the\s+)?(?<what>(?-i:[[:alpha:]]{3,}))/i.freeze
      STEM = 4

      # @param taken [Array<Taken>] all of the recipe @param servings [Integer]
      def initialize(taken, practice, servings)
        @practice, @servings = practice, servings
        poured, @on_tray = taken.select { |each| each.into == "cook" }.partition { |each| liquid?(each) }
        @along = taken.select { |each| each.into == "pot" && each.ingredient.key != "water" } + poured
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

      # Oil that the house's own may stand in for: of no amount, or more than stays on so much food; not
      # butter, nor lard, nor the oil of sesame or nuts.
      def own_fat?(taken, food)
        return false unless fat?(taken) && taken.ingredient.for_anybody?

        taken.grams.nil? || taken.grams > food * @practice.fetch("reading/stays_on_share")
      end

      def fat?(taken) = taken.ingredient.family == "fat"

      def in_pot(components)
        pots = components.each_index.select { |index| kind(components[index])&.in_pot? }
        at = pots.find { |index| !in_shell?(components[index]) } || pots.first
        return @along.each { |taken| kept_in_sight(components, taken) } unless at

        components[at] = accompanied(components[at]) if @along.any?
      end

      def on_tray(components, solid)
        dry = components.each_index.select { |index| dry?(components[index]) }
        @on_tray.each { |taken| onto(components, cooked_in(dry, components, solid, taken), taken) }
      end

      # The food that it is written for, or that of its own row, or what is cooked as the row says; else what
      # stands above it in the text, or the first that is cooked without water, with all that is cooked the
      # same way. What is toasted takes no fat, unless it is named.
      def cooked_in(dry, components, solid, taken)
        named = written_for(solid, taken)
        return named & dry if named.any? || dry.empty?

        own = dry.select { |index| solid[index].read.line.row == taken.read.line.row }
        return own.last(1) if own.any?

        ways = dry.group_by { |index| components[index]["cook"]["method"] }
        said =
          ways.find do |way, _|
            Lexicon.words_of(taken.read.line.text.to_s).any? { |word| word.start_with?(way) }
          end
        return said.last if said

        oiled = fat?(taken) ? dry - ways.fetch("toast", []) : dry
        at = oiled.reverse.find { |index| above?(solid[index], taken) } || oiled.first || dry.first
        ways.fetch(components[at]["cook"]["method"])
      end

      # "2 tbsp more oil for the squash" @return [Array<Integer>]
      def written_for(solid, taken)
        what = taken.read.line.text.to_s[FOR, :what] or return []
        stem = what.downcase[0, STEM]
        solid.each_index.select { |index| words_of(solid[index]).any? { |word| word.start_with?(stem) } }
      end

      # Of its line, and of its name in the larder.
      def words_of(taken) = Lexicon.words_of("#{taken.read.line.text} #{taken.ingredient.name}")

      # Shared among them by what they weigh as they are served.
      def onto(components, all, taken)
        food = all.sum { |index| components[index]["grams"].to_f }
        return if own_fat?(taken, food * @servings)
        return kept_in_sight(components, taken) if food.zero? || taken.grams.nil?

        all.each do |index|
          with = weighed(taken, components[index]["grams"].to_f / food)
          add(components, index, with&.merge("stays" => true))
        end
      end

      def above?(food, taken) = food.read.line.number < taken.read.line.number

      # Where nothing is roasted or fried, or boiled, it is eaten all the same; also what somebody may not eat
      # of which nobody knows how much.
      def kept_in_sight(components, taken)
        return if own_fat?(taken, 0) || (taken.grams.nil? && taken.ingredient.for_anybody?)

        components << taken.served
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
      def stock?(taken) = liquid?(taken) && taken.ingredient.diets.include?("vegan")
      def liquid?(taken) = taken.ingredient.family == "liquid"
      def liquids(cook) = @practice.schools(cook["method"]).fetch("liquid", {}).keys

      # @param share [Numeric] of it that goes along here
      def weighed(taken, share = 1)
        grams = taken.grams or return
        {
          "ingredient" => taken.ingredient.key,
          "grams" => (grams * share / @servings).round(3).clamp(Salad::With::GRAMS)
        }
      end
    end
  end
end
