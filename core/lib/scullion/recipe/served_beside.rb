# frozen_string_literal: true

module Scullion
  module Recipe
    # What the steps serve a salad with and no list has: "serve with crusty bread". It stands on the table.
    class ServedBeside
      WITH = /\b(?:serv|eat|offer)\w*\b[^.;]{0,20}?\b(?:with|alongside)\b(?<what>[^.;]*)/i.freeze
      # Of what is in it already.
      REST = /\b(?:rest|remaining|remainder|dressing)\b/i.freeze

      # @param page [Page] @param listed [Array<Ingredient>] what is taken of it @param lexicon [Lexicon]
      def initialize(page, listed, lexicon)
        @page, @listed, @lexicon = page, listed.map(&:key), lexicon
      end

      # @return [Array<String>] keys
      def keys
        @page
          .steps
          .flat_map { |line| Sentences.of(line.text) }
          .filter_map { |sentence| sentence[WITH, :what] }
          .flat_map { |what| what.split(/,|\band\b/).grep_v(REST) }
          .flat_map { |what| @page.told_items.of(what, prose: true) }
          .select { |item| item.food? && item.amount.nil? && !listed?(item) }
          .map { |item| item.foods.first }
          .uniq
          .reject { |key| @lexicon.seasons?(key) || @lexicon.poured?(key) }
      end

      private

      # Or one of its kind, where only that is named: "the cheese".
      def listed?(item)
        kind = Mentions::KINDS.key?(item.name.to_s.downcase)
        @listed.intersect?(item.foods) ||
          (kind && @listed.any? { |other| @lexicon.kin?(item.foods.first, other) })
      end
    end
  end
end
