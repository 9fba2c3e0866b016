# frozen_string_literal: true

module Scullion
  module Buy
    # What to do when less of one ingredient came in than is needed: how many it serves as the
    # salads are, how much of it each serving gets if all are to have some, and what stands in.
    class ShortDelivery
      OFFERS = 3

      # @param plan [Plan] @param ingredient [String] its key @param grams [Float] what there is of it, AP
      # @param swap [Salad::Swap]
      # @raise [UnknownFigure] when the service takes none of it
      def initialize(plan, ingredient, grams, swap)
        @plan, @grams, @swap = plan, grams, swap
        @purchase = plan.purchases.find { |purchase| purchase.ingredient.key == ingredient } or
          raise UnknownFigure,
                Fault.new(
                  what: "This service takes no #{Fault.shown(ingredient)}.",
                  where: "ingredient",
                  remedy: "Choose one from the order."
                )
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "ingredient" => @purchase.ingredient.key,
          "name" => @purchase.ingredient.name,
          "needed" => writer.g(@purchase.need_grams),
          "have" => writer.g(@grams),
          "short" => writer.g([@purchase.need_grams - @grams, 0].max),
          "share" => share.round(4),
          "enough_for" => enough_for,
          "servings" => servings
        }
      end

      # Covers that it serves as the salads are. @return [Integer]
      def enough_for = Amount::Whole.down(@plan.brief.service.covers * share)

      private

      def writer = @plan.brief.practice.writer
      def share = [@grams / @purchase.need_grams, 1.0].min

      # Each component of it: what a serving gets, and what could stand in for it.
      def servings
        @plan.portions.flat_map do |portion|
          portion
            .layers
            .select { |layer| layer.ingredient.equal?(@purchase.ingredient) }
            .map { |layer| line(portion, layer) }
        end
      end

      def line(portion, layer)
        {
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "component" => layer.component.name,
          "change_at" => layer.words["change_at"],
          "now" => writer.g(layer.grams),
          "then" => writer.g(layer.grams * share),
          "then_grams" => (layer.build_grams * share).round(1),
          "swaps" =>
            @swap
              .for_component(layer.component)
              .first(OFFERS)
              .map { |offer| { "name" => offer.stand_in.name, "why" => offer.why } }
        }
      end
    end
  end
end
