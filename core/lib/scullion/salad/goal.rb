# frozen_string_literal: true

module Scullion
  class Salad
    # "Make it nut-free, vegan, cheaper, hold longer": a whole set of swaps, line by line, and the
    # lines for which nothing stands in.
    class Goal
      KEYS = [*DietsAndAllergens::FREE.keys, *IngredientForm::DIETS, "cheaper", "hold-longer"].freeze
      DEAREST = 3
      # A swap for the money's sake saves a fifth or more (practice).
      CHEAPER = 0.8

      Change =
        Struct.new(:from, :to, :why, keyword_init: true) do
          def to_h = { "from" => from, "to" => to, "why" => why }
        end

      attr_reader :changes, :left

      # @param salad [Salad] @param key [String] one of KEYS @param swap [Swap] @param practice [Practice]
      def initialize(salad, key, swap, practice)
        @salad, @key, @swap, @practice = salad, key, swap, practice
        @changes, @left = [], []
      end

      # @param document [Hash] the salad as plain data, in the same order
      # @return [Hash] with what had to change changed
      def apply(document)
        components =
          document["components"]
            .zip(@salad.components)
            .map do |line, component|
              swapped(line, component, component.name) { @swap.for_component(component) }
            end
        made = document.merge("components" => components)
        return made unless document["dressing"]

        parts =
          document["dressing"]["parts"]
            .zip(@salad.dressing.parts)
            .map { |line, part| swapped(line, part, part.ingredient.name) { @swap.for_part(part) } }
        made.merge("dressing" => document["dressing"].merge("parts" => parts))
      end

      private

      def swapped(line, of, name)
        return line unless in_the_way?(of)

        offer = yield.find { |each| better?(each, of) }
        if offer
          @changes << Change.new(
            from: name,
            to: "#{@practice.writer.g(offer.grams)} #{offer.stand_in.name.downcase}",
            why: offer.why
          )
          offer.line
        else
          @left << name unless @key == "cheaper" || @key == "hold-longer"
          line
        end
      end

      def in_the_way?(of)
        case @key
        when "cheaper"
          dearest.include?(of)
        when "hold-longer"
          of.equal?(shortest)
        else
          !suits?(of.ingredient)
        end
      end

      def better?(offer, of)
        case @key
        when "cheaper"
          cost(offer.stand_in, offer.grams) < cost(of.ingredient, of.grams) * CHEAPER
        when "hold-longer"
          hold(offer) > hold_of(of)
        else
          suits?(offer.stand_in)
        end
      end

      def suits?(ingredient) = DietsAndAllergens.suits?(ingredient, @key)

      def cost(ingredient, grams) = (ingredient.figures["price/per_kg"] || 0.0) * grams
      def dearest
        @dearest ||=
          (@salad.components + Array(@salad.dressing&.parts)).max_by(DEAREST) do |of|
            cost(of.ingredient, of.grams)
          end
      end
      def shortest
        @shortest ||=
          @salad
            .components
            .select { |component| component.held_back < 1 }
            .min_by { |component| hold_of(component) }
      end
      def hold_of(component) = @practice.fetch("holds/#{component.hold_class}/dressed_minutes")

      def hold(offer)
        form =
          (
            if offer.line["cook"]
              Cook::Parcels.all.fetch(offer.line["cook"]["method"]).form
            else
              offer.line["cut"] || "whole"
            end
          )
        @practice.fetch("holds/#{offer.stand_in.hold_class(form)}/dressed_minutes")
      end
    end
  end
end
