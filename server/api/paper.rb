# frozen_string_literal: true

module Scullion
  module Api
    # A service on paper and in files: the packet as PDF, each list as CSV, the day as a calendar,
    # hold labels as pictures.
    module Paper
      def self.registered(app)
        app.helpers Reading
        lists(app)
        labels(app)
        app.get("/api/services/:id/packet.pdf") do
          paper = params["paper"] || "a4"
          content_type "application/pdf"
          attachment "packet-#{params['id']}-#{paper}.pdf"
          Formats::Packet.new(sheets, paper).render
        end

        app.get("/api/services/:id/day.ics") do
          content_type "text/calendar"
          attachment "day-#{params['id']}.ics"
          Formats::DayCalendar.new(roster(service_asked)).to_ical
        end
      end

      def self.lists(app)
        app.get("/api/services/:id/lists") { json(sheets.all.map { |sheet| { "key" => sheet.key, "title" => sheet.title } }) }

        app.get("/api/services/:id/lists/:list.csv") do
          sheet = sheets.all.find { |each| each.key == params["list"] } or problem 404, "There is no such list.", remedy: "Choose one from the service's lists."
          content_type "text/csv"
          attachment "#{sheet.key}-#{params['id']}.csv"
          sheet.to_csv
        end
      end

      def self.labels(app)
        app.get("/api/services/:id/labels") { json(sheets.hold_labels) }

        app.get("/api/services/:id/labels/:number.svg") do
          label = sheets.hold_labels[params["number"].to_i] or problem 404, "There is no such label.", remedy: "Load the labels again."
          content_type "image/svg+xml"
          Formats::LabelPicture.new(label).to_svg
        end
      end
      private_class_method :lists, :labels

      # Helpers of these routes.
      module Reading
        def sheets = Formats::Sheets.new(roster(service_asked))
      end
    end
  end
end
