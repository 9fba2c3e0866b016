# frozen_string_literal: true

module Scullion
  module Recipe
    # What a row of a recipe is: title, servings, heading, note, step or ingredient; by its words alone, and
    # by whether steps have begun.
    class Kinds
      include NoteRows
      include ShoutedRows
      include StepRows
      include TitleRows

      AMOUNT =
        /\A(?:[\d½¼¾⅓⅔⅛.]|
             (?:about|approx\w*|roughly|around|a|an|one|two|three|four|five|six|half|pinch|handful|juice|
                zest|dash|glug|few|some|bunch|small|
                large|big|tin|bag|splash|squeeze(?!\s+(?:the|over|out|it|in))|tsp|tbsp)
             \b(?!-[[:alpha:]]))/ix.freeze
      TICKED = /\A\s*(?:[☐☑☒✓]|\[[ x]\])/i.freeze
      DASHED = /\A[-–—]{2,}.*[-–—]{2,}\z/.freeze
      # Rows from the top in which capitals alone are a name of the dish.
      SHOUTED = 4
      # "Target yield: 30 lb   Portion: 3 fl oz ladle"
      CARD_ROW =
        /\A\W*(?:(?:target|batch)\s+)?(?:yield|portions?|shelf(?:\s+life)?|hold(?:ing)?)\s*:
          [^:]*\s[^:]+:/ix.freeze
      # "x4. Good."
      TIMES = /\A\W*[x×]\s?\d{1,4}\.(?:\s|\z)/i.freeze
      # "Salad 2 - leaves"
      NUMBERED_DISH =
        /\A\W*(?:salad|dish|recipe|bowl)\s+\d{1,2}
          (?:\s*[-–—:.]\s*[^\d,(]{0,40})?\W*\z
         |\A\W*no\.?\s?\d{1,2}[.:)]?\s+[^\d:;]{3,60}\z/ix.freeze
      # "Group A (base)"
      LETTERED =
        /\A\W*(?:group|part|stage|section)\s+(?:[A-H]|\d{1,2})\b\s*[:.–-]?\s*
          (?:\([^()\d]*\))?\W*\z/ix.freeze
      # "Item: charred broccoli salad"
      NAMED = /\A(?:item|dish|salad(?:\s[A-H1-9])?|recipe|recipe name|title)\s*:\s*[^\d:]{4,80}\z/i.freeze
      # "“Roasted squash, kale, seeds”  portions: 110"
      QUOTED = /\A["“](?<dish>[^"”\d]{8,80})["”](?!\w)/.freeze
      DRESSED = /\b(?:dressing|vinaigrette)\b/.freeze
      # "Dressing in the jam jar"
      HELD_IN = /\A(?:the\s+)?(?<part>[^\s\d,]+)\s+(?:in|for)\s+(?:the|an?|its)\s+[^\d,:;()]{3,24}\z/.freeze
      # "REMOULADE, makes 700 g", "Tahini dressing (yield 4 L, need 3)": how much there is of a part.
      MADE_OF_IT =
        %r{\A(?<part>[^\d:,(/]{3,40}?)(?:,|\s[–—-]|\s?\(|\s?/)\s*
          (?:makes|yields?|gives)\s+#{Amount::Words::ROUGHLY}?
          \d[\d.,]*\s?(?:g|kg|ml|l|lit(?:re|er)s?|oz|lbs?|pints?|cups?)\b[^:]{0,30}\z}ix.freeze
      AT_TABLE = /\s(?:to\s+serve|(?:for|on|at)\s+the\s+table|on\s+the\s+side)\z/.freeze
      # "Prep 20 min", "Ready in: 1 h 10", "Easy"
      TIME_ALONE =
        /\A(?:(?:prep\w*|cook\w*|bak\w*|total|ready|rest\w*|chill\w*|time|active|in|takes)\W+)*
          \d[\d\s]*(?:h|hrs?|hours?|m|mins?|minutes?)\b[\d\s]*(?:mins?|m|minutes?)?\W*\z
         |\A(?:easy|medium|simple)\z/ix.freeze
      # Rows from the first in which it may stand alone.
      NEAR_TOP = 6
      # Share of rows in capitals from which they say nothing.
      SHOUTING = 0.3
      # Words to the name of a part.
      PART_WORDS = 5
      # "Coriander cress - garnish" is no heading.
      AS_GARNISH =
        /\A(?<food>[^:]+?)
          (?:\s*(?:\s[-–—]|,)\s*(?:for\s+|as\s+)?|\s(?:to|for)\s(?:the\s)?)
          (?:garnish|top|topping|finish|drizzle|serve|dress|brush|decorate|taste|thin|loosen)\z/x.freeze
      # "For the basil oil"
      OIL_MADE = /\Afor\s+(?:the\s+)?(?-i:[[:alpha:]]+)\s+oil\z/.freeze
      # What holds a food, and what is served of one.
      HOLDERS = /(?:tubs|boxes|bowls|plates|containers|pots|units)/i.freeze
      SERVED = /(?:portions?|mains|starters|sides)/i.freeze
      PACKED =
        /(?:\b#{Servings::NUMBER}\s*(?:(?:small|large|big|little)\s+)?#{HOLDERS}
            |\A\W*#{Servings::NUMBER}\s*#{SERVED})\s+(?:of\s+)?(?<food>[[:alpha:]][^,;:.]*)/ix.freeze
      PACKS_BEHIND = /\A(?<food>[^\d]*[[:alpha:]]),?\s+#{Servings::NUMBER}\s*#{HOLDERS}\b/ix.freeze
      # Above it a page says whom it suits and how hard it is.
      LIST_BEGINS = /\A\W*(?:the\s+)?ingredients?(?:\s*\(.*\))?\W*\z/i.freeze
      SHOWN = /\b(?:salad|slaw|bowl|platter)s?\b/i.freeze

      # @param lexicon [Lexicon] @param items [Items]
      # @param texts [Array<String>] all rows
      def initialize(lexicon, items, texts)
        @lexicon, @items = lexicon, items
        loud = texts.count { |text| text.match?(/[[:upper:]]{3}/) && !text.match?(/[[:lower:]]/) }
        @small_letters = loud < texts.size * SHOUTING
        @texts, below = texts, texts[2].to_s
        @loud_words = loud_words(texts)
        @standfirst = texts[1] if below.match?(Servings::LINE) || times_and_servings?(below)
        above = texts.take_while { |text| !text.match?(LIST_BEGINS) }
        @above_list = above.size < texts.size ? above : []
        @numbered = NumberedSteps.among(texts) { |text| amount?(text) || text.match?(BEHIND) }
      end

      # @param text [String] @param place [Integer] of the row @param section [String] list, steps, or open
      #   where steps have begun without a heading
      def of(text, place, section)
        return "note" if note?(text) || part_of_its_own?(text) || see_below?(text)
        return "title" if place.zero? && title?(text) && !listed_in_full?(text)
        return "step" if told_of?(text) || @numbered.include?(text)
        return "step" if (label = text[/\A([[:alpha:] ]{3,20}):\s+\S/, 1]) && steps_heading?(label.downcase)
        return "title" if place < SHOUTED && text.match?(NAMED)
        return "title" if place <= 2 && text.match?(QUOTED)
        return "note" if place == 1 && (subtitle?(text) || standfirst?(text) || named_by_its_foods?(text))
        if place <= NEAR_TOP && text.match?(DISH_OF) && named_by_its_foods?(text.sub(DISH_OF, ""))
          return "note"
        end
        return "title" if place.between?(1, SHOUTED) && dish?(text) && !listed_in_full?(text)
        return "heading" if heading?(text)
        return "note" if place <= NEAR_TOP && text.match?(TIME_ALONE)
        if (serves?(text) && !weighed?(text.sub(MADE, ""))) || times_and_servings?(text) || text.match?(TIMES)
          return "servings"
        end
        return "heading" if (place >= SHOUTED || (place.positive? && text.match?(/\(\d/))) && capitals?(text)
        return "heading" if place < SHOUTED && capitals_alone?(text)
        return "note" if text.match?(CARD_ROW) && @items.of(text).none?(&:food?)
        return "ingredient" if section != "steps" && food_by_weight?(text)

        return "step" if section == "steps" || step?(text, section)

        above_list?(text) ? "note" : "ingredient"
      end

      # "Dietary: vegetarian", "1 of your five a day", above the list's own heading; not what is weighed.
      def above_list?(text)
        @above_list.include?(text) &&
          @items.of(text).none? { |item| item.food? || (item.amount && !item.counted?) }
      end

      # "The basil oil", below the dressing, which has a heading of its own further up.
      def part_of_its_own?(text)
        part = text[/\A\W*the\s+(?<part>(?-i:[[:alpha:]][[:alpha:] ]+[[:alpha:]]))\W*\z/i, :part] or
          return false
        heading = /\A\W*(?:for\s+)?(?:the\s+)?#{Regexp.escape(part)}\W*\z/i
        @texts.any? { |row| row != text && row.match?(heading) }
      end

      # "Croutons (see below) 100 x 10 g", which have a list of their own there.
      def see_below?(text)
        named = text[/((?-i:[[:alpha:]]+))\s*\((?:see\s+|recipe\s+)?(?:below|over)\)/i, 1] or return false
        @texts.any? { |row| row != text && row.match?(/\A[^\d:]*\b#{Regexp.escape(named)}\s*(?::|\z)/i) }
      end

      # "Salt 1.2 % of potato weight": not "salt the potatoes, 12 g per kilo".
      def food_by_weight?(text)
        text.split.size <= TITLE_WORDS && text.match?(WholeLine::BY_WEIGHT) &&
          text.match?(/\A[[:alpha:] ]{3,20}?[,:]?\s*\d/) && @items.of(text).first&.food?
      end

      # "Prep 20 min · Cook 1 hr · 4 servings"
      def times_and_servings?(text)
        said = text.split(%r{\s*[·|•;,/]\s+})
        said.size > 1 && said.any? { |each| each.match?(Servings::LINE) } &&
          said.all? { |each| each.match?(Servings::LINE) || each.match?(TIME_ALONE) }
      end

      # Are its numbers those of foods, and not of those who are served?
      def of_foods?(text, place) = packed?(text) || (place.zero? && listed?(text))

      # "4 tubs hummus", "hummus 2 tubs": so many of a food, and not of those who are served.
      def packed?(text)
        food = text[PACKED, :food]
        return !food.match?(DISH) && @items.tokens(food).first&.kind == :food if food

        name = text[PACKS_BEHIND, :food]
        !name.nil? && !name.match?(SHOWN) && @items.tokens(name).last&.kind == :food
      end

      # A heading's own words.
      def bare(text) = text.gsub(/\A[#-]+\s*|\*\*|[:=_!-]+\z/, "").strip.downcase
      def steps_heading?(plain)
        @lexicon.heading("steps").include?(plain) || plain.match?(NUMBERED_STEP)
      end

      # Where the part that a heading names goes. @return [String, nil]
      def into(plain)
        return "table" if plain.match?(AT_TABLE) && !plain.match?(DRESSED)
        return "dressing" if plain.match?(OIL_MADE)

        words = plain.split(/[^[:alpha:]]+/).reverse.select { |each| @lexicon.sections.key?(each) }
        # "Sauce pot": what the sauce is in.
        words.shift if words.size > 1 && words.first == "pot"
        @lexicon.sections[words.first]
      end

      # Who wrote it: what stands below is no food.
      def signs?(text)
        text.match?(
          /\A(?:--\s*\z|_{4,}|thanks\b[^\d]{0,20}\z|
               (?:best\ wishes|kind\ regards|fondly|warmly|yours\ truly|all\ best|love|regards|cheers|yours|
                  sent\ from)\b|
                       (?-i:[[:alpha:]]+,?\s+[xX]+)\z)/ix
        )
      end

      # Said beside a list: it does not sound like a food.
      def remark?(text) = text.split.size > 4 || text.match?(/[?!]\z/) || !text.match?(/[[:alpha:]]{3}/)

      private

      def serves?(text) = text.match?(Servings::LINE) && !packed?(text)

      # "Chickpeas: simmer an hour"
      def told_of?(text)
        verb = text[/\A[[:upper:]][[:alpha:] ]{2,20}:\s+([[:lower:]]+)\b(?!\s*,|\s+of\b)/, 1]
        verb && @lexicon.verbs.key?(verb) && @lexicon.food([verb]).nil? && !text.match?(LABELLED)
      end

      def weighed?(text)
        @items
          .of(text, prose: true)
          .any? { |item| item.food? && item.amount && (!item.counted? || item.size) }
      end

      # With or without how many it is for: "ingredients (serves 10)".
      def list_heading?(plain) = @lexicon.heading("list").include?(plain.sub(/\s*\(.*\)\z/, ""))

      def heading?(text)
        return true if [NUMBERED_STEP, NUMBERED_DISH, LETTERED].any? { |pattern| text.match?(pattern) }
        return false if amount?(text) || serves?(text)

        plain = bare(text)
        return part_between_dashes?(text) if text.match?(DASHED)
        # "☐ Sumac to finish" is ticked off, and heads nothing.
        return false if text.match?(TICKED) && !text.end_with?(":")

        @loud_words.include?(text) || marked?(text) || list_heading?(plain) || steps_heading?(plain) ||
          part?(plain) || shouted?(text) || so_much_made?(text)
      end

      def marked?(text) = text.match?(/\A#+\s|\A\*\*.+\*\*:?\z/) || text.end_with?(":")

      # "For the squash", "onion pickle", "dressing (blender)": the name of a part, and nothing that is
      # weighed.
      def part?(plain)
        garnish = plain[AS_GARNISH, :food]
        return false if garnish && (@items.of(garnish).any?(&:food?) || unheard?(garnish))
        laid = [ON_IT, AT_TABLE].any? { |pattern| plain.match?(pattern) }
        return false if laid && @items.of(plain).any?(&:food?)
        return true if plain.match?(/\Afor the [^\s:]+(?: \S+){0,3}\z/)
        return true if (held = plain[HELD_IN, :part]) && @lexicon.part?(held)

        return part_for_all?(plain) if plain.include?(",")

        return false if plain.match?(/\bof\b|→/)

        words = plain.sub(/\(.*\)\z/, "").split
        return false if words.size > 2 && @lexicon.food(words.last(2))

        words.size.between?(1, PART_WORDS) && @lexicon.part?(words.last) &&
          (words.one? || @lexicon.food(Lexicon.fold(plain).split).nil?) &&
          !plain.match?(/\d\s*(?:g|ml|tsp|tbsp)\b(?!\s*=)/) && !measured?(plain)
      end

      # Of a part, or of what no food is called by or that stands in capitals alone.
      def so_much_made?(text)
        part = text[MADE_OF_IT, :part] or return false
        @lexicon.part?(Lexicon.fold(part).split.last) || !part.match?(/[[:lower:]]/) ||
          @items.of(part).none?(&:food?)
      end

      # "Wimbleberries to finish": one word that nobody knows is a food, and heads nothing.
      def unheard?(word)
        !word.include?(" ") && @lexicon.roles([word]).empty? && !@lexicon.part?(Lexicon.singular(word))
      end

      # "Dressing: ¼ pt yoghurt", "spring onion 5 bunches top"
      def measured?(plain)
        on_top = @lexicon.sections[plain[/[[:alpha:]]+\z/]] == "top"
        plain.match?(/[\d½¼¾⅓⅔⅛]/) &&
          @items.of(plain).any? { |item| item.food? && item.amount && (on_top || !item.counted?) }
      end

      # "-- anchovy paste --" names a part, "--- forwarded ---" does not.
      def part_between_dashes?(text) = part?(bare(text.gsub(/\A[-–—\s]+|[-–—\s]+\z/, "")))

      # "Dressing, for the lot"
      def part_for_all?(plain)
        name, rest = plain.split(",", 2)
        @lexicon.part?(name.strip) && rest.split.size.between?(1, PART_WORDS) &&
          @items.of(rest).none? { |item| item.food? || item.amount }
      end

      def amount?(text) = text.sub(Rows::BULLET, "").match?(AMOUNT)
    end
  end
end
