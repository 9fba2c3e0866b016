# frozen_string_literal: true

module Scullion
  class Salad
    # Advice on a build, never a block: what is missing or runs through it, the lines that say so,
    # and what from the larder would mend it. Rules of the job, "Balance".
    class Balance
      GREEN = %w[leaf herb].freeze
      BESIDE = %w[garnish crunch].freeze
      DRINKS = %w[warm-grain cold-grain pasta].freeze

      Note =
        Struct.new(:key, :what, :why, :lines, :adds, keyword_init: true) do
          def to_h = { "key" => key, "what" => what, "why" => why, "lines" => lines, "adds" => adds }
        end

      # @param portion [Count::Portion] @param ledger [Salad::Ledger] @param larder [Hash{String=>Ingredient}]
      def initialize(portion, ledger, larder)
        @portion, @ledger, @larder, @practice = portion, ledger, larder, portion.practice
      end

      # @return [Array<Note>]
      def notes
        @notes ||= [
          crunchy,
          creamy,
          soft,
          sour,
          sweet,
          bitter,
          fresh,
          colour,
          moisture,
          size,
          wilting
        ].compact
      end

      # The share of the salad's weight by taste and by texture, each with its lines; and its colours.
      def to_h
        {
          "tastes" => shares(:taste),
          "textures" => shares(:texture),
          "colours" => layers.map { |layer| layer.ingredient.colour }.uniq,
          "notes" => notes.map(&:to_h)
        }
      end

      private

      def layers = @portion.layers
      def total = @total ||= layers.sum(&:grams)
      def of(layers) = layers.sum(&:grams) / total
      def rule(key, field) = @practice.fetch("balance/#{key}/#{field}")
      def words(key) = @practice.words("balance", key)
      def names(layers) = layers.map { |layer| layer.component.name }
      def percent(share) = @practice.writer.share(share)
      def having(kind, words) = layers.select { |layer| felt(layer, kind).intersect?(words) }

      # Cooking changes what is felt: roast and boiled are soft, toasted and crisp crunch.
      def felt(layer, kind)
        return layer.ingredient.public_send(kind) unless kind == :texture

        component = layer.component
        return component.method.parcel.feel(layer.ingredient.texture) if component.method

        (component.treated && @practice.words("treats", component.treated)["feels"]) ||
          layer.ingredient.texture
      end

      def shares(kind)
        layers
          .flat_map { |layer| felt(layer, kind).uniq.map { |word| [word, layer] } }
          .group_by(&:first)
          .map do |word, pairs|
            {
              "name" => word,
              "share" => of(pairs.map(&:last)).round(4),
              "text" => percent(of(pairs.map(&:last))),
              "lines" => names(pairs.map(&:last))
            }
          end
          .sort_by { |row| -row["share"] }
      end

      def note(key, why, lines = [])
        Note.new(key: key, what: words(key)["what"], why: why, lines: names(lines), adds: adds(key))
      end

      # What could be added that the salad has not yet and the larder has.
      def adds(key)
        taken = layers.map { |layer| layer.ingredient.key }
        Array(words(key)["add"])
          .reject { |add| taken.include?(add["ingredient"]) || !@larder.key?(add["ingredient"]) }
          .map { |add| { "name" => @larder[add["ingredient"]].name, "component" => add } }
      end

      def crunchy
        found = having(:texture, @practice.words("balance", "crisp_textures"))
        return unless of(found) < rule("crunchy", "least_share")
        note(
          "crunchy",
          "#{percent(of(found))} of it crunches; #{percent(rule("crunchy", "least_share"))} is felt.",
          found
        )
      end

      def creamy
        found = having(:texture, %w[creamy])
        return unless of(found) < rule("creamy", "least_share")
        note("creamy", "#{percent(of(found))} of it is creamy.", found)
      end

      def soft
        found =
          having(:texture, @practice.words("balance", "soft_textures")) -
            having(:texture, @practice.words("balance", "crisp_textures"))
        note("soft", "#{percent(of(found))} of it is soft.", found) if of(found) > rule("soft", "most_share")
      end

      def sour
        return if @ledger.acid_share >= rule("sour", "least_acid")

        note("sour", "#{@practice.writer.per_hundred(@ledger.acid_share)} of acid reaches the plate.")
      end

      def sweet
        return if @ledger.sugar_share >= rule("sweet", "least_sugar")

        note("sweet", "#{@practice.writer.per_hundred(@ledger.sugar_share)} of sugar reaches the plate.")
      end

      def bitter
        found = having(:taste, %w[bitter])
        return unless of(found) > rule("bitter", "most_share")
        note("bitter", "#{percent(of(found))} of it is bitter.", found)
      end

      def fresh
        found = layers.select { |layer| GREEN.include?(layer.ingredient.family) }
        return unless of(found) < rule("fresh", "least_share")
        note("fresh", "#{percent(of(found))} of it is herb or leaf.", found)
      end

      def colour
        hues = layers.map { |layer| hue(layer.ingredient.colour) }.uniq
        return unless hues.size < rule("colour", "least_hues")
        note("colour", "It stays within #{hues.size} of twelve hues.", layers)
      end

      # One of twelve hues; greys and whites count as one more.
      def hue(colour)
        red, green, blue = colour.delete("#").scan(/../).map { |part| part.hex / 255.0 }
        most, least = [red, green, blue].max, [red, green, blue].min
        return :pale if most - least < 0.12

        turn =
          if most == red
            ((green - blue) / (most - least)) % 6
          elsif most == green
            ((blue - red) / (most - least)) + 2
          else
            ((red - green) / (most - least)) + 4
          end
        (turn * 2).floor
      end

      # Juicy raw cuts give their water to salt and grain.
      def moisture
        juicy =
          layers.select do |layer|
            felt(layer, :texture).include?("juicy") && !layer.component.method &&
              !@practice.figures.key?("treats/#{layer.component.treat}/salt_per_kg")
          end
        grain = layers.select { |layer| DRINKS.include?(layer.component.uptake_class) }
        return if grain.empty? || of(juicy) <= rule("moisture", "most_share")

        note(
          "moisture",
          "#{percent(of(juicy))} is juicy and raw beside a grain. Salt and drain it, seed it, or mix it " \
            "in late.",
          juicy
        )
      end

      # The largest cut against the smallest thing on the fork.
      def size
        sized = layers.filter_map { |layer| mm(layer).then { |size| [layer, size] if size } }
        return if sized.size < 2

        small, large = sized.minmax_by(&:last)
        return if large.last <= small.last * rule("size", "most_ratio")

        sizes =
          "#{large[0].component.name} is #{@practice.writer.mm(large.last)}, " \
            "#{small[0].component.name.downcase} #{@practice.writer.mm(small.last)}"
        note("size", "#{sizes}: cut towards the smaller.", [large[0], small[0]])
      end

      # What a fork meets: the middle size of a cut, or a grain's own. Leaf, herb and shavings fold.
      def mm(layer)
        return if GREEN.include?(layer.ingredient.family) || BESIDE.include?(layer.component.role)
        return @practice.cuts.fetch(layer.component.cut)["mm"].sort[1].to_f if layer.component.cut

        @practice.words("balance", "sizes")[layer.ingredient.family]&.to_f
      end

      def wilting
        warm = layers.select { |layer| layer.component.uptake_class == "warm-grain" }
        leaf =
          layers.select do |layer|
            layer.component.hold_class == "tender-leaf" && layer.component.held_back < 1
          end
        return if warm.empty? || leaf.empty?

        Note.new(
          key: "wilting",
          what: "Tender leaf on warm grain wilts",
          why: "Cool the grain first, or hold the leaf back for the top.",
          lines: names(warm + leaf),
          adds: []
        )
      end
    end
  end
end
