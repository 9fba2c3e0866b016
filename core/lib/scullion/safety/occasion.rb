# frozen_string_literal: true

module Scullion
  module Safety
    # The service as a whole as its hazards see it: whom it feeds, by which house rules, with what.
    class Occasion
      include Said

      ASKED = %w[guests lax_set probes allergens].freeze

      # @param plan [Plan] @param asked [Asked]
      def initialize(plan, asked)
        @plan, @asked = plan, asked
      end

      def name = @plan.brief.service.name
      def at(_hand) = "service"
      def stage(_hand) = "count"

      def lax_set = asked.rules.lax.any?
      def lax = asked.rules.lax.map { |limit| asked.rules.said(limit, writer) }.join("; ")

      # Is anything cooled or cooked to a temperature?
      def probes = @plan.cooking.any? { |cooking| cooking.tcs? || cooking.core }
      def allergens = @plan.portions.any? { |portion| portion.contains.any? }
    end
  end
end
