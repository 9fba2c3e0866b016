# frozen_string_literal: true

module Scullion
  module Recipe
    # What stands on a line beside its food and is none of it: a note to whoever buys it, a tin or tray of the
    # kitchen's own that it is done in. For Around, which it is a part of.
    module SaidBeside
      NOTES = %w[check nb allergy allergens].freeze
      POTS = %w[pot pots].freeze
      # What is done in a tin or a tray of the kitchen's own.
      VESSEL = %w[
        toss
        tossed
        mix
        mixed
        put
        tip
        tumble
        spread
        layer
        arrange
        roast
        roasted
        bake
        baked
        them
      ].freeze

      # "Beat in", "soaked in": that is not what it is cooked in.
      ADDED = %w[
        beat
        stir
        whisk
        mix
        fold
        throw
        put
        chuck
        pour
        tip
        add
        toss
        drizzle
        rub
        work
        drop
        soak
        soaked
        steep
        steeped
        plump
        plumped
      ].freeze

      # "Toss in a big tin with 2 tbsp oil": what it is done in, and not what it comes in.
      def vessel?(index)
        at = @sizes.key?(word_before(index)) ? index - 1 : index
        %w[a the one].include?(before(at)&.text&.downcase) && %w[in into].include?(word_before(at - 1)) &&
          VESSEL.include?(word_before(at - 2))
      end

      # The first token behind the last full stop. @return [Lexer::Token, nil]
      def sentence_begins(index)
        stop = (0...index).to_a.reverse.find { |at| @tokens[at].text == "." }
        @tokens[stop + 1] if stop
      end

      # "Garlic 1 crushed with salt": what it is done with is not counted.
      def seasoned_with?(token)
        at = @tokens.index(token)
        return false unless %w[with w].include?(Around.word(token)) && at > 1

        at -= 1 if before(at).kind == :word && before(at).value.key?("cuts")
        before(at).kind == :amount && @tokens[at - 2]&.kind == :food
      end

      # "Mozzarella over, then the dressing"
      def then_the?(index) = word_before(index) == "the" && %w[then and].include?(word_before(index - 1))

      # "1 tbsp anchovy paste (leave out of the veg batch ×3)"
      def told_in_bracket?(index)
        opened = (0...index).to_a.reverse.find { |at| @tokens[at].text == "(" } or return false
        @tokens[(opened + 1)...index].any? { |token| token.kind == :word && !token.text.match?(/\A[x×]\z/i) }
      end

      # "In 3 pots", "between two pots"
      def vessels?(index)
        POTS.include?(@tokens[index].folded.last) && before(index)&.kind == :amount &&
          %w[in into between over across].include?(word_before(index - 1))
      end

      # "Mustard – check: some have wheat flour", "(check label: egg)": said to whoever buys it.
      def noted?(index)
        NOTES.include?(Around.word(@tokens[index])) && before(index)&.kind == :mark
      end

      # The last token of such a note.
      def note_ends(index)
        closed = (index...@tokens.size).find { |at| @tokens[at].text == ")" }
        closed ? closed - 1 : @tokens.size
      end
    end
  end
end
