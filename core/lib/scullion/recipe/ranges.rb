# frozen_string_literal: true

module Scullion
  module Recipe
    # The other end of an amount that is said by two numbers: "4 to 6", "between 4 and 6". For Quantities,
    # which it is a part of.
    module Ranges
      TO = /\s*(?:-|–|—)\s*|\s+(?:to|or)\s+/i.freeze
      # "Lemons 4 and 2 limes" are two amounts.
      BETWEEN, AND = /\bbetween\s*\z/i.freeze, /\s+and\s+/i.freeze
      # Said from its end: "10-8", and not "eggs 140 - 7 min".
      FALLS = 4

      private

      # @param from [Integer] the byte at which the number begins @param low [Float] what is read of it
      # @return [Float] low where it is no range
      def other_end(from, low)
        between = @scan.pos
        more = range?(from) ? one : nil
        return more if more && more * FALLS >= low

        @scan.pos = between
        low
      end

      def range?(from)
        @scan.skip(TO) || (@scan.string.byteslice(0...from).match?(BETWEEN) && @scan.skip(AND))
      end
    end
  end
end
