# frozen_string_literal: true

module Scullion
  module Recipe
    # "18 T oil (half walnut, half sunflower)", "2 peppers, one red one green": one amount of two kinds, an
    # item each.
    class Halved
      DONE = SaidOnce::DONE
      NUMBERS = Amount::Words::NUMBERS.select { |_, value| value.is_a?(Integer) && value < 20 }.freeze
      SHARE = "half|½|\\d{1,2}|#{NUMBERS.keys.join("|")}".freeze
      HALVES =
        %r{[(,:]\s*(?<share>#{SHARE})\s+(?<one>(?-i:[[:alpha:]][[:alpha:] -]*?))\s*(?:,|\band\b|&|\+|/)?\s*
          \b(?<rest>#{SHARE})\s+(?<other>(?-i:[[:alpha:]][[:alpha:] -]*))}ix.freeze

      # @param plain [String] the line as its items count their places in it @param lexicon [Lexicon]
      def initialize(plain, lexicon)
        @plain, @lexicon, @found = plain, lexicon, plain.match(HALVES)
      end

      # @param items [Array<Item>] of the line @return [Array<Item>]
      def of(items)
        return items unless @found

        from, to = %i[begin end].map { |side| @plain[0...@found.public_send(side, 0)].bytesize }
        whole = items.reverse.find { |item| item.food? && item.amount && item.from < from }
        shares = shares_of(whole) if whole
        kinds = [kind(:one, whole, shares.first), kind(:other, whole, shares.last)] if shares
        return items unless kinds&.all?

        inside, outside = items.partition { |item| item.equal?(whole) || item.from.between?(from, to) }
        # "(half orange, half purple), batons": said behind both.
        said = inside.map { |item| item.words.slice(*DONE) }.reduce({}, :merge)
        kinds.each { |each| each.words = said.merge(each.words) }
        (outside + kinds).sort_by(&:from)
      end

      private

      # Halves, or numbers that add up to all of it. @return [Array<Float>, nil]
      def shares_of(whole)
        said = [@found[:share], @found[:rest]]
        return 0.5, 0.5 if said.all? { |share| share.match?(/half|½/i) }

        counts = said.map { |share| NUMBERS[share.downcase] || share.to_i }
        return unless whole.counted? && counts.sum == whole.amount.value

        counts.map { |count| count / whole.amount.value }
      end

      # "Carrots (half orange, half purple)": a colour by which nothing else is called is the food itself, and
      # no orange.
      def called(name, whole)
        own = @lexicon.food([*name, Lexicon.fold(whole.name).split.last])
        own || (@lexicon.coloured?(whole.foods.first, name.join(" ")) ? whole.foods : alone(name))
      end

      # "6 carrots, 2 mooli and 4 papaya" are three foods, though two of them add up to the first.
      def alone(name)
        @lexicon.food(name) if [@found[:share], @found[:rest]].all? { |share| share.match?(/half|½/i) }
      end

      # Called with the name of what it is a kind of, or by halves without it.
      def kind(side, whole, share)
        name = Lexicon.fold(@found[side]).split
        keys = called(name, whole) or return

        whole.dup.tap do |each|
          each.foods, each.name, each.amount = keys, @found[side].strip, whole.amount.times(share)
          each.unknown, each.others, each.to = [], [], nil
          each.from = side == :one ? whole.from : @plain[0...@found.begin(side)].bytesize
        end
      end
    end
  end
end
