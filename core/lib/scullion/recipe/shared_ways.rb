# frozen_string_literal: true

module Scullion
  module Recipe
    # So much of a food done so, and so much so: "half grated, half in ribbons", "one shaved one roasted in
    # wedges", "10 oranges: 4 juiced, the rest segmented", "2 kg tomatoes, 1 kg roasted, 1 kg raw". Each
    # number or share of the line begins what is done to that much, up to the next.
    class SharedWays
      REST = %w[rest remainder others other].freeze
      # No amount behind a word: "one shaved one roasted".
      ONE = "one"
      ONE_OR_REST = [ONE, *REST].freeze
      PARTS = { "third" => 3, "thirds" => 3, "quarter" => 4, "quarters" => 4 }.freeze
      OF_THEM = /\A\s*(?:of\s+)?(?:it|them|these|those|which)\b|\A\s*(?:left|kept)\b/i.freeze
      AROUND =
        /\A[\s=→:,&]+
         |[\s,;:&+→(–-]*(?:\b(?:and|then|another|the|other)\s*)*[\s,;:&+→(–-]*\z/ix.freeze
      # The last is over where a bracket or a sentence is, or its clause, unless the next is done to it too.
      ENDS = /[();.].*/m.freeze
      GOES_ON = /\A\s*(?:for|in|on|at|to|then)\b/i.freeze
      QUARTERED = /\Aquarter\z/i.freeze
      DONE_SO = /\A(?:(?-i:[[:alpha:]]+)ly\s+)?(?:(?-i:[[:alpha:]]+)ed|raw)\b/i.freeze
      # So it stays.
      AS_IT_WAS = /\A(?:plain|as\s+(?:it\s+|they\s+)?(?:is|are))\b/i.freeze
      RAW = /\braw\b/i.freeze
      FRUIT = /\b(?:(?:juice|zest)(?:e?d)?|squeezed)\b/i.freeze
      # Counts that are the same.
      NEARLY = 0.01

      # kind: share, count, grams or rest; much: of that; of_them: it says of what; behind: what stands before
      # it; done: what is done to it; roles: the same by its words; named: it names the food
      Portion = Struct.new(:kind, :much, :of_them, :behind, :done, :roles, :named, keyword_init: true)
      # times: the amount of the food; done, roles: nil for what is left as it was; named: "half the carrots
      # grated" is a share of what is said elsewhere
      Way = Struct.new(:times, :done, :roles, :named)

      # @param plain [String] the line as its tokens count their places @param tokens [Array<Lexer::Token>]
      # @param lexicon [Lexicon]
      def initialize(plain, tokens, lexicon)
        @plain, @tokens, @lexicon = plain, tokens, lexicon
      end

      # @param item [Item] @param amount [Amount] of it
      # @return [Array<Way>, nil] nil where all of it goes one way
      def of(item, amount)
        portions = portions(item)
        ways = portions.map { |each| meaning(each) }
        return if ways.empty? || ways.any?(&:empty?) || (ways.size > 1 && ways.uniq.one?)

        *said, last = portions
        return some_of(last, amount) if said.empty?
        return unless said.map(&:kind).uniq.one? && [said.first.kind, :rest].include?(last.kind)

        times = times(portions, amount) or return
        portions.zip(times).map { |each, share| Way.new(share, each.done, each.roles, each.named) }
      end

      private

      def meaning(portion)
        done = portion.done
        [portion.roles, Apart.going(done), done[RAW], done[FRUIT], done[AS_IT_WAS]].compact.reject(&:empty?)
      end

      # What begins with a number or a share, but for the food's own amount; a number that says nothing
      # belongs to what is done before it: "roasted at 200".
      def portions(item)
        begun = @tokens.each_index.select { |index| begins?(@tokens[index]) && !stands_alone?(index) }
        ends = begun.drop(1).map { |index| @tokens[index].at }
        begun
          .zip(ends)
          .map { |from, to| portion(from, to, item) }
          .reject { |each| each.named && each.kind != :share }
          .each_with_object([]) { |each, all| take_in(each, all) }
      end

      def take_in(portion, all)
        said = meaning(portion).any?
        return all << portion if said || (%i[share rest].include?(portion.kind) && !portion.named)

        all.last.done += " #{portion.done}" if all.any?
      end

      # "⅔ quarter → roast" is how it is cut; "onion, ½, shaved" how much there is.
      def stands_alone?(index)
        cut = @tokens[index].text.match?(QUARTERED) && index.positive? && @tokens[index - 1].kind == :amount
        cut || @tokens[index + 1]&.text == ","
      end

      # "A mandoline" is no number.
      def begins?(token)
        return ONE_OR_REST.include?(Around.word(token)) if token.kind == :word
        return false unless token.kind == :amount && %i[piece g].include?(token.value.unit)

        !token.text.match?(/\Aan?\z/i)
      end

      # @param from [Integer] the token that it begins with @param to [Integer, nil] the byte that it ends at
      def portion(from, to, item)
        token = @tokens[from]
        much = much(token, @tokens[from + 1])
        name = name_behind(from, to, item)
        ends = [token, name].compact.map { |each| each.at + each.text.bytesize }.max
        done = @plain.byteslice(ends...(to || @plain.bytesize)).to_s.scrub
        done = ended(done) unless to
        Portion.new(
          kind: kind(token, much),
          much: much,
          of_them: token.text.match?(/\bof\z/i) || done.match?(OF_THEM),
          behind: from.positive? ? @tokens[from - 1].text : nil,
          done: done.sub(OF_THEM, "").gsub(AROUND, ""),
          roles: roles(ends...(ends + done.bytesize), item.foods.first),
          named: !name.nil?
        )
      end

      # "⅓ raw, shave → last": not what is said of all, as that it is peeled.
      def ended(done)
        first, *others = done.sub(ENDS, "").split(",")
        [first, *others.take_while { |each| each.match?(GOES_ON) || done_to_it?(each) }].join(",")
      end

      def done_to_it?(words)
        roles = @lexicon.roles([Lexicon.fold(words[/[[:alpha:]]+/].to_s)])
        roles.keys.intersect?(%w[cuts cooks treats]) && !words.match?(/\b(?:all|both)\b/i)
      end

      # "Half the carrots"
      def name_behind(from, to, item)
        @tokens
          .drop(from + 1)
          .take_while { |each| to.nil? || each.at < to }
          .find { |each| each.kind == :food && each.value[:keys].intersect?(item.foods) }
      end

      def roles(bytes, food)
        within = @tokens.select { |token| bytes.cover?(token.at) }
        words = within.select { |token| token.kind == :word }
        said = words.map { |token| role(token, food) }.reduce({}) { |all, one| one.merge(all) }
        said = { "cuts" => "wedges" }.merge(said) if within.any? { |token| token.text.match?(QUARTERED) }
        words.any? { |token| token.folded == %w[whole] } ? { "cuts" => WrittenWay::WHOLE }.merge(said) : said
      end

      # "Half grilled, half fried": what its word may mean of this food.
      def role(token, food)
        cooked = @lexicon.cooked_so(food, Around.word(token)) if token.value.empty?
        cooked ? { "cooks" => cooked } : token.value.slice(*Apart::ROLES)
      end

      def kind(token, much)
        return Around.word(token) == ONE ? :count : :rest if token.kind == :word
        return :grams if token.value.unit == :g

        much < 1 ? :share : :count
      end

      # "Two thirds" are a share; not "⅔ quarter".
      def much(token, following)
        return 1.0 unless token.kind == :amount

        parts = token.text.match?(/\A[[:alpha:]]+\z/) ? PARTS.fetch(Around.word(following), 1) : 1
        token.value.value.to_f / parts
      end

      # "Half of them roasted", ", half roasted", and the rest as it was.
      def some_of(portion, amount)
        return unless portion.of_them || done_so?(portion)
        # KeptBack's.
        return if portion.named || Apart.going(portion.done) == "top"

        share = shares([portion], amount)&.first
        return unless share&.between?(NEARLY, 1 - NEARLY)

        [Way.new(share, portion.done, portion.roles), Way.new(1 - share)]
      end

      # Also "12 anchovies, 4 pounded for the dressing".
      def done_so?(portion)
        %i[share count].include?(portion.kind) && portion.behind == "," && portion.done.match?(DONE_SO)
      end

      # @return [Array<Float>, nil] how many times the amount each of them is
      def times(portions, amount)
        return rest_too(portions, amount) if portions.last.kind == :rest

        shares = shares(portions, amount) or return
        return shares if (shares.sum - 1).abs < NEARLY

        # The first number of the line may be the first of them.
        shares if portions.first.kind == :count && (shares.first - 1).abs < NEARLY
      end

      def rest_too(portions, amount)
        shares = shares(portions[0...-1], amount) or return
        [*shares, 1 - shares.sum] if shares.sum.between?(NEARLY, 1 - NEARLY)
      end

      # @return [Array<Float>, nil]
      def shares(portions, amount)
        much = portions.map(&:much)
        case portions.first.kind
        when :share
          much
        when :count
          # Of what is weighed they are all.
          whole = amount.unit == :piece ? amount.value : (much.sum if portions.size > 1)
          much.map { |each| each / whole } if whole
        when :grams
          much.map { |each| each / amount.value } if amount.unit == :g
        end
      end
    end
  end
end
