# frozen_string_literal: true

module Scullion
  module Recipe
    # Rows numbered in their order, below a list that is not: the steps, whatever they begin with
    # ("1/ farro 25 min in salted water", "2/ mushrooms in batches, smoking pan").
    module NumberedSteps
      NUMBER = %r{\A\s*(?<number>\d{1,2})\s?(?:[.):/]|[-–](?=\s))\s*(?=[[:alpha:]])}.freeze
      # "1 Beans on with the onion, simmer 55 mins.": a sentence of its own.
      SENTENCE = /\A\s*(?<number>\d{1,2})\s+(?=[[:upper:]][[:lower:]]+\s.{24,}[.!]\s*\z)/.freeze
      # So many rows of a list stand above them.
      LISTED = 2

      module_function

      # @param texts [Array<String>] all rows @yield [String] a row without its number: is it of a list?
      # @return [Set<String>]
      def among(texts, &listed)
        above = 0
        in_order(texts).each_with_object(Set.new) do |run, found|
          next above += run.count(&listed) unless begins?(run)

          rows = run.map { |text| bare(text) }
          found.merge(run) if above >= LISTED && rows.count(&listed) * 2 <= rows.size
        end
      end

      # @return [Array<Array<String>>] those that are numbered one after the other, from the first
      def runs(texts) = in_order(texts).select { |run| begins?(run) }
      def begins?(run) = run.size > 1 && number(run.first) == 1
      def bare(text) = text.sub(text.match?(NUMBER) ? NUMBER : SENTENCE, "")

      def in_order(texts)
        texts.slice_when { |one, other| number(one).nil? || number(other) != number(one) + 1 }
      end

      def number(text) = (text[NUMBER, :number] || text[SENTENCE, :number])&.to_i
    end
  end
end
