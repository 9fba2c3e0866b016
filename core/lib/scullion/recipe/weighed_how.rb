# frozen_string_literal: true

module Scullion
  module Recipe
    # How a food was when it was weighed, where its line says so: "2 kg leeks (net)", "2 kg leeks after
    # trimming", "3.5 kg leeks (2 kg trimmed)", "700 g quinoa = 2.1 kg cooked".
    class WeighedHow
      UNITS = Amount::Units::SPELLINGS.select { |_, unit| Amount::Units::GRAMS.key?(unit) }.freeze
      UNIT = Regexp.union(UNITS.keys.sort_by { |word| -word.length }).source.freeze
      # "12 lb 12 oz" is one weight.
      WEIGHT =
        %r{(?<![\d.,/])(?<many>\d{1,3},\d{3}(?=\s*g)|(?:\d\s+)?\d/\d|\d{1,4}(?:[.,]\d{1,2})?)
          \s*(?<unit>#{UNIT})\b\.?
          (?:(?:(?<=lb)|(?<=lbs)|(?<=lb\.)|(?<=pound)|(?<=pounds))\s*
             (?<ounces>\d{1,2}(?:\.\d)?)\s*(?:oz|ounces?)\b)?}ix.freeze
      THOUSANDS = /,\d{3}\z/.freeze
      DONE = /(?:trimm|peel|prepp|prepar|clean|cor|seed|ston|pitt|pick|shell|podd|topp|stripp)/i.freeze
      NET = /(?:[Nn]et|NET|EP|edible\s+portion)\b/.freeze
      ONCE = /(?:after|once|when)\s+(?:(?:it's|it\s+is|they're|they\s+are)\s+)?(?:being\s+)?/i.freeze
      # "2 kg net", "2 kg leeks after trimming", "weighed trimmed", "(net)"; a net of oranges is none.
      TRIMMED =
        /#{WEIGHT}\s*\(?\s*#{NET}(?!\s+of\b)
          |\(\s*#{NET}\s*\)
          |#{WEIGHT}(?:\s+(?-i:[[:alpha:]-]+)){0,3}\s+#{ONCE}#{DONE}(?:ed|ing|d)\b
          |\b(?:net|EP|#{DONE}(?:ed|d))\s+w(?:eigh)?ts?\b
          |\bw(?:eigh)?t\s+(?:after|once|when)\b(?!\s+(?:cook|boil|roast|drain|soak))
          |\bweigh(?:ed|s|t)?\s+(?:#{ONCE})?#{DONE}(?:ed|ing|d)\b/ix.freeze
      # A second weight of the same, as it is once trimmed: "4 kg (3 kg peeled)", "2 kg AP / EP 1.2 kg".
      THEN_TRIMMED =
        %r{#{WEIGHT}[^\d]*?[(=,;/–-]\s*
          (?:#{Amount::Words::ROUGHLY}|(?:gives|makes|that's|is|i\.e\.|yields?)\s+)?
          (?<left>#{WEIGHT}\s+(?:(?:#{ONCE})?#{DONE}(?:ed|ing|d)|#{NET}|after(?=\s*\))))
          |#{WEIGHT}[^\d]*?\s\W?#{NET}\s*[:=]?\s*(?<left>#{WEIGHT})
          |#{WEIGHT}\s+(?:bought|AP|gross)\b[^\d]{0,40}=\s*(?<left>#{WEIGHT})}ix.freeze
      # "2 kg squash (peeled weight 1.5 kg)"
      TRIMMED_WEIGHT =
        /\b(?:(?:net|EP|#{DONE}(?:ed|d))\s+w(?:eigh)?ts?\.?\s*[:=]?|#{DONE}(?:ed|d)\s*=)
          \s*(?<left>#{WEIGHT})/ix.freeze
      # "Carrot 2.4 kg (1.6 peeled)", "kale 1 kg (700 stripped)": in the unit before it, or in grams.
      LEFT_BARE =
        /#{WEIGHT}[^(]*\(\s*(?:#{Amount::Words::ROUGHLY}|(?:makes|gives)\s+)?
          (?<left>\d{1,4}(?:[.,]\d{1,2})?)\s+(?:#{ONCE})?#{DONE}(?:ed|d)\b/ix.freeze
      # Also "roast sweet potato (from 3.2 kg raw)".
      COOKED = /\bcooked\b|\(\s*from\s+#{WEIGHT.source}\s+(?:raw|dry|dried|uncooked)\b/i.freeze
      # "1 kg cooked orzo (dry weight 450 g)", "2.1 kg cooked quinoa (700 g dry)": so much of it is bought.
      DRY =
        /[(=,;–-]\s*(?:#{Amount::Words::ROUGHLY}|(?:from|is|i\.e\.)\s+)?
          (?:(?:dry|dried|raw|uncooked)(?:\s+w(?:eigh)?t\.?)?\s*[:=]?\s*(?<dry>#{WEIGHT})
            |(?<dry>#{WEIGHT})\s+(?:when\s+)?(?:dry|dried|raw|uncooked)\b)/ix.freeze
      # A second weight of the same, as it is once cooked: it was weighed as it is bought.
      THEN_COOKED =
        /#{WEIGHT}[^\d]*?[(=,;–-]\s*
          (?:#{Amount::Words::ROUGHLY}|(?:gives|makes|that's|is|i\.e\.|yields?)\s+)?
          #{WEIGHT}\s+(?:(?:once|when|after)\s+)?cook(?:ed|ing)\b/ix.freeze

      DRAINED_TO = /\d\s*[x×]\s*\d[^=]*\bdrained\s*(?:w(?:eigh)?t\.?\s*)?=\s*(?<left>#{WEIGHT})/i.freeze

      # "Half a tray of roast squash (1.8 kg left)": so much of it there is.
      LEFT_OVER =
        /\(\s*#{Amount::Words::ROUGHLY}?(?<there>#{WEIGHT})\s+
          (?:left|left\s?over|over|remaining|in\s+all|in\s+total)\s*\)/ix.freeze

      # "A 10 kg sack, 6 kg used", "5 l tub, use 3": there is more of it than goes in.
      USED =
        /\b(?:use|using|take)\s+(?:(?:only|about|just|up\s+to)\s+)?
            (?:\d+(?:[.,]\d+)?\s*(?:#{UNIT}|l|ltrs?|lit(?:re|er)s?|ml)?
              |half|most|(?:a|one|two)\s+thirds?|a\s+quarter)
            (?:\s+of\s+(?:it|them))?\s*(?=[,;.)]|\z)
          |\d\s*(?:#{UNIT}|l|ltrs?|lit(?:re|er)s?|ml)\s+(?:of\s+(?:it|them)\s+)?(?:(?:is|are)\s+)?
            (?:used|needed)\b/ix.freeze

      # "Half a tray of roast squash, 1.8 kg"
      PART_OF_TRAY =
        %r{\b(?:half|quarter|third|[½¼⅓¾⅔]|\d/\d)\s+(?:of\s+)?
           (?:an?\s+)?(?:tray|gastro|hotel\s+pan|pan)\b
           [^\d(,]{3,40}[(,]\s*(?<there>#{WEIGHT}|\d{3,4}(?=\s*\??\s*\)))}ix.freeze

      # @param found [MatchData] of WEIGHT @return [Float]
      def self.grams(found)
        many = found[:many].match?(THOUSANDS) ? found[:many].delete(",") : found[:many].tr(",", ".")
        (
          many.split.sum { |part| Rational(part).to_f } *
            Amount::Units::GRAMS.fetch(UNITS.fetch(found[:unit].downcase))
        ) + (found[:ounces].to_f * Amount::Units::GRAMS.fetch("oz"))
      end

      # @param plain [String] the line
      def initialize(plain)
        @plain = plain
      end

      # Of several foods each by what stands behind it. @param items [Array<Item>] of the line
      def of(items)
        foods = items.select(&:food?)
        return of_each(foods) if foods.size > 1

        item = foods.first
        return drained_to(item) if item && @plain.match?(DRAINED_TO)

        there = @plain[LEFT_OVER, :there] || @plain[PART_OF_TRAY, :there]
        return all_there(item, there) if item&.amount && there

        item.flags << :contradicts if item&.amount && @plain.match?(USED)
        return unless item&.amount&.unit == :g && item.container.nil?

        cooked = item.words["states"] == "cooked"
        item.words.delete("states") if cooked && @plain.match?(THEN_COOKED)
        return as_bought(item) if @plain.match?(COOKED) && @plain.match?(DRY)

        if (grams = left)
          item.amount = Amount.new(grams, grams, :g)
          item.flags << :prepared
        elsif item.said?(:done_ahead) || @plain.match?(TRIMMED)
          item.flags << :prepared
        end
      end

      private

      # "2 x 400 g, drained = 480 g": so much is eaten of all of them.
      def drained_to(item)
        grams = WeighedHow.grams(@plain[DRAINED_TO, :left].match(WEIGHT))
        item.amount, item.size, item.container = Amount.new(grams, grams, :g), nil, nil
        item.flags << :prepared
      end

      def all_there(item, there)
        grams = there.match?(WEIGHT) ? WeighedHow.grams(there.match(WEIGHT)) : there.to_f
        item.amount, item.size, item.container = Amount.new(grams, grams, :g), nil, nil
      end

      def of_each(foods)
        foods.each_with_index do |item, index|
          to = foods[index + 1]&.from || @plain.bytesize
          WeighedHow.new(@plain.byteslice(item.from...to).to_s.scrub).of([item]) if to > item.from
        end
      end

      # @return [Float, nil] g that are left, where it says so
      def left
        said = @plain[THEN_TRIMMED, :left] || @plain[TRIMMED_WEIGHT, :left]
        grams = said && WeighedHow.grams(said.match(WEIGHT))
        return grams if grams && grams < WeighedHow.grams(@plain.match(WEIGHT))

        found = @plain.match(LEFT_BARE) or return
        whole, bare = WeighedHow.grams(found), found[:left].tr(",", ".").to_f
        [bare * Amount::Units::GRAMS.fetch(UNITS.fetch(found[:unit].downcase)), bare].find do |each|
          each < whole
        end
      end

      def as_bought(item)
        grams = WeighedHow.grams(@plain[DRY, :dry].match(WEIGHT))
        item.amount = Amount.new(grams, grams, :g)
        item.words.delete("states")
        item.flags << :as_bought
      end
    end
  end
end
