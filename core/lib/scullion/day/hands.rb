# frozen_string_literal: true

module Scullion
  module Day
    # Who does what of a Pass: whoever begins a job ends it, as far as hands are wanted again soon.
    module Hands
      # The stretches of one task that are one cook's: [minutes after its start, minutes, which segment].
      Stint =
        Struct.new(:use, :stretches) do
          # The first minute from which that cook has them all; nil for never. @param cook [Bookings]
          def free_from(cook, start)
            loop do
              later = moved(cook, start)
              return later if later.nil? || later == start

              start = later
            end
          end

          def free_at?(cook, start)
            stretches.all? do |offset, minutes, _|
              cook.free_from(start + offset, minutes, use.amount, use.mode) == start + offset
            end
          end

          private

          # The same, or as much later as the first of them that is not free then asks for.
          def moved(cook, start)
            stretches.each do |offset, minutes, _|
              free = cook.free_from(start + offset, minutes, use.amount, use.mode)
              return free && (free - offset) unless free == start + offset
            end
            start
          end
        end

      # @param handover [Integer, nil] minutes without hands after which another cook may go on
      # @return [Array<Stint>]
      def self.stints(task, handover)
        offsets, ended = task.offsets, nil
        task
          .segments
          .each_with_index
          .with_object([]) do |(segment, index), all|
            use = segment.uses.find { |each| each.kind == COOK } or next
            goes_on =
              handover && ended && offsets[index] - ended <= handover && use.skill == all.last.use.skill
            all << Stint.new(use, []) unless goes_on
            all.last.stretches << [offsets[index], segment.minutes, index]
            ended = offsets[index] + segment.minutes
          end
      end

      private

      def cooks(use)
        @cooks[use.who || use.skill] ||= @bookings.fetch(COOK, []).select { |cook| cook.resource.takes?(use) }
      end

      # When somebody has all of a stint at the soonest.
      def soonest_for(stint, start)
        soonest = nil
        cooks(stint.use).each do |cook|
          free = stint.free_from(cook, start) or next
          return start if free == start

          soonest = free if soonest.nil? || free < soonest
        end
        soonest
      end

      # @return [Hash{Integer=>Bookings, nil}] who does each segment with hands of a task that begins then
      def who_does(task, start)
        mine = @instance.beside(task).flat_map { |key| @taken.fetch(key, []).flat_map(&:values) }
        @instance
          .stints(task)
          .each_with_object({}) do |stint, all|
            cook = cook_for(stint, start, mine)
            mine += [cook.resource.key] if cook
            stint.stretches.each { |_, _, index| all[index] = cook }
          end
      end

      # The one who had what came before it or has what comes after it, if free; else the one who
      # can do the least beside it, with the least to do.
      def cook_for(stint, start, mine)
        free = cooks(stint.use).select { |cook| stint.free_at?(cook, start) }
        free.find { |cook| mine.include?(cook.resource.key) } ||
          free.min_by { |cook| [cook.resource.skills&.size || Float::INFINITY, cook.load, cook.resource.key] }
      end
    end
  end
end
