# frozen_string_literal: true

module Scullion
  module Records
    # What the services before one have of the kitchen on the days that it may be worked on.
    class EarlierServices
      # @param service [Records::Service] @param days [SolvedDays] @param house [House]
      def initialize(service, days, house)
        @service, @days, @house = service, days, house
        @turns = Day::Turns.new(house.practice, service.date)
        @of_each = {}
      end

      # @return [Array<Hash>] as a brief's day has it
      def taken = @taken ||= before(@service).flat_map { |other| taken_by(other) }

      private

      def before(service)
        others = Service.where(date: @turns.reach(service.date)).index_by { |other| turn(other) }
        others.values_at(*@turns.before(turn(service), others.keys))
      end

      def turn(service) = [service.date, service.from, service.id]

      # A day that cannot be takes nothing.
      def taken_by(service)
        @of_each[service.id] ||= @days.of(brief_of(service), @house).taken
      rescue InvalidBrief, UnworkableDay
        @of_each[service.id] = []
      end

      def brief_of(service)
        Exchange::Briefing.with_taken(service, @house, before(service).flat_map { |other| taken_by(other) })
      end
    end
  end
end
