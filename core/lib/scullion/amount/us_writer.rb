# frozen_string_literal: true

module Scullion
  class Amount
    # Writes weights, volumes and heat in US measures, in steps that a US kitchen can measure:
    # quarter ounces, pounds and ounces above a pound; spoons, cups by the eighth, quarts.
    module UsWriter
      EIGHTHS = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"].freeze
      CUP, TABLESPOON, TEASPOON = 236.588, 14.787, 4.929

      class << self
        # @param grams [Numeric] @return [String]
        def g(grams)
          quarters = (grams / Units::GRAMS["oz"] * 4).round
          return "#{Writer.g(grams)} (under ¼ oz)" if quarters.zero? && grams.positive?
          return "#{fraction(quarters * 2)} oz" if quarters < 64

          pounds, rest = (grams / Units::GRAMS["oz"]).round.divmod(16)
          rest.zero? ? "#{pounds} lb" : "#{pounds} lb #{rest} oz"
        end

        # @param millilitres [Numeric] @return [String]
        def ml(millilitres)
          if millilitres < TABLESPOON then "#{fraction([(millilitres / TEASPOON * 8 / 2).round * 2, 1].max)} tsp"
          elsif millilitres < CUP / 4 then "#{fraction((millilitres / TABLESPOON * 2).round * 4)} Tbsp"
          elsif millilitres < CUP * 8 then "#{cups = fraction((millilitres / CUP * 8).round)} #{cups.match?(/\A(?:1|[⅛¼⅜½⅝¾⅞])\z/) ? 'cup' : 'cups'}"
          else "#{fraction((millilitres / CUP / 4 * 4).round * 2)} qt"
          end
        end

        # @param degrees [Numeric] °C @return [String] °F to the nearest 5
        def celsius(degrees) = "#{(((degrees * 9 / 5.0) + 32) / 5).round * 5} °F"

        private

        def fraction(eighths)
          whole, part = eighths.divmod(8)
          return whole.to_s if part.zero?

          "#{whole unless whole.zero?}#{EIGHTHS[part]}"
        end
      end
    end
  end
end
