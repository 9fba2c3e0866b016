# frozen_string_literal: true

module Scullion
  module Recipe
    # Whether a row is what the dish is called, by its words alone. For Kinds, which it is a part of.
    module TitleRows
      # A first row that ends in the name of a dish, whatever it begins with.
      DISH =
        /\A(?-i:[^:,;]*)\b(?:salad|slaw|coleslaw|tabbouleh|bowl|platter|side|starter)s?\s*
          (?-i:\([^)\d]*\))?[!.]?\z/ix.freeze
      # "Three grain salad w/ apricot (school site B)"
      DISH_WITH = %r{\A[^:;,\d]*\b(?:salad|slaw)s?\s+(?:with\b|w/)[^\d:;]*\z}i.freeze
      # "GREEK ORZO (cold bar)   batch: 6 L tub   shelf life: 3 d"
      CARD =
        /\A[^:;,\d]{4,60}\s(?:batch|shelf[ -]life|yield|portions?|station|section|prepared\s+by|card|ref|code)
          (?:\s+(?:size|no))?\.?\s*:\s/ix.freeze
      # "Three bean salad          60 portions x 3/4 cup"
      DISH_FOR =
        /\A(?-i:[^:,;\d]*)\b(?:salad|slaw|bowl)s?\s+(?:for\s+)?\d{1,4}\s*(?:#{Servings::THEM})/io.freeze
      FOR_SO_MANY =
        /\d\s*(?:(?-i:[[:alpha:]]+)\s+)?(?:#{Servings::THEM})|\b(?:salad|slaw)s?\s+[x×]\s?\d+\W*\z
         |\bportions?\s*[:–-]\s*\d/ixo.freeze
      # "Coronation cauliflower salad (deli counter, 6 kg finished)"
      SO_MUCH_OF_DISH =
        /\b(?:salad|slaw)s?\b[^:]*\d\s*(?:k?g|l|litres?)\s+
          (?:finished|made\s+up|in\s+all|in\s+total|total|batch|yield)\b/ix.freeze
      # "CARD 114 BEET AND FETA SALAD   YIELD: 100 portions"
      DISH_AND_YIELD = /\A[^:;]*\b(?:salad|slaw)s?\b\s+(?:yields?|serves|portions?)\b\s*:?\s*\d/i.freeze
      # "A salad for the first warm evening"
      CALLED = /\A(?:an?|some|the)\s+[^\d:;.]*\b(?:salad|slaw|bowl|platter|dish\s+of)\b[^\d:;.]*\.?\z/i.freeze
      # "12 covers, Sunday, starter: burrata and broad beans"
      COVERS_FIRST = /\A\W*\d{1,4}\s+(?:covers|pax|ppl|portions|guests)\b[^\d]{8,}\z/i.freeze
      # "20/8 smoked mackerel and beet": the day that it was made.
      DATED = %r{\A\W*(?:3[01]|[12]\d|[1-9])[/.-](?:1[0-2]|[1-9])(?:[/.-]\d{2,4})?\s+(?=[[:alpha:]])}.freeze
      # "Beet, feta and mint — makes two 2 l gastros"
      MAKES_SO_MUCH = /\s[—–-]\s*(?:makes|yields?|enough\s+for)\b.*\z/i.freeze
      # "Makes 3 litres" is how much of it all there is.
      MADE =
        /\b(?:\d\s+)?batch\s*=.*\z
         |\b(?:makes|yields?)\s+#{Amount::Words::ROUGHLY}?\d[\d.,]*\s*
          (?:l|litres?|ml|kg|g|lbs?|qts?|gal)\b[^,:|]*
         |\(\s*#{Amount::Words::ROUGHLY}?\d+\s?(?:g|ml|oz)\s*
           (?:pots|tubs|boxes|bowls|scoops|cups|each)\s*\)
         |\([^()]*\b(?:ptns?|portions?|makes|serves|yields?)\b[^()]*\)
         |\b\d+\s*(?:portions?|ptns?|covers|pax)\s*(?:@|of|[x×])?\s*\d+\s?(?:g|ml)\b
         |\bportions?\s*(?:size|of|:)?\s*\d+\s?(?:g|ml)\b
         |\b\d+\s*[x×]\s*\d+\s?(?:g|ml)\b\s*(?:pots|tubs|portions?|boxes|bowls|servings|scoops)?/ix.freeze
      # "The big salad with 400 g rocket"
      SALAD_OF = /\b(?:salad|slaw|bowl|platter)\b[^\d]*\d/i.freeze
      # "Cook 3 kg red quinoa" is weighed out.
      WEIGHED_OUT = /\d\s*(?:kg|g|lbs?|oz)\s+(?:of\s+)?(?<food>(?-i:[[:alpha:]][[:alpha:] ]+))/i.freeze
      # "Salad to be: shaved fennel, blood orange, burrata."
      DISH_OF = /\A\W*(?:the\s+|our\s+)?(?:salad|dish|menu|starter|course)\b[^:\d]{0,16}:\s*(?=\S)/i.freeze
      # "Beans for twenty-five", "Pots (makes 24)"
      FOR_THEM = /\b(?:for|makes|serves|feeds|yields?)\b/i.freeze
      # Words of a first row from which it is no title when something is weighed in it.
      TITLE_WORDS = 10
      # Words to a name below the title.
      SUBTITLE_WORDS = 4
      # Letters by which a word is the same in one and in many.
      STEM = 6
      SMALL_WORDS = %w[and with the of in on a an & for].freeze

      private

      # The first line is the title, unless it is plainly something else.
      def title?(text)
        text = text.sub(MAKES_SO_MUCH, "")
        plain = bare(text)
        return false if serves?(text)
        if [
             DISH,
             DISH_WITH,
             CARD,
             CALLED,
             DISH_FOR,
             COVERS_FIRST,
             SO_MUCH_OF_DISH,
             DISH_AND_YIELD
           ].any? { |pattern| text.match?(pattern) } || dated?(text)
          return true
        end
        return false if text.match?(StepRows::FOR_PART) || listed?(text) || numbered?(text)

        !amount?(text) && !weighed_out?(text) && !text.end_with?(":") && !list_heading?(plain) &&
          !steps_heading?(plain) && !(text.split.size > TITLE_WORDS && weighed?(text.sub(MADE, "")))
      end

      # "Olive oil 200 ml": a list that has no title begins with its first food. "Cucumbers 12" does where the
      # next row is a food's too and none of the others names it: "Beetroot 90" is for so many.
      def listed?(text)
        return false if !text.match?(Servings::NUMBERED) || text.match?(FOR_THEM)

        items = @items.of(text)
        return false unless items.any? && items.all? { |item| amounted?(item) }
        return true if items.any? { |item| !item.counted? }

        rest = @texts.drop(1).map { |row| @items.of(row) }
        rest.first.to_a.any? { |item| amounted?(item) } &&
          !rest.flatten.flat_map(&:foods).intersect?(items.flat_map(&:foods))
      end

      # "For the salad: 6 kg beetroot, 2 per portion so 150 leaves, 2 kg potatoes": several are weighed.
      def listed_in_full?(text)
        @items.of(text, prose: true).count { |item| item.food? && item.amount && !item.counted? } > 1
      end

      # "1) Chickpeas 5 kg" above "2) Sweet potatoes 8 kg"
      def numbered?(text) = text.match?(/\A\W*1[.)]\s/) && @texts[1].to_s.match?(/\A\W*2[.)]\s/)

      def amounted?(item) = item.food? && !item.amount.nil? && item.unknown.empty?

      # Not "1/2 cucumber".
      def dated?(text)
        day, month = text[DATED].to_s.scan(/\d+/).map(&:to_i)
        !day.nil? && day > month
      end

      def weighed_out?(text)
        food = text[WEIGHED_OUT, :food]
        !food.nil? && !text.match?(DISH) && !text.match?(SALAD_OF) &&
          !food.match?(/\A(?:portions?|salad|batch|servings?)\b/i) && @items.of(food).any?(&:food?)
      end

      # "Quinoa salad for the school trip - 12 lunchboxes"
      def dish?(text)
        text.match?(/\b(?:salad|(?:cole)?slaw)s?\b(?!\s(?:leaves|leaf|onion|cream|oil|dressing))/i) &&
          !amount?(text) && text.match?(FOR_SO_MANY)
      end

      # "A winner with a smoky lime dressing that we'd happily drink.": between the title and how many it
      # serves.
      def standfirst?(text)
        text == @standfirst && !text.match?(/\d/) && text.match?(/[.!…]\W*\z/) &&
          text.split.size > SUBTITLE_WORDS && !weighed?(text)
      end

      # "Beetroot, lentil, horseradish" below what it is for, and above the list that has each of them.
      def named_by_its_foods?(text)
        names = text.split(/\s*(?:,|&|\band\b)\s*/)
        return false if names.size <= 2 || text.match?(/[\d:;½¼¾]/)

        rows = @texts.drop(2).grep(/[\d½¼¾]/) - [text]
        listed, keys = rows.join("\n").downcase, rows.flat_map { |row| @items.of(row).flat_map(&:foods) }
        names.all? do |name|
          word = name.downcase[/[[:alpha:]]{4,}\z/]
          (word && listed.include?(word[0, STEM])) || @items.of(name).flat_map(&:foods).intersect?(keys)
        end
      end

      # "Buckwheat with Beetroot, Apple & Dill": a name written as one, with no amount.
      def subtitle?(text)
        words = text.scan(/[[:alpha:]'’-]+|&/)
        words.size >= SUBTITLE_WORDS && !text.match?(/[\d.:;½¼¾]/) &&
          (words - SMALL_WORDS).all? { |word| word.match?(/\A[[:upper:]]/) } &&
          words.intersect?(%w[with & and])
      end
    end
  end
end
