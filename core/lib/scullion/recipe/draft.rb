# frozen_string_literal: true

module Scullion
  module Recipe
    # A salad drafted from a written recipe: each line settled, asked about or offered as new; the
    # amounts brought to grams per serving, ready to serve; the steps mined for heat, minutes and
    # rests; and what is in the list and not in the steps, or the other way round.
    class Draft
      USUAL_SERVINGS = 4
      COOKED_HERE = "weighed cooked, and cooked here from raw"
      SERVING = Salad::Component::GRAMS
      # What stands beside the salad: cooked along and taken out, for the tray, on the table.
      BESIDE = %w[pot cook table].freeze
      # g of dressing on a serving.
      WRITTEN = (0.1..2000.0).freeze
      ITSELF =
        "That is this recipe's own name, and a salad cannot hold itself: choose what goes in, or leave " \
          "it out.".freeze
      TOO_MUCH =
        "That would be over #{SERVING.end.to_i} g a serving: mend the amount in the text, or leave " \
          "it out.".freeze

      # @param text [String] @param house [House]
      # @param choices [Hash{Integer=>String}] line number => key, or "leave"
      # @param amounts [Hash{Integer=>String}] line number => an amount in place of its own
      # @param right [Array<Integer>] numbers of lines whose unusual amount is meant so
      # @raise [UnreadableAmount] when it cannot be a recipe at all
      def initialize(text, house, choices: {}, amounts: {}, right: [], servings: nil)
        @house, @larder, @practice = house, house.larder, house.practice
        @choices = choices.select { |_, key| key == "leave" || @larder.key?(key) }
        @page = Page.new(text, house)
        @servings = servings || @page.servings || USUAL_SERVINGS
        @amounts, @right = amounts, right
        reader = LineReader.new(house)
        @reads = @page.ingredients.to_h { |line| [line.number, reader.read(line, amounts[line.number])] }
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "title" => @page.title,
          "servings" => @servings,
          "servings_said" => !@page.servings.nil?,
          "lines" => @page.lines.map { |line| line_to_h(line) },
          "steps" => @page.steps.map { |line| Step.new(line.text).to_h },
          "missing" => against_steps.missing,
          "unused" => against_steps.unused,
          "split" => split.words,
          "salad" => salad,
          "settled" => @reads.values.all? { |read| settled?(read) }
        }.compact
      end

      # @return [Ingredient, nil] what a line was taken for
      def taken(read)
        choice = @choices[read.line.number]
        return if choice == "leave"
        return @larder[choice] if choice

        read.guesses.first unless read.status == "unknown" || itself?(read)
      end

      def reads = @reads.values

      # A line's amount trimmed and cut, before it is cooked. @return [Float, nil] g in the whole recipe
      def prepared(read, ingredient)
        Portioned.new(read, ingredient, component_for(read, ingredient), @practice, @servings).prepared
      end

      # Where the line says that it goes, or the heading above it; else by what it is.
      # @return [String] salad, top, dressing, pot, table or serve
      def into(read, ingredient)
        said = read.to || read.line.into
        return said if said
        return "pot" if Items::COOKED_IN.include?(ingredient.key)

        @house.lexicon.poured?(ingredient.key) ? "dressing" : "salad"
      end

      private

      def against_steps
        @against_steps ||= AgainstSteps.new(@page, @larder, reads.map { |read| [read, taken(read)] })
      end

      def settled?(read)
        return true if @choices[read.line.number] == "leave"
        return false if too_much?(read) || taken(read).nil?

        @choices.key?(read.line.number) || (read.status == "sure" && !unweighed?(read))
      end

      # The recipe's own name among its ingredients.
      def itself?(read) = @page.title && read.name.casecmp?(@page.title) && @page.title.include?(" ")

      def zest?(read) = read.amount&.part == "zest"

      def right?(read) = @right.include?(read.line.number)

      # More than any serving is: not a line to take, but one to mend in the text.
      def too_much?(read)
        taken(read)&.then { |ingredient| grams(read, ingredient).to_f / @servings > SERVING.end }
      end

      # Read, but of no known weight here, so that the usual serving stands in.
      def unweighed?(read)
        ingredient = taken(read)
        ingredient && read.amount&.unit != :taste && grams(read, ingredient).nil?
      end

      def grams(read, ingredient)
        Portioned.new(read, ingredient, component_for(read, ingredient), @practice, @servings).grams
      end

      def line_to_h(line)
        read = @reads[line.number]
        return { "number" => line.number, "text" => line.text, "kind" => line.kind } unless read

        ingredient = taken(read)
        {
          "number" => line.number,
          "text" => line.text,
          "kind" => line.kind,
          "status" => status(read),
          "why" => why(read),
          **decided(line.number),
          **as_taken(read, ingredient),
          "name" => read.name,
          "guesses" => read.guesses.map { |guess| named(guess) }
        }.compact
      end

      # What the cook has said of this line.
      def decided(number)
        {
          "left" => @choices[number] == "leave" || nil,
          "mended" => @amounts[number],
          "right" => @right.include?(number) || nil
        }
      end

      def as_taken(read, ingredient)
        return {} unless ingredient

        {
          "taken" => named(ingredient),
          "done" => done(read, ingredient),
          "usual" => usual(read, ingredient),
          "to" => into(read, ingredient),
          "grams" => grams(read, ingredient)&.fdiv(@servings)&.round(2),
          "slip" => slip(read, ingredient)
        }
      end

      # An amount that this ingredient never is in so much salad: advice, with the reading that would mend it.
      def slip(read, ingredient)
        return if right?(read) || zest?(read)

        grams = grams(read, ingredient) or return
        found = Salad::Slip.new(ingredient, grams, whole, @practice)
        return unless found.slip?

        said = found.to_h.except("ingredient")
        said["reading"] &&= said["reading"].merge(
          "amount" => read.amount.times(said["reading"]["factor"]).written(@practice.writer)
        )
        said
      end

      # Of all that was taken, g.
      def whole
        @whole ||= reads.sum { |read| taken(read)&.then { |ingredient| grams(read, ingredient) }.to_f }
      end

      # From a tin says so, because its dry kind has the same name.
      def named(ingredient)
        tinned = ingredient.family == "tinned-pulse" && !ingredient.name.match?(/tin|pouch/i)
        { "key" => ingredient.key, "name" => tinned ? "#{ingredient.name}, tinned" : ingredient.name }
      end

      # Cut, trim, treatment and cooking that the line itself says, in words.
      def done(read, ingredient)
        return unless ingredient && !dressing?(read, ingredient)

        here = COOKED_HERE if read.words["cooked"] && component_for(read, ingredient)["cook"]
        [in_words(worked(read, ingredient).select { |kind, word| read.words[kind] == word }), here].compact
          .join(", ")
          .then { |words| words unless words.empty? }
      end

      # What the line leaves open and is done as usual.
      def usual(read, ingredient)
        return if ingredient.nil? || read.words["cooked"] || dressing?(read, ingredient)

        in_words(worked(read, ingredient).reject { |_, word| read.words.value?(word) })
      end

      def worked(read, ingredient)
        component = component_for(read, ingredient)
        component.slice("trim", "cut", "treat").merge("cook" => component.dig("cook", "method")).compact
      end

      def in_words(worked)
        cooked = @practice.words("recipe_words", "cook").key(worked["cook"]) || worked["cook"]
        [*worked.except("cook").values, cooked].compact
          .map { |word| word.tr("-", " ") }
          .join(", ")
          .then { |words| words unless words.empty? }
      end

      def status(read)
        return "sure" if settled?(read)
        return "unknown" if taken(read).nil?

        read.status == "sure" ? "doubtful" : read.status
      end

      def why(read)
        return if settled?(read)
        return ITSELF if itself?(read)
        return TOO_MUCH if too_much?(read)

        read.why || "Its weight is not known here: the usual serving stands in."
      end

      # What is poured, and what a dressing's own list names.
      def dressing?(read, ingredient) = into(read, ingredient) == "dressing"

      # As it usually comes in, with what the line says of trim, cut and cooking where it has it.
      def component_for(read, ingredient)
        usual = @house.default_component(ingredient).to_h
        return usual.except("trim", "cut", "treat", "cook") if zest?(read)

        said = read.words
        usual["trim"] = said["trim"] if ingredient.trims.key?(said["trim"])
        usual["treat"] = said["treat"] if ingredient.facts.fetch("treats", {}).key?(said["treat"])
        method = said["cook"] if ingredient.facts.key?(said["cook"].to_s)
        usual["cook"] = { "method" => method } if method
        usual["cut"] = said["cut"] if ingredient.cuts.include?(said["cut"])
        usual
      end

      def salad
        lines = reads.filter_map { |read| taken(read)&.then { |ingredient| [read, ingredient] } }
        wet, others = lines.partition { |read, ingredient| dressing?(read, ingredient) }
        solid = others.reject { |read, ingredient| BESIDE.include?(into(read, ingredient)) }
        return if solid.empty?

        {
          "name" => (@page.title || "Pasted salad")[0, 120],
          "components" => solid.map { |read, ingredient| served(read, ingredient) },
          "dressing" => dressing(wet)
        }.compact
      end

      def served(read, ingredient)
        component = component_for(read, ingredient)
        grams = grams(read, ingredient)
        zest = { "name" => "Zest of #{ingredient.name.downcase}" } if zest?(read)
        component.merge(
          "grams" => grams ? (grams / @servings).round(1).clamp(SERVING) : component["grams"],
          "right" => right?(read) || nil,
          "held_back" => (1.0 if into(read, ingredient) == "top"),
          **zest.to_h
        ).compact
      end

      # As it is written: its parts in the recipe's own amounts, so much of it on a serving, and split as the
      # steps say. "To taste" is the least that is usual.
      def dressing(wet)
        return if wet.empty?

        parts = wet.map { |read, ingredient| part(read, ingredient) }
        {
          "name" => "Dressing",
          "preset" => "all-at-once",
          "stages" => split.stages,
          "grams" => (parts.sum { |part| part["grams"] } / @servings).round(1).clamp(WRITTEN),
          "parts" => parts
        }.compact
      end

      def part(read, ingredient)
        grams = prepared(read, ingredient) || (ingredient.figures["usual/low"] || 1.0) * whole / 100
        {
          "ingredient" => ingredient.key,
          "role" => @house.default_component(ingredient).in_dressing,
          "grams" => [grams.round(2), 0.01].max,
          "right" => right?(read) || nil
        }.compact
      end

      def split
        @split ||= Split.new(@page.steps.flat_map { |line| line.text.split(/(?<=[.!?;])\s+/) })
      end
    end
  end
end
