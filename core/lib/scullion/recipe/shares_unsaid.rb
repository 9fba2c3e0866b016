# frozen_string_literal: true

module Scullion
  module Recipe
    # Some of a food done so, and some so, of which nobody says how much that is: "some sliced, some whole",
    # "florets roasted, stalks shaved". It is asked.
    class SharesUnsaid
      SOME = /\b(?<word>some)\s+(?:of\s+(?:it|them)\s+)?(?<done>[[:alpha:]][^,;.()]{1,30})/i.freeze
      PART = /\b(?<word>#{Apart::PART.source}|florets)\s+(?<done>[[:alpha:]][^,;.()]{1,30})/i.freeze

      # @param plain [String] a line of one food @param lexicon [Lexicon]
      def initialize(plain, lexicon)
        @plain, @lexicon = plain, lexicon
      end

      # @return [String, nil] the word that begins it
      def word = differ(SOME) || (differ(PART) if done(PART).any? { |_, roles| roles.key?("cooks") })

      private

      def differ(pattern)
        said = done(pattern)
        said.first.first if said.size > 1 && said.map(&:last).uniq.size > 1
      end

      def done(pattern)
        @plain
          .to_enum(:scan, pattern)
          .map { Regexp.last_match }
          .map { |found| [found[:word], roles(found[:done])] }
          .reject { |_, roles| roles.empty? }
      end

      def roles(done)
        said = @lexicon.roles_in(done).slice(*Apart::ROLES)
        done.match?(Apart::WHOLE) ? said.merge("cuts" => WrittenWay::WHOLE) : said
      end
    end
  end
end
