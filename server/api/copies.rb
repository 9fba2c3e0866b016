# frozen_string_literal: true

module Scullion
  module Api
    # A service from its own file, and a service made again on another date.
    module Copies
      def self.registered(app)
        app.post("/api/services/import") { json(Formats::ServiceImport.new(body_document).save.to_document, status: 201) }
        app.get("/api/services/:id/history") { json(Formats::CopiedService.new(Records::Service.find(params["id"])).history) }

        app.post("/api/services/:id/copy") do
          wanted = Formats::CopiedService.new(Records::Service.find(params["id"])).to(*body_document.values_at("date", "covers"))
          json(Records::Service.new.write(read_service(wanted)).to_document, status: 201)
        end
      end
    end
  end
end
