# frozen_string_literal: true

module Scullion
  module Api
    # Salads: builds of components with a dressing.
    module Salads
      def self.registered(app)
        app.helpers Reading
        app.get("/api/salads") { json(Records::Salad.for_planning.order(:name).map(&:to_document)) }
        app.get("/api/salads/:key") { json(salad.to_document) }
        app.get("/api/salads/:key/earlier") { json(earlier(salad)) }
        app.post("/api/salads") { json(Records::Salad.new.write(new_build).to_document, status: 201) }

        app.put("/api/salads/:key") do
          found, document = salad, body_document
          on_stale(-> { found.reload.to_document }) do
            json(
              found.write(read_salad(document.except("version")), version: document["version"]).to_document
            )
          end
        end

        app.delete("/api/salads/:key") do
          served = salad.services.pluck(:name)
          still_served(served) if served.any?
          salad.destroy!
          halt 204
        end
      end

      # Helpers of these routes.
      module Reading
        def salad = @salad ||= Records::Salad.for_planning.find_by!(key: params["key"])

        def still_served(services)
          problem 409,
                  "#{salad.name} is still served.",
                  used_in: services,
                  remedy: "Take it out of: #{services.join(", ")}."
        end

        def read_salad(document) = read(document) { |fields| Salad::Form.read(fields, house) }

        # Newest first, each with what the change after it did.
        def earlier(found)
          after = found.to_build
          found.earlier_builds.map do |kept|
            said = Changes::BuildChange.new(kept.build, after, house).to_s
            after = kept.build
            { "changed_at" => kept.changed_at.utc.iso8601, "what" => said, "salad" => kept.build }
          end
        end

        def new_build
          read_salad(body_document).tap do |build|
            next unless Records::Salad.exists?(key: build.key)

            problem 409, "There is a salad #{build.key.inspect} already.", remedy: "Use another key."
          end
        end
      end
    end
  end
end
