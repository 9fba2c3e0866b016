# frozen_string_literal: true

module Scullion
  module Api
    # A recipe pasted as text, JSON-LD or a page's source, drafted into a salad line by line.
    # Nothing is kept until the salad is added to the shelf.
    module Paste
      def self.registered(app)
        app.post("/api/paste") do
          document, facts = body_document, Records.facts
          choices = document.fetch("choices", {}).to_h { |number, key| [number.to_i, key] }
          draft = Recipe::Draft.new(Formats::LinkedRecipe.plain(document["text"]), Formats::Shelf.larder, Formats::Shelf.finder, facts.practice, facts.families,
                                    choices: choices, servings: document["servings"])
          json(draft.to_h)
        end
      end
    end
  end
end
