# frozen_string_literal: true

module Scullion
  module Day
    # The breaks that the kitchen owes: whoever is on shift for so long, and works that day, sits down once,
    # outside of the service. Laid into what is free of a solved day; where nothing is free, the day is solved
    # anew around them. Figures in practice/day.yml, "breaks". Rules of the job, "Sense".
    class Breaks
      KEY = "break/"
      STAGE = "break"
      STEP = 5
      # One that is owed: of whom, the shift, and when it may begin.
      Owed = Struct.new(:cook, :shift, :starts, keyword_init: true)

      # @param instance [Instance] without breaks @param brief [Brief] @param progress [Progress]
      def initialize(instance, brief, progress)
        @instance, @practice, @progress = instance, brief.practice, progress
        @doors, @over = brief.service.from.minutes, brief.service.to.minutes
      end

      # @param solution [Solution] without breaks
      # @yield [Instance] the day with those breaks that found no gap, to be solved anew
      # @return [Solution] with all breaks that could be found
      def into(solution)
        laid = lay(solution)
        # A day in trouble has other cares.
        return laid if missing(laid).empty? || solution.score.first(4).any?(&:positive?)

        again = yield with(laid.starts.merge(missing(laid).to_h { |owed| [key(owed), nil] }))
        (again.score.first(4) <=> solution.score.first(4)).positive? ? laid : again
      end

      # The day with those of the breaks that are named among its starts, each in the stretch it begins in.
      # @param starts [Hash{String=>Integer, nil}] by key; nil for one that is still to be set
      # @return [Instance]
      def with(starts)
        found = all.select { |owed| starts.key?(key(owed)) }
        laid = found.map { |owed| task(owed, stretch(owed, starts[key(owed)])) }
        laid.empty? ? @instance : @instance.with(tasks: @instance.tasks + laid)
      end

      # @param solution [Solution] @return [Array<Owed>] what has no place in it
      def missing(solution) = owed(solution).reject { |each| solution.starts.key?(key(each)) }

      def minutes = @practice.fetch("day/breaks/minutes").ceil

      private

      def key(owed) = "#{KEY}#{owed.cook.key}/#{owed.shift.first}"
      def after = @practice.fetch("day/breaks/after_minutes")

      # Of every shift that is long enough.
      def all
        @all ||=
          @instance
            .of_kind(COOK)
            .flat_map { |cook| (cook.open || []).map { |shift| [cook, shift] } }
            .select { |_, (from, to)| to - from > after }
            .map { |cook, shift| Owed.new(cook: cook, shift: shift, starts: starts(*shift)) }
      end

      # Where she works on the day of the service; days before, where her work is as long as the shift that
      # owes one. None where another service has given her one.
      def owed(solution)
        stretches = worked(solution)
        all.select do |each|
          mine = stretches[each.cook.key].select { |from, _| from.between?(*each.shift) }
          from, to = mine.map(&:first).min, mine.map(&:last).max
          mine.any? && (each.shift.last.positive? || to - from > after) && !given?(each)
        end
      end

      def given?(owed)
        owed.cook.busy.to_a.any? { |each| each.rest && each.from.between?(*owed.shift) }
      end

      # @return [Hash{String=>Array<Array(Integer, Integer)>}] by cook, breaks aside
      def worked(solution)
        all = Hash.new { |hash, key| hash[key] = [] }
        solution.each_stretch do |segment, from, used, task|
          next if task.key.start_with?(KEY) || solution.unplaced.include?(task.key)

          all[used[COOK]] << [from, from + segment.minutes] if used[COOK]
        end
        all
      end

      # First and last start of each stretch in which it may begin; begun by when it is owed, and where that
      # leaves nothing, sooner or later than is usual, but never in the service.
      def starts(from, to)
        last = to - minutes
        usual = outside(from + @practice.fetch("day/breaks/soonest_minutes").ceil, [from + after, last].min)
        usual.empty? ? outside(from, last) : usual
      end

      def outside(low, high)
        before = [low, [high, @doors - @practice.fetch("day/breaks/clear_minutes") - minutes].min]
        past = [[low, @over].max, high]
        before = [low, high] if high < @doors - Moment::DAY / 2
        [before, past].uniq.map { |all| all.map(&:ceil) }.reject { |least, most| least > most }
      end

      # The one that it begins in, or the longest: a task can say no more than one.
      def stretch(owed, start = nil)
        (start && owed.starts.find { |low, high| start.between?(low, high) }) ||
          owed.starts.max_by { |low, high| high - low } || owed.shift
      end

      def task(owed, window = stretch(owed))
        whole = window.first..(window.last + minutes)
        laid =
          Task.new(
            key: key(owed),
            name: "Break: #{owed.cook.name}",
            segments: [Segment.new(minutes: minutes, uses: [own(owed)], name: "Rests")],
            after: [],
            earliest: whole.first,
            latest: whole.last,
            about: {
              "stage" => STAGE,
              "for" => []
            }
          )
        Marks.new(@progress).on([laid]).first
      end

      def own(owed) = Use.new(kind: COOK, amount: 1, who: owed.cook.key)

      # Each into the gap of hers that is nearest to the middle of her shift.
      def lay(solution)
        starts, taken = solution.starts.dup, solution.taken.dup
        stretches = worked(solution)
        owed(solution).each do |each|
          start = pinned(each) || gap(each, stretches[each.cook.key]) or next
          starts[key(each)] = start
          taken[key(each)] = [{ COOK => each.cook.key }]
        end
        Solution.new(with(starts), starts, taken, solution.unplaced)
      end

      def pinned(owed) = task(owed).pinned

      def gap(owed, stretches)
        taken = stretches + owed.cook.busy.to_a.map { |each| [each.from, each.to] }
        middle = owed.shift.sum / 2
        owed
          .starts
          .flat_map { |low, high| [*low.step([high, low].max, STEP)] }
          .select { |start| start >= @instance.from }
          .reject { |start| taken.any? { |from, to| from < start + minutes && to > start } }
          .min_by { |start| [(start - middle).abs, start] }
      end
    end
  end
end
