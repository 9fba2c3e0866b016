# frozen_string_literal: true

module Scullion
  module Recipe
    # Parts of one, as they are said: "half a", "two thirds of a cup", "one and three-quarter pounds". For
    # Quantities, whose @scan it reads from.
    module Fractions
      PARTS = {
        "half" => 1 / 2r,
        "third" => 1 / 3r,
        "quarter" => 1 / 4r,
        "fifth" => 1 / 5r,
        "eighth" => 1 / 8r
      }.freeze
      SEVERAL = { "two" => 2, "three" => 3, "four" => 4, "five" => 5, "seven" => 7 }.freeze
      PART = PARTS.keys.join("|").freeze
      AND_A_PART =
        /\s+and\s+(an?|one|two|three)[\s-]+(half|third|quarter)s?\b(?!\s+(?:of\s+)?(?:an?|the)\b)/i.freeze
      OF_A = /(?:\s+(?:of|the|an?|one)\b)*\s*/.freeze

      private

      # "half a", "½ of a", "a third of a" before what is counted.
      def fraction_of
        from = @scan.pos
        parts = several_parts and return parts

        if @scan.skip(/(?:(?:an?|one|1)\s+)?(half|third|quarter)\b#{OF_A}/io)
          value = PARTS[@scan[1].downcase].to_f
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
        if @scan.skip(/(#{SEVERAL.keys.join("|")})[\s-]+(#{PART})s?\b/io)
          value = SEVERAL[@scan[1].downcase] * PARTS[@scan[2].downcase]
          if value < 1 && (@scan.check(/\s+of\s+(?:an?|one)\b/i) || unit_ahead?)
            @scan.skip(OF_A)
            return value.to_f
          end
        end
        @scan.pos = from
        nil
      end

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
          part = SEVERAL.fetch(@scan[1].downcase, 1) * PARTS[@scan[2].downcase]
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
