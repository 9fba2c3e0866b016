# frozen_string_literal: true

module Scullion
  module Recipe
    # A recipe's list held against its own steps: what is in one and not in the other.
    class AgainstSteps
      EVERYTHING = /\b(?:everything|all (?:the )?ingredients|the rest)\b/
      SHORTEST, MOST = 4, 10

      # @param page [Page] @param larder [Hash{String=>Ingredient}]
      # @param listed [Array<Array(LineReader::Read, Ingredient)>] each line and what it was taken for, or nil
      def initialize(page, larder, listed)
        @larder, @reads, @taken = larder, listed.map(&:first), listed.filter_map(&:last)
        @steps = page.steps.map { |line| line.text.downcase }.join(" ")
      end

      # In the steps and not in the list: names of the larder that stand there whole.
      # @return [Array<String>]
      def missing
        return [] if @steps.empty?

        others = @larder.values.reject { |ingredient| @taken.include?(ingredient) }
        others
          .filter_map { |ingredient| names(ingredient).find { |name| said?(name) } }
          .reject { |name| in_list.include?(name) }
          .uniq
          .first(MOST)
      end

      # In the list and not in the steps.
      # @return [Array<String>] lines as they were written
      def unused
        return [] if @steps.empty? || @steps.match?(EVERYTHING)

        @reads.reject { |read| read.name.split.any? { |word| in_steps?(word) } }.map { |read| read.line.text }
      end

      private

      def names(ingredient) = [ingredient.name, *ingredient.aliases].map(&:downcase)

      def said?(name)
        name.length >= SHORTEST && !name.include?(",") && @steps.match?(/\b#{Regexp.escape(name)}\b/)
      end

      def in_steps?(word) = word.length > 2 && @steps.include?(word.chomp("s"))

      def in_list
        @in_list ||= [*@taken.flat_map { |each| names(each) }, *@reads.map(&:name)].join(" ").downcase
      end
    end
  end
end
