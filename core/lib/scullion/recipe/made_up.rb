# frozen_string_literal: true

module Scullion
  module Recipe
    # What fills up the rest of an amount: "tuna oil 1 cup + oil to make 1 pint". For SaidOnce, which it is a
    # part of.
    module MadeUp
      MADE_UP =
        /\b(?:to\s+make(?:\s+(?:it\s+)?up\s+to)?|made?\s+up\s+to|(?:topped|top|made|make)\s+up\s+with\s+
            [^,;]{2,40}?\s+to)\s+\z/ix.freeze

      # "Honey 1:1 with lemon, 100 ml"
      RATIO_BETWEEN = /[[:alpha:]]\s+(?<parts>\d+\s*:\s*\d+)\s+(?:with|and|&|to)\s+(?=[[:alpha:]])/i.freeze
      RATIO_AHEAD = /\A[^\d]*(?<parts>\d+(?:[.,]\d+)?(?:\s*:\s*\d+(?:[.,]\d+)?)+)\s+(?=[[:alpha:]])/.freeze

      private

      # "1:2:6 honey / sherry vinegar / walnut oil, 360 ml total": by the ratio, in the order of their names.
      def chain_ahead(items)
        said = @plain[RATIO_AHEAD, :parts] || @plain[RATIO_BETWEEN, :parts]
        parts = said.to_s.split(":").map { |part| part.tr(",", ".").to_f }
        foods = items.select(&:food?)
        return unless parts.size > 1 && parts.size == foods.size && parts.sum.positive?
        return unless foods.all? { |item| lexicon.sauced?(item.foods.first) }

        whole = foods.flat_map { |item| [item.amount, item.size] }.compact.find { |each| each.unit != :piece }
        return unless whole

        foods.zip(parts) do |item, part|
          item.amount, item.size = whole.times(part / parts.sum), nil
          item.flags = item.flags - %i[contradicts] + %i[shared]
        end
      end

      # "Tuna oil 1 cup + oil to make 1 pint", "100 ml vinegar, topped up with oil to 500 ml": what is missing
      # to it. It is asked where nobody knows how much stands before.
      def made_up(items)
        items.each_with_index do |item, index|
          next unless index.positive? && item.food? && item.amount && made_up?(item)

          before = items.first(index).select { |each| each.amount && lexicon.poured?(each.foods.first) }
          left = missing(item.amount, before.map(&:amount))
          left ? item.amount = left : item.left ||= token_of(item).text
        end
      end

      def made_up?(item)
        token = token_of(item)
        token && @plain.byteslice(0...token.at).to_s.scrub.match?(MADE_UP)
      end

      # @return [Amount, nil]
      def missing(whole, amounts)
        return if amounts.empty? || [whole, *amounts].any? { |amount| amount.unit != :ml }

        left = whole.value - amounts.sum(&:value)
        Amount.new(left, left, :ml) if left.positive?
      end
    end
  end
end
