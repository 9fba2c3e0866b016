# frozen_string_literal: true

module Scullion
  module Api
    # A service from its own file, and a service made again on another date.
    module Copies
      def self.registered(app)
        app.post("/api/services/import") do
          json(Exchange::ServiceImport.new(body_document, house).save.to_document, status: 201)
        end

        app.get("/api/services/:id/history") { json(Exchange::CopiedService.new(service_asked).history) }

        app.post("/api/services/:id/copy") do
          wanted = Exchange::CopiedService.new(service_asked).to(*body_document.values_at("date", "covers"))
          json(Records::Service.new.write(read_service(wanted)).to_document, status: 201)
        end
      end
    end
  end
end
