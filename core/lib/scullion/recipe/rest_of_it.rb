# frozen_string_literal: true

module Scullion
  module Recipe
    # What running text takes a share of in one place and finishes with in another: "half a 28 g pack of
    # parsley … and the rest of the parsley", "most of 15 g dill … remaining dill last". All of it is
    # there, and what remains is kept for the top.
    class RestOfIt
      LATER =
        "\\b(?:(?:rest|remainder|last|other\\s+half)\\s+of\\s+(?:the|your)|rest\\s+of|remaining)" \
          "\\s+(?:(?-i:[[:alpha:]-]+)\\s+)?"
      FINISHED =
        /#{Apart::TOP}|\b(?:finish|scatter|sprinkl|shower|crumbl|garnish|serve|top)\w*\b
          |\b(?:over|last)\b/ix.freeze
      # "All but half the cheese", "keep a third of the walnuts back": that share is for the top.
      KEPT =
        /\b(?:(?:all|everything)\s+(?:but|except)|keep(?:ing)?|sav(?:e|ing)|hold(?:ing)?\s+back
           |reserv(?:e|ing))\s+\z/ix.freeze
      # "Half the walnuts go on the top", "scatter a third of the feta over": so much of it, on no tray.
      ON_TOP =
        /\A[^.;,]{0,24}?\b(?:(?:on|over)\s+(?:the\s+)?(?:very\s+)?top\b|over(?=\s*(?:[.;,]|\z))
           |over\s+the\s+(?:salad|lot|platters?|plates?|bowls?)\b)/ix.freeze
      STREWN =
        /\b(?:scatter|sprinkle|strew|crumble|shower|finish|garnish)(?:ed|s)?\s+
          (?:(?:over|on|(?:(?:it|them|each|all|the\s+(?:salad|lot))\s+)?with)\s+)?\z/ix.freeze
      KEEPS_SOME =
        /\b(?:keep|save|reserve|hold|set)\w*\s+(?:back\s+)?(?:some|a\s+(?:few|little|handful))\b
          [^.;]{0,24}\b(?:top|garnish|finish|serve|scatter|back|aside)/ix.freeze
      ANOTHER_DAY = /\A[^.;]*\b(?:another|next|tomorrow|freez\w*|fridge)\b/i.freeze
      # "Stir in half the cheese. Scatter the rest over."
      UNNAMED =
        /\b(?:scatter|sprinkle|crumble|shower|grate|top|finish|garnish|dot|strew)\b[^.;]*
          \bthe\s+(?:rest|remainder|other\s+half)\b(?!\s+of\b)/ix.freeze
      SHARE = "(?:#{Shares::ANY}|most)".freeze
      # "Fold most of these through", of what that names, or so many sentences before it.
      THESE_BACK = 3
      OF_THESE = /\b(?<share>#{SHARE})\s+of\s+(?:these|them|those)\b/i.freeze
      ANY_SHARE = /(?<![[:alnum:]])#{SHARE}\s/i.freeze
      REST_OF_ALL = /\b(?:rest|remainder)\s+of\s+(?:the|your)\s+(?<all>[^.;]*)/i.freeze
      MOST = /\bmost\s+of\s+(?:an?\s+|the\s+)?\z/i.freeze

      # @param lines [Array<Page::Line>] @param items [Items]
      # @param most [Float] the share that "most of it" is
      def initialize(lines, items, most)
        @lines, @items, @most = lines, items, most
      end

      # @return [Array<Page::Line>] the same, with what is kept back of each
      def lines
        @lines.flat_map do |line|
          next [line] unless line.item&.food?

          told(line) && share(line) ? with_the_rest(line) : shared_by_steps(line)
        end
      end

      private

      # Of what stands in a step.
      def with_the_rest(line)
        item = line.item
        return [line] if line.held || @items.poured?(item) || !rest_is_on_top?(item)

        share = share(line)

        whole = item.amount.value == share ? item.amount.times(1 / share) : item.amount
        shared(line, whole, share, dressed: line.into == "dressing")
      end

      # "Whisk the oil, lemon and half the dill … the rest of the dill on top", of dill that is listed.
      def shared_by_steps(line)
        item = line.item
        return [line] if line.held || item.parts.any? || item.place == "table" || @items.poured?(item)
        return [line] unless item.amount || item.piece

        at = first_share(item) or return shared_with_others(line)
        share = Shares::WORDS.fetch(sentences[at][share_of(item), :share].downcase, @most)
        return kept(line, 1 - share) if share && keeps_some?(line)
        return kept(line, share) if share && (kept?(sentences[at], item) || strewn?(sentences[at], item))
        return [line] unless share && goes_over?(item, at)

        shared(line, item.amount, share.to_f, dressed: item.amount && whisked?(sentences[at], item))
      end

      # "Tear the herbs. Fold most of these through … the rest of the herbs, pomegranate."
      def shared_with_others(line)
        item = line.item
        at = sentences.index { |text| text.match?(OF_THESE) } or return [line]
        before = sentences[[at - THESE_BACK, 0].max..at].join(" ").split(OF_THESE).first
        named = /\b#{name(item)}\b/i
        unless before.match?(named) && sentences.drop(at + 1).any? { |text| rest_of_all?(text, named) }
          return [line]
        end

        kept(line, 1 - Shares::WORDS.fetch(sentences[at][OF_THESE, :share].downcase, @most))
      end

      def rest_of_all?(text, named) = text.match?(FINISHED) && text[REST_OF_ALL, :all].to_s.match?(named)

      # Of what is blitzed into the dressing the rest has a line of its own; of the salad's it is kept back.
      def shared(line, whole, share, dressed:)
        line.item.place = nil
        line.into = ("dressing" if dressed)
        return line, rest(line, whole, share) if dressed

        line.item.amount = whole
        kept(line, 1 - share)
      end

      def kept?(text, item)
        found = text.match(share_of(item))
        found.pre_match.match?(KEPT) && !found.post_match.match?(ANOTHER_DAY)
      end

      # "50 g pecans, keep some for the top", of which the steps take most.
      def keeps_some?(line)
        line.text.match?(KEEPS_SOME) &&
          sentences[first_share(line.item)][share_of(line.item), :share].match?(/most/i)
      end

      def strewn?(text, item)
        found = text.match(share_of(item))
        (found.pre_match.match?(STREWN) || found.post_match.match?(ON_TOP)) &&
          !text.match?(ToldPlaces::COOKING)
      end

      def kept(line, share)
        line.item.place = line.into = line.topped = nil
        line.kept = share.to_f
        [line]
      end

      # In which sentence a share of it is taken. @return [Integer, nil]
      def first_share(item)
        named = names(item).map(&:downcase)
        at = shared_sentences.select { |_, text| named.any? { |each| text.include?(each) } }.map(&:first)
        return if at.empty?

        share = share_of(item)
        at.find { |each| sentences[each].match?(share) }
      end

      # Those with a share in them, where they stand, in small letters.
      def shared_sentences
        @shared_sentences ||=
          sentences
            .each_index
            .select { |at| sentences[at].match?(ANY_SHARE) }
            .map { |at| [at, sentences[at].downcase] }
      end

      def share_of(item)
        /(?<![[:alnum:]])(?<share>#{SHARE})\s+(?:of\s+)?(?:the\s+)?#{name(item)}\b/i
      end

      def rest_of(item) = /#{LATER}#{name(item)}\b/i
      def name(item) = "(?:#{Regexp.union(names(item)).source})"

      # "The cheese" of cheddar, where nothing else of its kind is listed; "the herbs" of each of them.
      # @return [Array<String>]
      def names(item)
        family = @items.lexicon.family(item.foods.first)
        kinds = listed_families[family] == 1 ? Mentions::KINDS : Mentions::ALL_OF_A_KIND
        [item.name.split.last, *kinds.select { |_, all| all.include?(family) }.keys]
      end

      # @return [Hash{String=>Integer}] how many of each family are listed
      def listed_families
        @listed_families ||=
          @lines
            .filter_map { |line| line.item&.foods }
            .uniq
            .map { |foods| @items.lexicon.family(foods.first) }
            .tally
      end

      # In a later sentence, which says so or is the last.
      def goes_over?(item, at)
        behind = sentences.drop(at + 1)
        return true if behind.first&.match?(UNNAMED) && of_no_food?(behind.first)

        later = rest_of(item)
        found = behind.index { |text| text.match?(later) } or return false
        found == behind.size - 1 || behind[found].match?(FINISHED)
      end

      def of_no_food?(text) = @items.of(text, prose: true).none?(&:food?)

      # With nothing else than what a dressing is made of.
      def whisked?(text, item)
        others = @items.of(text, prose: true).select(&:food?).reject { |other| other.foods == item.foods }
        others.size > 1 && others.all? { |other| @items.poured?(other) || other.parts.any? }
      end

      def sentences = @sentences ||= told_rows.values.flatten.flat_map { |text| Sentences.of(text) }

      def rest(line, whole, share)
        line.item.amount = whole.times(share)
        line.dup.tap do |rest|
          rest.item = line.item.dup.tap { |item| item.amount, item.place = whole.times(1 - share), "top" }
          rest.into = "top"
        end
      end

      # Of one that is half used, or of what is weighed in full. @return [Float, nil]
      def share(line)
        item = line.item
        return if item.amount.nil?
        return item.amount.value if item.counted? && item.amount.value.positive? && item.amount.value < 1

        text = told(line)
        @most if text[0...text.index(line.text)].match?(MOST)
      end

      # The step that it stands in, as the items count their places. @return [String, nil]
      def told(line)
        told_rows[line.row]&.find { |text| text.include?(line.text) }
      end

      def told_rows
        @told_rows ||=
          @lines
            .select { |line| line.kind == "step" }
            .group_by(&:row)
            .transform_values { |steps| steps.map { |step| @items.plain(step.text) } }
      end

      def rest_is_on_top?(item)
        sentences.any? { |text| text.match?(rest_of(item)) && text.match?(FINISHED) }
      end
    end
  end
end
