# frozen_string_literal: true

module Scullion
  module Api
    # What is to be looked at: checks of the day, deliveries against the order, and what a probe has in its
    # memory.
    module Watch
      def self.registered(app)
        app.helpers Reading
        app.get("/api/checks") { json(checks_today) }
        app.get("/api/services/:id/delivery") do
          service = service_asked
          json(Exchange::Delivery.new(plan_of(service), record_book.log_of(service.id)).to_h)
        end

        app.post("/api/entries/probe") do
          document = body_document
          what = document.slice("of", "about", "service", "task", "lot")
          read = Exchange::ProbeCsv.new(document["csv"], what, house.practice, by: document["by"])
          book, entries = record_book, read.entries
          json({ "kept" => entries.map { |entry| book.keep(entry) }, "unread" => read.unread })
        end
      end

      # Helpers of these routes.
      module Reading
        def checks_today
          clock = kitchen_clock
          checks = Scullion::Record::Checks.new(house.kitchen, house.practice, day_log(clock), serving(clock))
          limit = house.rules.fetch("cold_celsius")
          {
            "checks" => checks.of_day(clock).map { |check| check_words(check) },
            "warm" => checks.warm(clock, limit).map { |entry| record_book.said_value(entry) }
          }
        end

        def day_log(clock)
          Scullion::Record::Log.new(Records::Entry.values(Records::Entry.where("clock >= ?", clock[0, 10])))
        end

        # Services of today, and those that have begun for tomorrow.
        def serving(clock)
          today = Date.iso8601(clock[0, 10])
          begun = Records::Issue.pluck(:service)
          near = Records::Service.for_planning.where(date: today..(today + 2)).order(:date, :from)
          near
            .select { |service| service.date == today || begun.include?(service.id) }
            .map { |service| served(service, clock, begun.include?(service.id)) }
        end

        def served(service, clock, begun)
          from, to = "#{service.date.iso8601}T#{service.from}", "#{service.last_day.iso8601}T#{service.to}"
          Scullion::Record::Checks::Serving.new(
            id: service.id,
            name: service.name,
            from: from,
            to: to,
            trays: begun ? trays_of(service, clock) : []
          )
        end

        def trays_of(service, clock)
          day = roster(service, now: clock)
          Scullion::Record::Trays.new(day, record_book.log_of(service.id), service.id).to_a(day.minute(clock))
        rescue InvalidBrief, UnworkableDay
          []
        end

        def check_words(check)
          {
            **check.to_h.transform_keys(&:to_s).slice("at", "of", "about", "service", "task", "state"),
            "read" => check.done && Scullion::Record::Written.degrees(check.done.value, house.measures),
            "by" => check.done&.by
          }.compact
        end
      end
    end
  end
end
