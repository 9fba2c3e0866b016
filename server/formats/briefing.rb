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
        { "format" => Brief::FORMAT, "service" => service.to_brief, "salads" => salads.map(&:to_build),
          "ingredients" => ingredients(salads), "kitchen" => kitchen.to_brief,
          "house_rules" => kitchen.house_rules.to_document,
          "figures" => Records::OwnFigure.for_planning(service).map(&:to_document) }
      end

      # @return [Brief] @raise [InvalidBrief]
      def self.brief(service) = Brief.read(document(service), Records.facts)

      # The kitchen's larder over the shipped one: what a salad is read against.
      # @return [Hash{String=>Ingredient}]
      def self.larder
        Records::Ingredient.all.to_h do |record|
          [record.key, IngredientForm.read(record.facts, sources: Records.facts.sources)]
        end
      end

      # What a brief carries of the kitchen itself, beside any service.
      def self.of_the_kitchen
        kitchen = Records::Kitchen.ours
        { "ingredients" => Records::Ingredient.order(:key).map(&:facts), "kitchen" => kitchen.to_brief, "house_rules" => kitchen.house_rules.to_document,
          "figures" => Records::OwnFigure.where(service: nil).map(&:to_document) }
      end

      def self.ingredients(salads)
        used = salads.flat_map { |salad| salad.components.map(&:ingredient) + salad.dressing_parts.map(&:ingredient) }
        used.uniq(&:id).sort_by(&:key).map(&:facts)
      end
      private_class_method :ingredients
    end
  end
end
