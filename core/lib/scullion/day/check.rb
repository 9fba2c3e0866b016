# frozen_string_literal: true

module Scullion
  module Day
    # Whether a solution keeps what its day asks, from the format's description alone: nothing before what it
    # waits for, nobody and nothing twice at once, one heat in an oven, shifts, skills, deadlines and the most
    # minutes between two tasks. Whoever solved it.
    class Check
      FORMAT = "scullion/day-solution@1"
      # A stretch on a resource.
      Held = Struct.new(:task, :from, :to, :amount, :mode, :use, keyword_init: true)

      # @param solution [Solution]
      def initialize(solution)
        @solution, @instance = solution, solution.instance
      end

      # @param data [Hash] starts by task; taken by task and stretch: kind => resource
      # @raise [UnworkableDay] where it is no solution of this day
      def self.read(instance, data)
        starts = data["starts"]
        lacking = instance.tasks.map(&:key) - starts.to_h.keys
        return new(Solution.new(instance, starts, data["taken"].to_h, [])) if lacking.empty?

        raise UnworkableDay,
              Fault.new(
                what: "The solution has no start for #{lacking.first}.",
                where: "starts",
                remedy: "Give every task of the day a start, in minutes from midnight of the service day."
              )
      end

      # @return [Array<String>] what it does not keep, in words; none when it keeps everything
      def faults = [*out_of_order, *over_full, *held_by_none, *misses]

      private

      def out_of_order
        @instance.tasks.flat_map do |task|
          soon = task.after.select { |link| start(task.key) < @solution.end(link.task) + link.least }
          early = start(task.key) < (task.earliest || @instance.from)
          [
            *soon.map { |link| "#{task.key} begins before #{link.task} lets it" },
            *("#{task.key} begins before it may" if early && !task.pinned)
          ]
        end
      end

      def misses
        @solution.misses.map do |miss|
          next "#{miss.task.key} is #{miss.minutes} min late" if miss.kind == :late

          "#{miss.task.key} follows #{miss.link.task} #{miss.minutes} min later than it may"
        end
      end

      def over_full
        @instance.resources.flat_map do |resource|
          mine, others = held.fetch(resource.key, []), resource.busy || []
          at = ->(one) { (mine + others).select { |each| at_once?(each, one) } }
          faults = mine.filter_map { |one| fault_of(one, resource, at[one]) }
          # What another day takes may begin in the midst of it.
          met = others.select { |other| mine.any? { |one| at_once?(one, other) } }
          (faults + met.filter_map { |other| beside(other, resource, at[other]) }).uniq
        end
      end

      def at_once?(other, one) = other.from <= one.from && other.to > one.from

      def beside(one, resource, at_once)
        if at_once.sum(&:amount) > resource.capacity
          "#{resource.key} is over full at #{one.from}"
        elsif resource.moded && at_once.any? { |each| each.mode != one.mode }
          "#{resource.key} has two heats at #{one.from}"
        end
      end

      def fault_of(one, resource, at_once)
        found = beside(one, resource, at_once) and return found

        if resource.open&.none? { |opens, closes| opens <= one.from && one.to <= closes }
          "#{resource.key} is not there at #{one.from}"
        elsif !resource.takes?(one.use)
          "#{resource.key} is not down for #{one.task}"
        end
      end

      def held_by_none
        held.fetch(nil, []).map { |one| "#{one.task} takes something of nobody" }.uniq
      end

      # Everything that is taken, by resource.
      def held
        @held ||=
          begin
            all = Hash.new { |hash, key| hash[key] = [] }
            @solution.each_stretch do |segment, from, used, task|
              next if @solution.unplaced.include?(task.key)

              segment.uses.each do |use|
                all[used[use.kind]] << Held.new(
                  task: task.key,
                  from: from,
                  to: from + segment.minutes,
                  amount: use.amount,
                  mode: use.mode,
                  use: use
                )
              end
            end
            all.tap { |hash| hash.default = nil }
          end
      end

      def start(key) = @solution.start(key)
    end
  end
end
