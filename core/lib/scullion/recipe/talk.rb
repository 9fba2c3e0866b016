# frozen_string_literal: true

module Scullion
  module Recipe
    # A thread of messages: what is asked there is no food, and "yes, 2 pots" is 2 pots of what was asked for.
    class Talk
      ASKED =
        /\?\s*\z
         |\A(?:how\ (?:much|many)|what\ about|which|shall|should|(?:do|have)\ (?:we|you))\b/ix.freeze
      # "Potato one. need 2.5 kilos": which salad it is.
      THE_ONE = /\A(?:the\s+)?(?-i:[[:alpha:]]+)\s+one[.,:]\s+(?:(?:need|get|so)\s+)?(?=\S)/i.freeze
      HOW_MUCH = /\A(?:and\s+)?how\s+(?:much|many)\s+(?=\S)/i.freeze
      # Words to an answer that says only how much.
      ANSWER = 3
      YES = /\A(?:yes|yeah|yep|yup|ya|aye|ok|okay|sure|please)\b[\s,.!:-]*(?=\S)/i.freeze
      NO = /\A(?:no|nope|nah|not|never)\b/i.freeze
      # What names an amount is no mere question, and no mere no: "400 g feta?", "no, but 200 g feta".
      NUMBER = /[\d½¼¾⅓⅔]/.freeze
      # An amount that has no food behind it.
      AMOUNT = /\A(?:[\d½¼¾]|an?\b|one\b|two\b|three\b|half\b|few\b|couple\b)/i.freeze

      # What asks, or says no, by the number of its line. @return [Hash{Integer=>Array<String>}]
      attr_reader :asked

      # @param lines [Array<Array(Integer, String)>] as they were said, with their numbers
      def initialize(lines)
        @lines, @asked = lines.map { |number, text| [number, text.sub(THE_ONE, "")] }, {}
        @answers = {}
        @lines.each_cons(2) { |(number, text), (next_number, reply)| note(number, text, next_number, reply) }
      end

      # @return [Array<Array(Integer, String)>] each answer with what was asked
      def lines
        @lines.map { |number, text| [number, @answers.fetch(number, text)] }
      end

      private

      # "How much coriander" - "4 bunches"
      def so_much?(text, reply) = text.match?(HOW_MUCH) && reply.split.size <= ANSWER

      def note(number, text, next_number, reply)
        return unless text.match?(ASKED) && !text.match?(NUMBER)

        (asked[number] ||= []) << text
        (asked[next_number] ||= []) << reply if reply.match?(NO) && !reply.match?(NUMBER)
        answer = reply.sub(YES, "")
        return unless (reply.match?(YES) || so_much?(text, reply)) && answer.match?(AMOUNT)

        asked_for = text.sub(/\s*\?\s*\z/, "").sub(HOW_MUCH, "").sub(/\A(?:and|any|the)\s+/i, "")
        @answers[next_number] = "#{answer} of #{asked_for}"
      end
    end
  end
end
