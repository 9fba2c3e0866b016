# frozen_string_literal: true

module Scullion
  module Api
    # What is asked while a service is bought in and served: a delivery that is short, portions weighed.
    module Serving
      def self.registered(app)
        app.helpers Reading
        app.get("/api/services/:id/short") do
          grams = params["grams"].to_f
          json(Buy::ShortDelivery.new(Plan.for(Formats::Briefing.brief(service_asked)), params["ingredient"], grams,
                               Salad::Swap.new(Formats::Shelf.larder, Records.facts.practice, Records.facts.families)).to_h)
        end

        app.get("/api/services/:id/check-weigh") do
          plan = Plan.for(Formats::Briefing.brief(service_asked))
          waves = plan.waves[params["line"].to_i] or problem 404, "There is no such salad in this service.", remedy: "Reload the page."
          json(Build::CheckWeigh.new(waves, weights).to_h)
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
      end
    end
  end
end
