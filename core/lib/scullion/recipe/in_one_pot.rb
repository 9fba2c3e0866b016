# frozen_string_literal: true

module Scullion
  module Recipe
    # What cooks in one pot: what was put into it first and all that was added before it came to the boil.
    # "Cover the lentils with water, add bay and onion, bring up and simmer 20 minutes" tells of the lentils
    # too. For Told, which it is a part of.
    module InOnePot
      POT =
        /\bcover(?:ed|ing)?\b[^.;]*\b(?:with|by|in)\b
         |\bto\s+cover\b
         |\bin(?:to)?\s+(?:a|an|the|one|your)\s+(?:\S+\s+){0,2}(?:pan|pot|saucepan|stockpot)\b/ix.freeze
      WET = /\b(?:water|stock|broth|boil\w*|simmer\w*|poach\w*)\b/i.freeze
      WITH = %r{\b(?:with|w/)\s*(?:\S+\s+){0,2}\z}i.freeze
      ADDED = /\A\W*(?:then\s+|now\s+)?(?:add|drop\s+in|throw\s+in|tip\s+in|with)\b/i.freeze

      private

      # Is a pan named that nothing is seared in?
      def wet_pan?(word, sentence)
        word[0].match?(/\Apans?\z/i) && sentence.match?(WET) &&
          word.pre_match.match?(/\bin(?:to)?\s+(?:a|an|the|one|your)\s+(?:\S+\s+){0,2}\z/i)
      end

      # @param group [Array<Mention>] that a way or a time stands beside @param at [Integer] where that stands
      # @return [Array<Array<String>>] keys of all that is in the pot with it
      def in_one_pot(group, at)
        first = group.map(&:at).min
        timed = times(@sentence).map(&:first).reject { |place| place >= at || place >= first }.max.to_i
        earlier = solid.select { |mention| mention.at < first && mention.at >= timed }
        along = earlier.any? && (pot_between?(timed, at) || with_it?(earlier.first.at, group, at))
        earlier = [] unless along
        [*(earlier + group).map(&:keys), *(added? ? @last : [])].uniq
      end

      def pot_between?(from, to) = @sentence[from...to].to_s.match?(POT) && @sentence.match?(WET)

      # "Simmer the beans with a carrot and an onion, 90 min": not "lentils with eggs boiled 7 min".
      def with_it?(from, group, at)
        first, last = group.map(&:at).minmax
        ways = ways(@sentence).map(&:first)
        ways.any? { |place| place < from } && ways.none? { |place| place.between?(last, at) } &&
          @sentence[0...first].match?(WITH)
      end

      # What was put into the pot in the sentence before is in it still.
      def added? = @potted && @sentence.match?(ADDED)

      # Has something been put into a pot, and no time been said of it?
      def pot_heard
        return @potted = false if times(@sentence).any?

        @potted = true if @sentence.match?(POT) && @sentence.match?(WET)
      end
    end
  end
end
