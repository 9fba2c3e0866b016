# frozen_string_literal: true

module Scullion
  class Salad
    # Like for like with a factor: what can stand in for a component or a part of the dressing, how
    # much of it, and how it is prepared. Rules of the job, "Swaps".
    class Swap
      # stand_in: Ingredient; grams; why: in words; line: a component or a part, as plain data.
      Offer = Struct.new(:stand_in, :grams, :why, :line, keyword_init: true)

      # @param house [House]
      def initialize(house)
        @house, @larder, @practice = house, house.larder, house.practice
      end

      # @param component [Component] @return [Array<Offer>] most alike first
      def for_component(component)
        offers(component.ingredient, component.grams) do |ingredient, grams|
          prepared(component, ingredient, grams)
        end
      end

      # @param part [Salad::Part] @return [Array<Offer>]
      def for_part(part)
        offers(part.ingredient, part.grams) do |ingredient, grams|
          { "ingredient" => ingredient.key, "role" => part.role, "grams" => grams }
        end
      end

      private

      def offers(ingredient, grams)
        groups_of(ingredient)
          .flat_map do |group|
            group["members"].keys.filter_map do |key|
              stand_in = @larder[key]
              next if stand_in.nil? || key == ingredient.key

              weight = (grams * factor(group, ingredient, stand_in)).round(1)
              line = yield(stand_in, weight)
              if line && weight >= 0.1
                Offer.new(stand_in: stand_in, grams: weight, why: group["why"], line: line)
              end
            end
          end
          .uniq(&:stand_in)
          .sort_by
          .with_index { |offer, place| [-alike(ingredient, offer.stand_in), place] }
      end

      def groups_of(ingredient)
        @practice
          .keys("swaps")
          .map { |key| @practice.words("swaps", key) }
          .select { |group| group["members"].key?(ingredient.key) }
      end

      def factor(group, from, to)
        if group["by"] == "acid"
          return (from.figures["content/acid"] || 1.0) / [to.figures["content/acid"] || 1.0, 0.1].max
        end

        group["members"][to.key].fdiv(group["members"][from.key])
      end

      # Tastes and textures in common, and the family above them.
      def alike(one, other)
        (one.taste & other.taste).size + (one.texture & other.texture).size +
          (one.family == other.family ? 2 : 0)
      end

      # In the same role and cut where it has it, else as it usually comes in.
      def prepared(component, ingredient, grams)
        usual = @house.default_component(ingredient).to_h
        same = usual["cook"] ? nil : component.cut
        cut = ingredient.cuts.include?(same) ? same : usual["cut"]
        made =
          usual.merge(
            "role" => component.role,
            "grams" => grams,
            "cut" => cut,
            "held_back" => component.held_back.zero? ? nil : component.held_back
          ).compact
        made if ingredient.figures.key?("density/#{cut || "whole"}") || made["cook"]
      end
    end
  end
end
