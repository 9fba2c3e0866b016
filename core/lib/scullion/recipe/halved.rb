# frozen_string_literal: true

module Scullion
  module Recipe
    # "18 T oil (half walnut, half sunflower)", "1 kg grains (half wheat berries and half wild rice)": one
    # amount of two kinds, an item each.
    class Halved
      HALVES =
        %r{[(,:]\s*(?:half|½)\s+(?<one>[[:alpha:]][[:alpha:] -]*?)\s*(?:,|\band\b|&|\+|/)?\s*
          (?:half|½)\s+(?<other>[[:alpha:]][[:alpha:] -]*)}ix.freeze

      # @param plain [String] the line as its items count their places in it @param lexicon [Lexicon]
      def initialize(plain, lexicon)
        @plain, @lexicon, @found = plain, lexicon, plain.match(HALVES)
      end

      # @param items [Array<Item>] of the line @return [Array<Item>]
      def of(items)
        return items unless @found

        from, to = %i[begin end].map { |side| @plain[0...@found.public_send(side, 0)].bytesize }
        whole = items.reverse.find { |item| item.food? && item.amount && item.from < from }
        kinds = %i[one other].map { |side| kind(side, whole) } if whole
        return items unless kinds&.all?

        outside = items.reject { |item| item.equal?(whole) || item.from.between?(from, to) }
        (outside + kinds).sort_by(&:from)
      end

      private

      # Called with the name of what it is a kind of, or without it.
      def kind(side, whole)
        name = Lexicon.fold(@found[side]).split
        keys = @lexicon.food([*name, Lexicon.fold(whole.name).split.last]) || @lexicon.food(name) or return

        whole.dup.tap do |each|
          each.foods, each.name, each.amount = keys, @found[side].strip, whole.amount.times(0.5)
          each.unknown, each.others, each.to = [], [], nil
          each.from = side == :one ? whole.from : @plain[0...@found.begin(side)].bytesize
        end
      end
    end
  end
end
