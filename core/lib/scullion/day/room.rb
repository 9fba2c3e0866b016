# frozen_string_literal: true

module Scullion
  module Day
    # A day solved with room for what may run over: what is made is ready so much before it is wanted as its
    # last work may take longer, wherever that can be had without being late, unsafe or stale. A day is begun
    # sooner for it only where it would not be sure enough without. Rules of the job, "How sure".
    class Room
      # Tasks that a first try leaves without a place, and a longer one may still find one for.
      FEW = 6

      # @param instance [Instance]
      # @yield [Solution] is it sure enough as it is?
      def initialize(instance, &sure)
        @instance, @sure = instance, sure
      end

      # @return [Solution]
      def solve
        return tight unless @instance.tasks.any? { |task| task.after.any? { |link| air(link).positive? } }

        # A day that is too full has no room to spare.
        return tight if Solver.new(with_air).quick.score.first > FEW && !good?(tight)

        roomy = Solver.new(with_air).solve.on(@instance)
        return [roomy, tight].min_by(&:score) unless good?(roomy)

        dear?(roomy) && good?(tight) && @sure.call(tight) ? tight : roomy
      end

      private

      def tight = @tight ||= Solver.new(@instance).solve
      def good?(solution) = solution.score.first(4).all?(&:zero?)

      # It begins a day earlier than need be.
      def dear?(roomy)
        quick = Solver.new(@instance).quick
        good?(quick) && day_of(roomy) < day_of(quick)
      end
      def day_of(solution) = Solution.midnight_of(solution.first)

      def with_air
        @instance.with(
          tasks:
            @instance.tasks.map do |task|
              next task if task.pinned

              task.dup.tap { |each| each.after = task.after.map { |link| roomy(link) } }
            end
        )
      end

      def roomy(link)
        air(link).zero? ? link : link.dup.tap { |each| each.least = link.least + air(link) }
      end

      # No more than half of how long it may wait; none where the clock runs.
      def air(link) = link.safety ? 0 : [link.air || 0, (link.most || Float::INFINITY) / 2].min.floor
    end
  end
end
