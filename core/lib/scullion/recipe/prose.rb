# frozen_string_literal: true

module Scullion
  module Recipe
    # What only the running text of a recipe says: foods with an amount that no list holds, and what is
    # whisked together.
    class Prose
      # What is done to a dressing alone.
      SAUCE =
        /\b(?:(?:whisk|emulsi|blitz|whizz)\w*|beat|shake\s(?:the|it|as|up|well|together)|mash\sgarlic|
            pound(?:ed)?\s(?:the|those|it|garlic|with)|dressing\swants|like\sa\smayonnaise)\b/ix.freeze

      COOKING = /\b(?:oven|roast|bake|fry|frying|pan|skillet|griddle|grill|tray)\b/i.freeze
      TOP = /\b(?:(?:for|on|over)\s(?:the\s)?top|scatter\w*|sprinkle\w*|to finish|crumbled? over)\b/i.freeze
      SOME_OF_IT = /\b(?:some|half|third|quarter|most|few|couple|bit)\b/i.freeze
      # Foods to a sentence in which all of them are meant.
      FEW = 3
      # What is not to be taken.
      NOT = /\A\W*(?:no|not|never|don't|you can't)\b|\bcan't use\b|\binstead of\b/i.freeze

      # @param lines [Array<Page::Line>] laid out @param items [Items]
      def initialize(lines, items)
        @lines, @items = lines, items
        @listed = lines.filter_map { |line| line.item&.foods }.flatten.to_h { |key| [key, true] }
        @alone = @listed.empty?
      end

      # @return [Array<Page::Line>] and a line for each food that stands in the steps alone; where there is no
      #   list, for those without an amount too
      def lines
        all = @lines.flat_map { |line| line.kind == "step" ? [line, *said_in(line)] : [line] }
        all.each { |line| line.into = told(line) if line.item&.food? && open?(line) }
      end

      private

      def said_in(line)
        sentences(line).flat_map do |sentence|
          words = @items.plain(sentence)
          @items
            .of(sentence, prose: true)
            .select { |item| new?(item, sentence) }
            .map { |item| line_of(item, line, words, sentence) }
        end
      end

      def new?(item, sentence)
        return false if !item.food? || item.foods.any? { |key| @listed.key?(key) }
        return false if sentence.match?(NOT)
        return false unless @alone || item.piece || item.container || (item.amount && !item.counted?)

        item.foods.each { |key| @listed[key] = true }
      end

      def line_of(item, line, words, sentence)
        Page::Line.new(
          row: line.row,
          text: Page.own_words(words, item),
          kind: "ingredient",
          heading: line.heading,
          item: item,
          into: into(item, sentence)
        )
      end

      # Whisked together it is a dressing; what is poured while something cooks is for cooking.
      def into(item, sentence)
        return "dressing" if sentence.match?(SAUCE)

        "cook" if sentence.match?(COOKING) && @items.poured?(item)
      end

      def open?(line) = line.into.nil? && line.item.place.nil?

      # Where the steps say that it goes. @return [String, nil]
      def told(line)
        return "dressing" if whisked?(line.item) || part_whisked?(line)

        "top" if line.item.foods.intersect?(topping) && !@items.poured?(line.item)
      end

      # A part with a name of its own that is whisked: "blitz the salsa verde".
      def part_whisked?(line)
        name = line.heading.to_s.downcase.delete(":").strip
        !name.empty? && whisked.any? { |text| text.downcase.include?(name) }
      end

      # What is kept whole for the top, or goes over it last.
      def topping
        @topping ||=
          @lines
            .select { |line| line.kind == "step" }
            .flat_map { |line| sentences(line) }
            .select { |text| text.match?(TOP) && !text.match?(SOME_OF_IT) }
            .map { |text| @items.of(text, prose: true).flat_map(&:foods) }
            .select { |foods| foods.uniq.size <= FEW }
            .flatten
      end

      # Is it whisked into a dressing somewhere in the steps?
      def whisked?(item)
        item.foods.intersect?(whisked_foods) ||
          item.parts.any? { |part| whisked.any? { |text| text.match?(/\b#{part}\b/i) } }
      end

      def whisked
        @whisked ||=
          @lines.select { |line| line.kind == "step" }.flat_map { |line| sentences(line) }.grep(SAUCE)
      end

      def whisked_foods
        @whisked_foods ||= whisked.flat_map { |text| @items.of(text, prose: true).flat_map(&:foods) }
      end

      def sentences(line) = line.text.split(/(?<=[.!?;])\s+/)
    end
  end
end
