# frozen_string_literal: true

module Scullion
  module Records
    # A figure set by hand, for one service or (without one) for the whole kitchen.
    class OwnFigure < ActiveRecord::Base
      belongs_to :service, optional: true

      # A service's own figures stand over the kitchen's.
      def self.for_planning(service)
        where(service: [nil, service]).order(Arel.sql("service_id IS NOT NULL")).index_by(&:at).values
      end

      def to_document = { "at" => at, "value" => value, "set_for" => service_id ? "this service" : "this kitchen" }
    end
  end
end
