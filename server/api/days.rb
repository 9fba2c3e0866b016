# frozen_string_literal: true

module Scullion
  module Api
    # The day of a service: solved when asked for, as it is decided and marked so far.
    module Days
      def self.registered(app)
        app.helpers Reading
        app.set :solved_days, Records::SolvedDays.new
        app.get("/api/services/:id/day") { json(roster(service_asked).to_h) }
        app.get("/api/services/:id/day/fixes") { json(Day::Fixes.new(roster(service_asked)).to_a) }
        app.get("/api/services/:id/day/range") { json(roster(service_asked).ranges(params["task"])) }
        app.get("/api/services/:id/day/instance") { json(roster(service_asked).instance.to_h) }

        app.post("/api/services/:id/day") do
          roster, before = decided(service_asked, body_document)
          json(roster.to_h.merge("before" => before))
        end
      end

      # Helpers of these routes.
      module Reading
        # What other services have taken is worked out before the service is locked.
        # @return [Array(Day::Roster, Hash)] the day as decided, and what stood there before
        def decided(service, decision)
          taken = taken_beside(service)
          service.with_lock do
            said = Changes::DayDecision.new(service.day || {}, decision)
            service.day = said.to_h
            roster = roster(service, decision["now"], taken)
            service.update_column(:day, service.day)
            [roster, said.before]
          end
        end

        def taken_beside(service) = Records::EarlierServices.new(service, settings.solved_days, house).taken

        # @param now [String, nil] local, "2026-11-28T09:40"
        # @param taken [Array<Hash>] what other services have taken
        # @raise [InvalidBrief] when a decision cannot be
        def roster(service, now = params["now"], taken = taken_beside(service))
          document = Exchange::Briefing.with_taken(service, house, taken)
          document = document.merge("day" => (document["day"] || {}).merge("now" => now)) if now
          settings.solved_days.of(document, house)
        end
      end
    end
  end
end
