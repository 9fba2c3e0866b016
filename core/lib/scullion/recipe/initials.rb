# frozen_string_literal: true

module Scullion
  module Recipe
    # Foods of whose first word a kitchen's list has only the first letter: "r/onion", "r.onion", "s/potato",
    # "w/cress".
    class Initials
      SHORT = %r{(?<![[:alnum:]/.])(?<letter>(?-i:[[:alpha:]]))[/.](?<rest>(?-i:[[:alpha:]]{3,}))}i.freeze
      # "Carrots w/oil": with it, unless it is one word.
      WITH = "w"

      # @param foods [Hash{String=>Array<String>}] by name, the keys that it may be
      # @param own [Hash] names that are a food's own
      def initialize(foods, own)
        @foods, @own, @found = foods, own, {}
      end

      # @param text [String] @return [String] with the names written out; of two that it may be the letter
      #   stands as a word, which is asked about
      def written_out(text)
        return text unless text.match?(%r{[/.]})

        text.gsub(SHORT) do |short|
          letter, rest = Regexp.last_match.values_at(:letter, :rest).map(&:downcase)
          name(letter, rest) || short
        end
      end

      private

      def name(letter, rest)
        @found.fetch("#{letter}/#{rest}") do |short|
          @found[short] = told(named(letter, Lexicon.singular(rest)), letter, rest)
        end
      end

      def told(names, letter, rest)
        return if names.empty?

        own = names.select { |name| @own.key?(name) }
        names = own if own.any?
        names.map { |name| @foods[name] }.uniq.one? ? names.first : "#{letter} #{rest}"
      end

      # @return [Array<String>] what begins with that letter and ends with this
      def named(letter, rest)
        apart = @foods.keys.grep(/\A#{letter}[[:alpha:]]+ #{rest}\z/) unless letter == WITH
        [*apart, *@foods.keys.grep(/\A#{letter}[[:alpha:]]{2,}#{rest}\z/)]
      end
    end
  end
end
