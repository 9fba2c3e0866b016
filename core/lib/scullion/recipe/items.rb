# frozen_string_literal: true

module Scullion
  module Recipe
    # The foods of one line, each with what is said of it. A line may hold several; none of its words is
    # dropped.
    class Items
      # foods: keys that it may be; name: as it is written; amount: an Amount as written; size: of one, or of it
      # all, where that is said too; piece, container, big: what is counted; words: role => word; parts: juice,
      # zest; place: where it goes; others: what it could be instead; unknown: words without a role beside its
      # name; doubts: why it cannot be taken as it is
      Item =
        Struct.new(
          :foods,
          :name,
          :amount,
          :size,
          :piece,
          :container,
          :big,
          :words,
          :parts,
          :place,
          :others,
          :unknown,
          :flags,
          :from,
          :to,
          :food_clause,
          keyword_init: true
        ) do
          def food? = foods.any?
          def nothing? = !food? && amount.nil? && unknown.empty? && parts.empty?
          def each? = flags.include?(:each)
        end

      APART = %w[, ; : - < > ! ? = | •].freeze
      SIZES = {
        "small" => "small", "smallish" => "small", "sm" => "small", "medium" => "medium", "med" => "medium",
        "large" => "large", "lg" => "large", "lge" => "large", "big" => "large", "jumbo" => "large", "baby" => "small"
      }.freeze
      PER_HEAD = %w[pp].freeze
      TOWARDS = %w[in into for from under over on than like as of by].freeze
      JOINS = %w[and n w with plus also et und then].freeze
      PARTS = {
        "juice" => "juice", "juiced" => "juice", "jus" => "juice", "zest" => "zest", "zested" => "zest", "rind" => "zest",
        "peel" => "zest"
      }.freeze
      TASTE = /\b(?:to taste|as needed|as required|q\.?\s?s\.?|tt|if you like|how u like it)\b/i.freeze
      A_HEAD = %r{\b(?:per|a|each|every)[ -](?:person|head|plate|portion|cover|guest)\b(?! of)}i.freeze
      ROLES = %w[cuts trims treats cooks states].freeze
      # A bare number in brackets behind a tin is its grams from here on.
      BARE_GRAMS = 30
      # Pieces of which each has the weight that is said beside them.
      WEIGHED_EACH = %w[fillet ball side log block].freeze

      # @param lexer [Lexer]
      def initialize(lexer)
        @lexer = lexer
      end

      # @param text [String] @param prose [Boolean] a sentence, in which much else stands
      # @return [Array<Item>] in the order of the line
      def of(text, prose: false)
        @text, @tokens, @prose = text, @lexer.read(text), prose
        @items, @clause, @depth, @or, @mark = [begun(0)], 0, 0, false, nil
        @tokens.each_with_index { |token, index| public_send(:"take_#{token.kind}", token, index) }
        all = without_labels(@items.reject(&:nothing?))
        all.each { |item| item.flags << :taste if item.amount.nil? && text.match?(TASTE) }
        pot = all.any? { |item| item.place == "pot" }
        all.each { |item| item.place = "pot" } if pot
        joined(all).flat_map { |item| both_parts(item) }
      end

      # The line as its items count their places in it.
      def plain(text) = @lexer.plain(text)

      def take_mark(token, _index)
        case token.text
        when "(", "["
          @depth += 1
          @clause += 1
        when ")", "]"
          @depth = [@depth - 1, 0].max
          @clause += 1
          @or = false if @depth.zero?
        when "."
          @clause += 1 if ends_sentence?(token)
          @or = false if ends_sentence?(token)
        when *APART
          @clause += 1
          @or = false
        end
        @mark = token.text
      end

      def take_amount(token, index)
        amount = token.value
        return if @or && item.food?
        return begin_unknown(token) if item.food? && joined_on?(index) && stranger?(index)
        return bracketed(amount) if @depth.positive? && (item.food? || item.amount || item.container)

        if item.food? && food_follows?(index)
          begin_item(token)
          item.amount = amount
        elsif item.amount.nil?
          item.amount = amount
        elsif item.food? && item.amount.unit != :piece && amount.unit == :piece && times?(index)
          item.size, item.amount = item.amount, amount
          item.flags << :each
        elsif !item.food? && @prose && @tokens[index - 1].kind != :amount
          item.amount, item.unknown = amount, []
        elsif !item.food? && item.amount.unit == :piece && amount.unit != :piece
          item.size ||= amount
          item.flags << :each
        elsif !item.food? && amount.unit == :piece
          item.flags << :contradicts unless item.piece || item.container
        elsif item.amount.unit != :piece && amount.unit != :piece && !item.food?
          item.flags << :contradicts
        else
          bracketed(amount)
        end
      end

      def take_food(token, index)
        if !item.food? && token.value[:roles]["pieces"] && food_follows?(index)
          item.piece = token.value[:roles]["pieces"]
        elsif item.food? && turned_name?(token)
          nil
        elsif @or && item.food?
          item.others.concat(token.value[:keys] - item.foods)
        elsif item.food?
          more_food(token, index)
        else
          name_item(token)
        end
      end

      def take_word(token, index)
        word = token.folded.join(" ")
        return @or = true if word == "or"
        return if word == "x"
        return item.flags.push(:per_head) if PER_HEAD.include?(word)
        return part(word, index) if PARTS.key?(word) && part?(word, token, index)

        size(word)
        item.flags << :each if %w[each ea apiece].include?(word) || word == "ones"
        item.flags << :optional if %w[optional].include?(word)
        item.flags << :same if word == "same"
        if word.start_with?("drained")
          item.flags << :drained
          @drained = @clause
        end
        item.flags << :drained_size if word.start_with?("drained") && @sized == @clause
        return if turned_name?(token)
        return if token.value["aside"] || JOINS.include?(word) || TOWARDS.include?(word)

        role(token, word)
      end

      def take_length(*) = nil
      def take_time(*) = nil
      def take_heat(*) = nil

      private

      def item = @items.last

      def begun(at)
        Item.new(
          foods: [], words: {}, parts: [], others: [], unknown: [], flags: [], from: at
        )
      end

      def begin_item(token)
        @or = false
        item.to = token.at
        before = item
        @items << begun(token.at)
        item.place = before.place if before.place == "pot" && !before.food?
      end

      def name_item(token)
        item.foods, item.name, item.food_clause = token.value[:keys], token.text, @clause
        item.parts.push(*(token.folded & %w[zest])) if @lexer.lexicon.fruit?(item.foods.first)
        item.piece ||= token.folded.filter_map { |word| @lexer.piece(word) }.first if token.folded.size > 1
        ROLES.each { |name| token.value[:roles][name]&.then { |value| item.words[name] ||= value } }
      end

      # Another food on the line: one of its own, something that the first is done with, or its other name.
      def more_food(token, index)
        before = @tokens[index - 1]
        return if @depth.positive?
        return spoken_of(token, index) if towards?(index)

        joined = before.kind == :mark || JOINS.include?(before.folded&.join(" ")) || between?(index)
        if joined
          same = item
          begin_item(token)
          item.amount = same.amount if same.each? && same.amount
          item.place = same.place
          name_item(token)
        elsif before.kind == :food
          two = own_name?(token) ? [] : token.value[:keys] - item.foods
          item.others.concat(item.foods) if two.any?
          item.foods, item.name = token.value[:keys], "#{item.name} #{token.text}" if two.any?
        end
      end

      # What cooks along, or is cooked in.
      COOKED_IN = %w[water vegetable-stock chicken-stock].freeze

      # Water to soak in, to chill, to rinse with.
      OTHER_WATER = /\b(?:soak\w*|cold|iced?|rins\w*|chg)\b/i.freeze

      def spoken_of(token, index)
        if (token.value[:keys] & COOKED_IN).any?
          item.place ||= "pot" unless @text.match?(OTHER_WATER)
        elsif for?(index) && @lexer.lexicon.poured?(item.foods.first)
          item.place ||= "cook"
        end
      end

      def for?(index) = [@tokens[index - 1], @tokens[index - 2]].compact.any? { |token| token.folded == ["for"] }

      # "Onions, red": what is said behind the name makes it another food.
      def turned_name?(token)
        return false unless item.food? && item.piece.nil? && (token.kind == :food || token.value.empty?)

        keys = @lexer.lexicon.food([*token.folded, *Lexicon.fold(item.name).split])
        return false if keys.nil? || keys == item.foods

        item.foods, item.name = keys, "#{token.text} #{item.name}"
        true
      end

      # "feta cheese": the second is what the first is anyway.
      def own_name?(token) = token.folded.size == 1 && @lexer.lexicon.in_name?(item.foods.first, token.folded.first)

      # "crumbled in barley water", "for the squash": since the last mark it is spoken of, not listed.
      def towards?(index)
        back = index - 1
        while back >= 0 && %i[word food].include?(@tokens[back].kind)
          word = @tokens[back].folded.join(" ")
          return false if JOINS.include?(word)
          return true if TOWARDS.include?(word)

          back -= 1
        end
        false
      end

      # A mark or an "and" stands between this food and the one before.
      def between?(index)
        back = index - 1
        while back >= 0 && @tokens[back].kind != :food
          return true if @tokens[back].kind == :mark || JOINS.include?(@tokens[back].folded&.join(" "))

          back -= 1
        end
        false
      end

      def times?(index) = @tokens[index - 1]&.folded == ["x"]

      def food_follows?(index)
        @tokens
          .drop(index + 1)
          .each do |token|
            return true if token.kind == :food
            return false if token.kind == :amount || (token.kind == :mark && token.text != ".")
            return false if token.kind == :word && (token.folded == ["or"] || TOWARDS.include?(token.folded.join(" ")) && token.folded != ["of"])
          end
        false
      end

      def bracketed(amount)
        if item.amount.nil? && !item.container
          item.amount = amount
        elsif amount.estimated
          nil
        elsif amount.unit != :piece
          @sized = @clause
          item.size ||= amount
        elsif item.container && amount.value >= BARE_GRAMS
          item.flags << :drained_size if @drained == @clause
          item.size ||= Amount.new(amount.low, amount.high, :g)
        end
      end

      def size(word)
        item.big ||= SIZES[word] unless item.food? && item.food_clause != @clause
      end

      def part?(word, token, index)
        return true if fruit_ahead?(index)
        return false if item.food? && !@lexer.lexicon.fruit?(item.foods.first)
        return false if word == "peel" && !fruit_ahead?(index)
        return true if word.end_with?("d")
        return true unless item.food? && item.food_clause != @clause

        @tokens[index - 1]&.kind == :amount || @tokens[index - 1]&.text == "&" || token.text == "juice" || token.text == "zest"
      end

      def fruit_ahead?(index) = @tokens[index + 1]&.folded == ["of"]

      def part(word, index)
        if item.food? && item.parts.empty? && fruit_ahead?(index) && @tokens.drop(index).any? { |token| token.kind == :food }
          begin_item(@tokens[index])
        elsif item.food? && @tokens.drop(index + 1).any? { |token| token.kind == :food } && item.amount && !word.end_with?("d") &&
             JOINS.include?(@tokens[index - 1]&.folded&.join(" ").to_s)
          begin_item(@tokens[index])
        end
        item.parts << PARTS[word]
      end

      def role(token, word)
        roles = token.value
        if roles["pieces"] && counts?(token, roles)
          return item.piece ||= roles["pieces"]
        end
        if roles["containers"] && holds?(item)
          item.container ||= roles["containers"]
          roles["states"]&.then { |state| item.words["states"] ||= state }
          return
        end

        known = ROLES.select { |name| roles[name] }
        known.each { |name| item.words[name] ||= roles[name] }
        item.place ||= roles["places"] unless more?(token)
        return if known.any? || roles["places"] || roles["pieces"] || roles["containers"]

        item.unknown << [token.text, @clause, beside?(token)] unless item.food? && @lexer.lexicon.verbs.key?(word)
      end

      # "plus extra to serve": that is said of what is not weighed.
      MORE = %w[plus more extra some another].freeze

      def more?(token)
        at = @tokens.index(token)
        @tokens[[at - 2, 0].max...at].any? { |each| each.folded && MORE.include?(each.folded.join(" ")) }
      end

      # Next to the name, or between it and its amount: there a word may make another food of it.
      def beside?(token)
        before = @tokens[@tokens.index(token) - 1]
        return !item.amount.nil? unless item.food?

        before&.kind == :food
      end

      # Said before the food, or with the amount behind it; not "mine came in a 90 g packet".
      def holds?(item)
        return true unless item.food?

        (item.amount.nil? || item.amount.unit == :piece) && item.piece.nil? && @clause <= item.food_clause + 1
      end

      # "2 heads of", "bunch parsley"; not "leaves only".
      def counts?(token, roles)
        before = @tokens.first(@tokens.index(token)).reverse.find { |each| !(each.kind == :word && each.value["aside"]) }
        return true if before&.kind == :amount && before.value.unit == :piece
        return false if item.food? || (roles["cuts"] && item.amount.nil?)

        item.amount.nil? || item.amount.unit == :piece
      end

      def ends_sentence?(token)
        rest = @text[(token.at + 1)..].to_s
        rest.strip.empty? || rest.match?(/\A\s+[[:upper:]]/)
      end

      # "2 tbsp vinegar, 5 oil": a bare number of what is poured goes on in the unit before it.
      def same_unit(one, other)
        return unless other.food? && bare?(other.amount) && @lexer.lexicon.poured?(other.foods.first)
        return unless one.amount && one.amount.unit != :piece

        step = one.amount.unit == :g ? 1.0 : @lexer.spoon(one.amount)
        other.amount = Amount.new(other.amount.low * step, other.amount.high * step, one.amount.unit)
      end

      # "60 g pp", "2 slices a head": so much for each who is served.
      def mark_heads(items)
        plain = @lexer.plain(@text)
        at = (plain =~ A_HEAD)&.then { |chars| plain[0...chars].bytesize } or return
        item = items.select { |each| each.from <= at }.last
        amount = @tokens.select { |token| token.kind == :amount && token.at < at }.last
        return unless item && amount && amount.value.equal?(item.amount)

        item.flags << :per_head unless plain.byteslice(amount.at...at).scrub.match?(/[,;(]/)
      end

      def bare?(amount) = amount&.unit == :piece && !amount.estimated

      # "Beans – 600 g dried cannellini beans": said of the next before it is said in full.
      def without_labels(items)
        items.reject.with_index do |item, index|
          other = items[index + 1]
          item.food? && item.amount.nil? && item.words.empty? && other&.food? &&
            Lexicon.fold(item.name).split.any? { |word| @lexer.lexicon.in_name?(other.foods.first, word) } && plain(@text).match?(/\A[^\d,]*\s?[-:]\s?\d/)
        end
      end

      # The zest and the juice of a fruit are two foods.
      def both_parts(item)
        return [item] unless item.parts.uniq.size == 2

        %w[juice zest].map do |part|
          item.dup.tap { |each| each.parts = [part] }
        end
      end

      def begin_unknown(token)
        begin_item(token)
        item.amount = token.value
      end

      def joined_on?(index)
        before = @tokens[index - 1]
        before.kind == :mark ? before.text == "+" : JOINS.include?(before.folded&.join(" "))
      end

      # What comes after this amount has a name that nobody knows.
      def stranger?(index)
        after = @tokens.drop(index + 1).find { |token| token.folded != ["of"] }
        after&.kind == :word && after.value.empty?
      end

      def joined(items)
        mark_heads(items)
        items.each_cons(2) do |one, other|
          one.to ||= other.from
          same_unit(one, other)
        end
        last = items.last
        last.to ||= @text.bytesize if last
        items
      end
    end
  end
end
