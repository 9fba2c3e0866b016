# frozen_string_literal: true

module Scullion
  module Record
    # What cools of a service, each tray with its readings, when it passes its limits by them, when it is to
    # be read next, and what to do where it would be late. Rules of the job, "The record".
    class Trays
      TOO_LATE = "Its time is over: it is thrown, or what your local code allows is done, and written down."

      # @param roster [Day::Roster] @param log [Log] @param service [Integer]
      def initialize(roster, log, service)
        @roster, @log, @service = roster, log, service
        @practice = roster.plan.brief.practice
      end

      # @param now [Integer] minutes from midnight of the service day
      # @return [Array<Hash>] of what has left the heat by then and is not cold yet, ready for JSON
      def to_a(now)
        chilled.filter_map do |lot, chill|
          heat = lot.path.stretches.first.from
          tray(lot, chill, heat, now) if under_way?(lot, heat, now)
        end
      end

      private

      # Lots that are cooled, with how they are to: known once the day is laid out.
      def chilled
        cold = @roster.lots.select { |lot| lot.path && lot.control == "cold" }
        chills = @roster.layout.jobs.flat_map(&:lots).to_h { |load| [load.task, load.chill] }
        cold.filter_map { |lot| [lot, chills[lot.task]] if chills[lot.task] }
      end

      # Begun, or read; until a day after.
      def under_way?(lot, heat, now)
        mark = @roster.progress.marks[lot.task]
        return false if mark&.state == "done" || now - heat > Moment::DAY

        readings(lot, heat).any? || (mark && now >= heat)
      end

      def readings(lot, heat)
        found = @log.of(kind: "temperature", of: "cooling", service: @service, task: lot.task)
        found.map { |entry| [@roster.minute(entry.clock) - heat, entry.value] }.select { |at, _| at >= 0 }
      end

      def tray(lot, chill, heat, now)
        read, how = readings(lot, heat), chill.to_h
        watch = watch_of(how)
        passings = watch.passings(read, lot.limits)
        {
          "name" => lot.name,
          "task" => lot.task,
          "batch" => lot.batch,
          "heat" => @roster.iso(heat),
          "minutes" => now - heat,
          "depth_cm" => how["depth_cm"],
          "readings" => read,
          "limits" => lot.limits,
          "curve" => curve(watch, read, lot.limits.last.last),
          "passings" => passings.map { |each| words(each, heat) },
          "called" => passings.any? { |each| call?(watch, each, read) },
          "do" => advice(watch, passings, read, now - heat),
          "next" => @roster.iso(heat + next_reading(read))
        }.compact
      end

      def watch_of(how)
        @watches ||= {}
        @watches[how] ||= Watch.new(
          depth: how["depth_cm"],
          surface: how["surface"],
          ambient: how["ambient"],
          start: how["start"],
          practice: @practice
        )
      end

      # Nothing is called before two readings say so.
      def call?(watch, passing, read) = read.size >= 2 && watch.called?(passing)

      def curve(watch, read, last)
        (0..(last + 30)).step(15).map { |minute| [minute, watch.now(read, minute).round(1)] }
      end

      def words(passing, heat)
        writer = @practice.writer
        span = [passing.from, passing.to].map { |each| each ? writer.min(each) : "never" }
        said =
          if passing.at
            "#{writer.celsius(passing.celsius)} after #{writer.min(passing.at)} (#{span.join(" to ")}), by " \
              "#{writer.min(passing.by)} at the latest"
          else
            "#{writer.celsius(passing.celsius)} not within half a day"
          end
        {
          "celsius" => passing.celsius,
          "text" => writer.celsius(passing.celsius),
          "by" => @roster.iso(heat + passing.by),
          "said" => said,
          "miss" => passing.miss.round(2)
        }
      end

      # How likely it is to be too late, and what can still be done about it, worked out.
      def advice(watch, passings, read, minute)
        missed = passings.find { |each| call?(watch, each, read) } or return
        surely = missed.miss >= @practice.fetch("record/watch/surely_share") ? "It will be" : "It may be"
        "#{surely} too late, #{(missed.miss * 100).round} in 100. " \
          "#{minute < missed.by ? remedy(watch, missed, read, minute) : TOO_LATE}"
      end

      def remedy(watch, missed, read, minute)
        spare = watch.halved(read, minute, missed.celsius, missed.by)
        if spare&.positive?
          "Spread each tray onto two, half as deep: #{@practice.writer.celsius(missed.celsius)} with " \
            "#{@practice.writer.min(spare)} to spare."
        else
          "Half as deep is too late too: into the ice, or heat it through again and cool it in thin layers."
        end
      end

      def next_reading(read)
        every = @practice.fetch("record/watch/read_each_minutes").to_i
        ((read.last&.first || 0).floor.div(every) + 1) * every
      end
    end
  end
end
