# frozen_string_literal: true

module Scullion
  module Api
    # What is asked while a service is bought in and served: a delivery that is short, portions weighed.
    module Serving
      def self.registered(app)
        app.get("/api/services/:id/short") do
          plan = plan_of(service_asked)
          json(Buy::ShortDelivery.new(plan, params["ingredient"], params["grams"].to_f, house.swap).to_h)
        end

        app.get("/api/services/:id/check-weigh") do
          waves = plan_of(service_asked).waves[params["line"].to_i] or
            problem 404, "There is no such salad in this service.", remedy: "Reload the page."
          weights = Build::CheckWeigh.weights(params["weights"]) { |text| Changes::WrittenNumber.read(text) }
          json(Build::CheckWeigh.new(waves, weights).to_h)
        end
      end
    end
  end
end
