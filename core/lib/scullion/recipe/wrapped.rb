# frozen_string_literal: true

module Scullion
  module Recipe
    # Rows of a text that was broken to fit a width: what was broken in two is whole again.
    class Wrapped
      # Letters to a row that may have been full.
      FULL = 48
      COMPOUND = /(?:semi|half|grape|well|ready|low|free|extra)-\z/i.freeze
      # A row that begins an item of its own.
      OWN =
        /\A(?:a|one|two|half|few|several|juice|zest|salt|(?:black\s|white\s)?pepper)\b
         |\A.{0,24}\d|\A[[:alpha:]]+(?:\s[[:alpha:]]+)?\s[-–—]\s
         |\A[[:alpha:]]+(?:\s[[:alpha:]]+){0,4}:\s/x.freeze
      # So does one of what a food is counted by, of it: "small bunch of mint", "handful rocket". "Slices" and
      # "large chunks" go on from above.
      MEASURE =
        /\A(?:(?:small|large|big|good|generous)\s+)?
          (?:(?:bunch|handful|pinch|knob|splash|glug|drizzle|squeeze|dash)(?:\s+of)?
            |(?:#{Amount::Words::PIECES.join("|")}|#{Amount::Words::PACK_WORDS.join("|")})\s+of)\s/x.freeze
      # A row that cannot end there.
      OPEN = /(?:,|\b(?:and|or|with|w|of|the|a|in|into|to|for|from|plus))\z/i.freeze
      UNENDED = /(?:\d.*\b(?:and|or|with|of|the)|\beach\s[^,\d]{3,30},)\z/i.freeze
      # "Cracked Wheat with Herbs" and "and Pomegranate"
      AND_MORE = /\A(?:and|with|&)\s+[[:upper:]][[:lower:]]+\z/.freeze
      # "2 bulbs fennel, fronds" and "reserved, each cut into 8"
      DONE_TO_IT =
        /\A(?:reserved|deseeded|halved|quartered|washed|rinsed|trimmed|stoned|pitted|overnight)
          (?:[,;]|\s+and\b|\z)/x.freeze
      # A text is set to a width where so many rows come within so many letters of its longest.
      SET_ROWS, NEAR = 3, 12

      # "→ ½ wedges → roast", "⅓ raw, shave": what becomes of a share of what stands in the row above.
      SHARE = /\A(?:→\s*)?(?:#{Shares::ANY})\s+[[:alpha:]]/i.freeze
      # "(oil 60%, lemon 35%)" below the dressing that it is of.
      FORMULA = /\A\([^()]*\d\s?%[^()]*\)\z/.freeze
      ARROW = /→|:/.freeze
      # "→ simmer 25, drain": what becomes of what stands in the row above.
      BELOW = /\A(?:→|[-=]+>|[↳└])\s*(?=\S)/.freeze
      # Letters that it stands further in.
      FURTHER = 4
      # Numbered rows from which what stands between them is the rest of a step.
      STEPS = 3

      # @param rows [Array<Rows::Row>]
      def initialize(rows)
        @rows = rows
        lengths = rows.map { |row| row.text.length }
        @width = lengths.max.to_i
        @set = lengths.count { |length| length >= @width - NEAR } >= SET_ROWS
      end

      # @return [Array<Rows::Row>]
      def rows
        steps = @rows.slice_when { |one, row| row.number != one.number + 1 }.flat_map { |block| steps(block) }
        steps.each_with_object([]) do |row, all|
          joined = joined(all.last, row) if all.any?
          joined ? all.last.text = joined : all << row
        end
      end

      private

      # "1. Drain the chickpeas, cover with fresh" and "water, simmer": each step with what was broken off it.
      # @param block [Array<Rows::Row>] with no empty row among them @return [Array<Rows::Row>]
      def steps(block)
        before = block.take_while { |row| !numbered?(row) }
        parts = block.drop(before.size).slice_before { |row| numbered?(row) }.to_a
        return block unless broken?(parts)

        [*before, *parts.map { |part| whole(part) }]
      end

      # Numbered in their order, each full up to its last row, and mostly going on in the midst of a sentence.
      def broken?(parts)
        more = parts.flat_map { |part| part.drop(1) }
        return false if parts.size < STEPS || more.empty? || more.any? { |row| row.kind || row.into }

        numbers = parts.map { |part| NumberedSteps.number(part.first.text) }
        filled = parts.flat_map { |part| part[0...-1] }.map { |row| row.text.length }
        filled.min >= filled.max - NEAR && more.count { |row| begins_low?(row) } * 2 > more.size &&
          numbers.each_cons(2).all? { |one, other| other == one + 1 }
      end

      def whole(part)
        part.first.dup.tap { |row| row.text = part.map(&:text).join(" ") }
      end

      def numbered?(row) = !NumberedSteps.number(row.text).nil?

      # @return [String, nil] nil where the row is one of its own
      def joined(last, row)
        return if last.kind || row.kind || row.into || last.into
        return grafted(last.text, row.text) if last.text.match?(/[[:alpha:]]-\z/) && begins_low?(row)
        return unless row.number == last.number + 1
        return "#{last.text}; #{row.text}" if share_of?(last, row)
        return "#{last.text}, #{row.text.sub(BELOW, "")}" if below?(last, row)
        return "#{last.text} #{row.text}" if row.text.match?(FORMULA)

        unless in_brackets?(last.text, row.text) || runs_on?(last.text, row) || unended?(last.text, row)
          return
        end

        "#{last.text} #{row.text}"
      end

      def share_of?(last, row)
        row.indent.to_i >= last.indent.to_i + FURTHER && row.text.match?(SHARE) && last.text.match?(ARROW)
      end

      # Not one of several steps that begin so.
      def below?(last, row)
        row.text.match?(BELOW) && !last.text.match?(BELOW) && last.text.match?(/\d/) &&
          !@rows[@rows.index(row) + 1]&.text.to_s.match?(BELOW) && row.indent.to_i > last.indent.to_i
      end

      def grafted(one, other) = one.match?(COMPOUND) ? one + other : one.delete_suffix("-") + other
      def begins_low?(row) = row.text.match?(/\A[[:lower:]]/)

      # A bracket that was opened is closed in the next row.
      def in_brackets?(above, below)
        above.length > 20 && above.match?(/\([^)]*\z/) && below.match?(/\A[^(]*\)/)
      end

      def runs_on?(above, row)
        above.length >= FULL && begins_low?(row) && row.text.include?(" ") && !row.text.end_with?(":") &&
          !above.match?(/[.:;!?)]\z/) && !own?(row.text) &&
          (above.match?(OPEN) || full?(above, row) || row.text.start_with?("of "))
      end

      # "Peeled, seeded and" and "diced", "1 bunch each parsley," and "mint and dill": no row ends so.
      def unended?(above, row)
        begins_low?(row) && !row.text.end_with?(":") && !row.text.match?(/\A(?:an?|one)\b|\A[^,;]*\d/) &&
          (
            above.match?(UNENDED) || row.text.match?(DONE_TO_IT) ||
              (above.match?(/[[:upper:]]/) && row.text.match?(AND_MORE))
          )
      end

      def own?(text) = text.match?(OWN) || text.match?(MEASURE)

      # The next word had no room on it.
      def full?(above, row) = @set && above.length + 1 + row.text[/\S+/].length >= @width - NEAR
    end
  end
end
