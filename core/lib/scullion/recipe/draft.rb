# frozen_string_literal: true

module Scullion
  module Recipe
    # A salad drafted from a written recipe: each line settled, asked about or offered as new; the
    # amounts brought to grams per serving, ready to serve; the steps mined for heat, minutes and
    # rests; and what is in the list and not in the steps, or the other way round.
    class Draft
      USUAL_SERVINGS = 4
      # g of dressing on a serving.
      WRITTEN = (0.1..2000.0).freeze
      ITSELF =
        "That is this recipe's own name, and a salad cannot hold itself: choose what goes in, or leave " \
          "it out.".freeze
      TOO_MUCH =
        "That would be over #{Taken::SERVING.end.to_i} g a serving: mend the amount in the text, or leave " \
          "it out.".freeze

      NEVER = "So much of it? It is more than it ever is.".freeze
      LITTLE = "So little of it? It would not be met in a serving: is it for each, or misread?".freeze

      # @param text [String] @param house [House]
      # @param choices [Hash{Integer=>String}] line number => key, or "leave"
      # @param amounts [Hash{Integer=>String}] line number => an amount in place of its own
      # @param declined [Array<String>] keys of what the steps tell and the cook does not want
      # @param right [Array<Integer>] numbers of lines whose unusual amount is meant so
      # @raise [UnreadableAmount] when it cannot be a recipe at all
      def initialize(text, house, choices: {}, amounts: {}, right: [], declined: [], servings: nil)
        @declined = declined
        @house, @larder, @practice = house, house.larder, house.practice
        @choices = choices.select { |_, key| key == "leave" || @larder.key?(key) }
        @page = Page.new(text, house)
        @said = servings || @page.servings
        @servings = @said || USUAL_SERVINGS
        @amounts, @right = amounts, right
        @marked = Marked.new(@page.lexer)
        reader = LineReader.new(house, @said)
        @reads = @page.ingredients.to_h { |line| [line.number, reader.read(line, amounts[line.number])] }
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "title" => @page.title,
          "servings" => @servings,
          "servings_said" => !@page.servings.nil?,
          "servings_others" => (@page.served.others if @page.served.others.any?),
          "plate" => unlikely.plate,
          "lines" => @page.lines.map { |line| line_to_h(line) },
          "steps" => @page.steps.map { |line| Step.new(line.text).to_h },
          "told" => bound.facts.map { |fact| told(fact) } + split.told(@practice.writer, @declined),
          "missing" => against_steps.missing,
          "unused" => against_steps.unused,
          "differs" => against_steps.differs,
          "salad" => salad,
          "settled" => @reads.values.all? { |read| settled?(read) }
        }.compact
      end

      # @return [Taken, nil] what a line was taken for
      def taken(read)
        @taken ||= {}.compare_by_identity
        @taken.fetch(read) do
          ingredient = ingredient(read)
          @taken[read] = ingredient && taken_as(read, ingredient)
        end
      end

      def reads = @reads.values

      # What its steps tell, whatever of it is taken. @return [Array<Told::Fact>]
      def told_facts = bound.told

      # Neither asked about, nor of unknown weight.
      def settled?(read)
        return true if @choices[read.line.number] == "leave"

        taken = taken(read)
        return false if taken.nil? || taken.too_much?

        @choices.key?(read.line.number) ||
          (
            read.status == "sure" && !taken.unweighed? && !unlikely.far_too_much?(taken) &&
              !unlikely.so_little?(taken) && bound.lacking(read).nil?
          )
      end

      private

      def taken_as(read, ingredient)
        right = @right.include?(read.line.number)
        Taken.new(read, ingredient, @house, @servings, right: right, bound: bound, said: @said)
      end

      def bound = @bound ||= Bound.new(@page, reads, @house, @declined) { |read| ingredient(read) }

      # In words, and whether it is taken.
      def told(fact)
        {
          "key" => fact.key,
          "line" => fact.line,
          "what" => FactInWords.of(fact, @practice.writer),
          "text" => fact.text,
          "set" => fact.set,
          "can" => fact.can
        }.compact
      end

      def ingredient(read)
        choice = @choices[read.line.number]
        return if choice == "leave"
        return @larder[choice] if choice

        read.guesses.first unless read.status == "unknown" || itself?(read)
      end

      def against_steps
        @against_steps ||=
          AgainstSteps.new(
            @page,
            @larder,
            reads.map { |read| [read, taken(read)&.ingredient] },
            bound.mentions,
            @page.told_items,
            @practice.writer
          )
      end

      # The recipe's own name among its ingredients.
      def itself?(read) = @page.title && read.name.casecmp?(@page.title) && @page.title.include?(" ")

      def line_to_h(line)
        plain = { "number" => line.number, "text" => line.text, "kind" => line.kind }
        read = @reads[line.number] or return plain

        {
          **plain,
          "marks" => @marked.of(line.text, asked_about(read)),
          "row" => line.row,
          "status" => status(read),
          "why" => why(read),
          **decided(line.number),
          **as_taken(taken(read)),
          "name" => read.name,
          "guesses" => read.guesses.map { |guess| named(guess) }
        }.compact
      end

      # Of a name that nobody knows every word is, else the one that may make it another food; and what the
      # question names: a number that is none of its own, a way of cooking that is not here.
      def asked_about(read)
        return [] if settled?(read)

        item = read.line.item
        words = item.unknown.select { |_, clause, beside| !item.food? || (beside && clause == item.clause) }
        [*words.map(&:first), *why(read)[/“(.+?)”/, 1]]
      end

      # What the cook has said of this line.
      def decided(number)
        {
          "left" => @choices[number] == "leave" || nil,
          "mended" => @amounts[number],
          "right" => @right.include?(number) || nil
        }
      end

      def as_taken(taken)
        return {} unless taken

        {
          "taken" => named(taken.ingredient),
          "done" => taken.done,
          "cut_for" => taken.cut_for,
          "usual" => taken.usual,
          "to" => made_parts.of(taken) ? "made" : taken.into,
          "made" => made_parts.of(taken)&.name,
          "held" => taken.held,
          "grams" => taken.grams&.fdiv(@servings)&.round(2),
          "serving" => (@practice.writer.g(taken.grams / @servings) if taken.grams),
          "slip" => unlikely.slip(taken)
        }.compact
      end

      # Keys, nil where there are none.
      def at_table
        keys = all_taken.select(&:at_table?).map { |taken| taken.ingredient.key }
        keys |= ServedBeside.new(@page, all_taken.map(&:ingredient), @house.lexicon).keys
        keys if keys.any?
      end

      def unlikely = @unlikely ||= Unlikely.new(all_taken, @practice, (@servings if @said))
      def all_taken = @all_taken ||= reads.filter_map { |read| taken(read) }

      # From a tin says so, because its dry kind has the same name.
      def named(ingredient)
        tinned = ingredient.family == "tinned-pulse" && !ingredient.name.match?(/tin|pouch/i)
        {
          "key" => ingredient.key,
          "colour" => ingredient.colour,
          "name" => tinned ? "#{ingredient.name}, tinned" : ingredient.name
        }
      end

      def status(read)
        return "sure" if settled?(read)
        return "unknown" if taken(read).nil?

        read.status == "sure" ? "doubtful" : read.status
      end

      def why(read)
        return if settled?(read)
        return ITSELF if itself?(read)
        return TOO_MUCH if taken(read)&.too_much?
        return LITTLE if read.why.nil? && unlikely.so_little?(taken(read))
        return NEVER if read.why.nil? && unlikely.far_too_much?(taken(read))

        way = bound.lacking(read)
        return WrittenWay.question(FactInWords.of(way, @practice.writer)) if read.why.nil? && way

        read.why || "Its weight is not known here: the usual serving stands in."
      end

      def salad
        wet, others = loose.partition { |taken| taken.dressing? && dressed? }
        solid = others.reject(&:beside?)
        return if solid.empty? && made_parts.to_a.empty?

        {
          "name" => (@page.title || "Pasted salad")[0, 120],
          "components" => company.along_with(solid) + made_parts.to_a.map { |part| made(part) },
          "dressing" => dressing(wet),
          "at_table" => at_table
        }.compact
      end

      # All but what goes into a made part.
      def loose = @loose ||= all_taken.reject { |taken| made_parts.of(taken) }
      def made_parts = @made_parts ||= MadeParts.new(all_taken, @house.lexicon)
      def company = @company ||= Company.new(all_taken, @practice, @servings)

      # A made part as a component: all that is made of it is eaten.
      def made(part)
        parts = part.taken.map { |taken| taken.part(unlikely.whole).except("role") }
        left = @practice.fetch("made/#{part.how}/yield")
        grams = parts.sum { |each| each["grams"] } * left / @servings
        {
          "ingredient" => @practice.words("made", part.how)["like"],
          "name" => part.name,
          "role" => @practice.words("made", part.how)["role"],
          "grams" => grams.round(1).clamp(Taken::SERVING),
          "held_back" => (1.0 if part.taken.all? { |taken| taken.into == "top" }),
          "made" => {
            "how" => part.how,
            "parts" => parts
          }
        }.compact
      end

      # Is there more to dress with than garlic or ginger?
      def dressed?
        return @dressed if defined?(@dressed)

        @dressed = loose.any? { |taken| taken.dressing? && !taken.aromatic? }
      end

      # As it is written: its parts in the recipe's own amounts, so much of it on a serving, and split as the
      # steps say.
      def dressing(wet)
        return if wet.empty?

        parts = wet.map { |taken| taken.part(unlikely.whole) }
        {
          "name" => "Dressing",
          "preset" => "all-at-once",
          "stages" => stages,
          "grams" => (parts.sum { |part| part["grams"] } / @servings).round(1).clamp(WRITTEN),
          "parts" => parts
        }.compact
      end

      # What stands in some of it ahead of the rest is named as it was taken.
      def stages
        return if @declined.include?(Split::KEY)

        split.stages&.map { |stage| stage.merge("to" => stage["to"].map { |key| taken_for(key) }) }
      end

      def taken_for(key)
        loose.find { |taken| taken.read.line.item.foods.include?(key) }&.ingredient&.key || key
      end

      def split
        @split ||= Split.new(@page.told_of_dressing, bound.told)
      end
    end
  end
end
