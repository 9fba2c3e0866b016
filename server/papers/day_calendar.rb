# frozen_string_literal: true

require "icalendar"

module Scullion
  module Papers
    # A day as iCalendar: an event for each task with its stretches, and an alarm when hands are wanted
    # and when something that stands is done. Local times, wherever the calendar is read. An event is known
    # by its service and its task: brought in again it takes its own place, moved where the day has moved.
    class DayCalendar
      EARLY = "-PT5M"
      STAMP = "%Y%m%dT%H%M%S"

      # @return [Hash{String=>Array}] of every event ever written: start, end, how often it has moved, and
      #   when it was written so first; for the next calendar of this service
      attr_reader :written

      # @param service [Integer] the service's number here
      # @param roster [Day::Roster]
      # @param written [Hash] as the last calendar left it
      # @param now [Time]
      def initialize(service, roster, written = {}, now: Time.now)
        @service, @roster, @day, @now = service, roster, roster.to_h, now.utc.strftime(STAMP)
        @written = written.merge(placed.to_h { |task| [uid(task), revision(task, written[uid(task)])] })
        whole_day.each do |key, said, more|
          @written[uid_of(key)] = revised(key, said, more, written[uid_of(key)])
        end
      end

      # @return [String]
      def to_ical
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Scullion//Day//EN"
        placed.each { |task| calendar.add_event(event(task)) }
        whole_day.each { |key, said, more| calendar.add_event(all_day(key, said, more)) }
        calendar.publish
        calendar.to_ical
      end

      private

      # What has an hour: each task, when all is in its place, and what is to be looked at.
      def placed = @placed ||= @day["tasks"].select { |task| task["placed"] } + in_place + checks

      # Of the day of the service.
      def checks
        brief = @roster.plan.brief
        from, to = [brief.service.from, brief.service.to].map(&:iso)
        serving =
          Record::Checks::Serving.new(id: @service, name: brief.service.name, from: from, to: to, trays: [])
        looks = Record::Checks.new(brief.kitchen, brief.practice, Record::Log.new([]), [serving])
        looks
          .of_day(from)
          .map do |check|
            name = "Look: #{check.about}"
            {
              "key" => "!check/#{check.at}/#{check.about}",
              "name" => name,
              "start" => check.at,
              "end" => check.at,
              "segments" => []
            }
          end
      end

      def in_place
        said = @day["in_place"] or return []
        at = said["at"]
        [{ "key" => "!in-place", "name" => said["said"], "start" => at, "end" => at, "segments" => [] }]
      end
      def uid(task) = uid_of(task["key"])
      def uid_of(key) = "service-#{@service}-#{Digest::SHA256.hexdigest(key)[0, 20]}@scullion"

      # What has no hour and must be seen: stops, a day that does not work, what has no place.
      # @return [Array<Array(String, String, String)>] what it is known by, a line, and more of it
      def whole_day
        stops = @day["hazards"].select { |each| each["grave"] == "stop" && each["hazard"] != "no-place" }
        [
          *stops.map { |each| ["!#{each["key"]}", "STOP: #{each["what"]}", taken(each)] },
          *([["!day", "The day does not work", @day["says"].join("\n")]] unless @day["works"]),
          *loose.map do |task|
            ["!#{task["key"]}", "Has no place: #{task["name"]}", "It takes #{task["text"]}."]
          end
        ]
      end

      def taken(finding)
        on = finding["taken_on"]
        [finding["remedy"], *("Taken on by #{on["by"]}: #{on["reason"]}" if on)].join("\n")
      end

      def loose = @day["tasks"].reject { |task| task["placed"] }

      # Known by its words: another stop is another revision.
      def revised(_key, said, more, before)
        return said, more, 0, @now unless before

        before.first(2) == [said, more] ? before : [said, more, before[2] + 1, @now]
      end

      def all_day(key, said, more)
        Icalendar::Event.new.tap do |event|
          event.uid = uid_of(key)
          *, event.sequence, stamp = @written.fetch(event.uid)
          event.dtstamp = Icalendar::Values::DateTime.new(stamp, "tzid" => "UTC")
          event.dtstart = Icalendar::Values::Date.new(@day["service"]["date"].delete("-"))
          event.summary, event.description = said, more
        end
      end

      # What can hurt somebody at this task, the gravest first.
      def hazards(task)
        @day["hazards"].select { |each| [task["key"], task["at"]].include?(each["at"]) }
      end

      # As it was while it stands where it stood.
      def revision(task, before)
        at = task.values_at("start", "end")
        return *at, 0, @now unless before

        before.first(2) == at ? before : [*at, before[2] + 1, @now]
      end

      def event(task)
        Icalendar::Event.new.tap do |event|
          event.uid = uid(task)
          *, event.sequence, stamp = @written.fetch(event.uid)
          event.dtstamp = Icalendar::Values::DateTime.new(stamp, "tzid" => "UTC")
          event.dtstart, event.dtend = %w[start end].map { |side| local(task[side]) }
          event.summary =
            hazards(task).any? { |each| each["grave"] == "stop" } ? "STOP: #{task["name"]}" : task["name"]
          event.description = described(task)
          alarms(event, task)
        end
      end

      def local(moment) = Icalendar::Values::DateTime.new("#{moment.delete("-:")}00")
      def described(task)
        stretches =
          task["segments"].map do |each|
            "#{each["from"][11..]} #{each["name"] || "work"}#{" (#{each["cook"]})" if each["cook"]}"
          end
        said = hazards(task).map { |each| "#{each["grave"].upcase}: #{each["what"]} #{taken(each)}".strip }
        [*said, *stretches].join("\n")
      end

      # Before it begins, and when each stretch without hands is over.
      def alarms(event, task)
        alarm(event, EARLY, "#{"Begin: " if task["segments"].any?}#{task["name"]}")
        task["segments"]
          .reject { |each| each["hands"] }
          .each do |each|
            alarm(
              event,
              "PT#{((DateTime.iso8601(each["to"]) - DateTime.iso8601(task["start"])) * 1440).round}M",
              "#{each["name"] || "Ready"}: #{task["name"]} is due"
            )
          end
      end

      def alarm(event, trigger, words)
        event.alarm do |bell|
          bell.action = "DISPLAY"
          bell.trigger = trigger
          bell.description = words
        end
      end
    end
  end
end
