# frozen_string_literal: true

module Scullion
  module Recipe
    # The ways of cooking that a sentence names, in one word or in several, where they stand. For Told, which
    # it is a part of.
    module ToldWays
      # Ways of cooking to a sentence.
      MOST_WAYS = 3
      # Before a way of cooking that is not meant.
      NOT_TO = "(?:don't|do\\snot|dont|doesn't|never|no\\sneed\\sto|without|not)".freeze
      NOT = /\b#{NOT_TO}\s+(?:[^\s,;]+\s+){0,2}\z/i.freeze
      BOILED = %w[boil-cut simmer boil absorption].freeze
      DRUNK = %w[absorption].freeze
      GRILLED = %w[grill sear].freeze
      # Ways of cooking that are told in several words.
      PHRASES = {
        /from\s+cold\b(?!\s+(?:oven|fridge))/i => %w[boil-cut simmer],
        /in\s+(?:\S+\s+){0,3}(?:(?:boiling|salted)\s+water\b|water\b(?=[^.;]*\d))/i => BOILED,
        /(?:over|on|in)\s+(?:the|an?)\s+(?:(?:open|naked|gas|bare)\s+)?flames?\b/i => GRILLED,
        /(?:till|until|ha(?:ve|s))\s+(?:it's\s+|it\s+has\s+|they've\s+)?(?:absorbed|drunk)\b/i => DRUNK,
        /pour\w*\s+over\b[^.;]*\bboiling\b/i => DRUNK
      }.freeze
      # "Boil in lots of salted water"
      PLENTY = /\A[^.;,]*\b(?:lots|plenty|loads)\s+(?:of\s+)?(?:\S+\s+){0,2}water\b/i.freeze
      # "Let them steam dry", "pour it over while they steam": what has boiled already.
      STEAM = /\Asteam/i.freeze
      DRIES =
        /\A\w*\s+(?:(?:it|them|itself|themselves)\s+)?(?:dry|off)\b
          |\A\w*[^.;,]{0,12}\bin\s+(?:a|the)\s+colander\b/ix.freeze
      LEFT_TO = /\b(?:let|leave|left|while|as|when|still)\s+(?:\S+\s+){0,3}\z/i.freeze
      # "Leave for 10 minutes to soften", "massage until it softens": with nothing on the heat.
      SOFTENS = /\Asoften/i.freeze
      BY_ITSELF =
        /\b(?:leav(?:e|ing)|left|sit|stand|rest|soak|macerat|massag|salt|scrunch|toss)\w*\b[^.;]*\z/i.freeze
      ON_THE_HEAT = /\b(?:heat|fr(?:y|ied)|pan|hob|butter|simmer|cook|sweat)\w*\b/i.freeze
      # "On one sheet pan"
      IN_THE_OVEN = /\b(?:sheet|roasting|baking|oven)\s\z/i.freeze

      private

      # Each way of cooking that is named, where it stands.
      def ways(sentence)
        @ways ||=
          sentence
            .to_enum(:scan, /[[:alpha:]]+/)
            .map { Regexp.last_match }
            .filter_map { |word| way(word, sentence) }
            .first(MOST_WAYS)
      end

      def way(word, sentence)
        named = word[0].downcase
        named = "tray" if named == "pan" && word.pre_match.match?(IN_THE_OVEN)
        if wet_pan?(word, sentence) || crisped_cold?(word) || steams_dry?(word) || softens?(word, sentence)
          return
        end

        keys = @words["cook"][named] || way_by_phrase(word, sentence)
        keys = [named] if keys == []
        # In plenty of water nothing is drunk up.
        keys = (keys - DRUNK) + (keys & DRUNK) if keys && sentence[word.begin(0)..].match?(PLENTY)
        [word.begin(0), keys] if keys && !sentence[0...word.begin(0)].match?(NOT)
      end

      def steams_dry?(word)
        word[0].match?(STEAM) && (word.post_match.match?(DRIES) || word.pre_match.match?(LEFT_TO))
      end

      def softens?(word, sentence)
        word[0].match?(SOFTENS) && word.pre_match.match?(BY_ITSELF) && !sentence.match?(ON_THE_HEAT)
      end

      # "Crisp in ice water" is no cooking.
      def crisped_cold?(word) = word[0].match?(/\Acrisp/i) && word.post_match.match?(/\A\s+in\s+iced?\b/i)

      # "Spuds from cold, 22 min", "in loads of water, 22 mins", "till it's drunk the lot".
      def way_by_phrase(word, sentence)
        at = word.begin(0)
        keys = PHRASES.find { |pattern, _| sentence.index(pattern, at) == at }&.last
        keys unless keys == BOILED && soaked?(sentence, at)
      end

      # "Soak in hot water 15 min", "leave in cold water": nothing is cooked in it. In boiling water it is.
      def soaked?(sentence, at)
        water = sentence[at..][/\A[^.;,]*?\bwater\b/i].to_s
        return true if water.match?(/\b(?:cold|iced?)\b/i)
        return false if water.match?(/\bboiling\b/i)

        clause = sentence[0...at][/[^.;:]*\z/]
        %w[soak rest].any? { |name| nearest(clause, at, @words[name]) }
      end
    end
  end
end
