# frozen_string_literal: true

module Scullion
  module Exchange
    # What is left and what can be made of it, as it goes in and out; and the salad and the service that one
    # of the offers becomes.
    class LeftOvers
      # @param asked [Hash] left (text), covers, date, from, to, serves_as, suits; lots: false for none
      # @param house [House] @param held [Array<Record::ColdRoom::Held>] @param today [Date]
      def initialize(asked, house, held, today)
        @asked, @house = asked, house
        @salads = Records::Salad.for_planning.order(:name).to_h { |each| [each.key, each] }
        @use_up =
          UseUp.new(
            asked["left"].to_s,
            asked["lots"] == false ? [] : held,
            @salads.values.map(&:to_build),
            house,
            meal: meal,
            date: asked["date"],
            today: today
          )
      end

      # @return [Hash] ready for JSON
      def to_h
        {
          "left" => @use_up.left.map { |each| left(each) },
          "grams" => writer.g(@use_up.grams),
          "worth" => writer.money(@use_up.worth),
          "lots" => @use_up.stocks.select(&:code).map { |stock| stock_words(stock, stock.grams) },
          "offers" => offers.map { |id, offer| offer_words(id, offer) }
        }
      end

      # Makes a service of an offer, and its salad where that is composed. @param id [String]
      # @return [Records::Service, nil] nil where there is no such offer any more
      def make(id, name)
        offer = offers[id] or return
        Records::Service.transaction do
          salad = offer.key ? @salads.fetch(offer.key) : composed(offer)
          service = Records::Service.new.write(service_document(salad, offer, name))
          lots = lots(salad, offer)
          service.keep_day({ "lots" => lots }, seen: nil) if lots.any?
          service.reload
        end
      end

      private

      def meal
        @meal ||=
          UseUp::Meal.of(
            @asked["covers"],
            serves_as: @asked["serves_as"] || "main",
            hours: @asked.values_at("from", "to"),
            suits: @asked["suits"] || []
          )
      end

      def writer = @house.practice.writer

      def read(build) = Salad::Form.read(DocumentReader.new(build), @house)

      # By what they are called here. @return [Hash{String=>UseUp::Offer}]
      def offers
        composed = 0
        @offers ||= @use_up.offers.to_h { |offer| [offer.key || "composed-#{composed += 1}", offer] }
      end

      def left(each)
        {
          "text" => each.text,
          "name" => each.ingredient&.name,
          "colour" => each.ingredient&.colour,
          "fate" => each.fate,
          "why" => each.why,
          "source" => each.source,
          "conditions" => each.conditions.map(&:name),
          "grams" => each.grams && writer.g(each.grams),
          "usable" => each.fate?("use") ? writer.g(each.usable) : nil
        }.compact
      end

      def stock_words(stock, grams)
        food = @house.larder.fetch(stock.ingredient)
        {
          "name" => stock.name,
          "code" => stock.code,
          "colour" => food.colour,
          "grams" => grams.round(1),
          "of" => stock.grams.round(1),
          "text" => writer.g(grams),
          "all" => writer.g(stock.grams)
        }.compact
      end

      def offer_words(id, offer)
        {
          "id" => id,
          "salad" => offer.key,
          "name" => offer.name,
          "composed" => offer.key.nil?,
          "after" => !offer.after.nil?,
          "text" => writer.g(offer.grams),
          "share" => (offer.grams / @use_up.grams).round(4),
          "worth" => writer.money(offer.worth),
          "uses" => offer.used.sort_by { |_, grams| -grams }.map { |stock, grams| stock_words(stock, grams) },
          "still" => @use_up.still(offer).map { |stock, grams| still(stock, grams) },
          "cupboard" => offer.cupboard || [],
          "minded" => offer.minded,
          "components" => offer.salad ? plate(offer.salad) : []
        }.compact
      end

      # With what else it is good for.
      def still(stock, grams)
        {
          **stock_words(stock, grams),
          "use" => @house.larder.fetch(stock.ingredient).facts["surplus"]
        }.compact
      end

      def plate(salad)
        salad["components"].map do |component|
          food = @house.larder.fetch(component["ingredient"])
          {
            "name" => component["name"] || food.name,
            "colour" => food.colour,
            "text" => writer.g(component["grams"]),
            "grams" => component["grams"]
          }
        end
      end

      def composed(offer)
        key = free_key(offer.salad["key"])
        Records::Salad.new.write(read(offer.salad.merge("key" => key)))
      end

      def free_key(key)
        taken = Records::Salad.where("key LIKE ?", "#{key}%").pluck(:key)
        [key, *(2..).lazy.map { |number| "#{key}-#{number}" }.first(taken.size + 1)].find do |each|
          !taken.include?(each)
        end
      end

      def service_document(salad, offer, name)
        raw = offer.used.keys.reject(&:made).group_by(&:ingredient)
        {
          "name" => name,
          **@asked.slice("date", "from", "to", "covers"),
          "over_prep" => Service::OVER_PREP,
          "stock" => raw.transform_values { |all| all.sum(&:bought).round(1) },
          "lines" => [{ "salad" => salad.key }]
        }
      end

      # What is made already, as the day keeps it.
      def lots(salad, offer)
        made = UseUp::Shelf.new(salad.to_build, offer.used.keys.select(&:made), meal, @house).made
        made.flat_map { |preparation, stocks| stocks.map { |stock, grams| lot(preparation, stock, grams) } }
      end

      def lot(preparation, stock, grams)
        {
          "preparation" => preparation,
          "code" => stock.code,
          "name" => stock.code ? "lot #{stock.code}" : "what is left",
          "grams" => grams.round(1),
          "discard" => stock.until
        }.compact
      end
    end
  end
end
