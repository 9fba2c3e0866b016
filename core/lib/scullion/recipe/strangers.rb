# frozen_string_literal: true

module Scullion
  module Recipe
    # Names that nobody knows, with an amount of their own. For Around, which it is a part of.
    module Strangers
      # Words to such a name.
      STRANGER = 3
      PUT_TO_IT = %w[with w].freeze

      # What comes after this amount has a name that nobody knows.
      def stranger?(index)
        after = @tokens.drop(index + 1).find { |token| token.folded != ["of"] }
        after&.kind == :word && after.value.empty?
      end

      # "Celery, two Coxes left unpeeled", ", 2 tiger chillies": so many of what nobody knows, in a clause of
      # its own.
      def counted_stranger?(index)
        mark = before(index)
        return false unless mark&.kind == :mark && mark.text == "," && stranger?(index)

        word, other = @tokens[index + 1, 2]
        word.text.match?(/\A[[:upper:]][[:lower:]]{2,}/) ||
          (
            @tokens[index].value.unit == :piece && other&.kind == :word && other.value.empty? &&
              other.text.match?(/[[:lower:]]{3}s\z/)
          )
      end

      # "3 dl cream, 1 dl tamarindo", "compress w/ 200 ml gin": so much of what nobody knows, in a clause of
      # its own or to be put to the food.
      def weighed_stranger?(index, known)
        return false if @tokens[index].value.unit == :piece
        return false unless before(index)&.text == "," || put_to_it?(index)

        words = @tokens.drop(index + 1).take_while { |token| token.kind == :word }
        words.size.between?(1, STRANGER) && [nil, :mark].include?(@tokens[index + 1 + words.size]&.kind) &&
          words.all? { |token| token.value.empty? && token.text.length > 2 } &&
          words.none? { |token| known.key?(Around.word(token)) || @sizes.key?(Around.word(token)) }
      end

      def put_to_it?(index)
        before = before(index)&.text == "/" ? index - 1 : index
        PUT_TO_IT.include?(word_before(before))
      end

      # "Chilli, red 4": the words between the last mark and this amount make a name with the food before.
      def kind_behind?(index, name, lexicon)
        words = @tokens.first(index).reverse.take_while { |token| token.kind == :word }.reverse
        words.any? && !lexicon.food([*words.flat_map(&:folded), Lexicon.fold(name).split.last]).nil?
      end

      # "Fresh" is of what nobody knows.
      def no_name?(token) = nothing?(token) || token.value.keys == %w[states]

      # Only words without a role stand between the last mark and this amount.
      def stranger_behind_mark?(index)
        words = @tokens.first(index).reverse.take_while { |token| token.kind != :mark }
        words.size < index && words.map(&:folded) != [%w[x]] &&
          words.all? { |token| token.kind == :word && no_name?(token) && !Around.towards?(token) } &&
          words.any? { |token| token.value.empty? }
      end
    end
  end
end
