# frozen_string_literal: true

module Scullion
  module Recipe
    # The rows of a text as a cook reads them: without tags, quotation marks of a mail, who said it and when;
    # columns one after the other, a sheet's cells in the order of a line, a broken word whole again. Each
    # keeps the number of the line that it stands on.
    class Rows
      include Enumerable

      # into: what a sheet's column says of where it goes; kind: where the row says what it is by itself
      # indent: letters before it
      Row = Struct.new(:number, :text, :into, :kind, :indent, keyword_init: true)

      MOST_LINES = 500
      # Letters; what is written on in longer lines is laid out sentence by sentence, or else word by word.
      LONGEST_ROW = 400
      # Where a long sentence may be cut; "two hundred and fifty" is one number.
      BETWEEN = /[,;]\s|\s(?=(?:then|with)\s)|(?<!(?-i:hundred))\s(?=and\s)/i.freeze
      SIGNS = "-*•·▪◦☐☑✓–—>→+".freeze
      BULLET = /\A\s*(?:[#{SIGNS}\p{So}\uFE0F]+|\d{1,2}[.)](?=\s)|\[[ x]\])\s*/.freeze
      QUOTED = /\A\s*(?:>\s?)+/.freeze
      DATE = %r{\d{1,4}[/.-]\d{1,2}(?:[/.-]\d{2,4})?,?\s+}.freeze
      DAY = /(?:mon|tue|wed|thu|fri|sat|sun)\w*,?\s*/i.freeze
      # Who said it and when, before what was said, or in a row of its own.
      CHAT =
        /\A\[?(?:#{DAY})?(?:#{DATE})?\d{1,2}[:.]\d\d(?:\s*[ap]m)?\]?\s*[-–]?\s*
          (?-i:[[:alpha:]]{1,20}):\s+/ix.freeze
      WHO = /\A(?-i:[[:alpha:]]{2,12})\s+\d{1,2}:\d\d\s*(?:[AP]M)?\z/i.freeze

      # Those who speak by turns in a thread without times: "Kim: bring the orzo".
      SPEAKER = /\A\s*(?<who>[[:upper:]][[:lower:]]{1,11}):\s+(?=\S)/.freeze
      TURNS, SPEAKERS = 2, 2
      # "Chicken thighs 2.4 kg. Marinade: yoghurt 300, lemon 60": a part within a row.
      PART_WITHIN = /(?<=[.;])\s+(?=(?:the\s+)?(?:marinade|dressing|vinaigrette|sauce)\s*:\s)/i.freeze
      # "Potato salad for 10: 2 kg potatoes, 300 g feta": what it is called, and its list.
      NAMED_LIST =
        /\A([^\d:,;]*\b(?:salad|slaw|bowl|tabbouleh)s?\s*(?:[x×]\s?\d+|\(\d+\)|for\s+\S+))
          \s*(?::|\s[-–—])\s+
          (?=(?:[^,;\d]*\d[^,;]*[,;]){2})(.+)\z/ix.freeze
      # Between the foods of a list in one line.
      BARS = 2
      SERVED_OR_TIMED = /\b(?:serves|servings|portions|prep|cook|hands-on|mins?|hrs?)\b/i.freeze
      STROKE = %r{\s+/\s+}.freeze
      DOT = /\s+[·•]\s+/.freeze
      BAR = /\s+\|\s+|(?<=[[:alnum:])])\.\s+(?=[[:upper:]][[:alpha:] ]{2,20}:\s)/.freeze
      # "Burrata: 75 balls, half each. Peaches: 60, stoned. Rocket: 3 kg": a list set as one paragraph.
      NAMED_RUN = /(?:\A|\.\s+)[[:upper:]][[:alpha:] ]{2,20}:\s+(?:[\d½¼¾]|(?-i:[[:alpha:] ]+)\d)/.freeze
      NAMED_TIMES = 3
      NEXT_NAME = /(?<=[[:alnum:])])\.\s+(?=[[:upper:]])/.freeze
      # "Monday: cook 3 kg quinoa", "Tue 11.30: feta 1.5 kg": when it is done.
      DONE_ON =
        /\A(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\s*
          (?:am|pm|eve\w*|morn\w*|noon|\d{1,2}(?:[.:]\d\d)?\s*(?:am|pm)?)?\s*[:–-]\s+(?=.*\d)/ix.freeze

      # "Stage 1  Cabbage, white 2.4 kg"
      STAGE = /\A\s*(?:stage|group)\s+(?:\d{1,2}|[a-h])\b[:.]?\s{2,}(?=[[:alpha:]].*\d)/i.freeze
      LETTER = /\A\s*(?<letter>[A-Za-z])[.)]\s+(?=\S)/.freeze
      # "GRAIN  Pearl barley 5 kg", "Top   Sunflower seeds 150 g" in columns; "RED Onions" are red.
      LABELS =
        "(?:(?:GRAIN|VEG|HERB|NUT|SEED|PULSE|TOPPING|SAUCE|LEAF|CHEESE|MEAT|FISH|FRUIT|PROTEIN" \
          "|STARCH|BASE|DRESS|DRESSING|DRSG|TOP|GARNISH|FINISH|CRUNCH|DAIRY)S?|LEAVES)".freeze
      LABEL =
        /\A\s*(?<label>#{LABELS}(?=\s)|(?i:#{LABELS})(?=\s{2}))\s+(?=[[:upper:]]+[[:lower:]].*\d)/.freeze
      # So many from A on number the rows of a list.
      LETTERS = 3
      # "**Veg**": heads what stands below it.
      ALL_BOLD = /\A\*\*[^*\d]+\*\*:?\z/.freeze
      SERVED_FIRST =
        /\A\W*((?:for|serves|feeds)\s+\d{1,4})\s*
          (?::\s+([\d½¼¾].*)|\.\s+([[:upper:]\d½¼¾](?:[^.]|\.(?=\d))*\.?))\z/ix.freeze
      # "Serves: 12 | Prep: 30 min | Cook: 25 min" is no list.
      FOR_HOW_MANY = /\A\W*(?:serves|servings?|yields?|makes|portions?|covers|feeds|prep|cook)\b/i.freeze

      # @param text [String]
      # @raise [UnreadableAmount] when there is nothing, or too much, to read
      def initialize(text)
        @asked, @text = {}, text.to_s.scrub
        @rows = rows_of(text)
        refuse("There is nothing to read.", "Paste an ingredient list, one a line.") if @rows.empty?
        return if @rows.map(&:number).uniq.size <= MOST_LINES

        refuse("This is #{@rows.size} lines long.", "Paste one recipe, at most #{MOST_LINES} lines.")
      end

      def each(&) = @rows.each(&)
      def texts = @rows.map(&:text)

      private

      # For how many it is, by what is said outside of sheets. @return [Integer, nil]
      def many_said(lines)
        Servings.new(lines.reject { |line| Table.head?(line.strip.split(/\t|\s{2,}/)) }).number
      rescue UnreadableAmount
        nil
      end

      # "A. Soba 2.4 kg", "B. Beans 2 kg": the letters that number them say nothing of the foods.
      def unlettered(lines)
        letters = lines.filter_map { |_, line| line[LETTER, :letter]&.upcase }.uniq
        return lines if letters.size < LETTERS || letters != ("A"..letters.last).to_a

        lines.map { |number, line| [number, line.sub(LETTER, "")] }
      end

      # "GRAIN  Pearl barley 5 kg", "DRESS  Lemon juice 400 ml": each stands below its label.
      def below_labels(lines)
        labels = lines.filter_map { |_, line| line[LABEL, :label] }
        return lines if labels.uniq.size < LETTERS || labels.uniq.size < labels.size

        lines.flat_map do |number, line|
          label = line[LABEL, :label] or next [[number, line]]
          [[number, "#{label}:"], [number, line.sub(LABEL, "")]]
        end
      end

      # What was said, without who said it and when.
      def unspoken(lines)
        turns = lines.filter_map { |_, line| line[SPEAKER, :who] }.tally.select { |_, times| times >= TURNS }
        if [CHAT, WHO].any? { |said| lines.count { |_, line| line.strip.match?(said) } > TURNS }
          return in_turn(lines) { |line| line.sub(CHAT, "") }
        end
        return lines if turns.size < SPEAKERS

        in_turn(lines) { |line| turns.key?(line[SPEAKER, :who]) ? line.sub(SPEAKER, "") : line }
      end

      def in_turn(lines)
        talk = Talk.new(lines.flat_map { |number, line| apart(yield(line)).map { |said| [number, said] } })
        @asked = talk.asked
        talk.lines
      end

      # What only asks, or says no, of all that is said on a row.
      def asked?(number, text)
        @asked.fetch(number, []).any? { |said| text == said.gsub(/[[:space:]]+/, " ").strip }
      end

      # "Burrata 16. rocket 1.2k. speck 65 slices": so many things that are said, each with its number.
      def apart(line)
        said = line.split(/(?<=[[:alnum:])])\.\s+(?=[[:alnum:]])/)
        said.count { |each| each.match?(/\d/) } > 1 ? said : [line]
      end

      def rows_of(text)
        lines =
          plain(text.to_s.scrub)
            .split(/\r\n|\r|\n/)
            .each
            .with_index(1)
            .flat_map do |line, number|
              barred(line)
                .flat_map { |part| parts_within(part) }
                .map { |part| [number, cells(part.sub(STAGE, ""))] }
            end
        lines = below_labels(unlettered(unspoken(Answered.new(Stacked.new(lines).lines).lines)))
        lines =
          Separated.new(
            lines.flat_map { |number, line| served_first(line).map { |each| [number, each] } }
          ).lines
        table = Table.new(-> { many_said(lines.map(&:last)) })
        rows =
          Columns
            .new(
              lines.flat_map { |number, line| shortened(line.sub(QUOTED, "")).map { |part| [number, part] } }
            )
            .lines
            .map { |number, line| table.row(number, line) || written(number, line) }
        Wrapped.new(rows.reject { |row| row.text.empty? }).rows
      end

      # "For 4: 250 g orzo", "For 12. Boil 600 g potatoes."
      def served_first(line) = line.match(SERVED_FIRST)&.captures&.compact || [line]

      # Without tags and odd spaces, but never without a word.
      def plain(text)
        text
          .gsub(%r{<(?:br|/p|/li|/h\d|/div)[^<>]{0,200}>}i, "\n")
          .gsub(%r{</?[a-z!][^<>\n]{0,200}>}i, " ")
          .tr("ſ", "s")
          .gsub(/\bno\.\s?10(?=\s+(?:cans?|tins?)\b)/i, "#10")
          .gsub(/[\u200B-\u200F\u202A-\u202E\u2066-\u2069\uFEFF]/, "")
          .gsub(
            /&(?:amp|nbsp|frac12|deg);/,
            "&amp;" => "&",
            "&nbsp;" => " ",
            "&frac12;" => "½",
            "&deg;" => "°"
          )
      end

      # A blank line is one.
      def parts_within(part)
        return [part] if part.empty?

        name, list = part.match(NAMED_LIST)&.captures
        [*name, *(list || part).split(PART_WITHIN)]
      end

      # "Soba for 10: soba 900 g | edamame 300 g | carrots 3. Dressing: tahini 150 g": a list in one line.
      def barred(line)
        return line.split(NEXT_NAME) if line.scan(NAMED_RUN).size >= NAMED_TIMES
        return [line] if line.count("|") < BARS || line.match?(/\A\s*\||\|\s*\z/)
        return [line] if @text.scan(/^.*\|.*$/).size > 1

        # "Tray salad | 4 | 35 min"
        first, *others = line.split(BAR).map { |part| part.match?(/\A\d{1,4}\z/) ? "Serves #{part}" : part }
        return first, *others if first.match?(FOR_HOW_MANY)

        [*first.split(/(?<=\w):\s+(?=[^:]*\d)/, 2), *others]
      end

      # "Ingredient / AP / EP / method" stands over rows that are parted so too.
      def stroked?(line)
        @stroked = @text.lines.any? { |each| Table.head?(each.strip.split(STROKE)) } if @stroked.nil?
        @stroked && line.scan(STROKE).size >= BARS
      end

      # A table in Markdown is a sheet, its rule no row.
      def cells(line)
        return line.strip.split(STROKE).join("\t") if stroked?(line)
        return line unless line.match?(/\A\s*\|.*\|\s*\z/)
        return "" if line.match?(/\A[\s|:-]+\z/)

        line.strip.delete_prefix("|").delete_suffix("|").split("|").map(&:strip).join("\t")
      end

      def written(number, line)
        text = line.gsub(/[[:space:]]+/, " ").strip.sub(CHAT, "").sub(DONE_ON, "")
        return Row.new(number: number, text: text, kind: "note") if text.match?(WHO) || asked?(number, text)

        text = undotted(unbarred(Scanned.mended(unmarked(text))))
        Row.new(number: number, text: text, indent: line[/\A[[:space:]]*/].size)
      end

      # "180 g | 1 cup quinoa", "3 tbsp lemon juice | about 1½ lemons": the same said twice.
      def unbarred(text)
        text.sub(/\A(\W*\d[\d.,]*\s?(?:k?g|ml|l))\s+\|\s+(?=[\d½¼¾⅓⅔])/, '\1/').sub(
          /\s+\|\s+(#{Amount::Words::ROUGHLY}?[\d½¼¾⅓⅔][^|]*)\z/io,
          ' (\1)'
        )
      end

      # "Peanut butter 250 · coconut milk 1 tin · lime 2": dots between the foods of a row.
      def undotted(text)
        text.scan(DOT).size >= BARS && !text.match?(SERVED_OR_TIMED) ? text.gsub(DOT, ", ") : text
      end

      # Without the marks of a list that is ticked, struck out or set in bold.
      def unmarked(text)
        return text if text.match?(ALL_BOLD)

        text
          .sub(/\A[-*]\s+\[[ xX]\]\s*/, "- ")
          .gsub(/~~[^~]*~~\s*/, "")
          .gsub(/\*\*(\S[^*]*)\*\*/, '\1')
          .gsub(/(?<![[:alnum:]])[_*`](\S[^_*`]*)[_*`](?![[:alnum:]])/, '\1')
      end

      def shortened(line)
        return [line] if line.length <= LONGEST_ROW

        return cut(line) if line.match?(Sentences::SPOKEN)

        # A list with semicolons is one sentence.
        told = Sentences.of(line).slice_when { |one, _| !one.end_with?(";") }
        told.flat_map { |parts| cut(parts.join(" ")) }
      end

      # Between two things that are said, else at the last space before it gets too long, or anywhere.
      def cut(sentence)
        parts = []
        while sentence.length > LONGEST_ROW
          at = sentence.rindex(BETWEEN, LONGEST_ROW)
          at = at.to_i.positive? ? at + 1 : sentence.rindex(" ", LONGEST_ROW)
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
