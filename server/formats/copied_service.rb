# frozen_string_literal: true

module Scullion
  module Formats
    # A service made again on another date: the same salads, window and way of serving; covers as
    # they were, or by what such services came to before. Marks, stock and pins stay behind.
    class CopiedService
      KEPT = %w[name from to tables served_as over_prep lines].freeze

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
        before = Records::Service.where(name: @service.name).order(date: :desc).limit(12).pluck(:date, :covers)
        { "covers" => before.map { |date, covers| { "date" => date.iso8601, "covers" => covers } }, "usual" => median(before.map(&:last)) }
      end

      private

      # A salad for some of the guests stays for the same share of them.
      def scaled(line, covers)
        line["covers"] ? line.merge("covers" => [(line["covers"] * covers.fdiv(@service.covers)).round, 1].max) : line
      end

      def median(counts) = counts.sort.then { |sorted| ((sorted[(sorted.size - 1) / 2] + sorted[sorted.size / 2]) / 2.0).round }
    end
  end
end
