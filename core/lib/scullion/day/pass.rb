# frozen_string_literal: true

module Scullion
  module Day
    # One run through a day: each task as early as what it waits for and the resources allow. Run on
    # a mirrored day it sets each task as late as it can be. Where one would follow another later than it may,
    # that one is taken back, with all that hangs on it, and set as much later.
    class Pass
      include Hands

      # Tries for one task; a day is never worked at for ever.
      MOST_TRIES = 400
      # One task is taken back so often, and all of them so often for each that there is.
      MOST_BACK = 3
      MOST_BACK_SHARE = 0.5

      # A task that waits for nothing more, its turn, and the soonest that it was last seen to fit.
      Ready = Struct.new(:task, :turn, :soonest)
      # When a task begins, and on what.
      Fit = Struct.new(:from, :chosen)

      # @param priority [Hash{String=>Numeric}] by task; the smallest of those that are ready goes first
      # @param eager [Float, nil] instead, what fits soonest goes first, with so much of the priority added
      def initialize(instance, priority, eager: nil)
        @instance, @priority, @eager = instance, priority, eager
        @bookings =
          instance
            .resources
            .group_by(&:kind)
            .transform_values { |all| all.map { |resource| Bookings.new(resource) } }
        @starts, @taken, @unplaced, @ready, @floors, @cooks = {}, {}, [], [], {}, {}
        @choices = {}.compare_by_identity
        # A day under way is pinned where it stands, and goes on from there.
        @back = instance.tasks.any?(&:pinned) ? 0 : (MOST_BACK_SHARE * instance.tasks.size).ceil
        @backs = Hash.new(0)
      end

      # A day is many passes; between two of them whoever else waits has a turn, such as a change of covers.
      # @return [Solution]
      def run
        Thread.pass
        @waiting = @instance.tasks.to_h { |task| [task.key, task.after.size] }
        @instance.tasks.select(&:pinned).each { |task| pin(task) }
        @instance.tasks.each { |task| wait_in_turn(task) if task.after.empty? }
        until @ready.empty?
          task, fit = take
          next if fit && taken_back?(task, fit)

          place(task, fit) unless task.pinned
          @instance.followers[task.key]
            .map(&:first)
            .each { |follower| wait_in_turn(follower) if (@waiting[follower.key] -= 1).zero? }
        end
        Solution.new(@instance, @starts, @taken, @unplaced)
      end

      private

      # Goes on from a day that is solved.
      # @param except [Array<Task>] what of it is set anew
      def resume(solution, except: [])
        keys = except.map(&:key)
        @starts = solution.starts.except(*keys)
        @taken = solution.taken.except(*keys).transform_values(&:dup)
        @unplaced = solution.unplaced - keys
        @instance.tasks.each { |task| rebook(task) if @starts.key?(task.key) }
      end

      def rebook(task)
        each_use(task) { |booked, from, minutes, use| booked.book(from, minutes, use.amount, use.mode) }
      end

      # Where this one would come too long after another, that one is set later.
      def taken_back?(task, fit)
        link = task.after.find { |each| each.most && fit.from > ended(each.task) + each.most } or return false
        before = @instance[link.task]
        return false if before.pinned || @unplaced.include?(before.key) || @backs[before.key] >= MOST_BACK
        return false unless @back.positive?

        @back -= 1
        @backs[before.key] += 1
        @floors[before.key] = fit.from - link.most - before.minutes
        take_back(before)
        true
      end

      # With all that was set after it because of it.
      def take_back(task)
        gone = [task]
        gone.each do |each|
          gone.concat(behind(each).select { |follower| @starts.key?(follower.key) } - gone)
          unplace(each)
        end
        [*gone, *gone.flat_map { |each| behind(each) }].uniq(&:key)
          .each { |each| @waiting[each.key] = each.after.count { |link| !@starts.key?(link.task) } }
        @ready.reject! { |each| @waiting[each.task.key].positive? }
        wait_in_turn(task)
      end

      def behind(task) = @instance.followers[task.key].map(&:first)

      def unplace(task)
        each_use(task) { |booked, from, minutes, use| booked.free(from, minutes, use.amount) }
        @starts.delete(task.key)
        @taken.delete(task.key)
        @unplaced.delete(task.key)
      end

      # What it has taken, from when on and for how long.
      def each_use(task)
        at = @starts.fetch(task.key)
        task.segments.each_with_index do |segment, index|
          segment.uses.each do |use|
            booked = by_key[(@taken.fetch(task.key, [])[index] || {})[use.kind]]
            yield booked, at, segment.minutes, use if booked
          end
          at += segment.minutes
        end
      end

      def by_key = @by_key ||= @bookings.values.flatten.to_h { |each| [each.resource.key, each] }

      def wait_in_turn(task, soonest = -Bookings::FOREVER)
        turn = @eager ? soonest + (@eager * @priority.fetch(task.key)) : @priority.fetch(task.key)
        behind =
          @ready.bsearch_index { |each| each.turn > turn || (each.turn == turn && each.task.key > task.key) }
        @ready.insert(behind || -1, Ready.new(task, turn, soonest))
      end

      # The first in turn; when eager, once it still fits as soon as it was thought to.
      def take
        loop do
          first = @ready.shift
          fit = first.task.pinned ? nil : fit(first.task)
          return first.task, fit if @eager.nil? || fit.nil? || fit.from == first.soonest

          wait_in_turn(first.task, fit.from)
        end
      end

      def pin(task)
        @starts[task.key] = task.pinned
        book(task, task.pinned) do |use, from, minutes, cook|
          cook || free_now(use, from, minutes) || able(use).first
        end
      end

      def free_now(use, from, minutes)
        able(use).find { |each| each.free_from(from, minutes, use.amount, use.mode) == from }
      end
      def able(use) = use.kind == COOK ? cooks(use) : @bookings.fetch(use.kind, [])
      # As early as can be; what fits nowhere is left aside, and those that wait for it go on as if it were
      # done.
      def place(task, fit)
        return leave(task) unless fit

        @starts[task.key] = fit.from
        book(task, fit.from) { |use, _, _, cook| use.kind == COOK ? cook : fit.chosen[use.kind] }
      end

      def leave(task)
        @unplaced << task.key
        @starts[task.key] = earliest(task)
      end

      # @return [Fit, nil]
      def fit(task)
        start, best = earliest(task), nil
        choices(task).each do |chosen|
          from = first_fit(task, start, chosen)
          best = Fit.new(from, chosen) if from && (best.nil? || from < best.from)
        end
        best
      end

      def earliest(task)
        task
          .after
          .map { |link| ended(link.task) + link.least }
          .push(task.earliest || @instance.from, *@floors[task.key])
          .max
      end

      def ended(key) = @starts.fetch(key) + @instance[key].minutes

      # For each kind but cooks, one resource through the whole task.
      def choices(task)
        @choices[task] ||= task
          .equipment
          .reduce([{}]) do |all, kind|
            @bookings.fetch(kind, []).flat_map { |one| all.map { |chosen| chosen.merge(kind => one) } }
          end
      end

      def first_fit(task, start, chosen)
        MOST_TRIES.times do
          later = later_start(task, start, chosen)
          return later if later.nil? || later == start

          start = later
        end
        nil
      end

      # The same start when everything fits; a later one to try, or nil for never.
      def later_start(task, start, chosen)
        task.demands.each do |offset, minutes, use|
          at = start + offset
          free = chosen[use.kind]&.free_from(at, minutes, use.amount, use.mode)
          return free && (free - offset) unless free == at
        end
        @instance
          .stints(task)
          .each do |stint|
            free = soonest_for(stint, start)
            return free unless free == start
          end
        start
      end

      # @yield [use, at, minutes, cook] the cook, where one has it
      def book(task, from)
        hands = who_does(task, from)
        @taken[task.key] = []
        at = from
        task.segments.each_with_index do |segment, index|
          used =
            segment.uses.to_h do |use|
              taken = yield(use, at, segment.minutes, use.kind == COOK ? hands[index] : nil)
              taken&.book(at, segment.minutes, use.amount, use.mode)
              [use.kind, taken&.resource&.key]
            end
          @taken[task.key] << used
          at += segment.minutes
        end
      end
    end
  end
end
