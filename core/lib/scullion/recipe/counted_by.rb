# frozen_string_literal: true

module Scullion
  module Recipe
    # Does a word of a line say what its food is counted by ("2 heads of"), what it comes in ("a tin of"), or
    # only what is done to it ("leaves only")? For Items, which it is a part of.
    module CountedBy
      # What is one without a number, wherever it stands: "basil, big bunch".
      PARTED = %w[leaf clove stick stalk sprig fillet slice wedge].freeze
      BUNCHED = %w[bunch head punnet loaf bulb].freeze

      # As many of one food that somebody cuts so.
      FEW_CUT = 6

      # Of that size whatever it is called beside: "1 tin chickpeas, A10".
      CATERING = %w[a10 no10].freeze

      private

      # "Celery sticks": more than one, and nobody says how many.
      def several(word) = item.amount.nil? && word.match?(/s\z/i) && item.flags << :several

      # "12 butter lettuce leaves"
      def pieces_of_it?(index, piece)
        item.food? && item.counted? && item.piece.nil? && @around.before(index)&.kind == :food &&
          (PARTED.include?(piece) || @lexicon.piece_known?(item.foods.first, piece) || heart?(piece))
      end

      # "Focaccia - 25 fingers", "12 lemon wedges": right behind its number, which is not that of the food, or
      # behind the name of one; "2 fennel wedges" are two.
      def cut_counted(token, index)
        return unless @lexicon.words("kept").fetch("cut_pieces").include?(Around.word(token))
        return if !item.counted? || item.piece || item.amount.value < 1

        cut, name = Lexicon.singular(Around.word(token)), @around.before(index)
        named = name&.kind == :food && !name.text.match?(/s\z/i)
        if named && item.amount.value <= FEW_CUT && !@lexicon.piece_known?(name.value[:keys].first, cut)
          return
        end

        amount = @around.before(named ? index - 1 : index)
        item.piece = cut if amount&.kind == :amount && amount.value.equal?(item.amount)
      end

      # "3 celery hearts" are no heads.
      def heart?(piece)
        piece == "heart" && @lexicon.piece_known?(item.foods.first, "head") &&
          !@lexicon.piece_known?(item.foods.first, "each")
      end

      # "The leaves of 1 small bunch": the one that has the number is counted.
      def counted_as(piece, index)
        counted =
          [nil, "each"].include?(item.piece) ||
            (@around.count_before?(index) && @around.count(index).equal?(item.amount))
        return unless counted

        item.piece = piece
        several(@tokens[index].text)
      end

      # "In the jar" says only where they come from.
      def packed(roles, index)
        item.container = nil if CATERING.include?(roles["containers"])
        item.container ||= roles["containers"] unless @around.out_of?(index)
        item.piece = nil if item.container && item.piece && in_its_name?
        roles["states"]&.then { |state| item.words["states"] ||= state }
      end

      # Said before the food, or with the amount behind it; not "mine came in a 90 g packet".
      def holds?(index)
        return true if !item.food? || CATERING.include?(@tokens[index].value["containers"])
        return false if @around.could?(index)
        return true if sized_or_counted?(index)
        return false if item.counted? && !@around.count_before?(index)

        (item.amount.nil? || item.counted?) && (item.piece.nil? || in_its_name?) &&
          @clauses.number <= item.clause + 1
      end

      # "Palm hearts 1 tin": no hearts are counted.
      def in_its_name? = Lexicon.fold(item.name.to_s).split.any? { |word| @lexer.piece(word) == item.piece }

      # "Chickpeas 2 x 400 g tins", "chickpeas, drained (2 tins)": right behind its own size or number.
      def sized_or_counted?(index)
        before = @around.before(index)
        item.counted? && item.piece.nil? && before&.kind == :amount &&
          [item.amount, item.size].compact.any? { |own| own.equal?(before.value) }
      end

      # "Avocados 6, slice", "fennel 4 slice": to be done to them, where nobody knows the weight of one slice.
      def cut_so?(index, roles)
        roles["cuts"] && item.food? && item.counted? && item.amount.value > 1 &&
          !@tokens[index].text.end_with?("s") && !@lexicon.piece_known?(item.foods.first, roles["pieces"])
      end

      # "2 heads of", "bunch parsley"; not "leaves only".
      def counts?(index, roles)
        return false if cut_so?(index, roles)
        return true if @around.count_before?(index)
        return true if pieces_of_it?(index, roles["pieces"])
        return true if item.amount.nil? && item.food? && BUNCHED.include?(roles["pieces"])
        return true if item.food? && item.amount.nil? && @around.count_ahead?(index)

        return false if item.food? || (roles["cuts"] && item.amount.nil?)

        item.amount.nil? || item.counted?
      end
    end
  end
end
