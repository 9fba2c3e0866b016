# frozen_string_literal: true

module Scullion
  module Recipe
    # The rows of a text as a cook reads them: without tags, quotation marks of a mail, who said it and when;
    # columns one after the other, a table's cells in the order of a line, a broken word whole again. Each keeps
    # the number of the line that it stands on.
    class Rows
      include Enumerable

      # into: what a table's column says of where it goes; kind: where the row says what it is by itself
      Row = Struct.new(:number, :text, :into, :kind, keyword_init: true)

      MOST_LINES = 500
      # Letters; what is written on in longer lines is laid out sentence by sentence, or else word by word.
      LONGEST_ROW = 400
      BULLET = /\A\s*(?:[-*•·▪◦☐☑✓–—>→+\p{So}\uFE0F]+|\d{1,2}[.)](?=\s)|\[[ x]\])\s*/.freeze
      CHAT = /\A\[?(?:(?:mon|tue|wed|thu|fri|sat|sun)\w*,?\s*)?\d{1,2}[:.]\d\d(?:\s*[ap]m)?\]?\s*[-–]?\s*[[:alpha:]]+:\s+/i.freeze
      WHO = /\A[[:alpha:]]{2,12}\s+\d{1,2}:\d\d\s*(?:[AP]M)?\z/i.freeze
      COLUMNS = {
        "amount" => /\A(?:qty|quantity|amt|amount|#)\z/i,
        "unit" => /\Aunits?\z/i,
        "food" => /\A(?:item|ingredients?|food|what)\z/i,
        "how" => /\A(?:prep|preparation|notes?|how|method)\z/i,
        "into" => /\A(?:goes in|into|for|part|where)\z/i
      }.freeze
      DATED = /\A\d{1,2}-(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\z/i.freeze
      LEADER = /\A(?<name>\S.*?\S)\s*\.{3,}\s*(?<amount>\S.*)\z/.freeze
      IN_GRAMS = /\b(?:wts?|weights?|amounts?|all)\s+in\s+g(?:rams)?\b/i.freeze
      # Words that a scanner reads with figures in them.
      SCANNED = /(?<![[:alnum:].])(?:[[:alpha:]]+[01][[:alpha:]]+[01]?[[:alpha:]]*|[[:alpha:]]{3,}[01]|1[[:alpha:]]{3,})(?![[:alnum:]])/.freeze

      # @param text [String]
      # @raise [UnreadableAmount]
      def initialize(text)
        @rows = rows_of(text)
        refuse("There is nothing to read.", "Paste an ingredient list, one a line.") if @rows.empty?
        return if @rows.map(&:number).uniq.size <= MOST_LINES

        refuse("This is #{@rows.size} lines long.", "Paste one recipe, at most #{MOST_LINES} lines.")
      end

      def each(&) = @rows.each(&)
      def texts = @rows.map(&:text)

      private

      def rows_of(text)
        lines = plain(text.to_s.scrub).split(/\r\n|\r|\n/).each.with_index(1).map { |line, number| [number, line] }
        lines = lines.map { |number, line| [number, line.sub(/\A\s*(?:>\s?)+/, "")] }
        @grams = lines.any? { |_, line| line.match?(IN_GRAMS) }
        lines = columns(lines).map { |number, line| [number, set_in_columns(line) || line] }
        rows = lines.flat_map { |number, line| table_row(number, line) || [written(number, line)] }
        rows = rows.reject { |row| row.text.empty? }
        @width = width(rows.map { |row| row.text.length })
        whole_words(rows).flat_map { |row| shortened(row) }
      end

      # Without tags and odd spaces, but never without a word.
      def plain(text)
        text
          .gsub(%r{<(?:br|/p|/li|/h\d|/div)[^<>]{0,200}>}i, "\n")
          .gsub(%r{</?[a-z!][^<>\n]{0,200}>}i, " ")
          .gsub(/[\u200B-\u200F\u202A-\u202E\u2066-\u2069\uFEFF]/, "")
          .gsub(
            /&(?:amp|nbsp|frac12|deg);/,
            "&amp;" => "&",
            "&nbsp;" => " ",
            "&frac12;" => "½",
            "&deg;" => "°"
          )
      end

      def written(number, line)
        text = line.sub(/\A\s+/, "").sub(CHAT, "")
        return Row.new(number: number, text: text.strip, kind: "note") if text.strip.match?(WHO)

        text = text.gsub(/[[:space:]]+/, " ").strip
        found = text.match(LEADER)
        text = "#{leading(found[:amount])} #{found[:name]}" if found
        Row.new(number: number, text: mended(marked(text)))
      end

      # The amount after dots; a bare number where everything is in grams.
      def leading(amount) = @grams && amount.match?(/\A\d[\d.,]*(?: pp)?\z/) ? amount.sub(/\A[\d.,]+/, '\0 g') : amount

      # Without the marks of a list that is ticked, struck out or set in bold.
      def marked(text)
        text.sub(/\A[-*]\s+\[[ xX]\]\s*/, "- ").gsub(/~~[^~]*~~\s*/, "").gsub(/\*\*(\S[^*]*)\*\*/, '\1').gsub(
          /(?<![[:alnum:]])[_*`](\S[^_*`]*)[_*`](?![[:alnum:]])/,
          '\1'
        )
      end

      # l for 1 and 1 for l, O for 0, where no word or number is meant as it stands.
      def mended(text)
        text
          .gsub(%r{\bl\s?'\s?/(?=\d)}, "1 1/")
          .gsub(%r{\bl/(?=\d)}, "1/")
          .gsub(%r{\bl\s+'/(?=\d)}, "1 1/")
          .gsub(%r{(?<=\d)\s?'/(?=\d)}, " 1/")
          .gsub(%r{(?<![[:alnum:]])'/(?=\d)}, "1/")
          .gsub(/(?<![[:alnum:]'])l(?=\s+(?:tbsp?s?|tsps?|cups?|lb|oz)\b)/i, "1")
          .gsub(/(?<=\d)O(?=\b|[-\s])/, "0")
          .gsub(/(?<![[:alnum:]])lb(?=\d)/, "lb ")
          .gsub(/\bl(?=\d)/, "1")
          .gsub(SCANNED) { |word| word.match?(/\A(?:[abB]\d+|A10|E\d+)\z/) ? word : word.tr("01", "ol") }
      end

      # --- tables

      def table_row(number, line)
        return unless line.include?("\t")

        cells = line.split("\t").map(&:strip)
        heads = cells.map { |cell| COLUMNS.find { |_, pattern| cell.match?(pattern) }&.first }
        if heads.compact.size >= 2 && heads.include?("food")
          @heads = heads
          return [Row.new(number: number, text: cells.join(" ").squeeze(" ").strip, kind: "note")]
        end
        listed(number, cells)
      end

      def listed(number, cells)
        return [Row.new(number: number, text: cells.join(" ").squeeze(" ").strip)] unless @heads && cells.size >= 3

        by = @heads.zip(cells).reject { |head, _| head.nil? }.group_by(&:first).transform_values { |all| all.map(&:last).join(" ") }
        food, how = by.values_at("food", "how")
        return [Row.new(number: number, text: cells.join(" ").squeeze(" ").strip)] if food.to_s.empty?

        amount = by["amount"].to_s.match?(DATED) ? "" : by["amount"]
        text = [[amount, (by["unit"] unless amount == ""), food].compact.join(" ").squeeze(" ").strip, how].compact.reject(&:empty?)
        into = { "base" => "salad", "top" => "top", "dressing" => "dressing", "pot" => "pot" }[by["into"].to_s.downcase]
        [Row.new(number: number, text: text.join(", "), into: into)]
      end

      SPACED = /\A(?<food>\S.*?\S)\s{3,}(?<amount>(?:\d|½|¼|¾|[Tt]o taste)\S*(?: \S+){0,4}?)(?:\s{3,}(?<how>\S.*))?\z/.freeze

      # A food, its amount and how, set in columns by spaces, in the order of a line.
      def set_in_columns(line)
        found = line.match(SPACED) or return
        return if found[:amount].match?(/\A\d[.)]/)

        ["#{leading(found[:amount])} #{found[:food]}", found[:how]].compact.join(", ")
      end

      # Two columns set beside each other stand one after the other.
      def columns(lines)
        at = gutter(lines.map(&:last)) or return lines

        left, right = [], []
        lines.each do |number, line|
          left << [number, line[0...at].to_s.rstrip]
          right << [number, line[at..].to_s]
        end
        left + [[lines.size + 1, ""]] + right
      end

      LEAST_ROWS = 6

      # Where the second column begins: the place that most rows have a gap before.
      def gutter(lines)
        long = lines.select { |line| line.length > 45 && !line.include?("\t") }
        return if long.size < LEAST_ROWS

        starts = long.flat_map { |line| line.enum_for(:scan, /(?<=\S\s\s)\S|(?<=\s\s\s)\S/).map { Regexp.last_match.begin(0) } }
        at, rows = starts.tally.max_by { |_, count| count }
        at if at && at > 15 && told?(long, at) && rows >= long.size * 0.6 && rows >= LEAST_ROWS && !lines.any? { |line| line.match?(/\.{3,}/) }
      end

      # The second column is written in sentences, not in amounts.
      def told?(lines, at)
        right = lines.filter_map { |line| line[at..] }.reject(&:empty?)
        right.count { |text| text.length > 18 && !text.match?(/\A\d+[\s.,]*(?:g|kg|ml|l|tsp|tbsp)?\b(?![.)])/) } > right.size * 0.7
      end

      # --- what is broken over two rows

      def whole_words(rows)
        rows.each_with_object([]) do |row, all|
          last = all.last
          if last && last.text.match?(/[[:alpha:]]-\z/) && row.text.match?(/\A[[:lower:]]/)
            last.text = grafted(last.text, row.text)
          elsif last && runs_on?(last, row)
            last.text = "#{last.text} #{row.text}"
          else
            all << row
          end
        end
      end

      COMPOUND = /(?:semi|half|grape|well|ready|low|free|extra)-\z/i.freeze
      def grafted(one, other) = one.match?(COMPOUND) ? one + other : one.delete_suffix("-") + other

      # Letters to a row of a text that was broken to fit.
      WRAPPED, WIDEST, FULL_ROWS = 40, 90, 3

      # The width that it was broken to, where several rows fill it; else none does.
      def width(lengths)
        widest = lengths.reject { |length| length > WIDEST }.max.to_i
        lengths.count { |length| length >= widest * 0.85 } < FULL_ROWS ? WIDEST : widest
      end

      # The next word had no room on it.
      def full?(line, below) = line.length >= WRAPPED && line.length + 1 + below[/\A\S+/].length > @width
      # A line that was broken because it was full: the next goes on in the middle of a sentence.
      def runs_on?(last, row)
        return false if last.kind || row.kind || row.into || last.into || row.number != last.number + 1
        return true if last.text.match?(/\((?:[^)]*)\z/) && last.text.length > 20 && row.text.match?(/\A[^(]*\)/)

        full?(last.text, row.text) && row.text.match?(/\s/) && !row.text.end_with?(":") && row.text.match?(/\A[[:lower:]]/) && !last.text.match?(/[.:;!?)]\z/) &&
          !row.text.match?(/\A(?:a|an|one|two|half|juice|zest)\b|\A[^.]*\d/)
      end

      def shortened(row)
        return [row] if row.text.length <= LONGEST_ROW

        row.text.split(/(?<=[.!?]) /).flat_map { |sentence| cut(sentence) }.map do |part|
          Row.new(number: row.number, text: part, into: row.into, kind: row.kind)
        end
      end

      # At the last space before it gets too long, or anywhere where there is none.
      def cut(sentence)
        parts = []
        while sentence.length > LONGEST_ROW
          at = sentence.rindex(" ", LONGEST_ROW)
          at = LONGEST_ROW if at.nil? || at.zero?
          parts << sentence[0...at]
          sentence = sentence[at..].lstrip
        end
        [*parts, sentence]
      end

      def refuse(what, remedy) = raise(UnreadableAmount, Fault.new(what: what, where: "text", remedy: remedy))
    end
  end
end
