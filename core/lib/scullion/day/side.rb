# frozen_string_literal: true

module Scullion
  module Day
    # A day as it is seen from one of its ends, in numbers: what a Packing goes by.
    class Side
      # A stretch of a task: minutes after its start, how many, the pool that it takes so much of at what mode
      # (nil: whichever is chosen), and its minutes as bits.
      Want = Struct.new(:offset, :minutes, :pool, :amount, :mode, :bits)
      # Stretches that are of one of several pools. key: a kind of resource, or which of the task's segments
      # with hands they begin at, counted from the day's own beginning.
      Choice = Struct.new(:key, :pools, :wants)

      # By task: stretches of what there is no choice of, Choices (nil for none), what it waits for as
      # [task, least, most], what waits for it.
      attr_reader :wants, :choices, :before, :behind

      # @param instance [Instance] the day, or its mirror @param keys [Array<String>] of tasks by number
      # @param turned [Boolean] is it the mirror?
      def initialize(instance, pools, keys, turned:)
        @instance, @pools, @turned = instance, pools, turned
        @tasks = keys.map { |key| instance[key] }
        numbers = keys.each_with_index.to_h
        @before =
          @tasks.map do |task|
            task.after.map { |link| [numbers[link.task], link.least, link.most || Packing::NEVER] }
          end
        @behind = keys.map { |key| instance.followers[key].map { |other, _| numbers[other.key] } }
        single, several =
          @tasks.map { |task| choices_of(task).partition { |each| each.pools.one? } }.transpose
        @wants = single.map { |all| all.flat_map { |each| only(each) } }
        @choices = several.map { |all| all if all.any? }
        @shut = pools.pools.map { |pool| shut(members(pool)) }
        @elsewise = pools.pools.map { |pool| elsewise(members(pool)) if pool.moded }
      end

      # The longest way from each task to that end, and the task. @return [Array<Integer>] minutes
      def ways = @tasks.map { |task| @instance.tails[task.key] + task.minutes }

      # As a run begins. @param anchor [Integer] the minute from which times count
      # @return [Array] by pool what is taken of it by level, and at another mode by mode; by task the
      #   soonest that it may begin, and the latest that it must end
      def begun(anchor)
        [
          @shut.map { |levels| since(anchor, levels) },
          @elsewise.map { |modes| modes && since(anchor, modes) },
          @tasks.map { |task| (task.earliest || @instance.from) - anchor },
          @tasks.map { |task| (task.latest || @instance.to) - anchor }
        ]
      end

      # Which pool each part of a task is of. @param chosen [Array<Integer>, nil] among its choices
      # @return [Hash{Object=>Integer}] by the keys of Choice
      def pools_of(task, chosen)
        all = choices_of(@tasks[task])
        several = all.reject { |each| each.pools.one? }
        all.to_h { |each| [each.key, each.pools.one? ? each.pools.first : chosen[several.index(each)]] }
      end

      private

      def since(anchor, all) = all.map { |bits| bits >> (anchor - @instance.from) }

      def choices_of(task)
        kinds =
          task.equipment.map do |kind|
            held = task.demands.select { |_, _, use| use.kind == kind }
            Choice.new(kind, @pools.for(held.map(&:last)), wanted(joined(held)))
          end
        stints =
          @instance
            .stints(task)
            .map do |stint|
              Choice.new(
                first_of(task, stint),
                @pools.for([stint.use]),
                wanted(stint.stretches.map { |at, minutes, _| [at, minutes, stint.use] })
              )
            end
        kinds + stints
      end

      def first_of(task, stint)
        indices = stint.stretches.map(&:last)
        @turned ? task.segments.size - 1 - indices.max : indices.min
      end

      # What goes on as it was is one stretch.
      def joined(held)
        held.each_with_object([]) do |(at, minutes, use), all|
          last = all.last
          goes_on =
            last && last[0] + last[1] == at && last[2].amount == use.amount && last[2].mode == use.mode
          goes_on ? last[1] += minutes : all << [at, minutes, use]
        end
      end

      def wanted(stretches)
        stretches.filter_map do |at, minutes, use|
          mode = @pools.modes.index(use.mode)
          Want.new(at, minutes, nil, use.amount, mode, (1 << minutes) - 1) if minutes.positive?
        end
      end

      def only(choice)
        choice.wants.map { |want| want.dup.tap { |each| each.pool = choice.pools.first } }
      end

      # As they are from this end.
      def members(pool)
        keys = pool.members.map(&:key)
        @instance.resources.select { |each| keys.include?(each.key) }
      end

      # By level (of none all), the minutes of the day in which a pool is closed or somebody else's.
      def shut(members)
        members.each_with_object(Array.new(members.sum(&:capacity), 0).unshift(-1)) do |member, levels|
          Bits.take(levels, closed(member), member.capacity)
          member.busy&.each { |other| Bits.take(levels, bits(other.from, other.to), other.amount) }
        end
      end

      # By mode, the minutes in which somebody else has it at another.
      def elsewise(members)
        busy = members.flat_map { |member| member.busy || [] }
        @pools.modes.map do |mode|
          busy.reject { |other| other.mode == mode }.map { |other| bits(other.from, other.to) }.reduce(0, :|)
        end
      end

      def closed(member) = member.open ? ~member.open.map { |from, to| bits(from, to) }.reduce(0, :|) : 0
      def bits(from, to) = ((1 << [to - @instance.from, 0].max) - 1) & (-1 << [from - @instance.from, 0].max)
    end
  end
end
