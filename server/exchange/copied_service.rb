# frozen_string_literal: true

module Scullion
  module Exchange
    # A service made again on another date: the same salads, window and way of serving; covers as
    # they were, or by what such services came to before. Marks, stock and pins stay behind.
    class CopiedService
      KEPT = %w[name from to tables served_as over_prep guests lines].freeze

      # @param service [Records::Service]
      def initialize(service)
        @service = service
      end

      # @param date [String] @param covers [Integer, nil] @return [Hash] ready to be written
      def to(date, covers)
        document = @service.to_brief.slice(*KEPT).merge("date" => date, "covers" => covers || @service.covers)
        document.merge("lines" => document["lines"].map { |line| scaled(line, document["covers"]) }).compact
      end

      # Covers of services of this name before, newest first, and their median.
      # @return [Hash]
      def history
        before =
          Records::Service.where(name: @service.name).order(date: :desc).limit(12).pluck(:date, :covers)
        {
          "covers" => before.map { |date, covers| { "date" => date.iso8601, "covers" => covers } },
          "usual" => Count::Covers.usual(before.map(&:last))
        }
      end

      private

      # A salad for some of the guests stays for the same share of them.
      def scaled(line, covers)
        line.merge(
          "covers" => Count::Covers.scaled(line["covers"], from: @service.covers, to: covers)
        ).compact
      end
    end
  end
end
