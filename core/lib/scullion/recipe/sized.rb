# frozen_string_literal: true

module Scullion
  module Recipe
    # What a second amount says of the first: how much is in one, in all, or in what is left once it is
    # drained; and how full its spoon is. For Items, which it is a part of.
    module Sized
      METRIC = /\d\s*(?:m|c|d)?l\b/i.freeze
      # The one by the other, where one amount is said in two measures.
      SAID_TWICE = [0.7, 1.4].freeze
      # Roles of a word that says in what so much comes.
      HELD = %w[containers pieces].freeze
      # A bare number in brackets behind a tin is its grams from here on.
      BARE_GRAMS = 30
      COUNTED_EACH = %r{\(\s*\d{1,2}\s*(?:'?s|each|ea\.?|(?:per|/)\s*(?-i:[[:alpha:]]+))?\s*\)}i.freeze
      # Pieces in one container, below which a bare number counts them.
      MOST_EACH = 49
      # "Three trays (about 2.5 kg)": all of them.
      IN_ALL =
        /\b(?:trays?|punnets?|bags?|boxes|bunches|handfuls|heads|crates|sacks|nets|tubs|packs)\b[^()]*
          (?:\((?:[^()]*\b(?:in\s+all|in\s+total|total|altogether|all\s+told)\b
                |\s*(?:call\s+it|makes|=)\s
                |\s*(?:#{Amount::Words::ROUGHLY}|say\s+)[\d.,]+\s*(?:kg|lbs?)\s*\))
            |,[^()]*\b(?:in\s+all|in\s+total|altogether|all\s+told)\b)/ix.freeze

      # Of one thing nobody writes a smaller share with a point.
      LEAST_PART = 0.25
      MEANS = /(?:[=~,]|\b(?:say|about|around|roughly|i\.?e\.?|so))\s*\z/i.freeze
      EACH_OF_THEM = /\d\s*(?:k?g|m?l)\s+(?:each|apiece)\b/i.freeze
      # Of anything in a kitchen, from leaves loosely in a cup to salt and syrup.
      GRAMS_A_MILLILITRE = [0.03, 2].freeze

      private

      # "Feta (200 g x 3)"
      def weighed_times?(amount, index)
        item.food? && item.amount && !item.counted? && amount.unit == :piece && times_three?(index) &&
          !@around.told_in_bracket?(index)
      end

      # "x 3", "x3"
      def times_three?(index) = @around.times?(index) || @tokens[index].text.match?(/\A[x×*]/i)

      # "Feta 3 x 200 g", "feta, two 200 g packs", "feta 3 @ 200 g"
      def so_many_times?(index)
        before = @around.before(index)
        return true if @around.times?(index) || before&.text == "@" || before&.value.equal?(item.amount)
        return true if @around.holder_of?(index)

        @tokens
          .first(index)
          .any? { |token| token.value.equal?(item.amount) && token.text.match?(/[x×*]\s*\z/i) }
      end

      def drained
        item.flags << :drained
        of_what_is_drained if @sized == @clauses.number
        @drained = @clauses.number
      end

      # "(400 g, 240 g drained)", "(drained weight 240 g)"; more than one holds is in all of them.
      def of_what_is_drained
        if @said_size && item.size && @said_size.value > item.size.value
          item.flags = item.flags - [:each] + [:sized_in_all]
        end
        item.size = @said_size || item.size
        item.flags << :drained_size
      end

      # A second weight of what is weighed already, with nothing said of what it is: "4 kg beetroot, 1 kg".
      def another_weight?(amount)
        weights = [item.amount, amount]
        if @clauses.bracketed? || item.size || weights.any?(&:estimated) || @text.match?(Amounted::THEN)
          return false
        end
        return no_such_weight?(weights) if @token.text.match?(/\d/) && weights.map(&:unit).sort == %i[g ml]
        return false unless weights.all? { |each| each.unit == :g }

        (amount.value - item.amount.value).abs > item.amount.value * Amounted::SAME
      end

      # "1 kg tamari 100 ml": nothing is so heavy, or so light.
      def no_such_weight?(weights)
        grams, millilitres = weights.sort_by(&:unit).map(&:value)
        !(grams / millilitres).between?(*GRAMS_A_MILLILITRE)
      end

      # "1.5 kg / 1.1 kg": as bought and as it is left, or for two?
      def weighed_behind_stroke?(amount, index)
        @around.before(index)&.text == "/" && @around.before(index - 1)&.kind == :amount &&
          [item.amount, amount].all? { |each| each.unit == :g && !each.estimated }
      end

      # "Carrots 1.25": nobody counts so.
      def weighed_bare?(token)
        number = token.value
        number.unit == :piece && (number.value > 1 || small_part?(token)) && token.text.match?(/[.,]\d/) &&
          (number.value % 0.5).positive?
      end

      # "Sugar .10", not "0.2 bunch chives".
      def small_part?(token)
        following = @tokens[@tokens.index(token) + 1]
        token.value.value < LEAST_PART &&
          (following.nil? || following.kind != :word || following.value.empty?)
      end

      # Something has been taken off, or it has been cut.
      def less_of_it?
        item.words.key?("cuts") || ![nil, DoneToIt::UNPEELED].include?(item.words["trims"])
      end

      def bracketed(amount)
        item.flags << :prepared if amount.unit == :g && less_of_it?
        if counted_in_one?(amount)
          item.amount, item.container = item.amount.times(amount.value), nil
        elsif held_bare?(amount)
          @sized = @clauses.number
          item.flags << :drained_size if @drained == @clauses.number
          # "½ block (225)": of what one holds.
          part = item.counted? && item.amount.value < 1 ? item.amount.value : 1
          item.size ||= Amount.new(amount.low * part, amount.high * part, :g)
          item.flags |= [:each] if item.piece
        elsif (item.amount.nil? && !item.container) || in_millilitres?(amount) || guessed_before?(amount)
          item.amount = amount
        elsif amount.unit != :piece
          @sized = @clauses.number
          item.flags << :sized_in_all if IN_ALL.match?(@text)
          @said_size = amount unless amount.estimated
          item.size ||= @said_size
          of_what_is_drained if @drained == @clauses.number
        end
      end

      # "3 trays of eggs (30 each)": pieces, where one is known and no number is a weight of it.
      def counted_in_one?(amount)
        amount.unit == :piece && item.container && item.counted? && item.food? && amount.value < MOST_EACH &&
          @text.match?(COUNTED_EACH) && @lexicon.one_known?(item.foods.first)
      end

      # "A glug of oil (about 60 ml)", "a handful of parsley (20 g)": measured, where it was guessed at.
      def guessed_before?(amount)
        return false unless @clauses.bracketed? || @text.byteslice(0...@token.at).to_s.scrub.match?(MEANS)

        item.amount&.estimated && !amount.estimated && %i[g ml].include?(amount.unit) &&
          !@text.match?(EACH_OF_THEM)
      end

      # "A tin (400)", "punnet (250) x 3"
      def held_bare?(amount)
        amount.unit == :piece && (item.container || (item.piece && item.food?)) && amount.value >= BARE_GRAMS
      end

      # "¼ pint (150 ml)", "1 tablespoon (20 ml)": not all mean the same by the one, all do by the other.
      def in_millilitres?(amount)
        return false unless item.amount&.unit == :ml && amount.unit == :ml && !amount.estimated

        @token.text.match?(METRIC) && (amount.value / item.amount.value).between?(*SAID_TWICE)
      end

      # "1 250 g carrots": a thousand and more, or one of so much?
      def thousands?(index)
        one, weight, following = @tokens[index - 1, 3]
        one.text.match?(/\A\d\z/) && weight.text.match?(/\A\d{3}\b/) && item.amount.value == 1 &&
          (following&.value.is_a?(Hash) ? following.value : {}).keys.none? { |role| HELD.include?(role) }
      end

      # "A teaspoon of mustard, heaped": said of it behind its name; a good one may be the oil.
      def filled?(word, index)
        return false unless @lexicon.fills.key?(word) && word != "good" && item.amount&.unit == :ml

        (item.food? && @around.mark_before?(index)) || @around.before(index)&.value.equal?(item.amount) ||
          (@clauses.bracketed? && @around.mark_before?(index))
      end
    end
  end
end
