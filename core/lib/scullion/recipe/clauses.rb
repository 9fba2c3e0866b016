# frozen_string_literal: true

module Scullion
  module Recipe
    # Where a line stands as it is walked: its clauses, its brackets, and whether an "or" is open.
    class Clauses
      APART = %w[, ; : - < > ! ? = | / • → ←].freeze

      # The number of the clause. @return [Integer]
      attr_reader :number

      # @param text [String] the line
      def initialize(text)
        @text, @number, @depth, @or, @opened = text, 0, 0, false, 0
      end

      def bracketed? = @depth.positive?
      # Right behind that clause, or in the bracket that is.
      def behind?(clause) = [@number, *(@opened if bracketed?)].min <= clause + 1
      # Is that a clause of the bracket that is open?
      def in_bracket?(clause) = bracketed? && clause.to_i >= @opened
      def or? = @or
      def open_or = @or = true
      def close_or = @or = false

      # @param token [Lexer::Token] a mark
      def pass(token)
        case token.text
        when "(", "["
          @depth += 1
          @number += 1
          @opened = @number if @depth == 1
        when ")", "]"
          @depth = [@depth - 1, 0].max
          @number += 1
          @or = false if @depth.zero?
        when *APART
          ends
        when "."
          ends if ends_sentence?(token)
        end
      end

      private

      def ends
        @number += 1
        @or = false
      end

      def ends_sentence?(token)
        rest = @text[(token.at + 1)..].to_s
        rest.strip.empty? || rest.match?(/\A\s+[[:upper:]]/)
      end
    end
  end
end
