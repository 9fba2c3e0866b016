# frozen_string_literal: true

module Scullion
  module Recipe
    # A food that a line only speaks of, and what goes with it: into its water, into its pan, onto it. For
    # Items, which it is a part of.
    module GoesWith
      # Water to soak in, to chill, to rinse with.
      OTHER_WATER =
        /\b(?:soak\w*|plump\w*|steep\w*|cold|iced?|rins\w*|chg|lots|plenty|loads|spring
           |acidulated|lemon\w*|ke?pt|held|hold|keep|sour)\b/ix.freeze
      ON = %w[on onto].freeze
      ALL_OF = %w[the all].freeze

      private

      # What stands before it goes where this food is.
      def spoken_of(token, index)
        if @lexicon.cooked_in?(token.value[:keys].first)
          return if @lexicon.eaten?(item.foods.first)

          item.place ||= "pot" if @around.in?(index) && !@text.match?(OTHER_WATER)
        elsif @around.for?(index) && @lexicon.poured?(item.foods.first) && !dressing?(token)
          item.place ||= @lexicon.cooked_in?(item.foods.first) ? "pot" : "cook"
        elsif rubbed_on?(token, index) || in_with?(index)
          item.place ||= "cook"
        end
      end

      # "Cumin 1 tbsp on the squash"
      def rubbed_on?(token, index)
        before = @around.clause_before(index).find { |word| !ALL_OF.include?(word) }
        ON.include?(before) && @lexicon.roasted?(token.value[:keys].first) &&
          (@lexicon.spice?(item.foods.first) || @lexicon.fat?(item.foods.first))
      end

      # "6 cloves garlic, sliced, in with the mushrooms"
      def in_with?(index)
        @lexicon.aromatic?(item.foods.first) &&
          @around.clause_before(index).each_cons(3).include?(%w[the with in])
      end

      # "300 ml oil for mayo": what it is for dresses.
      def dressing?(token) = @lexicon.sections[Lexicon.singular(token.folded.last)] == "dressing"

      # "Roasted in foil with thyme", "fried in butter": herbs to taste, and what somebody may not eat,
      # however much it is, on what it is cooked with. The house's own stands in for oil that is only named.
      def cooked_with?(token, index)
        key = token.value[:keys].first
        return @around.cooked_with?(index) if @lexicon.seasons?(key)

        return false unless @lexicon.told_of?(key)

        done = @lexicon.words("kept").fetch("cooked_in")
        @around.only_named_in?(index, done, loosely: !@lexicon.acid?(key)) ||
          (@around.right_in?(index) && (@lexicon.fat?(key) || @lexicon.family(key) == "dairy"))
      end

      # What is said behind the next comma is of what was cooked: "poached in milk, flaked".
      def cooked_with(token)
        cooked = item
        begin_item(token)
        @cooked = cooked
        name(token)
        key = token.value[:keys].first
        item.place = @lexicon.cooked_in?(key) ? "pot" : ("cook" if poured_key?(key) || @lexicon.seasons?(key))
        item.flags << (@lexicon.seasons?(key) || @lexicon.own_stock?(key) ? :taste : :cooked_in)
      end
    end
  end
end
