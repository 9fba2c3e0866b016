# frozen_string_literal: true

module Scullion
  module Count
    # How many of the guests eat one salad, as a cook writes it; and what becomes of it for another service.
    module Covers
      SHARE = /\A(\d{1,3}(?:\.\d+)?)\s*%\z/.freeze

      # @param text [String] "45", "45 covers", "30 %", or nothing for everyone @param all [Integer] guests
      # @return [Integer, String, nil] a count, up to a whole guest and never none; the text itself where it
      #   is
      #   neither; nil for everyone
      def self.read(text, all)
        written = text.to_s.strip.delete_suffix("covers").delete_suffix("cover").strip.delete(",")
        return if written.empty?

        share = written.match(SHARE)
        return [(all * share[1].to_f / 100).ceil, 1].max if share

        written.match?(/\A-?\d{1,12}\z/) ? written.to_i : written
      end

      # A salad for some of the guests stays for the same share of them.
      # @param count [Integer, nil] @param from [Integer] guests then @param to [Integer] guests now
      def self.scaled(count, from:, to:) = count && [(count * to.fdiv(from)).round, 1].max

      # What such services come to: the middle of the counts before. @param counts [Array<Integer>] not empty
      # @return [Integer]
      def self.usual(counts)
        sorted = counts.sort
        ((sorted[(sorted.size - 1) / 2] + sorted[sorted.size / 2]) / 2.0).round
      end
    end
  end
end
