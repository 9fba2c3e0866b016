# frozen_string_literal: true

module Scullion
  module Recipe
    # Cloves are a spice, and what is counted of garlic: the ones that an onion is stuck with are the spice,
    # others that are counted and named by nothing else may be either, and are asked.
    class Cloves
      NAMES = %w[clove cloves].freeze
      STUCK_WITH = /\b(?:stuck|studded|spiked|pinned)\s+with\b/i.freeze
      STUCK = /#{STUCK_WITH.source}\s+(?:(?-i:[[:alnum:]–-]+)\s+){0,3}\z/i.freeze
      SPICE, EITHER = %w[clove].freeze, %w[garlic clove].freeze

      # @param tokens [Array<Lexer::Token>] of a line @param plain [String] as they count their places in it
      # @return [Array<Lexer::Token>]
      def self.of(tokens, plain)
        return tokens if tokens.none? { |token| clove?(token) }

        tokens.map.with_index { |token, index| clove?(token) ? new(tokens, plain).told(index) : token }
      end

      def self.clove?(token) = NAMES.include?(Around.word(token))

      def initialize(tokens, plain)
        @tokens, @plain = tokens, plain
      end

      # @return [Lexer::Token] as what may be meant there
      def told(index)
        return as_food(index, SPICE) if @plain.byteslice(0...@tokens[index].at).to_s.scrub.match?(STUCK)

        others = @tokens.select { |token| token.kind == :food && !Cloves.clove?(token) }
        return as_piece(index) if others.any? { |token| token.value[:keys].intersect?(EITHER) }

        counted = index.positive? && @tokens[index - 1].kind == :amount
        counted && others.empty? ? as_food(index, EITHER) : @tokens[index]
      end

      private

      def as_food(index, keys)
        @tokens[index].dup.tap { |each| each.kind, each.value = :food, { keys: keys, roles: {} } }
      end

      # "Garlic, half a clove"
      def as_piece(index)
        @tokens[index].dup.tap { |each| each.kind, each.value = :word, { "pieces" => "clove" } }
      end
    end
  end
end
