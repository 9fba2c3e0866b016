# frozen_string_literal: true

module Scullion
  module Records
    # Writes into the record what a day's marks say, and makes the lots of what is done.
    class Keeping
      KINDS = { "started" => "begun", "done" => "done", "late" => "late", "failed" => "spoilt" }.freeze

      # @param service [Service] @param roster [Day::Roster] as it stands with the decision
      def initialize(service, roster, now: Time.now.utc)
        @service, @roster, @now = service, roster, now
      end

      # @param decision [Hash] a day decision, by whom or not
      # @param before [Array<Hash>] the marks that stood before it
      def keep(decision, before = [])
        [decision, *decision["all"]].each do |step|
          marked(step["mark"], decision) if step["mark"]
          taken_back(step["unmark"], decision) if step["unmark"]
          restored(step["restore"]["marks"], before, decision) if step.dig("restore", "marks")
        end
      end

      private

      def marked(mark, decision)
        kind = KINDS.fetch(mark["state"])
        write(kind, mark["task"], decision, clock: mark["at"], value: kind == "late" ? mark["minutes"] : nil)
        lots(mark["task"]) if kind == "done"
      end

      # Undone: what is marked no more is taken back, and what is marked again is said again.
      def restored(marks, before, decision)
        (before - marks).each { |mark| taken_back(mark["task"], decision) }
        (marks - before).each { |mark| marked(mark, decision) }
      end

      # What was said last of a task is not so.
      def taken_back(task, decision)
        log = Record::Log.new(Entry.values(Entry.where(service: @service.id, task: task)))
        last = log.standing.reverse.find { |entry| KINDS.value?(entry.kind) } or return
        write(last.kind, task, decision, mends: last.uid, void: true)
      end

      def write(kind, task, decision, clock: nil, **more)
        entry =
          Record::Entry.new(
            uid: SecureRandom.uuid,
            at: @now.iso8601,
            clock: clock || decision["now"] || @now.localtime.strftime("%Y-%m-%dT%H:%M"),
            by: decision["by"],
            kind: kind,
            unit: kind == "late" ? "min" : nil,
            service: @service.id,
            task: task,
            about: @roster.instance[task]&.name,
            **more.compact
          )
        Entry.keep(entry, now: @now)
      end

      def lots(task)
        @roster
          .lots
          .select { |lot| lot.task == task && lot.path }
          .each { |lot| Lot.make(@service, lot, food(lot)) }
      end

      # Of what it is, how much of it, who takes it, and how it was to cool.
      def food(lot)
        job = @roster.layout.jobs.find { |each| each.tasks.any? { |task| task.key == lot.task } }
        need = job&.need
        {
          **(need ? { colour: need.ingredient.colour, preparation: need.component.preparation } : {}),
          grams: grams(lot, job),
          taken_by: taken_by(lot.task),
          shared: (need.others.any? || nil if need),
          cooling: job && cooling(lot, job)
        }
      end

      def grams(lot, job)
        return job.need.finished_grams * share(lot, job) if job

        build = @roster.plan.builds.find { |each| lot.task.start_with?("#{each.at}/") }
        build && salad(build)
      end

      def share(lot, job)
        load = job.lots.find { |each| each.task == lot.task }
        load ? load.load.share : 1.0
      end

      def salad(build)
        mixes = @roster.lots.count { |lot| lot.path && lot.task.start_with?("#{build.at}/") }
        build.portion.finished_grams / [mixes, 1].max
      end

      def taken_by(task)
        found = @roster.solution.instance.followers[task].map(&:first)
        found.reject { |other| Day::Clearing.of?(other) || other.key.start_with?(task) }.map(&:key)
      end

      def cooling(lot, job)
        load = job.lots.find { |each| each.task == lot.task }
        load.chill.to_h if load&.chill && lot.control == "cold"
      end
    end
  end
end
