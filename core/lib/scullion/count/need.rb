# frozen_string_literal: true

module Scullion
  module Count
    # One preparation for the whole service: prepped and cooked once, split over its salads.
    class Need < Worksheet
      attr_reader :layers, :component

      gather(:of_salads, :finished_grams) { layers }
      decision(
        :for_others_grams,
        "For other services",
        :g,
        change: nil,
        shown: false,
        source: -> do
          others.empty? ? "It is made for this service alone." : "Made here for #{others_in_words}."
        end
      ) { others.sum(0.0, &:grams) }
      figure(
        :finished_grams,
        "Ready to serve",
        :g,
        how: "added up over the salads that use it, and what is made here for other services"
      ) { |of_salads, for_others_grams| of_salads.sum + for_others_grams }

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

      # What is made here for other services, and who makes it for this one, nil for nobody.
      # @return [Array<Day::Progress::More>] @return [Day::Progress::Brought, nil]
      attr_reader :others, :brought

      # @param progress [Day::Progress]
      def initialize(at, layers, progress)
        super(at)
        @layers, @component = layers, layers.first.component
        preparation = component.preparation
        @others, @brought = progress.makes.fetch(preparation, []), progress.brings[preparation]
      end

      def others_in_words = others.map { |more| "#{more.name}, #{writer.g(more.grams)}" }.join("; ")

      # @return [Array<Need>] one per preparation, in the order they are first met
      def self.of(portions, progress)
        portions
          .flat_map(&:layers)
          .group_by { |layer| layer.component.preparation }
          .values
          .each_with_index
          .map { |layers, index| new("needs/#{index}", layers, progress) }
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

      # Where another service makes it for this one or has some of it. @return [String, nil]
      def shared
        if brought
          "#{name}: #{writer.g(finished_grams)} come with #{brought.name}, which makes it for both."
        elsif others.any?
          "#{name}: #{writer.g(finished_grams)} in all, of which for #{others_in_words}."
        end
      end

      def words
        {
          "at" => at,
          "name" => name,
          "ingredient" => ingredient.key,
          "others" => (others_in_words if others.any?),
          "brought" => brought&.name,
          "for" =>
            layers.map do |layer|
              { "salad" => layer.portion.salad.key, "grams" => layer.finished_grams.round(4) }
            end
        }.compact
      end
    end
  end
end
