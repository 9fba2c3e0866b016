# frozen_string_literal: true

module Scullion
  module Day
    # The least time that a day can take, whatever the order: no shorter than the longest chain of tasks that
    # wait for each other, and than the shortest day in which every kind of resource has room for what must
    # fall between any two times of it. What has no room where it could begin first begins later, and what
    # waits for it later still, until nothing moves or no room is left. (Energetic reasoning and its
    # adjustments as Baptiste, Le Pape and Nuijten (2001) have them.)
    class Bound
      # How often all kinds of resource are gone through; fewer times only make a lower bound.
      ROUNDS = 4

      def initialize(instance)
        @instance = instance
      end

      # @return [Integer] minutes from the first start to the last end
      def minutes
        chain = @instance.longest_chain
        (chain..(chain + @instance.tasks.sum(&:minutes))).bsearch { |length| !too_short?(length) }
      end

      private

      # What one kind of resource must do: how many of it there are, and its holds.
      Load = Struct.new(:count, :holds)
      # Of a task, so many minutes behind its start and before its end, a share of one resource.
      Hold = Struct.new(:task, :at, :minutes, :rest, :share)

      def too_short?(length)
        heads, tails = @instance.heads.dup, @instance.tails.dup
        ROUNDS.times do
          before = [heads.dup, tails.dup]
          return true unless loads.all? { |load| room?(load, heads, tails, length) }
          break if before == [heads, tails]
        end
        @instance.tasks.any? { |task| heads[task.key] + task.minutes + tails[task.key] > length }
      end

      # Moves what has no room where it is, and all that waits for it.
      def room?(load, heads, tails, length)
        return true if load.holds.empty?

        windows = Windows.new(load, heads, tails, length)
        return false unless windows.room?

        windows.move(heads, tails)
        pass_on(heads, @instance.in_order) { |task| task.after.map { |link| [@instance[link.task], link] } }
        pass_on(tails, @instance.in_order.reverse) { |task| @instance.followers[task.key] }
        true
      end

      # @param ways [Hash{String=>Integer}] least minutes before, or behind, each task
      def pass_on(ways, order)
        order.each do |task|
          yield(task).each do |other, link|
            ways[task.key] = [ways[task.key], ways[other.key] + other.minutes + link.least].max
          end
        end
      end

      def loads
        @loads ||=
          (kinds + skills).map do |resources, kind, skill|
            held = @instance.tasks.flat_map { |task| held(task, kind, skill) }
            Load.new(
              resources.size,
              shares(held, resources).map do |(task, at, minutes, _), share|
                Hold.new(task.key, at, minutes, task.minutes - at - minutes, share)
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
      # that one mode holds is of one size, what is left over beside whole ones helps nobody; nor does what no
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
    end

    # What one kind of resource must do between any two times of a day of so many minutes.
    class Windows
      # Times tried for either end; fewer times only make a lower bound.
      MOST_TIMES = 40
      # Of a minute, in sums of shares.
      ROUNDING = 1e-6

      # @param load [Load] @param heads [Hash{String=>Integer}] least minutes before each task
      # @param tails [Hash{String=>Integer}] least minutes behind it
      def initialize(load, heads, tails, length)
        @count, @holds, @length = load.count, load.holds, length
        @first = @holds.map { |hold| heads[hold.task] + hold.at }
        @last = @holds.map { |hold| length - tails[hold.task] - hold.rest - hold.minutes }
        @minutes, @shares = @holds.map(&:minutes), @holds.map(&:share)
        @most = @minutes.zip(@shares).map { |minutes, share| minutes * share }.max
        @later, @sooner = @first.dup, @last.dup
      end

      # Has each of them room? Says of each hold when it can begin first and last.
      def room?
        firsts, lasts = [@first, @last].map { |starts| starts.zip(@minutes).map(&:sum) }
        tos = times(firsts + @last + lasts)
        times(@first + firsts + @last).all? { |from| tos.all? { |to| to <= from || fits?(from, to) } }
      end

      # @param heads, tails [Hash{String=>Integer}] are moved
      def move(heads, tails)
        @holds.each_with_index do |hold, index|
          heads[hold.task] = [heads[hold.task], @later[index] - hold.at].max
          behind = @length - @sooner[index] - hold.minutes - hold.rest
          tails[hold.task] = [tails[hold.task], behind].max
        end
      end

      private

      def fits?(from, to)
        within = @holds.each_index.map { |index| within(index, from, to) }
        left = (@count * (to - from)) - within.each_with_index.sum { |each, index| each * @shares[index] }
        return false if left < -ROUNDING

        sharpen(from, to, within, left) if @most > left
        true
      end

      # What of it must fall there, however it is moved.
      def within(index, from, to)
        minutes, first, last = @minutes[index], @first[index], @last[index]
        least = to - from
        least = minutes if minutes < least
        least = first + minutes - from if first + minutes - from < least
        least = to - last if to - last < least
        least.negative? ? 0 : least
      end

      # What would take more than is left, began it first or last, begins later or sooner.
      def sharpen(from, to, within, left)
        @holds.each_index do |index|
          share = @shares[index]
          next if @minutes[index] * share <= left

          room = within[index] + (left / share)
          beyond = room + (ROUNDING / share)
          later(index, to, room) if overlap(@first[index], index, from, to) > beyond
          sooner(index, from, room) if overlap(@last[index], index, from, to) > beyond
        end
      end

      def later(index, to, room)
        @later[index] = [@later[index], (to - room - ROUNDING).ceil].max
      end

      def sooner(index, from, room)
        @sooner[index] = [@sooner[index], (from + room + ROUNDING).floor - @minutes[index]].min
      end

      def overlap(start, index, from, to)
        [start + @minutes[index], to].min - [start, from].max
      end

      # Smallest and largest among them.
      def times(all)
        sorted = all.uniq.sort
        return sorted if sorted.size <= MOST_TIMES

        Array.new(MOST_TIMES) { |index| sorted[index * (sorted.size - 1) / (MOST_TIMES - 1)] }
      end
    end
  end
end
