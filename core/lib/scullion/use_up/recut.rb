# frozen_string_literal: true

module Scullion
  class UseUp
    # Cuts of a salad brought together: the largest cut smaller, or the smallest larger, as its food can be
    # cut. What is cooked already keeps its cut.
    class Recut
      # @param components [Array<Hash>] of a salad @param house [House]
      def initialize(components, house)
        @components, @house = components, house
      end

      # @param large [String] name of the component that is too large beside @param small [String]
      # @return [Array<Array<Hash>>] the components with one of the two cut otherwise, the least change first
      def towards(large, small)
        [*cuts(large).reverse, *cuts(small)].uniq
      end

      private

      # With each of its cuts, the finest first.
      def cuts(name)
        index = @components.index { |each| shown(each) == name } or return []
        component = @components[index]
        food = @house.larder.fetch(component["ingredient"])
        food
          .cuts
          .reject { |cut| cut == component["cut"] || mm(cut).nil? }
          .sort_by { |cut| mm(cut) }
          .map { |cut| @components.dup.tap { |all| all[index] = component.merge("cut" => cut) } }
      end

      def shown(component) = component["name"] || @house.larder.fetch(component["ingredient"]).name
      def mm(cut) = @house.practice.cuts.fetch(cut)["mm"]&.sort&.[](1)
    end
  end
end
