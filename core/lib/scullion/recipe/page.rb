# frozen_string_literal: true

module Scullion
  module Recipe
    # A written recipe laid out line by line: title, servings, headings, ingredients and steps.
    # Every line that is not blank is one of these; none is dropped.
    class Page
      # number: its place here; row: the line of the text it stands on, which may hold several foods; item: the
      # food that it is; into: where the section that it stands in goes
      Line = Struct.new(:number, :row, :text, :kind, :heading, :item, :into, keyword_init: true)

      BULLET = Rows::BULLET
      # So many words are no ingredient, where a full stop stands in them or a step begins with them.
      PROSE_WORDS = 8
      LONG_PROSE = 22
      AMOUNT =
        /\A(?:[\d½¼¾⅓⅔⅛.]|
             (?:a|an|one|two|three|four|five|six|half|pinch|handful|juice|zest|dash|glug|few|some|bunch|small|large|big|tin|
                bag|splash|squeeze|tsp|tbsp)\b)/ix.freeze
      SECTION = /\A(?<name>(?:for\s+)?(?:the\s+)?(?:[[:alpha:]]+\s+){0,2}?(?<word>%s))\s*(?<mark>[:=]|!+|\s-\s|\()(?<rest>.*)\z/i.freeze

      attr_reader :lines, :title, :servings

      # @param text [String] @param house [House]
      # @raise [UnreadableAmount] when there is nothing, or too much, to read
      def initialize(text, house)
        @lexicon, @items = house.lexicon, house.recipe_items
        @rows = Rows.new(text)
        @servings = Servings.new(@rows.texts).number
        @lines = lay_out
        number_lines
        @title = titled
      end

      def ingredients = lines.select { |line| line.kind == "ingredient" }
      def steps = lines.select { |line| line.kind == "step" }

      private

      def titled
        lines
          .find { |line| line.kind == "title" }
          &.then do |line|
            line.text.sub(Servings::IN_TITLE, "").gsub(
              /\Atitle:\s*|\Arecipe:\s*|\A[^[:alnum:]]+|[^[:alnum:])!?]+\z/i,
              ""
            )
          end
      end

      def number_lines = lines.each.with_index(1) { |line, number| line.number = number }

      # Section "open" is where steps have begun without a heading: prose there is a step too.
      def lay_out
        @section, @heading, @into = "list", nil, nil
        laid = @rows.each_with_index.flat_map { |row, place| laid_row(row, place) }
        poured(with_prose(laid))
      end

      # What the steps whisk together goes into the dressing, where no heading says so.
      def poured(laid)
        whisked = laid.select { |line| line.kind == "step" }.flat_map { |line| sentences(line.text) }
        keys = whisked.select { |text| sauce?(text) }.flat_map { |text| @items.of(text, prose: true).flat_map(&:foods) }
        laid.each do |line|
          next unless line.item&.food? && line.into.nil? && line.item.place.nil?

          line.into = "dressing" if (line.item.foods & keys).any? || squeezed?(line, whisked)
        end
      end

      def squeezed?(line, whisked)
        line.item.parts.any? && whisked.any? { |text| sauce?(text) && line.item.parts.any? { |part| text.match?(/\b#{part}\b/i) } }
      end

      def laid_row(row, place)
        kind = kind_of(row, place)
        return heads(row) if kind == "heading"
        if kind == "ingredient" && (found = section_of(row.text))
          return section(row, *found)
        end

        @section = "open" if kind == "step" && @section == "list"
        kind == "ingredient" ? foods(row) : [line(row, row.text, kind)]
      end

      def line(row, text, kind, item: nil)
        Line.new(row: row.number, text: text, kind: kind, heading: @heading, item: item, into: row.into || @into)
      end

      def heads(row)
        plain = bare(row.text)
        @section = steps_head?(plain) ? "steps" : "list"
        @heading, @into = row.text, into(plain)
        [line(row, row.text, "heading")]
      end

      # "Dressing: 3 Tbsp oil, 1 Tbsp vinegar" is a heading and what stands below it.
      def section_of(text)
        found = text.match(section_pattern)
        return unless found && found[:rest].match?(/[[:alpha:]]/)

        [found[:name], found[:rest]]
      end

      def section_pattern
        @section_pattern ||=
          Regexp.new(format(SECTION.source, Regexp.union(@lexicon.sections.keys).source), Regexp::IGNORECASE)
      end

      def section(row, name, rest)
        @heading, @into = name, into(bare(name))
        [line(row, name, "heading"), *foods(row, rest.sub(/\A[\s:=!(-]+/, ""))]
      end

      def into(plain)
        word = plain.split(/[^[:alpha:]]+/).reverse.find { |each| @lexicon.sections.key?(each) }
        @lexicon.sections[word]
      end

      # One line for each food of the row, in its own words; the row itself where there is none.
      def foods(row, text = row.text)
        plain = text.sub(BULLET, "")
        items = @items.of(plain).reject { |item| aside?(item) }
        return [line(row, text, remark?(plain) ? "note" : "ingredient", item: nothing(plain))] if items.empty?
        return [line(row, text, "ingredient", item: items.first)] if items.size == 1

        words = @items.plain(plain)
        items.map { |item| line(row, own_words(words, item), "ingredient", item: item) }
      end

      def own_words(words, item)
        words.byteslice(item.from...item.to).to_s.scrub("").sub(/[\s,;+&(]+\z/, "").sub(/\s+(?:and|n|w)\z/, "").strip
      end

      # Words in a row that holds foods, and are none.
      def aside?(item) = !item.food? && item.amount.nil? && item.parts.empty?

      def nothing(text)
        Items::Item.new(
          foods: [], words: {}, parts: [], others: [], flags: [], from: 0, unknown: text.split.map { |word| [word, 0] }
        )
      end

      # Said beside the list: without an amount, and nothing that sounds like a food.
      def remark?(text) = text.split.size > 4 || text.match?(/[?!]\z/) || !text.match?(/[[:alpha:]]{3}/)

      def kind_of(row, place)
        text = row.text
        return row.kind if row.kind
        return "title" if place.zero? && title?(text)
        return "heading" if heading?(text)
        return "servings" if text.match?(Servings::LINE)
        return "note" if note?(text)
        return "heading" if place < SHOUTED && shouted?(text)
        return "step" if @section == "steps"

        step?(text) ? "step" : "ingredient"
      end

      # Rows from the top in which capitals alone are a name of the dish.
      SHOUTED = 4
      def shouted?(text) = text.match?(/\A[^[:lower:]\d]{8,}\z/) && text.split.size > 1

      # The first line is the title, unless it is plainly something else.
      def title?(text)
        !amount?(text) && !text.match?(Servings::LINE) && !text.end_with?(":") && !listed?(bare(text)) &&
          !steps_head?(bare(text)) && !text.include?("\t")
      end

      def listed?(plain) = @lexicon.heading("list").include?(plain)
      def steps_head?(plain) = @lexicon.heading("steps").include?(plain)

      def heading?(text)
        return false if amount?(text) || text.match?(Servings::LINE)

        plain = bare(text)
        return true if text.match?(/\A#+\s|\A\*\*.+\*\*:?\z/) || text.end_with?(":") || listed?(plain) || steps_head?(plain)
        return true if plain.match?(/\Afor the \S+(?: \S+){0,3}\z/)

        section_name?(plain, text)
      end

      def food?(text) = @items.of(text).any?(&:food?)

      # "Onion pickle", "DRESSING (blender)": the name of a part, and nothing that is weighed.
      def section_name?(plain, text)
        return true if text.match?(/\A[[:upper:]]{4,}\b[^\d,]*\z/) && text.split.size <= 6 && !food?(text)

        name = plain.sub(/\(.*\)\z/, "").strip
        words = name.split
        words.size.between?(1, 3) && @lexicon.sections.key?(words.last) && !plain.match?(/\d\s*(?:g|ml|tsp|tbsp)\b(?!\s*=)/)
      end

      def bare(text) = text.gsub(/\A#+\s*|\*\*|[:=_!-]+\z/, "").strip.downcase

      def note?(text)
        first = text.downcase
        @lexicon.heading("notes").any? { |word| first.match?(/\A\W*#{Regexp.escape(word)}(?:\W|\z)/) && !amount?(text) } ||
          text.match?(/\A[^[:alnum:]]*\z/)
      end

      def step?(text)
        plain = text.sub(BULLET, "")
        words = plain.split.size
        return words >= LONG_PROSE && plain.match?(/[.!?](?:\s|\z)/) if listed_food?(plain)

        return true if begins_step?(plain) && (words > 3 || plain.end_with?("."))
        return true if words >= LONG_PROSE
        return true if words >= PROSE_WORDS && plain.match?(/[.!?](?:\s|\z)/) && !plain.match?(/\A\S+\.\s/)

        @section == "open" && words > 3 && plain.end_with?(".")
      end

      # An amount, or a name and its amount, at the beginning.
      BEHIND = %r{\A[^\d.!?]{3,32}?[\s:=!(-]\s*(?:x\s*)?(?:[\d½¼¾⅓⅔]+[\d\s./½¼¾-]*)(?:\s?(?:g|kg|ml|l|tsp|tbsp|t|T|c|cups?|oz|lbs?|tin|bunch\w*|small|lg|med|hd|
                    bags?|x|ea)\b|\s*(?:,|\z))}x.freeze

      def listed_food?(plain) = amount?(plain) || (!begins_step?(plain) && plain.match?(BEHIND))
      # "Salt the steak"; not "salt and pepper".
      def begins_step?(plain)
        first = plain[/\A[[:alpha:]]+/].to_s
        @lexicon.verbs.key?(first.downcase) && !plain.match?(%r{\A[[:alpha:]]+\s*(?:,|\band\b|[&+/:])})
      end

      def amount?(text) = text.sub(BULLET, "").match?(AMOUNT)

      # What only running text says: each food with an amount in it that no list holds. Where there is no list,
      # what has none is asked about too.
      def with_prose(laid)
        listed = laid.filter_map { |line| line.item&.foods }.flatten.to_h { |key| [key, true] }
        alone = listed.empty?
        laid.flat_map do |line|
          next [line] unless line.kind == "step" || (alone && %w[note title].include?(line.kind) == false && line.kind != "ingredient" && line.kind != "heading" && line.kind != "servings")

          [line, *said_in(line, listed, alone)]
        end
      end

      def said_in(line, listed, alone)
        sentences(line.text).flat_map do |sentence|
          items = @items.of(sentence, prose: true).select { |item| item.food? && (item.amount || item.piece || alone) }
          words = @items.plain(sentence)
          items.filter_map do |item|
            next if item.foods.any? { |key| listed.key?(key) }
            next unless alone || item.piece || item.container || item.amount.unit != :piece

            item.foods.each { |key| listed[key] = true }
            into = "dressing" if sauce?(sentence)
            Line.new(row: line.row, text: own_words(words, item), kind: "ingredient", heading: line.heading, item: item, into: into)
          end
        end
      end

      # What is done to a dressing alone.
      SAUCE =
        /\b(?:(?:whisk|emulsi|blitz|whizz)\w*|beat|shake\s(?:the|it|as|up|well|together)|mash\sgarlic|
            pound(?:ed)?\s(?:the|those|it|garlic|with)|dressing\swants|like\sa\smayonnaise)\b/ix.freeze

      def sauce?(sentence) = sentence.match?(SAUCE)
      def sentences(text) = text.split(/(?<=[.!?;])\s+/)
    end
  end
end
