# frozen_string_literal: true

module Scullion
  module Day
    # The least time that a day can take, whatever the order: the longest chain of tasks that wait
    # for each other, or the shortest day in which every kind of resource has room for what must
    # fall between any two times of it (energetic reasoning, as in constraint-based scheduling).
    class Bound
      # Times tried for either end of a stretch of the day; fewer times only make a lower bound.
      MOST_TIMES = 40

      def initialize(instance)
        @instance = instance
      end

      # @return [Integer] minutes from the first start to the last end
      def minutes
        chain = @instance.longest_chain
        (chain..(chain + @instance.tasks.sum(&:minutes))).bsearch do |length|
          loads.none? { |load| overfull?(load, length) }
        end
      end

      private

      # What one kind of resource must do: how many of it there are, and its holds.
      Load = Struct.new(:count, :holds)
      # Minutes that it is held for, the least before and after them, and the share of one that is taken.
      Hold =
        Struct.new(:before, :minutes, :after, :share) do
          # What of it must fall between two times of a day of that length, however it is moved.
          def within(from, to, length)
            [[minutes, to - from, before + minutes - from, to - (length - after - minutes)].min, 0].max *
              share
          end
        end

      def loads
        @loads ||=
          (kinds + skills).map do |resources, kind, skill|
            held = @instance.tasks.flat_map { |task| held(task, kind, skill) }
            Load.new(
              resources.size,
              shares(held, resources).map do |(task, at, minutes, _), share|
                Hold.new(
                  @instance.heads[task.key] + at,
                  minutes,
                  task.minutes - at - minutes + @instance.tails[task.key],
                  share
                )
              end
            )
          end
      end

      def kinds = @instance.resources.group_by(&:kind).map { |kind, resources| [resources, kind, nil] }

      # The cooks who do what not all of them do.
      def skills
        cooks, wanted =
          @instance.of_kind(COOK),
          @instance.tasks.flat_map { |task| task.segments.flat_map(&:uses).filter_map(&:skill) }
        wanted
          .uniq
          .map { |skill| [cooks.select { |cook| cook.does?(skill) }, COOK, skill] }
          .select { |able, *| able.any? && able.size < cooks.size }
      end

      # What a task takes of that kind, what follows without a gap as one.
      # @return [Array<Array(Task, Integer, Integer, Use)>]
      def held(task, kind, skill)
        task
          .segments
          .zip(task.offsets)
          .flat_map { |segment, at| segment.uses.map { |use| [at, segment.minutes, use] } }
          .select { |_, _, use| use.kind == kind && (skill.nil? || use.skill == skill) }
          .each_with_object([]) do |(at, minutes, use), all|
            last = all.last
            last && kind != COOK && last[1] + last[2] == at && last[3].amount == use.amount ?
              last[2] += minutes :
              all << [task, at, minutes, use]
          end
      end

      # Amounts as shares of one resource. Two modes never share, so that this counts mode by mode. Where all
      # that
      # one mode holds is of one size, what is left over beside whole ones helps nobody; nor does what no
      # other of its mode can fill.
      def shares(held, resources)
        held
          .group_by { |*, use| use.mode if resources.all?(&:moded) }
          .each_value
          .flat_map do |alike|
            amounts = alike.map { |*, use| use.amount }
            most = [room(resources, amounts.uniq), amounts.sum].min
            alike.zip(amounts.map { |amount| amount.fdiv([most, amount].max) })
          end
      end

      def room(resources, sizes)
        capacities = resources.map(&:capacity).uniq
        if sizes.size == 1 && capacities.size == 1
          capacities.first.div(sizes.first) * sizes.first
        else
          resources.sum(&:capacity).fdiv(resources.size)
        end
      end

      def overfull?(load, length)
        holds = load.holds
        froms =
          times(
            holds.flat_map do |hold|
              [hold.before, hold.before + hold.minutes, length - hold.after - hold.minutes]
            end
          )
        tos =
          times(
            holds.flat_map do |hold|
              [length - hold.after, length - hold.after - hold.minutes, hold.before + hold.minutes]
            end
          )
        froms.any? do |from|
          tos.any? do |to|
            to > from &&
              holds.sum { |hold| hold.within(from, to, length) } > (load.count * (to - from)) + 1e-6
          end
        end
      end

      # Smallest and largest among them.
      def times(all)
        sorted = all.uniq.sort
        if sorted.size <= MOST_TIMES
          sorted
        else
          Array.new(MOST_TIMES) { |index| sorted[index * (sorted.size - 1) / (MOST_TIMES - 1)] }
        end
      end
    end
  end
end
