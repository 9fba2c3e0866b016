# frozen_string_literal: true

module Scullion
  module Recipe
    # Oil of a list that the steps divide: "4 tbsp olive oil, divided", of which half goes on the tray and the
    # rest into the dressing. What is on the tray is a line of its own.
    class Divided
      COOKING = ToldPlaces::COOKING
      OF_THE_OIL = "\\s+(?:of\\s+)?(?:the\\s+|your\\s+)?(?:(?-i:[[:alpha:]-]+)\\s+){0,2}oil\\b".freeze
      SHARE = /(?<![[:alnum:]])(?<share>#{Shares::ANY})#{OF_THE_OIL}/i.freeze
      SO_MUCH = /(?<much>\d[\d\s.,½¼¾⅓⅔]*\s*[[:alpha:]]+\.?)#{OF_THE_OIL}/.freeze
      SOME_OF_THE_OIL = /\bof\s+(?:the|your)\s+(?:(?-i:[[:alpha:]-]+)\s+){0,2}oil\b/i.freeze
      LEFT =
        /\b(?:remaining|rest\s+of\s+(?:the|your)|remainder\s+of\s+the|other\s+half\s+of\s+the)
               \s+(?:(?-i:[[:alpha:]-]+)\s+){0,2}oil\b/ix.freeze

      # "Whisk the rest with the lemon", where a share of the oil was cooked with.
      REST = /\b(?:whisk|mix|shake|beat|dress|sauce|vinaigrette)\w*\b[^.;]*\bthe\s+rest\b(?!\s+of)/i.freeze

      # @param lines [Array<Page::Line>] @param items [Items]
      def initialize(lines, items)
        @lines, @items = lines, items
      end

      # @return [Array<Page::Line>]
      def lines
        oils = @lines.select { |line| oil?(line) }
        return @lines unless oils.one? && (share = share_on_tray(oils.first.item))

        @lines.flat_map { |line| line.equal?(oils.first) ? divided(line, share) : line }
      end

      private

      def oil?(line)
        line.kind == "ingredient" && line.item&.food? && line.item.foods.first.end_with?("-oil")
      end

      # The share that is said to be cooked with, where the steps say what becomes of the rest of it, or that
      # it is some of the oil. @return [Rational, Float, nil] between none and all of it
      def share_on_tray(item)
        return if item.amount.nil? || item.counted? || !(item.place.nil? || item.place == "dressing")

        shared = sentences.any? { |text| text.match?(SHARE) && text.match?(COOKING) }
        left, others = sentences.partition { |text| text.match?(LEFT) || (shared && text.match?(REST)) }
        cooked, whisked = others.partition { |text| text.match?(COOKING) || roasted_next?(text) }
        on_tray = left.none? { |text| text.match?(COOKING) }
        share = (on_tray ? cooked : whisked).sum { |text| share_of(text, item.amount) }
        return unless share.positive? && share < 1
        if left.empty? && cooked.none? { |text| text.match?(SOME_OF_THE_OIL) } &&
             !told_apart?(cooked, whisked, item.amount)
          return
        end

        on_tray ? share : 1 - share
      end

      # "Roast with 1 tbsp oil", "whisk with 4 tbsp oil" of six: each is said, and they are not more than all.
      def told_apart?(cooked, whisked, amount)
        parts = [cooked, whisked].map { |texts| texts.sum { |text| share_of(text, amount) } }
        parts.all?(&:positive?) && parts.sum <= 1
      end

      # "Toss the pumpkin with half the oil. Roast for 40 min."
      def roasted_next?(text)
        @next ||= sentences.each_cons(2).to_h
        text.match?(ToldPlaces::COATED) && @next[text].to_s.match?(ToldPlaces::ROASTED_THEN)
      end

      def sentences
        @lines.select { |line| line.kind == "step" }.flat_map { |line| Sentences.of(line.text) }
      end

      # All that a sentence takes of it. @return [Numeric]
      def share_of(sentence, amount)
        found = sentence.match(SHARE) and return Shares::WORDS.fetch(found[:share].downcase)

        sentence
          .scan(SO_MUCH)
          .flatten
          .sum do |text|
            much = @items.tokens(text).find { |token| token.kind == :amount }&.value
            much && much.unit == amount.unit ? much.value / amount.value : 0
          end
      end

      def divided(line, share)
        [[share, "cook"], [1 - share, line.item.place]].map do |part, place|
          item = line.item.dup.tap { |each| each.amount, each.place = each.amount.times(part.to_f), place }
          line.dup.tap { |each| each.item = item }
        end
      end
    end
  end
end
