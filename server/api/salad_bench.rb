# frozen_string_literal: true

module Scullion
  module Api
    # The bench where salads are made: judged, resized and explained before they are saved; and the
    # shelf they stand on.
    module SaladBench
      def self.registered(app)
        app.helpers Reading
        app.get("/api/shelf") { json(Records::Salad.for_planning.order(:name).map { |salad| on_the_salad_shelf(salad) }) }
        app.post("/api/bench") { json(judged(body_document).to_h) }
        app.post("/api/bench/working") { json(judged(body_document).plan.working(params["at"]).to_h) }
        app.get("/api/services/:id/taste") { json(Plan.for(Formats::Briefing.brief(Records::Service.find(params["id"]))).taste.to_a) }

        app.post("/api/bench/resize") do
          document = body_document
          judging = judged(document)
          grams = document["grams"] || Records.facts.practice.fetch("portions/#{document['salad']['serves_as'] || 'main'}/grams")
          resized = Salad::Resize.new(judging.plan.portions.first.salad, Records.facts.practice).to(grams.to_f)
          components = judging.document["components"].zip(resized).map { |component, weight| component.merge("grams" => weight) }
          json(Formats::Judging.new(document["salad"].merge("components" => components)).to_h)
        end
      end

      # Helpers of these routes.
      module Reading
        def judged(document) = Formats::Judging.new(document["salad"], covers: document["covers"] || Formats::Judging::COVERS)

        # What tells salads apart at a glance.
        def on_the_salad_shelf(record)
          judging = Formats::Judging.new(record.to_build)
          portion, suits = judging.plan.portions.first, Salad::DietsAndAllergens.new(judging.plan.portions.first.lines_eaten)
          window = judging.plan.windows.first
          { "key" => record.key, "name" => record.name, "serves_as" => record.serves_as, "version" => record.lock_version, "months" => judging.months,
            "layers" => portion.layers.map { |layer| { "name" => layer.component.name, "colour" => layer.ingredient.colour, "ml" => layer.ml.round(2) } },
            "portion" => portion.writer.g_whole(portion.portion_grams), "cost" => portion.writer.money(judging.plan.taste.costs.first.cost),
            "allergens" => suits.allergens.keys, "diets" => suits.diets.select { |_, lines| lines.empty? }.keys, "base" => base_of(portion),
            "best" => portion.writer.min(window.dressed_minutes), "best_minutes" => window.dressed_minutes, "served_in" => record.services.map(&:name) }.compact
        end

        # The family of the heaviest component of the base.
        def base_of(portion)
          layers = portion.layers.select { |layer| layer.component.role == "base" }
          (layers.empty? ? portion.layers : layers).max_by(&:grams).ingredient.family
        end
      end
    end
  end
end
