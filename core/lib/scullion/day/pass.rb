# frozen_string_literal: true

module Scullion
  module Day
    # One run through a day in the order of a priority: each task as early as what it waits for
    # and the resources allow. Run on a mirrored day it sets each task as late as it can be.
    class Pass
      # Tries for one task; a day is never worked at for ever.
      MOST_TRIES = 400

      # @param priority [Hash{String=>Numeric}] by task; the smallest of those that are ready goes first
      def initialize(instance, priority)
        @instance = instance
        @rank = instance.tasks.sort_by { |task| [priority.fetch(task.key), task.key] }.each_with_index.to_h { |task, rank| [task.key, rank] }
        @bookings = instance.resources.group_by(&:kind).transform_values { |all| all.map { |resource| Bookings.new(resource) } }
        @starts, @taken, @unplaced = {}, {}, []
      end

      # @return [Solution]
      def run
        waiting = @instance.tasks.to_h { |task| [task.key, task.after.size] }
        @instance.tasks.select(&:pinned).each { |task| pin(task) }
        ready = @instance.tasks.select { |task| waiting[task.key].zero? }
        until ready.empty?
          task = ready.min_by { |each| @rank[each.key] }
          ready.delete(task)
          place(task) unless task.pinned
          @instance.followers[task.key].map(&:first).each { |follower| ready << follower if (waiting[follower.key] -= 1).zero? }
        end
        Solution.new(@instance, @starts, @taken, @unplaced)
      end

      private

      def pin(task)
        @starts[task.key] = task.pinned
        chosen = task.segments.flat_map(&:uses).map(&:kind).uniq.to_h { |kind| [kind, @bookings.fetch(kind, []).first] }
        book(task, task.pinned, chosen) { |use, from, minutes| free_now(use, from, minutes) || chosen[use.kind] }
      end

      def free_now(use, from, minutes) = @bookings.fetch(use.kind, []).find { |each| each.free_from(from, minutes, use.amount, use.mode) == from }

      # As early as can be; what fits nowhere is left aside, and those that wait for it go on as if it were done.
      def place(task)
        start = task.after.map { |link| ended(link.task) + link.least }.push(task.earliest || @instance.from).max
        choices(task).filter_map { |chosen| first_fit(task, start, chosen)&.then { |from| [from, chosen] } }.min_by(&:first).then do |from, chosen|
          next leave(task, start) unless from

          @starts[task.key] = from
          book(task, from, chosen) { |use, at, minutes| use.kind == COOK ? free_cook(use, at, minutes, task) : chosen[use.kind] }
        end
      end

      def leave(task, start)
        @unplaced << task.key
        @starts[task.key] = start
      end

      def ended(key) = @starts.fetch(key) + @instance[key].minutes

      # For each kind but cooks, one resource through the whole task.
      def choices(task)
        task.equipment.reduce([{}]) { |all, kind| @bookings.fetch(kind, []).flat_map { |one| all.map { |chosen| chosen.merge(kind => one) } } }
      end

      def first_fit(task, start, chosen)
        MOST_TRIES.times do
          later = later_start(task, start, chosen)
          return start if later == start
          return if later.nil?

          start = later
        end
        nil
      end

      # The same start when everything fits; a later one to try, or nil for never.
      def later_start(task, start, chosen)
        at = start
        task.segments.each do |segment|
          segment.uses.each do |use|
            free = use.kind == COOK ? soonest_cook(at, segment.minutes, use) : chosen[use.kind]&.free_from(at, segment.minutes, use.amount, use.mode)
            return nil unless free
            return start + free - at if free > at
          end
          at += segment.minutes
        end
        start
      end

      def soonest_cook(at, minutes, use)
        soonest = nil
        @bookings.fetch(COOK, []).each do |cook|
          free = cook.free_from(at, minutes, use.amount, use.mode) or next
          return at if free == at

          soonest = free if soonest.nil? || free < soonest
        end
        soonest
      end

      # The cook who began the task if free, else the one with the least to do.
      def free_cook(use, at, minutes, task)
        free = @bookings.fetch(COOK).select { |cook| cook.free_from(at, minutes, use.amount, use.mode) == at }
        mine = @taken[task.key]&.flat_map(&:values)
        free.find { |cook| mine&.include?(cook.resource.key) } || free.min_by { |cook| [cook.load, cook.resource.key] }
      end

      def book(task, from, chosen)
        @taken[task.key] = []
        at = from
        task.segments.each do |segment|
          used = segment.uses.to_h do |use|
            taken = yield(use, at, segment.minutes)
            taken&.book(at, segment.minutes, use.amount, use.mode)
            [use.kind, taken&.resource&.key]
          end
          @taken[task.key] << used
          at += segment.minutes
        end
        chosen
      end
    end
  end
end
