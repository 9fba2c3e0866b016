# frozen_string_literal: true

module Scullion
  class Salad
    # Grams per serving from what a cook wrote beside a component.
    module WrittenGrams
      # @param text [String] e.g. "120 g", "½ cup", "1 medium carrot"
      # @return [Float] g
      # @raise [UnreadableAmount] @raise [MissingFigure]
      def self.read(text, component, practice)
        amount = practice.reader.read(text)
        unless amount.rest.empty? || component.ingredient.called?(amount.rest) ||
                 component.name.casecmp?(amount.rest)
          unreadable(
            "Cannot read #{Fault.shown(amount.rest)} in #{Fault.shown(text)}: it is neither a unit " \
              "nor " \
              "#{component.ingredient.name}."
          )
        end
        grams = amount.grams(component.ingredient, component.form)
        unless grams.between?(0.1, 5000)
          unreadable("#{Fault.shown(text)} is outside 0.1 g to 5 kg a serving.")
        end
        grams.round(2)
      end

      def self.unreadable(what)
        raise UnreadableAmount,
              Fault.new(
                what: what,
                where: "amount",
                remedy: "Write a number and a unit, for example 120 g, ½ cup or 2 Tbsp."
              )
      end
      private_class_method :unreadable
    end
  end
end
