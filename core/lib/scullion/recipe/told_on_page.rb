# frozen_string_literal: true

module Scullion
  module Recipe
    # What of a page tells how its foods are done: the steps, and rows of the list that say how long, how hot
    # or when. For Page, which it is a part of.
    module ToldOnPage
      # All that is told, sentence by sentence: the steps, and what else says for how long or how hot.
      # @return [Array<String>]
      def sentences
        with_what_cooks_along
          .uniq { |line| [line.row, line.kind == "step" ? line.number : line.text] }
          .select { |line| told_by?(line) && !in_step?(line) }
          .flat_map { |line| Sentences.of(line.text).flat_map { |part| part.split(/\s*(?:→|·|\|)\s*/) } }
      end

      # The steps, and what a dressing's own heading says of it: "makes double, use half".
      # @return [Array<String>]
      def told_of_dressing
        headed = lines.select { |line| line.kind == "heading" && line.into == "dressing" }
        headed.map { |line| line.text.match?(Split::OF_IT) ? line.text : "Dressing: #{line.text}" } +
          steps.flat_map { |line| Sentences.of(line.text) }
      end

      private

      # "Carrots in 100 ml oil, roasted 25 min", "bread torn, oil, 14 min": what is said behind the oil is
      # said of both.
      # @return [Array<Line>]
      def with_what_cooks_along
        lines
          .slice_when { |one, line| one.row != line.row || !cooks_along?(line) }
          .map { |one, *along| along.empty? ? one : together(one, along) }
      end

      def cooks_along?(line)
        item = line.item or return false
        return true if item.place == "cook"

        key = item.foods.first
        item.food? && item.amount.nil? && line.text.match?(Told::TIMED) &&
          (@lexicon.poured?(key) || @lexicon.seasons?(key))
      end

      # A step, or what else says how long, how hot, or when it goes in; not what the dish is called.
      def told_by?(line)
        return true if line.kind == "step" || line.text.match?(Told::TIMED)

        line.kind != "title" && Told.told?(line.text)
      end

      # A food of a step is told there, with what it is said of.
      def in_step?(line)
        return false if line.kind == "step"

        @rows_of_steps ||= steps.group_by(&:row)
        @rows_of_steps.fetch(line.row, []).any? { |step| step.text.include?(line.text) }
      end

      def together(line, along)
        line.dup.tap do |all|
          all.text =
            along.reduce(line.text) { |text, each| "#{text}#{"," if each.item.place != "cook"} #{each.text}" }
        end
      end
    end
  end
end
