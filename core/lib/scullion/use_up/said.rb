# frozen_string_literal: true

module Scullion
  class UseUp
    # What a cook writes of one thing that is left, apart: its condition and its age, and the rest, which is
    # read as any line of a recipe. A word that belongs to the food's own name ("brown rice") says nothing of
    # its condition.
    class Said
      OPEN = /\b(?:open|opened)\b/i.freeze
      # What only says how bad it is.
      BESIDE =
        /\b(?:bit|little|very|quite|slightly|rather|gone|going|getting|turning|starting\ to|on\ it|at\ the)\b
        /ix.freeze

      # condition words that count; see Dated for the rest.
      attr_reader :conditions, :rest

      # @param text [String] @param house [House] @param today [Date]
      def initialize(text, house, today)
        @house, @open, @dated = house, text.match?(OPEN), Dated.new(text.strip, today)
        @rest = @dated.rest
        @conditions = Condition.all(house).select { |condition| said?(condition) }
        @rest = @rest.gsub(/\(\s*\)|\s+(?=,)|,\s*(?=,|\z)|[\s,;:-]+\z/, "").gsub(/\s+/, " ").strip
      end

      def age = @dated.age
      def until = @dated.until
      def doubt = @dated.doubt

      # A packet that is open.
      def open? = @open

      # @return [Recipe::Item, nil] the food that the rest names
      def item = item_of(rest)

      private

      def item_of(text) = @house.recipe_items.of(text).find(&:food?)

      # Taken out of the rest, but for what is of the food's own name.
      def said?(condition)
        condition.words.any? do |word|
          found = @rest.match(/\b#{Regexp.escape(word)}\b/i) or next
          without = "#{found.pre_match.sub(/#{BESIDE}\s*\z/o, "")} #{found.post_match}"
          next unless same_food?(without)

          @rest = without.strip
          true
        end
      end

      def same_food?(without)
        before, after = item_of(@rest), item_of(without)
        !after.nil? && (before.nil? || before.foods.first == after.foods.first)
      end
    end
  end
end
