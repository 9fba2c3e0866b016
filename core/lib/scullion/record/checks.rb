# frozen_string_literal: true

module Scullion
  module Record
    # What is to be looked at on a day, and whether it has been: every fridge and chiller, the probe, the
    # display while it serves, and trays as they cool. Hours in practice/record.yml, "checks". Rules of the
    # job, "The record".
    class Checks
      # One look. at: the kitchen's clock, ISO text; of: of a temperature; about: which one; done: the entry
      # that it was, or nil; state: done, due, late, or later.
      Check = Struct.new(:at, :of, :about, :service, :task, :done, :state, keyword_init: true)

      # Of a service that serves on this day. from, to: its hours as ISO text; trays: rows of Trays#to_a.
      Serving = Struct.new(:id, :name, :from, :to, :trays, keyword_init: true)

      # @param kitchen [Kitchen] @param practice [Practice] @param log [Log] @param services [Array<Serving>]
      def initialize(kitchen, practice, log, services)
        @kitchen, @practice, @log, @services = kitchen, practice, log, services
      end

      # @param clock [String] now, the kitchen's own @return [Array<Check>] of its day, by the hour
      def of_day(clock)
        looks = [*fridges(clock[0, 10]), *probe(clock[0, 10]), *displays(clock[0, 10])]
        told = looks.group_by { |look| [look.of, look.about] }.each_value.flat_map { |all| told(all, clock) }
        (told + trays(clock)).sort_by { |check| [check.at, check.about] }
      end

      # What looked at stands above its limit, and was not read again since. @return [Array<Entry>]
      def warm(clock, limit)
        @log
          .of(kind: "temperature", of: "fridge")
          .select { |entry| entry.clock[0, 10] == clock[0, 10] }
          .group_by(&:about)
          .filter_map { |_, entries| entries.last if entries.last.value > limit }
      end

      private

      def fetch(name) = @practice.fetch("record/checks/#{name}").to_i
      def words(name) = @practice.words("record", "checks")[name]

      def fridges(day)
        @kitchen.chillers.flat_map do |chiller|
          words("fridge")["at"].map do |hour|
            Check.new(at: "#{day}T#{hour}", of: "fridge", about: chiller.name)
          end
        end
      end

      def probe(day)
        row = words("probe")
        row["at"].map { |hour| Check.new(at: "#{day}T#{hour}", of: "probe", about: row["name"]) }
      end

      # From the doors to the end, in steps.
      def displays(day)
        @services
          .select { |service| service.from[0, 10] == day }
          .flat_map do |service|
            from, to = [service.from, service.to].map { |iso| minutes(iso) }
            (from..to)
              .step(fetch("display_minutes"))
              .map do |minute|
                Check.new(
                  at: iso(minute),
                  of: "display",
                  about: "#{service.name}: display",
                  service: service.id
                )
              end
          end
      end

      # Each as its own picture asks for it.
      def trays(clock)
        @services.flat_map do |service|
          service.trays.filter_map do |tray|
            at = tray["next"] or next
            check =
              Check.new(at: at, of: "cooling", about: tray["name"], service: service.id, task: tray["task"])
            check.tap { check.state = state(at, clock) }
          end
        end
      end

      # By the readings of that thing: each stands for the one look that it is nearest to, however late.
      # @param looks [Array<Check>] of one thing, by the hour
      def told(looks, clock)
        @log
          .of(kind: "temperature", of: looks.first.of)
          .select { |entry| entry.clock[0, 10] == clock[0, 10] && of?(entry, looks.first) }
          .each do |entry|
            nearest = looks.min_by { |look| (minutes(look.at) - minutes(entry.clock)).abs }
            next if minutes(nearest.at) - minutes(entry.clock) > fetch("early_minutes")

            nearest.done ||= entry
          end
        looks.each { |look| look.state = look.done ? "done" : state(look.at, clock) }
      end

      # "Cold room, middle shelf" is of the cold room; of a display and a probe there is one.
      def of?(entry, look)
        return entry.service == look.service if look.of == "display"

        look.of == "probe" || entry.about.to_s.downcase.start_with?(look.about.downcase)
      end

      def state(at, clock)
        past = minutes(clock) - minutes(at)
        return "later" if past < -fetch("early_minutes") / 3

        past > fetch("late_minutes") ? "late" : "due"
      end

      def minutes(iso) = Moment.stamp(iso)
      def iso(minute) = Moment.clock_of(minute)
    end
  end
end
