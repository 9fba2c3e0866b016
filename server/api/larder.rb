# frozen_string_literal: true

module Scullion
  module Api
    # The larder: ingredients, found by any name, and the kitchen's own figures over theirs.
    module Larder
      def self.registered(app)
        app.helpers Reading
        app.get("/api/ingredients") { json(found_ingredients.map { |ingredient| on_the_shelf(ingredient) }) }
        app.get("/api/ingredients/:key") { json(Records::Ingredient.find_by!(key: params["key"]).to_document) }
        app.get("/api/ingredients/:key/page") { json(IngredientPage.new(ours(Records::Ingredient.find_by!(key: params["key"]))).to_h) }

        app.delete("/api/ingredients/:key") do
          ingredient = Records::Ingredient.find_by!(key: params["key"])
          used = ingredient.used_in
          problem 409, "#{ingredient.name} is still used.", used_in: used, remedy: "Take it out of: #{used.join(', ')}." if used.any?
          ingredient.destroy!
          halt 204
        end

        app.put("/api/house-figures") do
          change = body_document
          Formats::HouseFigure.new(change["at"], change["value"]).write
          json(IngredientPage.new(ours(Records::Ingredient.find_by!(key: change["at"].split("/")[1]))).to_h)
        end
      end

      # Helpers of these routes.
      module Reading
        def found_ingredients
          all = Formats::Briefing.larder
          some = params["find"].to_s.strip.empty? ? all.values.sort_by(&:name) : Finder.new(all.values).find(params["find"])
          some = some.select { |ingredient| ingredient.family == params["family"] } if params["family"]
          params["without"] ? some.reject { |ingredient| ingredient.allergens.include?(params["without"]) } : some
        end

        def on_the_shelf(ingredient)
          { "key" => ingredient.key, "name" => ingredient.name, "aliases" => ingredient.aliases, "family" => ingredient.family, "section" => ingredient.section,
            "colour" => ingredient.colour, "allergens" => ingredient.allergens, "tcs" => ingredient.tcs.any?, "pack" => ingredient.packs.first.name }
        end

        # With the kitchen's own figures in it.
        def ours(record)
          ingredient = IngredientForm.read(record.facts, sources: Records.facts.sources)
          own = Records::OwnFigure.where(service: nil).where("at LIKE ?", "larder/#{record.key}/%")
                                  .to_h { |figure| [figure.at.delete_prefix("larder/#{record.key}/"), [figure.value, "this kitchen"]] }
          ingredient.with(own.select { |address, _| ingredient.figures.key?(address) })
        end
      end
    end
  end
end
