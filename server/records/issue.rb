# frozen_string_literal: true

module Scullion
  module Records
    # A service as it was planned when its first task began, once and never changed: what planned and done are
    # compared by afterwards.
    class Issue < ActiveRecord::Base
      attribute :brief, ActiveRecord::Type::Json.new

      # @param service [Service] @param at [String] the kitchen's clock
      # @yieldreturn [Hash] the brief as it stands; only asked for the first time
      def self.keep(service, at)
        return if exists?(service: service.id)

        transaction(requires_new: true) do
          create!(service: service.id, service_name: service.name, at: at, brief: yield)
        end
      rescue ActiveRecord::RecordNotUnique
        nil
      end
    end
  end
end
