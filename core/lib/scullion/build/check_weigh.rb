# frozen_string_literal: true

module Scullion
  module Build
    # A few portions weighed at the pass: their mean and spread, whether they drift, and what that
    # does to the last guests. Rules of the job, "Build".
    class CheckWeigh
      # g that a portion can weigh.
      PORTION = (1..5000).freeze

      # Weights as they are read off a scale, one after the other.
      # @param text [String] "338 340; 351" @yield [String] reads one @return [Array<Float>]
      # @raise [InvalidBrief] when one cannot be a portion, or there is none
      def self.weights(text)
        read = text.to_s.split(/[\s;]+|,(?!\d)/).reject(&:empty?).map { |each| [each, yield(each)] }
        strange, = read.find { |_, grams| !(grams.is_a?(Numeric) && PORTION.cover?(grams)) }
        refuse("#{Fault.shown(strange)} is not a portion's weight.", "Write grams, such as 338.") if strange
        refuse("Nothing was weighed.", "Weigh five portions and write them in order.") if read.empty?
        read.map { |_, grams| grams.to_f }
      end

      def self.refuse(what, remedy)
        raise(InvalidBrief, Fault.new(what: what, where: "/weights", remedy: remedy))
      end
      private_class_method :refuse

      # @param waves [Waves] of the salad @param weights [Array<Float>] g, in the order they were plated
      def initialize(waves, weights)
        @waves, @weights, @writer = waves, weights, waves.writer
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "mean" => @writer.g_whole(mean),
          "spread" => "± #{@writer.g_whole(spread)}",
          "aim" => @writer.g_whole(aim),
          "off" => "#{off.negative? ? "−" : "+"}#{@writer.share(off.abs)}",
          "drift" => drift_in_words,
          "enough_for" => enough_for,
          "covers" => @waves.covers,
          "says" => says
        }
      end

      def mean = @weights.sum / @weights.size

      # Standard deviation of the sample.
      def spread = Math.sqrt(@weights.sum { |weight| (weight - mean)**2 } / [@weights.size - 1, 1].max)

      # Portions that all of the salad makes at this weight.
      def enough_for = Amount::Whole.down(@waves.finished_grams / mean)

      # g heavier with each portion, by least squares.
      def drift
        middle = (@weights.size - 1) / 2.0
        squares = @weights.each_index.sum { |index| (index - middle)**2 }
        if squares.zero?
          0.0
        else
          @weights.each_with_index.sum { |weight, index| (index - middle) * (weight - mean) } / squares
        end
      end

      private

      # Portions that come out within this share of the aim need no word.
      def near = @waves.practice.fetch("day/checks/near_share")
      def aim = @waves.portion_grams
      def off = (mean / aim) - 1

      def drift_in_words
        if drift.abs < aim * near / @weights.size
          "steady"
        else
          "#{@writer.g(drift.abs)} #{drift.positive? ? "heavier" : "lighter"} with each"
        end
      end

      def says
        short = @waves.covers - enough_for
        if short.positive?
          return "#{short} guests would get none: aim for #{@writer.g_whole(aim)}, level the spoon."
        end
        return "On the mark." if off.abs <= near

        return "Heavy, but there is enough for all: the extra made on top is going." if off.positive?

        "Light: #{enough_for - @waves.covers} portions would be left over. Give a little more."
      end
    end
  end
end
