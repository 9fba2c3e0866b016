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

      # Does one food suit? @param key [String] of FREE, or a diet
      def self.suits?(ingredient, key)
        barred = FREE[key]
        barred ? !ingredient.allergens.intersect?(barred) : ingredient.diets.include?(key)
      end

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
        [*IngredientForm::DIETS, *FREE.keys].to_h do |key|
          [key, @lines.reject { |line| self.class.suits?(line.ingredient, key) }.map(&:name).uniq]
        end
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
