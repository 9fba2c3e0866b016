# frozen_string_literal: true

module Scullion
  module Safety
    # What one plan asks its hazards with: the house rules and what they ask beside their limits, the guests,
    # and the house's own way of writing.
    class Asked
      attr_reader :rules, :guests, :practice, :brief

      # @param brief [Brief]
      def initialize(brief)
        @brief, @rules, @practice = brief, brief.rules, brief.practice
        @guests = brief.service.guests
      end

      def writer = practice.writer
      def catalogue = Catalogue.shipped
      def kind(ingredient) = catalogue.kind(ingredient)
      def code = @code ||= catalogue.code(rules.key)

      # @param key [String] a class of core temperature
      # @return [Core]
      def core(key) = Core.new(key, code["core"].fetch(key), rules)
    end
  end
end
