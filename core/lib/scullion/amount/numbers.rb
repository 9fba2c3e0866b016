# frozen_string_literal: true

module Scullion
  class Amount
    # The numbers of a written amount, in digits and in words. Reads from @scan, and leaves it
    # where it was when there is no number.
    module Numbers
      private

      # "2-3", "2 to 3", "between 2 and 3"
      def range
        between = @scan.skip(/between\s+/)
        low = number or return
        high =
          if @scan.skip(between ? /and\s+/ : /(?:-\s*|to\b\s*|or\b\s*)/)
            number || fail_at(@scan.rest)
          else
            low
          end
        [low, high].minmax
      end

      # 1 1/2, 1-1/2, 1/2, 1.5, 1,5, 1,200, 1 200, twelve, half, one and a half
      def number
        value = mixed&.+(part_behind) || word_number
        blank if value
        value
      end

      # The "and two thirds" of "1 and two thirds cups".
      def part_behind
        start = @scan.pos
        part = product if @scan.skip(/\s*and\s+/)
        return part if part && part < 1

        @scan.pos = start
        0.0
      end

      def mixed
        if @scan.scan(%r{(?:(\d+)(?:\s+|\s*-\s*|\s+and\s+))?(\d+)\s*/\s*(\d+)})
          fail_at(@scan.matched, "a fraction needs something under the line.") if @scan[3].to_i.zero?
          return @scan[1].to_f + (@scan[2].to_f / @scan[3].to_i)
        end
        if !packs_ahead? && @scan.scan(/\d{1,3}(?:[,' ]\d{3})+(?:\.\d+)?(?!\d)/)
          return @scan.matched.gsub(/[,' ](?=\d{3})/, "").to_f
        end

        @scan.matched.tr(",", ".").to_f if @scan.scan(/\d+(?:[.,]\d+)?|\.\d+/)
      end

      # "2 400 g tins" are two tins; "2 400 g" is two kilos and more.
      def packs_ahead? = @scan.check(/\d+ \d+\s*[a-z]+\.?\s+#{Words::PACKS}/o)

      # "half a", "two dozen" multiply; "one and a half" adds.
      def word_number
        value = product or return
        value += part_behind
        @scan.skip(/(?:of\s+)?(?:an?\s+)?(?=[a-z])/) if value < 1
        @scan.skip(/of\s+/)
        value
      end

      def product
        value = nil
        while (factor = Words::NUMBERS[@scan.check(/[a-z]+\b/)])
          @scan.skip(/[a-z]+[\s-]*/)
          value = (value || 1.0) * factor
        end
        value&.to_f
      end
    end
  end
end
