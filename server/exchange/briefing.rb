# frozen_string_literal: true

module Scullion
  module Exchange
    # Turns a service and all that belongs to it into a brief: the one thing core plans from,
    # and the file that carries a service elsewhere.
    module Briefing
      # @param service [Records::Service] @param house [House]
      # @return [Hash] a brief as docs/brief.schema.json describes it
      def self.document(service, house)
        kitchen = Records::Kitchen.ours
        salads =
          Records::Salad.for_planning.where(id: service.lines.map(&:salad_id)).order(:id).map(&:to_build)
        ingredients = ingredients(salads, house)
        {
          "format" => Brief::FORMAT,
          "service" => service.to_brief,
          "salads" => salads,
          "ingredients" => ingredients,
          "kitchen" => kitchen.to_brief,
          "house_rules" => kitchen.house_rules.to_document,
          "figures" => figures(service, ingredients),
          "day" => service.day.presence
        }.compact
      end

      # The same beside other services. @param taken [Array<Hash>] what they have of the kitchen
      def self.with_taken(service, house, taken)
        document = document(service, house)
        taken.empty? ? document : document.merge("day" => (document["day"] || {}).merge("taken" => taken))
      end

      # @return [Brief] @raise [InvalidBrief]
      def self.brief(service, house) = Brief.read(document(service, house), house)

      # Those that its salads are made of, and what cooking seasons with.
      def self.ingredients(salads, house)
        used = salads.flat_map { |salad| salad["components"] + (salad.dig("dressing", "parts") || []) }
        keys = used.map { |line| line["ingredient"] } | house.practice.seasonings
        house.larder.values_at(*keys).compact.sort_by(&:key).map(&:facts)
      end

      # Own figures of what the brief carries. One kept for an ingredient that this brief does not
      # use, or whose figure has gone since, is no reason not to plan.
      def self.figures(service, ingredients)
        known = ingredients.to_h { |facts| ["larder/#{facts["key"]}", Figures.flatten(facts)] }
        Records::OwnFigure
          .for_planning(service)
          .map(&:to_document)
          .select do |figure|
            book, key, address = figure["at"].split("/", 3)
            book == "practice" || known["#{book}/#{key}"]&.key?(address)
          end
      end
      private_class_method :ingredients, :figures
    end
  end
end
