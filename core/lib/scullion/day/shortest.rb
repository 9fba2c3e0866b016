# frozen_string_literal: true

module Scullion
  module Day
    # The shortest day: orders of its tasks are crossed and shaken, as generations of them. Each is packed
    # from one end of the day, and then from the other in the order of the ends, while that makes it shorter;
    # a stretch of the day goes as in one parent, the rest as in another, and now and then a whole job goes
    # sooner or later. Deterministic, and bounded. (To and fro as Tormos and Lova (2001) have it, crossed by
    # stretches of time as Debels and Vanhoucke (2007).)
    class Shortest
      # How often a day is packed: less often the more there is to pack.
      RUNS = ->(tasks) { (12_000_000 / (tasks**2)).clamp(30, 6000) }
      # Orders that are kept side by side.
      KEPT = 8
      # The stretch that is one parent's: where it begins at most, and how long it is, as shares of the day.
      BEGINS, LASTS = 0.7, (0.3..0.8).freeze
      # Of those whose turns are the same the first goes first.
      APART = 1e-6
      # A job goes sooner or later with this chance, by up to so many minutes; among the first ones each job
      # by up to one of these, and each task by an eighth of that.
      SHAKEN, SHAKEN_BY, FIRST_BY = 0.2, 60, [60, 120, 200].freeze

      # @param best [Solution] that keeps everything @param most [Integer] how often a day is packed
      def initialize(best, most: RUNS.call(best.instance.tasks.size))
        @best, @packing, @most = best, Packing.new(best.instance), most
        @dice, @runs, @kept = Random.new(@packing.size), 0, []
      end

      # @return [Solution] the same, or a shorter one
      def run
        first_ones
        cross while @kept.size > 1 && more?
        found = @kept.min_by(&:length) or return @best
        [@best, @packing.solution(found, @best.instance)].min_by(&:makespan)
      end

      private

      # Shorter than the longest way through it no day can be.
      def more?
        @runs < @most && @kept.none? { |each| each.length == @best.instance.longest_chain }
      end

      def tasks = @packing.tasks

      # As the best goes, by the longest way to each, and that shaken.
      def first_ones
        ways = @packing.side(:backwards).ways
        keep(tasks.map { |task| @best.last - @best.end(@packing.key(task)) })
        keep(tasks.map { |task| -ways[task] })
        while @kept.size < KEPT && more?
          by = FIRST_BY.sample(random: @dice)
          shaken = shaken(1, by)
          keep(tasks.map { |task| shaken[task] - ways[task] + @dice.rand((-by / 8)..(by / 8)) })
        end
      end

      def keep(keys)
        packed = packed(:backwards, @best.last, keys)
        @kept << to_and_fro(packed) if packed
      end

      # Two of the better ones make another, which goes in for the worst unless it is worse or there already.
      def cross
        one, other = Array.new(2) { @kept.sample(2, random: @dice).min_by(&:length) }
        found = turned(one, crossed(one, other)) or return
        found = to_and_fro(found)
        worst = @kept.max_by(&:length)
        return if found.length > worst.length || @kept.any? { |each| each.starts == found.starts }

        @kept[@kept.index(worst)] = found
      end

      # When each task ends, by one within a stretch of the day and by the other before and after it; shaken.
      def crossed(one, other)
        from = @dice.rand * one.length * BEGINS
        to = from + (one.length * @dice.rand(LASTS))
        middle, shaken = (from + to) / 2, shaken(SHAKEN, SHAKEN_BY)
        mine, theirs = ends(one, one.side), ends(other, one.side)
        tasks.map do |task|
          at = mine[task]
          at = theirs[task] < middle ? [theirs[task], from].min : [theirs[task], to].max unless at.between?(
            from,
            to
          )
          at + shaken[task]
        end
      end

      # Minutes by which each task goes sooner or later: those of one job alike.
      def shaken(chance, most)
        by = Hash.new { |all, job| all[job] = @dice.rand < chance ? @dice.rand(-most..most) : 0 }
        tasks.map { |task| by[jobs[task]] }
      end

      # What follows one thing alone, and is the only thing that does, is of the same job.
      def jobs
        @jobs ||=
          begin
            side = @packing.side(:forwards)
            tasks.each_with_object([]) do |task, all|
              before = side.before[task].map(&:first)
              all << (before.one? && side.behind[before.first].one? ? all[before.first] : task)
            end
          end
      end

      # From the other end in the order of the ends, for as long as that makes it shorter.
      def to_and_fro(packed)
        while more?
          found = turned(packed, ends(packed, packed.side))
          return packed if found.nil? || found.length > packed.length
          return found if found.length == packed.length

          packed = found
        end
        packed
      end

      # @param ends [Array<Numeric>] the last of them goes first @return [Packing::Packed, nil]
      def turned(packed, ends)
        if packed.side == :forwards
          packed(:backwards, packed.anchor + packed.length, ends.map(&:-@))
        else
          packed(:forwards, packed.anchor - packed.length, ends.map(&:-@))
        end
      end

      # @param keys [Array<Numeric>] by task, the smallest first
      def packed(side, anchor, keys)
        @runs += 1
        @packing.run(side, anchor, tasks.sort_by { |task| keys[task] + (task * APART) })
      end

      # When each task ends, counted from one end of the day.
      def ends(packed, side)
        if packed.side == side
          tasks.map { |task| packed.starts[task] + @packing.minutes(task) }
        else
          tasks.map { |task| packed.length - packed.starts[task] }
        end
      end
    end
  end
end
