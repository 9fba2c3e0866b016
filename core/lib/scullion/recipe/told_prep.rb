# frozen_string_literal: true

module Scullion
  module Recipe
    # How steps say that a food is trimmed and cut: "thinly slice the onion", "peel and quarter them", "cut
    # the squash into 2 cm cubes", "add the grated carrots". For Told, which it is a part of.
    module ToldPrep
      HOW =
        "(?:(?:very|really|quite)\\s+)?" \
          "(?:thinly|finely|thickly|roughly|coarsely|lightly|thin|fine|thick|small)"
      ORDERED =
        /(?:\A|[,;:.(–—-]\s*
            |\b(?:and|then|or|to|you|please|just|also|meanwhile|now|next|first|finally)\s+)\z/ix.freeze
      # From the order to the food that it is done to.
      TO_FOOD =
        /\A(?!\s+of\b)\s+(?:(?:over|in|up|the|your|all|of|both|each|every|whole|cooked|cooled|cold|warm|hot
             |raw|fresh|peeled|drained|toasted|roasted|roast|grilled|boiled)\s+)*
           (?:(?-i:[[:alpha:]'’-]+)\s+)?\z/ix.freeze
      # Of a part of it nothing is said of the whole.
      SOME =
        /\b(?:half|third|quarter|some|few|rest|remaining|reserved|other|most|last|one|two|three|\d)\b/i.freeze
      # What was spoken of before: "and slice", "slice them thinly".
      THEM =
        /\A(?:\s+(?:them|it|these|those|both|all|each|the\s+flesh)(?!\s+of\b))?(?:\s+#{HOW})?
          (?:\s*(?:[.,;:)!]|\z)|\s+[\d½¼¾][\d.,]*\s*(?:mm|cm|in(?:ch)?\b)
            |\s+(?:and|then|into|in(?=\s+(?!an?\b|the\b))|on|across|against|lengthw\w+|as
               |before|while|when|if|or)\b)/ix.freeze
      # From one order to the next of the same food.
      JOINED =
        /\A(?:\s*,\s*(?:(?:and|then)\s+)?|\s+(?:and|then|&)\s+)
          (?:(?:wash|rinse|drain|dry|clean)\b(?:\s*,\s*(?:and\s+)?|\s+(?:and|then)\s+))*/ix.freeze
      # Where what is done to one food ends.
      ENDS = /[,;:.()]|\b(?:and|then|before|while|with|using|discarding)\b/i.freeze
      # "6 min of the squash", "with the lemon", "discard the seeds": what is only named beside another food.
      NAMED_BESIDE =
        /\b(?:of|with|in|for|from|under|into|onto|on|over|to|beside|discard|remove|scoop\s+out)\s+
          (?:(?:the|your|their|its|an?|some)\s+)?\z/ix.freeze
      # "Wafer-thin", "as thin as you can".
      VERY_THIN = /\b(?:(?:wafer|paper|very|really)[- ]thin(?:ly)?|as\s+thin(?:ly)?\s+as)\b/i.freeze
      VERY_THINLY_SLICED = %w[very thinly sliced].freeze
      # "Slice 1 cm while hot": what so much is of.
      SHAPES = { "slice" => "slices", "dice" => "dice", "cube" => "cubes" }.freeze
      # "Tear into pieces" is torn.
      PIECES = /\b(?:pieces|bits|morsels)\b/i.freeze
      # "In half-inch dice" is not in half.
      HALF_AN_INCH = /\bhalf(?:[- ]an)?[- ](?=inch)/i.freeze
      PIECES_CUT =
        "(?:#{HOW}\\s+)?(?:(?:half|quarter|1/2)[ -])?" \
          "(?:strips|wedges|slices|chunks|cubes|dice|rounds|coins|ribbons|batons|matchsticks|moons|quarters" \
          "|halves|florets|lengths)".freeze
      # "Skin off, strips": into what, and no word for the cutting.
      INTO_WHAT =
        /[,;:→>]\s*(?:(?:in|into)\s+)?(?<what>#{PIECES_CUT})
          (?=\s*(?:[.,;:)→]|->|\z)|\s+(?:while|when|and)\b)/ix.freeze
      # "Beetroot into 2 cm dice", "cuke 1/2 moons".
      FOOD_INTO =
        /\A\s+(?:(?:goes\s+|go\s+)?(?:in|into)\s+(?!the\b|an?\s|half\s+(?:the|of|an?)\b)[^.;:,()]{3,28}
                |#{PIECES_CUT}(?=\s*(?:[.,;:()→]|\z)))/ix.freeze
      # Between a food and what is said of it: "the carrots are grated", "onion, sliced".
      OF_IT =
        /\A(?:\s+(?:is|are|all|both|should\s+be)|,)*\s+\(?
          (?<how>#{HOW}\s+)?(?<done>(?-i:[[:alpha:]]+))\b/ix.freeze
      DONE_FIRST = /(?<how>\b#{HOW}\s+)?\b(?<done>(?-i:[[:alpha:]]+))\s+(?:fresh\s+|cooked\s+)?\z/i.freeze
      PHRASE = 4

      private

      # @return [Array<Told::Fact>] cut: its cut, and its size where that is said; trim: what is taken off
      def prepped(sentence)
        [*orders(sentence), *as_done(sentence), *into_what(sentence), *laid_into(sentence)]
      end

      def orders(sentence)
        sentence
          .to_enum(:scan, order)
          .map { Regexp.last_match }
          .select { |found| found.pre_match.match?(ORDERED) && !found.pre_match.match?(ToldWays::NOT) }
          .flat_map { |found| ordered(sentence, found) }
      end

      def order
        @order ||=
          begin
            verbs = @words.values_at("cut", "trim").flat_map(&:keys) + @words.fetch("cut_into")
            /(?:\b(?<how>#{HOW})\s+)?\b(?<verb>#{verbs.join("|")})\b(?!\s+(?:on|off)\s*(?:[,;.)]|\z))/i
          end
      end

      def ordered(sentence, found)
        foods, from, to = done_to_foods(sentence, found)
        return [] unless foods

        trim = @words["trim"][found[:verb].downcase]
        name, value = trim ? ["trim", [trim]] : ["cut", cut_to(found, sentence[from...to], sentence[to..])]
        value ? foods.select(&:any?).map { |of| fact(of, name, value, sentence) } : []
      end

      # @return [Array(Array<Array<String>>, Integer, Integer), nil] the foods, where their names begin, and
      #   where what is said of them goes on
      def done_to_foods(sentence, found)
        found = last_order(sentence, found)
        at = found.end(0)
        return spoken_before(sentence, found.begin(0)), at, at if found.post_match.match?(THEM)

        next_to = @found.select { |mention| mention.at >= at }
        first = next_to.first or return
        between = sentence[at...first.at]
        return if !between.match?(TO_FOOD) || between.match?(SOME)

        group = together(next_to)
        [group.map(&:keys).uniq, first.at, group.last.to]
      end

      # "Peel, core and dice the apples": all of it is done to the apples.
      def last_order(sentence, found)
        at = found.post_match.match(JOINED)&.then { |joined| found.end(0) + joined.end(0) } or return found
        following = order.match(sentence, at)
        following && following.begin(0) == at ? last_order(sentence, following) : found
      end

      # What was spoken of before the order, in its sentence or in the one before.
      def spoken_before(sentence, at)
        before = solid.select { |mention| mention.to <= at }
        spoken = before.reject { |mention| sentence[0...mention.at].match?(NAMED_BESIDE) }
        spoken = before if spoken.empty?
        spoken.any? ? together(spoken.reverse).map(&:keys).uniq : @last
      end

      # @return [Array<String>, nil] the cut, and its size
      def cut_to(found, foods, behind)
        behind = behind[/\A.*?(?=#{ENDS}|\z)/mo].gsub(HALF_AN_INCH, "½ ")
        shape = SHAPES[found[:verb].downcase]
        size =
          CutSize.of(
            "#{foods} #{behind}".sub(CutSize::LENGTH) { |long| [long, shape].compact.join(" ") },
            nil
          )&.to_s
        own = cut_how(found[:verb], found[:how], behind)
        cut = (cut_into(behind) unless own && behind.match?(PIECES)) || own or return
        [cut, size].compact
      end

      # "Into half moons", "in wedges".
      def cut_into(behind)
        words = Lexicon.fold(behind[/\b(?:into|in)\b.*/i].to_s.sub("1/2", "half")).split
        phrases(words).filter_map { |phrase| @mentions.cut(phrase) }.first
      end

      # The longest first, from each word on.
      def phrases(words)
        words.each_index.flat_map { |from| PHRASE.downto(1).map { |size| words[from, size] } }.uniq
      end

      # "Thinly slice", "slice … thinly", "dice … small".
      def cut_how(verb, how, behind)
        cut, done = @words["cut"][verb.downcase], participle(verb.downcase)
        if done == VERY_THINLY_SLICED.last && behind.match?(VERY_THIN)
          return @mentions.cut(VERY_THINLY_SLICED)
        end

        before, after = [how.to_s, behind].map { |said| Lexicon.fold(said).split }
        said = [[done, *after.first(2)], [done, *after.first(1)]]
        said.unshift([*before, done]) if before.any?
        said.filter_map { |phrase| @mentions.cut(phrase) }.first || cut
      end

      def participle(verb) = OrdersBehind.done(verb).find { |each| @mentions.cut([each]) } || verb

      # "Beetroot into 2 cm dice", "tomatoes in wedges": right behind its food.
      def laid_into(sentence)
        alone_in(sentence).filter_map do |mention|
          behind = sentence[mention.to..][FOOD_INTO] or next
          cut = cut_into("in #{behind}") or next
          size = CutSize.of("#{sentence[mention.at...mention.to]} #{behind}", nil)&.to_s
          fact(mention.keys, "cut", [cut, size].compact, sentence)
        end
      end

      # "The grated carrots", "carrots, grated": of the food right beside it.
      def as_done(sentence)
        alone_in(sentence).filter_map do |mention|
          beside = [sentence[0...mention.at].match(DONE_FIRST), said_behind(sentence, mention)].compact
          done = beside.filter_map { |said| done_so(said) if participle?(said[:done]) }.first
          fact(mention.keys, done.first, done.drop(1), sentence) if done
        end
      end

      def into_what(sentence)
        sentence
          .to_enum(:scan, INTO_WHAT)
          .map { Regexp.last_match }
          .flat_map do |found|
            cut = phrases(Lexicon.fold(found[:what]).split).filter_map { |each| @mentions.cut(each) }.first
            of = cut ? spoken_before(sentence, found.begin(0)) : []
            of.select(&:any?).map { |each| fact(each, "cut", [cut], sentence) }
          end
      end

      # Not "rocket, torn mozzarella".
      def said_behind(sentence, mention)
        said = sentence[mention.to..].match(OF_IT) or return
        ends = mention.to + said.end(0)
        said if @found.none? { |other| other.at.between?(ends, ends + 1) }
      end

      def alone_in(sentence)
        solid.reject { |mention| sentence[0...mention.at].match?(NAMED_BESIDE) }
      end

      def participle?(word)
        word.match?(/(?:ed|torn)\z/i) &&
          @words.values_at("cut", "trim").none? { |all| all.key?(word.downcase) }
      end

      # @return [Array(String, String), nil] cut or trim, and which
      def done_so(said)
        done = said[:done].downcase
        cut = @mentions.cut([*Lexicon.fold(said[:how].to_s).split, done]) || @mentions.cut([done])
        return "cut", cut if cut

        ["trim", done] if @words["trim"].value?(done)
      end
    end
  end
end
