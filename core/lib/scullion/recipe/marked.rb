# frozen_string_literal: true

module Scullion
  module Recipe
    # The words of a line, each with what it became: amount, food, how, place; aside, or open where nobody
    # knows.
    class Marked
      FRACTIONS = Amount::Words::FRACTIONS.to_h { |sign, written| [written, sign] }.freeze
      HOW = %w[cuts trims treats cooks states pieces containers loose].freeze

      # @param lexer [Lexer]
      def initialize(lexer)
        @lexer = lexer
        @counted = %w[sizes parts flags].flat_map { |file| lexer.lexicon.words(file).keys }
      end

      # @param text [String] @param open [Array<String>] the words that are asked about
      # @return [Array<Hash>] "text" and "role"; together they are the line
      def of(text, open)
        @open = open
        plain = @lexer.plain(text)
        tokens = @lexer.read(text)
        marks = tokens.map { |token| [token.at, token.at + token.text.bytesize, role(token)] }
        joined(segments(plain, marks))
      end

      private

      def role(token)
        case token.kind
        when :amount
          @open.include?(token.text) ? "open" : "amount"
        when :food
          "food"
        when :length, :time, :heat
          "how"
        when :word
          @counted.include?(Around.word(token)) ? "amount" : of_word(token)
        else
          "aside"
        end
      end

      def of_word(token)
        return "open" if @open.include?(token.text)

        roles = token.value
        return "aside" if roles.empty?
        return "place" if roles["places"]
        return "amount" if roles["pieces"] || roles["containers"]

        HOW.any? { |role| roles[role] } ? "how" : "aside"
      end

      # What stands between two tokens belongs to neither.
      def segments(plain, marks)
        at = 0
        parts =
          marks.flat_map do |from, to, role|
            between = plain.byteslice(at...from).to_s.scrub("")
            at = to
            [[between, "aside"], [plain.byteslice(from...to).to_s.scrub(""), role]]
          end
        [*parts, [plain.byteslice(at..).to_s.scrub(""), "aside"]].reject { |text, _| text.empty? }
      end

      # Neighbours of one role are one; fractions as they were written.
      def joined(parts)
        parts
          .slice_when { |one, other| one.last != other.last }
          .map { |same| { "text" => written(same.map(&:first).join), "role" => same.first.last } }
      end

      def written(text)
        text.gsub(%r{(?<![\d/])\d/\d(?![\d/])}) { |fraction| FRACTIONS.fetch(fraction, fraction) }
      end
    end
  end
end
