# frozen_string_literal: true

module Scullion
  module Api
    # Plans: of an unsaved brief, and of a service.
    module Plans
      def self.registered(app)
        app.helpers Reading
        app.post("/api/plan") { json(Plan.for(Brief.read(body_document, Records.facts)).to_h) }

        app.post("/api/plan/working") do
          json(Plan.for(Brief.read(body_document, Records.facts)).working(params["at"]).to_h)
        end

        # One component by itself, in this kitchen and with its larder.
        app.post("/api/cook") { json(cooked(body_document).to_h) }

        app.get("/api/services/:id/plan") { json(Plan.for(Formats::Briefing.brief(Records::Service.find(params["id"]))).to_h) }

        app.get("/api/services/:id/working") do
          json(Plan.for(Formats::Briefing.brief(Records::Service.find(params["id"]))).working(params["at"]).to_h)
        end

        app.get("/api/services/:id/cooling") do
          json(Plan.for(Formats::Briefing.brief(Records::Service.find(params["id"]))).cool_down(params["at"], params["method"]).to_h)
        end

        app.get("/api/services/:id/brief") { json(Formats::Briefing.document(Records::Service.find(params["id"]))) }
      end

      # Helpers of these routes.
      module Reading
        def cooked(document) = Cook::Single.read(document, Records.facts, Formats::Briefing.of_the_kitchen(document["ingredient"]))
      end
    end
  end
end
