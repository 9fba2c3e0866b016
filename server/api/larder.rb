# frozen_string_literal: true

module Scullion
  module Api
    # The larder: ingredients, found by any name, and the kitchen's own figures over theirs.
    module Larder
      def self.registered(app)
        app.helpers Reading
        app.get("/api/ingredients") { json(found_ingredients.map { |ingredient| on_the_shelf(ingredient) }) }
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
          problem 409, "#{ingredient.name} is still used.", used_in: used, remedy: "Take it out of: #{used.join(', ')}." if used.any?
          ingredient.destroy!
          halt 204
        end
      end

      # Helpers of these routes.
      module Reading
        def ingredient_record = Records::Ingredient.find_by!(key: params["key"])
        def gaps = Gaps.new(Records.facts.families)

        def found_ingredients
          some = params["find"].to_s.strip.empty? ? Formats::Shelf.larder.values.sort_by { |each| each.name.downcase } : Formats::Shelf.finder.find(params["find"])
          some = some.select { |ingredient| ingredient.family == params["family"] } if params["family"]
          some = some.reject { |ingredient| ingredient.allergens.include?(params["without"]) } if params["without"]
          params["missing"] ? some.select { |ingredient| lacks?(ingredient, params["missing"]) } : some
        end

        # "anything" its family needs, or one thing by name; or "checked": figures that are only typical.
        def lacks?(ingredient, what)
          case what
          when "anything" then gaps.of(ingredient).any?
          when "own" then ingredient.facts["sources"].value?(FillIn::TYPICAL)
          else ingredient.facts[what].nil? || ingredient.facts[what] == {}
          end
        end

        def on_the_shelf(ingredient)
          { "key" => ingredient.key, "name" => ingredient.name, "aliases" => ingredient.aliases, "family" => ingredient.family, "section" => ingredient.section,
            "colour" => ingredient.colour, "allergens" => ingredient.allergens, "tcs" => ingredient.tcs.any?, "pack" => ingredient.packs.first.name, "gaps" => gaps.of(ingredient) }
        end

        def page_of(record)
          kitchen = Records::Kitchen.ours.to_brief["measures"]
          practice = Records.facts.practice.measured_in(Amount::Measures.read(DocumentReader.new(kitchen)))
          default_component = DefaultComponent.new(Formats::Shelf.larder.fetch(record.key), Records.facts.families)
          IngredientPage.new(ours(record), practice, gaps).to_h
                        .merge("default_component" => default_component.to_h, "in_dressing" => default_component.in_dressing, "version" => record.lock_version, "used_in" => record.used_in)
        end

        # A cook's own ingredient, from one that it is like or from its family alone.
        def add_ingredient(document)
          document = { "key" => Formats::NewIngredient.key_for(document["name"]) }.merge(document)
          problem 409, "There is an ingredient #{document['key'].inspect} already.", remedy: "Give it another name." if Records::Ingredient.exists?(key: document["key"])
          Records::Ingredient.create!(Records::Ingredient.document(completed(document)))
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
          facts = Formats::NewIngredient.new(Formats::Shelf.larder.transform_values(&:facts)).complete(document, faults: faults)
          raise InvalidBrief, faults if faults.any?

          facts
        end

        # With the kitchen's own figures in it.
        def ours(record)
          ingredient = Formats::Shelf.larder.fetch(record.key)
          own = Records::OwnFigure.where(service: nil).where("at LIKE ?", "larder/#{record.key}/%")
                                  .to_h { |figure| [figure.at.delete_prefix("larder/#{record.key}/"), [figure.value, figure.set_for]] }
          ingredient.with(own.select { |address, _| ingredient.figures.key?(address) })
        end
      end
    end
  end
end
