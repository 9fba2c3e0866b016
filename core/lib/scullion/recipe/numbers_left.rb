# frozen_string_literal: true

module Scullion
  module Recipe
    # The numbers of a line that none of its foods has: "2 kg yoghurt strained to 1.4", "10 oranges, 4 of them
    # for the bar". Whoever wrote them meant something by them, so they are asked about; not so what says the
    # same again, as a count beside a weight, and what is no amount: heat, time, nutrition, price.
    class NumbersLeft
      # "Half of them" is a number too.
      SHARE = /\A(?:half|an?\s+third|two\s+thirds|an?\s+quarter)\s+of\z/i.freeze
      # Behind a bare number that is no amount of the food.
      PEOPLE =
        "people|ppl\\b|pax\\b|pers\\b|guest|box|lunch|cover|portion|serv|plate|head|person|of\\sus\\b".freeze
      WHEN = "min|days?\\b|week|month|years?\\b|yr|old\\b|times?\\b|am\\b|pm\\b|(?:th|st|nd|rd)\\b".freeze
      NUTRITION = "k?cal|prot|carb|ct\\b".freeze
      PIECES = "slic|piec|wedge|wdg|bit|chunk|hal[fv]|fillet|ball|sprig|side|ways?\\b|parts?\\b|batch".freeze
      HEAT = "degree|c\\b|fan\\b|for\\s\\d|,?\\s\\d+\\s?(?:min|m\\b|h\\b|hr|hour|')".freeze
      ELSE =
        %r{\A\s*(?:#{PEOPLE}|#{WHEN}|#{NUTRITION}|#{PIECES}|#{HEAT}|[%\d]|/\s*\d|x\b|p\b|inch|:\s?\d
          |of\s(?!it\b|th|which)|[^→;]{0,20}→|-?\s*make\b)}ix.freeze
      # Before it.
      COOKED = "#{TimeAndHeat::COOKED}|toast|fr[iy]|rest".freeze
      ELSE_BEFORE =
        %r{(?:[@£$€#x×/]|\d\s?:
             |\b(?:size|no\.?|grade|type|aged|step|p\.|page|in|into|at|for|serves|feeds|oven
              |(?:#{COOKED})[a-z]*(?:\soff|\shard)?))\s*\z
          |[\d'′]\s*(?:h|hrs?|mins?)?\s*\z|→[^→;]*\z}ix.freeze
      # A second way to say how much: in brackets, behind "or", "about", "=", and what they stand behind.
      AGAIN =
        /(?:\((?=[^)]*\z)|[=~≈<+–-]|\d\s?x
           |\b(?:or|about|around|approx\.?|roughly|say|i\.?e\.?|is|get|gives|makes|leaves|yields?|total|AP
              |incl\w*))
         [^\d;]{0,16}\z/x.freeze
      SAID_AGAIN =
        /\A[^\d(;]{0,40}\((?:(?:about|dry|peeled|drained|weight)\s)*\d
         |\A\s?(?:[[:alpha:]]{0,4}\s?→|[+])\s*\d/ix.freeze
      GOES = /\A\s*(?:to\s+)?(?:go(?:es)?\s+)?(?:through|over|under|underneath|on\s+top|into|for)\b/i.freeze
      BEHIND_ONE = /(?:[,;]|\band)\s*\z/i.freeze
      GOES_TOO = /\A\s*(?:(?-i:[[:alpha:]]+)\s+){0,2}(?:in|into|for|on)\s+the\b/i.freeze
      # "1 kg grated, 1 kg cooked, cubed"
      DONE_TO_IT = /\A\s*(?!red\b)(?:cooked|raw|\w+(?:ed|ced|ted))\b/i.freeze
      KIND_BETWEEN = /\d\s+(?-i:[[:alpha:]]{3,})\s+\z/.freeze
      OF_A_DRESSING =
        /\A\s*(?!in\s)(?:(?-i:[[:alpha:]-]+)\s+){0,3}(?:dressing|sauce|vinaigrette)\b|\A\s*prot/i.freeze
      CELSIUS = /\A\d{1,3}C\z|\A\d{3}c\z/.freeze
      EACH =
        %r{\A\s*(?:each\b|per\b
           |/\s*(?:#{PEOPLE}|pp?\b|(?:pot|tub|jar|bowl|tray)s?\b|k?g\b|l\b|lit(?:re|er)|each))}ix.freeze
      # Flags of what has been counted apart.
      COUNTED = %i[as_bought shared].freeze

      # @param plain [String] the line as its tokens count their places @param tokens [Array<Lexer::Token>]
      def initialize(plain, tokens)
        @plain, @tokens = plain, tokens
      end

      # Says of each which number it is. @param items [Array<Item>] with all that is known of them
      def of(items)
        first, *others = @tokens.select { |token| token.kind == :amount }
        @numbers = [first, *others.select { |token| token.text.match?(/\d|#{SHARE}/o) }].compact
        return if @numbers.size < 2

        @known = items.flat_map { |item| known(item) } + sums(items)
        @numbers
          .drop(1)
          .reject { |token| had?(token) && !part_of_all?(token, items) }
          .each { |token| left(token, items) }
      end

      private

      def left(token, items)
        item = items.reverse.find { |each| each.food? && each.from <= token.at } || items.find(&:food?)
        item.left ||= token.text if item && !told_apart?(item, items, token)
      end

      # What is held back of it, what was lost by trimming and what goes two ways has been counted.
      def told_apart?(item, items, token)
        item.held || item.flags.intersect?(COUNTED) || trimmed?(item, token) ||
          amounts_of(item, items).uniq.size > 1
      end

      # "3.5 kg leeks, 2 kg trimmed", "(2 kg)"; not "3 kg swede, diced; 500 g grated".
      def trimmed?(item, token)
        item.said?(:prepared) && (bracketed?(token) || item.amount.value != @numbers.first.value.value)
      end

      def amounts_of(item, items)
        items.select { |other| other.foods == item.foods }.map { |each| each.amount&.value }
      end

      def known(item)
        amounts = [item.amount, *(item.size unless twice_weighed?(item))].compact
        both = amounts.size == 2 ? [amounts.first.value * amounts.last.value] : []
        [*amounts.flat_map { |each| [each.low, each.high] }, *both, item.long].compact.map(&:to_f)
      end

      # "3 kg potatoes, 1 kg purple": a second weight is no size of one.
      def twice_weighed?(item)
        %i[g ml].include?(item.amount&.unit) && item.container.nil? && !item.said?(:drained)
      end

      # "500 g each of red and white", "6 (4 in, 2 on top)"
      def sums(items)
        amounts = items.filter_map(&:amount)
        return [] if amounts.size < 2 || amounts.map(&:unit).uniq.size > 1

        whole = amounts.sum(&:value)
        [whole, *(amounts.map { |each| each.value / whole } if whole.positive?)]
      end

      def had?(token)
        return false if told_twice?(token)

        said_else?(token) || [token.value.low, token.value.high].all? { |number| known?(number) }
      end

      # "300 g rocket to go under, 300 g through", "chicory red 12 white 12": as much again.
      def told_twice?(token)
        return false unless token.value.value == @numbers.first.value.value
        return before(token).match?(KIND_BETWEEN) || parted?(token) if token.value.unit == :piece

        before(token).match?(/[,;]\s*\z/) && (after(token).match?(GOES) || after(token).match?(DONE_TO_IT))
      end

      # "1 clove in the pot, 1 crushed in the dressing", "8 torn and 8 crisped"
      def parted?(token)
        before(token).match?(BEHIND_ONE) && [GOES_TOO, DONE_TO_IT].any? { |goes| after(token).match?(goes) }
      end

      def known?(number)
        @known.any? { |each| (each - number).abs <= Amounted::SAME * [each.abs, number.abs].max }
      end

      def said_else?(token)
        before, after = before(token), after(token)
        return true if token.text.match?(CELSIUS) || before.match?(AGAIN) || then_cooked?(before, after)
        return true if [EACH, SAID_AGAIN, OF_A_DRESSING].any? { |pattern| after.match?(pattern) }

        bare = token.value.unit == :piece && (after.match?(ELSE) || before.match?(ELSE_BEFORE))
        bare || measured_too?(token, after)
      end

      # "1 cup dry rice → 3 cups cooked"
      def then_cooked?(before, after)
        before.match?(/→\s*\z/) &&
          (after.match?(/\A\s*(?:when\s+)?cooked\b/i) || before.match?(/\b(?:dry|raw)\s*→\s*\z/i))
      end

      # "12 eggs (6 boiled, 6 for mayonnaise)": parts in a bracket that are all of it together.
      def part_of_all?(token, items)
        whole = items.find(&:food?)&.amount
        return false unless [whole, token.value].all? { |each| each&.unit == :piece }

        inside = @numbers.drop(1).select { |each| bracketed?(each) && each.value.unit == :piece }
        inside.size > 1 && inside.include?(token) && inside.sum { |each| each.value.value } == whole.value
      end

      def bracketed?(token) = before(token).match?(/\([^)]*\z/)

      # "6 oz parsley, chopped, 3 cups"
      def measured_too?(token, after)
        token.value.unit == :ml && @numbers.first.value.unit == :g && after.match?(/\A\s*(?:[,;.]|\z)/)
      end

      def before(token) = @plain.byteslice(0...token.at).to_s.scrub("")
      def after(token) = @plain.byteslice((token.at + token.text.bytesize)..).to_s.scrub("")
    end
  end
end
