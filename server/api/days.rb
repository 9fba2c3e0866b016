# frozen_string_literal: true

module Scullion
  module Api
    # The day of a service: solved when asked for, as it is decided and marked so far.
    module Days
      def self.registered(app)
        app.helpers Reading
        app.get("/api/services/:id/day") { json(roster(service_asked).to_h) }
        app.get("/api/services/:id/day/fixes") { json(Day::Fixes.new(roster(service_asked)).to_a) }
        app.get("/api/services/:id/day/range") { json(roster(service_asked).ranges(params["task"])) }
        app.get("/api/services/:id/day/instance") { json(roster(service_asked).instance.to_h) }

        app.get("/api/services/:id/short") do
          grams = params["grams"].to_f
          json(Plan::Short.new(Plan.for(Formats::Briefing.brief(service_asked)), params["ingredient"], grams,
                               Salad::Swap.new(Formats::Shelf.larder, Records.facts.practice, Records.facts.families)).to_h)
        end

        app.get("/api/services/:id/check-weigh") do
          plan = Plan.for(Formats::Briefing.brief(service_asked))
          waves = plan.waves[params["line"].to_i] or problem 404, "There is no such salad in this service.", remedy: "Reload the page."
          json(Build::CheckWeigh.new(waves, weights).to_h)
        end

        app.post("/api/services/:id/day") do
          service, decision = service_asked, body_document
          roster = nil
          service.with_lock do
            service.day = Formats::DayDecision.new(service.day || {}, decision).to_h
            roster = roster(service, decision["now"])
            service.update_column(:day, service.day)
          end
          json(roster.to_h)
        end
      end

      # Helpers of these routes.
      module Reading
        # @raise [InvalidBrief] when one cannot be a portion
        def weights
          params["weights"].to_s.split(/[\s;]+|,(?!\d)/).reject(&:empty?).map do |text|
            grams = Formats::WrittenNumber.read(text)
            if grams.is_a?(Numeric) && grams.between?(1,
                                                      5000)
              grams.to_f
            else
              raise(InvalidBrief,
                    Fault.new(what: "#{text[0, 40].inspect} is not a portion's weight.", where: "/weights",
                              remedy: "Write grams, such as 338."))
            end
          end.tap { |all| raise InvalidBrief, Fault.new(what: "Nothing was weighed.", where: "/weights", remedy: "Weigh five portions and write them in order.") if all.empty? }
        end

        def service_asked = Records::Service.find(params["id"])

        # @param now [String, nil] local, "2026-11-28T09:40"
        # @raise [InvalidBrief] when a decision cannot be
        def roster(service, now = params["now"])
          document = Formats::Briefing.document(service)
          document = document.merge("day" => (document["day"] || {}).merge("now" => now)) if now
          Day::Roster.new(Plan.for(Brief.read(document, Records.facts)))
        end
      end
    end
  end
end
