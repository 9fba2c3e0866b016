# frozen_string_literal: true

module Scullion
  module Day
    # A solved day with air in it: what has slack is done sooner, in the calm hours, so that everything is in
    # its place before it is wanted, as far as it keeps and hands and heat are free. Each move is one that the
    # day allows if nothing else moves, so that nothing is late, unsafe or past its best for it, and no day
    # begins a day earlier. Rules of the job, "Sense".
    class Calm < Pass
      # What is moved makes room for what is behind it.
      SWEEPS = 3
      # What the first guest gets is finished at the last moment.
      LAST = %r{/(?:(?:finish|plate)/1|jugs)(?:/|\z)}.freeze

      # @param solution [Solution] @param minutes [Integer] sooner, at most
      # @return [Solution] the same, or one with more air
      def self.of(solution, minutes)
        solution.early.empty? && minutes.positive? ? new(solution, minutes).run : solution
      end

      def initialize(solution, minutes)
        super(solution.instance, solution.starts)
        @first =
          solution.starts.transform_values { |start| [start - minutes, Solution.midnight_of(start)].max }
        resume(solution)
      end

      # @return [Solution]
      def run
        order =
          @instance.tasks.reject { |task| still?(task) }.sort_by { |task| [@starts[task.key], task.key] }
        SWEEPS.times do
          moved = order.select { |task| move(task) }
          break if moved.empty?
        end
        Solution.new(@instance, @starts, @taken, @unplaced)
      end

      private

      def still?(task) = !task.pinned.nil? || task.key.match?(LAST) || @unplaced.include?(task.key)
      def earliest(task) = [super, @first.fetch(task.key)].max

      # @return [Boolean] has it moved?
      def move(task)
        free(task)
        sooner = fit(task)
        moves = sooner && sooner.from < @starts[task.key] && keeps?(task, sooner.from + task.minutes)
        moves ? place(task, sooner) : rebook(task)
        moves
      end

      # What waits for it has it no longer ready than it keeps.
      def keeps?(task, ready)
        @instance.followers[task.key].all? do |follower, link|
          wait = @starts[follower.key] - ready
          link.most.nil? || wait <= [link.most, @starts[follower.key] - @starts[task.key] - task.minutes].max
        end
      end

      def free(task) = each_use(task) { |booked, from, minutes, use| booked.free(from, minutes, use.amount) }
    end
  end
end
