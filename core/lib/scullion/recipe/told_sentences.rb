# frozen_string_literal: true

module Scullion
  module Recipe
    # The sentences of the steps, and which foods each of them speaks of. For Prose, which it is a part of.
    module ToldSentences
      IN_THE_OIL = /\bin\s+(?:all\s+)?(?:of\s+)?the\s+(?:(?-i:[[:alpha:]]+)\s+)?oil\b/i.freeze
      # What "oil" alone may be.
      ANY_OIL = %w[olive-oil].freeze

      private

      def told_in(line) = line.kind == "step" ? sentences(line) : []

      # Sentences of the steps with this food, the only oil also where just "oil" is said.
      def mentions(item)
        keys = only_oil?(item) ? item.foods + ANY_OIL : item.foods
        keys.flat_map { |key| spoken.fetch(key, []) }.uniq
      end

      # @return [Hash{String=>Array<String>}] the sentences that speak of a food
      def spoken
        @spoken ||=
          [*told, ["", []]].each_cons(2)
            .with_object({}) do |((text, foods), following), all|
              foods.uniq.each { |key| (all[key] ||= []) << with_its_heat(text, *following) }
            end
      end

      def only_oil?(item)
        @oils ||= @lines.filter_map(&:item).select { |each| oil?(each) }.map(&:foods).uniq.size
        @oils == 1 && oil?(item)
      end

      def oil?(item) = item.foods.first.to_s.end_with?("-oil")

      # @return [Array<Array(String, Array<String>)>] each sentence with its foods
      def told
        @told ||=
          @lines
            .flat_map { |line| told_in(line) }
            .map { |text| [text, @items.of(text, prose: true).flat_map(&:foods) + oil_in(text)] }
      end

      # "Roast the carrots in the oil": which is no food of its own there.
      def oil_in(text) = text.match?(IN_THE_OIL) ? ANY_OIL : []

      # Without their number, where the steps are numbered: "1 Wrap the beetroot in foil".
      def sentences(line)
        Sentences.of(numbered.include?(line.text) ? NumberedSteps.bare(line.text) : line.text)
      end

      def numbered
        @numbered ||=
          NumberedSteps.runs(@lines.select { |each| each.kind == "step" }.map(&:text)).flatten.to_set
      end
    end
  end
end
