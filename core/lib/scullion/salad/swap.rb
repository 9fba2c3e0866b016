# frozen_string_literal: true

module Scullion
  class Salad
    # Like for like with a factor: what can stand in for a component or a part of the dressing, how
    # much of it, and how it is prepared. Rules of the job, "Swaps".
    class Swap
      # As many of its kind as are offered, and what a family in common counts.
      KIN, FAMILY = 6, 2

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
                Offer.new(stand_in: stand_in, grams: weight, why: why(group, line), line: line)
              end
            end
          end
          .uniq(&:stand_in)
          .sort_by
          .with_index { |offer, place| [-alike(ingredient, offer.stand_in), place] }
      end

      # With what is done to it, so that a set is taken whole.
      def why(group, line)
        treat = line["treat"] && @practice.words("treats", line["treat"])["name"].downcase
        treat ? "#{group["why"]} It is treated too: #{treat}." : group["why"]
      end

      def groups_of(ingredient)
        listed =
          @practice
            .keys("swaps")
            .map { |key| @practice.words("swaps", key) }
            .select { |group| group["members"].key?(ingredient.key) }
        [*listed, (kin(ingredient) if listed.empty?)].compact
      end

      # Where no rule names it: those of its family that are most like it, weight for weight.
      def kin(ingredient)
        like =
          @larder
            .values
            .select { |other| other.family == ingredient.family && other.key != ingredient.key }
            .select { |other| alike(ingredient, other) > FAMILY }
            .max_by(KIN) { |other| [alike(ingredient, other), other.key] }
        {
          "why" => "Of the same kind, and like it.",
          "members" => [ingredient, *like].to_h { |each| [each.key, 1] }
        }
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
          (one.family == other.family ? FAMILY : 0)
      end

      # In the same role, and trimmed, cut, treated and cooked the same where it can be, else as it usually
      # comes in.
      def prepared(component, ingredient, grams)
        usual = @house.default_component(ingredient).to_h
        cook = same_cooking(component, ingredient)
        same = {
          "trim" => component.trim,
          "cut" => (component.cut if cook || !usual["cook"]),
          "treat" => component.treat
        }
        kept = same.select { |field, value| value && can?(ingredient, field, value) }
        kept = kept.merge("treat_minutes" => component.treat_minutes).compact if kept.key?("treat")
        made =
          usual.merge(
            kept,
            {
              "role" => component.role,
              "grams" => grams,
              "cook" => cook,
              "held_back" => component.held_back.zero? ? nil : component.held_back
            }.compact
          )
        made if ingredient.figures.key?("density/#{made["cut"] || "whole"}") || made["cook"]
      end

      def can?(ingredient, field, value)
        case field
        when "trim"
          ingredient.trims.key?(value)
        when "cut"
          ingredient.cuts.include?(value)
        when "treat"
          ingredient.facts.fetch("treats", {}).key?(value)
        end
      end

      # Cooked as before, by the method's own usual choices.
      def same_cooking(component, ingredient)
        method = component.cook["method"]
        { "method" => method } if method && ingredient.facts.key?(method)
      end
    end
  end
end
