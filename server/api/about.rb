# frozen_string_literal: true

module Scullion
  module Api
    # Is it up, and what does it speak?
    module About
      def self.registered(app)
        app.get("/api/health") { json({ "status" => "ok", "services" => Records::Service.count }) }

        app.get("/api/openapi.yaml") do
          content_type "application/yaml"
          Contract.text
        end
      end
    end
  end
end
