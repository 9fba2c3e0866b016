# frozen_string_literal: true

module Scullion
  class Salad
    # A build made larger or smaller by role, not by blind multiplication: what fills follows
    # further, what is strong follows less, and the dressed portion lands on the target exactly.
    class Resize
      STEPS = 60

      # @param salad [Salad] @param practice [Practice]
      def initialize(salad, practice)
        @salad, @practice = salad, practice
      end

      # @param target [Float] g, dressed; a dressing as written keeps its share of the components
      # @return [Array<Float>] g of each component, to a tenth
      def to(target)
        low, high = 0.01, 100.0
        STEPS.times do
          ((low + high) / 2).then { |middle| dressed(middle) < target ? low = middle : high = middle }
        end
        grams(high).map { |grams| grams.round(1) }
      end

      private

      def grams(factor)
        @salad.components.map do |component|
          component.grams * (factor**@practice.fetch("roles/#{component.role}/stretch"))
        end
      end

      def dressed(factor)
        made = grams(factor)
        made.sum + dressing(made)
      end

      def dressing(made)
        return 0.0 unless @salad.dressing
        return @salad.dressing.grams * made.sum / @salad.components.sum(&:grams) if @salad.dressing.grams

        made.each_with_index.sum { |grams, index| grams * uptakes[index] / 100 }
      end

      def uptakes
        @uptakes ||=
          @salad.components.map { |component| @practice.fetch("dressing/uptake/#{component.uptake_class}") }
      end
    end
  end
end
