# frozen_string_literal: true

module Scullion
  module Exchange
    # The plans that were asked for last, each with the brief that it is of: while nothing has changed that
    # it is made from, it is not read, worked out or written again.
    class Plans
      KEPT = 16

      # One plan. document: its brief; json: the plan as it is sent, written once.
      Kept = Struct.new(:stamp, :document, :plan) { def json = @json ||= JSON.generate(plan.to_h) }

      # An earlier version of a service is not asked for again.
      def initialize(keeps: KEPT)
        @plans, @briefs = [keeps, keeps * 4].map { |kept| Once.new(keeps: kept) { |_, of, *| of } }
      end

      # @param service [Records::Service] @param house [House]
      # @param document [Hash, nil] its brief, where that is at hand
      # @return [Kept] @raise [InvalidBrief]
      def of(service, house, document: nil)
        all([service], house, document && { service.id => document }).first
      end

      # @param services [Array<Records::Service>] @param documents [Hash, nil] their briefs by id
      # @return [Array<Kept>] in the same order; each thing is read once for all of them
      def all(services, house, documents = nil)
        stamps = Records::Stamp.services(services.map(&:id))
        services.map do |service|
          stamp = [house.stamp, service.id, stamps[service.id]]
          @plans.of(stamp) do
            documents ||= Briefing.documents(services, house)
            kept(stamp, documents.fetch(service.id), house)
          end
        end
      end

      # @return [Hash{Integer=>Hash}] briefs by the service's id
      def documents(services, house)
        stamps = Records::Stamp.services(services.map(&:id))
        missing = nil
        services.to_h do |service|
          brief =
            @briefs.of([house.stamp, service.id, stamps[service.id]]) do
              missing ||= Briefing.documents(services, house)
              missing.fetch(service.id)
            end
          [service.id, brief]
        end
      end

      # @param document [Hash] a brief that is not kept here
      def sent(document, house)
        stamp = [house.stamp, Digest::SHA256.digest(JSON.generate(document))]
        @plans.of(stamp) { kept(stamp, document, house) }
      end

      private

      # Whoever has a short answer to give goes on in between.
      def kept(stamp, document, house)
        brief = Brief.read(document, house).tap { Thread.pass }
        Kept.new(stamp, document, Plan.for(brief).tap { Thread.pass })
      end
    end
  end
end
