# frozen_string_literal: true

module Scullion
  module Recipe
    # How long and how hot a sentence says, in every writing.
    module TimeAndHeat
      FAHRENHEIT = /(?<low>\d{3})(?:\s*(?:-|to)\s*(?<high>\d{3}))?\s*(?:°|º|degrees?|deg)?\s*F\b/i.freeze
      # "To 75 °C core": of the middle of the meat, and of no oven.
      NOT_INSIDE =
        /(?!\s*(?:C\b)?\s*
            (?:core|internal|inside|in\s+the\s+(?:middle|centre|center)|on\s+the\s+probe)\b)/ix.freeze
      CELSIUS =
        /(?<low>\d{2,3})(?:\s*(?:-|to)\s*(?<high>\d{2,3}))?\s*
          (?:[°º]\s*C?|deg(?:rees?)?\b(?:\s*C\b)?|C\b)(?<fan>\s*fan)?#{NOT_INSIDE}/ix.freeze
      FAN = /\bfan\s*(?<low>\d{3})\b|\b(?<high>\d{3})\s*(?:C\s*)?fan\b/i.freeze
      # A heat that only its size tells: "160 for 8 to 10 min", "40 minutes at 150".
      BARE_HEAT =
        %r{\b(?<low>1[2-9]0|2[0-5]0|3[2-7]5|4[0-5]0)\s+for\s+\d
         |(?<![\d.,/])(?<low>1[2-9]0|2[0-5]0)\s+(?=\d{1,2}\s*(?:mins?|minutes?|m|['′])(?![[:alpha:]]))
         |\bat\s+(?<low>1[2-9]0|2[0-5]0|3[2-7][05]|4[0-5][05])\s*(?:[,;.)]|\z|(?:for|until|till)\b)
         |(?<![\d.])(?<low>1[2-9]0|2[0-5]0)\s*[,/]\s*
          (?=\d{1,3}\s*(?:h|hrs?|hours?|mins?|minutes?)\b)}ix.freeze
      NO_HEAT = /(?!\s*(?:k?g|ml|c?l|oz|lbs?|grams?|pieces|portions)\b|[\d.,]*\d)/i.freeze
      # "Roast 220/18 min", "tray 210/25"
      ROASTED = /\b(?:roast\w*|baked?|oven|tray|fan)\b\D{0,24}(?<low>1[2-9]\d|2[0-5]\d)\b#{NO_HEAT}/i.freeze
      OVEN =
        /\boven\b[^.\d]{0,20}(?<low>\d{3})\b#{NO_HEAT}
         |\b(?<low>1[2-9]0|2[0-5]0|3[2-7][05]|4[0-5][05])\s+oven\b/ix.freeze
      GAS = /\bgas(?:\s*mark)?\s*(?<low>\d)\b/i.freeze
      # A gas mark is 25 °F more than the one before it, and the first is 275 °F: what the marks mean.
      GAS_NONE, GAS_STEP = 250, 25
      # °F above which a bare oven's number is in °F.
      HOTTEST_C = 280
      SPANS = [
        [/\ban h(?:ou)?r to (?:an hour (?:and|&) a half|1½)/i, 60.0, 90.0],
        [/\bhalf\s+an?\s+h(?:ou)?r\b|\bhalf h(?:ou)?r\b/i, 30.0],
        [/\ban hour (?:and|&) a half\b/i, 90.0],
        [/\ban h(?:ou)?r\b/i, 60.0],
        [/\bquarter of an h(?:ou)?r\b/i, 15.0],
        [%r{\bover(?:night|nite)\b|\bo/n\b}i, 720.0]
      ].freeze
      # "Blanch 1:30, shock"
      CLOCKED = /\d{1,2}:[0-5]\d(?![\d:])(?:\s*(?:mins?|h|hrs?)\b)?/i.freeze
      # A number before a bare C or F is heat from here on.
      HOT = 40
      # "200/25": so hot, so many minutes.
      HEAT_AND_TIME =
        %r{(?:1[2-9]0|2[0-5]0)
           (?:\s?/\s?\d{2}(?![\d/.,]|\s?(?:g|kg|ml|l)\b)|\s\d{1,2}\s?min(?:ute)?s?\b)}ix.freeze
      COOKED = "simmer|boil|blanch|steam|poach|bake|roast|soak|grill".freeze
      BARE =
        %r{(?:\b(?:for|stand|rest(?:\s+\w+)?|last|cover|lid|low,|water|heat|another|h2o)\s+|~\s?)
          (?<minutes>\d{1,2})(?:[-–](?<high>\d{1,2}))?\b(?!\s*[x×]\s*\d)
          (?!\s*(?:(?:k?g|ml|l|[cm]m|tbsp|tsp|people|portions?|of|C|F)\b|[°%:]|[-–]?\d))
         |\b(?:#{COOKED})(?:e?d)?\s+(?<minutes>\d{1,2})(?=\s*(?:[,;.)+]|->|→|at\s\d{3}|\z))
         |\b(?:#{COOKED}|oven|tray)\s+\d{3}\s*/\s*(?<minutes>\d{1,2})\b
         |\b(?<minutes>\d{1,2})\s+off\s+(?:the\s+)?heat\b
         |\bthen\s+(?<minutes>\d{1,2})\s+more\b(?=\s*(?:[,;.)]|\z|with\b|at\b|in\b|once\b|on\b))
         |\b(?<minutes>\d{1,2})-?ish\b(?!\s*g)}ix.freeze
      # "2 x 20 minutes"
      OFTEN = /(?<![\d.,])\d(?=\s*[x×]\s*\z)/.freeze
      EACH_SIDE = /\A\s*(?:(?:a|per|each|on\s+each)\s+side|each\b(?!\s+side))/i.freeze
      CLOCK = /\beggs?\b\D{0,6}(?<minutes>\d{1,2}):(?<seconds>[0-5]\d)\b/i.freeze
      IN_MINUTES = { "h" => 60.0, "s" => 1 / 60r, '"' => 1 / 60r, "″" => 1 / 60r }.freeze
      # Letters within which two readings are of one time.
      NEARBY = 8
      # "5 minutes before" is when, and not how long.
      BEFOREHAND = /\A\s*(?:before|ahead|in advance|beforehand|earlier|prior)\b/i.freeze
      # "Boil 10 minutes hard, then simmer until tender": the first of it, and not how long it takes.
      ONLY_BEGUN =
        /\A[^.;\d]*\b(?:then|and)\s+(?:simmer|cook|boil|lower|reduce|turn|drop|bring|carry|continue)\w*\b
          [^.;\d]*\b(?:until|till|til)\b[^.;\d]*(?:[.;]|\z)/ix.freeze
      # "Never overnight"
      NEVER = /\b(?:never|not|don't|do\s+not)\s+(?:\S+\s+){0,2}\z/i.freeze
      HALF = /\d+\s+and\s+a\s+half/i.freeze
      NUMBER = %r{#{HALF.source}|\d+\s+\d/\d|(?<!\d)\d/\d|\d+\s*[½¼¾]|\d+(?:[.,]\d+)?|[½¼¾]}.freeze
      SPOKEN =
        Amount::Words::NUMBERS.select { |_, value| value.is_a?(Integer) && value.between?(2, 60) }.freeze
      SPOKEN_AND_A_HALF = /\b(?<whole>#{SPOKEN.keys.join("|")})\s+and\s+a\s+half\b/i.freeze
      # "In the oven at one eighty for eight minutes"
      SPOKEN_HEAT =
        /\b(?:oven|at)\s+(?:at\s+)?(?<hundreds>one|two)\s+
          (?<tens>hundred|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\b
          (?=\s*(?:degrees|for|in|until|till|[,.;]|\z))/ix.freeze
      TIME =
        /(?<low>#{SPOKEN_AND_A_HALF.source.sub("?<whole>", "?:")}|\b#{Amount::Words::SPELLED}|#{NUMBER.source}
           |\b(?:#{SPOKEN.keys.join("|")})\b)
         \+?(?:\s*(?:-|–|to|or)\s*(?<high>#{NUMBER.source}))?
         \s*(?<unit>hours?|hrs?|h\b|minutes?|mins?|min\b|m\b|['′]|seconds?|secs?|s(?=\s*(?:[,;.]|\z))
               |["″](?=\s*(?:a|per|each)\s+side))
         (?<over>\s*(?:and\s+)?[0-5]\d(?:\s*(?:seconds?|secs?|s)\b|["″]
            |(?=\s*(?:[,;.)]|\z|(?:a|per|each)\s+side))))?/ix.freeze
      # An amount of a food by weight or by volume.
      WEIGHED = /\d\s*(?:k?g|kilos?|grams?|lbs?|pounds?|oz|ml|l|lit(?:re|er)s?)\b/i.freeze
      QUARTERS = { "½" => 0.5, "¼" => 0.25, "¾" => 0.75 }.freeze

      private

      # @return [Array(Float, Float), nil] in °C, for an oven without a fan
      def celsius(sentence)
        fahrenheit(sentence) || fan(sentence) || plain(sentence) || bare(sentence) || gas(sentence) ||
          spoken(sentence)
      end

      def fahrenheit(sentence)
        found = sentence.match(FAHRENHEIT) or return
        ends(found).map { |degrees| in_celsius(degrees) }
      end

      def fan(sentence)
        found = sentence.match(FAN) or return
        degrees = (found[:low] || found[:high]).to_i + @fan_celsius.round
        [degrees, degrees]
      end

      def plain(sentence)
        found = sentence.match(CELSIUS) or return
        ends(found).map { |degrees| hottest(found[:fan] ? degrees + @fan_celsius.round : degrees) }
      end

      def bare(sentence)
        found = [OVEN, BARE_HEAT, ROASTED].filter_map { |pattern| sentence.match(pattern) }.first or return
        [hottest(found[:low].to_i)] * 2
      end

      # No oven is so hot in °C: it is said in °F.
      def hottest(degrees) = degrees > HOTTEST_C ? in_celsius(degrees) : degrees
      def in_celsius(fahrenheit) = ((fahrenheit - 32) * 5 / 9.0).round

      def gas(sentence)
        found = sentence.match(GAS) or return
        [in_celsius(GAS_NONE + (GAS_STEP * found[:low].to_i))] * 2
      end

      def spoken(sentence)
        found = sentence.match(SPOKEN_HEAT) or return
        numbers = Amount::Words::NUMBERS.transform_keys(&:downcase)
        tens = found[:tens].casecmp?("hundred") ? 0 : numbers.fetch(found[:tens].downcase)
        [hottest((numbers.fetch(found[:hundreds].downcase) * 100) + tens)] * 2
      end

      def ends(found)
        low = found[:low].to_i
        [low, (found[:high] || low).to_i]
      end

      # Every time in it, where it stands. @return [Array<Array(Integer, Array(Float, Float))>]
      def times(sentence) = @times ||= times_in(sentence)

      # "Egg 6:15" @return [Array<Array(Integer, Array(Float, Float))>]
      def clock(sentence)
        found = sentence.match(CLOCK) or return []
        [[found.begin(0), [found[:minutes].to_f + (found[:seconds].to_f / 60)] * 2]]
      end

      def times_in(sentence)
        rest = Hours.without(sentence)
        found = clock(rest)
        found +=
          Hours
            .in(sentence)
            .reject { |_, to, _| not_how_long?(sentence[to..]) }
            .map { |from, to, minutes| [from, sides(sentence[to..], minutes)] }
        found +=
          rest
            .to_enum(:scan, TIME)
            .map { Regexp.last_match }
            .reject { |time| not_how_long?(time.post_match) }
            .map { |time| [time.begin(0), minutes(time)] }
        return span(sentence) + bare_minutes(sentence) if found.empty?

        bare = bare_minutes(sentence).reject { |at, _| found.any? { |place, _| (place - at).abs < NEARBY } }
        [*found, *bare].sort_by(&:first)
      end

      def not_how_long?(after) = [BEFOREHAND, ONLY_BEGUN].any? { |pattern| after.match?(pattern) }

      def minutes(found)
        low = number(found[:low])
        high = found[:high] ? number(found[:high]) : low
        times = IN_MINUTES.fetch(found[:unit][0].downcase, 1.0)
        times *= found.pre_match[OFTEN].to_i if found.pre_match.match?(OFTEN)
        sides(found.post_match, [low, high].map { |value| (value * times) + seconds_over(found) })
      end

      # "2 min 30", "6 minutes 30 seconds" @return [Float] minutes
      def seconds_over(found)
        in_minutes = IN_MINUTES.fetch(found[:unit][0].downcase, 1.0) == 1
        in_minutes && found[:over] ? found[:over].to_s[/\d+/].to_i / 60.0 : 0.0
      end

      # On one side, and on the other as long.
      def sides(after, minutes)
        sides = after.match?(EACH_SIDE) ? 2 : 1
        minutes.map { |value| (value * sides).to_f.round(6) }
      end

      def span(sentence)
        SPANS
          .filter_map do |pattern, low, high|
            found = sentence.match(pattern)
            next if found.nil? || found.post_match.match?(BEFOREHAND) || found.pre_match.match?(NEVER)

            [found.begin(0), [low, high || low]]
          end
          .first(1)
      end

      # "For 14, shake once", "stand 5", "20-ish", "then simmer for 40-50": minutes, by what stands before or
      # behind.
      def bare_minutes(sentence)
        sentence
          .to_enum(:scan, BARE)
          .map { Regexp.last_match }
          .reject { |found| found.post_match.match?(ONLY_BEGUN) }
          .reject { |found| found[0].match?(/\Afor\b/i) && for_so_many?(found.pre_match) }
          .map { |found| [found.begin(0), [found[:minutes], found[:high] || found[:minutes]].map(&:to_f)] }
      end

      # "4 kilos of beans for 40": for how many that is, where nothing is done to it.
      def for_so_many?(before)
        before.match?(WEIGHED) && before.scan(/[[:alpha:]]+/).none? { |word| done?(word.downcase) }
      end

      def done?(word)
        @words.any? { |_, said| said.is_a?(Hash) ? said.key?(word) : said.include?(word) }
      end

      def number(text)
        return SPOKEN[text.downcase].to_f if SPOKEN.key?(text.downcase)
        if (half = text.match(SPOKEN_AND_A_HALF))
          return SPOKEN.fetch(half[:whole].downcase) + 0.5
        end
        return Amount::Words.spelled(text).to_f if text.match?(/\A[[:alpha:]]/)

        whole = text[/\A\d+(?:[.,]\d+)?/].to_s.tr(",", ".").to_f
        part = text[%r{(\d)/(\d)}] ? Regexp.last_match(1).to_f / Regexp.last_match(2).to_f : 0.0
        whole = text[%r{\A\d+(?=\s+\d/)}].to_f if part.positive?
        part = 0.5 if text.match?(HALF)
        whole + part + QUARTERS.sum { |sign, value| text.include?(sign) ? value : 0.0 }
      end
    end
  end
end
