# frozen_string_literal: true

module Scullion
  # What is left, used up: what a cook says of it is read and judged (Left), lots on hand stand beside it, and
  # salads are found that take most of what would be lost: those of the shelf (Shelf), and composed ones
  # (Composed). Rules of the job, "Use-up".
  class UseUp
    # How many of the shelf are offered, and how many composed ones after each other, each of what the one
    # before leaves.
    MOST, COMPOSED = 8, 2
    LINES = 60
    # g that nobody composes with.
    LITTLE = 50.0

    # One way to use it. salad: a document to make, of a composed one; key: of one of the shelf; used: g by
    # stock.
    Offer =
      Struct.new(:key, :name, :salad, :used, :cupboard, keyword_init: true) do
        def grams = used.values.sum(0.0)
        def worth = used.sum(0.0) { |stock, grams| stock.price * grams }
      end

    # What a component is prepared as, of whatever weight. @param component [Hash] @return [String]
    def self.preparation(component, house)
      Salad::Component.new(
        ingredient: house.larder.fetch(component["ingredient"]),
        grams: 1.0,
        role: component["role"],
        trim: component["trim"],
        cut: component["cut"],
        treat: component["treat"],
        cook: component["cook"] || Salad::Component::RAW
      ).preparation
    end

    attr_reader :left, :stocks

    # @param written [String] what is left, one thing a line @param held [Array<Record::ColdRoom::Held>]
    # @param salads [Array<Salad>] of the shelf @param used [String] when the last of it is eaten, ISO text
    # @param today [Date]
    def initialize(written, held, salads, house, covers:, used:, today:, serves_as: "main")
      @house, @salads, @covers, @serves_as = house, salads, covers, serves_as
      eaten = Date.iso8601(used[0, 10])
      @left =
        written
          .lines
          .map(&:strip)
          .reject(&:empty?)
          .first(LINES)
          .map { |line| Left.new(line, house, today: today, used: eaten) }
      good = held.select { |each| each.lot.component && each.free.to_f >= LITTLE && each.lot.discard >= used }
      @stocks =
        good.map { |each| Stock.of_lot(each, house) } +
          left.select { |each| each.fate?("use") }.map { |each| Stock.of_left(each) }
    end

    # g that would be lost, and what they are worth.
    def grams = stocks.sum(0.0, &:grams)
    def worth = stocks.sum(0.0, &:worth)

    # Best first. @return [Array<Offer>]
    def offers
      @offers ||=
        (composed + shelf)
          .select { |offer| offer.grams >= LITTLE }
          .sort_by { |offer| -offer.grams }
          .first(MOST)
    end

    # @return [Array<Array(Stock, Float)>] what an offer leaves, g
    def still(offer)
      stocks
        .map { |stock| [stock, stock.grams - offer.used.fetch(stock, 0.0)] }
        .select { |_, grams| grams >= Record::ColdRoom::NOTHING }
    end

    private

    def shelf
      @salads
        .map { |salad| Shelf.new(salad, stocks, @covers, @house) }
        .select { |each| each.used.any? }
        .map { |each| Offer.new(key: each.salad.key, name: each.salad.name, used: each.used) }
    end

    def composed
      COMPOSED
        .times
        .reduce([[], stocks]) do |(found, left), _|
          offer = compose(left) or break found, left
          [found + [offer], remaining(left, offer)]
        end
        .first
    end

    def compose(stocks)
      composed = Composed.new(stocks, @covers, @house, serves_as: @serves_as)
      return unless composed.sound?

      there = stocks.map(&:ingredient)
      cupboard =
        composed.trial.salad.components.reject { |each| there.include?(each.ingredient.key) }.map(&:name)
      Offer.new(name: composed.salad["name"], salad: composed.salad, used: composed.used, cupboard: cupboard)
    end

    # What an offer leaves the most of.
    def remaining(left, offer)
      left.reject { |stock| offer.used.fetch(stock, 0.0) >= stock.grams - LITTLE }
    end
  end
end
