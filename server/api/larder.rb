# frozen_string_literal: true

module Scullion
  module Api
    # The larder: ingredients and their figures.
    module Larder
      def self.registered(app)
        app.get("/api/ingredients") { json(Records::Ingredient.order(:name).map(&:to_document)) }
        app.get("/api/ingredients/:key") { json(Records::Ingredient.find_by!(key: params["key"]).to_document) }

        app.delete("/api/ingredients/:key") do
          ingredient = Records::Ingredient.find_by!(key: params["key"])
          used = ingredient.used_in
          problem 409, "#{ingredient.name} is still used.", used_in: used, remedy: "Take it out of: #{used.join(', ')}." if used.any?
          ingredient.destroy!
          halt 204
        end
      end
    end
  end
end
