# frozen_string_literal: true

module Scullion
  module Recipe
    # The amounts that stand before and after a token of a line. For Around, which it is a part of.
    module AmountsAround
      # Foods and amounts from which a row has them in turns.
      BEHIND = 4
      NAMED = %i[food amount].freeze

      # Its weight or measure stands right behind it.
      def weighed_next?(index)
        measured?(@tokens.drop(index + 1).drop_while { |token| passed?(token) || about?(token) }.first)
      end

      # Or behind words that nobody knows, up to the next mark.
      def weighed_in_clause?(index)
        @tokens
          .drop(index + 1)
          .take_while { |token| token.kind != :mark || about?(token) }
          .any? { |token| measured?(token) }
      end

      # "About 700 ml", "~ 700 ml", "approx. 700 ml"
      def about?(token)
        return false if token.kind != :mark || !token.text.match?(/\A[~≈.]\z/)

        token.text != "." || cut_short?(before(@tokens.index { |each| each.equal?(token) }))
      end

      # "Approx.", whose stop ends nothing.
      def cut_short?(token) = token&.kind == :word && token.value["aside"]

      def measured?(token)
        token&.kind == :amount && token.value.unit != :piece && !token.value.estimated
      end

      # So much of it in one of these units: in the bracket behind it, or behind a comma or nothing and not of
      # what follows.
      def measured_behind?(index, units)
        mark, *rest = @tokens.drop(index + 1)
        return bracketed(rest).any? { |token| in_units?(token, units) } if mark&.text == "("

        rest.unshift(mark) unless mark&.text == ","
        in_units?(rest.first, units) && rest[1]&.kind != :food
      end

      # Nothing stands behind the amount but what it is counted by: "a whole bunch and".
      def ends_behind?(index)
        after = @tokens.drop(index + 1).find { |token| token.kind != :word || !counted_by?(token) }
        after.nil? || after.kind == :mark || Around.joins?(after)
      end

      # An amount within the next two words.
      def amount_near?(index) = @tokens[index + 1, 2].to_a.any? { |token| token.kind == :amount }

      # "And capers" ahead of it, but for what it is counted by: "2 bunches and".
      def joins_behind?(index)
        after = @tokens.drop(index + 1)
        after = after.drop(1) if after.first&.kind == :word && counted_by?(after.first)
        Around.joins?(after.first)
      end

      # "Garlic 20g coriander root 15g chilli 30g": each amount behind its name, with nothing between them.
      def amounts_behind?
        # What stands in a bracket behind the last is said of all: "(ml)".
        said =
          (
            if @tokens.last&.text == ")"
              @tokens.first(@tokens.rindex { |token| token.text == "(" }.to_i)
            else
              @tokens
            end
          )
        kinds = said.map(&:kind).drop_while { |kind| kind != :food }
        names = kinds.select { |kind| NAMED.include?(kind) }
        kinds.none?(:mark) && names.size >= BEHIND && names.each_slice(2).all?(NAMED) &&
          @tokens.find { |token| NAMED.include?(token.kind) }.kind == :food
      end

      # The next amount is a number of pieces, and of no other food.
      def count_ahead?(index)
        after = @tokens.drop(index + 1)
        at = after.index { |token| %i[amount food].include?(token.kind) } or return false
        after[at].kind == :amount && after[at].value.unit == :piece &&
          after.drop(at + 1).none? { |token| token.kind == :food }
      end

      # "Six red and three green peppers": the head stands behind the second of them.
      def kind_of_next?(index)
        word, joins, other, kind, head = @tokens[index + 1, 5]
        return false unless word&.kind == :word && !Around.joins?(word) && Around.joins?(joins)

        other&.kind == :amount && other.value.unit == :piece &&
          [kind, head].compact.any? { |each| each.kind == :food }
      end

      # A number of pieces stands before it, but for words that change nothing.
      def count_before?(index) = count(index)&.unit == :piece

      # The amount that stands before it. @return [Amount, nil]
      def count(index)
        token =
          @tokens
            .first(index)
            .reverse
            .find { |each| each.kind != :word || !passing?(each) || Around.towards?(each) }
        token.value if token&.kind == :amount
      end

      # "1 kg apricots or 400 g dried": as something else, so much.
      def other_amount?(index)
        before(index)&.kind == :amount && index > 1 && word_before(index - 1) == "or"
      end

      # The word before the bracket that this stands in. @return [Lexer::Token, nil]
      def before_opening(index)
        opened = @tokens.first(index).rindex { |token| token.text == "(" } or return
        word = opened.zero? ? nil : @tokens[opened - 1]
        word if word&.kind == :word
      end

      # No amount stands in the bracket that this is in.
      def bracket_of_names?(index)
        opened = @tokens.first(index).rindex { |token| token.text == "(" } or return false
        bracketed(@tokens.drop(opened + 1)).none? { |token| token.kind == :amount }
      end

      # Nothing in the bracket that opens here, and right behind it the one amount there is.
      def bracket_then?(index, amounts)
        closed = (index...@tokens.size).find { |at| @tokens[at].text == ")" } or return false
        amounts.one? && @tokens[closed + 1].equal?(amounts.first)
      end

      private

      def counted_by?(token) = token.value.keys.intersect?(Lexicon::COUNTED_BY)
      def bracketed(tokens) = tokens.take_while { |token| token.text != ")" }
      def in_units?(token, units) = token&.kind == :amount && units.include?(token.value.unit)
    end
  end
end
