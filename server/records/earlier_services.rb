# frozen_string_literal: true

module Scullion
  module Records
    # What the services before one have of the kitchen on the days that it may be worked on.
    class EarlierServices
      # What is asked of them: services, their days, plans and house.
      Kitchen = Struct.new(:days, :plans, :house)

      # Of several services; each thing is read once for all of them.
      # @param services [Array<Records::Service>] @param kitchen [Kitchen]
      # @return [Array<EarlierServices>]
      def self.of(services, kitchen)
        turns = services.map { |service| Day::Turns.new(kitchen.house.practice, service.date).all_days }
        dates = turns.map(&:first).min..turns.map(&:last).max
        there = services.any? ? (services + Service.for_planning.where(date: dates).to_a).uniq : []
        documents = kitchen.plans.documents(there, kitchen.house)
        services.map { |service| new(service, there, documents, kitchen) }
      end

      # @param service [Records::Service] @param there [Array<Records::Service>] at least all on its days
      # @param documents [Hash{Integer=>Hash}] their briefs by id
      def initialize(service, there, documents, kitchen)
        @service, @documents, @kitchen = service, documents, kitchen
        @turns = Day::Turns.new(kitchen.house.practice, service.date)
        @others = there.select { |other| @turns.all_days.cover?(other.date) }.index_by { |other| turn(other) }
        @of_each = {}
      end

      # @param now [String, nil] local, "2026-11-28T09:40"
      # @param day [Hash, nil] what is decided of the service's day, where that is not what is kept
      # @return [Day::Roster] the service's own day, beside them
      # @raise [InvalidBrief] @raise [UnworkableDay]
      def roster(now: nil, day: nil)
        document = brief(day)
        document = document.merge("day" => (document["day"] || {}).merge("now" => now)) if now
        solved(document)
      end

      # @return [Array<Hash>] as a brief's day has it
      def taken = @taken ||= taken_before(@service)

      # @param day [Hash, nil] what is decided of its day, where that is not what is kept
      # @return [Hash] the service's brief with what others have of the kitchen
      def brief(day = nil)
        document = @documents.fetch(@service.id)
        with_outings(beside(day ? document.merge("day" => day) : document, taken))
      end

      private

      def before(service) = @others.values_at(*@turns.before(turn(service), @others.keys))

      def turn(service) = [service.date, service.from, service.id]

      # A day that cannot be takes nothing.
      def taken_by(service)
        @of_each[service.id] ||= solved(beside(@documents.fetch(service.id), taken_before(service))).taken
      rescue InvalidBrief, UnworkableDay
        @of_each[service.id] = []
      end

      def taken_before(service) = before(service).flat_map { |other| taken_by(other) }

      def beside(document, taken)
        taken.empty? ? document : document.merge("day" => (document["day"] || {}).merge("taken" => taken))
      end

      # The salads of this service that were out at earlier ones on its day.
      def with_outings(document)
        out =
          before(@service).select { |other| other.date == @service.date }.flat_map { |other| outings(other) }
        return document if out.empty?

        document.merge("day" => (document["day"] || {}).merge("outings" => out))
      end

      def outings(other)
        own = @service.lines.map { |line| line.salad.key }
        from, to = [other.from, other.to].map { |clock| (clock[0, 2].to_i * 60) + clock[3, 2].to_i }
        minutes = (to - from) % Moment::DAY
        (other.lines.map { |line| line.salad.key }.uniq & own).map do |key|
          { "salad" => key, "name" => other.name, "minutes" => minutes }
        end
      end

      def solved(document) = @kitchen.days.of(document, @kitchen.house)
    end
  end
end
