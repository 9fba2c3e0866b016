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
        Issue.keep(@service, mark["at"] || decision["now"] || clock) do
          Exchange::Briefing.document(@service, House.ours)
        end
        write(kind, mark["task"], decision, at: mark["at"], value: kind == "late" ? mark["minutes"] : nil)
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

      def clock = @now.localtime.strftime("%Y-%m-%dT%H:%M")

      def write(kind, task, decision, at: nil, **more)
        entry =
          Record::Entry.new(
            uid: (decision["uid"] if decision["mark"]) || SecureRandom.uuid,
            at: @now.iso8601,
            clock: at || decision["now"] || clock,
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
        made_on_purpose(task)
      end

      # What is made beyond what the service takes is a lot of its own, there once the last of it is done.
      def made_on_purpose(task)
        lot = @roster.lots.find { |each| each.task == task && each.path } or return
        job = job_of(lot) or return
        return unless job.lots.empty? || job.lots.last.task == task

        more_of(job.need).each do |more|
          own = { batch: "for #{more["for"]}", grams: more["grams"], taken_by: [] }
          Lot.make(@service, lot, { **food(lot), **own })
        end
      end

      def more_of(need)
        (@service.day || {})["more"].to_a.select { |row| row["preparation"] == need.component.preparation }
      end

      def job_of(lot)
        @roster.layout.jobs.find { |each| each.tasks.any? { |task| task.key == lot.task } }
      end

      # Of what it is, how much of it, who takes it, and how it was to cool.
      def food(lot)
        job = job_of(lot)
        need = job&.need
        {
          **(need ? of_need(need) : {}),
          grams: grams(lot, job),
          taken_by: taken_by(lot.task),
          shared: (need.others.any? || nil if need),
          cooling: job && cooling(lot, job)
        }
      end

      def of_need(need)
        {
          colour: need.ingredient.colour,
          preparation: need.component.preparation,
          component: need.component.to_h.except("grams", "pieces", "held_back", "right")
        }
      end

      # Without what is made on purpose, which is a lot of its own.
      def grams(lot, job)
        return (job.need.finished_grams - on_purpose(job.need)) * share(lot, job) if job

        build = @roster.plan.builds.find { |each| lot.task.start_with?("#{each.at}/") }
        build && salad(build)
      end

      def on_purpose(need) = more_of(need).sum { |more| more["grams"] }

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
