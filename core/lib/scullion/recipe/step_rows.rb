# frozen_string_literal: true

module Scullion
  module Recipe
    # Whether a row of a recipe is a step, by its words. For Kinds, which it is a part of.
    module StepRows
      # Words from which a row with a full stop in it, or any row, is no ingredient.
      PROSE_WORDS, LONG_PROSE = 8, 22
      # A name and its amount, at the beginning.
      BEHIND =
        %r{\A[^\d.!?]{3,32}?[\s:=!(-]\s*(?:x\s*)?(?:[\d½¼¾⅓⅔]+[\d\s./½¼¾-]*)
             (?:\s?(?:g|kg?|ml|l|tsp|tbsp|t|T|c|cups?|oz|lbs?|tin|bunch\w*|small|lg|med|hd|bags?|x|ea)\b
               |\s*(?:,|\z))}x.freeze
      COUNTED_BEHIND =
        %r{\A(?-i:[[:alpha:]]+)\s+
          (?!(?:an?|the|half|in|for|with|at|all|until|to|and|your|this|these|off|up|out)\b)
          (?:(?-i:[[:alpha:]]+)\s+){1,2}
          (?:x\s*)?\d[\d.,/½¼]*\s?
          (?:k?g|lbs?|\#|oz|l|ml|bun\w*|hds?|heads?|cs|ea|x|pcs?|bags?|tins?|punnets?)\b
          (?!\s*(?:min|h(?![[:alpha:]])))}ix.freeze
      # "Leeks: Six, white part only"
      SPELLED_BEHIND =
        /\A[^\d.!?:,]{3,32}[:,]\s+
          (?i:(?:(?:half\s+)?an?\s+)?(?:#{Amount::Words::NUMBERS.keys.grep_v(/\Aan?\z/).join("|")}))
          \s*(?:[,;]|\z)/x.freeze
      # "Courgette 1000 / aubergine 1000 / pepper 800 (all 2 cm, roast hot 20 min)"
      STROKED =
        %r{\A[[:alpha:]][^\d:./]{2,30}\s\d[\d.,]*\s?(?:k?g|ml|l)?\s*/\s*
             [[:alpha:]][^\d:./]{2,30}\s\d}x.freeze
      # Foods with an amount behind the name of a part, wherever it stands, up to which it may be told of.
      LISTED = 3
      # "Red on. ×2", "spr. on. 3": what is cut short, and how many.
      CUT_SHORT = /\A(?:(?-i:[[:alpha:]]+)\.?\s+)?(?-i:[[:alpha:]]+)\.\s+[x×]?\s?[\d½¼¾⅓⅔]/i.freeze
      # Words to a label, and to a food behind it.
      LABEL_WORDS = 5
      # Before the verb of a step.
      NEXT = /\A(?:(?:and\s+)?then|next|meanwhile|now|finally|first(?:ly)?|lastly|after that)\b,?\s+/i.freeze
      # "Eggs quartered on top" is told of the eggs.
      ON_IT = /\A(?!for\b|to\b).*\b(?:on|over)\s+(?:the\s+)?top\z/.freeze
      # "Salt and pepper" is no step.
      VERB_BESIDE = %r{\A[[:alpha:]]+\s*(?:,|\band\b|[&+/:=])}.freeze
      TWO_VERBS = /\A(?-i:[[:alpha:]]+),?\s+and\s+(?-i:[[:alpha:]]+)(?=\s+[[:alpha:]])/i.freeze
      COUNTED_STEP = /\A\d{1,2}\s+[[:upper:]][[:lower:]]+(?:\s+\S+){3}/.freeze
      NUMBERED_STEP = /\A\W*step\s+(?:\d{1,2}|one|two|three|four|five|six)\W*\z/i.freeze
      NUMBERED = /\A\d{1,2}[.)]\s/.freeze
      # "Roast veg: courgettes 5 kg, peppers 4 kg", "dress = 1.2 l oil / 400 ml vinegar": a list behind its
      # label.
      LABELLED =
        /\A[^:=\d.]{3,24}\s?[:=]\s
         (?:[^.!?]*?[\d½¼¾⅓⅔]\s?
            (?:k?g|ml|l|oz|lbs?|tsps?|tbsps?|tbs|cups?|cloves?|bunch(?:es)?)\b){2}/ix.freeze
      # "For the lentils" heads what stands below it, wherever it stands.
      FOR_PART = /\Afor the (?-i:[[:alpha:]]+)(?: (?-i:[[:alpha:]]+))?:?\z/i.freeze
      # "Gas 5, 1 hr."
      HOT =
        /\A(?:gas|fan|oven)\s(?:mark\s)?\d
          |\A(?:(?-i:[[:alpha:]]+)\s)?\d{3}\s?(?:°?\s?[CF]\b|fan\b|°)/ix.freeze
      # "Half the dressing over the courgettes", "the rest of the sauce on top": what becomes of it.
      SHARED =
        /\A#{Amount::Words::ROUGHLY}?
         (?:#{Shares::ANY}|most|all|(?:the\s+)?(?:rest|remainder))\s+(?:of\s+)?
         (?:(?:the|your|that|this)\s+(?:\S+\s+)?
            (?:dressing|vinaigrette|sauce|marinade|mix(?:ture)?)\b\s+[[:alpha:]]
           |(?:dressing|vinaigrette|sauce|marinade)\b\s*[↔→>]\s*[[:alpha:]])/ix.freeze
      # "½ dress the wheat hot", "half the walnuts go on the top"
      SHARE_DONE =
        /\A(?:[½⅓⅔¼¾]|half|a\s+third|two\s+thirds|most)\s+
          (?:(?:of\s+)?the\s+(?:(?-i:[[:alpha:]]+)\s+){1,2}?(?:go(?:es)?|on|over|over\s+the)\b
            |(?:dress|toss|go(?:es)?|on|over|now)\b)/ix.freeze

      SO_MUCH =
        %r{\A(?<food>[[:alpha:]]+)\s+[\d½¼¾⅓⅔][\d.,/½¼¾]*\s?
           (?:k?g|ml|l|oz|lbs?|tsps?|tbsps?|tbs|T|cups?)\b\s*(?:[,;+&/(]|\z)}x.freeze
      DASHED_ROW = /\A\s*[-–•*]\s+[[:alpha:]]/.freeze

      private

      def step?(text, section)
        plain = text.sub(Rows::BULLET, "")
        words = plain.split.size
        return false if [LABELLED, STROKED].any? { |pattern| plain.match?(pattern) }
        return false if part_listed?(plain) || named_list?(plain)
        return false if section == "list" && listed_weight?(text)
        return true if [HOT, SHARED, SHARE_DONE].any? { |pattern| plain.match?(pattern) }
        return true if text.match?(COUNTED_STEP) && numbered_step?(text)
        return words >= LONG_PROSE && Sentences.ends?(plain) if listed_food?(plain)
        return false if counted_behind_verb?(plain)
        return true if verbs_alone?(plain)
        if begins_step?(plain) && (words > 3 || plain.end_with?(".", "!") || text.match?(NUMBERED))
          return true
        end
        return true if words >= LONG_PROSE || told?(plain, words)

        section == "open" && words > 3 && plain.end_with?(".")
      end

      # "- roast carrots from Sunday, call it 1 kg": one of a list, and nothing that is done.
      def listed_weight?(text)
        text.match?(DASHED_ROW) && text.match?(WeighedHow::WEIGHT) && !text.match?(Told::TIMED) &&
          !text.match?(/\b\d{3}\b(?!\s?(?:k?g|ml)\b)|[.;]\s/)
      end

      # "Top on the day: sesame (1 tsp each), nori.": nothing but foods behind a label.
      def named_list?(plain)
        label, list = plain.split(/:\s+/, 2)
        return false if list.nil? || label.match?(/[\d.,;]/) || label.split.size > LABEL_WORDS

        parts = list.gsub(/\([^()]*\)/, "").split(/\s*[,;]\s*/)
        parts.size > 1 && parts.all? { |part| food_alone?(part) }
      end

      def food_alone?(part)
        words = part.split
        words.size <= LABEL_WORDS && !@lexicon.verbs.key?(words.first.to_s.downcase) &&
          @items.of(part).one?(&:food?)
      end

      # "For the dressing: 4 Tbsp oil; zest and juice of 1 orange; flaky salt."
      def part_listed?(plain)
        rest = plain.match(@lexicon.part)&.[](:rest)&.lstrip or return false
        weighed = @items.of(rest).count { |item| item.food? && item.amount }
        weighed > LISTED || (weighed > 1 && (amount?(rest) || rest.scan(/\s\+\s/).size > 1))
      end

      def told?(plain, words)
        words >= PROSE_WORDS && Sentences.ends?(plain.tr(";", ",")) && !plain.match?(/\A\S+\.\s/) &&
          !plain.match?(CUT_SHORT) && !plain.match?(WholeLine::TAKEN_BACK)
      end

      def listed_food?(plain)
        amount?(plain) ||
          (!begins_step?(plain) && [BEHIND, SPELLED_BEHIND].any? { |pattern| plain.match?(pattern) })
      end

      # "2 Stir in the chickpeas", not "2 slices of bread"
      def numbered_step?(text)
        word = Lexicon.fold(text[/[[:upper:]][[:lower:]]+/])
        @lexicon.verbs.key?(word) && @lexicon.roles([word]).empty? && @lexicon.food([word]).nil?
      end

      # "Blanch asp 6 bun, shock": how much of it there is, told in the fewest words.
      def counted_behind_verb?(plain)
        plain.split.size <= PROSE_WORDS && begins_step?(plain) && plain.match?(COUNTED_BEHIND)
      end

      # "Salt the steak"; not "salt and pepper".
      def begins_step?(plain)
        plain = plain.sub(NEXT, "")
        first = plain[/\A[[:alpha:]]+/].to_s
        @lexicon.verbs.key?(first.downcase) && (!plain.match?(VERB_BESIDE) || two_verbs?(plain)) &&
          !food_by_name?(plain) && !so_much_of_it?(plain)
      end

      # "Salt 60 g, pepper 10 g": so much of what the verb is as well.
      def so_much_of_it?(plain)
        first = plain[SO_MUCH, :food]
        !first.nil? && !@lexicon.food([first.downcase]).nil?
      end

      # "Rest, slice."
      def verbs_alone?(plain)
        verbs = plain.downcase.scan(/[[:alpha:]]+/) - %w[and then]
        verbs.size > 1 && verbs.all? { |verb| @lexicon.verbs.key?(verb) && @lexicon.food([verb]).nil? }
      end

      # "Rinse and cook the quinoa"; not "salt and pepper", "spice and toast".
      def two_verbs?(plain)
        plain[TWO_VERBS]
          .to_s
          .downcase
          .split(/,?\s+and\s+/)
          .then do |both|
            both.size == 2 && both.all? { |verb| @lexicon.verbs.key?(verb) && @lexicon.food([verb]).nil? }
          end
      end

      # "Roast chestnuts": the verb is a part of the food's own name.
      def food_by_name?(plain)
        two = Lexicon.fold(plain[/\A[[:alpha:]]+\s+[[:alpha:]]+/].to_s).split
        two.size > 1 && !@lexicon.food(two).nil?
      end
    end
  end
end
