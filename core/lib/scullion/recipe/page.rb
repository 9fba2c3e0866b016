# frozen_string_literal: true

module Scullion
  module Recipe
    # A written recipe laid out line by line: title, servings, headings, ingredients and steps.
    # Every line that is not blank is one of these; none is dropped.
    class Page
      include PartsInRows
      include RowFoods
      include ToldOnPage

      # number: its place here; row: the line of the text it stands on, which may hold several foods; item:
      # the food that it is; into: where the section that it stands in goes
      # topped: all of it is for the top because the steps say so; kept: the share of it that is
      Line =
        Struct.new(:number, :row, :text, :kind, :heading, :item, :into, :topped, :kept, keyword_init: true) do
          # @param place [String, nil] where the steps put it
          def told_into(place) = (self.into, self.topped = place, place == "top")
          # Kept for the top, by its own words or by the steps. @return [Float, nil] 0 to 1
          def held = item.held || kept
        end

      # What one of those who are served gets.
      SERVED =
        "plate|person|head|portion|cover|guest|bowl|box|pot|tub|jar|unit|serving|serve|cup|pack|tray|glass|" \
          "lunch|child|pax".freeze
      # Said of a whole list: its amounts are for each who is served.
      EACH_PLATE =
        /\A\W*(?:all\s+)?(?:(?:amounts?|quantities|everything|weights?)\s+)?(?:is\s+|are\s+)?
          (?:per|for\s+each|on\s+each|each)\s+
          (?:#{SERVED})\b/ix.freeze

      # "P/U: labneh 50 g, 3 carrots, dukkah 8 g": what goes on a plate, at the pass.
      PICKED_UP =
        %r{\A\W*(?:p/?u|pick[- ]?up|plate(?:[- ]?up)?|plating|to\s+plate|per\s+plate|pass)\s*:\s}i.freeze

      # Said in the title: "Lentils and egg, per plate (24 tonight)".
      FOR_A_PLATE =
        /(?:[,(–—-]|\A(?-i:[[:alpha:]]+))\s*(?:(?:amounts?|quantities|weights?)\s+(?:(?:is|are)\s+)?)?
          (?:per|for\s+(?:each|one))\s+(?:#{SERVED})\b|\bunit\s+weights?\b/ix.freeze
      # "10 covers, amounts per head"
      AMOUNTS_EACH =
        /\b(?:amounts?|quantities|weights?|everything)\s+(?:(?:is|are)\s+)?(?:per|for\s+(?:each|one))\s+
          (?:#{SERVED})\b|\bunit\s+weights?\b/ix.freeze
      # "All weights per pot.": a row that says nothing else holds for what stands above it too.
      ALL_EACH = /\A\W*(?:(?:all|note|nb)\b\W*)*#{AMOUNTS_EACH.source}\W*\z/ix.freeze
      PART_FOR =
        /\A\W*(?<name>(?-i:[[:alpha:]][[:alpha:]\ ]{2,30}?))\s+for\s+(?:all\s+)?
          (?<many>\d{1,4})\s*:\s+/ix.freeze
      # "Vegan x9: white bean purée 60 g each", "NUT FREE x4: pumpkin seeds instead"
      FOR_DIET =
        /\A\W*(?:gf|df|vegan|veggie|veg)\s+(?:pair|couple|one|two|lot|guests?|pax|option
              |version|tray|platter|bowl|plate|batch|table)\b.*:
         |\A\W*(?:vegans?|veggies?|veg|gf|df|coeliacs?|(?:nut|dairy|gluten|egg|fish)[- ]free)\s*
          (?:[x×]\s?\d+|\(\d+\))[^:]{0,12}:/ix.freeze
      # "Veg per box: 80 g cabbage, 60 g carrot"
      PART_EACH = /\A\W*(?-i:[[:alpha:]]{2,12}\s+){1,2}(?:per|each)\s+(?:#{SERVED})\s*:/i.freeze
      # A kitchen's own list, whose weights are of what is trimmed and cut already.
      NET =
        /\bprep\s+list\b|\b(?:wts?|weights?)\b[^\n.]{0,20}\b(?:trimmed|net|prepped|prepared|EP)\b
          |\b(?:net|prepped|trimmed|EP)\s+(?:wts?|weights?|g)\b/ix.freeze

      # What is said on a row with a weight is said of that row.
      HEAVY = /\d\s*(?:#{WeighedHow::UNIT})\b/i.freeze

      # served: what is said of whom it serves
      # Words to a row that heads what stands right below it.
      BLOCK_WORDS = 4
      CUT_SHORT = /(?<![[:alpha:].])[[:alpha:]]{3,7}\.(?=\s\d)/.freeze
      LOUD_LABEL = %r{\A[[:upper:]]{3,12}\s+(?=[[:lower:]][^:\d]*\d[^:]*[/,+;|][^:]*\d)}.freeze

      attr_reader :lines, :title, :served, :lexer

      # @param text [String] @param house [House]
      # @raise [UnreadableAmount] when there is nothing, or too much, to read
      def initialize(text, house)
        @lexicon, @net =
          house.lexicon,
          text.to_s.scrub.lines.any? { |row| row.match?(NET) && !row.match?(HEAVY) }
        @lexer = house.recipe_lexer(OwnMeasures.new(text.to_s.scrub, house.measures))
        @items = Items.new(@lexer)
        rows = Rows.new(text)
        rows.each { |row| row.text = in_full(row.text) }
        @kinds = Kinds.new(@lexicon, @items, rows.texts)
        @served =
          Servings.new(
            rows.texts.each_with_index.map { |row, place| @kinds.of_foods?(row, place) ? "" : row }
          )
        listed = AmongLines.new(lay_out(rows), @lexicon, servings).lines
        listed = Divided.new(ToldAmounts.new(listed, @items).lines, @items).lines
        @lines =
          RestOfIt.new(Prose.new(listed, @items).lines, @items, house.practice.fetch("reading/most")).lines
        lines.each.with_index(1) { |line, number| line.number = number }
        @title = titled
      end

      # @return [Integer, nil]
      def servings = served.number

      def ingredients = lines.select { |line| line.kind == "ingredient" }
      def steps = lines.select { |line| line.kind == "step" }

      # What its steps are read with once more, as they stand, by the measures that it means itself.
      # @return [Items]
      def told_items = @told_items ||= Items.new(lexer)

      # The words of a line that are of one of its foods. @param plain [String] the line as its items have it
      def self.own_words(plain, item)
        words = plain.byteslice(item.from...item.to).to_s.scrub("")
        words.sub(/[\s,;+&(]+\z/, "").sub(/\s+(?:and|n|w)\z/, "").strip
      end

      private

      # "Horser. 20 g": the stop of a word that is cut short, and that nobody knows, ends no sentence.
      def in_full(text)
        text
          .sub(LOUD_LABEL) { |found| labelled(found) }
          .gsub(CUT_SHORT) { |found| known?(Lexicon.fold(found.chop)) ? found : found.chop }
      end

      def known?(word)
        @lexicon.aside?(word) || @lexicon.verbs.key?(word) || @lexicon.roles([word]).any? ||
          !@lexicon.food([word]).nil?
      end

      # "DRSG  buttermilk 350 / vinegar 40": a label, though it has no colon.
      def labelled(said)
        word = said.strip
        @lexicon.sections.key?(word.downcase) ? "#{word}: " : said
      end

      def titled
        titles = lines.select { |line| line.kind == "title" }
        title = titles.find { |line| line.text.match?(Kinds::NAMED) } || titles.first or return
        quoted = titles.filter_map { |line| line.text[Kinds::QUOTED, :dish] }.first and return quoted
        title
          .text
          .sub(Servings::IN_TITLE, "")
          .gsub(
            /\A(?:title|subject|re|recipe|dish|item|recipe name):\s*|\A[^[:alnum:]]+|[^[:alnum:])!?]+\z/i,
            ""
          )
          .sub(/\s*[^[:alnum:]\s]*\s+(?:per|yields?|serves|makes|feeds|portions?)\z/i, "")
      end

      def lay_out(rows)
        @section, @heading, @into, @signed, @texts = "list", nil, nil, false, rows.texts
        @all_each = rows.any? { |row| row.text.match?(ALL_EACH) }
        @per_head, @listed = @all_each, Set.new
        last = 0
        following = rows.to_a.drop(1)
        said_before = rows.take_while { |row| @kinds.before_title?(row.text) }.size
        rows.each_with_index.flat_map do |row, index|
          place = index - said_before
          # The next column begins: what stands above it in the text is not its heading.
          @heading = @into = nil if row.number < last || (@in_one_row && row.number > last + 1)
          apart = row.number > last + 1
          last = row.number
          row, for_others = without_number(row)
          kind = "ingredient" if weighed_for_diet?(row.text)
          kind = "heading" if over_list?(row, following[index]) ||
            (apart && over_block?(row, following[index, 2]))
          kind = "note" if place.negative?
          lines = laid(row, row.kind || kind || @kinds.of(row.text, place, @section))
          lines.filter_map(&:item).each { |item| item.flags << :for_some } if for_others
          lines
        end
      end

      # "Sherry vinaigrette 750 ml", with what is in it set in below.
      def over_list?(row, below)
        return false unless row.indent && below&.indent && below.indent > row.indent

        last =
          row.text.sub(/\s[\d½¼¾.,]+\s?[[:alpha:]]{0,3}\W*\z/, "")[/([[:alpha:]]+)\W*\z/, 1].to_s.downcase
        @lexicon.sections[last] == "dressing" &&
          @items.of(row.text).all? { |item| item.amount || !item.food? } && row.text.match?(/\d/)
      end

      # "In the blender", apart from what stands above it, and right over rows of foods with their amounts.
      def over_block?(row, below)
        if row.text.match?(%r{[\d.,;:/]}) || !row.text.match?(/[[:alpha:]]{4}/) ||
             row.text.split.size > BLOCK_WORDS || below.size < 2
          return false
        end
        return false if [row, *below].each_cons(2).any? { |one, other| other.number != one.number + 1 }

        @items.of(row.text).none?(&:food?) && below.all? { |each| weighed?(each.text) }
      end

      # "Gribiche for 20: 6 eggs": it is the name of a part, and what is for another number is asked about.
      # @return [Array(Rows::Row, Boolean)] without the number, and whether it is another than that of all
      def without_number(row)
        return row, true if row.text.match?(FOR_DIET)

        found = row.text.match(PART_FOR) or return row, false
        part = row.dup.tap { |own| own.text = "#{found[:name]}: #{found.post_match}" }
        [part, found[:many].to_i != servings]
      end

      def laid(row, kind)
        @signed = (@signed || @kinds.signs?(row.text)) && (kind != "ingredient" || !weighed?(row.text))
        return [line(row, row.text, "note")] if @signed && kind == "ingredient"

        kind = "step" if kind == "ingredient" && done_with?(row.text)

        leave_indented(row)
        @per_head = true if kind == "title" && row.text.match?(FOR_A_PLATE)
        @per_head = @all_each = true if each_of_all?(row.text, kind)
        return each_plate(row) if kind != "step" && row.text.match?(EACH_PLATE) && !food?(row.text)

        case kind
        when "heading"
          begin_part(row.text, row.indent)
          [line(row, row.text, kind), *(foods(row, row.text.chomp(":")) if heads_its_food?(row.text))]
        when "title"
          title_and_food(row)
        when "ingredient"
          part_and_foods(row)
        else
          @section = "open" if kind == "step" && @section == "list"
          [line(row, row.text, kind)]
        end
      end

      # Is it told of what was listed above, or how that is laid?
      def done_with?(text) = done_again?(text) || plated?(text)

      # Said of all that is listed, below its headings too.
      def each_of_all?(text, kind)
        kind != "step" && text.match?(AMOUNTS_EACH) && (kind == "title" || !food?(text))
      end

      # "Walnuts, 10 halves per plate - spiced:" heads what is done with them, and is how many there are.
      def heads_its_food?(text)
        text.end_with?(":") && @into.nil? &&
          @items.of(text).any? { |item| item.food? && item.amount && (!item.counted? || item.piece) }
      end

      # "Per plate: 4 halves of potato, 1 egg" below a list that has them all: how it is laid.
      def plated?(text)
        return false if @listed.empty? || @per_head || !(text.match?(EACH_PLATE) || text.match?(PICKED_UP))

        foods = @items.of(text).select(&:food?)
        listed =
          foods.count { |item| item.foods.any? { |key| @listed.include?(key) || picked_up?(text, key) } }
        foods.any? && (listed == foods.size || (text.match?(PICKED_UP) && listed * 2 > foods.size))
      end

      # At the pass cheese and nuts are called by their kind.
      def picked_up?(text, key)
        text.match?(PICKED_UP) && @listed.any? { |other| @lexer.lexicon.kin?(other, key) }
      end

      # What is set in below a heading ends where the text goes back to its margin.
      def leave_indented(row)
        return unless @heading && row.indent

        @set_in = row.indent > @margin if @set_in.nil?
        return unless @set_in && row.indent <= @margin

        @heading = @into = nil
      end

      # Its amounts are for each who is served, until the next heading.
      def each_plate(row)
        @per_head = true
        [line(row, row.text, "note")]
      end

      def line(row, text, kind, item: nil)
        Line.new(
          row: row.number,
          text: text,
          kind: kind,
          heading: @heading,
          item: item,
          into: row.into || @into
        )
      end

      def begin_part(heading, margin)
        @margin, @set_in = margin.to_i, nil
        plain = @kinds.bare(heading)
        @section = @kinds.steps_heading?(plain) ? "steps" : "list"
        @heading, @into = heading, @kinds.into(plain)
        @per_head = @all_each || heading.match?(EACH_PLATE) || heading.match?(FOR_A_PLATE)
        @in_one_row = false
      end

      # Is there a food or an amount in it?
      def weighed?(text) = @items.of(text).any? { |item| item.food? || item.amount }

      def food?(name) = @items.of(name).any?(&:food?)
    end
  end
end
