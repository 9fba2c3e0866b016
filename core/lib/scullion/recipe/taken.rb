# frozen_string_literal: true

module Scullion
  module Recipe
    # One food of a recipe as it was taken: how it comes in, how much of it, and where it goes.
    class Taken
      SERVING = Salad::Component::GRAMS
      COOKED_HERE = "weighed cooked, and cooked here from raw"
      CUT_THEN = "cut once it is cooked"
      # What stands beside the salad: cooked along and taken out, for the tray, on the table.
      BESIDE = %w[pot cook table].freeze

      attr_reader :read, :ingredient

      # @param read [LineReader::Read] @param ingredient [Ingredient] @param house [House]
      # @param servings [Integer] @param right [Boolean] an unusual amount is meant
      # @param bound [Bound, nil] what the steps say of how it is cooked
      # @param said [Integer, nil] servings, where somebody says them
      def initialize(read, ingredient, house, servings, right: false, bound: nil, said: nil)
        @ingredient, @house, @servings, @right = ingredient, house, servings, right
        instead = read.instead.to_h[ingredient.key]
        @read = instead ? read.dup.tap { |own| own.amount = instead } : read
        @bound, @said = bound, said
      end

      def right? = @right
      def zest? = read.amount&.part == "zest"
      def dressing? = into == "dressing"
      def beside? = BESIDE.include?(into)
      def at_table? = into == "table"

      # For itself, and not to season or to dress.
      def eaten?
        !dressing? && !beside? && !lexicon.poured?(ingredient.key) && !lexicon.seasons?(ingredient.key)
      end
      def aromatic? = lexicon.aromatic?(ingredient.key)

      # g in the whole recipe, ready to serve. @return [Float, nil]
      def grams
        return @grams if defined?(@grams)

        @grams = portioned.grams
      end

      # g in the whole recipe, trimmed and cut as the line says, before it is cooked. @return [Float, nil]
      def prepared = portioned.prepared

      # g in the whole recipe as it is written: of what is counted, as it is bought. @return [Float, nil]
      def weighed = portioned.weighed

      # More than any serving is: not a line to take, but one to mend in the text.
      def too_much? = grams.to_f / @servings > SERVING.end

      # Read, but of no known weight here, so that the usual serving stands in.
      def unweighed? = read.amount&.unit != :taste && grams.nil?

      # Where the line says that it goes, or the heading above it; else by what it is.
      # @return [String] salad, top, dressing, pot, cook, table or serve
      def into
        said = read.to || read.line.into
        return said unless said.nil? || (said == "top" && @bound&.untopped?(read))
        return "pot" if lexicon.cooked_in?(ingredient.key) && !thins?

        return "salad" if lexicon.strewn?(ingredient.key)
        return "cook" if lexicon.fried_in?(ingredient.key)

        lexicon.poured?(ingredient.key) || (lexicon.aromatic?(ingredient.key) && raw?) ? "dressing" : "salad"
      end

      # Kept for the top. @return [Float, nil] the share of it
      def held = @bound&.unkept?(read) ? read.line.item.held : read.line.held

      # As it usually comes in, with what the line says of trim, cut and cooking where it has it.
      # @return [Hash] a salad's component
      def component
        @component ||=
          if zest?
            usually.except("trim", "cut", "treat", "cook")
          else
            sized(as_told(kept_on.merge(as_said)))
          end
      end

      # The same with its grams a serving.
      def served
        name = { "name" => called }.compact
        component.merge(
          "grams" => grams ? (grams / @servings).round(1).clamp(SERVING) : component["grams"],
          "right" => right? || nil,
          "held_back" => held || (1.0 if into == "top"),
          "fruit" => fruit,
          "pieces" => on_the_plate,
          "written" => written,
          **name
        ).compact
      end

      # Written as whole fruit, for its juice or its zest. @return [String, nil]
      def fruit
        kind = read.amount&.part
        kind if Salad::Fruit::KINDS.include?(kind) && Salad::Fruit.of(kind, ingredient, @house.larder)
      end

      # What only a part of it is called. @return [String, nil]
      def called
        return "Zest of #{ingredient.name.downcase}" if zest?

        part = read.line.item.words["plant_part"]
        "#{ingredient.name}, #{part}" if part
      end

      SKIN_OFF = %w[peeled skinned].freeze
      SEEDED = { "trim" => "seeded" }.freeze
      # How cuts leave what is still counted on a plate.
      COUNTABLE = [nil, "halved", "quartered", "wedges"].freeze
      # Of one thing on a plate; more are weighed.
      PLATED = (0.25..12.0).freeze
      QUARTERS = 4

      # So many on each plate, where the line counts them by the head or lays them on top, and they are whole
      # or in halves. @return [Float, nil]
      def on_the_plate
        amount, item = read.amount, read.line.item
        return unless amount&.unit == :piece && COUNTABLE.include?(component["cut"]) && fruit.nil?
        return unless read.per_head || item.place == "top" || item.said?(:per_head)

        each = read.per_head ? amount.value : amount.value / @servings
        each if PLATED.cover?(each) && (each * QUARTERS % 1).zero?
      end

      # A part of the dressing. @param whole [Float] g of all that was taken, of which "to taste" is the least
      #   that is usual
      def part(whole)
        weighed = prepared || (ingredient.figures["usual/low"] || 1.0) * whole / 100
        {
          "ingredient" => ingredient.key,
          "role" => @house.default_component(ingredient).in_dressing,
          "grams" => [weighed.round(2), 0.01].max,
          "fruit" => fruit,
          "right" => right? || nil,
          "written" => written
        }.compact
      end

      # Its row as it stands in the recipe, and for how many: "3 bunches radishes, wafer-thin (for 36)".
      def written
        whom = read.per_head ? "a serving" : ("for #{@said}" if @said)
        behind = whom ? " (#{whom})" : ""
        row, most = read.line.text.to_s.squeeze(" ").strip, Salad::Component::WRITTEN - behind.size
        "#{row.size > most ? "#{row[0, most - 1].rstrip}…" : row}#{behind}"
      end

      # Cut, trim, treatment and cooking that the line itself says, in words.
      def done
        return if dressing?

        here = COOKED_HERE if read.words["cooked"] && cooked_here?
        here ||= CUT_THEN if component.dig("cook", "cut_after")
        whole = read.words["cut"] if left_whole?
        said = [in_words(worked.select { |kind, word| said?(kind, word) }), whole, here].compact.join(", ")
        said unless said.empty?
      end

      # What the written cut is of a food that is not cut so here: "chopped here".
      def cut_for
        written = read.words["cut"]
        return if written.nil? || dressing? || left_whole? || cut_to_size

        "#{cut_written.tr("-", " ")} here" unless [nil, written].include?(cut_written)
      end

      # What the line leaves open and is done as usual.
      def usual
        return if read.words["cooked"] || dressing?

        open = worked.reject { |kind, word| said?(kind, word) || read.words.value?(word) }
        in_words(open.except(*told.keys))
      end

      private

      def practice = @house.practice
      def lexicon = @house.lexicon
      # So little water is whisked in, not boiled in.
      def thins?
        return false unless ingredient.key == "water" && %i[ml g].include?(read.amount&.unit)

        amount = read.amount.value
        amount <= practice.fetch("reading/thinning_ml") ||
          amount / @servings <= practice.fetch("reading/thinning_serving_ml")
      end
      # Not what comes cooked, in a tin or a pouch.
      def cooked_here? = component["cook"] && component.dig("cook", "method") != "tinned"
      def raw? = !read.words.keys.intersect?(%w[cook cooked])
      def portioned = @portioned ||= Portioned.new(read, ingredient, component, @house, @servings)

      # What comes frozen is trimmed.
      def usually
        @usually ||= @house.default_component(ingredient).to_h.except(*("trim" if frozen?))
      end

      def frozen?
        read.line.item.words["states"] == "frozen" || ingredient.key.start_with?("frozen-")
      end

      def as_told(component) = @bound ? @bound.cooked(component, read, ingredient) : component

      # As it usually comes in, but for the skin where the line says "skin on", not cooked where it is written
      # raw, and not cut where it is left whole.
      def kept_on
        raw = read.eaten_raw?(ingredient)
        usual = usually.except(*("cook" if raw), *("cut" if left_whole?))
        skin_on? ? in_its_skin(usual) : usual
      end

      def skin_on?
        read.words["trim"] == DoneToIt::UNPEELED && !ingredient.trims.key?(DoneToIt::UNPEELED)
      end

      # An apple is still cored, and a squash loses its seeds.
      def in_its_skin(usual)
        return usual unless SKIN_OFF.include?(usual["trim"])

        usual.except("trim").merge(SEEDED.slice(*("trim" if ingredient.trims.key?(SEEDED["trim"]))))
      end

      def as_said
        said = read.words
        {
          "trim" => (said["trim"] if ingredient.trims.key?(said["trim"])),
          "treat" => (said["treat"] if ingredient.facts.fetch("treats", {}).key?(said["treat"])),
          "cook" => ({ "method" => said["cook"] } if ingredient.facts.key?(said["cook"].to_s)),
          "cut" => cut_written
        }.compact
      end

      # Roasted, and cut nobody says how.
      def sized(component)
        cook = component["cook"].to_h
        unsaid =
          component["cut"] && component["cut"] == usually["cut"] && cut_written.nil? && !told.key?("cut")
        return component unless unsaid && cook["method"] == "roast" && !cook["cut_after"]

        RoastSize.new(@house).of(component, ingredient)
      end

      def left_whole? = read.words["cut"] == WrittenWay::WHOLE && WrittenWay.left_whole?(ingredient)
      def said?(kind, word) = word == (kind == "cut" ? cut_written : read.words[kind])
      # By the steps.
      def told = @bound ? @bound.prepped(read, ingredient) : {}

      # By the size that is written, by its name, or what that is of this food.
      def cut_written = cut_to_size || WrittenWay.cut(read.words["cut"], ingredient, @house.lexicon)

      # "In 2 cm dice": the cut that comes nearest to the size that is written.
      def cut_to_size = CutSize.of(read.line.text.to_s, read.words["cut"])&.nearest(ingredient.cuts, practice)

      def worked
        component.slice("trim", "cut", "treat").merge("cook" => component.dig("cook", "method")).compact
      end

      def in_words(worked)
        cooked = component.dig("cook", "yolk")&.then { |yolk| lexicon.words("yolks").key(yolk) }
        cooked = WrittenWay.said(worked["cook"], practice) unless cooked && worked["cook"]
        words = [*worked.except("cook").values, cooked].compact.map { |word| word.tr("-", " ") }.join(", ")
        words unless words.empty?
      end
    end
  end
end
