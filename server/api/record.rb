# frozen_string_literal: true

module Scullion
  module Api
    # What really happened: entries in and out, lots on hand, what cools, and a service when it is over.
    module Record
      MOST = 500
      # A queue of a day without a net.
      QUEUE = 2000

      def self.registered(app)
        app.helpers Reading
        entries(app)
        app.get("/api/lots") { json(record_book.board) }
        app.get("/api/lots/:code") do
          json(
            record_book.history(params["code"]) ||
              problem(404, "There is no such lot.", remedy: "Look for it on the board.")
          )
        end
        app.get("/api/lessons") { json(lessons.to_a) }
        app.get("/api/services/:id/trays") do
          service = service_asked
          day = roster(service)
          trays = Scullion::Record::Trays.new(day, record_book.log_of(service.id), service.id)
          json(trays.to_a(day.minute(kitchen_clock)))
        end
        app.get("/api/services/:id/closing") { json(closing(service_asked).to_h) }
      end

      def self.entries(app)
        app.post("/api/entries") do
          book = record_book
          json(body_document["entries"].first(QUEUE).map { |each| book.keep(each) })
        end
        app.get("/api/entries") do
          book = record_book
          json(entries_asked.reorder(:id).last(MOST).map { |entry| book.said(entry) })
        end
        app.get("/api/entries.jsonl") do
          book = record_book
          lines = entries_asked.map { |entry| "#{JSON.generate(book.said(entry))}\n" }
          file "application/x-ndjson", "record.jsonl", lines.join
        end
        app.get("/api/record.pdf") do
          said = entries_said
          pictures = Records::Picture.where(uid: said.map { |each| each["uid"] }).pluck(:uid, :jpeg).to_h
          folder = Scullion::Papers::Folder.new(Records::Kitchen.ours.name, days_asked, said, pictures)
          paper = params["paper"] || "a4"
          drawn = Apart.run { |_| Scullion::Papers::Packet.new(folder, paper).render }
          file("application/pdf", "record.pdf", drawn)
        end
        app.get("/api/entries/:uid/picture.jpg") do
          picture = Records::Picture.find_by(uid: params["uid"]) || problem(404, "There is no such picture.")
          cache_control :private, :immutable, max_age: 31_536_000
          content_type "image/jpeg"
          picture.jpeg
        end
        app.get("/api/entries.csv") { file "text/csv", "record.csv", record_book.table(entries_asked).to_csv }
      end
      private_class_method :entries

      # Helpers of these routes.
      module Reading
        def record_book = Exchange::RecordBook.new(house, kitchen_clock)

        # Compared with the plan as it was issued, or as it stands where nothing of it has begun.
        def closing(service)
          book, issue = record_book, Records::Issue.find_by(service: service.id)
          plan = issue ? Plan.for(Brief.read(issue.brief, house)) : plan_of(service)
          Scullion::Record::Closing.new(plan, book.log_of(service.id), service.id, book.lots_of(service.id))
        end

        # Of the services that anything was written down at, as they were issued; and the next one to come.
        def lessons
          told = Records::Entry.where.not(service: nil).or(Records::Entry.where(of: "measure"))
          log = Scullion::Record::Log.new(Records::Entry.values(told))
          issued = Records::Issue.where(service: log.standing.map(&:service).uniq).index_by(&:service)
          there =
            Records::Service.for_planning.where(id: log.standing.map(&:service).uniq).order(:date, :from)
          plans =
            there.to_h do |each|
              [each.id, issued[each.id] ? Plan.for(Brief.read(issued[each.id].brief, house)) : plan_of(each)]
            end
          coming = Records::Service.for_planning.where(date: kitchen_clock[0, 10]..).order(:date, :from).first
          document = coming && kept_plan(coming).document
          Scullion::Record::Lessons.new(plans, log, house, document)
        end

        # As the screen has it, or as the server does. @return [String]
        def kitchen_clock
          asked = params["now"].to_s
          asked.match?(Scullion::Record::Entry::CLOCK) ? asked : Time.now.strftime("%Y-%m-%dT%H:%M")
        end

        # At most a year, today where none are named. @return [Range<Date>]
        def days_asked
          from, to = %w[from to].map { |side| Date.iso8601((params[side] || kitchen_clock)[0, 10]) }
          return from..to if (to - from).between?(0, 366)

          problem 422, "These are no days to look back on.", remedy: "Give from and to, at most a year apart."
        rescue Date::Error
          problem 422, "These are no days of the calendar.", remedy: "Write them like 2026-11-28."
        end

        def entries_said
          days, book = days_asked, record_book
          found = Records::Entry.order(:clock, :id).where(clock: days.first.iso8601..(days.last + 1).iso8601)
          found.map { |entry| book.said(entry) }
        end

        # Of a task, or of all tasks of a sheet.
        def at_sheet(found, at)
          below = "#{ActiveRecord::Base.sanitize_sql_like(at)}/%"
          found.where("task = ? OR task LIKE ? ESCAPE '\\'", at, below)
        end

        def entries_asked
          found = Records::Entry.order(:at, :id)
          %w[service lot kind task].each do |field|
            found = found.where(field => params[field]) if params[field]
          end
          found = at_sheet(found, params["at"]) if params["at"]
          found = found.where("clock >= ?", params["from"]) if params["from"]
          params["to"] ? found.where("clock <= ?", params["to"]) : found
        end
      end
    end
  end
end
