# frozen_string_literal: true

module Scullion
  module Record
    class Lessons
      # What was weighed and ticked at one service.
      class Weighed
        # @param log [Log] @param service [Integer]
        def initialize(log, service)
          @log, @service = log, service
        end

        # All parts of it together. @param of [String, nil] @param at [String] a sheet's "at"
        # @return [Float, nil] g; nil where nobody weighed it
        def grams(of, at, kind: "weighed")
          found = entries(kind, at).select { |entry| entry.of == of }
          found.sum(&:value) unless found.empty?
        end

        # From begun to done, of all that was both; nil where a part was not.
        # @return [Float, nil] minutes
        def minutes(at)
          begun, done =
            %w[begun done].map { |kind| entries(kind, at).to_h { |each| [each.task, each.clock] } }
          return if done.empty? || begun.keys.sort != done.keys.sort

          minutes = done.sum { |task, clock| between(begun[task], clock) }
          minutes if minutes.positive?
        end

        # Whose hands it was, where all of it was one pair's. @return [String, nil]
        def by(at)
          all = entries("done", at).map(&:by).uniq
          all.first if all.one?
        end

        private

        def entries(kind, at)
          @log
            .of(kind: kind, service: @service)
            .select { |entry| entry.task.to_s.start_with?("#{at}/") || entry.task == at }
        end

        def between(from, to) = Moment.stamp(to) - Moment.stamp(from)
      end
    end
  end
end
