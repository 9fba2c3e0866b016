# frozen_string_literal: true

module Scullion
  module Recipe
    # The foods of one row of a recipe, a line for each, and what is none. For Page, which it is a part of.
    module RowFoods
      DONE_WITH = /\A\W*(?<name>(?-i:[[:alpha:]][[:alpha:] ]{2,30}?))\s+[-–—]\s+(?=[[:alpha:]])/i.freeze

      SHARE_OF_IT =
        /\b(?:#{Shares::ANY})\s+(?:of\s+)?(?:the|your|that|this)\s+(?:dressing|sauce|vinaigrette)\b/i.freeze
      # Foods from which a list stands above.
      LISTED = 4
      UNWANTED = /\b(?:no|without|omit|skip|hold the|leave out the)\s+(?:(?-i:[[:alpha:]]+)\s+)?\z/i.freeze
      KEPT =
        /\A\W*#{Amount::Words::ROUGHLY}?(?:#{Shares::ANY})\s+
          (?:of\s+(?:it|them)\s+)?(?:for|on|over|to)\b/ix.freeze
      STRANGER = /\A\W*(?<word>[[:alpha:]]{4,}),\s+[[:alpha:]]/.freeze
      # "Tarragon, last second" in a dressing goes there late, and on no top.
      LATE = /\blast\s+(?:min|sec|minute|second|moment|thing)s?\b/i.freeze
      NOTHING_OF_IT = /\A\W*(?:no|without)\b(?!\.)/i.freeze

      # "Caesar – romaine 2 cases (24 heads), trimmed": the first food of the list stands behind the name.
      BEHIND_TITLE = /\A(?<title>[^\d:–—]{3,60})\s[–—-]\s(?<rest>[^–—]*\d.*)\z/.freeze

      private

      def done_again?(text) = said_again?(text) || done_with_listed?(text) || timed_again?(text)

      # "Eggs quartered on top" below the steps, of eggs that were listed above.
      def said_again?(text)
        return false unless @section == "open"

        items = @items.of(text).select(&:food?)
        items.any? && items.none?(&:amount) && items.all? { |item| listed?(item) }
      end

      # "Freekeh - toast dry 5 min, boil 25 min in 3 l water", "dressing - molasses, rest of the oil": what
      # becomes of what was listed above.
      def done_with_listed?(text)
        name = text[DONE_WITH, :name] or return false
        items = @items.of(text).select { |item| item.food? && item.foods != %w[water] }
        again = items.select { |item| item.amount.nil? && listed?(item) }
        return again.size > 1 if @lexicon.part?(name.downcase.strip)

        text.match?(Told::TIMED) && items.none?(&:amount) && again.include?(items.first)
      end

      # "Bulgur covered w boiling water 15 min, lid on, fork it" in a thread: a time, no amount, and nothing
      # that does not have its amount elsewhere.
      def timed_again?(text)
        if @section == "steps" || @listed.size < LISTED || text.split.size < StepRows::PROSE_WORDS
          return false
        end
        return false unless text.match?(Told::TIMED)

        items = @items.of(text.gsub(SHARE_OF_IT, "")).select(&:food?)
        eaten, beside = items.partition { |item| !beside?(item) }
        eaten.any? && items.none?(&:amount) &&
          eaten.all? { |item| listed?(item) || weighed_elsewhere.intersect?(item.foods) } &&
          beside.none? { |item| item.foods.intersect?(@lexicon.words("kept").fetch("dressing")) }
      end

      def beside?(item) = @lexicon.poured?(item.foods.first) || @lexicon.seasons?(item.foods.first)

      def weighed_elsewhere
        @weighed_elsewhere ||=
          @texts
            .flat_map { |text| @items.of(text, prose: true) }
            .select { |item| item.food? && item.amount }
            .flat_map(&:foods)
      end

      # "GF version: use 900 g cooked quinoa for 3 plates"
      def weighed_for_diet?(text)
        text.match?(Page::FOR_DIET) &&
          @items.of(text).any? { |item| item.food? && item.amount && !item.counted? }
      end

      def listed?(item)
        word = Lexicon.singulars(item.name).last
        @listed.any? { |key| item.foods.include?(key) || @lexicon.in_name?(key, word) }
      end

      # One line for each food of the row, in its own words; the row itself where there is none.
      def foods(row, text)
        plain = text.sub(Rows::BULLET, "")
        items = @items.of(plain).reject { |item| !item.food? && nothing_of?(item, plain) }
        return [line(row, text, "servings")] if row.text == served.row && items.none?(&:food?)
        return [without_food(row, text, plain)] if items.empty?

        items.each { |item| @listed.merge(item.foods) }
        for_each = [Page::EACH_PLATE, Page::PART_EACH].any? { |pattern| row.text.match?(pattern) }
        items.each { |item| item.flags << :per_head } if @per_head || for_each
        items.each { |item| item.flags << :prepared } if @net && !plain.match?(DoneToIt::AS_BOUGHT)
        late_into_dressing(items) if @into == "dressing" && plain.match?(LATE)
        words = @items.plain(plain)
        items = without_unwanted(items, words)
        listed =
          items.map do |item|
            own = items.one? ? text : Page.own_words(words, item)
            unwanted?(item, words) ? line(row, own, "note") : line(row, own, "ingredient", item: item)
          end
        stranger = stranger_ahead(plain, items)
        stranger ? [without_food(row, stranger, stranger), *listed] : listed
      end

      def late_into_dressing(items)
        items.each { |item| item.place = nil if item.place == "top" }
      end

      # "Espelette, chives": what nobody knows, at the head of things to taste. @return [String, nil]
      def stranger_ahead(plain, items)
        word = plain[STRANGER, :word] or return
        first = items.first
        if items.all? { |item| item.amount.nil? && item.food? } &&
             first.unknown.any? { |each, *| each == word }
          word
        end
      end

      # No amount, or only what is kept back: "I hold back a third for the top".
      def nothing_of?(item, plain)
        return item.parts.empty? if item.amount.nil?

        Page.own_words(@items.plain(plain), item).match?(KEPT)
      end

      # "Cubes, pan, no oil, 6 min": all of that is said of what stands before.
      def without_unwanted(items, words)
        items.each_with_object([]) do |item, all|
          next all << item unless all.any? && unwanted?(item, words)

          all.last.to = item.to
        end
      end

      # "No lettuce": said of what is not in it.
      def unwanted?(item, words)
        item.amount.nil? && item.food? &&
          words.scrub[/\A.*?(?=#{Regexp.escape(item.name)})/].to_s.match?(UNWANTED)
      end

      def said_beside?(plain) = @kinds.remark?(plain) || plain.match?(NOTHING_OF_IT)

      def without_food(row, text, plain)
        item = Item.begun(0)
        item.unknown = plain.split.map { |word| [word, 0, true] }
        line(row, text, said_beside?(plain) ? "note" : "ingredient", item: item)
      end

      # A food by weight or by what it comes in, that no other row has.
      def title_and_food(row)
        found = row.text.match(BEHIND_TITLE)
        items = found ? @items.of(found[:rest]).select(&:food?) : []
        return [line(row, row.text, "title")] unless items.one? && set_out?(items.first)

        others = (@texts - [row.text]).flat_map { |text| @items.of(text).flat_map(&:foods) }
        return [line(row, row.text, "title")] if others.intersect?(items.first.foods)

        [line(row, found[:title], "title"), *foods(row, found[:rest])]
      end

      def set_out?(item) = item.amount && (!item.counted? || item.piece || item.container)
    end
  end
end
