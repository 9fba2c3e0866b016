# frozen_string_literal: true

module Scullion
  class Salad
    # One prepped or cooked item of a salad: so many grams a serving, in this form.
    class Component
      FIELDS = %w[
        ingredient
        name
        grams
        amount
        pieces
        role
        trim
        cut
        treat
        treat_minutes
        cook
        made
        with
        fruit
        held_back
        right
        written
      ].freeze
      RAW = {}.freeze

      # Cuts of what is cooked whole and parted then.
      FALLS_APART = %w[flaked].freeze

      # g a serving that a component may weigh.
      GRAMS = (0.1..5000.0).freeze
      # Of what is counted on the plate, so many to a serving.
      PIECES = (0.05..200.0).freeze
      # Minutes that a treatment may take, where the cook says how long.
      TREAT_MINUTES = (1..1440).freeze
      # Letters of what the recipe writes of it.
      WRITTEN = 200

      attr_reader :ingredient,
                  :name,
                  :grams,
                  :pieces,
                  :role,
                  :trim,
                  :cut,
                  :treat,
                  :treat_minutes,
                  :cook,
                  :made,
                  :with,
                  :fruit,
                  :held_back,
                  :right,
                  :written

      # @param ingredient [Ingredient] @param grams [Float] ready to serve, per serving
      # @param role [String] a key of facts/practice/roles @param cook [Hash] "method" and its options
      # @param made [Salad::Made, nil] what it is made of; the ingredient is then what that is like
      # @param with [Array<Salad::With>] what cooks along
      # @param treat_minutes [Numeric, nil] how long the cook treats it
      # @param fruit [Salad::Fruit, nil] the whole fruit that a zest comes from
      # @param held_back [Float] share kept for the top, 0 to 1
      # @param right [Boolean] the cook says that an unusual amount is meant
      # @param written [String, nil] its row of the recipe, in the cook's words; no figure follows from it
      def initialize(
        ingredient:,
        grams:,
        role:,
        name: nil,
        trim: nil,
        cut: nil,
        treat: nil,
        treat_minutes: nil,
        cook: RAW,
        made: nil,
        with: [],
        fruit: nil,
        pieces: nil,
        held_back: 0.0,
        right: false,
        written: nil
      )
        @like, @grams, @role, @trim, @cut, @treat = ingredient, grams, role, trim, cut, treat
        @treat_minutes = treat_minutes
        @cook, @made, @with, @fruit, @held_back, @right = cook, made, with, fruit, held_back, right
        @pieces, @written = pieces, written
        @given_name = name
        @name = name || ingredient.name
        @ingredient = made ? made.ingredient(ingredient, @name) : ingredient
        @method = Cook::Parcels.kind(cook["method"])
        @form = @method ? @method.parcel.form : (cut || @ingredient.uncut)
        @preparation = [
          ingredient.key,
          trim,
          cut,
          treat,
          treat_minutes,
          *cook.sort.flatten,
          made&.signature,
          fruit&.kind,
          *with.map { |each| each.signature(grams) }
        ].compact.join("|")
        freeze
      end

      # @return [Class, nil] the cooking method, nil for raw
      attr_reader :method

      # The form it has in the salad, which decides density, hold and uptake.
      attr_reader :form

      # Components with the same preparation are prepped and cooked once, then split.
      attr_reader :preparation

      # The same at another weight. @param grams [Float] @return [Component]
      def weighing(grams)
        changed(
          grams: grams,
          with: with.map { |each| each.times(grams / self.grams) },
          pieces: pieces && (pieces * grams / self.grams)
        )
      end

      # The same, made otherwise. @param changes [Hash] see #initialize @return [Component]
      def changed(**changes)
        Salad::Component.new(
          ingredient: @like,
          grams: grams,
          role: role,
          name: @given_name,
          trim: trim,
          cut: cut,
          treat: treat,
          treat_minutes: treat_minutes,
          cook: cook,
          made: made,
          with: with,
          fruit: fruit,
          pieces: pieces,
          held_back: held_back,
          right: right,
          written: written,
          **changes
        )
      end

      # As plain data, the way a brief has it.
      def to_h
        {
          "ingredient" => ingredient.key,
          "name" => @given_name,
          "grams" => grams,
          "pieces" => pieces,
          "role" => role,
          "trim" => trim,
          "cut" => cut,
          "treat" => treat,
          "treat_minutes" => treat_minutes,
          "held_back" => held_back.zero? ? nil : held_back,
          "cook" => cook.empty? ? nil : cook,
          "made" => made&.to_h,
          "with" => with.empty? ? nil : with.map(&:to_h),
          "fruit" => fruit&.kind,
          "right" => right || nil,
          "written" => written
        }.compact
      end

      # Cooked whole, and cut once it is cooked? What the cook says; else fish that is flaked, and nuts that
      # are toasted.
      def cut_after?
        return false unless cut && method

        cook.fetch("cut_after") { FALLS_APART.include?(cut) || method.parcel.cut_then?(cook) }
      end

      # Cooked in its skin, and trimmed once it is cooked?
      def trimmed_after?
        return false if trim == "scrubbed"

        cook.fetch("cut_after") { !method.nil? && method.parcel.school_cuts?(cook) } && !cut.nil?
      end

      def density = ingredient.density(form)

      # It can be dressed while it is hot from the pot: cooked so, and neither rinsed cold nor cooled first.
      # @param practice [Practice]
      def dressed_warm?(practice)
        return false unless method&.parcel&.hot?

        serve = practice.schools(cook["method"])["serve"] or return true
        (cook["serve"] || serve.keys.first) == "warm"
      end

      # The address of what the treatment leaves, or with bread adds.
      def treat_at
        %w[gain yield].map { |word| "treats/#{treat}/#{word}" }.find { |at| ingredient.figures.key?(at) }
      end
      def treatable? = !treat_at.nil?

      # How long the treatment takes: as the cook says, else as usual. @param practice [Practice]
      def treated_for(practice) = treat_minutes || practice.fetch("treats/#{treat}/minutes")

      # "Salt and drain, 35 min" @param practice [Practice] @return [String]
      def treatment(practice)
        minutes = treated_for(practice)
        name = practice.words("treats", treat)["name"]
        [name, (practice.writer.min(minutes) if minutes.positive?)].compact.join(", ")
      end

      # What the treatment made of it: bread that is moistened is no crouton. Nil where it is cooked after.
      def treated = method ? nil : treat

      # By what the food is now: roast chicken holds as cooked meat, and not as what is roasted beside it.
      def hold_class = (method && kind.hold) || ingredient.holds[treated] || ingredient.hold_class(form)
      def kind = Safety::Catalogue.shipped.kind(ingredient)

      # Must it be kept cold (or hot, or on the clock) as it is in the salad? Yes for anything cooked, unless
      # its kind or the larder says why not; the stricter of the two.
      def tcs?
        ingredient.tcs?(form) || ingredient.tcs.include?(treated) ||
          kind.cold?(cooked: !method.nil?, cut: !cut.nil?)
      end

      # Grain that is cooled first no longer drinks as warm grain does.
      def uptake_class
        usual = ingredient.carries[treated] || ingredient.uptake_class(form)
        usual == "warm-grain" && cook["serve"] == "cooled" ? "cold-grain" : usual
      end

      # Bought things beside the ingredient itself that bring what guests may not eat; what cooks along does
      # too.
      # @return [Array<String>] seasonings
      def brings = cook["liquid"] == "stock" ? ["stock"] : []
    end
  end
end
