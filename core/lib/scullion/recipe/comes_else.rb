# frozen_string_literal: true

module Scullion
  module Recipe
    # How a food comes by its line, where the larder has it otherwise: from a tin, pickled, smoked, soaked,
    # or as something that it may stand in for. Part of LineReader.
    module ComesElse
      IN_A_TIN = /\b(?:tin(?:ned|s)?|can(?:ned|s)?|jar(?:red|s)?|brine)\b/i.freeze
      # "400 g soaked chickpeas", not "chickpeas, soaked".
      SOAKED = /\d\s*(?:k?g|lbs?|oz|cups?)\s+(?:of\s+)?(?:ready[- ]|pre-?)?soaked\s/i.freeze
      RATIO = /\b\d\s?:\s?\d\b/.freeze
      PICKLED_THEN = /[[:alpha:]]\W.*\bpickled\W*\z/i.freeze

      private

      # "Vinaigrette 1:3, 400 ml" is made here.
      def by_ratio?(food) = @house.lexicon.bought?(food.key) && @line.text.match?(RATIO)

      # How it comes by its line, where the larder has it otherwise. @return [String, nil]
      def came_else(item, ingredient)
        if @house.lexicon.stand_in?(item.name.to_s, ingredient)
          return "The larder has no #{item.name.downcase}: does this stand in?"
        end
        return "Bought pickled, or pickled here?" if pickled_else?(item, ingredient)
        return "Bought so, or made here?" if made_here?(item, ingredient)
        return "Fresh? The larder has it dried and ground." if fresh_spice?(item, ingredient)
        return "Fresh? The larder has it dried." if fresh_pulse?(item, ingredient)
        return "Weighed soaked, or dry?" if ingredient.family == "pulse" && @line.text.match?(SOAKED)

        return "The larder has no juice of it: which stands in?" if juice_else?(item, ingredient)
        return unless tinned_else?(item) && grows?(ingredient)

        "“#{@line.text[IN_A_TIN]}”? The larder has it as it grows."
      end

      # "Roast peppers: 12 kg mixed, charred, skins off": the larder has them from a jar.
      def made_here?(item, ingredient)
        ingredient.family == "pickle" && item.words.key?("cooks") && !item.counted? &&
          !item.name.to_s.downcase.include?(WrittenWay.said(item.words["cooks"], @house.practice).to_s)
      end

      # "Turmeric, fresh, 10 g"
      def fresh_spice?(item, ingredient)
        ingredient.family == "spice" && Candidates::FRESH.include?(item.words["states"])
      end

      # "Borlotti, 1 kg podded fresh"
      def fresh_pulse?(item, ingredient)
        ingredient.key.start_with?("dry-") && ingredient.family == "pulse" &&
          (item.words["states"] == "fresh" || @line.text.match?(/\bpodded\b/i))
      end

      # "3 blood oranges, juiced": the fruit is not eaten.
      def juice_else?(item, ingredient) = item.parts.first == "juice" && @house.lexicon.fruit?(ingredient.key)

      # Not "carrots, in a roasting tin".
      def tinned_else?(item)
        return false unless %w[tinned jarred].include?(item.words["states"])

        name = Regexp.escape(item.name.to_s)
        %w[tin jar].include?(item.container) ||
          @line.text.match?(
            /\b(?:tinned|canned|jarred)\s+(?:\S+\s+)?#{name}|#{name},?\s+(?:tinned|canned|jarred)\b/i
          )
      end

      # "Pickled turnip" is bought so, or a part to be made.
      def pickled_else?(item, ingredient)
        return false if ingredient.family == "pickle" || !@line.text.match?(/pickled/i)

        # "Onions, pickled": what is said behind a name that nobody needs to say.
        return true if item.name.to_s.match?(/\Apickled/i) && @line.text.match?(PICKLED_THEN)

        name = Regexp.escape(item.name.to_s)
        @line.text.match?(/\bpickled\s+(?:\S+\s+)?#{name}|\bpickled\b.*\b(?:jar|tin|can)\b/i) &&
          [ingredient.name, *ingredient.aliases].none? { |each| each.match?(/pickl/i) }
      end

      # Is it trimmed, as what comes in a tin never is?
      def grows?(ingredient)
        ingredient.trims.any? && !@house.lexicon.preserved?(ingredient.key) &&
          [ingredient.name, *ingredient.aliases].none? { |name| name.match?(/tin|\bcan|jar|drain/i) }
      end

      # "Smoked tomatoes", where there are none: what is cured is as it comes.
      def smoked_else?(item, ingredient)
        item.words["states"] == "smoked" && ingredient.family != "cured" &&
          [ingredient.name, *ingredient.aliases].none? { |name| name.match?(/smok/i) }
      end
    end
  end
end
