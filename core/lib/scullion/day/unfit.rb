# frozen_string_literal: true

module Scullion
  module Day
    # Why a task fits nowhere in the hours there are: what it takes that is not here, or not so much at once,
    # or not for so long; that its own times leave no room; or that others take the room there is.
    class Unfit
      MINUTES = ->(minutes) { "#{minutes} min" }

      # @param solution [Solution] @param write [#call] minutes as this house writes them
      def initialize(solution, write: MINUTES)
        @instance, @solution, @write = solution.instance, solution, write
      end

      # @return [Hash{Task=>String}] of each that is left aside, as the end of a sentence
      def reasons
        @solution.unplaced.to_h { |key| @instance[key].then { |task| [task, reason(task)] } }
      end

      private

      def reason(task)
        uses = task.segments.flat_map { |segment| segment.uses.map { |use| [segment, use] } }
        first = ->(&why) { uses.lazy.filter_map { |segment, use| why.call(segment, use) }.first }
        first.call { |segment, use| lacking(use) || too_long(segment, use) } || no_room(task) ||
          first.call { |segment, use| away(segment, use, window(task)) } ||
          "others take the hours that it could have"
      end

      def lacking(use)
        all = @instance.of_kind(use.kind)
        return "there is no #{use.kind}" if all.empty?

        able = all.select { |resource| resource.takes?(use) }
        return "nobody there does #{use.skill || "it"}" if able.empty?

        most = able.map(&:capacity).max
        "it takes #{use.amount} of #{named(use)} at once, and there are #{most}" if use.amount > most
      end

      # Longer in one go than any of them is ever there.
      def too_long(segment, use)
        there = longest(use, [@instance.from, @instance.to])
        return if there.nil? || segment.minutes <= there

        takes(use, segment, "there are #{written(there)} at most")
      end

      # There, but not while it may be done.
      def away(segment, use, window)
        there = longest(use, window)
        return if there.nil? || segment.minutes <= there

        takes(use, segment, "while it may be done there are #{written(there)}")
      end

      # The longest that one of them is there in such a stretch; nil where one always is.
      def longest(use, stretch)
        able = @instance.of_kind(use.kind).select { |resource| resource.takes?(use) }
        return if able.any? { |resource| resource.open.nil? }

        from, to = stretch
        able.flat_map(&:open).map { |open, shut| [shut, to].min - [open, from].max }.push(0).max
      end

      def takes(use, segment, there)
        "it takes #{named(use)} for #{written(segment.minutes)} in one go, and #{there}"
      end

      def written(minutes) = @write.call(minutes)
      def named(use) = use.kind == COOK ? "a cook" : "“#{@instance.of_kind(use.kind).first.name}”"

      # When it may begin, and when it must be over so that what follows it has room.
      # @return [Array(Integer, Integer)]
      def window(task)
        [
          [task.earliest || @instance.from, @instance.from + @instance.heads[task.key]].max,
          [task.latest || @instance.to, @instance.to - @instance.tails[task.key]].min
        ]
      end

      def no_room(task)
        from, to = window(task)
        return if task.minutes <= to - from

        "it takes #{written(task.minutes)}, and between when it may begin and when it must be over are " \
          "#{written([to - from, 0].max)}"
      end
    end
  end
end
