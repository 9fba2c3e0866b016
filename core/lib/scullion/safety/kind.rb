# frozen_string_literal: true

module Scullion
  module Safety
    # What a food is, for safety: poultry, common bean, leaf … A row of facts/safety/kinds.yml.
    class Kind
      RAW = %w[never care fine].freeze
      STATES = %w[cold cut stable].freeze
      REASONS = %w[dry acid salt sugar fat whole].freeze
      GUESTS = %w[under-ones pregnant older ill].freeze
      FIELDS = %w[
        name
        raw
        why
        core
        animal
        cooked
        uncooked
        hold
        because
        water_activity
        ph
        washed
        bought
        not_for
        source
      ].freeze

      attr_reader :key, :name, :raw, :why, :core, :not_for, :because, :hold

      # @param facts [Hash] as in facts/safety/kinds.yml
      def initialize(key, facts)
        @key, @facts = key, facts
        @name, @raw, @why, @core, @because = facts.values_at("name", "raw", "why", "core", "because")
        @hold = facts["hold"]
        @not_for = facts.fetch("not_for", []).freeze
        freeze
      end

      # Raw, it is kept from what is eaten as it is.
      def animal? = @facts["animal"] == true

      # Of several kinds in one thing the strictest is what it is: raw animal food first, then what is not
      # eaten raw, what needs the cold, and what the most guests do not get.
      # @return [Array<Integer>] to compare by
      def strictness
        [animal? ? 1 : 0, -RAW.index(raw), cold?(cooked: false, cut: true) ? 1 : 0, not_for.size]
      end

      # Comes in ready to eat.
      def bought? = @facts["bought"] == true

      # Eaten raw, it is washed first.
      def washed? = @facts["washed"] == true

      # Must it be kept in the cold (or hot), as it is now? Yes for anything cooked unless this kind says why
      # not.
      # @param cooked [Boolean] @param cut [Boolean]
      def cold?(cooked:, cut:)
        return @facts["cooked"] == "cold" if cooked

        @facts["uncooked"] == "cold" || (@facts["uncooked"] == "cut" && cut)
      end

      # All that is wrong with the row, in a line each.
      # @return [Array<Fault>]
      def faults(classes)
        [
          *(@facts.keys - FIELDS).map { |field| "the field #{field}, which is not known" },
          *("a name" unless @name.is_a?(String)),
          *("raw: #{RAW.join(", ")}" unless RAW.include?(@raw)),
          *("why it is not eaten raw" unless @raw == "fine" || @why),
          *("cooked: cold or stable" unless %w[cold stable].include?(@facts["cooked"])),
          *("uncooked: #{STATES.join(", ")}" unless STATES.include?(@facts["uncooked"])),
          *("because: #{REASONS.join(", ")}" if unreasoned?),
          *("a class of core temperature that is known" unless @core.nil? || classes.include?(@core)),
          *("a core temperature" if animal? && @core.nil?),
          *("guests that are known: #{GUESTS.join(", ")}" unless (@not_for - GUESTS).empty?)
        ].map do |what|
          Fault.new(
            what: "The kind #{key} lacks or gets wrong: #{what}.",
            where: "safety/kinds.yml/#{key}",
            remedy: "See the head of the file."
          )
        end
      end

      private

      # It may stand out of the cold, and nobody says why.
      def unreasoned? = @facts.values_at("cooked", "uncooked").any?("stable") && !REASONS.include?(because)
    end
  end
end
