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
        @text, @number, @depth, @or = text, 0, 0, false
      end

      def bracketed? = @depth.positive?
      def or? = @or
      def open_or = @or = true
      def close_or = @or = false

      # @param token [Lexer::Token] a mark
      def pass(token)
        case token.text
        when "(", "["
          @depth += 1
          @number += 1
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
