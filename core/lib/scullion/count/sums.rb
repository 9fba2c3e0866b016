# frozen_string_literal: true

module Scullion
  module Count
    # How the weights of a serving are shown, so that the layers and the dressing visibly add up to the
    # portion: little ones to the tenth of a gram, the others in the writer's steps by largest remainder, and
    # what is over on the largest. In grams to the tenth; in ounces to the quarter.
    class Sums
      # @param parts [Hash{Object=>Float}] g of each @param whole [Float] g, what they add up to
      # @param writer [Amount::Writer]
      def initialize(parts, whole, writer)
        @parts, @whole, @writer = parts, whole.round(1), writer
      end

      # @return [String] of one of the parts
      def text(part) = @writer.g_exact(shown.fetch(part))
      # @return [String] of all of it
      def whole = @writer.g_exact(plain(@whole))

      # @return [Hash{Object=>Float}] g
      def shown
        @shown ||=
          begin
            little, large = @parts.partition { |_, grams| grams < @writer.fine_under }.map(&:to_h)
            little = large.empty? ? tenths(little) : little.transform_values { |grams| grams.round(1) }
            little.merge(stepped(large, @whole - little.values.sum)).transform_values { |grams| plain(grams) }
          end
      end

      private

      def tenths(little)
        little
          .keys
          .zip(Amount::Split.exact((@whole * 10).round, little.values).map { |each| each / 10.0 })
          .to_h
      end

      def stepped(large, whole)
        return large if large.empty?

        step = @writer.serving_step
        steps = [(whole / step).round, 0].max
        parts = Amount::Split.exact(steps, large.values).map { |each| each * step }
        most = parts.each_index.max_by { |index| parts[index] }
        parts[most] += whole - (steps * step)
        large.keys.zip(parts).to_h
      end

      # Whole numbers without an idle tenth.
      def plain(grams)
        tenth = grams.round(1)
        tenth == tenth.to_i ? tenth.to_i : tenth
      end
    end
  end
end
