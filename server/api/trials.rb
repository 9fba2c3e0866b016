# frozen_string_literal: true

module Scullion
  module Api
    # Salads tried before they are saved: judged, resized and explained; and the shelf they stand on.
    module Trials
      # Salads whose looks are kept in mind.
      MOST_SEEN = 2000

      def self.registered(app)
        app.helpers Reading
        app.set :seen, Once.new(keeps: MOST_SEEN)
        app.get("/api/shelf") { json(shelf) }
        app.post("/api/trials") { json(trial_of(body_document).to_h) }
        app.post("/api/trials/working") { json(trial_of(body_document).plan.working(params["at"]).to_h) }

        app.post("/api/trials/way") do
          document = body_document
          trial, index = trial_of(document), document["component"]
          component_of(trial, index)
          json(trial.another_way(index, document["way"]).to_h)
        end

        app.post("/api/trials/resize") do
          document = body_document
          json(trial_of(document).resized(document["grams"]).to_h)
        end
      end

      # Helpers of these routes.
      module Reading
        # @param index [Integer] what else it is, there is none such
        def component_of(trial, index)
          found = trial.salad.components[index] if index.is_a?(Integer)
          found || problem(404, "There is no such component.", remedy: "Reload the page.")
        end

        def trial_of(document)
          Salad::Trial.new(document["salad"], house, covers: document["covers"] || Salad::Trial::COVERS)
        end

        # Every salad; what each looks like is worked out again only where it or the house has changed.
        def shelf
          served = Records::ServiceLine.joins(:service).order("services.date", "services.name", "services.id")
          names = served.pluck(:salad_id, "services.id", "services.name").uniq.group_by(&:first)
          builds = nil
          Records::Salad
            .order(:name, :id)
            .pluck(:id, :lock_version)
            .map do |id, version|
              seen =
                settings
                  .seen
                  .of([house.stamp, id, version]) do
                    builds ||= Records::Salad.for_planning.index_by(&:id)
                    on_the_shelf(builds.fetch(id))
                  end
              seen.merge("served_in" => names.fetch(id, []).map(&:last))
            end
        end

        # What tells salads apart at a glance.
        def on_the_shelf(record)
          trial = Salad::Trial.new(record.to_build, house)
          {
            "key" => record.key,
            "name" => record.name,
            "serves_as" => record.serves_as,
            "version" => record.lock_version,
            "months" => trial.months,
            **looks(trial.portion),
            **eaten(trial.portion),
            **kept(trial.plan)
          }.compact
        end

        private

        def looks(portion)
          {
            "layers" =>
              portion.layers.map do |layer|
                {
                  "name" => layer.component.name,
                  "colour" => layer.ingredient.colour,
                  "ml" => layer.ml.round(2)
                }
              end,
            "portion" => portion.text_of(:portion_grams),
            "base" => portion.base_family
          }
        end

        def eaten(portion)
          eaters = Salad::DietsAndAllergens.new(portion.lines_eaten)
          {
            "allergens" => eaters.allergens.keys,
            "diets" => eaters.diets.select { |_, lines| lines.empty? }.keys
          }
        end

        def kept(plan)
          minutes = plan.windows.first.dressed_minutes
          {
            "cost" => plan.taste.costs.first.text_of(:cost),
            "best" => house.writer.min(minutes),
            "best_minutes" => minutes
          }
        end
      end
    end
  end
end
