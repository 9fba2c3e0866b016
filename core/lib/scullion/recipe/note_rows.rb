# frozen_string_literal: true

module Scullion
  module Recipe
    # Rows that are said beside a list: a greeting, what a portion counts as, a remark in brackets, the heads
    # of a table. For Kinds, which it is a part of.
    module NoteRows
      GREETING =
        /\A(?:hi|hello|hey|dear|hiya|(?:good\s+)?(?:morning|afternoon|evening))\b[^\d:]{0,40}\z/i.freeze
      # "Dear team, the recipe for the christening as promised.": a letter's first row.
      LETTER = /\A(?:dear|hi|hiya|hello|hey)\b[^,]{0,24},\s+\D*\z/i.freeze
      # "Portion: 250 g + 40 g dressing": how large one is.
      PORTION =
        /\A\W*portions?\s*:?\s*\d{1,4}\b.*\bportion\s+(?:weight|size)\b
         |\A\W*(?:portion|serving)(?:\s+size)?\s*[:=]\s*\d[\d.,]*\s?(?:g|ml|oz)\b
          (?:\s*\+\s*\d[\d.,]*\s?(?:g|ml|oz)\b)?(?:\s+(?-i:[[:alpha:]]+)){0,3}\W*\z/ix.freeze
      # Who wrote it down, and to whom: a card's first row, a mail's head.
      WRITTEN_BY =
        /\A\W*(?:from\s+the\s+(?:kitchen|recipe\s+box)\s+of|recipe\s+(?:by|from)
          |(?:from|to|cc|bcc|sent|date)\s*:)/ix.freeze
      PAGE = /\A\W*(?:p(?:age|\.)?\s*)?\d{1,3}\W*\z/i.freeze
      # Said back in a thread.
      HEARD = /\A(?:fine|ok|okay|great|thanks|ta|perfect|cool|noted|will do|got it|lovely|done)\W*\z/i.freeze
      # "Carl - please can you bring bread?", "who's bringing the wine?"
      ASKED_TO_BRING =
        /\b(?:can|could|will|would)\s+(?:you|someone|anyone|somebody)\b[^\d]*\bbring\b[^\d]*\z
         |\bwho(?:'s|\s+is)\s+bringing\b[^\d]*\z/ix.freeze
      # "The nectarine one": which salad is meant.
      THE_ONE = /\Athe\s+(?:\S+\s+){1,2}(?:one|salad)\W*\z/i.freeze
      MINUTES =
        /\A\W*(?:#{Amount::Words::NUMBERS.keys.join("|")}|\d+)\s+(?:minutes?|hours?|mins?)\W*\z/i.freeze
      # "For 4-5. Next time: + orange zest"
      NEXT_TIME = /(?:\A\W*|[.;]\s+)(?:next|last)\s+time\b/i.freeze
      # What a portion counts as, by a canteen's own rules.
      COUNTS_AS = %r{\b(?:M/MA|oz\s?eq|veg(?:etable)?\s+\d/\d\s+cup|creditable|meal\s+pattern)\b}i.freeze
      # "Macros/jar: 410 kcal, P38 C34 F12"
      NUTRITION = /\A\W*(?:macros?|nutrition(?:al)?)\b.*\d\s?k?(?:cal|j)/i.freeze
      # What a card of this house says below its steps.
      BELOW_STEPS = /\A(?:A\s+serving:\s[\d,]+\s(?:kJ|kcal)|As\s+written\.\s.*[“"])/.freeze
      # "Dept: cold prep  Item: pasta salad  Batch: 25 portions": the head of a form.
      FORM =
        /\b(?:dept|department|item|batch|date|ref|rev|section|code|site|unit|prepared by|chef):\s/i.freeze
      # "Par 32 ptns   shelf life D+1"
      KEPT_TILL = /\b(?:shelf[\s-]?life|use[\s-]by|best[\s-]before|day\s?\+\s?\d|D\s?\+\s?\d)\b/i.freeze
      ANOTHER_TIME = Regexp.union(NEXT_TIME, KEPT_TILL).freeze
      # "Low salt: no added salt"
      NONE_ADDED =
        /\A\W*(?:low(?:er)?|reduced)[\s-](?:salt|sodium|sugar|fat)\s*(?::|\W*\z)
         |\A(?:[^,;.]*:\s*)?no\s+(?:added|extra|further)\b/ix.freeze
      # "NO onion (yr 3)": what is not in it.
      NONE_OF_IT =
        /\A\W*no\s+(?<food>(?-i:[[:alpha:]]+(?:\s+[[:alpha:]]+)?))\s*(?:[,;.!(–-](?<rest>.*))?\z/i.freeze
      TOTAL = /\A\W*(?:[\d.,]+\s*(?:k?g|m?l)\s+)?(?:sub-?|grand\s+)?totals?\b[^[:alpha:]]*\z/i.freeze

      # Does it stand before what the dish is called: who wrote it, or the page of a book?
      def before_title?(text) = text.match?(PAGE) || written_by?(text)

      # "Anchovies – no, she's allergic"; not "eggs – no. 12".
      REFUSED =
        /\A\W*(?-i:[[:alpha:]'’ ]{3,30}?)\s*[–—:-]\s*no(?:pe)?
          (?=\s*(?:[,;!)]|\z|thanks|thank|ta\b))[^\d]*\z/ix.freeze
      ORDERED = /\A\W*tip\s+(?:in|into|out|over|onto|it|them|all|everything|the)\b(?!\s*[:–—-])/i.freeze

      private

      def written_by?(text) = text.match?(WRITTEN_BY) && !weighed?(text)

      # "Item   Amt   Notes"
      def heads?(text)
        words = text.split
        words.size > 1 && words.all? { |word| Table::HEADS.values.any? { |pattern| word.match?(pattern) } }
      end

      # "(she made it for sixty, out of one bowl)", "(nuts can be done on Friday)": said beside the list.
      def remark_in_brackets?(text)
        text.match?(/\A\W*\([^()]*\)\W*\z/) && !serves?(text) &&
          @items.of(text).none? { |item| item.food? && item.amount }
      end

      def none_of_it?(text)
        found = text.match(NONE_OF_IT) or return false
        @items.of(found[:food]).any?(&:food?) && @items.of(found[:rest].to_s).none?(&:food?)
      end

      def letter?(text) = text.match?(LETTER) && !weighed?(text)

      def note?(text)
        return true if text.match?(/\ballergens?\s*:/i)
        return true if text.match?(TOTAL) || text.match?(NUTRITION) || written_by?(text)
        return true if none_of_it?(text)
        return true if text.match?(PORTION) || text.match?(BELOW_STEPS) || text.match?(Servings::WE_ARE)
        return true if text.match?(ANOTHER_TIME) && !weighed?(text)
        return true if text.match?(NONE_ADDED) && !amount?(text)
        if text.match?(/\A[^[:alnum:]]*\z/) || text.match?(GREETING) || letter?(text) || heads?(text)
          return true
        end
        return true if (!amount?(text) && text.match?(COUNTS_AS)) || text.scan(FORM).size > 1
        if text.match?(ASKED_TO_BRING) || text.match?(MINUTES) || text.match?(THE_ONE) ||
             text.match?(HEARD) || remark_in_brackets?(text)
          return true
        end
        return true if text.match?(REFUSED)
        return part_between_dashes?(text) == false if text.match?(Kinds::DASHED)

        # "Tip 2 x 400 g tins of beans into a bowl", "tip in the beans" are no tips.
        !amount?(text) && @lexicon.note?(text) && !text.match?(ORDERED) &&
          !(begins_step?(text) && weighed?(text))
      end
    end
  end
end
