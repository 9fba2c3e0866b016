# frozen_string_literal: true

module Scullion
  module Count
    # One preparation for the whole service: prepped and cooked once, split over its salads.
    class Need < Worksheet
      attr_reader :layers, :component

      gather(:of_salads, :finished_grams) { layers }
      figure(
        :finished_grams,
        "Ready to serve",
        :g,
        how: "added up over the salads that use it"
      ) { |of_salads| of_salads.sum }

      assumption :mashed,
                 "Left after the treatment",
                 :share,
                 book: :ingredient,
                 none: [1.0, "Nothing is done to it once cooked."],
                 at: -> { component.treat_at if treated_after? }
      figure(
        :cooked_grams,
        "Out of the pot",
        :g,
        how: "ready to serve ÷ left after the treatment",
        shown: false
      ) { |finished_grams, mashed| finished_grams / mashed }

      def initialize(at, layers)
        super(at)
        @layers, @component = layers, layers.first.component
      end

      # @return [Array<Need>] one per preparation, in the order they are first met
      def self.of(portions)
        portions
          .flat_map(&:layers)
          .group_by { |layer| layer.component.preparation }
          .values
          .each_with_index
          .map { |layers, index| new("needs/#{index}", layers) }
      end

      # Of what is counted on the plate, in all the salads that count it. @return [Integer] 0 where none does
      def pieces = layers.select { |layer| layer.component.pieces }.sum(&:pieces)
      def pieces_in_words = pieces.positive? ? layers.first.writer.write(pieces, :pieces) : nil

      def ingredient = component.ingredient
      def practice = layers.first.practice
      def name = component.name

      # The salad and the place in it where this preparation is first met.
      def salad_key = layers.first.portion.salad.key
      def place = layers.first.index

      # Mashing and the like come after the pot; other treatments before it.
      def treated_after?
        !!(component.treat && component.method && practice.words("treats", component.treat)["after_cooking"])
      end

      def words
        {
          "at" => at,
          "name" => name,
          "ingredient" => ingredient.key,
          "for" =>
            layers.map do |layer|
              { "salad" => layer.portion.salad.key, "grams" => layer.finished_grams.round(4) }
            end
        }
      end
    end
  end
end
