# frozen_string_literal: true

module Scullion
  class Salad
    # A component cooked or treated another way. Its grams a serving are the cook's and stay, but for what a
    # treatment can swell: crisp bread that is moistened instead is the same bread, and no longer its weight.
    class AnotherWay
      TREATED = %w[treat treat_minutes].freeze

      # @param component [Hash] as a salad has it, with "grams" @param house [House]
      # @param way [Hash] its "cook", "treat" and how long that stands then; without one of them, none
      def initialize(component, way, house)
        @before, @house = component, house
        @after = component.except("cook", *TREATED).merge(way.slice("cook", *TREATED).compact)
      end

      # @return [Hash] the component then
      def to_h
        return @after unless swells?

        grams = @before["grams"] / left(@before) * left(@after)
        @after.merge("grams" => grams.round(1).clamp(Component::GRAMS.begin, Component::GRAMS.end))
      end

      private

      def swells? = @house.practice.keys("treats").any? { |treat| gain(treat) }
      def gain(treat) = @house.larder.fetch(@before["ingredient"]).figures["treats/#{treat}/gain"]

      # g ready of a g that is cut.
      def left(component)
        return gain(component["treat"]) || 1.0 unless component["cook"]

        @house.left_after(component) || 1.0
      end
    end
  end
end
