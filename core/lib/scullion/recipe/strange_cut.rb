# frozen_string_literal: true

module Scullion
  module Recipe
    # A cut by a word that nobody knows: "remoulade cut", "in thirds", "hedgehogged". It is asked, as nothing
    # here is cut so; what is only said of the food is not: "from the allotment".
    class StrangeCut
      NAMED = /\b(?<word>[[:alpha:]]{4,})[ -]cut\b(?!\s+(?:in|into|on|up|off|side|the)\b)/.freeze
      SHAPED =
        /\b(?:in|into)\s+(?:(?-i:[[:alpha:]\d.,½-]+)\s+){0,2}?(?<word>(?-i:[[:alpha:]]{3,})s)\b/i.freeze
      # What is done in a clause of its own.
      DONE =
        /(?:[,;(–]|\band\b|\bthen\b)\s*(?:(?-i:[[:alpha:]]+)ly\s+)?
          (?<word>(?-i:[[:alpha:]]{2,})(?:ed|ée?s?))(?![[:alpha:]])/ix.freeze

      # Ways to cut that nothing here has a figure for, alone behind a mark.
      ALONE =
        /[,;(–-]\s*(?<word>fans|tourn[eé]|hasselback|curls|scored|length(?:ways|wise)|longways
            |crossw(?:ays|ise)|pearls|thirds|lattice)\s*(?=[,;.)]|\z)/ix.freeze

      # @param text [String] the line @param unknown [Array<String>] its words without a role
      # @return [String, nil] as the line says it
      def self.of(text, unknown)
        named = found(NAMED, text, unknown).first
        return "#{named} cut" if named

        found(SHAPED, text, unknown).first || found(ALONE, text, unknown).first || done(text, unknown)
      end

      # What is done to it by a word that nobody knows, however it is cut: "sliced, hedgehogged".
      def self.done(text, unknown) = found(DONE, text, unknown).first

      def self.found(pattern, text, unknown)
        text.to_enum(:scan, pattern).map { Regexp.last_match[:word] } & unknown
      end
      private_class_method :found
    end
  end
end
