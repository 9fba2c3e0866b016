# frozen_string_literal: true

module Scullion
  module Day
    # Schedules a day backwards from its deadlines, so that food is as fresh as its windows ask: a
    # serial pass for each of several priorities, then passes to and fro in the order of the best so
    # far while that still improves it. Where no backward pass fits into the time there is, forwards
    # from its beginning, and what is late is late. Deterministic, and bounded.
    class Solver
      ROUNDS = 3
      MENDS = 4
      # Passes with the order shaken, more of them for a small day.
      SHAKES = ->(tasks) { (2400 / (tasks + 10)).clamp(4, 60) }
      SHAKEN_BY = [40, 90, 200].freeze

      # @param by [Symbol] what a solution is judged by: :score, or :makespan for the shortest day
      def initialize(instance, by: :score)
        @instance, @by = instance, by
        instance.in_order
        @mirror = Mirror.of(instance)
      end

      # @return [Solution]
      def solve
        best = rules.map { |rule| backward(rule) }.min_by(&@by)
        best = shaken(to_and_fro(mended(best)))
        best.feasible? ? best : late(best)
      end

      private

      # For a backward pass: the task with the most work before it goes first, and the like.
      def rules
        heads, work = @instance.heads, @instance.tasks.to_h { |task| [task.key, task.minutes] }
        chain = @instance.tasks.to_h { |task| [task.key, tightness(task)] }
        [negated(heads) { |key| heads[key] + work[key] }, negated(heads) { |key| heads[key] }, negated(heads) { |key| work[key] },
         negated(heads) { |key| chain[key] + heads[key] }, @instance.tasks.to_h { |task| [task.key, -task.hands_minutes - heads[task.key]] },
         @instance.tasks.to_h { |task| [task.key, task.latest ? -task.latest : 0] }]
      end

      def negated(heads) = heads.each_key.to_h { |key| [key, -yield(key)] }

      # What holds on to it: tasks with a short most go first.
      def tightness(task) = @instance.followers[task.key].filter_map { |_, link| link.most && (600.0 / (link.most + 10)) }.sum * 20

      def backward(priority) = Mirror.back(@instance, Pass.new(@mirror, priority).run)

      # Where a task came so early that what follows it waits too long, that one is drawn towards it.
      def mended(best)
        MENDS.times do
          waits = best.misses.select(&:link)
          return best if waits.empty?

          found = drawn_in(best, waits.to_h { |miss| [miss.task.key, best.end(miss.link.task) + miss.link.most + miss.task.minutes] })
          return best unless (found.public_send(@by) <=> best.public_send(@by)).negative?

          best = found
        end
        best
      end

      def drawn_in(best, due)
        nearer = @instance.with(tasks: @instance.tasks.map { |task| due[task.key] ? task.dup.tap { |each| each.latest = [*task.latest, due[task.key]].min } : task })
        found = Mirror.back(nearer, Pass.new(Mirror.of(nearer), by_ends(best)).run)
        Solution.new(@instance, found.starts, found.taken, found.unplaced)
      end

      def by_ends(solution) = solution.starts.to_h { |key, start| [key, -start - @instance[key].minutes] }

      # Forwards in the order of the starts, then backwards in the order of the ends.
      def to_and_fro(best)
        ROUNDS.times do
          squeezed = Pass.new(from(best.first), best.starts).run
          found = backward(by_ends(squeezed))
          return best unless (found.public_send(@by) <=> best.public_send(@by)).negative?

          best = found
        end
        best
      end

      # The order of the best so far with every task moved up or down by up to so many minutes, ever
      # the same way for the same day.
      def shaken(best)
        SHAKES.call(@instance.tasks.size).times.reduce(best) do |found, round|
          tried = backward(found.starts.to_h { |key, start| [key, -start - @instance[key].minutes + shake(key, round)] })
          (tried.public_send(@by) <=> found.public_send(@by)).negative? ? tried : found
        end
      end

      def shake(key, round)
        most = SHAKEN_BY[round % SHAKEN_BY.size]
        (key.each_byte.reduce(round + 7) { |mixed, byte| ((mixed * 31) + byte) % 999_983 } % ((2 * most) + 1)) - most
      end

      # The same day with no task before a minute.
      def from(minute)
        @instance.with(tasks: @instance.tasks.map { |task| task.dup.tap { |each| each.earliest = [task.earliest || @instance.from, minute].max } })
      end

      # Forwards from the start of the time there is; then as late again as what is late anyhow allows.
      def late(best)
        slack = slack_rules.map { |rule| Pass.new(@instance, rule).run }.min_by(&@by)
        relaxed = @instance.with(tasks: @instance.tasks.map { |task| task.dup.tap { |each| each.latest = task.latest && [task.latest, slack.end(task.key)].max } })
        fresh = Mirror.back(@instance, Pass.new(Mirror.of(relaxed), by_ends(slack)).run)
        [slack, fresh, best].select { |each| each.early.empty? }.min_by(&@by) || slack
      end

      # Forwards: what must end first, or has the most to come after it, goes first.
      def slack_rules
        due = @instance.in_order.reverse.each_with_object({}) do |task, all|
          all[task.key] = [*task.latest, *@instance.followers[task.key].map { |follower, link| all[follower.key] - follower.minutes - link.least }, @instance.to].min
        end
        [due, @instance.tails.transform_values(&:-@)]
      end
    end
  end
end
