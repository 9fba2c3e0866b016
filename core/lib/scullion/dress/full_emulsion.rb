# frozen_string_literal: true

module Scullion
  module Dress
    # A dressing that is whisked up on a base of egg or soya: how much oil the base takes, whether
    # this is within it, and in which order it is made. Rules of the job, "Dressing": oil 2 to 4
    # times the base by volume, all at room temperature.
    class FullEmulsion < Worksheet
      attr_reader :dressing

      gather(:bases, :needed_ml) { base }
      gather(:fats, :needed_ml) { oils }
      figure(:base_ml, "Base", :ml, how: "what binds it, added up") { |bases| bases.sum }
      figure(:oil_ml, "Oil", :ml, how: "the fats added up") { |fats| fats.sum }
      figure(:oil_times, "Oil to base, by volume", :ratio, how: "oil ÷ base") do |oil_ml, base_ml|
        oil_ml / base_ml
      end
      assumption :least_times,
                 "Oil for one of base, at least",
                 :factor,
                 book: :practice,
                 at: "emulsions/full/oil/least_times"
      assumption :most_times,
                 "Oil for one of base, at most",
                 :factor,
                 book: :practice,
                 at: "emulsions/full/oil/most_times"
      figure(:least_oil_ml, "Thickens from", :ml, how: "base × the least") do |base_ml, least_times|
        base_ml * least_times
      end
      figure(:most_oil_ml, "Takes no more than", :ml, how: "base × the most") do |base_ml, most_times|
        base_ml * most_times
      end

      # @param dressing [Batch] @return [FullEmulsion, nil] nil for one that is not whisked up here
      def self.of(dressing)
        character = Character.new(dressing.recipe.parts, dressing.practice)
        return unless character.bases.any? && character.emulsion == "full"
        new("#{dressing.at}/full", dressing, character.bases)
      end

      # @param bases [Array<Salad::Part>] of the formula
      def initialize(at, dressing, bases)
        super(at)
        @dressing = dressing
        @base = dressing.parts.select { |part| bases.include?(part.part) }
      end

      def practice = dressing.practice

      def words
        facts = practice.words("emulsions", "full")
        {
          "at" => at,
          "base" => base.map { |part| part.ingredient.name }.join(", "),
          "order" => facts["order"],
          "rescue" => facts["rescue"],
          "room" => writer.celsius(practice.fetch("emulsions/full/room/celsius")),
          "fits" => fits?
        }
      end

      def fits? = oil_times.between?(least_times, most_times)

      def snags
        return [] if fits?

        oil_times > most_times ? [too_much] : [too_little]
      end

      private

      attr_reader :base

      def oils = dressing.parts.select { |part| dressing.does.fat?(part) }
      def too_much
        snag(
          "has more oil than its base takes, and splits",
          "#{writer.ml((oil_ml / most_times) - base_ml)} more base"
        )
      end
      def too_little
        snag("stays thin, as its base takes more oil", "#{writer.ml(least_oil_ml - oil_ml)} more oil")
      end
      def snag(what, remedy)
        Snag.new(
          severity: "look",
          stage: "dress",
          what: "#{dressing.recipe.name} #{what}.",
          remedy: "Take #{remedy}, or another formula."
        )
      end
    end
  end
end
