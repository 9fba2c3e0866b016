# frozen_string_literal: true

module Scullion
  module Api
    # Services: the meals. A change goes in one decision at a time and answers with the new plan.
    module Services
      def self.registered(app)
        app.helpers Reading
        app.get("/api/services") { json(listed.map { |service| summary(service) }) }
        app.get("/api/services/:id") { json(service_asked.to_document) }

        app.post("/api/services") do
          json(Records::Service.new.write(read_service(body_document)).to_document, status: 201)
        end

        app.put("/api/services/:id") do
          service, document = service_asked, body_document
          on_stale(-> { service.reload.to_document }) do
            json(
              service.write(
                read_service(document.except("version")),
                version: document["version"]
              ).to_document
            )
          end
        end

        app.delete("/api/services/:id") do
          service_asked.destroy!
          halt 204
        end

        app.post("/api/services/:id/changes") do
          service, document = Records::Service.find(params["id"]), body_document
          on_stale(-> { service.reload.to_document }) { json(changed(service, document)) }
        end
      end

      # Helpers of these routes.
      module Reading
        def listed
          all = Records::Service.includes(lines: :salad).order(:date, :from, :id)
          params["worked_on"] ? worked_on(calendar_day(params["worked_on"]), all) : all
        end

        def worked_on(day, services)
          services
            .where(date: day..)
            .select { |service| Day::Turns.new(house.practice, service.date).worked_on?(service.date, day) }
        end

        def read_service(document)
          read(document) do |fields|
            Service.read(fields, Records::Salad.pluck(:key).to_h { |key| [key, nil] })
          end
          { "over_prep" => Service::OVER_PREP }.merge(document)
        end

        def summary(service)
          service.to_document.except("lines").merge("salads" => service.lines.map { |line| line.salad.name })
        end

        def changed(service, document)
          read(document) { |fields| Changes::ServiceChange.check(fields) }
          kept = kept_plan(service)
          change = apply(service, document, kept.document["service"])
          after = plan_after(service, kept.document, document["at"])
          {
            "service" => after.document["service"].merge(service.identity),
            "plan" => after.plan.to_h,
            "previous" => change.previous,
            "difference" => Plan::Difference.new(before(kept, document["since_covers"]), after.plan).to_a
          }
        end

        # The plan to compare with: as it stood, or as it stood for so many covers.
        def before(kept, covers)
          return kept.plan unless covers

          brief = kept.document
          brief = brief.merge("service" => brief["service"].merge("covers" => covers))
          settings.plans.sent(brief, house).plan
        end

        # A change of the service itself leaves the rest of its brief as it was just read.
        def plan_after(service, brief, at)
          unless at.start_with?("service/")
            house_anew
            return kept_plan(service.reload)
          end

          lines = brief.dig("service", "lines") unless at.start_with?("service/lines/")
          settings.plans.of(service, house, document: brief.merge("service" => service.to_brief(lines)))
        end

        # All or nothing, and only on the version that the cook saw: whoever was quicker meanwhile is noticed
        # when it is saved.
        # @param there [Hash] the service as it stands in its brief
        def apply(service, document, there)
          unless service.lock_version == document["version"]
            raise ActiveRecord::StaleObjectError.new(service, "change")
          end

          at, value, by = document.values_at("at", "value", "by")
          keep = document.fetch("keep", "service")
          Records::Service.transaction(requires_new: true) do
            service.moving
            change = Changes::ServiceChange.new(service, house, at, value, keep: keep, by: by, there: there)
            change.apply.tap { service.save! }
          end
        end
      end
    end
  end
end
