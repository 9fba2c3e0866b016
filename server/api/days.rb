# frozen_string_literal: true

module Scullion
  module Api
    # The day of a service: solved when asked for, as it is decided and marked so far.
    module Days
      def self.registered(app)
        app.helpers Reading
        app.set :solved_days, Formats::SolvedDays.new
        app.get("/api/services/:id/day") { json(roster(service_asked).to_h) }
        app.get("/api/services/:id/day/fixes") { json(Day::Fixes.new(roster(service_asked)).to_a) }
        app.get("/api/services/:id/day/range") { json(roster(service_asked).ranges(params["task"])) }
        app.get("/api/services/:id/day/instance") { json(roster(service_asked).instance.to_h) }

        app.post("/api/services/:id/day") do
          service, decision = service_asked, body_document
          taken, roster, before = taken_beside(service), nil, nil
          service.with_lock do
            said = Formats::DayDecision.new(service.day || {}, decision)
            service.day, before = said.to_h, said.before
            roster = roster(service, decision["now"], taken)
            service.update_column(:day, service.day)
          end
          json(roster.to_h.merge("before" => before))
        end
      end

      # Helpers of these routes.
      module Reading
        def service_asked = Records::Service.find(params["id"])

        def taken_beside(service) = Formats::OtherServices.new(service, settings.solved_days).taken

        # @param now [String, nil] local, "2026-11-28T09:40" @param taken [Array<Hash>] what other services have taken
        # @raise [InvalidBrief] when a decision cannot be
        def roster(service, now = params["now"], taken = taken_beside(service))
          document = Formats::Briefing.with_taken(service, taken)
          document = document.merge("day" => (document["day"] || {}).merge("now" => now)) if now
          settings.solved_days.of(document)
        end
      end
    end
  end
end
