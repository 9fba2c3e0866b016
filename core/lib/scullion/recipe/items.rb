# frozen_string_literal: true

module Scullion
  module Recipe
    # The foods of one line, each with what is said of it. A line may hold several; none of its words is
    # dropped.
    class Items
      include Amounted
      include AmountTaken
      include CountedBy
      include DoneToIt
      include KindsCounted
      include KindsOfIt
      include Naming
      include PartOfIt
      include ShareOfAll
      include GoesWith
      include Sized

      # Behind an "or" that offers nothing else.
      NO_OTHER = %w[until till so more less longer].freeze
      MADE_OF_IT = %w[dressing vinaigrette sauce powder puree mash soup jam jelly].freeze
      ENDS = /\A[,;.]\z/.freeze
      JUICE = /\b(?:juice|jus|jce?)\b/i.freeze

      attr_reader :lexicon

      # @param lexer [Lexer]
      def initialize(lexer)
        @lexer, @lexicon = lexer, lexer.lexicon
        @of = {}
        @sizes, @parts, @flags = %w[sizes parts flags].map { |file| @lexicon.words(file) }
        @first_cuts = @lexicon.words("kept").fetch("first_cuts")
      end

      # @param text [String] @param prose [Boolean] a sentence, in which much else stands
      # @return [Array<Item>] in the order of the line
      def of(text, prose: false) = @of[[text, prose]] ||= read(text, prose)

      # Is it measured in spoons and jugs?
      def poured?(item) = @lexicon.poured?(item.foods.first)
      def tokens(text) = @lexer.read(text)
      def poured_key?(key) = @lexicon.poured?(key)

      # The line as its items count their places in it.
      def plain(text) = @lexer.plain(text)

      private

      def read(text, prose)
        @text, @tokens, @prose = text, @lexer.read(text), prose
        @around = Around.new(@tokens, @sizes)
        @items, @clauses = [Item.begun(0)], Clauses.new(text)
        @wholes = {}.compare_by_identity
        @sized = @drained = @said_size = @turned = @host = @cooked = nil
        @said = -1
        @behind = @around.amounts_behind?
        @tokens.each_with_index { |token, index| take(token, index) }
        kinds_alike
        kinds_of_wholes
        WholeLine.new(plain(text), @tokens, @lexer).of(@items)
      end

      def item = @host || @items.last

      def take(token, index)
        return if index <= @said

        @token = token
        return @said = @around.note_ends(index) if @around.noted?(index)

        case token.kind
        when :mark
          item.unknown.clear if label?(token, index)
          @host = @cooked if token.text.match?(ENDS)
          @clauses.pass(token)
        when :amount
          amount(token, index)
        when :food
          food(token, index)
        when :word
          word(token, index)
        when :time
          item.flags << :timed if item.food?
        when :length
          item.long ||= long(token.text)
        end
      end

      # "Tempering: 1 tsp oil"
      def label?(token, index)
        token.text == ":" && @items.one? && !item.food? && item.amount.nil? && @around.food_follows?(index)
      end

      # --- foods

      def begin_item(token)
        @clauses.close_or
        @items.last.to = token.at
        @host = @cooked = nil
        @items << Item.begun(token.at)
        item
      end

      def food(token, index)
        if !item.food? && token.value[:roles]["pieces"] && @around.food_follows?(index)
          return counted_by(token)
        end
        return free_of_it(token) if @around.free_of?(index)
        return if item.food? && MADE_HERE.include?(token.folded.last) && @around.of_the?(index)
        return if !item.food? && made_with?(token, index)
        return chill(index) if chilled_in?(token, index)
        return @said = index + 1 if dressing_by_name?(index)
        return item.amount = nil if @around.vessels?(index)

        begin_item(token) if amount_taken?(index)
        return named(token) unless item.food?
        return if turned_name?(token)

        @clauses.or? ? or_other(token) : more_food(token, index)
      end

      # "Sunflower or rapeseed oil": the head stands behind the second.
      def or_other(token)
        headed = [*Lexicon.fold(item.name.to_s), token.folded.last] if token.folded.size > 1
        keys = @lexicon.food(headed.join(" ").split) if headed && @lexicon.own?(headed.join(" ").split)
        item.foods, item.name = keys, headed.join(" ") if keys
        item.others.concat(token.value[:keys] - item.foods)
      end

      # "Dressed hot with the chive dressing": what it goes with is made elsewhere.
      def dressing_by_name?(index)
        item.food? && @around.word_before(index) == "the" &&
          MADE_HERE.include?(Around.word(@tokens[index + 1]))
      end

      # "Nut free": none of it, and to be asked about.
      def free_of_it(token) = item.unknown << ["#{token.text}-free", item.clause || @clauses.number, true]

      # "a clove of garlic"
      def counted_by(token)
        item.piece = token.value[:roles]["pieces"]
        several(token.text)
      end

      # Another food on the line: one of its own, something that the first is done with, or its other name.
      def more_food(token, index)
        return kind_behind(token) if @around.before(index).kind == :amount && !@prose && same_kind?(token)
        return listed_in_bracket(token) if listed_in_bracket?(index)
        return listed_too(token) if @clauses.bracketed? && listed_with_amount?(token, index)
        return kind_of_it(token) if @clauses.bracketed?
        return listed_too(token) if lies_in_so_much?(token, index)
        return if @around.kept?(index) || @around.size_of?(index) || over_bracket?(token, index)
        return item.words["states"] ||= "jarred" if lies_in?(token)
        return which(token) if which_of_them?(token)
        return cooked_with(token) if cooked_with?(token, index)
        return spoken_of(token, index) if @around.towards?(index) || @around.brushed_with?(index)
        return(listed_too(token) unless steeped_in?(token, index)) if @around.apart?(index)

        other_name(token) if @around.before(index).kind == :food && !own_name?(token)
      end

      # "Shaved, ice water 10 min": water that something else stands in is no food of the list; what thins a
      # dressing is.
      def steeped_in?(token, index)
        return false if token.value[:keys].first != "water" || @prose || @clauses.bracketed?
        return false if poured?(item) || @around.weighed_in_clause?(index) || @around.towards_what?(index)

        token.folded.size > 1 || @around.word_before(index).to_s.match?(OTHER_WATER)
      end

      # "2 onions in lemon juice (50 ml)": the second has an amount of its own. A weight behind something that
      # is counted may be that of the first: "6 anchovies in oil (20 g)".
      def lies_in_so_much?(token, index)
        return false if item.amount.nil? || item.container || @behind

        key, weighed = token.value[:keys].first, !item.counted? || item.size
        return false unless @lexicon.poured?(key) || @lexicon.seasons?(key)

        @around.measured_behind?(index, weighed ? %i[ml g] : %i[ml])
      end

      # "1 hispi (pointed) cabbage"
      def name_goes_on?(token)
        @lexicon.food([*Lexicon.fold(item.name).split, *token.folded]) == item.foods
      end

      # "Asian (nashi) pears"
      def over_bracket?(token, index)
        @around.before(index)&.text == ")" && ((item.amount.nil? && own_name?(token)) || name_goes_on?(token))
      end

      def listed_too(token)
        same = item
        begin_item(token)
        as_much_each(same) if same.said?(:each_of)
        item.place = same.place
        name(token)
        named_along(token)
      end

      def as_much_again(token)
        same = item
        begin_item(token)
        item.amount, item.piece, item.container = same.amount.dup, same.piece, same.container
        item.size, item.big, item.place = same.size, same.big, same.place
      end

      # "Dry mustard 1 tsp, same of sugar"
      def same_of_another?(index)
        return false unless item.food? && item.amount

        other = @around.food_next(index)
        !other.nil? && other.value[:keys] != item.foods
      end

      # --- words

      def word(token, index)
        word = Around.word(token)
        return item.flags << token.value["flag"] if token.value.key?("flag")

        return as_much_again(token) if @flags[word] == "same" && same_of_another?(index)
        return item.unknown << [token.text, item.clause, true] if made_of_it?(word, index)

        return item.amount = item.amount.times(@lexicon.fills[word]) if filled?(word, index)

        item.flags << :made_itself if made_itself?(word, index)
        return either_way(index) if word == "or"
        return part(word, index) if @parts.key?(word) && part?(word, index)

        item.big ||= @sizes[word] if !item.food? || item.clause == @clauses.number ||
          @around.count_before?(index) || @around.clause_alone?(index)
        @flags[word]&.then { |flag| item.flags << flag.to_sym unless so_many_each?(flag, index) }
        item.flags << :each_of if @flags[word] == "each" && word != "ones" && item.said?(:each) && !item.food?
        drained if word.start_with?("drained")
        item.flags << :untrimmed if word == "before" && @sized == @clauses.number
        return if turned_name?(token) || @flags.key?(word) || @sizes.key?(word) || word == "x"
        return if token.value["aside"] || Around.joins?(token) || leads?(token)

        role(token, index)
      end

      # "Skin on" leads to nothing.
      def leads?(token) = Around.towards?(token) && !token.value.key?("trims")

      # "Peas, fresh or frozen" are no two foods, "25 min or until they squash" none at all.
      def either_way(index)
        return if NO_OTHER.include?(Around.word(@tokens[index + 1]))

        @around.either_state?(index) ? item.flags << :either_state : @clauses.open_or
      end

      # "Salmon 600 g, 1 piece pp": the weight is of all, the pieces are each one's.
      def so_many_each?(flag, index)
        return false unless flag == "per_head" && item.amount && !item.counted?

        said = @tokens.first(index).reverse.find { |token| token.kind == :amount }&.value
        said&.unit == :piece || (!said.nil? && said.equal?(item.size))
      end

      # "Sesame dressing" is no sesame, rice powder no rice; turmeric powder is turmeric.
      def made_of_it?(word, index)
        return false if item.food? && @lexicon.spice?(item.foods.first)

        MADE_OF_IT.include?(word) && !@prose && item.food? && @around.before(index)&.kind == :food &&
          @around.before(index)&.folded&.last != "salad"
      end

      # "0.9 kg dressing (lemon and tahini)" is no lemon.
      def made_itself?(word, index)
        return false unless MADE_OF_IT.include?(word) && !@prose && !item.food?
        return false unless @tokens[index + 1]&.text == "("

        amounts = @tokens.drop(index).select { |token| token.kind == :amount }
        item.amount ? amounts.empty? : @around.bracket_then?(index + 1, amounts)
      end

      # Beside the name, or between it and its amount, a word may make another food of it.
      def unknown(token, index)
        return if item.food? && @lexicon.verbs.key?(Around.word(token))

        beside =
          item.food? ? @around.beside_food?(index, @prose) : !item.amount.nil? || told_apart?(token, index)
        item.unknown << [token.text, @clauses.number, beside]
      end

      # Right before a name that has its amount behind it: "vegan sausage 2 kg", "egg-free mayo 400 g".
      def told_apart?(token, index)
        !@prose && @tokens[index + 1]&.kind == :food && token.text.match?(/\A[[:lower:]]/)
      end
    end
  end
end
