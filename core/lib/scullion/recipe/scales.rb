# frozen_string_literal: true

module Scullion
  module Recipe
    # A prep list that gives each amount at several scales side by side ("x10   x40", "10 ptn   40 ptn"): the
    # last of them is the batch that is made, in grams where no unit stands. Also behind strokes:
    # "serves 1 / 10" over "80 g / 800 g".
    class Scales
      SO_MANY = "(?:(?:x|×|for|per|@)\\s*)?\\d{1,4}(?:\\s?#{Servings::THEM})?".freeze
      HOLDER = "(?:bowl|plate|pot|box|tub|jar|wrap|cup)".freeze
      HEAD = /\A\s*(?:(?:ingredients?|items?|foods?|what)\b:?\s+)?#{SO_MANY}(?:\s+#{SO_MANY})+\s*\z/i.freeze
      # "Poke bowl   per bowl   x50": what is on one, and in all.
      ONE_AND_ALL =
        /\A(?<dish>.*?)\s*\b(?:per|each)\s+(?:#{HOLDER}|portion|serving|head|cover|person|guest|pax)\s{2,}
          (?:(?:x|×|for|total)\s*)?(?<all>\d{1,4})(?:\s?#{Servings::THEM})?\W*\z/ix.freeze
      # A cell of its own, two spaces off.
      APART = '\s{2,}(\d[\d.,/]*\s?[[:alpha:]]*)'.freeze
      # How it is done, in a cell behind them.
      HOW = '(?:\s{2,}([[:alpha:]].*?))?'.freeze
      # "Serves 1 / 10 / 40"
      STROKES =
        %r{\b(?:serves|portions?|feeds|for|yields?|covers|pax|makes)\s*:?\s*
           (?<scales>\d{1,4}(?:\s*/\s*\d{1,4})+)\b(?!\s*(?:k?g|m?l)\b)}ix.freeze
      CELL = '(\d[\d.,]*)\s?(k?g|m?l|tbsp|tsp|ea)?\b'.freeze
      # So many rows at least have an amount for each of them.
      ROWS = 2
      THOUSAND = %w[kg l].freeze
      # Share that a row may be off the scales of the head, by rounding.
      OFF = 0.1

      # @param lines [Array<String>]
      def initialize(lines)
        @head = lines.find { |line| line.match?(HEAD) }
        @scales = @head.to_s.scan(/\d+/).map(&:to_i)
        one_and_all(lines) unless @head
        find_strokes(lines) unless rising?
        @scales = [] unless rising?
      end

      # @return [String, nil] the line at the last scale; nil where it has none
      def last(line)
        return if @scales.empty?
        return behind_strokes(line) if @stroked
        return @dish ? "#{@dish} x#{@scales.last}" : "Serves #{@scales.last}" if line.equal?(@head)

        of_bare(line) || of_cells(line)
      end

      private

      def one_and_all(lines)
        @head = lines.find { |line| line.match?(ONE_AND_ALL) } or return
        found = @head.match(ONE_AND_ALL)
        @scales = [1, found[:all].to_i]
        @dish = found[:dish].strip unless found[:dish].strip.empty?
      end

      # Where rows are in step with it: "for 3/4 hour" has no scales.
      def find_strokes(lines)
        @stroked = lines.find { |line| line.match?(STROKES) } or return
        @scales = @stroked[STROKES, :scales].scan(/\d+/).map(&:to_i)
        return if rising? && lines.count { |line| !line.equal?(@stroked) && behind_strokes(line) } >= ROWS

        @stroked, @scales = nil, []
      end

      def of_bare(line)
        cells = line.match(/\S#{'\s+([\d.]+)' * @scales.size}\s*\z/) or return
        "#{cells.captures.last} g #{named(line, cells)}" if in_step?(cells.captures)
      end

      # With units of their own they are a column each.
      def of_cells(line)
        cells = line.match(/\S#{APART * @scales.size}#{HOW}\s*\z/) or return
        *, last, how = cells.captures
        ["#{last} #{named(line, cells)}", how].compact.join(", ")
      end

      # Its amounts in their places, and where each row has none of them as it is.
      def behind_strokes(line)
        return line.sub(line[STROKES, :scales], @scales.last.to_s) if line.equal?(@stroked)

        cells = line.match(/#{([CELL] * @scales.size).join('\s*/\s*')}/i) or return
        grams =
          cells
            .captures
            .each_slice(2)
            .map { |number, unit| number.to_f * (THOUSAND.include?(unit) ? 1000 : 1) }
        line.sub(cells[0], cells[0][%r{[^/]*\z}].strip) if in_step?(grams)
      end

      def rising? = @scales.size > 1 && @scales.each_cons(2).all? { |one, other| one < other }

      def named(line, cells) = line[0..cells.begin(0)].strip

      def in_step?(cells)
        cells
          .map(&:to_f)
          .each_cons(2)
          .zip(@scales.each_cons(2))
          .all? { |(one, other), (few, many)| one.positive? && ((other / one * few / many) - 1).abs <= OFF }
      end
    end
  end
end
