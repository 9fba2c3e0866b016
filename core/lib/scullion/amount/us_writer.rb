# frozen_string_literal: true

module Scullion
  class Amount
    # Writes weights, volumes and depths in US measures, in steps that a US kitchen can measure:
    # quarter ounces, pounds and ounces above a pound; spoons, cups by the eighth, quarts.
    class UsWriter < Writer
      EIGHTHS = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"].freeze
      CUPS_IN_A_QUART = 4
      # What a table counts in, and how much of the metric unit one is.
      COUNTED = {
        "g" => ["oz", Units::GRAMS["oz"]],
        "ml" => ["fl oz", Units::MILLILITRES["fl oz"]],
        "cm" => ["in", 2.54]
      }.freeze

      def measured(value, unit)
        name, size = COUNTED[unit]
        name ? [(value / size).round(2), name] : super
      end

      def g(grams)
        quarters = (grams / Units::GRAMS["oz"] * 4).round
        return "#{super} (under ¼ oz)" if quarters.zero? && grams.positive?
        return "#{fraction(quarters * 2)} oz" if quarters < 64

        pounds, rest = (grams / Units::GRAMS["oz"]).round.divmod(16)
        rest.zero? ? "#{thousands(pounds)} lb" : "#{thousands(pounds)} lb #{rest} oz"
      end

      def fine_under = serving_step / 2
      def serving_step = Units::GRAMS["oz"] / 4
      def g_whole(grams) = g(grams)
      def g_exact(grams) = g(grams)

      def ml(millilitres)
        if millilitres < @measures.tablespoon
          "#{fraction([(millilitres / @measures.teaspoon * 4).round * 2, 1].max)} tsp"
        elsif millilitres < @measures.cup / 4
          "#{fraction((millilitres / @measures.tablespoon * 2).round * 4)} Tbsp"
        elsif millilitres < @measures.cup * 8
          cups((millilitres / @measures.cup * 8).round)
        else
          "#{fraction((millilitres / @measures.cup / CUPS_IN_A_QUART * 4).round * 2)} qt"
        end
      end

      def cm(value)
        "#{fraction((value / 2.54 * 4).round * 2).then { |inches| inches.empty? ? "0" : inches }} in"
      end

      private

      def cups(eighths) = "#{fraction(eighths)} #{eighths <= 8 ? "cup" : "cups"}"

      def fraction(eighths)
        whole, part = eighths.divmod(8)
        return thousands(whole) if part.zero?

        "#{whole unless whole.zero?}#{EIGHTHS[part]}"
      end
    end
  end
end
