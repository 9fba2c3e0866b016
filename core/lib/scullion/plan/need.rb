# frozen_string_literal: true

module Scullion
  class Plan
    # One preparation for the whole service: prepped and cooked once, split over its salads.
    class Need < Sheet
      attr_reader :layers, :component

      figure(:finished_grams, "Ready to serve", :g, how: "added up over the salads that use it",
             from: -> { layers.map { |layer| [layer, :finished_grams] } }) { layers.sum(&:finished_grams) }

      def initialize(at, layers)
        super(at)
        @layers, @component = layers, layers.first.component
      end

      # @return [Array<Need>] one per preparation, in the order they are first met
      def self.of(portions)
        portions.flat_map(&:layers).group_by { |layer| layer.component.preparation }
                .values.each_with_index.map { |layers, index| new("needs/#{index}", layers) }
      end

      def ingredient = component.ingredient
      def name = component.name

      def words
        { "at" => at, "name" => name, "ingredient" => ingredient.key,
          "for" => layers.map { |layer| { "salad" => layer.portion.salad.key, "grams" => layer.finished_grams.round(4) } } }
      end
    end
  end
end
