# frozen_string_literal: true

module Scullion
  module Day
    # What has been started, finished, delayed or spoilt, laid over the tasks of the day: what is
    # under way keeps its time, what is done is over, and the rest begins no earlier than now.
    class Marks
      AGAIN = ", once more"

      def initialize(progress)
        @progress = progress
      end

      # @param tasks [Array<Task>] @return [Array<Task>]
      def on(tasks) = tasks.map { |task| marked(task.dup, @progress.marks[task.key]) }

      private

      def marked(task, mark)
        case mark&.state
        when "done"
          over(task, mark)
        when "started"
          task.tap { |each| each.pinned = mark.at || now }
        when "late"
          longer(task, mark)
        when "failed"
          again(task, mark)
        else
          waiting(task)
        end
      end

      def now = @progress.now || 0

      def waiting(task)
        task.pinned = @progress.pins[task.key]
        task.earliest = [*task.earliest, *@progress.now].max
        task
      end

      # Its hands and heat are free again, whatever it took, and it waits for nothing.
      def over(task, mark)
        ended = mark.at || now
        task.after = []
        task.segments = [Segment.new(minutes: task.minutes, uses: [], name: "Done")]
        task.pinned = ended - task.segments.first.minutes
        task
      end

      def longer(task, mark)
        *before, last = task.segments
        task.segments = [
          *before,
          Segment.new(minutes: last.minutes + (mark.minutes || 0), uses: last.uses, name: last.name)
        ]
        task.pinned = mark.at || now
        task
      end

      # Hands for the share that is spoilt; in the oven and the pot it takes as long as before.
      def again(task, mark)
        share = mark.share || 1.0
        task.segments =
          task.segments.map do |each|
            if each.hands?
              Segment.new(minutes: [(each.minutes * share).ceil, 1].max, uses: each.uses, name: each.name)
            else
              each
            end
          end
        task.name += AGAIN
        task.earliest = [*task.earliest, mark.at || now, now].max
        task
      end
    end
  end
end
