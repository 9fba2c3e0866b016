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
    # So many salads are planned on the way to all of the composed ones, so that nobody waits.
    TRIES = 100

    # One way to use it. salad: a document to make, of a composed one; key: of one of the shelf; used: g by
    # stock; minded: what is to be minded of how long it holds; after: the one that it is of what is left of.
    Offer =
      Struct.new(:key, :name, :salad, :used, :cupboard, :minded, :after, keyword_init: true) do
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
    # @param builds [Array<Hash>] salads of the shelf, as a brief has them @param meal [Meal]
    # @param date [String] of the meal, ISO text @param today [Date]
    def initialize(written, held, builds, house, meal:, date:, today:)
      @house, @builds, @meal = house, builds, meal
      eaten = meal.eaten(Date.iso8601(date))
      used = "#{eaten.iso8601}T#{meal.hours.last}"
      @left =
        written
          .lines
          .map(&:strip)
          .reject(&:empty?)
          .first(LINES)
          .map { |line| Left.new(line, house, today: today, used: eaten) }
      good = held.select { |each| each.lot.component && each.free.to_f >= little && each.lot.discard >= used }
      @stocks =
        good.map { |each| Stock.of_lot(each, house) } +
          left.select { |each| each.fate?("use") }.map { |each| Stock.of_left(each) }
    end

    # g that would be lost, and what they are worth.
    def grams = stocks.sum(0.0, &:grams)
    def worth = stocks.sum(0.0, &:worth)

    # Best first; what is composed of what another leaves follows that one. @return [Array<Offer>]
    def offers
      @offers ||=
        (composed + shelf)
          .select { |offer, _| offer.grams >= little }
          .sort_by { |offer, _| offer.after ? [-offer.after.grams, 1] : [-offer.grams, 0] }
          .lazy
          .select { |_, shelf| shelf.nil? || shelf.stands? }
          .first(MOST)
          .map { |offer, shelf| offer.tap { offer.minded = shelf ? shelf.minded : [] } }
    end

    # @return [Array<Array(Stock, Float)>] what an offer leaves, g
    def still(offer)
      stocks
        .map { |stock| [stock, stock.grams - offer.used.fetch(stock, 0.0)] }
        .select { |_, grams| grams >= Record::ColdRoom.nothing(@house.practice) }
    end

    private

    # g that nobody composes with.
    def little = @house.practice.fetch("use_up/least/all_grams")

    def shelf
      @builds
        .map { |build| Shelf.new(build, stocks, @meal, @house) }
        .select { |each| each.suits? && each.used.any? }
        .map { |each| [Offer.new(key: each.salad.key, name: each.salad.name, used: each.used), each] }
    end

    # One, and of what that leaves another.
    def composed
      there, tries, found = stocks.to_h { |stock| [stock, stock.grams] }, TRIES, []
      COMPOSED.times do
        parts = there.select { |_, grams| grams >= Record::ColdRoom.nothing(@house.practice) }
        parts = parts.to_h { |stock, grams| [stock.part(grams), stock] }
        composed = Composed.new(parts.keys, @meal, @house, tries: tries)
        break unless composed.sound?

        found << offer(composed, composed.used.transform_keys(parts), found.last)
        found.last.used.each { |stock, grams| there[stock] -= grams }
        tries = composed.tries
      end
      found
    end

    def offer(composed, used, after)
      there = stocks.map(&:ingredient)
      cupboard =
        composed.trial.salad.components.reject { |each| there.include?(each.ingredient.key) }.map(&:name)
      salad = composed.salad
      Offer.new(name: salad["name"], salad: salad, used: used, cupboard: cupboard, after: after)
    end
  end
end
