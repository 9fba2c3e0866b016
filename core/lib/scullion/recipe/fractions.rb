# frozen_string_literal: true

module Scullion
  module Recipe
    # Parts of one, as they are said: "half a", "two thirds of a cup", "one and three-quarter pounds". For
    # Quantities, whose @scan it reads from.
    module Fractions
      NUMBERS = Amount::Words::NUMBERS
      PART = Amount::Words::PARTS.keys.push("half").join("|").freeze
      SEVERAL = NUMBERS.select { |_, value| value.between?(2, 7) }.keys.join("|").freeze
      AND_A_PART = /\s+and\s+(an?|one|#{SEVERAL})[\s-]+(#{PART})\b(?!\s+(?:of\s+)?(?:an?|the)\b)/i.freeze
      OF_A = /(?:\s+(?:of|the|an?|one)\b)*\s*/.freeze

      private

      def plain_number(text)
        whole, part = text.split(/[\s-]/)
        return whole.to_f + fraction(part) if part
        return fraction(text) if text.include?("/")

        text.match?(/\A\d{1,3}(?:,\d{3})+\z/) ? text.delete(",").to_f : text.tr(",", ".").to_f
      end

      # "half a", "½ of a", "a third of a" before what is counted.
      def fraction_of
        from = @scan.pos
        parts = several_parts and return parts

        if @scan.skip(/(?:(?:an?|one|1)\s+)?(half|third|quarter)\b#{OF_A}/io)
          value = NUMBERS[@scan[1].downcase].to_f
          return value * 12 if @scan.skip(/dozen\b/i)

          return value
        end
        @scan.pos = from
        nil
      end

      # "Three-quarters of a pound", "two thirds cup": of one, or of a unit. "Two thirds of it" is a share of
      # what is weighed already, and "four quarters" are pieces.
      def several_parts
        from = @scan.pos
        if @scan.skip(/(#{SEVERAL})[\s-]+(#{PART})\b/io)
          value = parts_said
          if value < 1 && (@scan.check(/\s+of\s+(?:an?|one)\b/i) || unit_ahead?)
            @scan.skip(OF_A)
            return value.to_f
          end
        end
        @scan.pos = from
        nil
      end

      # So many of such a part, as they were just read.
      def parts_said = NUMBERS[@scan[1].downcase] * NUMBERS[@scan[2].downcase]

      def unit_ahead?
        from = @scan.pos
        @scan.skip(/\s+(?:of\s+)?/)
        !unit_word.nil?
      ensure
        @scan.pos = from
      end

      # "One and a half", "a cup and a half of rice", "one and three-quarter pounds"; not "and a half of the
      # onions". @return [Float]
      def and_a_part
        from = @scan.pos
        if @scan.skip(AND_A_PART)
          part = parts_said
          return part.to_f if part < 1
        end
        @scan.pos = from
        0.0
      end

      def fraction(text)
        over, under = text.split("/").map(&:to_f)
        under.zero? ? 0.0 : over / under
      end
    end
  end
end
