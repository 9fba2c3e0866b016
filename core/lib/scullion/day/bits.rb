# frozen_string_literal: true

module Scullion
  module Day
    # Minutes as the bits of an Integer, the soonest of them lowest. A negative one goes on for ever.
    module Bits
      # How many are set from the lowest on; nil when all are. @return [Integer, nil]
      def self.ones(bits) = bits == -1 ? nil : (~bits & (bits + 1)).bit_length - 1

      # So much more is taken in those minutes. A higher level has only minutes of the lower ones: above what
      # is taken there is nothing to add to.
      # @param levels [Array<Integer>] when at least so many are taken, by how many: of none always
      def self.take(levels, bits, amount)
        level = [(levels.index(0) || levels.size) - 1 + amount, levels.size - 1].min
        while level.positive?
          levels[level] |= level > amount ? levels[level - amount] & bits : bits
          level -= 1
        end
      end

      # And so much given back that was taken in all of them.
      def self.free(levels, bits, amount)
        level = 1
        until level == levels.size || levels[level].nobits?(bits)
          above = levels[level + amount]
          levels[level] = (levels[level] & ~bits) | (above ? above & bits : 0)
          level += 1
        end
      end
    end
  end
end
