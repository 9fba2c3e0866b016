# frozen_string_literal: true

module Scullion
  module Api
    # What is left, and what to make of it.
    module UseUp
      def self.registered(app)
        app.helpers Reading
        app.post("/api/use-up") { json(left_overs(body_document).to_h) }
        app.post("/api/use-up/services") do
          document = body_document
          service =
            Records::Service.transaction do
              # What two take at the same moment is had by one of them.
              Records::Lot.lock.order(:id).load
              left_overs(document["asked"]).make(document["take"], document["name"])
            end
          service ||
            problem(
              409,
              "That is not offered any more.",
              remedy: "Look again at what is left, and take another."
            )
          json(service.to_document, status: 201)
        end
      end

      # Helpers of these routes.
      module Reading
        def left_overs(asked)
          Exchange::LeftOvers.new(asked, house, record_book.on_hand, Date.iso8601(kitchen_clock[0, 10]))
        end
      end
    end
  end
end
