# frozen_string_literal: true

module Scullion
  module Api
    # The larder: ingredients, found by any name, and the kitchen's own figures over theirs.
    module Larder
      def self.registered(app)
        app.helpers Reading
        app.get("/api/ingredients") { json(found_ingredients.map { |ingredient| summary_of(ingredient) }) }
        app.get("/api/ingredients/:key") { json(ingredient_record.to_document) }
        app.get("/api/ingredients/:key/page") { json(page_of(ingredient_record)) }
        app.post("/api/ingredients") { json(add_ingredient(body_document).to_document, status: 201) }

        app.put("/api/ingredients/:key") do
          record, document = ingredient_record, body_document
          on_stale(-> { record.reload.to_document }) { json(write_ingredient(record, document).to_document) }
        end

        app.delete("/api/ingredients/:key") do
          ingredient = ingredient_record
          used = ingredient.used_in
          still_used(ingredient.name, used) if used.any?
          ingredient.destroy!
          halt 204
        end
      end

      # Helpers of these routes.
      module Reading
        def ingredient_record = Records::Ingredient.find_by!(key: params["key"])

        def still_used(name, used)
          problem 409, "#{name} is still used.", used_in: used, remedy: "Take it out of: #{used.join(", ")}."
        end

        def found_ingredients
          wanted = params["find"].to_s.strip
          some =
            (
              if wanted.empty?
                house.larder.values.sort_by { |each| each.name.downcase }
              else
                house.finder.find(wanted)
              end
            )
          some = some.select { |ingredient| ingredient.family == params["family"] } if params["family"]
          some = some.reject { |ingredient| ingredient.allergens.include?(params["without"]) } if params[
            "without"
          ]
          params["missing"] ? some.select { |ingredient| lacks?(ingredient, params["missing"]) } : some
        end

        # "anything" its family needs, or one thing by name; or "checked": figures that are only typical.
        def lacks?(ingredient, what)
          case what
          when "anything"
            house.gaps.of(ingredient).any?
          when "own"
            ingredient.facts["sources"].value?(FillIn::TYPICAL)
          else
            ingredient.facts[what].nil? || ingredient.facts[what] == {}
          end
        end

        def summary_of(ingredient)
          {
            "key" => ingredient.key,
            "name" => ingredient.name,
            "aliases" => ingredient.aliases,
            "family" => ingredient.family,
            "section" => ingredient.section,
            "colour" => ingredient.colour,
            "allergens" => ingredient.allergens,
            "tcs" => ingredient.tcs.any?,
            "pack" => ingredient.packs.first.name,
            "gaps" => house.gaps.of(ingredient)
          }
        end

        def page_of(record)
          ingredient = house.larder.fetch(record.key)
          usual = house.default_component(ingredient)
          IngredientPage
            .new(ingredient, house)
            .to_h
            .merge(
              "default_component" => usual.to_h,
              "in_dressing" => usual.in_dressing,
              "version" => record.lock_version,
              "used_in" => record.used_in
            )
        end

        # A cook's own ingredient, from one that it is like or from its family alone.
        def add_ingredient(document)
          document = { "key" => Exchange::NewIngredient.key_for(document["name"]) }.merge(document)
          there(document["key"]) if Records::Ingredient.exists?(key: document["key"])
          Records::Ingredient.create!(Records::Ingredient.document(completed(document)))
        end

        def there(key)
          problem 409, "There is an ingredient #{key.inspect} already.", remedy: "Give it another name."
        end

        def write_ingredient(record, document)
          record.lock_version = document["version"]
          facts = completed(document.except("version").merge("key" => record.key))
          record.update!(Records::Ingredient.document(facts))
          record
        end

        # @raise [InvalidBrief]
        def completed(document)
          faults = []
          facts = Exchange::NewIngredient.new(house).complete(document, faults: faults)
          raise InvalidBrief, faults if faults.any?

          facts
        end
      end
    end
  end
end
