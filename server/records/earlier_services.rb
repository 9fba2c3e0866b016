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

      # Those that have the kitchen before it, each with its day. @return [Array<Array(Integer, Day::Roster)>]
      def days_before
        before(@service).filter_map do |other|
          [other.id, solved(whole(other))]
        rescue InvalidBrief, UnworkableDay
          nil
        end
      end

      # @return [Array<Hash>] as a brief's day has it
      def taken = @taken ||= taken_before(@service)

      # @param day [Hash, nil] what is decided of its day, where that is not what is kept
      # @return [Hash] the service's brief with what others have of the kitchen
      def brief(day = nil)
        document = @documents.fetch(@service.id)
        with_outings(whole(@service, day ? decided(document, day) : document))
      end

      # What each earlier service could make for this one or does, and what it kept of one that holds no more.
      # @return [Hash] ready for JSON
      def shared_work
        shared = Exchange::SharedWork.new(@kitchen.house)
        mine = Day::Roster.new(shared.plan(@service)).together.shareable
        taken = shared.taken(@service).to_h { |pair| [pair.preparation, pair.maker.id] }
        {
          "lines" => before(@service).flat_map { |other| lines_of(other, mine, taken) },
          "lapsed" => shared.lapsed(@service).filter_map { |pair| lapsed(pair, mine[pair.preparation]) }
        }
      end

      private

      def lines_of(other, mine, taken)
        day = solved(whole(other)).together
        day
          .shareable
          .slice(*mine.keys)
          .filter_map do |preparation, _|
            made, need = day.made(preparation), mine[preparation]
            line(other, need, made, taken[preparation]) if made && good?(made, taken[preparation] == other.id)
          end
      rescue InvalidBrief, UnworkableDay
        []
      end

      # Good until the last of it is served; what is taken already is shown all the same.
      def good?(made, taken)
        taken || [made["best"], made["discard"]].min >= "#{@service.date.iso8601}T#{@service.from}"
      end

      def line(other, need, made, maker)
        writer = @kitchen.house.practice.writer
        ready, best = [made["ready"], [made["best"], made["discard"]].min].map { |iso| said(iso) }
        {
          "preparation" => need.component.preparation,
          "name" => need.name,
          "colour" => need.ingredient.colour,
          "service" => other.id,
          "with" => other.name,
          "text" => "#{writer.g(need.finished_grams)}, ready #{ready}, good until #{best}",
          "made" => maker == other.id
        }
      end

      def said(iso)
        minute = Moment.at(@service.date, iso[11, 5], days: (Date.iso8601(iso[0, 10]) - @service.date).to_i)
        minute.to_s
      end

      def lapsed(pair, need)
        return unless need

        with = pair.maker&.name || "a service that is gone"
        "#{need.name} was to be made with #{with}, which does not make it before this one any more: it is " \
          "made here."
      end

      def before(service) = @others.values_at(*@turns.before(turn(service), @others.keys))

      def turn(service) = [service.date, service.from, service.id]

      # What another has of the kitchen and makes for this one follows from others, whatever is decided here.
      def decided(document, day)
        kept = (document["day"] || {}).slice("brings", "makes")
        document.merge("day" => day.except("together").merge(kept))
      end

      # With what others have of the kitchen, and when what they make for it is ready.
      def whole(service, document = @documents.fetch(service.id))
        with_ready(service, beside(document, taken_before(service)))
      end

      # A day that cannot be takes nothing.
      def taken_by(service)
        @of_each[service.id] ||= solved(whole(service)).taken
      rescue InvalidBrief, UnworkableDay
        @of_each[service.id] = []
      end

      def with_ready(service, document)
        brings = document.dig("day", "brings") or return document
        makers = (service.day["together"] || []).to_h { |row| row.values_at("preparation", "service") }
        told = brings.map { |row| row.merge(ready(makers[row["preparation"]], row["preparation"])) }
        document.merge("day" => document["day"].merge("brings" => told))
      end

      def ready(maker, preparation)
        other = @others.values.find { |each| each.id == maker }
        (other && solved(whole(other)).together.made(preparation)) || { "lost" => true }
      rescue InvalidBrief, UnworkableDay
        { "lost" => true }
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
