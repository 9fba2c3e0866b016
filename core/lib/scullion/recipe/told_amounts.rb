# frozen_string_literal: true

module Scullion
  module Recipe
    # How much there is of what a list only names, where the steps say it: "olive oil" of which 4 tbsp go on
    # the tray and 2 into the dressing. Each amount that they say has a line of its own.
    class ToldAmounts
      # @param lines [Array<Page::Line>] @param items [Items]
      def initialize(lines, items)
        @lines, @items = lines, items
      end

      # @return [Array<Page::Line>]
      def lines
        @lines.flat_map do |line|
          amounts = named_alone?(line) ? told(line.item) : []
          amounts.any? ? measured(line, amounts) : line
        end
      end

      private

      def named_alone?(line)
        line.kind == "ingredient" && line.item&.food? && line.item.amount.nil? && line.item.parts.empty? &&
          !line.item.said?(:taste) && !line.text.match?(/\d/) && !line.item.foods.intersect?(elsewhere)
      end

      # What other lines have an amount of.
      def elsewhere
        @elsewhere ||= @lines.filter_map(&:item).select { |item| item.food? && item.amount }.flat_map(&:foods)
      end

      # @return [Array<Array(Amount, Boolean)>] each amount, and whether it is cooked with
      def told(item)
        sentences.flat_map do |sentence, following|
          said = @items.of(sentence, prose: true).select { |other| same?(item, other) }
          said.map { |other| [other.amount, cooked?(sentence, following)] }
        end
      end

      def same?(item, other)
        return false if other.amount.nil? || other.amount.estimated || other.counted? || other.parts.any?

        other.foods == item.foods || (oil?(other) && oil?(item) && only_oil?)
      end

      def oil?(item) = item.foods.first.to_s.end_with?("-oil")

      def only_oil?
        return @only_oil if defined?(@only_oil)

        @only_oil = @lines.filter_map(&:item).one? { |item| item.food? && oil?(item) }
      end

      def cooked?(sentence, following)
        sentence.match?(ToldPlaces::COOKING) ||
          (sentence.match?(ToldPlaces::COATED) && following.to_s.match?(ToldPlaces::ROASTED_THEN))
      end

      # What is told where it is cooked goes there too, if it is poured or seasons.
      def measured(line, amounts)
        key = line.item.foods.first
        beside = @items.poured_key?(key) || @items.lexicon.seasons?(key) || @items.lexicon.fat?(key)
        amounts.map do |amount, cooked|
          item = line.item.dup.tap { |each| each.amount = amount }
          item.place ||= "cook" if cooked && beside
          line.dup.tap { |each| each.item = item }
        end
      end

      # Each with the one behind it.
      def sentences
        @sentences ||=
          begin
            steps = @lines.select { |line| line.kind == "step" }
            all = steps.flat_map { |line| Sentences.of(NumberedSteps.bare(line.text)) }
            all.zip(all.drop(1)).select { |sentence, _| sentence.match?(/\d|½|¼|\btsp|\btbsp|spoon/i) }
          end
      end
    end
  end
end
