# frozen_string_literal: true

module Scullion
  class UseUp
    # What a cook writes of when something was made, opened or came, and until when it is good, apart from the
    # rest: "made on Tuesday", "2 days old", "use by 30 Nov".
    class Dated
      WEEKDAYS = Date::DAYNAMES.map(&:downcase).freeze
      MONTHS = Date::ABBR_MONTHNAMES.compact.map(&:downcase).freeze
      COUNTED = %w[zero one two three four five six seven eight nine ten].freeze
      ONE = %w[a an].freeze
      COUPLE = /\Acouple/i.freeze
      NUMBER = /(?<number>\d{1,3}|an?|#{COUNTED.join("|")}|couple\s+of)/i.freeze
      # In days.
      UNITS = { "hour" => 1.0 / 24, "day" => 1.0, "night" => 1.0, "week" => 7.0, "month" => 30.0 }.freeze
      SPAN = /#{NUMBER}\s*(?<unit>#{UNITS.keys.join("|")})s?/i.freeze
      # Days from today, backwards.
      AGO = {
        /(?:the\s+)?(?:day\s+before\s+yesterday|night\s+before\s+last)(?:'?s)?/i => 2,
        /(?:yesterday(?:\s+(?:morning|evening|night))?|last\s+night)(?:'?s)?/i => 1,
        /(?:today|this\s+(?:morning|afternoon|evening)|tonight)(?:'?s)?/i => 0,
        /last\s+week/i => 7,
        /last\s+month/i => 30
      }.freeze
      DAY = /(?<day>\d{1,2})(?:st|nd|rd|th)?/i.freeze
      MONTH = /(?<month>#{MONTHS.join("|")})[a-z]*\.?/i.freeze
      DATES = [
        /(?<year>\d{4})-(?<month>\d{2})-(?<day>\d{2})/,
        /#{DAY}\s*(?:of\s+)?#{MONTH}/,
        /#{MONTH}\s*#{DAY}/,
        %r{(?<day>\d{1,2})[/.](?<month>\d{1,2})\.?}
      ].freeze
      WEEKDAY = /(?<last>last\s+)?(?<weekday>#{WEEKDAYS.join("|")})(?:'?s)?/i.freeze
      # "From Sat", not "sun dried".
      SHORT = /(?<last>last\s+)?(?<weekday>#{WEEKDAYS.map { |name| name[0, 3] }.join("|")})/i.freeze
      SINCE = /(?:since|from|on|made|opened|cooked|bought|dated)\s+/i.freeze
      MADE = /(?:#{SINCE}|(?:was|boiled|roasted|open|came|in|done)\s+)/i.freeze
      BY = %w[use[\\s-]*by best\\s+(?:before|by) bbe? b/b sell[\\s-]*by expir(?:es|y|ed) exp].join("|")
      UNTIL = /(?:#{BY}|(?:good\s+)?(?:un)?till?)(?:\s(?:date|is|was|on|of|the|end\sof)){0,3}\s?:?\s?/i.freeze
      STOOD = /in\s+the\s+(?:fridge|walk-?in|cold(?:\s+room)?|chiller)/i.freeze
      # A weekday passed so many days ago may be meant.
      DOUBTFUL = (1..3).freeze

      # What is looked for, each taken out of the line the first time that it is said: of which side, and how
      # its days are read.
      WORD = ->(pattern) { /(?<![[:alnum:]])#{pattern}(?![[:alnum:]])/ }
      SIDES =
        [
          [/#{UNTIL}in\s+#{SPAN}/, :good, :days_on],
          [/#{UNTIL}tomorrow/i, :good, :tomorrow],
          *AGO.map { |words, days| [/#{UNTIL}#{words}/, :good, ->(_) { -days }] },
          *DATES.map { |date| [/#{UNTIL}#{date}/, :good, :days_to] },
          [/#{UNTIL}(?:#{WEEKDAY}|#{SHORT})/, :good, :coming],
          [/#{MADE}{0,3}#{WEEKDAY}/, :since, :ago],
          [/#{MADE}{0,3}#{SINCE}#{SHORT}/, :since, :ago],
          [/#{MADE}{0,3}#{SPAN}\s+(?:old|ago|#{STOOD})/, :since, :span],
          [/(?:for\s+|#{MADE})#{SPAN}/, :since, :span],
          *DATES.map { |date| [/#{MADE}{0,3}#{SINCE}(?:the\s+)?#{date}/, :since, :days_from] },
          *AGO.map { |words, days| [/#{MADE}{0,3}#{words}/, :since, ->(_) { days }] },
          [STOOD, :itself, :span]
        ].map { |pattern, *rest| [WORD[pattern], *rest] }.freeze

      # days since it was made or came, and days until it is good, both nil where nothing is said; doubt: what
      # is to be asked; rest: the line without them.
      attr_reader :age, :until, :doubt, :rest

      # @param text [String] @param today [Date]
      def initialize(text, today)
        @today, @rest = today, text.gsub(/\s+/, " ")
        SIDES.each { |pattern, side, days| take(pattern, side, days) }
      end

      private

      def take(pattern, side, days)
        found = @rest.match(pattern) or return
        @rest = "#{found.pre_match} #{found.post_match}".squeeze(" ").strip
        return if side == :itself

        read = days.is_a?(Symbol) ? send(days, found) : days.call(found)
        read ? send(side, read) : @doubt = "Which date is that? Write it like 30 Nov."
      end

      # Of several the one that is the safest.
      def good(days) = @until = [@until, days].compact.min

      def since(days)
        return @doubt = "That date is still to come. When was it?" if days.negative?

        @age = [@age, days.ceil].compact.max
      end

      def tomorrow(_found) = 1
      def days_on(found) = span(found).floor
      def days_to(found) = date(found)&.then { |date| (date - @today).to_i }
      def days_from(found) = date(found)&.then { |date| (@today - date).to_i }

      def ago(found)
        name = found["weekday"].downcase
        days = (@today.wday - WEEKDAYS.index { |each| each.start_with?(name) }) % 7
        found["last"] && days.zero? ? 7 : days
      end

      # The next of that name; but one that has just passed may be meant.
      def coming(found)
        days = ago(found)
        return -days if found["last"]

        @doubt = "Has that #{found["weekday"].capitalize} passed? Write the date." if DOUBTFUL.cover?(days)
        (7 - days) % 7
      end

      # In days.
      def span(found)
        word = found["number"].downcase
        number =
          if ONE.include?(word)
            1
          else
            word.match?(COUPLE) ? 2 : COUNTED.index(word) || word.to_i
          end
        number * UNITS.fetch(found["unit"].downcase)
      end

      # Days and months in digits alone are written either way: where both could be meant it is asked.
      # @return [Date, nil]
      def date(found)
        day, month = found["day"].to_i, month(found["month"])
        return whole(found["year"].to_i, month, day) if found.names.include?("year")

        nearest(day, month) unless found["month"].match?(/\d/) && day <= 12 && day != month
      end

      def whole(*date) = Date.valid_date?(*date) ? Date.new(*date) : nil

      def nearest(day, month)
        [-1, 0, 1].filter_map { |years| whole(@today.year + years, month, day) }
          .min_by { |date| (date - @today).abs }
      end

      def month(written) = MONTHS.index(written.downcase[0, 3])&.succ || written.to_i
    end
  end
end
