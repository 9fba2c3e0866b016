# frozen_string_literal: true

module Scullion
  module Recipe
    # What somebody who speaks takes back in the same breath: "six peppers, no wait, four peppers", "a tin of
    # chickpeas no make it three". The second number holds where it is of the same food; whatever else is
    # taken back so is asked about.
    class Corrected
      CHANGED, HOLDS = { "flag" => :changed }.freeze, { "flag" => :instead }.freeze
      # Tokens between an amount and what takes it back, and words that stand before the other one.
      REACH = 8
      NO = %w[no].freeze
      # Words that take something back whatever stands behind them.
      PLAINLY = %w[no scrap scratch wait].freeze
      THEN = %w[it that um uh er sorry make use do say actually just , -].freeze

      # @param tokens [Array<Lexer::Token>] of a line @param lexicon [Lexicon] @return [Array<Lexer::Token>]
      def self.of(tokens, lexicon)
        at, words = back(tokens, lexicon.taken_back)
        return tokens unless at

        flagged = tokens[at].dup.tap { |token| token.value = CHANGED }
        taken_back = [*tokens[0...at], flagged, *tokens[(at + words.size)..]]
        new(taken_back, at).tokens || (PLAINLY.include?(words.first) ? taken_back : tokens)
      end

      # @return [Array(Integer, Array<String>), nil] where something is taken back, and with which words
      def self.back(tokens, phrases)
        tokens.each_with_index do |token, at|
          said =
            phrases[token.word]&.find do |words|
              words.each_with_index.all? { |word, index| tokens[at + index]&.word == word }
            end
          said ||= NO if plainly_no?(tokens, at)
          return at, said if said
        end
        nil
      end

      # "Thirty eggs, no, forty": and neither "no salt" nor "no. 8 scoop".
      def self.plainly_no?(tokens, at)
        tokens[at].word == NO.first && at.positive? && tokens[at - 1].kind == :mark &&
          tokens[at + 1]&.text == "," && tokens[at + 2]&.kind == :amount
      end
      private_class_method :back, :plainly_no?

      # @param at [Integer] of what takes it back
      def initialize(tokens, at)
        @tokens, @at = tokens, at
        @from = ([at - REACH, 0].max...at).reverse_each.find { |each| amount?(each) }
        @to = at + 1
        @to += 1 while THEN.include?(tokens[@to]&.word || tokens[@to]&.text)
      end

      # @return [Array<Lexer::Token>, nil] with the amount that holds, once; nil where no other one is said
      def tokens
        return unless @from && amount?(@to)
        return *@tokens[0...@from], *@tokens[@to..] if foods.empty? && named
        return @tokens unless of_the_same? && amount

        before = [*@tokens[0...@from], with(@from, amount), *@tokens[(@from + 1)...@at]]
        [*before, with(@at, HOLDS), *@tokens[(@to + 1 + said_again)..]]
      end

      private

      def amount?(at) = @tokens[at]&.kind == :amount
      def with(at, value) = @tokens[at].dup.tap { |token| token.value = value }

      # "200 g, no make that 300"
      def amount
        first, second = [@from, @to].map { |at| @tokens[at].value }
        return second if first.unit == second.unit

        first.times(second.value / first.value) if second.unit == :piece && first.value.positive?
      end

      # "Six peppers no wait four courgettes" may be both.
      def of_the_same? = foods.one? && (named.nil? || named.value[:keys] == foods.first.value[:keys])
      def foods = @tokens[@from...@at].select { |token| token.kind == :food }

      # Words behind the number that say again what it is of, and in what it comes.
      def said_again = behind.size + (named ? 1 : 0)
      def behind = @tokens.drop(@to + 1).take_while { |token| holder?(token) }

      def named
        following = @tokens[@to + 1 + behind.size]
        following if following&.kind == :food
      end

      def holder?(token)
        token.word == "of" || (token.kind == :word && token.value.keys.intersect?(%w[containers pieces]))
      end
    end
  end
end
