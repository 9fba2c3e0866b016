# frozen_string_literal: true

module Scullion
  class Salad
    # Reads what stands below a component: what a made part is made of, what cooks along, and the minutes and
    # the heat that the recipe writes. For Form, which it is a part of.
    module Below
      CUT_AFTER = "cut_after"
      MOST_AT_TABLE = 20
      WRITTEN = { "minutes" => [0.5..1440, "minutes"], "celsius" => [50..300, "°C"] }.freeze

      private

      # Only of a treatment that takes its time.
      def treat_minutes(item)
        return unless item.given?("treat_minutes")

        treat = item.raw("treat").to_s
        unless @practice.figures["treats/#{treat}/minutes"]&.positive?
          item.fault(
            "treat_minutes",
            "Nothing is done to it that stands so long.",
            "Leave it out, or say what."
          )
        end
        item.number("treat_minutes", Salad::Component::TREAT_MINUTES, "minutes")
      end

      # What a made part is made of, each of it in the larder.
      def made(item)
        item.only(*Salad::Made::FIELDS)
        how = item.choice("how", @practice.keys("made"))
        parts =
          item.list("parts", 1..40, "parts") do |part|
            part.only(*Salad::Made::PART_FIELDS)
            ingredient, grams = ingredient(part), part.number("grams", Salad::Made::PART_GRAMS, "grams")
            fruit = fruit(part, ingredient)
            Salad::Made::Part.new(
              ingredient: ingredient,
              grams: grams,
              right: part.flag("right"),
              fruit: fruit,
              written: row_of_recipe(part)
            )
          end
        if how.nil? || parts.nil? ||
             parts.any? { |part| part.nil? || part.ingredient.nil? || part.grams.nil? }
          return
        end

        Salad::Made.new(how, parts, @practice)
      end

      # Its row of the recipe.
      def row_of_recipe(item) = item.text("written", default: nil, most: Salad::Component::WRITTEN)

      # Foods that stand on the table beside it.
      def at_table
        return [] unless @fields.given?("at_table")

        keys = Array(@fields.raw("at_table")).uniq
        strange = keys.reject { |key| key.is_a?(String) && @larder.key?(key) }
        return not_at_table("There is no #{Fault.shown(strange.first)} in the larder.") unless strange.empty?
        return not_at_table("More than #{MOST_AT_TABLE} foods.") if keys.size > MOST_AT_TABLE

        keys.map { |key| @larder[key] }
      end

      # None is left out in silence: guests eat of it.
      def not_at_table(what)
        @fields.fault("at_table", what, "Leave it out, or add what it is to the larder.")
      end

      # Juice that is squeezed here, zest.
      def fruit(item, ingredient)
        kind = item.choice("fruit", Salad::Fruit::KINDS, default: nil)
        return if kind.nil? || ingredient.nil?

        Salad::Fruit.of(kind, ingredient, @larder) ||
          item.fault("fruit", "#{ingredient.name} comes from no fruit by its #{kind}.", "Leave it out.")
      end

      # Pot company: only what is cooked has some.
      def with(item)
        return [] unless item.given?("with")

        unless item.given?("cook")
          item.fault("with", "Nothing is cooked that it could cook along with.", "Leave it out, or cook it.")
        end
        list =
          item.list("with", 0..20, "things that cook along") do |row|
            row.only(*Salad::With::FIELDS)
            Salad::With.new(
              ingredient: ingredient(row),
              grams: row.number("grams", Salad::With::GRAMS, "grams for a serving"),
              stays: row.flag("stays")
            )
          end
        (list || []).select { |each| each&.ingredient && each.grams }
      end

      # Cooked whole and cut then: only what is cut at all.
      def cut_after(cook, item)
        return {} unless cook.given?(CUT_AFTER)

        after = cook.flag(CUT_AFTER)
        return { CUT_AFTER => after } if item.given?("cut")

        cook.fault(
          CUT_AFTER,
          "Nothing of it is cut that could be cut once it is cooked.",
          "Leave it out, or cut it."
        )
        {}
      end

      # Minutes and heat of the recipe's own, where this food or this way of cooking has such figures.
      def written(cook, method, item)
        ingredient = @larder[item.raw("ingredient")]
        WRITTEN
          .select { |field, _| cook.given?(field) }
          .to_h do |field, (bounds, unit)|
            if ingredient &&
                 !Cook::Parcels.all[method]&.writes?(field, ingredient, { "on" => cook.raw("on") })
              cook.fault(field, "#{method} has no #{field} of its own to write.", "Leave it out.")
            end
            [field, cook.number(field, bounds, unit)]
          end
      end
    end
  end
end
