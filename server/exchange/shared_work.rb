# frozen_string_literal: true

module Scullion
  module Exchange
    # What services make once between them. A service keeps what it takes of which other; from that follows
    # what is made for it there, in which amount, and what is neither bought nor made here. It holds as long
    # as
    # the other still comes first and still makes it.
    class SharedWork
      # One preparation of two services.
      Pair = Struct.new(:taker, :preparation, :maker, keyword_init: true)

      # @param house [House]
      def initialize(house)
        @house, @plans = house, {}
      end

      # @param service [Records::Service] @return [Hash, nil] its day as a brief has it
      def day_of(service)
        return service.day.presence if none?

        (service.day || {})
          .except("together")
          .merge("brings" => brings(service), "makes" => makes(service))
          .reject { |_, kept| kept.respond_to?(:empty?) && kept.empty? }
          .presence
      end

      # What it takes of others. @return [Array<Pair>]
      def taken(service) = pairs.select { |pair| pair.taker.id == service.id && holds?(pair) }

      # What it keeps of that and holds no more. @return [Array<Pair>]
      def lapsed(service) = pairs.select { |pair| pair.taker.id == service.id && !holds?(pair) }

      # As it would be made by itself. @return [Plan]
      def plan(service)
        @plans[service.id] ||= Plan.for(Brief.read(Briefing.alone(service, @house), @house))
      end

      private

      def none? = @none.nil? ? @none = Records::Together.none? : @none
      def pairs
        @pairs ||=
          begin
            takers = Records::Together.takers.to_a
            rows = takers.flat_map { |taker| taker.day["together"].map { |row| [taker, row] } }
            makers =
              Records::Service
                .for_planning
                .where(id: rows.map { |_, row| row["service"] }.uniq)
                .index_by(&:id)
            rows.map do |taker, row|
              Pair.new(taker: taker, preparation: row["preparation"], maker: makers[row["service"]])
            end
          end
      end

      def brings(service)
        taken(service).map { |pair| { "preparation" => pair.preparation, "for" => pair.maker.name } }
      end

      def makes(service)
        pairs
          .select { |pair| pair.maker&.id == service.id && holds?(pair) }
          .map do |pair|
            need = need_of(pair.taker, pair.preparation)
            {
              "preparation" => pair.preparation,
              "for" => pair.taker.name,
              "grams" => need.finished_grams.round(1)
            }
          end
      end

      # The other comes first, has it as well, and does not take it of a third itself.
      def holds?(pair)
        (@holds ||= {})[pair] ||= [
          !pair.maker.nil? && Records::Together.before?(pair.maker, pair.taker, @house.practice) &&
            pairs.none? { |each| each.taker.id == pair.maker.id && each.preparation == pair.preparation } &&
            [pair.maker, pair.taker].all? { |service| need_of(service, pair.preparation) }
        ]
        @holds[pair].first
      end

      def need_of(service, preparation)
        plan(service).needs.find { |need| need.component.preparation == preparation }
      rescue InvalidBrief
        nil
      end
    end
  end
end
