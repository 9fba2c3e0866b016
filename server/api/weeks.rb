# frozen_string_literal: true

module Scullion
  module Api
    # A week: its services' orders as one, and by when each thing is wanted.
    module Weeks
      def self.registered(app)
        app.helpers Reading
        app.get("/api/weeks/:day/order") { json(week_order.to_h) }
        # Asked for apart, because every day of the week is solved for it.
        app.get("/api/weeks/:day/wanted") do
          json(wanted.map { |key, date| { "ingredient" => key, "date" => date.iso8601 } })
        end

        app.get("/api/weeks/:day/order.csv") do
          file "text/csv", "order-week-#{monday.iso8601}.csv", week_order.sheet(wanted).to_csv
        end
      end

      # Helpers of these routes.
      module Reading
        def monday
          day = calendar_day(params["day"])
          day - ((day.wday - 1) % 7)
        end

        def calendar_day(text)
          Date.iso8601(text)
        rescue Date::Error
          problem 404,
                  "#{text.to_s[0, 40]} is not a day of the calendar.",
                  remedy: "Write a day of the week like 2026-11-28."
        end

        def services_of_week
          @services_of_week ||=
            Records::Service.for_planning.where(date: monday..(monday + 6)).order(:date, :from, :id).to_a
        end
        def week_order
          Scullion::Papers::WeekOrder.new(monday, settings.plans.all(services_of_week, house).map(&:plan))
        end

        # The first day that any service wants it. A day that cannot be laid out wants all by its own date.
        # @return [Hash{String=>Date}] by ingredient
        def wanted
          services_of_week
            .zip(Records::EarlierServices.of(services_of_week, days_here))
            .map { |service, others| wanted_by(service, others) }
            .reduce({}) { |all, each| all.merge(each) { |_, one, other| [one, other].min } }
        end

        def wanted_by(service, others)
          roster = others.roster
          roster.needed_by.transform_values { |minute| Moment.new(roster.date, minute).date }
        rescue UnworkableDay
          plan_of(service).purchases.to_h { |line| [line.ingredient.key, service.date] }
        end
      end
    end
  end
end
