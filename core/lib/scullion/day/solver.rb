# frozen_string_literal: true

module Scullion
  module Day
    # Schedules a day backwards from its deadlines, so that food is as fresh as its windows ask: a
    # pass for each of several priorities, strictly by turn and then eagerly (what fits soonest goes
    # first); passes to and fro in the order of the best so far while that still improves it; and that
    # order shaken. Where no backward pass fits into the time there is, forwards from its beginning says
    # what is late, and the rest is set backwards from that. The shortest day is Shortest's. Deterministic,
    # and bounded.
    class Solver
      include Late

      ROUNDS = 3
      # Passes with an order shaken, more of them for a small day; and by up to how many minutes.
      SHAKES = ->(tasks) { (300_000 / ((tasks + 20)**2)).clamp(4, 60) }
      SHAKEN_BY = [40, 90, 200].freeze
      # So many in a row that bring nothing end it.
      PATIENCE = 15
      # How much an eager pass heeds the order, in minutes of waiting for a minute of it.
      HEEDFUL = 0.2
      HASTY = 0.05
      # So many that begin too early may yet be mended.
      FEW = 3
      # @param by [Symbol] what a solution is judged by: :score, or :makespan for the shortest day
      def initialize(instance, by: :score)
        @instance, @by = instance, by
        instance.in_order
        @mirror = Mirror.of(instance)
      end

      # @return [Solution]
      def solve
        return shortest if @by == :makespan

        best = settled
        best = late(best) unless best.feasible?
        begun_later(best)
      end

      # Backwards, and no more than that: is there room at all? @return [Solution]
      def quick
        better(
          *rules.map { |order| backward(order) },
          *[HASTY, HEEDFUL].map { |eager| backward(long_ways, eager) }
        )
      end

      # What a day comes to, in a tenth of the time: backwards, and forwards where that does not fit.
      # @return [Solution]
      def sketch
        found = quick
        return found if found.feasible? && found.score.first(4).all?(&:zero?)

        last = Aside.last(found)
        found = Aside.new(@instance, found, last).run if last.any?
        kept([found, *late_first]) || found
      end

      protected

      # Backwards; orders: to begin with, beside those of the rules.
      def settled(*orders)
        best =
          better(
            *(orders + rules).map { |order| backward(order) },
            *[HASTY, HEEDFUL].map { |eager| backward(long_ways, eager) }
          )
        best = better(best, squeezed(best, chains, HEEDFUL))
        best = to_and_fro(mended(best))
        @by == :score ? shaken(best) : best
      end

      private

      # Where everything is kept; a day under way, or one that does not fit, is as short as that comes out.
      def shortest
        best = quick
        best = settled unless kept?(best)
        return late(best) unless best.feasible?

        kept?(best) && @instance.tasks.none?(&:pinned) ? Shortest.new(best).run : best
      end

      def kept?(solution) = solution.feasible? && solution.misses.empty?

      # No day begins a day earlier than it must: begun a day later, if that keeps as much.
      def begun_later(best)
        while best.feasible? && best.first.negative?
          later = Solver.new(from(Solution.midnight_of(best.first) + Moment::DAY))
          break unless nearly?(later.quick, best)

          found = later.settled
          # What is pinned before stays there.
          break unless as_good?(found, best) && found.first >= Solution.midnight_of(best.first) + Moment::DAY

          best = found.on(@instance)
        end
        best
      end

      def as_good?(found, best)
        found.feasible? && %i[unsafe late stale].all? { |kind| found.sum(kind) <= best.sum(kind) }
      end

      # Worth more passes: everything has a place, and few begin before they may.
      def nearly?(found, best)
        found.unplaced.empty? && found.early.size <= FEW && found.sum(:unsafe) <= best.sum(:unsafe)
      end

      def better(*solutions) = solutions.min_by(&@by)

      # For a backward pass: the task with the most work before it goes first, and the like.
      def rules
        [
          long_ways,
          order(&:minutes),
          order { |task| tightness(task) + @instance.heads[task.key] },
          order { |task| task.latest || 0 },
          order { |task| -keeps[task.key] }
        ]
      end

      # The way to the end of a task, and the whole way that it is on.
      def long_ways = @long_ways ||= order { |task| @instance.heads[task.key] + task.minutes }
      def chains = @chains ||= order { |task| @instance.chain(task) }

      # How long before the end of the day a task may be over, by what keeps how long after it.
      def keeps
        @keeps ||=
          @instance
            .in_order
            .reverse
            .each_with_object({}) do |task, all|
              all[task.key] = @instance.followers[task.key]
                .map { |follower, link| all[follower.key] + follower.minutes + (link.most || LONG) }
                .min || 0
            end
      end

      def order = @instance.tasks.to_h { |task| [task.key, -yield(task)] }

      # What holds on to it: tasks with a short most go first.
      def tightness(task)
        @instance.followers[task.key].filter_map { |_, link| link.most && (600.0 / (link.most + 10)) }.sum *
          20
      end

      def backward(order, eager = nil) = Mirror.back(@instance, Pass.new(@mirror, order, eager: eager).run)

      # Forwards from where a solution begins, in some order, then backwards in the order of the ends.
      def squeezed(solution, order = solution.starts, eager = nil)
        backward(by_ends(Pass.new(from(solution.first), order, eager: eager).run))
      end

      # Where a task came so early that what follows it waits too long, that one is drawn towards it.
      def mended(best)
        MENDS.times do
          waits = best.misses.select(&:link)
          return best if waits.empty?

          found =
            drawn_in(
              best,
              waits.to_h do |miss|
                [miss.task.key, best.end(miss.link.task) + miss.link.most + miss.task.minutes]
              end
            )
          return best unless (found.public_send(@by) <=> best.public_send(@by)).negative?

          best = found
        end
        best
      end

      def drawn_in(best, due)
        nearer =
          @instance.with(
            tasks:
              @instance.tasks.map do |task|
                due[task.key] ? task.dup.tap { |each| each.latest = [*task.latest, due[task.key]].min } : task
              end
          )
        Mirror.back(nearer, Pass.new(Mirror.of(nearer), by_ends(best)).run).on(@instance)
      end

      def by_ends(solution) = solution.starts.to_h { |key, start| [key, -start - @instance[key].minutes] }

      def to_and_fro(best)
        ROUNDS.times do
          found = squeezed(best)
          return best unless (found.public_send(@by) <=> best.public_send(@by)).negative?

          best = found
        end
        best
      end

      # The best order, shaken again and again.
      def shaken(best)
        in_vain = 0
        SHAKES
          .call(@instance.tasks.size)
          .times do |round|
            found = better(best, backward(shake(by_ends(best), round)))
            in_vain = found.equal?(best) ? in_vain + 1 : 0
            break if in_vain == PATIENCE

            best = found
          end
        best
      end

      # Every task moved up or down by up to so many minutes, ever the same way for the same day.
      def shake(order, round)
        most = SHAKEN_BY[round % SHAKEN_BY.size]
        order.to_h do |key, turn|
          [
            key,
            turn +
              (
                key.each_byte.reduce(round + 7) { |mixed, byte| ((mixed * 31) + byte) % 999_983 } %
                  ((2 * most) + 1)
              ) - most
          ]
        end
      end

      # The same day with no task before a minute.
      def from(minute)
        @instance.with(
          tasks:
            @instance.tasks.map do |task|
              task.dup.tap { |each| each.earliest = [task.earliest || @instance.from, minute].max }
            end
        )
      end
    end
  end
end
