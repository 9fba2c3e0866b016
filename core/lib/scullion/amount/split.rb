# frozen_string_literal: true

module Scullion
  class Amount
    # Splits a whole into parts that add up to it exactly: largest remainder over whole steps.
    module Split
      # @param whole [Integer] in steps (1 g, or 0.1 g for small batches), not negative
      # @param weights [Array<Numeric>] not negative; all zero splits evenly
      # @return [Array<Integer>] one part per weight; the sum is +whole+
      def self.exact(whole, weights)
        return [] if weights.empty?

        total = weights.sum.to_f
        weights, total = weights.map { 1 }, weights.size.to_f if total <= 0
        shares = weights.map { |weight| whole * weight / total }
        parts = shares.map(&:floor)
        left_over(shares, parts, whole).each { |index| parts[index] += 1 }
        parts
      end

      # Equal parts; the first ones take the odd steps.
      # @param whole [Integer] in steps @return [Array<Integer>] +count+ parts that add up to it
      def self.evenly(whole, count)
        each, odd = whole.divmod(count)
        Array.new(count) { |index| index < odd ? each + 1 : each }
      end

      # The indexes with the largest remainders, first come first served among equals.
      def self.left_over(shares, parts, whole)
        shares.each_index.max_by(whole - parts.sum) { |index| [shares[index] - parts[index], -index] }
      end
      private_class_method :left_over

      # The scale step that a batch is weighed in: 0.1 g below 250 g, else 1 g.
      def self.step(grams) = grams < 250 ? 0.1 : 1.0

      # Splits grams into parts on a scale's step.
      # @return [Array<Float>] grams; their sum is +grams+ rounded up to the step
      def self.steps(grams, weights, step)
        exact(((grams / step) - 1e-6).ceil, weights).map { |parts| (parts * step).round(1) }
      end

      # The same where what a coarse scale does not show is measured by the spoon: it stays as it is, to a
      # tenth, and the others share the rest in steps.
      # @param scale [Float] g, the smallest step of the scale
      def self.weighable(grams, weights, step, scale)
        shares = weights.map { |weight| grams * weight / weights.sum }
        spooned = shares.map { |share| scale > FINE && share < scale }
        return steps(grams, weights, step) if spooned.none? || spooned.all?

        rest = grams - shares.zip(spooned).sum { |share, spoon| spoon ? share : 0.0 }
        weighed = exact((rest / step).round, weights.zip(spooned).map { |weight, spoon| spoon ? 0 : weight })
        shares.each_index.map { |index| (spooned[index] ? shares[index] : weighed[index] * step).round(1) }
      end
      # g that every scale of a kitchen shows, where nobody says otherwise.
      FINE = 0.1
    end
  end
end
