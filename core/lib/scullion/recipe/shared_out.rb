# frozen_string_literal: true

module Scullion
  module Recipe
    # What is poured, and goes two ways by so much each: "750 ml oil (500 dressing / 250 roasting)", "6 tbsp
    # (2 for roasting, the rest for the dressing)", "half to roast, half for the dressing", "of which 500 for
    # roasting".
    class SharedOut
      HEAT = /(?:roast|fry)(?-i:[[:alpha:]]*)|(?:tray|oven|pan)s?\b/i.freeze
      DRESSED = /(?:dress|vinaigrette)(?-i:[[:alpha:]]*)/i.freeze
      UNITS = Regexp.union(Amount::Units::SPELLINGS.keys.sort_by { |word| -word.length }).source.freeze
      COUNTS = Amount::Words::NUMBERS.select { |word, many| many.between?(0.5, 12) && word.length > 2 }.keys
      COUNT = Regexp.union("½", *COUNTS).source.freeze
      TO = /(?:(?:for|to|in|into)\s+(?:the\s+)?)?/i.freeze
      PLACED =
        %r{(?<![\d.,/])(?<count>\d{1,4}|#{COUNT})\s*(?:(?<unit>#{UNITS})\b\.?\s*)?#{TO}
                  (?<done>#{HEAT}|#{DRESSED})}ix.freeze
      REST = /\b(?:rest|remainder)\s+(?:is\s+)?#{TO}(?<done>#{HEAT}|#{DRESSED})/i.freeze
      OF_IT =
        %r{(?:\bof\s+which\s+(?<count>\d{1,4}|#{COUNT})\s*(?:(?<unit>#{UNITS})\b\.?\s*)?
             |(?<![\d.,/])(?<count>\d{1,4}|#{COUNT})\s*(?:(?<unit>#{UNITS})\b\.?\s*)?of\s+
              (?:it|them|that|this|these|which)\s+)
           (?:(?:is|are|goes?)\s+)?#{TO}(?<done>#{HEAT}|#{DRESSED})}ix.freeze
      # So many of a smaller unit are one of a larger.
      SMALLER = 1000
      WHOLE = /\A[^\d(]{0,30}(?<count>\d{1,4})\s*(?<unit>#{UNITS})?\b/i.freeze
      MOST = 4

      # One part. much: in the unit of all; done: what it is for.
      Part = Struct.new(:much, :done)

      # @param plain [String] the line @param measures [Amount::Measures]
      def initialize(plain, measures)
        @plain, @measures = plain, measures
      end

      # @param item [Item] with an amount @return [Array<Item>]
      def of(item)
        parts, unit = said || with_rest || of_it || in_brackets
        return [item] unless parts&.all? { |part| part.much.positive? }

        whole = parts.sum(&:much)
        # With units of its own each part is as much as is said, whatever stands before.
        amount = unit ? Amount.new(whole, whole, unit) : item.amount
        parts.map do |part|
          item.dup.tap { |each| each.amount, each.place = amount.times(part.much / whole), place(part.done) }
        end
      end

      private

      def said
        found = @plain.to_enum(:scan, PLACED).map { Regexp.last_match }.first(MOST)
        amounts, unit = in_one_unit(found) if found.size > 1
        [amounts.zip(found).map { |much, each| Part.new(much, each[:done]) }, unit] if amounts
      end

      # What is said of a part of it, and of the rest.
      def with_rest
        rest, part, whole = @plain.match(REST), @plain.match(PLACED), @plain.match(WHOLE)
        return unless rest && part && whole && part.begin(0) < rest.begin(0)

        (all, some), unit = in_one_unit([whole, part])
        [[Part.new(some, part[:done]), Part.new(all - some, rest[:done])], unit] if all
      end

      # So much of it, and what is left; without a unit of its own of the smaller one, where it must be.
      def of_it
        part, whole = @plain.match(OF_IT), @plain.match(WHOLE)
        return unless part && whole && whole.end(0) <= part.begin(0)
        (all, some), unit = in_one_unit([whole, part])
        return unless all

        some /= SMALLER if part[:unit].nil? && some >= all
        [[Part.new(some, part[:done]), Part.new(all - some, elsewhere(part[:done]))], unit]
      end

      # "6 tbsp (2 for roasting)": the rest of it is for the dressing.
      def in_brackets
        part, whole = @plain.match(/\(\s*#{PLACED}\s*\)\W*\z/o), @plain.match(WHOLE)
        return unless part && whole && part.begin(0) >= whole.end(0) && part[:done].match?(HEAT)

        (all, some), unit = in_one_unit([whole, part])
        return if all.nil? || some >= all

        [[Part.new(some, part[:done]), Part.new(all - some, elsewhere(part[:done]))], unit]
      end

      def place(done) = done.match?(HEAT) ? "cook" : "dressing"

      # What is not for the pan is for the dressing, and the other way round.
      def elsewhere(done) = done.match?(HEAT) ? "dressing" : "roasting"

      # A unit holds until the next one is said: "100 ml (2 tbsp to roast, the rest to dress)" has 30 of 100.
      # @return [Array(Array<Float>, Symbol), nil] nil where they are not of one kind
      def in_one_unit(found)
        unit = nil
        bases =
          found.map do |each|
            unit = each[:unit]&.downcase || unit
            unit ? Amount::Units.base(Amount::Units::SPELLINGS.fetch(unit), @measures) : [1.0, nil]
          end
        return unless bases.map(&:last).uniq.size == 1

        [found.zip(bases).map { |each, (factor, _)| number(each[:count]) * factor }, bases.first.last]
      end

      def number(text) = (Shares::WORDS[text] || Amount::Words::NUMBERS[text.downcase] || text).to_f
    end
  end
end
