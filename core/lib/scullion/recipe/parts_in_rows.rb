# frozen_string_literal: true

module Scullion
  module Recipe
    # A part of a recipe that begins, and is listed, within one row. For Page, which it is a part of.
    module PartsInRows
      # "Dressing (SULPHITES, MUSTARD)": what is in it, by the law.
      CONTAINS = /\A[[:upper:]][[:upper:], &]{3,}\)\W*\z/.freeze
      # "Pesto (nut free) 1.8 kg" heads nothing.
      ASIDE_AND_AMOUNT = /\A[^()]*\)\s*[\d½¼¾⅓⅔]/.freeze
      # "Mayo 200 g (check label: egg)"
      OWN_AMOUNT =
        /\A[\s:]*[\d½¼¾][\d.,]*\s?
          (?:kg?|g|ml|l|tbsp|tsp|cups?|tubs?|jars?)\s*(?:[,;(+&]|\z)/ix.freeze
      # "8. Dressing: oil 2 l / vinegar 1 l"
      NUMBERED_PART = %r{#{StepRows::NUMBERED}(?!pot\b)(?=[^:]*:[^.]*[/,])}i.freeze
      # "- sauce: 1 kg tofu, 200 g tahini": one of the list, and all of it there.
      LISTED_PART = /\A\s*[-–•*▪·]\s+(?=[[:alpha:]][^:]{2,24}:\s+\S)/.freeze
      # "Make a dressing of oil and vinegar, and pour half of it over the potatoes": that is told of it.
      THEN_POURED =
        /[,;]\s+(?:and\s+|then\s+)*
          (?=(?:pour|spoon|toss|drizzle|tip|dress)\s+(?:about\s+)?
             (?:half|some|most|two[\s-]thirds|a\s+third|it|this)\b[^\d]*\z)/ix.freeze
      POT_OF =
        /\A\W*(?:an?\s+)?(?:(?:small|little|side)\s+)?(?:pot|tub|jar|ramekin)s?\s+of\s+
          (?=(?-i:[[:alpha:] ]*)\b(?:dressing|sauce|vinaigrette|dip)\b)/ix.freeze
      # Foods behind a heading from which all of its part is there.
      WHOLE_PART = 3
      CALLED_BY_IT =
        /\A\W*(?<name>(?:quick[- ])?(?:pickled|candied|spiced|cured|caramelised|caramelized|soused)\s
          (?-i:[[:alpha:] ]{3,24}))(?<rest>:\s+.*\d.*)\z/ix.freeze

      private

      # "Dressing: 3 Tbsp oil, 1 Tbsp vinegar" is a heading and what stands below it.
      def part_and_foods(row)
        formula = Formula.in(row.text, @lexicon)
        return by_formula(row, formula) if formula&.share_out(@items.of(formula.parts))

        found = row.text.sub(NUMBERED_PART, "").sub(LISTED_PART, "").match(@lexicon.part)
        found ||= of_its_first(row.text)
        return part_and_foods_of(row) if row.text.match?(POT_OF)
        return foods(row, row.text) unless found && found[:rest].match?(/[[:alpha:]]/) && part_name?(found)
        return foods(row, row.text) if weighed_itself?(row.text, found)

        begin_part(found[:name], row.indent)
        rest, told = found[:rest].sub(/\A[\s:=!(-]+/, "").split(THEN_POURED, 2)
        if !food?(rest) && weighed_stranger?(row.text[found.end(:name)..])
          return [without_food(row, row.text, rest)]
        end
        return [line(row, row.text, "heading")] if rest.match?(CONTAINS) || !food?(rest)

        listed = foods(row, rest)
        # All of it stands behind its heading: what follows at the margin is not of it.
        # A blank line ends it too, where there are several.
        weighed = listed.count { |each| each.item&.amount }
        @in_one_row = weighed > 1
        @set_in = true if weighed >= WHOLE_PART || row.text.match?(LISTED_PART) ||
          (weighed.positive? && @into != "dressing")
        [line(row, found[:name], "heading"), *listed, *([line(row, told, "step")] if told)]
      end

      # "Dressing = house vin 750 ml": so much of what nobody knows.
      def weighed_stranger?(rest)
        return false if rest.match?(/\A\s*\(/)

        @items
          .of(rest.sub(/\A[\s:=!-]+/, ""))
          .any? { |item| item.amount && !item.counted? && item.unknown.any? }
      end

      # "Dressing 1.5 l (bottled)", with nothing that it is made of.
      def weighed_itself?(text, found)
        rests = [found[:rest], *(text[found.end(:name)..] unless food?(found[:rest]))]
        [ASIDE_AND_AMOUNT, OWN_AMOUNT].any? { |each| rests.any? { |rest| rest.match?(each) } }
      end

      # "Pickled raisins: raisins 120 g, vinegar 100 g": made of what it is called by.
      def of_its_first(text)
        found = text.match(CALLED_BY_IT) or return
        named = @items.of(found[:name]).flat_map(&:foods)
        found if named.intersect?(@items.of(found[:rest]).flat_map(&:foods))
      end

      # "Pot of dressing 25 ml: for the batch 450 ml oil": what it comes in heads nothing.
      def part_and_foods_of(row)
        part_and_foods(row.dup.tap { |own| own.text = row.text.sub(POT_OF, "") })
      end

      # "Dressing 35 g (mayo 40 %, soured cream 60 %)": a part, and what is in it.
      def by_formula(row, formula)
        each = @per_head
        begin_part(formula.name, row.indent)
        @set_in, @per_head = true, each
        [line(row, formula.name, "heading"), *foods(row, formula.parts)]
      end

      # "Hoisin sauce: ½ cup" is no heading, "brown butter vinaigrette: butter 350 g" is one.
      def part_name?(found)
        food?(found[:rest]) || !food?(found[:name])
      end
    end
  end
end
