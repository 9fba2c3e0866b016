# frozen_string_literal: true

module Scullion
  module Api
    # Swaps in a salad that is tried: for one line, or a whole set that makes the salad something.
    module Swaps
      def self.registered(app)
        app.helpers Reading

        app.post("/api/trials/swaps") do
          document = body_document
          component = component_of(trial_of(document), document["component"])
          json(house.swap.for_component(component).map { |offer| offered(offer) })
        end

        app.post("/api/trials/make") do
          document = body_document
          trial = trial_of(document)
          goal = Salad::Goal.new(trial.salad, document["goal"], house.swap, house.practice)
          made = Salad::Trial.new(goal.apply(trial.document), house)
          json({ "judged" => made.to_h, "changes" => goal.changes.map(&:to_h), "left" => goal.left })
        end
      end

      # Helpers of these routes.
      module Reading
        def offered(offer)
          {
            "name" => offer.stand_in.name,
            "text" => house.writer.g(offer.grams),
            "why" => offer.why,
            "component" => offer.line,
            "allergens" => offer.stand_in.allergens
          }
        end
      end
    end
  end
end
