# frozen_string_literal: true

module Scullion
  module Recipe
    # What a step says of its foods beside how hot and how long: dressed warm or cooled first, cut once it is
    # cooked, in which order, what is kept back, how it is served. For Told, which it is a part of.
    module SaidFacts
      WARM =
        /\b(?:while|still|when|whilst)\s+(?:\S+\s+){0,5}?(?:warm|hot|tepid|lukewarm|steaming)\b
          |\b(?:dress\w*|toss\w*|pour\w*|give\w*|ladle\w*|fold\w*)\b[^.;]{0,40}
              \b(?:warm|hot|lukewarm|tepid|body\s+temp)\b
          |\bon(?:to)?\s+(?:the\s+)?(?:hot|warm)\b|,\s*(?:just\s+)?(?:hot|warm)\b
          |\breheat\w*\b|\bjust\s+warm\b|\b(?:dressing|on\s+(?:them|it))\s+(?:straight|immed\w*)\b
          |\bwarm(?:ed)?\s+(?:through|up|on|in)\b|\bwarm\s+(?-i:[[:alpha:]]+)\s+(?:on|with|in)\b/ix.freeze
      COLD =
        /\b(?:rins\w*|refresh\w*)\b[^.;]{0,24}\bcold\b|\bcold\s+tap\b|\bice(?:d)?\s+(?:water|bath)\b
          |\b(?:let|leave)\s+(?:\S+\s+){0,2}(?:cool|go\s+cold)\b|\bstone\s+cold\b
          |\bcool(?:ed)?\s+(?:on|to|completely|down|it|them|in)\b
          |\bblast\s+chill\w*|\bfridge\s+(?:till|until)\b|\bas\s+(?:they|it)\s+cools?\b
          |\bspread\b[^.;]{0,24}\bcool\b|(?:\A|[,;]\s*)cool\s*(?:[.,;]|\z)/ix.freeze
      CUT =
        /\b(?:halv|slic|dic|cut|chop|quarter|wedg|flak|tear|torn|shred|peel|skin|pull|break|broken|crush|cub)
          (?:e|es|ed|ing|s|ped|ping)?\b(?!\s+on\s*(?:[,;.)]|\z))/ix.freeze
      COOKED =
        /\b(?:(?:when|once|while)\s+(?:\S+\s+){0,3}?(?:cool|cold|cooked|hot|warm|handle|hold)\w*
              |after(?:wards)?|rest\w*\b.{0,40}\b(?:then|before)|go(?:es)?\s+cold\s+and
              |before\s+(?:you\s+)?slic\w*)/ix.freeze
      # What lays something over a salad: "top with", "scatter over".
      LAID = "(?:scatter|sprinkl|top|finish|garnish|strew|shower|dot|crown)".freeze
      LAYS = /\A#{LAID}.*\b(?:with|over)\z/i.freeze
      ORDER =
        /\b(?:last|first|(?:right\s+)?at\s+the\s+(?:very\s+)?end|at\s+the\s+last\s+(?:second|minute|moment)
              |(?:just|right)\s+before|before\s+serv\w*|at\s+(?:the\s+time\s+of\s+)?serving
              |to\s+finish|on\s+top
              |over\s+(?:the\s+)?top|(?:until|till)\s+the\s+(?:very\s+)?end|not\s+(?:till|until)
              |(?:flak|drap|scatter|crumbl|shav|grat)\w*\b[^.;,]{0,24}\bover
              |off\s+the\s+heat,|pre\s+pass|a\s+la\s+min\w*|order\s+up|follow\s+with|pile\s+on
              |#{LAID}\w{0,3}\s+(?:(?-i:[[:alpha:]]+)\s+){0,3}?(?:with|over)
              |once\s+(?:it's|its|they're|it\s+is)\s+(?:cold|cool)|before\s+the\s+\S+\s+goes?\s+in)\b
          |\bà\s+la\s+minute\b|(?-i:[[:alpha:]]{3,}s)\s+over(?=\s*(?:[.;]|\z))/ix.freeze
      KEPT =
        /\b(?:keep|kept|hold|held|sav(?:e|ed|ing)|reserv(?:e|ed|ing)|set)\b[^.;]{0,30}
              \b(?:back|aside|separate|apart|for\s+(?:the\s+top|later|scattering)|to\s+(?:finish|scatter))\b
          |\b(?:keep|hold|save|reserve)\s+(?:the|its|some|back|\d)
          |\b(?:dollop|spoonful|handful|little|few|some)\b[^.;]{0,20}\bfor\s+the\s+top\b
          |\bin\s+a\s+separate\b|\bstays?\s+out\s+of\b|\b(?:all|everything)\s+(?:but|except|bar)\b
          |\b(?:rest|remainder)\s+of\s+(?:the\s+)?dressing\b
          |\b(?:the\s+rest|remaining|half|a\s+third|most)\b
             (?!\s(?:of\s)?(?:the\s)?(?:dressing|vinaigrette|sauce)\b)
             [^.;]{0,30}\b(?:top|over|last)\b/ix.freeze
      SERVED =
        /\b(?:room\s+temp\w*
              |serve(?:d)?\s+(?:it\s+)?(?:just\s+)?(?:warm|cold|hot|at\s+once|straight|chilled|cool|tepid)
              |eat\s+(?:it\s+)?(?:warm|at\s+once|the\s+same\s+day))\b/ix.freeze
      AND_SO_MUCH = %r{\A(?:[,&+/\s\d½¼¾]|\b(?:and|or|the|half|of)\b)*\z}i.freeze
      WHILE = /\bwhil(?:e|st)\s+(?:the|those|your)\b/i.freeze
      BOUND = { "warm" => WARM, "cold" => COLD, "order" => ORDER, "hold_back" => KEPT }.freeze

      private

      # @return [Array<Told::Fact>]
      def said_of(sentence)
        of_foods = BOUND.flat_map { |name, pattern| said(sentence, name, pattern) }
        [*of_foods, *cut_once_cooked(sentence), *served(sentence)]
      end

      # Each time that its words stand there, for what that is said of.
      def said(sentence, name, pattern)
        sentence
          .to_enum(:scan, pattern)
          .map { Regexp.last_match }
          .flat_map do |found|
            of_what(sentence, name, found).map { |each| fact(each, name, found[0].downcase, sentence) }
          end
          .uniq { |fact| [fact.fact, fact.of] }
      end

      def of_what(sentence, name, found)
        at, value = found.begin(0), found[0].downcase
        own = { "hold_back" => :kept, "warm" => :while_it_is, "order" => :laid_over_it }[name]
        (own && send(own, value, at)) || spoken_of(sentence, at, at + value.length)
      end

      # "Keep a little mayo back", "the rest of the dressing": of what these words name, else of nobody knows.
      # @return [Array<Array<String>>, nil]
      def kept(value, at)
        return [[]] if value.match?(/\bdressing\z/i)
        return left_out(at + value.length) if value.match?(/\b(?:but|except|bar)\z/i)

        named_in(@found, at, at + value.length)
      end

      # "Everything but the seeds and dill", "all but bread + burrata + 1/4 basil"
      def left_out(at)
        behind = @found.select { |mention| mention.at >= at }
        behind
          .slice_when { |one, other| !@mentions.together?(one, other, AND_SO_MUCH) }
          .first
          &.map(&:keys)
          &.uniq
      end

      # "While the beetroot is still warm": of that alone. @return [Array<Array<String>>, nil]
      def while_it_is(value, at)
        begun = value =~ WHILE or return
        named_in(solid, at + begun, at + value.length)
      end

      # "Scatter with the almonds, the mint and the feta": of all that follows.
      # @return [Array<Array<String>>, nil]
      def laid_over_it(value, at)
        named_in(@found, at + value.length, Float::INFINITY) if value.match?(LAYS)
      end

      def named_in(mentions, from, to)
        named = mentions.select { |mention| mention.at.between?(from, to) }
        named.map(&:keys).uniq if named.any?
      end

      # The foods of the clause that it stands in; else those spoken of before.
      def spoken_of(sentence, from, to)
        start = (sentence.rindex(/[,;:(]/, from) || -1) + 1
        ends = sentence.index(/[,;:)]/, to) || sentence.length
        here = solid.select { |mention| mention.at.between?(start, ends) }
        return listed_with(here).map(&:keys).uniq if here.any?

        # "Salt only at the end"
        alone = @found.select { |mention| mention.at.between?(start, ends) }
        return alone.map(&:keys).uniq if alone.one? && alone.first.at < from

        before = solid.select { |mention| mention.at < start }
        before.any? ? together(before.reverse).map(&:keys).uniq : @last
      end

      # "Apple, cornichons, ham and parsley only just before": all that the list of them names.
      def listed_with(mentions)
        before = solid.select { |mention| mention.at < mentions.first.at }
        together([mentions.first, *before.reverse]).reverse + mentions.drop(1)
      end

      # Cut behind its cooking (and not "an hour and a quarter"): in a sentence that says so, or behind the
      # words that cook it.
      def cut_once_cooked(sentence)
        at = Hours.without(sentence) =~ CUT or return []
        cut = Regexp.last_match(0).downcase
        behind = cooked_before?(sentence, at) || sentence.match?(COOKED)
        return [] unless behind

        spoken_of(sentence, at, at + cut.length)
          .select(&:any?)
          .map { |of| fact(of, "cut_after", cut, sentence) }
      end

      # Not where how long or how hot is said behind the cut: "roast squash, 2 cm chunks, 200 fan".
      def cooked_before?(sentence, at)
        ways(sentence).any? do |place, _|
          place < at && (sentence[place...at].match?(Told::TIMED) || !sentence[at..].match?(Told::TIMED))
        end
      end

      def served(sentence)
        found = sentence[SERVED] or return []
        [fact([], "served", found.downcase, sentence)]
      end
    end
  end
end
