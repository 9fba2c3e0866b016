# frozen_string_literal: true

module Scullion
  module Recipe
    # What the steps of a recipe say of its foods: how each is cooked, for how long, how hot, how long it
    # soaks or rests. Each fact is bound to the food that its sentence speaks of, or that the one before
    # spoke of.
    class Told
      include TimeAndHeat
      include InOnePot
      include KindOfTime
      include SaidFacts
      include ToldPrep
      include ToldTreats
      include ToldWays

      # of: the keys that the food may be, none for the salad; fact: method, minutes, celsius, rest_minutes,
      # soak_minutes, chill_minutes or marinate_minutes, or one of SaidFacts; value: a method's keys, low and
      # high, or the words that say it; text: the sentence
      Fact = Struct.new(:of, :fact, :value, :text, keyword_init: true)

      # What a row has that says how long or how hot.
      TIMED =
        /\d\s*(?:min|hr|hour|h(?![[:alpha:]])|['′]|°|º|C\b|F\b|degrees|secs?\b|s(?=\s*(?:[,;.]|\z))|m\b
            |["″](?=\s*(?:a|per|each)\s+side))
          |\bovernight\b|\bovernite\b|\bhour\b|\bfan\b|\boven\b
          |\b(?:#{TimeAndHeat::COOKED})(?:e?d)?\s+\d{1,2}\s+at\s+\d{3}\b
          |\b(?:boil|simmer)\s+(?:(?-i:[[:alpha:]]+)\s+){1,2}\d{1,2}(?=\s*(?:→|[,;]|\z))
          |\b(?:#{TimeAndHeat::COOKED})\s+\d{1,2}(?!\d|[.,]\d|\s*[[:alpha:]])/ix.freeze

      # Without any of these it says neither how long nor how hot.
      MAYBE = %r{\d|[½¼¾]|\bmin|hour|\bhr|overnight|overnite|\bo/n\b}i.freeze
      # Letters of one sentence that are read for what they tell: whole recipes are shorter.
      LONGEST = 4000
      # Of Markdown.
      EMPHASIS = /\*\*|__|`/.freeze
      # Letters of it that are shown.
      SHOWN = 200
      # Told of what stands before it: "farro 25 min in salted water", "mushrooms, smoking pan".
      OF_BEFORE = /\A(?:pan\b|in\s|from\s)/i.freeze
      # "Pour over with the raisins", "soak it in the juice of the tomatoes": what it is done with.
      ONLY_WITH =
        /(?:\A|,\s)\W*(?:then\s+)?(?-i:[[:alpha:]]+)
          (?:(?:\s+(?:over|on|in|up))?\s+with
            |\s+(?:it|them|these|those|both)\s+(?:in|with|under|over|among|through))
          \s+(?:(?-i:[[:alpha:]]+)\s+){0,2}\z/ix.freeze
      RIGHT_BEHIND =
        %r{\A(?-i:[[:alpha:]]+)\s+
           (?:(?:the|your|all|of|whole|tbsp|tsp|g|(?:tea|table)spoons?|[\d½¼/.]+)\s+)*
           (?:(?!with|in|and|until)(?-i:[[:alpha:]]+)\s+)?\z}ix.freeze
      # "25 minutes, adding the peas for the last 4"
      ADDED = /,\s*(?:then\s+)?add(?:ing)?\s+(?:the\s+)?\z/i.freeze
      LEFT_OUT =
        /\b(?:all|everything)\s+(?:but|except|bar|apart\s+from|other\s+than)\s+
          (?:(?:the\s+)?(?-i:[[:alpha:]]+)\s*(?:and|&|,)\s*)*(?:the\s+)?\z/ix.freeze
      BOILED_WITH = /\b(?:simmer|boil|poach|cook)\b[^.;]*\bwith\b/i.freeze
      LABEL = /\A\s*:\s/.freeze
      # Said of the salad, and not of one of its foods.
      ALL = /\b(?:salad|everything|the lot|all of it|it all|platter|bowl)\b/i.freeze
      # From one time of a food to the next one of it.
      GOES_ON = /\b(?:then|another|further|followed\s+by)\b/i.freeze
      # Letters of a time in which it may stand too.
      BEHIND = 8
      NEXT_CLAUSE = /[,;]|\b(?:then|and|before|add|adding)\b/i.freeze
      # "The lentils simmer", "carrots are roasted"
      DOES = /\A\s*(?:are|is|have|has|get)?\s*(?:being\s+|been\s+)?\z/i.freeze
      # What stands between foods that are spoken of together.
      TOGETHER = %r{\A(?:[,&+/\s]|\b(?:and|with|or|the|in|all|both|most|some|of)\b)*\z}i.freeze

      # Does a line that is no step say when it goes in, what is kept back, or that it is cut once cooked?
      def self.told?(text)
        [ORDER, KEPT].any? { |pattern| text.match?(pattern) } || (text.match?(CUT) && text.match?(COOKED))
      end

      # @param sentences [Array<String>] of all that is told, in order
      # @param mentions [Mentions] where they speak of the foods of the list
      # @param words [Hash] as in facts/words/told.yml
      # @param fan_celsius [Float] °C that an oven without a fan is set higher
      # @param oven_celsius [Float] °C from which it is an oven's heat, whatever the word
      def initialize(sentences, mentions, words, fan_celsius:, oven_celsius:)
        @sentences, @mentions, @words = sentences, mentions, words
        @fan_celsius, @oven_celsius = fan_celsius, oven_celsius
      end

      # @return [Array<Fact>] in the order they are told
      def facts
        @facts ||=
          begin
            @last, @oven, @way, @potted = [[]], nil, nil, false
            @sentences
              .zip(@sentences.drop(1))
              .flat_map { |sentence, following| told(sentence, following.to_s) }
              .uniq { |fact| [fact.of, fact.fact, fact.value] }
          end
      end

      private

      def told(whole, following)
        @following = following
        written = whole.gsub(EMPHASIS, "")[0, LONGEST]
        @shown = @mentions.plain(written)
        sentence = @shown.gsub(NOT_DONE) { |words| " " * words.length }
        @sentence, @found, @ways, @times = sentence, @mentions.in(written), nil, nil
        said = said_of(sentence) + prepped(sentence) + treats(sentence)
        return said + heard unless ways(sentence).any? || sentence.match?(MAYBE)

        heat = celsius(sentence)
        return said if heat && oven_alone(sentence, heat)

        [*methods_of(sentence), *times_of(sentence), *heat_of(sentence, heat), *said].tap { heard }
      end

      # What it speaks of is what the next one speaks of too. @return [Array] no facts
      def heard
        @last = (added? ? @last : []) | solid.map(&:keys) if solid.any? && !only_with?(solid)
        pot_heard
        []
      end

      def solid = @found.reject { |mention| @mentions.beside?(mention) }

      # What it is told of by its label, "beans: fresh water, carrot, 90 min"; else what it speaks of, and not
      # the basil of "mix everything but the basil".
      def done_to
        of_all = solid
        return [seasoning_cooked].compact if of_all.empty?

        first = of_all.first
        return [first] if first && @sentence[0...first.at].strip.empty? && @sentence[first.to..].match?(LABEL)

        of_all.reject do |mention|
          @sentence[0...mention.at].match?(LEFT_OUT) || cooks_along?(mention, of_all)
        end
      end

      # "Simmer the lentils with the bay and one of the garlic cloves for 20 min": the lentils.
      def cooks_along?(mention, all)
        return false unless @mentions.seasons?(mention) || @mentions.aromatic?(mention)

        all.first.at < mention.at && @sentence[0...mention.at].match?(BOILED_WITH) &&
          @sentence[all.first.to...mention.at].match?(/\bwith\b[^.;]*\z/i)
      end

      # "Toast the cumin 2 min", "simmer 2 tbsp mustard seeds": what seasons, right behind what cooks it.
      def seasoning_cooked
        at = ways(@sentence).first&.first or return
        spice = @found.find { |mention| mention.at > at }
        spice if spice && @mentions.seasons?(spice) && @sentence[at...spice.at].match?(RIGHT_BEHIND)
      end

      # "Heat the oven to 200": said of what is roasted next.
      def oven_alone(sentence, heat)
        return false unless sentence.match?(/\boven\b|\bpreheat|\bgas\b|\bfan\b/i)

        @oven, @way = [heat, sentence], nil
        @found.empty? && times(sentence).empty?
      end

      def methods_of(sentence)
        ways(sentence).flat_map do |at, keys|
          @way = keys
          beside(at, ahead: !sentence[at..].match?(OF_BEFORE))
            .select(&:any?)
            .map { |of| fact(of, "method", keys, sentence) }
        end
      end

      def times_of(sentence)
        each_its_own = TimesApart.new(sentence, done_to, TOGETHER)
        one_after_another(sentence).flat_map do |at, minutes, name|
          next [] if each_its_own.within?(at)

          own = each_its_own.of(at, minutes)
          next own.map { |of, each| fact(of, name, each, sentence) } if own

          # "In the last three minutes the peas"; not "nuts in the oven for the last 6 min of the squash".
          last = sentence[0...at].match?(/\blast\s*\z/i) && !sentence[at..].match?(/\A\S+\s+\w+\s+of\b/)
          beside(at, ahead: last).map { |of| fact(of, name, minutes, sentence) }
        end
      end

      # "10 min hard, then 1 hour gently", "for 20, then another 25": of the same food they are one time.
      # @return [Array<Array(Integer, Array(Float, Float), String)>] where each stands, how long, of what kind
      def one_after_another(sentence)
        way = ways(sentence)
        times(sentence).each_with_object([]) do |(at, minutes), all|
          name, last = kind(sentence, at, way), all.last
          goes_on = last && [last[2], name].uniq == ["minutes"] && more_of_it?(sentence, last[0], at)
          goes_on ? last[1] = last[1].zip(minutes).map(&:sum) : all << [at, minutes, name]
        end
      end

      def more_of_it?(sentence, from, to)
        sentence[from...(to + BEHIND)].match?(GOES_ON) &&
          [*solid.map(&:at), *ways(sentence).map(&:first)].none? { |place| place.between?(from, to) }
      end

      def heat_of(sentence, heat)
        heat, said = heat ? [heat, sentence] : @oven
        way = ways(sentence).map(&:last)
        way = [@way].compact if way.empty? && times(sentence).any?
        roasted = way.any? { |keys| keys.include?("roast") } || (way.empty? && times(sentence).any?)
        return [] unless heat && (said == sentence || (roasted && cooked_for?(sentence)))

        in_it = hot(sentence)
        # What was done to the food of the sentence before is not done to this one.
        unsaid = way.empty? || (ways(sentence).empty? && solid.any?)
        by_heat = unsaid && in_oven?(sentence, heat, said) ? @words["cook"].fetch("oven") : nil
        in_it.flat_map do |of|
          [fact(of, "celsius", heat, said), (fact(of, "method", by_heat, sentence) if by_heat)].compact
        end
      end

      # Not what is soaked beside an oven that is hot.
      def cooked_for?(sentence)
        times = one_after_another(sentence)
        times.empty? || times.any? { |_, _, name| name == "minutes" }
      end

      # "The squash wants 25 minutes at 200C", "oven 200. Squash in for 25 min": nothing else is so hot.
      def in_oven?(sentence, heat, said)
        heat.first >= @oven_celsius && (said == sentence || sentence.match?(/\bin\s+for\b/i))
      end

      # What is in the oven: what is said to be roasted, else all that the sentence speaks of.
      def hot(sentence)
        at = ways(sentence).find { |_, keys| keys.include?("roast") }&.first
        return beside(at, ahead: true) if at

        spoken = solid.map(&:keys).uniq
        spoken.any? ? spoken : @last
      end

      # The foods that stand nearest, before it or ahead of it: those that are spoken of together. Without
      # any, those of the sentence before.
      def beside(at, ahead:)
        after, before = done_to.partition { |mention| mention.at >= at }.map { |side| unseasoned(side) }
        ahead &&= !behind_it?(before.last, after.first, at)
        return [[]] if before.empty? && !ahead && left_out_before?(at)
        return @last if before.empty? && added_after?(after.first, at) && @last.any?(&:any?)

        groups = ahead ? [after, before.reverse] : [before.reverse, after]
        near = groups.find(&:any?)
        return @sentence.match?(ALL) ? [[]] : @last unless near
        return @last if only_with?(near) && @last.any?(&:any?)

        group = together(near)
        group.first.at < at ? in_one_pot(group, at) : group.map(&:keys).uniq
      end

      # "Bread, oil, rosemary, oven 10 min": a herb among other foods is on them.
      def unseasoned(mentions)
        others = mentions.reject { |mention| @mentions.seasons?(mention) }
        others.any? ? others : mentions
      end

      # "Carrots in oil, roast 25 min, then add the beans", "while the lentils simmer, grill the peppers": the
      # way stands behind its food, and another clause begins before the next one.
      def behind_it?(before, after, at)
        return false if before.nil? || after.nil?

        gap = @sentence[at...after.at]
        (gap.match?(/\d/) && gap.match?(NEXT_CLAUSE)) ||
          (gap.match?(/[,;:(]/) && @sentence[before.to...at].to_s.match?(DOES))
      end

      def left_out_before?(at) = (solid - done_to).any? { |mention| mention.at < at }

      def added_after?(mention, at) = mention && @sentence[at...mention.at].match?(ADDED)

      # "Pour over with the raisins, cover, 25 minutes": of what was spoken of before.
      def only_with?(mentions)
        solid.size == mentions.size && mentions.one? && @sentence[0...mentions.first.at].match?(ONLY_WITH)
      end

      def together(mentions)
        mentions.slice_when { |one, other| !@mentions.together?(one, other, TOGETHER) }.first
      end

      def fact(of, fact, value, text)
        text = @shown if text == @sentence
        Fact.new(of: of, fact: fact, value: value, text: text.strip[0, SHOWN])
      end
    end
  end
end
