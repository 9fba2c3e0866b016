# frozen_string_literal: true

module Scullion
  module Formats
    # Turns a service and all that belongs to it into a brief: the one thing core plans from,
    # and the file that carries a service elsewhere.
    module Briefing
      # @return [Hash] a brief as docs/brief.schema.json describes it
      def self.document(service)
        kitchen = Records::Kitchen.ours
        salads = Records::Salad.for_planning.where(id: service.lines.map(&:salad_id)).order(:id).to_a
        ingredients = ingredients(salads)
        { "format" => Brief::FORMAT, "service" => service.to_brief, "salads" => salads.map(&:to_build),
          "ingredients" => ingredients, "kitchen" => kitchen.to_brief,
          "house_rules" => kitchen.house_rules.to_document,
          "figures" => figures(Records::OwnFigure.for_planning(service), ingredients), "day" => service.day.presence }.compact
      end

      # The same beside other services. @param taken [Array<Hash>] what they have of the kitchen
      def self.with_taken(service, taken)
        document = document(service)
        taken.empty? ? document : document.merge("day" => (document["day"] || {}).merge("taken" => taken))
      end

      # @return [Brief] @raise [InvalidBrief]
      def self.brief(service) = Brief.read(document(service), Records.facts)

      # What a brief carries of the kitchen itself, beside any service.
      # @param keys [String, Array<String>] the ingredients asked about; seasonings come with them
      def self.of_the_kitchen(keys)
        kitchen = Records::Kitchen.ours
        ingredients = Records::Ingredient.where(key: [*keys, *Records.facts.practice.seasonings]).order(:key).map(&:facts)
        { "ingredients" => ingredients, "kitchen" => kitchen.to_brief, "house_rules" => kitchen.house_rules.to_document,
          "figures" => figures(Records::OwnFigure.where(service: nil), ingredients) }
      end

      def self.ingredients(salads)
        used = salads.flat_map { |salad| salad.components.map(&:ingredient) + salad.dressing_parts.map(&:ingredient) }
        seasonings = Records::Ingredient.where(key: Records.facts.practice.seasonings)
        (used + seasonings).uniq(&:id).sort_by(&:key).map(&:facts)
      end

      # Own figures of what the brief carries. One kept for an ingredient that this brief does not
      # use, or whose figure has gone since, is no reason not to plan.
      def self.figures(own, ingredients)
        known = ingredients.to_h { |facts| ["larder/#{facts['key']}", Figures.flatten(facts)] }
        own.map(&:to_document).select do |figure|
          book, key, address = figure["at"].split("/", 3)
          book == "practice" || known["#{book}/#{key}"]&.key?(address)
        end
      end
      private_class_method :ingredients, :figures
    end
  end
end
