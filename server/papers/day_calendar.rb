# frozen_string_literal: true

require "icalendar"

module Scullion
  module Papers
    # A day as iCalendar: an event for each task with its stretches, and an alarm when hands are wanted
    # and when something that stands is done. Local times, wherever the calendar is read.
    class DayCalendar
      EARLY = "-PT5M"

      # @param roster [Day::Roster]
      def initialize(roster)
        @day = roster.to_h
      end

      # @return [String]
      def to_ical
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Scullion//Day//EN"
        @day["tasks"].select { |task| task["placed"] }.each { |task| calendar.add_event(event(task)) }
        calendar.publish
        calendar.to_ical
      end

      private

      def event(task)
        Icalendar::Event.new.tap do |event|
          event.uid = "#{@day["service"]["date"]}-#{task["key"].tr("/", "-")}@scullion"
          event.dtstamp =
            Icalendar::Values::DateTime.new("#{@day["service"]["date"].delete("-")}T000000", "tzid" => "UTC")
          event.dtstart, event.dtend = %w[start end].map { |side| local(task[side]) }
          event.summary = task["name"]
          event.description = described(task)
          alarms(event, task)
        end
      end

      def local(moment) = Icalendar::Values::DateTime.new("#{moment.delete("-:")}00")
      def described(task)
        task["segments"]
          .map do |each|
            "#{each["from"][11..]} #{each["name"] || "work"}#{" (#{each["cook"]})" if each["cook"]}"
          end
          .join("\n")
      end

      # Before it begins, and when each stretch without hands is over.
      def alarms(event, task)
        alarm(event, EARLY, "Begin: #{task["name"]}")
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
