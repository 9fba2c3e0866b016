# frozen_string_literal: true

module Scullion
  module Formats
    # What the services before one have of the kitchen on the days that it may be worked on: the
    # earlier service has its hands and its heat, the later one is planned around it.
    class OtherServices
      # @param service [Records::Service] @param days [SolvedDays]
      def initialize(service, days)
        @service, @days = service, days
        @of_each = {}
      end

      # @return [Array<Hash>] as a brief's day has it
      def taken = @taken ||= before(@service).flat_map { |other| taken_by(other) }

      private

      # The earlier ones of the days that either may be worked on.
      def before(service)
        ahead, back = %w[day/ahead/days day/beside/most_days].map { |at| Records.facts.practice.fetch(at).to_i }
        from = [service.date - ahead, @service.date - back].max
        others = Records::Service.where(date: from..service.date).order(:date, :from, :id)
        others.take_while { |other| (turn(other) <=> turn(service)).negative? }
      end

      def turn(service) = [service.date, service.from, service.id]

      # A day that cannot be takes nothing.
      def taken_by(service)
        @of_each[service.id] ||= @days.of(Briefing.with_taken(service, before(service).flat_map { |other| taken_by(other) })).taken
      rescue InvalidBrief, UnworkableDay
        @of_each[service.id] = []
      end
    end
  end
end
