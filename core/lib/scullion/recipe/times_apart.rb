# frozen_string_literal: true

module Scullion
  module Recipe
    # Times that are said one after the other of foods that are: "roast peppers and carrots for 25 and 35
    # minutes", "blanch beans and peas, 3 and 2 minutes". Each food has its own.
    class TimesApart
      LISTED = /(?<![\d.,])(?<first>\d{1,3})(?<more>(?:\s*,\s*\d{1,3})*)\s*,?\s*(?:and|&)\s*\z/i.freeze
      # Letters before the first number in which its time may be found: "for 25".
      BEFORE = 12

      # @param sentence [String] @param mentions [Array<Mentions::Mention>] in order
      # @param between [Regexp] what stands between foods that are spoken of together
      def initialize(sentence, mentions, between)
        @sentence, @mentions, @between = sentence, mentions, between
      end

      # @param at [Integer] where the last of the times stands @param minutes [Array(Float, Float)]
      # @return [Array<Array(Array<String>, Array(Float, Float))>, nil] keys of each food with its time
      def of(at, minutes)
        found = @sentence[0...at].match(LISTED) or return
        foods = named_together(found.begin(0))
        times = [found[:first], *found[:more].scan(/\d+/)].map { |each| [each.to_f] * 2 } << minutes
        foods.map(&:keys).zip(times) if foods.size == times.size
      end

      # Is that one of the times of a list, which its last one gives?
      def within?(at)
        lists.any? { |from, to| at.between?(from - BEFORE, to - 1) }
      end

      private

      def lists
        @lists ||=
          @sentence
            .to_enum(:scan, /(?:and|&)\s*(?=\d)/i)
            .map { Regexp.last_match.end(0) }
            .select { |at| of(at, [0.0, 0.0]) }
            .map { |at| [@sentence[0...at].match(LISTED).begin(0), at] }
      end

      # The last foods before it that are spoken of together.
      def named_together(at)
        before = @mentions.select { |mention| mention.at < at }
        last =
          before.slice_when { |one, other| !@sentence[one.to...other.at].to_s.match?(@between) }.to_a.last
        last || []
      end
    end
  end
end
