# frozen_string_literal: true

module Scullion
  module Hold
    # When a salad can be dressed, topped and served, and when it must go: the intersection of
    # its components' times along the build, and the house rules. The strictest wins and is
    # named. Rules of the job, "Holding".
    class Window < Worksheet
      Limit = Struct.new(:component, :minutes)

      # outings: when this salad was out before, on this day.
      attr_reader :portion, :rules, :practice, :outings

      decision(:service_from, "Service starts", :moment, change: nil, shown: false) { @service.from }
      decision(:service_to, "Service ends", :moment, change: nil, shown: false) { @service.to }
      assumption :rest_minutes,
                 "Rests at least",
                 :min,
                 book: :practice,
                 at: -> { "holds/#{slowest.hold_class}/rest_minutes" },
                 shown: true
      assumption :dressed_minutes,
                 "Best once dressed, for",
                 :min,
                 book: :practice,
                 at: -> { "holds/#{shortest.hold_class}/dressed_minutes" },
                 shown: true
      assumption :topped_minutes,
                 "Best on top, for",
                 :min,
                 book: :practice,
                 at: -> { "holds/#{frailest.hold_class}/dressed_minutes" if frailest },
                 none: [Moment::DAY.to_f, "Nothing is held back."]
      assumption :kept_minutes,
                 "Best ready but undressed, for",
                 :min,
                 book: :practice,
                 at: -> { "holds/#{soonest.hold_class}/kept_minutes" },
                 shown: true
      assumption :out_minutes,
                 "Out of temperature control, at most",
                 :min,
                 book: :rules,
                 at: "out_minutes",
                 shown: true
      decision(
        :days,
        "Days, the day it is made being the first",
        :days,
        change: nil,
        shown: false,
        source: -> { "#{rules.name}, the earliest of its parts. Your local code decides." }
      ) { [@dates.days_of_all(components), *dressing_days].min }
      decision(
        :out_before,
        "Out before, this day",
        :min,
        change: nil,
        shown: false,
        source: "The services that this salad was out at before."
      ) { outings.sum(&:minutes) }

      figure(
        :dress_from,
        "Dress no earlier than",
        :moment,
        how: "end of service − best once dressed"
      ) { |service_to, dressed_minutes| service_to - dressed_minutes }
      figure(:dress_by, "Dress by", :moment, how: "start of service − rest") do |service_from, rest_minutes|
        service_from - rest_minutes
      end
      figure(
        :ready_from,
        "Earliest ready",
        :moment,
        how: "dress no earlier than + rest"
      ) { |dress_from, rest_minutes| dress_from + rest_minutes }
      figure(
        :ready_after,
        "Have it all ready no earlier than",
        :moment,
        how: "dressed at − best ready but undressed"
      ) { |dress_at, kept_minutes| dress_at - kept_minutes }
      figure(
        :top_from,
        "Top no earlier than",
        :moment,
        how: "end of service − best on top"
      ) { |service_to, topped_minutes| service_to - topped_minutes }
      figure(
        :dress_at,
        "Dressed at",
        :moment,
        how: "as late, and so as fresh, as the rest allows"
      ) { |dress_by| dress_by }
      figure(
        :held_minutes,
        "Stands dressed",
        :min,
        how: "end of service − dressed at",
        shown: false
      ) { |dress_at, service_to| service_to - dress_at }
      figure(
        :best_until,
        "Best until",
        :moment,
        how: "dressed + best once dressed, never past discard"
      ) { |dress_at, dressed_minutes, discard_by| [dress_at + dressed_minutes, discard_by].min }
      figure(
        :date_mark,
        "Date mark, kept cold",
        :moment,
        how: "end of the last day, its first part made on the first; never past that of a lot in it"
      ) { |first_made, days| [first_made.end_of_day(days.to_i - 1), *lots_until].min }
      decision(
        :days_ahead,
        "Made ahead, the first of its parts",
        :days,
        change: nil,
        shown: false,
        source: "Decided on the Day."
      ) { components.select(&:tcs?).map { |component| @ahead.fetch(component.preparation, 0) }.max || 0 }
      figure(
        :first_made,
        "The first of its parts is made",
        :moment,
        shown: false,
        how: "the day it is made ahead; else when it is dressed"
      ) do |dress_at, days_ahead|
        days_ahead.zero? ? dress_at : Moment.at(dress_at.day, "00:00", days: -days_ahead)
      end
      figure(
        :out_until,
        "Out since it was mixed, until",
        :moment,
        how: "dressed at + rest in the cold + time out of control − mixing"
      ) do |dress_at, cold_rest, out_minutes, mix_minutes|
        dress_at + cold_rest + out_minutes - mix_minutes.ceil
      end
      figure(
        :cold_rest,
        "Rests in the cold",
        :min,
        shown: false,
        how: "its rest, where the kitchen has a chiller"
      ) { |rest_minutes| @cold ? rest_minutes : 0.0 }
      brought :mix_minutes, of: :build
      figure(
        :left_minutes,
        "Left of its time out, for what comes back",
        :min,
        how: "time out of control − out before",
        shown: false
      ) { |out_minutes, out_before| out_minutes - out_before }
      figure(:discard_by, "Discard by", :moment, how: "the earlier of the two") do |out_until, date_mark|
        [out_until, date_mark].min
      end

      # @yield the bowls that it is mixed in, once they are there
      def initialize(at, portion, brief, &build)
        super(at)
        @portion, @service, @rules, @practice = portion, brief.service, brief.rules, brief.practice
        @build, @cold = build, brief.kitchen.chillers.any?
        @ahead, @lots, @dates = brief.progress.ahead, brief.progress.lots, Dates.new(brief)
        @outings = brief.progress.outings.fetch(portion.salad.key, [])
      end

      # @return [Build::Bowls]
      def build = @build.call

      # When each lot on hand that goes into it is to be thrown. @return [Array<Moment>]
      def lots_until
        taken = components.flat_map { |component| @lots.fetch(component.preparation, []) }
        taken.filter_map(&:discard).map { |minute| Moment.new(@service.from.day, minute) }
      end

      def words
        {
          "at" => at,
          "salad" => portion.salad.key,
          "salad_name" => portion.salad.name,
          "rules" => rules.name,
          "cold" => writer.celsius(rules.cold_celsius),
          "limits" => limits,
          "tcs" => components.select(&:tcs?).map(&:name)
        }
      end

      def snags
        [never, waves, too_long].compact
      end

      private

      def components = portion.components

      # Days that its dressing keeps, where that is fewer. @return [Array<Integer>]
      def dressing_days
        dressing = portion.salad.dressing or return []
        [Safety::Keeping.new(dressing.parts, practice).days]
      end

      # The component that rests longest, the one that fades first once dressed, and of those
      # held back for the top the one that fades first there.
      def soonest = @soonest ||= components.min_by { |component| hold(component, "kept_minutes") }
      def slowest = @slowest ||= components.max_by { |component| hold(component, "rest_minutes") }
      def shortest = @shortest ||= in_the_bowl.min_by { |component| hold(component, "dressed_minutes") }
      def frailest
        @frailest ||=
          components
            .select { |component| component.held_back.positive? }
            .min_by { |component| hold(component, "dressed_minutes") }
      end

      # All of them where everything goes on top.
      def in_the_bowl
        components
          .select { |component| component.held_back < 1 }
          .then { |some| some.empty? ? components : some }
      end

      def hold(component, what) = practice.fetch("holds/#{component.hold_class}/#{what}")

      def limits
        {
          "rest" => slowest.name,
          "kept" => soonest.name,
          "dressed" => shortest.name,
          "topped" => frailest&.name,
          "discard" => out_until <= date_mark ? "time out of the cold" : "date mark",
          "first_made" => first_made.to_s
        }
      end

      # Its rest outlasts its best: no moment is right.
      def never
        return unless rest_minutes >= dressed_minutes

        Snag.new(
          severity: "stop",
          hazard: "never-right",
          stage: "build",
          what:
            "#{portion.salad.name}: #{slowest.name} rests #{writer.min(rest_minutes)} dressed, and " \
              "#{shortest.name} lasts only #{writer.min(dressed_minutes)}.",
          remedy:
            "Dress #{slowest.name} apart and ahead, and fold #{shortest.name} in at the pass; or check " \
              "the two figures."
        )
      end

      def waves
        return if rest_minutes >= dressed_minutes || dress_from <= dress_by

        Snag.new(
          severity: "look",
          stage: "build",
          what:
            "#{portion.salad.name} cannot be rested from #{dress_by} and still be at its best at " \
              "#{service_to}: " \
              "#{shortest.name} lasts #{writer.min(dressed_minutes)} dressed.",
          remedy: "Dress in two waves, or hold #{shortest.name} back and fold it in late."
        )
      end

      def too_long
        return unless service_to > out_until

        Snag.new(
          severity: "stop",
          hazard: "out-too-long",
          stage: "build",
          what:
            "#{portion.salad.name} is dressed at #{dress_at}, and service runs past #{out_until}: longer " \
              "than #{rules.name} lets food stand out of the cold.",
          remedy:
            "Bring out half, keep half at #{writer.celsius(rules.cold_celsius)} or colder. Your local " \
              "code decides."
        )
      end
    end
  end
end
