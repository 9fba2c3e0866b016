# frozen_string_literal: true

module Scullion
  class Salad
    # Who can eat it, and which line says no: allergens and diets from every component, every part
    # of the dressing and what cooking brings.
    class DietsAndAllergens
      # The nine of the US list, by the fourteen's names.
      US = %w[milk eggs fish crustaceans nuts peanuts gluten soya sesame].freeze
      FREE = {
        "gluten-free" => %w[gluten],
        "dairy-free" => %w[milk],
        "egg-free" => %w[eggs],
        "nut-free" => %w[nuts peanuts]
      }.freeze

      Line = Struct.new(:name, :ingredient)

      # @param lines [Array<Line>]
      def initialize(lines)
        @lines = lines
      end

      # @return [Hash{String=>Array<String>}] allergen => names of the lines that bring it
      def allergens
        @lines
          .each_with_object({}) do |line, found|
            line.ingredient.allergens.each { |allergen| (found[allergen] ||= []) << line.name }
          end
          .sort
          .to_h
          .transform_values(&:uniq)
      end

      # @return [Hash{String=>Array<String>}] diet => lines in its way; empty when it suits
      def diets
        kept =
          IngredientForm::DIETS.to_h do |diet|
            [diet, @lines.reject { |line| line.ingredient.diets.include?(diet) }.map(&:name).uniq]
          end
        kept.merge(
          FREE.transform_values do |barred|
            @lines.select { |line| line.ingredient.allergens.intersect?(barred) }.map(&:name).uniq
          end
        )
      end

      def to_h
        {
          "allergens" =>
            allergens.map { |name, lines| { "name" => name, "us" => US.include?(name), "lines" => lines } },
          "diets" => diets.map { |name, lines| { "name" => name, "suits" => lines.empty?, "lines" => lines } }
        }
      end
    end
  end
end
