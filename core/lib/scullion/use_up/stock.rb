# frozen_string_literal: true

module Scullion
  class UseUp
    # Something that can be used: how it comes into a salad, and g of it, finished. made: it is so already,
    # and is neither bought nor made again; worth: of all of it, in money; until: the minute that it is to be
    # thrown, as ISO text, nil where that is not said; code: of its lot; bought: g as they lie there, of what
    # is raw; blended: it goes into the dressing, tired as it is.
    Stock =
      Struct.new(
        :name,
        :component,
        :grams,
        :made,
        :worth,
        :until,
        :code,
        :bought,
        :blended,
        keyword_init: true
      ) do
        # @param left [Left] @return [Stock]
        def self.of_left(left)
          new(
            name: left.ingredient.name,
            component: left.component,
            grams: left.finished,
            made: left.ready?,
            worth: left.worth,
            bought: left.ready? ? nil : left.usable,
            blended: left.way_in.dressing?
          )
        end

        # @param held [Record::ColdRoom::Held] of a lot that knows its component @param house [House]
        # @return [Stock]
        def self.of_lot(held, house)
          component = held.lot.component
          price = house.larder[component["ingredient"]]&.figures&.[]("price/per_kg") || 0.0
          new(
            name: held.lot.name,
            component: component,
            grams: held.grams,
            made: true,
            worth: held.grams / 1000 * price,
            until: held.lot.discard,
            code: held.lot.code
          )
        end

        # So many g of it.
        def part(some)
          return self if some >= grams

          share = some / grams
          dup.tap do |part|
            part.grams, part.worth, part.bought = some, worth * share, bought && (bought * share)
          end
        end

        # What must go first comes first: odds before everything that has a date.
        def first = self.until.to_s
        def role = component["role"]
        def ingredient = component["ingredient"]

        # In money for a g of it.
        def price = grams.positive? ? worth / grams : 0.0
      end
  end
end
