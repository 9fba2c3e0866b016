# frozen_string_literal: true

module Scullion
  module Recipe
    # A part with its formula in brackets: "dressing 35 g (mayo 40 %, soured cream 60 %)", "vinaigrette 1.5 l
    # [walnut oil 1100, sherry vinegar 400]". So many per cent of it, or so many of what it is measured in.
    class Formula
      AMOUNT = /(?<number>\d+(?:[.,]\d+)?)\s*(?<unit>kg|g|ml|l|litres?|(?=\s[^(\[]*[(\[][^)\]]*%))\b/i.freeze
      WRITTEN =
        /\A(?:(?:(?<name>[^\d(\[]{3,40}?)\s*[-:–=]?\s*#{AMOUNT}[^(\[\d]{0,12}
             |#{AMOUNT}\s+(?<name>[^\d(\[]{3,40}?)[\s,]*)
            [(\[](?<parts>[^()\[\]]+)[)\]]\W*
           |(?<name>[^\d(\[]{3,40}?)\s*[-:–=]?\s*#{AMOUNT}\s*:\s+(?<parts>[^()\[\]]+))\z/ix.freeze
      PERCENT = /(?<share>\d{1,3}(?:[.,]\d)?)\s*%/.freeze
      RATIO = /\d{1,2}(?:\.\d)?(?:\s?:\s?\d{1,2}(?:\.\d)?)+/.freeze
      BARE = /(?<![\d.,])(?<number>\d{1,5})(?!\d|[.,]\d|\s*[[:alpha:]%])/.freeze
      AHEAD = /\A\W*(?<number>\d{1,5})\s+(?=[[:alpha:]])/.freeze
      # By per cent it may stand without a unit, as all that is beside it.
      SMALL = { "" => [:g, 1], "kg" => [:g, 1000], "g" => [:g, 1], "ml" => [:ml, 1] }.freeze
      WEIGHED = %i[g ml].freeze
      # Numbers that add up to the whole, but for what is lost in mixing.
      NEARLY = 0.15

      # @param text [String] a row @param lexicon [Lexicon]
      # @return [Formula, nil] nil where it is none
      def self.in(text, lexicon)
        found = text.match(WRITTEN) or return
        named = found[:name].downcase.scan(/[[:alpha:]]+/).last
        new(found, lexicon) if lexicon.sections[named] == "dressing"
      end

      def initialize(found, lexicon)
        @found, @lexicon = found, lexicon
        @unit, times = SMALL.fetch(found[:unit].downcase, [:ml, 1000])
        @whole = found[:number].tr(",", ".").to_f * times
      end

      def name = @found[:name]
      # "Oil 60% lemon 35%" are two.
      def parts
        return @found[:parts].sub(RATIO, "").strip.gsub(%r{\s*[/:]\s*}, "; ") if @found[:parts].match?(RATIO)

        @found[:parts].gsub(/%,?\s+(?=[[:alpha:]])/, "%; ")
      end

      # Gives each its amount. @param items [Array<Item>] of the parts, in order, with their place in them
      # @return [Boolean] false where the parts have no such numbers
      def share_out(items)
        foods = items.select(&:food?)
        return true if foods.size > 1 && weighed?(foods)
        return true if by_ratio(foods)

        bare = foods.reject { |item| own_amount?(item) }
        shares = bare.map { |item| share(item) || number(item) }
        return false if bare.size < 2 || shares.any?(&:nil?)
        return false unless bare.any? { |item| share(item) } || nearly_all?(shares.sum)

        bare.zip(shares) { |item, share| take(item, share) }
        true
      end

      private

      # "Garlic 4 cloves"
      def own_amount?(item) = item.amount && (item.piece || item.amount.unit != :piece)

      # "12 ml dressing (3:1 oil/vinegar)": in the order in which they are named.
      def by_ratio(foods)
        said = @found[:parts].scan(RATIO)
        parts = said.first.to_s.split(":").map(&:to_f)
        return false unless said.one? && parts.size == foods.size && parts.sum.positive?

        foods.zip(parts) { |item, part| take(item, @whole * part / parts.sum) }
        true
      end

      def take(item, much)
        item.amount, item.size = Amount.new(much, much, @unit), nil
        item.flags -= %i[parts for_some]
        item.parts << "juice" if item.parts.empty? && @lexicon.squeezed?(item.foods.first)
      end

      def share(item)
        said = words(item)[PERCENT, :share]
        said.tr(",", ".").to_f / 100 * @whole if said
      end

      # Behind its name or before it: "walnut oil 1100", "250 red wine vinegar".
      def number(item) = (words(item)[BARE, :number] || words(item)[AHEAD, :number])&.to_f
      def words(item) = parts.byteslice(item.from...(item.to || parts.bytesize)).to_s.scrub

      # "80 ml vinaigrette (60 ml oil, 20 ml vinegar)": they have their own, which come to all of it.
      def weighed?(foods)
        amounts = foods.map(&:amount)
        return false unless amounts.all? { |amount| amount && WEIGHED.include?(amount.unit) }

        nearly_all?(amounts.sum(&:value))
      end

      def nearly_all?(sum) = (sum - @whole).abs <= @whole * NEARLY
    end
  end
end
