# frozen_string_literal: true

module Scullion
  module Recipe
    # A written recipe laid out line by line: title, servings, headings, ingredients and steps.
    # Every line that is not blank is one of these; none is dropped.
    class Page
      # number: its place here; row: the line of the text it stands on, which may hold two.
      Line = Struct.new(:number, :row, :text, :kind, :heading, keyword_init: true)

      MOST_LINES = 500
      # So many words to a full stop are no ingredient.
      PROSE_WORDS = 8
      MOST_SERVINGS = 5000
      # Letters; what is written on in longer lines is laid out sentence by sentence, or else word by word.
      LONGEST_ROW = 400
      BULLET = /\A\s*(?:[-*•·▪◦☐☑✓–—>\p{So}\uFE0F]+|\d{1,2}[.)](?=\s)|\[[ x]\])\s*/.freeze
      SERVINGS =
        /\A\W*(?:serves|servings?|yields?|makes|portions?|feeds|for)\s*:?\s*
                    (?:about\s+|enough\s+for\s+)?(\d{1,5})\b(?!\s*(?:g|kg|ml|l|min|h)\b)
                 |\A\W*(?:\d+\s*[-–]\s*)?(\d{1,5})\s*(?:servings?|portions?|people|covers|guests)\b/ix.freeze
      IN_TITLE = /\W*\b(?:serves|servings?|feeds|makes)\s*:?\s*(\d{1,5})\W*\z/i.freeze

      attr_reader :lines, :title, :servings

      # @param text [String] @param practice [Practice]
      # @raise [UnreadableAmount] when there is nothing, or too much, to read
      def initialize(text, practice)
        @words, @pairs = practice, Pairs.new(practice)
        rows = plain(text)
        refuse("There is nothing to read.", "Paste an ingredient list, one a line.") if rows.empty?
        if rows.size > MOST_LINES
          refuse("This is #{rows.size} lines long.", "Paste one recipe, at most #{MOST_LINES} lines.")
        end

        @lines = lay_out(rows)
        @title =
          lines
            .find { |line| line.kind == "title" }
            &.then do |line|
              line.text.sub(IN_TITLE, "").gsub(/\Atitle:\s*|\A[^[:alnum:]]+|[^[:alnum:])!?]+\z/i, "")
            end
      end

      def ingredients = lines.select { |line| line.kind == "ingredient" }
      def steps = lines.select { |line| line.kind == "step" }

      private

      # Without tags and odd spaces, but never without a word.
      def plain(text)
        text
          .to_s
          .scrub
          .gsub(%r{<(?:br|/p|/li|/h\d|/div)[^<>]{0,200}>}i, "\n")
          .gsub(/<[^<>\n]{1,200}>/, " ")
          .gsub(/[\u200B-\u200F\u202A-\u202E\u2066-\u2069\uFEFF]/, "")
          .gsub(
            /&(?:amp|nbsp|frac12|deg);/,
            "&amp;" => "&",
            "&nbsp;" => " ",
            "&frac12;" => "½",
            "&deg;" => "°"
          )
          .split(/\r\n|\r|\n/)
          .map
          .with_index(1) { |row, number| [number, row.gsub(/[[:space:]]+/, " ").strip] }
          .flat_map { |number, row| shortened(row).map { |part| [number, part] } }
          .reject { |_, row| row.empty? }
      end

      def shortened(row)
        return [row] if row.length <= LONGEST_ROW

        row.split(/(?<=[.!?]) /).flat_map { |sentence| cut(sentence) }
      end

      # At the last space before it gets too long, or anywhere where there is none.
      def cut(sentence)
        parts = []
        while sentence.length > LONGEST_ROW
          at = sentence.rindex(" ", LONGEST_ROW) || LONGEST_ROW
          parts << sentence[0...at]
          sentence = sentence[at..].lstrip
        end
        [*parts, sentence]
      end

      # Section "open" is where steps have begun without a heading: prose there is a step too.
      def lay_out(rows)
        section, heading = "list", nil
        lines =
          rows.each_with_index.flat_map do |(number, row), place|
            kind = kind_of(row, section, place)
            section, heading = (exactly?("steps", bare(row)) ? "steps" : "list"), row if kind == "heading"
            section = "open" if kind == "step" && section == "list"
            (kind == "ingredient" ? @pairs.apart(row) : [row]).map do |text|
              Line.new(row: number, text: text, kind: kind, heading: heading)
            end
          end
        lines.each.with_index(1) { |line, number| line.number = number }
      end

      def kind_of(row, section, place)
        return "title" if place.zero? && title?(row)
        return "heading" if heading?(row)
        return "step" if section == "steps"
        return "servings" if servings?(row, SERVINGS)
        return "note" if note?(row)

        step?(row) || sentence?(row) || (prose?(row) && section == "open") ? "step" : "ingredient"
      end

      # The first line is the title, unless it is plainly something else.
      def title?(row)
        if amount?(row) || row.match?(SERVINGS) || row.end_with?(":") || exactly?("list", bare(row)) ||
             exactly?("steps", bare(row))
          return false
        end

        servings?(row, IN_TITLE)
        true
      end

      def servings?(row, pattern)
        found = row.match(pattern) or return false
        number = found.captures.compact.first.to_i
        unless number.between?(1, MOST_SERVINGS)
          refuse(
            "#{Fault.shown(row)}: nobody is served.",
            "Write how many it serves, from 1 to #{MOST_SERVINGS}."
          )
        end
        @servings ||= number
        true
      end

      def heading?(row)
        return false if amount?(row) || row.match?(SERVINGS)

        plain = bare(row)
        row.match?(/\A#+\s|\A\*\*.+\*\*:?\z/) || row.end_with?(":") || exactly?("list", plain) ||
          exactly?("steps", plain) || plain.match?(/\Afor the \S+(?: \S+){0,3}\z/) ||
          (plain.split.size <= 2 && exactly?("dressing", plain.split.last.to_s))
      end

      def bare(row) = row.gsub(/\A#+\s*|\*\*|[:=_-]+\z/, "").strip.downcase
      def note?(row)
        @words.words("recipe_words", "notes").any? { |word| row.downcase.start_with?(word) } ||
          row.match?(/\A[^[:alnum:]]*\z/)
      end

      def step?(row)
        bare = row.sub(BULLET, "")
        first = bare[/\A[[:alpha:]]+/].to_s.downcase
        !amount?(bare) && @words.words("recipe_words", "verbs").include?(first) &&
          (bare.split.size > 3 || bare.end_with?("."))
      end

      def prose?(row) = row.split.size > 3 && row.end_with?(".")
      def sentence?(row) = row.split.size >= PROSE_WORDS && row.end_with?(".") && !amount?(row)

      def amount?(row)
        row.sub(BULLET, "").match?(
          /\A(?:[\d½¼¾⅓⅔⅛]|
             (?:a|an|one|two|three|four|five|six|half|pinch|handful|juice|zest|dash|glug|few|some)\b)/ix
        )
      end
      def exactly?(kind, bare) = @words.words("recipe_words", kind).include?(bare)

      def refuse(what, remedy) = raise(UnreadableAmount, Fault.new(what: what, where: "text", remedy: remedy))
    end
  end
end
