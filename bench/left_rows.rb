# frozen_string_literal: true

require_relative "measuring"
require_relative "../core/spec/left_overs"

module Bench
  # What is left, used up: on fridges that no spec has seen.
  module LeftRows
    extend Measuring

    FRIDGES, SMALL = (5001..5200), (6001..6012)

    def self.all = [*generated, against_all]

    def self.generated
      house = Scullion::House.shipped
      composed =
        FRIDGES.map do |seed|
          covers, stocks = LeftOvers.fridge(house, seed)
          Scullion::UseUp::Composed.new(stocks, Scullion::UseUp::Meal.of(covers), house)
        end
      seconds = composed.map { |each| seconds(1, -> { each.sound? }) }
      [
        Figure.new(
          name: "composed from 200 fridges: balanced and safe",
          value: (100.0 * composed.count(&:sound?) / composed.size).round(1),
          unit: "%",
          aim: 95,
          better: "higher"
        ),
        Figure.new(
          name: "composed from a fridge, the slowest of 200",
          value: seconds.max.round(2),
          unit: "s",
          aim: 1,
          better: "lower"
        )
      ]
    end

    # The same rules, and every share of each thing in quarters.
    def self.against_all
      house = Scullion::House.shipped
      pairs =
        SMALL.map do |seed|
          covers, stocks = LeftOvers.fridge(house, seed, size: 3)
          one = Scullion::UseUp::Composed.new(stocks, Scullion::UseUp::Meal.of(covers), house)
          bowl = one.sound? ? one.used.slice(*one.most.keys).values.sum : 0.0
          [bowl, LeftOvers.most_used(house, stocks, covers, steps: 4)]
        end
      Figure.new(
        name: "used of what the best of all shares uses, 12 small fridges",
        value: (100.0 * pairs.sum(&:first) / pairs.sum(&:last)).round(1),
        unit: "%",
        aim: 85,
        better: "higher"
      )
    end
  end
end
