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
      TOWARDS = %w[in into for from under over on than like as of by].freeze
      JOINS = %w[and n w with plus also et und then].freeze
      PARTS = {
        "juice" => "juice", "juiced" => "juice", "jus" => "juice", "zest" => "zest", "zested" => "zest", "rind" => "zest",
        "peel" => "zest"
      }.freeze
      TASTE = /\b(?:to taste|as needed|as required|q\.?\s?s\.?|tt|if you like|how u like it)\b/i.freeze
      ROLES = %w[cuts trims treats cooks states].freeze
      # Pieces of which each has the weight that is said beside them.
      WEIGHED_EACH = %w[fillet ball side log block].freeze

      # @param lexer [Lexer]
      def initialize(lexer)
        @lexer = lexer
      end

      # @param text [String] @return [Array<Item>] in the order of the line
      def of(text)
        @text, @tokens = text, @lexer.read(text)
        @items, @clause, @depth, @or, @mark = [begun(0)], 0, 0, false, nil
        @tokens.each_with_index { |token, index| public_send(:"take_#{token.kind}", token, index) }
        all = @items.reject(&:nothing?)
        all.each { |item| item.flags << :taste if item.amount.nil? && text.match?(TASTE) }
        joined(all)
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
        return bracketed(amount) if @depth.positive? && (item.food? || item.amount || item.container)

        if item.food? && food_follows?(index)
          begin_item(token)
          item.amount = amount
        elsif item.amount.nil?
          item.amount = amount
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
        if @or && item.food?
          item.others.concat(token.value[:keys])
        elsif item.food?
          more_food(token, index)
        else
          name_item(token)
        end
      end

      def take_word(token, index)
        word = token.folded.join(" ")
        return @or = true if word == "or"
        return part(word, index) if PARTS.key?(word) && part?(word, token, index)

        size(word)
        item.flags << :each if %w[each ea apiece].include?(word) || word == "ones"
        item.flags << :optional if %w[optional].include?(word)
        item.flags << :same if word == "same"
        item.flags << :drained if word.start_with?("drained")
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
        ROLES.each { |name| token.value[:roles][name]&.then { |value| item.words[name] ||= value } }
      end

      # Another food on the line: one of its own, something that the first is done with, or its other name.
      def more_food(token, index)
        before = @tokens[index - 1]
        return if @depth.positive?
        return if towards?(index)

        joined = before.kind == :mark || JOINS.include?(before.folded&.join(" ")) || between?(index)
        if joined
          same = item
          begin_item(token)
          item.amount = same.amount if same.each? && same.amount
          item.place = same.place
          name_item(token)
        elsif before.kind == :food
          item.others.concat(token.value[:keys]) unless (item.foods & token.value[:keys]).any?
          item.foods, item.name = token.value[:keys], "#{item.name} #{token.text}"
        end
      end

      # "crumbled in barley water", "for the squash": since the last mark it is spoken of, not listed.
      def towards?(index)
        back = index - 1
        while back >= 0 && @tokens[back].kind == :word
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
        elsif amount.unit != :piece
          item.flags << :sized_clause if @tokens.any?
          item.size ||= amount
        end
      end

      def size(word)
        item.big ||= SIZES[word] unless item.food? && item.food_clause != @clause
      end

      def part?(word, token, index)
        return false if word == "peel" && !fruit_ahead?(index)
        return true if word.end_with?("d")
        return true unless item.food? && item.food_clause != @clause

        @tokens[index - 1]&.kind == :amount || @tokens[index - 1]&.text == "&" || token.text == "juice" || token.text == "zest"
      end

      def fruit_ahead?(index) = @tokens[index + 1]&.folded == ["of"]

      def part(word, index)
        if item.food? && @tokens.drop(index + 1).any? { |token| token.kind == :food } && item.amount && !word.end_with?("d") &&
             JOINS.include?(@tokens[index - 1]&.folded&.join(" ").to_s)
          begin_item(@tokens[index])
        end
        item.parts << PARTS[word]
      end

      def role(token, word)
        roles = token.value
        if roles["pieces"] && counts?(token)
          return item.piece ||= roles["pieces"]
        end
        if roles["containers"] && (!item.food? || item.amount.nil? || item.amount.unit == :piece)
          item.container ||= roles["containers"]
          roles["states"]&.then { |state| item.words["states"] ||= state }
          return
        end

        known = ROLES.select { |name| roles[name] }
        known.each { |name| item.words[name] ||= roles[name] }
        item.place ||= roles["places"]
        return if known.any? || roles["places"] || roles["pieces"] || roles["containers"]

        item.unknown << [token.text, @clause]
      end

      # "2 heads of", "bunch parsley"; not "leaves only".
      def counts?(_token)
        return true if item.amount.nil? && !item.food?

        item.amount&.unit == :piece
      end

      def ends_sentence?(token)
        rest = @text[(token.at + 1)..].to_s
        rest.strip.empty? || rest.match?(/\A\s+[[:upper:]]/)
      end

      # Words before the first food belong to it; what has neither food nor amount is said of its neighbour.
      def joined(items)
        items.each_cons(2) { |one, other| one.to ||= other.from }
        last = items.last
        last.to ||= @text.bytesize if last
        items
      end
    end
  end
end
