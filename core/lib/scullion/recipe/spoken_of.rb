# frozen_string_literal: true

module Scullion
  module Recipe
    # Is a food or an amount of a line listed there, or only spoken of? For Around, which it is a part of.
    module SpokenOf
      # "Keep the oil": that is not weighed.
      KEEP = %w[keep save reserve saving keeping reserving catch].freeze
      WAS_KEPT = %w[saved kept reserved].freeze
      WITH, INSIDE = %w[w with].freeze, %w[in into].freeze
      EACH, COUNTED = %w[each both].freeze, %w[pieces containers loose].freeze
      BRUSHED = %w[brushed rubbed coated greased drizzled moistened].freeze
      POURS, OVER = %w[spoon pour drizzle ladle tip], %w[over on onto]
      DRESSED = %w[tossed toss dressed dress folded fold mixed mix coated turned stirred bound].freeze
      TOGETHER = %w[in along together].freeze
      SHARE_OF_IT = /\A(?:half|some|most|rest|a\s(?:third|quarter|little|bit))\b/i.freeze
      THEM = %w[it them those these].freeze
      OF_THE = %w[of the your].freeze
      COUNTS = %i[word amount].freeze
      NAMES = %i[word food].freeze
      NAMES_AND_AMOUNTS = [*NAMES, :amount].freeze
      DONE = %w[cuts treats cooks trims].freeze
      IN_IT = %w[treats cooks].freeze
      DONE_IN = /\A(?:(?-i:[[:alpha:]]{3,})ed|kept|held|hung)\z/.freeze

      # Said to be in it: "crumbled in barley water", not "a bit of water".
      def in?(index)
        @tokens
          .first(index)
          .reverse_each do |token|
            return false if token.kind == :mark
            return INSIDE.include?(Around.word(token)) if Around.towards?(token)
          end
        false
      end

      # "About the size of a sugar lump": that is not listed.
      def size_of?(index)
        @tokens.first(index).last(4).each_cons(2).any? { |pair| pair.map { Around.word(_1) } == %w[size of] }
      end

      # "crumbled in barley water", "for the squash": since the last mark it is spoken of, not listed.
      def towards?(index)
        @tokens
          .first(index)
          .reverse_each do |token|
            return done_with?(token) if Around.joins?(token)
            return false if token.kind == :mark || token.value.is_a?(Amount)
            return !counts_of?(token) && !of_another?(index) if Around.towards?(token)
          end
        false
      end

      # "Each of mint and parsley", "2 heads of chicory and endive": so many of what comes.
      def counts_of?(token)
        return false unless token.folded == %w[of]

        before = before(@tokens.index { |each| each.equal?(token) })
        before&.kind == :amount || EACH.include?(Around.word(before)) ||
          (before&.kind == :word && before.value.keys.intersect?(COUNTED))
      end

      # "A clove of garlic and a bit of water": of its own.
      def of_another?(index)
        between = @tokens.first(index).reverse.take_while { |token| token.kind != :food }
        of = between.index { |token| Around.towards?(token) } or return false
        between[of].folded == ["of"] &&
          between.drop(of).any? { |token| token.kind == :mark || Around.joins?(token) }
      end

      # Roasted, fried or toasted with it, in this clause.
      def cooked_with?(index)
        clause =
          @tokens.first(index).reverse.take_while { |token| NAMES.include?(token.kind) || token.text == "." }
        at = clause.index { |token| WITH.include?(Around.word(token)) } or return false
        clause.drop(at).any? { |token| token.kind == :word && token.value["cooks"] }
      end

      # "Sesame seeds, toast 4 tbsp of them"
      def of_them?(index)
        @tokens[index + 1, 2]
          .to_a
          .map { |token| Around.word(token) }
          .then { |of, them| of == "of" && THEM.include?(them) }
      end

      # "Fried in hot butter", "marinated with yoghurt"; not "in the fat", which is listed, nor "in
      # bouillon:". @param done [Array<String>] words that cook
      def only_named_in?(index, done, loosely: true)
        return false if word_before(index) == "the" || %w[: water].include?(@tokens[index + 1]&.text)
        # "Mixed with one kilo mayonnaise" is listed.
        return false if before(index)&.kind == :amount

        clause = @tokens.first(index).reverse.take_while { |token| NAMES_AND_AMOUNTS.include?(token.kind) }
        at = clause.index { |token| [*WITH, *INSIDE].include?(token.folded&.last) } or return false
        at += 1 if clause[at].folded.one?
        clause.drop(at).any? { |by| by.kind == :word && lies_done?(by, done, loosely) }
      end

      # "Carrots in butter"
      def right_in?(index)
        INSIDE.include?(word_before(index)) && index > 1 && @tokens[index - 2].kind == :food
      end

      def lies_done?(by, done, loosely)
        by.value.keys.intersect?(IN_IT) || done.include?(by.folded.first) ||
          (loosely && by.folded.first.match?(DONE_IN))
      end

      # "Asparagus tips", and in a list "asparagus with hollandaise".
      def beside_food?(index, prose)
        before = before(index)
        before = before(index - 1) if !prose && word_before(index) == "with"
        before&.kind == :food
      end

      # "Brushed with oil": that is not listed.
      def brushed_with?(index)
        index > 1 && (WITH.include?(word_before(index)) || word_before(index) == "in") &&
          BRUSHED.include?(word_before(index - 1))
      end

      # "Tossed in 2 tbsp of" what comes, "spoon over the remaining" one.
      def dressed_before?(index)
        clause = @tokens.first(index).reverse.take_while { |token| token.kind != :mark || token.text == "/" }
        words = clause.map { |token| Around.word(token) }
        words.intersect?(DRESSED) || (words.intersect?(POURS) && words.intersect?(OVER))
      end

      # "Half the dressing", and not "half in the dressing".
      def share_of_it?(index)
        return false if @tokens[index].folded.size > 1

        said = @tokens.first(index).reverse.drop_while { |token| OF_THE.include?(Around.word(token)) }.first
        said&.text.to_s.match?(SHARE_OF_IT)
      end

      # Words since the last mark. @return [Array<String>]
      def clause_before(index)
        clause = @tokens.first(index).reverse.take_while { |token| token.kind != :mark }
        clause.map { |token| Around.word(token) }
      end

      # "Tahini 300 g loosened with water": so much is of the tahini.
      def loosened_with?(token)
        WITH.include?(Around.word(token)) && before(@tokens.index(token))&.text.to_s.match?(/(?:ed|down)\z/i)
      end

      # "Oranges sliced, juice saved": of its part that is.
      def was_kept?(index) = WAS_KEPT.include?(Around.word(@tokens[index + 1]))

      # Said to be kept, and so not weighed.
      def kept?(index)
        before = @tokens.first(index).last(5).reverse.take_while { |token| COUNTS.include?(token.kind) }
        words = before.reject { |token| token.kind == :amount }
        words = words.first(3) if words.size == before.size
        words.first&.folded == %w[not] || words.any? { |token| KEEP.include?(Around.word(token)) }
      end

      # "massaged with oil and salt", "roasted in with the squash": what something is done with.
      def done_with?(token)
        at = with = @tokens.index { |each| each.equal?(token) }
        at -= 1 while at.positive? && TOGETHER.include?(word_before(at))
        before = before(at)
        # "Garlic, sliced, in with the onions"
        return true if at < with && Around.word(@tokens[with + 1]) == "the"
        return before&.kind == :food && towards?(at - 1) unless WITH.include?(Around.word(token))

        before&.kind == :word && before.value.keys.intersect?(DONE)
      end
    end
  end
end
