# frozen_string_literal: true

module Scullion
  module Day
    # Minutes as the bits of an Integer, the soonest of them lowest. A negative one goes on for ever.
    module Bits
      # How many are set from the lowest on; nil when all are. @return [Integer, nil]
      def self.ones(bits) = bits == -1 ? nil : (~bits & (bits + 1)).bit_length - 1
    end
  end
end
