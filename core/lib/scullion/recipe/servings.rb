# frozen_string_literal: true

module Scullion
  module Recipe
    # How many a written recipe serves, where it says so.
    class Servings
      include ServedWords

      # So many times the least is the most of a range.
      WIDEST = 4
      # "1 kg yoghurt, hang 24 h (yields 600)": of that food.
      LEFT_OF_IT =
        /\A(\W*\d.*?)\(\s*(?:yields?|gives|makes|leaves)\s+#{Amount::Words::ROUGHLY}?[\d.,]+\s*\)/i.freeze
      FOR_PART = /\A\W*for\b/i.freeze

      # number: nil where it does not say; row: in which it does
      # @return [Integer, nil] @return [String, nil]
      attr_reader :number, :row

      # @param rows [Array<String>]
      # @raise [UnreadableAmount] when it says that nobody is served
      def initialize(rows)
        rows = rows.map { |row| row.sub(LEFT_OF_IT, '\1') }
        top = rows.drop_while { |row| row.match?(NoteRows::WRITTEN_BY) }
        top = top.grep_v(NoteRows::GREETING).first(NEAR_TOP)
        @number = together(top) || teams(rows) || by_portion(rows) || scaled(top) and return

        @near = [*top, *rows.last(1)]
        @number =
          found(AS_CALLED, top.first(1)) || found(SAID_ALONE, top) || found(ANYWHERE, looked_at(rows)) ||
            found(NEAR_THE_TOP, @near) || found(FIRST_ROW, top.first(1)) || found([LINE], said_so(rows))
        @number ||= 1 if top.any? { |row| row.match?(FOR_ONE) }
      end

      # What the rows near the top and the last one say as well, and so may be meant: "24 covers, for 30".
      # @return [Array<Integer>]
      def others
        return [] if @near.nil? || @number.nil?

        rows = looked_at(@near)
        PLAIN.flat_map { |pattern| rows.flat_map { |row| others_in(row, pattern) } }.uniq
      end

      private

      # "KS1 90 / KS2 120 / staff 12", "Fri 27 / Sat 40": all of them.
      def together(rows)
        counts = rows.map { |row| row.scan(GROUP).flatten.map(&:to_i) }.find { |each| each.size > 1 }
        days = rows.map { |row| row.scan(DAYS).flatten.map(&:to_i) }
        counts ||= rows.filter_map { |row| row.match(SUMMED)&.captures&.map(&:to_i) }.first
        counts ||= rows.filter_map { |row| added(row) || multiplied(row) }.first
        counts ||= days.find { |each| each.size > 1 && each.max > LAST_OF_MONTH }
        counts&.sum&.then { |sum| sum if sum.between?(1, MOST) }
      end

      def added(row, groups = GROUPS) = row[groups]&.scan(ONE_GROUP)&.map { |said| number_of(said.downcase) }

      # @return [Array<Integer>] as many of each as there are of them
      def multiplied(row)
        found = row.match(TIMES) or return
        times, each = found.values_at(:times, :each).map { |said| number_of(said.downcase) }
        [times * each]
      end

      # Wherever it stands. @return [Integer, nil]
      def teams(rows)
        rows.lazy.filter_map { |row| added(row[0, LONGEST], TEAMS)&.sum }.grep(1..MOST).first
      end

      # "Makes approx. 2.5 kg, portion 100 g"
      def by_portion(rows)
        found = rows.filter_map { |row| row[0, LONGEST].match(MAKES) }.first or return
        whole = found[:whole].tr(",", ".").to_f * (found[:unit].casecmp?("kg") ? 1000 : 1)
        (whole / found[:each].to_f).round.then { |number| number if number.between?(1, MOST) }
      end

      # "Scaled ×5 from the 10 card"
      def scaled(rows)
        found = rows.filter_map { |row| row.match(SCALED) }.first or return
        number = found.named_captures.values_at("times", "card").map(&:to_i).reduce(:*)
        number if number.between?(1, MOST)
      end

      # The first number that one of the patterns finds, by pattern and then by row.
      def found(patterns, rows)
        patterns.lazy.flat_map { |pattern| rows.lazy.filter_map { |row| read(row, pattern) } }.first
      end

      # Rows with a number, from the top and from the end.
      def looked_at(rows)
        near = rows.size > FROM_TOP + FROM_END ? rows.first(FROM_TOP) + rows.last(FROM_END) : rows
        near.select { |row| row[0, LONGEST].match?(NUMBERED) }
      end

      # Rows that say it in so many words: a bare "for six" further down is of a part.
      def said_so(rows) = looked_at(rows).grep_v(FOR_PART)

      # @param said [String] digits or words @return [Integer]
      def number_of(said)
        dozens = said[/\A(.+?)\s+doz/, 1]
        return number_of(dozens) * 12 if dozens

        WORDS[said] || (said.match?(/\A\d/) ? said.to_i : Amount::Words.spelled(said))
      end

      def number_in(row, pattern)
        found = row[0, LONGEST].match(pattern) or return
        number = to_the_end(number_of(found[:number].downcase), found[0])
        number unless year?(number, row)
      end

      # "Bowl 3 of 5 – 150 bowls" is no range from five.
      def to_the_end(number, said)
        other = said[/\b#{number}\s*[-–]\s*(\d+)/, 1].to_i
        other > number * WIDEST ? other : number
      end

      def year?(number, row) = YEAR.cover?(number) && !row.match?(/\b#{number}\s*#{THEM}/)

      # Not the other end of "6-8".
      def others_in(row, pattern)
        return [] unless row[0, LONGEST].match?(pattern)

        row[0, LONGEST]
          .to_enum(:scan, pattern)
          .map { number_of(Regexp.last_match[:number].downcase) }
          .reject { |number| number == @number || year?(number, row) || !number.between?(1, MOST) }
          .reject { |number| row.match?(/\b#{@number}\s*(?:[-–]|to|or)\s*#{number}\b/) }
      end

      def read(row, pattern)
        number = number_in(row, pattern) or return
        @row = row
        return number if number.between?(1, MOST)

        raise UnreadableAmount,
              Fault.new(
                what: "#{Fault.shown(row)}: nobody is served.",
                where: "text",
                remedy: "Write how many it serves, from 1 to #{MOST}."
              )
      end
    end
  end
end
