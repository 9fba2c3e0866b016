# frozen_string_literal: true

module Scullion
  module Hold
    # How many days the house rules let a food be kept, the day that it is made being the first: by the set,
    # and fewer for cooked rice and the like where the set says so.
    class Dates
      RICE = Safety::Line::RICE

      # @param brief [Brief]
      def initialize(brief)
        @rules = brief.rules
        @code = Safety::Catalogue.shipped.code(@rules.key)
      end

      # @param component [Salad::Component] @return [Integer] days
      def days_of(component)
        all = @rules.fetch("days").to_i
        return [all, component.made.keeping.days].min if component.made

        component.method && component.ingredient.key.match?(RICE) ? [all, @code["rice_days"]].min : all
      end

      # Of a mix: the earliest of its parts. @param components [Array<Salad::Component>]
      def days_of_all(components)
        components.select(&:tcs?).map { |component| days_of(component) }.min || @rules.fetch("days").to_i
      end
    end
  end
end
