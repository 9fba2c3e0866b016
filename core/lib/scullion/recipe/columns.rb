# frozen_string_literal: true

module Scullion
  module Recipe
    # A text that is set in columns by spaces: two of them stand one after the other, a food with its amount
    # behind it in the order of a line.
    class Columns
      LEAST_ROWS, LEAST_LETTERS, LEAST_SHARE = 6, 45, 0.6
      # Rows to a block that is set beside another, and a heading over a column.
      BLOCK_ROWS, HEADING = 4, /\A[[:upper:]][[:upper:] &]{2,24}:?\z/.freeze
      # "GREEN BEANS, WARM          serves 10" stands over both.
      SERVED = /\s{2,}(?:for|serves|makes|feeds)\s+\d+\W*\z/i.freeze
      # Share of the second column's rows that are told in words.
      TOLD = 0.55
      LONGEST = 400
      GAP = /(?<=\S\s\s)\S|(?<=\s\s\s)\S/.freeze
      AMOUNT_FIRST =
        /\A[\d½¼¾][\d.,½¼¾]*\s*(?:k?g|ml|l|ltr|tsp|tbsp|x|bun|hd|tins?)?\b
          (?!\s*(?:min|h|more|deg|°))(?![.)]\s)/ix.freeze
      SPACED =
        /\A(?<food>\S.*?\S)\s{3,}(?<amount>(?:\d|½|¼|¾|to\ taste)\S*(?:\ \S+){0,4}?)
          (?:\s{3,}(?<how>\S.*))?\z/ix.freeze
      # Rows from which amounts on both sides of a name are for few and for all: "1 kg tomatoes    10 kg".
      TWICE = 4
      # "18 lb   4 gal": the same once more, in a measure.
      MEASURE = %r{\A[\d½¼¾][\d\s./½¼¾-]*\s?(?:cups?|c|qts?|gal|pts?|tbsp|tsp|each|ea|ml|l)\.?\z}ix.freeze
      LEADER =
        /\A(?<food>[^.\s].*?[^.\s])\s*\.{3,}\s*(?<amount>\S+(?:\ \S+)*)(?:\s{2,}(?<how>\S.*))?\z/.freeze
      AMOUNT =
        /[\d½¼¾⅓⅔]
         |\b(?:taste|q\.?s|pinch|handful|bunch|some|few|splash|dash|half|one|two|an?)\b/ix.freeze
      # What is left of them before a long name, where other rows have whole ones.
      LEADERS = 2
      SHORT_LEADER =
        /\A(?<food>[^.\s].*?[^.\s])\s+\.{1,2}\s+(?<amount>[\d½¼¾⅓⅔]\S*(?:\ \S+)*?)
          (?:\s{2,}(?<how>\S.*))?\z/x.freeze
      IN_GRAMS =
        /\b(?:wts?|weights?|amounts?|all)\s+in\s+g(?:rams)?\b
          |\bper\s+(?:portion|person|head|cover)\s*,?\s*g\b
          |\b(?:net|ep|gross|qty|quantity|wt|weight|amount)\s*[(,]?\s*g(?:rams)?\b(?!\s*\d)/ix.freeze
      WEIGHT = /\A\s*\d[\d.,]*\s?(?:kg?|g|lbs?|oz)\b(?:\s+\d[\d.,]*\s?oz\b)?/i.freeze
      GROSS_NET = /\b(?:gross|ap)\b.{1,20}\b(?:net|ep)\b/i.freeze
      # A row that heads a column of weights: "kg", "kg/l".
      UNIT_ALONE = %r{\A\s+\(?(?<unit>kg|g)(?:\s?/\s?(?:l|ml))?\)?\s*\z}i.freeze
      # What a bare number counts, and does not weigh.
      COUNTED = /\b(?:whole|bulb|head|bunch|each|ea)\b/i.freeze
      # A bare number in a column of its own, two spaces off, where everything is in grams.
      BARE = /\A(?<food>\S.*?\S)\s{2,}(?<amount>\d[\d.,]*)(?:\s{2,}(?<how>\S.*))?\s*\z/.freeze

      # "5 kg tomato (4.5 kg net)", "800 g EP watercress": what a list says is left of so much, or of so many.
      # @param gross, food, net [String, nil] cells @return [Array<String>] in the order of a line
      def self.trimmed(gross, food, net)
        left = net.to_s[WEIGHT]
        # "| Orange juice | | 0.1 l |"
        return net, food if left.nil? && gross.to_s.empty? && net.to_s.match?(/\A\d/)

        said = "(#{net})" if left.nil? && net.to_s.match?(/\d.*[[:alpha:]]{3}/) && net != gross
        return [gross, food, said].compact if left.nil? || left == gross

        gross.to_s.match?(WEIGHT) ? [gross, food, "(#{left} net)"] : ["#{left} EP", food]
      end

      # A measure of the same stands in brackets behind it. @return [String] a row
      def self.with_how(row, how)
        return row if how.empty?

        how.match?(MEASURE) ? "#{row} (#{how})" : "#{row}, #{how}"
      end

      # @param lines [Array<Array(Integer, String)>] with their numbers
      def initialize(lines)
        @lines = lines
        @scales = Scales.new(lines.map(&:last))
        @unit = unit_said(lines.map(&:last))
        @net = lines.any? { |_, line| line.match?(GROSS_NET) }
        @scaled_up =
          lines.count { |_, line| line.strip.match(SPACED)&.[](:food)&.match?(AMOUNT_FIRST) } >= TWICE
        @led = lines.count { |_, line| line.strip.match?(LEADER) } >= LEADERS
      end

      # @return [Array<Array(Integer, String)>]
      def lines = beside_each_other.map { |number, line| [number, set_in(line, in_order(line))] }

      private

      # As far in as it stands.
      def set_in(line, row) = row.equal?(line) ? row : "#{line[/\A */]}#{row.lstrip}"

      def in_order(line)
        return line if line.length > LONGEST || line.include?("\t")

        scaled = @scales.last(line) and return scaled
        found = led(line.strip) || bare(line) || line.match(SPACED)
        return line if found.nil? || found[:amount].match?(/\A\d[.)](?!\d)|#{Servings::THEM}/o)

        # "Apples .... 15, in matchsticks": what is done to them stands behind their name.
        amount, done = found[:amount].split(/,\s+|\s+(?=\()/, 2)
        return "#{amount} #{found[:food].sub(AMOUNT_FIRST, "").strip}" if @scaled_up && done.nil?

        left, how = @net ? found[:how].to_s.split(/\s{2,}/, 2) : [nil, found[:how]]
        named = Columns.trimmed(leading(amount), found[:food], left).join(" ")
        Columns.with_how([named, done].compact.join(", "), how.to_s)
      end

      def led(line)
        found = line.match(LEADER) and return(found if found[:amount].match?(AMOUNT))
        line.match(SHORT_LEADER) if @led
      end

      # What every bare number of the list is of. @return [String, nil]
      def unit_said(lines)
        return "g" if lines.any? { |line| line.match?(IN_GRAMS) }

        lines.filter_map { |line| line[UNIT_ALONE, :unit] }.first&.downcase
      end

      def bare(line) = @unit && !line.match?(COUNTED) ? line.match(BARE) : nil

      # A bare number is grams where everything is.
      def leading(amount)
        @unit && amount.match?(/\A\d[\d.,]*(?: pp)?\z/) ? amount.sub(/\A[\d.,]+/, "\\0 #{@unit}") : amount
      end

      # Block by block, as blank lines part them; a whole text where it has one gutter.
      def beside_each_other
        return split(@lines) if gutter(@lines.map(&:last))

        @lines
          .slice_when { |one, other| one.last.strip.empty? != other.last.strip.empty? }
          .flat_map { |block| split(block) }
      end

      def split(lines)
        at = gutter(lines.map(&:last)) or return lines

        served, lines = lines.partition { |_, line| line.match?(SERVED) }
        left = lines.map { |number, line| [number, line[0...at].to_s.rstrip] }
        right = lines.map { |number, line| [number, line[at..].to_s] }
        served + left + right
      end

      # Where the second column begins: the place that most rows have a gap before.
      def gutter(lines)
        long = lines.select { |line| line.length.between?(LEAST_LETTERS, LONGEST) && !line.include?("\t") }
        return if long.size < BLOCK_ROWS || lines.any? { |line| line.include?("...") }

        at, rows = long.flat_map { |line| gaps(line) }.tally.max_by { |_, count| count }
        return unless at && at > 15 && rows >= least(long) && !done_behind?(long, at)

        at if told?(long, at) || headed?(lines, at)
      end

      # "Pears       8 ea   cored, 6 wedges each": what is done to each stands behind its amount.
      def done_behind?(lines, at)
        lines.count { |line| line[0...at].rstrip.match?(SPACED) && line[at].to_s.match?(/[[:lower:]]/) } >
          lines.size * TOLD
      end

      # All of a short block, most of a longer one.
      def least(long) = long.size < LEAST_ROWS ? long.size : [long.size * LEAST_SHARE, LEAST_ROWS].max

      # Each column begins with a heading of its own: "SALAD      DRESSING".
      def headed?(lines, at)
        first = lines.find { |line| !line.strip.empty? }.to_s
        [first[0...at], first[at..]].all? { |cell| cell.to_s.strip.match?(HEADING) }
      end

      def gaps(line) = line.enum_for(:scan, GAP).map { Regexp.last_match.begin(0) }

      # The second column is written in sentences, not in amounts.
      def told?(lines, at)
        right = lines.filter_map { |line| line[at..] }.reject(&:empty?)
        right.count { |text| text.length > 18 && !text.match?(AMOUNT_FIRST) } > right.size * TOLD
      end
    end
  end
end
