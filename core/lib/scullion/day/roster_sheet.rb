# frozen_string_literal: true

module Scullion
  module Day
    # A solved day written out, ready for JSON: lanes, tasks stretch by stretch, what may be made ahead.
    class RosterSheet
      FORMAT = "scullion/roster@1"
      CLOSE = 1

      # @param roster [Roster]
      def initialize(roster)
        @roster = roster
      end

      # @return [Hash]
      def to_h
        {
          "format" => FORMAT,
          "service" => service,
          "rules" => brief.rules.name,
          "now" => progress.now && iso(progress.now),
          "since" => @roster.layout.since&.then { |minute| moment(minute) },
          "from" => iso(solution.first),
          "to" => iso(solution.last),
          "first" => moment(solution.first),
          "works" => @roster.works?,
          "in_place" => in_place,
          "hazards" => @roster.hazards.map(&:to_h),
          "stops" => @roster.hazards.count(&:bars?),
          "lots" => @roster.lots.filter_map { |lot| lot.to_h if lot.path },
          "says" => @roster.says,
          "notes" => @roster.notes,
          "problem" => @roster.problem,
          "lanes" => lanes,
          "tasks" => tasks,
          "strands" => Strands.new(@roster).to_a,
          "ahead" => Ahead.new(@roster.layout, solution, @roster).to_a,
          "decided" => decided,
          "around" => progress.taken.values.flatten.map(&:name).uniq.sort,
          "needed_by" => needed_by
        }.compact
      end

      private

      def brief = @roster.plan.brief
      def writer = brief.practice.writer
      def progress = @roster.progress
      def solution = @roster.solution
      def instance = solution.instance
      def iso(minutes) = @roster.iso(minutes)
      def moment(minutes) = @roster.moment(minutes)

      def service
        {
          "name" => brief.service.name,
          "date" => @roster.date.iso8601,
          "from" => brief.service.from.iso,
          "to" => brief.service.to.iso
        }
      end

      # Before the doors, where there is anything to be in its place.
      def in_place
        at = @roster.in_place or return
        air = brief.service.from.minutes - at
        before = air.positive? ? ", #{writer.min(air)} before the doors" : ""
        { "at" => iso(at), "said" => "Everything is in its place by #{moment(at)}#{before}." }
      end

      def needed_by
        dates = @roster.needed_by.transform_values { |minute| Moment.new(@roster.date, minute).date }
        dates.map { |key, date| { "ingredient" => key, "date" => date.iso8601 } }
      end

      def decided
        {
          "extra" =>
            progress.extra.map do |from, to|
              { "from" => iso(from), "to" => iso(to), "text" => "#{moment(from)} to #{moment(to)}" }
            end,
          "borrowed" => progress.borrowed.map { |kind| { "kind" => kind, "text" => @roster.called(kind) } },
          "cut" => progress.cut,
          "loads" =>
            progress.loads.map { |preparation, loads| { "preparation" => preparation, "loads" => loads } },
          "left_out" =>
            @roster
              .plan
              .portions
              .flat_map(&:left_out)
              .uniq(&:preparation)
              .map { |component| { "preparation" => component.preparation, "name" => component.name } },
          "ahead" => ahead_words,
          "together" =>
            @roster
              .plan
              .needs
              .select { |need| need.brought && !need.brought.lot }
              .map do |need|
                text = "#{need.name}: made with #{need.brought.name}"
                { "preparation" => need.component.preparation, "text" => text }
              end,
          "lots" => lot_words,
          "more" => more_words,
          "otherwise" =>
            @roster
              .plan
              .portions
              .flat_map(&:made_otherwise)
              .uniq { |component, _| component.preparation }
              .map do |component, way|
                { "preparation" => component.preparation, "text" => "#{component.name}: #{way.name}" }
              end,
          "skilled" =>
            progress.skilled.map do |initials, key|
              {
                "cook" => initials,
                "skill" => key,
                "text" => "#{initials} also #{@roster.skill(key)["where"]}"
              }
            end
        }
      end

      # What is taken of lots on hand. @return [Array<Hash>]
      def lot_words
        @roster.plan.needs.flat_map do |need|
          need.lots.map do |lot|
            {
              "preparation" => need.component.preparation,
              "code" => lot.code,
              "text" => "#{need.name}: #{writer.g(lot.grams)} of #{lot.name}"
            }.compact
          end
        end
      end

      # What is made on purpose beyond what the salads take. @return [Array<Hash>]
      def more_words
        @roster.plan.needs.flat_map do |need|
          need
            .others
            .select(&:on_purpose)
            .map do |more|
              {
                "preparation" => need.component.preparation,
                "text" => "#{need.name}: #{writer.g(more.grams)} more for #{more.name}"
              }
            end
        end
      end

      # What is made on days before because somebody said so.
      def ahead_words
        @roster.plan.needs.filter_map do |need|
          days = progress.ahead.fetch(need.component.preparation, 0)
          next if days.zero?

          before = days == 1 ? "the day before" : "#{days} days before"
          { "preparation" => need.component.preparation, "text" => "#{need.name}: #{before}" }
        end
      end

      def lanes
        used =
          instance.tasks.flat_map { |task| (solution.taken[task.key] || []).flat_map(&:values) }.compact.uniq
        instance
          .resources
          .select { |resource| resource.kind == COOK || used.include?(resource.key) }
          .map { |resource| lane(resource) }
      end

      def lane(resource)
        {
          "key" => resource.key,
          "name" => resource.name,
          "kind" => resource.kind,
          "capacity" => resource.capacity,
          "open" => resource.open&.map { |hours| hours.map { |minute| iso(minute) } },
          "busy" => busy(resource)
        }.compact
      end

      # What other services have of it, stretches that touch as one.
      def busy(resource)
        joined =
          (resource.busy || [])
            .sort_by { |each| [each.name, each.from] }
            .slice_when { |one, other| one.name != other.name || other.from > one.to }
        joined.map do |all|
          { "from" => iso(all.first.from), "to" => iso(all.map(&:to).max), "name" => all.first.name }
        end
      end

      def tasks
        instance
          .tasks
          .sort_by { |task| [solution.start(task.key), task.key] }
          .map do |task|
            {
              "key" => task.key,
              "name" => task.name,
              **times(task),
              "segments" => segments(task),
              "critical" => critical?(task),
              "slack_minutes" => slack(task),
              "slack" => writer.min(slack(task)),
              "placed" => !solution.unplaced.include?(task.key),
              "pinned" => !progress.pins[task.key].nil?,
              **marked(task),
              "after" => task.after.map(&:task),
              **task.about.transform_keys(&:to_s),
              **hold(task)
            }.compact
          end
      end

      def marked(task)
        mark = progress.marks[task.key]
        mark ? { "state" => mark.state, "over_minutes" => mark.minutes } : {}
      end

      def times(task)
        start, stop = solution.start(task.key), solution.end(task.key)
        {
          "start" => iso(start),
          "end" => iso(stop),
          "begins" => moment(start),
          "ends" => moment(stop),
          "minutes" => task.minutes,
          "text" => writer.min(task.minutes),
          "hands_minutes" => task.hands_minutes
        }
      end

      def segments(task)
        at = solution.start(task.key)
        task.segments.each_with_index.map do |segment, index|
          from, at = at, at + segment.minutes
          taken = (solution.taken[task.key] || [])[index] || {}
          {
            "from" => iso(from),
            "to" => iso(at),
            "text" => writer.min(segment.minutes),
            "hands" => segment.hands?,
            "name" => segment.name,
            "cook" => named(taken[COOK]),
            "lanes" => taken.values.compact
          }.compact
        end
      end

      def named(key) = instance.resources.find { |resource| resource.key == key }&.name

      # Until when what it makes is at its best, from the most that any that follows may wait.
      def hold(task)
        most = instance.followers[task.key].filter_map { |_, link| link.most }.min
        most && task.about["preparation"] ? { "best_until" => iso(solution.end(task.key) + most) } : {}
      end

      # Minutes that it could begin sooner, as far as the order of work goes.
      def slack(task)
        [
          solution.start(task.key) -
            [solution.first + instance.heads.fetch(task.key), task.earliest || instance.from].max,
          0
        ].max
      end

      # On the longest chain of tasks that wait for each other.
      def critical?(task) = instance.chain(task) >= instance.longest_chain - CLOSE
    end
  end
end
