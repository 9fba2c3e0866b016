# frozen_string_literal: true

module Scullion
  module Exchange
    # A salad in Scullion's own JSON, out and back the same: docs/brief.md tells its fields.
    module OwnSalad
      # @param pasted [String]
      # @return [Hash, nil] the draft of such a salad, every line settled; nil when it is not one
      # @raise [InvalidBrief] with faults at their place in it
      def self.draft(pasted, read:)
        document = JSON.parse(pasted.delete_prefix("\uFEFF"), max_nesting: 20)
        return unless document.is_a?(Hash) && document.key?("components") && !document.key?("@type")

        build = { "key" => "pasted" }.merge(document.except("id", "version"))
        salad = read.call(build)
        lines = salad.components.each.with_index(1).map { |component, number| line(component, number) }
        {
          "title" => salad.name,
          "servings" => 1,
          "servings_said" => true,
          "lines" => lines,
          "steps" => [],
          "missing" => [],
          "unused" => [],
          "settled" => true,
          "salad" => build.except("key")
        }
      rescue JSON::ParserError
        nil
      end

      def self.line(component, number)
        named = { "key" => component.ingredient.key, "name" => component.ingredient.name }
        {
          "number" => number,
          "text" => component.name,
          "kind" => "ingredient",
          "status" => "sure",
          "taken" => named,
          "guesses" => [],
          "to" => "salad",
          "grams" => component.grams.to_f
        }
      end
      private_class_method :line
    end
  end
end
