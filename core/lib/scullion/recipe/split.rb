# frozen_string_literal: true

module Scullion
  module Recipe
    # How a recipe's own words split its dressing: "two thirds on while they are warm, the rest just before
    # serving", "use half, the rest in jugs on the table". What it does not say of the rest is tossed.
    class Split
      OF_IT = /\b(?:dressing|dressed|dress|vinaigrette|sauce|paste)\b/i.freeze
      WARM = /\b(?:warm|hot|lukewarm|tepid)\b/i.freeze
      AT_TABLE = /\b(?:jugs?|tables?|on the side|bottle|pass (?:the )?(?:rest|remaining))\b/i.freeze
      REST = /\b(?:rest|remainder|remaining|last of|other half|balance)\b/i.freeze
      USED = /\buse (?:only |just )?(?:half|a third|two[- ]thirds|a quarter|three[- ]quarters)\b/i.freeze
      NUMBER = "(?:an?|\\d+(?:[.,]\\d+)?)".freeze
      UNIT = Regexp.union(Amount::Units::SPELLINGS.keys.sort_by { |word| -word.length }).source.freeze
      # "Makes 1 litre, use about 700 ml"
      MADE_USED =
        /\b(?:makes?|yields?|gives?)\s+#{Amount::Words::ROUGHLY}?
          (?<made>#{NUMBER})\s*(?<in>#{UNIT})\b[^.]{0,40}?
          \b(?:use|using|takes?|needs?|you'll\s+(?:need|use))\s+
          (?:(?:about|around|roughly|only|just|approx\w*\.?)\s+)*
          (?<used>#{NUMBER})\s*(?<of>#{UNIT})\b
         |(?<made>#{NUMBER})\s*(?<in>#{UNIT})\s+batch\b\W{0,3}\s*\b(?:use|need)\s+(?<used>#{NUMBER})
          \s*(?<of>#{UNIT})?(?=\s*(?:[),;.]|\z))/ix.freeze
      # What comes behind a share of it: not "half a pint of oil", "half the onions".
      OF_THAT =
        /\A\s*(?:
            (?:of\s+)?(?:(?:the|your|this|that|its)\s+)?(?:(?-i:[[:alpha:]-]+)\s+)?
              (?:dressing|vinaigrette|sauce|paste|marinade|it)\b
           |of\s+(?:this|that|the\s+lot)\b
           |\z|[^[:alnum:]\s]
           |(?:now|first|on|onto|over|in|into|at|while|when|goes?|went|go|to|with|before|is|was|for|straight|
               hot|warm|immediately|through|after|then|and|as|ahead|dress|toss|used?|back|kept|reserved|must|
               should|will|can|gets?|soaks?)\b
         )/ix.freeze
      # On one of the foods, ahead of the rest.
      AHEAD = /\b(?:marinat\w+|macerat\w+|steep\w*|marinade|leave|stand|sit)\b/i.freeze
      STANDS = %w[marinate_minutes rest_minutes soak_minutes chill_minutes].freeze
      WHEN = { "bowl" => "the rest, over everything", "back" => "not used: it keeps for another day" }.freeze
      # What the switch of it is called by.
      KEY = "dressing/split"
      # Letters between a share and what it is of.
      NEAR = 60

      # @param sentences [Array<String>] of the steps, in order
      # @param told [Array<Told::Fact>] what they tell of their foods
      def initialize(sentences, told)
        @sentences, @told = sentences, told
      end

      # @return [Array<Hash>, nil] stages as a salad has them; nil where nothing is said
      def stages
        return unless said

        sentence, share = said
        [first_stage(sentence, share), rest_stage(1 - share)]
      end

      # As one of the facts that the steps tell, with a switch of its own. @param writer [Amount::Writer]
      # @param declined [Array<String>] @return [Array<Hash>] one, or none where nothing is said
      def told(writer, declined)
        return [] unless said

        what = stages.map { |stage| in_words(stage, writer) }.join(", ")
        [
          {
            "key" => KEY,
            "what" => what,
            "text" => said.first,
            "set" => !declined.include?(KEY),
            "can" => true
          }
        ]
      end

      private

      def in_words(stage, writer)
        stands = ", stands #{writer.min(stage["minutes"])}" if stage["minutes"]
        "#{(stage["share"] * 100).round} % #{stage["name"].downcase}#{stands}"
      end

      def said
        return @said if defined?(@said)

        @said =
          @sentences
            .lazy
            .filter_map { |sentence| share_in(sentence)&.then { |share| [sentence, share] } }
            .first
      end

      def share_in(sentence)
        return unless sentence.match?(OF_IT)
        return share_used(sentence) if sentence.match?(MADE_USED)

        Shares::PATTERNS.each do |pattern, share|
          at = sentence =~ pattern or next
          around = sentence[[at - NEAR, 0].max, NEAR * 2]
          return share.to_f if around.match?(OF_IT) && sentence[at..].sub(pattern, "").match?(OF_THAT)
        end
        nil
      end

      # @return [Float, nil] of what is made, where the two are measured alike and some of it is left
      def share_used(sentence)
        found = sentence.match(MADE_USED)
        made, used =
          [%i[made in], %i[used of]].map { |number, unit| measured(found[number], found[unit] || found[:in]) }
        share = used.first / made.first
        share if made.last == used.last && share < 1
      end

      # @return [Array(Float, String)] how much, and of which unit
      def measured(number, unit)
        many = number.match?(/\d/) ? number.tr(",", ".").to_f : 1.0
        unit = Amount::Units::SPELLINGS.fetch(unit.downcase)
        grams, millilitres = [Amount::Units::GRAMS, Amount::Units::MILLILITRES].map { |units| units[unit] }
        return many * grams, "g" if grams

        millilitres ? [many * millilitres, "ml"] : [many, unit]
      end

      def first_stage(sentence, share)
        key, name, into = first_into(sentence)
        {
          "key" => key,
          "name" => name,
          "when" => sentence.strip[0, 120],
          "share" => share.round(4),
          "into" => into,
          "to" => [],
          **(into == "ahead" ? marinade(sentence) : {})
        }
      end

      def first_into(sentence)
        return %w[marinate Marinate ahead] if marinade(sentence).any?

        sentence.match?(WARM) ? %w[soak Soak warm] : %w[first First bowl]
      end

      # What stands in it, and for how long. @return [Hash] none where the sentence names no food for it
      def marinade(sentence)
        return {} if sentence.match?(WARM) || !sentence.match?(AHEAD)

        said =
          @told.select { |fact| fact.text == sentence.strip[0, Told::SHOWN] && STANDS.include?(fact.fact) }
        said = said.select { |fact| fact.of.any? }
        return {} if said.empty?

        { "to" => said.map { |fact| fact.of.first }.uniq, "minutes" => said.first.value.last.round }
      end

      def rest_stage(share)
        sentence =
          @sentences.find { |each| each.match?(REST) && (each.match?(OF_IT) || each.match?(AT_TABLE)) }
        key, name, into = rest_into(sentence)
        {
          "key" => key,
          "name" => name,
          "when" => (sentence || WHEN.fetch(into)).strip[0, 120],
          "share" => share.round(4),
          "into" => into,
          "to" => []
        }
      end

      # On the table, kept where only half is used and nothing is said of the rest, else tossed.
      def rest_into(sentence)
        return "rest", "On the table", "table" if sentence&.match?(AT_TABLE)
        if sentence.nil? && (said.first.match?(USED) || said.first.match?(MADE_USED))
          return "rest", "Kept back", "back"
        end

        %w[rest Toss bowl]
      end
    end
  end
end
