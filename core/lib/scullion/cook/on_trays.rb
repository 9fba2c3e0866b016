# frozen_string_literal: true

module Scullion
  module Cook
    # What trays in an oven hold of the kitchen.
    module OnTrays
      # Ovens are set in steps; a few degrees apart is the same heat.
      STEP = 10

      # @param celsius [Float]
      # @param trays [Integer] at once, no more than the largest oven and the kitchen have
      # @return [Array<Demand>]
      def self.demands(kitchen, celsius, trays)
        tray = kitchen.trays.last
        most = kitchen.ovens.map(&:positions).max
        [
          Demand.new(
            kind: "oven",
            amount: trays.to_i.clamp(1, most),
            mode: (celsius / STEP.to_f).round * STEP
          ),
          Demand.new(kind: "tray-#{tray.key}", amount: trays.to_i.clamp(1, tray.count))
        ]
      end
    end
  end
end
