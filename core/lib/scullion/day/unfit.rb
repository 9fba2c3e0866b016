# frozen_string_literal: true

module Scullion
  module Day
    # Why a task fits nowhere in the hours there are: what it takes that is not here, or not so much at once,
    # or not for so long; that its own times leave no room; or that others take the room there is.
    class Unfit
      # @param solution [Solution]
      def initialize(solution)
        @instance, @solution = solution.instance, solution
      end

      # @return [Hash{Task=>String}] of each that is left aside, as the end of a sentence
      def reasons
        @solution.unplaced.to_h { |key| @instance[key].then { |task| [task, reason(task)] } }
      end

      private

      def reason(task)
        uses = task.segments.flat_map { |segment| segment.uses.map { |use| [segment, use] } }
        found = uses.lazy.filter_map { |segment, use| lacking(use) || too_long(segment, use) }.first
        found || no_room(task) || "others take the hours that it could have"
      end

      def lacking(use)
        all = @instance.of_kind(use.kind)
        return "there is no #{use.kind}" if all.empty?

        able = all.select { |resource| resource.takes?(use) }
        return "nobody there does #{use.skill}" if able.empty?

        most = able.map(&:capacity).max
        "it takes #{use.amount} of #{named(use)} at once, and there are #{most}" if use.amount > most
      end

      # Longer in one go than any of them is there.
      def too_long(segment, use)
        able = @instance.of_kind(use.kind).select { |resource| resource.takes?(use) }
        return if able.any? { |resource| resource.open.nil? }

        longest = able.flat_map(&:open).map { |from, to| to - from }.max || 0
        return if segment.minutes <= longest

        "it takes #{named(use)} for #{segment.minutes} min in one go, and there are #{longest} at most"
      end

      def named(use) = use.kind == COOK ? "a cook" : "“#{@instance.of_kind(use.kind).first.name}”"

      # Between when it may begin and when it, and what follows it, must be over.
      def no_room(task)
        from = [task.earliest || @instance.from, @instance.from + @instance.heads[task.key]].max
        left = [task.latest || @instance.to, @instance.to - @instance.tails[task.key]].min - from
        return if task.minutes <= left

        "it takes #{task.minutes} min, and between when it may begin and when it must be over are " \
          "#{[left, 0].max}"
      end
    end
  end
end
