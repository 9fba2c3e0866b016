# frozen_string_literal: true

module Scullion
  module Api
    # The larder out and in, as a table or as JSON.
    module LarderTable
      def self.registered(app)
        app.get("/api/larder.csv") do
          file "text/csv",
               "larder.csv",
               Exchange::LarderCsv.write(Records::Ingredient.order(:name).map(&:facts))
        end

        app.get("/api/larder.json") { json(Records::Ingredient.order(:name).map(&:facts)) }

        # A dry run unless told to write.
        app.post("/api/larder/import") do
          import = Exchange::LarderImport.of(body_document, house)
          json(body_document["write"] ? import.write : import.report)
        end
      end
    end
  end
end
