# frozen_string_literal: true

module Scullion
  module Api
    # A service on paper and in files: the packet as PDF, each list as CSV, the day as a calendar,
    # hold labels as pictures.
    module Papers
      def self.registered(app)
        app.helpers Reading
        lists(app)
        labels(app)
        app.get("/api/services/:id/packet.pdf") do
          paper = params["paper"] || "a4"
          file "application/pdf", "packet-#{params["id"]}-#{paper}.pdf", packet(roster(service_asked), paper)
        end

        app.get("/api/services/:id/day.pdf") do
          day, paper = roster(service_asked), params["paper"] || "a3"
          file "application/pdf", "day-#{params["id"]}-#{paper}.pdf", picture(day, paper)
        end

        app.get("/api/services/:id/day.ics") do
          service = service_asked
          calendar = Scullion::Papers::DayCalendar.new(service.id, roster(service), service.calendar || {})
          service.update_column(:calendar, calendar.written) unless service.calendar == calendar.written
          file "text/calendar", "day-#{service.id}.ics", calendar.to_ical
        end
      end

      def self.lists(app)
        app.get("/api/services/:id/lists") do
          json(sheets.all.map { |sheet| { "key" => sheet.key, "title" => sheet.title } })
        end

        app.get("/api/services/:id/lists/:list.csv") do
          sheet = sheets.all.find { |each| each.key == params["list"] } or
            problem 404, "There is no such list.", remedy: "Choose one from the service's lists."
          file "text/csv", "#{sheet.key}-#{params["id"]}.csv", sheet.to_csv
        end
      end

      def self.labels(app)
        app.get("/api/services/:id/labels") { json(sheets.hold_labels) }

        app.get("/api/services/:id/labels/:number.svg") do
          label = sheets.hold_labels[params["number"].to_i] or
            problem 404, "There is no such label.", remedy: "Load the labels again."
          content_type "image/svg+xml"
          Scullion::Papers::LabelPicture.new(label).to_svg
        end
      end
      private_class_method :lists, :labels

      # Helpers of these routes.
      module Reading
        # Who asks for lines is told when it is ready, and then asks for it.
        def packet(day, paper)
          work = ->(word) do
            Scullion::Papers::Packet.new(Scullion::Papers::Sheets.new(day), paper).render(&word)
          end
          slowly([day, paper], work, shown: ->(_) { "ready" })
        end

        def picture(day, paper)
          drawn = ->(_) do
            sheets, sure = Scullion::Papers::Sheets.new(day), Day::Chance.new(day).said
            Scullion::Papers::DayPicture.new(sheets, day.to_h, sure, paper).render
          end
          settings.slow.of([day, "picture", paper]) { Apart.run(&drawn) }
        end

        def sheets = Scullion::Papers::Sheets.new(roster(service_asked))
      end
    end
  end
end
