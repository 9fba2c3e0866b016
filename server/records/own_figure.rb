# frozen_string_literal: true

module Scullion
  module Records
    # A figure set by hand, for one service or (without one) for the whole kitchen.
    class OwnFigure < ActiveRecord::Base
      belongs_to :service, optional: true

      # A service's own figures stand over the kitchen's.
      # @param services [Array<Service>] @return [Hash{Integer=>Array<OwnFigure>}] by the service's id
      def self.for_planning(services)
        ids = services.map(&:id)
        all =
          where(service_id: [nil, *ids]).order(Arel.sql("service_id IS NOT NULL"), :id).group_by(&:service_id)
        ids.to_h { |id| [id, [*all[nil], *all[id]].index_by(&:at).values] }
      end

      # Those that hold for every service.
      def self.of_the_kitchen = where(service: nil)

      # Sets it, and notes who did and when.
      def set(value, by)
        update!(value: value, set_by: by.presence, set_on: Date.current)
      end

      def to_document = { "at" => at, "value" => value, "set_for" => set_for }

      # Whose figure it is, in words: "this kitchen, by ML on 24 Nov 2026".
      def set_for
        [
          service_id ? "this service" : "this kitchen",
          set_by && "by #{set_by}",
          set_on && "on #{set_on.strftime("%-d %b %Y")}"
        ].compact.then { |words| words.size > 1 ? "#{words.first}, #{words.drop(1).join(" ")}" : words.first }
      end
    end
  end
end
