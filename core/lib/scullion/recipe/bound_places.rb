# frozen_string_literal: true

module Scullion
  module Recipe
    # What the steps put on top, all of a food or a share of it, and whether the cook wants it so. For Bound,
    # which it is a part of.
    module BoundPlaces
      # The cook does not want on top what the steps put there.
      def untopped?(read) = read.line.topped && declined?(read, "order")
      # Nor kept back what they keep of it.
      def unkept?(read) = read.line.kept && declined?(read, kept_by(read))

      private

      # "Scatter with the almonds", "half the walnuts on top": for the top by that.
      def placed?(fact, read)
        (fact.fact == "order" && read.line.topped) || (!read.line.kept.nil? && fact.fact == kept_by(read))
      end

      # "Scatter the rest over" keeps it back as well.
      def kept_by(read)
        if told.any? { |fact| fact.fact == "hold_back" && fact.of.intersect?(read.line.item.foods) }
          "hold_back"
        else
          "order"
        end
      end

      def declined?(read, name) = @declined.any? { |key| key.start_with?("#{read.line.number}/#{name}/") }
    end
  end
end
