# frozen_string_literal: true

module Scullion
  module Api
    # Plans: of an unsaved brief, and of a service.
    module Plans
      def self.registered(app)
        app.helpers Reading
        app.set :plans, Exchange::Plans.new
        unsaved(app)
        app.get("/api/services/:id/plan") do
          kept = kept_plan(service_asked)
          unless_unchanged(kept.stamp)
          written_json(kept.json)
        end
        app.get("/api/services/:id/taste") { json(plan_of(service_asked).taste.to_a) }
        app.get("/api/services/:id/working") { json(plan_of(service_asked).working(params["at"]).to_h) }

        app.get("/api/services/:id/cooling") do
          json(plan_of(service_asked).cool_down(params["at"], params["method"]).to_h)
        end

        app.get("/api/services/:id/brief") { json(Exchange::Briefing.document(service_asked, house)) }
      end

      def self.unsaved(app)
        app.post("/api/plan") { written_json(plan_sent.json) }
        app.post("/api/plan/working") { json(plan_sent.plan.working(params["at"]).to_h) }
        app.post("/api/cook") { json(Cook::Single.read(body_document, house).to_h) }
      end
      private_class_method :unsaved

      # Helpers of these routes.
      module Reading
        # Kept, so that its workings and the same sent again need not be worked out anew.
        def plan_sent = settings.plans.sent(body_document, house)
      end
    end
  end
end
