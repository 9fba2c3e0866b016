# frozen_string_literal: true

module Scullion
  module Recipe
    # What an amount tells of the food it is of. For WholeLine, which it is a part of.
    module AmountTells
      # "3 nests each person, roughly = 700 g", "1 each = 40": what all of them get stands behind.
      MAKES_IN_ALL =
        /(?:\beach|\bpp|\b(?:per|a|each|every)\s(?:person|head|plate|portion|cover|guest|box))\b
          [^=;\d]{0,16}=[^=;\d]{0,12}\z/ix.freeze
      # "3 slices pp = 60 g pp": no more than the same again.
      FOR_EACH = /\b(?:pp|each|per|a\s+head)\b|\dpp\b/i.freeze
      # "50 ml sesame": nobody pours a seed.
      POURED = /\A[\d½¼¾.,]+\s?(?:ml|cl|dl|l|lt|ltrs?|lit(?:re|er)s?)\z/i.freeze

      STROKE_BETWEEN = %r{[/+&]\s*(?:[\d.,]+\s*(?:m?l|k?g)?\s+)?\z}.freeze

      private

      def in_all(items)
        item = items.first
        return unless items.one? && item.food? && item.amount

        each, all, *more = @tokens.select { |token| token.kind == :amount }
        return if each.nil? || all.nil? || more.any?
        return unless @plain.byteslice(0...all.at).to_s.scrub.match?(MAKES_IN_ALL)
        return if @plain.byteslice(all.at..).to_s.scrub.match?(FOR_EACH)

        item.amount, item.size = all.value, nil
        item.piece = nil unless all.value.unit == :piece
        item.flags -= %i[per_head each contradicts]
      end

      def oils(items)
        oil_by_volume(items)
        oil_beside_oil(items)
      end

      def oil_by_volume(items)
        items.each do |item|
          next unless item.food? && item.amount&.unit == :ml && item.unknown.empty?
          next if item.name.end_with?("s") || lexicon.family(item.foods.first) != "nut-or-seed"

          oil = lexicon.food([*Lexicon.fold(item.name).split, "oil"]) or next
          item.foods, item.name = oil, "#{item.name} oil" if poured_as_written?(item)
        end
      end

      # "Walnut oil 400 / sunflower 600": said of both.
      def oil_beside_oil(items)
        items.each_cons(2) do |one, other|
          next unless one.food? && other.food? && lexicon.fat?(one.foods.first) && one.name.include?(" ")
          next unless one.amount && other.amount && !other.amount.estimated && !other.name.match?(/\s|s\z/)

          oil = lexicon.food([*Lexicon.fold(other.name).split, "oil"]) or next
          between = @plain.byteslice(one.from...other.from).to_s.scrub
          other.foods, other.name = oil, "#{other.name} oil" if between.match?(STROKE_BETWEEN)
        end
      end

      def poured_as_written?(item)
        token = @tokens.find { |each| each.kind == :amount && each.value.equal?(item.amount) }
        !token.nil? && token.text.match?(POURED)
      end
    end
  end
end
