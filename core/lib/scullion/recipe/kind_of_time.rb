# frozen_string_literal: true

module Scullion
  module Recipe
    # What a time of a sentence is: of the cooking, of a rest, a soak, a marinade or the fridge. For Told,
    # which it is a part of.
    module KindOfTime
      # "In cold water, 18 min from the boil"
      BOILING = /\A[^,;.]{0,20}\b(?:from|after|once|when)\s+(?:the\s+|it\s+|they\s+)?(?:boil|com)/i.freeze
      # "Sliced thin, 10 min iced water", "shaved, ice water 10 min"
      THEN_COLD_WATER =
        /\A\S+\s*(?:min\w*)?\.?\s+(?:in\s+)?(?:iced?|cold|chilled|acidulated|lemon)\s+water\b/i.freeze
      # "Shallots in the vinegar 20 min"
      IN_ACID =
        /\bin(?:to)?\s+(?:(?:the|its|their|some)\s+)?(?:(?-i:[[:alpha:]]+)\s+)?
          (?:vinegar|vin|brine|marinade|(?:lemon|lime|orange)(?:\s+juice)?)\b[^.;,]{0,30}\z/ix.freeze
      # "Salt 15 minutes, rinse"
      SALTED = /(?:\A|[,;:+]\s*|\b(?:and|then)\s+)salt(?:ed)?\s+(?:for\s+|about\s+)*\z/i.freeze
      IN_COLD_WATER = /\b(?:iced?|cold|chilled|acidulated|lemon)\s+water\b[^.;,]{0,12}\z/i.freeze

      private

      # What its minutes are: those of the cooking, unless the nearest word says that something else takes
      # them.
      def kind(sentence, at, way)
        cold = sentence[0...at].match?(IN_COLD_WATER) || sentence[at..].match?(THEN_COLD_WATER)
        return "soak_minutes" if way.empty? && cold
        return "marinate_minutes" if way.empty? && sentence[0...at].match?(IN_ACID)
        return "rest_minutes" if sentence[0...at].match?(SALTED)

        said =
          %w[marinate soak chill rest].filter_map do |name|
            nearest(sentence, at, @words[name])&.then { |place| [place, name] }
          end
        # "12 min, rub off the skins"
        said = said.reject { |place, _| place > at && sentence[place..].match?(/\Arub\b/i) }
        cooked = way.map(&:first).select { |place| place <= at }.max || way.map(&:first).min
        before = said.select { |place, _| place <= at }
        place, name = before.max_by(&:first) || (said.min_by(&:first) unless cooked && cooked <= at)
        return "minutes" if place.nil? || (cooked && cooked > place && cooked <= at)
        return "minutes" if sentence[at..].match?(BOILING) || (before.empty? && cooked&.between?(at, place))
        # "Soak 12 h, then simmer": not "cover, 12 min at a simmer".
        soaked = place <= at && sentence[place..].match?(/\A(?:soak|steep)/i) && cooked.to_i > at
        return "minutes" if cooked && name == "soak" && !soaked

        "#{name}_minutes"
      end

      # The last place before this one where one of these words stands; or any place in the sentence.
      def nearest(sentence, at, words)
        places =
          sentence
            .to_enum(:scan, /[[:alpha:]]+/)
            .map { Regexp.last_match }
            .select { |word| words.include?(word[0].downcase) && !of_a_food?(word) }
            .map { |word| word.begin(0) }
        places.select { |place| place <= at }.max || places.min
      end

      # "Fry the sage leaves 1 min": nothing is left to rest.
      def of_a_food?(word)
        word[0].casecmp?("leaves") && @found.any? { |mention| mention.to == word.begin(0) - 1 }
      end
    end
  end
end
