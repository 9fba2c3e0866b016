# frozen_string_literal: true

module Scullion
  module Api
    # What is ticked off at the bench. Ticking changes no plan, so the service's version stays.
    module Ticks
      def self.registered(app)
        app.get("/api/services/:id/ticks") { json(service_asked.ticks.order(:id).pluck(:key)) }

        app.put("/api/services/:id/ticks") do
          ticks, document = service_asked.ticks, body_document
          if document["done"]
            ticks.create_or_find_by!(key: document["key"])
          else
            ticks.where(key: document["key"]).delete_all
          end
          json(ticks.order(:id).pluck(:key))
        end
      end
    end
  end
end
