# frozen_string_literal: true

module Scullion
  module Recipe
    # What steps say is done to a raw vegetable before it is dressed: salted and drained, massaged, crisped in
    # ice water, soaked, pickled quickly, mashed. For Told, which it is a part of. A food that has no figures
    # for it keeps it as a fact that is only shown.
    module ToldTreats
      DRAINED = /\b(?:drain|squeez|wring|wrung|press|pat|weep|sweat|draw|purge|liquid|water\s+out)\w*/i.freeze
      # "… salted and left for an hour. Squeeze them out hard."
      THEN_DRAINED = /\A\W*(?:then\s+)?(?:drain|squeeze|press|wring)\s+(?:it|them|each|out|well)\b/i.freeze
      # In anything but cold water: milk, vinegar, hot tea.
      IN_OTHER =
        "[^.;,]*\\b(?:in|with)\\s+" \
          "(?!(?:(?:a|the|some|very|cold|iced|fresh|plain|tap|plenty|lots|bowl|of)\\s+)*water\\b)".freeze
      # The first that fits is meant: what is rinsed is more than drained.
      TREATS = {
        "salt-and-rinse" => [/\bsalt(?:ed|ing)?\b(?=[^.;]*\brins\w*)/i, DRAINED],
        "salt-and-drain" => [/\bsalt(?:ed|ing)?\b(?!\s*(?:&|and)\s+pepper)(?!\s+(?:\S+\s+)?water)/i, DRAINED],
        "massage" => [/\b(?:massag|scrunch)\w*|\brub\s+(?:the\s+)?(?:kale|cavolo|leaves)\b/i],
        "ice-water" => [/\biced?\s+water\b/i],
        "cold-soak" => [/\b(?:soak|steep)\w*\b(?!#{IN_OTHER})/i],
        "quick-pickle" => [/(?:\A|[.;,:]\s*|\bthen\s+|\bquick(?:ly)?[\s-])pickle\b(?!d|\s*,)/i],
        "mash" => [/\b(?:mash|crush)\s+(?:the|them|it)\b/i]
      }.freeze
      # "Not soaked", "no need to rinse": what is not done.
      NOT_DONE =
        /\b(?:#{ToldWays::NOT_TO}|no)\s+(?:be\s+|being\s+)?
          (?:soak|steep|salt|rins|drain|squeez|press|marinat|chill|massag|mash|crush|pickl|rest)\w*/ix.freeze
      # Of a part of it, it is none of the whole; and seasoned is not salted.
      PART =
        /\A\S+\s+#{Amount::Words::ROUGHLY}?
          (?:half|some|most|one|two|three|a\s+(?:third|quarter|few|little|handful))\b/ix.freeze
      SEASONED = /\bseason\w*\s+(?:\S+\s+){0,3}\z/i.freeze
      # What is said after it is cooked in water is how it is cooled.
      COOLED = %w[ice-water cold-soak].freeze

      private

      # @return [Array<Told::Fact>] one at most for each sentence
      def treats(sentence)
        name, at = TREATS.filter_map { |key, patterns| (at = place(sentence, patterns)) && [key, at] }.first
        return [] if name.nil? || sentence[at..].match?(PART) || sentence[0...at].match?(SEASONED)
        return [] if COOLED.include?(name) && ways(sentence).any?

        spoken_of(sentence, at, at + 1).select(&:any?).map { |of| fact(of, "treat", name, sentence) }
      end

      # Where the first of these stands, if all of them do: in the sentence, or where the next one begins.
      def place(sentence, patterns)
        at = sentence =~ patterns.first or return
        said = [sentence[at..], (@following if @following.match?(THEN_DRAINED))].compact
        at if patterns.drop(1).all? { |pattern| said.any? { |text| text.match?(pattern) } }
      end
    end
  end
end
