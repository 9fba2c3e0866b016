# frozen_string_literal: true

module Scullion
  module Record
    # A figure of this kitchen's own, from what was weighed: the larder's counts as so many weighings, what
    # is far from the middle counts less. Never taken by itself: offered, with how many it is from, how far
    # they spread, and where they drift. Figures in practice/record.yml, "learn". Rules of the job, "The
    # record".
    class Learned
      # @param usual [Float] the figure as the house has it
      # @param values [Array<Float>] as weighed, oldest first
      # @param practice [Practice] @param hand [Boolean] what a hand holds
      def initialize(usual, values, practice, hand: false)
        @usual, @values, @practice, @kind = usual, values, practice, hand ? "hand_" : ""
      end

      def count = @values.size

      # The mean of what was weighed and the figure as it was. @return [Float]
      def value
        weights = @values.map { |each| weight(each) }
        ((prior * @usual) + weights.zip(@values).sum { |weight, each| weight * each }) / (prior + weights.sum)
      end

      # One spread of what was weighed, outliers aside. @return [Float, nil] nil of fewer than two
      def spread
        return if count < 2

        deviations = @values.map { |each| (each - middle).abs }
        [median(deviations) * MAD, 0.0].max
      end

      # Change from one weighing to the next, as a share: the middle of all slopes. @return [Float, nil]
      def trend
        return if count < fetch("least_times")

        slopes =
          @values
            .each_with_index
            .to_a
            .combination(2)
            .map { |(one, at), (other, then_)| (other - one) / (then_ - at) }
        median(slopes) / middle
      end

      # Enough was weighed, and it would move the figure.
      def offered?
        count >= fetch("least_times") && ((value - @usual) / @usual).abs > fetch("#{@kind}moves_share")
      end

      private

      # Of a spread that is the usual one.
      MAD = 1.4826
      private_constant :MAD

      def fetch(name) = @practice.fetch("record/learn/#{name}")
      def prior = fetch("#{@kind}prior_times")
      def middle = @middle ||= median(@values)

      # Fully within so many spreads of the middle, beyond them ever less.
      def weight(value)
        far = (value - middle).abs / [spread || 0.0, fetch("spread_share") * middle.abs].max
        far <= fetch("outlier_times") ? 1.0 : (fetch("outlier_times") / far)**2
      end

      def median(values)
        sorted = values.sort
        low, high = sorted[(sorted.size - 1) / 2], sorted[sorted.size / 2]
        (low + high) / 2.0
      end
    end
  end
end
