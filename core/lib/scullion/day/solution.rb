# frozen_string_literal: true

module Scullion
  module Day
    # When each task begins and what it takes, and how good that is.
    class Solution
      # Something not kept: a deadline, or the most minutes between two tasks.
      Miss = Struct.new(:task, :kind, :minutes, :link, keyword_init: true)
      SLOT = 15

      attr_reader :instance, :starts, :taken, :unplaced

      # @param starts [Hash{String=>Integer}] minutes by task
      # @param taken [Hash{String=>Array<Hash>}] by task and segment: kind => resource key
      # @param unplaced [Array<String>] tasks that fit nowhere
      def initialize(instance, starts, taken, unplaced)
        @instance, @starts, @taken, @unplaced = instance, starts, taken, unplaced
      end

      # The minute that its day begins. @param minute [Integer]
      def self.midnight_of(minute) = (minute / Moment::DAY.to_f).floor * Moment::DAY

      # Without the day that it solves: plain data. @return [Array]
      def to_a = [starts, taken, unplaced]

      # The same, judged by another day of the same tasks.
      def on(instance) = Solution.new(instance, starts, taken, unplaced)

      def start(key) = starts.fetch(key)
      def end(key) = starts.fetch(key) + instance[key].minutes
      def first = placed.map { |task| start(task.key) }.min || 0
      def last = placed.map { |task| self.end(task.key) }.max || 0
      def placed = @placed ||= instance.tasks.reject { |task| unplaced.include?(task.key) }

      # Everything is placed, and nothing begins before it may.
      def feasible? = unplaced.empty? && early.empty?
      def early
        @early ||=
          instance.tasks.select do |task|
            !task.pinned && !unplaced.include?(task.key) && start(task.key) < (task.earliest || instance.from)
          end
      end

      # @return [Array<Miss>] deadlines first, then links
      def misses
        @misses ||=
          instance.tasks.filter_map { |task| late(task) } +
            instance.tasks.flat_map { |task| task.after.filter_map { |link| over(task, link) } }
      end

      # Compared part by part, smaller is better: what is left out, unsafe minutes, late minutes, stale
      # minutes, days that it begins before, hands wanted at once, the first start and then all starts, the
      # later the better.
      def score
        @score ||= [
          unplaced.size + early.size,
          sum(:unsafe),
          sum(:late),
          sum(:stale),
          -Solution.midnight_of(first),
          peaks,
          -first,
          -placed.sum { |task| start(task.key) }
        ]
      end

      # What must be, and then the shortest day.
      def makespan
        @makespan ||= [unplaced.size + early.size, sum(:unsafe), sum(:late), sum(:stale), last - first]
      end

      def sum(kind) = misses.sum { |miss| miss.kind == kind ? miss.minutes : 0 }

      # Hands at work in each quarter of an hour, squared and added up: two at once count more than one after
      # the other.
      def peaks
        slots = Hash.new(0)
        each_stretch do |segment, from|
          (from...(from + segment.minutes)).step(SLOT) { |at| slots[at / SLOT] += 1 } if segment.hands?
        end
        slots.each_value.sum { |hands| hands * hands }
      end

      # @yield [Segment, Integer, Hash, Task] each stretch of work, when it begins and what it takes
      def each_stretch
        instance.tasks.each do |task|
          at = start(task.key)
          task.segments.each_with_index do |segment, index|
            yield segment, at, taken.fetch(task.key, [])[index] || {}, task
            at += segment.minutes
          end
        end
      end

      private

      def late(task)
        minutes = task.latest && !unplaced.include?(task.key) ? self.end(task.key) - task.latest : 0
        Miss.new(task: task, kind: :late, minutes: minutes) if minutes.positive?
      end

      def over(task, link)
        return if link.most.nil? || unplaced.include?(task.key) || unplaced.include?(link.task)

        minutes = start(task.key) - self.end(link.task) - link.most
        return unless minutes.positive?
        Miss.new(task: task, kind: link.safety ? :unsafe : :stale, minutes: minutes, link: link)
      end
    end
  end
end
