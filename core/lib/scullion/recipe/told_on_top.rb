# frozen_string_literal: true

module Scullion
  module Recipe
    # What the steps scatter, sprinkle and finish with: it is kept whole for the top. For ToldPlaces, which it
    # is a part of.
    module ToldOnTop
      TOP =
        /\b(?:(?:for|on|over)\s(?:the\s)?top|(?:on|over)\s(?:at\s)?the\s(?:very\s)?last\s
            (?:minute|moment|second)|scatter\w*|sprinkle\w*|to\sfinish|crumbled?\sover)\b/ix.freeze
      # "Toasted almonds, a couple of handfuls, go over at the very end."
      GOES_OVER =
        /\A(?<what>[^.;]{3,60}?),?\s+go(?:es)?\s+(?:on|over)\s+
          (?:(?:the\s+)?top\b|last\b|at\s+(?:the\s+)?(?:very\s+)?(?:end|last)\b)/ix.freeze
      # "Dot over the goat's cheese, tear over the basil."
      DOTTED =
        /\b(?:dot|tear|grate|shave|snip|flake|drape|strew|shower|crack|spoon\s+dollops)\s+(?:over|on)\s+
          (?<what>(?:(?:the|some|your|a\s+few|all)\s+)?[^.;,]*)/ix.freeze
      SCATTER =
        /\b(?:scatter|sprinkle|crumble)\b(?!\S|\s+in(?:to)?\b)(?:\s+(?:over|on|with))?(?<what>\s.*)\z/i.freeze
      # What is crumbled stands right before it.
      CRUMBLED = /(?<what>(?:(?-i:[[:alpha:]'’-]+)\s+){1,4})(?:crumbled?|grated|shaved)\s+over\b/i.freeze
      TO_FINISH = /\bto\s(?:finish|garnish)\b/i.freeze
      PLACED_SO = /\b(?:over|under|on|in|into|through|with|onto)\b/i.freeze
      ON_TOP = /\b(?:on|over)\s(?:the\s)?top\b/i.freeze
      # "Scatter with the almonds and feta": all that follows.
      TOP_WITH =
        /(?:\A|[.;,]\s*|\b(?:and|then|serve|served|service|serving|pass)\s+)
          (?:scatter|sprinkle|top|finish|garnish|strew|shower|dot|crown|stud)(?:ed|s)?\s+
          (?:(?:it|them|each|all|everything|generously|the\s+(?:salad|lot|dish|plates?|bowls?|platter))\s+)*
          with\b(?<what>[^.;]*)
         |\bon\s+(?:the\s+)?top\s+with\b(?<what>[^.;]*)/ix.freeze
      # "Lay over it six eggs and a sprinkling of dill", "throw the walnuts over".
      LAID_OVER =
        /\b(?:lay|put|place|throw|chuck|pile|arrange|drop)\s+
          (?:over\s+(?:it|them|all|everything|the\s+(?:top|salad|lot))\s+(?<behind>[^.;]*)
            |(?<before>(?:(?-i:[[:alpha:]'’-]+)\s+){1,5})over\b
              (?!\s+(?:an?|the|some|it|them|ice|\w+\s+heat)\b))/ix.freeze
      # "Chives over."
      OVER = /\A(?<what>[[:alpha:]'’, &]{3,40}?)\s+over\W*\z/i.freeze
      # "Just before service top with": whatever it is.
      AT_SERVICE = /\b(?:before|at)\s+(?:service|serving|the\s+pass)\b|\bto\s+serve\b/i.freeze
      # What a salad is topped with when nothing else is meant.
      TOPPINGS = %w[cheese nut-or-seed herb spice salt cured egg pickle bread fat allium].freeze
      OTHERS = /\A(?:pomegranate|spring-onion|crispy-onions|raisins|sultanas|dried-cranberries)/.freeze
      PLATED = /\b(?:top|finish|crown)(?:ed|s)?\b/i.freeze
      # What is done after that.
      THEN =
        /(?:[.;]|,?\s+(?:then|and\s+(?:serve|drizzle|dress|finish|spoon)|serve|drizzle|spoon)\b).*\z/im.freeze
      # "The remaining mint": the rest of what is in it already.
      REST_OF_IT =
        /\b(?:remaining|reserved|(?:rest|remainder)\s+of(?:\s+the)?|other\s+half(?:\s+of(?:\s+the)?)?)\s+
          (?-i:[[:alpha:]'’-]+)(?:\s+(?-i:[[:alpha:]'’-]+))?/ix.freeze
      SOME_OF_IT = /\b(?:some|half|third|quarter|most|few|couple|bit)\b/i.freeze
      # "A few almonds" are all that there are.
      SHARE_OF_IT = /\b(?:half|third|quarter|most|some)\b/i.freeze
      FEW_KEPT =
        /\b(?:keep|reserv|sav|hold|set)(?:e|ing)?\b[^.;]{0,16}
          \b(?:a\s+(?:few|little|handful|couple|bit)|some)\b/ix.freeze
      # Share of the foods from which all of them are laid on top.
      MOSTLY = 0.5
      # Foods to a sentence in which all of them are meant.
      FEW = 3

      private

      # What is kept whole for the top, or goes over it last.
      def goes_on_top?(item)
        return false if @items.poured?(item) || @items.lexicon.fat?(item.foods.first)
        return false if item.parts.include?("juice") || few_kept?(item)

        item.foods.intersect?(topping.flatten) || named_on_top?(item) || named_in_topping?(item)
      end

      # "Chop the dill, keeping a few fronds back": those go on top, and not all of it.
      def few_kept?(item) = mentions(item).any? { |text| text.match?(FEW_KEPT) }

      def topping
        @topping ||=
          told
            .select { |text, _| text.match?(TOP) && !text.match?(SOME_OF_IT) && !on_a_tray?(text) }
            .map { |text, _| @items.of(goes_over(text).gsub(REST_OF_IT, ""), prose: true).flat_map(&:foods) }
            .select { |foods| foods.uniq.size <= FEW }
      end

      # "Almonds on top" of flaked ones: by the last word of its name.
      def named_in_topping?(item)
        word = head(item.name)
        return false if word.length < Lexicon::SHORTEST

        kinds = topping.flatten & @items.of(word, prose: true).flat_map(&:foods)
        kinds.any? &&
          kinds.all? { |key| @items.lexicon.family(key) == @items.lexicon.family(item.foods.first) }
      end

      # By the last word of its name, or what it is.
      def named_on_top?(item)
        @topped_with ||= told.flat_map { |text, _| topped_with(text) }
        @topped ||= @topped_with.flat_map { |what| foods_of(what) }
        return true if item.foods.intersect?(@topped) || kind_on_top?(item.foods.first)

        word = head(item.name)
        word.length >= Lexicon::SHORTEST &&
          @topped_with.any? { |what| Lexicon.singulars(what).include?(word) }
      end

      # "Finish with the pomegranate" of its seeds.
      def kind_on_top?(key) = @topped.any? { |other| key.start_with?("#{other}-") }

      # "Scatter with", or "scatter over", what is on no tray; "top with" what is a topping, and no body of a
      # salad.
      # @return [Array<String>] what all of it goes over
      def topped_with(text)
        said = [text[TOP_WITH, :what], laid_over(text), alone_over(text), text[GOES_OVER, :what]]
        unless text.match?(ToldPlaces::COOKING)
          said << text[SCATTER, :what]&.sub(THEN, "")
          said.concat(text.to_enum(:scan, DOTTED).map { Regexp.last_match[:what].sub(THEN, "") })
        end
        said
          .compact
          .map { |what| what.gsub(REST_OF_IT, "") }
          .select { |what| !what.match?(SHARE_OF_IT) && mostly_on_top?(foods_of(what), text) }
      end

      # "Top with the chicken, croutons, anchovies and cheese", and not "top with the lentils and feta".
      def mostly_on_top?(foods, text)
        laid = foods.count { |key| on_top?(key, text) }
        laid == foods.size || laid > foods.size * MOSTLY
      end

      def laid_over(text) = text.match(LAID_OVER)&.then { |said| said[:behind] || said[:before] }

      # No verb before it.
      def alone_over(text)
        what = text[OVER, :what] or return
        what unless @items.lexicon.verbs.key?(what[/[[:alpha:]]+/].downcase)
      end

      def foods_of(what) = @items.of(what, prose: true).flat_map { |item| item.foods.first(1) }

      def on_top?(key, text)
        family = @items.lexicon.family(key)
        if text.match?(PLATED) && !text.match?(AT_SERVICE)
          return TOPPINGS.include?(family) || key.match?(OTHERS)
        end

        TOPPINGS.include?(family) || !@items.lexicon.eaten?(key)
      end

      def on_a_tray?(text) = text.match?(SCATTER) && text.match?(ToldPlaces::COOKING)

      # Behind "scatter", "sprinkle" and "crumble over" stands what does; else it is in the same sentence.
      def goes_over(text) = text[SCATTER, :what] || text[CRUMBLED, :what] || said_on_top(text) || text

      # "Dress the leaves, egg on top last": of what stands beside it.
      def said_on_top(text)
        clauses = text.split(/[,;]|\b(?:and\s+)?then\b/)
        clause = clauses.find { |each| each.match?(ON_TOP) } || finished_with(clauses)
        clause if clause && @items.of(clause, prose: true).any?(&:food?)
      end

      # "Yoghurt under, carrots over, rice and coriander to finish": what has no place of its own before it.
      def finished_with(clauses)
        at = clauses.index { |each| each.match?(TO_FINISH) } or return
        ahead = clauses.first(at).reverse.take_while { |each| !each.match?(PLACED_SO) }
        [*ahead.reverse, clauses[at]].join(",") if ahead.size < at
      end
    end
  end
end
