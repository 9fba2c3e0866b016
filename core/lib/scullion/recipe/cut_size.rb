# frozen_string_literal: true

module Scullion
  module Recipe
    # How large a line says that its pieces are: "in 2 cm dice", "3 mm slices", "1-inch chunks", "sliced 1 cm
    # thick"; and which of the cuts that a food has comes nearest.
    class CutSize
      MM = {
        "mm" => 1.0,
        "cm" => 10.0,
        "inch" => 25.4,
        "inches" => 25.4,
        "in" => 25.4,
        '"' => 25.4,
        "″" => 25.4
      }.freeze
      NUMBER = %r{\d+\s+\d/\d|\d/\d|\d+\s*[½¼¾]|[½¼¾]|\d+(?:[.,]\d+)?}.freeze
      LENGTH =
        /(?<low>#{NUMBER})(?:\s*(?:-|–|to)\s*(?<high>#{NUMBER}))?\s*-?
          (?<unit>mm|cm|inch(?:es)?|in\b|["″])/ix.freeze
      SHAPES = {
        dice: /\A\s*-?\s*(?:dic|cub|chunk|piece|pcs?\b|bit|square|lengths)\w*/i,
        slice: /\A\s*-?\s*(?:slice|round|coin|disc|half[- ]?moon|thick|slab|plank|steak|tranche)\w*/i,
        stick: /\A\s*-?\s*(?:baton|stick|strip|finger|julienne|matchstick|lardon|rod|log)\w*/i
      }.freeze
      # "In" is a size's unit at the end of a clause, and else no more than a word.
      SIZED = LENGTH.source.sub("in\\b", "in(?=\\s*(?:[,;)]|\\z))").freeze
      # A size with no shape, behind a weight, a word or a mark and before one or the end: slices while thin.
      BARE =
        /(?:[,;(@–—-]|\d\s?(?:kg|g)\b|(?-i:[[:alpha:]]{3}))\s*(?<!\bof\s)
          (?<length>#{SIZED})(?=\s*(?:[,;)–—-]|\z))/ix.freeze
      # mm; longer than the largest is the whole thing: "1 cucumber, 30 cm".
      THIN, LARGEST = 5, 60
      # What is long and slim is cut across only: "green beans in 1-inch pieces".
      LENGTHS = "lengths"
      ACROSS = /\A\s*-?\s*(?:lengths|piece|pcs?\b)/i.freeze
      QUARTERS = { "½" => 0.5, "¼" => 0.25, "¾" => 0.75 }.freeze

      # @param text [String] a line @param cut [String, nil] the cut that it names
      # @return [CutSize, nil] nil where it says no size
      def self.of(text, cut)
        text
          .to_enum(:scan, LENGTH)
          .each do
            found = Regexp.last_match
            shape = SHAPES.find { |_, behind| found.post_match.match?(behind) }&.first
            return new(shape, found) if shape
          end
        bare(text) unless cut
      end

      # "Red onion 1.5 kg, 2 mm": so thin are slices, else it is how large the pieces are.
      def self.bare(text)
        found = text.match(BARE) or return
        length = found[:length].match(LENGTH)
        size = new(:slice, length)
        return size if size.mm < THIN

        new(:dice, length, across: true) if size.mm <= LARGEST
      end
      private_class_method :bare

      # @return [Symbol] dice, slice or stick
      attr_reader :shape

      # across: it may be cut across only, and be so long
      def initialize(shape, found, across: found.post_match.match?(ACROSS))
        @shape, @found, @across = shape, found, across
      end

      # @return [String] as it is written: "1 cm slabs"
      def to_s = "#{@found[0]}#{@found.post_match[/\A\s*-?\s*[[:alpha:]]+/]}"

      # @return [Float] in the middle of what is said
      def mm
        ends = [@found[:low], @found[:high]].compact.map { |text| number(text) }
        ends.sum / ends.size * MM.fetch(@found[:unit].downcase)
      end

      # @param cuts [Array<String>] that a food has @param practice [Practice]
      # @return [String, nil] the nearest of that shape, nil where none is near
      def nearest(cuts, practice)
        times = practice.fetch("reading/nearest_cut_times")
        return LENGTHS if cuts.include?(LENGTHS) && @across && differs(long(practice)) <= times

        sized = cuts.to_h { |cut| [cut, practice.cuts.fetch(cut)] }.reject { |_, facts| facts.key?("shape") }
        cut, facts = sized.select { |_, each| like?(each["mm"]) }.min_by { |_, each| differs(each["mm"].min) }
        cut if cut && differs(facts["mm"].min) <= times
      end

      private

      def long(practice) = practice.cuts.dig(LENGTHS, "mm").max

      # Cut as thick in all directions, in one, or in two.
      def like?(sides)
        small, middle, large = sides.sort
        case shape
        when :dice
          large < small * 1.5
        when :slice
          middle > small * 3
        when :stick
          middle < small * 1.5 && large > middle * 2
        end
      end

      def differs(other) = [mm / other, other / mm].max

      def number(text)
        whole = text[%r{\A\d+(?:[.,]\d+)?(?!\d*/)}].to_s.tr(",", ".").to_f
        part = text[%r{(\d)/(\d)}] ? Regexp.last_match(1).to_f / Regexp.last_match(2).to_f : 0.0
        whole + part + QUARTERS.sum { |sign, value| text.include?(sign) ? value : 0.0 }
      end
    end
  end
end
