# frozen_string_literal: true

module Scullion
  module Safety
    # One thing that can hurt somebody: what must be true for it, how grave it is, the words and the remedy,
    # and where the hand is. A row of facts/safety/hazards.
    class Hazard
      GRAVE = %w[stop look mind].freeze
      HANDS = %w[cook prep dress build hold day service].freeze
      FIELDS = %w[of when unless grave what do hand source].freeze

      attr_reader :key, :of, :grave, :hand

      # @param row [Hash] @param where [String] the file, for faults
      def initialize(key, row, where)
        @key, @row, @where = key, row, where
        @of, @grave, @hand = row.values_at("of", "grave", "hand")
        @when, @unless = row.fetch("when", {}), row.fetch("unless", {})
        freeze
      end

      # Does it hold for this?
      # @param subject [#facts] @return [Boolean]
      def holds?(subject)
        @when.all? { |field, wanted| met?(subject, field, wanted) } &&
          @unless.none? { |field, wanted| met?(subject, field, wanted) }
      end

      # @return [Finding]
      def found(subject)
        Finding.new(
          hazard: key,
          grave: grave,
          hand: hand,
          at: subject.at(hand),
          about: subject.name,
          stage: subject.stage(hand),
          what: written(@row["what"], subject),
          remedy: written(@row.fetch("do", ""), subject),
          source: Catalogue.shipped.source(@row["source"])
        )
      end

      # All that is wrong with the row.
      # @return [Array<Fault>]
      def faults(sources)
        subject = Engine::SUBJECTS[of]
        wrong = [
          *(@row.keys - FIELDS).map { |field| "a field #{field} that no row has" },
          *("of: #{Engine::SUBJECTS.keys.join(", ")}" unless subject),
          *("grave: #{GRAVE.join(", ")}" unless GRAVE.include?(grave)),
          *("hand: #{HANDS.join(", ")}" unless HANDS.include?(hand)),
          *("the words" unless @row["what"].is_a?(String)),
          *("a remedy: a stop or a look says what to do" unless grave == "mind" || @row["do"]),
          *("a source of sources.yml" unless sources.key?(@row["source"])),
          *("a condition" if @when.empty?),
          *(subject ? unknown(subject) : [])
        ]
        wrong.map do |what|
          Fault.new(
            what: "The hazard #{key} lacks or gets wrong: #{what}.",
            where: "#{@where}/#{key}",
            remedy: "docs/rules.md lists what a hazard may ask and say."
          )
        end
      end

      private

      # One of several, of one or several.
      def met?(subject, field, wanted)
        there = subject.public_send(field)
        Array(wanted).any? { |each| there.is_a?(Array) ? there.include?(each) : there == each }
      end

      def written(text, subject) = text.gsub(/%\{(\w+)\}/) { subject.public_send(Regexp.last_match(1)).to_s }

      def unknown(subject)
        asked = (@when.keys + @unless.keys).reject { |field| subject::ASKED.include?(field) }
        said = @row.values_at("what", "do").compact.flat_map { |text| text.scan(/%\{(\w+)\}/).flatten }
        asked.map { |field| "it asks for #{field}, which no #{of} has" } +
          said
            .reject { |word| subject.public_method_defined?(word) }
            .map { |word| "it says %{#{word}}, which no #{of} has" }
      end
    end
  end
end
