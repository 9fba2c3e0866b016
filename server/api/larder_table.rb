# frozen_string_literal: true

module Scullion
  module Api
    # The larder out and in, as a table or as JSON.
    module LarderTable
      def self.registered(app)
        app.get("/api/larder.csv") do
          content_type "text/csv"
          attachment "larder.csv"
          Formats::LarderCsv.write(Records::Ingredient.order(:name).map(&:facts))
        end

        app.get("/api/larder.json") { json(Records::Ingredient.order(:name).map(&:facts)) }

        # A dry run unless told to write.
        app.post("/api/larder/import") do
          document = body_document
          import = document.key?("json") ? Formats::LarderImport.from_json(document["json"]) : Formats::LarderImport.from_csv(document["csv"])
          json(document["write"] ? import.write : import.report)
        end
      end
    end
  end
end
