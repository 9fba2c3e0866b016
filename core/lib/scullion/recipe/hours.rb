# frozen_string_literal: true

module Scullion
  module Recipe
    # Times that are said in hours and minutes, or in words: "1 h 20", "1h15", "1 hr 20 min", "1:10 h", "an
    # hour and a quarter", "two and a half hours", "three quarters of an hour", and from one to another of
    # them. Times of one number and one unit are TimeAndHeat's.
    module Hours
      SPOKEN =
        Amount::Words::NUMBERS.select { |_, value| value.is_a?(Integer) && value.between?(1, 60) }.freeze
      WORDS = SPOKEN.keys.join("|").freeze
      PARTS = { "half" => 30, "½" => 30, "quarter" => 15, "¼" => 15, "three" => 45, "¾" => 45 }.freeze
      PART = /(?:a\s+half|½|a\s+quarter|¼|three[ -]quarters|¾)/i.freeze
      COUNT =
        %r{(?:\d+\s+\d/\d|(?<![\d/.,])\d/\d|\d+\s*[½¼¾]|(?<![\d.,])\d{1,2}(?:[.,]\d+)?|[½¼¾]
          |\ban?(?:\s+good)?\b|\b(?:#{WORDS})\b)}ix.freeze
      HOUR = /(?:hours?\b|hrs?\b\.?|h(?![[:alpha:]])\.?)/i.freeze
      MINUTE = /(?:minutes?\b|mins?\b|m\b|['′])/i.freeze
      # What may follow minutes that nothing calls so.
      ENDS =
        %r{(?![\d%°:]|[.,/]\d)(?=\s*(?:[.,;:)\]–-]|->|→|\z
          |(?:at|in|on|until|till?|then|and|or|to|with|over|under|more|total|in\sall
          |simmer|boil|bake|roast|steam|cook)\b))}ix.freeze
      MORE =
        /\s*(?:(?:,|and|&|\+|plus)\s*)?(?<minutes>\d{1,2}|(?:#{WORDS})\b)\s*#{MINUTE}
         |\s*(?<bare>[0-5]\d)#{ENDS}
         |\s+(?:and|&)\s+(?:(?<part>#{PART})|(?<bare>[0-5]\d|(?:#{WORDS})\b)#{ENDS})/ix.freeze
      SAID =
        /(?<clock>(?<![\d:])\d{1,2}:[0-5]\d)\s*#{HOUR}
         |\b(?<alone>half|(?:a\s+)?quarter\s+of|three[ -]quarters\s+of)\s+an?\s+(?:hour|hr)\b
         |\b(?<alone>half)[ -](?:hour|hr)\b
         |(?<count>#{COUNT})\s+and\s+(?<part>#{PART})\s*(?:of\s+an\s+)?#{HOUR}
         |(?<count>#{COUNT})\s*-?#{HOUR}(?:#{MORE})?
         |(?<few>\d{1,3}|\b(?:#{WORDS}))\s*#{MINUTE}/ix.freeze
      TO = /\A\s*(?:-|–|to|or)\s*\z/i.freeze
      # Where there is none of these there is no such time.
      ANY = /\d\s*-?h|hour|\bhrs?\b/i.freeze
      # How often, or by when, and not how long.
      OFTEN = /\b(?:every|each|per|within|after)\s+\z/i.freeze
      Said = Struct.new(:from, :to, :minutes, :composed, :short)

      # @param sentence [String]
      # @return [Array<Array(Integer, Integer, Array(Float, Float))>] where each begins and ends, and the
      #   minutes from and to
      def self.in(sentence)
        return [] unless sentence.match?(ANY)

        sentence
          .to_enum(:scan, SAID)
          .map { said(Regexp.last_match) }
          .slice_when { |one, next_one| !sentence[one.to...next_one.from].match?(TO) }
          .select { |group| group.any?(&:composed) || group.map(&:short).uniq.size > 1 }
          .reject { |group| sentence[0...group.first.from].match?(OFTEN) }
          .map { |group| [group.first.from, group.last.to, group.map(&:minutes).minmax.map(&:to_f)] }
      end

      # The sentence with as many blanks in their place.
      def self.without(sentence)
        self
          .in(sentence)
          .reduce(sentence) { |left, (from, to, _)| left[0...from] + (" " * (to - from)) + left[to..] }
      end

      def self.said(found)
        short = !found[:few].nil?
        composed = !short && (found[:count].nil? || !more(found).nil? || found[:count].match?(/\Aa/i))
        Said.new(found.begin(0), found.end(0), minutes(found), composed, short)
      end

      def self.minutes(found)
        return counted(found[:few]) if found[:few]
        return parts(found[:alone]) if found[:alone]
        if found[:clock]
          return found[:clock].split(":").map(&:to_i).then { |hours, rest| (hours * 60) + rest }
        end

        (counted(found[:count]) * 60) + (more(found) || 0)
      end

      def self.more(found)
        return parts(found[:part]) if found[:part]

        said = found[:minutes] || found[:bare]
        said && counted(said)
      end

      def self.parts(text) = PARTS.fetch(text.downcase[/half|½|three|quarter|¼|¾/])

      def self.counted(text)
        return 1 if text.match?(/\Aan?\b/i)

        SPOKEN[text.downcase] || numeric(text)
      end

      def self.numeric(text)
        part = text[%r{\d/\d}]&.to_r || (PARTS.fetch(text[/[½¼¾]/], 0) / 60r)
        whole = text.sub(%r{\d/\d\z}, "")[/\d+(?:[.,]\d+)?/]
        whole.to_s.tr(",", ".").to_r + part
      end
      private_class_method :said, :minutes, :more, :parts, :counted, :numeric
    end
  end
end
