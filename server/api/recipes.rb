# frozen_string_literal: true

module Scullion
  module Api
    # A recipe pasted as text, JSON-LD, a page's source or Scullion's own JSON, drafted into a salad
    # line by line, and nothing kept until the salad is added to the shelf; and the cards that go out.
    module Recipes
      COVERS = 10

      def self.registered(app)
        app.helpers Reading
        app.post("/api/paste") do
          document = body_document
          json(whole(document["text"]) || drafted(document))
        end

        app.get("/api/salads/:key/card.md") { file "text/markdown", "#{params["key"]}.md", card.to_markdown }

        app.get("/api/salads/:key/card.jsonld") do
          file "application/ld+json", "#{params["key"]}.jsonld", card.to_json_ld
        end

        app.get("/api/salads/:key/card.json") do
          attachment "#{params["key"]}.json"
          json(salad.to_build)
        end
      end

      # Helpers of these routes.
      module Reading
        # As Scullion wrote it, by itself or in a card.
        def whole(text)
          carried = Exchange::Carried.salad(text)
          draft = Exchange::OwnSalad.draft(carried || text, read: method(:read_salad))
          carried && draft ? draft.merge("servings" => Exchange::Carried.servings(text)) : draft
        end

        def drafted(document)
          choices, amounts =
            %w[choices amounts].map do |name|
              document.fetch(name, {}).to_h { |number, said| [number.to_i, said] }
            end
          Recipe::Draft.new(
            Exchange::LinkedRecipe.plain(document["text"]),
            house,
            choices: choices,
            amounts: amounts,
            right: document.fetch("right", []),
            declined: document.fetch("declined", []),
            servings: document["servings"]
          ).to_h
        end

        def card = Scullion::Papers::RecipeCard.new(salad, (params["covers"] || COVERS).to_i, house)
      end
    end
  end
end
