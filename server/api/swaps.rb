# frozen_string_literal: true

module Scullion
  module Api
    # Swaps on the bench: for one line, or a whole set that makes the salad something.
    module Swaps
      def self.registered(app)
        app.helpers Reading

        app.post("/api/bench/swaps") do
          document = body_document
          component = judged(document).plan.portions.first.salad.components[document["component"]] or
            problem 404, "There is no such component.", remedy: "Reload the page."
          json(swap.for_component(component).map { |offer| offered(offer) })
        end

        app.post("/api/bench/make") do
          document = body_document
          judging = judged(document)
          goal = Salad::Goal.new(judging.plan.portions.first.salad, document["goal"], swap, Records.facts.practice)
          made = Formats::Judging.new(goal.apply(judging.document))
          json({ "judged" => made.to_h, "changes" => goal.changes.map(&:to_h), "left" => goal.left })
        end
      end

      # Helpers of these routes.
      module Reading
        def swap = Salad::Swap.new(Formats::Shelf.larder, Records.facts.practice, Records.facts.families)

        def offered(offer)
          { "name" => offer.stand_in.name, "text" => Records.facts.practice.writer.g(offer.grams), "why" => offer.why, "component" => offer.line,
            "allergens" => offer.stand_in.allergens }
        end
      end
    end
  end
end
