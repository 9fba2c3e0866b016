# frozen_string_literal: true

module Scullion
  module Day
    # Tasks set one after the other, each as soon as it fits, from either end of the day: a Pass without
    # names, for whoever wants hundreds of them. Tasks, resources and modes are numbers, times count from
    # the end that is begun at, and what is taken is kept as the bits of Integers, one for each minute: those
    # where at least one unit of a resource is taken, at least two, and so on.
    class Packing
      # What was packed: its length in minutes, the end that it was begun at, the minute that this end stands
      # for, by task how long after that it begins (before, from the other end), and the resources chosen.
      Packed = Struct.new(:length, :side, :anchor, :starts, :chosen)
      NEVER = 1 << 40

      # @param instance [Instance] with nothing pinned
      def initialize(instance)
        @tasks, @pools = instance.in_order, Pools.new(instance)
        @minutes, keys = @tasks.map(&:minutes), @tasks.map(&:key)
        @numbers = keys.each_index.to_a
        @sides = {
          forwards: Side.new(instance, @pools, keys, turned: false),
          backwards: Side.new(Mirror.of(instance), @pools, keys, turned: true)
        }
      end

      def size = @tasks.size
      def tasks = @numbers
      def key(task) = @tasks[task].key
      def minutes(task) = @minutes[task]
      def side(name) = @sides.fetch(name)

      # @param name [Symbol] the end to begin at @param anchor [Integer] the minute that this is
      # @param order [Array<Integer>] of tasks; what one waits for goes before it
      # @return [Packed, nil] nil where something cannot be in time, or not soon enough after another
      def run(name, anchor, order)
        @side = @sides.fetch(name)
        @taken, @elsewise, @from, @till = @side.begun(name == :forwards ? anchor : -anchor)
        @starts, @chosen, @floors = Array.new(size), Array.new(size), Array.new(size, 0)
        @backs, @left = Array.new(size, 0), (Pass::MOST_BACK_SHARE * size).ceil
        return unless order.all? { |task| @starts[task] || set(task) }

        Packed.new(order.map { |task| @starts[task] + @minutes[task] }.max, name, anchor, @starts, @chosen)
      end

      # @return [Solution] of the day, from what was packed
      def solution(packed, instance)
        starts = @tasks.each_index.to_h { |task| [key(task), begins(packed, task)] }
        Solution.new(instance, starts, taken_by(packed, starts), [])
      end

      private

      def begins(packed, task)
        start = packed.starts[task]
        packed.side == :forwards ? packed.anchor + start : packed.anchor - start - @minutes[task]
      end

      # Who and what has each stretch.
      # @return [Hash{String=>Array<Hash>}] by task and segment: kind => resource
      def taken_by(packed, starts)
        taken = @tasks.to_h { |task| [task.key, task.segments.map { {} }] }
        stretches = Hash.new { |all, pool| all[pool] = [] }
        @tasks.each_with_index do |task, number|
          pools = @sides.fetch(packed.side).pools_of(number, packed.chosen[number])
          each_use(task, starts[task.key]) do |use, index, from, to|
            stretches[pools.fetch(use.kind) { hands(pools, index) }] << [from, to, taken[task.key][index]]
          end
        end
        stretches.each do |pool, all|
          @pools[pool].shared_out(all) { |member, into| into[member.kind] = member.key }
        end
        taken
      end

      # Whoever has the stretches with hands from the last one on that a choice begins at.
      def hands(pools, index) = pools[pools.keys.grep(Integer).select { |first| first <= index }.max]

      def each_use(task, from)
        task.segments.each_with_index do |segment, index|
          segment.uses.each { |use| yield use, index, from, from + segment.minutes }
          from += segment.minutes
        end
      end

      # @return [Boolean] has it, and all that it waits for, a place?
      def set(task)
        before = @side.before[task]
        return false unless before.all? { |other, _, _| @starts[other] || set(other) }

        loop do
          start = fit(task, soonest(task, before))
          return false if start + @minutes[task] > @till[task]

          first = before.find { |other, _, most| start > @starts[other] + @minutes[other] + most }
          if first.nil?
            @starts[task] = start
            hold(task, start)
            return true
          end
          return false unless set_later(first[0], start - first[2] - @minutes[first[0]])
        end
      end

      def soonest(task, before)
        soonest = [@floors[task], @from[task]].max
        before.each do |other, least, _|
          ready = @starts[other] + @minutes[other] + least
          soonest = ready if ready > soonest
        end
        soonest
      end

      # What another would follow too late is set later, and all that followed it anew.
      def set_later(task, start)
        return false if @left.zero? || @backs[task] >= Pass::MOST_BACK

        @left -= 1
        @backs[task] += 1
        @floors[task] = start
        gone = [task]
        gone.each { |each| gone.concat(@side.behind[each].select { |other| @starts[other] } - gone) }
        gone.each { |each| give_back(each) }.all? { |each| @starts[each] || set(each) }
      end

      # The first time from +soonest+ on at which all that it takes is free. @return [Integer]
      def fit(task, soonest)
        missed = missed(@side.wants[task], nil, soonest)
        choices = @side.choices[task]
        free = choices&.map { |each| each.pools.map { |pool| missed(each.wants, pool, soonest) } }
        free&.each { |pools| missed |= pools.reduce(-1, :&) }
        wait = Bits.ones(missed) or return NEVER
        @chosen[task] = choices
          &.zip(free)
          &.map { |each, pools| each.pools[pools.index { |bits| bits[wait].zero? }] }
        soonest + wait
      end

      # The starts from +soonest+ on at which not all of it is free. A want is as long as all the bits that
      # follow a start, drawn together by doubling.
      def missed(wants, pool, soonest)
        missed = index = 0
        while (want = wants[index])
          taken = taken(want, pool || want.pool) >> (soonest + want.offset)
          missed |= drawn(taken, want.minutes) unless taken.zero?
          index += 1
        end
        missed
      end

      def taken(want, pool)
        levels, elsewise = @taken[pool], @elsewise[pool]
        taken = levels[levels.size - want.amount]
        elsewise ? taken | elsewise[want.mode] : taken
      end

      def drawn(taken, minutes)
        width = 1
        while width + width < minutes
          taken |= taken >> width
          width += width
        end
        taken | (taken >> (minutes - width))
      end

      def hold(task, start)
        each_held(task, start) do |taken, elsewise, want, bits|
          Bits.take(taken, bits, want.amount)
          elsewise&.each_index { |mode| elsewise[mode] |= bits if mode != want.mode }
        end
      end

      def give_back(task)
        start, @starts[task] = @starts[task], nil
        each_held(task, start) do |taken, elsewise, want, bits|
          Bits.free(taken, bits, want.amount)
          elsewise&.map! { |other| other & taken[1] }
        end
      end

      # @yield [Array<Integer>, Array<Integer>, Want, Integer] what is taken of a pool by level, and at
      #   another mode by mode; a stretch of it, and its minutes
      def each_held(task, start)
        @side.wants[task].each do |want|
          yield @taken[want.pool], @elsewise[want.pool], want, want.bits << (start + want.offset)
        end
        @side.choices[task]&.each_with_index do |choice, index|
          taken, elsewise = @taken[@chosen[task][index]], @elsewise[@chosen[task][index]]
          choice.wants.each { |want| yield taken, elsewise, want, want.bits << (start + want.offset) }
        end
      end
    end
  end
end
