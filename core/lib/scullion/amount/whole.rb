# frozen_string_literal: true

module Scullion
  class Amount
    # Counts of whole things. A division leaves a whole number a hair off itself, and a hair is no bowl more.
    module Whole
      HAIR = 1e-9

      # @param number [Float] @return [Integer] rounded up
      def self.up(number) = (number - HAIR).ceil

      # @return [Integer] rounded down
      def self.down(number) = (number + HAIR).floor
    end
  end
end
